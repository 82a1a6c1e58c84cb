/** The sessions of one environment: opened when first needed, once, kept between runs, closed on request. */
import { join } from 'node:path';
import type { Collection } from '../collection/collection.js';
import type { SessionFile } from '../collection/files/session-file.js';
import type { TlsIdentity } from '../exchange/connection.js';
import type { Received } from '../exchange/received.js';
import { addedWays, type WaysOut } from '../exchange/ways-out.js';
import type { HeaderLine, QueryPair } from '../exchange/wire.js';
import { Problem } from '../problem/problem.js';
import { alone } from '../storage/alone.js';
import { sealedFile } from '../storage/sealed-file.js';
import { isSecretName } from '../value/secret-fields.js';
import type { Value } from '../value/written.js';
import { sessionKinds } from './registry.js';
import type { CallToProve, OpenSession, SessionKind, SessionRoom } from './session-kind.js';
import { claimsOf } from './token-claims.js';

/** A token that ends within this time is renewed before it is used. */
const margin = 5_000;

export interface SessionFacts {
  readonly name: string;
  readonly kind: string;
  readonly about: string | undefined;
  /** Whether there is anything to open. */
  readonly opens: boolean;
  readonly open: boolean;
  readonly opened: string | undefined;
  readonly expires: number | undefined;
  /** It can be renewed without its credentials. */
  readonly renewable: boolean;
  /** What a JSON Web Token says of itself (RFC 7519). */
  readonly claims: Readonly<Record<string, unknown>> | undefined;
}

/** What sessions add to one request, and from which tokens. */
export interface Attachment {
  readonly lines: readonly HeaderLine[];
  readonly query: readonly QueryPair[];
  readonly identity: TlsIdentity | undefined;
  /** Where they were sent. */
  readonly host: string;
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
  /** One session as it is open. @param opening opens it where it is not; undefined where there is nothing to open */
  openOf(name: string, opening: boolean): Promise<OpenSession | undefined>;
  /** Those that are opened, by their whole names. */
  opening(names: readonly string[]): readonly string[];
  /** Told of each answer. True where a refusal is to be answered with the same request, proved anew. */
  heard(attachment: Attachment, status: number, headers: Received['headers']): boolean;
  /**
   * Opens anew after a refusal. Many refusals of one token cause one renewal.
   * False where nothing can be renewed: the refusal then means something else.
   */
  renew(attachment: Pick<Attachment, 'tokens' | 'openedNow'>): Promise<boolean>;
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
  /** The host of the environment: what was opened there is used nowhere else. */
  readonly host: string;
  readonly home: string;
  /** What was opened when the environment had fewer ways out is not used. */
  readonly ways: WaysOut;
  /** @throws Problem host-not-listed: no session can be used in the environment */
  readonly demand: (name: string) => void;
  readonly room: (name: string) => SessionRoom;
  /** Told of every token. */
  readonly onSecret: (value: Value) => void;
  readonly onOpened: (name: string) => void;
  readonly onClosed: (name: string) => void;
}

type StoredSession = OpenSession & { readonly ways?: WaysOut };

/** Why a session is opened: it is needed, the one that is open was refused, or a person wants it anew. */
type Reason = 'needed' | 'wanted' | { readonly refused: OpenSession };

