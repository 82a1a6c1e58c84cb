/** Where the rows of a trail come from: a file, standard input, or a list that is computed. */
import { variableNames } from '../../collection/variables/variable-scopes.js';
import type { Loads } from '../../expression/compile.js';
import { Evaluation, omitted } from '../../expression/evaluation.js';
import { layered, type Names } from '../../expression/names.js';
import { compileTree } from '../../expression/tree.js';
import { type FilePosition, Problem } from '../../problem/problem.js';
import type { Evaluator } from '../../sending/workspace.js';
import { isValueMap, type Value, type ValueMap } from '../../value/written.js';
import { fileRows, readyRows, rowsAbout, streamRows } from './registry.js';

export interface RowsPlan {
  /** `data/vessels.csv`, `standard input`, `the list`. */
  readonly from: string;
  /** @param names the inputs that the trail has before any row */
  read(workspace: Evaluator, names: Names): AsyncIterable<ValueMap>;
  /** About how many there are, where that can be known; of a list when it is read next. */
  about(): Promise<number | undefined>;
}

/**
 * @param position of what is in the trail's file; nothing where the command line names the rows
 * @throws Problem file-not-found, file-outside, data-shape: the file cannot give any rows
 */
export function planRows(
  given: string | readonly Value[],
  position: (path: readonly (string | number)[]) => FilePosition | undefined,
  loads: Loads,
  root: string,
): RowsPlan {
  if (given === '-') {
    return {
      from: 'standard input',
      read({ standardInput }) {
        if (standardInput) return streamRows(standardInput());
        throw new Problem('usage', { what: 'rows come from standard input, which is not read here' });
      },
      about: unknown,
    };
  }
  if (typeof given === 'string' && !given.includes('${')) {
    readyRows(root, given, loads, position(['rows']));
    return {
      from: given,
      read: () => fileRows(root, given),
      about: () => rowsAbout(root, given),
    };
  }
  const where = position(['rows']);
  const tree = compileTree(given as Value, (path) => position(['rows', ...path]), loads);
  let tell = (_: number): void => undefined;
  return {
    from: 'the list',
    about: () =>
      new Promise((resolve) => {
        tell = resolve;
      }),
    read(workspace, own) {
      const evaluationContext = workspace.evaluationContext();
      const names = layered(own, variableNames(workspace.layers, own, evaluationContext));
      const value = tree.evaluate(new Evaluation(names, evaluationContext));
      if (value !== omitted && Array.isArray(value)) {
        tell(value.length);
        return asRows(value as readonly Value[]);
      }
      throw new Problem('data-shape', { what: 'rows must be a list, and the expression gives none', where });
    },
  };
}

const unknown = async (): Promise<undefined> => undefined;

/** What is no map becomes a row with the column `value`. */
async function* asRows(items: readonly Value[]): AsyncGenerator<ValueMap> {
  for (const item of items) yield isValueMap(item) ? item : { value: item };
}
