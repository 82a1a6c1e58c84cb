/** What stands before the paths of all calls of a page: `/api/v3` of `https://lights.example/api/v3`. */

import { isIdentifier } from '../../model/path-identifier.js';
import { callOf, callsNamed, endsAs } from './call.js';
import { callsListed } from './call-table.js';
import { commandLine } from './messages.js';
import type { Block } from './notation/blocks.js';

/** The page says it, else its examples show it; empty where there is none. */
export function basePathOf(blocks: readonly Block[]): string {
  return saidBase(blocks) ?? shownBase(blocks) ?? '';
}

const announces =
  /\b(?:base|root)\s+(?:api\s+)?(?:url|uri|address|path|endpoint)\b|\ball\s+(?:calls|requests|endpoints|paths|addresses|ur[il]s)\b|\b(?:paths|addresses|ur[il]s)\b.{0,40}\brelative to\b/i;
const address = /https?:\/\/[^\s`"'<>),;]+/;

function saidBase(blocks: readonly Block[]): string | undefined {
  let before = '';
  for (const block of blocks) {
    const text = block.is === 'table' ? block.rows.map((row) => row.join(' ')).join('\n') : block.text;
    // An example may hold any address.
    const lines = block.is === 'code' ? [] : text.split('\n');
    const line = lines.find((one) => announces.test(one) && address.test(one));
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

/** Addresses in command lines, held against the paths that the page describes; all that fit one must agree. */
function shownBase(blocks: readonly Block[]): string | undefined {
  const templates = blocks.flatMap((block) => {
    if (block.is === 'table') return (callsListed(block) ?? []).map(({ call }) => call);
    return block.is === 'code' ? [] : (callsNamed(block.text)?.calls ?? []);
  });
  const bases = new Set<string>();
  for (const block of blocks) {
    const example = block.is === 'code' ? commandLine(block.text) : undefined;
    if (!example) continue;
    const { method, path } = callOf(example);
    const fitting = templates.filter((one) => one.method === method && endsAs(path, one.path));
    // The longest says most: `/lights/{id}/state` rather than `/state`.
    const [template] = fitting.sort((a, b) => b.path.split('/').length - a.path.split('/').length);
    if (template)
      bases.add(
        path
          .split('/')
          .slice(0, -(template.path.split('/').length - 1))
          .join('/'),
      );
  }
  const [base = '', ...others] = bases;
  return others.length > 0 || base.split('/').some(isIdentifier) ? undefined : base;
}
