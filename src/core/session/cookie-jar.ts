/**
 * Cookies (RFC 6265) by a well-known library: a jar for each environment and the sessions in force, kept sealed, since
 * what a cookie holds is often a session. Nothing is read or written before there is a cookie.
 */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { CookieJar } from 'tough-cookie';
import { addedWays, type WaysOut } from '../exchange/hosts/ways-out.js';
import type { HeaderLine } from '../exchange/request/wire.js';
import { encryptedFile } from '../storage/encrypted-file.js';
import { shared } from '../storage/shared-file.js';
import { ownMember } from '../value/own-member.js';

export interface CookieJars {
  /** @param sessions in force for the request; those of another session are in a jar of their own */
  open(sessions: readonly string[]): OpenJar | Promise<OpenJar>;
  /** Writes what changed. */
  close(): Promise<void>;
  /** Lets the cookies of one session go. */
  forget(session: string): void;
  /** Lets all cookies of the environment go. */
  clear(): Promise<void>;
}

export interface OpenJar {
  /** The header line for an address; undefined where no cookie belongs there. */
  line(url: URL): HeaderLine | undefined;
  /** Takes the cookies of a response. @returns the names that were set or ended */
  take(url: URL, headers: readonly (readonly [string, string])[]): Promise<readonly string[]>;
}

/** With the ways out of the environment when they were taken: through another proxy they do not go. */
interface StoredJar {
  readonly jar: NonNullable<ReturnType<CookieJar['serializeSync']>>;
  readonly ways: WaysOut;
}

type Stored = Readonly<Record<string, StoredJar>>;

/** A cookie as it came. */
interface Taken {
  readonly line: string;
  readonly url: string;
}

/** @param onSecret told of each value, so that it is hidden everywhere */
export function cookieJars(
  local: string,
  home: string,
  environment: string,
  ways: WaysOut,
  onSecret: (value: string) => void,
): CookieJars {
  const path = join(local, 'cookies', `${environment.replaceAll('/', '-')}.sealed`);
  const file = encryptedFile<Stored>(path, home, {});
  const jars = new Map<string, CookieJar>();
  /** What this command took into each jar, the last of a name, and the jars that it let go. */
  const taken = new Map<string, Map<string, Taken>>();
  const forgotten = new Set<string>();
  let stored: Promise<Stored> | undefined = existsSync(path) ? undefined : Promise.resolve({});

  const jarOf = async (name: string): Promise<CookieJar | undefined> => {
    stored ??= file.read();
    const known = jars.get(name);
    if (known) return known;
    const before = ownMember(await stored, name);
    if (before?.jar === undefined || addedWays(before.ways, ways).length > 0) return undefined;
    const { CookieJar: Jar } = await import('tough-cookie');
    const jar = Jar.deserializeSync(before.jar);
    for (const { value } of before.jar.cookies ?? []) if (typeof value === 'string') onSecret(value);
    jars.set(name, jar);
    return jar;
  };

  const opened = new Map<string, OpenJar>();

  const make = async (name: string): Promise<OpenJar> => {
    let jar = await jarOf(name);
    const one: OpenJar = {
      line(url) {
        const value = jar?.getCookieStringSync(url.href) ?? '';
        return value === '' ? undefined : { name: 'Cookie', value, origin: 'cookies', secret: true };
      },
      async take(url, headers) {
        const lines = headers.filter(([key]) => key.toLowerCase() === 'set-cookie');
        if (lines.length === 0) return [];
        const { CookieJar: Jar, Cookie } = await import('tough-cookie');
        jar ??= jars.get(name) ?? new Jar(undefined, { looseMode: true });
        jars.set(name, jar);
        const names: string[] = [];
        const own = taken.get(name) ?? new Map<string, Taken>();
        taken.set(name, own);
        for (const [, line] of lines) {
          const cookie = Cookie.parse(line, { loose: true });
          if (!cookie) continue;
          onSecret(cookie.value);
          // One for another domain is refused, as a browser refuses it.
          if (!jar.setCookieSync(cookie, url.href, { ignoreError: true })) continue;
          names.push(cookie.key);
          own.set(`${url.host} ${cookie.domain ?? ''} ${cookie.path ?? ''} ${cookie.key}`, { line, url: url.href });
        }
        return names;
      },
    };
    opened.set(name, one);
    return one;
  };

  return {
    // A run asks at every request: then it is there already.
    open(sessions) {
      const name = sessions.length > 1 ? [...sessions].sort().join(' ') : (sessions[0] ?? '');
      return opened.get(name) ?? make(name);
    },
    async close() {
      if (taken.size === 0 && forgotten.size === 0) return;
      const { CookieJar: Jar, Cookie } = await import('tough-cookie');
      await shared(file).change((before) => {
        const all: Record<string, StoredJar> = { ...before };
        for (const name of forgotten) delete all[name];
        for (const [name, cookies] of taken) {
          // As others have left it meanwhile.
          const known = ownMember(all, name);
          const usable = known?.jar !== undefined && addedWays(known.ways, ways).length === 0;
          const jar = usable ? Jar.deserializeSync(known.jar) : new Jar(undefined, { looseMode: true });
          for (const { line, url } of cookies.values()) {
            const cookie = Cookie.parse(line, { loose: true });
            if (cookie) jar.setCookieSync(cookie, url, { ignoreError: true });
          }
          all[name] = { jar: jar.serializeSync() as StoredJar['jar'], ways };
        }
        return all;
      });
      taken.clear();
      forgotten.clear();
    },
    forget(session) {
      jars.delete(session);
      opened.delete(session);
      taken.delete(session);
      forgotten.add(session);
      stored = (stored ?? file.read()).then(({ [session]: _, ...others }) => others);
    },
    async clear() {
      jars.clear();
      opened.clear();
      taken.clear();
      forgotten.clear();
      stored = Promise.resolve({});
      if (existsSync(path)) await shared(file).change(() => ({}));
    },
  };
}
