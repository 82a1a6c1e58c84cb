/**
 * Every name that a step uses is known by then: an input of the trail, a row column, a variable, or kept by a step before.
 *
 *     - send: calls/book
 *       keep: {callId: $.id}
 *     - send: calls/show
 *       give: {id: "${callId}"}      # holds
 *       give: {id: "${call}"}        # does not
 */
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Loaded } from '../../collection/collection.js';
import type { StepFile, TrailFile } from '../../collection/files/trail-file.js';
import { namesUsed } from '../../expression/names-used.js';
import { nearestHint } from '../../problem/nearest.js';
import type { Value } from '../../value/written.js';
import type { Checked, Rule } from '../rule.js';

export const trailNamesResolve: Rule = {
  name: 'trail-names-resolve',
  must: 'every name that a step uses is known by then',
  *check(checked) {
    for (const trail of checked.trails.values()) {
      const { content, yaml, name } = trail;
      const known = new Set([...Object.keys(content.inputs ?? {}), ...columns(checked, trail), ...checked.variables]);
      const open = content.rows !== undefined && !/\.csv$/i.test(content.rows);
      for (const [index, step] of content.steps.entries()) {
        const gained = gains(step, checked);
        // An expectation sees what was known before; an undo part sees what the step kept.
        const used = namesUsed({ ...step, undo: null, ...('trail' in step && { keep: null }) } as unknown as Value, [
          'steps',
          index,
        ]);
        const later =
          'undo' in step && step.undo ? namesUsed(step.undo as unknown as Value, ['steps', index, 'undo']) : [];
        const inKeep = !('send' in step) && !('trail' in step) ? Object.keys(step.keep) : [];
        for (const { use, names } of [
          ...used.map((one) => ({ use: one, names: new Set([...known, ...inKeep]) })),
          ...later.map((one) => ({ use: one, names: new Set([...known, ...gained]) })),
        ]) {
          if (use.name === 'secret' || use.optional || names.has(use.name) || open) continue;
          yield {
            severity: 'error',
            where: yaml.position(use.path),
            what: `the name ${use.name} is not known at this step of ${name}`,
            remedy: nearestHint(use.name, names),
          };
        }
        for (const one of gained) known.add(one);
      }
    }
  },
};

/** What a step leaves behind: what it keeps, and what its request keeps. */
function gains(step: StepFile, { requests, collection }: Checked): string[] {
  const own = Object.keys(step.keep ?? {});
  if (!('send' in step)) return own;
  const request = requests.get(resolved(collection, step.send));
  return [...own, ...Object.keys(request?.content.keep ?? {})];
}

/** The whole name of a request, or the given one where it has none. */
export function resolved(collection: Checked['collection'], given: string): string {
  try {
    return collection.resolve('request', given);
  } catch {
    return given;
  }
}

/** The columns of a csv file's first line; `row` where there are rows at all. */
function columns({ collection }: Checked, { content }: Loaded<TrailFile>): string[] {
  if (content.rows === undefined) return [];
  const path = join(collection.root, content.rows);
  if (!existsSync(path) || !/\.csv$/i.test(path)) return ['row'];
  const [head = ''] = readFileSync(path, 'utf8').split(/\r?\n/, 1);
  return [
    'row',
    ...head
      .replace(/^\uFEFF/, '')
      .split(',')
      .map((name) => name.replace(/^"|"$/g, '')),
  ];
}
