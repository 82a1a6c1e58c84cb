/** Runtime expressions of Arazzo 1.0.1 (section 4.7) and the places and expressions of a collection. */
import { pathBelow } from '../../value/json-path-text.js';

/** `$.items[0].id` as a JSON pointer (RFC 6901). @returns undefined of a path that selects more than one place */
function pointerOf(jsonPath: string): string | undefined {
  if (jsonPath === '$') return '';
  const parts: string[] = [];
  let rest = jsonPath.slice(1);
  while (rest !== '') {
    const [whole, name, index, quoted] = /^(?:\.([A-Za-z_][\w-]*)|\[(\d+)\]|\['((?:[^'\\]|\\.)*)'\])/.exec(rest) ?? [];
    if (whole === undefined) return undefined;
    parts.push(name ?? index ?? (quoted as string).replace(/\\(.)/g, '$1'));
    rest = rest.slice(whole.length);
  }
  return parts.map((part) => `/${part.replaceAll('~', '~0').replaceAll('/', '~1')}`).join('');
}

/** A JSON pointer as a JSONPath; what looks like an index is one. */
const pathOf = (pointer: string): string =>
  pointer
    .split('/')
    .slice(1)
    .map((part) => part.replaceAll('~1', '/').replaceAll('~0', '~'))
    .reduce((path, part) => pathBelow(path, /^\d+$/.test(part) ? Number(part) : part), '$');

/** A place of a response. @returns undefined where Arazzo has no word for it */
export function runtimePlace(place: string): string | undefined {
  if (place === 'status') return '$statusCode';
  if (place.startsWith('header.')) return `$response.header.${place.slice(7)}`;
  if (place === 'body') return '$response.body';
  if (!place.startsWith('$')) return undefined;
  const pointer = pointerOf(place);
  return pointer === undefined ? undefined : `$response.body${pointer === '' ? '' : `#${pointer}`}`;
}

/** The place that a runtime expression speaks of. @returns undefined where there is none */
export function placeOf(expression: string): string | undefined {
  if (expression === '$statusCode') return 'status';
  const [, header] = /^\$response\.header\.([!#$%&'*+.^`|~\w-]+)$/.exec(expression) ?? [];
  if (header !== undefined) return `header.${header.toLowerCase()}`;
  const [, pointer] = /^\$response\.body(?:#(\/.*))?$/.exec(expression) ?? [];
  return expression.startsWith('$response.body') && (pointer !== undefined || expression === '$response.body')
    ? pathOf(pointer ?? '')
    : undefined;
}

/** Whether a text is one runtime expression. */
export const isRuntime = (text: string): boolean =>
  /^\$(?:inputs|steps|response|request|statusCode|url|method|outputs|workflows|components|sourceDescriptions)\b/.test(
    text,
  );
