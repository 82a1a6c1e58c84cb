/** From a request plan to a resolved request: every name computed, for each sending again. */
import type { RequestFile } from '../../collection/files/request-file.js';
import { InputNames, missingInput } from '../../collection/variables/inputs.js';
import { type VariableScopes, variableNames } from '../../collection/variables/variable-scopes.js';
import { Evaluation, type EvaluationContext, omitted } from '../../expression/evaluation.js';
import { layered, type Named, type Names } from '../../expression/names.js';
import { replacedAt, type SecretTrace, type Tree } from '../../expression/tree.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { type Connection, type ConnectionPlan, plainConnection } from '../connection/connection.js';
import { checkHeader } from './header-rules.js';
import type { PlannedValue, RequestPlan } from './request-plan.js';
import { type HeaderLine, hidden, type QueryPair, type ResolvedRequest, type Timeout } from './wire.js';
import { linesOf, wantText } from './written-lines.js';

const none: ReadonlyMap<string, Named> = new Map();

/** What a sending brings with it. */
export interface ResolutionInput extends EvaluationContext {
  readonly layers: VariableScopes;
  /** A value that the caller has for an input. */
  readonly given: (input: string) => Named | undefined;
  /** The names of the caller, which the environment's values may use. */
  readonly caller: Names;
  readonly timeout: Partial<Timeout>;
  /** What sessions supply; seen after the inputs. */
  readonly supplied?: Names | undefined;
  /** How the environment wants connections to be made. */
  readonly connection?: ConnectionPlan | undefined;
  /** In place of the one that would be computed, its query included. */
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
export function resolveRequest(plan: RequestPlan, input: ResolutionInput): Resolution {
  const used = input.withOrigins ? new Map<string, Named>() : undefined;
  const variables = variableNames(input.layers, input.caller, input);
  const inputs = new InputNames(plan.inputs, input.given, variables, input);
  const names = input.supplied ? layered(inputs, input.supplied, variables) : layered(inputs, variables);
  const evaluation = new Evaluation(names, input, used && ((name, named) => used.set(name, named)));
  try {
    const connection =
      input.connection?.(() => new Evaluation(layered(variables, input.caller), input)) ?? plainConnection;
    const request = resolveParts(plan, input, evaluation, connection, used);
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
  input: ResolutionInput,
  evaluation: Evaluation,
  connection: Connection,
  used: ReadonlyMap<string, Named> | undefined,
): ResolvedRequest {
  const paged = input.address;
  const partOf = (part: string): Value | undefined => {
    const [own, secret] = evaluation.traced(() => plan.path.get(part)?.evaluate(evaluation));
    if (own === omitted) return undefined;
    if (own !== undefined) {
      if (secret) secretParts.add(part);
      return own;
    }
    const input = evaluation.names.lookup(part);
    if (input && plan.inputs.some(({ name }) => name === part)) {
      evaluation.onName?.(part, input);
      if (input.secret) {
        evaluation.touchedSecret = true;
        secretParts.add(part);
      }
      return input.value;
    }
    return undefined;
  };
  const secretParts = new Set<string>();
  const address = paged ?? plan.address.evaluate(evaluation, partOf);
  const addressSecret = evaluation.touchedSecret;
  const shownAddress =
    secretParts.size > 0 && paged === undefined
      ? plan.address
          .evaluate(evaluation, (part) => (secretParts.has(part) ? hidden : partOf(part)))
          .replaceAll(encodeURIComponent(hidden), hidden)
      : undefined;
  const lists = plan.content.lists ?? 'repeated';
  const query = paged === undefined ? plan.query.flatMap((value) => queryPairs(value, lists, evaluation)) : [];
  const own = plan.fixedHeaders ?? plan.headers.flatMap((value) => headerLines(value, evaluation));
  const cookie = plan.cookies.size > 0 ? cookieLine(plan, evaluation) : undefined;
  const key = plan.idempotencyKey && keyLine(plan.idempotencyKey, input.idempotencyKey, evaluation);
  const headers = cookie || key ? [...own, ...(cookie ? [cookie] : []), ...(key ? [key] : [])] : own;
  evaluation.touchedSecret = false;
  const made = plan.body?.(evaluation);
  const body = made?.asQuery ? undefined : made;
  query.push(...(made?.asQuery ?? []));
  const { redirects } = plan.content;
  return {
    name: plan.name,
    operation: plan.content.operation,
    method: plan.workedMethod ? methodOf(plan.workedMethod, plan.yaml, evaluation) : plan.method,
    address,
    shownAddress,
    query,
    headers,
    body,
    sessions: plan.sessions,
    changes: plan.changes,
    redirects: redirects === 'none' ? 0 : redirects,
    connection,
    timeout: timeoutFor(plan, input.timeout),
    names: used ?? none,
    idempotencyKey: key?.value,
    addressSecret: addressSecret || query.some(({ secret }) => secret),
  };
}

/** @throws Problem address-shape: no token (RFC 9110 section 9.1) */
function methodOf(tree: Tree, yaml: RequestPlan['yaml'], evaluation: Evaluation): string {
  const value = tree.evaluate(evaluation);
  const text = value === omitted ? '' : textOf(value as Value);
  if (/^[!#$%&'*+.^`|~\w-]+$/.test(text)) return text.toUpperCase();
  throw new Problem('address-shape', {
    what: `${JSON.stringify(text)} is not a method`,
    where: yaml.position(['method']),
  });
}

const timeouts = new WeakMap<RequestPlan, { readonly over: Partial<Timeout>; readonly timeout: Timeout }>();

/** The same for every sending of a request in one environment. */
function timeoutFor(plan: RequestPlan, over: Partial<Timeout>): Timeout {
  const known = timeouts.get(plan);
  if (known?.over === over) return known.timeout;
  const timeout = { connect: 10_000, total: 60_000, ...over, ...plan.timeout };
  timeouts.set(plan, { over, timeout });
  return timeout;
}

function keyLine(
  { header, tree }: NonNullable<RequestPlan['idempotencyKey']>,
  given: string | undefined,
  evaluation: Evaluation,
): HeaderLine {
  const { value, secret } =
    given === undefined ? traced(tree, evaluation) : { value: given as Value | undefined, secret: false };
  const text = wantText('idempotency key in', header, value ?? null);
  checkHeader(header, text, undefined);
  return { name: header, value: text, origin: 'idempotency-key', secret };
}

interface TracedValue {
  readonly value: Value | undefined;
  /** The value with its secrets hidden; the same where there are none. */
  readonly shown: Value | undefined;
  readonly secret: boolean;
}

function traced(tree: Tree, evaluation: Evaluation): TracedValue {
  const trace: SecretTrace = { path: [], secret: [] };
  const value = tree.evaluate(evaluation, trace);
  if (value === omitted) return { value: undefined, shown: undefined, secret: false };
  return { value, shown: replacedAt(value, trace.secret, hidden), secret: trace.secret.length > 0 };
}

function queryPairs(
  { name, tree }: PlannedValue,
  lists: NonNullable<RequestFile['lists']>,
  evaluation: Evaluation,
): QueryPair[] {
  const { value, shown, secret } = traced(tree, evaluation);
  if (value === undefined) return [];
  const pairs = pairsOf(name, value, lists);
  if (!secret || shown === undefined) return pairs;
  const masks = pairsOf(name, shown, lists);
  return pairs.map((pair, index) => ({ ...pair, secret: true, shown: masks[index]?.value ?? hidden }));
}

function pairsOf(name: string, value: Value, lists: NonNullable<RequestFile['lists']>): QueryPair[] {
  if (isValueMap(value)) return deepPairs(name, value);
  if (plain(value) === null) return [{ name, value: '', bare: true, secret: false }];
  if (!Array.isArray(value)) return [{ name, value: wantText('query parameter', name, value), secret: false }];
  const items = value.map((item: Value) => wantText('query parameter', name, item));
  if (lists === 'joined')
    return items.length === 0 ? [] : [{ name, value: items.join(','), joined: items, secret: false }];
  const key = lists === 'bracketed' ? `${name}[]` : name;
  return items.map((item: string) => ({ name: key, value: item, secret: false }));
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
function deepPairs(name: string, value: Value): QueryPair[] {
  if (isValueMap(value)) return Object.entries(value).flatMap(([key, inner]) => deepPairs(`${name}[${key}]`, inner));
  const items = Array.isArray(value) ? (value as readonly Value[]) : [value];
  return items.map((item) => ({ name, value: wantText('query parameter', name, item), secret: false }));
}

function headerLines({ name, tree, origin, fixed }: PlannedValue, evaluation: Evaluation): readonly HeaderLine[] {
  if (fixed) return fixed;
  const { value, secret } = traced(tree, evaluation);
  return value === undefined ? [] : linesOf(name, value, origin, secret);
}
