/** Names that a walk would stumble over at a later step, told before its first: `check` for what is about to be walked. */

import type { Loaded } from '../collection/collection.js';
import type { RequestFile } from '../collection/files/request-file.js';
import type { TrailFile } from '../collection/files/trail-file.js';
import { action } from '../problem/actions.js';
import { Problem } from '../problem/problem.js';
import type { Workspace } from '../sending/workspace.js';
import type { TrailPlan } from '../trail/step-kind.js';
import { everyStep } from '../trail/steps/registry.js';
import type { Finding } from './finding.js';
import type { Checked } from './rule.js';
import { namesResolve } from './rules/names-resolve.js';
import { unknownNames } from './rules/session-names-resolve.js';
import { trailNamesResolve } from './rules/trail-names-resolve.js';

/**
 * @param rows in place of those that the trails name
 * @throws Problem unknown-name: the first of them, and how many there are
 */
export function requireNames(workspace: Workspace, plans: readonly TrailPlan[], rows: string | undefined): void {
  const { collection, layers, settings } = workspace;
  const requests = new Map<string, Loaded<RequestFile>>();
  const trails = new Map<string, Loaded<TrailFile>>();
  const addRequest = (given: string): void => {
    const loaded = collection.read('request', given);
    requests.set(loaded.name, loaded);
  };
  const addTrail = (given: string): void => {
    const loaded = collection.read('trail', given);
    if (trails.has(loaded.name)) return;
    trails.set(loaded.name, loaded);
    for (const { outline } of everyStep(loaded.content.steps)) {
      for (const { name } of outline.sends) addRequest(name);
      for (const { name } of outline.walks) addTrail(name);
    }
  };
  for (const { name, file } of plans) {
    if (file === 'request') addRequest(name);
    else {
      addTrail(name);
      const loaded = trails.get(name) as Loaded<TrailFile>;
      if (rows !== undefined) trails.set(name, { ...loaded, content: { ...loaded.content, rows } });
    }
  }
  const variables = new Set([...settings.keys(), ...layers.layers.flatMap((layer) => [...layer.variables.keys()])]);
  const checked: Checked = { collection, variables, requests, trails };
  const prepared = plans.flatMap(({ steps }) => steps.flatMap((step) => step.requests));
  requireNone([
    ...namesResolve.check(checked),
    ...trailNamesResolve.check(checked),
    ...unknownNames(checked, 'session', new Set(prepared.flatMap(({ plan }) => plan.sessions))),
    ...unknownNames(checked, 'signature', new Set(prepared.flatMap(({ plan }) => plan.signature ?? []))),
  ]);
}

/**
 * Of a request that is sent alone: what its sessions and its signature use.
 * @throws Problem unknown-name
 */
export function requireSessionNames(
  { collection, layers, settings }: Workspace,
  sessions: readonly string[],
  signature: string | undefined,
): void {
  const variables = new Set([...settings.keys(), ...layers.layers.flatMap((layer) => [...layer.variables.keys()])]);
  const checked: Checked = { collection, variables, requests: new Map(), trails: new Map() };
  requireNone([
    ...unknownNames(checked, 'session', sessions),
    ...unknownNames(checked, 'signature', signature === undefined ? [] : [signature]),
  ]);
}

function requireNone(found: readonly Omit<Finding, 'rule'>[]): void {
  const [first] = found;
  if (!first) return;
  throw new Problem('unknown-name', {
    what: first.what,
    where: first.where,
    cause: found.length > 1 ? `and ${found.length - 1} more; ${action().check()} names them all` : undefined,
    remedy: `${first.remedy === undefined ? '' : `${first.remedy}${first.remedy.endsWith('?') ? '' : ';'} `}nothing was sent`,
  });
}
