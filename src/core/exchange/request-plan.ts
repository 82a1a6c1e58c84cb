/** A request file made ready: parsed once, resolved for each sending. */
import { readFileSync } from 'node:fs';
import type { Collection, Loaded } from '../collection/collection.js';
import type { RetryFile } from '../collection/files/parts.js';
import type { RequestFile } from '../collection/files/request-file.js';
import { InputNames, type InputPlan, missingInput, planInputs } from '../collection/inputs.js';
import { type Layers, variableNames } from '../collection/layers.js';
import type { YamlFile } from '../collection/yaml.js';
import { safeMethods } from '../documentation/safe-methods.js';
import type { Loads } from '../expression/compile.js';
import { Evaluation, omitted, type Surroundings } from '../expression/evaluation.js';
import { layered, type Named, type Names } from '../expression/names.js';
import { compileTree, type SecretTrace, type Tree, type TreePath } from '../expression/tree.js';
import { asProblem, Problem } from '../problem/problem.js';
import { pathInside } from '../storage/inside.js';
import { parseDuration } from '../value/measures.js';
import { textOf } from '../value/text.js';
import { isValueMap, plain, type Value } from '../value/written.js';
import { type AddressPlan, compileAddress } from './address.js';
import type { BodyPlan, BodySetting } from './body/body-kind.js';
import { bodyKinds } from './body/registry.js';
import { type Connection, type ConnectionPlan, plainConnection } from './connection.js';
import { graphqlDocument, operationKind } from './graphql-operation.js';
import { checkHeader } from './header-rules.js';
import type { HeaderLine, QueryPair, ResolvedRequest, Timeout } from './wire.js';

export interface RequestPlan {
  readonly name: string;
  readonly content: RequestFile;
  readonly yaml: YamlFile;
  readonly method: string;
  readonly changes: boolean;
  readonly inputs: readonly InputPlan[];
  readonly sessions: readonly string[];
  readonly signature: string | undefined;
  readonly address: AddressPlan;
  readonly path: ReadonlyMap<string, Tree>;
  readonly query: readonly PlannedValue[];
  readonly headers: readonly PlannedValue[];
  readonly cookies: ReadonlyMap<string, Tree>;
  /** All header lines, where every one is the same for every sending. */
  readonly fixedHeaders: readonly HeaderLine[] | undefined;
  readonly body: BodyPlan | undefined;
  readonly timeout: Partial<Timeout>;
  /** Where `retry` is said, and in which file. */
  readonly retry: { readonly spec: RetryFile; readonly yaml: YamlFile } | undefined;
  readonly idempotencyKey: { readonly header: string; readonly tree: Tree } | undefined;
}

interface PlannedValue {
  readonly name: string;
  readonly tree: Tree;
  readonly origin: string;
  /** The lines of a header that is the same for every sending. */
  readonly fixed: readonly HeaderLine[] | undefined;
}

/** What a request file says and what the folders above it say, as one. */
interface Layer {
  readonly content: Partial<RequestFile>;
  readonly yaml: YamlFile;
  readonly origin: string;
}

/**
 * @param loads what must have settled before the plan is used
 * @throws Problem about anything in the file that cannot be made ready
 */
