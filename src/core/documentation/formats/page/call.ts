/** A method and a path as pages write them. */
import { percentDecoded } from '../../../value/percent-decoded.js';
import type { ExampleRequest } from './messages.js';

export const methodPath =
  /\b(GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS)\b[\s:]*[`"']?((?:https?:\/\/[^\s`"'<>]+|\/)[^\s`"'<>,;)]*)/;

export interface Call {
  readonly method: string;
  readonly path: string;
  readonly query: readonly string[];
}

export function callIn(text: string): Call | undefined {
  const found = methodPath.exec(text);
  return found ? callOf({ method: found[1] ?? '', address: found[2] ?? '' }) : undefined;
}

/** `/x/:id`, `/x/<id>` and `/x/[id]` are `/x/{id}`. */
export function callOf({ method, address }: Pick<ExampleRequest, 'method' | 'address'>): Call {
  const [path = '/', query = ''] = address
    .replace(/^https?:\/\/[^/?#]+/i, '')
    .replace(/#.*$/, '')
    .split('?');
  const template = path.replace(
    /:([A-Za-z_]\w*)|<([^>]+)>|\[([^\]]+)\]/g,
    (_, a: string, b: string, c: string) => `{${a ?? b ?? c}}`,
  );
  const names = query.split('&').flatMap((pair) => percentDecoded(pair.split('=')[0] ?? '') || []);
  return { method, path: template === '' ? '/' : template.replace(/(.)\/+$/, '$1'), query: names };
}

/** Whether the end of a path is one that a template stands for; some part of it must be the same. */
export function endsAs(path: string, template: string): boolean {
  const wanted = template.split('/').slice(1);
  const end = path.split('/').slice(-wanted.length);
  return (
    wanted.some((part) => part !== '' && !/^\{.*\}$/.test(part)) &&
    fitsPath(`/${end.join('/')}`, `/${wanted.join('/')}`)
  );
}

export function fitsPath(path: string, template: string): boolean {
  const [a, b] = [path.split('/'), template.split('/')];
  return a.length === b.length && b.every((part, index) => /^\{.*\}$/.test(part) || part === a[index]);
}
