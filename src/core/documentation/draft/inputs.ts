/** The inputs of a drafted file: what the engineer must supply. */
import type { Value } from '../../value/written.js';
import type { Field, Parameter } from '../model/model.js';
import { isList, oneLine, plainType, sample } from './facts.js';
import { DraftMap, expression, literal } from './yaml.js';

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

  map(): DraftMap {
    const map = new DraftMap();
    for (const [name, field] of this.fields) map.set(name, this.declaration(field));
    return map;
  }

  private declaration(field: Field): DraftMap {
    const { name, description, type, default: fallback, example } = field;
    const map = new DraftMap();
    if (description) map.set('about', literal(oneLine(description)));
    map.set('type', literal(plainType(type)));
    if (/\(password\)/.test(type)) map.set('secret', literal(true));
    setMatchers(map, field);
    const ofServer = (field as Partial<Parameter>).ofServer === true;
    // An environment's variable of that name says it.
    if (ofServer && /^[^"\\$]*$/.test(String(fallback)))
      map.set('default', expression(`\${${inputName(name)} ?? "${String(fallback)}"}`)).set('prompt', literal('never'));
    else if (fallback !== undefined) map.set('default', literal(fallback));
    const supplier = this.suppliers.get(name);
    if (supplier?.drafted)
      map.set('choose-from', literal(supplier.from), { about: supplier.guess ? 'a guess' : undefined });
    else if (supplier) map.remark(`${supplier.guess ? 'possible source' : 'source'}: ${supplier.from}`);
    if (fallback !== undefined || /\(password\)/.test(type)) return map;
    if (example !== undefined) map.remark(`such as ${shown(example)}`);
    else if (isList(type) || type.startsWith('object') || /\(/.test(type))
      map.remark(`such as ${shown(sample(field))}`);
    return map;
  }
}

const shown = (value: Value): string => (typeof value === 'string' ? value : JSON.stringify(value));

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
function setMatchers(map: DraftMap, { allowed, limits = {}, type }: Field): void {
  if (allowed && !isList(type)) map.set('one-of', literal(allowed as Value));
  for (const name of ['at-least', 'at-most', 'over', 'under', 'matches'] as const) {
    const value = limits[name];
    if (value !== undefined) map.set(name, literal(value));
  }
}

export function inputName(name: string): string {
  const plain = name.replace(/[^\p{L}\p{N}_]+/gu, '-').replace(/^[^\p{L}_]+|-$/gu, '') || 'value';
  // `${secret}` begins the name of a secret.
  return plain === 'secret' ? 'secret-value' : plain;
}
