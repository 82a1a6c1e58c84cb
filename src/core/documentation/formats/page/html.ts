/** HTML to blocks (parse5: the parser of the standard, which reads what browsers read). */
import { type DefaultTreeAdapterMap, parse } from 'parse5';
import type { Block } from './blocks.js';
import { type ListItem, listAsTable } from './field-list.js';

type Node = DefaultTreeAdapterMap['node'];
type Element = DefaultTreeAdapterMap['element'];

const skipped = new Set(['script', 'style', 'template', 'noscript', 'nav', 'footer', 'head', 'svg', 'button', 'form']);
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
const lists = new Set(['ul', 'ol', 'dl']);
const deepest = 500;

export function htmlBlocks(html: string): { title: string | undefined; blocks: readonly Block[] } {
  const document = parse(html, { sourceCodeLocationInfo: true });
  const blocks: Block[] = [];
  let waiting = '';
  let waitingLine = 1;
  let title: string | undefined;

  const flush = (): void => {
    const text = folded(waiting);
    if (text !== '') blocks.push({ is: 'text', text, line: waitingLine });
    waiting = '';
  };
  const visit = (node: Node, depth: number): void => {
    if (depth > deepest) return;
    if (node.nodeName === '#text') {
      if (waiting === '') waitingLine = lineOf(node);
      waiting += (node as DefaultTreeAdapterMap['textNode']).value;
      return;
    }
    if (!('childNodes' in node)) return;
    const name = node.nodeName;
    if (name === 'title') title = folded(textOf(node));
    if (skipped.has(name) && name !== 'head') return;
    if (inline.has(name)) {
      if (name === 'br') waiting += '\n';
      for (const inner of node.childNodes) visit(inner, depth + 1);
      return;
    }
    flush();
    const level = /^h([1-6])$/.exec(name)?.[1];
    if (level !== undefined)
      blocks.push({ is: 'heading', level: Number(level), text: folded(textOf(node)), line: lineOf(node) });
    else if (name === 'pre')
      blocks.push({
        is: 'code',
        text: textOf(node).replace(/^\n/, '').trimEnd(),
        language: languageOf(node as Element),
        line: lineOf(node),
      });
    else if (name === 'table') {
      const table = tableOf(node as Element);
      if (table) blocks.push(table);
    } else if (lists.has(name)) {
      const table = listAsTable(name === 'dl' ? termsOf(node as Element) : itemsOf(node as Element), lineOf(node));
      if (table) blocks.push(table);
      else for (const inner of node.childNodes) visit(inner, depth + 1);
    } else for (const inner of node.childNodes) visit(inner, depth + 1);
    flush();
  };
  visit(document, 0);
  flush();
  return { title, blocks };
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
function termsOf(list: Element): ListItem[] {
  const items: ListItem[] = [];
  for (const node of list.childNodes) {
    const last = items.at(-1);
    if (node.nodeName === 'dt') {
      const item = itemOf((node as Element).childNodes, lineOf(node));
      const [word = '', ...others] = item.term === '' ? folded(textOf(node)).split(' ') : [];
      items.push(item.term === '' ? { ...item, term: word, rest: others.join(' ') } : item);
    } else if (node.nodeName === 'dd' && last)
      items[items.length - 1] = { ...last, rest: `${last.rest} – ${folded(textOf(node, '`'))}` };
  }
  return items;
}

function tableOf(table: Element): Block | undefined {
  const rows: { cells: string[]; marked: string[]; line: number }[] = [];
  const visit = (node: Node): void => {
    if (!('childNodes' in node)) return;
    if (node.nodeName === 'tr') {
      const cells = node.childNodes.filter((one) => one.nodeName === 'td' || one.nodeName === 'th');
      const marked = cells.map((one) => folded(textOf(one, '`')));
      if (cells.length > 0) rows.push({ cells: cells.map((one) => folded(textOf(one))), marked, line: lineOf(node) });
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
  if (!('childNodes' in node)) return '';
  const text = node.childNodes.map((one) => textOf(one, mark)).join('');
  return code.has(node.nodeName) && text !== '' ? mark + text + mark : text;
}

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
