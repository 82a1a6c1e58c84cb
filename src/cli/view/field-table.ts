/** Fields of a body, a type or a response, and parameters, as a table: fields too deep to fit are folded, and counted. */
import { wrapAnsi } from 'fast-wrap-ansi';
import { limitsText } from '../../core/documentation/model/limits-text.js';
import type { Alternative, ClauseTerms, Field, Parameter } from '../../core/documentation/model/model.js';
import { textOf } from '../../core/value/text.js';
import { colouredLines } from '../terminal/colours.js';
import type { Colours, Terminal } from '../terminal/terminal.js';
import { printableLine, proseLine } from './printable.js';
import { table } from './table.js';

type Row = Field | Parameter;

interface Holder {
  readonly fields: readonly Row[];
  readonly alternatives?: readonly Alternative[] | undefined;
}

export interface FieldSettings {
  /** Levels of fields within fields; else as many as fit two screens. */
  readonly depth?: number | undefined;
  /** Whether the place of each is a column: of parameters. */
  readonly where?: boolean;
  readonly inPlace?: InPlace | undefined;
}

/** Where fields can be opened in place. */
export interface InPlace {
  /** What stands before the paths of these fields: `body`, `parameters`. */
  readonly of: string;
  /** The paths of those that are open, however deep. */
  readonly opened: ReadonlySet<string>;
  /** Before the names of types. */
  readonly source: string;
  /** The names of all types of the source. */
  readonly types: ReadonlySet<string>;
}

/** What a type is called, as a link where it has a page of its own. */
export function linkedType(type: string, { out }: Terminal, inPlace: InPlace | undefined): string {
  const name = /[\w.]+/.exec(type)?.[0];
  if (name === undefined || !inPlace?.types.has(name)) return type;
  return type.replace(name, () => out.link(name, `type:${inPlace.source}/${name}`));
}

/** What a link leads to: a field, by its path, opens in place. */
const unfoldLink = 'unfold:';

/** How much of the fields is shown: levels of fields within fields, and characters of a description. */
interface Extent {
  readonly levels: number;
  readonly longest: number;
  readonly inPlace: InPlace | undefined;
}

/** The most levels that are tried without --depth. */
export const deepestFitting = 3;

export function fieldsText(
  holder: Holder,
  terminal: Terminal,
  { depth, where = false, inPlace }: FieldSettings,
): string {
  const text = (extent: Extent): string =>
    holder.alternatives
      ? alternativesText(holder.alternatives, terminal, extent)
      : fieldTable(holder.fields, terminal, extent, where);
  if (depth !== undefined) return text({ levels: depth, longest: longestDescription, inPlace });
  for (let levels = deepestFitting; levels >= 0; levels -= 1) {
    const shown = text({ levels, longest: longestDescription, inPlace });
    if (shown.split('\n').length <= 2 * terminal.height) return shown;
  }
  return text({ levels: 0, longest: shortDescription, inPlace });
}

/** One of several shapes: each with its name, and what chooses it. */
function alternativesText(alternatives: readonly Alternative[], terminal: Terminal, extent: Extent): string {
  return alternatives
    .map(({ name, when, fields }, index) => {
      const head = `  ${index === 0 ? 'either' : 'or'} ${terminal.out.bold(name)}${when === undefined ? '' : terminal.out.dim(`  where ${when}`)}`;
      return fields.length === 0 ? head : `${head}\n${fieldTable(fields, terminal, extent, false)}`;
    })
    .join('\n\n');
}

/** Nested fields stand below their holder, indented. */
function fieldTable(
  fields: readonly Row[],
  terminal: Terminal,
  { levels, longest, inPlace }: Extent,
  where: boolean,
): string {
  const { out } = terminal;
  const rows: string[][] = [];
  const add = (list: readonly Row[], level: number, indent: number, holder: string): void => {
    for (const field of list) {
      const inner = field.fields ?? [];
      const shapes = field.alternatives ?? [];
      const path = `${holder}.${field.name}`;
      const open = inPlace?.opened.has(path) === true;
      const folded = level >= levels && !open;
      const below = inPlace && { out, path, open, source: inPlace.source };
      const notes = notesOf(field, folded || open ? belowOf(field) : undefined, level, below);
      const about = [
        notes === '' ? '' : out.dim(`(${notes})`),
        shortened(proseLine(linkTexts(field.description ?? '')), longest),
      ];
      rows.push([
        `${'  '.repeat(indent)}${out.cyan(field.name)}`,
        where && 'in' in field ? field.in : '',
        linkedType(field.type, terminal, inPlace),
        field.required ? out.bold('required') : '',
        field.default === undefined ? '' : shortened(printableLine(textOf(field.default) || '""'), longestDefault),
        shortened('clauses' in field && field.clauses ? clausesText(field.clauses) : limitsText(field), longestLimits),
        about.filter((one) => one !== '').join(' '),
      ]);
      if (folded) continue;
      if (shapes.length === 0) add(inner, level + 1, indent + 1, path);
      for (const { name, when, fields: own } of shapes) {
        const choice = when === undefined ? '' : out.dim(`where ${when}`);
        rows.push([`${'  '.repeat(indent + 1)}${out.dim(`as ${name}`)}`, '', choice, '', '', '', '']);
        add(own, level + 1, indent + 2, `${path}.${name}`);
      }
    }
  };
  add(fields, 0, 0, inPlace?.of ?? '');
  if (terminal.width < narrow) return rows.map((row) => narrowRow(row, terminal.width)).join('\n');
  return table(rows, terminal, {
    indent: 2,
    head: ['name', 'where', 'type', '', 'default', 'allowed', 'description'],
    flexible: [2, 4, 5, 6],
    favoured: 6,
  });
}

