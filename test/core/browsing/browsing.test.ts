/** Browsing as data: rows, the selection, pages that were visited. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  type Browsing,
  begun,
  type Extent,
  type Move,
  moved,
  shownInList,
  typedIn,
  unfolded,
  visited,
} from '../../../src/core/browsing/browsing.js';
import type { Outline, Row } from '../../../src/core/browsing/outline.js';

const row = (key: string, depth: number, holds?: Row['holds']): Row => ({
  key,
  depth,
  mark: holds ? '' : 'GET',
  text: key,
  aside: '',
  holds,
  target: holds ? { kind: 'group', name: key } : { kind: 'operation', name: `harbour/${key}` },
});

/** berths (showBerth, listBerths), and calls: what is typed finds those whose key has it. */
const outline: Outline = {
  rows(typed, opened) {
    const open = (key: string): 'open' | 'closed' => (opened.has(key) ? 'open' : 'closed');
    const all = [
      row('berths', 0, open('berths')),
      ...(opened.has('berths') ? [row('listBerths', 1), row('showBerth', 1)] : []),
      row('calls', 0),
    ];
    return typed === '' ? all : [row('showBerth', 0), row('calls', 0)].filter(({ key }) => key.includes(typed));
  },
  wayTo: ({ name }) => {
    const key = name.slice('harbour/'.length);
    return key === 'calls' ? ['calls'] : key.endsWith('Berths') || key === 'showBerth' ? ['berths', key] : [];
  },
};
const extent: Extent = { height: 10, lines: 35, links: [2, 12, 30] };
const at = (state: Browsing): string | undefined => state.rows[state.selected]?.key;
const after = (state: Browsing, ...moves: Move[]): Browsing =>
  moves.reduce((before, move) => moved(before, move, outline, extent), state);
const first = (): Browsing => begun(outline, new Set());

test('rows are opened and closed, and the selected one stays', () => {
  const open = after(first(), 'in');
  assert.deepEqual(
    open.rows.map(({ key }) => key),
    ['berths', 'listBerths', 'showBerth', 'calls'],
  );
  const inside = after(open, 'down', 'down');
  assert.equal(at(inside), 'showBerth');
  const holder = after(inside, 'out');
  assert.equal(at(holder), 'berths');
  assert.equal(after(holder, 'out').rows.length, 2);
  assert.equal(after(inside, 'in').side, 'page');
});

test('the selection ends at both ends, and is always seen', () => {
  const few: Extent = { ...extent, height: 2 };
  const open = moved(first(), 'in', outline, few);
  const last = moved(open, 'last', outline, few);
  assert.equal(at(last), 'calls');
  assert.equal(last.above, 2);
  assert.equal(at(moved(last, 'down', outline, few)), 'calls');
  const top = moved(last, 'first', outline, few);
  assert.deepEqual([at(top), top.above], ['berths', 0]);
  assert.equal(at(moved(top, 'page-down', outline, few)), 'showBerth');
});

test('what is selected is the page; what is only passed over is not gone back to', () => {
  const passed = after(first(), 'in', 'down', 'down', 'down');
  assert.deepEqual(passed.here?.target, { kind: 'operation', name: 'harbour/calls' });
  assert.deepEqual(passed.back, []);
});

test('links are followed, and the way goes back and forward, with the list beside it', () => {
  const there = shownInList(visited(first(), { kind: 'operation', name: 'harbour/showBerth' }), outline, 10);
  assert.equal(at(there), 'showBerth');
  const further = visited(there, { kind: 'type', name: 'harbour/Berth' });
  const back = after(further, 'back');
  assert.deepEqual(back.here?.target.name, 'harbour/showBerth');
  assert.equal(at(back), 'showBerth');
  assert.deepEqual(after(back, 'forward').here?.target.kind, 'type');
  assert.equal(after(back, 'back').here?.target.kind, 'group');
  // Another way from there forgets what lay ahead.
  assert.deepEqual(visited(back, { kind: 'type', name: 'harbour/Quay' }).forward, []);
  assert.equal(visited(back, { kind: 'operation', name: 'harbour/showBerth' }), back);
});

test('a page that a link led to is gone back to, also when the list is used meanwhile', () => {
  const type = visited(first(), { kind: 'type', name: 'harbour/Berth' });
  const elsewhere = after({ ...type, side: 'list' }, 'down');
  assert.equal(elsewhere.here?.target.name, 'harbour/calls');
  assert.equal(after(elsewhere, 'back').here?.target.name, 'harbour/Berth');
});

test('what is typed selects the best; without it the list is open where the page stands', () => {
  const found = typedIn(first(), outline, 'Berth', 10);
  assert.equal(at(found), 'showBerth');
  assert.equal(found.here?.target.name, 'harbour/showBerth');
  const all = typedIn(found, outline, '', 10);
  assert.deepEqual(
    all.rows.map(({ key }) => key),
    ['berths', 'listBerths', 'showBerth', 'calls'],
  );
  assert.equal(at(all), 'showBerth');
  const nothing = typedIn(found, outline, 'lighthouse', 10);
  assert.deepEqual([nothing.rows, at(nothing)], [[], undefined]);
  assert.equal(nothing.here?.target.name, 'harbour/showBerth');
  assert.equal(after(nothing, 'down', 'in', 'out', 'page-up').rows.length, 0);
});

test('a page is scrolled to its ends, and its links are gone through from what is seen', () => {
  const page = { ...first(), side: 'page' as const };
  assert.equal(after(page, 'up').here?.scroll, 0);
  assert.equal(after(page, 'page-down').here?.scroll, 10);
  assert.equal(after(page, 'last', 'down').here?.scroll, 25);
  const second = after(page, 'next-link', 'next-link');
  assert.equal(second.here?.link, 1);
  assert.ok((second.here?.scroll ?? 0) <= 12 && (second.here?.scroll ?? 0) + 10 > 12);
  assert.equal(after(second, 'next-link', 'next-link').here?.link, 0);
  assert.equal(after(page, 'previous-link').here?.link, 1);
  assert.equal(after(page, 'last', 'next-link').here?.link, 2);
  assert.equal(after(page, 'out').side, 'list');
});

test('a page without links takes the keys all the same', () => {
  assert.equal(moved(first(), 'next-link', outline, { ...extent, links: [] }).side, 'page');
});

test('fields that were opened are open when one comes back', () => {
  const opened = unfolded(first(), 'body.cargo');
  assert.deepEqual([...(opened.here?.opened ?? [])], ['body.cargo']);
  const back = after(visited(opened, { kind: 'type', name: 'harbour/Cargo' }), 'back');
  assert.deepEqual([...(back.here?.opened ?? [])], ['body.cargo']);
  assert.deepEqual([...(unfolded(back, 'body.cargo').here?.opened ?? [])], []);
});
