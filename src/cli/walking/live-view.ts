/** How far a walk is, in lines that are rewritten while somebody watches. */

import type { Patience } from '../../core/pacing/tries.js';
import type { WalkEvent } from '../../core/trail/events.js';
import type { TrailPlan } from '../../core/trail/step-kind.js';
import { durationText } from '../../core/value/measures.js';
import type { Terminal } from '../terminal/terminal.js';

export interface LiveView {
  take(event: WalkEvent): void;
  end(): void;
}

const nobodyWatches: LiveView = { take: () => undefined, end: () => undefined };

const wholeSeconds = (ms: number): string => durationText(ms).replace(/\.\d+ s/, ' s');

/** Milliseconds between two pictures. */
const refresh = 250;
/** Over so many milliseconds the rate is taken. */
const span = 5000;

/** @param patience counts what hosts refuse, from before the walk */
export function liveView({ name, rows }: TrailPlan, patience: Readonly<Patience>, terminal: Terminal): LiveView {
  if (!terminal.live) return nobodyWatches;
  const started = performance.now();
  const before = { ...patience };
  let [done, failed, steps, failedSteps] = [0, 0, 0, 0];
  let latest = '';
  let about: number | undefined;
  let waiting: { host: string; until: number; why: string } | undefined;
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
    const lines = [`${name}: ${[...facts, elapsed].filter(Boolean).join('   ')}`];
    if (latest !== '') lines.push(`  now      ${latest}`);
    if (waiting) {
      const left = waiting.until - performance.now();
      const refused = `${patience.refused - before.refused} refused`;
      lines.push(
        left > 0
          ? `  waiting  ${waiting.host}, ${durationText(left)} more (${waiting.why}); ${refused}`
          : `  ${refused}, waited ${durationText(patience.waited - before.waited)}`,
      );
    }
    return lines.join('\n');
  };

  void rows?.about().then(
    (found) => {
      about = found;
    },
    () => undefined,
  );
  const timer = setInterval(() => terminal.progress(picture()), refresh);
  return {
    take(event) {
      if (event.event === 'step') {
        steps += 1;
        if (event.state === 'failed') failedSteps += 1;
        latest = `${event.row === undefined ? '' : `row ${event.row} `}${event.member === undefined ? '' : `${event.member} `}${event.label}`;
      } else if (event.event === 'row') {
        done += 1;
        if (!event.ok) failed += 1;
      } else if (event.event === 'waiting') {
        waiting = { host: event.host, until: performance.now() + event.wait, why: event.why };
      }
    },
    end() {
      clearInterval(timer);
      terminal.progress('');
    },
  };
}
