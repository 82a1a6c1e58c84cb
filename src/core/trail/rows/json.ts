/**
 * A JSON list of objects, read item by item: where each begins and ends is found by its brackets, so that a list of any
 * length needs the memory of one item, and numbers keep the digits they are written with (RFC 8259).
 */
import type { Readable } from 'node:stream';
import { Problem } from '../../problem/problem.js';
import { parseJson } from '../../value/json-text.js';
import { isValueMap, type Value } from '../../value/written.js';
import type { RowSource } from './row-source.js';

export const json: RowSource = {
  name: 'json',
  ending: /\.json$/i,
  async *read(stream, file) {
    let number = 0;
    for await (const text of itemsIn(stream, file)) {
      number += 1;
      let item: Value;
      try {
        item = parseJson(text) as Value;
      } catch (error) {
        throw new Problem('data-shape', {
          what: `item ${number} of ${file} is not JSON`,
          where: { file },
          cause: (error as Error).message,
        });
      }
      if (!isValueMap(item))
        throw new Problem('data-shape', { what: `item ${number} of ${file} must be a JSON object`, where: { file } });
      yield item;
    }
  },
  async count(stream) {
    let items = 0;
    for await (const _ of itemsIn(stream, '')) items += 1;
    return items;
  },
};

/** The texts of the items of one list. */
async function* itemsIn(stream: Readable, file: string): AsyncGenerator<string> {
  let item = '';
  let depth = 0;
  let inText = false;
  let escaped = false;
  stream.setEncoding('utf8');
  for await (const chunk of stream as AsyncIterable<string>) {
    let from = 0;
    for (let at = 0; at < chunk.length; at += 1) {
      const letter = chunk[at] as string;
      if (inText) {
        if (escaped) escaped = false;
        else if (letter === '\\') escaped = true;
        else if (letter === '"') inText = false;
      } else if (letter === '"') inText = true;
      else if (letter === '[' || letter === '{') {
        depth += 1;
        if (depth === 1) {
          if (letter !== '[') throw notAList(file);
          from = at + 1;
        }
      } else if (letter === ']' || letter === '}' || (letter === ',' && depth === 1)) {
        if (depth <= 1) {
          item += chunk.slice(from, at);
          if (item.trim() !== '') yield item;
          else if (letter === ',') throw notAList(file);
          item = '';
          from = at + 1;
        }
        if (letter !== ',') depth -= 1;
      } else if (depth === 0 && !/[\s\uFEFF]/.test(letter)) throw notAList(file);
    }
    if (depth > 0) item += chunk.slice(from);
  }
  if (depth > 0) {
    throw new Problem('data-shape', { what: `${file} ends before its list does`, where: { file } });
  }
}

const notAList = (file: string): Problem =>
  new Problem('data-shape', {
    what: `${file} is not a JSON list of objects`,
    where: { file },
    remedy: 'for a list inside another value, send or keep it and go through it with for-each',
  });
