/**
 * Every name that a step uses is known by then: an input of the trail, a row column, a variable, or kept by a step before;
 * and what it sends or walks is given what it needs, and nothing else.
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
import type { YamlFile } from '../../collection/yaml.js';
import { type NameUse, namesUsed } from '../../expression/names-used.js';
import { writtenAs } from '../../expression/sources/registry.js';
import { nearestHint } from '../../problem/nearest.js';
import type { StepPart } from '../../trail/step-outline.js';
import { outlineOf } from '../../trail/steps/registry.js';
import { separatorOf } from '../../value/csv-separator.js';
import type { Value } from '../../value/written.js';
import type { Finding } from '../finding.js';
import { inputsGiven } from '../inputs-given.js';
import type { Checked, Rule } from '../rule.js';
import { gains } from '../trail-steps.js';

type Path = readonly (string | number)[];
type Found = Omit<Finding, 'rule'>;

interface Room {
  readonly checked: Checked;
  readonly yaml: YamlFile;
  readonly trail: string;
}

export const trailNamesResolve = {
  name: 'trail-names-resolve',
  must: 'every name that a step uses is known by then, and what it sends is given the inputs that it needs',
  *check(checked) {
    for (const trail of checked.trails.values()) {
      const { content, yaml, name } = trail;
      const columns = columnsOf(checked, trail);
      // What columns the rows have is known only when they are read.
      if (content.rows !== undefined && columns === undefined) continue;
      const known = new Set([...Object.keys(content.inputs ?? {}), ...(columns ?? []), ...checked.variables]);
      const room = { checked, yaml, trail: name };
      const after = yield* inSteps(content.steps, ['steps'], known, room);
      yield* unknown(namesIn(content.table?.columns, ['table', 'columns']), after, room);
      // Its file is begun before the first row.
      const ahead = new Set([...Object.keys(content.inputs ?? {}), ...checked.variables]);
      yield* unknown(namesIn(content.table?.to, ['table', 'to']), ahead, room);
    }
  },
} satisfies Rule;

/** @returns the names that are known behind the last of the steps */
function* inSteps(
  steps: readonly StepFile[],
  path: Path,
  before: ReadonlySet<string>,
  room: Room,
): Generator<Found, ReadonlySet<string>> {
  const known = new Set(before);
  for (const [index, step] of steps.entries()) {
    const at = [...path, index];
    const outline = outlineOf(step);
    const gained = gains(outline, room.checked);
    const after = new Set([...known, ...gained]);
    yield* inputsGiven(outline, at, { known, after }, room.checked, room.yaml);
    const uses = (parts: readonly StepPart[]): NameUse[] =>
      parts.flatMap(({ value, path: below }) => namesIn(value, [...at, ...below]));
    yield* unknown(uses(outline.before), known, room);
    yield* unknown(uses(outline.after), after, room);
    yield* unknown(uses(outline.each), new Set([...known, 'item']), room);
    if (outline.inner) {
      const { steps: inner, item, table } = outline.inner;
      const within = yield* inSteps(inner, [...at, 'steps'], new Set([...known, item]), room);
      yield* unknown(namesIn(table?.columns, [...at, 'table', 'columns']), within, room);
      yield* unknown(namesIn(table?.to, [...at, 'table', 'to']), known, room);
    }
    for (const one of gained) known.add(one);
  }
  return known;
}

const namesIn = (value: unknown, path: Path): NameUse[] => namesUsed((value ?? null) as Value, path);

function* unknown(uses: readonly NameUse[], known: ReadonlySet<string>, { yaml, trail }: Room): Generator<Found> {
  for (const { name, path, optional } of uses) {
    if (name === 'secret' || optional || known.has(name)) continue;
    yield {
      severity: 'error',
      where: yaml.position(path),
      what: `the name ${name} is not known at this step of ${trail}`,
      remedy: writtenAs(name) ?? nearestHint(name, known),
    };
  }
}

/** The columns of a csv file's first line, or of a list that is written out: none without rows, undefined where they are not known ahead. */
export function columnsOf({ collection }: Checked, { content: { rows } }: Loaded<TrailFile>): string[] | undefined {
  if (rows === undefined) return [];
  if (Array.isArray(rows)) return ['row', 'value', ...rows.flatMap((row) => Object.keys((row ?? {}) as object))];
  const path = join(collection.root, rows);
  if (!/\.csv$/i.test(rows) || !existsSync(path)) return undefined;
  const [head = ''] = readFileSync(path, 'utf8').split(/\r?\n/, 1);
  return [
    'row',
    ...head
      .replace(/^\uFEFF/, '')
      .split(separatorOf(head))
      .map((name) => name.replace(/^"|"$/g, '')),
  ];
}
