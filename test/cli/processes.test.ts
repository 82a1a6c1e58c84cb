/** Whether another process is still there. */
import assert from 'node:assert/strict';
import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { test } from 'node:test';
import { isGone } from '../../src/cli/terminal/processes.js';

test('a process that has ended is gone, this one is not', () => {
  const { pid } = spawnSync(process.execPath, ['--version']);
  assert.deepEqual([isGone(pid), isGone(process.pid)], [true, false]);
});

test('what is left of a process whose parent never asks for its end is gone', {
  skip: !existsSync('/proc/self/stat'),
}, async () => {
  // The parent becomes a program that waits for no child.
  const parent = spawn('sh', ['-c', 'sleep 1 & echo $!; exec sleep 60'], { stdio: ['ignore', 'pipe', 'ignore'] });
  const pid = await new Promise<number>((resolve) => parent.stdout.once('data', (said) => resolve(Number(said))));
  while (!isGone(pid)) await new Promise((resolve) => setTimeout(resolve, 5));
  assert.ok(process.kill(pid, 0), 'its number is still taken');
  parent.kill();
});
