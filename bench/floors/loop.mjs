/** The floor of `run`: a bare loop over a pool, each response parsed. Prints the milliseconds that it took. */
import { Pool } from 'undici';

const [origin, count, atOnce] = [process.argv[2], Number(process.argv[3]), Number(process.argv[4])];
const pool = new Pool(origin);
let next = 0;
async function worker() {
  while (next < count) {
    next += 1;
    const { body } = await pool.request({ path: `/v1/vessels/${9000000 + next}`, method: 'GET' });
    await body.json();
  }
}
const started = performance.now();
await Promise.all(Array.from({ length: atOnce }, worker));
console.log(performance.now() - started);
process.exit(0);
