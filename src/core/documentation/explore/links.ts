/**
 * Links between operations: for a parameter that is an identifier, the operations whose responses supply it.
 * What the documentation says comes first; the rest is inferred from names, and marked as a guess.
 */
import type { DocumentationIndex, ListedOperation } from '../index/index-file.js';
import type { Field, Operation } from '../model/model.js';

export interface Link {
  /** The parameter or the field of the body. */
  readonly name: string;
  /** The operation that supplies it. */
  readonly operation: string;
  /** A JSONPath into its response. */
  readonly place: string;
  readonly guess: boolean;
}

/** Operations that are looked at for one identifier. */
const mostCandidates = 8;
const keyNames = ['id', 'code', 'key', 'number', 'uuid', 'name'];

/** Members below members that are looked at for an identifier. */
const depth = 3;

export function linksOf(operation: Operation, index: DocumentationIndex): readonly Link[] {
  const stated = statedLinks(operation.id, index);
  const wanted = identifiers(operation).filter(({ name }) => !stated.some((link) => link.name === name));
  return [...stated, ...wanted.flatMap((one) => guessed(one, operation, index) ?? [])];
}

/** Links of the documentation point from the response. */
function statedLinks(id: string, index: DocumentationIndex): Link[] {
  return [...index.feeding(id)].flatMap((one) =>
    (index.entry(one.id)?.links ?? [])
      .filter((link) => link.operation === id)
      .map(({ parameter, from }) => ({ name: parameter, operation: one.id, place: from, guess: false })),
  );
}

/** Operations that are looked at for what they take of another. */
const mostUsers = 24;

/** Operations that take what this one returns: as the documentation says, or by the names of their identifiers. */
export function usedBy({ id, path, method }: Operation, index: DocumentationIndex): readonly Link[] {
  const stated = (index.entry(id)?.links ?? []).map((link) => link.operation);
  const reads = method === 'GET' || method === 'query';
  const thing = reads ? singular(lastWord({ path })) : '';
  const near =
    thing.length < 3
      ? []
      : [...index.listedWith(thing.slice(0, -1))].filter((one) => one.id !== id).slice(0, mostUsers);
  return [...new Set([...stated, ...near.map((one) => one.id)])].flatMap((user) => {
    const operation = index.operation(user, depth);
    const own = operation ? linksOf(operation, index).filter((link) => link.operation === id) : [];
    return own.map((link) => ({ ...link, operation: user }));
  });
}

interface Identifier {
  readonly name: string;
  readonly field: Field;
  /** What it may identify, in the singular, the likeliest first: `berth`, `vessel`. */
  readonly things: readonly string[];
}

/** Parameters of the path; and required texts of the query, the arguments and the body that are named as things or ids. */
function identifiers({ parameters, body, path, protocol }: Operation): Identifier[] {
  const parts = path.split('/');
  const inPath = parameters
    .filter((one) => one.in === 'path')
    .map((field) => {
      const { name } = field;
      const before = parts[parts.indexOf(`{${name}}`) - 1];
      const own = thingOf(name);
      return { name, field, things: [...(keyNames.includes(own) ? [] : [own]), singular(before ?? '')] };
    });
  const open = (field: Field): boolean => !field.allowed && /^(?:string|integer|ID|String|Int)/.test(field.type);
  const named = [...parameters.filter((one) => one.in !== 'path' && one.in !== 'header'), ...(body?.fields ?? [])]
    .filter((field) => field.required && open(field))
    .map((field) => ({
      name: field.name,
      field,
      things: keyNames.includes(field.name) ? (protocol === 'graphql' ? [singular(path)] : []) : [thingOf(field.name)],
    }));
  return [...inPath, ...named];
}

/** `berth` of `berthCode`, `berth_id` or `berth`. */
function thingOf(name: string): string {
  const bare = name.replace(/[-_ ]?(?:id|code|key|number|no|uuid)$/i, '');
  return (
    (bare === '' ? name : bare)
      .replace(/([\p{Ll}\p{N}])(\p{Lu})/gu, '$1 $2')
      .split(/[\s_-]+/)
      .at(-1)
      ?.toLowerCase() ?? ''
  );
}

