/** Inputs: what a caller may set, read as their type and held against their matchers. */

import type { Loads } from '../../expression/compile.js';
import { Evaluation, type EvaluationContext, omitted } from '../../expression/evaluation.js';
import type { Named, Names } from '../../expression/names.js';
import { compileTree, type Tree } from '../../expression/tree.js';
import { compileMatchers } from '../../matcher/compile.js';
import type { Check } from '../../matcher/matcher.js';
import { shortText } from '../../matcher/reading.js';
import { action } from '../../problem/actions.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { parseJson } from '../../value/json-text.js';
import { plain, SourceScalar, sourceScalar, typeOf, type Value } from '../../value/written.js';
import type { Loaded } from '../collection.js';
import { type Input, inputMatchers } from '../files/parts.js';

export interface InputPlan {
  readonly name: string;
  readonly declaration: Input;
  readonly fallback: Tree | undefined;
  readonly check: Check | undefined;
  /** `request calls/book`, for messages. */
  readonly owner: string;
  readonly file: string;
}

export function planInputs(
  declared: Readonly<Record<string, Input>> | undefined,
  { yaml }: Pick<Loaded<unknown>, 'yaml'>,
  owner: string,
  loads: Loads,
): readonly InputPlan[] {
  return Object.entries(declared ?? {}).map(([name, declaration]) => {
    const matchers = Object.fromEntries(
      inputMatchers.filter((key) => declaration[key] !== undefined).map((key) => [key, declaration[key] as Value]),
    );
    return {
      name,
      declaration,
      owner,
      file: yaml.file,
      fallback:
        declaration.default === undefined
          ? undefined
          : compileTree(declaration.default, (path) => yaml.position(['inputs', name, 'default', ...path]), loads),
      check:
        Object.keys(matchers).length === 0
          ? undefined
          : compileMatchers(matchers, { subject: { strict: false }, loads, readText: () => '' }),
    };
  });
}

/**
 * The value of an input: from whoever gives one, else its default; undefined where neither is.
 * @throws Problem input-value
 */
export function inputValue(
  plan: InputPlan,
  given: Named | undefined,
  names: Names,
  evaluationContext: EvaluationContext,
): Named | undefined {
  const named = openValue(plan, given, names, evaluationContext);
  return named && plan.declaration.secret && !named.secret ? { ...named, secret: true } : named;
}

/** What is wrong with a default; of one that holds an expression that is known only when it is sent. */
export function defaultFault(plan: InputPlan): Problem | undefined {
  const constant = plan.fallback?.constant;
  if (constant === undefined) return undefined;
  try {
    asDeclared(plan, constant);
    return undefined;
  } catch (error) {
    return asProblem(error);
  }
}

function openValue(
  plan: InputPlan,
  given: Named | undefined,
  names: Names,
  evaluationContext: EvaluationContext,
): Named | undefined {
  if (given) {
    const value = asDeclared(plan, given.value, given.origin);
    return value === given.value ? given : { ...given, value };
  }
  if (!plan.fallback) return undefined;
  const { constant } = plan.fallback;
  if (constant !== undefined) return { value: asDeclared(plan, constant), origin: `default in ${plan.file}` };
  const inner = new Evaluation(names, evaluationContext);
  const value = plan.fallback.evaluate(inner);
  if (value === omitted) return undefined;
  return { value: asDeclared(plan, value), origin: `default in ${plan.file}`, secret: inner.touchedSecret };
}

/** @throws Problem input-missing, with the ways to give it */
export function missingInput(plan: InputPlan): Problem {
  const { name, declaration, owner, file } = plan;
  const source = declaration['choose-from'];
  const options = declaration['one-of'] ?? declaration.suggest;
  return new Problem('input-missing', {
    what: `${owner} needs the input ${name}${(declaration.label ?? declaration.about) ? ` (${declaration.label ?? declaration.about})` : ''}`,
    where: { file },
    remedy: [
      action().giveInput(name),
      options && `values: ${options.map(shortText).join(', ')}`,
      source && `${action().send(source.replace(/,.*$/, ''))} shows what there is`,
    ]
      .filter(Boolean)
      .join('; '),
    data: { input: name },
  });
}

