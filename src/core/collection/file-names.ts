/** The names of the files of a collection, by their kinds; no file is read for that. */
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join, sep } from 'node:path';

export const kindFolders = {
  request: 'requests',
  trail: 'trails',
  environment: 'environments',
  session: 'sessions',
  signature: 'signatures',
} as const;

/** Without their endings, sorted; what holds for a whole folder is none of them. */
export function fileNames(root: string, kind: keyof typeof kindFolders): string[] {
  const folder = join(root, kindFolders[kind]);
  if (!existsSync(folder)) return [];
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((path) => path.endsWith('.yaml') && statSync(join(folder, path)).isFile())
    .map((path) => path.slice(0, -'.yaml'.length).split(sep).join('/'))
    .filter((name) => name !== 'defaults' && !name.endsWith('/defaults'))
    .sort();
}
