/**
 * Notes and corrections beside a snapshot, as an OpenAPI Overlay 1.0 document: each action has a target
 * (JSONPath, RFC 9535), and an `update` that is merged there or `remove: true`.
 */
import * as z from 'zod/mini';
import { compileJsonPath } from '../../place/json-path/compile.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { ownMember } from '../../value/own-member.js';
import type { Value } from '../../value/written.js';
import type { Warning } from '../model/model.js';
import type { Documents } from './documents.js';
import { fromYaml } from './notation.js';

const overlayFile = z.object({
  overlay: z.string(),
  info: z.object({ title: z.string(), version: z.string() }),
  extends: z.optional(z.string()),
  actions: z.array(
    z.object({
      target: z.string(),
      description: z.optional(z.string()),
      update: z.optional(z.any()),
      remove: z.optional(z.boolean()),
    }),
  ),
});

/**
 * The documents with the notes of an overlay in the first of them.
 * @throws Problem document-unreadable: the overlay is none, or a target is not a JSONPath
 */
export async function withOverlay(documents: Documents, text: string, file: string): Promise<Documents> {
  const read = overlayFile.safeParse(await fromYaml(text, file));
  if (!read.success) {
    const [issue] = read.error.issues;
    throw new Problem('document-unreadable', {
      what: `${file} is not an OpenAPI Overlay 1.0 document`,
      where: { file },
      cause: issue && `${issue.path.join('.')}: ${issue.message}`,
      remedy: 'it has overlay: 1.0.0, info: {title, version}, and actions: [{target, update}]',
    });
  }
  const { main, parts } = documents;
  if (main.content === undefined) {
    throw new Problem('document-unreadable', {
      what: `${file}: an overlay is for documents in JSON or YAML, and ${main.file} is ${main.notation}`,
      where: { file },
    });
  }
  const warnings: Warning[] = [];
  for (const [index, { target, update, remove }] of read.data.actions.entries()) {
    const loads: Promise<unknown>[] = [];
    try {
      const path = compileJsonPath(target, loads);
      await Promise.all(loads);
      const found = path.select(main.content as Value);
      // The document has changed, or the target is mistyped: either way the note is lost.
      if (found.length === 0)
        warnings.push({ at: `${file}/actions/${index}`, what: `the target ${target} of the overlay matches nothing` });
      if (remove) removeFrom(main.content, new Set(found.filter((one) => typeof one === 'object' && one !== null)));
      else for (const one of found) merge(one, update);
    } catch (error) {
      throw asProblem(error).at({ file });
    }
  }
  return { main, parts, warnings };
}

/** Members are merged, items are added at the end (Overlay 1.0, section 4.4.3). */
function merge(target: unknown, update: unknown): void {
  if (Array.isArray(target)) {
    target.push(...structuredClone(Array.isArray(update) ? update : [update]));
    return;
  }
  if (typeof target !== 'object' || target === null || typeof update !== 'object' || update === null) return;
  for (const [key, value] of Object.entries(update)) {
    const before = ownMember(target as Record<string, unknown>, key);
    if (typeof before === 'object' && before !== null && typeof value === 'object' && value !== null)
      merge(before, value);
    else {
      // A copy for each target: a later action may change one of them.
      const own = structuredClone(value);
      Object.defineProperty(target, key, { value: own, enumerable: true, configurable: true, writable: true });
    }
  }
}

function removeFrom(holder: unknown, gone: ReadonlySet<unknown>): void {
  if (typeof holder !== 'object' || holder === null) return;
  if (Array.isArray(holder)) {
    for (let index = holder.length - 1; index >= 0; index -= 1) if (gone.has(holder[index])) holder.splice(index, 1);
  }
  for (const [key, value] of Object.entries(holder)) {
    if (gone.has(value)) delete (holder as Record<string, unknown>)[key];
    else removeFrom(value, gone);
  }
}
