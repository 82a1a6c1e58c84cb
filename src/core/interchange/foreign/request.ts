/** A request that stands outside the collection: in a command line, an HTTP message, an archive. */

export interface ForeignPart {
  readonly name: string;
  readonly content: { readonly text: string } | { readonly file: string };
  readonly type?: string | undefined;
  readonly fileName?: string | undefined;
}

export type ForeignBody =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'bytes'; readonly bytes: Uint8Array }
  /** Decoded. */
  | { readonly kind: 'form'; readonly fields: readonly (readonly [name: string, value: string])[] }
  | { readonly kind: 'parts'; readonly parts: readonly ForeignPart[] }
  /** A path as it was written there. */
  | { readonly kind: 'file'; readonly path: string };

export interface ForeignResponse {
  readonly status: number;
  readonly headers: readonly (readonly [name: string, value: string])[];
  /** undefined where it is no text, or was not kept. */
  readonly text: string | undefined;
}

/** Its texts may have holes (`holes.ts`): values that whoever wrote it has somewhere else. */
export interface ForeignRequest {
  /** Where it stands: `deploy.sh, line 3`. */
  readonly from: string;
  readonly method: string;
  /** Absolute, or from the root where the host is not said. */
  readonly url: string;
  /** In their order, as they were written; none that the body or the connection makes. */
  readonly headers: readonly (readonly [name: string, value: string])[];
  readonly body: ForeignBody | undefined;
  /** Of HTTP basic authentication. */
  readonly user?: { readonly name: string; readonly password: string } | undefined;
  readonly redirects?: number | undefined;
  /** Milliseconds. */
  readonly timeout?: { readonly connect?: number; readonly total?: number } | undefined;
  readonly response?: ForeignResponse | undefined;
}

/** What could not be taken over. */
export interface LeftOut {
  readonly from: string;
  readonly what: string;
}

export interface Read {
  /** In the order in which they are made. */
  readonly requests: readonly ForeignRequest[];
  readonly left: readonly LeftOut[];
}

/** A way in which requests are written elsewhere. */
export interface Importer {
  readonly name: string;
  readonly about: string;
  /** Whether a text looks like one of this kind. */
  claims(text: string): boolean;
  /**
   * @param name of the text, for messages
   * @throws Problem import-unreadable: it is none, or is broken
   */
  read(text: string, name: string): Read;
}
