/** Runs trails, requests and folders of them, in one environment or in several, one after the other. */
import { requireNames } from '../check/names-ahead.js';
import { asProblem, interruption, Problem } from '../problem/problem.js';
import { moreSevere } from '../problem/severity.js';
import { placedRecord } from '../trail/record/record-event.js';
import { type RecordOf, type RunRecord, recordVersion } from '../trail/record/run-record.js';
import type { TrailPlan } from '../trail/step-kind.js';
import { requireAhead } from './ahead.js';
import type { RecordedRun } from './journal/recorded-run.js';
import { planNames } from './names.js';
import { openRun, type RunOrder } from './open-run.js';
import type { OpenedRun, RunHost, RunWishes } from './run-host.js';
import { type Walking, walkPlans } from './walk-plans.js';

/** Ready to be walked in one environment. */
export interface PlannedRun extends OpenedRun {
  readonly plans: readonly TrailPlan[];
}

/**
 * All is read, in every environment, before the first step.
 * @param environments nothing for the one in force
 * @returns the most severe problem; undefined where all is well
 * @throws Problem: whatever keeps the run from beginning
 */
export async function runNames(
  host: RunHost,
  names: readonly string[],
  wishes: RunWishes = {},
  environments: readonly (string | undefined)[] = [undefined],
): Promise<Problem | undefined> {
  const several = environments.length > 1;
  const all: PlannedRun[] = [];
  for (const environment of environments) {
    const own = await host.open({ environment, shares: wishes.part?.of });
    const plans = await planNames(own.workspace, names, { ...wishes, several });
    if (wishes.part) requireRows(plans);
    own.workspace.checkSettings(plans.flatMap(({ takes }) => takes));
    all.push({ ...own, plans });
  }
  const known = all.map(({ workspace }) => workspace.environment.name);
  const tables = new Map<string, string>();
  let worst: Problem | undefined;
  for (const own of all) {
    if (host.signal.aborted) return interruption();
    const { settings, environment } = own.workspace;
    const { rows, atOnce, repeat = 1, every = 0, until, part } = wishes;
    const options = { rows, atOnce, repeat: Number.isFinite(repeat) ? repeat : undefined, every, until, part };
    const order: RunOrder = { names, environment: environment.name, settings, options };
    const problem = await runPlanned(host, own, order, { ...wishes, environments: known, tables });
    if (problem) worst = moreSevere(worst, problem);
  }
  return worst;
}

/** @throws Problem usage: what has no rows would be walked by every part */
function requireRows(plans: readonly TrailPlan[]): void {
  const without = plans.find(({ rows }) => rows === undefined);
  if (without)
    throw new Problem('usage', {
      what: `${without.name} has no rows to divide into parts`,
      remedy: 'run it as a whole',
    });
}

/** The first record of a command. */
export const runBegan = (
  run: string,
  { environment, names }: RunOrder,
  facts: Pick<RecordOf<'run'>, 'environments' | 'hosts' | 'part' | 'resumed' | 'dryRun'>,
): RecordOf<'run'> => ({
  event: 'run',
  version: recordVersion,
  run,
  at: new Date().toISOString(),
  environment,
  names: [...names],
  ...facts,
});

/** @param more `before` of the run that is resumed */
export async function runPlanned(
  host: RunHost,
  { workspace, plans, written }: PlannedRun,
  order: RunOrder,
  more: Pick<Walking, 'anew' | 'stopAtFirstFailure'> & {
    readonly dryRun?: boolean | undefined;
    /** All environments of the command, including this one. */
    readonly environments: readonly string[];
    readonly tables?: Walking['tables'];
    readonly before?: RecordedRun | undefined;
  },
): Promise<Problem | undefined> {
  const { before, environments, dryRun = false } = more;
  const report = environments.length > 1 ? inEnvironment(order.environment, host.report) : host.report;
  const hosts = workspace.origins.any ? ['any'] : [...workspace.origins.entries];
  const { part } = order.options;
  const facts = {
    environments: [...environments],
    hosts,
    ...(part && { part }),
    resumed: before !== undefined,
    dryRun,
  };
  workspace.expectChanges({
    calls: plans.flatMap(({ steps }) => steps).reduce((sum, { changes }) => sum + changes, 0),
    rows: plans.some(({ rows }) => rows !== undefined),
  });
  // A dry run reports each unknown name at its step.
  if (!dryRun) requireNames(workspace, plans, order.options.rows);
  try {
    await requireAhead(workspace, plans, host.signal);
  } catch (error) {
    const problem = asProblem(error);
    // With several environments, an unreachable one is a result.
    if (environments.length === 1 || problem.family !== 'no-response') throw error;
    host.report(runBegan(workspace.log.run, order, facts));
    const { environment } = order;
    host.report({ event: 'unreachable', environment, problem: placedRecord(problem, workspace.redactor.hide) });
    return problem;
  }
  const journal = dryRun ? undefined : await openRun(workspace, host.home, plans, order, host.worker, before);
  const beginning = runBegan(journal?.run ?? workspace.log.run, order, facts);
  journal?.record(beginning);
  host.report(beginning);
  try {
    return await walkPlans({ ...host, ...more, report, workspace, plans, journal, options: order.options });
  } finally {
    await journal?.close();
    await written();
  }
}

const inEnvironment =
  (environment: string, report: RunHost['report']): RunHost['report'] =>
  (record) =>
    report('walk' in record || 'session' in record ? ({ ...record, environment } as RunRecord) : record);
