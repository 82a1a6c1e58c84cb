/** A stream as it comes: shown line by line, and held for what is judged and recorded of it. */
import { StringDecoder } from 'node:string_decoder';
import type { HeaderLine } from '../../core/exchange/request/wire.js';
import type { Sink } from '../../core/exchange/response/sink.js';
import { Problem } from '../../core/problem/problem.js';

export class LiveSink implements Sink {
  saved = 0;
  /** Whether anything is shown here; a refusal is not. */
  begun = false;
  /** A piece may end within a character or a line; a secret is only recognised when it is whole. */
  private readonly decoder = new StringDecoder('utf8');
  private rest = '';

  /** @param show told each line, or what is left at the end @param closed nobody reads any more */
  constructor(
    private readonly show: (text: string) => void,
    private readonly closed: () => boolean,
  ) {}

  /** A compressed stream shows nothing until much of it is there. */
  readonly lines: readonly HeaderLine[] = [
    { name: 'Accept-Encoding', value: 'identity', origin: '--live', secret: false },
  ];

  begin(status: number, headers: readonly (readonly [string, string])[]): 'beside' | 'nothing' {
    const coded = headers.some(
      ([name, value]) => /^content-encoding$/i.test(name) && !/^(?:identity|none)$/i.test(value),
    );
    this.begun = status >= 200 && status < 300 && !coded;
    return this.begun ? 'beside' : 'nothing';
  }

  write(chunk: Buffer): Promise<void> | undefined {
    if (this.closed())
      return Promise.reject(new Problem('interrupted', { what: 'the reader of standard output has closed it' }));
    this.saved += chunk.length;
    const text = this.rest + this.decoder.write(chunk);
    const end = text.lastIndexOf('\n');
    if (end >= 0) this.show(text.slice(0, end));
    this.rest = text.slice(end + 1);
    return undefined;
  }

  /** What stands behind the last line. */
  finish(): void {
    const text = this.rest + this.decoder.end();
    if (text !== '') this.show(text);
  }
}
