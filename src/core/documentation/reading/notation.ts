/** The notations that documentation is written in, told apart by content, and their parsing. */

import { Problem } from '../../problem/problem.js';
import { sizeText } from '../../value/measures.js';
import { ownMember } from '../../value/own-member.js';

export type Notation = 'json' | 'yaml' | 'xml' | 'graphql' | 'html' | 'markdown';

const largest = 128e6;
/** Deeper documents are hostile: no reader of ours recurses further. */
const deepest = 1000;
/** The engine makes no chains of texts that are shorter. */
const shortest = 12;

/** What kind of text it is. The name decides only where the content does not. */
export function notationOf(text: string, file: string): Notation {
  const start = text.slice(0, 4000).trimStart();
  if (/^[{[]/.test(start)) return 'json';
  if (/^<(?:!doctype html|html|head|body|h\d|main|article|section|div|p)\b/i.test(start)) return 'html';
  // XML has elements of these names too, such as the body of a binding in WSDL.
  if (start.startsWith('<')) {
    const isXml = /^<(?:\?xml|[^>]*\sxmlns)/.test(start);
    return /<html[\s>]/i.test(start) || (!isXml && /<body[\s>]/i.test(start)) ? 'html' : 'xml';
  }
  if (/\.(?:md|markdown)$/i.test(file)) return 'markdown';
  if (/\.html?$/i.test(file)) return 'html';
  if (/\.(?:graphqls?|gql|sdl)$/i.test(file) || looksLikeSdl(text)) return 'graphql';
  if (/^(?:#{1,6} \S|\S[^\n]*\n(?:={3,}|-{3,})\n)/.test(start) && !/^[\w-]+:(?:\s|$)/m.test(start)) return 'markdown';
  return 'yaml';
}

function looksLikeSdl(text: string): boolean {
  const bare = text
    .slice(0, 20_000)
    .replace(/"""[\s\S]*?"""|"(?:[^"\\\n]|\\.)*"/g, '')
    .replace(/^\s*#.*$/gm, '')
    .trimStart();
  return /^(?:extend\s+)?(?:schema\s*[@{]|(?:type|interface|input|enum)\s+\w+[^:\n]*\{|union\s+\w+|scalar\s+\w+|directive\s+@)/.test(
    bare,
  );
}

/** @throws Problem document-too-large */
export function requireSize(text: string, file: string): void {
  if (text.length <= largest) return;
  throw new Problem('document-too-large', {
    what: `${file} is larger than ${sizeText(largest)}`,
    where: { file },
    cause: `it has ${sizeText(text.length)}`,
    remedy: 'many vendors publish a document for each part of their API',
  });
}

/** @throws Problem document-unreadable */
export function fromJson(text: string, file: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    const { message } = error as Error;
    const offset = Number(
      /position (\d+)/.exec(message)?.[1] ?? (/end of JSON/.test(message) ? text.length : Number.NaN),
    );
    throw new Problem('document-unreadable', {
      what: `${file} is not well-formed JSON`,
      where: placeAt(text, offset, file),
      cause: message.replace(/ in JSON at position.*$/, ''),
    });
  }
}

function placeAt(text: string, offset: number, file: string): { file: string; line?: number; column?: number } {
  if (Number.isNaN(offset)) return { file };
  const before = text.slice(0, offset).split('\n');
  return { file, line: before.length, column: (before.at(-1)?.length ?? 0) + 1 };
}

/** Its types do not know its own types of nodes, nor how deep it reads. */
type Yaml = Omit<typeof import('js-yaml'), 'load'> & {
  load(text: string, options: import('js-yaml').LoadOptions & { maxDepth: number }): unknown;
  readonly types: { readonly merge: import('js-yaml').Type };
};

/** Fits every text: to try it makes one string of its parts. */
const anywhere = /^/;

/**
 * YAML as vendors write it: anchors, aliases and merge keys included.
 * @throws Problem document-unreadable; document-too-large: deeper than is read
 */
export async function fromYaml(text: string, file: string): Promise<unknown> {
  const { default: yaml } = (await import('js-yaml')) as unknown as { default: Yaml };
  try {
    return yaml.load(text, {
      // The core schema has no dates: a version such as 2026-11-24 stays a text.
      schema: yaml.CORE_SCHEMA.extend(yaml.types.merge),
      json: true,
      maxDepth: deepest,
      listener(event, { result }) {
        // A text of many lines is a chain of them until it is read: read at once, the engine lets go of its links.
        if (event === 'close' && typeof result === 'string' && result.length > shortest) anywhere.test(result);
      },
    });
  } catch (error) {
    if (!(error instanceof yaml.YAMLException)) throw tooDeep(error, file);
    if (/maxDepth/.test(error.reason)) throw beyond(file, `more than ${deepest} levels`);
    const { line, column } = (error.mark ?? {}) as Partial<{ line: number; column: number }>;
    throw new Problem('document-unreadable', {
      what: `${file} is not well-formed YAML`,
      where: { file, ...(line !== undefined && column !== undefined && { line: line + 1, column: column + 1 }) },
      cause: error.reason,
    });
  }
}

/** Told from the text; an ampersand at the beginning of a word counts as one. */
export function mayHaveAnchors(text: string): boolean {
  for (let at = text.indexOf('&'); at !== -1; at = text.indexOf('&', at + 1))
    if (!/[^\s,[{]/.test(text.charAt(at - 1)) && /\S/.test(text.charAt(at + 1))) return true;
  return false;
}

/** @throws Problem document-too-large: deeper than is read, or multiplied by its aliases */
export function requireShape(content: unknown, text: string, file: string): void {
  // Without aliases every value takes a character at least.
  let left = Math.max(1000, text.length);
  const visit = (value: unknown, depth: number): void => {
    if (typeof value !== 'object' || value === null) return;
    if (depth > deepest) throw beyond(file, `more than ${deepest} levels`);
    if (Array.isArray(value)) {
      left -= value.length;
      for (const one of value) if (typeof one === 'object') visit(one, depth + 1);
    } else {
      for (const key in value) {
        const inner = ownMember(value as Record<string, unknown>, key);
        left -= 1;
        if (typeof inner === 'object') visit(inner, depth + 1);
      }
    }
    if (left < 0) throw beyond(file, 'its aliases multiply what it says');
  };
  visit(content, 0);
}

function beyond(file: string, cause: string): Problem {
  return new Problem('document-too-large', {
    what: `${file} is nested too deeply, or expands too far`,
    where: { file },
    cause,
  });
}

/** What a parser throws where a document is deeper than its stack. */
export function tooDeep(error: unknown, file: string): unknown {
  return error instanceof RangeError ? beyond(file, error.message) : error;
}
