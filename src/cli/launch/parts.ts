/**
 * Loads the parts that the program is built of, with their compiled code where an earlier start has kept it.
 * Node's own way to load looks for each part in the file system and compiles it at every start.
 */
import { readFileSync } from 'node:fs';
import { join, posix } from 'node:path';
import { Script } from 'node:vm';
import { cacheFolder, readCompiled, writeCompiled } from './compiled-code.js';

type Require = (id: string) => unknown;
type Wrapped = (exports: unknown, require: Require, module: { exports: unknown }, file: string, folder: string) => void;

export interface Parts {
  /** The folder of the built program. */
  readonly folder: string;
  /** Told apart from every other build by this. */
  readonly build: string;
  /** Which command is wanted: each keeps the code that it has used. */
  readonly command: string;
}

/** A start that took longer than this has let go of the code that it began with. */
const longestMs = 10_000;

/** @returns what the part exports, such as `program.cjs` */
export function loadPart(entry: string, { folder, build, command }: Parts): unknown {
  const cache = cacheFolder(process.env);
  const name = `${command.replace(' ', '-')}-${process.version}-${process.arch}-${build}`;
  const off = process.env.NODE_DISABLE_COMPILE_CACHE !== undefined;
  const known = off ? new Map<string, Uint8Array>() : readCompiled(join(cache, name));
  const loaded = new Map<string, { exports: unknown }>();
  const fresh = new Map<string, Script>();

  const load = (id: string): unknown => {
    const before = loaded.get(id);
    if (before) return before.exports;
    const module = { exports: {} as unknown };
    loaded.set(id, module);
    const filename = join(folder, id);
    const cachedData = known.get(id);
    const script = new Script(
      `(function(exports,require,module,__filename,__dirname){${readFileSync(filename, 'utf8')}\n})`,
      { filename, ...(cachedData && { cachedData }) },
    );
    if (cachedData === undefined || script.cachedDataRejected) fresh.set(id, script);
    const inner = posix.dirname(id);
    const within: Require = (wanted) => (wanted.startsWith('.') ? load(posix.join(inner, wanted)) : require(wanted));
    (script.runInThisContext() as Wrapped)(module.exports, within, module, filename, join(folder, inner));
    return module.exports;
  };

  if (!off) {
    process.once('exit', () => {
      // Under other flags the engine compiles otherwise, and would refuse it the next time.
      const unusual = process.execArgv.length > 0 || process.env.NODE_OPTIONS;
      if (fresh.size === 0 || unusual || performance.now() > longestMs) return;
      const code = new Map(known);
      for (const [id, script] of fresh) code.set(id, script.createCachedData());
      writeCompiled(cache, name, code);
    });
  }
  return load(entry);
}
