/** One signing by a recipe: its values computed in order, each seen by those behind it. */
import { checkHeaderValue } from '../exchange/request/header-rules.js';
import { type HeaderLine, hidden, type WireRequest } from '../exchange/request/wire.js';
import { Evaluation, omitted, type Result } from '../expression/evaluation.js';
import type { Named, Names } from '../expression/names.js';
import { asProblem, Problem } from '../problem/problem.js';
import { sizeText } from '../value/measures.js';
import { StreamedBytes } from '../value/streamed.js';
import { textOf } from '../value/text.js';
import { isValueMap, plain, type Value, type ValueMap } from '../value/written.js';
import { withHeader, withMember, withParameter } from './adding.js';
import { sentValue } from './sent.js';
import type { Signed, SigningContext, SigningStep } from './signature-kind.js';

/** What one value or addition is, made ready. */
export interface Program {
  readonly name: string;
  readonly part: SigningStep['part'];
  /** Lists what it was put together from in `evaluation.pieces`, where that is set. */
  readonly run: (evaluation: Evaluation) => Result;
}

/** What is looked at of `sent`. */
export interface Used {
  /** Its members; undefined where any may be. */
  readonly members: ReadonlySet<string> | undefined;
  /** Headers by name. */
  readonly headers: ReadonlySet<string>;
}

/** The names that a recipe sees: its own values, `sent`, variables. */
export class RecipeNames implements Names {
  readonly values = new Map<string, Named>();
  private sent: ValueMap | undefined;

  constructor(
    private readonly recipe: string,
    public wire: WireRequest,
    private readonly variables: Names,
    private readonly used?: Used,
  ) {}

  /** Something was added to the request. */
  changed(wire: WireRequest): void {
    this.wire = wire;
    this.sent = undefined;
  }

  lookup(name: string): Named | undefined {
    if (name === 'sent') {
      this.sent ??= sentValue(this.wire, this.used?.members, this.used?.headers);
      return { value: this.sent, origin: 'the request that is about to leave' };
    }
    return this.values.get(name) ?? this.variables.lookup(name);
  }

  *known(): Iterable<string> {
    yield 'sent';
    yield* this.values.keys();
    yield* this.variables.known();
  }

  get layers(): readonly string[] {
    return [`signature ${this.recipe}`, ...this.variables.layers];
  }
}

/**
 * @param programs in the order in which they are computed
 * @param used what they look at of `sent`; all by default
 */
export function runRecipe(
  recipe: string,
  programs: readonly Program[],
  given: WireRequest,
  { runtime, variables, onSecret, look }: SigningContext,
  used?: Used,
): Signed {
  const names = new RecipeNames(recipe, given, variables, used);
  const evaluation = new Evaluation(names, { runtime, onSecret });
  const steps: SigningStep[] = [];
  const absent = new Set<string>();
  let missing: Problem | undefined;
  for (const { name, part, run } of programs) {
    if (look) evaluation.pieces = [];
    let value: Result;
    let secret: boolean;
    try {
      evaluation.touchedSecret = false;
      value = run(evaluation);
      secret = evaluation.touchedSecret;
    } catch (error) {
      const problem = asProblem(error);
      const follows = problem.code === 'unknown-name' && absent.has(String(problem.data.name));
      if (!look || (problem.code !== 'secret-missing' && !follows)) throw problem;
      missing ??= problem;
      absent.add(name);
      continue;
    }
    if (value === omitted) continue;
    steps.push({ name, part, value, secret, shown: look ? shownText(value, secret, evaluation.pieces) : undefined });
    if (part === 'value') names.values.set(name, { value, origin: `signature ${recipe}`, secret });
    else names.changed(added(recipe, names.wire, name, part, value, secret));
  }
  return { wire: names.wire, steps, missing };
}

/** Of what is computed from a secret, only what stands around it is seen. */
function shownText(value: Value, secret: boolean, pieces: Evaluation['pieces']): string | undefined {
  if (!secret) return shownValue(value);
  if (!pieces || pieces.length < 2) return undefined;
  return pieces.map((piece) => (piece.secret ? hidden : piece.text)).join('');
}

/** Bytes in hexadecimal; a list an item a line, the pairs of headers and queries as they are written. */
export function shownValue(value: Value): string {
  if (value instanceof StreamedBytes) return `(${sizeText(value.size)}, streamed from files)`;
  if (value instanceof Uint8Array) return Buffer.from(value).toString('hex');
  if (!Array.isArray(value)) return textOf(value);
  return value
    .map((item: Value) =>
      isValueMap(item) && item.name !== undefined && item.value !== undefined
        ? `${textOf(item.name)}: ${textOf(item.value)}`
        : textOf(item),
    )
    .join('\n');
}

function added(
  recipe: string,
  wire: WireRequest,
  name: string,
  part: SigningStep['part'],
  value: Value,
  secret: boolean,
): WireRequest {
  if (part === 'body') return withMember(wire, name, value, secret);
  const wrong =
    value instanceof Uint8Array
      ? 'bytes'
      : plain(value) === null
        ? 'null'
        : Array.isArray(value) || isValueMap(value)
          ? `a ${Array.isArray(value) ? 'list' : 'map'}`
          : undefined;
  if (wrong) {
    throw new Problem('expression-value', {
      what: `the signature ${recipe} makes ${part === 'header' ? 'the header' : 'the parameter'} ${name} of ${wrong}`,
      remedy: '| hex or | base64 writes bytes as text, | join a list',
    });
  }
  if (part === 'query') return withParameter(wire, name, textOf(value), secret);
  const text = textOf(value);
  checkHeaderValue(name, text, undefined);
  const line: HeaderLine = { name, value: text, origin: `signature ${recipe}`, secret };
  return withHeader(wire, line);
}
