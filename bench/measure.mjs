/** Timing whole processes: the two sides in turn, so that a machine that changes its speed changes it for both. */
import { spawn } from 'node:child_process';

/** Certificates that Node would load at every start distort every ratio; both sides run without. */
const { NODE_EXTRA_CA_CERTS: _, ...environment } = process.env;

export function runOnce(args, { cwd, env = {} } = {}) {
  return new Promise((resolve, reject) => {
    const started = performance.now();
    const child = spawn(process.execPath, args, {
      cwd,
      env: { ...environment, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let output = '';
    let errors = '';
    child.stdout.on('data', (chunk) => {
      output += chunk;
    });
    child.stderr.on('data', (chunk) => {
      errors += chunk;
    });
    child.on('error', reject);
    child.on('close', (status) => {
      if (status === 0) resolve({ ms: performance.now() - started, output });
      else reject(new Error(`${args.join(' ')} ended with ${status}: ${errors}${output}`));
    });
  });
}

/** Peak memory of a run over many rows and of one over few, in megabytes, and their ratio pair by pair. */
export async function comparePeaks(times, peakOfMany, peakOfFew) {
  const pairs = [];
  for (let index = 0; index < times; index += 1) pairs.push([await peakOfMany(), await peakOfFew()]);
  return {
    ours: median(pairs.map(([one]) => one)),
    floor: median(pairs.map(([, other]) => other)),
    ratio: median(pairs.map(([one, other]) => one / other)),
  };
}

export function median(values) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)];
}

/** Medians of both, and of the ratio pair by pair. */
export async function compare(times, ours, floor) {
  await ours();
  await floor();
  const pairs = [];
  for (let index = 0; index < times; index += 1) pairs.push([await ours(), await floor()]);
  return {
    ours: median(pairs.map(([one]) => one)),
    floor: median(pairs.map(([, other]) => other)),
    ratio: median(pairs.map(([one, other]) => one / other)),
  };
}
