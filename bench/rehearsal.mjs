/** A rehearsed vendor of 22,000 operations: how soon it is there, and its CPU time for a request beside that of a bare server. */
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { Pool } from 'undici';

const count = 10_000;
const atOnce = 32;

/** Milliseconds of CPU that a process has taken by now (Linux: /proc). */
function cpuOf(pid) {
  const [, rest = ''] = /^\d+ \(.*\) (.*)$/s.exec(readFileSync(`/proc/${pid}/stat`, 'utf8')) ?? [];
  const fields = rest.split(' ');
  return (Number(fields[11]) + Number(fields[12])) * 10;
}

async function ask(origin, paths) {
  const pool = new Pool(origin);
  let next = 0;
  let wrong = 0;
  await Promise.all(
    Array.from({ length: atOnce }, async () => {
      while (next < count) {
        next += 1;
        const { body, statusCode } = await pool.request({ path: paths[next % paths.length], method: 'GET' });
        await body.text();
        if (statusCode !== 200) wrong += 1;
      }
    }),
  );
  await pool.close();
  if (wrong > 0) throw new Error(`${wrong} of ${count} responses were no good`);
}

/** @param paths of operations that take no parameters @param bare a server to compare with, and its process */
export async function rehearsal({ program, cwd, env, paths, bare, report }) {
  const began = performance.now();
  const child = spawn(process.execPath, [program, 'rehearse', '--port', '0', '--json', '--from', 'documentation'], {
    cwd,
    env: { ...process.env, NODE_EXTRA_CA_CERTS: undefined, ...env },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const origin = await new Promise((resolve, reject) => {
    child.on('exit', () => reject(new Error('the rehearsal ended')));
    child.stdout.once('data', (text) => resolve(JSON.parse(String(text).split('\n')[0]).origin));
  });
  const start = performance.now() - began;
  child.stdout.resume();
  try {
    await measured();
  } finally {
    child.kill('SIGINT');
  }

  async function measured() {
    await ask(origin, paths);
    const perRequest = async (pid, from, asked) => {
      const [cpu, clock] = [cpuOf(pid), performance.now()];
      await ask(from, asked);
      return { cpu: (cpuOf(pid) - cpu) / count, rate: count / ((performance.now() - clock) / 1000) };
    };
    const ours = await perRequest(child.pid, origin, paths);
    const floor = await perRequest(bare.pid, bare.origin, ['/v1/vessels/9000001']);
    report('rehearse: start with 22,000 operations', { ours: start, floor: 1000, ratio: start / 1000 }, 2, 'ms');
    report(
      'rehearse: requests a second, 32 at once',
      { ours: ours.rate, floor: 2000, ratio: ours.rate / 2000 },
      1,
      'a second',
      true,
    );
    report(
      'rehearse: CPU for a request to a bare server',
      { ours: ours.cpu, floor: floor.cpu, ratio: ours.cpu / floor.cpu },
      8,
      'ms',
    );
  }
}
