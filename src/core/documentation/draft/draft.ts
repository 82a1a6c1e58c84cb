/** A request file written from the documentation: what is required is active, the rest is there as comments. */
import type { SelectionSettings } from '../formats/graphql/selection.js';
import type { Definitions, Field, Operation, OperationEntry, Parameter } from '../model/model.js';
import { bodyLines } from './body.js';
import { graphqlLines } from './graphql.js';
import { Inputs, inputName, type Supplier } from './inputs.js';
import { active, block, type CallLines, commented, key, type Line, oneLine, scalar } from './lines.js';
import { parameterLines } from './parameter.js';
import { soapLines } from './soap.js';

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
  /** The only session of the collection, where there is just one. */
  readonly session?: string | undefined;
  /** The signature that the operation wants, and the headers that it makes itself. */
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

/** The text of the file. */
export function draftRequest(operation: Operation, settings: DraftSettings): string {
  const inputs = new Inputs(settings.suppliers);
  const call = callLines(unsigned(operation, settings), settings, inputs);
  const { schema, session, signature } = settings;
  const blocks: Line[][] = [
    [active(`# yaml-language-server: $schema=${schema}`)],
    [
      active(`about: ${scalar(oneLine(operation.summary ?? operation.description ?? operation.id))}`),
      active(`operation: ${scalar(`${operation.source}/${operation.id}`)}`),
      ...(operation.deprecated ? [active('# The documentation calls this operation deprecated.')] : []),
    ],
    block('inputs', inputs.lines()),
    ...call.address,
    sessionLines(operation, session, signature?.name),
    ...call.body,
  ];
  return `${blocks
    .filter((lines) => lines.length > 0)
    .map((lines) => lines.map(({ active: on, text }) => (on ? text : commented(text))).join('\n'))
    .join('\n')}\n`;
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

function callLines(operation: Operation, settings: DraftSettings, inputs: Inputs): CallLines {
  const { graphql, soap } = operation;
  const { entry, definitions, selection } = settings;
  if (graphql) return graphqlLines(operation, graphql, definitions, selection, inputs);
  return soap ? soapLines(operation, soap, entry, definitions, inputs) : httpLines(operation, inputs);
}

function httpLines(operation: Operation, inputs: Inputs): CallLines {
  const at = (where: Parameter['in']): readonly Parameter[] =>
    operation.parameters.filter((parameter) => parameter.in === where);
  const path = at('path').map((parameter) => inputs.add(parameter, [parameter.name], 'path'));
  const renamed = at('path').flatMap(({ name }, index) =>
    path[index] === name ? [] : [{ active: true, text: `${key(name)}: \${${path[index]}}` }],
  );
  const query = at('query').flatMap((parameter) => parameterLines(parameter, inputs));
  const headers = at('header').flatMap((parameter) => parameterLines(parameter, inputs));
  const body = bodyLines(operation, inputs);
  const response = operation.responses.find(({ status }) => /^2/.test(status));
  const accept = response?.content?.type;

  return {
    address: [
      [active(`method: ${operation.method}`), active(`url: ${addressText(operation.path)}`)],
      block('path', renamed),
      block('query', query),
      block('headers', [...(accept ? [active(`Accept: ${scalar(accept)}`)] : []), ...headers]),
    ],
    body: [body, block('expect', expectations(response)), block('keep', keeps(response))],
  };
}

function sessionLines(
  { security, protocol, certainty }: Operation,
  session: string | undefined,
  signature: string | undefined,
): Line[] {
  // GraphQL, WSDL, pages and samples do not say what they want.
  if (security.length === 0 && (protocol !== 'http' || certainty !== undefined))
    return [active('session: none                       # whether one is wanted is not documented')];
  if (security.length === 0) return [active('session: none')];
  const wanted = security
    .map(({ schemes }) => schemes.map(({ name, about }) => `${name}, ${about}`).join(' and '))
    .join('; or ');
  if (signature !== undefined && security.every(({ schemes }) => schemes.length === 1))
    return [
      active('session: none'),
      active(`signature: ${scalar(signature)}   # the documentation requires ${wanted}`),
    ];
  if (signature !== undefined)
    return [
      ...sessionLines({ security, protocol, certainty } as Operation, session, undefined),
      active(`signature: ${scalar(signature)}`),
    ];
  return session === undefined
    ? [{ active: false, text: `session: NAME   # the documentation requires ${wanted}` }]
    : [active(`session: ${scalar(session)}   # the documentation requires ${wanted}`)];
}

function expectations(response: Operation['responses'][number] | undefined): Line[] {
  if (!response) return [];
  const lines = [active(`status: ${/^\d+$/.test(response.status) ? response.status : response.status.toLowerCase()}`)];
  if (response.content) lines.push(active(`header.content-type: {starts-with: ${scalar(response.content.type)}}`));
  if (response.content?.schema !== undefined && /[/+]json\b/.test(response.content.type))
    lines.push(active('$: {schema: documented}'));
  return lines;
}

/** What the server sets is what the next request usually needs. */
function keeps(response: Operation['responses'][number] | undefined): Line[] {
  const array = JSON.stringify(response?.content?.schema ?? null).startsWith('{"type":"array"');
  const own = (response?.content?.fields ?? [])
    .filter((field) => field.readOnly || /^id$|Id$|_id$/.test(field.name))
    .slice(0, 3);
  const xml = /[/+]xml\b/.test(response?.content?.type ?? '');
  const place = ({ name, xml: written }: Field): string =>
    xml ? `${written?.attribute ? '//@' : '//'}${written?.name ?? name}` : `$.${name}`;
  const lines = array ? [] : own.map((field) => ({ active: false, text: `${inputName(field.name)}: ${place(field)}` }));
  if (response?.headers.some((header) => header.name.toLowerCase() === 'location'))
    lines.push({ active: false, text: 'address: header.location' });
  return lines;
}

function addressText(path: string): string {
  const plain = path.replace(/\{([^}]+)\}/g, (_, name: string) => `{${name}}`);
  return `\${origin}${plain}`;
}
