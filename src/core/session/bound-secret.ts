/** Whether a secret may be used in an environment: only where that goes no other way than its owner has seen. */

import { listedOrigins } from '../exchange/hosts/listed-origins.js';
import { addedWays, type WaysOut } from '../exchange/hosts/ways-out.js';
import { action } from '../problem/actions.js';
import { Problem } from '../problem/problem.js';
import type { FoundSecret } from './found-secret.js';

/** @returns what is new about the ways of the environment, in words; empty where the secret may be used */
export function unseenWays({ from, ways, hosts }: FoundSecret, now: WaysOut): string[] {
  if (from === 'store' || from === 'shared') return addedWays(ways, now);
  return hosts === undefined ? [] : beyondHosts(hosts, now);
}

/** @throws Problem file-shape: an entry is no host */
function beyondHosts(hosts: readonly string[], { origins, proxies }: WaysOut): string[] {
  const allowed = listedOrigins(
    'of secrets',
    hosts.map((host) => (/:(?:\d+|\*)$/.test(host) ? host : `${host}:*`)),
    undefined,
  );
  const covers = (text: string): boolean => {
    if (allowed.entries.includes(text)) return true;
    const address = /^https?:/.test(text) ? text : `http://${text}`;
    return URL.canParse(address) && allowed.lists(new URL(address));
  };
  return [
    ...origins.filter((one) => !covers(one)).map((one) => `goes to ${one}`),
    ...proxies.filter((one) => !covers(one)).map((one) => `goes through ${one}`),
  ];
}

/** @param unseen what is new about the ways of the environment */
export function heldBack(
  name: string,
  environment: string,
  { from, ways }: FoundSecret,
  unseen: readonly string[],
): Problem {
  return new Problem('secret-held-back', {
    what:
      from === 'store' || from === 'shared'
        ? `the secret ${name} was not used: ${ways ? `the environment ${environment} has changed since it was ${from === 'store' ? 'set' : 'shared'}` : `it was not set for the environment ${environment}`}`
        : `the secret ${name} was not used: the environment ${environment} leads to hosts that the secret is not permitted for`,
    where: { file: `environments/${environment}.yaml` },
    cause: `it now ${unseen.join(', and ')}`,
    remedy:
      from === 'store'
        ? `read the environment file; if you trust it, ${action().allowSecret(name, environment)}`
        : from === 'shared'
          ? `read the environment file; if you trust it, ${action().shareSecret(name, environment)}`
          : from === 'process'
            ? 'ECHO_TRAIL_SECRET_HOSTS names the hosts to which secrets of the process environment may go'
            : 'hosts: beside the command in settings.yaml names the hosts to which its secrets may go',
    data: { name, environment, added: unseen },
  });
}
