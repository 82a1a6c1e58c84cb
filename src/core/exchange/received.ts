/** What came back: raw facts, and the body decoded when somebody looks at it. */

import { headerValue, type Observed } from '../place/observed.js';
import { Problem } from '../problem/problem.js';
import { parseJson } from '../value/json-text.js';
import type { Value } from '../value/written.js';

/** Milliseconds each. `connect` is undefined on a connection that was open already. */
export interface Phases {
  readonly lookup: number | undefined;
  readonly connect: number | undefined;
  readonly waiting: number;
  readonly receiving: number;
  readonly total: number;
}

export interface Hop {
  readonly status: number;
  readonly url: string;
}

export interface ReceivedParts {
  readonly status: number;
  readonly reason: string;
  readonly headers: readonly (readonly [name: string, value: string])[];
  /** Decompressed. */
  readonly body: Uint8Array;
  /** Bytes of the body as they came. */
  readonly wireSize: number;
  readonly phases: Phases;
  readonly finalUrl: string;
  readonly hops: readonly Hop[];
  readonly remoteAddress: string | undefined;
}

export class Received implements Observed {
  readonly status: number;
  readonly headers: ReceivedParts['headers'];
  private textRead: string | undefined;
  private jsonRead: Value | undefined;
  private mediaRead: Media | undefined;

  constructor(readonly parts: ReceivedParts) {
    this.status = parts.status;
    this.headers = parts.headers;
  }

  get time(): number {
    return this.parts.phases.total;
  }

  get size(): number {
    return this.parts.body.length;
  }

  get finalUrl(): string {
    return this.parts.finalUrl;
  }

  /** The media type in lower case, without parameters; empty where none is named. */
  get mediaType(): string {
    return this.media.type;
  }

  get claimsJson(): boolean {
    return this.media.json;
  }

  /** Text by its type, or, where the type says nothing, by the absence of NUL bytes. */
  get textual(): boolean {
    return this.media.textual ?? !this.parts.body.subarray(0, 1000).includes(0);
  }

  private get media(): Media {
    this.mediaRead ??= mediaOf(headerValue(this.headers, 'content-type') ?? '');
    return this.mediaRead;
  }

  get text(): string {
    if (this.textRead === undefined)
      this.textRead = decoded(this.parts.body, headerValue(this.headers, 'content-type'));
    return this.textRead;
  }

  json(): Value {
    if (this.jsonRead === undefined) {
      try {
        this.jsonRead = parseJson(this.text);
      } catch (error) {
        throw notJson(this, error as Error);
      }
    }
    return this.jsonRead;
  }
}

/** What a content type says. */
interface Media {
  readonly type: string;
  readonly json: boolean;
  /** undefined where the type says nothing. */
  readonly textual: boolean | undefined;
}

/** A vendor sends few different types, and a run asks for them at every answer. */
const mediaTypes = new Map<string, Media>();

function mediaOf(contentType: string): Media {
  let media = mediaTypes.get(contentType);
  if (!media) {
    const type = contentType.split(';')[0]?.trim().toLowerCase() ?? '';
    const text = /^text\/|[/+](?:json|xml)$|^application\/(?:javascript|graphql|x-www-form-urlencoded|yaml)$/.test(
      type,
    );
    const bytes = /^(?:image|audio|video|font)\/|^application\/(?:pdf|zip|gzip|octet-stream)$/.test(type);
    media = { type, json: /[/+]json$/.test(type), textual: text ? true : bytes ? false : undefined };
    if (mediaTypes.size > 100) mediaTypes.clear();
    mediaTypes.set(contentType, media);
  }
  return media;
}

/** By the charset parameter (RFC 9110 section 8.3.2), UTF-8 where it is missing or unknown. A byte order mark is dropped. */
function decoded(body: Uint8Array, contentType: string | undefined): string {
  const charset = /;\s*charset="?([^\s";]+)/i.exec(contentType ?? '')?.[1];
  if (charset !== undefined && !/^utf-?8$/i.test(charset)) {
    try {
      return new TextDecoder(charset).decode(body);
    } catch {
      // An unknown charset: UTF-8 is the best guess.
    }
  }
  const marked = body[0] === 0xef && body[1] === 0xbb && body[2] === 0xbf;
  return Buffer.from(body.buffer, body.byteOffset, body.length).toString('utf8', marked ? 3 : 0);
}

function notJson(received: Received, error: Error): Problem {
  const start = received.text.slice(0, 80);
  const type = headerValue(received.headers, 'content-type');
  return new Problem('answer-not-json', {
    what:
      received.size === 0
        ? 'the answer is empty, and JSON was wanted'
        : received.claimsJson
          ? `the answer says ${type}, but is not JSON`
          : 'the answer is not JSON',
    where: 'reading the answer',
    cause:
      received.size === 0
        ? undefined
        : `it begins with ${JSON.stringify(start)}${received.claimsJson ? `; ${error.message}` : `; its type is ${type ?? 'not named'}`}`,
    remedy: /^\s*</.test(start)
      ? 'an HTML page often comes from a proxy or a log-in in between; look at it with --view raw'
      : undefined,
    data: { status: received.status },
  });
}
