/** `schema`: valid by a JSON Schema (2020-12): inline, in a file of the collection, or the documented one. */
import type { Ajv2020 as AjvType, ValidateFunction } from 'ajv/dist/2020.js';
import { Problem } from '../../problem/problem.js';
import { isValueMap, plain, type Value, Written } from '../../value/written.js';
import { boundedPattern, loadPatterns } from '../bounded-pattern.js';
import type { MatcherKind } from '../matcher.js';
import { shapeProblem } from '../reading.js';

let ajv: AjvType | undefined;

async function load(): Promise<void> {
  if (ajv) return;
  const [validation, formats] = await Promise.all([import('ajv/dist/2020.js'), import('ajv-formats')]);
  // CommonJS: what it exports is below `default`, under Node as under a bundler.
  const { Ajv2020 } = validation.default as unknown as typeof validation;
  // Compiling the meta-schema takes longer than all the checks of most runs; a broken schema still fails to compile.
  await loadPatterns();
  ajv = new Ajv2020({
    strict: false,
    allErrors: true,
    logger: false,
    meta: false,
    validateSchema: false,
    code: { regExp: Object.assign(boundedPattern, { code: 'boundedPattern' }) },
  });
  const addFormats = formats.default as unknown as ((to: AjvType) => void) & { default?: (to: AjvType) => void };
  (addFormats.default ?? addFormats)(ajv);
}

const compiled = new WeakMap<object, ValidateFunction>();

/** @throws Problem matcher-shape when the schema itself is broken */
function validator(schema: object): ValidateFunction {
  let made = compiled.get(schema);
  if (!made) {
    try {
      made = (ajv as AjvType).compile(schema);
    } catch (error) {
      throw new Problem('matcher-shape', {
        what: 'the schema is not a usable JSON Schema',
        // A part of the schema that is no text is not worth telling.
        cause: (error as Error).message.replace(/: [^:]*\[object .*$/s, ''),
        remedy:
          "correct the schema; one of the documentation is the vendor's to correct: expect less than schema: documented",
      });
    }
    compiled.set(schema, made);
  }
  return made;
}

/** Where the value breaks the schema, at most three places; undefined where it does not. */
function schemaMiss(schema: object, found: Value | undefined): string | undefined {
  const validate = validator(schema);
  if (validate(withPlainScalars(found))) return undefined;
  const places = (validate.errors ?? []).map(
    ({ instancePath, message, params }) =>
      `${instancePath === '' ? 'the value' : `$${instancePath.replaceAll('/', '.')}`} ${message ?? ''}${
        'additionalProperty' in params ? ` (${String(params.additionalProperty)})` : ''
      }`,
  );
  return places.slice(0, 3).join('; ') + (places.length > 3 ? `; and ${places.length - 3} more` : '');
}

export const schema: MatcherKind = {
  name: 'schema',
  about:
    'valid by a JSON Schema: written here, a file of the collection, or `documented` for the one in the documentation',
  example: '{schema: documented}',
  compile(expected, { loads, readText, documented: ahead }) {
    if (expected === 'documented') {
      loads.push(load().then(() => ahead?.().forEach(validator)));
      return {
        describe: () => 'valid by the documented schema',
        miss(found, { documented }) {
          const known = documented?.();
          return known ? schemaMiss(known, found) : 'the documentation has no schema for this answer';
        },
      };
    }
    const given = typeof expected === 'string' ? parsed(expected, readText(expected)) : expected;
    if (!isValueMap(given)) throw shapeProblem('schema', 'a JSON Schema, a file or documented', expected);
    const where = typeof expected === 'string' ? expected : 'the schema given';
    const own = withPlainScalars(given) as object;
    loads.push(load().then(() => validator(own)));
    return { describe: () => `valid by ${where}`, miss: (found) => schemaMiss(own, found) };
  },
};

function parsed(path: string, text: string): Value {
  try {
    return JSON.parse(text) as Value;
  } catch (error) {
    throw new Problem('data-shape', {
      what: `${path} is not JSON`,
      where: { file: path },
      cause: (error as Error).message,
    });
  }
}

/** The validator knows plain JavaScript only. */
function withPlainScalars(value: unknown): unknown {
  if (value instanceof Written) return plain(value);
  if (Array.isArray(value)) return value.map(withPlainScalars);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, withPlainScalars(item)]));
}
