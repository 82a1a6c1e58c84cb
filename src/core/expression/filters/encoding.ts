/** Bytes as text and back: hexadecimal, base64 and base64url (RFC 4648). */
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import { type Filter, wantText } from './filter.js';

const alphabets = {
  hex: /^(?:[0-9a-f]{2})*$/i,
  base64: /^(?:[A-Za-z0-9+/]{4})*(?:[A-Za-z0-9+/]{2}==|[A-Za-z0-9+/]{3}=)?$/,
  base64url: /^[A-Za-z0-9_-]*$/,
} as const;

const bytePairs: readonly Filter[] = (Object.keys(alphabets) as (keyof typeof alphabets)[]).flatMap(
  (name): Filter[] => [
    {
      name,
      about: `bytes, or the UTF-8 of a text, as ${name}`,
      example: `\${body | sha-256 | ${name}}`,
      arguments: [0, 0],
      apply: (input) => Buffer.from(input instanceof Uint8Array ? input : textOf(input)).toString(name),
    },
    {
      name: `from-${name}`,
      about: `the bytes that a ${name} text stands for`,
      example: `\${code | from-${name} | text}`,
      arguments: [0, 0],
      apply(input) {
        const text = wantText(`from-${name}`, input);
        if (!alphabets[name].test(text)) throw new Problem('expression-value', { what: `the text is not ${name}` });
        return Buffer.from(text, name);
      },
    },
  ],
);

export const encodingFilters: readonly Filter[] = [
  ...bytePairs,
  {
    name: 'from-percent',
    about: 'the text that a percent-encoded one stands for',
    example: '${sent.path | from-percent}',
    arguments: [0, 0],
    apply(input) {
      try {
        return decodeURIComponent(wantText('from-percent', input));
      } catch {
        throw new Problem('expression-value', { what: 'the text is not percent-encoded UTF-8' });
      }
    },
  },
];
