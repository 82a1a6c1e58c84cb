/** The inputs of a drafted file: what the engineer must supply. */
import type { Value } from '../../value/written.js';
import type { Field } from '../model/model.js';
import { active, flow, isList, type Line, oneLine, plainType, scalar } from './lines.js';

/** Inputs by name, in the order in which they were needed. */
export class Inputs {
  private readonly fields = new Map<string, Field>();

  /** @param suppliers what supplies the values of an input, by the name of its field */
  constructor(private readonly suppliers: ReadonlyMap<string, Supplier> = new Map()) {}

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

  private supplierLines({ name }: Field): string[] {
    const supplier = this.suppliers.get(name);
    if (!supplier) return [];
    const why = supplier.guess ? '   # a guess' : '';
    return supplier.drafted
      ? [`choose-from: ${scalar(supplier.from)}${why}`]
      : [`# ${supplier.guess ? 'possible source' : 'source'}: ${supplier.from}`];
  }

  lines(): Line[] {
    return [...this.fields].flatMap(([name, field]) => [
      active(`${name}:`),
      ...[
        field.description && `about: ${scalar(oneLine(field.description))}`,
        `type: ${plainType(field.type)}`,
        /\(password\)/.test(field.type) && 'secret: true',
        ...matcherLines(field),
        field.default !== undefined && `default: ${flow(field.default)}`,
        ...this.supplierLines(field),
        field.example !== undefined && field.default === undefined && `# such as ${flow(field.example)}`,
      ]
        .filter((line) => typeof line === 'string')
        .map((line) => active(`  ${line}`)),
    ]);
  }
}

/** Where the values of an identifier come from. */
export interface Supplier {
  /** A request of the collection and a place: `berths/free, $.items[*].code`; or an operation where no request calls it yet. */
  readonly from: string;
  /** False where it is a request of the collection. */
  readonly drafted: boolean;
  /** True where the documentation does not say it. */
  readonly guess: boolean;
}

/** Allowed values and limits that an input understands. */
function matcherLines({ allowed, limits = {}, type }: Field): string[] {
  const lines = allowed && !isList(type) ? [`one-of: ${flow(allowed as Value)}`] : [];
  for (const name of ['at-least', 'at-most', 'over', 'under', 'matches'] as const) {
    const value = limits[name];
    if (value !== undefined) lines.push(`${name}: ${flow(value)}`);
  }
  return lines;
}

export const inputName = (name: string): string =>
  name.replace(/[^\p{L}\p{N}_]+/gu, '-').replace(/^[^\p{L}_]+|-$/gu, '') || 'value';
