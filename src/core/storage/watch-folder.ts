/** Waiting until files of a folder change, whatever way they are written: in place, by renaming, many at once. */
import { type FSWatcher, readdirSync, statSync, watch } from 'node:fs';
import { join } from 'node:path';

export interface FolderWatch {
  /**
   * Settles when files have changed since it settled last, or since the beginning, and nothing has changed for a moment.
   * @param ignored files that are of no account
   * @returns their paths below the folder; undefined where the signal came first
   */
  next(signal: AbortSignal, ignored?: ReadonlySet<string>): Promise<ReadonlySet<string> | undefined>;
  close(): void;
}

/** Milliseconds without a change: an editor writes a file in several steps, a checkout many files. */
const quiet = 120;
/** Milliseconds after which is looked anyway: some file systems tell nobody. */
const patience = 2000;

/** Folders of programs, and those that begin with a dot, such as `.git` and the local state. */
const isOutside = (name: string): boolean => name.startsWith('.') || name === 'node_modules';

export function watchFolder(root: string): FolderWatch {
  const watchers = new Map<string, FSWatcher>();
  let wake = (): void => undefined;
  let before = look();

  /** Size and time of every file; every folder is watched from then on. */
  function look(): Map<string, string> {
    const found = new Map<string, string>();
    const folders = new Set<string>();
    const into = (below: string): void => {
      folders.add(below);
      for (const entry of entriesOf(join(root, below))) {
        const path = below === '' ? entry.name : `${below}/${entry.name}`;
        if (isOutside(entry.name)) continue;
        if (entry.isDirectory()) into(path);
        else if (entry.isFile()) found.set(path, stampOf(join(root, path)));
      }
    };
    into('');
    for (const folder of folders) if (!watchers.has(folder)) listen(folder);
    for (const [folder, watcher] of watchers) {
      if (folders.has(folder)) continue;
      watcher.close();
      watchers.delete(folder);
    }
    return found;
  }

  function listen(folder: string): void {
    try {
      const watcher = watch(join(root, folder), () => wake());
      // It was removed: the next look finds out.
      watcher.on('error', () => wake());
      watchers.set(folder, watcher);
    } catch {
      // No more folders can be watched here; patience finds what changes in it.
    }
  }

  function changes(now: ReadonlyMap<string, string>, ignored: ReadonlySet<string>): Set<string> {
    const all = new Set([...before.keys(), ...now.keys()]);
    return new Set([...all].filter((path) => !ignored.has(path) && before.get(path) !== now.get(path)));
  }

  return {
    async next(signal, ignored = new Set()) {
      for (;;) {
        const now = look();
        if (changes(now, ignored).size > 0) {
          let settled = now;
          // Until a look finds what the one before it found.
          for (let same = false; !same && !signal.aborted; ) {
            await pause(quiet, signal);
            const later = look();
            same = [...later].every(([path, stamp]) => settled.get(path) === stamp) && later.size === settled.size;
            settled = later;
          }
          if (signal.aborted) return undefined;
          const found = changes(settled, ignored);
          before = settled;
          if (found.size > 0) return found;
        }
        if (signal.aborted) return undefined;
        await pause(patience, signal, (early) => {
          wake = early;
        });
        if (signal.aborted) return undefined;
      }
    },
    close() {
      for (const watcher of watchers.values()) watcher.close();
      watchers.clear();
    },
  };
}

/** @param onWake is given what ends it early */
function pause(ms: number, signal: AbortSignal, onWake?: (early: () => void) => void): Promise<void> {
  return new Promise((resolve) => {
    const end = (): void => {
      clearTimeout(timer);
      signal.removeEventListener('abort', end);
      resolve();
    };
    const timer = setTimeout(end, ms);
    signal.addEventListener('abort', end, { once: true });
    onWake?.(end);
  });
}

function entriesOf(folder: string): ReturnType<typeof listOf> {
  try {
    return listOf(folder);
  } catch {
    return [];
  }
}

const listOf = (folder: string) => readdirSync(folder, { withFileTypes: true });

function stampOf(path: string): string {
  try {
    const { size, mtimeMs, ino } = statSync(path);
    return `${size} ${mtimeMs} ${ino}`;
  } catch {
    return '';
  }
}
