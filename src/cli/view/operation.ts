/** One documented operation in words and tables. */

import type { Link } from '../../core/documentation/explore/links.js';
import { limitsText } from '../../core/documentation/model/limits-text.js';
import type {
  Alternative,
  ClauseTerms,
  Content,
  DocumentedResponse,
  Field,
  Operation,
  Parameter,
} from '../../core/documentation/model/model.js';
import { textOf } from '../../core/value/text.js';
import type { Value } from '../../core/value/written.js';
import type { Terminal } from '../terminal/terminal.js';
import { colouredJson } from './json.js';
import { printable, printableLine } from './printable.js';
import { table } from './table.js';

export function operationText(operation: Operation, links: readonly Link[], terminal: Terminal): string {
  const {
    source,
    id,
    method,
    path,
    summary,
    description,
    parameters,
    body,
    responses,
    deprecated,
    changes,
    group,
    callbacks = [],
    graphql,
    soap,
    certainty,
    at,
  } = operation;
  const { out } = terminal;
  const title = (text: string): string => out.bold(text);
  const blocks = [
    [
      `${title(`${source}/${id}`)}${summary === undefined ? '' : `  ${printableLine(summary)}`}${deprecated ? out.yellow('  deprecated') : ''}`,
      `${out.cyan(method)} ${path}   ${out.dim(`group ${group}, ${changes ? 'changes something' : 'changes nothing'}${certainty === undefined ? '' : `, read from ${at}: ${certainty}`}`)}`,
      ...(description !== undefined && description !== summary ? [printable(description)] : []),
    ].join('\n'),
    authenticationText(operation, terminal),
    parameters.length > 0 && `${title('parameters')}\n${fieldTable(parameters, terminal, true)}`,
    body &&
      `${title('body')}  ${body.type}${body.required ? '' : ', optional'}${body.otherTypes.length > 0 ? `, also ${body.otherTypes.join(', ')}` : ''}\n${contentText(body, terminal, true)}`,
    links.length > 0 && `${title('possible sources')}\n${linkTable(links, operation.source, terminal)}`,
    graphql && `${title('returns')}  ${graphql.returns}`,
    soap &&
      `${title('action')}  "${soap.action}"\n${title('address')}  ${soap.address}   ${out.dim(`SOAP ${soap.version}, ${soap.style}/${soap.use}, port ${soap.port}`)}`,
    responses.length === 0
      ? `${title('responses')}  none is documented`
      : `${title('responses')}\n${responses.map((response) => responseText(response, terminal)).join('\n')}`,
    callbacks.length > 0 && `${title('calls back')}\n${callbacks.map((one) => `  ${printableLine(one)}`).join('\n')}`,
    `${title('draft')}  echo-trail draft ${source}/${id}`,
  ];
  return blocks.filter((block) => typeof block === 'string').join('\n\n');
}

function linkTable(links: readonly Link[], source: string, terminal: Terminal): string {
  const { out } = terminal;
  return table(
    links.map(({ name, operation, place, guess }) => [
      out.cyan(name),
      `${source}/${operation}`,
      place,
      guess ? out.dim('guessed') : '',
    ]),
    terminal,
    { indent: 2 },
  );
}

/** In a line; behind it the prose, where a scheme is more than a line can say. */
function authenticationText(operation: Operation, { out }: Terminal): string {
  const { security } = operation;
  if (security.length === 0) return `${out.bold('authentication')}  ${unsaid(operation)}`;
  const needs = security.map(({ schemes }) => schemes.map(({ name, about }) => `${name}: ${about}`).join(' and '));
  const prose = security
    .flatMap(({ schemes }) => schemes)
    .flatMap(({ description }) => (description?.includes('\n') ? printable(description).split('\n') : []));
  return [`${out.bold('authentication')}  ${needs.join('; or ')}`, ...prose.map((line) => `  ${line}`.trimEnd())].join(
    '\n',
  );
}

/** Only an OpenAPI document says that none is required; others do not speak of it. */
const unsaid = ({ protocol, certainty }: Operation): string =>
  protocol === 'http' && certainty === undefined ? 'none required' : 'not documented';

function contentText(content: Content, terminal: Terminal, toSend: boolean): string {
  const parts = [
    content.alternatives
      ? alternativesText(content.alternatives, terminal)
      : content.fields.length > 0 && fieldTable(content.fields, terminal, false),
    content.example !== undefined &&
      `  ${terminal.out.dim(content.documentedExample ? 'documented example' : toSend ? 'example, made from the fields' : 'made from the fields')}\n${indent(exampleText(content, terminal), 2)}`,
  ];
  return parts.filter((part) => typeof part === 'string').join('\n\n');
}

