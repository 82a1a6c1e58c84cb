/** An environment that talks to a vendor talks to the hosts, too, at which its documentation says that tokens are had. */
import type { Collection } from '../../collection/collection.js';
import { originsIn } from '../../collection/new-environment.js';
import { rewriteKey } from '../../collection/rewrite.js';
import type { DocumentationSource } from '../../collection/sources/source-facts.js';
import { hostAndPort } from './listed-origins.js';
import { waysOfEnvironment } from './ways-out.js';

export interface ListedHosts {
  readonly file: string;
  /** `host:port` */
  readonly hosts: readonly string[];
}

/** Adds them to the list of each environment that lists a server of the source. @returns what was added, and where */
export async function listTokenHosts(
  collection: Collection,
  { servers, tokenAddresses = [], source }: DocumentationSource,
): Promise<readonly ListedHosts[]> {
  const tokens = originsIn(tokenAddresses, source).map((origin) => new URL(origin));
  const own = originsIn(servers.length > 0 ? servers.map(({ url }) => url) : ['/'], source);
  const added: ListedHosts[] = [];
  for (const name of tokens.length === 0 ? [] : collection.names('environment')) {
    const { content, yaml } = collection.read('environment', name);
    const { hosts: list } = content;
    const { origins } = await waysOfEnvironment(collection, name, new Map());
    const missing = [...new Set(tokens.filter((url) => !origins.lists(url)).map(hostAndPort))];
    const talks = own.some((origin) => origins.lists(new URL(origin)));
    if (!talks || missing.length === 0 || (list !== undefined && !Array.isArray(list))) continue;
    await rewriteKey(collection.root, yaml.file, ['hosts'], [...(list ?? origins.entries), ...missing]);
    added.push({ file: yaml.file, hosts: missing });
  }
  return added;
}
