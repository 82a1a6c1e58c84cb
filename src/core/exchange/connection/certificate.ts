/** Certificates that servers show: their facts, and why one is not trusted. */
import { X509Certificate } from 'node:crypto';
import { isIP } from 'node:net';
import { connect, type DetailedPeerCertificate, type TLSSocket } from 'node:tls';

export interface CertificateFacts {
  readonly subject: string;
  readonly issuer: string;
  readonly names: readonly string[];
  /** ISO 8601. */
  readonly from: string;
  readonly until: string;
  /** SHA-256, `AB:CD:…`. */
  readonly fingerprint: string;
}

/** What a TLS connection came to. */
export interface TlsFacts {
  /** `TLSv1.3`. */
  readonly protocol: string;
  readonly cipher: string;
  readonly certificate: CertificateFacts | undefined;
}

export function tlsFacts(socket: TLSSocket): TlsFacts {
  return {
    protocol: socket.getProtocol() ?? 'unknown',
    cipher: socket.getCipher().standardName,
    certificate: certificateFacts(socket.getPeerCertificate(true)),
  };
}

function certificateFacts(given: DetailedPeerCertificate): CertificateFacts | undefined {
  if (!given?.raw) return undefined;
  const certificate = new X509Certificate(given.raw);
  const plain = (name: string): string => name.replaceAll('\n', ', ');
  return {
    subject: plain(certificate.subject),
    issuer: plain(certificate.issuer),
    names: (certificate.subjectAltName ?? '')
      .split(/,\s*/)
      .filter((one) => one !== '')
      .map((one) => one.replace(/^(?:DNS|IP Address):/, '')),
    from: new Date(certificate.validFrom).toISOString(),
    until: new Date(certificate.validTo).toISOString(),
    fingerprint: certificate.fingerprint256,
  };
}

/** The certificate that a host shows; nothing is sent to it. Undefined where there is no TLS. */
export function certificateOf(url: URL, serverName: string | undefined): Promise<CertificateFacts | undefined> {
  const host = url.hostname.replace(/^\[|\]$/g, '');
  return new Promise((resolve) => {
    const socket = connect({
      host,
      port: Number(url.port || 443),
      ...(serverName !== undefined ? { servername: serverName } : isIP(host) === 0 && { servername: host }),
      // Only looked at, never spoken to.
      rejectUnauthorized: false,
      timeout: 5000,
    });
    const end = (facts: CertificateFacts | undefined): void => {
      socket.destroy();
      resolve(facts);
    };
    socket.once('secureConnect', () => end(certificateFacts(socket.getPeerCertificate(true))));
    socket.once('error', () => end(undefined));
    socket.once('timeout', () => end(undefined));
  });
}

/** In plain words, why a certificate is not taken. */
export function distrust(code: string, host: string, facts: CertificateFacts | undefined): string | undefined {
  const issuer = facts ? ` (${facts.issuer})` : '';
  switch (code) {
    case 'CERT_HAS_EXPIRED':
      return `its certificate ended${facts ? ` on ${facts.until.slice(0, 10)}` : ''}`;
    case 'CERT_NOT_YET_VALID':
      return `its certificate begins${facts ? ` only on ${facts.from.slice(0, 10)}` : ' later'}; is the clock of this machine right?`;
    case 'ERR_TLS_CERT_ALTNAME_INVALID':
      return `its certificate is not for ${host}${facts ? `, but for ${facts.names.join(', ') || facts.subject}` : ''}`;
    case 'DEPTH_ZERO_SELF_SIGNED_CERT':
      return 'its certificate is self-signed';
    case 'SELF_SIGNED_CERT_IN_CHAIN':
    case 'UNABLE_TO_VERIFY_LEAF_SIGNATURE':
    case 'UNABLE_TO_GET_ISSUER_CERT':
    case 'UNABLE_TO_GET_ISSUER_CERT_LOCALLY':
      return `the issuer of its certificate is not known here${issuer}`;
    default:
      return undefined;
  }
}