export function planRequest(collection: Collection, loaded: Loaded<RequestFile>, loads: Loads): RequestPlan {
  const { content, yaml, name } = loaded;
  const layers: Layer[] = [
    ...collection
      .defaults(name)
      .map((defaults) => ({ content: defaults.content, yaml: defaults.yaml, origin: defaults.yaml.file })),
    { content, yaml, origin: `request ${name}` },
  ];
  const nearest = <K extends keyof RequestFile>(key: K): RequestFile[K] | undefined =>
    layers.reduce<RequestFile[K] | undefined>((found, layer) => layer.content[key] ?? found, undefined);
  const method = (content.method ?? 'GET').toUpperCase();
  const url = content.url;
  const where = (path: TreePath): ReturnType<YamlFile['position']> => yaml.position(path);
  const session = nearest('session') ?? 'none';
  const signature = nearest('signature') ?? 'none';
  const headers = mergedValues('headers', layers, loads, (key) => key.toLowerCase());
  const read = (path: string): string => readFileSync(pathInside(collection.root, path), 'utf8');
  return {
    name,
    content: {
      ...content,
      lists: nearest('lists'),
      redirects: nearest('redirects'),
      expect: Object.assign({}, ...layers.map((layer) => layer.content.expect ?? {})) as Record<string, Value>,
      namespaces: Object.assign({}, ...layers.map((layer) => layer.content.namespaces ?? {})) as Record<string, string>,
    },
    yaml,
    method,
    inputs: planInputs(content.inputs, loaded, `request ${name}`, loads),
    sessions: session === 'none' ? [] : [session].flat(),
    signature: signature === 'none' ? undefined : signature,
    address: compileAddress(url, where(['url']), loads),
    path: new Map(
      Object.entries(content.path ?? {}).map(([key, value]) => [
        key,
        compileTree(value, (inner) => where(['path', key, ...inner]), loads),
      ]),
    ),
    query: mergedValues('query', layers, loads, (key) => key),
    headers,
    cookies: new Map(
      Object.entries(content.cookies ?? {}).map(([key, value]) => [
        key,
        compileTree(value, (inner) => where(['cookies', key, ...inner]), loads),
      ]),
    ),
    fixedHeaders: headers.every(({ fixed }) => fixed) ? headers.flatMap(({ fixed }) => fixed ?? []) : undefined,
    body:
      content.body === undefined
        ? undefined
        : planBody(content.body, {
            where,
            loads,
            method,
            read,
          }),
    changes: content.changes ?? changesBy(method, content.body, read),
    timeout: timeoutOf(nearest('timeout')),
    retry: layers.reduce<RequestPlan['retry']>(
      (found, layer) => (layer.content.retry === undefined ? found : { spec: layer.content.retry, yaml: layer.yaml }),
      undefined,
    ),
    idempotencyKey: planKey(content['idempotency-key'], where, loads),
  };
}

/** As the IETF draft draft-ietf-httpapi-idempotency-key-header names the header. */
function planKey(
  given: RequestFile['idempotency-key'],
  where: BodySetting['where'],
  loads: Loads,
): RequestPlan['idempotencyKey'] {
  if (given === undefined) return undefined;
  const { header = 'Idempotency-Key', value = '${uuid}' } =
    given === true ? {} : typeof given === 'string' ? { value: given } : given;
  checkHeader(header, undefined, where(['idempotency-key', 'header']));
  return { header, tree: compileTree(value, () => where(['idempotency-key']), loads) };
}

/** By the method, unless the body says more: a GraphQL query goes by POST too, and a mutation by no other. */
function changesBy(method: string, body: RequestFile['body'], read: (path: string) => string): boolean {
  if (body && 'graphql' in body) {
    const { document, operation } = body.graphql;
    const kind = operationKind(graphqlDocument(document, read), operation);
    if (kind !== undefined) return kind === 'mutation';
  }
  return !safeMethods.has(method);
}

/** Values by name, the nearest layer winning, in the order in which they first stand. */
function mergedValues(
  key: 'query' | 'headers',
  layers: readonly Layer[],
  loads: Loads,
  same: (name: string) => string,
): PlannedValue[] {
  const merged = new Map<string, PlannedValue>();
  for (const { content, yaml, origin } of layers) {
    for (const [name, value] of Object.entries(content[key] ?? {})) {
      if (key === 'headers') checkHeader(name, undefined, yaml.position([key, name], 'key'));
      const tree = compileTree(value, (path) => yaml.position([key, name, ...path]), loads);
      const fixed =
        key === 'headers' && tree.constant !== undefined ? linesOf(name, tree.constant, origin, false) : undefined;
      merged.set(same(name), { name, origin, tree, fixed });
    }
  }
  return [...merged.values()];
}

function planBody(spec: NonNullable<RequestFile['body']>, setting: BodySetting): BodyPlan {
  const { where } = setting;
  const [name, value] = Object.entries(spec)[0] as [string, Value];
  const kind = bodyKinds.get(name);
  if (!kind) throw new Problem('body-shape', { what: `there is no body of the kind ${name}`, where: where(['body']) });
  return kind.compile(value, { ...setting, where: (path) => where(['body', name, ...path]) });
}

export function timeoutOf(spec: RequestFile['timeout']): Partial<Timeout> {
  return {
    ...(spec?.connect !== undefined && { connect: parseDuration(spec.connect) as number }),
    ...(spec?.['first-byte'] !== undefined && { firstByte: parseDuration(spec['first-byte']) as number }),
    ...(spec?.idle !== undefined && { idle: parseDuration(spec.idle) as number }),
    ...(spec?.total !== undefined && { total: parseDuration(spec.total) as number }),
  };
}