/** Columns below which the cells of a field do not fit side by side. */
const narrow = 72;

/** What a field is called, and is, on one line; what may stand in it and what it is for below. */
function narrowRow(
  [name = '', where = '', type = '', required = '', preset = '', limits = '', about = '']: string[],
  width: number,
): string {
  const first = [name, where, type, required, preset === '' ? '' : `default ${preset}`].filter((one) => one !== '');
  const more = [limits, about].filter((one) => one !== '').join('; ');
  const indent = (/^ */.exec(name)?.[0].length ?? 0) + 6;
  const below = wrapAnsi(more, Math.max(20, width - indent), { hard: true, wordWrap: true, trim: true });
  return `  ${first.join('  ')}${
    more === ''
      ? ''
      : `\n${colouredLines(below)
          .map((line) => ' '.repeat(indent) + line)
          .join('\n')}`
  }`;
}

/** How many fields are folded below a field, and the end of their type's name. */
function belowOf({ fields = [], alternatives = [], more }: Row): Field['more'] {
  if (more) return more;
  const count = alternatives.length > 0 ? Math.max(...alternatives.map((one) => one.fields.length)) : fields.length;
  return count === 0 ? undefined : { fields: count };
}

interface Foldable {
  readonly out: Colours;
  readonly path: string;
  readonly open: boolean;
  readonly source: string;
}

function notesOf(field: Row, folded: Field['more'], level: number, foldable: Foldable | undefined): string {
  const below = folded ?? field.more;
  const notes = [
    field.readOnly && 'read-only',
    field.writeOnly && 'write-only',
    field.deprecated && 'deprecated',
    field.recursive && `a ${field.recursive} again`,
    below && (foldable ? linkedBelow(below, foldable) : `${countText(below)} below: ${unfolding(below, level)}`),
    'style' in field && field.style,
    'media' in field && field.media !== undefined && `as ${field.media}`,
    'from' in field && field.from,
    field.certainty && field.certainty !== 'sure' && field.certainty,
    field.at,
  ];
  return notes.filter(Boolean).join(', ');
}

const countText = ({ fields }: NonNullable<Field['more']>): string => `${fields} ${fields === 1 ? 'field' : 'fields'}`;

/** As links that open them in place, and the type they are of. */
function linkedBelow(below: NonNullable<Field['more']>, { out, path, open, source }: Foldable): string {
  const fold = out.link(open ? 'fold' : `${countText(below)} below`, `${unfoldLink}${path}`);
  return below.type ? `${fold}, ${out.link(below.type, `type:${source}/${below.type}`)}` : fold;
}

/** What shows the fields below a field. A long name of a type is found by its end. */
const unfolding = ({ type = '' }: NonNullable<Field['more']>, level: number): string =>
  `--depth ${level + 1}${type === '' ? '' : `, or --type ${type.slice(type.lastIndexOf('.') + 1)}`}`;

/** In a table a long text pushes everything else out of sight; `--json` has it whole. Characters. */
const longestDescription = 300;
/** Where there are very many fields. */
const shortDescription = 100;
const longestLimits = 160;
const longestDefault = 60;

/** Of a link in Markdown, what is to be read. */
const linkTexts = (text: string): string => text.replace(/\[([^\]]*)\]\([^)\s]*\)/g, '$1');

function shortened(text: string, longest: number): string {
  if (text.length <= longest) return text;
  return `${text.slice(0, text.lastIndexOf(' ', longest) + 1 || longest).trimEnd()} …`;
}

/** What the clauses of a filter may name. */
function clausesText({ fields, operators }: ClauseTerms): string {
  const parts = [
    fields.length > 0 && `clauses of ${fields.join(', ')}`,
    operators.length > 0 && `with ${operators.join(', ')}`,
  ];
  return parts.filter(Boolean).join(' ');
}
