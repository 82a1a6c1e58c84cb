/** `give`: values for the inputs of a request or a trail, worked out with the names of the walk. */
import { variableNames } from '../../collection/variables/layers.js';
import type { YamlFile } from '../../collection/yaml.js';
import type { Loads } from '../../expression/compile.js';
import { Evaluation, omitted } from '../../expression/evaluation.js';
import { layered, type Named } from '../../expression/names.js';
import { compileTree, type Tree } from '../../expression/tree.js';
import type { EvaluationContext } from '../../sending/workspace.js';
import type { Value } from '../../value/written.js';
import type { Scope } from './scope.js';

export type Gives = ReadonlyMap<string, Tree>;

export function planGives(
  values: Readonly<Record<string, Value>> | undefined,
  { yaml, loads }: { readonly yaml: YamlFile; readonly loads: Loads },
  path: readonly (string | number)[],
): Gives {
  return new Map(
    Object.entries(values ?? {}).map(([key, value]) => [
      key,
      compileTree(value, (inner) => yaml.position([...path, key, ...inner]), loads),
    ]),
  );
}

/** What a walk evaluates with: its own names, then the variables. */
export function walkEvaluation(workspace: EvaluationContext, scope: Scope): Evaluation {
  const surroundings = workspace.surroundings();
  return new Evaluation(layered(scope, variableNames(workspace.layers, scope, surroundings)), surroundings);
}

export function evaluated(tree: Tree, evaluation: Evaluation, origin: string): Named | undefined {
  const inner = new Evaluation(evaluation.names, evaluation);
  const value = tree.evaluate(inner);
  return value === omitted ? undefined : { value, origin, secret: inner.touchedSecret };
}

/** The value for an input: what the step gives, else what the walk knows under that name. */
export function giver(
  gives: Gives,
  workspace: EvaluationContext,
  scope: Scope,
  label: string,
): (input: string) => Named | undefined {
  let evaluation: Evaluation | undefined;
  return (input) => {
    const tree = gives.get(input);
    if (!tree) return scope.lookup(input);
    evaluation ??= walkEvaluation(workspace, scope);
    return evaluated(tree, evaluation, `given by step ${label}`);
  };
}
