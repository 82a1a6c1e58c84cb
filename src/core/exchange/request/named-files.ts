/** The files that a request needs and names outright, so that a missing one is told before anything is sent. */
import { type RequestFile, sentParts } from '../../collection/files/request-file.js';
import { filesUsed, type NamedFile } from '../../expression/files-used.js';
import type { Value } from '../../value/written.js';
import { bodyKinds } from '../body/registry.js';

/** @throws Problem expression-syntax */
export function filesNamed(content: RequestFile): NamedFile[] {
  const [kind = '', spec] = Object.entries(content.body ?? {})[0] ?? [];
  const own = spec === undefined ? [] : (bodyKinds.get(kind)?.files?.(spec as Value) ?? []);
  return [
    ...own.map(({ file, path }) => ({ file, path: ['body', kind, ...path] })),
    ...sentParts.flatMap((part) => filesUsed((content[part] ?? null) as Value, [part])),
  ];
}
