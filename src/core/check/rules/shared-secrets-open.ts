/**
 * Every recipient can decrypt every shared secret, and, in a collection with recipients, every secret in use is shared.
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
  must: 'every recipient can decrypt every shared secret, and every secret in use is shared',
  async *check({ collection }) {
    const { root, manifest } = collection;
    const recipients = Object.entries(manifest.content.recipients ?? {});
    for (const [name, key] of recipients) {
      const problem = await requireRecipient(key).then(() => undefined, asProblem);
      if (problem)
        yield {
          severity: 'error',
          where: manifest.yaml.position(['recipients', name]),
          what: `the key of the recipient ${name} is invalid: ${problem.what}`,
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
        if (seen.has(name)) yield warn(`${name} is shared twice; the latest one is used`);
        seen.add(name);
        const without = [...known].filter(([print]) => !its.includes(print)).map(([, who]) => who);
        if (without.length > 0) yield warn(`${without.join(', ')} cannot decrypt ${name}`);
        const others = its.filter((print) => !known.has(print)).length;
        if (others > 0)
          yield warn(`${name} is encrypted for ${others} ${others === 1 ? 'key' : 'keys'} outside recipients:`);
      }
    }
    if (recipients.length === 0) return;
    for (const [name, files] of secretsUsed(collection))
      if (![...shared].some((one) => one === name || one.startsWith(`${name}[`)))
        yield {
          severity: 'warning',
          where: { file: files[0] ?? manifestName },
          what: `the secret ${name} is used but not shared`,
          remedy: action().shareSecret(name, collection.environment ?? 'NAME'),
        };
  },
};
