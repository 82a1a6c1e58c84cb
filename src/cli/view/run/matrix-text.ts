/** A matrix in words. */
import type { Matrix } from '../../../core/report/matrix.js';
import type { Terminal } from '../../terminal/terminal.js';
import { printableLine } from '../printable.js';
import { table } from '../table.js';

/** Hosts by checks, and below it each deviation. */
export function matrixText({ checks, subjects, deviations }: Matrix, terminal: Terminal): string {
  const { out } = terminal;
  const paint = {
    ok: out.green('ok'),
    failed: out.red('failed'),
    unreachable: out.red('no response'),
    skipped: out.dim('skipped'),
    '': out.dim('-'),
  };
  const rows = subjects
    .slice(0, mostSubjects)
    .map(({ name, cells }) => [printableLine(name), ...checks.map((check) => paint[cells.get(check) ?? ''])]);
  const blocks = [table(rows, terminal, { head: ['', ...checks], flexible: checks.map((_, index) => index + 1) })];
  if (subjects.length > mostSubjects) blocks.push(`and ${subjects.length - mostSubjects} more: --json lists them`);
  if (deviations.length > 0) {
    const lines = deviations
      .slice(0, mostDeviations)
      .map(({ subject, place, expected, found, echo }) => [
        ...[subject, place, expected, found].map(printableLine),
        out.dim(echo),
      ]);
    blocks.push('', out.bold(`${deviations.length} ${deviations.length === 1 ? 'deviation' : 'deviations'}`));
    blocks.push(table(lines, terminal, { head: ['', 'at', 'expected', 'found', 'echo'], flexible: [2, 3] }));
    if (deviations.length > mostDeviations)
      blocks.push(`and ${deviations.length - mostDeviations} more: --json lists them`);
  }
  return blocks.join('\n');
}

const mostSubjects = 60;
const mostDeviations = 60;
