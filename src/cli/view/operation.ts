/** One documented operation in words and tables. */
import { limitsText } from '../../core/documentation/limits-text.js';
import type { Answer, Content, Field, Operation, Parameter } from '../../core/documentation/model.js';
import { textOf } from '../../core/value/text.js';
import type { Terminal } from '../terminal.js';
import { colouredJson } from './json.js';
import { printable, printableLine } from './printable.js';
import { table } from './table.js';

export function operationText(operation: Operation, terminal: Terminal): string {
  const {
    source,
    id,
    method,
    path,
    summary,
    description,
    parameters,
    body,
    answers,
    security,
    deprecated,
    changes,
    group,
  } = operation;
  const { out } = terminal;
  const title = (text: string): string => out.bold(text);
  const blocks = [
    [
      `${title(`${source}/${id}`)}${summary === undefined ? '' : `  ${printableLine(summary)}`}${deprecated ? out.yellow('  deprecated') : ''}`,
      `${out.cyan(method)} ${path}   ${out.dim(`group ${group}, ${changes ? 'changes something' : 'changes nothing'}`)}`,
      ...(description !== undefined && description !== summary ? [printable(description)] : []),
    ].join('\n'),
    `${title('wants')}  ${security.length === 0 ? 'no authentication' : security.map(({ schemes }) => schemes.map(({ name, about }) => `${name}: ${about}`).join(' and ')).join('; or ')}`,
    parameters.length > 0 && `${title('parameters')}\n${fieldTable(parameters, terminal, true)}`,
    body &&
      `${title('body')}  ${body.type}${body.required ? '' : ', optional'}${body.otherTypes.length > 0 ? `, also ${body.otherTypes.join(', ')}` : ''}\n${contentText(body, terminal, true)}`,
    `${title('answers')}\n${answers.map((answer) => answerText(answer, terminal)).join('\n')}`,
    `${title('draft')}  echo-trail draft ${source}/${id}`,
  ];
  return blocks.filter((block) => typeof block === 'string').join('\n\n');
}

function contentText(content: Content, terminal: Terminal, toSend: boolean): string {
  const parts = [
    content.fields.length > 0 && fieldTable(content.fields, terminal, false),
    content.example !== undefined &&
      `  ${terminal.out.dim(content.documentedExample ? 'documented example' : toSend ? 'example, made from the fields' : 'made from the fields')}\n${indent(colouredJson(content.example, terminal.out), 2)}`,
  ];
  return parts.filter((part) => typeof part === 'string').join('\n\n');
}

function answerText({ status, description, content, headers }: Answer, terminal: Terminal): string {
  const { out } = terminal;
  const paint = /^2/.test(status) ? out.green : /^[45]/.test(status) ? out.red : out.yellow;
  const lines = [
    `  ${paint(status)}  ${printableLine(description ?? '')}${content ? out.dim(`  ${content.type}`) : ''}`,
  ];
  if (headers.length > 0)
    lines.push(
      ...headers.map(
        ({ name, description: about }) => `       header ${out.cyan(name)}  ${printableLine(about ?? '')}`,
      ),
    );
  // Of a refusal only what the vendor gives as an example; one made from its fields says nothing new.
  if (content?.example !== undefined && (/^2/.test(status) || content.documentedExample))
    lines.push(indent(colouredJson(content.example, out), 7));
  return lines.join('\n');
}

/** Nested fields stand below their holder, indented. */
function fieldTable(fields: readonly (Field | Parameter)[], terminal: Terminal, where: boolean): string {
  const { out } = terminal;
  const rows: string[][] = [];
  const add = (list: readonly (Field | Parameter)[], depth: number): void => {
    for (const field of list) {
      const notes = [
        field.readOnly && 'read-only',
        field.writeOnly && 'write-only',
        field.deprecated && 'deprecated',
        field.recursive && `a ${field.recursive} again`,
      ]
        .filter(Boolean)
        .join(', ');
      rows.push([
        `${'  '.repeat(depth)}${out.cyan(field.name)}`,
        where && 'in' in field ? field.in : '',
        field.type,
        field.required ? out.bold('required') : '',
        field.default === undefined ? '' : textOf(field.default) || '""',
        limitsText(field),
        notes,
        printableLine(field.description ?? ''),
      ]);
      if (field.fields) add(field.fields, depth + 1);
    }
  };
  add(fields, 0);
  return table(rows, terminal, {
    indent: 2,
    head: ['name', 'where', 'type', '', 'default', 'allowed', 'notes', 'description'],
    flexible: [5, 7],
  });
}

const indent = (text: string, by: number): string => text.replace(/^/gm, ' '.repeat(by));
