/** A request file written from the documentation: what is required is active, the rest is there as comments. */
import { action } from '../../problem/actions.js';
import { nearestHint } from '../../problem/nearest.js';
import { Problem } from '../../problem/problem.js';
import type { SelectionSettings } from '../formats/graphql/selection.js';
import type { Definitions, Field, Operation, OperationEntry, Parameter } from '../model/model.js';
import { bodyEntry } from './body.js';
import type { DraftedCall } from './call.js';
import { oneLine } from './facts.js';
import { graphqlCall } from './graphql.js';
import { Inputs, inputName, type Supplier } from './inputs.js';
import { setParameter } from './parameter.js';
import { soapCall } from './soap.js';
import { DraftMap, draftText, expression, literal, literalText, reference } from './yaml.js';

export interface DraftSettings {
  /** What the index has of the operation, and of what it refers to. */
  readonly entry: OperationEntry;
  readonly definitions: Definitions;
  /** What supplies the values of parameters and fields, by their names. */
  readonly suppliers?: ReadonlyMap<string, Supplier> | undefined;
  /** Of the response of a GraphQL call. */
  readonly selection?: Partial<SelectionSettings> | undefined;
  /** From the request file to the JSON Schema that editors understand. */
  readonly schema: string;
  /** The sessions that it is sent with, as far as the collection has any for it. */
  readonly sessions?: readonly string[] | undefined;
  /** What other operations call the identifier of what it makes or shows. */
  readonly itemName?: string | undefined;
  /** Optional fields and parameters that are written to be sent: all of them, or some by their names, such as `cargo.kind`. */
  readonly optional?: 'all' | readonly string[] | undefined;
  /** The signature that the operation requires, and the headers that it makes itself. */
  readonly signature?: { readonly name: string; readonly makes: ReadonlySet<string> } | undefined;
}

/** The path below `requests/` that a draft gets where none is asked for. */
export function draftName({ group, id }: Operation): string {
  return `${slug(group)}/${slug(id)}`;
}

function slug(text: string): string {
  return text
    .replace(/([\p{Ll}\p{N}])(\p{Lu})/gu, '$1-$2')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '');
}

/** The text of the file. @throws Problem usage: there is no optional field of a name that was asked for */
export function draftRequest(operation: Operation, settings: DraftSettings): string {
  const inputs = new Inputs(settings.suppliers);
  const optional = optionalNames(settings.optional ?? []);
  const call = callOf(unsigned(operation, settings), settings, inputs, optional.wanted);
  optional.requireKnown(operation);
  const { schema, sessions, signature } = settings;
  const file = new DraftMap()
    .set('about', literal(oneLine(operation.summary ?? operation.description ?? '') || operation.id))
    .set('operation', literal(`${operation.source}/${operation.id}`));
  if (operation.deprecated) file.remark('The documentation calls this operation deprecated.');
  const declared = inputs.map();
  if (!declared.isEmpty) file.set('inputs', declared);
  file.take(call.address);
  setSession(file, operation, sessions, signature?.name);
  file.take(call.body).take(call.result);
  return draftText(file, `yaml-language-server: $schema=${schema}`);
}

/** What a signature makes is nobody's to give. */
function unsigned(operation: Operation, { signature }: DraftSettings): Operation {
  if (!signature) return operation;
  return {
    ...operation,
    parameters: operation.parameters.filter(
      ({ in: where, name }) => where !== 'header' || !signature.makes.has(name.toLowerCase()),
    ),
  };
}

/** Which optional fields are asked for; one within another asks for that one too. */
function optionalNames(asked: 'all' | readonly string[]): {
  readonly wanted: (name: string) => boolean;
  requireKnown(operation: Operation): void;
} {
  const known = new Set<string>();
  return {
    wanted(name) {
      known.add(name);
      return asked === 'all' || asked.some((one) => one === name || one.startsWith(`${name}.`));
    },
    requireKnown({ source, id }) {
      const unknown = asked === 'all' ? undefined : asked.find((one) => !known.has(one));
      if (unknown === undefined) return;
      throw new Problem('usage', {
        what: `${source}/${id} has no optional field or parameter ${unknown}`,
        remedy: nearestHint(unknown, known) ?? action().showOperation(`${source}/${id}`),
      });
    },
  };
}

function callOf(
  operation: Operation,
  settings: DraftSettings,
  inputs: Inputs,
  wanted: (name: string) => boolean,
): DraftedCall {
  const { graphql, soap } = operation;
  const { entry, definitions, selection } = settings;
  if (graphql) return graphqlCall(operation, graphql, definitions, selection, inputs, wanted);
  return soap
    ? soapCall(operation, soap, entry, definitions, inputs)
    : httpCall(operation, inputs, wanted, settings.itemName);
}

