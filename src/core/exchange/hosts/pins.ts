/**
 * Certificates that a person took for a host although nobody known has signed them: by fingerprint, and for a day. The file is
 * sealed with the person's own key: one that a stranger's collection brings pins nothing.
 */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod/mini';
import { encryptedFile } from '../../storage/encrypted-file.js';
import { shared } from '../../storage/shared-file.js';
import { ownMember } from '../../value/own-member.js';
import type { CertificateFacts } from '../connection/certificate.js';
import type { Connection } from '../connection/connection.js';

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

/** @param local the collection's local state @param home the user's own folder, where the key is kept */
export async function certificatePins(local: string, home: string, now: () => Date = () => new Date()): Promise<Pins> {
  const path = join(local, 'certificates.sealed');
  const file = encryptedFile<Pinned>(path, home, {});
  let known: Pinned = existsSync(path) ? await readable(file) : {};
  return {
    applied(url, connection) {
      if (url.protocol !== 'https:') return connection;
      const pin = ownMember(known, url.host);
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
      const own = { [url.host]: { fingerprint, subject, until } };
      known = { ...known, ...own };
      await shared(file).change((before) => ({ ...before, ...own }));
      return until;
    },
  };
}

async function readable(file: { read(): Promise<unknown> }): Promise<Pinned> {
  try {
    return pinsFile.parse(await file.read());
  } catch {
    return {};
  }
}