const none: ReadonlyMap<string, Named> = new Map();

/** What a sending brings with it. */
export interface Giving extends Surroundings {
  readonly layers: Layers;
  /** A value that the caller has for an input. */
  readonly given: (input: string) => Named | undefined;
  /** The names of the caller, which the environment's values may use. */
  readonly caller: Names;
  readonly timeout: Partial<Timeout>;
  /** What sessions supply; seen after the inputs. */
  readonly supplied?: Names | undefined;
  /** How the environment wants connections to be made. */
  readonly connection?: ConnectionPlan | undefined;
  /** In place of the one that would be worked out, its query included. */
  readonly address?: string | undefined;
  /** In place of the one that would be made: of a call that may have been done already. */
  readonly idempotencyKey?: string | undefined;
  /** Lists every name with its origin, for a preview. */
  readonly withOrigins?: boolean;
}

export interface Resolution {
  readonly request: ResolvedRequest;
  /** The names that the request sees, for its expectations. */
  readonly names: Names;
  /** Its inputs, as far as they were used. */
  readonly inputs: ReadonlyMap<string, Named | undefined>;
}

/** @throws Problem unknown-name, input-missing, input-value, secret-missing and all that evaluation may throw */
export function resolveRequest(plan: RequestPlan, giving: Giving): Resolution {
  const used = giving.withOrigins ? new Map<string, Named>() : undefined;
  const variables = variableNames(giving.layers, giving.caller, giving);
  const inputs = new InputNames(plan.inputs, giving.given, variables, giving);
  const names = giving.supplied ? layered(inputs, giving.supplied, variables) : layered(inputs, variables);
  const evaluation = new Evaluation(names, giving, used && ((name, named) => used.set(name, named)));
  try {
    const connection =
      giving.connection?.(() => new Evaluation(layered(variables, giving.caller), giving)) ?? plainConnection;
    const request = resolveParts(plan, giving, evaluation, connection, used);
    return { request, names, inputs: inputs.used() };
  } catch (error) {
    throw missingAsInput(plan, asProblem(error));
  }
}

/** An unknown name that is a declared input is a missing input, which says more. */
function missingAsInput(plan: RequestPlan, problem: Problem): Problem {
  const input =
    problem.code === 'unknown-name' ? plan.inputs.find(({ name }) => name === problem.data.name) : undefined;
  return input && !('member' in problem.data) ? missingInput(input) : problem;
}

function resolveParts(
  plan: RequestPlan,
  giving: Giving,
  evaluation: Evaluation,
  connection: Connection,
  used: ReadonlyMap<string, Named> | undefined,
): ResolvedRequest {
  const paged = giving.address;
  const partOf = (part: string): Value | undefined => {
    const own = plan.path.get(part)?.evaluate(evaluation);
    if (own === omitted) return undefined;
    if (own !== undefined) return own;
    const input = evaluation.names.lookup(part);
    if (input && plan.inputs.some(({ name }) => name === part)) {
      evaluation.onName?.(part, input);
      if (input.secret) evaluation.touchedSecret = true;
      return input.value;
    }
    return undefined;
  };
  const address = paged ?? plan.address.evaluate(evaluation, partOf);
  const addressSecret = evaluation.touchedSecret;
  const lists = plan.content.lists ?? 'repeated';
  const query = paged === undefined ? plan.query.flatMap((value) => queryPairs(value, lists, evaluation)) : [];
  const own = plan.fixedHeaders ?? plan.headers.flatMap((value) => headerLines(value, evaluation));
  const cookie = plan.cookies.size > 0 ? cookieLine(plan, evaluation) : undefined;
  const key = plan.idempotencyKey && keyLine(plan.idempotencyKey, giving.idempotencyKey, evaluation);
  const headers = cookie || key ? [...own, ...(cookie ? [cookie] : []), ...(key ? [key] : [])] : own;
  evaluation.touchedSecret = false;
  const made = plan.body?.(evaluation);
  const body = made?.asQuery ? undefined : made;
  query.push(...(made?.asQuery ?? []));
  const { redirects } = plan.content;
  return {
    name: plan.name,
    operation: plan.content.operation,
    method: plan.method,
    address,
    query,
    headers,
    body,
    sessions: plan.sessions,
    changes: plan.changes,
    redirects: redirects === 'none' ? 0 : redirects,
    connection,
    timeout: { connect: 10_000, total: 60_000, ...giving.timeout, ...plan.timeout },
    names: used ?? none,
    idempotencyKey: key?.value,
    secret:
      addressSecret ||
      query.some(({ secret }) => secret) ||
      headers.some(({ secret }) => secret) ||
      (body?.secret ?? false),
  };
}

