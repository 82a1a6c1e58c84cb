/** The files in an archive of a collection, each held against what may be in one before any is written. */

import { Readable } from 'node:stream';
import { createGunzip } from 'node:zlib';
import { manifestName } from '../../collection/find-collection.js';
import { Problem } from '../../problem/problem.js';
import { sizeText } from '../../value/measures.js';
import type { NewFile } from '../new-files.js';
import { sharedDotFile } from './pack.js';

export interface Unpacked {
  readonly files: readonly NewFile[];
  /** What is not taken over, and why. */
  readonly left: readonly string[];
}

/** No collection that people share has more. */
const mostFiles = 20_000;
const mostBytes = 256 * 1024 * 1024;

/** @param name of the archive, for messages @throws Problem import-unreadable: it is none, or holds what no collection holds */
export async function unpackCollection(bytes: Buffer, name: string): Promise<Unpacked> {
  const content = new Content(name);
  if (bytes[0] === 0x1f && bytes[1] === 0x8b) await fromTar(bytes, content);
  else if (bytes.subarray(0, 2).toString('latin1') === 'PK') await fromZip(bytes, content);
  else throw content.refuse('it is neither a .tar.gz nor a .zip');
  return content.unpacked();
}

/** What was met so far, within its limits. */
class Content {
  private readonly files = new Map<string, Buffer>();
  /** In small letters: some systems tell no others apart. */
  private readonly names = new Set<string>();
  private readonly left: string[] = [];
  private size = 0;
  private count = 0;

  constructor(private readonly name: string) {}

  refuse(cause: string): Problem {
    return new Problem('import-unreadable', {
      what: `${this.name} is not a usable collection archive`,
      where: { file: this.name },
      cause,
      remedy: 'nothing was written; ask whoever made it',
    });
  }

  /** @returns whether the content of the entry is taken over @throws Problem import-unreadable */
  accepts(path: string, kind: 'file' | 'folder' | 'other'): boolean {
    this.count += 1;
    if (this.count > mostFiles) throw this.refuse(`it has more than ${mostFiles} entries`);
    const parts = path.replace(/\/$/, '').split('/');
    // biome-ignore lint/suspicious/noControlCharactersInRegex: they are looked for
    if (path === '' || /[\x00-\x1f\\]|^[A-Za-z]:/.test(path) || parts.some((part) => part === '' || part === '..'))
      throw this.refuse(`an entry leads out of the folder: ${JSON.stringify(path)}`);
    if (kind === 'other') throw this.refuse(`${path} is a link or a device`);
    if (parts.some((part) => part.startsWith('.') && part !== '.' && part !== sharedDotFile)) {
      if (kind === 'file') this.left.push(`${path}: what begins with a dot is of one machine alone`);
      return false;
    }
    if (kind === 'folder') return false;
    const folded = path.normalize('NFC').toLowerCase();
    if (this.names.has(folded)) throw this.refuse(`${path} is in it twice`);
    this.names.add(folded);
    return true;
  }

  /** Some of the bytes of whatever is read. */
  read(bytes: number): void {
    this.size += bytes;
    if (this.size > mostBytes) throw this.refuse(`it unpacks to more than ${sizeText(mostBytes)}`);
  }

  add(path: string, bytes: Buffer): void {
    this.files.set(
      path
        .split('/')
        .filter((part) => part !== '.')
        .join('/'),
      bytes,
    );
  }

  /** Its files from the folder in which the manifest lies: many archives have one folder around all. */
  unpacked(): Unpacked {
    const manifests = [...this.files.keys()].filter(
      (path) => path === manifestName || path.endsWith(`/${manifestName}`),
    );
    const [nearest] = manifests.sort((a, b) => a.length - b.length);
    if (nearest === undefined) throw this.refuse(`it holds no ${manifestName}`);
    const around = nearest.slice(0, -manifestName.length);
    if (around.split('/').length > 2) throw this.refuse(`its ${manifestName} lies in ${around}, not at its top`);
    const files: NewFile[] = [];
    for (const [path, text] of this.files) {
      if (path.startsWith(around)) files.push({ file: path.slice(around.length), text });
      else this.left.push(`${path}: it lies beside the collection`);
    }
    return { files, left: this.left };
  }
}