const none: ReadonlyMap<string, Named | undefined> = new Map();

/** Names of inputs, computed when first used; an input that nobody gives and that has no default is unknown. */
export class InputNames implements Names {
  private worked: Map<string, Named | undefined> | undefined;

  constructor(
    private readonly plans: readonly InputPlan[],
    private readonly given: (name: string) => Named | undefined,
    private readonly names: Names,
    private readonly evaluationContext: EvaluationContext,
  ) {}

  lookup(name: string): Named | undefined {
    const before = this.worked?.get(name);
    if (before) return before;
    for (const plan of this.plans) {
      if (plan.name !== name) continue;
      const found = inputValue(plan, this.given(name), this.names, this.evaluationContext);
      this.worked ??= new Map();
      this.worked.set(name, found);
      return found;
    }
    return undefined;
  }

  /** Those that were computed. */
  used(): ReadonlyMap<string, Named | undefined> {
    return this.worked ?? none;
  }

  known(): Iterable<string> {
    return this.plans.map(({ name }) => name);
  }

  get layers(): readonly string[] {
    return this.plans.length > 0 ? [`inputs of ${this.plans[0]?.owner}`] : [];
  }
}

/** @throws Problem input-value */
function asDeclared(plan: InputPlan, given: Value, origin?: string): Value {
  const { type } = plan.declaration;
  const value = type === undefined ? given : asType(plan, given, type, origin);
  const miss = plan.check?.miss(value, {});
  if (miss !== undefined) throw wrongValue(plan, given, `expected: ${plan.check?.describe()}`, origin);
  return value;
}

function asType(plan: InputPlan, given: Value, type: NonNullable<Input['type']>, origin: string | undefined): Value {
  const is = typeOf(given);
  if (is === type || (type === 'number' && is === 'integer')) return given;
  if (type === 'string')
    return given instanceof SourceScalar
      ? given.text
      : is === 'array' || is === 'object'
        ? fail()
        : String(plain(given));
  if (typeof given !== 'string') return fail();
  const text = given.trim();
  switch (type) {
    case 'integer':
      return /^[-+]?\d+$/.test(text) ? sourceScalar(text, Number(text)) : fail();
    case 'number':
      return text !== '' && Number.isFinite(Number(text)) ? sourceScalar(text, Number(text)) : fail();
    case 'boolean':
      return text === 'true' ? true : text === 'false' ? false : fail();
    default:
      try {
        const read = parseJson(text);
        if (typeOf(read) === type) return read;
      } catch {
        // What is no JSON may be a list with commas.
      }
      return type === 'array' && !/^[[{"]/.test(text) && text !== '' ? withCommas(text) : fail();
  }

  function fail(): never {
    throw wrongValue(
      plan,
      given,
      `it must be ${type === 'array' || type === 'object' ? (type === 'array' ? 'a list: JSON, or values with commas between' : 'JSON of an object') : `of type ${type}`}`,
      origin,
    );
  }
}

/** `301,417`: numbers where all are, else texts. */
function withCommas(text: string): Value {
  try {
    return parseJson(`[${text}]`);
  } catch {
    return text.split(',').map((item) => item.trim());
  }
}

/** @param origin of the value; who gave it there mends it there */
function wrongValue(plan: InputPlan, given: Value, why: string, origin: string | undefined): Problem {
  const said = plan.declaration.about ?? plan.declaration.label;
  const elsewhere = origin !== undefined && origin !== action().settings();
  return new Problem('input-value', {
    what: `the input ${plan.name} of ${plan.owner} cannot be ${shortText(given)}`,
    where: { file: plan.file },
    cause: elsewhere ? `${why}; it ${/^(?:given|kept|chosen) /.test(origin) ? 'was' : 'comes from'} ${origin}` : why,
    remedy: elsewhere ? undefined : `${action().giveInput(plan.name)}${said === undefined ? '' : ` (${said})`}`,
    data: { input: plan.name, origin },
  });
}
