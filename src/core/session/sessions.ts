/** The sessions of one environment: opened when first needed, once, kept between runs, closed on request. */

import { join } from 'node:path';
import type { Collection } from '../collection/collection.js';
import type { SessionFile } from '../collection/files/session-file.js';
import type { TlsIdentity } from '../exchange/connection/connection.js';
import { addedWays, type WaysOut } from '../exchange/hosts/ways-out.js';
import type { EnvelopeBlock } from '../exchange/request/envelope.js';
import type { HeaderLine, QueryPair } from '../exchange/request/wire.js';
import type { Received } from '../exchange/response/received.js';
import { type Names, noNames } from '../expression/names.js';
import { Problem } from '../problem/problem.js';
import { encryptedFile } from '../storage/encrypted-file.js';
import { withFileLock } from '../storage/file-lock.js';
import { shared } from '../storage/shared-file.js';
import { ownMember } from '../value/own-member.js';
import { isSecretName } from '../value/secret-fields.js';
import type { Value } from '../value/written.js';
import type { Attachment } from './attachment.js';
import { sessionKinds } from './registry.js';
import type { CallToProve, OpenSession, SessionContext, SessionKind } from './session-kind.js';
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

/** Told what a request waits for before it goes on: meanwhile it needs no place among those under way. */
type Waiting = (opened: Promise<OpenSession>) => Promise<OpenSession>;

export interface Sessions {
  /**
   * What the named sessions add to a request; opens those that are not open.
   * @param caller names of whoever sends: where a row says the origin or the credentials, each has a session of its own
   */
  /** @param waiting is given what has to be waited for, where a session is not open */
  attach(names: readonly string[], call: CallToProve, caller: Names, waiting?: Waiting): Promise<Attachment>;
  /** The same without opening anything: which of them are not open, and what they would add. */
  peek(
    names: readonly string[],
    caller: Names,
  ): Promise<Pick<Attachment, 'lines' | 'query' | 'blocks'> & { readonly notOpen: readonly string[] }>;
  /** One session as it is open. @param opening opens it where it is not; undefined where there is nothing to open */
  openOf(name: string, opening: boolean, caller: Names): Promise<OpenSession | undefined>;
  /** Those that are opened, each by what is its own: what they keep, such as cookies, is kept apart by it. */
  opening(names: readonly string[], caller: Names): readonly string[];
  /** Told of each response. True where the same request is to be sent again after a refusal, proved again. */
  heard(attachment: Attachment, status: number, headers: Received['headers']): boolean;
  /**
   * Opens again after a refusal. Many refusals of one token cause one renewal.
   * False where nothing can be renewed: the refusal then means something else.
   */
  renew(attachment: Pick<Attachment, 'tokens' | 'openedNow' | 'caller'>, waiting?: Waiting): Promise<boolean>;
  open(name: string): Promise<SessionFacts>;
  /** False where it was not open. */
  close(name: string, caller?: Names): Promise<boolean>;
  list(): Promise<readonly SessionFacts[]>;
  /** Opened by this process and still open, the newest first. */
  readonly opened: readonly { readonly name: string; readonly caller: Names }[];
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
  readonly room: (name: string, caller: Names) => SessionContext;
  /** Tells the sessions of one file apart that callers with other names open; empty where they are one. */
  readonly variant: (name: string, caller: Names) => string;
  /** Told of every token. */
  readonly onSecret: (value: Value) => void;
  readonly onOpened: (name: string) => void;
  readonly onClosed: (name: string) => void;
  /** In place of what is open, for whoever only wants to know where it would be used. */
  readonly standIn?: ((name: string) => OpenSession) | undefined;
}

type StoredSession = OpenSession & { readonly ways?: WaysOut };

/** In the place of a session of which only the refresh token is known: it is renewed before it is used. */
const notYet = (): OpenSession => ({ token: '', opened: new Date().toISOString(), expires: 0 });

/** Why a session is opened: it is needed, the one that is open was refused, or a person wants it again. */
type Reason = 'needed' | 'wanted' | { readonly refused: OpenSession };

