import type { Collection } from '../collection/collection.js';
import { rehearsedEnvironment } from '../collection/variables/rehearsed.js';
import {
  collectionVariables,
  type Environment,
  readEnvironment,
  type Settings,
  variableScopes,
} from '../collection/variables/variable-scopes.js';
import { openEchoLog } from '../echo/log.js';
import { makeRedactor } from '../echo/redactor.js';
import { connectionPlan } from '../exchange/connection/connection.js';
import { certificatePins } from '../exchange/hosts/pins.js';
import { waysOut } from '../exchange/hosts/ways-out.js';
import { timeoutOf } from '../exchange/request/request-plan.js';
import { templateRenderer } from '../exchange/request/templates.js';
import { openTransport } from '../exchange/transfer/transport.js';
import type { Loads } from '../expression/compile.js';
import type { Runtime } from '../expression/evaluation.js';
import { namesUsed } from '../expression/names-used.js';
import { runtimeMaker } from '../expression/runtime.js';
import { HostGate, type Pace } from '../pacing/host-gate.js';
import { retryPolicy, toldOnly } from '../pacing/retry-policy.js';
import { action } from '../problem/actions.js';
import { nearestHint } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import { heldBack, unseenWays } from '../session/bound-secret.js';
import { cookieJars } from '../session/cookie-jar.js';
import type { FoundSecret } from '../session/found-secret.js';
import { secretStore } from '../session/secrets.js';
import { openSessions } from '../session/sessions.js';
import { serverClocks } from '../signature/clocks.js';
import { pathInside } from '../storage/inside.js';
import type { Value } from '../value/written.js';
import { listeners } from './listener.js';
import { openPreparation } from './preparation.js';
import { type OpenByTrail, sessionContext } from './sessions/session-context.js';
import { sessionVariant } from './sessions/session-variant.js';
import type { ChangeFacts, Workspace, WorkspaceSettings } from './workspace.js';

/** What is known in the rooms above: of trails, and of runs. */
export interface Above {
  readonly openByTrail: OpenByTrail;
  /** Deletes old records. @returns how many went */
  readonly letGo: (collection: Collection) => Promise<number>;
}

