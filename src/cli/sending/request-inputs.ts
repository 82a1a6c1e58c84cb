/** Values for a request that is sent by itself: `--set`, else held from an earlier send, else asked for. */

import type { InputPlan } from '../../core/collection/variables/inputs.js';
import type { Named } from '../../core/expression/names.js';
import { shortText } from '../../core/matcher/reading.js';
import { asProblem, Problem } from '../../core/problem/problem.js';
import type { PreparedRequest } from '../../core/sending/prepare.js';
import { readSavedValues } from '../../core/sending/saved-values.js';
import type { Workspace } from '../../core/sending/workspace.js';
import { keepersOf } from '../../core/usage/capturing-requests.js';
import { ownMember } from '../../core/value/own-member.js';
import type { Offered } from '../ask/offered.js';
import type { Terminal } from '../terminal/terminal.js';
import { printableLine } from '../view/printable.js';

export interface RequestInputs {
  readonly given: (input: string) => Named | undefined;
}

export interface Beside {
  /** What an earlier sending was given. */
  readonly recorded?: ReadonlyMap<string, Named> | undefined;
  /** Names of `--set` that are meant for something else in the same command. */
  readonly others?: readonly string[] | undefined;
}

/**
 * Runs the work, asking for what is missing where a person is there.
 * @param ask also for inputs that have a default
 */
export async function withInputs<T>(
  workspace: Workspace,
  { plan }: PreparedRequest,
  terminal: Terminal,
  ask: boolean,
  work: (inputs: RequestInputs) => Promise<T>,
  { recorded, others = [] }: Beside = {},
): Promise<T> {
  workspace.checkSettings([...plan.inputs.map(({ name }) => name), ...others]);
  const held = await readSavedValues(workspace.collection.local, workspace.environment.name);
  const answers = new Map<string, Named>();
  const told = new Set<string>();
  const given = (input: string): Named | undefined => {
    const set = workspace.settings.get(input);
    if (set !== undefined) return { value: set, origin: '--set' };
    const before = recorded?.get(input);
    if (before) return before;
    const answer = answers.get(input);
    if (answer) return answer;
    // A declared default wins over a held value: an earlier send once replaced one, and the wrong thing was deleted.
    const plain = plan.inputs.some(({ name, declaration }) => name === input && declaration.default === undefined);
    const one = plain ? ownMember(held, input) : undefined;
    if (!one) return undefined;
    const origin = `held from ${one.from}`;
    if (!told.has(input)) {
      told.add(input);
      const shown = printableLine(workspace.redactor.hide(shortText(one.value)));
      terminal.note(terminal.err.dim(`${input} = ${shown}  ${printableLine(origin)}`));
    }
    return { value: one.value, origin };
  };
  const offeredFor = async (input: InputPlan, own: RequestInputs['given']): Promise<readonly Offered[]> => {
    const source = input.declaration['choose-from'];
    if (source === undefined) return [];
    const { offeredBy } = await import('../ask/offered.js');
    try {
      return await offeredBy(workspace, source, input.name, own);
    } catch (error) {
      terminal.note(
        terminal.err.dim(printableLine(workspace.redactor.hide(`no list from ${source}: ${asProblem(error).what}`))),
      );
      return [];
    }
  };
  const askFor = async (input: InputPlan): Promise<void> => {
    const { askInput } = await import('../ask/input.js');
    const offered = await offeredFor(input, given);
    // The line that says how long it waits would take the question away.
    const value = await terminal.asking(() => askInput(input, offered));
    // Nothing typed: the default is computed.
    if (value !== undefined) answers.set(input.name, { value, origin: 'asked' });
  };
  if (ask) {
    if (!terminal.interactive)
      throw new Problem('usage', {
        what: '--ask needs an interactive terminal',
        remedy: '--set NAME=VALUE gives a value',
      });
    for (const input of plan.inputs)
      if (input.declaration.prompt !== 'never' && !workspace.settings.has(input.name)) await askFor(input);
  }
  for (;;) {
    try {
      return await work({ given });
    } catch (error) {
      const problem = asProblem(error);
      const missing =
        problem.code === 'input-missing' ? plan.inputs.find(({ name }) => name === problem.data.input) : undefined;
      // The file is named by the problem: an input of another request, such as a log-in, is not asked for here.
      const own = missing && typeof problem.where === 'object' && problem.where.file === missing.file;
      if (!own || !terminal.interactive || answers.has(missing.name) || missing.declaration.prompt === 'never')
        throw missing ? keptElsewhere(problem, missing.name, workspace) : error;
      await askFor(missing);
    }
  }
}

/** What was kept by a `send` is held for the next: which one keeps a name is what somebody who lacks it wants to know. */
function keptElsewhere(problem: Problem, name: string, { collection }: Workspace): Problem {
  const [first, ...others] = keepersOf(collection, name);
  if (first === undefined) return problem;
  const also = others.length === 0 ? '' : `, and so ${others.length === 1 ? 'does' : 'do'} ${others.join(', ')}`;
  return problem.orTry(`echo-trail send ${first} keeps it${also}`);
}

/** `--session NAME` in place of the request's own; `none` for none. */
export function sessionsFrom(given: unknown): readonly string[] | undefined {
  if (given === undefined) return undefined;
  return given === 'none' ? [] : [String(given)];
}
