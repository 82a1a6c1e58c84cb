/** Hostile texts for every reader of the core: a sound sample, broken in a few places, or built from what hurts. */
import fc from 'fast-check';

const hurting = [
  '',
  '\u0000',
  '\u001b[2J',
  '{'.repeat(300),
  '['.repeat(300),
  '${',
  '${}',
  '${a | }',
  '${secret.constructor}',
  '${__proto__}',
  '${constructor.constructor("x")()}',
  '${a | pad(2000000000)}',
  `\${${'('.repeat(5000)}a${')'.repeat(5000)}}`,
  `\${a${' | trim'.repeat(5000)}}`,
  '!!js/function "x"',
  '!!binary aGk=',
  '&a [*a]',
  '//a[',
  '$[?',
  '$..*',
  '$[?@.a==1',
  '(a+)+$',
  '1e400',
  '-0',
  '99999999999999999999999',
  'null',
  '~',
  'constructor',
  '__proto__',
  'toString',
  '‮',
  'é漢🌊',
  '\r\n\t',
  '%',
  '://',
  'http://[',
  '../../etc/passwd',
];

/** A sound text with a few of its pieces cut, doubled, swapped or replaced. */
export const broken = (sample: string): fc.Arbitrary<string> =>
  fc
    .array(
      fc.tuple(
        fc.nat({ max: Math.max(1, sample.length) }),
        fc.nat({ max: 12 }),
        fc.oneof(
          fc.constantFrom(...hurting),
          fc.string({ maxLength: 8, unit: 'grapheme' }),
          fc.constantFrom(...'{}[]:,"\'|$&*!#-> \n'),
        ),
      ),
      { minLength: 1, maxLength: 4 },
    )
    .map((edits) => edits.reduce((text, [at, cut, put]) => text.slice(0, at) + put + text.slice(at + cut), sample));

/** Data of any shape in the place of what a document says. */
export const anyData: fc.Arbitrary<unknown> = fc.letrec((tie) => ({
  value: fc.oneof(
    { maxDepth: 4 },
    fc.constantFrom<unknown>(
      null,
      true,
      0,
      -1,
      1e21,
      '',
      'x',
      [],
      {},
      'constructor',
      '#/a',
      'http://[',
      ...hurting.slice(0, 12),
    ),
    fc.array(tie('value'), { maxLength: 3 }),
    fc.dictionary(
      fc.constantFrom('a', 'type', '$ref', 'name', 'in', 'schema', 'items', '__proto__', 'constructor', 'enum'),
      tie('value'),
      { maxKeys: 4 },
    ),
  ),
})).value;

/** The document with some of its values replaced. */
export function disturbed(document: unknown): fc.Arbitrary<unknown> {
  const places: (string | number)[][] = [];
  const visit = (value: unknown, path: (string | number)[]): void => {
    if (path.length > 0) places.push(path);
    if (Array.isArray(value)) for (const [index, item] of value.entries()) visit(item, [...path, index]);
    else if (typeof value === 'object' && value !== null)
      for (const [key, item] of Object.entries(value)) visit(item, [...path, key]);
  };
  visit(document, []);
  return fc.array(fc.tuple(fc.constantFrom(...places), anyData), { minLength: 1, maxLength: 3 }).map((edits) => {
    const copy = structuredClone(document) as Record<string | number, unknown>;
    for (const [path, value] of edits) {
      let holder: Record<string | number, unknown> | undefined = copy;
      for (const key of path.slice(0, -1)) {
        const next: unknown = holder?.[key];
        holder = typeof next === 'object' && next !== null ? (next as Record<string | number, unknown>) : undefined;
      }
      const last = path.at(-1) as string | number;
      if (holder) Object.defineProperty(holder, last, { value, enumerable: true, writable: true, configurable: true });
    }
    return copy;
  });
}
