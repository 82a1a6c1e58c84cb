/**
 * `settings.yaml` in the user's own Echo Trail folder: what no collection may say. A collection comes from others, and must
 * not run anything.
 */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod/mini';
import { described } from '../collection/files/described.js';
import { shaped } from '../collection/schema-validation.js';
import { readYaml } from '../collection/yaml.js';
import { userSettingsName } from './user-folder.js';

const userSettingsFile = described(
  z.strictObject({
    secrets: described(
      z.optional(
        z.array(
          z.strictObject({
            collection: described(z.string(), 'The folder of the collection that may have them, absolute.'),
            names: described(z.optional(z.array(z.string())), 'The secrets that it prints. All by default.'),
            hosts: described(
              z.optional(z.array(z.string())),
              'Where they may go: host:port, or host:*. Anywhere that the environment goes by default.',
            ),
            command: described(
              z.array(z.string()).check(z.minLength(1)),
              'A program and its arguments, without a shell; {name}, {key} and {environment} in them are replaced. It prints the secret.',
            ),
          }),
        ),
      ),
      'Commands that print secrets, for a collection each; asked where neither the process nor the store has one.',
    ),
  }),
  "The user's own settings.",
);
export type UserSettings = z.infer<typeof userSettingsFile>;

/** @param home the user's Echo Trail folder @throws Problem yaml-syntax, file-shape */
export function readUserSettings(home: string): UserSettings {
  const path = join(home, userSettingsName);
  return existsSync(path) ? shaped(userSettingsFile, readYaml(path, path)) : {};
}
