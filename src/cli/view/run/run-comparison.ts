/** What differs between two runs, in words. */
import type { ChangedCase, RunComparison, StepTimes, Times } from '../../../core/report/compare-runs.js';
import { durationText } from '../../../core/value/measures.js';
import type { Terminal } from '../../terminal/terminal.js';
import { printableLine } from '../printable.js';
import { table } from '../table.js';

/** Of cases that are alike; --json has them all. */
const mostShown = 50;

export function runComparisonText(
  found: RunComparison,
  [before, after]: readonly [string, string],
  terminal: Terminal,
): string[] {
  const { out } = terminal;
  const { broke, fixed, stillFailing, added, gone, passed, steps } = found;
  const lines = [
    ...cases(out.red('broke'), broke, terminal),
    ...cases(out.green('fixed'), fixed, terminal),
    ...cases(out.yellow('still fails'), stillFailing, terminal),
  ];
  if (steps.length > 0) {
    if (lines.length > 0) lines.push('');
    lines.push(
      table(
        steps.map((one) => timesRow(one, terminal)),
        terminal,
        { head: ['step', before, after, ''], flexible: [0] },
      ),
    );
  }
  const facts = [
    broke.length > 0 ? out.red(`${broke.length} broke`) : '0 broke',
    `${fixed.length} fixed`,
    `${stillFailing.length} still failing`,
    `${passed} passed in both`,
    added > 0 && `${added} new`,
    gone > 0 && `${gone} gone`,
    steps.some(({ verdict }) => verdict === 'slower') &&
      out.yellow(`${steps.filter(({ verdict }) => verdict === 'slower').length} slower`),
  ];
  lines.push('', `${out.bold(`${before}, then ${after}`)}: ${facts.filter(Boolean).join('   ')}`);
  return lines;
}

function cases(word: string, all: readonly ChangedCase[], { out }: Terminal): string[] {
  const lines = all
    .slice(0, mostShown)
    .flatMap(({ walked, name, what, echo }) => [
      `${word}  ${out.bold(printableLine(`${walked}: ${name}`))}${echo === null ? '' : `  ${out.dim(echo)}`}`,
      `       ${printableLine(what)}`,
    ]);
  return all.length > mostShown ? [...lines, `       and ${all.length - mostShown} more: --json lists them`] : lines;
}

function timesRow({ walked, step, before, after, verdict }: StepTimes, { out }: Terminal): string[] {
  const word = {
    slower: out.yellow('slower'),
    faster: out.green('faster'),
    same: '',
    unknown: out.dim('too few to tell'),
  }[verdict];
  return [printableLine(`${walked}: ${step}`), timesText(before), timesText(after), word];
}

/** The median, and between which times the middle half lies. */
const timesText = ({ p25, p50, p75 }: Times): string =>
  `${durationText(p50)} (${durationText(p25)} to ${durationText(p75)})`;
