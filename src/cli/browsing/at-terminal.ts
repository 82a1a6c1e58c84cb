/** Browsing at a terminal, until it is left. */
import { Problem } from '../../core/problem/problem.js';
import type { Context } from '../context.js';
import { openScreen } from '../terminal/screen.js';
import { Browser } from './browser.js';
import type { Subject } from './subject.js';

/** @param keys a file of keys, in place of those of a terminal @throws Problem usage: there is no terminal @returns the exit status */
export async function browseAtTerminal(
  context: Context,
  command: string,
  instead: string,
  subject: () => Promise<Subject>,
  keys: unknown,
): Promise<number> {
  if (typeof keys === 'string' && !context.terminal.json)
    return (await import('./by-keys.js')).browseByKeys(context, keys, subject);
  if (context.terminal.json || !process.stdin.isTTY || !process.stdout.isTTY || process.env.TERM === 'dumb') {
    throw new Problem('usage', {
      what: context.terminal.json
        ? `${command} is for people: it has no --json`
        : `${command} needs a terminal, with a keyboard and a screen`,
      remedy: instead,
    });
  }
  const browser = new Browser(await subject(), context);
  const screen = openScreen({
    key: (key) => void browser.key(key),
    changed: () => browser.changed(),
  });
  for (const signal of [context.signal, context.secondSignal])
    signal.addEventListener('abort', () => browser.stopped(), { once: true });
  try {
    const shown = browser.show(screen);
    const status = await browser.ended;
    await shown;
    return status;
  } finally {
    screen.leave();
  }
}
