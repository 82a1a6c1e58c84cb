/** `give`: values for the inputs of a request or a trail, computed with the names of the walk. */
import { variableNames } from '../../collection/variables/variable-scopes.js';
import type { YamlFile } from '../../collection/yaml.js';
import type { Loads } from '../../expression/compile.js';
import { Evaluation, omitted } from '../../expression/evaluation.js';
import { layered, type Named } from '../../expression/names.js';
import { compileTree, type Tree } from '../../expression/tree.js';
import type { Evaluator } from '../../sending/workspace.js';
import type { Value } from '../../value/written.js';
import type { Scope } from './scope.js';

export type Arguments = ReadonlyMap<string, Tree>;

export function planArguments(
  values: Readonly<Record<string, Value>> | undefined,
  { yaml, loads }: { readonly yaml: YamlFile; readonly loads: Loads },
  path: readonly (string | number)[],
): Arguments {
  return new Map(
    Object.entries(values ?? {}).map(([key, value]) => [
      key,
      compileTree(value, (inner) => yaml.position([...path, key, ...inner]), loads),
    ]),
  );
}

/** What a walk evaluates with: its own names, then the variables. */
export function walkEvaluation(workspace: Evaluator, scope: Scope): Evaluation {
  const evaluationContext = workspace.evaluationContext();
  return new Evaluation(layered(scope, variableNames(workspace.layers, scope, evaluationContext)), evaluationContext);
}

export function evaluated(tree: Tree, evaluation: Evaluation, origin: string): Named | undefined {
  const inner = new Evaluation(evaluation.names, evaluation);
  const value = tree.evaluate(inner);
  return value === omitted ? undefined : { value, origin, secret: inner.touchedSecret };
}

/** The value for an input: what the step gives, else what the walk knows under that name. */
export function argumentsFor(
  gives: Arguments,
  workspace: Evaluator,
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
