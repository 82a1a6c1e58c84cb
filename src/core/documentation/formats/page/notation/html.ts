/** HTML to blocks (parse5: the parser of the standard, which reads what browsers read). */
import { type DefaultTreeAdapterMap, parse } from 'parse5';
import { namesCall } from '../call.js';
import { type ListItem, listAsTable, textsAsTables } from '../field-list.js';
import type { Block } from './blocks.js';

type Node = DefaultTreeAdapterMap['node'];
type Element = DefaultTreeAdapterMap['element'];
type Parent = DefaultTreeAdapterMap['parentNode'];

const skipped = new Set(['script', 'style', 'template', 'noscript', 'nav', 'footer', 'head', 'svg', 'form']);
const inline = new Set([
  'a',
  'abbr',
  'b',
  'br',
  'code',
  'del',
  'em',
  'i',
  'ins',
  'kbd',
  'mark',
  'q',
  's',
  'samp',
  'small',
  'span',
  'strong',
  'sub',
  'sup',
  'time',
  'tt',
  'u',
  'var',
  'wbr',
]);
const listsOfItems = new Set(['ul', 'ol', 'dl']);
const deepest = 500;

export function htmlBlocks(html: string): { title: string | undefined; blocks: readonly Block[] } {
  const document = parse(html, { sourceCodeLocationInfo: true });
  const blocks: Block[] = [];
  /** What is code between backticks. */
  let waiting = '';
  /** Its last character; to ask the text itself would take the square of a long one. */
  let last = '';
  let waitingLine = 1;
  let title: string | undefined;
  let level = 0;
  /** Lists of definitions around the node. */
  let lists = 0;

  const wait = (text: string): void => {
    waiting += text;
    last = text.at(-1) ?? last;
  };
  const flush = (): void => {
    const marked = folded(waiting);
    if (marked !== '') blocks.push({ is: 'text', text: withoutMarks(marked), marked, line: waitingLine });
    waiting = '';
    last = '';
  };
  const visitAll = (node: Parent, depth: number): void => {
    for (const inner of node.childNodes) visit(inner, depth + 1);
  };
  const visit = (node: Node, depth: number): void => {
    if (depth > deepest) return;
    if (node.nodeName === '#text') {
      if (waiting === '') waitingLine = lineOf(node);
      wait((node as DefaultTreeAdapterMap['textNode']).value);
      return;
    }
    if (!('childNodes' in node)) return;
    const name = node.nodeName;
    if (name === 'title') title = folded(textOf(node));
    if ((skipped.has(name) && name !== 'head') || isPermalink(node)) return;
    if (name === 'button') {
      // Other buttons do something with the page.
      const text = folded(textOf(node));
      if (namesCall(text)) blocks.push({ is: 'text', text, marked: text, line: lineOf(node) });
      return;
    }
    if (isSlot(node, last)) {
      wait(`<${name}>`);
      visitAll(node, depth);
      return;
    }
    if (inline.has(name)) {
      if (name === 'br') wait('\n');
      const mark = code.has(name) && last !== '`' ? '`' : '';
      const slot = slants.has(name) && last === '/' && isWord(node);
      wait(slot ? '{' : mark);
      visitAll(node, depth);
      wait(slot ? '}' : mark);
      return;
    }
    flush();
    const heading = /^h([1-6])$/.exec(name)?.[1];
    if (heading !== undefined) {
      level = Number(heading);
      blocks.push({ is: 'heading', level, text: folded(textOf(node)), line: lineOf(node) });
    } else if (name === 'dl' && termsOf(node as Element).some(({ text }) => namesCall(text))) {
      lists += 1;
      for (const inner of node.childNodes)
        if (inner.nodeName === 'dt')
          blocks.push({ is: 'heading', level: level + lists, text: folded(textOf(inner)), line: lineOf(inner) });
        else visit(inner, depth + 1);
      lists -= 1;
    } else if (name === 'pre')
      blocks.push({
        is: 'code',
        text: textOf(node).replace(/^\n/, '').trimEnd(),
        language: languageOf(node as Element),
        line: lineOf(node),
      });
    else if (name === 'table') {
      const table = tableOf(node as Element);
      if (table) blocks.push(table);
    } else if (listsOfItems.has(name)) {
      const table = listAsTable(name === 'dl' ? termsOf(node as Element) : itemsOf(node as Element), lineOf(node));
      if (table) blocks.push(table);
      else visitAll(node, depth);
    } else visitAll(node, depth);
    flush();
  };
  visit(document, 0);
  flush();
  return { title, blocks: textsAsTables(blocks) };
}

/** A sign behind a heading that links to the heading. */
const isPermalink = (node: Parent): boolean =>
  node.nodeName === 'a' && node.childNodes.length < 4 && node.childNodes.every((inner) => !saysMore(inner, 3));

