/** The layers of variables: `--set`, then the environment, then the collection. */

import { readFileSync } from 'node:fs';
import type { Loads } from '../../expression/compile.js';
import { Evaluation, type EvaluationContext, omitted } from '../../expression/evaluation.js';
import { layered, type Named, type Names } from '../../expression/names.js';
import { compileTree, type Tree } from '../../expression/tree.js';
import { action } from '../../problem/actions.js';
import { nearestHint } from '../../problem/nearest.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { pathInside } from '../../storage/inside.js';
import { separatorOf } from '../../value/csv-separator.js';
import { ownMember } from '../../value/own-member.js';
import { plain, type Value } from '../../value/written.js';
import type { Collection, Loaded } from '../collection.js';
import type { EnvironmentFile } from '../files/environment-file.js';
import type { YamlFile } from '../yaml.js';

/** An environment made ready. */
export interface Environment {
  readonly name: string;
  readonly file: string;
  readonly about: string | undefined;
  readonly changes: 'allow' | 'ask' | 'refuse';
  /** As they are written; those of a file are there when the loads have settled. */
  readonly hosts: readonly string[] | undefined;
  readonly timeout: EnvironmentFile['timeout'];
  /** Whose time signatures are made with. */
  readonly clock: 'own' | 'follow-server';
  readonly pace: EnvironmentFile['pace'];
  readonly retry: EnvironmentFile['retry'];
  readonly version: EnvironmentFile['version'];
  readonly yaml: YamlFile;
  /** `tls`, `proxy` and `http`. */
  readonly connection: Tree;
  /** The parts of it that decide who can read what is sent. */
  readonly ways: { readonly proxy: Tree; readonly trust: Tree; readonly pinned: Tree };
  /** How long an address may be. */
  readonly urlLimit: number;
  readonly variables: ReadonlyMap<string, Tree>;
}

/** @throws Problem environment-missing and all that reading the file may throw */
export function readEnvironment(collection: Collection, given: string | undefined, loads: Loads): Environment {
  const wanted = given ?? collection.environment;
  if (wanted === undefined) {
    const names = collection.names('environment');
    throw new Problem('environment-missing', {
      what: 'no environment is chosen',
      remedy: `${action().chooseEnvironment()}${names.length > 0 ? `; there are: ${names.join(', ')}` : ''}`,
    });
  }
  const loaded = collection.read('environment', wanted);
  const { content, yaml } = loaded;
  return {
    name: loaded.name,
    file: yaml.file,
    about: content.about,
    changes: content.changes ?? 'ask',
    hosts: hostsOf(content.hosts, collection.root, yaml, loads),
    timeout: content.timeout,
    pace: content.pace,
    retry: content.retry,
    version: content.version,
    yaml,
    clock: content.clock ?? 'own',
    connection: compileTree(
      definedOnly({ tls: content.tls, proxy: content.proxy, http: content.http }),
      (path) => yaml.position(path),
      loads,
    ),
    ways: {
      proxy: partTree(content.proxy ?? 'none', ['proxy'], yaml, loads),
      trust: partTree(content.tls?.trust ?? [], ['tls', 'trust'], yaml, loads),
      pinned: partTree(content.tls?.pinned ?? '${absent}', ['tls', 'pinned'], yaml, loads),
    },
    urlLimit: Number(plain(content['url-limit'] ?? 8000)),
    variables: trees(content.variables, ['variables'], loaded, loads),
  };
}

/** Those of a file are there when `loads` have settled. */
function hostsOf(
  given: EnvironmentFile['hosts'],
  root: string,
  yaml: YamlFile,
  loads: Loads,
): readonly string[] | undefined {
  if (given === 'any') return ['any'];
  if (given === undefined || Array.isArray(given)) return given;
  const hosts: string[] = [];
  const read = async (): Promise<void> => {
    hosts.push(...(await hostColumn(root, given)));
  };
  loads.push(read().catch((error: unknown) => Promise.reject(asProblem(error).at(yaml.position(['hosts', 'from'])))));
  return hosts;
}

