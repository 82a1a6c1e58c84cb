/** Certificates that a person took for a host although nobody known has signed them: by fingerprint, and for a day. */
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod/mini';
import { writeAtomically } from '../storage/atomic-write.js';
import type { CertificateFacts } from './certificate.js';
import type { Connection } from './connection.js';

/** By host and port. */
const pinsFile = z.record(
  z.string(),
  z.strictObject({ fingerprint: z.string(), subject: z.string(), until: z.string() }),
);
type Pinned = z.infer<typeof pinsFile>;

export interface Pins {
  /** The connection with what is pinned for the host. */
  applied(url: URL, connection: Connection): Connection;
  /** @returns until when, ISO 8601 */
  accept(url: URL, facts: CertificateFacts): Promise<string>;
}

const holds = 24 * 3_600_000;

/** @param local the collection's local state */
export function certificatePins(local: string, now: () => Date = () => new Date()): Pins {
  const path = join(local, 'certificates.json');
  let known: Pinned | undefined;
  const pinned = (): Pinned => {
    known ??= existsSync(path) ? read(path) : {};
    return known;
  };
  return {
    applied(url, connection) {
      if (url.protocol !== 'https:') return connection;
      const pin = pinned()[url.host];
      if (!pin || Date.parse(pin.until) <= now().getTime()) return connection;
      const tls = connection.tls ?? { trust: [], identity: undefined, serverName: undefined, minimum: undefined };
      return {
        ...connection,
        key: `${connection.key} ${pin.fingerprint}`,
        tls: { ...tls, pinned: pin.fingerprint },
      };
    },
    async accept(url, { fingerprint, subject }) {
      const until = new Date(now().getTime() + holds).toISOString();
      known = { ...pinned(), [url.host]: { fingerprint, subject, until } };
      await writeAtomically(path, `${JSON.stringify(known, null, 2)}\n`);
      return until;
    },
  };
}

/** A file that is not ours pins nothing. */
function read(path: string): Pinned {
  try {
    return pinsFile.parse(JSON.parse(readFileSync(path, 'utf8')));
  } catch {
    return {};
  }
}
