/**
 * Where somebody is who browses: the list with its selection, what is typed, the pages that were visited, and which side the keys
 * go to. Every move makes a new state of the one before.
 */
import { type Outline, type Row, sameTarget, type Target } from './outline.js';

/** A page that was visited, as it was left. */
export interface Visit {
  readonly target: Target;
  /** Lines above what is seen. */
  readonly scroll: number;
  /** The link that Enter follows, from 0; -1 before the first. */
  readonly link: number;
  /** Fields that were opened in place, by their paths. */
  readonly opened: ReadonlySet<string>;
}

export interface Browsing {
  readonly side: 'list' | 'page' | 'search';
  readonly rows: readonly Row[];
  /** Of the rows, from 0. */
  readonly selected: number;
  /** Rows above those that are seen. */
  readonly above: number;
  /** Keys of the rows whose content is shown. */
  readonly opened: ReadonlySet<string>;
  readonly typed: string;
  readonly here: Visit | undefined;
  readonly back: readonly Visit[];
  readonly forward: readonly Visit[];
}

/** How much of the screen there is, and how much there is to see. */
export interface Extent {
  /** Lines of the list, and of the page. */
  readonly height: number;
  /** Lines of the page that is shown. */
  readonly lines: number;
  /** The line of each of its links. */
  readonly links: readonly number[];
}

export const moves = [
  'up',
  'down',
  'page-up',
  'page-down',
  'first',
  'last',
  'in',
  'out',
  'next-link',
  'previous-link',
  'back',
  'forward',
  'other-side',
] as const;
export type Move = (typeof moves)[number];

const visitOf = (target: Target): Visit => ({ target, scroll: 0, link: -1, opened: new Set() });

/** @param opened rows whose content is shown at first */
export function begun(outline: Outline, opened: ReadonlySet<string>): Browsing {
  const rows = outline.rows('', opened);
  const state: Browsing = {
    side: 'list',
    rows,
    selected: 0,
    above: 0,
    opened,
    typed: '',
    here: undefined,
    back: [],
    forward: [],
  };
  return selectedAt(state, 0, Number.POSITIVE_INFINITY);
}

/** A list of other rows, since something was typed, opened, or has come: the same row stays selected where it is still there. */
function listed(state: Browsing, outline: Outline, height: number): Browsing {
  const rows = outline.rows(state.typed, state.opened);
  const key = state.rows[state.selected]?.key;
  const at = rows.findIndex((row) => row.key === key);
  return selectedAt({ ...state, rows }, Math.max(0, at), height);
}

/** What is typed finds rows from the first on; without it the list is as it was, around the page that is shown. */
export function typedIn(state: Browsing, outline: Outline, typed: string, height: number): Browsing {
  if (typed.trim() === '') return shownInList({ ...state, typed }, outline, height);
  const rows = outline.rows(typed, state.opened);
  return selectedAt({ ...state, typed, rows }, 0, height);
}

/** Another page; what is shown can be gone back to. */
export function visited(state: Browsing, target: Target): Browsing {
  const { here, back } = state;
  if (here && sameTarget(here.target, target)) return state;
  return { ...state, back: here ? [...back, here] : back, here: visitOf(target), forward: [] };
}

/** The list opened where the shown page is in it. */
export function shownInList(state: Browsing, outline: Outline, height: number): Browsing {
  const way = state.here ? outline.wayTo(state.here.target) : [];
  const opened = new Set([...state.opened, ...way.slice(0, -1)]);
  const rows = outline.rows(state.typed, opened);
  const at = rows.findIndex(({ key }) => key === way.at(-1));
  const before = rows.findIndex(({ key }) => key === state.rows[state.selected]?.key);
  return selectedAt({ ...state, rows, opened }, at === -1 ? Math.max(0, before) : at, height, true);
}

export function moved(state: Browsing, move: Move, outline: Outline, extent: Extent): Browsing {
  if (move === 'back' || move === 'forward') return gone(state, move, outline, extent.height);
  if (move === 'other-side') return { ...state, side: state.side === 'list' ? 'page' : 'list' };
  if (move === 'next-link' || move === 'previous-link') return onLink(state, move === 'next-link' ? 1 : -1, extent);
  return state.side === 'page' ? inPage(state, move, extent) : inList(state, move, outline, extent.height);
}

