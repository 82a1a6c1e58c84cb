/** Names that a file gives to values, wherever it does. */
import { isValueMap, type Value } from '../value/written.js';

/** Keys below which names are keys. */
const makers = new Set(['inputs', 'keep', 'define', 'supply', 'give']);

export function namesMade(content: Value): string[] {
  if (Array.isArray(content)) return (content as readonly Value[]).flatMap(namesMade);
  if (!isValueMap(content)) return [];
  return Object.entries(content).flatMap(([key, inner]) => [
    ...(makers.has(key) && isValueMap(inner) ? Object.keys(inner) : []),
    ...(key === 'as' && typeof inner === 'string' ? [inner] : []),
    ...namesMade(inner),
  ]);
}
