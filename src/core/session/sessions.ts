/** The sessions of one environment: opened when first needed, once, kept between runs, closed on request. */
import { join } from 'node:path';
import type { Collection } from '../collection/collection.js';
import type { Received } from '../exchange/received.js';
import type { HeaderLine, QueryPair } from '../exchange/wire.js';
import { Problem } from '../problem/problem.js';
import { sealedFile } from '../storage/sealed-file.js';
import type { Value } from '../value/written.js';
import { sessionKinds } from './registry.js';
import type { CallToProve, OpenSession, SessionKind, SessionRoom } from './session-kind.js';

/** A token that ends within this time is renewed before it is used. */
const margin = 5_000;

export interface SessionFacts {
  readonly name: string;
  readonly kind: string;
  readonly about: string | undefined;
  readonly open: boolean;
  readonly opened: string | undefined;
  readonly expires: number | undefined;
}

/** What sessions add to one request, and from which tokens. */
export interface Attachment {
  readonly lines: readonly HeaderLine[];
  readonly query: readonly QueryPair[];
  /** The sessions, by their whole names. */
  readonly names: readonly string[];
  readonly tokens: readonly { readonly name: string; readonly session: OpenSession }[];
  /** A session was opened for this very request: its refusal is not a matter of age. */
  readonly openedNow: boolean;
}

export interface Sessions {
  /** What the named sessions add to a request; opens those that are not open. */
  attach(names: readonly string[], call: CallToProve): Promise<Attachment>;
  /** The same without opening anything: which of them are not open, and what they would add. */
  peek(names: readonly string[]): Promise<{
    readonly lines: readonly HeaderLine[];
    readonly query: readonly QueryPair[];
    readonly notOpen: readonly string[];
  }>;
  /** Told of each answer. True where a refusal is to be answered with the same request, proved anew. */
  heard(attachment: Attachment, status: number, headers: Received['headers']): boolean;
  /**
   * Opens anew after a refusal. Many refusals of one token cause one renewal.
   * False where nothing can be renewed: the refusal then means something else.
   */
  renew(attachment: Attachment): Promise<boolean>;
  open(name: string): Promise<SessionFacts>;
  /** False where it was not open. */
  close(name: string): Promise<boolean>;
  list(): Promise<readonly SessionFacts[]>;
  /** Opened by this process and still open, the newest first. */
  readonly opened: readonly string[];
}

export interface SessionsSettings {
  readonly collection: Collection;
  readonly environment: string;
  readonly home: string;
  readonly room: (name: string) => SessionRoom;
  /** Told of every token. */
  readonly onSecret: (value: Value) => void;
  readonly onOpened: (name: string) => void;
}

