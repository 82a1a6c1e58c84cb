/** The secret store: one sealed file in the collection's local state; the process environment comes first, commands of the user last. */
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { secretVariable } from '../expression/compile.js';
import { sealedFile } from '../storage/sealed-file.js';
import { userSettingsName } from './user-folder.js';

/** Secrets by environment; under the empty name those of all environments. */
type Stored = Readonly<Record<string, Readonly<Record<string, string>>>>;

export interface SecretStore {
  /** @param environment undefined for all environments */
  set(name: string, value: string, environment: string | undefined): Promise<void>;
  /** False where there was none. */
  remove(name: string, environment: string | undefined): Promise<boolean>;
  list(): Promise<readonly { readonly name: string; readonly environment: string | undefined }[]>;
  /** A lookup that needs no waiting. */
  open(environment: string): Promise<(name: string, key?: string) => string | undefined>;
}

export function secretStore(
  local: string,
  home: string,
  processEnvironment: Readonly<Record<string, string | undefined>>,
): SecretStore {
  const file = sealedFile<Stored>(join(local, 'secrets.sealed'), home, {});
  return {
    async set(name, value, environment = '') {
      const stored = await file.read();
      await file.write({ ...stored, [environment]: { ...stored[environment], [name]: value } });
    },
    async remove(name, environment = '') {
      const stored = await file.read();
      if (stored[environment]?.[name] === undefined) return false;
      const { [name]: _, ...others } = stored[environment];
      await file.write({ ...stored, [environment]: others });
      return true;
    },
    async list() {
      const stored = await file.read();
      return Object.entries(stored)
        .flatMap(([environment, secrets]) =>
          Object.keys(secrets).map((name) => ({ name, environment: environment || undefined })),
        )
        .sort((a, b) => a.name.localeCompare(b.name));
    },
    async open(environment) {
      const stored = await file.read();
      // Most users have no settings.
      const commanded = existsSync(join(home, userSettingsName))
        ? await (await import('./secret-commands.js')).secretCommands(dirname(local), home, environment)
        : undefined;
      return (name, key) => {
        const full = key === undefined ? name : `${name}[${key}]`;
        return (
          processEnvironment[secretVariable(name, key)] ??
          stored[environment]?.[full] ??
          stored['']?.[full] ??
          commanded?.(name, key)
        );
      };
    },
  };
}