export function openSessions(settings: SessionsSettings): Sessions {
  const { collection, environment, host, home, ways, demand, room, onSecret, onOpened, onClosed } = settings;
  const path = join(collection.local, 'sessions.sealed');
  const file = sealedFile<Record<string, StoredSession>>(path, home, {});
  const keyOf = (name: string): string => `${environment} ${host} ${name}`;
  const inMemory = new Map<string, OpenSession>();
  const opening = new Map<string, Promise<OpenSession>>();
  const openedHere: string[] = [];
  let stored: Promise<Record<string, StoredSession>> | undefined;

  const kindOf = (name: string): { kind: SessionKind; full: string; content: SessionFile } => {
    const loaded = collection.read('session', name);
    const kind = sessionKinds.get(loaded.content.kind);
    if (!kind) throw new Problem('session-missing', { what: `there is no kind of session ${loaded.content.kind}` });
    return { kind, full: loaded.name, content: loaded.content };
  };

  const tell = ({ token, refresh, kept }: OpenSession): void => {
    if (token !== '') onSecret(token);
    if (refresh !== undefined) onSecret(refresh);
    for (const [name, value] of Object.entries(kept ?? {})) if (isSecretName(name)) onSecret(value);
  };

  /** Under the lock of the store. */
  async function storeChange(change: (sessions: Record<string, StoredSession>) => void): Promise<void> {
    const sessions = { ...(await file.read()) };
    change(sessions);
    await file.write(sessions);
    stored = Promise.resolve(sessions);
  }

  async function known(full: string): Promise<OpenSession | undefined> {
    const before = inMemory.get(full);
    if (before) return before;
    stored ??= file.read();
    const session = seen((await stored)[keyOf(full)]);
    if (!session) return undefined;
    tell(session);
    inMemory.set(full, session);
    return session;
  }

  /** A token is worked out from secrets, and goes no other way than they do. */
  const seen = (session: StoredSession | undefined): OpenSession | undefined =>
    session && addedWays(session.ways, ways).length === 0 ? session : undefined;

  const good = ({ expires }: OpenSession): boolean => expires === undefined || expires > Date.now() + margin;

  /** One process at a time; who had to wait finds what the other has opened. */
  const openedAlone = (
    { kind, full, content }: ReturnType<typeof kindOf>,
    open: NonNullable<SessionKind['open']>,
    reason: Reason,
  ): Promise<OpenSession> =>
    alone(`${path}.${full.replaceAll('/', '-')}`, async () => {
      const before = seen((await file.read())[keyOf(full)]);
      const another =
        before &&
        good(before) &&
        (reason === 'needed' || (reason !== 'wanted' && before.token !== reason.refused.token));
      if (another) {
        tell(before);
        inMemory.set(full, before);
        return before;
      }
      const session = await open.call(kind, content, room(full), reason === 'wanted' ? undefined : before);
      tell(session);
      onOpened(full);
      inMemory.set(full, session);
      if (!openedHere.includes(full)) openedHere.unshift(full);
      await alone(path, () =>
        storeChange((sessions) => {
          sessions[keyOf(full)] = { ...session, ways };
        }),
      );
      return session;
    });

  async function ensure(given: string, reason: Reason = 'needed'): Promise<OpenSession | undefined> {
    const found = kindOf(given);
    const { kind, full } = found;
    demand(full);
    if (!kind.open) return undefined;
    if (reason === 'needed') {
      const before = await known(full);
      if (before && good(before)) return before;
    }
    let work = opening.get(full);
    if (!work) {
      work = openedAlone(found, kind.open, reason);
      opening.set(full, work);
      const done = (): void => {
        opening.delete(full);
      };
      work.then(done, done);
    }
    return work;
  }

  async function facts(name: string): Promise<SessionFacts> {
    const { content, full, kind } = kindOf(name);
    const open = await known(full);
    return {
      name: full,
      kind: content.kind,
      about: content.about,
      opens: kind.open !== undefined,
      open: open !== undefined,
      opened: open?.opened,
      expires: open?.expires,
      renewable: open?.refresh !== undefined,
      claims: open && claimsOf(open.token),
    };
  }

  return {
    opened: openedHere,
    openOf: (name, opens) => (opens ? ensure(name) : known(kindOf(name).full)),
    opening: (names) =>
      names.flatMap((name) => {
        const { kind, full } = kindOf(name);
        return kind.open ? [full] : [];
      }),
    async attach(names, call) {
      const lines: HeaderLine[] = [];
      const query: QueryPair[] = [];
      const fulls: string[] = [];
      const tokens: { name: string; session: OpenSession }[] = [];
      let identity: TlsIdentity | undefined;
      let openedNow = false;
      for (const name of names) {
        const { kind, full, content } = kindOf(name);
        demand(full);
        const before = inMemory.get(full) ?? (await known(full));
        const session = await ensure(name);
        if (session) {
          tokens.push({ name: full, session });
          openedNow ||= session !== before;
        }
        fulls.push(full);
        for (const line of (await kind.lines?.(content, room(full), session, call)) ?? []) {
          onSecret(line.value);
          lines.push(line);
        }
        for (const pair of (await kind.query?.(content, room(full))) ?? []) {
          onSecret(pair.value);
          query.push(pair);
        }
        identity = (await kind.identity?.(content, room(full))) ?? identity;
      }
      return { lines, query, identity, host: call.host, names: fulls, tokens, openedNow };
    },
    async peek(names) {
      const lines: HeaderLine[] = [];
      const query: QueryPair[] = [];
      const notOpen: string[] = [];
      for (const name of names) {
        const { kind, full, content } = kindOf(name);
        demand(full);
        const session = kind.open ? await known(full) : undefined;
        if (kind.open && !session) notOpen.push(full);
        lines.push(...((await kind.lines?.(content, room(full), session, undefined)) ?? []));
        query.push(...((await kind.query?.(content, room(full))) ?? []));
      }
      return { lines, query, notOpen };
    },
    heard({ names, lines, host: server }, status, headers) {
      let again = false;
      for (const name of names) {
        const { kind, full } = kindOf(name);
        const proved = lines.some(({ origin }) => origin === `session ${full}`);
        if (status !== 401) kind.answered?.(room(full), server, headers);
        else if (kind.challenged?.(room(full), server, headers, proved)) again = true;
      }
      return again;
    },
    async renew({ tokens, openedNow }) {
      if (openedNow || tokens.length === 0) return false;
      for (const { name, session } of tokens) {
        // Whoever comes first renews; the others find that the token they used is not the present one.
        if (inMemory.get(name) === session) await ensure(name, { refused: session });
      }
      return true;
    },
    async open(name) {
      await ensure(name, 'wanted');
      return facts(name);
    },
    async close(name) {
      const { kind, full, content } = kindOf(name);
      const open = await known(full);
      if (!open) return false;
      try {
        await kind.close?.(content, room(full), open);
      } finally {
        inMemory.delete(full);
        onClosed(full);
        const at = openedHere.indexOf(full);
        if (at !== -1) openedHere.splice(at, 1);
        await alone(path, () =>
          storeChange((sessions) => {
            delete sessions[keyOf(full)];
          }),
        );
      }
      return true;
    },
    list: () => Promise.all(collection.names('session').map(facts)),
  };
}
