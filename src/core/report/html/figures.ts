/** The figures of a page about runs, as SVG; colours stand in the style sheet, so that they follow light and dark. */
import { max } from 'd3-array';
import { scaleBand, scaleLinear, scaleLog } from 'd3-scale';
import { area, curveStepAfter } from 'd3-shape';
import { durationText } from '../../value/measures.js';
import { attributes, xmlText } from '../../value/xml-attributes.js';
import type { Spread } from '../spread.js';
import type { Exchange } from './facts.js';
import { lost } from './lost.js';

const phaseNames = ['lookup', 'connect', 'tls', 'waiting', 'receiving'] as const;

const text = (x: number, y: number, content: string, more: Readonly<Record<string, string | number>> = {}): string =>
  `<text${attributes({ x: round(x), y: round(y), ...more })}>${xmlText(content)}</text>`;

const round = (value: number): number => Math.round(value * 10) / 10;

function figure(width: number, height: number, about: string, content: string): string {
  return `<svg viewBox="0 0 ${width} ${height}" role="img"${attributes({ 'aria-label': about })}>${content}</svg>`;
}

/** How many exchanges took how long, with the three percentiles marked. */
export function distribution(spread: Spread): string {
  const [width, height, left, right, bottom, top] = [720, 200, 44, 36, 28, 24];
  const counts = spread.counts(Math.min(48, Math.max(8, spread.count)));
  const [first, last] = [counts[0]?.from ?? 1, counts.at(-1)?.to ?? 2];
  const x = scaleLog([first, last], [left, width - right]);
  const y = scaleLinear([0, max(counts, ({ count }) => count) ?? 1], [height - bottom, top]).nice();
  const shape = area<{ x: number; y: number }>()
    .x((one) => round(x(one.x)))
    .y0(height - bottom)
    .y1((one) => round(y(one.y)))
    .curve(curveStepAfter);
  const points = [
    ...counts.map(({ from, count }) => ({ x: from, y: count })),
    { x: last, y: counts.at(-1)?.count ?? 0 },
  ];
  const marks = (['p50', 'p95', 'p99'] as const).map((name) => ({
    name: name as string,
    at: x(Math.max(first, Math.min(last, spread.at(Number(name.slice(1)) / 100)))),
  }));
  const lines = marks.map(
    ({ at }) => `<line class="mark"${attributes({ x1: round(at), x2: round(at), y1: top - 6, y2: height - bottom })}/>`,
  );
  // Names that would stand upon each other share a place.
  const names: { name: string; at: number }[] = [];
  for (const one of marks) {
    const before = names.at(-1);
    if (before && one.at - before.at < 34)
      names[names.length - 1] = { name: `${before.name} ${one.name}`, at: (before.at + one.at) / 2 };
    else names.push(one);
  }
  const ticks = spaced(
    x.ticks(6).map((tick) => ({ at: x(tick), tick })),
    64,
  );
  return figure(
    width,
    height,
    `Response times from ${durationText(spread.least)} to ${durationText(spread.most)}`,
    [
      ...y
        .ticks(4)
        .filter(Number.isInteger)
        .map(
          (tick) =>
            `<line class="grid"${attributes({ x1: left, x2: width - right, y1: round(y(tick)), y2: round(y(tick)) })}/>${text(left - 6, y(tick) + 4, String(tick), { 'text-anchor': 'end' })}`,
        ),
      `<path class="area"${attributes({ d: shape(points) ?? '' })}/>`,
      ...ticks.map(({ at, tick }) => text(at, height - 8, durationText(tick), { 'text-anchor': 'middle' })),
      ...lines,
      ...names.map(({ name, at }) =>
        text(Math.min(at, width - right), 12, name, { class: 'mark-name', 'text-anchor': 'middle' }),
      ),
    ].join(''),
  );
}

/** Those that stand far enough from the one before. */
function spaced<One extends { readonly at: number }>(all: readonly One[], least: number): readonly One[] {
  const kept: One[] = [];
  for (const one of all) if (one.at - (kept.at(-1)?.at ?? Number.NEGATIVE_INFINITY) >= least) kept.push(one);
  return kept;
}

