/**
 * Every name that a request uses is an input of it, a variable, or supplied by a session.
 *
 *     inputs: {imo: {}}
 *     query: {ship: "${imo}"}      # holds
 *     query: {ship: "${imoo}"}     # does not
 */

import { sentParts } from '../../collection/files/request-file.js';
import { addressNames, addressParts } from '../../exchange/address/address-template.js';
import { namesUsed } from '../../expression/names-used.js';
import { writtenAs } from '../../expression/sources/registry.js';
import { nearestHint } from '../../problem/nearest.js';
import type { Value } from '../../value/written.js';
import type { Rule } from '../rule.js';
import { suppliedBy } from '../supplied.js';
import { bodyTemplates, namesInTemplate } from '../template-names.js';

export const namesResolve = {
  name: 'names-resolve',
  must: 'every name that a request uses is an input of it, a variable, or supplied by a session',
  *check({ requests, variables, collection }) {
    const supplied = suppliedBy(collection);
    for (const { name, content, yaml } of requests.values()) {
      const inputs = Object.keys(content.inputs ?? {});
      const known = new Set([...inputs, ...variables, ...supplied]);
      const missing = (used: string, path: readonly (string | number)[]) => ({
        severity: 'error' as const,
        where: yaml.position(path),
        what: `the name ${used} is neither an input of ${name} nor a variable, nor supplied by a session`,
        remedy: writtenAs(used) ?? nearestHint(used, known),
      });
      for (const part of [...sentParts, 'expect', 'keep'] as const) {
        for (const use of namesUsed((content[part] ?? null) as Value, [part])) {
          if (use.name !== 'secret' && !known.has(use.name) && !use.optional) yield missing(use.name, use.path);
        }
      }
      for (const file of bodyTemplates(content)) {
        for (const use of namesInTemplate(collection, file)) {
          if (use.name === 'secret' || known.has(use.name) || use.optional) continue;
          yield { ...missing(use.name, ['body']), where: { file } };
        }
      }
      for (const part of addressParts(content.url)) {
        for (const used of addressNames(part)) {
          if (inputs.includes(used) || content.path?.[used] !== undefined) continue;
          yield {
            ...missing(used, ['url']),
            what: `the part {${used}} of the address is neither an input of ${name} nor given under path:`,
          };
        }
      }
    }
  },
} satisfies Rule;
