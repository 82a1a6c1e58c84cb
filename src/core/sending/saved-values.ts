/** Values that `send` kept, saved for the next `send` in the same environment. Secrets are not saved. */
import { join } from 'node:path';
import * as z from 'zod/mini';
import type { Redactor } from '../echo/redactor.js';
import type { Kept } from '../expectation/keeps.js';
import { openFile, type StoredFile, shared } from '../storage/shared-file.js';
import { equalValues } from '../value/equal.js';
import type { Value } from '../value/written.js';

const savedFile = z.record(z.string(), z.strictObject({ value: z.custom<Value>(() => true), from: z.string() }));
export type SavedValues = z.infer<typeof savedFile>;

const fileOf = (local: string, environment: string): StoredFile<SavedValues> =>
  openFile(
    join(local, 'held', `${environment.replaceAll('/', '-')}.json`),
    (content) => savedFile.parse(content) as SavedValues,
    {},
  );

/** Nothing where none are saved, or where the file is not what Echo Trail wrote. */
export const readSavedValues = (local: string, environment: string): Promise<SavedValues> =>
  fileOf(local, environment).read();

/** @param redactor knows what is secret: a value that holds any of it is not saved */
export async function saveValues(
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
export async function clearSavedValues(local: string, environment: string): Promise<readonly string[]> {
  let names: readonly string[] = [];
  await shared(fileOf(local, environment)).change((held) => {
    names = Object.keys(held);
    return names.length === 0 ? undefined : {};
  });
  return names;
}
