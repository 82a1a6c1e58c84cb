/** Reading a YAML 1.2 file of a collection: values with their source text, positions, and clear errors. */
import { readFileSync } from 'node:fs';
import {
  isAlias,
  isCollection,
  isMap,
  isPair,
  isScalar,
  isSeq,
  LineCounter,
  type Node,
  parseDocument,
  type YAMLError,
} from 'yaml';
import { type FilePosition, Problem } from '../problem/problem.js';
import { sourceScalar, type Value } from '../value/written.js';

export type KeyPath = readonly (string | number)[];

export interface YamlFile {
  /** As it is named in messages: from the collection folder. */
  readonly file: string;
  readonly text: string;
  readonly value: Value;
  /** Where a value stands, or its key; the nearest holder where the path leads nowhere. */
  position(path: KeyPath, part?: 'key' | 'value'): FilePosition;
  /** The whole line of a position. */
  line(position: FilePosition): string | undefined;
}

/** @throws Problem file-not-found, file-unreadable, yaml-syntax, yaml-refused */
export function readYaml(path: string, file: string): YamlFile {
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch (error) {
    const missing = (error as NodeJS.ErrnoException).code === 'ENOENT';
    throw new Problem(missing ? 'file-not-found' : 'file-unreadable', {
      what: missing ? `${file} does not exist` : `${file} cannot be read`,
      where: { file },
      cause: missing ? undefined : (error as Error).message,
    });
  }
  return parseYaml(text, file);
}

/** @throws Problem yaml-syntax, yaml-refused */
export function parseYaml(text: string, file: string): YamlFile {
  const lines = new LineCounter();
  const document = parseDocument(text, { lineCounter: lines, version: '1.2', uniqueKeys: true, merge: false });
  const at = (offset: number): FilePosition => {
    const { line, col } = lines.linePos(offset);
    return { file, line, column: col };
  };
  const lineText = (position: FilePosition): string | undefined =>
    position.line === undefined ? undefined : text.split('\n')[position.line - 1]?.trimEnd();
  const [error] = document.errors;
  if (error) throw syntaxProblem(error, at(error.pos[0]), text, lineText);
  return {
    file,
    text,
    value: convert(document.contents, at),
    position: (path, part) => positionOf(document.contents, path, part ?? 'value', at),
    line: lineText,
  };
}

function convert(node: unknown, at: (offset: number) => FilePosition): Value {
  if (node === null || node === undefined) return null;
  const { anchor, tag, range } = node as { anchor?: string; tag?: string; range?: [number, number, number] };
  const where = range ? at(range[0]) : undefined;
  if (isAlias(node)) throw refused('an alias', `*${node.source}`, where);
  if (anchor !== undefined) throw refused('an anchor', `&${anchor}`, where);
  // What has none written has none here.
  if (tag !== undefined) throw refused('a tag', tag.replace('tag:yaml.org,2002:', '!!'), where);
  if (isMap(node)) {
    const map: Record<string, Value> = {};
    for (const pair of node.items) {
      const key = isScalar(pair.key) ? (pair.key.source ?? String(pair.key.value)) : undefined;
      if (key === undefined) {
        const position = (pair.key as Node | null)?.range;
        throw new Problem('yaml-syntax', {
          what: 'a key must be text',
          where: position ? at(position[0]) : where,
          remedy: 'a key or value that begins with { or [ needs quotes',
        });
      }
      convert(pair.key, at);
      Object.defineProperty(map, key, {
        value: convert(pair.value, at),
        enumerable: true,
        writable: true,
        configurable: true,
      });
    }
    return map;
  }
  if (isSeq(node)) return node.items.map((item) => convert(item, at));
  if (!isScalar(node)) return null;
  const { value, source } = node;
  if (typeof value === 'string') return value;
  if (typeof value === 'number' || typeof value === 'boolean') return sourceScalar(source ?? String(value), value);
  return null;
}

function refused(what: string, text: string, where: FilePosition | undefined): Problem {
  return new Problem('yaml-refused', {
    what: `${what} (${text}) is not allowed in a collection`,
    where,
    cause: 'collections are read by people in reviews: every value stands where it is used',
    remedy: `write the value out; if a text was meant, put it in quotes: "${text}"`,
  });
}

