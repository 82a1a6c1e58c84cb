/** Certificates for the TLS listeners, made at start and good for a day: a root, servers, and a client. */
import { generateKeyPairSync } from 'node:crypto';
import forge from 'node-forge';

export interface Issued {
  /** PEM. */
  readonly certificate: string;
  readonly key: string;
}

export interface Certificates {
  readonly root: Issued;
  /** For 127.0.0.1 and localhost. */
  readonly server: Issued;
  readonly expired: Issued;
  readonly otherHost: Issued;
  readonly selfSigned: Issued;
  readonly client: Issued;
  /** The client's certificate and key as PKCS#12. */
  readonly clientBundle: (passphrase: string) => Buffer;
}

const day = 86_400_000;

interface Key {
  readonly publicKey: string;
  readonly privateKey: string;
}

/** The platform makes keys a hundred times faster than the library. */
const makeKey = (): Key =>
  generateKeyPairSync('rsa', {
    modulusLength: 2048,
    publicKeyEncoding: { type: 'spki', format: 'pem' },
    privateKeyEncoding: { type: 'pkcs1', format: 'pem' },
  });

export function makeCertificates(now: Date): Certificates {
  let serial = 0;
  let shared: Key | undefined;
  const make = (
    subject: string,
    {
      issuer,
      names = [],
      ca = false,
      from = -day,
      until = day,
    }: {
      issuer?: Issued;
      names?: readonly string[];
      ca?: boolean;
      from?: number;
      until?: number;
    } = {},
  ): Issued => {
    // The listeners share a key: to make one takes as long as all else.
    if (names.length > 0) shared ??= makeKey();
    const { publicKey, privateKey } = (names.length > 0 && shared) || makeKey();
    const certificate = forge.pki.createCertificate();
    certificate.publicKey = forge.pki.publicKeyFromPem(publicKey);
    serial += 1;
    certificate.serialNumber = serial.toString(16).padStart(2, '0');
    certificate.validity.notBefore = new Date(now.getTime() + from);
    certificate.validity.notAfter = new Date(now.getTime() + until);
    certificate.setSubject([{ name: 'commonName', value: subject }]);
    certificate.setIssuer(
      issuer ? forge.pki.certificateFromPem(issuer.certificate).subject.attributes : certificate.subject.attributes,
    );
    certificate.setExtensions([
      { name: 'basicConstraints', cA: ca, critical: true },
      ...(ca ? [{ name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true }] : []),
      ...(names.length > 0
        ? [
            {
              name: 'subjectAltName',
              altNames: names.map((name) => (/^[\d.]+$/.test(name) ? { type: 7, ip: name } : { type: 2, value: name })),
            },
          ]
        : []),
    ]);
    certificate.sign(forge.pki.privateKeyFromPem(issuer?.key ?? privateKey), forge.md.sha256.create());
    return { certificate: forge.pki.certificateToPem(certificate), key: privateKey };
  };

  const root = make('Larkhaven Harbour Root', { ca: true });
  const here = ['127.0.0.1', 'localhost'];
  const client = make('Agent at the desk', { issuer: root });
  return {
    root,
    client,
    server: make('Larkhaven Harbour', { issuer: root, names: here }),
    expired: make('Larkhaven Harbour, last year', { issuer: root, names: here, from: -400 * day, until: -35 * day }),
    otherHost: make('The other harbour', { issuer: root, names: ['other.harbour.example'] }),
    selfSigned: make('Nobody in particular', { names: here }),
    clientBundle(passphrase) {
      const asn1 = forge.pkcs12.toPkcs12Asn1(
        forge.pki.privateKeyFromPem(client.key),
        [forge.pki.certificateFromPem(client.certificate)],
        passphrase,
        { algorithm: '3des' },
      );
      return Buffer.from(forge.asn1.toDer(asn1).getBytes(), 'binary');
    },
  };
}
