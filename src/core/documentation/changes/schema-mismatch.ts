/** Checks a value against a documented JSON Schema: the validator finds the errors, this file words them. */
import type { ErrorObject, ValidateFunction } from 'ajv';
import { compiled, loadDraft } from '../../matcher/schema-drafts.js';
import { pathBelow } from '../../value/json-path-text.js';
import { ownMember } from '../../value/own-member.js';
import { isValueMap } from '../../value/written.js';
import { type Mismatch, valueShown, withArticle } from './mismatch.js';

/** Documented schemas are made to be of this draft. */
const draft = '2020-12';

/** Ready once this has settled. */
export const loadSchemaChecks = (): Promise<void> => loadDraft(draft);

const made = new WeakMap<object, ValidateFunction | undefined>();

/** A schema of a vendor that cannot be used says nothing of a value. */
function validatorOf(schema: object): ValidateFunction | undefined {
  if (!made.has(schema)) {
    let validate: ValidateFunction | undefined;
    try {
      validate = compiled(schema, draft, new Map());
    } catch {
      validate = undefined;
    }
    made.set(schema, validate);
  }
  return made.get(schema);
}

type Path = readonly (string | number)[];

/** Shapes within shapes that are looked into, and of all of them together: a hostile document multiplies them. */
const deepest = 6;
const mostShapes = 200;
const most = 50;

interface Judging {
  readonly unknown: (value: unknown) => boolean;
  left: number;
}

/**
 * @param schema with all that it refers to; `loadSchemaChecks` has settled before
 * @param unknown whether a value is known only when it is sent, such as `${name}`: no mismatch is reported for it
 */
export function schemaMismatches(
  value: unknown,
  schema: object,
  unknown: (value: unknown) => boolean = () => false,
): readonly Mismatch[] {
  const found = judge(value, schema, [], { unknown, left: mostShapes }, 0);
  const seen = new Set<string>();
  return found
    .filter(({ at, what }) => !seen.has(`${at} ${what}`) && seen.add(`${at} ${what}`) !== undefined)
    .slice(0, most);
}

function judge(value: unknown, schema: object, at: Path, judging: Judging, depth: number): Mismatch[] {
  const { unknown } = judging;
  judging.left -= 1;
  const validate = validatorOf(schema);
  if (!validate || validate(value)) return [];
  const errors = [...(validate.errors ?? [])];
  // Of shapes that none fits, the errors of all are there: those of the nearest are computed by themselves.
  const shapes = errors.filter(({ keyword, params }) => isChoice(keyword) && (params.passingSchemas ?? null) === null);
  const outer = shapes.filter(
    (one) => !shapes.some((other) => other !== one && within(one, other) && !within(other, one)),
  );
  const found = errors
    .filter((error) => !outer.some((one) => within(error, one)) && !isOfAnotherType(error, errors))
    .flatMap((error) => worded(error, value, at, unknown));
  for (const choice of depth < deepest && judging.left > 0 ? outer : []) {
    const path = pathOf(choice.instancePath, value);
    const inner = valueAt(value, path);
    if (unknown(inner)) continue;
    const tried = branchesOf(choice, schema)
      .slice(0, Math.max(0, judging.left))
      .map((branch) => judge(inner, branch, [...at, ...path], judging, depth + 1));
    for (const one of tried.sort((a, b) => a.length - b.length)[0] ?? []) found.push(one);
  }
  return found;
}

const isChoice = (keyword: string): boolean => keyword === 'oneOf' || keyword === 'anyOf';

const within = ({ instancePath }: ErrorObject, { instancePath: holder }: ErrorObject): boolean =>
  instancePath === holder || instancePath.startsWith(`${holder}/`);

/** Of a value of the wrong type nothing else is worth reporting. */
const isOfAnotherType = (error: ErrorObject, all: readonly ErrorObject[]): boolean =>
  error.keyword !== 'type' &&
  all.some(({ keyword, instancePath }) => keyword === 'type' && instancePath === error.instancePath);

const branches = { oneOf: new WeakMap<object, object[]>(), anyOf: new WeakMap<object, object[]>() };

