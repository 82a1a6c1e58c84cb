/** A kind of session: how it is opened, what it adds to a request, how it is closed. */
import type { SessionFile } from '../collection/files/session-file.js';
import type { YamlFile } from '../collection/yaml.js';
import type { Received } from '../exchange/received.js';
import type { HeaderLine } from '../exchange/wire.js';
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

export interface SessionRoom {
  readonly name: string;
  readonly yaml: YamlFile;
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
  /** The header lines that it adds. */
  lines(file: File, room: SessionRoom, open: OpenSession | undefined): Promise<readonly HeaderLine[]>;
  close?(file: File, room: SessionRoom): Promise<void>;
}
