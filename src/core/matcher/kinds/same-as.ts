/** `same-as`: like a document of the collection, or a recorded response; a baseline that can be accepted again. */

import type { Difference } from '../../comparison/difference.js';
import type { Comparison, responseDifferences } from '../../comparison/responses.js';
import { action } from '../../problem/actions.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { writeJson } from '../../value/json-text.js';
import { isValueMap, type Value } from '../../value/written.js';
import type { MatcherKind } from '../matcher.js';
import { shapeProblem, shortText } from '../reading.js';

interface Baseline extends Comparison {
  readonly file: string | undefined;
  readonly echo: string | undefined;
}

const shownDifferences = 3;

let compare: typeof responseDifferences;

/** With its readers of XML and of lines it takes longer to load than all else of a small request. */
async function load(): Promise<void> {
  compare ??= (await import('../../comparison/responses.js')).responseDifferences;
}

export const sameAs: MatcherKind = {
  name: 'same-as',
  about:
    'like a document of the collection, or like the response of an echo: `{file | echo, ignoring, only, unordered}`; a run that accepts what it finds rewrites the file',
  example: '{same-as: {file: data/expected-vessel.json, ignoring: [$.updated]}}',
  compile(expected, { readText, loads }) {
    loads.push(load());
    const baseline = baselineOf(expected);
    const { file, echo } = baseline;
    const named = file ?? `echo ${echo}`;
    let text: string | undefined;
    const read = (): string | undefined => {
      if (text !== undefined) return text;
      try {
        text = readText(echo ?? (file as string));
      } catch (error) {
        const problem = asProblem(error);
        if (problem.code !== 'file-not-found') throw problem;
      }
      return text;
    };
    const differences = (found: Value | undefined): readonly Difference[] | undefined => {
      const wanted = read();
      if (wanted === undefined) return undefined;
      const right = typeof found === 'string' ? { text: found } : { text: '', value: found ?? null };
      const sides = { status: undefined, headers: [] };
      return compare({ ...sides, text: wanted }, { ...sides, ...right }, baseline);
    };
    return {
      describe: () => `the same as ${named}`,
      miss(found, { accept }) {
        const different = differences(found);
        if (different?.length === 0) return undefined;
        if (accept && file !== undefined && found !== undefined) {
          const written = typeof found === 'string' ? found : `${writeJson(found, 2)}\n`;
          accept({ file, text: written, differences: different ?? [], made: different === undefined });
          text = written;
          return undefined;
        }
        if (!different) return `there is no ${named} yet; ${action().acceptBaseline()} writes it`;
        const told = different.slice(0, shownDifferences).map(({ at, left, right }) => `${at} ${differs(left, right)}`);
        const more = different.length - told.length;
        return `${told.join('; ')}${more > 0 ? `; and ${more} more` : ''}`;
      },
      deviations: (found) => differences(found) ?? [],
    };
  },
};

function differs(left: Value | undefined, right: Value | undefined): string {
  if (left === undefined) return `is ${shortText(right)}, and nothing was expected`;
  if (right === undefined) return `is missing, ${shortText(left)} was expected`;
  return `is ${shortText(right)}, not ${shortText(left)}`;
}

/** @throws Problem matcher-shape */
function baselineOf(expected: Value): Baseline {
  if (typeof expected === 'string') {
    return /^[a-z0-9]{4}\.\d+$/.test(expected)
      ? { echo: expected, file: undefined }
      : { file: expected, echo: undefined };
  }
  const wanted = 'a file, the id of an echo, or {file | echo, ignoring, only, unordered}';
  if (!isValueMap(expected)) throw shapeProblem('same-as', wanted, expected);
  const { file, echo, ignoring, only, unordered, ...others } = expected as Record<string, Value>;
  const [other] = Object.keys(others);
  if (other !== undefined) {
    throw new Problem('matcher-shape', { what: `same-as has no ${other}`, remedy: `it takes ${wanted}` });
  }
  if ((typeof file === 'string') === (typeof echo === 'string')) throw shapeProblem('same-as', wanted, expected);
  const places = (value: Value | undefined): readonly string[] | undefined => {
    if (value === undefined) return undefined;
    if (Array.isArray(value) && (value as readonly Value[]).every((one) => typeof one === 'string')) {
      return value as readonly string[];
    }
    throw shapeProblem('same-as', 'lists of places for ignoring and only', value);
  };
  if (unordered !== undefined && !isValueMap(unordered))
    throw shapeProblem('same-as', 'a map for unordered', unordered);
  return {
    file: file as string | undefined,
    echo: echo as string | undefined,
    ignoring: places(ignoring),
    only: places(only),
    unordered: unordered as Record<string, string> | undefined,
  };
}
