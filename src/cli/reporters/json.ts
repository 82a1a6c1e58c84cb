/** The records of a run as they are, a line each. */
import type { Reporter } from '../../core/report/reporter.js';
import type { Terminal } from '../terminal/terminal.js';

export const json = (terminal: Terminal): Reporter => ({ take: terminal.document });
