/** A request file made ready: parsed once, for any number of sendings. */
import { readFileSync } from 'node:fs';
import type { Collection, Loaded } from '../../collection/collection.js';
import type { RetryFile } from '../../collection/files/parts.js';
import { methodWritten, type RequestFile } from '../../collection/files/request-file.js';
import { type InputPlan, planInputs } from '../../collection/variables/inputs.js';
import type { YamlFile } from '../../collection/yaml.js';
import { safeMethods } from '../../documentation/model/safe-methods.js';
import type { Loads } from '../../expression/compile.js';
import { compileTree, type Tree, type TreePath } from '../../expression/tree.js';
import { Problem } from '../../problem/problem.js';
import { pathInside } from '../../storage/inside.js';
import { parseDuration } from '../../value/measures.js';
import type { Value } from '../../value/written.js';
import { type AddressPlan, compileAddress } from '../address/address.js';
import type { BodyPlan, BodySetting } from '../body/body-kind.js';
import { bodyKinds } from '../body/registry.js';
import { graphqlDocument, operationKind } from './graphql-operation.js';
import { checkHeader } from './header-rules.js';
import type { HeaderLine, Timeout } from './wire.js';
import { linesOf } from './written-lines.js';

export interface RequestPlan {
  readonly name: string;
  readonly content: RequestFile;
  readonly yaml: YamlFile;
  /** As it is written where it holds `${…}`. */
  readonly method: string;
  /** What it holds, computed for each sending; such a call changes something unless the file says otherwise. */
  readonly workedMethod: Tree | undefined;
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

export interface PlannedValue {
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

/** Header lines and parameters for one sending, in place of those of that name in the file. */
export interface AddedParts {
  readonly content: Pick<RequestFile, 'headers' | 'query'>;
  readonly yaml: YamlFile;
}

/**
 * @param loads what must have settled before the plan is used
 * @param alone nothing that a folder says for all of its requests holds for this one
 * @throws Problem about anything in the file that cannot be made ready
 */
export function planRequest(
  collection: Collection,
  loaded: Loaded<RequestFile>,
  loads: Loads,
  alone = false,
  added?: AddedParts,
): RequestPlan {
  const { content, yaml, name } = loaded;
  const layers: Layer[] = [
    ...(alone ? [] : collection.defaults(name)).map((defaults) => ({
      content: defaults.content,
      yaml: defaults.yaml,
      origin: defaults.yaml.file,
    })),
    { content, yaml, origin: `request ${name}` },
    ...(added ? [{ ...added, origin: added.yaml.file }] : []),
  ];
  const nearest = <K extends keyof RequestFile>(key: K): RequestFile[K] | undefined =>
    layers.reduce<RequestFile[K] | undefined>((found, layer) => layer.content[key] ?? found, undefined);
  const method = methodWritten(content) ?? (content.method as string);
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
    workedMethod: method.includes('${') ? compileTree(method, () => where(['method']), loads) : undefined,
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