/** @throws Problem about the collection's variables or the environment */
export async function makeWorkspace(given: WorkspaceSettings, { openByTrail, letGo }: Above): Promise<Workspace> {
  const { collection, home, processEnvironment, userAgent } = given;
  const settings: Settings = given.settings ?? new Map();
  const loads: Loads = [];
  const preparation = await openPreparation(collection);
  const { rehearsal } = given;
  // A browser would ask the real vendor.
  const person = rehearsal ? undefined : given.person;
  const real = readEnvironment(collection, given.environment, loads);
  const environment = rehearsal ? { ...real, name: rehearsedEnvironment.name(real.name) } : real;
  const layers = variableScopes(settings, environment, collectionVariables(collection, loads));
  const redactor = given.redactor ?? makeRedactor();
  const secrets = secretStore(collection.local, home, processEnvironment, given.passPhrase);
  const [stored, pins] = await Promise.all([
    secrets.open(real.name),
    certificatePins(collection.local, home),
    ...loads,
  ]);
  const used = new Map<string, string>();
  const allowed: string[] = [];
  const secret: Runtime['secret'] = (name, key) => {
    if (origins.any) throw anyHosts(environment.name, `the secret ${name}`);
    const full = key === undefined ? name : `${name}[${key}]`;
    const before = used.get(full);
    if (before !== undefined) return before;
    const found = rehearsal ? madeUpUnless(() => stored(name, key), full) : stored(name, key);
    if (!found) return undefined;
    // A secret is hidden wherever it stands, also where it may not be used.
    redactor.add(found.value);
    if (rehearsal) return found.value;
    const unseen = unseenWays(found, ways);
    if (unseen.length > 0) {
      if (found.from !== 'store' || !given.allowSecret?.(full, environment.name, unseen))
        throw heldBack(full, environment.name, found, unseen);
      allowed.push(full);
    }
    used.set(full, found.value);
    return found.value;
  };
  const { standIns } = given;
  const moment = standIns?.moment ?? given.moment;
  const runtime = runtimeMaker({
    root: collection.root,
    secret: standIns?.secret ?? secret,
    seed: given.seed,
    moment,
    uuid: standIns?.uuid,
    through: standIns?.through,
    render: templateRenderer(collection.root),
    typedFiles: given.typedFiles,
    standardInput: given.standardInput,
  });
  const { origins, origin, ways } = waysOut(environment, layers, runtime(), (named) =>
    pathInside(collection.root, named),
  );
  const retryLoads: Loads = [];
  const environmentRetry =
    environment.retry && retryPolicy(environment.retry, environment.yaml, preparation.readText, retryLoads);
  await Promise.all(retryLoads);
  let outside: Set<string> | undefined;
  const gates = new Map<string, HostGate>();
  let confirming: Promise<boolean> | undefined;
  let expected: Pick<ChangeFacts, 'calls' | 'rows'> = { calls: 1, rows: false };

  const told = listeners();
  const workspace: Workspace = {
    ...preparation,
    environment,
    layers,
    settings,
    secrets,
    redactor,
    userAgent,
    runtime,
    evaluationContext: () => ({ runtime: runtime(), onSecret: redactor.add }),
    transport: openTransport(rehearsal?.port),
    log: openEchoLog(collection.local, new Date()),
    timeout: timeoutOf(environment.timeout),
    connection: connectionPlan(
      environment.connection,
      (named) => pathInside(collection.root, named),
      processEnvironment,
      given.connection,
    ),
    gate(host) {
      let gate = gates.get(host);
      if (!gate) {
        gate = new HostGate(shareOf(environment.pace, given.shares));
        gates.set(host, gate);
      }
      return gate;
    },
    retry: environment.retry === undefined ? toldOnly : environmentRetry,
    dryRun: given.dryRun === true,
    rehearsed: rehearsal !== undefined,
    choose: given.choose,
    accept: given.accept,
    standardInput: given.standardInput,
    get outsideNames() {
      outside ??= new Set(
        namesUsed({
          ...collection.read('environment', real.name).content,
          collection: collection.manifest.content.variables ?? {},
        } as unknown as Value).map(({ name }) => name),
      );
      return outside;
    },
    patience: { throttled: 0, triedAgain: 0, waited: 0 },
    listeners: told,
    pins,
    clocks: serverClocks(collection.local),
    moment,
    cookies: cookieJars(collection.local, home, environment.name, ways, redactor.add),
    origins,
    ways,
    sessionMemory: new Map(),
    sessions: openSessions({
      collection,
      environment: environment.name,
      host: hostIn(origin),
      ways,
      demand: (name) => {
        if (origins.any) throw anyHosts(environment.name, `the session ${name}`);
      },
      home,
      onSecret: redactor.add,
      onOpened: told.sessionOpened,
      onClosed: (name) => workspace.cookies.forget(name),
      room: (name, caller) => workspace.sessionContext(name, caller),
      variant: (name, caller) => sessionVariant(workspace, name, caller),
      standIn: standIns?.session,
    }),
    sessionContext: (name, caller) => sessionContext(workspace, name, person, caller, openByTrail),
    async requireChange(facts) {
      const { name, changes, file } = environment;
      if (rehearsal || changes === 'allow' || (changes === 'ask' && given.allowChanges)) return;
      const call = `${facts.method} ${redactor.hide(facts.url)}`;
      if (changes === 'refuse') {
        throw new Problem('change-refused', {
          what: `the environment ${name} refuses calls that change something: ${call}`,
          where: { file },
          remedy: 'use another environment; for a call that changes nothing, write changes: false in its request file',
        });
      }
      // One question for calls that come at the same time.
      confirming ??= given.confirmChange?.({ environment: name, ...expected, ...facts });
      if (await confirming) return;
      confirming = undefined;
      throw new Problem('change-unconfirmed', {
        what: `the environment ${name} asks before a change, and nobody confirmed it: ${call}`,
        where: { file },
        remedy: `${action().allowChanges()}; changes: allow in the environment says it for good`,
      });
    },
    expectChanges(given) {
      expected = given;
    },
    checkSettings(inputs) {
      const known = new Set([...inputs, ...layers.layers.flatMap(({ variables }) => [...variables.keys()])]);
      for (const name of settings.keys()) {
        if (known.has(name)) continue;
        throw new Problem('usage', {
          what: `${action().setting(name)}: no input or variable has that name`,
          remedy: nearestHint(name, known),
          data: { name },
        });
      }
    },
    async close() {
      const parts = [
        ...allowed.splice(0).map((name) => () => secrets.allow(name, environment.name, ways)),
        workspace.log.close,
        workspace.transport.close,
        workspace.cookies.close,
        workspace.clocks.close,
      ];
      const wrong: unknown[] = [];
      for (const part of parts) await part().catch((error: unknown) => wrong.push(error));
      if (wrong.length > 0) throw wrong[0];
      return letGo(collection);
    },
  };
  return workspace;
}

/** A rehearsed vendor takes any secret: one that is not here, or cannot be opened here, is made up. */
function madeUpUnless(known: () => FoundSecret | undefined, name: string): FoundSecret {
  const madeUp: FoundSecret = { value: `rehearsed-${name}`, from: 'command' };
  try {
    return known() ?? madeUp;
  } catch {
    return madeUp;
  }
}

const anyHosts = (environment: string, what: string): Problem =>
  new Problem('host-not-listed', {
    what: `${what} cannot be used in the environment ${environment}`,
    where: { file: `environments/${environment}.yaml` },
    cause: 'it has hosts: any, and so talks to every host that a file names',
    remedy: 'list the hosts of the vendor under hosts:, or use another environment',
  });

const hostIn = (origin: string | undefined): string =>
  origin !== undefined && URL.canParse(origin) ? new URL(origin).host : '';

/** One request at once is the least. */
const shareOf = (pace: Environment['pace'], shares = 1): Pace => ({
  atOnce: pace?.['at-once'] === undefined ? undefined : Math.max(1, Math.floor(pace['at-once'] / shares)),
  perSecond: pace?.['per-second'] === undefined ? undefined : pace['per-second'] / shares,
});
