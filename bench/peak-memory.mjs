/**
 * Loaded into a measured process: at its end writes its peak memory, in bytes, where ECHO_TRAIL_BENCH_PEAK says, and its CPU time
 * of user and system, in milliseconds, where ECHO_TRAIL_BENCH_CPU says.
 */
import { writeFileSync } from 'node:fs';

process.on('exit', () => {
  if (process.env.ECHO_TRAIL_BENCH_PEAK)
    writeFileSync(process.env.ECHO_TRAIL_BENCH_PEAK, String(process.resourceUsage().maxRSS * 1024));
  const { user, system } = process.cpuUsage();
  if (process.env.ECHO_TRAIL_BENCH_CPU) writeFileSync(process.env.ECHO_TRAIL_BENCH_CPU, String((user + system) / 1000));
});
