/** The workspace of a run: with the patience, the baselines and the people that a run may want. */
import type { Collection } from '../../core/collection/collection.js';
import type { Settings } from '../../core/collection/variables/layers.js';
import type { Workspace } from '../../core/sending/workspace.js';
import type { Context } from '../context.js';
import { accepting } from './accepting.js';
import type { RunWishes } from './options.js';

export interface Opened {
  readonly workspace: Workspace;
  /** Settles when the baselines that were accepted are written. */
  readonly written: () => Promise<void>;
}

export async function opened(
  context: Context,
  wishes: RunWishes,
  more: {
    readonly environment?: string | undefined;
    readonly settings?: Settings;
    readonly redactor?: Workspace['redactor'];
    readonly collection?: Collection;
  },
): Promise<Opened> {
  const { terminal } = context;
  const collection = more.collection ?? (await context.collection());
  let workspace: Workspace | undefined;
  const baselines = accepting(collection.root, terminal, () => workspace?.redactor.hide ?? ((text) => text));
  workspace = await context.workspace({
    ...more,
    collection,
    allowChanges: wishes.allowChanges,
    dryRun: wishes.dryRun,
    accept: wishes.accept ? baselines.accept : undefined,
    standardInput: () => process.stdin,
    choose: terminal.interactive
      ? (question, labels) => terminal.asking(async () => (await import('../ask/choice.js')).askLabel(question, labels))
      : undefined,
  });
  return { workspace, written: baselines.written };
}
