/** Everything that sending needs, opened once for a command: collection, environment, transport, sessions, log. */
import type { Readable } from 'node:stream';
import type { Collection } from '../collection/collection.js';
import {
  collectionVariables,
  type Environment,
  type Layers,
  readEnvironment,
  type Settings,
  variableLayers,
} from '../collection/layers.js';
import { type EchoLog, openEchoLog } from '../echo/log.js';
import { makeRedactor, type Redactor } from '../echo/redactor.js';
import { type ConnectionPlan, type ConnectionSettings, connectionPlan } from '../exchange/connection.js';
import type { ListedOrigins } from '../exchange/listed-origins.js';
import { certificatePins, type Pins } from '../exchange/pins.js';
import { timeoutOf } from '../exchange/request-plan.js';
import { templateRenderer } from '../exchange/templates.js';
import { openTransport, type Transport } from '../exchange/transport.js';
import { type WaysOut, waysOut } from '../exchange/ways-out.js';
import type { Timeout } from '../exchange/wire.js';
import type { Loads } from '../expression/compile.js';
import type { Names } from '../expression/names.js';
import { namesUsed } from '../expression/names-used.js';
import { type Moment, type World, worldMaker } from '../expression/world.js';
import type { Accepted } from '../matcher/matcher.js';
import { nearestHint } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import { heldBack, unseenWays } from '../session/bound-secret.js';
import { type CookieJars, cookieJars } from '../session/cookie-jar.js';
import { type SecretStore, secretStore } from '../session/secrets.js';
import type { Person, SessionRoom } from '../session/session-kind.js';
import { openSessions, type Sessions } from '../session/sessions.js';
import { type Clocks, serverClocks } from '../signature/clocks.js';
import { pathInside } from '../storage/inside.js';
import { parseSize } from '../value/measures.js';
import type { Value } from '../value/written.js';
import { retainAtEnd } from './journal/retain.js';
import { HostGate } from './pacing/host-gate.js';
import { type RetryPolicy, retryPolicy, toldOnly } from './pacing/retry-policy.js';
import type { Patience, Wait } from './pacing/tries.js';
import { openPreparation, type Preparation } from './preparation.js';
import { sessionRoom } from './session-room.js';
import { sessionVariant } from './session-variant.js';

/** A call that would change something, for the question whether it may. */
export interface ChangeFacts {
  readonly environment: string;
  readonly host: string;
  readonly method: string;
  readonly url: string;
  /** How many calls that change something the command has before it, this one included; of each row, where it has rows. */
  readonly calls: number;
  readonly rows: boolean;
}

export interface WorkspaceSettings {
  readonly collection: Collection;
  readonly environment?: string | undefined;
  /** From `--set`. */
  readonly settings?: Settings | undefined;
  readonly seed?: number | undefined;
  /** In place of the present, for a signature that is to be reproduced. */
  readonly moment?: Moment | undefined;
  /** The user's own Echo Trail folder, where the key of sealed files is kept. */
  readonly home: string;
  readonly processEnvironment: Readonly<Record<string, string | undefined>>;
  readonly userAgent: string;
  readonly allowChanges?: boolean | undefined;
  /** Real paths of files that were named on the command line. */
  readonly typedFiles?: ReadonlyMap<string, string> | undefined;
  /** In place of what the environment says of connections. */
  readonly connection?: ConnectionSettings | undefined;
  /** Who can agree to a session; undefined where nobody is there. */
  readonly person?: Person | undefined;
  readonly choose?: Workspace['choose'];
  readonly accept?: Workspace['accept'];
  /** Everything but the sending. */
  readonly dryRun?: boolean | undefined;
  /** One that knows secrets already. */
  readonly redactor?: Redactor | undefined;
  readonly standardInput?: Workspace['standardInput'];
  /** Asks a person whether a secret may go new ways, while everything waits; undefined where nobody is there. */
  readonly allowSecret?: ((name: string, environment: string, added: readonly string[]) => boolean) | undefined;
  /** Asks a person; undefined where nobody is there. */
  readonly confirmChange?: ((facts: ChangeFacts) => Promise<boolean>) | undefined;
}

