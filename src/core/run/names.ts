/** What is to be walked, by name: trails, requests, and folders of them. */
import { nearestHint } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import type { Workspace } from '../sending/workspace.js';
import { type PlanWishes, planTrail, requestAsTrail } from '../trail/plan.js';
import type { TrailPlan } from '../trail/step-kind.js';

/**
 * All is read before the first step is taken. A trail of that name wins over a request.
 * @throws Problem name-not-found, name-ambiguous, and about anything in the files
 */
export async function planNames(
  workspace: Workspace,
  names: readonly string[],
  wishes: PlanWishes = {},
): Promise<TrailPlan[]> {
  const plans: TrailPlan[] = [];
  for (const name of names) plans.push(...(await planName(workspace, name, wishes)));
  return plans;
}

async function planName(workspace: Workspace, name: string, wishes: PlanWishes): Promise<TrailPlan[]> {
  const { collection } = workspace;
  const known = (kind: 'trail' | 'request'): boolean => {
    try {
      collection.resolve(kind, name);
      return true;
    } catch (error) {
      if (error instanceof Problem && error.code === 'name-ambiguous') throw error;
      return false;
    }
  };
  if (known('trail')) return [await planTrail(workspace, name, wishes)];
  if (known('request')) return [await requestAsTrail(workspace, await workspace.prepare(name), wishes)];
  const folder = `${name.replace(/^(?:trails|requests)\//, '').replace(/\/$/, '')}/`;
  const inFolder = (kind: 'trail' | 'request'): string[] =>
    collection
      .names(kind)
      .filter((one) => one.startsWith(folder))
      .sort();
  const below = inFolder('trail');
  const plans: TrailPlan[] = [];
  for (const trail of below) plans.push(await planTrail(workspace, trail, wishes));
  if (below.length === 0) {
    for (const request of inFolder('request'))
      plans.push(await requestAsTrail(workspace, await workspace.prepare(request), wishes));
  }
  if (plans.length > 0) return plans;
  throw new Problem('name-not-found', {
    what: `there is neither a trail nor a request ${name}, nor a folder of them`,
    remedy: nearestHint(name, [...collection.names('trail'), ...collection.names('request')]),
  });
}
