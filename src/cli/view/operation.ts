/** One documented operation in words and tables. */

import { wrapAnsi } from 'fast-wrap-ansi';
import type { Link } from '../../core/documentation/explore/links.js';
import type { Content, DocumentedResponse, Operation } from '../../core/documentation/model/model.js';
import type { Value } from '../../core/value/written.js';
import type { Terminal } from '../terminal/terminal.js';
import { fieldsText, type InPlace, linkedType } from './field-table.js';
import { colouredJson } from './json.js';
import { printable, printableLine, proseLine } from './printable.js';
import { table } from './table.js';
import { isPlain, plainLines } from './text-width.js';

/** What a page that can be gone through shows more. */
export interface Around {
  /** Fields that are opened in place, by their paths. */
  readonly opened: ReadonlySet<string>;
  /** The names of all types of the source. */
  readonly types: ReadonlySet<string>;
  /** Operations that what this one returns leads to. */
  readonly usedBy: readonly Link[];
  /** Requests and trails of the collection. */
  readonly users: { readonly requests: readonly string[]; readonly trails: readonly string[] };
}

/** @param depth levels of fields within fields; else as many as fit */
export function operationText(
  operation: Operation,
  links: readonly Link[],
  terminal: Terminal,
  depth?: number,
  around?: Around,
): string {
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
  const inPlace = (of: string): InPlace | undefined =>
    around && { of, opened: around.opened, source, types: around.types };
  const blocks = [
    [
      `${title(`${source}/${id}`)}${summary === undefined ? '' : `  ${proseLine(summary)}`}${deprecated ? out.yellow('  deprecated') : ''}`,
      `${out.cyan(method)} ${path}   ${out.dim(`group ${group}, ${changes ? 'changes something' : 'changes nothing'}${certainty === undefined ? '' : `, read from ${at}: ${certainty}`}`)}`,
      ...(description !== undefined && description !== summary ? [proseText(description, terminal, depth)] : []),
    ].join('\n'),
    around && usersText(around, terminal),
    authenticationText(operation, terminal),
    parameters.length > 0 &&
      `${title('parameters')}\n${fieldsText({ fields: parameters }, terminal, { where: true, depth, inPlace: inPlace('parameters') })}`,
    body &&
      `${title('body')}  ${body.type}${body.required ? '' : ', optional'}${body.otherTypes.length > 0 ? `, also ${body.otherTypes.join(', ')}` : ''}\n${contentText(body, terminal, depth, inPlace('body'))}`,
    links.length > 0 && `${title('possible sources')}\n${linkTable(links, operation.source, terminal)}`,
    graphql && `${title('returns')}  ${linkedType(graphql.returns, terminal, inPlace('returns'))}`,
    soap &&
      `${title('action')}  "${soap.action}"\n${title('address')}  ${soap.address}   ${out.dim(`SOAP ${soap.version}, ${soap.style}/${soap.use}, port ${soap.port}`)}`,
    responses.length === 0
      ? `${title('responses')}  none is documented`
      : `${title('responses')}\n${responses.map((response) => responseText(response, terminal, depth)).join('\n')}`,
    callbacks.length > 0 && `${title('calls back')}\n${callbacks.map((one) => `  ${printableLine(one)}`).join('\n')}`,
    around &&
      around.usedBy.length > 0 &&
      `${title('used by')}\n${linkTable(around.usedBy, operation.source, terminal)}`,
    !around && `${title('draft')}  echo-trail draft ${source}/${id}`,
  ];
  return blocks.filter((block) => typeof block === 'string').join('\n\n');
}

/** Prose, wrapped; cut to half a screen unless --depth is given. */
function proseText(text: string, { width, height, out }: Terminal, depth: number | undefined): string {
  const lines = printable(text)
    .split('\n')
    .flatMap((line) =>
      isPlain(line) ? plainLines(line, width) : wrapAnsi(line, width, { wordWrap: true, trim: false }).split('\n'),
    );
  const most = Math.floor(height / 2);
  if (depth !== undefined || lines.length <= most + 1) return lines.join('\n');
  return [...lines.slice(0, most), out.dim(`and ${lines.length - most} more lines: --json has them`)].join('\n');
}

