/** Content codings (RFC 9110 section 8.4.1), with a limit against answers that swell without end. */
import { promisify } from 'node:util';
import { brotliDecompress, gunzip, inflate, inflateRaw } from 'node:zlib';
import { Problem } from '../problem/problem.js';

/** @throws Problem answer-encoding, answer-too-large */
export async function decompressed(body: Uint8Array, codings: string, largest: number): Promise<Buffer> {
  let out = Buffer.from(body.buffer, body.byteOffset, body.length);
  const order = codings.split(',').map((coding) => coding.trim().toLowerCase());
  for (const coding of order.reverse()) out = await decode(out, coding, largest);
  return out;
}

async function decode(body: Buffer, coding: string, largest: number): Promise<Buffer> {
  const options = { maxOutputLength: largest };
  try {
    switch (coding) {
      case 'identity':
      case '':
        return body;
      case 'gzip':
      case 'x-gzip':
        return await promisify(gunzip)(body, options);
      case 'br':
        return await promisify(brotliDecompress)(body, options);
      case 'deflate':
        // RFC 9110 means the zlib format; some servers send the bare one.
        return await promisify((body[0] ?? 0) % 16 === 8 ? inflate : inflateRaw)(body, options);
      default:
        throw new Error(`the coding ${coding} is not known`);
    }
  } catch (error) {
    const large = (error as NodeJS.ErrnoException).code === 'ERR_BUFFER_TOO_LARGE';
    throw new Problem(
      large ? 'answer-too-large' : 'answer-encoding',
      {
        what: large
          ? 'the decompressed answer is larger than what is read'
          : `the answer says ${coding}, but cannot be decompressed`,
        where: 'decompressing the answer',
        cause: (error as Error).message,
        remedy: 'headers: {Accept-Encoding: identity} asks for the plain body',
      },
      { cause: error },
    );
  }
}
