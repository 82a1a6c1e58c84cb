/** A command that is carried out while browsing: where it prints to, where it asks, and how it is stopped. */
import { setMaxListeners } from 'node:events';
import type { Context } from '../context.js';
import type { Screen } from '../terminal/screen.js';
import { withoutLinks } from './page.js';
import { openPane, type Pane, type PaneSettings } from './pane.js';

/** @param screen is lent to its questions */
export function commandPane(screen: Screen, settings: PaneSettings): Pane {
  let before = 0;
  // A question stands below what was said before it.
  const told = (): void => {
    const text = pane.text();
    process.stdout.write(`${withoutLinks(text.slice(before))}\n`);
    before = text.length;
  };
  const pane = openPane({
    ...settings,
    ...(screen.asks && {
      asking: (question) =>
        screen.lend(() => {
          told();
          return question();
        }),
      askingNow: (question) =>
        screen.lendNow(() => {
          told();
          return question();
        }),
    }),
  });
  return pane;
}

/** The first time it is stopped it cleans up, the second time it stops that, too: as with Ctrl-C. */
export class Stoppable {
  private readonly first = new AbortController();
  private readonly second = new AbortController();

  constructor() {
    setMaxListeners(0, this.first.signal, this.second.signal);
  }

  get signals(): Pick<Context, 'signal' | 'secondSignal'> {
    return { signal: this.first.signal, secondSignal: this.second.signal };
  }

  /** @returns what is going on then, in words */
  stop(): string {
    if (this.first.signal.aborted) {
      this.second.abort();
      return 'stopping at once';
    }
    this.first.abort();
    return 'stopping, and cleaning up: once more stops that, too';
  }
}

/** As somebody would type it. */
export const commandText = (words: readonly string[]): string =>
  `echo-trail ${words.map((word) => (/^[\w./:@=+,-]+$/.test(word) ? word : `'${word.replaceAll("'", "'\\''")}'`)).join(' ')}`;