export interface Workspace extends Preparation {
  readonly environment: Environment;
  readonly layers: Layers;
  readonly settings: Settings;
  readonly transport: Transport;
  readonly sessions: Sessions;
  /** What kinds of sessions remember while the program runs. */
  readonly sessionMemory: Map<string, unknown>;
  /** What a session file has to do with. */
  sessionRoom(name: string, caller: Names): SessionRoom;
  readonly secrets: SecretStore;
  readonly redactor: Redactor;
  readonly log: EchoLog;
  readonly origins: ListedOrigins;
  readonly ways: WaysOut;
  readonly timeout: Partial<Timeout>;
  readonly connection: ConnectionPlan;
  readonly cookies: CookieJars;
  readonly pins: Pins;
  readonly clocks: Clocks;
  readonly moment: Moment | undefined;
  readonly userAgent: string;
  /** Told of each session that is opened on the way; a walk sets it. */
  onSessionOpened?: ((name: string) => void) | undefined;
  /** The gate of a host, through which all that is sent to it goes. */
  gate(host: string): HostGate;
  /** When a request whose file says nothing is sent again. */
  retry: RetryPolicy | undefined;
  readonly patience: Patience;
  /** Told when a host asks for patience; a walk sets it. */
  onWait?: ((wait: Wait) => void) | undefined;
  /** Everything but the sending. */
  readonly dryRun: boolean;
  /** Lets a person pick one of several; undefined where nobody is there. */
  readonly choose: ((question: string, labels: readonly string[]) => Promise<number>) | undefined;
  /** Takes what is found as the new baseline. */
  readonly accept: ((accepted: Accepted) => void) | undefined;
  /** Names that the environment and the collection's variables may take from whoever sends. */
  readonly outsideNames: ReadonlySet<string>;
  /** Where rows come from that are read from standard input. */
  readonly standardInput: (() => Readable) | undefined;
  world(): World;
  /** @throws Problem change-refused, change-unconfirmed */
  demandChange(facts: Omit<ChangeFacts, 'environment' | 'calls' | 'rows'>): Promise<void>;
  /** What is to come, for the question whether it may. */
  expectChanges(expected: Pick<ChangeFacts, 'calls' | 'rows'>): void;
  /** @throws Problem usage: a name of `--set` that neither these inputs nor any variable knows */
  checkSettings(inputs: Iterable<string>): void;
  /** Closes all of it, whatever goes wrong with a part. @returns how many records of old exchanges were let go */
  close(): Promise<number>;
}

/** @throws Problem about the collection's variables or the environment */
export async function openWorkspace(given: WorkspaceSettings): Promise<Workspace> {
  const { collection, home, processEnvironment, userAgent } = given;
  const settings: Settings = given.settings ?? new Map();
  const loads: Loads = [];
  const preparation = await openPreparation(collection);
  const environment = readEnvironment(collection, given.environment, loads);
  const layers = variableLayers(settings, environment, collectionVariables(collection, loads));
  const redactor = given.redactor ?? makeRedactor();
  const secrets = secretStore(collection.local, home, processEnvironment);
  const [stored, pins] = await Promise.all([
    secrets.open(environment.name),
    certificatePins(collection.local, home),
    ...loads,
  ]);
  const used = new Map<string, string>();
  const allowed: string[] = [];
  const secret: World['secret'] = (name, key) => {
    if (origins.any) throw anyHosts(environment.name, `the secret ${name}`);
    const full = key === undefined ? name : `${name}[${key}]`;
    const before = used.get(full);
    if (before !== undefined) return before;
    const found = stored(name, key);
    if (!found) return undefined;
    // A secret is hidden wherever it stands, also where it may not be used.
    redactor.add(found.value);
    const unseen = unseenWays(found, ways);
    if (unseen.length > 0) {
      if (found.from !== 'store' || !given.allowSecret?.(full, environment.name, unseen))
        throw heldBack(full, environment.name, found, unseen);
      allowed.push(full);
    }
    used.set(full, found.value);
    return found.value;
  };
  const world = worldMaker({
    root: collection.root,
    secret,
    seed: given.seed,
    moment: given.moment,
    render: templateRenderer(collection.root),
    typedFiles: given.typedFiles,
    standardInput: given.standardInput,
  });
  const { origins, origin, ways } = waysOut(environment, layers, world(), (named) =>
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

  const workspace: Workspace = {
    ...preparation,
    environment,
    layers,
    settings,
    secrets,
    redactor,
    userAgent,
    world,
    transport: openTransport(),
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
        gate = new HostGate({ atOnce: environment.pace?.['at-once'], perSecond: environment.pace?.['per-second'] });
        gates.set(host, gate);
      }
      return gate;
    },
    retry: environment.retry === undefined ? toldOnly : environmentRetry,
    dryRun: given.dryRun === true,
    choose: given.choose,
    accept: given.accept,
    standardInput: given.standardInput,
    get outsideNames() {
      outside ??= new Set(
        namesUsed({
          ...collection.read('environment', environment.name).content,
          collection: collection.manifest.content.variables ?? {},
        } as unknown as Value).map(({ name }) => name),
      );
      return outside;
    },
    patience: { refused: 0, triedAgain: 0, waited: 0 },
    pins,
    clocks: serverClocks(collection.local),
    moment: given.moment,
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
      onOpened: (name) => workspace.onSessionOpened?.(name),
      onClosed: (name) => workspace.cookies.forget(name),
      room: (name, caller) => workspace.sessionRoom(name, caller),
      variant: (name, caller) => sessionVariant(workspace, name, caller),
    }),
    sessionRoom: (name, caller) => sessionRoom(workspace, name, given.person, caller),
    async demandChange(facts) {
      const { name, changes, file } = environment;
      if (changes === 'allow' || (changes === 'ask' && given.allowChanges)) return;
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
        what: `the environment ${name} asks before a change, and nobody said yes: ${call}`,
        where: { file },
        remedy: '--allow-changes says yes for one command; changes: allow in the environment says it for good',
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
          what: `--set ${name}: nothing here takes that name`,
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
      const { runs = 200, size = '256MB' } = collection.manifest.content.echoes ?? {};
      return retainAtEnd(collection.local, { runs, size: parseSize(size) ?? 256e6 });
    },
  };
  return workspace;
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
