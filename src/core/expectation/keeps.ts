/** Keeping: naming the value at a place for what follows. */
import type { KeepLong } from '../collection/files/parts.js';
import type { YamlFile } from '../collection/yaml.js';
import type { Loads } from '../expression/compile.js';
import { type Evaluation, omitted } from '../expression/evaluation.js';
import { compileTree, type Tree } from '../expression/tree.js';
import { shortText } from '../matcher/reading.js';
import type { Observed } from '../place/observed.js';
import { listAt, type Namespaces, type Place } from '../place/place.js';
import { readBoundPlace } from '../place/registry.js';
import { asProblem, type FilePosition, Problem } from '../problem/problem.js';
import { isSecretName } from '../value/secret-fields.js';
import type { Value } from '../value/written.js';

export interface Keep {
  readonly name: string;
  readonly place: Place;
  readonly fallback: Tree | undefined;
  readonly only: boolean;
  /** A list, whatever number of items there is. */
  readonly list: boolean;
  /** As the file says, or by its name. */
  readonly secret: boolean;
  readonly where: FilePosition;
}

export interface Kept {
  readonly name: string;
  readonly value: Value;
  readonly place: string;
  readonly secret: boolean;
}

export function compileKeeps(
  keep: Readonly<Record<string, string | KeepLong>> | undefined,
  yaml: YamlFile,
  path: readonly (string | number)[],
  loads: Loads,
  namespaces?: Namespaces,
): readonly Keep[] {
  return Object.entries(keep ?? {}).map(([name, spec]) => {
    const long = typeof spec === 'string' ? { at: spec } : spec;
    const where = yaml.position([...path, name]);
    try {
      return {
        name,
        where,
        place: readBoundPlace(long.at, loads, namespaces),
        fallback:
          long.default === undefined
            ? undefined
            : compileTree(long.default, (inner) => yaml.position([...path, name, 'default', ...inner]), loads),
        only: long.only ?? false,
        list: long.list ?? false,
        secret: long.secret === true || isSecretName(name),
      };
    } catch (error) {
      throw asProblem(error).at(where);
    }
  });
}

/** All that can be kept, and what is missing. */
export function takeKeeps(
  keeps: readonly Keep[],
  observed: Observed,
  evaluation: Evaluation,
): { kept: Kept[]; missing: Problem[] } {
  const kept: Kept[] = [];
  const missing: Problem[] = [];
  for (const keep of keeps) {
    try {
      kept.push({
        name: keep.name,
        place: keep.place.text,
        secret: keep.secret,
        value: takeOne(keep, observed, evaluation),
      });
    } catch (error) {
      missing.push(asProblem(error).at(keep.where));
    }
  }
  return { kept, missing };
}

function takeOne(
  { name, place: planned, fallback, only, list, secret, where }: Keep,
  observed: Observed,
  evaluation: Evaluation,
): Value {
  const place = planned.bound?.(evaluation) ?? planned;
  const found = list ? [...listAt(place, observed)] : place.find(observed);
  const nothing = found === undefined || (only && Array.isArray(found) && found.length === 0);
  if (nothing) {
    const other = fallback?.evaluate(evaluation);
    if (other !== undefined && other !== omitted) return other;
    const near = place.near(observed);
    throw new Problem('keep-missing', {
      what: `${name} is not kept: there is nothing at ${place.text}`,
      where,
      cause: near === undefined ? undefined : `nearest: ${near}`,
      remedy: 'correct the place, or write {at: …, default: …} where it may be missing',
      data: { name, place: place.text },
    });
  }
  if (!only || !Array.isArray(found)) return found;
  if (found.length === 1) return found[0] as Value;
  throw new Problem('keep-missing', {
    what: `${name} is not kept: ${place.text} holds ${found.length} items, and only: true needs one`,
    where,
    cause: secret ? undefined : `they are ${firstOf(found)}`,
    remedy: 'narrow the place, for example with a filter: $.items[?@.code == "N1"]',
    data: { name, place: place.text, count: found.length },
  });
}

/** So many of several are named. */
const named = 5;

function firstOf(found: readonly Value[]): string {
  const more = found.length - named;
  return `${found.slice(0, named).map(shortText).join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
}
