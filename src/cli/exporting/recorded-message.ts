/** What an echo holds of the request that was sent, where all of it was kept. */
import type { Echo } from '../../core/echo/echo.js';
import { hidden } from '../../core/exchange/request/wire.js';
import { Problem } from '../../core/problem/problem.js';

/** `last`, or as `echo list` prints it. */
export const isEchoId = (name: string): boolean => name === 'last' || /^[a-z0-9]{4}\.\d+$/.test(name);

export interface RecordedMessage {
  readonly method: string;
  readonly url: string;
  readonly headers: readonly (readonly [name: string, value: string])[];
  readonly body: string | Uint8Array | undefined;
}

/** @param read a file that lies beside the echoes @throws Problem body-shape: only a part of the body was kept */
export function recordedMessage({ id, sent }: Echo, read: (file: string) => Buffer | undefined): RecordedMessage {
  const { method, url, headers, body } = sent;
  return { method, url, headers, body: body && bodyOf() };

  function bodyOf(): string | Uint8Array {
    const { text, encoding, size, cut, file } = body as NonNullable<typeof body>;
    const kept = file === undefined ? undefined : read(file);
    if (kept) return kept.toString('utf8');
    const bytes = Buffer.from(text, encoding === 'base64' ? 'base64' : 'utf8');
    // What is hidden in it has another length.
    if (cut || (bytes.length !== size && !text.includes(hidden))) {
      throw new Problem('body-shape', {
        what: `the echo ${id} holds only a part of the body that was sent`,
        cause: cut ? 'it was too long to be kept' : 'it was streamed from files',
        remedy: 'export the request itself',
      });
    }
    return encoding === 'base64' ? bytes : text;
  }
}
