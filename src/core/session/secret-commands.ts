/** Secrets that a command of the user prints, such as one of a password manager. */

import { realpathSync } from 'node:fs';
import { Problem } from '../problem/problem.js';
import { ownMember } from '../value/own-member.js';
import type { FoundSecret } from './found-secret.js';
import { userSettingsName } from './user-folder.js';
import { readUserSettings, type UserSettings } from './user-settings.js';

type Command = NonNullable<UserSettings['secrets']>[number];

/** Milliseconds that it may take: it may ask the user for something first. */
const patience = 120_000;

/**
 * @param root the folder of the collection @param home the user's own folder
 * @returns undefined where the user declares no command for the collection
 * @throws Problem about the settings
 */
export async function secretCommands(
  root: string,
  home: string,
  environment: string,
): Promise<((name: string, key?: string) => FoundSecret | undefined) | undefined> {
  const here = real(root);
  const commands = (readUserSettings(home).secrets ?? []).filter(({ collection }) => real(collection) === here);
  if (commands.length === 0) return undefined;
  const { execFileSync } = await import('node:child_process');
  const known = new Map<string, string>();

  function asked({ command }: Command, name: string, key: string): string {
    const put: Readonly<Record<string, string>> = { name, key, environment };
    const [file = '', ...args] = command.map((part) =>
      part.replace(/\{(name|key|environment)\}/g, (_, what: string) => ownMember(put, what) ?? ''),
    );
    try {
      // What it asks and complains about is for the user; what it prints is the secret.
      return execFileSync(file, args, { encoding: 'utf8', stdio: ['inherit', 'pipe', 'inherit'], timeout: patience });
    } catch (error) {
      const { code, status } = error as NodeJS.ErrnoException & { status?: number | null };
      throw new Problem('secret-missing', {
        what: `the command for the secret ${name} did not print it`,
        where: { file: `${home}/${userSettingsName}` },
        cause: code === 'ENOENT' ? `there is no program ${file}` : `${file} ended with ${status ?? code}`,
        remedy: 'run it by hand, and look at what it prints',
        data: { name },
      });
    }
  }

  return (name, key = '') => {
    const full = `${name}[${key}]`;
    const command = commands.find(({ names }) => names === undefined || names.includes(name));
    if (!command) return undefined;
    const { hosts } = command;
    const before = known.get(full);
    if (before !== undefined) return { value: before, from: 'command', hosts };
    const value = asked(command, name, key).replace(/\r?\n$/, '');
    if (value === '') return undefined;
    known.set(full, value);
    return { value, from: 'command', hosts };
  };
}

function real(path: string): string {
  try {
    return realpathSync(path);
  } catch {
    return path;
  }
}
