/** Debian's chromium without a window, told what to do through its own protocol. */
import { spawn, spawnSync } from 'node:child_process';
import type { Readable, Writable } from 'node:stream';
import { after } from 'node:test';
import { temporaryFolder } from './folder.js';

export const chromium = ['chromium', 'chromium-browser'].find(
  (name) => spawnSync(name, ['--version'], { stdio: 'ignore' }).status === 0,
);

export interface Page {
  /** Sends a command of the protocol; what it answers. */
  tell(method: string, params?: object): Promise<Record<string, unknown>>;
  /** What an expression comes to in the page. */
  read(expression: string): Promise<unknown>;
  /** Presses and releases a key. */
  press(key: 'Tab' | 'Enter'): Promise<void>;
  /** Addresses that were asked for, and what the console was told. */
  readonly fetched: readonly string[];
  readonly complaints: readonly string[];
}

interface Message {
  readonly id?: number;
  readonly method?: string;
  readonly params?: Record<string, unknown>;
  readonly result?: Record<string, unknown>;
  readonly error?: { readonly message: string };
}

const keys = {
  Tab: { key: 'Tab', windowsVirtualKeyCode: 9 },
  Enter: { key: 'Enter', windowsVirtualKeyCode: 13, text: '\r' },
};

/** @param name of the program */
export async function openPage(name: string, url: string): Promise<Page> {
  const child = spawn(
    name,
    ['--headless', '--no-sandbox', '--remote-debugging-pipe', `--user-data-dir=${temporaryFolder()}`, 'about:blank'],
    { stdio: ['ignore', 'ignore', 'ignore', 'pipe', 'pipe'] },
  );
  after(() => child.kill());
  const [, , , commands, answers] = child.stdio as unknown as [null, null, null, Writable, Readable];
  const waiting = new Map<number, (message: Message) => void>();
  const awaited = new Map<string, () => void>();
  const fetched: string[] = [];
  const complaints: string[] = [];
  let rest = '';
  // Messages end with a zero byte.
  answers.setEncoding('utf8').on('data', (piece: string) => {
    const parts = (rest + piece).split('\0');
    rest = parts.pop() ?? '';
    for (const part of parts) take(JSON.parse(part) as Message);
  });
  const take = (message: Message): void => {
    if (message.id !== undefined) waiting.get(message.id)?.(message);
    const { method = '', params = {} } = message;
    if (method === 'Network.requestWillBeSent') fetched.push((params.request as { url: string }).url);
    if (method === 'Log.entryAdded' || method === 'Runtime.exceptionThrown' || method === 'Runtime.consoleAPICalled')
      complaints.push(JSON.stringify(params));
    awaited.get(method)?.();
  };
  let id = 0;
  let sessionId: string | undefined;
  const tell: Page['tell'] = async (method, params = {}) => {
    id += 1;
    const own = id;
    const answer = new Promise<Message>((resolve) => waiting.set(own, resolve));
    commands.write(`${JSON.stringify({ id: own, method, params, ...(sessionId && { sessionId }) })}\0`);
    const { result, error } = await answer;
    if (error) throw new Error(`${method}: ${error.message}`);
    return result ?? {};
  };
  const { targetId } = await tell('Target.createTarget', { url: 'about:blank' });
  ({ sessionId } = (await tell('Target.attachToTarget', { targetId, flatten: true })) as { sessionId: string });
  for (const domain of ['Page', 'Runtime', 'Network', 'Log']) await tell(`${domain}.enable`);
  const loaded = new Promise<void>((resolve) => awaited.set('Page.loadEventFired', resolve));
  await tell('Page.navigate', { url });
  await loaded;
  return {
    tell,
    async read(expression) {
      const { result } = (await tell('Runtime.evaluate', { expression, returnByValue: true })) as {
        result: { value: unknown };
      };
      return result.value;
    },
    async press(key) {
      await tell('Input.dispatchKeyEvent', { type: 'keyDown', ...keys[key] });
      await tell('Input.dispatchKeyEvent', { type: 'keyUp', ...keys[key] });
    },
    fetched,
    complaints,
  };
}