const singular = (word: string): string =>
  word
    .toLowerCase()
    .replace(/ies$/, 'y')
    .replace(/(?:(?<=s|x|z|ch|sh)es|(?<!s)s)$/, '');

function guessed({ name, field, things }: Identifier, { id }: Operation, index: DocumentationIndex): Link | undefined {
  for (const thing of things) {
    if (thing.length < 3) continue;
    // Of a plural such as berries all but the last letter is the same.
    const candidates = [...index.listedWith(thing.slice(0, -1))]
      .filter(
        (one) => one.id !== id && (one.method === 'GET' || one.method === 'query') && singular(lastWord(one)) === thing,
      )
      // The fewer parameters an address has, the easier it is called.
      .sort((a, b) => (a.path.match(/\{/g)?.length ?? 0) - (b.path.match(/\{/g)?.length ?? 0))
      .slice(0, mostCandidates);
    for (const candidate of candidates) {
      const place = placeIn(index.operation(candidate.id, depth), field, thing);
      if (place !== undefined) return { name, operation: candidate.id, place, guess: true };
    }
  }
  return undefined;
}

const lastWord = ({ path }: Pick<ListedOperation, 'path'>): string =>
  path
    .split('/')
    .filter((part) => part !== '' && !part.startsWith('{'))
    .at(-1) ?? '';

/** Where items of the response have the identifier: by its own name or the end of it, and of its type. */
function placeIn(operation: Operation | undefined, wanted: Field, thing: string): string | undefined {
  const response = operation?.responses.find(({ status }) => status.startsWith('2'));
  if (!operation || !response?.content) return undefined;
  const { fields, example } = response.content;
  const fits = fitting(wanted, thing);
  const root = operation.graphql ? `$.data.${operation.graphql.field}` : Array.isArray(example) ? '$[*]' : '$';
  const isRootList = root.endsWith('[*]') || operation.graphql?.returns.startsWith('[') === true;
  const search = (list: readonly Field[], at: string, depth: number, repeated: boolean): string | undefined => {
    if (repeated) {
      const found = fits.map((fit) => list.find(fit)).find((field) => field !== undefined);
      if (found) return `${at}.${found.name}`;
    }
    if (depth === 0) return undefined;
    for (const field of list) {
      const many = field.type.startsWith('array') || field.type.startsWith('[');
      const deeper =
        field.fields && search(field.fields, `${at}.${field.name}${many ? '[*]' : ''}`, depth - 1, many || repeated);
      if (deeper !== undefined) return deeper;
    }
    return undefined;
  };
  return search(fields, root === '$[*]' ? root : isRootList ? `${root}[*]` : root, 3, isRootList);
}

/** Whether a field of a response may be the identifier, the surest reason first. */
function fitting(wanted: Field, thing: string): ((field: Field) => boolean)[] {
  const plain = (name: string): string => name.replace(/[^\p{L}\p{N}]/gu, '').toLowerCase();
  const name = plain(wanted.name);
  const end = name.startsWith(plain(thing)) ? name.slice(plain(thing).length) : '';
  const sameType = ({ type }: Field): boolean => baseType(type) === baseType(wanted.type);
  return [
    (field) => sameType(field) && plain(field.name) === name,
    // The `code` of a berth is its `berthCode`; the `id` of a repository is no `repo`.
    (field) => sameType(field) && end !== '' && plain(field.name) === end,
    // Of a name that does not say which of its keys it is, the limits do.
    (field) =>
      sameType(field) &&
      keyNames.includes(field.name) &&
      wanted.limits?.matches !== undefined &&
      field.limits?.matches === wanted.limits.matches,
  ];
}

/** Of the types of all formats: a text, a number, or what else there is. */
function baseType(type: string): string {
  const word = /^[A-Za-z]+/.exec(type)?.[0].toLowerCase() ?? '';
  if (word === 'int' || word === 'number' || word === 'float') return 'integer';
  return word === 'id' ? 'string' : word;
}