/** Statuses by how often they came. */
export function statusBars(statuses: ReadonlyMap<number, number>): string {
  const all = [...statuses].sort((a, b) => a[0] - b[0]);
  const [width, rowHeight, left] = [340, 26, 52];
  const height = all.length * rowHeight + 4;
  const y = scaleBand(
    all.map(([status]) => String(status)),
    [0, height],
  ).padding(0.25);
  const x = scaleLinear([0, max(all, ([, count]) => count) ?? 1], [left, width - 70]);
  const bars = all.map(([status, count]) => {
    const top = y(String(status)) ?? 0;
    const middle = top + y.bandwidth() / 2 + 4;
    return `${text(left - 8, middle, status === lost ? 'lost' : String(status), { 'text-anchor': 'end' })}<rect class="s${Math.floor(status / 100)}"${attributes({ x: left, y: round(top), width: round(Math.max(2, x(count) - left)), height: round(y.bandwidth()), rx: 3 })}/>${text(Math.max(left + 2, x(count)) + 6, middle, String(count))}`;
  });
  return figure(width, height, 'Statuses of responses', bars.join(''));
}

/** Exchanges in the order in which they were sent, each at its time; of older records, without. */
export function timeline(exchanges: readonly Exchange[]): string {
  if (!exchanges.every(({ began }) => began !== undefined)) return phaseBars(exchanges);
  const sorted = [...exchanges].sort((a, b) => (a.began ?? 0) - (b.began ?? 0));
  const first = sorted[0]?.began ?? 0;
  return phaseBars(sorted, ({ began = 0 }) => began - first);
}

/** Each exchange as a bar of its phases, all on one scale of time. @param startOf where a bar begins, in milliseconds */
export function phaseBars(exchanges: readonly Exchange[], startOf: (exchange: Exchange) => number = () => 0): string {
  const [width, rowHeight, left] = [720, 24, 250];
  const height = exchanges.length * rowHeight + 26;
  const x = scaleLinear([0, max(exchanges, (one) => startOf(one) + one.time) || 1], [left, width - 76]);
  const ticks = x
    .ticks(5)
    .map(
      (tick) =>
        `<line class="grid"${attributes({ x1: round(x(tick)), x2: round(x(tick)), y1: 18, y2: height })}/>${text(x(tick), 12, tick === 0 ? '0' : durationText(tick), { 'text-anchor': 'middle' })}`,
    );
  const several = new Set(exchanges.map(({ walked }) => walked)).size > 1;
  const bars = exchanges.map((exchange, index) => {
    const { walked, name: own, time, phases, status, failed } = exchange;
    const start = startOf(exchange);
    const name = several ? `${walked}: ${own}` : own;
    const top = 22 + index * rowHeight;
    let at = start;
    const parts = phaseNames.map((phase) => {
      const part = Math.min(phases[phase] ?? 0, Math.max(0, start + time - at));
      const bar =
        part > 0
          ? `<rect class="${phase}"${attributes({ x: round(x(at)), y: top + 3, width: Math.max(0.5, round(x(at + part) - x(at))), height: rowHeight - 8 })}><title>${phase} ${durationText(part)}</title></rect>`
          : '';
      at += part;
      return bar;
    });
    const label = name.length > 38 ? `${name.slice(0, 37)}…` : name;
    return `<g><title>${xmlText(`${name}, ${status ?? 'no response'}, ${durationText(time)}`)}</title>${text(left - 8, top + 15, label, { 'text-anchor': 'end', ...(failed && { class: 'failed' }) })}${parts.join('')}${text(x(start + time) + 6, top + 15, durationText(time))}</g>`;
  });
  return figure(width, height, 'Phases of exchanges', [...ticks, ...bars].join(''));
}

export const phaseKey = `<ul class="key">${phaseNames.map((phase) => `<li class="${phase}">${phase}</li>`).join('')}</ul>`;
