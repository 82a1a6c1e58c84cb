/** A kind of session: how it is opened, what it adds to a request, how it is closed. */
import type { SessionFile } from '../collection/files/session-file.js';
import type { YamlFile } from '../collection/yaml.js';
import type { Received } from '../exchange/received.js';
import type { HeaderLine, QueryPair } from '../exchange/wire.js';
import type { Result } from '../expression/evaluation.js';
import type { Value } from '../value/written.js';

/** What an open session holds; kept in a sealed file between runs. */
export interface OpenSession {
  readonly token: string;
  /** ISO 8601. */
  readonly opened: string;
  /** Milliseconds since 1970; undefined where nobody says. */
  readonly expires: number | undefined;
}

/** What a proof that goes with a request is made of. */
export interface CallToProve {
  readonly method: string;
  /** Path and query, as they are sent. */
  readonly target: string;
  /** undefined where there is none, or it is streamed. */
  readonly body: Uint8Array | undefined;
}

export interface SessionRoom {
  readonly name: string;
  readonly yaml: YamlFile;
  /** What a kind remembers while the program runs, by the name of the session. */
  readonly memory: Map<string, unknown>;
  /** Sends a request of the collection, with no session but the ones named; fails where its answer is not as expected. */
  call(request: string, give: Readonly<Record<string, Value>>, sessions: readonly string[]): Promise<Received>;
  /** Works out a value of the session file; what it yields is secret where it was made from one. */
  evaluate(value: Value, path: readonly (string | number)[], names: Readonly<Record<string, Value>>): Promise<Result>;
}

export interface SessionKind<File extends SessionFile = SessionFile> {
  readonly name: File['kind'];
  readonly about: string;
  /** undefined where there is nothing to open. */
  open?(file: File, room: SessionRoom): Promise<OpenSession>;
  /** The header lines that it adds. @param call undefined where nothing is sent yet */
  lines(
    file: File,
    room: SessionRoom,
    open: OpenSession | undefined,
    call: CallToProve | undefined,
  ): Promise<readonly HeaderLine[]>;
  /** The query parameters that it adds. */
  query?(file: File, room: SessionRoom): Promise<readonly QueryPair[]>;
  /**
   * Told of a 401. True where the request is to be sent again.
   * @param proved whether the request had carried what this kind adds
   */
  challenged?(room: SessionRoom, headers: Received['headers'], proved: boolean): boolean;
  /** Told of every other answer. */
  answered?(room: SessionRoom, headers: Received['headers']): void;
  close?(file: File, room: SessionRoom): Promise<void>;
}
