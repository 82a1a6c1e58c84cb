/** A new environment, its origin offered from the servers that the documentation names. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { inputName } from '../documentation/draft/inputs.js';
import type { Server } from '../documentation/model/model.js';
import { serverPath } from '../documentation/model/server-path.js';
import { Problem } from '../problem/problem.js';
import { writeAtomically } from '../storage/atomic-write.js';
import { placeInside } from '../storage/inside.js';
import type { Collection } from './collection.js';
import { environmentText } from './environment-text.js';
import type { SourceCatalogue } from './sources/source-catalogue.js';
import { sourceIndex } from './sources/source-index.js';

/** A server that a source names, its address whole. */
export interface OfferedServer extends Server {
  readonly source: string;
}

/** The servers of all sources, each origin once; an address without a host is at the host that the source came from. */
export function offeredServers(shelf: SourceCatalogue): readonly OfferedServer[] {
  const offered = new Map<string, OfferedServer>();
  for (const [source, { source: from }] of Object.entries(shelf.docs)) {
    const base = from !== undefined && /^https?:/i.test(from) ? from : undefined;
    const servers = sourceIndex(shelf, source).facts.servers;
    for (const server of servers.length > 0 || base === undefined ? servers : [{ url: '/', variables: [] }]) {
      if (!URL.canParse(server.url, base)) continue;
      const url = new URL(server.url, base);
      if (!/^https?:$/.test(url.protocol)) continue;
      const key = server.variables.length > 0 ? server.url : url.origin;
      if (!offered.has(key)) offered.set(key, { ...server, url: url.href, source });
    }
  }
  return [...offered.values()];
}

/** The origins at which the documentation says that tokens are had. */
export function tokenOrigins(shelf: SourceCatalogue): readonly string[] {
  const found = Object.entries(shelf.docs).flatMap(([source, { source: from }]) =>
    originsIn(sourceIndex(shelf, source).facts.tokenAddresses ?? [], from),
  );
  return [...new Set(found)];
}

/** @param from where the documentation was fetched, for addresses without a host */
export function originsIn(addresses: readonly string[], from: string | undefined): string[] {
  const base = from !== undefined && /^https?:/i.test(from) ? from : undefined;
  return addresses.flatMap((address) => {
    const url = URL.canParse(address, base) ? new URL(address, base) : undefined;
    return url && /^https?:$/.test(url.protocol) ? [url.origin] : [];
  });
}

/**
 * The origin of a server, its variables at what was chosen or else at their defaults.
 * @param chosen by the name of the variable
 * @throws Problem usage: a value that the documentation does not allow, or one of no variable
 */
export function originOf({ url, template, variables }: OfferedServer, chosen: ReadonlyMap<string, string>): string {
  for (const [name, value] of chosen) {
    const variable = variables.find((one) => one.name === name);
    const names = variables.map((one) => one.name).join(', ');
    if (!variable) {
      throw new Problem('usage', {
        what: `the server ${template ?? url} has no variable ${name}`,
        remedy: names === '' ? 'it has none' : `it has: ${names}`,
      });
    }
    if (variable.allowed.length > 0 && !variable.allowed.includes(value)) {
      throw new Problem('usage', {
        what: `${name} of ${template ?? url} cannot be ${value}`,
        remedy: `documented: ${variable.allowed.join(', ')}`,
      });
    }
  }
  if (template === undefined) return new URL(url).origin;
  const values = new Map([...variables.map((one) => [one.name, one.default] as const), ...chosen]);
  const whole = template.replace(/\{([^}]+)\}/g, (written, name: string) => values.get(name) ?? written);
  return new URL(whole, url).origin;
}

/** What requests of the server have in their paths, by the names that drafts give to it. */
export function pathVariables(
  server: OfferedServer,
  chosen: ReadonlyMap<string, string>,
): Readonly<Record<string, string>> {
  const { variables } = serverPath(server);
  return Object.fromEntries(
    variables.map((one) => [inputName(one.name), chosen.get(one.name) ?? one.default] as const),
  );
}

export interface NewEnvironment {
  readonly name: string;
  readonly origin: string;
  /** Beside the origin. */
  readonly variables?: Readonly<Record<string, string>> | undefined;
  readonly about: string | undefined;
  /** Other origins that it talks to. */
  readonly hosts?: readonly string[] | undefined;
}

/**
 * Writes `environments/NAME.yaml`. Its calls that change something are asked about: nobody has said yet what it is.
 * @returns the file, from the collection @throws Problem usage, file-exists; then nothing is written
 */
export async function makeEnvironment(
  { root }: Collection,
  { name, origin, about, hosts, variables }: NewEnvironment,
): Promise<string> {
  if (!/^[\p{L}\p{N}][\p{L}\p{N}._/-]*$/u.test(name) || name.includes('..')) {
    throw new Problem('usage', {
      what: `${JSON.stringify(name)} cannot be the name of an environment`,
      remedy: 'letters, digits, dots, dashes and underscores',
    });
  }
  const url = URL.canParse(origin) ? new URL(origin) : undefined;
  if (!url || !/^https?:$/.test(url.protocol) || url.origin !== origin.replace(/\/$/, '')) {
    throw new Problem('usage', {
      what: `${origin} is not an origin`,
      remedy: 'scheme, host and port alone, such as https://api.harbour.example; the path belongs in the requests',
    });
  }
  const file = `environments/${name}.yaml`;
  if (existsSync(join(root, file))) {
    throw new Problem('file-exists', { what: `there is an environment ${name} already`, where: { file } });
  }
  await writeAtomically(
    placeInside(root, file),
    environmentText({ file, origin: url.origin, hosts, about, variables, changes: 'ask' }),
  );
  return file;
}