/** Each shape of a `oneOf` or an `anyOf`, together with the keywords beside it; the same objects each time. */
function branchesOf({ schemaPath, keyword }: ErrorObject, root: object): object[] {
  const holder = atPointer(root, schemaPath.replace(/^#\/?/, '').split('/').slice(0, -1));
  if (!isValueMap(holder)) return [];
  const kept = keyword === 'oneOf' ? branches.oneOf : branches.anyOf;
  const known = kept.get(holder);
  if (known) return known;
  const { [keyword]: shapes, $defs: _own, ...beside } = holder;
  const { $defs } = root as { $defs?: object };
  const parts = Array.isArray(beside.allOf) ? beside.allOf : [];
  const made = (Array.isArray(shapes) ? shapes : []).map((shape) => ({
    ...beside,
    allOf: [...parts, shape],
    ...($defs && { $defs }),
  }));
  kept.set(holder, made);
  return made;
}

function atPointer(root: unknown, keys: readonly string[]): unknown {
  let found = root;
  for (const key of keys) {
    if (key === '') continue;
    const name = decodeURIComponent(key).replaceAll('~1', '/').replaceAll('~0', '~');
    if (typeof found !== 'object' || found === null) return undefined;
    found = ownMember(found as Readonly<Record<string, unknown>>, name);
  }
  return found;
}

/** A JSON Pointer as keys and indexes. */
function pathOf(pointer: string, value: unknown): Path {
  const path: (string | number)[] = [];
  let here = value;
  for (const part of pointer.split('/').slice(1)) {
    const name = part.replaceAll('~1', '/').replaceAll('~0', '~');
    const key = Array.isArray(here) ? Number(name) : name;
    path.push(key);
    here = valueAt(here, [key]);
  }
  return path;
}

function valueAt(value: unknown, path: Path): unknown {
  let here = value;
  for (const key of path) {
    if (typeof here !== 'object' || here === null) return undefined;
    here = ownMember(here as Readonly<Record<string, unknown>>, String(key));
  }
  return here;
}

function worded(error: ErrorObject, root: unknown, at: Path, unknown: (value: unknown) => boolean): Mismatch[] {
  const path = pathOf(error.instancePath, root);
  const value = valueAt(root, path);
  if (path.some((_, index) => unknown(valueAt(root, path.slice(0, index + 1)))) || unknown(value)) return [];
  // A list that must not repeat, or a choice, is judged by all that is inside.
  if ((error.keyword === 'uniqueItems' || isChoice(error.keyword) || error.keyword === 'not') && holds(value, unknown))
    return [];
  const said = sentence(error, value);
  if (said === undefined) return [];
  const place = [...at, ...path, ...(said.below === undefined ? [] : [said.below])];
  return [{ at: place.reduce<string>(pathBelow, '$'), path: place, what: said.what }];
}

/** Whether anything inside is not known yet. */
function holds(value: unknown, unknown: (value: unknown) => boolean): boolean {
  if (unknown(value)) return true;
  return typeof value === 'object' && value !== null && Object.values(value).some((inner) => holds(inner, unknown));
}

/** @returns undefined where another error says more; `below` the name of a member that is meant */
function sentence(
  { keyword, params, message = 'is not what is documented' }: ErrorObject,
  value: unknown,
): { readonly what: string; readonly below?: string } | undefined {
  const shown = valueShown(value);
  switch (keyword) {
    case 'type':
      return { what: `is ${withArticle(value)}, documented as ${[params.type].flat().join(' or ')}` };
    case 'enum':
      return { what: `is ${shown}, documented are ${listed(params.allowedValues as readonly unknown[])}` };
    case 'const':
      return { what: `is ${shown}, documented is ${valueShown(params.allowedValue)}` };
    case 'required':
      return { what: 'is documented as required, and missing', below: String(params.missingProperty) };
    case 'additionalProperties':
      return { what: 'is not documented', below: String(params.additionalProperty) };
    case 'unevaluatedProperties':
      return { what: 'is not documented', below: String(params.unevaluatedProperty) };
    case 'pattern':
      return { what: `is ${shown}, documented as text that matches ${params.pattern}` };
    case 'format':
      return { what: `is ${shown}, documented as ${params.format}` };
    case 'minimum':
    case 'maximum':
    case 'exclusiveMinimum':
    case 'exclusiveMaximum':
      return { what: `is ${shown}, documented is ${limits[keyword]} ${params.limit}` };
    case 'multipleOf':
      return { what: `is ${shown}, documented is a multiple of ${params.multipleOf}` };
    case 'minLength':
    case 'maxLength':
      return { what: `is ${shown}, documented is ${limits[keyword]} ${params.limit} characters` };
    case 'minItems':
    case 'maxItems':
      return { what: `has ${sizeOf(value)} items, documented is ${limits[keyword]} ${params.limit}` };
    case 'minProperties':
    case 'maxProperties':
      return { what: `has ${sizeOf(value)} members, documented is ${limits[keyword]} ${params.limit}` };
    case 'uniqueItems':
      return {
        what: `has the same item twice, at ${Math.min(params.i, params.j)} and ${Math.max(params.i, params.j)}; documented is no item twice`,
      };
    case 'oneOf':
    case 'anyOf':
      return params.passingSchemas
        ? { what: 'fits several of the documented shapes, and only one may hold' }
        : undefined;
    // Their inner errors say it.
    case 'if':
    case '$ref':
    case 'propertyNames':
      return undefined;
    default:
      return { what: `${message}, as documented` };
  }
}

const limits = {
  minimum: 'at least',
  maximum: 'at most',
  exclusiveMinimum: 'over',
  exclusiveMaximum: 'under',
  minLength: 'at least',
  maxLength: 'at most',
  minItems: 'at least',
  maxItems: 'at most',
  minProperties: 'at least',
  maxProperties: 'at most',
} as const;

const sizeOf = (value: unknown): number =>
  Array.isArray(value) ? value.length : Object.keys((value as object | null) ?? {}).length;

const mostListed = 12;

function listed(values: readonly unknown[]): string {
  const shown = values.slice(0, mostListed).map((one) => (typeof one === 'string' ? one : valueShown(one)));
  return shown.join(', ') + (values.length > mostListed ? ` and ${values.length - mostListed} more` : '');
}
