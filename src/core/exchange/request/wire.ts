/** What goes out, in three states: resolved from a file, ready for the wire, and sent. */
import type { Readable } from 'node:stream';
import type { Named } from '../../expression/names.js';
import type { Connection } from '../connection/connection.js';

/** One header line. `secret` values are redacted wherever they are printed or stored. */
export interface HeaderLine {
  readonly name: string;
  readonly value: string;
  /** `request calls/book`, `requests/defaults.yaml`, `session agent`, `automatic`. */
  readonly origin: string;
  readonly secret: boolean;
  /** Of a Cookie line: what is not of the jar, where some of it is. */
  readonly own?: string;
}

export interface QueryPair {
  readonly name: string;
  readonly value: string;
  readonly secret: boolean;
  /** Written without an equals sign. */
  readonly bare?: boolean;
  /** Of a list in one parameter: its items, encoded one by one with commas between. */
  readonly joined?: readonly string[];
  /** With only its secrets hidden; all of a secret value is hidden without it. */
  readonly shown?: string;
}

/** Bytes, or a file by its real path and as the collection names it. */
export type BodyPart = Uint8Array | { readonly path: string; readonly named: string };

export interface WireBody {
  /** All of it; empty where it is streamed. */
  readonly bytes: Uint8Array;
  /** Of a body with files: opened again for every try. */
  readonly streamed?: {
    /** undefined where nobody knows it: then it is sent in chunks (RFC 9112 section 7.1). */
    readonly size: number | undefined;
    open(): Readable;
    /** The same, read while nothing else happens: for a digest before it leaves. */
    pieces(): Iterable<Uint8Array>;
    /** What it is made of, in order; undefined where it is not from files. */
    readonly parts?: readonly BodyPart[];
  };
  /** Where it is no body at all, but parameters of the query. */
  readonly asQuery?: readonly QueryPair[];
  /** The content type that follows from the kind. */
  readonly type: string;
  /** The text with secrets hidden. */
  readonly shown: string;
  readonly secret: boolean;
  /** What the kind wants beside the content type. */
  readonly headers?: readonly { readonly name: string; readonly value: string }[];
}

/** In bytes; undefined where nobody knows it. */
export const bodySize = ({ bytes, streamed }: WireBody): number | undefined =>
  streamed ? streamed.size : bytes.length;

/** A request file with every name computed; nothing of the session or the transport yet. */
export interface ResolvedRequest {
  readonly name: string;
  readonly operation: string | undefined;
  readonly method: string;
  /** Absolute, without the parameters of `query`. */
  readonly address: string;
  /** With the secrets among its parts hidden, where there are any. */
  readonly shownAddress?: string | undefined;
  readonly query: readonly QueryPair[];
  readonly headers: readonly HeaderLine[];
  readonly body: WireBody | undefined;
  readonly sessions: readonly string[];
  readonly changes: boolean;
  /** By which the vendor knows a call that it has done already. */
  readonly idempotencyKey: string | undefined;
  /** How many are followed; undefined where the file says nothing. */
  readonly redirects: number | undefined;
  readonly connection: Connection;
  /** Milliseconds. */
  readonly timeout: Timeout;
  /** Every name that was used, with its value and where it came from; only where it was asked for. */
  readonly names: ReadonlyMap<string, Named>;
  /** A secret is in the address or the query. */
  readonly addressSecret: boolean;
  /**
   * Its address was not said by a file of the collection but typed, or is in a response, and the environment does not
   * list its origin: nothing of the collection goes along.
   */
  readonly outside?: boolean;
}

export interface Timeout {
  readonly connect: number;
  /** From sending to the first byte; no limit but the total where undefined. */
  readonly firstByte?: number;
  /** Between two pieces. */
  readonly idle?: number;
  readonly total: number;
}

/** The request as it leaves, every header line included. */
export interface WireRequest {
  readonly method: string;
  readonly url: URL;
  /** The address with secrets hidden. */
  readonly shownUrl: string;
  readonly headers: readonly HeaderLine[];
  readonly body: WireBody | undefined;
  readonly timeout: Timeout;
  readonly redirects: number | undefined;
  readonly connection: Connection;
  /** A secret is in the address or the query. */
  readonly addressSecret?: boolean;
  /** Its header lines are its own: nothing about them is worth remembering for the next request. */
  readonly signed?: boolean;
}

/** Of a line that was made from the user and the password of an address. */
export const credentialsOrigin = 'address';

export const hidden = '‹secret›';
