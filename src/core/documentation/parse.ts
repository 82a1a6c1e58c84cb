/** From the bytes of a documentation file to operations. */
import { LineCounter, parseDocument } from 'yaml';
import { Problem } from '../problem/problem.js';
import { sizeText } from '../value/measures.js';
import { formats } from './format.js';
import type { Documentation } from './model.js';

const largest = 64e6;

export type Notation = 'json' | 'yaml';

/** @throws Problem document-too-large, document-unreadable */
export function parseDocumentation(
  text: string,
  source: string,
  file: string,
): { documentation: Documentation; notation: Notation } {
  if (text.length > largest) {
    throw new Problem('document-too-large', { what: `${file} is larger than ${sizeText(largest)}`, where: { file } });
  }
  const notation: Notation = /^\s*[{[]/.test(text) ? 'json' : 'yaml';
  const document = notation === 'json' ? fromJson(text, file) : fromYaml(text, file);
  const format = formats.find((one) => one.claims(document));
  if (!format) throw unknownFormat(document, text, file);
  try {
    return { documentation: format.read(document, source), notation };
  } catch (error) {
    throw error instanceof Problem ? error.at({ file }) : tooDeep(error, file);
  }
}

function fromJson(text: string, file: string): unknown {
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

function fromYaml(text: string, file: string): unknown {
  const lines = new LineCounter();
  try {
    const document = parseDocument(text, { lineCounter: lines, uniqueKeys: false, logLevel: 'silent' });
    const [error] = document.errors;
    if (error) {
      const { line, col } = lines.linePos(error.pos[0]);
      throw new Problem('document-unreadable', {
        what: `${file} is not well-formed YAML`,
        where: { file, line, column: col },
        cause: (error.message.split('\n')[0] ?? '').replace(/ at line \d+, column \d+:?$/, ''),
      });
    }
    // The library refuses a document whose aliases multiply beyond measure.
    return document.toJS({ maxAliasCount: 1000 });
  } catch (error) {
    throw error instanceof Problem ? error : tooDeep(error, file);
  }
}

function tooDeep(error: unknown, file: string): Problem {
  if (error instanceof RangeError || error instanceof ReferenceError) {
    return new Problem(
      'document-too-large',
      { what: `${file} is nested or multiplied beyond what is read`, where: { file }, cause: error.message },
      { cause: error },
    );
  }
  throw error;
}

function unknownFormat(document: unknown, text: string, file: string): Problem {
  const start = text.trimStart().slice(0, 60).split('\n')[0] ?? '';
  const page = /^<(?:!doctype|html)/i.test(start);
  return new Problem('document-unreadable', {
    what: `${file} is not a document of a known format`,
    where: { file },
    cause: page
      ? 'it is a web page'
      : typeof document === 'object' && document !== null && !Array.isArray(document)
        ? `its keys are ${Object.keys(document).slice(0, 6).join(', ')}`
        : `it begins with ${JSON.stringify(start)}`,
    remedy: `known: ${formats.map(({ name }) => name).join(', ')}, which says openapi: 3.0.x or 3.1.x at its top`,
  });
}
