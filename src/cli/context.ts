/** What every command is given: the terminal, the global options, and ways to open the collection. */
import { homedir } from 'node:os';
import { join, resolve } from 'node:path';
import type { Collection } from '../core/collection/collection.js';
import type { Settings } from '../core/collection/layers.js';
import type { Redactor } from '../core/echo/redactor.js';
import { Problem } from '../core/problem/problem.js';
import type { Workspace } from '../core/trail/workspace.js';
import type { Terminal } from './terminal.js';
import { version } from './version.js';

export interface GlobalOptions {
  readonly collection?: string;
  readonly env?: string;
  readonly set?: readonly string[];
  readonly json?: boolean;
  readonly quiet?: boolean;
  readonly colour?: boolean;
  readonly seed?: string;
  readonly debug?: boolean;
}

export interface Context {
  readonly terminal: Terminal;
  readonly options: GlobalOptions;
  /** The user's own folder: the key of sealed files. */
  readonly home: string;
  /** Ends with Ctrl-C. */
  readonly signal: AbortSignal;
  /** Ends with the second Ctrl-C. */
  readonly secondSignal: AbortSignal;
  collection(): Promise<Collection>;
  workspace(more?: {
    allowChanges?: boolean | undefined;
    collection?: Collection;
    environment?: string | undefined;
  }): Promise<Workspace>;
  /** Closes what was opened. */
  close(): Promise<void>;
  /** Of the workspace, once there is one. */
  redactor(): Redactor | undefined;
}

export function makeContext(
  terminal: Terminal,
  options: GlobalOptions,
  signals: { signal: AbortSignal; secondSignal: AbortSignal },
): Context {
  const home =
    process.env.ECHO_TRAIL_HOME ?? join(process.env.XDG_CONFIG_HOME ?? join(homedir(), '.config'), 'echo-trail');
  let opened: Workspace | undefined;
  const context: Context = {
    terminal,
    options,
    home,
    ...signals,
    async collection() {
      const { findCollection, openCollection } = await import('../core/collection/collection.js');
      return openCollection(
        options.collection === undefined ? findCollection(process.cwd()) : resolve(options.collection),
      );
    },
    async workspace({ allowChanges, collection, environment } = {}) {
      const { openWorkspace } = await import('../core/trail/workspace.js');
      opened = await openWorkspace({
        collection: collection ?? (await context.collection()),
        environment: environment ?? options.env,
        settings: readSettings(options.set ?? []),
        seed: options.seed === undefined ? undefined : readSeed(options.seed),
        home,
        processEnvironment: process.env,
        userAgent: `echo-trail/${version}`,
        allowChanges,
        confirmChange: terminal.interactive
          ? async (facts) => (await import('./ask/confirm-change.js')).confirmChange(facts)
          : undefined,
      });
      return opened;
    },
    async close() {
      await opened?.close();
    },
    redactor: () => opened?.redactor,
  };
  return context;
}

/** `--set NAME=VALUE`; the value is text and nothing is looked for in it. @throws Problem usage */
function readSettings(given: readonly string[]): Settings {
  return new Map(
    given.map((text) => {
      const at = text.indexOf('=');
      if (at > 0) return [text.slice(0, at), text.slice(at + 1)];
      throw new Problem('usage', { what: `--set ${text} has no value`, remedy: 'write --set NAME=VALUE' });
    }),
  );
}

function readSeed(text: string): number {
  if (/^\d+$/.test(text)) return Number(text);
  throw new Problem('usage', { what: `--seed takes a whole number, not ${text}` });
}
