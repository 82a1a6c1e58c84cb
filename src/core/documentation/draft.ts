/** A request file written from the documentation: what is required is active, the rest is there as comments. */
import { stringify } from 'yaml';
import { textOf } from '../value/text.js';
import type { Value } from '../value/written.js';
import { limitsText } from './limits-text.js';
import type { Field, Operation, Parameter } from './model.js';

export interface DraftSettings {
  /** From the request file to the JSON Schema that editors understand. */
  readonly schema: string;
  /** The only session of the collection, where there is just one. */
  readonly session?: string | undefined;
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
export function draftRequest(operation: Operation, { schema, session }: DraftSettings): string {
  const inputs = new Inputs();
  const at = (where: Parameter['in']): readonly Parameter[] =>
    operation.parameters.filter((parameter) => parameter.in === where);
  const path = at('path').map((parameter) => inputs.add(parameter, [parameter.name], 'path'));
  const renamed = at('path').flatMap(({ name }, index) =>
    path[index] === name ? [] : [{ active: true, text: `${key(name)}: \${${path[index]}}` }],
  );
  const query = at('query').map((parameter) => parameterLine(parameter, inputs));
  const headers = at('header').map((parameter) => parameterLine(parameter, inputs));
  const body = bodyLines(operation, inputs);
  const answer = operation.answers.find(({ status }) => /^2/.test(status));
  const accept = answer?.content?.type;

  const blocks: Line[][] = [
    [active(`# yaml-language-server: $schema=${schema}`)],
    [
      active(`about: ${scalar(oneLine(operation.summary ?? operation.description ?? operation.id))}`),
      active(`operation: ${scalar(`${operation.source}/${operation.id}`)}`),
      ...(operation.deprecated ? [active('# The documentation calls this operation deprecated.')] : []),
    ],
    block('inputs', inputs.lines()),
    [active(`method: ${operation.method}`), active(`url: ${addressText(operation.path)}`)],
    block('path', renamed),
    block('query', query),
    block('headers', [...(accept ? [active(`Accept: ${scalar(accept)}`)] : []), ...headers]),
    sessionLines(operation, session),
    body,
    block('expect', expectations(answer)),
    block('keep', keeps(answer)),
  ];
  return `${blocks
    .filter((lines) => lines.length > 0)
    .map((lines) => lines.map(({ active: on, text }) => (on ? text : commented(text))).join('\n'))
    .join('\n')}\n`;
}

/** A line of the file; an inactive one is a comment. */
interface Line {
  readonly active: boolean;
  readonly text: string;
}

const active = (text: string): Line => ({ active: true, text });

const commented = (text: string): string => text.replace(/^(\s*)/, '$1# ');

/** A key with lines below it; where none of them is active, the key is a comment too. */
function block(name: string, lines: readonly Line[]): Line[] {
  if (lines.length === 0) return [];
  return [
    { active: lines.some((line) => line.active), text: `${name}:` },
    ...lines.map((line) => ({ ...line, text: `  ${line.text}` })),
  ];
}

/** Inputs by name, in the order in which they were needed. */
class Inputs {
  private readonly fields = new Map<string, Field>();

  /** The name of the input for a field; a second field of that name gets its holder's name before it. */
  add(field: Field, path: readonly string[], holder: string): string {
    const own = inputName(field.name);
    const longer = inputName([...path.slice(-2, -1), field.name].join('-'));
    const name =
      [own, longer, inputName(`${holder}-${field.name}`)].find((candidate) => !this.fields.has(candidate)) ??
      `${own}-${this.fields.size}`;
    this.fields.set(name, field);
    return name;
  }

