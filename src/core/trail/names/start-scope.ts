/** The names that a trail starts with: its inputs, and the columns of its row. */

import { type InputPlan, inputValue, missingInput } from '../../collection/variables/inputs.js';
import { variableNames } from '../../collection/variables/variable-scopes.js';
import { type Named, noNames } from '../../expression/names.js';
import { action } from '../../problem/actions.js';
import type { Evaluator } from '../../sending/workspace.js';
import { ownMember } from '../../value/own-member.js';
import type { Value } from '../../value/written.js';
import type { Row } from '../rows/row-source.js';
import type { TrailPlan } from '../step-kind.js';
import { Scope } from './scope.js';

/** @throws Problem input-missing, input-value */
export function startScope(
  plan: TrailPlan,
  workspace: Evaluator,
  given: (input: string) => Named | undefined,
  row?: Row,
): Scope {
  const values = new Map<string, Named>();
  if (row) {
    const origin = `row ${row.number} of ${plan.rows?.from}`;
    values.set('row', { value: row.columns, origin });
    for (const name in row.columns) values.set(name, { value: ownMember(row.columns, name) as Value, origin });
  }
  return withInputs(plan, workspace, values, given, (input) => {
    throw missingInput(input);
  });
}

/** The inputs as far as they are known before there is a row, for the expression that gives the rows. */
export function inputScope(plan: TrailPlan, workspace: Evaluator, given: (input: string) => Named | undefined): Scope {
  return withInputs(plan, workspace, new Map(), given, () => undefined);
}

function withInputs(
  plan: TrailPlan,
  workspace: Evaluator,
  values: Map<string, Named>,
  given: (input: string) => Named | undefined,
  missing: (input: InputPlan) => void,
): Scope {
  const scope = new Scope(values, `values of trail ${plan.name}`);
  if (plan.inputs.length === 0) return scope;
  const evaluationContext = workspace.evaluationContext();
  const names = variableNames(workspace.layers, noNames, evaluationContext);
  for (const input of plan.inputs) {
    const named = inputValue(input, given(input.name) ?? values.get(input.name), names, evaluationContext);
    if (named) scope.set(input.name, named);
    else missing(input);
  }
  return scope;
}

/** What `--set` gives to inputs. */
export const fromCommandLine =
  ({ settings }: Evaluator) =>
  (input: string): Named | undefined => {
    const value = settings.get(input);
    return value === undefined ? undefined : { value, origin: action().settings() };
  };
