/**
 * Browsing 22,000 operations at a pseudo-terminal (the `script` of util-linux): how long after its start the first screen stands
 * there, beyond what bare node takes, and how long after a key is pressed something is drawn.
 */
import { spawn } from 'node:child_process';
import { median } from './measure.mjs';

const terminal = (words, { cwd, env }) =>
  spawn('script', ['-qec', words.map((word) => `'${word}'`).join(' '), '/dev/null'], {
    cwd,
    env: { ...process.env, NODE_EXTRA_CA_CERTS: undefined, ...env, TERM: 'xterm', CI: undefined },
    stdio: ['pipe', 'pipe', 'inherit'],
  });

/** Milliseconds until what is printed holds a text. */
function until(child, text) {
  const began = performance.now();
  return new Promise((resolve, reject) => {
    let seen = '';
    const look = (chunk) => {
      seen += chunk;
      if (!seen.includes(text)) return;
      child.stdout.off('data', look);
      resolve(performance.now() - began);
    };
    child.on('close', () => reject(new Error(`never saw ${text} in ${seen}`)));
    child.stdout.on('data', look);
  });
}

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const down = '\u001b[B';

async function firstScreen(settings) {
  const child = terminal([process.execPath, settings.program, 'docs', 'browse'], settings);
  const took = await until(child, '? keys');
  child.stdin.write('q');
  await new Promise((resolve) => child.on('close', resolve));
  return took;
}

async function bareNode(settings) {
  const child = terminal([process.execPath, '-e', 'console.log("there")'], settings);
  return until(child, 'there');
}

/** Of each key in turn; what they wait for between two is longer than any of them may take. */
async function keys(settings, typed) {
  const child = terminal([process.execPath, settings.program, 'docs', 'browse'], settings);
  await until(child, '? keys');
  await pause(500);
  const took = [];
  for (const key of typed) {
    const drawn = until(child, '\u001b[');
    child.stdin.write(key);
    took.push(await drawn);
    await pause(400);
  }
  child.kill();
  return took;
}

export async function browsing(settings) {
  const { report } = settings;
  await firstScreen(settings);
  const first = [];
  const bare = [];
  for (let time = 0; time < 7; time += 1) {
    bare.push(await bareNode(settings));
    first.push(await firstScreen(settings));
  }
  const beyond = median(first) - median(bare);
  report(
    'browse: 22,000 operations, first screen beyond bare node, to 300 ms',
    { ours: beyond, floor: 300, ratio: beyond / 300 },
    1,
    'ms',
  );
  const moved = median(await keys(settings, Array(20).fill(down)));
  report('browse: a key in the list, to 30 ms', { ours: moved, floor: 30, ratio: moved / 30 }, 1, 'ms');
  const typed = median(await keys(settings, ['/', ...'open the berth of the quay']));
  report('browse: a letter of a question, to 30 ms', { ours: typed, floor: 30, ratio: typed / 30 }, 1, 'ms');
}
