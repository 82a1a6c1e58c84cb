/** What every command is given: the terminal, the global options, and ways to open the collection. */
import { homedir } from 'node:os';
import { join, resolve } from 'node:path';
import type { Collection } from '../core/collection/collection.js';
import { findCollection } from '../core/collection/find-collection.js';
import type { SourceCatalogue } from '../core/collection/sources/source-catalogue.js';
import type { Settings } from '../core/collection/variables/variable-scopes.js';
import type { Redactor } from '../core/echo/redactor.js';
import { Problem } from '../core/problem/problem.js';
import type { Workspace, WorkspaceSettings } from '../core/sending/workspace.js';
import { passPhraseAt } from './ask/pass-phrase.js';
import { wholeNumber } from './options/whole-number.js';
import { type LogFile, openLogFile } from './terminal/log-file.js';
import type { Terminal } from './terminal/terminal.js';
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
  readonly log?: string;
}

export interface Context {
  readonly terminal: Terminal;
  readonly options: GlobalOptions;
  /** The user's own folder: the key of sealed files. */
  readonly home: string;
  readonly log: LogFile;
  /** Ends with Ctrl-C. */
  readonly signal: AbortSignal;
  /** Ends with the second Ctrl-C. */
  readonly secondSignal: AbortSignal;
  collection(): Promise<Collection>;
  /** What the collection has of documentation, where nothing else of it is wanted. Who may fail remembers nothing of it. */
  shelf(settings?: { readonly remember: boolean }): Promise<SourceCatalogue>;
  /** In place of what the options and the terminal say. */
  workspace(more?: WorkspaceWishes): Promise<Workspace>;
  /** From now on the vendor is rehearsed at a port of this machine. @param end of the command, it is closed */
  rehearse(port: number, close: () => Promise<void>): void;
  /** Does work with a context of its own, closes that, and reports what it throws. @returns the status */
  anew(work: (own: Context) => Promise<number>): Promise<number>;
  /** Another command of the program, in the same collection: what it prints goes to a terminal of its own. @returns the status */
  inside(
    words: readonly string[],
    terminal: Terminal,
    signals: Pick<Context, 'signal' | 'secondSignal'>,
  ): Promise<number>;
  /** Closes what was opened. */
  close(): Promise<void>;
  /** Of the workspace, once there is one. */
  redactor(): Redactor | undefined;
}

export type WorkspaceWishes = Partial<
  Omit<WorkspaceSettings, 'home' | 'seed' | 'processEnvironment' | 'userAgent' | 'confirmChange' | 'rehearsal'>
>;

export function makeContext(
  terminal: Terminal,
  options: GlobalOptions,
  signals: { signal: AbortSignal; secondSignal: AbortSignal },
  tell: (error: unknown, context: Context) => number,
  inside: Context['inside'],
): Context {
  const home =
    process.env.ECHO_TRAIL_HOME ?? join(process.env.XDG_CONFIG_HOME ?? join(homedir(), '.config'), 'echo-trail');
  const opened: Workspace[] = [];
  let rehearsal: { readonly port: number; readonly close: () => Promise<void> } | undefined;
  const context: Context = {
    terminal,
    options,
    home,
    log: openLogFile(options.log, terminal, (text) => context.redactor()?.hide(text) ?? text),
    ...signals,
    async collection() {
      const { openCollection } = await import('../core/collection/collection.js');
      return openCollection(collectionFolder(options));
    },
    async shelf(settings = { remember: true }) {
      const { openSourceCatalogue } = await import('../core/collection/sources/open-source-catalogue.js');
      return openSourceCatalogue(collectionFolder(options), settings);
    },
    async workspace(more = {}) {
      const { openWorkspace } = await import('../core/run/open-workspace.js');
      const workspace = await openWorkspace({
        ...more,
        rehearsal,
        collection: more.collection ?? (await context.collection()),
        environment: more.environment ?? options.env,
        settings: more.settings ?? settingsOf(options.set ?? []),
        seed: options.seed === undefined ? undefined : wholeNumber(options.seed, '--seed'),
        home,
        processEnvironment: process.env,
        userAgent: `echo-trail/${version}`,
        person:
          more.person ??
          (terminal.interactive ? (await import('./ask/person.js')).personAt(terminal, true) : undefined),
        passPhrase: passPhraseAt(terminal),
        allowSecret: terminal.interactive ? await allowingSecret(terminal) : undefined,
        confirmChange: terminal.interactive
          ? (facts) => terminal.asking(async () => (await import('./ask/confirm-change.js')).confirmChange(facts))
          : undefined,
      });
      opened.push(workspace);
      context.log.listen(workspace);
      terminal.hideBy(workspace.redactor);
      return workspace;
    },
    rehearse(port, close) {
      rehearsal = { port, close };
    },
    async anew(work) {
      const own = makeContext(terminal, options, signals, tell, inside);
      let status: number;
      try {
        status = await work(own);
      } catch (error) {
        status = tell(error, own);
      }
      await own.close();
      return status;
    },
    inside,
    async close() {
      await rehearsal?.close();
      for (const workspace of opened) {
        const gone = await workspace.close();
        if (gone === 0) continue;
        const oldest = `the echoes of the oldest ${gone === 1 ? 'command' : `${gone} commands`}`;
        terminal.note(terminal.err.dim(`deleted ${oldest}; echoes: in echo-trail.yaml sets the limit`));
      }
    },
    redactor: () => opened.at(-1)?.redactor,
  };
  return context;
}

async function allowingSecret(terminal: Terminal): Promise<NonNullable<WorkspaceSettings['allowSecret']>> {
  const { askAllowSecret } = await import('./ask/allow-secret.js');
  return (...asked) => terminal.askingNow(() => askAllowSecret(...asked));
}

const collectionFolder = ({ collection }: GlobalOptions): string =>
  collection === undefined ? findCollection(process.cwd()) : resolve(collection);

/** `--set NAME=VALUE`; the value is text and nothing is looked for in it. @throws Problem usage */
export function settingsOf(given: readonly string[]): Settings {
  return new Map(
    given.map((text) => {
      const at = text.indexOf('=');
      if (at > 0) return [text.slice(0, at), text.slice(at + 1)];
      throw new Problem('usage', { what: `--set ${text} has no value`, remedy: 'write --set NAME=VALUE' });
    }),
  );
}
