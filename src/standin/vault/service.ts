/** The chart vault: the same chart behind each of the old ways to prove who calls: basic, digest, a key. */
import { createHash, randomBytes } from 'node:crypto';
import type { FastifyReply } from 'fastify';
import { credentials } from '../harbour/routes.js';
import { AccessDenied } from '../problem.js';
import type { ServiceModule } from '../service.js';

const vaultKey = 'gull-rock-lantern-77';
const realm = 'chart vault';
/** How often a nonce may be used. */
const uses = 3;

export const vaultService: ServiceModule = {
  register(app) {
    const chart = { chart: 'Approaches to Larkhaven', edition: 12 };
    app.get('/vault/basic', async ({ headers }) => {
      const [, given = ''] = /^Basic ([A-Za-z0-9+/=]+)$/.exec(headers.authorization ?? '') ?? [];
      if (Buffer.from(given, 'base64').toString('utf8') === `${credentials.user}:${credentials.password}`) return chart;
      throw new AccessDenied(401, 'no-user', 'Who is there?', 'the vault wants user and password', {
        headers: { 'WWW-Authenticate': `Basic realm="${realm}", charset="UTF-8"` },
      });
    });
    app.get<{ Querystring: { key?: string } }>('/vault/key', async ({ headers, query }) => {
      const cookie = /(?:^|;\s*)key=([^;]+)/.exec(headers.cookie ?? '')?.[1];
      if ([headers['x-vault-key'], query.key, cookie].includes(vaultKey)) return chart;
      throw new AccessDenied(403, 'no-key', 'Locked', 'the key is missing or wrong');
    });

    const nonces = new Map<string, number>();
    const challenge = (reply: FastifyReply, stale: boolean): void => {
      const nonce = randomBytes(12).toString('base64');
      nonces.set(nonce, 0);
      const rest = `realm="${realm}", qop="auth, auth-int", nonce="${nonce}", opaque="b2Zm", stale=${stale}`;
      reply.header('WWW-Authenticate', [`Digest ${rest}, algorithm=SHA-256`, `Digest ${rest}, algorithm=MD5`]);
    };
    app.get('/vault/digest', async (request, reply) => {
      const given = parameters(request.headers.authorization);
      const used = nonces.get(given.nonce ?? '');
      const right =
        given.response !== undefined && given.response === expected(given, request.method, request.raw.url ?? '');
      const stale = right && (used === undefined || used >= uses);
      if (right && !stale && Number.parseInt(given.nc ?? '', 16) === (used as number) + 1) {
        nonces.set(given.nonce as string, (used as number) + 1);
        return chart;
      }
      challenge(reply, stale);
      const detail =
        given.response === undefined ? 'the vault wants a proof' : stale ? 'the nonce has ended' : 'the proof is wrong';
      throw new AccessDenied(401, 'no-proof', 'Who is there?', detail);
    });
  },
  services: (origin) => [
    { name: 'vault', about: `a chart behind basic, digest and a key (${vaultKey})`, address: `${origin}/vault/basic` },
  ],
};

function parameters(header = ''): Record<string, string | undefined> {
  if (!header.startsWith('Digest ')) return {};
  return Object.fromEntries(
    [...header.matchAll(/([\w*-]+)=(?:"([^"]*)"|([^\s,]+))/g)].map(([, name = '', quoted, bare]) => [
      name,
      quoted ?? bare,
    ]),
  );
}

/** RFC 7616, section 3.4.1, for what the vault offers. */
function expected(given: Record<string, string | undefined>, method: string, target: string): string | undefined {
  const { username, nonce, nc, cnonce, qop, algorithm, uri, opaque } = given;
  if (username !== credentials.user || uri !== target || opaque !== 'b2Zm' || qop !== 'auth') return undefined;
  const name = algorithm === 'SHA-256' ? 'sha256' : algorithm === 'MD5' ? 'md5' : undefined;
  if (name === undefined) return undefined;
  const hash = (text: string): string => createHash(name).update(text).digest('hex');
  const first = hash(`${username}:${realm}:${credentials.password}`);
  return hash([first, nonce, nc, cnonce, qop, hash(`${method}:${uri}`)].join(':'));
}
