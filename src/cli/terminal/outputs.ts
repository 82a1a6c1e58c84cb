/**
 * Standard output and standard error when nobody takes them any more: the watching has ended, and the work goes on to its end.
 * Only what could not be written although somebody wanted it is a failure.
 */
const gone = new Set(['EPIPE', 'EIO', 'ECONNRESET', 'ERR_STREAM_DESTROYED', 'ERR_STREAM_WRITE_AFTER_END']);

const state: { closed: boolean; failure: Error | undefined } = { closed: false, failure: undefined };

/** As standard output is now; `failure`: it could not be written, as on a full disk. */
export const outputs: Readonly<typeof state> = state;

export function guardOutputs(): void {
  process.stdout.on('error', (error: NodeJS.ErrnoException) => {
    state.closed = true;
    if (!gone.has(error.code ?? '')) state.failure ??= error;
  });
  process.stderr.on('error', () => undefined);
}
