/**
 * Every name that a request uses is an input of it or a variable.
 *
 *     inputs: {imo: {}}
 *     query: {ship: "${imo}"}      # holds
 *     query: {ship: "${imoo}"}     # does not
 */

import { namesUsed } from '../../expression/names-used.js';
import { nearestHint } from '../../problem/nearest.js';
import type { Value } from '../../value/written.js';
import type { Rule } from '../rule.js';

const parts = ['url', 'path', 'query', 'headers', 'body', 'expect'] as const;

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
        if (part === undefined || inputs.includes(part) || content.path?.[part] !== undefined) continue;
        yield {
          ...missing(part, ['url']),
          what: `the part {${part}} of the address is neither an input of ${name} nor given under path:`,
        };
      }
    }
  },
};
