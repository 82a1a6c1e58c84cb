/** Which hosts may receive a credential. */
import { Problem } from '../problem/problem.js';

export interface CredentialHosts {
  allows(url: URL): boolean;
  /** @param what `session agent`, `secret` @throws Problem host-not-listed */
  demand(url: URL, what: string): void;
}

/**
 * @param listed names, or names with a port; undefined where the environment lists none
 * @param origin the environment's `origin`, which stands in for a list
 */
export function credentialHosts(
  environment: string,
  listed: readonly string[] | undefined,
  origin: string | undefined,
): CredentialHosts {
  const hosts = new Set((listed ?? (origin === undefined ? [] : [hostOf(origin)])).map((host) => host.toLowerCase()));
  const allows = (url: URL): boolean =>
    hosts.has(url.hostname.replace(/^\[|\]$/g, '')) || hosts.has(url.host) || hosts.has(url.hostname);
  return {
    allows,
    demand(url, what) {
      if (allows(url)) return;
      throw new Problem('host-not-listed', {
        what: `${what} would go to ${url.hostname}, which the environment ${environment} does not list`,
        cause: hosts.size === 0 ? 'it lists no hosts and has no origin' : `it lists ${[...hosts].join(', ')}`,
        remedy: `if the host is the vendor's, add it to hosts: in environments/${environment}.yaml; else send with --session none`,
        data: { host: url.hostname },
      });
    },
  };
}

function hostOf(origin: string): string {
  try {
    return new URL(origin).hostname.replace(/^\[|\]$/g, '');
  } catch {
    return '';
  }
}