/** @throws Problem file-not-found, file-outside, data-shape */
async function hostColumn(
  root: string,
  { from, column }: { readonly from: string; readonly column: string },
): Promise<string[]> {
  const text = readFileSync(pathInside(root, from), 'utf8');
  const { parse } = await import('csv-parse/sync');
  let rows: Record<string, string>[];
  try {
    rows = parse(text, {
      columns: true,
      delimiter: separatorOf(text),
      bom: true,
      skip_empty_lines: true,
      trim: true,
    });
  } catch (error) {
    throw new Problem('data-shape', { what: `${from} is not well-formed CSV`, cause: (error as Error).message });
  }
  if (rows.length > 0 && rows[0]?.[column] === undefined) {
    throw new Problem('data-shape', {
      what: `${from} has no column ${column}`,
      remedy: nearestHint(column, Object.keys(rows[0] ?? {})),
    });
  }
  return rows.flatMap((row) => ownMember(row, column) || []);
}

export function collectionVariables(collection: Collection, loads: Loads): ReadonlyMap<string, Tree> {
  return trees(collection.manifest.content.variables, ['variables'], collection.manifest, loads);
}

const definedOnly = (given: Readonly<Record<string, unknown>>): Value =>
  Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined)) as Value;

const partTree = (value: unknown, path: readonly string[], yaml: YamlFile, loads: Loads): Tree =>
  compileTree(value as Value, (inner) => yaml.position([...path, ...inner]), loads);

/** Values of a map, placed where each value stands in its file. */
function trees(
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
  /** Those that are the same for every request. */
  readonly constants: ReadonlyMap<string, Named>;
}

function layer(origin: string, variables: ReadonlyMap<string, Tree>, settings: Settings): Layer {
  const constants = new Map<string, Named>();
  for (const [name, { constant }] of variables) {
    const set = settings.get(name);
    if (set !== undefined) constants.set(name, { value: set, origin: action().settings() });
    else if (constant !== undefined) constants.set(name, { value: constant, origin });
  }
  return { origin, variables, constants };
}

export interface VariableScopes {
  readonly settings: Settings;
  /** The most specific first. */
  readonly layers: readonly Layer[];
}

export function variableScopes(
  settings: Settings,
  environment: Environment,
  variables: ReadonlyMap<string, Tree>,
): VariableScopes {
  return {
    settings,
    layers: [
      layer(`environment ${environment.name}`, environment.variables, settings),
      layer('collection variables', variables, settings),
    ],
  };
}

/**
 * The variables as names, computed when first used and then kept for this request.
 * @param caller the names of whoever sends the request (a row may supply the origin)
 */
export function variableNames({ layers }: VariableScopes, caller: Names, evaluationContext: EvaluationContext): Names {
  return new VariableNames(layers, caller, evaluationContext);
}

class VariableNames implements Names {
  private worked: Map<string, Named> | undefined;
  private open: string[] | undefined;

  constructor(
    private readonly from: readonly Layer[],
    private readonly caller: Names,
    private readonly evaluationContext: EvaluationContext,
  ) {}

  lookup(name: string): Named | undefined {
    for (const layer of this.from) {
      if (!layer.variables.has(name)) continue;
      return layer.constants.get(name) ?? this.worked?.get(name) ?? this.workOut(name, layer);
    }
    return undefined;
  }

  private workOut(name: string, { variables, origin }: Layer): Named | undefined {
    this.open ??= [];
    if (this.open.includes(name)) {
      throw new Problem('circle', { what: `the variables ${this.open.join(', ')} refer to each other in a circle` });
    }
    this.open.push(name);
    const inner = new Evaluation(layered(this, this.caller), this.evaluationContext);
    const value = (variables.get(name) as Tree).evaluate(inner);
    this.open.pop();
    if (value === omitted) return undefined;
    const found: Named = { value, origin, secret: inner.touchedSecret };
    this.worked ??= new Map();
    this.worked.set(name, found);
    return found;
  }

  *known(): Iterable<string> {
    for (const { variables } of this.from) yield* variables.keys();
  }

  get layers(): readonly string[] {
    return this.from.map(({ origin }) => origin);
  }
}
