/**
 * The pass office: an OAuth 2.0 authorization server (RFC 6749, 7009, 7636, 8414, 8628) with a page to agree on, and the
 * quay that its passes open. Strict: single-use codes and refresh tokens, proofs of the client as they are registered.
 */
import { createHash, createHmac, randomBytes } from 'node:crypto';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { credentials } from '../harbour/routes.js';
import { AccessDenied } from '../problem.js';
import type { ServiceModule } from '../service.js';
import { clients, type Proof, passSecret, proves, subjectOf } from './clients.js';

/** A refusal of RFC 6749, section 5.2. */
class OAuthError extends Error {
  constructor(
    readonly error: string,
    readonly description: string,
    readonly status = 400,
  ) {
    super(description);
  }
}

interface Pass {
  readonly client: string;
  readonly subject: string;
  readonly scope: string;
}

const scopes = new Set(['berths', 'pilots', 'short']);
const encoded = (value: object): string => Buffer.from(JSON.stringify(value)).toString('base64url');
const page = (body: string): string =>
  `<!doctype html>\n<html lang="en"><head><meta charset="utf-8"><title>Pass office</title></head>\n<body><h1>Pass office</h1>\n${body}\n</body></html>\n`;

export const passesService: ServiceModule = {
  register(app, _state, origin) {
    const signing = randomBytes(32);
    const issuer = (): string => `${origin()}/passes`;
    const codes = new Map<string, Pass & { readonly redirect: string; readonly challenge: string }>();
    const devices = new Map<string, Pass & { user: string; agreed: boolean | undefined; asked: number }>();
    const refreshes = new Map<string, Pass>();
    const open = new Set<string>();
    const counts = { issued: 0, renewed: 0 };
    const publicKeys = new Map<string, string>();

    const metadata = async () => ({
      issuer: issuer(),
      authorization_endpoint: `${issuer()}/authorize`,
      token_endpoint: `${issuer()}/token`,
      device_authorization_endpoint: `${issuer()}/device`,
      revocation_endpoint: `${issuer()}/revoke`,
      response_types_supported: ['code'],
      code_challenge_methods_supported: ['S256'],
    });
    app.get('/.well-known/oauth-authorization-server/passes', metadata);
    app.get('/passes/issued', async () => ({ ...counts, open: open.size }));
    app.put<{ Params: { client: string }; Body: { pem: string } }>('/passes/keys/:client', async ({ params, body }) => {
      publicKeys.set(params.client, body.pem);
      return {};
    });

    const give = (pass: Pass, refreshable: boolean): object => {
      const seconds = pass.scope.split(' ').includes('short') ? 6 : 300;
      const now = Math.floor(Date.now() / 1000);
      const head = encoded({ alg: 'HS256', typ: 'at+jwt' });
      const body = encoded({
        ...{ iss: issuer(), sub: pass.subject, client_id: pass.client, scope: pass.scope },
        ...{ iat: now, exp: now + seconds, jti: randomBytes(6).toString('hex') },
      });
      const token = `${head}.${body}.${createHmac('sha256', signing).update(`${head}.${body}`).digest('base64url')}`;
      open.add(token);
      const refresh = randomBytes(18).toString('base64url');
      if (refreshable) refreshes.set(refresh, pass);
      return {
        access_token: token,
        token_type: 'Bearer',
        expires_in: seconds,
        scope: pass.scope,
        ...(refreshable && { refresh_token: refresh }),
      };
    };
    const scopeOf = (form: URLSearchParams): string => {
      const wanted = (form.get('scope') ?? 'berths').split(' ');
      const wrong = wanted.find((one) => !scopes.has(one));
      if (wrong !== undefined) throw new OAuthError('invalid_scope', `there is no scope ${wrong}`);
      return wanted.join(' ');
    };

    const grants: Readonly<Record<string, (form: URLSearchParams, client: string) => object>> = {
      client_credentials(form, client) {
        if (clients[client]?.proof === 'none')
          throw new OAuthError('unauthorized_client', 'a client without a proof cannot ask for itself');
        return give({ client, subject: client, scope: scopeOf(form) }, false);
      },
      password(form, client) {
        if (form.get('username') !== credentials.user || form.get('password') !== credentials.password)
          throw new OAuthError('invalid_grant', 'user or password are wrong');
        return give({ client, subject: credentials.user, scope: scopeOf(form) }, true);
      },
      refresh_token(form, client) {
        const token = form.get('refresh_token') ?? '';
        const pass = refreshes.get(token);
        refreshes.delete(token);
        if (pass?.client !== client) throw new OAuthError('invalid_grant', 'the refresh token was used or has ended');
        counts.renewed += 1;
        // What is renewed lasts.
        return give({ ...pass, scope: pass.scope.replace(/ ?short/, '') }, true);
      },
      authorization_code(form, client) {
        const code = form.get('code') ?? '';
        const pass = codes.get(code);
        codes.delete(code);
        const proof = createHash('sha256')
          .update(form.get('code_verifier') ?? '')
          .digest('base64url');
        if (pass?.client !== client || pass.redirect !== form.get('redirect_uri') || pass.challenge !== proof)
          throw new OAuthError('invalid_grant', 'the code, its address or its verifier are wrong');
        return give(pass, true);
      },
      'urn:ietf:params:oauth:grant-type:device_code'(form, client) {
        const code = form.get('device_code') ?? '';
        const device = devices.get(code);
        if (device?.client !== client) throw new OAuthError('invalid_grant', 'there is no such device code');
        const hurried = Date.now() - device.asked < 900;
        device.asked = Date.now();
        if (hurried) throw new OAuthError('slow_down', 'once a second is enough');
        if (device.agreed === undefined) throw new OAuthError('authorization_pending', 'nobody has agreed yet');
        devices.delete(code);
        if (!device.agreed) throw new OAuthError('access_denied', 'the harbour master said no');
        return give(device, true);
      },
    };

    /** @throws OAuthError invalid_client */
    const clientOf = ({ headers }: FastifyRequest, form: URLSearchParams): string => {
      const wrong = new OAuthError('invalid_client', 'the client is unknown, or proves itself in another way', 401);
      const [, basic] = /^Basic (.+)$/.exec(headers.authorization ?? '') ?? [];
      const pair = basic === undefined ? undefined : Buffer.from(basic, 'base64').toString('utf8').split(':');
      const decoded = (text = ''): string => decodeURIComponent(text.replaceAll('+', ' '));
      const assertion = form.get('client_assertion');
      const id = pair ? decoded(pair[0]) : (form.get('client_id') ?? (assertion ? subjectOf(assertion) : ''));
      const client = clients[id];
      const used: Proof = pair
        ? 'client_secret_basic'
        : assertion
          ? (client?.proof ?? 'none')
          : form.has('client_secret')
            ? 'client_secret_post'
            : 'none';
      if (!client || client.proof !== used) throw wrong;
      if (used === 'client_secret_basic' && decoded(pair?.[1]) !== client.secret) throw wrong;
      if (used === 'client_secret_post' && form.get('client_secret') !== client.secret) throw wrong;
      if (used.endsWith('_jwt') && !(assertion && proves(assertion, id, client, publicKeys.get(id), issuer())))
        throw wrong;
      return id;
    };

    app.register(async (scope) => {
      scope.addContentTypeParser('application/x-www-form-urlencoded', { parseAs: 'string' }, (_request, body, done) =>
        done(null, new URLSearchParams(body as string)),
      );
      scope.setErrorHandler((error, request, reply) => {
        if (!(error instanceof OAuthError)) throw error;
        if (error.error === 'invalid_client' && request.headers.authorization)
          reply.header('WWW-Authenticate', 'Basic realm="pass office"');
        return reply.code(error.status).send({ error: error.error, error_description: error.description });
      });
      type Form = FastifyRequest<{ Body: URLSearchParams }>;

      scope.post('/passes/token', async (request: Form, reply) => {
        const form = request.body ?? new URLSearchParams();
        const client = clientOf(request, form);
        const grant = grants[form.get('grant_type') ?? ''];
        if (!grant) throw new OAuthError('unsupported_grant_type', 'there is no such grant');
        const given = grant(form, client);
        counts.issued += 1;
        return reply.header('Cache-Control', 'no-store').send(given);
      });
      scope.post('/passes/revoke', async (request: Form, reply) => {
        const form = request.body ?? new URLSearchParams();
        clientOf(request, form);
        open.delete(form.get('token') ?? '');
        refreshes.delete(form.get('token') ?? '');
        return reply.code(200).send('');
      });
      scope.post('/passes/device', async (request: Form) => {
        const form = request.body ?? new URLSearchParams();
        const client = clientOf(request, form);
        const code = randomBytes(15).toString('base64url');
        const user = randomBytes(3).toString('hex').toUpperCase();
        devices.set(code, {
          client,
          subject: credentials.user,
          scope: scopeOf(form),
          user,
          agreed: undefined,
          asked: 0,
        });
        return {
          device_code: code,
          user_code: user,
          verification_uri: `${issuer()}/agree`,
          verification_uri_complete: `${issuer()}/agree?code=${user}`,
          expires_in: 120,
          interval: 1,
        };
      });
      scope.get<{ Querystring: { code?: string } }>('/passes/agree', async ({ query }, reply) =>
        reply
          .type('text/html; charset=utf-8')
          .send(
            page(
              `<form method="post"><input name="code" value="${/^[0-9A-F]{6}$/.test(query.code ?? '') ? query.code : ''}"><button name="decision" value="agree">Agree</button><button name="decision" value="refuse">Refuse</button></form>`,
            ),
          ),
      );
      scope.post('/passes/agree', async (request: Form, reply) => {
        const device = [...devices.values()].find(({ user }) => user === request.body?.get('code'));
        if (!device) throw new AccessDenied(404, 'not-found', 'Not found', 'there is no such code');
        device.agreed = request.body.get('decision') === 'agree';
        return reply.type('text/html; charset=utf-8').send(page('<p>Thank you. You can close this page.</p>'));
      });
      scope.get<{ Querystring: Record<string, string> }>('/passes/authorize', async ({ query }, reply) => {
        requireAsked(query);
        const fields = Object.entries(query)
          .map(([name, value]) => `<input type="hidden" name="${htmlOf(name)}" value="${htmlOf(value)}">`)
          .join('');
        return reply
          .type('text/html; charset=utf-8')
          .send(
            page(
              `<p>${htmlOf(query.client_id ?? '')} asks for ${htmlOf(query.scope ?? 'berths')}.</p>\n<form method="post">${fields}<button name="decision" value="agree">Agree</button><button name="decision" value="refuse">Refuse</button></form>`,
            ),
          );
      });
      scope.post('/passes/authorize', async (request: Form, reply) => {
        const form = Object.fromEntries(request.body ?? []);
        const {
          redirect_uri: redirect = '',
          state = '',
          client_id: client = '',
          code_challenge: challenge = '',
        } = form;
        requireAsked(form);
        const back = new URL(redirect);
        if (form.decision === 'agree') {
          const code = randomBytes(15).toString('base64url');
          codes.set(code, { client, subject: credentials.user, scope: scopeOf(request.body), redirect, challenge });
          back.searchParams.set('code', code);
        } else {
          back.searchParams.set('error', 'access_denied');
          back.searchParams.set('error_description', 'the harbour master said no');
        }
        back.searchParams.set('state', state);
        return reply.redirect(back.href, 302);
      });
    });

    app.get('/passes/quay', async (request, reply) => quay(request, reply, open));
  },
  services: (origin) => [
    {
      name: 'passes',
      about: `OAuth 2.0; client harbour desk (${passSecret}), or kiosk without a secret`,
      address: `${origin}/passes`,
    },
    { name: '', about: 'what its passes open', address: `${origin}/passes/quay` },
  ],
};

