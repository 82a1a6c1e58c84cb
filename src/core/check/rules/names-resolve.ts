/**
 * Every name that a request uses is an input of it or a variable.
 *
 *     inputs: {imo: {}}
 *     query: {ship: "${imo}"}      # holds
 *     query: {ship: "${imoo}"}     # does not
 */

import { addressNames } from '../../exchange/address-template.js';
import { namesUsed } from '../../expression/names-used.js';
import { nearestHint } from '../../problem/nearest.js';
import type { Value } from '../../value/written.js';
import type { Rule } from '../rule.js';

const parts = ['url', 'path', 'query', 'headers', 'cookies', 'body', 'expect'] as const;

export const namesResolve: Rule = {
  name: 'names-resolve',
  must: 'every name that a request uses is an input of it or a variable',
  *check({ requests, variables }) {
    for (const { name, content, yaml } of requests.values()) {
      const inputs = Object.keys(content.inputs ?? {});
      const known = new Set([...inputs, ...variables]);
      const missing = (used: string, path: readonly (string | number)[]) => ({
        severity: 'error' as const,
        where: yaml.position(path),
        what: `the name ${used} is neither an input of ${name} nor a variable`,
        remedy: nearestHint(used, known),
      });
      for (const part of parts) {
        for (const use of namesUsed((content[part] ?? null) as Value, [part])) {
          if (use.name !== 'secret' && !known.has(use.name) && !use.optional) yield missing(use.name, use.path);
        }
      }
      for (const [, part] of content.url.replace(/^\$\{[^}]*\}/, '').matchAll(/\{([^{}]*)\}/g)) {
        for (const used of addressNames(part ?? '')) {
          if (inputs.includes(used) || content.path?.[used] !== undefined) continue;
          yield {
            ...missing(used, ['url']),
            what: `the part {${used}} of the address is neither an input of ${name} nor given under path:`,
          };
        }
      }
    }
  },
};
