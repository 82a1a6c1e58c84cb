/** What the tables and examples below a call say of its parameters, its body and its responses. */
import { percentDecoded } from '../../../value/percent-decoded.js';
import type { Value } from '../../../value/written.js';
import { withExamples } from '../../model/example.js';
import { clausesSaid } from '../../model/filter-clause.js';
import type { Body, Content, DocumentedResponse, Field, Parameter, Warning } from '../../model/model.js';
import { safeMethods } from '../../model/safe-methods.js';
import { inferFields } from '../sample/infer.js';
import { fieldsIn, type ReadField } from './field-table.js';
import { commandLine, type ExampleRequest, jsonIn, rawRequest, rawResponse, typeOfBody } from './messages.js';
import type { Code, Table } from './notation/blocks.js';
import type { Section } from './sections.js';
import { statusesIn } from './statuses.js';

/** What the blocks of a section say, gathered. */
export interface Gathering {
  readonly parameters: Map<string, Parameter>;
  readonly fields: Field[];
  readonly texts: string[];
  readonly responses: Map<string, DocumentedResponse>;
  body: { readonly type: string; readonly text: string; readonly at: string } | undefined;
  /** What the last heading that says so is about: `Return type`, `Request body`. */
  side: 'request' | 'response' | undefined;
  /** Something is described as the body as a whole. */
  anyBody?: boolean;
  /** The fields of the body are elements. */
  xml?: boolean;
}

const ofResponse = /\b(?:responses?|answers?|results?|returns?|reply|output)\b/i;
const ofRequest = /\b(?:requests?|body|payload|send|input|parameters?|consumes)\b/i;

/** Undefined for words that speak of neither, or of both. */
export function sideOf(label: string): Gathering['side'] {
  const response = ofResponse.test(label);
  if (response === ofRequest.test(label)) return undefined;
  return response ? 'response' : 'request';
}

export function addParameter({ parameters }: Gathering, parameter: Parameter): void {
  const clauses = parameter.type === 'string' ? clausesSaid(parameter.description) : undefined;
  parameters.set(`${parameter.in} ${parameter.name}`, { ...parameter, ...(clauses && { clauses }) });
}

export function takeTable(
  table: Table,
  label: string,
  { method, path }: Section,
  gathered: Gathering,
  warnings: Warning[],
): void {
  const read = fieldsIn(table);
  if (!read) {
    const statuses = statusesIn(table);
    for (const [status, description] of statuses) addResponse(gathered, status, { description });
    if (statuses.length === 0)
      warnings.push({ at: `line ${table.line}`, what: `the table (${table.head.join(', ')}) was not understood` });
    return;
  }
  const { fields, unread } = read;
  for (const one of unread)
    warnings.push({ at: `line ${one.line}`, what: `among fields, this was not read: “${beginning(one.text)}”` });
  const [only, ...others] = fields;
  if (only && others.length === 0 && /\bbody parameter\b/i.test(only.field.description ?? '')) {
    gathered.anyBody = true;
    return;
  }
  const side = sideOf(label) ?? (/\bbody\b/i.test(label) && !/\brequest\b/i.test(label) ? gathered.side : undefined);
  if (side === 'response') {
    addResponse(gathered, '200', { fields: fields.map(({ field }) => field) });
    return;
  }
  for (const one of fields) {
    const place = one.in ?? placeFor(one, label, method, path);
    if (place === 'body') {
      if (!gathered.fields.some(({ name }) => name === one.field.name)) gathered.fields.push(one.field);
      if (read.elements) gathered.xml = true;
    } else addParameter(gathered, { ...one.field, in: place, required: one.field.required || place === 'path' });
  }
}

/** Enough to find it by. */
const beginning = (text: string): string => (text.length > 60 ? `${text.slice(0, 59)}…` : text);

/** Where the table does not say it: by the address, by the words above it, by the method. */
function placeFor({ field }: ReadField, label: string, method: string, path: string): Parameter['in'] | 'body' {
  if (path.includes(`{${field.name}}`)) return 'path';
  if (/\bheaders?\b/i.test(label)) return 'header';
  if (/\bquery\b/i.test(label)) return 'query';
  if (/\b(?:body|payload|form|json)\b/i.test(label)) return 'body';
  return safeMethods.has(method) || method === 'DELETE' ? 'query' : 'body';
}

export function takeCode(block: Code, label: string, section: Section, gathered: Gathering, warnings: Warning[]): void {
  const { text, line } = block;
  const at = `line ${line}`;
  const request = rawRequest(text) ?? commandLine(text);
  if (request) {
    takeRequest(request, section, gathered, at);
    // What comes next came back, if nothing else is said.
    gathered.side = 'response';
    return;
  }
  const response = rawResponse(text);
  if (response) {
    const { status, body, reason } = response;
    // Without a body there is nothing that has a type.
    const facts = body === '' ? { description: reason } : { body, type: response.type, at };
    addResponse(gathered, String(status), facts);
    return;
  }
  const type = typeOfBody(text);
  if (type === undefined) {
    warnings.push({ at, what: 'the example is neither a message nor JSON nor XML' });
    return;
  }
  const status = /\b([1-5]\d\d)\b/.exec(label)?.[1];
  const side = status === undefined ? (sideOf(label) ?? gathered.side) : 'response';
  if (side === 'response' || (safeMethods.has(section.method) && side === undefined))
    addResponse(gathered, status ?? '200', { body: text, type, at });
  else if (!gathered.body) gathered.body = { type, text, at };
  else addResponse(gathered, '200', { body: text, type, at });
}

