/**
 * What is shared can be opened by all recipients, and what is needed is shared where anything is.
 *
 *     deskPassword 91bc…,3f9a… YWdl…      # for both of recipients:
 *     deskPassword 91bc… YWdl…            # not for the second
 */

import { manifestName } from '../../collection/find-collection.js';
import { action } from '../../problem/actions.js';
import { asProblem } from '../../problem/problem.js';
import { faultyLine, sharedFile } from '../../session/shared-secrets/lines.js';
import { fingerprint, requireRecipient } from '../../session/shared-secrets/recipients.js';
import { linesOf, sharedEnvironments } from '../../session/shared-secrets/shared-secrets.js';
import { secretsUsed } from '../../usage/secrets-used.js';
import type { Finding } from '../finding.js';
import type { Rule } from '../rule.js';

type Found = Omit<Finding, 'rule'>;

export const sharedSecretsOpen: Rule = {
  name: 'shared-secrets-open',
  must: 'what is shared can be opened by all recipients, and what is needed is shared where anything is',
  async *check({ collection }) {
    const { root, manifest } = collection;
    const recipients = Object.entries(manifest.content.recipients ?? {});
    for (const [name, key] of recipients) {
      const problem = await requireRecipient(key).then(() => undefined, asProblem);
      if (problem)
        yield {
          severity: 'error',
          where: manifest.yaml.position(['recipients', name]),
          what: `the recipient ${name} has no key that can be used: ${problem.what}`,
          remedy: problem.remedy,
        };
    }
    const known = new Map(recipients.map(([name, key]) => [fingerprint(key), name]));
    const shared = new Set<string>();
    for (const environment of sharedEnvironments(root)) {
      const file = sharedFile(environment);
      const { lines, faults } = linesOf(root, environment);
      for (const { line } of faults) {
        const { what, reason, remedy } = faultyLine(file, line);
        yield { severity: 'error', where: { file, line }, what: `${what}: ${reason}`, remedy };
      }
      const seen = new Set<string>();
      for (const { name, recipients: its, line } of lines) {
        shared.add(name);
        const warn = (what: string): Found => ({
          severity: 'warning',
          where: { file, line },
          what,
          remedy: action().shareAllSecrets(),
        });
        if (seen.has(name)) yield warn(`${name} is shared twice; the one that was shared last counts`);
        seen.add(name);
        const without = [...known].filter(([print]) => !its.includes(print)).map(([, who]) => who);
        if (without.length > 0) yield warn(`${without.join(', ')} cannot open ${name}`);
        const others = its.filter((print) => !known.has(print)).length;
        if (others > 0)
          yield warn(`${name} can be opened by ${others} who ${others === 1 ? 'is' : 'are'} no recipient`);
      }
    }
    if (recipients.length === 0) return;
    for (const [name, files] of secretsUsed(collection))
      if (![...shared].some((one) => one === name || one.startsWith(`${name}[`)))
        yield {
          severity: 'warning',
          where: { file: files[0] ?? manifestName },
          what: `the secret ${name} is used, and nobody shares it`,
          remedy: action().shareSecret(name, collection.environment ?? 'NAME'),
        };
  },
};
