/** `certificate`: a client certificate, shown when the connection is made (RFC 8446, section 4.4.2). */
import type { CertificateFile } from '../../collection/files/session-file.js';
import { Problem } from '../../problem/problem.js';
import { written } from '../credentials.js';
import type { SessionKind } from '../session-kind.js';

export const certificate: SessionKind<CertificateFile> = {
  name: 'certificate',
  about: 'a client certificate, shown when the connection is made',
  proof: () => 'a client certificate',
  async identity({ certificate: own, key, bundle, passphrase }, room) {
    if (bundle === undefined && (own === undefined || key === undefined)) {
      throw new Problem('session-missing', {
        what: `the session ${room.name} has no certificate to show`,
        where: room.yaml.position([]),
        remedy: 'certificate: and key: in PEM, or bundle: with a PKCS#12 file',
      });
    }
    return room.identity({
      ...(own !== undefined && { certificate: await written(own, 'certificate', room) }),
      ...(key !== undefined && { key: await written(key, 'key', room) }),
      ...(bundle !== undefined && { bundle: await written(bundle, 'bundle', room) }),
      ...(passphrase !== undefined && { passphrase: await written(passphrase, 'passphrase', room) }),
    });
  },
};
