/** What came back: raw facts, and the body decoded when somebody looks at it. */

import { headerValue, type Observed } from '../../place/observed.js';
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';
import { parseJson } from '../../value/json-text.js';
import { sizeText } from '../../value/measures.js';
import type { Value } from '../../value/written.js';
import type { TlsFacts } from '../connection/certificate.js';
import { decoded, isDecodable } from './charset.js';
import { mostInMemory, type Spooled, tooLarge } from './overflow.js';

/** Milliseconds each. `connect` is undefined on a connection that was open already. */
export interface Phases {
  readonly lookup: number | undefined;
  readonly connect: number | undefined;
  readonly tls: number | undefined;
  readonly waiting: number;
  readonly receiving: number;
  readonly total: number;
}

export interface Hop {
  readonly status: number;
  readonly url: string;
  readonly method: string;
  /** What did not go along to the next address: header lines by name, `cookies`, `the client certificate`. */
  readonly dropped?: readonly string[];
}

export interface ReceivedParts {
  readonly status: number;
  readonly reason: string;
  readonly headers: readonly (readonly [name: string, value: string])[];
  /** Decompressed. */
  readonly body: Uint8Array;
  /** Bytes that went elsewhere in place of `body`, decoded. */
  readonly saved?: number | undefined;
  /** Where all of it is; then `body` is its beginning. */
  readonly spooled?: Spooled | undefined;
  /** Bytes of the body as they came. */
  readonly wireSize: number;
  readonly phases: Phases;
  /** Of the request that led to this, behind all redirects. */
  readonly finalMethod?: string;
  readonly finalUrl: string;
  /** Why a redirect was not followed; empty where the request does not want it. */
  readonly unfollowed?: string | undefined;
  readonly hops: readonly Hop[];
  readonly remoteAddress: string | undefined;
  /** `HTTP/1.1` or `HTTP/2`. */
  readonly protocol: string;
  readonly tls: TlsFacts | undefined;
  /** Header lines behind the body (RFC 9110 section 6.5). */
  readonly trailers: readonly (readonly [name: string, value: string])[];
  /** Responses on the way (RFC 9110 section 15.2), such as 103 Early Hints. */
  readonly hints: readonly { readonly status: number; readonly headers: ReceivedParts['headers'] }[];
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
    return this.parts.saved ?? this.parts.spooled?.size ?? this.parts.body.length;
  }

  get finalUrl(): string {
    return this.parts.finalUrl;
  }

  get unfollowed(): string | undefined {
    return this.parts.unfollowed;
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

  /** @throws Problem response-too-large: only its beginning is here */
  get text(): string {
    const { spooled } = this.parts;
    if (spooled)
      throw tooLarge(
        `it is ${sizeText(spooled.size)} long; expectations, keep and ${action().pick()} read up to ${sizeText(mostInMemory)}`,
      );
    return this.shown;
  }

  /** False where bytes of its text are not of its charset, and are shown as U+FFFD. */
  get decodable(): boolean {
    const { body, spooled } = this.parts;
    return spooled !== undefined || !this.textual || isDecodable(body, headerValue(this.headers, 'content-type'));
  }

  /** The text, or as much of it as there is. */
  get shown(): string {
    if (this.textRead === undefined)
      this.textRead = decoded(this.parts.body, headerValue(this.headers, 'content-type'));
    return this.textRead;
  }

  json(): Value {
    if (this.jsonRead === undefined) {
      const { text } = this;
      try {
        this.jsonRead = this.media.lines ? parseLines(text) : parseJson(text);
      } catch (error) {
        if (error instanceof Problem) throw error;
        const lines = this.media.json ? linesUnnamed(text) : undefined;
        if (lines === undefined) throw notJson(this, error as Error);
        this.jsonRead = lines;
      }
    }
    return this.jsonRead;
  }

  get hopCount(): number {
    return this.parts.hops.length;
  }
}

/** What a content type says. */
interface Media {
  readonly type: string;
  readonly json: boolean;
  /** A value a line. */
  readonly lines: boolean;
  /** undefined where the type says nothing. */
  readonly textual: boolean | undefined;
}

/** A vendor sends few different types, and a run asks for them at every response. */
const mediaTypes = new Map<string, Media>();

function mediaOf(contentType: string): Media {
  let media = mediaTypes.get(contentType);
  if (!media) {
    const type = contentType.split(';')[0]?.trim().toLowerCase() ?? '';
    const text = /^text\/|[/+](?:json|xml)$|^application\/(?:javascript|graphql|x-www-form-urlencoded|yaml)$/.test(
      type,
    );
    const bytes = /^(?:image|audio|video|font)\/|^application\/(?:pdf|zip|gzip|octet-stream)$/.test(type);
    const lines = /^application\/(?:x-)?(?:ndjson|jsonl|json-lines|json-seq)$/.test(type);
    media = {
      type,
      lines,
      json: lines || /[/+]json$/.test(type),
      textual: text || lines ? true : bytes ? false : undefined,
    };
    if (mediaTypes.size > 100) mediaTypes.clear();
    mediaTypes.set(contentType, media);
  }
  return media;
}

/** JSON lines: a value each, empty lines left out; with RFC 7464 a record separator opens each. */
const parseLines = (text: string): Value =>
  text
    .split('\n')
    .map((line) => (line.startsWith('\u001e') ? line.slice(1) : line).trim())
    .filter((line) => line !== '')
    .map(parseJson);

/** What a type says is one value may be a stream of them: every line is whole by itself. */
function linesUnnamed(text: string): Value | undefined {
  // One value laid out over lines has no line that begins and ends a map or a list but the only one.
  if (!/^\s*[{[].*[}\]]\s*\n\s*[{[]/.test(text)) return undefined;
  try {
    return parseLines(text);
  } catch {
    return undefined;
  }
}

function notJson(received: Received, error: Error): Problem {
  const start = received.text.slice(0, 80);
  const type = headerValue(received.headers, 'content-type');
  return new Problem('response-not-json', {
    what:
      received.size === 0
        ? 'the response is empty, and JSON was expected'
        : received.claimsJson
          ? `the response says ${type}, but is not JSON`
          : 'the response is not JSON',
    where: 'reading the response',
    cause:
      received.size === 0
        ? undefined
        : `it begins with ${JSON.stringify(start)}${received.claimsJson ? `; ${error.message}` : `; its type is ${type ?? 'not named'}`}`,
    remedy: /^\s*</.test(start)
      ? `an HTML page often comes from a proxy or a log-in in between; ${action().viewRaw()}`
      : undefined,
    data: { status: received.status },
  });
}
