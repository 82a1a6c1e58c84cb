/** Files of a collection written from the documentation: requests, and what they need of sessions and signatures. */
import { existsSync } from 'node:fs';
import { join, relative } from 'node:path';
import type { Collection } from '../collection/collection.js';
import { sourceIndex } from '../collection/sources/source-index.js';
import { type DraftSettings, draftName, draftRequest } from '../documentation/draft/draft.js';
import { type DraftedSession, draftSession, sessionName } from '../documentation/draft/session.js';
import { describesSignature, headersMade, proposeSignature, signatureName } from '../documentation/draft/signature.js';
import type { SelectionSettings } from '../documentation/formats/graphql/selection.js';
import type { DocumentationIndex } from '../documentation/index/index-file.js';
import type { Operation, OperationEntry } from '../documentation/model/model.js';
import { action } from '../problem/actions.js';
import { nearestHint } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import { writeAtomically } from '../storage/atomic-write.js';
import { placeInside } from '../storage/inside.js';
import { suppliersFor } from './parameter-sources.js';

export interface DraftOrder {
  /** The name of the request below `requests/`; else from its group and name. */
  readonly name?: string | undefined;
  /** The folder of the JSON Schemas that editors understand, in the collection. */
  readonly schemas: string;
  readonly selection?: Partial<SelectionSettings> | undefined;
  readonly optional?: 'all' | readonly string[] | undefined;
}

export interface WrittenSession extends Omit<DraftedSession, 'text'> {
  readonly name: string;
  readonly file: string;
}

export interface WrittenDraft {
  readonly request: string;
  readonly file: string;
  /** Files that were written with it. */
  readonly signature: string | undefined;
  readonly sessions: readonly WrittenSession[];
}

/** @throws Problem file-exists */
export async function writeDraft(
  collection: Collection,
  operation: Operation,
  order: DraftOrder,
): Promise<WrittenDraft> {
  const { name = draftName(operation), schemas, selection, optional } = order;
  const file = `requests/${name}.yaml`;
  const path = placeInside(collection.root, file);
  if (existsSync(path))
    throw new Problem('file-exists', { what: `there is a request ${name} already`, where: { file } });
  const index = sourceIndex(collection, operation.source);
  const up = relative(join(collection.root, file, '..'), collection.root);
  const settings: DraftSettings = {
    definitions: index.definitions,
    entry: index.entry(operation.id) as OperationEntry,
    selection,
    optional,
    suppliers: suppliersFor(collection, operation),
    itemName: itemParameter(operation, index),
    schema: `${up}/${schemas}/request.json`,
  };
  // What is refused is refused before its session or signature is written.
  draftRequest(operation, settings);
  const signature = await signatureFor(collection, operation, schemas);
  const { names, written } = await sessionsFor(collection, operation, name, schemas, signature !== undefined);
  await writeAtomically(path, draftRequest(operation, { ...settings, sessions: names, signature }));
  return { request: name, file, signature: signature?.file, sessions: written };
}

/** The signature that the documentation describes, written where there is none of that name yet. */
async function signatureFor(
  collection: Collection,
  operation: Operation,
  schemas: string,
): Promise<
  { readonly name: string; readonly makes: ReadonlySet<string>; readonly file: string | undefined } | undefined
> {
  const scheme = operation.security.flatMap(({ schemes }) => schemes).find(describesSignature);
  if (!scheme) return undefined;
  const name = signatureName(scheme);
  const makes = headersMade(scheme);
  const file = `signatures/${name}.yaml`;
  const path = placeInside(collection.root, file);
  if (collection.names('signature').includes(name) || existsSync(path)) return { name, makes, file: undefined };
  await writeAtomically(path, proposeSignature(scheme, operation.source, `../${schemas}/signature.json`));
  return { name, makes, file };
}

