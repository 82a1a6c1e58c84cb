/**
 * Which session of a file a caller means. Where a row says the origin, or what the session is opened with, each origin and
 * each set of such values has a session of its own.
 */
import { createHash } from 'node:crypto';
import { variableNames } from '../../collection/variables/variable-scopes.js';
import type { Loads } from '../../expression/compile.js';
import { Evaluation } from '../../expression/evaluation.js';
import { layered, type Named, type Names } from '../../expression/names.js';
import { namesUsed } from '../../expression/names-used.js';
import { compileTree, type Tree } from '../../expression/tree.js';
import { sessionKinds } from '../../session/registry.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import type { Workspace } from '../workspace.js';

interface Opening {
  /** What it is opened with. */
  readonly tree: Tree;
  readonly names: readonly string[];
}

const known = new WeakMap<Workspace, Map<string, Opening>>();

/** @returns empty where nothing of the caller's decides */
export function sessionVariant(workspace: Workspace, name: string, caller: Names): string {
  const { tree, names } = openingOf(workspace, name);
  if (![...names, ...workspace.outsideNames].some((one) => caller.lookup(one))) return '';
  let decides = false;
  const watched: Names = {
    layers: caller.layers,
    known: () => caller.known(),
    lookup(one): Named | undefined {
      const found = caller.lookup(one);
      decides ||= found !== undefined;
      return found;
    },
  };
  const evaluationContext = workspace.evaluationContext();
  const variables = variableNames(workspace.layers, watched, evaluationContext);
  const digest = createHash('sha256');
  try {
    digest.update(textOf(variables.lookup('origin')?.value ?? ''));
    digest.update(textOf(tree.evaluate(new Evaluation(layered(variables, watched), evaluationContext)) as Value));
  } catch {
    // What is missing is told when the session is opened.
  }
  return decides ? digest.digest('base64url').slice(0, 16) : '';
}

function openingOf(workspace: Workspace, name: string): Opening {
  const cache = known.get(workspace) ?? new Map<string, Opening>();
  known.set(workspace, cache);
  const before = cache.get(name);
  if (before) return before;
  const { content } = workspace.collection.read('session', name);
  const { about: _, headers: __, supply: ___, refused: ____, ...own } = content as Record<string, unknown>;
  const opens = sessionKinds.get(content.kind)?.openedWith?.(content) ?? (own as Value);
  // Filters that are loaded late are loaded when the session is opened.
  const loads: Loads = [];
  const opening = {
    tree: compileTree(opens, () => undefined, loads),
    names: namesUsed(opens).flatMap(({ name: one }) => (one === 'secret' ? [] : one)),
  };
  for (const load of loads) void load.catch(() => undefined);
  cache.set(name, opening);
  return opening;
}
