/**
 * The secret store: one sealed file in the collection's local state; the process environment comes first, then the store, then
 * what the collection shares, and commands of the user last. A secret is stored with the ways out that its owner saw when she set it.
 */
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { WaysOut } from '../exchange/hosts/ways-out.js';
import { secretVariable } from '../expression/compile.js';
import { encryptedFile } from '../storage/encrypted-file.js';
import { shared } from '../storage/shared-file.js';
import { ownMember } from '../value/own-member.js';
import type { FoundSecret } from './found-secret.js';
import type { IdentitySources } from './shared-secrets/identity.js';
import { hasShared } from './shared-secrets/lines.js';
import { userSettingsName } from './user-folder.js';

/** By the name of the environment. */
export type BoundWays = Readonly<Record<string, WaysOut>>;

interface StoredSecret {
  readonly value: string;
  readonly ways: BoundWays;
}

/** Secrets by environment; under the empty name those of all environments. */
type Stored = Readonly<Record<string, Readonly<Record<string, StoredSecret>>>>;

export interface SecretFacts {
  readonly name: string;
  /** undefined for all environments */
  readonly environment: string | undefined;
  readonly ways: BoundWays;
}

export interface SecretStore {
  /** @param environment undefined for all environments */
  set(name: string, value: string, environment: string | undefined, ways: BoundWays): Promise<void>;
  /** Binds it to these ways, too. False where no secret of that name is stored for the environment, or for all. */
  allow(name: string, environment: string, ways: WaysOut): Promise<boolean>;
  /** False where there was none. */
  remove(name: string, environment: string | undefined): Promise<boolean>;
  list(): Promise<readonly SecretFacts[]>;
  /** What is stored or in the process environment, for a look whether it stands where it should not. */
  values(): Promise<readonly { readonly name: string; readonly value: string }[]>;
  /** A lookup that needs no waiting. */
  open(environment: string): Promise<SecretLookup>;
}

/** @throws Problem secret-unreadable: it is shared, and cannot be opened here */
export type SecretLookup = (name: string, key?: string) => FoundSecret | undefined;

/** Hosts, separated by commas or spaces, to which secrets of the process environment may go. */
const secretHostsVariable = 'ECHO_TRAIL_SECRET_HOSTS';