function positionOf(
  root: unknown,
  path: KeyPath,
  part: 'key' | 'value',
  at: (offset: number) => FilePosition,
): FilePosition {
  let node: unknown = root;
  let start = (root as Node | null)?.range?.[0] ?? 0;
  for (const [depth, key] of path.entries()) {
    if (!isCollection(node)) break;
    const last = depth === path.length - 1;
    if (isSeq(node)) {
      const item = node.items[Number(key)];
      if (!item) break;
      node = item;
    } else {
      const pair = node.items.find(
        (item) => isPair(item) && isScalar(item.key) && String(item.key.source ?? item.key.value) === String(key),
      );
      if (!isPair(pair)) break;
      const keyStart = (pair.key as Node).range?.[0];
      if (last && part === 'key' && keyStart !== undefined) return at(keyStart);
      node = pair.value ?? pair.key;
    }
    start = (node as Node).range?.[0] ?? start;
  }
  return at(start);
}

/** The library's message in our words, with a hint where a character needs quotes. */
function syntaxProblem(
  error: YAMLError,
  where: FilePosition,
  text: string,
  line: (at: FilePosition) => string | undefined,
): Problem {
  const excerpt = line(where) ?? '';
  const said = (error.message.split('\n')[0] ?? '').replace(/ at line \d+, column \d+:?$/, '');
  const [what, remedy] = reason(error.code, said, excerpt, text, where);
  const caret = `${excerpt}\n${' '.repeat(Math.max(0, (where.column ?? 1) - 1))}^`;
  return new Problem('yaml-syntax', { what, where, remedy, excerpt: caret, data: { code: error.code } });
}

/** Outside of quotes, YAML reads on behind the colon of an argument such as `header-lines(": ")`. */
const colonInExpression = /^[^'"#\n]*\$\{[^}'\n]*"[^"\n]*: [^"\n]*"[^}\n]*\}/m;

/** A text in double quotes that has one in an expression, such as `"${berth ?? "-"}"`. */
const quotesInQuotes = /(?:^|[\s{[,:])"[^"]*\$\{[^}"]*"[^"}]*"[^}"]*\}/;

function reason(
  code: string,
  said: string,
  line: string,
  text: string,
  where: FilePosition,
): [what: string, remedy: string | undefined] {
  if (quotesInQuotes.test(line)) {
    return [
      'a text in double quotes ends at the next of them, here within an expression',
      `write the text inside with single quotes: "\${name ?? 'none'}"`,
    ];
  }
  const value = /^\s*(?:- )?(?:[^:#"']+:\s+)?(.*)$/.exec(line)?.[1] ?? '';
  if (/^[{[].*\$\{[^}"']*\}/.test(value) || /[{,[:]\s*\$\{/.test(line)) {
    return ['the file is not well-formed YAML here', 'inside { } and [ ] a value with ${…} needs quotes: "${name}"'];
  }
  // A colon and a space in an argument, such as header-lines(": "), end the text for YAML.
  if (colonInExpression.test(line) || (code === 'MISSING_CHAR' && colonInExpression.test(text))) {
    return [
      'an expression holds ": ", which YAML reads as the end of a key',
      `put the whole in single quotes: '\${… | header-lines(": ")}'`,
    ];
  }
  if (/^\{[\w-]+\}/.test(value)) return ['a text begins with {', `put it in quotes: "${value}"`];
  if (/^[*&]/.test(value)) return [`a text begins with ${value[0]}`, `put it in quotes: "${value}"`];
  if (/^[@`%]/.test(value)) return [`a text begins with ${value[0]}`, `put it in quotes: "${value}"`];
  if (/(?:^|[\s{,])(?:\$|\/|\()\S*[*?[]/.test(line) && /[{,]/.test(line)) {
    return [
      'the file is not well-formed YAML here',
      'inside { } a place such as $.items[*].id or //Mark[1] needs quotes',
    ];
  }
  if (code === 'DUPLICATE_KEY') return ['a key stands twice', 'keep one of the two'];
  if (code === 'TAB_AS_INDENT' || /tab/i.test(said)) return ['a tab is used for indentation', 'indent with spaces'];
  if (code === 'MISSING_CHAR' && /quote/.test(said)) return ['a quote is not closed', undefined];
  const above = text
    .split('\n', where.line === undefined ? 0 : where.line - 1)
    .findLast((one) => one.trim() !== '' && !one.trim().startsWith('#'));
  if (code === 'BAD_INDENT' && /:\s*\{\s*\}\s*(?:#.*)?$/.test(above ?? ''))
    return ['a key stands below {}, which is a map without keys', `remove the {} in the line ${above?.trim()}`];
  if (code === 'BAD_INDENT')
    return ['the indentation does not fit', 'keys of one map begin in one column; is a closing } or ] missing above?'];
  if (code === 'BLOCK_AS_IMPLICIT_KEY' || code === 'MULTILINE_IMPLICIT_KEY') {
    return ['a line has a second ": "', 'put a text that holds ": " in quotes'];
  }
  return [
    `the file is not well-formed YAML: ${said}`,
    text.includes('\t') ? 'indent with spaces, not tabs' : undefined,
  ];
}