function saysMore(node: Node, depth: number): boolean {
  if (node.nodeName === '#text')
    return !/^\s*[¶#§\u{1f517}\ue000-\uf8ff]?\s*$/u.test((node as DefaultTreeAdapterMap['textNode']).value);
  return 'childNodes' in node && (depth === 0 || node.childNodes.some((inner) => saysMore(inner, depth - 1)));
}

const standsOut = new Set(['code', 'strong', 'b', 'dfn', 'kbd', 'samp', 'tt']);

/** What it begins with, where that stands out, and the rest. */
function itemOf(parts: readonly Node[], line: number): ListItem {
  const [first, ...others] = parts.filter((one) => folded(textOf(one)) !== '');
  if (first?.nodeName === 'p' && 'childNodes' in first) return itemOf([...first.childNodes, ...others], line);
  const stands = first !== undefined && standsOut.has(first.nodeName);
  return {
    term: stands ? folded(textOf(first)) : '',
    rest: folded((stands ? others : parts).map((one) => textOf(one, '`')).join('')),
    line,
  };
}

const itemsOf = (list: Element): ListItem[] =>
  list.childNodes
    .filter((one): one is Element => one.nodeName === 'li')
    .map((one) => itemOf(one.childNodes, lineOf(one)));

/** A term and what stands beside it, then its description. */
function termsOf(list: Element): (ListItem & { readonly text: string })[] {
  const items: (ListItem & { readonly text: string })[] = [];
  for (const node of list.childNodes) {
    const last = items.at(-1);
    if (node.nodeName === 'dt') {
      const item = itemOf((node as Element).childNodes, lineOf(node));
      const text = folded(textOf(node));
      const [word = '', ...others] = text.split(' ');
      const whole = item.term !== '' || /:$/.test(text);
      items.push({ ...item, text, ...(!whole && { term: word, rest: others.join(' ') }) });
    } else if (node.nodeName === 'dd' && last)
      items[items.length - 1] = { ...last, rest: `${last.rest} – ${folded(textOf(node, '`'))}` };
  }
  return items;
}

/** As many rows as a cell says; nobody means more than a page has. */
const rowsOf = ({ attrs }: Element): number =>
  Math.min(1000, Number(attrs.find(({ name }) => name === 'rowspan')?.value) || 1);

function tableOf(table: Element): Block | undefined {
  const rows: { cells: string[]; marked: string[]; line: number }[] = [];
  /** Cells that reach into rows below, by their column. */
  const reaching = new Map<number, { readonly cell: Node; left: number }>();
  const visit = (node: Node): void => {
    if (!('childNodes' in node)) return;
    if (node.nodeName === 'tr') {
      const own = node.childNodes.filter((one): one is Element => one.nodeName === 'td' || one.nodeName === 'th');
      if (own.length === 0) return;
      const cells: Node[] = [];
      while (own.length > 0 || reaching.has(cells.length)) {
        const column = cells.length;
        const above = reaching.get(column);
        const cell = above?.cell ?? (own.shift() as Element);
        cells.push(cell);
        const more = above ? above.left - 1 : rowsOf(cell as Element) - 1;
        if (more > 0) reaching.set(column, { cell, left: more });
        else reaching.delete(column);
      }
      const marked = cells.map((one) => folded(textOf(one, '`')));
      rows.push({ cells: cells.map((one) => folded(textOf(one))), marked, line: lineOf(node) });
      return;
    }
    for (const inner of node.childNodes) if (inner.nodeName !== 'table') visit(inner);
  };
  visit(table);
  const [first, ...others] = rows;
  if (!first) return undefined;
  return {
    is: 'table',
    head: first.cells,
    rows: others.map(({ cells }) => cells),
    marked: others.map(({ marked }) => marked),
    lines: others.map(({ line }) => line),
    line: lineOf(table),
  };
}

const code = new Set(['code', 'kbd', 'samp', 'tt']);

/** @param mark what stands around code */
function textOf(node: Node, mark = ''): string {
  if (node.nodeName === '#text') return (node as DefaultTreeAdapterMap['textNode']).value;
  if (node.nodeName === 'br') return '\n';
  if (!('childNodes' in node) || isPermalink(node)) return '';
  let text = '';
  let last = '';
  for (const one of node.childNodes) {
    const slot = slants.has(one.nodeName) && last === '/' && 'childNodes' in one && isWord(one);
    const piece = slot ? `{${textOf(one)}}` : textOf(one, mark);
    text += piece;
    last = piece.at(-1) ?? last;
  }
  // Blocks beside each other are no one word.
  if (!inline.has(node.nodeName)) return ` ${text} `;
  return code.has(node.nodeName) && text !== '' ? mark + text + mark : text;
}

const afterSlash = new Set([...inline, 'div', 'img', 'input', 'li', 'p', 'section', 'td', 'th', 'tr']);

/**
 * `/berths/<code>` that the author of the page took for text, and browsers do not show.
 * @param before the character in front of it
 */
const isSlot = (node: Parent, before: string): boolean =>
  before === '/' && 'attrs' in node && node.attrs.length === 0 && !afterSlash.has(node.nodeName);

/** What pages use for what is to be replaced: `/berths/` and then, in italics, `code`. */
const slants = new Set(['em', 'i', 'var']);

const isWord = (node: Parent): boolean =>
  node.childNodes.length === 1 && node.childNodes[0]?.nodeName === '#text' && /^[A-Za-z_]\w*$/.test(textOf(node));

const withoutMarks = (text: string): string => text.replaceAll('`', '');

const folded = (text: string): string => text.replace(/[\s\u00a0]+/g, ' ').trim();

const lineOf = (node: Node): number => ('sourceCodeLocation' in node ? (node.sourceCodeLocation?.startLine ?? 1) : 1);

/** By the class that the notation of HTML recommends: `language-json`. */
function languageOf(pre: Element): string {
  const inner = pre.childNodes.find((one): one is Element => one.nodeName === 'code');
  const classes = [pre, ...(inner ? [inner] : [])]
    .map(({ attrs }) => attrs.find(({ name }) => name === 'class')?.value ?? '')
    .join(' ');
  return /\blang(?:uage)?-([\w-]+)/.exec(classes)?.[1]?.toLowerCase() ?? '';
}