export function openSessions(settings: SessionsSettings): Sessions {
  const { collection, environment, host, home, ways, demand, room, variant, onSecret, onOpened, onClosed } = settings;
  const { standIn } = settings;
  const path = join(collection.local, 'sessions.sealed');
  const file = encryptedFile<Record<string, StoredSession>>(path, home, {});
  const keyOf = (slot: string): string => `${environment} ${host} ${slot}`;
  const inMemory = new Map<string, OpenSession>();
  const opening = new Map<string, Promise<OpenSession>>();
  const openedHere: { slot: string; name: string; caller: Names }[] = [];
  let stored: Promise<Record<string, StoredSession>> | undefined;

  /** A session as a caller means it. */
  interface Meant {
    readonly kind: SessionKind;
    readonly full: string;
    readonly content: SessionFile;
    readonly slot: string;
    readonly caller: Names;
  }

  const kindOf = (name: string, caller: Names): Meant => {
    const loaded = collection.read('session', name);
    const kind = sessionKinds.get(loaded.content.kind);
    if (!kind) throw new Problem('session-missing', { what: `there is no kind of session ${loaded.content.kind}` });
    const full = loaded.name;
    const own = kind.open ? variant(full, caller) : '';
    return { kind, full, content: loaded.content, slot: own === '' ? full : `${full} ${own}`, caller };
  };

  const tell = ({ token, refresh, kept }: OpenSession): void => {
    if (token !== '') onSecret(token);
    if (refresh !== undefined) onSecret(refresh);
    for (const [name, value] of Object.entries(kept ?? {})) if (isSecretName(name)) onSecret(value);
  };

  async function storeChange(change: (sessions: Record<string, StoredSession>) => void): Promise<void> {
    await shared(file).change((before) => {
      const sessions = { ...before };
      change(sessions);
      stored = Promise.resolve(sessions);
      return sessions;
    });
  }

  async function known(slot: string): Promise<OpenSession | undefined> {
    if (standIn) return standIn(slot.split(' ')[0] as string);
    const before = inMemory.get(slot);
    if (before) return before;
    stored ??= file.read();
    const session = seen(ownMember(await stored, keyOf(slot)));
    if (!session) return undefined;
    tell(session);
    inMemory.set(slot, session);
    return session;
  }

  /** A token is computed from secrets, and goes no other way than they do. */
  const seen = (session: StoredSession | undefined): OpenSession | undefined =>
    session && addedWays(session.ways, ways).length === 0 ? session : undefined;

  const good = ({ expires }: OpenSession): boolean => expires === undefined || expires > Date.now() + margin;

  /** One process at a time; who had to wait finds what the other has opened. */
  const openedAlone = (
    { kind, full, content, slot, caller }: Meant,
    open: NonNullable<SessionKind['open']>,
    reason: Reason,
  ): Promise<OpenSession> =>
    withFileLock(`${path}.${slot.replaceAll(/[/ ]/g, '-')}`, async () => {
      const before = seen(ownMember(await file.read(), keyOf(slot)));
      const another =
        before &&
        good(before) &&
        (reason === 'needed' || (reason !== 'wanted' && before.token !== reason.refused.token));
      if (another) {
        tell(before);
        inMemory.set(slot, before);
        return before;
      }
      const stores = (one: OpenSession): Promise<void> =>
        storeChange((sessions) => {
          sessions[keyOf(slot)] = { ...one, ways };
        });
      const renewing = reason === 'wanted' ? undefined : before;
      const session = await open.call(kind, content, room(full, caller), renewing, (refresh) => {
        onSecret(refresh);
        return stores({ ...(renewing ?? notYet()), refresh });
      });
      tell(session);
      inMemory.set(slot, session);
      await stores(session);
      // A renewal is no opening: who opened the session closes it.
      const renewal = renewing !== undefined || (reason === 'needed' && kind.renewsOnly?.(content) === true);
      if (!renewal) onOpened(full);
      if (!renewal && !openedHere.some((one) => one.slot === slot)) openedHere.unshift({ slot, name: full, caller });
      return session;
    });

  async function ensure(
    found: Meant,
    reason: Reason = 'needed',
    waiting: Waiting = (opened) => opened,
  ): Promise<OpenSession | undefined> {
    const { kind, full, slot } = found;
    demand(full);
    if (!kind.open) return undefined;
    if (reason === 'needed') {
      const before = await known(slot);
      if (before && good(before)) return before;
    }
    let work = opening.get(slot);
    if (!work) {
      work = openedAlone(found, kind.open, reason);
      opening.set(slot, work);
      const done = (): void => {
        opening.delete(slot);
      };
      work.then(done, done);
    }
    return waiting(work);
  }

  async function facts(name: string): Promise<SessionFacts> {
    const { content, full, kind, slot } = kindOf(name, noNames);
    const open = await known(slot);
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
    openOf: (name, opens, caller) => {
      const meant = kindOf(name, caller);
      return opens ? ensure(meant) : known(meant.slot);
    },
    opening: (names, caller) =>
      names.flatMap((name) => {
        const { kind, slot } = kindOf(name, caller);
        return kind.open ? [slot] : [];
      }),
    async attach(names, call, caller, waiting) {
      const lines: HeaderLine[] = [];
      const query: QueryPair[] = [];
      const blocks: EnvelopeBlock[] = [];
      const fulls: string[] = [];
      const tokens: { name: string; session: OpenSession }[] = [];
      let identity: TlsIdentity | undefined;
      let openedNow = false;
      for (const name of names) {
        const meant = kindOf(name, caller);
        const { kind, full, content, slot } = meant;
        demand(full);
        const before = inMemory.get(slot) ?? (await known(slot));
        const session = await ensure(meant, 'needed', waiting);
        if (session) {
          tokens.push({ name: full, session });
          openedNow ||= session !== before;
        }
        fulls.push(full);
        for (const line of (await kind.lines?.(content, room(full, caller), session, call)) ?? []) {
          onSecret(line.value);
          lines.push(line);
        }
        for (const pair of (await kind.query?.(content, room(full, caller))) ?? []) {
          onSecret(pair.value);
          query.push(pair);
        }
        blocks.push(...((await kind.blocks?.(content, room(full, caller))) ?? []));
        identity = (await kind.identity?.(content, room(full, caller))) ?? identity;
      }
      return { lines, query, blocks, identity, host: call.host, names: fulls, tokens, caller, openedNow };
    },
    async peek(names, caller) {
      const lines: HeaderLine[] = [];
      const query: QueryPair[] = [];
      const blocks: EnvelopeBlock[] = [];
      const notOpen: string[] = [];
      for (const name of names) {
        const { kind, full, content, slot } = kindOf(name, caller);
        demand(full);
        const session = kind.open ? await known(slot) : undefined;
        if (kind.open && !session) notOpen.push(full);
        lines.push(...((await kind.lines?.(content, room(full, caller), session, undefined)) ?? []));
        query.push(...((await kind.query?.(content, room(full, caller))) ?? []));
        blocks.push(...((await kind.blocks?.(content, room(full, caller))) ?? []));
      }
      return { lines, query, blocks, notOpen };
    },
    heard({ names, lines, caller, host: server }, status, headers) {
      let again = false;
      for (const name of names) {
        const { kind, full } = kindOf(name, caller);
        const proved = lines.some(({ origin }) => origin === `session ${full}`);
        if (status !== 401) kind.responded?.(room(full, caller), server, headers);
        else if (kind.challenged?.(room(full, caller), server, headers, proved)) again = true;
      }
      return again;
    },
    async renew({ tokens, openedNow, caller }, waiting) {
      if (openedNow || tokens.length === 0) return false;
      for (const { name, session } of tokens) {
        // Whoever comes first renews; the others find that the token they used is not the present one.
        const meant = kindOf(name, caller);
        if (inMemory.get(meant.slot) === session) await ensure(meant, { refused: session }, waiting);
      }
      return true;
    },
    async open(name) {
      await ensure(kindOf(name, noNames), 'wanted');
      return facts(name);
    },
    async close(name, caller = noNames) {
      const { kind, full, content, slot } = kindOf(name, caller);
      const open = await known(slot);
      if (!open) return false;
      try {
        await kind.close?.(content, room(full, caller), open);
      } finally {
        inMemory.delete(slot);
        onClosed(slot);
        const at = openedHere.findIndex((one) => one.slot === slot);
        if (at !== -1) openedHere.splice(at, 1);
        await storeChange((sessions) => {
          delete sessions[keyOf(slot)];
        });
      }
      return true;
    },
    list: () => Promise.all(collection.names('session').map(facts)),
  };
}
