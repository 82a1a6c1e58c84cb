/**
 * The ways out of an environment: the origins that it talks to, the proxies in between, and the roots that it trusts beside
 * those of the system. Who can change one of them can read what is sent, so they are shown together, and a secret is bound
 * to them.
 */
import { createHash, X509Certificate } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { Collection } from '../../collection/collection.js';
import {
  collectionVariables,
  type Environment,
  readEnvironment,
  type Settings,
  type VariableScopes,
  variableNames,
  variableScopes,
} from '../../collection/variables/variable-scopes.js';
import type { Loads } from '../../expression/compile.js';
import type { Runtime } from '../../expression/evaluation.js';
import { Evaluation, omitted } from '../../expression/evaluation.js';
import { noNames } from '../../expression/names.js';
import { runtimeMaker } from '../../expression/runtime.js';
import type { Tree } from '../../expression/tree.js';
import { Problem } from '../../problem/problem.js';
import { pathInside } from '../../storage/inside.js';
import { textOf } from '../../value/text.js';
import { isValueMap, type Value } from '../../value/written.js';
import { anyHost, type ListedOrigins, listedOrigins } from './listed-origins.js';

export interface WaysOut {
  /** `host:port`, `host:*` or a whole origin; `any`. */
  readonly origins: readonly string[];
  /** `http://host:port`, without credentials. */
  readonly proxies: readonly string[];
  /** `certs/ca.pem SHA-256 AB:CD:…`; `pinned SHA-256 …`. */
  readonly roots: readonly string[];
}

export interface KnownWays {
  readonly origins: ListedOrigins;
  /** As far as it is known without a row. */
  readonly origin: string | undefined;
  readonly ways: WaysOut;
}

/** Stands in the place of a secret: none is looked up to find out where one may go. */
const aSecret = 'a-secret.invalid';

/**
 * @param path the real path of a file in the collection
 * @throws Problem file-shape: an entry of hosts is no host, or a way out is computed from a secret
 */
export function waysOut(
  environment: Environment,
  layers: VariableScopes,
  runtime: Runtime,
  path: (named: string) => string,
): KnownWays {
  const evaluationContext = {
    runtime: new Proxy(runtime, {
      get: (target, key) => (key === 'secret' ? () => aSecret : Reflect.get(target, key)),
    }),
    onSecret: () => undefined,
  };
  const names = variableNames(layers, noNames, evaluationContext);
  const worked = (tree: Tree): Value | undefined => {
    try {
      const value = tree.evaluate(new Evaluation(names, evaluationContext));
      return value === omitted ? undefined : value;
    } catch {
      // It depends on a row: the text of it is all that can be shown and held.
      return tree.text.replace(/\$\{[^}]*\}/g, anyHost);
    }
  };
  const refuseSecret = (text: string, what: string): string => {
    if (!text.includes(aSecret)) return text;
    throw new Problem('file-shape', {
      what: `${what} of the environment ${environment.name} is computed from a secret`,
      where: { file: environment.file },
      cause: 'the name of a host can be read on the network by anybody',
      remedy: 'write the host itself',
    });
  };
  const originTree = layers.layers.map(({ variables }) => variables.get('origin')).find((tree) => tree);
  const set = layers.settings.get('origin');
  const text = set ?? (originTree && textOf(worked(originTree) ?? ''));
  if (text !== undefined) refuseSecret(text, 'origin');
  const origins = listedOrigins(environment.name, environment.hosts, text);
  const proxy = worked(environment.ways.proxy);
  const proxies = proxyTexts(proxy).map((one) => withoutCredentials(one, (host) => refuseSecret(host, 'proxy')));
  const roots = [...(listOf(worked(environment.ways.trust)) ?? [])].map((one) => rootText(textOf(one), path));
  const pinned = worked(environment.ways.pinned);
  return {
    origins,
    origin: text !== undefined && URL.canParse(text) && !text.includes(anyHost) ? text : undefined,
    ways: {
      origins: origins.any ? ['any'] : origins.entries,
      proxies,
      roots: pinned === undefined ? roots : [...roots, `pinned SHA-256 ${textOf(pinned).toUpperCase()}`],
    },
  };
}

