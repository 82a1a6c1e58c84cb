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
declare module 'undici/lib/dispatcher/proxy-agent.js' {
  import type { ProxyAgent } from 'undici';

  const agent: typeof ProxyAgent;
  export default agent;
}
declare module 'undici/lib/dispatcher/dispatcher.js' {
  import type { Dispatcher } from 'undici';

  const base: typeof Dispatcher;
  export default base;
}
declare module 'undici/lib/api/index.js' {
  const api: Readonly<Record<string, unknown>>;
  export default api;
}
