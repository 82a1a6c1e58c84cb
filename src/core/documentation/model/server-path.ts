/** The part of a server's address that stands before the paths of its operations. */
import type { Server, ServerVariable } from './model.js';

export interface ServerPath {
  /** Without a closing slash; variables as `{name}`: `/{stage}/v1`. */
  readonly path: string;
  /** Those that stand in it. */
  readonly variables: readonly ServerVariable[];
}

export function serverPath({ url, template, variables }: Server): ServerPath {
  const plain = pathOf(url);
  const own = template === undefined ? plain : pathOf(template);
  const usual = own.replace(
    /\{([^}]+)\}/g,
    (whole, name: string) => variables.find((one) => one.name === name)?.default ?? whole,
  );
  // Where a variable holds a host with a path, the two cannot be told apart.
  if (own === plain || usual !== plain) return { path: plain, variables: [] };
  return { path: own, variables: variables.filter(({ name }) => own.includes(`{${name}}`)) };
}

const pathOf = (address: string): string =>
  address.replace(/^(?:[a-z][a-z0-9+.-]*|\{[^}]+\}):\/\/[^/]*/i, '').replace(/\/+$/, '');
