/** Recorded exchanges as a list, the newest first; what is typed has to stand in them, word by word. */
import type { Echo } from '../echo/echo.js';
import { hasFailed } from '../echo/filter.js';
import type { Outline, Row } from './outline.js';

export function echoesOutline(echoes: () => readonly Echo[]): Outline {
  return {
    rows(typed) {
      const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
      return echoes()
        .map((echo) => ({ row: rowOf(echo), text: textOf(echo) }))
        .filter(({ text }) => words.every((word) => text.includes(word)))
        .map(({ row }) => row);
    },
    wayTo: ({ kind, name }) => (kind === 'echo' ? [name] : []),
  };
}

const rowOf = ({ id, at, sent, received, request, step, unfinished }: Echo): Row => ({
  key: id,
  depth: 0,
  mark: received ? String(received.status) : unfinished ? 'in doubt' : 'none',
  text: `${sent.method} ${pathOf(sent.url)}`,
  aside: `${at.slice(11, 19)} ${step ?? request ?? ''}`.trimEnd(),
  holds: undefined,
  target: { kind: 'echo', name: id },
});

/** What of an address tells calls of one vendor apart. */
const pathOf = (url: string): string => url.replace(/^[a-z]+:\/\/[^/]*/i, '') || url;

function textOf(echo: Echo): string {
  const { id, at, environment, request, step, sent, received } = echo;
  const told = hasFailed(echo) ? 'failed' : 'ok';
  return [id, at, environment, request, step, sent.method, sent.url, received?.status ?? 'none', told]
    .join(' ')
    .toLowerCase();
}
