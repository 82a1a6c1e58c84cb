/** `run NAMES`: in one environment, or in several. */
import { shortText } from '../../core/matcher/reading.js';
import { makeMatrix } from '../../core/run/matrix.js';
import { planNames } from '../../core/run/names.js';
import type { RunOrder } from '../../core/run/open-run.js';
import type { TrailPlan } from '../../core/trail/step-kind.js';
import type { Context } from '../context.js';
import { interruptedStatus } from '../exit-status.js';
import { type Opened, opened } from './opened.js';
import type { RunWishes } from './options.js';
import { tellMatrix, walkAhead } from './walk-ahead.js';
import { worse } from './walk-plans.js';

/** One environment, or several of them one after the other; all of them are read before the first step. */
export async function walkNames(context: Context, names: readonly string[], wishes: RunWishes): Promise<number> {
  const { terminal } = context;
  const environments = context.options.env?.split(',').map((name) => name.trim()) ?? [undefined];
  const several = environments.length > 1;
  const matrix = wishes.matrix || several ? makeMatrix(shortText) : undefined;
  const all: (Opened & { readonly plans: readonly TrailPlan[] })[] = [];
  for (const environment of environments) {
    const own = await opened(context, wishes, { environment });
    const plans = await planNames(own.workspace, names, { ...wishes, several });
    own.workspace.checkSettings(plans.flatMap(({ takes }) => takes));
    all.push({ ...own, plans });
  }
  let status = 0;
  const tables = new Map<string, string>();
  for (const own of all) {
    if (context.signal.aborted) {
      status = interruptedStatus;
      break;
    }
    const { settings, environment } = own.workspace;
    if (several && !terminal.json) terminal.note(terminal.err.bold(`environment ${environment.name}`));
    const { rows, atOnce, repeat, every, until } = wishes;
    const options = { rows, atOnce, repeat, every, until };
    const order: RunOrder = { names, environment: environment.name, settings, options };
    const walking = { ...own, wishes, matrix, environment: several ? environment.name : undefined, tables };
    status = worse(status, await walkAhead(walking, order, context));
    if (several) matrix?.ended(environment.name);
  }
  tellMatrix(matrix, context, context.redactor()?.hide ?? ((text) => text));
  return status;
}
