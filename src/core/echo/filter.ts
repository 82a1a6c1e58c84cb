/** Which recorded exchanges are wanted. */
import type { Echo } from './echo.js';

export interface EchoFilter {
  readonly run?: string | undefined;
  readonly environment?: string | undefined;
  /** The request, or any end of its path; or the name of a step. */
  readonly request?: string | undefined;
  /** In capital letters. */
  readonly method?: string | undefined;
  /** `404`, or a class such as `4xx`; `none` where no response came. */
  readonly status?: string | undefined;
  readonly failed?: boolean | undefined;
  /** Milliseconds since the epoch. */
  readonly since?: number | undefined;
}

/** A try that was followed by another is no failure yet; what left, and of which nothing more is known, is one. */
export const hasFailed = ({ failed, trouble, again, unfinished }: Echo): boolean =>
  !again && (failed !== undefined || trouble !== undefined || unfinished === true);

export function wanted(filter: EchoFilter): (echo: Echo) => boolean {
  const { run, environment, request, method, status, failed, since } = filter;
  return (echo) =>
    (run === undefined || echo.id.startsWith(`${run}.`)) &&
    (environment === undefined || echo.environment === environment) &&
    (request === undefined || isNamed(echo, request)) &&
    (method === undefined || echo.sent.method === method) &&
    (status === undefined || hasStatus(echo, status)) &&
    (!failed || hasFailed(echo)) &&
    (since === undefined || Date.parse(echo.at) >= since);
}

function isNamed({ request, step }: Echo, name: string): boolean {
  return step === name || request === name || request?.endsWith(`/${name}`) === true;
}

function hasStatus({ received }: Echo, wantedStatus: string): boolean {
  if (wantedStatus === 'none') return received === undefined;
  const found = String(received?.status ?? '');
  return wantedStatus.endsWith('xx') ? found.length === 3 && found[0] === wantedStatus[0] : found === wantedStatus;
}
