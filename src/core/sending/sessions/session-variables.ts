/** Names that sessions supply to the requests that use them, and responses that refuse a session in their own words. */
import type { Received } from '../../exchange/response/received.js';
import { compileExpectations, type Expectation, judge } from '../../expectation/expectations.js';
import type { Loads } from '../../expression/compile.js';
import type { Runtime } from '../../expression/evaluation.js';
import { Evaluation, omitted } from '../../expression/evaluation.js';
import { type Named, type Names, noNames } from '../../expression/names.js';
import { namesOf } from '../../session/token-headers.js';
import type { Workspace } from '../workspace.js';

/** What is in a preview for what only an open session knows. */
const notOpenYet = '(known when the session is open)';

/** @param opening opens what is not open @param runtime of the request that they are for @returns undefined where no session supplies anything */
export async function sessionVariables(
  workspace: Workspace,
  sessions: readonly string[],
  opening: boolean,
  runtime: Runtime,
  caller: Names,
): Promise<Names | undefined> {
  const values = new Map<string, Named>();
  const layers: string[] = [];
  for (const name of sessions) {
    const { content, name: full } = workspace.collection.read('session', name);
    if (content.supply === undefined) continue;
    const origin = `session ${full}`;
    layers.push(origin);
    const open = await workspace.sessions.openOf(full, opening, caller);
    const closed = !open && workspace.sessions.opening([full], caller).length > 0;
    const room = workspace.sessionContext(full, caller);
    for (const [key, value] of Object.entries(content.supply)) {
      const result = closed ? notOpenYet : await room.evaluate(value, ['supply', key], namesOf(open), runtime);
      if (result === omitted) continue;
      if (!closed) workspace.redactor.add(result);
      values.set(key, { value: result, origin, secret: !closed });
    }
  }
  if (values.size === 0) return undefined;
  return { lookup: (name) => values.get(name), known: () => values.keys(), layers };
}

const compiled = new WeakMap<Workspace, Map<string, readonly Expectation[]>>();

/** Whether a response refuses one of the sessions as its file describes it. */
export async function refusedInside(
  workspace: Workspace,
  sessions: readonly string[],
  received: Received,
): Promise<boolean> {
  for (const name of sessions) {
    const expectations = await accessDeniedBy(workspace, name);
    if (expectations.length === 0) continue;
    const evaluation = new Evaluation(noNames, workspace.evaluationContext());
    const verdicts = await judge(expectations, received, evaluation, {});
    if (verdicts.every(({ ok }) => ok)) return true;
  }
  return false;
}

async function accessDeniedBy(workspace: Workspace, name: string): Promise<readonly Expectation[]> {
  const cache = compiled.get(workspace) ?? new Map<string, readonly Expectation[]>();
  compiled.set(workspace, cache);
  const known = cache.get(name);
  if (known) return known;
  const { content, yaml } = workspace.collection.read('session', name);
  const loads: Loads = [];
  const expectations = compileExpectations(content.refused, yaml, ['refused'], workspace.readText, loads);
  await Promise.all(loads);
  cache.set(name, expectations);
  return expectations;
}