export function openSessions({ collection, environment, home, room, onSecret, onOpened }: SessionsSettings): Sessions {
  const file = sealedFile<Record<string, OpenSession>>(join(collection.local, 'sessions.sealed'), home, {});
  const keyOf = (name: string): string => `${environment} ${name}`;
  const inMemory = new Map<string, OpenSession>();
  const opening = new Map<string, Promise<OpenSession>>();
  const openedHere: string[] = [];
  let stored: Promise<Record<string, OpenSession>> | undefined;

  const kindOf = (name: string): { kind: SessionKind; full: string; content: Parameters<SessionKind['lines']>[0] } => {
    const loaded = collection.read('session', name);
    const kind = sessionKinds.get(loaded.content.kind);
    if (!kind) throw new Problem('session-missing', { what: `there is no kind of session ${loaded.content.kind}` });
    return { kind, full: loaded.name, content: loaded.content };
  };

  async function storeChange(change: (sessions: Record<string, OpenSession>) => void): Promise<void> {
    const sessions = { ...(await file.read()) };
    change(sessions);
    await file.write(sessions);
    stored = Promise.resolve(sessions);
  }

  async function ensure(given: string, anew = false): Promise<OpenSession | undefined> {
    const { kind, full, content } = kindOf(given);
    if (!kind.open) return undefined;
    if (!anew) {
      const known = inMemory.get(full) ?? (await fromStore(full));
      if (known && (known.expires === undefined || known.expires > Date.now() + margin)) return known;
    }
    let work = opening.get(full);
    if (!work) {
      work = kind.open(content, room(full)).then(async (session) => {
        onSecret(session.token);
        onOpened(full);
        inMemory.set(full, session);
        if (!openedHere.includes(full)) openedHere.unshift(full);
        await storeChange((sessions) => {
          sessions[keyOf(full)] = session;
        });
        return session;
      });
      opening.set(full, work);
      const done = (): void => {
        opening.delete(full);
      };
      work.then(done, done);
    }
    return work;
  }

  async function fromStore(full: string): Promise<OpenSession | undefined> {
    stored ??= file.read();
    const session = (await stored)[keyOf(full)];
    if (!session) return undefined;
    onSecret(session.token);
    inMemory.set(full, session);
    return session;
  }

  async function facts(name: string): Promise<SessionFacts> {
    const { content, full } = kindOf(name);
    const open = inMemory.get(full) ?? (await fromStore(full));
    return {
      name: full,
      kind: content.kind,
      about: content.about,
      open: open !== undefined,
      opened: open?.opened,
      expires: open?.expires,
    };
  }

  return {
    opened: openedHere,
    async attach(names, call) {
      const lines: HeaderLine[] = [];
      const query: QueryPair[] = [];
      const fulls: string[] = [];
      const tokens: { name: string; session: OpenSession }[] = [];
      let openedNow = false;
      for (const name of names) {
        const { kind, full, content } = kindOf(name);
        const before = inMemory.get(full) ?? (await fromStore(full));
        const session = await ensure(name);
        if (session) {
          tokens.push({ name: full, session });
          openedNow ||= session !== before;
        }
        fulls.push(full);
        for (const line of await kind.lines(content, room(full), session, call)) {
          onSecret(line.value);
          lines.push(line);
        }
        for (const pair of (await kind.query?.(content, room(full))) ?? []) {
          onSecret(pair.value);
          query.push(pair);
        }
      }
      return { lines, query, names: fulls, tokens, openedNow };
    },
    async peek(names) {
      const lines: HeaderLine[] = [];
      const query: QueryPair[] = [];
      const notOpen: string[] = [];
      for (const name of names) {
        const { kind, full, content } = kindOf(name);
        const session = kind.open ? (inMemory.get(full) ?? (await fromStore(full))) : undefined;
        if (kind.open && !session) notOpen.push(full);
        lines.push(...(await kind.lines(content, room(full), session, undefined)));
        query.push(...((await kind.query?.(content, room(full))) ?? []));
      }
      return { lines, query, notOpen };
    },
    heard({ names, lines }, status, headers) {
      let again = false;
      for (const name of names) {
        const { kind, full } = kindOf(name);
        if (status !== 401) kind.answered?.(room(full), headers);
        else if (
          kind.challenged?.(
            room(full),
            headers,
            lines.some(({ origin }) => origin === `session ${full}`),
          )
        )
          again = true;
      }
      return again;
    },
    async renew({ tokens, openedNow }) {
      if (openedNow || tokens.length === 0) return false;
      for (const { name, session } of tokens) {
        // Whoever comes first renews; the others find that the token they used is not the present one.
        if (inMemory.get(name) === session) await ensure(name, true);
      }
      return true;
    },
    async open(name) {
      await ensure(name, true);
      return facts(name);
    },
    async close(name) {
      const { kind, full, content } = kindOf(name);
      const open = inMemory.get(full) ?? (await fromStore(full));
      if (!open) return false;
      try {
        await kind.close?.(content, room(full));
      } finally {
        inMemory.delete(full);
        const at = openedHere.indexOf(full);
        if (at !== -1) openedHere.splice(at, 1);
        await storeChange((sessions) => {
          delete sessions[keyOf(full)];
        });
      }
      return true;
    },
    list: () => Promise.all(collection.names('session').map(facts)),
  };
}
