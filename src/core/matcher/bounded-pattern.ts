/**
 * Patterns of JSON Schema (ECMA-262) that cannot make the program hang: on an engine of linear time where that knows them,
 * else with a limit of time.
 */
import { createContext, type Context as Sandbox, Script } from 'node:vm';
import type { RE2JS as Engine } from 're2js';
import { Problem } from '../problem/problem.js';

let engine: typeof Engine | undefined;

export async function loadPatterns(): Promise<void> {
  engine ??= (await import('re2js')).RE2JS;
}

/** Milliseconds for one text. */
const patience = 250;
/** The limit is of the clock: a machine that is busy with something else may stop the program for longer, but not each time. */
const tries = 4;

/** The validator tells patterns apart by their text. */
interface Pattern {
  test(text: string): boolean;
  toString(): string;
}

/** @throws Error: it is no pattern */
export function boundedPattern(pattern: string, flags: string): Pattern {
  const own = inEitherMode(pattern, flags);
  return { test: linear(pattern) ?? withinTime(own, pattern), toString: () => String(own) };
}

/** Many published patterns escape what needs no escape, which the flag `u` does not allow. */
function inEitherMode(pattern: string, flags: string): RegExp {
  try {
    return new RegExp(pattern, flags);
  } catch {
    return new RegExp(pattern);
  }
}

/** undefined where it looks around, or refers back: nobody can match that in linear time. */
function linear(pattern: string): Pattern['test'] | undefined {
  try {
    const compiled = (engine as typeof Engine).compile(pattern);
    return (text) => compiled.matcher(text).find();
  } catch {
    return undefined;
  }
}

function withinTime(pattern: RegExp, source: string): Pattern['test'] {
  const script = new Script('pattern.test(text)');
  let sandbox: Sandbox | undefined;
  return (text) => {
    sandbox ??= createContext({ pattern, text: '' });
    sandbox.text = text;
    for (let left = tries; ; left -= 1) {
      try {
        return script.runInContext(sandbox, { timeout: patience }) as boolean;
      } catch (error) {
        if ((error as NodeJS.ErrnoException).code !== 'ERR_SCRIPT_EXECUTION_TIMEOUT') throw error;
        if (left > 1) continue;
        throw new Problem('matcher-shape', {
          what: `the pattern ${source} of the schema took more than ${patience} ms for one string`,
          remedy: 'it repeats what repeats already: write it without, or leave it out of the schema',
        });
      }
    }
  };
}