function httpCall(
  operation: Operation,
  inputs: Inputs,
  wanted: (name: string) => boolean,
  itemName: string | undefined,
): DraftedCall {
  const { method, path, parameters, responses } = operation;
  const at = (where: Parameter['in']): readonly Parameter[] => parameters.filter((one) => one.in === where);
  const renamed = new DraftMap();
  for (const parameter of at('path')) {
    const name = inputs.add(parameter, [parameter.name], 'path');
    if (name !== parameter.name) renamed.set(parameter.name, expression(reference(name)));
  }
  const response = responses.find(({ status }) => /^2/.test(status));
  const maps = { path: renamed, query: new DraftMap(), headers: new DraftMap(), cookies: new DraftMap() };
  if (response?.content) maps.headers.set('Accept', literal(response.content.type));
  for (const [where, map] of [
    ['query', maps.query],
    ['header', maps.headers],
    ['cookie', maps.cookies],
  ] as const)
    for (const parameter of at(where))
      setParameter(map, parameter, inputs, parameter.required || wanted(parameter.name));
  const address = new DraftMap().set('method', literal(method)).set('url', expression(addressText(path)));
  if (isLogIn(operation))
    address.set('changes', literal(false), { about: 'a log-in changes nothing that is to be protected' });
  for (const [name, map] of Object.entries(maps)) if (!map.isEmpty) address.set(name, map, { active: map.isActive });
  const body = new DraftMap();
  const entry = bodyEntry(operation, inputs, wanted);
  if (entry?.remark !== undefined) body.remark(entry.remark);
  if (entry) body.set('body', entry.node, { active: entry.active });
  return { address, body, result: resultOf(response, itemName) };
}

function setSession(
  file: DraftMap,
  { security, protocol, certainty }: Operation,
  sessions: readonly string[] = [],
  signature: string | undefined,
): void {
  // GraphQL, WSDL, pages and samples do not say what they want.
  const silent = security.length === 0 && (protocol !== 'http' || certainty !== undefined);
  const wanted = security
    .map(({ schemes }) => schemes.map(({ name, about }) => `${name}, ${about}`).join(' and '))
    .join('; or ');
  const requires = `the documentation requires ${wanted}`;
  const alone = signature !== undefined && security.every(({ schemes }) => schemes.length === 1);
  const session = sessions.length > 1 ? [...sessions] : sessions[0];
  // A folder's defaults say it once for all of its requests.
  if (silent)
    file.set('session', literal(session ?? 'NAME'), {
      about: 'whether one is required is not documented',
      active: false,
    });
  else if (security.length === 0 || alone) file.set('session', literal('none'));
  else if (session === undefined) file.set('session', literal('NAME'), { about: requires, active: false });
  else file.set('session', literal(session), { about: requires });
  if (signature !== undefined) file.set('signature', literal(signature), { about: alone ? requires : undefined });
}

/** What is expected of a response, and what the next request usually needs of it. */
function resultOf(response: Operation['responses'][number] | undefined, itemName: string | undefined): DraftMap {
  const result = new DraftMap();
  if (!response) return result;
  const { status, content } = response;
  const expect = new DraftMap().set('status', literal(/^\d+$/.test(status) ? Number(status) : status.toLowerCase()));
  if (content) expect.set('header.content-type', literal({ 'starts-with': content.type }));
  if (content?.schema !== undefined && /[/+]json\b/.test(content.type))
    expect.set('$', literal({ schema: 'documented' }));
  result.set('expect', expect);
  const keep = keepOf(response, itemName);
  if (!keep.isEmpty) result.set('keep', keep, { active: false });
  return result;
}

/** What the server sets. */
function keepOf({ content, headers }: Operation['responses'][number], itemName: string | undefined): DraftMap {
  const keep = new DraftMap();
  const list = JSON.stringify(content?.schema ?? null).startsWith('{"type":"array"');
  const own = (content?.fields ?? []).filter((field) => field.readOnly || /^id$|Id$|_id$/.test(field.name)).slice(0, 3);
  const xml = /[/+]xml\b/.test(content?.type ?? '');
  const place = ({ name, xml: written }: Field): string =>
    xml ? `${written?.attribute ? '//@' : '//'}${written?.name ?? name}` : `$.${name}`;
  // By the name that the inputs of other requests have.
  const called = ({ name }: Field): string =>
    itemName !== undefined && /^_?(?:id|uuid|key|code)$/i.test(name) ? itemName : name;
  if (!list) for (const field of own) keep.set(inputName(called(field)), literal(place(field)));
  if (headers.some((header) => header.name.toLowerCase() === 'location'))
    keep.set('address', literal('header.location'));
  return keep;
}

/** A call that opens a session, as its name, its path or the fields of its body say. */
function isLogIn({ method, path, id, summary = '', body }: Operation): boolean {
  if (method !== 'POST') return false;
  const last = path.split('/').findLast((part) => part !== '' && !part.startsWith('{')) ?? '';
  if (/^(?:log|sign)[-_]?in$|^authenticate$/i.test(last)) return true;
  const said = /^(?:log|sign)[-_ ]?in\b|^authenticate\b/i;
  const proves = body?.fields.some(({ name }) =>
    /^(?:password|passwd|pin|secret|client_?secret|grant_?type)$/i.test(name),
  );
  return (
    proves === true &&
    (said.test(summary) || said.test(id) || /^(?:sessions?|tokens?|auth|access[-_]?tokens?)$/i.test(last))
  );
}

/** A brace of the document stays one: only a parameter is put in. */
const addressText = (path: string): string => `\${origin}${literalText(path)}`;
