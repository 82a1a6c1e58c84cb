/**
 * What a CI server shows beside the lines of a job: one that names a file for a summary in the process environment gets the
 * report as Markdown there, and a line for each failure with the file and the line of what failed.
 */
import { existsSync } from 'node:fs';
import { appendFile } from 'node:fs/promises';
import { join, relative } from 'node:path';
import type { Collection } from '../../core/collection/collection.js';
import { type Case, casesOf } from '../../core/report/cases.js';
import { markdown } from '../../core/report/formats/markdown.js';
import type { Records } from '../../core/report/formats/report-format.js';
import { isValueMap, type Value } from '../../core/value/written.js';
import type { Terminal } from '../terminal/terminal.js';

/** Servers show no more of one job. */
const mostShown = 50;

/** The file that the server names: the step's own summary. */
export function summaryFile(env: Readonly<Record<string, string | undefined>>): string | undefined {
  const [, file] = Object.entries(env).find(([name, path]) => /^[A-Z]+_STEP_SUMMARY$/.test(name) && path) ?? [];
  return file !== undefined && existsSync(file) ? file : undefined;
}

export async function tellServer(
  file: string,
  records: Records,
  collection: Collection,
  terminal: Terminal,
): Promise<void> {
  const pieces: string[] = [];
  for await (const piece of markdown.write(records)) pieces.push(piece);
  await appendFile(file, pieces.join(''));
  let shown = 0;
  for await (const one of casesOf(records())) {
    if (one.state !== 'failed') continue;
    shown += 1;
    if (shown > mostShown) break;
    terminal.complain(annotation(one, collection));
  }
}

/** In the server's documented form; a line feed would end it. */
function annotation(one: Case, collection: Collection): string {
  const { file, line } = placeOf(one, collection);
  const message = (text: string): string => text.replaceAll('%', '%25').replaceAll('\r', '%0D').replaceAll('\n', '%0A');
  const property = (text: string): string => message(text).replaceAll(':', '%3A').replaceAll(',', '%2C');
  const path = relative(process.cwd(), join(collection.root, file));
  const title = property(`${one.walked}: ${one.name}`);
  return `::error file=${property(path)},line=${line},title=${title}::${message(one.lines.join('\n') || (one.problem?.what ?? 'failed'))}`;
}

/** The step in the file of its trail, or of a request that is walked by itself the place that it expects something of. */
function placeOf({ walked, record }: Case, collection: Collection): { readonly file: string; readonly line: number } {
  const trail = collection.names('trail').includes(walked);
  const file = trail ? `trails/${walked}.yaml` : `requests/${walked}.yaml`;
  try {
    const yaml = collection.yaml(file);
    const first = record?.expectations.failed[0]?.place;
    const steps =
      isValueMap(yaml.value) && Array.isArray(yaml.value.steps) ? (yaml.value.steps as readonly Value[]) : [];
    const at = steps.findIndex((step) => isValueMap(step) && Object.values(step).includes(record?.step ?? ''));
    const path = trail ? (at === -1 ? [] : ['steps', at]) : first === undefined ? [] : ['expect', first];
    return { file, line: yaml.position(path)?.line ?? 1 };
  } catch {
    return { file, line: 1 };
  }
}
