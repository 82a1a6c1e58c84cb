/** `schema`: valid by a JSON Schema, draft 4 to 2020-12: inline, in a file of the collection, or the documented one. */
import type { ValidateFunction } from 'ajv';
import { Problem } from '../../problem/problem.js';
import { parseJson } from '../../value/json-text.js';
import { isValueMap, type Value } from '../../value/written.js';
import type { MatcherKind } from '../matcher.js';
import { shapeProblem } from '../reading.js';
import { compiled, type Draft, draftOf, loadDraft } from '../schema-drafts.js';
import { withFiles, withPlainScalars } from '../schema-files.js';

const made = new WeakMap<object, ValidateFunction>();

/** One that is documented is made to be of the newest draft. */
const documentedDraft = '2020-12';

/** @throws Problem matcher-shape when the schema itself is broken */
function validator(
  schema: object | boolean,
  draft: Draft = documentedDraft,
  others: Others = new Map(),
): ValidateFunction {
  const known = typeof schema === 'object' ? made.get(schema) : undefined;
  if (known) return known;
  try {
    const validate = compiled(schema, draft, others);
    if (typeof schema === 'object') made.set(schema, validate);
    return validate;
  } catch (error) {
    throw new Problem('matcher-shape', {
      what: 'the schema is not a usable JSON Schema',
      // A part of the schema that is no text is not worth telling.
      cause: (error as Error).message.replace(/: [^:]*\[object .*$/s, ''),
      remedy: /can't resolve reference/.test((error as Error).message)
        ? 'nothing is fetched: put the schema that it refers to into the collection, beside this one'
        : "correct the schema; one of the documentation is the vendor's to correct: expect less than schema: documented",
    });
  }
}

type Others = ReadonlyMap<string, object | boolean>;

/** Where the value breaks the schema, at most three places; undefined where it does not. */
function schemaMiss(validate: ValidateFunction, found: Value | undefined): string | undefined {
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
    'valid by a JSON Schema of draft 4 to 2020-12: written here, a file of the collection, or `documented` for the one in the documentation',
  example: '{schema: documented}',
  compile(expected, { loads, readText, documented: ahead }) {
    if (expected === 'documented') {
      const ready = async (): Promise<void> => {
        await loadDraft(documentedDraft);
        for (const one of ahead?.() ?? []) validator(one);
      };
      loads.push(ready());
      return {
        describe: () => 'valid by the documented schema',
        miss(found, { documented }) {
          const known = documented?.();
          return known ? schemaMiss(validator(known), found) : 'the documentation has no schema for this response';
        },
      };
    }
    const given = typeof expected === 'string' ? parsed(expected, readText(expected)) : expected;
    if (!isValueMap(given) && typeof given !== 'boolean')
      throw shapeProblem('schema', 'a JSON Schema, a file or documented', expected);
    const file = typeof expected === 'string' ? expected : '';
    const { schema: own, others } = withFiles(withPlainScalars(given) as object | boolean, file, readText);
    const draft = draftOf(own);
    let validate: ValidateFunction | undefined;
    loads.push(
      loadDraft(draft).then(() => {
        validate = validator(own, draft, others);
      }),
    );
    return {
      describe: () => `valid by ${file || 'the schema given'}`,
      miss: (found) => schemaMiss(validate as ValidateFunction, found),
    };
  },
};

function parsed(path: string, text: string): Value {
  try {
    return parseJson(text);
  } catch (error) {
    throw new Problem('data-shape', {
      what: `${path} is not JSON`,
      where: { file: path },
      cause: (error as Error).message,
    });
  }
}
