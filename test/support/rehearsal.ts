/** A rehearsed vendor for one test, by the built program, ended with the test file. */
import type { ChildProcess } from 'node:child_process';
import { after } from 'node:test';
import { echoTrail } from './program.js';

export interface Rehearsed {
  readonly origin: string;
  /** What it said first. */
  readonly told: Record<string, unknown>;
  /** What it said of each request, so far. */
  readonly said: Record<string, unknown>[];
  fetch(
    method: string,
    path: string,
    given?: { readonly json?: unknown; readonly headers?: Record<string, string> },
  ): Promise<Answer>;
}

export interface Answer {
  readonly status: number;
  readonly headers: Headers;
  readonly text: string;
  /** Undefined where it is no JSON. */
  readonly json: never;
}

const running: ChildProcess[] = [];
after(() => {
  for (const child of running) child.kill('SIGINT');
});

export async function rehearsed(cwd: string, ...args: readonly string[]): Promise<Rehearsed> {
  const said: Record<string, unknown>[] = [];
  const told = await new Promise<Record<string, unknown>>((resolve, reject) => {
    echoTrail(['rehearse', ...args, '--port', '0', '--json'], {
      cwd,
      meanwhile(child) {
        running.push(child);
        let rest = '';
        child.stdout?.on('data', (text: string) => {
          const lines = (rest + text).split('\n');
          rest = lines.pop() ?? '';
          for (const line of lines) {
            const document = JSON.parse(line) as Record<string, unknown>;
            if (document.event === 'rehearsing') resolve(document);
            else said.push(document);
          }
        });
      },
    }).then((ended) => reject(new Error(`ended with ${ended.status}: ${ended.err}`)), reject);
  });
  const origin = String(told.origin);
  return {
    origin,
    told,
    said,
    async fetch(method, path, { json, headers = {} } = {}) {
      const body = json === undefined ? undefined : typeof json === 'string' ? json : JSON.stringify(json);
      const response = await fetch(`${origin}${path}`, {
        method,
        headers: { ...(json !== undefined && { 'content-type': 'application/json' }), ...headers },
        ...(body !== undefined && { body }),
      });
      const text = await response.text();
      return { status: response.status, headers: response.headers, text, json: parsed(text) as never };
    },
  };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