function linkTable(links: readonly Link[], source: string, terminal: Terminal): string {
  const { out } = terminal;
  return table(
    links.map(({ name, operation, place, guess }) => [
      out.cyan(name),
      out.link(`${source}/${operation}`, `operation:${source}/${operation}`),
      place,
      guess ? out.dim('guessed') : '',
    ]),
    terminal,
    { indent: 2 },
  );
}

/** What the collection has for it already. */
function usersText({ users: { requests, trails } }: Around, { out }: Terminal): string | undefined {
  if (requests.length === 0) return undefined;
  const linked = requests.map((one) => out.link(printableLine(one), `request:${one}`)).join(', ');
  return `${out.bold('requests')}  ${linked}${trails.length === 0 ? '' : out.dim(`   in the trails ${trails.join(', ')}`)}`;
}

/** In a line; behind it what the vendor says of each scheme: who issues a key, what a signature is made of. */
function authenticationText(operation: Operation, { out }: Terminal): string {
  const { security } = operation;
  if (security.length === 0) return `${out.bold('authentication')}  ${unsaid(operation)}`;
  const needs = security.map(({ schemes }) => schemes.map(({ name, about }) => `${name}: ${about}`).join(' and '));
  const prose = security
    .flatMap(({ schemes }) => schemes)
    .flatMap(({ description = '' }) => (description === '' ? [] : printable(description).split('\n')));
  return [`${out.bold('authentication')}  ${needs.join('; or ')}`, ...prose.map((line) => `  ${line}`.trimEnd())].join(
    '\n',
  );
}

/** Only an OpenAPI document says that none is required; others do not speak of it. */
const unsaid = ({ protocol, certainty }: Operation): string =>
  protocol === 'http' && certainty === undefined ? 'none required' : 'not documented';

function contentText(
  content: Content,
  terminal: Terminal,
  depth: number | undefined,
  inPlace: InPlace | undefined,
): string {
  const { out } = terminal;
  const shown = content.documentedExample ? 'documented example' : 'example, made from the fields';
  const parts = [
    (content.alternatives ?? content.fields).length > 0 && fieldsText(content, terminal, { depth, inPlace }),
    content.example !== undefined && `  ${out.dim(shown)}\n${indent(exampleText(content, terminal, depth), 2)}`,
  ];
  return parts.filter((part) => typeof part === 'string').join('\n\n');
}

/** XML and other text as it is; JSON folded to fit a screen unless --depth is given. */
function exampleText({ type, example }: Content, { out, height }: Terminal, depth: number | undefined): string {
  if (typeof example === 'string' && !/[/+]json\b/.test(type)) return printable(example);
  const value = example as Value;
  if (depth !== undefined) return colouredJson(value, out);
  const lines = (text: string): number => text.split('\n').length;
  const whole = colouredJson(value, out);
  if (lines(whole) <= height) return whole;
  for (let levels = deepestExample; levels > 1; levels -= 1) {
    const folded = colouredJson(value, out, undefined, levels);
    if (lines(folded) <= height) return folded;
  }
  return colouredJson(value, out, undefined, 1);
}

const deepestExample = 6;

function responseText(
  { status, description, content, headers }: DocumentedResponse,
  terminal: Terminal,
  depth: number | undefined,
): string {
  const { out } = terminal;
  const paint = /^2/.test(status) ? out.green : /^[45]/.test(status) ? out.red : out.yellow;
  // Of a refusal only what the vendor gives as an example; one made from its fields says nothing new.
  const shown = content?.example !== undefined && (/^2/.test(status) || content.documentedExample);
  const made = shown && !content.documentedExample ? ', made from its fields' : '';
  const lines = [
    `  ${[paint(status), proseLine(description ?? ''), content ? out.dim(`${content.type}${made}`) : ''].filter(Boolean).join('  ')}`,
  ];
  if (headers.length > 0)
    lines.push(
      ...headers.map(({ name, description: about }) => `       header ${out.cyan(name)}  ${proseLine(about ?? '')}`),
    );
  if (shown) lines.push(indent(exampleText(content, terminal, depth), 7));
  return lines.join('\n');
}

const indent = (text: string, by: number): string => text.replace(/^/gm, ' '.repeat(by));
