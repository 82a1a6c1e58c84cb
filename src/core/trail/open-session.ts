import type { Received } from '../exchange/response/received.js';
import { action } from '../problem/actions.js';
import { asProblem, Problem } from '../problem/problem.js';
import type { SessionTrail } from '../sending/sessions/session-context.js';
import { givenBy } from '../sending/sessions/session-request.js';
import type { Workspace } from '../sending/workspace.js';
import type { Opened } from '../session/session-kind.js';
import type { Value } from '../value/written.js';
import { startScope } from './names/start-scope.js';
import { planTrail } from './plan.js';
import { walkSteps } from './walking/walk-steps.js';

/** Walks the trail that opens a session. @throws Problem where a step fails, or no response came */
export async function openByTrail(
  workspace: Workspace,
  { name, yaml, trail, give, caller }: SessionTrail,
): Promise<Opened> {
  const where = yaml.position(['open', 'trail']);
  const plan = await planTrail(workspace, trail).catch((error: unknown) => Promise.reject(asProblem(error).at(where)));
  const scope = startScope(plan, workspace, await givenBy(workspace, { name, yaml, give, caller }, 'open'));
  let last: Received | undefined;
  const never = new AbortController().signal;
  const problem = await walkSteps(plan.steps, {
    workspace,
    scope,
    row: undefined,
    at: '',
    number: 0,
    way: plan.name,
    depth: 0,
    signal: never,
    ending: never,
    undo: [],
    journal: undefined,
    table: undefined,
    last: { cells: {} },
    seen: new Map(),
    tableFiles: new Set(),
    assumed: new Set(),
    report: (event) => {
      if (event.event === 'step') last = event.sent?.outcome.received ?? last;
    },
    steps: walkSteps,
    forSession: name,
  });
  if (!problem && last) {
    const names: Record<string, Value> = {};
    for (const key of scope.known()) names[key] = scope.lookup(key)?.value as Value;
    return { received: last, names };
  }
  throw new Problem('session-missing', {
    what: `the session ${name} could not be opened by the trail ${plan.name}${problem ? `: ${problem.what}` : ''}`,
    where,
    cause: problem ? problem.reason : 'no step of it sent anything',
    remedy: `${action().listFailedEchoes()} shows its exchanges`,
    data: { session: name },
  });
}
