/** A kind of session: how it is opened, what it adds to a request, how it is closed. */
import type { SessionFile } from '../collection/files/session-file.js';
import type { YamlFile } from '../collection/yaml.js';
import type { TlsIdentity } from '../exchange/connection/connection.js';
import type { EnvelopeBlock } from '../exchange/request/envelope.js';
import type { HeaderLine, QueryPair } from '../exchange/request/wire.js';
import type { Received } from '../exchange/response/received.js';
import type { Result, Runtime } from '../expression/evaluation.js';
import type { Value } from '../value/written.js';

/** What an open session holds; kept in a sealed file between runs. */
export interface OpenSession {
  /** Empty where cookies do it. */
  readonly token: string;
  /** ISO 8601. */
  readonly opened: string;
  /** Milliseconds since 1970; undefined where nobody says. */
  readonly expires: number | undefined;
  /** What renews it without the credentials (RFC 6749, section 1.5). */
  readonly refresh?: string | undefined;
  /** Other values of the response that opened it, by name. */
  readonly kept?: Readonly<Record<string, Value>> | undefined;
}

/** What a proof that goes with a request is made of. */
export interface CallToProve {
  /** Host and port: each server has challenges of its own. */
  readonly host: string;
  readonly method: string;
  /** Path and query, as they are sent. */
  readonly target: string;
  /** undefined where there is none, or it is streamed. */
  readonly body: Uint8Array | undefined;
}

/** The response to the call that opened a session, and what was named on the way. */
export interface Opened {
  readonly received: Received;
  readonly names: Readonly<Record<string, Value>>;
}

/** A call of a protocol, of which no file of the collection speaks. */
export interface ProtocolCall {
  readonly method: string;
  readonly url: string;
  readonly headers: Readonly<Record<string, string>>;
  /** Of a form. */
  readonly body: string | undefined;
}

/** Somebody who can be asked to do what only a person can. */
export interface Person {
  show(text: string): void;
  /** False where there is no browser. */
  browse(url: string): Promise<boolean>;
  /** What was typed or pasted; never settles where nobody can. */
  paste(question: string, signal: AbortSignal): Promise<string>;
}

export interface SessionContext {
  readonly name: string;
  readonly yaml: YamlFile;
  /** What a kind remembers while the program runs, by the name of the session. */
  readonly memory: Map<string, unknown>;
  /** undefined where nobody is there. */
  readonly person: Person | undefined;
  /** Told of every value that must not be shown. */
  readonly onSecret: (value: Value) => void;
  /** Sends the request that opens the session, with the sessions of its own file, or that closes it, with this one. */
  call(request: string, give: Readonly<Record<string, Value>>, part: 'open' | 'close'): Promise<Received>;
  /** Walks a trail of the collection without any session; fails where a step does. */
  walk(trail: string, give: Readonly<Record<string, Value>>): Promise<Opened>;
  /** Sends a call of a protocol and records it. @throws Problem where nothing came back, or the host is not listed */
  fetch(call: ProtocolCall): Promise<Response>;
  /** For an address that somebody else will open. @throws Problem host-not-listed */
  requireListed(url: URL): void;
  /** A client certificate from PEM or from paths in the collection. @throws Problem tls-settings, file-outside, file-not-found */
  identity(given: Readonly<Record<string, Value>>): TlsIdentity;
  /** A moment and a nonce for one try. */
  runtime(): Runtime;
  /**
   * Works out a value of the session file; what it yields is secret where it was made from one.
   * @param runtime of the request that it is for: its moment and its nonce are the same throughout
   */
  evaluate(
    value: Value,
    path: readonly (string | number)[],
    names: Readonly<Record<string, Value>>,
    runtime?: Runtime,
  ): Promise<Result>;
}

/** A request, or a trail of them, that opens or closes a session. */
export interface SessionCall {
  readonly kind: 'request' | 'trail';
  readonly name: string;
  readonly part: 'open' | 'close';
  /** Where it is named. */
  readonly path: readonly string[];
}

export interface SessionKind<File extends SessionFile = SessionFile> {
  readonly name: File['kind'];
  readonly about: string;
  /** The scheme in which it answers a challenge (RFC 9110, section 11.1), in small letters. */
  readonly scheme?: string;
  /** Where its proof stands, where that is no header line. */
  proof?(file: File): string | undefined;
  /** What it sends and walks. */
  calls?(file: File): readonly SessionCall[];
  /** The place of the token in the response that opens it. */
  tokenPlace?(file: File): string | undefined;
  /** What its opening depends on; all of the file by default. */
  openedWith?(file: File): Value;
  /** Why it cannot answer a challenge, in words. */
  unable?(headers: Received['headers']): string | undefined;
  /**
   * undefined where there is nothing to open.
   * @param before what is to be renewed
   * @param saving keeps a refresh token that came in the place of another, before anything else of its response is judged
   */
  open?(
    file: File,
    room: SessionContext,
    before: OpenSession | undefined,
    saving: (refresh: string) => Promise<void>,
  ): Promise<OpenSession>;
  /** To open it uses up nothing but what the person has already: no run closes it at its end. */
  renewsOnly?(file: File): boolean;
  /** The header lines that it adds. @param call undefined where nothing is sent yet */
  lines?(
    file: File,
    room: SessionContext,
    open: OpenSession | undefined,
    call: CallToProve | undefined,
  ): Promise<readonly HeaderLine[]>;
  /** The query parameters that it adds. */
  query?(file: File, room: SessionContext): Promise<readonly QueryPair[]>;
  /** What it writes into the header of a SOAP envelope, again for each try. */
  blocks?(file: File, room: SessionContext): Promise<readonly EnvelopeBlock[]>;
  /** The client certificate that it shows. */
  identity?(file: File, room: SessionContext): Promise<TlsIdentity>;
  /**
   * Told of a 401. True where the request is to be sent again.
   * @param host of the server that responded @param proved whether the request had carried what this kind adds
   */
  challenged?(room: SessionContext, host: string, headers: Received['headers'], proved: boolean): boolean;
  /** Told of every other response. */
  responded?(room: SessionContext, host: string, headers: Received['headers']): void;
  close?(file: File, room: SessionContext, open: OpenSession): Promise<void>;
}
