/** `run`: trails and requests, walked. */
import { Problem } from '../../core/problem/problem.js';
import type { Summary, WalkEvent } from '../../core/trail/events.js';
import { planTrail } from '../../core/trail/plan.js';
import { demandSecrets } from '../../core/trail/secrets-ahead.js';
import type { TrailPlan } from '../../core/trail/step-kind.js';
import { requestAsTrail, walkTrail } from '../../core/trail/walk.js';
import type { Workspace } from '../../core/trail/workspace.js';
import { type CommandModule, examples } from '../command.js';
import type { Context } from '../context.js';
import { exitStatus } from '../exit-status.js';
import type { Terminal } from '../terminal.js';
import { problemLines } from '../view/problem.js';
import { eventLines, summaryText } from '../view/run.js';
import { eventDocument, summaryDocument } from '../view/run-documents.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<names...>', 'trails or requests of the collection, walked one after the other')
      .option('--allow-changes', 'say yes where the environment asks before a change')
      .action(
        run(async (context, names, { allowChanges }) => {
          const { terminal } = context;
          const workspace = await context.workspace({ allowChanges: allowChanges === true });
          const plans: TrailPlan[] = [];
          // Everything is read before the first step is taken.
          for (const name of names) plans.push(await planFor(workspace, name));
          workspace.checkSettings(plans.flatMap(({ takes }) => takes));
          demandSecrets(workspace, plans);
          let status = 0;
          workspace.expectChanges({
            calls: plans.flatMap(({ steps }) => steps).reduce((sum, { changes }) => sum + changes, 0),
            rows: plans.some(({ rows }) => rows !== undefined),
          });
          for (const plan of plans) {
            const summary = await walk(plan, workspace, context);
            status = worse(status, exitStatus(summary.problem));
            if (terminal.json)
              terminal.print(workspace.redactor.hide(JSON.stringify(summaryDocument(summary, plan.name))));
            else terminal.print(summaryText(summary, plan.name, terminal, workspace.redactor.hide));
            if (summary.ended && !terminal.json)
              terminal.complain(problemLines(summary.ended, terminal.err, workspace.redactor.hide));
            if (summary.interrupted) break;
          }
          return status;
        }),
      );
    examples(command, [
      ['run berth-stay', 'a trail of the collection'],
      ['run berth-stay --set imo=9000031 --json', 'for another vessel, a line of JSON an event'],
      ['run vessels/show berths/free', 'two requests, with their expectations'],
    ]);
  },
};

/** A trail of that name, else a request. */
async function planFor(workspace: Workspace, name: string): Promise<TrailPlan> {
  const { collection } = workspace;
  const known = (kind: 'trail' | 'request'): boolean => {
    try {
      collection.resolve(kind, name);
      return true;
    } catch (error) {
      if (error instanceof Problem && error.code === 'name-ambiguous') throw error;
      return false;
    }
  };
  if (known('trail')) return planTrail(workspace, name);
  if (known('request')) {
    const prepared = await workspace.prepare(name);
    return requestAsTrail(workspace, prepared);
  }
  const { nearestHint } = await import('../../core/problem/nearest.js');
  throw new Problem('name-not-found', {
    what: `there is neither a trail nor a request ${name}`,
    remedy: nearestHint(name, [...collection.names('trail'), ...collection.names('request')]),
  });
}

/** By the order of the exit statuses: 130, 2, 4, 3, 1, 0. */
function worse(one: number, other: number): number {
  const order = [0, 1, 3, 4, 2, 130];
  return order.indexOf(one) >= order.indexOf(other) ? one : other;
}

async function walk(
  plan: TrailPlan,
  workspace: Workspace,
  { terminal, signal, secondSignal }: Context,
): Promise<Summary> {
  const { hide } = workspace.redactor;
  const rows = plan.rows !== undefined;
  // What follows the names stands in one column, unless a name is very long.
  const width = rows ? 0 : Math.min(40, Math.max(...plan.steps.map(({ label }) => label.length)));
  const progress = progressLine(plan, terminal);
  const report = (event: WalkEvent): void => {
    progress.count(event);
    if (terminal.json) {
      const document = eventDocument(event, hide);
      if (document) terminal.print(hide(JSON.stringify(document)));
    } else if (!terminal.quiet || (event.event === 'step' && event.state === 'failed')) {
      for (const line of eventLines(event, terminal, hide, rows, width)) terminal.print(line);
    }
  };
  try {
    return await walkTrail(workspace, plan, { report, signal, undoSignal: secondSignal });
  } finally {
    progress.end();
  }
}

/** How far a walk is, on a line of its own where somebody watches. */
function progressLine(
  { name, rows }: TrailPlan,
  terminal: Terminal,
): { count: (event: WalkEvent) => void; end: () => void } {
  const started = performance.now();
  let done = 0;
  let failed = 0;
  let steps = 0;
  let timer: NodeJS.Timeout | undefined;
  if (terminal.live) {
    timer = setInterval(() => {
      const seconds = (performance.now() - started) / 1000;
      const text =
        rows === undefined
          ? `${steps} steps`
          : `${done} rows, ${failed} failed, ${Math.round(done / seconds)} a second`;
      terminal.progress(`${name}: ${text}, ${seconds.toFixed(0)} s`);
    }, 250);
  }
  return {
    count(event) {
      if (event.event === 'step') steps += 1;
      if (event.event !== 'row') return;
      done += 1;
      if (!event.ok) failed += 1;
    },
    end() {
      clearInterval(timer);
      terminal.progress('');
    },
  };
}
