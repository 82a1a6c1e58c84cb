/** Checks before the first step: secrets, files, reachable hosts, the version of the vendor's API. */
import { connect } from 'node:net';
import type { EnvironmentFile } from '../collection/files/environment-file.js';
import { variableNames } from '../collection/variables/variable-scopes.js';
import type { AddressPlan } from '../exchange/address/address.js';
import { Evaluation } from '../expression/evaluation.js';
import { noNames } from '../expression/names.js';
import { readPlace } from '../place/registry.js';
import { asProblem, Problem } from '../problem/problem.js';
import { moreSevere } from '../problem/severity.js';
import { sendRequest } from '../sending/send.js';
import type { Workspace } from '../sending/workspace.js';
import { requireNeeds } from '../trail/needs/needs.js';
import type { TrailPlan } from '../trail/step-kind.js';
import { textOf } from '../value/text.js';
import { compareVersions } from './versions.js';

/** Milliseconds that a host may take to accept a connection. */
const patience = 3000;
/** How many hosts are checked; more than that come from rows. */
const mostHosts = 20;

/** @throws Problem secret-missing, file-not-found, connection-refused, name-lookup, connection-timeout, version-refused */
export async function requireAhead(
  workspace: Workspace,
  plans: readonly TrailPlan[],
  signal: AbortSignal,
): Promise<void> {
  requireNeeds(workspace, plans);
  if (workspace.dryRun) return;
  await requireHosts(workspace, plans);
  await requireVersion(workspace, signal);
}

/** Checks the hosts that do not depend on a row. Behind a proxy nothing can be known. */
async function requireHosts(workspace: Workspace, plans: readonly TrailPlan[]): Promise<void> {
  const hosts = new Map<string, URL>();
  for (const { steps, rows } of plans) {
    // A single call finds out as fast.
    if (steps.length < 2) continue;
    if (
      rows &&
      [...workspace.outsideNames].some((name) => !workspace.layers.layers.some(({ variables }) => variables.has(name)))
    )
      continue;
    for (const { requests, onlyIf } of steps) {
      if (onlyIf) continue;
      for (const { plan } of requests) {
        const url = fixedOrigin(workspace, plan.address.origin);
        if (url) workspace.origins.require(url);
        if (url && hosts.size < mostHosts) hosts.set(url.host, url);
      }
    }
  }
  // What is rehearsed is there, and nothing else is to be reached.
  if (workspace.rehearsed) return;
  const missing = (await Promise.all([...hosts.values()].map(reached))).filter((problem) => problem !== undefined);
  if (missing.length > 0) throw missing.reduce(moreSevere);
}

/** The origin of the address if it depends on no row; undefined behind a proxy. */
function fixedOrigin(workspace: Workspace, origin: AddressPlan['origin']): URL | undefined {
  try {
    const evaluationContext = workspace.evaluationContext();
    const evaluation = new Evaluation(variableNames(workspace.layers, noNames, evaluationContext), evaluationContext);
    if (workspace.connection(() => evaluation)?.proxy) return undefined;
    const text = origin(evaluation);
    return text !== undefined && URL.canParse(text) ? new URL(text) : undefined;
  } catch {
    return undefined;
  }
}

function reached({ host, hostname, port, protocol }: URL): Promise<Problem | undefined> {
  return new Promise((resolve) => {
    const socket = connect({
      host: hostname.replace(/^\[|\]$/g, ''),
      port: Number(port || (protocol === 'https:' ? 443 : 80)),
      timeout: patience,
    });
    const done = (problem: Problem | undefined): void => {
      socket.destroy();
      resolve(problem);
    };
    const silent = (code: 'name-lookup' | 'connection-refused' | 'connection-timeout', what: string): void =>
      done(
        new Problem(code, {
          what: `${host} ${what}`,
          where: 'looking ahead',
          remedy: 'nothing was sent; is the environment the right one?',
        }),
      );
    socket.once('connect', () => done(undefined));
    socket.once('timeout', () => silent('connection-timeout', `did not respond within ${patience / 1000} s`));
    socket.once('error', ({ code }: NodeJS.ErrnoException) => {
      if (code === 'ENOTFOUND' || code === 'EAI_AGAIN') silent('name-lookup', 'is a name that is not known');
      else if (code === 'ECONNREFUSED') silent('connection-refused', 'is there, and nothing listens on that port');
      // The exchange itself reports anything else.
      else done(undefined);
    });
  });
}

/** @throws Problem version-refused: what the vendor says is not what the environment demands */
async function requireVersion(workspace: Workspace, signal: AbortSignal): Promise<void> {
  const { version, yaml } = workspace.environment;
  if (!version) return;
  const where = yaml.position(['version']);
  const found = await versionOf(workspace, version, signal).catch((error: unknown) => {
    throw asProblem(error).at(where);
  });
  const wanted = [
    version['at-least'] !== undefined &&
      compareVersions(found, version['at-least']) < 0 &&
      `at least ${version['at-least']}`,
    version.under !== undefined && compareVersions(found, version.under) >= 0 && `under ${version.under}`,
  ].filter((text) => text !== false);
  if (wanted.length === 0) return;
  throw new Problem('version-refused', {
    what: `the vendor's API has version ${found}, and the environment ${workspace.environment.name} requires ${wanted.join(' and ')}`,
    where,
    remedy: 'nothing else was sent; compare the documentation of both versions, then change version in the environment',
    data: { version: found },
  });
}

async function versionOf(
  workspace: Workspace,
  { request, at }: NonNullable<EnvironmentFile['version']>,
  signal: AbortSignal,
): Promise<string> {
  const loads: Promise<unknown>[] = [];
  const place = readPlace(at, loads);
  await Promise.all(loads);
  const prepared = await workspace.prepare(request);
  const { outcome, problems } = await sendRequest(workspace, prepared, {
    given: () => undefined,
    caller: noNames,
    signal,
    step: 'version',
  });
  const [first] = problems;
  if (first) throw first;
  const value = outcome.received && place.find(outcome.received);
  if (value === undefined) {
    throw new Problem('place-not-found', { what: `${request} has no version at ${at}`, remedy: 'correct version: at' });
  }
  return textOf(value);
}
