/** Values that `send` kept, held for the next `send` in the same environment. Secrets are not held. */
import { readFile, rm } from 'node:fs/promises';
import { join } from 'node:path';
import * as z from 'zod/mini';
import type { Redactor } from '../echo/redactor.js';
import type { Kept } from '../expectation/keeps.js';
import { writeAtomically } from '../storage/atomic-write.js';
import { equalValues } from '../value/equal.js';
import { parseJson, writeJson } from '../value/json-text.js';
import type { Value } from '../value/written.js';

const heldFile = z.record(z.string(), z.strictObject({ value: z.custom<Value>(() => true), from: z.string() }));
export type Held = z.infer<typeof heldFile>;

const pathOf = (local: string, environment: string): string =>
  join(local, 'held', `${environment.replaceAll('/', '-')}.json`);

/** Nothing where none are held, or where the file is not what Echo Trail wrote. */
export async function readHeld(local: string, environment: string): Promise<Held> {
  try {
    const result = heldFile.safeParse(parseJson(await readFile(pathOf(local, environment), 'utf8')));
    return result.success ? result.data : {};
  } catch {
    return {};
  }
}

/** @param redactor knows what is secret: a value that holds any of it is not held */
export async function hold(
  local: string,
  environment: string,
  request: string,
  kept: readonly Kept[],
  redactor: Redactor,
): Promise<void> {
  const open = kept.filter(({ secret, value }) => !secret && equalValues(value, redactor.hideIn(value)));
  if (open.length === 0) return;
  const held = { ...(await readHeld(local, environment)) };
  for (const { name, value, place } of open) held[name] = { value, from: `${request} ${place}` };
  await writeAtomically(pathOf(local, environment), `${writeJson(held, 2)}\n`, { mode: 0o600 });
}

/** The names that were let go. */
export async function clearHeld(local: string, environment: string): Promise<readonly string[]> {
  const names = Object.keys(await readHeld(local, environment));
  await rm(pathOf(local, environment), { force: true });
  return names;
}