function keyLine(
  { header, tree }: NonNullable<RequestPlan['idempotencyKey']>,
  given: string | undefined,
  evaluation: Evaluation,
): HeaderLine {
  const { value, secret } = given === undefined ? traced(tree, evaluation) : { value: given, secret: false };
  const text = wantText('idempotency key in', header, value ?? null);
  checkHeader(header, text, undefined);
  return { name: header, value: text, origin: 'idempotency-key', secret };
}

function traced(tree: Tree, evaluation: Evaluation): { value: Value | undefined; secret: boolean } {
  const trace: SecretTrace = { path: [], secret: [] };
  const value = tree.evaluate(evaluation, trace);
  return { value: value === omitted ? undefined : value, secret: trace.secret.length > 0 };
}

function queryPairs(
  { name, tree }: PlannedValue,
  lists: NonNullable<RequestFile['lists']>,
  evaluation: Evaluation,
): QueryPair[] {
  const { value, secret } = traced(tree, evaluation);
  if (value === undefined) return [];
  if (isValueMap(value)) return deepPairs(name, value, secret);
  if (!Array.isArray(value)) return [{ name, value: wantText('query parameter', name, value), secret }];
  const items = value.map((item: Value) => wantText('query parameter', name, item));
  if (lists === 'joined') return items.length === 0 ? [] : [{ name, value: items.join(','), secret }];
  const key = lists === 'bracketed' ? `${name}[]` : name;
  return items.map((item: string) => ({ name: key, value: item, secret }));
}

/** Beside those of the jar (RFC 6265 section 4.2). @throws Problem header-shape */
function cookieLine({ cookies, name: request }: RequestPlan, evaluation: Evaluation): HeaderLine | undefined {
  const pairs: string[] = [];
  let anySecret = false;
  for (const [name, tree] of cookies) {
    const { value, secret } = traced(tree, evaluation);
    if (value === undefined) continue;
    const text = wantText('cookie', name, value);
    if (!/^[!#-+\--:<-[\]-~]*$/.test(text)) {
      throw new Problem('header-shape', {
        what: `the cookie ${name} holds a space, a quote, a comma, a semicolon or a backslash`,
        remedy: '| percent or | base64 writes it as a cookie can hold it, if the vendor reads it so',
      });
    }
    pairs.push(`${name}=${text}`);
    anySecret ||= secret;
  }
  if (pairs.length === 0) return undefined;
  return { name: 'Cookie', value: pairs.join('; '), origin: `request ${request}`, secret: anySecret };
}

/** A map as OpenAPI's deepObject writes it: `berth[quay]=north`. */
function deepPairs(name: string, value: Value, secret: boolean): QueryPair[] {
  if (isValueMap(value))
    return Object.entries(value).flatMap(([key, inner]) => deepPairs(`${name}[${key}]`, inner, secret));
  const items = Array.isArray(value) ? (value as readonly Value[]) : [value];
  return items.map((item) => ({ name, value: wantText('query parameter', name, item), secret }));
}

function headerLines({ name, tree, origin, fixed }: PlannedValue, evaluation: Evaluation): readonly HeaderLine[] {
  if (fixed) return fixed;
  const { value, secret } = traced(tree, evaluation);
  return value === undefined ? [] : linesOf(name, value, origin, secret);
}

function linesOf(name: string, value: Value, origin: string, secret: boolean): HeaderLine[] {
  return (Array.isArray(value) ? (value as readonly Value[]) : [value]).map((item) => {
    const text = wantText('header', name, item);
    checkHeader(name, text, undefined);
    return { name, value: text, origin, secret };
  });
}

function wantText(what: string, name: string, value: Value): string {
  if (plain(value) === null) {
    throw new Problem('expression-value', {
      what: `the ${what} ${name} is null`,
      remedy: 'give another value for that case: ${name ?? "…"}, or ${name ?? omit} to leave it out',
    });
  }
  return textOf(value);
}
