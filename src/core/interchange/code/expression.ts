/** What a program works out when it runs: texts and bytes from the process environment, the time, digests and encodings. */

export type DigestAlgorithm = 'md5' | 'sha-1' | 'sha-256' | 'sha-384' | 'sha-512';

/** In UTC: `2026-03-02T09:30:00.123Z`, as RFC 9110 has it, or seconds or milliseconds since 1970. */
export type TimeForm = 'iso' | 'http' | 'unix' | 'unix-ms';

/** A signature with a private key; of ECDSA both numbers one behind the other, or in ASN.1. */
export type SignScheme =
  | { readonly kind: 'rsa' | 'rsa-pss' | 'ecdsa' | 'ecdsa-der'; readonly hash: 'sha-256' | 'sha-384' | 'sha-512' }
  | { readonly kind: 'ed25519' };

/** What makes a text fit to stand where it stands. */
export type Escape = 'percent' | 'form' | 'json' | 'xml';

export type CodeExpression =
  | { readonly op: 'text'; readonly text: string }
  /** Of the process environment. */
  | { readonly op: 'env'; readonly name: string }
  /** What a mark stands for (`symbols.ts`). */
  | { readonly op: 'mark'; readonly mark: string }
  /** A value that was computed before. */
  | { readonly op: 'name'; readonly name: string; readonly bytes: boolean }
  | { readonly op: 'join'; readonly parts: readonly CodeExpression[] }
  /** The moment of sending, milliseconds later or earlier. */
  | { readonly op: 'time'; readonly form: TimeForm; readonly shift: number }
  | { readonly op: 'uuid' }
  /** 32 hexadecimal digits. */
  | { readonly op: 'nonce' }
  | { readonly op: 'digest'; readonly algorithm: DigestAlgorithm; readonly data: CodeExpression }
  | {
      readonly op: 'hmac';
      readonly algorithm: DigestAlgorithm;
      readonly key: CodeExpression;
      readonly data: CodeExpression;
    }
  /** The key is a text: PEM. */
  | {
      readonly op: 'sign';
      readonly scheme: SignScheme;
      readonly key: CodeExpression;
      readonly data: CodeExpression;
    }
  | { readonly op: 'hex' | 'base64' | 'base64url'; readonly data: CodeExpression }
  | { readonly op: 'from-hex' | 'from-base64'; readonly data: CodeExpression }
  | { readonly op: 'upper' | 'lower' | Escape; readonly data: CodeExpression }
  /** Characters from one place up to another. */
  | { readonly op: 'slice'; readonly data: CodeExpression; readonly from: number; readonly to: number }
  /** All bytes of the body. */
  | { readonly op: 'body' };

const yieldBytes = new Set(['digest', 'hmac', 'sign', 'from-hex', 'from-base64', 'body']);

export const isBytes = (expression: CodeExpression): boolean =>
  expression.op === 'name' ? expression.bytes : yieldBytes.has(expression.op);

export const text = (given: string): CodeExpression => ({ op: 'text', text: given });

/** Several as one; texts next to each other are one. */
export function joined(parts: readonly CodeExpression[]): CodeExpression {
  const flat: CodeExpression[] = [];
  for (const part of parts.flatMap((one) => (one.op === 'join' ? one.parts : [one]))) {
    const last = flat.at(-1);
    if (part.op === 'text' && part.text === '') continue;
    if (part.op === 'text' && last?.op === 'text') flat[flat.length - 1] = text(last.text + part.text);
    else flat.push(part);
  }
  if (flat.length === 0) return text('');
  return flat.length === 1 ? (flat[0] as CodeExpression) : { op: 'join', parts: flat };
}

/** The same with a function's word for each inner expression, the innermost first. */
export function mapped(expression: CodeExpression, change: (one: CodeExpression) => CodeExpression): CodeExpression {
  const inner = (one: CodeExpression): CodeExpression => mapped(one, change);
  switch (expression.op) {
    case 'join':
      return change(joined(expression.parts.map(inner)));
    case 'hmac':
    case 'sign':
      return change({ ...expression, key: inner(expression.key), data: inner(expression.data) });
    default:
      return change('data' in expression ? { ...expression, data: inner(expression.data) } : expression);
  }
}

/** All that is in it, itself included. */
export function* withinExpression(expression: CodeExpression): Generator<CodeExpression> {
  yield expression;
  if (expression.op === 'join') for (const part of expression.parts) yield* withinExpression(part);
  if ('key' in expression) yield* withinExpression(expression.key);
  if ('data' in expression) yield* withinExpression(expression.data);
}

/** Characters that every escape leaves as they are. */
const plainEverywhere = new Set(['hex', 'uuid', 'nonce', 'base64url']);

/** With what makes it fit for where it stands, where its characters are not known to be plain. */
export function escaped(expression: CodeExpression, how: Escape): CodeExpression {
  const { op } = expression;
  if (plainEverywhere.has(op) || (op === 'time' && expression.form.startsWith('unix'))) return expression;
  if (op === 'time' && (how === 'json' || how === 'xml')) return expression;
  if (op === 'base64' && (how === 'json' || how === 'xml')) return expression;
  if (op === 'slice' && expression.data.op === 'time') return expression;
  return { op: how, data: expression };
}
