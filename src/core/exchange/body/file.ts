/** `file`: the bytes of a file as they are, streamed from the disk with their length. */
import { createReadStream, statSync } from 'node:fs';
import { Readable } from 'node:stream';
import { omitted } from '../../expression/evaluation.js';
import { compileTemplate } from '../../expression/template.js';
import { Problem } from '../../problem/problem.js';
import { sizeText } from '../../value/measures.js';
import { textOf } from '../../value/text.js';
import type { WireBody } from '../request/wire.js';
import type { BodyKind } from './body-kind.js';
import { filePieces } from './file-pieces.js';
import { mediaTypeOf } from './media-type.js';
import { pathNamed, writtenOut } from './named-file.js';

const nothing = new Uint8Array();

export const file: BodyKind = {
  name: 'file',
  about: 'the bytes of a file in the collection, streamed from the disk; - is standard input, sent in chunks',
  files: (spec) => (spec === '-' ? [] : writtenOut(spec, [])),
  compile(spec, { where, loads }) {
    const template = compileTemplate(spec, where([]), loads);
    return (evaluation) => {
      const value = template.evaluate(evaluation);
      if (value === omitted) return undefined;
      const named = textOf(value);
      if (named === '') throw new Problem('body-shape', { what: 'the file of the body has no name', where: where([]) });
      if (named === '-' && evaluation.runtime.standardInput) return fromStandardInput(evaluation.runtime.standardInput);
      const path = pathNamed(named, evaluation, where([]));
      const { size } = statSync(path);
      return {
        bytes: nothing,
        streamed: {
          size,
          open: () => createReadStream(path),
          pieces: () => filePieces(path),
          parts: [{ path, named }],
        },
        type: mediaTypeOf(named),
        shown: `(${sizeText(size)} of ${named})`,
        secret: false,
      };
    };
  },
};

/** Its length is known when all of it was read, and it is there once. */
function fromStandardInput(open: () => Readable): WireBody {
  let opened = false;
  let size: number | undefined;
  async function* counted(): AsyncGenerator<Buffer> {
    let bytes = 0;
    for await (const piece of open()) {
      bytes += (piece as Buffer).length;
      yield piece as Buffer;
    }
    size = bytes;
  }
  const once = (what: string): Problem =>
    new Problem('body-shape', { what, remedy: 'put it into a file, and name the file' });
  return {
    bytes: nothing,
    streamed: {
      get size() {
        return size;
      },
      open() {
        if (opened) throw once('standard input was sent, and cannot be sent again');
        opened = true;
        return Readable.from(counted(), { objectMode: false });
      },
      pieces() {
        throw once('standard input cannot be signed: a digest is needed before it is sent');
      },
    },
    type: mediaTypeOf('-'),
    shown: '(standard input)',
    secret: false,
  };
}