/** Values of an example go to the parameters that they are of. */
function takeRequest(
  { address, headers, body }: ExampleRequest,
  { path }: Section,
  gathered: Gathering,
  at: string,
): void {
  // Only what follows the host is of interest, and a host may be made up: `https://<your host>/x`.
  const url = new URL(address.replace(/^https?:\/\/[^/?#]*/i, ''), 'http://page.example');
  const parts = url.pathname.split('/');
  for (const [index, part] of path.split('/').entries()) {
    const name = /^\{(.*)\}$/.exec(part)?.[1];
    const known = name === undefined ? undefined : gathered.parameters.get(`path ${name}`);
    const value = percentDecoded(parts[index] ?? '');
    if (known && value !== '' && !/[{}:]/.test(value)) addParameter(gathered, { ...known, example: value });
  }
  for (const [name, value] of url.searchParams) {
    const known = gathered.parameters.get(`query ${name}`) ?? {
      name,
      in: 'query' as const,
      type: 'string',
      required: false,
      certainty: 'guess' as const,
      at,
    };
    const number = /^(?:integer|number)/.test(known.type) && value !== '' && !Number.isNaN(Number(value));
    addParameter(gathered, { ...known, example: number ? Number(value) : value });
  }
  for (const [name, value] of headers) {
    if (/^(?:accept|host|content-(?:type|length)|authorization|user-agent|connection)$/.test(name)) continue;
    if (![...gathered.parameters.keys()].some((key) => key.toLowerCase() === `header ${name}`))
      addParameter(gathered, {
        name,
        in: 'header',
        type: 'string',
        required: false,
        example: value,
        certainty: 'guess',
        at,
      });
  }
  if (body !== '')
    gathered.body = {
      type: headers.get('content-type')?.split(';')[0] ?? typeOfBody(body) ?? 'text/plain',
      text: body,
      at,
    };
}

interface ResponseFacts {
  readonly description?: string;
  readonly fields?: readonly Field[];
  readonly body?: string;
  readonly type?: string;
  readonly at?: string;
}

export function addResponse(
  { responses }: Gathering,
  status: string,
  { description, fields, body, type, at }: ResponseFacts,
): void {
  const before = responses.get(status);
  const example = body === undefined ? undefined : exampleValue(body);
  const inferred =
    example === undefined ? [] : inferFields([example], { certainty: 'guess', ...(at !== undefined && { at }) });
  const known = fields ?? before?.content?.fields ?? [];
  const content: Content | undefined =
    fields || body !== undefined || before?.content
      ? {
          type: type ?? before?.content?.type ?? 'application/json',
          fields: merged(known, inferred),
          ...(example !== undefined
            ? { example }
            : before?.content?.example !== undefined && { example: before.content.example }),
          documentedExample: example !== undefined || before?.content?.documentedExample === true,
        }
      : undefined;
  const said = description || before?.description;
  responses.set(status, {
    status,
    headers: [],
    ...(said !== undefined && { description: said }),
    ...(content && { content }),
  });
}

const exampleValue = (text: string): Value | undefined => {
  if (text.trim() === '') return undefined;
  const json = jsonIn(text);
  return json ? json.value : text;
};

/** What is described first, then what only the example shows. */
function merged(described: readonly Field[], inferred: readonly Field[]): readonly Field[] {
  const names = new Set(described.map(({ name }) => name.split('.')[0]));
  return [...nested(described), ...inferred.filter(({ name }) => !names.has(name))];
}

/** `cargo.kind` is a member of `cargo`. */
function nested(fields: readonly Field[]): readonly Field[] {
  const out: Field[] = [];
  for (const field of fields) {
    const [holder, ...rest] = field.name.replaceAll('[]', '').split('.');
    const above = rest.length > 0 ? out.findIndex(({ name }) => name === holder) : -1;
    const parent = out[above];
    if (!parent) out.push(field);
    else out[above] = { ...parent, fields: nested([...(parent.fields ?? []), { ...field, name: rest.join('.') }]) };
  }
  return out;
}

export function bodyOf({ body, fields, anyBody = false, xml = false }: Gathering, method: string): Body | undefined {
  if ((!body && fields.length === 0 && !anyBody) || safeMethods.has(method)) return undefined;
  const example = body && exampleValue(body.text);
  const inferred = example === undefined ? [] : inferFields([example], { certainty: 'guess', at: body?.at ?? '' });
  return {
    type: body?.type ?? (xml ? 'application/xml' : 'application/json'),
    required: true,
    otherTypes: [],
    fields: withExamples(merged(fields, inferred), example),
    ...(example !== undefined && { example }),
    documentedExample: example !== undefined,
  };
}