export function secretStore(
  local: string,
  home: string,
  processEnvironment: Readonly<Record<string, string | undefined>>,
  passPhrase?: IdentitySources['passPhrase'],
): SecretStore {
  const path = join(local, 'secrets.sealed');
  const file = shared(encryptedFile<Stored>(path, home, {}));
  const root = dirname(local);
  return {
    async set(name, value, environment = '', ways) {
      await file.change((stored) => ({
        ...stored,
        [environment]: { ...scoped(stored, environment), [name]: { value, ways } },
      }));
    },
    allow: (name, environment, ways) =>
      file.change((stored) => {
        const scopes = [environment, ''].filter((scope) => ownSecret(stored, scope, name));
        if (scopes.length === 0) return undefined;
        const next: Record<string, Record<string, StoredSecret>> = { ...stored };
        for (const scope of scopes) {
          const before = ownSecret(stored, scope, name) as StoredSecret;
          next[scope] = {
            ...ownMember(stored, scope),
            [name]: { ...before, ways: { ...before.ways, [environment]: ways } },
          };
        }
        return next;
      }),
    remove: (name, environment = '') =>
      file.change((stored) => {
        if (!ownSecret(stored, environment, name)) return undefined;
        const { [name]: _, ...others } = ownMember(stored, environment) ?? {};
        return { ...stored, [environment]: others };
      }),
    async list() {
      const stored = await file.read();
      return Object.entries(stored)
        .flatMap(([environment, secrets]) =>
          Object.entries(secrets).map(([name, { ways }]) => ({ name, environment: environment || undefined, ways })),
        )
        .sort((a, b) => a.name.localeCompare(b.name));
    },
    async values() {
      const stored = await file.read();
      const values = Object.keys(stored).flatMap((environment) =>
        Object.keys(scoped(stored, environment)).flatMap((name) => {
          const found = ownSecret(stored, environment, name);
          return found ? { name, value: found.value } : [];
        }),
      );
      return [...values, ...valuesOfProcess(processEnvironment), ...(await sharedValues())];
    },
    open: opened,
  };

  /** As far as they are opened without asking anybody. */
  async function sharedValues(): Promise<{ name: string; value: string }[]> {
    const { openShared, sharedEnvironments } = await import('./shared-secrets/shared-secrets.js');
    const all = await Promise.all(
      sharedEnvironments(root).map((one) => openShared(root, one, { home, processEnvironment })),
    );
    return all.flatMap((one) =>
      [...one].flatMap(([name, found]) => ('value' in found ? { name, value: found.value } : [])),
    );
  }

  async function opened(environment: string): Promise<SecretLookup> {
    const stored = await file.read();
    // Most users have no settings.
    const commanded = existsSync(join(home, userSettingsName))
      ? await (await import('./secret-commands.js')).secretCommands(dirname(local), home, environment)
      : undefined;
    const ofProcess = (name: string, key?: string): string | undefined => {
      const variable = secretVariable(name, key);
      // A secret that is called hosts is none of the process: the variable says something else.
      return variable === secretHostsVariable ? undefined : ownMember(processEnvironment, variable);
    };
    const ofStore = (full: string): StoredSecret | undefined =>
      ownSecret(stored, environment, full) ?? ownSecret(stored, '', full);
    const sharedOnes = hasShared(root, environment)
      ? await (await import('./shared-secrets/shared-secrets.js')).openShared(
          root,
          environment,
          { home, processEnvironment, passPhrase },
          (full) => ofProcess(...secretParts(full)) === undefined && !ofStore(full),
        )
      : undefined;
    const hosts = processEnvironment[secretHostsVariable]?.split(/[\s,]+/).filter((one) => one !== '');
    return (name, key) => {
      const full = key === undefined ? name : `${name}[${key}]`;
      const given = ofProcess(name, key);
      if (given !== undefined) return { value: given, from: 'process', hosts };
      const found = ofStore(full);
      if (found) return { value: found.value, from: 'store', ways: ownMember(found.ways, environment) };
      const sharedOne = sharedOnes?.get(full);
      if (sharedOne && 'value' in sharedOne) return { value: sharedOne.value, from: 'shared', ways: sharedOne.ways };
      const last = commanded?.(name, key);
      // Why it could not be opened is more than that it is missing.
      if (!last && sharedOne) throw sharedOne;
      return last;
    };
  }
}

/** Under the names that they serve in camel case. */
const valuesOfProcess = (variables: Readonly<Record<string, string | undefined>>) =>
  Object.entries(variables).flatMap(([variable, value]) => {
    const [, words] = variable === secretHostsVariable ? [] : (/^ECHO_TRAIL_SECRET_(.+)$/.exec(variable) ?? []);
    const name = words?.toLowerCase().replace(/_(\w)/g, (_, first: string) => first.toUpperCase());
    return name && value ? { name, value } : [];
  });

/** `token[n1]` is the secret token of n1. */
export function secretParts(full: string): [name: string, key: string | undefined] {
  const [, name = full, key] = /^(.*?)\[(.+)\]$/.exec(full) ?? [];
  return [name, key];
}

const scoped = (stored: Stored, environment: string): Readonly<Record<string, StoredSecret>> =>
  ownMember(stored, environment) ?? {};

/** One that an earlier version stored is bound to nothing yet. */
function ownSecret(stored: Stored, environment: string, name: string): StoredSecret | undefined {
  const found: StoredSecret | string | undefined = ownMember(scoped(stored, environment), name);
  return typeof found === 'string' ? { value: found, ways: {} } : found;
}
