/** Names in the templates of a request: files beside it, whose `${…}` are part of what it sends. */
import { readFileSync } from 'node:fs';
import type { Collection } from '../collection/collection.js';
import type { RequestFile } from '../collection/files/request-file.js';
import { envelopeFile } from '../exchange/body/soap.js';
import { filesUsed } from '../expression/files-used.js';
import { type NameUse, namesUsed } from '../expression/names-used.js';
import { pathInside } from '../storage/inside.js';
import { parseJson } from '../value/json-text.js';
import { isValueMap, type Value } from '../value/written.js';

/** The templates that are its body, or a part of it. */
export function bodyTemplates({ body }: RequestFile): readonly string[] {
  if (!body) return [];
  if ('template' in body) return [body.template];
  if ('soap' in body) return [envelopeFile(body.soap.envelope) ?? []].flat();
  if (!('parts' in body)) return [];
  return Object.values(body.parts as Readonly<Record<string, Value>>)
    .flatMap((part) => (Array.isArray(part) ? (part as readonly Value[]) : [part]))
    .flatMap((part) => (isValueMap(part) && typeof part.template === 'string' ? [part.template] : []));
}

/** Those, and the files that its expressions read. */
export const templatesOf = (content: RequestFile): readonly string[] => [
  ...bodyTemplates(content),
  ...filesUsed(content as unknown as Value).flatMap(({ file }) => (/\.(?:json|xml|txt|csv)$/.test(file) ? [file] : [])),
];

export const namesInTemplate = (collection: Collection, file: string): readonly NameUse[] =>
  usedInTemplate(collection, file, namesUsed);

/** Nothing where the file cannot be read: that is told of the request that names it. */
export function usedInTemplate<Use>({ root }: Collection, file: string, used: (value: Value) => Iterable<Use>): Use[] {
  try {
    const text = readFileSync(pathInside(root, file), 'utf8');
    return [...used(/\.json$/.test(file) ? parseJson(text) : text)];
  } catch {
    return [];
  }
}
