/**
 * The compiled code of the program, kept in the user's cache folder from one start to the next: to compile
 * again takes longer than most commands work. It is a cache and nothing more: whatever is wrong with it,
 * the sources are compiled, and nobody is told.
 */
import {
  fstatSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { homedir } from 'node:os';
import { join } from 'node:path';

/** Code by the name of the part. */
export type CompiledCode = ReadonlyMap<string, Uint8Array>;

const monthMs = 30 * 24 * 3600_000;

/** The folder of the user's caches, by the custom of the system. */
export function cacheFolder(env: NodeJS.ProcessEnv): string {
  const own = process.platform === 'win32' ? env.LOCALAPPDATA : env.XDG_CACHE_HOME;
  return join(own || join(homedir(), '.cache'), 'echo-trail', 'compiled');
}

/** @returns none where the file is missing, broken, or another user's */
export function readCompiled(file: string): CompiledCode {
  const code = new Map<string, Uint8Array>();
  try {
    const handle = openSync(file, 'r');
    // Code is run as it stands: what another user has written is not touched.
    if (process.getuid !== undefined && fstatSync(handle).uid !== process.getuid()) return code;
    const bytes = readFileSync(handle);
    const headEnd = 4 + bytes.readUInt32LE(0);
    let at = headEnd;
    for (const [name, length] of JSON.parse(bytes.toString('utf8', 4, headEnd)) as [string, number][]) {
      code.set(name, bytes.subarray(at, at + length));
      at += length;
    }
    return at === bytes.length ? code : new Map();
  } catch {
    return new Map();
  }
}

/** Of one command, other builds that are kept beside the newest. */
const mostOthers = 2;

/** Files that nothing has renewed for a month, and of this command those of builds that are long past. */
function letGo(folder: string, name: string): void {
  const own = name.slice(0, name.lastIndexOf('-') + 1);
  const files = readdirSync(folder).map((other) => ({ other, time: statSync(join(folder, other)).mtimeMs }));
  const older = files
    .filter(({ other }) => other.startsWith(own) && other !== name)
    .sort((a, b) => b.time - a.time)
    .slice(mostOthers);
  for (const { other } of [...older, ...files.filter(({ time }) => Date.now() - time > monthMs)])
    rmSync(join(folder, other), { force: true });
}

/** Writes all at once. @param name ends with the build, behind a hyphen */
export function writeCompiled(folder: string, name: string, code: CompiledCode): void {
  const head = Buffer.from(JSON.stringify([...code].map(([part, { length }]) => [part, length])));
  const size = Buffer.alloc(4);
  size.writeUInt32LE(head.length);
  const unfinished = join(folder, `${name}.${process.pid}.part`);
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    writeFileSync(unfinished, Buffer.concat([size, head, ...code.values()]), { mode: 0o600 });
    renameSync(unfinished, join(folder, name));
    letGo(folder, name);
  } catch {
    rmSync(unfinished, { force: true });
  }
}
