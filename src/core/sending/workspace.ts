/** Everything that sending needs, opened once for a command: collection, environment, transport, sessions, log. */
import type { Readable } from 'node:stream';
import type { Collection } from '../collection/collection.js';
import type { Environment, Settings, VariableScopes } from '../collection/variables/variable-scopes.js';
import type { EchoLog } from '../echo/log.js';
import type { Redactor } from '../echo/redactor.js';
import type { ConnectionPlan, ConnectionSettings } from '../exchange/connection/connection.js';
import type { ListedOrigins } from '../exchange/hosts/listed-origins.js';
import type { Pins } from '../exchange/hosts/pins.js';
import type { WaysOut } from '../exchange/hosts/ways-out.js';
import type { Timeout } from '../exchange/request/wire.js';
import type { Transport } from '../exchange/transfer/transport.js';
import type { EvaluationContext, Moment, Runtime, Through } from '../expression/evaluation.js';
import type { Names } from '../expression/names.js';
import type { Accepted } from '../matcher/matcher.js';
import type { HostGate } from '../pacing/host-gate.js';
import type { RetryPolicy } from '../pacing/retry-policy.js';
import type { Patience } from '../pacing/tries.js';
import type { CookieJars } from '../session/cookie-jar.js';
import type { SecretStore } from '../session/secrets.js';
import type { OpenSession, Person, SessionContext } from '../session/session-kind.js';
import type { Sessions } from '../session/sessions.js';
import type { IdentitySources } from '../session/shared-secrets/identity.js';
import type { Clocks } from '../signature/clocks.js';
import type { Listeners } from './listener.js';
import type { Preparation } from './preparation.js';

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
  /** The vendor is rehearsed: everything goes to this port of 127.0.0.1, and nothing anywhere else. */
  readonly rehearsal?: { readonly port: number } | undefined;
  /** Of how many processes at once it is one: what a host allows is divided by them. */
  readonly shares?: number | undefined;
  /** One that knows secrets already. */
  readonly redactor?: Redactor | undefined;
  readonly standardInput?: Workspace['standardInput'];
  /** Asks a person for the pass phrase of her identity; undefined where nobody is there. */
  readonly passPhrase?: IdentitySources['passPhrase'];
  /** Asks a person whether a secret may go new ways, while everything waits; undefined where nobody is there. */
  readonly allowSecret?: ((name: string, environment: string, added: readonly string[]) => boolean) | undefined;
  /** Then no secret and no open session is read. */
  readonly standIns?: StandIns | undefined;
  /** Asks a person; undefined where nobody is there. */
  readonly confirmChange?: ((facts: ChangeFacts) => Promise<boolean>) | undefined;
}

/** What stands in for values that are not used but looked for: see `interchange/code`. */
export interface StandIns {
  readonly secret: Runtime['secret'];
  readonly session: (name: string) => OpenSession;
  readonly moment: Moment;
  readonly uuid: string;
  readonly through: Through;
}

/** What evaluates: the names that are in force, and the runtime that expressions ask. */
export interface Evaluator {
  readonly environment: Environment;
  readonly layers: VariableScopes;
  readonly settings: Settings;
  readonly redactor: Redactor;
  readonly moment: Moment | undefined;
  /** Names that the environment and the collection's variables may take from whoever sends. */
  readonly outsideNames: ReadonlySet<string>;
  /** Where rows come from that are read from standard input. */
  readonly standardInput: (() => Readable) | undefined;
  runtime(): Runtime;
  /** What one evaluation, or those of one request, share: a runtime of its own. */
  evaluationContext(): EvaluationContext;
  /** @throws Problem usage: a name of `--set` that neither these inputs nor any variable knows */
  checkSettings(inputs: Iterable<string>): void;
}

/** What sends: connections and where they may lead, sessions, and how often and how fast. */
export interface Sender {
  readonly transport: Transport;
  readonly sessions: Sessions;
  /** What kinds of sessions remember while the program runs. */
  readonly sessionMemory: Map<string, unknown>;
  /** What a session file has to do with. */
  sessionContext(name: string, caller: Names): SessionContext;
  readonly secrets: SecretStore;
  readonly log: EchoLog;
  readonly origins: ListedOrigins;
  readonly ways: WaysOut;
  readonly timeout: Partial<Timeout>;
  readonly connection: ConnectionPlan;
  readonly cookies: CookieJars;
  readonly pins: Pins;
  readonly clocks: Clocks;
  readonly userAgent: string;
  /** The gate of a host, through which all that is sent to it goes. */
  gate(host: string): HostGate;
  /** When a request whose file says nothing is sent again. */
  readonly retry: RetryPolicy | undefined;
  /** Counts what hosts refuse. */
  readonly patience: Patience;
  /** Everything but the sending. */
  readonly dryRun: boolean;
  /** The vendor is rehearsed on this machine: nothing else is reached. */
  readonly rehearsed: boolean;
  /** @throws Problem change-refused, change-unconfirmed */
  requireChange(facts: Omit<ChangeFacts, 'environment' | 'calls' | 'rows'>): Promise<void>;
  /** What is to come, for the question whether it may. */
  expectChanges(expected: Pick<ChangeFacts, 'calls' | 'rows'>): void;
}

/** A collection in one environment, with all that evaluates, sends and listens there. */
export interface Workspace extends Preparation, Evaluator, Sender {
  /** Told what sending meets on its way. */
  readonly listeners: Listeners;
  /** Lets a person pick one of several; undefined where nobody is there. */
  readonly choose: ((question: string, labels: readonly string[]) => Promise<number>) | undefined;
  /** Takes what is found as the new baseline. */
  readonly accept: ((accepted: Accepted) => void) | undefined;
  /** Closes all of it, whatever goes wrong with a part. @returns how many records of old exchanges were deleted */
  close(): Promise<number>;
}
