/** The secrets that a collection shares: opened, shared, and encrypted again when recipients change. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join, sep } from 'node:path';
import { localFolder } from '../../collection/find-collection.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { writeAtomically } from '../../storage/atomic-write.js';
import { withFileLock } from '../../storage/file-lock.js';
import { pathInside, placeInside, requireNoLinks } from '../../storage/inside.js';
import { decryptedSecret, encryptedSecret, type SharedSecret } from './encrypted-secret.js';
import { type Identity, type IdentitySources, ownIdentity } from './identity.js';
import {
  faultyLine,
  hasShared,
  type ReadLine,
  readSharedLines,
  type SharedLine,
  sharedFile,
  sharedFolder,
  sharedText,
} from './lines.js';
import { fingerprints, type Recipients } from './recipients.js';

/** Environments in which something is shared. */
export function sharedEnvironments(root: string): string[] {
  const folder = join(root, sharedFolder);
  if (!existsSync(folder)) return [];
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((path) => path.endsWith('.age'))
    .map((path) => path.slice(0, -'.age'.length).split(sep).join('/'))
    .sort();
}

export const linesOf = (root: string, environment: string): ReturnType<typeof readSharedLines> =>
  hasShared(root, environment)
    ? readSharedLines(readFileSync(pathInside(root, sharedFile(environment)), 'utf8'))
    : { lines: [], faults: [] };

/**
 * What is shared in an environment, by name; of what cannot be opened, why. Of a name that stands twice, as after a merge, the
 * one that was shared last.
 * @param wanted those that nothing else gives
 */
export async function openShared(
  root: string,
  environment: string,
  sources: IdentitySources,
  wanted: (name: string) => boolean = () => true,
): Promise<Map<string, SharedSecret | Problem>> {
  const { lines: all, faults } = linesOf(root, environment);
  const lines = all.filter(({ name }) => wanted(name));
  const opened = new Map<string, SharedSecret | Problem>();
  for (const { name, line } of faults) opened.set(name, faultyLine(sharedFile(environment), line));
  if (lines.length === 0) return opened;
  let identity: Identity;
  try {
    identity = await ownIdentity(sources);
  } catch (error) {
    for (const { name } of lines) opened.set(name, asProblem(error));
    return opened;
  }
  for (const line of lines) {
    const found = await decryptedSecret(line, environment, identity, sharedFile(environment)).catch(asProblem);
    const before = opened.get(line.name);
    if (!before || isOlder(before, found)) opened.set(line.name, found);
  }
  return opened;
}

const isOlder = (one: SharedSecret | Problem, other: SharedSecret | Problem): boolean =>
  !('shared' in one) || ('shared' in other && one.shared < other.shared);

/** Shares secrets in an environment, in the place of what was shared there by their names. */
export async function share(
  root: string,
  environment: string,
  secrets: readonly SharedSecret[],
  recipients: Recipients,
): Promise<void> {
  const added: SharedLine[] = [];
  for (const secret of secrets) added.push(await encryptedSecret(secret, recipients));
  const names = new Set(added.map(({ name }) => name));
  await changed(root, environment, (lines) => [...lines.filter(({ name }) => !names.has(name)), ...added]);
}

/** @returns false where it was not shared */
export async function unshare(root: string, environment: string, name: string): Promise<boolean> {
  let found = false;
  await changed(root, environment, (lines) => {
    found = lines.some((line) => line.name === name);
    return found ? lines.filter((line) => line.name !== name) : undefined;
  });
  return found;
}

export interface Renewed {
  /** `deskPassword of sandbox`, encrypted for the recipients of now. */
  readonly renewed: readonly { readonly name: string; readonly environment: string }[];
  /** What could not be opened, and stays as it was. */
  readonly left: readonly { readonly name: string; readonly environment: string; readonly why: Problem }[];
}

/** Re-encrypts what is not encrypted for these recipients, and merges secrets that are shared twice. */
export async function renewShared(root: string, recipients: Recipients, sources: IdentitySources): Promise<Renewed> {
  const renewed: { name: string; environment: string }[] = [];
  const left: { name: string; environment: string; why: Problem }[] = [];
  const wanted = fingerprints(recipients).join();
  const isFresh = (lines: readonly ReadLine[]): boolean => lines.length === 1 && lines[0]?.recipients.join() === wanted;
  const stale = sharedEnvironments(root).filter(
    (one) => ![...byName(linesOf(root, one).lines).values()].every(isFresh),
  );
  if (stale.length === 0) return { renewed, left };
  // Before anything is locked: a person may be slow with a pass phrase.
  const identity = await ownIdentity(sources).catch(asProblem);
  for (const environment of stale) {
    const file = sharedFile(environment);
    await changed(root, environment, async (lines) => {
      const next: SharedLine[] = [];
      for (const [name, own] of byName(lines)) {
        if (isFresh(own)) {
          next.push(...own);
          continue;
        }
        let newest: SharedSecret | undefined;
        for (const line of own) {
          const found =
            identity instanceof Problem
              ? identity
              : await decryptedSecret(line, environment, identity, file).catch(asProblem);
          if (found instanceof Problem) {
            left.push({ name, environment, why: found });
            next.push(line);
          } else if (newest === undefined || newest.shared < found.shared) newest = found;
        }
        if (newest === undefined) continue;
        renewed.push({ name, environment });
        next.push(await encryptedSecret(newest, recipients));
      }
      return next;
    });
  }
  return { renewed, left };
}

function byName(lines: readonly ReadLine[]): Map<string, ReadLine[]> {
  const groups = new Map<string, ReadLine[]>();
  for (const line of lines) groups.set(line.name, [...(groups.get(line.name) ?? []), line]);
  return groups;
}

/** Git keeps what each of two people added. */
const attributesFile = `${sharedFolder}/.gitattributes`;
const attributes = '*.age merge=union\n';

/** One process at a time. Refuses a file with a line that it would lose. @throws Problem secret-unreadable */
async function changed(
  root: string,
  environment: string,
  change: (
    lines: readonly ReadLine[],
  ) => readonly SharedLine[] | undefined | Promise<readonly SharedLine[] | undefined>,
): Promise<void> {
  await withFileLock(join(root, localFolder, 'files'), async () => {
    const { lines, faults } = linesOf(root, environment);
    if (faults[0] !== undefined) throw faultyLine(sharedFile(environment), faults[0].line);
    const next = await change(lines);
    if (next === undefined) return;
    const place = placeInside(root, sharedFile(environment));
    requireNoLinks(root, sharedFolder);
    if (!existsSync(join(root, attributesFile))) await writeAtomically(join(root, attributesFile), attributes);
    await writeAtomically(place, sharedText(environment, next));
  });
}
