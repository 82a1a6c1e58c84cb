/** The parts of undici that are used, by their own paths: importing all of it costs 60 ms at every start. */
declare module 'undici/lib/dispatcher/pool.js' {
  import type { Pool } from 'undici';

  const pool: typeof Pool;
  export default pool;
}
declare module 'undici/lib/core/connect.js' {
  import type { buildConnector } from 'undici';

  const build: typeof buildConnector;
  export default build;
}
