/** The layers of variables: `--set`, then the environment, then the collection. */

import type { Loads } from '../expression/compile.js';
import { type Evaluation, omitted } from '../expression/evaluation.js';
import { layered, type Named, type Names } from '../expression/names.js';
import { compileTree, type Tree } from '../expression/tree.js';
import { Problem } from '../problem/problem.js';
import type { Value } from '../value/written.js';
import type { Collection, Loaded } from './collection.js';
import type { EnvironmentFile } from './files/environment-file.js';

/** An environment made ready. */
export interface Environment {
  readonly name: string;
  readonly file: string;
  readonly about: string | undefined;
  readonly changes: 'allow' | 'ask' | 'refuse';
  readonly hosts: readonly string[] | undefined;
  readonly timeout: EnvironmentFile['timeout'];
  readonly variables: ReadonlyMap<string, Tree>;
}

/** @throws Problem environment-missing and all that reading the file may throw */
export function readEnvironment(collection: Collection, given: string | undefined, loads: Loads): Environment {
  const wanted = given ?? collection.manifest.content.environment;
  if (wanted === undefined) {
    const names = collection.names('environment');
    throw new Problem('environment-missing', {
      what: 'no environment is chosen',
      remedy: `echo-trail env use NAME, or --env NAME${names.length > 0 ? `; there are: ${names.join(', ')}` : ''}`,
    });
  }
  const loaded = collection.read('environment', wanted);
  const { content, yaml } = loaded;
  return {
    name: loaded.name,
    file: yaml.file,
    about: content.about,
    changes: content.changes ?? 'ask',
    hosts: content.hosts,
    timeout: content.timeout,
    variables: trees(content.variables, ['variables'], loaded, loads),
  };
}

export function collectionVariables(collection: Collection, loads: Loads): ReadonlyMap<string, Tree> {
  return trees(collection.manifest.content.variables, ['variables'], collection.manifest, loads);
}

/** Values of a map, placed where each value stands in its file. */
export function trees(
  values: Readonly<Record<string, Value>> | undefined,
  path: readonly (string | number)[],
  { yaml }: Pick<Loaded<unknown>, 'yaml'>,
  loads: Loads,
): Map<string, Tree> {
  return new Map(
    Object.entries(values ?? {}).map(([name, value]) => [
      name,
      compileTree(value, (inner) => yaml.position([...path, name, ...inner]), loads),
    ]),
  );
}

/** What `--set` gave: text, which no expression is looked for in. */
export type Settings = ReadonlyMap<string, string>;

interface Layer {
  readonly origin: string;
  readonly variables: ReadonlyMap<string, Tree>;
}

export interface Layers {
  readonly settings: Settings;
  /** The most specific first. */
  readonly layers: readonly Layer[];
}

export function variableLayers(
  settings: Settings,
  environment: Environment,
  variables: ReadonlyMap<string, Tree>,
): Layers {
  return {
    settings,
    layers: [
      { origin: `environment ${environment.name}`, variables: environment.variables },
      { origin: 'collection variables', variables },
    ],
  };
}

/**
 * The variables as names, worked out when first used and then kept for this request.
 * @param caller the names of whoever sends the request (a row may supply the origin)
 */
export function variableNames(
  { settings, layers }: Layers,
  caller: Names,
  evaluation: Omit<Evaluation, 'names' | 'touchedSecret'>,
): Names {
  const known = new Map<string, Named>();
  const open = new Set<string>();

  function lookup(name: string): Named | undefined {
    const kept = known.get(name);
    if (kept) return kept;
    const found = find(name);
    if (found) known.set(name, found);
    return found;
  }

  function find(name: string): Named | undefined {
    const holder = layers.find(({ variables }) => variables.has(name));
    if (!holder) return undefined;
    const set = settings.get(name);
    if (set !== undefined) return { value: set, origin: '--set' };
    const template = holder.variables.get(name) as Tree;
    if (template.constant !== undefined) return { value: template.constant, origin: holder.origin };
    if (open.has(name)) {
      throw new Problem('circle', { what: `the variables ${[...open].join(', ')} refer to each other in a circle` });
    }
    open.add(name);
    const inner: Evaluation = { ...evaluation, names: layered(names, caller), touchedSecret: false };
    const value = template.evaluate(inner);
    open.delete(name);
    if (value === omitted) return undefined;
    return { value, origin: holder.origin, secret: inner.touchedSecret };
  }

  const names: Names = {
    lookup,
    *known() {
      for (const { variables } of layers) yield* variables.keys();
    },
    layers: layers.map(({ origin }) => origin),
  };
  return names;
}
