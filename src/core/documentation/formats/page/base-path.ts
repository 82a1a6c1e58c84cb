/** What stands before the paths of all calls of a page: `/api/v3` of `https://lights.example/api/v3`. */
import type { Block } from './blocks.js';
import { callIn, callOf, endsAs } from './call.js';
import { commandLine } from './messages.js';

/** The page says it, else its examples show it; empty where there is none. */
export function basePathOf(blocks: readonly Block[]): string {
  return saidBase(blocks) ?? shownBase(blocks) ?? '';
}

const announces =
  /\b(?:base|root)\s+(?:api\s+)?(?:url|uri|address|path|endpoint)\b|\ball\s+(?:calls|requests|endpoints|paths|addresses|urls)\b/i;
const address = /https?:\/\/[^\s`"'<>),;]+/;

function saidBase(blocks: readonly Block[]): string | undefined {
  let before = '';
  for (const block of blocks) {
    const text = block.is === 'table' ? block.rows.map((row) => row.join(' ')).join('\n') : block.text;
    const line = text.split('\n').find((one) => announces.test(one) && address.test(one));
    const found = address.exec(line ?? (announces.test(before) ? text : ''))?.[0];
    const path = found === undefined ? undefined : pathOf(found);
    if (path !== undefined) return path;
    // What announces it stands right above it.
    before = text.length < 80 ? text : '';
  }
  return undefined;
}

const pathOf = (url: string): string | undefined =>
  URL.canParse(url) && !url.includes('{') ? new URL(url).pathname.replace(/[/.:]+$/, '') : undefined;

/** Addresses in command lines, held against the paths that the page describes. */
function shownBase(blocks: readonly Block[]): string | undefined {
  const templates = blocks.flatMap((block) => {
    const texts = block.is === 'table' ? block.rows.map((row) => row.join(' ')) : [block.text];
    return texts.flatMap((text) => callIn(text) ?? []);
  });
  const counts = new Map<string, number>();
  for (const block of blocks) {
    const example = block.is === 'code' ? commandLine(block.text) : undefined;
    if (!example) continue;
    const { method, path } = callOf(example);
    const template = templates.find((one) => one.method === method && one.path !== path && endsAs(path, one.path));
    const base =
      template &&
      path
        .split('/')
        .slice(0, -(template.path.split('/').length - 1))
        .join('/');
    if (base !== undefined) counts.set(base, (counts.get(base) ?? 0) + 1);
  }
  const [most] = [...counts].sort((a, b) => b[1] - a[1]);
  return most?.[0];
}
