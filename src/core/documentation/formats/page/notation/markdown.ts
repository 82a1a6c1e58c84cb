/** Markdown (CommonMark, with tables) to blocks. */
import type { List, Nodes, Table } from 'mdast';
import { fromMarkdown } from 'mdast-util-from-markdown';
import { gfmTableFromMarkdown } from 'mdast-util-gfm-table';
import { gfmTable } from 'micromark-extension-gfm-table';
import { type ListItem, listAsTable, textsAsTables } from '../field-list.js';
import type { Block } from './blocks.js';
import { htmlBlocks } from './html.js';

const deepest = 200;

export function markdownBlocks(markdown: string): { title: string | undefined; blocks: readonly Block[] } {
  const root = fromMarkdown(withoutFrontMatter(markdown), {
    extensions: [gfmTable()],
    mdastExtensions: [gfmTableFromMarkdown()],
  });
  const blocks: Block[] = [];
  const visit = (node: Nodes, depth: number): void => {
    const line = node.position?.start.line ?? 1;
    switch (node.type) {
      case 'heading':
        blocks.push({ is: 'heading', level: node.depth, text: textOf(node).trim(), line });
        return;
      case 'paragraph':
        blocks.push({ is: 'text', text: textOf(node), marked: textOf(node, '`'), line });
        return;
      case 'code':
        blocks.push({ is: 'code', text: node.value, language: (node.lang ?? '').toLowerCase(), line });
        return;
      case 'html':
        for (const block of htmlBlocks(node.value).blocks) blocks.push(below(block, line - 1));
        return;
      case 'table':
        blocks.push(tableOf(node, line));
        return;
      case 'list': {
        const table = listAsTable(itemsOf(node), line);
        if (table) blocks.push(table);
        else inside(node, depth);
        return;
      }
      default:
        inside(node, depth);
    }
  };
  const inside = (node: Nodes, depth: number): void => {
    if ('children' in node && depth < deepest) for (const inner of node.children) visit(inner as Nodes, depth + 1);
  };
  visit(root, 0);
  const title = blocks.find((block) => block.is === 'heading' && block.level === 1);
  return { title: title?.is === 'heading' ? title.text : undefined, blocks: textsAsTables(blocks) };
}

/** Of a part of a page, its lines in the page. */
const below = (block: Block, lines: number): Block => ({
  ...block,
  line: block.line + lines,
  ...(block.is === 'table' && { lines: block.lines.map((line) => line + lines) }),
});

/** What generators of sites read stands above many pages, between dashes; the lines below keep their numbers. */
const withoutFrontMatter = (markdown: string): string =>
  markdown.replace(/^---\r?\n[\s\S]*?\n---(?=\r?\n|$)/, (matter) => matter.replace(/[^\n]+/g, ''));

/** An item that does not begin with a word that stands out has no term. */
function itemsOf({ children }: List): ListItem[] {
  return children.map(({ children: parts, position }) => {
    const [first, ...others] = parts;
    const [term, ...rest] = first?.type === 'paragraph' ? first.children : [];
    const stands = term?.type === 'inlineCode' || term?.type === 'strong';
    return {
      term: stands ? textOf(term) : '',
      rest: (stands ? [...rest, ...others] : parts).map((one) => textOf(one as Nodes, '`')).join(''),
      line: position?.start.line ?? 1,
    };
  });
}

function tableOf({ children }: Table, line: number): Block {
  const [head = [], ...rows] = children.map((row) => row.children.map((cell) => textOf(cell)));
  const marked = children.slice(1).map((row) => row.children.map((cell) => textOf(cell, '`')));
  return {
    is: 'table',
    head,
    rows,
    marked,
    line,
    lines: children.slice(1).map((row) => row.position?.start.line ?? line),
  };
}

/** @param mark what stands around code */
function textOf(node: Nodes, mark = ''): string {
  if (node.type === 'inlineCode') return mark + node.value + mark;
  if (node.type === 'html') return /^<br\b/i.test(node.value) ? ' ' : '';
  if ('value' in node) return node.value;
  if (node.type === 'break') return '\n';
  return 'children' in node
    ? node.children
        .map((one) => textOf(one as Nodes, mark))
        .join('')
        .replace(/\s+/g, ' ')
    : '';
}
