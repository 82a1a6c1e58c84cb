/** A collection as one file: everything that is shared, in bytes that are the same for the same content. */
import { lstatSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { manifestName } from '../../collection/find-collection.js';
import type { KnownSecret } from '../../echo/known-secrets.js';
import { Problem } from '../../problem/problem.js';
import { privateAgeKey } from '../../session/shared-secrets/identity.js';
import { sharedFolder } from '../../session/shared-secrets/lines.js';

export type ArchiveForm = 'tar.gz' | 'zip';

export interface PackedCollection {
  readonly bytes: Uint8Array;
  /** From the collection, sorted. */
  readonly files: readonly string[];
  /** What is not in it, and why. */
  readonly left: readonly string[];
}

/** It says what of a collection is not shared. */
export const sharedDotFile = '.gitignore';

/** Every file has this time: the first that a zip can say. */
const time = new Date(Date.UTC(1980, 0, 1, 0, 0, 0));
const privateKey = /-----BEGIN (?:[A-Z]+ )*PRIVATE KEY-----/;

/**
 * @param secrets what may stand in none of the files
 * @param except the file that is written, where it lies in the collection
 * @throws Problem file-unreadable; secret-in-file: a known secret is in a file
 */
export async function packCollection(
  root: string,
  form: ArchiveForm,
  secrets: readonly KnownSecret[],
  except: string | undefined,
): Promise<PackedCollection> {
  const left: string[] = [];
  const contents: { readonly file: string; readonly bytes: Buffer }[] = [];
  for (const file of sharedFiles(root, '', left)) {
    if (file === except) continue;
    const bytes = readFileSync(join(root, file));
    const text = bytes.toString('latin1');
    if (privateKey.test(text) || privateAgeKey.test(text)) {
      left.push(`${file}: it holds a private key`);
      continue;
    }
    const held = secrets.find((one) => one.holds(bytes.toString('utf8')) !== undefined);
    if (held) {
      throw new Problem('secret-in-file', {
        what: `the secret ${held.name} is in ${file}`,
        where: { file },
        cause: 'an archive is handed on, and nothing was written',
        remedy: `write \${secret.${held.name}} in its place`,
      });
    }
    contents.push({ file, bytes });
  }
  const bytes = form === 'zip' ? await zipOf(contents) : await tarOf(contents);
  return { bytes, files: contents.map(({ file }) => file), left };
}

/** Files whose names, and whose folders' names, begin with a dot are of this machine alone. */
function sharedFiles(root: string, folder: string, left: string[]): string[] {
  const entries = readdirSync(join(root, folder), { withFileTypes: true }).sort((a, b) => (a.name < b.name ? -1 : 1));
  return entries.flatMap((entry) => {
    const file = folder === '' ? entry.name : `${folder}/${entry.name}`;
    if (entry.name === 'node_modules') left.push(`${file}: it is installed`);
    if (file === sharedFolder) {
      left.push(`${file}/: what is shared there is for the recipients of this collection`);
      return [];
    }
    if ((entry.name.startsWith('.') && entry.name !== sharedDotFile) || entry.name === 'node_modules') return [];
    if (entry.isDirectory()) {
      // Somebody's collection within this one is a collection of its own.
      return folder !== '' && lstatSync(join(root, file, manifestName), { throwIfNoEntry: false })
        ? []
        : sharedFiles(root, file, left);
    }
    if (entry.isFile()) return [file];
    left.push(`${file}: it is ${entry.isSymbolicLink() ? 'a link' : 'no file'}`);
    return [];
  });
}

type Contents = readonly { readonly file: string; readonly bytes: Buffer }[];

async function collected(stream: AsyncIterable<unknown>): Promise<Buffer> {
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks);
}

async function tarOf(contents: Contents): Promise<Buffer> {
  const { pack } = (await import('tar-stream')).default;
  const tar = pack();
  const all = collected(tar);
  for (const { file, bytes } of contents)
    tar.entry({ name: file, mode: 0o644, mtime: time, uid: 0, gid: 0, uname: '', gname: '' }, bytes);
  tar.finalize();
  const zipped = gzipSync(await all, { level: 9 });
  // Which system made it says nothing (RFC 1952, section 2.3.1).
  zipped[9] = 255;
  return zipped;
}

async function zipOf(contents: Contents): Promise<Buffer> {
  const { ZipFile } = (await import('yazl')).default;
  const zip = new ZipFile();
  // The format has local times: what they are here may not matter.
  const local = new Date(1980, 0, 1, 0, 0, 0);
  for (const { file, bytes } of contents) zip.addBuffer(bytes, file, { mtime: local, mode: 0o100644 });
  zip.end();
  return collected(zip.outputStream as AsyncIterable<unknown>);
}