/** RFC 6750, section 3: what is wrong with a token is said in the header. */
async function quay({ headers }: FastifyRequest, reply: FastifyReply, open: ReadonlySet<string>): Promise<object> {
  const token = /^Bearer (.+)$/.exec(headers.authorization ?? '')?.[1];
  const refuse = (status: number, error: string, detail: string): AccessDenied =>
    new AccessDenied(status, 'pass', status === 403 ? 'Not with this pass' : 'Show a pass', detail, {
      headers: {
        'WWW-Authenticate': `Bearer realm="quay"${error === '' ? '' : `, error="${error}", error_description="${detail}"`}`,
      },
    });
  if (token === undefined) throw refuse(401, '', 'the quay wants a pass');
  const claims = open.has(token)
    ? (JSON.parse(Buffer.from(token.split('.')[1] ?? '', 'base64url').toString()) as {
        exp: number;
        scope: string;
        sub: string;
      })
    : undefined;
  if (!claims || claims.exp * 1000 < Date.now()) throw refuse(401, 'invalid_token', 'the pass has ended');
  if (!claims.scope.split(' ').includes('berths'))
    throw refuse(403, 'insufficient_scope', 'the pass is not for berths');
  reply.header('Cache-Control', 'no-store');
  return { quay: 'north', passenger: claims.sub };
}

function requireAsked(query: Readonly<Record<string, string>>): void {
  const {
    redirect_uri: redirect = '',
    response_type: type,
    client_id: client = '',
    code_challenge_method: how,
  } = query;
  if (clients[client] && type === 'code' && how === 'S256' && /^http:\/\/127\.0\.0\.1:\d+\/callback$/.test(redirect))
    return;
  throw new AccessDenied(400, 'authorize', 'This cannot be agreed to', 'client, type, challenge or address are wrong');
}

const htmlOf = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign);
