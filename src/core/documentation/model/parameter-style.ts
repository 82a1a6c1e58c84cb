/** How the value of a parameter is written as text (OpenAPI 3, Parameter Object). */
import type { Parameter } from './model.js';

/** What stands between the items of a list; undefined where each item is a parameter of its own. */
export function separatorOf({ in: where, lists, style, type }: Parameter): string | undefined {
  if (!type.startsWith('array')) return undefined;
  if (lists === 'repeated' && where === 'query') return undefined;
  return style === 'pipeDelimited' ? '|' : style === 'spaceDelimited' ? ' ' : ',';
}
