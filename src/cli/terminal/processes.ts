/** Other processes: whether one is still there, and since when, for their numbers are given again. */
import { readFileSync } from 'node:fs';

/** The unit in which Linux tells programs of time (proc(5), time(7)): a hundredth of a second, whatever its own is. */
const tick = 10;

/** The fields behind the name of the program, which is in parentheses and may hold spaces. @throws where there are none */
function statFields(pid: number): string[] {
  const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
  return stat
    .slice(stat.lastIndexOf(')') + 1)
    .trim()
    .split(' ');
}

/** Milliseconds since 1970; undefined where the system does not tell it in files. */
export function processStart(pid: number): number | undefined {
  try {
    // The twentieth of them.
    const ticks = Number(statFields(pid)[19]);
    const boot = Number(/^btime (\d+)$/m.exec(readFileSync('/proc/stat', 'utf8'))?.[1]);
    const began = boot * 1000 + ticks * tick;
    return Number.isNaN(began) ? undefined : began;
  } catch {
    return undefined;
  }
}

/** No process has that number, or only what is left of one whose parent has not asked for its end. */
export function isGone(pid: number): boolean {
  try {
    process.kill(pid, 0);
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'ESRCH';
  }
  try {
    return /^[ZX]/.test(statFields(pid)[0] ?? '');
  } catch {
    return false;
  }
}