/** A text that is no JSON, such as XML, as it stands. */
const exampleText = ({ type, example }: Content, { out }: Terminal): string =>
  typeof example === 'string' && !/[/+]json\b/.test(type) ? printable(example) : colouredJson(example as Value, out);

function responseText({ status, description, content, headers }: DocumentedResponse, terminal: Terminal): string {
  const { out } = terminal;
  const paint = /^2/.test(status) ? out.green : /^[45]/.test(status) ? out.red : out.yellow;
  // Of a refusal only what the vendor gives as an example; one made from its fields says nothing new.
  const shown = content?.example !== undefined && (/^2/.test(status) || content.documentedExample);
  const made = shown && !content.documentedExample ? ', made from its fields' : '';
  const lines = [
    `  ${[paint(status), printableLine(description ?? ''), content ? out.dim(`${content.type}${made}`) : ''].filter(Boolean).join('  ')}`,
  ];
  if (headers.length > 0)
    lines.push(
      ...headers.map(
        ({ name, description: about }) => `       header ${out.cyan(name)}  ${printableLine(about ?? '')}`,
      ),
    );
  if (shown) lines.push(indent(exampleText(content, terminal), 7));
  return lines.join('\n');
}

/** One of several shapes: each with its name, and what chooses it. */
export function alternativesText(alternatives: readonly Alternative[], terminal: Terminal): string {
  return alternatives
    .map(({ name, when, fields }, index) => {
      const head = `  ${index === 0 ? 'either' : 'or'} ${terminal.out.bold(name)}${when === undefined ? '' : terminal.out.dim(`  where ${when}`)}`;
      return fields.length === 0 ? head : `${head}\n${fieldTable(fields, terminal, false)}`;
    })
    .join('\n\n');
}

/** Nested fields stand below their holder, indented. */
export function fieldTable(fields: readonly (Field | Parameter)[], terminal: Terminal, where: boolean): string {
  const { out } = terminal;
  const rows: string[][] = [];
  const add = (list: readonly (Field | Parameter)[], depth: number): void => {
    for (const field of list) {
      const notes = [
        field.readOnly && 'read-only',
        field.writeOnly && 'write-only',
        field.deprecated && 'deprecated',
        field.recursive && `a ${field.recursive} again`,
        field.more !== undefined && `more: --depth${field.more === '' ? '' : `, or --type ${field.more}`}`,
        'style' in field && field.style,
        'media' in field && field.media !== undefined && `as ${field.media}`,
        'from' in field && field.from,
        field.certainty && field.certainty !== 'sure' && field.certainty,
        field.at,
      ]
        .filter(Boolean)
        .join(', ');
      rows.push([
        `${'  '.repeat(depth)}${out.cyan(field.name)}`,
        where && 'in' in field ? field.in : '',
        field.type,
        field.required ? out.bold('required') : '',
        field.default === undefined ? '' : textOf(field.default) || '""',
        'clauses' in field && field.clauses ? clausesText(field.clauses) : limitsText(field),
        notes,
        printableLine(shortened(field.description ?? '')),
      ]);
      if (field.alternatives) {
        for (const { name, when, fields: inner } of field.alternatives) {
          rows.push([
            `${'  '.repeat(depth + 1)}${out.dim(`as ${name}`)}`,
            '',
            when === undefined ? '' : out.dim(`where ${when}`),
            '',
            '',
            '',
            '',
            '',
          ]);
          add(inner, depth + 2);
        }
      } else if (field.fields) add(field.fields, depth + 1);
    }
  };
  add(fields, 0);
  return table(rows, terminal, {
    indent: 2,
    head: ['name', 'where', 'type', '', 'default', 'allowed', 'notes', 'description'],
    flexible: [5, 7],
  });
}

/** In a table a long description pushes everything else out of sight; `--json` has it whole. */
const longestDescription = 300;

function shortened(text: string): string {
  if (text.length <= longestDescription) return text;
  return `${text.slice(0, text.lastIndexOf(' ', longestDescription) + 1 || longestDescription).trimEnd()} …`;
}

/** What the clauses of a filter may name. */
function clausesText({ fields, operators }: ClauseTerms): string {
  const parts = [
    fields.length > 0 && `clauses of ${fields.join(', ')}`,
    operators.length > 0 && `with ${operators.join(', ')}`,
  ];
  return parts.filter(Boolean).join(' ');
}

const indent = (text: string, by: number): string => text.replace(/^/gm, ' '.repeat(by));
