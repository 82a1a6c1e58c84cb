/** Fields inferred from samples of JSON: what they have in common, and what only some of them have. */
import { ownMember } from '../../../value/own-member.js';
import { typeOf, type Value } from '../../../value/written.js';
import type { Certainty, Field } from '../../model/model.js';

const deepest = 12;

export interface InferSettings {
  readonly certainty?: Certainty;
  readonly at?: string;
}

/** @param samples values of the same thing; of lists, their items */
export function inferFields(samples: readonly unknown[], settings: InferSettings = {}, depth = 0): readonly Field[] {
  const objects = samples.flatMap((one) => (Array.isArray(one) ? one : [one])).filter(isObject);
  if (objects.length === 0 || depth > deepest) return [];
  const names = [...new Set(objects.flatMap((one) => Object.keys(one)))];
  return names.map((name) => {
    const values = objects.filter((one) => Object.hasOwn(one, name)).map((one) => ownMember(one, name));
    const known = values.filter((one) => one !== null);
    const fields = inferFields(known, settings, depth + 1);
    return {
      name,
      type: inferType(values),
      required: values.length === objects.length,
      ...(known[0] !== undefined && !isStructure(known[0]) && { example: known[0] as Value }),
      ...(fields.length > 0 && { fields }),
      ...settings,
    };
  });
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const isStructure = (value: unknown): boolean => typeof value === 'object' && value !== null;

/** `integer`, `string (date-time)`, `array of number`, `string or null`. */
function inferType(values: readonly unknown[]): string {
  const words = new Set(values.map(typeWord));
  if (words.has('integer') && words.has('number')) words.delete('integer');
  // A list of which one sample is empty says what the others hold.
  if (words.has('array') && [...words].some((word) => word.startsWith('array of'))) words.delete('array');
  for (const word of [...words]) if (/^string \(/.test(word) && words.has('string')) words.delete(word);
  const last = words.delete('null') ? ['null'] : [];
  return [...words, ...last].join(' or ') || 'any';
}

function typeWord(value: unknown): string {
  const type = typeOf(value);
  if (type === 'array') {
    const items = value as readonly unknown[];
    return items.length === 0 ? 'array' : `array of ${inferType(items)}`;
  }
  if (type !== 'string') return type;
  if (/^\d{4}-\d\d-\d\dT\d\d:\d\d(?::\d\d(?:\.\d+)?)?(?:Z|[-+]\d\d:?\d\d)$/.test(value as string))
    return 'string (date-time)';
  return /^\d{4}-\d\d-\d\d$/.test(value as string) ? 'string (date)' : 'string';
}