function inList(state: Browsing, move: Move, outline: Outline, height: number): Browsing {
  const { rows, selected, opened } = state;
  const last = rows.length - 1;
  const row = rows[selected];
  switch (move) {
    case 'up':
      return selectedAt(state, selected - 1, height);
    case 'down':
      return selectedAt(state, selected + 1, height);
    case 'page-up':
      return selectedAt(state, selected - height, height);
    case 'page-down':
      return selectedAt(state, selected + height, height);
    case 'first':
      return selectedAt(state, 0, height);
    case 'last':
      return selectedAt(state, last, height);
    case 'in':
      if (row?.holds === 'closed') return listed({ ...state, opened: new Set([...opened, row.key]) }, outline, height);
      return row && !row.holds ? { ...state, side: 'page' } : state;
    case 'out': {
      if (row?.holds === 'open')
        return listed({ ...state, opened: new Set([...opened].filter((one) => one !== row.key)) }, outline, height);
      // The row that holds this one is the nearest above that stands less deep.
      const holder = rows.slice(0, selected).findLastIndex(({ depth }) => depth < (row?.depth ?? 0));
      return holder === -1 ? state : selectedAt(state, holder, height);
    }
    default:
      return state;
  }
}

/** A row becomes the selected one, is seen, and its page is shown. What is only passed over is not gone back to. */
function selectedAt(state: Browsing, wanted: number, height: number, keepPage = false): Browsing {
  const selected = Math.min(Math.max(0, wanted), Math.max(0, state.rows.length - 1));
  const above = Math.max(0, Math.min(Math.max(state.above, selected - height + 1), selected));
  const target = state.rows[selected]?.target;
  const { here } = state;
  if (keepPage || !target || (here && sameTarget(here.target, target))) return { ...state, selected, above };
  // From a page that a link or a command led to, the way back stays.
  const led = here && state.rows.every((row) => !sameTarget(row.target, here.target));
  return {
    ...state,
    selected,
    above,
    here: visitOf(target),
    back: led ? [...state.back, here] : state.back,
    forward: led ? [] : state.forward,
  };
}

function inPage(state: Browsing, move: Move, { height, lines }: Extent): Browsing {
  const { here } = state;
  if (!here) return state;
  const most = Math.max(0, lines - height);
  const to: Partial<Record<Move, number>> = {
    up: here.scroll - 1,
    down: here.scroll + 1,
    'page-up': here.scroll - height,
    'page-down': here.scroll + height,
    first: 0,
    last: most,
  };
  if (move === 'out') return { ...state, side: 'list' };
  const scroll = to[move];
  return scroll === undefined ? state : { ...state, here: { ...here, scroll: Math.min(Math.max(0, scroll), most) } };
}

/** The next link, or the one before; the page is moved so that it is seen. */
function onLink(state: Browsing, by: 1 | -1, { height, lines, links }: Extent): Browsing {
  const { here } = state;
  if (!here || links.length === 0) return { ...state, side: 'page' };
  const visible = (line: number | undefined): boolean =>
    line !== undefined && line >= here.scroll && line < here.scroll + height;
  // Whoever has scrolled on goes on from what is seen.
  const next =
    here.link === -1 || !visible(links[here.link])
      ? links.findIndex((line) => (by === 1 ? line >= here.scroll : line >= here.scroll + height))
      : here.link + by;
  const link = next < 0 ? (by === 1 ? 0 : links.length - 1) : next % links.length;
  const line = links[link] ?? 0;
  const scroll = visible(line)
    ? here.scroll
    : Math.min(Math.max(0, line - Math.floor(height / 3)), Math.max(0, lines - height));
  return { ...state, side: 'page', here: { ...here, link, scroll } };
}

function gone(state: Browsing, move: 'back' | 'forward', outline: Outline, height: number): Browsing {
  const { here, back, forward } = state;
  const to = move === 'back' ? back.at(-1) : forward.at(-1);
  if (!to || !here) return state;
  const went: Browsing =
    move === 'back'
      ? { ...state, here: to, back: back.slice(0, -1), forward: [...forward, here] }
      : { ...state, here: to, back: [...back, here], forward: forward.slice(0, -1) };
  return shownInList(went, outline, height);
}

/** A field of the page opened in place, or folded again. */
export function unfolded(state: Browsing, path: string): Browsing {
  const { here } = state;
  if (!here) return state;
  const opened = new Set(here.opened);
  if (!opened.delete(path)) opened.add(path);
  return { ...state, here: { ...here, opened } };
}
