/** `${…}` in a place: computed for each response, and put in as a value, never as a part of the query. */
import { compileExpression, type Loads } from '../expression/compile.js';
import { type Evaluation, omitted, type Program } from '../expression/evaluation.js';
import { closingBrace } from '../expression/template.js';
import { Problem } from '../problem/problem.js';
import type { Value } from '../value/written.js';

export interface Slot {
  /** Behind the closing brace. */
  readonly end: number;
  readonly expression: string;
}

/** The `${…}` that begins there. @throws Problem expression-syntax: it is not closed */
export function slotAt(text: string, at: number): Slot | undefined {
  if (!text.startsWith('${', at)) return undefined;
  const end = closingBrace(text, at + 2);
  return { end: end + 1, expression: text.slice(at + 2, end) };
}

/** @throws Problem expression-syntax */
export function slotValues(
  place: string,
  expressions: readonly string[],
  loads: Loads,
): (evaluation: Evaluation) => readonly Value[] {
  const programs: Program[] = expressions.map((expression) => compileExpression(expression, loads));
  return (evaluation) =>
    programs.map((program, index) => {
      const value = program(evaluation);
      if (value !== undefined && value !== omitted && !(value instanceof Uint8Array)) return value as Value;
      throw new Problem('expression-value', {
        what: `\${${expressions[index]}} in the place ${place} has no value`,
        remedy: 'write ${name ?? "…"} with another value for that case',
        data: { place },
      });
    });
}
