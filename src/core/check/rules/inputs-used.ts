/**
 * Every input of a request is used in it.
 *
 *     inputs: {imo: {}}
 *     url: ${origin}/v1/vessels/{imo}     # holds
 *     url: ${origin}/v1/vessels           # does not
 */
import { addressNames, addressParts } from '../../exchange/address/address-template.js';
import { namesWritten } from '../../expression/names-used.js';
import type { Value } from '../../value/written.js';
import type { Rule } from '../rule.js';
import { templatesOf, usedInTemplate } from '../template-names.js';

export const inputsUsed: Rule = {
  name: 'inputs-used',
  must: 'every input of a request is used in it',
  *check({ requests, collection }) {
    for (const { content, yaml, name } of requests.values()) {
      const used = new Set(namesWritten({ ...content, inputs: null } as unknown as Value));
      for (const file of templatesOf(content))
        for (const use of usedInTemplate(collection, file, namesWritten)) used.add(use);
      const inAddress = new Set(addressParts(content.url).flatMap(addressNames));
      for (const input of Object.keys(content.inputs ?? {})) {
        if (used.has(input) || (inAddress.has(input) && content.path?.[input] === undefined)) continue;
        yield {
          severity: 'warning',
          where: yaml.position(['inputs', input], 'key'),
          what: `the input ${input} of ${name} is used nowhere in it`,
          remedy: `write \${${input}} where it belongs, or remove it`,
        };
      }
    }
  },
};
