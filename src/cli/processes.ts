/** Other processes: whether one is still there, and since when, for their numbers are given again. */
import { readFileSync } from 'node:fs';

/** The unit in which Linux tells programs of time (proc(5), time(7)): a hundredth of a second, whatever its own is. */
const tick = 10;

/** Milliseconds since 1970; undefined where the system does not tell it in files. */
export function processStart(pid: number): number | undefined {
  try {
    // The name of the program stands in parentheses, and may hold spaces; the start is the twentieth field behind it.
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    const ticks = Number(
      stat
        .slice(stat.lastIndexOf(')') + 1)
        .trim()
        .split(' ')[19],
    );
    const boot = Number(/^btime (\d+)$/m.exec(readFileSync('/proc/stat', 'utf8'))?.[1]);
    const began = boot * 1000 + ticks * tick;
    return Number.isNaN(began) ? undefined : began;
  } catch {
    return undefined;
  }
}

/** No process has that number. */
export function isGone(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return false;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'ESRCH';
  }
}
