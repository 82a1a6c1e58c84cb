/** One documented type in words and tables. */
import { limitsText } from '../../core/documentation/model/limits-text.js';
import type { TypeDescription } from '../../core/documentation/model/model.js';
import type { Terminal } from '../terminal/terminal.js';
import { fieldsText, type InPlace } from './field-table.js';
import { printable } from './printable.js';

export function typeText(
  { name, source, kind, description, fields, allowed, alternatives }: TypeDescription & { readonly source: string },
  terminal: Terminal,
  depth?: number,
  around?: Pick<InPlace, 'opened' | 'types'>,
): string {
  const { out } = terminal;
  const inPlace = around && { ...around, of: 'type', source };
  const blocks = [
    [`${out.bold(`${source}/${name}`)}  ${kind}`, ...(description === undefined ? [] : [printable(description)])].join(
      '\n',
    ),
    allowed && `${out.bold('allowed')}  ${limitsText({ allowed })}`,
    alternatives
      ? fieldsText({ fields, alternatives }, terminal, { depth, inPlace })
      : fields.length > 0 && `${out.bold('fields')}\n${fieldsText({ fields }, terminal, { depth, inPlace })}`,
  ];
  return blocks.filter((block) => typeof block === 'string').join('\n\n');
}
