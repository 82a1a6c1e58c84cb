/** Requests to a rehearsed vendor and its responses, as plain data. */

export interface RehearsedRequest {
  readonly method: string;
  /** As the client named it, with its port. */
  readonly host: string;
  /** As it came: the path with its query. */
  readonly target: string;
  /** By their names in small letters. */
  readonly headers: ReadonlyMap<string, string>;
  readonly body: Uint8Array;
}

/** Where a response is from. */
export type Origin = 'echo' | 'example' | 'made up' | 'memory' | 'refusal' | 'trouble' | 'token';

export interface RehearsedResponse {
  readonly status: number;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string | Uint8Array;
  readonly from: Origin;
  /** `SOURCE/OPERATION`, where one is meant. */
  readonly operation?: string;
  /** Of a refusal: what is wrong. */
  readonly faults?: readonly string[];
  /** Pieces that come one by one after the head, in place of a body. */
  readonly stream?: readonly string[];
}

/** One exchange for whoever watches: credentials of the request are hidden in it. */
export interface RehearsedExchange {
  readonly method: string;
  /** The path with its query. */
  readonly target: string;
  /** null where the connection was ended on purpose. */
  readonly status: number | null;
  readonly from: Origin;
  readonly operation: string | null;
  readonly faults: readonly string[];
}

/** One way to be wrong: the documented status for it, and what is wrong, each in a sentence. */
export interface Refused {
  readonly status: number;
  readonly title: string;
  readonly faults: readonly string[];
  readonly headers?: Readonly<Record<string, string>>;
}