async function fromTar(bytes: Buffer, content: Content): Promise<void> {
  const { extract } = (await import('tar-stream')).default;
  const tar = extract();
  // What unpacks to much is stopped while it does.
  const counted = async function* (): AsyncGenerator<Buffer> {
    for await (const piece of Readable.from([bytes]).pipe(createGunzip())) {
      content.read((piece as Buffer).length);
      yield piece as Buffer;
    }
  };
  const feeding = Readable.from(counted());
  feeding.on('error', (error) => tar.destroy(error));
  feeding.pipe(tar);
  try {
    for await (const entry of tar) {
      const { name, type } = entry.header;
      const kind = type === 'directory' ? 'folder' : type === 'file' || type === 'contiguous-file' ? 'file' : 'other';
      const accepted = content.accepts(name.replace(/^(?:\.\/)+/, '') || '.', kind);
      const chunks: Buffer[] = [];
      for await (const chunk of entry) chunks.push(chunk as Buffer);
      if (accepted) content.add(name, Buffer.concat(chunks));
    }
  } catch (error) {
    throw error instanceof Problem ? error : content.refuse((error as Error).message);
  } finally {
    feeding.destroy();
  }
}

async function fromZip(bytes: Buffer, content: Content): Promise<void> {
  const { fromBufferPromise } = await zipReader();
  try {
    const zip = await fromBufferPromise(bytes);
    for await (const entry of zip.entries()) {
      const link = (entry.mode & 0o170000) === 0o120000;
      const kind = link ? 'other' : entry.name.endsWith('/') ? 'folder' : 'file';
      if (!content.accepts(entry.name, kind)) continue;
      const chunks: Buffer[] = [];
      for await (const chunk of await entry.open()) {
        content.read((chunk as Buffer).length);
        chunks.push(chunk as Buffer);
      }
      content.add(entry.name, Buffer.concat(chunks));
    }
  } catch (error) {
    throw error instanceof Problem ? error : content.refuse((error as Error).message);
  }
}

interface ZipEntry {
  readonly name: string;
  readonly mode: number;
  open(): Promise<Readable>;
}

/** The library speaks in callbacks. */
async function zipReader(): Promise<{
  fromBufferPromise(bytes: Buffer): Promise<{ entries(): AsyncGenerator<ZipEntry> }>;
}> {
  const { fromBuffer } = (await import('yauzl')).default;
  const fromBufferPromise = (bytes: Buffer) =>
    new Promise<{ entries(): AsyncGenerator<ZipEntry> }>((resolve, reject) => {
      fromBuffer(bytes, { lazyEntries: true, strictFileNames: true, validateEntrySizes: true }, (error, zip) => {
        if (error) {
          reject(error);
          return;
        }
        let waiting: { resolve(entry: ZipEntry | undefined): void; reject(error: Error): void } | undefined;
        zip.on('entry', (entry) =>
          waiting?.resolve({
            name: entry.fileName,
            mode: entry.externalFileAttributes >>> 16,
            open: () =>
              new Promise((opened, failed) => {
                zip.openReadStream(entry, (problem, stream) => (problem ? failed(problem) : opened(stream)));
              }),
          }),
        );
        zip.on('end', () => waiting?.resolve(undefined));
        zip.on('error', (problem) => waiting?.reject(problem));
        const next = () =>
          new Promise<ZipEntry | undefined>((found, failed) => {
            waiting = { resolve: found, reject: failed };
            zip.readEntry();
          });
        resolve({
          async *entries() {
            for (let entry = await next(); entry; entry = await next()) yield entry;
          },
        });
      });
    });
  return { fromBufferPromise };
}