/** The sessions that an operation requires; where the collection has none for it, they are written. */
async function sessionsFor(
  collection: Collection,
  { security, source }: Operation,
  request: string,
  schemas: string,
  signed: boolean,
): Promise<{ readonly names: readonly string[]; readonly written: readonly WrittenSession[] }> {
  const none = { names: [], written: [] };
  const known = collection.names('session');
  const [first] = security;
  const own = first?.schemes.map(({ name }) => sessionName(name)) ?? [];
  if (own.length > 0 && own.every((name) => known.includes(name))) return { names: own, written: [] };
  const [only] = known;
  const inherited = inheritedSession(collection, request);
  if (inherited !== undefined) return { names: [inherited], written: [] };
  if (only !== undefined && known.length === 1) return { names: [only], written: [] };
  if (!first || signed || known.length > 0) return none;
  const written: WrittenSession[] = [];
  for (const { name } of first.schemes) {
    const made = await writeSession(collection, source, name, schemas).catch((error: unknown) => {
      if (error instanceof Problem && error.code === 'file-exists') return undefined;
      throw error;
    });
    if (made) written.push(made);
  }
  return { names: own.filter((name) => existsSync(join(collection.root, `sessions/${name}.yaml`))), written };
}

/** @returns undefined where no kind of session is for the scheme @throws Problem file-exists */
async function writeSession(
  collection: Collection,
  source: string,
  scheme: string,
  schemas: string,
): Promise<WrittenSession | undefined> {
  const given = sourceIndex(collection, source).definitions.get(`#/components/securitySchemes/${scheme}`);
  const drafted = given === undefined ? undefined : draftSession(scheme, given, source, `../${schemas}/session.json`);
  if (!drafted) return undefined;
  const name = sessionName(scheme);
  const file = `sessions/${name}.yaml`;
  const path = placeInside(collection.root, file);
  if (existsSync(path))
    throw new Problem('file-exists', { what: `there is a session ${name} already`, where: { file } });
  await writeAtomically(path, drafted.text);
  const { text: _, ...facts } = drafted;
  return { name, file, ...facts };
}

/**
 * A session from a documented security scheme, by its name or by `SOURCE/SCHEME`.
 * @throws Problem operation-not-found, name-ambiguous, file-exists, usage
 */
export async function writeDraftedSession(
  collection: Collection,
  given: string | undefined,
  schemas: string,
): Promise<WrittenSession> {
  const all = Object.keys(collection.docs).flatMap((source) =>
    (sourceIndex(collection, source).facts.schemes ?? []).map((scheme) => ({ source, scheme })),
  );
  const names = all.map(({ source, scheme }) => `${source}/${scheme}`);
  const fitting = all.filter(
    ({ source, scheme }) => given === undefined || given === scheme || given === `${source}/${scheme}`,
  );
  const [only, other] = fitting;
  if (!only) {
    throw new Problem('operation-not-found', {
      what:
        given === undefined
          ? 'the documentation describes no security scheme'
          : `no security scheme ${given} is documented`,
      remedy:
        given === undefined ? action().listSources() : nearestHint(given, [...names, ...all.map((one) => one.scheme)]),
    });
  }
  if (other)
    throw new Problem('name-ambiguous', {
      what: given === undefined ? 'several security schemes are documented' : `several sources describe ${given}`,
      remedy: `write one of them: ${fitting.map(({ source, scheme }) => `${source}/${scheme}`).join(', ')}`,
    });
  const written = await writeSession(collection, only.source, only.scheme, schemas);
  if (written) return written;
  throw new Problem('usage', { what: `no kind of session is for the security scheme ${only.scheme}` });
}

/** The session that the defaults of the folder name. */
function inheritedSession(collection: Collection, name: string): string | undefined {
  const session = collection.defaults(name).at(-1)?.content.session;
  return typeof session === 'string' && session !== 'none' ? session : undefined;
}

/** What the operations of one thing call its identifier: `plotId` of `/plots/{plotId}` for what `POST /plots` makes. */
function itemParameter({ path, protocol }: Operation, index: DocumentationIndex): string | undefined {
  if (protocol !== 'http') return undefined;
  const own = /\/\{([^}]+)\}$/.exec(path)?.[1];
  if (own !== undefined) return own;
  const last = path
    .split('/')
    .filter((part) => part !== '' && !part.startsWith('{'))
    .at(-1);
  let found: string | undefined;
  for (const other of index.listed()) {
    if (other.path.startsWith(`${path}/{`)) return /^\{([^}]+)\}/.exec(other.path.slice(path.length + 1))?.[1];
    if (last !== undefined)
      found ??= new RegExp(`/${last.replace(/[^\w-]/g, '.')}/\\{([^}]+)\\}$`).exec(other.path)?.[1];
  }
  return found;
}
