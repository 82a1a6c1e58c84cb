/** Telling what a walk does, as it does it: lines for people, lines of JSON for programs. */
import type { WalkEvent } from '../../core/trail/events.js';
import type { MatrixMaker } from '../../core/trail/run/matrix.js';
import type { TrailPlan } from '../../core/trail/step-kind.js';
import type { Workspace } from '../../core/trail/workspace.js';
import type { Terminal } from '../terminal.js';
import { eventLines } from '../view/run.js';
import { eventDocument } from '../view/run-documents.js';
import { liveView } from './live-view.js';

export interface Reporter {
  readonly report: (event: WalkEvent) => void;
  end(): void;
}

/** @param environment named where there are several */
export function reporter(
  plan: TrailPlan,
  workspace: Workspace,
  terminal: Terminal,
  matrix: MatrixMaker | undefined,
  environment: string | undefined,
): Reporter {
  const { hide } = workspace.redactor;
  // What follows the names stands in one column, unless a name is very long.
  const width = plan.rows ? 0 : Math.min(40, Math.max(...plan.steps.map(({ label }) => label.length)));
  const live = liveView(plan, workspace, terminal);
  return {
    report(event) {
      live.take(event);
      matrix?.take(event, environment);
      if (terminal.json) {
        const document = eventDocument(event, hide);
        terminal.print(hide(JSON.stringify(environment === undefined ? document : { ...document, environment })));
      } else if (event.event === 'waiting') {
        // Where somebody watches, the live view says so; a log has it once for each longer wait.
        if (!terminal.live && event.added > 0)
          for (const line of eventLines(event, terminal, hide)) terminal.note(line);
      } else if (!terminal.quiet || (event.event === 'step' && event.state === 'failed')) {
        for (const line of eventLines(event, terminal, hide, width)) terminal.print(line);
      }
    },
    end: () => live.end(),
  };
}
