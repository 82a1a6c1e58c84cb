/** A JSON value held against documented content: the schema judges values, the fields know which names are documented. */
import type { Content } from '../model/model.js';
import { type Mismatch, type MismatchSettings, mismatches } from './mismatch.js';
import { schemaMismatches } from './schema-mismatch.js';

/**
 * @param schema of the content; undefined where none is documented, and the fields are all there is. `loadSchemaChecks`
 * has settled before
 */
export function contentMismatches(
  value: unknown,
  { fields, alternatives, open = false }: Content,
  schema: object | undefined,
  settings: Pick<MismatchSettings, 'response' | 'unknown'>,
): readonly Mismatch[] {
  const shapes = alternatives ?? [{ fields }];
  const tried = shapes.map((one) =>
    mismatches(value, one.fields, { ...settings, open, namesOnly: schema !== undefined }),
  );
  const names = tried.sort((a, b) => a.length - b.length)[0] ?? [];
  if (!schema) return names;
  // Of a name that is not documented, the fields tell the nearest that is.
  const told = new Set(names.map(({ at }) => at));
  return [...schemaMismatches(value, schema, settings.unknown).filter(({ at }) => !told.has(at)), ...names];
}
