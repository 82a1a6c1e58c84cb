/** Runs the built program as a person would: another process, a folder, standard streams. */
import assert from 'node:assert/strict';
import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Tests are built into dist/test/FOLDER/. */
export const projectFolder = join(import.meta.dirname, '../../..');
export const program = join(projectFolder, 'dist/main.cjs');

export interface Ended {
  readonly status: number;
  readonly out: string;
  readonly err: string;
}

export interface RunSettings {
  readonly cwd?: string;
  readonly input?: string;
  /** Leaves standard input open, for `meanwhile` to write to. */
  readonly openInput?: boolean;
  readonly env?: Readonly<Record<string, string>>;
  /** Given the running process, to interrupt it. */
  readonly meanwhile?: (child: ChildProcess) => void;
}

/** The user's folder of this test process, so that no test meets a key of another. */
const home = mkdtempSync(join(tmpdir(), 'echo-trail-home-'));
process.on('exit', () => rmSync(home, { recursive: true, force: true }));
export const userFolder = home;

export function echoTrail(
  args: readonly string[],
  { cwd = tmpdir(), input, openInput = false, env = {}, meanwhile }: RunSettings = {},
): Promise<Ended> {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [program, ...args], {
      cwd,
      env: {
        PATH: process.env.PATH ?? '',
        HOME: home,
        ECHO_TRAIL_HOME: home,
        // Compiled code has nothing of a user's in it, and the tests start the program thousands of times.
        XDG_CACHE_HOME: join(projectFolder, 'dist/test/cache'),
        COLUMNS: '140',
        ...env,
      },
      stdio: [input === undefined && !openInput ? 'ignore' : 'pipe', 'pipe', 'pipe'],
    });
    let out = '';
    let err = '';
    child.stdout?.setEncoding('utf8').on('data', (text: string) => {
      out += text;
    });
    child.stderr?.setEncoding('utf8').on('data', (text: string) => {
      err += text;
    });
    child.on('error', reject);
    child.on('close', (code) => resolve({ status: code ?? -1, out, err }));
    if (!openInput) child.stdin?.end(input);
    meanwhile?.(child);
  });
}

/** The one document that a command printed with --json, without the version that each has. */
export function document<T = Record<string, unknown>>({ out }: Ended): T {
  const { version, ...rest } = JSON.parse(out) as T & { version: unknown };
  assert.equal(version, 1);
  return rest as T;
}

/** The documents of a streaming command, a line each. */
export function documentLines(ended: Ended): Record<string, unknown>[] {
  return ended.out
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Record<string, unknown>);
}
