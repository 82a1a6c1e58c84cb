/** What a version promises to those after it (docs/stability.md), and whether a later one keeps it. */
import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';

const json = (path) => JSON.parse(readFileSync(path, 'utf8'));

/**
 * Read from what is made of the code.
 * @param root of the project, built
 */
export function promisesOf(root) {
  const schemas = (folder) =>
    Object.fromEntries(
      readdirSync(join(root, folder))
        .filter((name) => name.endsWith('.json'))
        .sort()
        .map((name) => [name, json(join(root, folder, name))]),
    );
  const errors = readFileSync(join(root, 'docs/reference/errors.md'), 'utf8');
  return {
    version: json(join(root, 'package.json')).version,
    files: schemas('schemas'),
    documents: schemas('schemas/output'),
    statuses: Object.fromEntries(
      [...errors.matchAll(/^\| \[`([\w-]+)`\]\(#[\w-]+\) \| (\d) \|/gm)].map(([, code, status]) => [
        code,
        Number(status),
      ]),
    ),
    exports: Object.keys(createRequire(import.meta.url)(join(root, 'dist/core/index.cjs'))).sort(),
  };
}

/** In words, each promise of `before` that `after` does not keep. */
export function brokenPromises(before, after) {
  const broken = [];
  for (const [name, schema] of Object.entries(before.files))
    compare(schema, after.files[name], `the file of ${name}`, true, broken, [before.files[name], after.files[name]]);
  for (const [name, schema] of Object.entries(before.documents))
    compare(schema, after.documents[name], `the document ${name}`, false, broken, [
      before.documents[name],
      after.documents[name],
    ]);
  for (const [code, status] of Object.entries(before.statuses)) {
    if (after.statuses[code] === undefined) broken.push(`the error ${code} is gone`);
    else if (after.statuses[code] !== status)
      broken.push(`the error ${code} ended with ${status}, and now with ${after.statuses[code]}`);
  }
  for (const name of before.exports)
    if (!after.exports.includes(name)) broken.push(`the core exports no ${name} any more`);
  return broken;
}

const typesOf = (schema) => [schema.type ?? []].flat();

/**
 * A file that was valid stays valid; a reader of a document finds all that was there.
 * @param read the program reads it, and does not write it
 */
function compare(before, after, at, read, broken, roots, seen = new Set()) {
  if (after === undefined || after === false) {
    broken.push(`${at} is gone`);
    return;
  }
  if (before === true || before === undefined || typeof before !== 'object') return;
  if (before.$ref !== undefined || after.$ref !== undefined) {
    const key = `${before.$ref} ${after.$ref} ${read}`;
    if (before.$ref !== undefined && seen.has(key)) return;
    seen.add(key);
    compare(resolved(before, roots[0]), resolved(after, roots[1]), at, read, broken, roots, seen);
    return;
  }
  const inner = (one, other, where) => compare(one, other, where, read, broken, roots, seen);
  const [types, now] = [typesOf(before), typesOf(after)];
  const [wide, narrow] = read ? [now, types] : [types, now];
  if (
    wide.length > 0 &&
    narrow.some((type) => !wide.includes(type) && !(type === 'integer' && wide.includes('number')))
  )
    broken.push(`${at} was ${types.join(' or ') || 'anything'}, and is ${now.join(' or ') || 'anything'}`);
  if (read && before.enum && after.enum)
    for (const value of before.enum)
      if (!after.enum.includes(value)) broken.push(`${at} does not take ${JSON.stringify(value)} any more`);
  if (before.const !== undefined && after.const !== before.const && !after.enum?.includes(before.const))
    broken.push(`${at} is not ${JSON.stringify(before.const)} any more`);
  for (const [name, schema] of Object.entries(before.properties ?? {}))
    inner(schema, after.properties?.[name], `${at}: ${name}`);
  const [were, are] = [before.required ?? [], after.required ?? []];
  if (read) for (const name of are) if (!were.includes(name)) broken.push(`${at}: ${name} is required now`);
  if (!read) for (const name of were) if (!are.includes(name)) broken.push(`${at}: ${name} may be missing now`);
  if (before.items) inner(before.items, after.items ?? true, `${at}, an item`);
  if (typeof before.additionalProperties === 'object')
    inner(before.additionalProperties, after.additionalProperties ?? true, `${at}, a value`);
  for (const key of ['anyOf', 'oneOf']) {
    if (!before[key]) continue;
    const choices = after[key] ?? [after];
    for (const [index, one] of before[key].entries()) {
      const faults = choices.map((other) => {
        const own = [];
        compare(one, other, at, read, own, roots, new Set(seen));
        return own;
      });
      // The one that is most like it says what is wrong.
      const least = faults.sort((a, b) => a.length - b.length)[0] ?? [];
      if (least.length > 0) broken.push(`${at}, form ${index + 1}: ${least[0]}`);
    }
  }
}

function resolved(schema, root) {
  let found = schema;
  for (let steps = 0; found?.$ref !== undefined && steps < 20; steps += 1)
    found =
      found.$ref
        .split('/')
        .slice(1)
        .reduce((one, key) => one?.[key], root) ?? (found.$ref === '#' ? root : undefined);
  return found;
}
