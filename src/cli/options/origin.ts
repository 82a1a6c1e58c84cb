/** The origin of the environment that is chosen. */
import { variableNames } from '../../core/collection/variables/variable-scopes.js';
import { noNames } from '../../core/expression/names.js';
import { textOf } from '../../core/value/text.js';
import type { Context } from '../context.js';

/** undefined where there is none, or it cannot be computed. */
export async function originOf(context: Context): Promise<string | undefined> {
  try {
    const { layers, runtime, redactor } = await context.workspace();
    const found = variableNames(layers, noNames, { runtime: runtime(), onSecret: redactor.add }).lookup('origin');
    return found && textOf(found.value);
  } catch {
    return undefined;
  }
}
