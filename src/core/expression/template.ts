/**
 * A string of a collection file with `${…}` in it. A string that is one expression keeps the value's
 * type; inside longer text a value becomes text. `$${` writes a plain `${`.
 */
import { asProblem, type FilePosition, Problem } from '../problem/problem.js';
import { textOf } from '../value/text.js';
import { plain, type Value } from '../value/written.js';
import { compileExpression, type Loads } from './compile.js';
import { type Evaluation, omitted, type Piece, type Program, type Result } from './evaluation.js';
import { syntaxProblem } from './lexer.js';

export interface Template {
  /** As it is in the file. */
  readonly text: string;
  /** The value where no expression is in the text, else undefined. */
  readonly constant: Value | undefined;
  readonly evaluate: (evaluation: Evaluation) => Result;
}

/** What becomes of values inside a text. */
export interface Inserting {
  /** @param before the text in front of the value @param expression as it is written */
  asText(text: string, before: string, expression: string): string;
  /** What stands for a value that is omitted; else the whole text is. */
  readonly omitted?: string;
}

/**
 * Makes a scalar of a file ready; anything but text with `${` is a constant.
 * @param inserting what becomes of each value inside the text, such as escaping; then the result is always text
 */
export function compileTemplate(
  source: Value,
  where: FilePosition | undefined,
  loads: Loads,
  inserting?: Inserting,
): Template {
  if (typeof source !== 'string') return { text: textOf(source), constant: source, evaluate: () => source };
  if (!source.includes('${')) return { text: source, constant: source, evaluate: () => source };
  const placed = <T>(work: () => T): T => {
    try {
      return work();
    } catch (error) {
      throw asProblem(error).at(where);
    }
  };
  const parts = placed(() =>
    split(source).map((part) =>
      'text' in part ? part.text : Object.assign(programOf(part.expression, loads), { expression: part.expression }),
    ),
  );
  const [only] = parts;
  if (parts.length === 1 && typeof only === 'string') return { text: source, constant: only, evaluate: () => only };
  const run =
    parts.length === 1 && typeof only === 'function' && !inserting
      ? (e: Evaluation) => only(e) as Result
      : (e: Evaluation) => joined(parts, e, inserting);
  return {
    text: source,
    constant: undefined,
    // Written out: a closure for each time costs as much as the expression.
    evaluate(e) {
      try {
        return run(e);
      } catch (error) {
        throw asProblem(error).at(where);
      }
    },
  };
}

/** The expression sources of a text, for checks that look at names without values. */
export function expressionsIn(source: string): string[] {
  return split(source).flatMap((part) => ('expression' in part ? [part.expression] : []));
}

function programOf(expression: string, loads: Loads): Program {
  return compileExpression(expression, loads);
}

type Run = string | (Program & { readonly expression: string });

function joined(parts: readonly Run[], e: Evaluation, inserting: Inserting | undefined): Result {
  if (e.pieces) return joinedInPieces(parts, e, inserting);
  let text = '';
  for (const part of parts) {
    if (typeof part === 'string') text += part;
    else {
      const piece = inserted(part(e) as Result, text, part.expression, inserting);
      if (piece === omitted) return omitted;
      text += piece;
    }
  }
  return text;
}

/** The same for somebody who looks: of each piece is told whether it is secret. */
function joinedInPieces(parts: readonly Run[], e: Evaluation, inserting: Inserting | undefined): Result {
  let text = '';
  const pieces: Piece[] = [];
  for (const part of parts) {
    e.pieces = [];
    const [piece, secret]: readonly [string | typeof omitted, boolean] =
      typeof part === 'string'
        ? [part, false]
        : e.traced(() => inserted(part(e) as Result, text, part.expression, inserting));
    if (piece === omitted) return omitted;
    text += piece;
    // A template that was rendered comes in pieces of its own.
    const inner: readonly Piece[] = e.pieces;
    if (secret && inner.length > 0 && inner.map((one) => one.text).join('') === piece) pieces.push(...inner);
    else pieces.push({ text: piece, secret });
  }
  e.pieces = pieces;
  return text;
}

/** @param before the text in front of it */
function inserted(
  value: Result,
  before: string,
  expression: string,
  inserting: Inserting | undefined,
): string | typeof omitted {
  if (value === omitted) return inserting?.omitted ?? omitted;
  if (plain(value) === null) {
    throw new Problem('expression-value', {
      what: 'a value inside a text is null',
      remedy: 'give another value for that case: ${name ?? "…"}, or ${name ?? absent} to leave the whole out',
    });
  }
  if (value instanceof Uint8Array) {
    throw new Problem('expression-value', {
      what: 'a value inside a text is bytes',
      remedy: 'write them as text with | hex, | base64 or | text',
    });
  }
  return inserting ? inserting.asText(textOf(value), before, expression) : textOf(value);
}

type Part = { readonly text: string } | { readonly expression: string };

/** Text and expressions in turn; a brace inside quotes does not end an expression. */
function split(source: string): Part[] {
  const parts: Part[] = [];
  let text = '';
  let at = 0;
  while (at < source.length) {
    if (source.startsWith('$${', at)) {
      text += '${';
      at += 3;
    } else if (source.startsWith('${', at)) {
      const end = closingBrace(source, at + 2);
      if (text !== '') parts.push({ text });
      text = '';
      parts.push({ expression: source.slice(at + 2, end) });
      at = end + 1;
    } else {
      text += source[at];
      at += 1;
    }
  }
  if (text !== '' || parts.length === 0) parts.push({ text });
  return parts;
}

/** Where the `${…}` ends whose expression begins there. @throws Problem expression-syntax */
export function closingBrace(source: string, start: number): number {
  let quote = '';
  for (let at = start; at < source.length; at += 1) {
    const char = source[at] as string;
    if (quote) {
      if (char === '\\') at += 1;
      else if (char === quote) quote = '';
    } else if (char === '"' || char === "'") quote = char;
    else if (char === '}') return at;
  }
  throw syntaxProblem(source.slice(start), source.length - start, 'the closing } is missing');
}