  lines(): Line[] {
    return [...this.fields].flatMap(([name, field]) => [
      active(`${name}:`),
      ...[
        field.description && `about: ${scalar(oneLine(field.description))}`,
        `type: ${plainType(field.type)}`,
        ...matcherLines(field),
        field.default !== undefined && `default: ${flow(field.default)}`,
        field.example !== undefined && field.default === undefined && `# such as ${flow(field.example)}`,
      ]
        .filter((line) => typeof line === 'string')
        .map((line) => active(`  ${line}`)),
    ]);
  }
}

/** Allowed values and limits that an input understands. */
function matcherLines({ allowed, limits = {}, type }: Field): string[] {
  const lines = allowed && !type.startsWith('array') ? [`one-of: ${flow(allowed as Value)}`] : [];
  for (const name of ['at-least', 'at-most', 'over', 'under', 'matches'] as const) {
    const value = limits[name];
    if (value !== undefined) lines.push(`${name}: ${flow(value)}`);
  }
  return lines;
}

const inputName = (name: string): string =>
  name.replace(/[^\p{L}\p{N}_]+/gu, '-').replace(/^[^\p{L}_]+|-$/gu, '') || 'value';

function plainType(type: string): string {
  const word = /^[a-z]+/.exec(type)?.[0] ?? 'string';
  return ['string', 'number', 'integer', 'boolean', 'array', 'object'].includes(word) ? word : 'string';
}

function parameterLine(parameter: Parameter, inputs: Inputs): Line {
  if (parameter.required)
    return active(
      `${key(parameter.name)}: ${reference(inputs.add(parameter, [parameter.name], parameter.in))}${remark(parameter)}`,
    );
  return { active: false, text: `${key(parameter.name)}: ${flow(sample(parameter))}${remark(parameter)}` };
}

/** `integer, 1 to 14, default 1: nights at the berth`, as a comment behind a value. */
function remark(field: Field): string {
  const facts = [
    field.type,
    limitsText(field),
    field.default !== undefined && `default ${textOf(field.default) || '""'}`,
  ]
    .filter(Boolean)
    .join(', ');
  const about = field.description === undefined ? '' : `: ${oneLine(field.description)}`;
  return `   # ${facts}${about}${field.deprecated ? ' (deprecated)' : ''}`;
}

function sample(field: Field): Value {
  if (field.example !== undefined) return field.example;
  if (field.default !== undefined) return field.default;
  const item =
    field.allowed?.[0] ??
    { integer: 1, number: 1, boolean: true }[plainType(field.type.replace(/^array of /, ''))] ??
    'text';
  return field.type.startsWith('array') ? [item] : item;
}

function bodyLines({ body }: Operation, inputs: Inputs): Line[] {
  if (!body) return [];
  const json = /[/+]json\b/.test(body.type);
  const form = body.type === 'application/x-www-form-urlencoded';
  if (!json && !form) {
    return [{ active: false, text: `body: {text: ""}   # ${body.type}, which this version does not draft` }];
  }
  const kind = json ? 'json' : 'form';
  const fields = body.fields.filter((field) => !field.readOnly);
  const lines = body.fields.length === 0 ? [] : members(fields, [], inputs, true);
  if (lines.length === 0)
    return block('body', [active(`${kind}: ${body.example === undefined ? '{}' : flow(body.example)}`)]);
  if (!lines.some((line) => line.active)) {
    // A body of comments only would be no body at all.
    return [
      active('body:'),
      active(`  ${kind}:`),
      active('    {}'),
      ...lines.map((line) => ({ ...line, text: `    ${line.text}` })),
    ];
  }
  return block('body', block(kind, lines));
}

function members(fields: readonly Field[], path: readonly string[], inputs: Inputs, on: boolean): Line[] {
  return fields
    .filter((field) => !field.readOnly)
    .flatMap((field) => {
      const here = [...path, field.name];
      const use = on && field.required;
      const list = field.type.startsWith('array');
      if (field.fields && field.fields.length > 0) {
        const inner = members(field.fields, here, inputs, use);
        const below = list ? asItem(inner) : inner.map((line) => ({ ...line, text: `  ${line.text}` }));
        return [{ active: use, text: `${key(field.name)}:${remark(field)}` }, ...below];
      }
      const value = use ? reference(inputs.add(field, here, 'body')) : flow(sample(field));
      return [{ active: use, text: `${key(field.name)}: ${value}${remark(field)}` }];
    });
}

/** Members as the one item of a list: the dash stands before the first active one. */
function asItem(lines: readonly Line[]): Line[] {
  const first = Math.max(
    0,
    lines.findIndex((line) => line.active),
  );
  return lines.map((line, index) => ({ ...line, text: `${index === first ? '  - ' : '    '}${line.text}` }));
}

function sessionLines({ security }: Operation, session: string | undefined): Line[] {
  if (security.length === 0) return [active('session: none')];
  const wanted = security
    .map(({ schemes }) => schemes.map(({ name, about }) => `${name}, ${about}`).join(' and '))
    .join('; or ');
  return session === undefined
    ? [{ active: false, text: `session: NAME   # the documentation wants ${wanted}` }]
    : [active(`session: ${scalar(session)}   # the documentation wants ${wanted}`)];
}

function expectations(answer: Operation['answers'][number] | undefined): Line[] {
  if (!answer) return [];
  const lines = [active(`status: ${/^\d+$/.test(answer.status) ? answer.status : answer.status.toLowerCase()}`)];
  if (answer.content) lines.push(active(`header.content-type: {starts-with: ${scalar(answer.content.type)}}`));
  if (answer.content?.schema !== undefined) lines.push(active('$: {schema: documented}'));
  return lines;
}

/** What the server sets is what the next request usually needs. */
function keeps(answer: Operation['answers'][number] | undefined): Line[] {
  const array = JSON.stringify(answer?.content?.schema ?? null).startsWith('{"type":"array"');
  const own = (answer?.content?.fields ?? [])
    .filter((field) => field.readOnly || /^id$|Id$|_id$/.test(field.name))
    .slice(0, 3);
  const lines = array ? [] : own.map((field) => ({ active: false, text: `${inputName(field.name)}: $.${field.name}` }));
  if (answer?.headers.some((header) => header.name.toLowerCase() === 'location'))
    lines.push({ active: false, text: 'address: header.location' });
  return lines;
}

function addressText(path: string): string {
  const plain = path.replace(/\{([^}]+)\}/g, (_, name: string) => `{${name}}`);
  return `\${origin}${plain}`;
}

const reference = (name: string): string => `\${${name}}`;

const oneLine = (text: string): string => (text.split(/\n/)[0] ?? '').trim();

const key = (name: string): string => scalar(name);

/** A text as YAML, quoted where it has to be. */
function scalar(text: string): string {
  return stringify(text, { lineWidth: 0, defaultStringType: 'PLAIN' }).trimEnd();
}

function flow(value: Value): string {
  if (typeof value === 'string') return scalar(value);
  return stringify(value, { collectionStyle: 'flow', lineWidth: 0, flowCollectionPadding: false }).trimEnd();
}
