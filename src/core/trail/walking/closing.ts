/** Sessions are closed by the command that opened them. */
import { asProblem } from '../../problem/problem.js';
import type { Workspace } from '../../sending/workspace.js';
import type { WalkEvent } from '../events.js';

/** The newest first. What goes wrong is told, and ends nothing. */
export async function closeSessions(workspace: Workspace, report: (event: WalkEvent) => void): Promise<void> {
  for (const { name, caller } of [...workspace.sessions.opened]) {
    try {
      await workspace.sessions.close(name, caller);
      report({ event: 'session-closed', name, problem: undefined });
    } catch (error) {
      report({ event: 'session-closed', name, problem: asProblem(error) });
    }
  }
}
