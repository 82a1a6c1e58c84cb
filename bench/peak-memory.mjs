/** Loaded into a measured process: writes its peak memory, in bytes, where ECHO_TRAIL_BENCH_PEAK says. */
import { writeFileSync } from 'node:fs';

process.on('exit', () => {
  if (process.env.ECHO_TRAIL_BENCH_PEAK)
    writeFileSync(process.env.ECHO_TRAIL_BENCH_PEAK, String(process.resourceUsage().maxRSS * 1024));
});
