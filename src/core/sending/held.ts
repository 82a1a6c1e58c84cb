/** Values that `send` kept, held for the next `send` in the same environment. Secrets are not held. */
import { join } from 'node:path';
import * as z from 'zod/mini';
import type { Redactor } from '../echo/redactor.js';
import type { Kept } from '../expectation/keeps.js';
import { openFile, type StoredFile, shared } from '../storage/shared-file.js';
import { equalValues } from '../value/equal.js';
import type { Value } from '../value/written.js';

const heldFile = z.record(z.string(), z.strictObject({ value: z.custom<Value>(() => true), from: z.string() }));
export type Held = z.infer<typeof heldFile>;

const fileOf = (local: string, environment: string): StoredFile<Held> =>
  openFile(
    join(local, 'held', `${environment.replaceAll('/', '-')}.json`),
    (content) => heldFile.parse(content) as Held,
    {},
  );

/** Nothing where none are held, or where the file is not what Echo Trail wrote. */
export const readHeld = (local: string, environment: string): Promise<Held> => fileOf(local, environment).read();

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
  const added = Object.fromEntries(
    open.map(({ name, value, place }) => [name, { value, from: `${request} ${place}` }]),
  );
  await shared(fileOf(local, environment)).change((held) => ({ ...held, ...added }));
}

/** The names that were deleted. */
export async function clearHeld(local: string, environment: string): Promise<readonly string[]> {
  let names: readonly string[] = [];
  await shared(fileOf(local, environment)).change((held) => {
    names = Object.keys(held);
    return names.length === 0 ? undefined : {};
  });
  return names;
}
