/** The drafts of JSON Schema, each with the engine that knows it; loaded where a schema is of that draft. */
import type { ValidateFunction } from 'ajv';
import { ownMember } from '../value/own-member.js';
import { isValueMap } from '../value/written.js';
import { boundedPattern, loadPatterns } from './bounded-pattern.js';

export type Draft = '04' | '07' | '2019-09' | '2020-12';

/** Of the library what is used here; each draft is a class of its own. */
interface Engine {
  compile(schema: object | boolean): ValidateFunction;
  addSchema(schema: object | boolean, key: string): unknown;
}
type EngineClass = new (options: object) => Engine;

/** Makers of engines. */
const makers = new Map<Draft, () => Engine>();
/** One for all schemas that have no address of their own. */
const engines = new Map<Draft, Engine>();

const classes: Readonly<Record<Draft, () => Promise<unknown>>> = {
  '04': () => import('ajv-draft-04'),
  // Draft 7 takes all that draft 6 does.
  '07': () => import('ajv'),
  '2019-09': () => import('ajv/dist/2019.js'),
  '2020-12': () => import('ajv/dist/2020.js'),
};

/** What `$schema` says; without it, what older drafts alone have. Anything else is the newest. */
export function draftOf(schema: unknown): Draft {
  const named = isValueMap(schema) && typeof schema.$schema === 'string' ? schema.$schema : undefined;
  if (named !== undefined) {
    if (/draft-0?[34]\b/.test(named)) return '04';
    if (/draft-0?[67]\b/.test(named)) return '07';
    return /2019-09/.test(named) ? '2019-09' : '2020-12';
  }
  const older = { '04': false, '07': false };
  look(schema, (key, value) => {
    // Limits were flags beside other limits, and a tuple was a list of schemas under `items`.
    if (/^exclusive(?:Maximum|Minimum)$/.test(key) && typeof value === 'boolean') older['04'] = true;
    if ((key === 'items' && Array.isArray(value)) || key === 'additionalItems') older['07'] = true;
  });
  return older['04'] ? '04' : older['07'] ? '07' : '2020-12';
}

/** Keywords that hold data, and no schemas. */
export const holdsData = (keyword: string): boolean => /^(?:enum|const|default|examples?)$/.test(keyword);

function look(value: unknown, see: (key: string, value: unknown) => void): void {
  if (Array.isArray(value)) for (const item of value) look(item, see);
  else if (isValueMap(value)) {
    for (const [key, inner] of Object.entries(value)) {
      see(key, inner);
      if (!holdsData(key)) look(inner, see);
    }
  }
}

/** Ready once this has settled. */
export async function loadDraft(draft: Draft): Promise<void> {
  if (makers.has(draft)) return;
  const [made, formats] = await Promise.all([classes[draft](), import('ajv-formats'), loadPatterns()]);
  const Class = classIn(made);
  const addFormats = formats.default as unknown as ((to: Engine) => void) & { default?: (to: Engine) => void };
  makers.set(draft, () => {
    // Compiling the meta-schema takes longer than all the checks of most runs; a broken schema still fails to compile.
    const engine = new Class({
      strict: false,
      allErrors: true,
      logger: false,
      meta: draft === '04',
      validateSchema: false,
      code: { regExp: Object.assign(boundedPattern, { code: 'boundedPattern' }) },
    });
    (addFormats.default ?? addFormats)(engine);
    return engine;
  });
}

/** CommonJS: what it exports is below `default`, once or twice, under Node as under a bundler. */
function classIn(made: unknown): EngineClass {
  let found = made;
  for (let depth = 0; depth < 3 && typeof found !== 'function'; depth += 1) {
    const members = found as Readonly<Record<string, unknown>>;
    const own = ['Ajv2020', 'Ajv2019', 'Ajv'].map((name) => ownMember(members, name));
    found = own.find((one) => typeof one === 'function') ?? members.default;
  }
  return found as EngineClass;
}

/** @param others what it refers to, by their addresses @throws Error: no usable schema */
export function compiled(
  schema: object | boolean,
  draft: Draft,
  others: ReadonlyMap<string, object | boolean>,
): ValidateFunction {
  const make = makers.get(draft);
  if (!make) throw new Error(`draft ${draft} was not loaded`);
  // Two schemas of one engine cannot have one address, and two files may.
  const shared = others.size === 0 && isValueMap(schema) && schema.$id === undefined && schema.id === undefined;
  const engine = (shared ? engines.get(draft) : undefined) ?? make();
  if (shared) engines.set(draft, engine);
  for (const [address, other] of others) engine.addSchema(other, address);
  return engine.compile(schema);
}