/** The ways of one environment, where nothing of it is sent. @throws Problem about the environment's file */
export async function waysOfEnvironment(collection: Collection, name: string, settings: Settings): Promise<KnownWays> {
  const loads: Loads = [];
  const environment = readEnvironment(collection, name, loads);
  const layers = variableScopes(settings, environment, collectionVariables(collection, loads));
  await Promise.all(loads);
  const runtime = runtimeMaker({ root: collection.root, secret: () => undefined })();
  return waysOut(environment, layers, runtime, (named) => pathInside(collection.root, named));
}

const listOf = (value: Value | undefined): readonly Value[] | undefined =>
  value === undefined ? undefined : Array.isArray(value) ? (value as readonly Value[]) : [value];

function proxyTexts(value: Value | undefined): string[] {
  if (value === undefined || value === 'none') return [];
  return [isValueMap(value) ? textOf(value.url ?? '') : textOf(value)];
}

function withoutCredentials(text: string, checked: (host: string) => string): string {
  const whole = /^[a-z][a-z0-9+.-]*:\/\//i.test(text) ? text : `http://${text}`;
  if (!URL.canParse(whole)) return checked(text);
  const { protocol, host } = new URL(whole);
  return checked(`${protocol}//${host}`);
}

function rootText(named: string, path: (named: string) => string): string {
  const inline = named.includes('-----BEGIN');
  if (!inline && named.includes(anyHost)) return 'a file that a row names';
  let text = named;
  try {
    if (!inline) text = readFileSync(path(named), 'utf8');
  } catch {
    return `${named} (not found)`;
  }
  return `${inline ? 'a certificate in the file' : named} SHA-256 ${fingerprint(text)}`;
}

/** Of the certificate; of the text, where it is none or holds several. */
function fingerprint(text: string): string {
  try {
    if (text.split('-----BEGIN').length === 2) return new X509Certificate(text).fingerprint256;
  } catch {
    // Said when a connection is made.
  }
  return (createHash('sha256').update(text).digest('hex').toUpperCase().match(/../g) ?? []).join(':');
}

/** What of the present ways was not there before, in the words in which it is shown. */
export function addedWays(before: WaysOut | undefined, now: WaysOut): string[] {
  const key = (root: string): string => root.replace(/^.*SHA-256 /, '');
  const roots = new Set((before?.roots ?? []).map(key));
  return [
    ...now.origins.filter((one) => !before?.origins.includes(one)).map((one) => `goes to ${one}`),
    ...now.proxies.filter((one) => !before?.proxies.includes(one)).map((one) => `goes through ${one}`),
    ...now.roots.filter((one) => !roots.has(key(one))).map((one) => `trusts ${shortRoot(one)}`),
  ];
}

/** `goes to … through … trusting …`, in one line. */
export function waysText({ origins, proxies, roots }: WaysOut): string {
  return [
    origins.length === 0
      ? 'goes nowhere: it has no hosts, and no origin that is the same for every request'
      : origins[0] === 'any'
        ? 'goes to any host, without secrets and sessions'
        : `goes to ${listed(origins)}`,
    proxies.length > 0 && `through ${proxies.join(', ')}`,
    roots.length > 0 && `trusting ${roots.map(shortRoot).join(', ')}`,
  ]
    .filter(Boolean)
    .join(' ');
}

/** Of a fleet the first are enough for an eye; `--json` has all. */
const listed = (origins: readonly string[]): string =>
  origins.length > mostShown
    ? `${origins.slice(0, mostShown).join(', ')} and ${origins.length - mostShown} more`
    : origins.join(', ');

const mostShown = 20;

/** Eight octets tell certificates apart for an eye. */
const shortRoot = (root: string): string => root.replace(/(SHA-256 (?:[0-9A-F]{2}:){7}[0-9A-F]{2}):.*/, '$1…');
