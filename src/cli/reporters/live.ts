/** How far a walk is, in lines that are rewritten while somebody watches. */
import type { Reporter } from '../../core/report/reporter.js';
import type { RecordOf } from '../../core/trail/record/run-record.js';
import { durationText } from '../../core/value/measures.js';
import type { Terminal } from '../terminal/terminal.js';

const wholeSeconds = (ms: number): string => durationText(ms).replace(/\.\d+ s/, ' s');

/** Milliseconds between two pictures. */
const refresh = 250;
/** Over so many milliseconds the rate is taken. */
const span = 5000;

export function live(terminal: Terminal): Reporter {
  let view: WalkView | undefined;
  const end = (): void => {
    view?.end();
    view = undefined;
  };
  return {
    take(record) {
      if (record.event === 'walk') {
        end();
        view = walkView(record, terminal);
      } else if (record.event === 'summary') end();
      else view?.take(record);
    },
    end,
  };
}

type WalkView = Required<Reporter>;

function walkView({ walked, rows }: RecordOf<'walk'>, terminal: Terminal): WalkView {
  const started = performance.now();
  let [done, failed, steps, failedSteps] = [0, 0, 0, 0];
  let latest = '';
  let about: number | undefined;
  let waiting: (RecordOf<'waiting'> & { readonly until: number }) | undefined;
  const past: { at: number; count: number }[] = [];

  const rate = (count: number): number => {
    const now = performance.now();
    past.push({ at: now, count });
    while (past.length > 1 && now - (past[0]?.at ?? now) > span) past.shift();
    const [first] = past;
    return first && now > first.at ? ((count - first.count) * 1000) / (now - first.at) : 0;
  };

  const picture = (): string => {
    const elapsed = wholeSeconds(performance.now() - started);
    const speed = rate(rows ? done : steps);
    const facts = rows
      ? [
          `${done}${about === undefined ? '' : ` of ${about}`} rows`,
          failed > 0 && `${failed} failed`,
          `${speed.toFixed(speed < 10 ? 1 : 0)} a second`,
          about !== undefined && speed > 0 && done < about && `${wholeSeconds(((about - done) / speed) * 1000)} left`,
        ]
      : [`${steps} steps`, failedSteps > 0 && `${failedSteps} failed`, steps > 20 && `${speed.toFixed(0)} a second`];
    const lines = [`${walked}: ${[...facts, elapsed].filter(Boolean).join('   ')}`];
    if (latest !== '') lines.push(`  now      ${latest}`);
    if (waiting) {
      const left = waiting.until - performance.now();
      const throttled = `${waiting.throttled} throttled`;
      lines.push(
        left > 0
          ? `  waiting  ${waiting.host}, ${durationText(left)} more (${waiting.why}); ${throttled}`
          : `  ${throttled}, waited ${durationText(waiting.waited)}`,
      );
    }
    return lines.join('\n');
  };

  const timer = setInterval(() => terminal.progress(picture()), refresh);
  return {
    take(record) {
      if (record.event === 'step') {
        steps += 1;
        if (record.state === 'failed') failedSteps += 1;
        const { row, member, step } = record;
        latest = `${row === null ? '' : `row ${row} `}${member === null ? '' : `${member} `}${step}`;
      } else if (record.event === 'row') {
        done += 1;
        if (!record.ok) failed += 1;
      } else if (record.event === 'rows') about = record.about;
      else if (record.event === 'waiting') waiting = { ...record, until: performance.now() + record.wait };
    },
    end() {
      clearInterval(timer);
      terminal.progress('');
    },
  };
}
