/** The lock keeper's desk: it wants HTTP message signatures (RFC 9421), and signs what it answers. */
import { createHash, createHmac, createPrivateKey, sign, timingSafeEqual } from 'node:crypto';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { httpbis } from 'http-message-signatures';
import type { ServiceModule } from '../service.js';
import { bodyOf, onlyOnce, refusal, takesBytes } from '../signing/desk.js';
import { lockKeeper, signingKeys } from '../signing/keys.js';

export const locksService: ServiceModule = {
  register(app, _state, origin) {
    const once = onlyOnce();
    app.register(async (scope) => {
      takesBytes(scope);
      scope.addHook('preHandler', async (request) => requireSignature(request, origin(), once));
      scope.addHook('onSend', async (request, reply, payload) => {
        await signAnswer(request, reply, String(payload), origin());
        return payload;
      });
      scope.get('/locks', async () => ({
        items: [
          { lock: 'West', open: true },
          { lock: 'East', open: false },
        ],
      }));
      scope.post('/locks/passages', async (request, reply) =>
        reply.code(201).send({ passage: 'L-0001', asked: JSON.parse(bodyOf(request).toString('utf8') || '{}') }),
      );
    });
  },
  services: (origin) => [
    {
      name: 'locks',
      about: `requires HTTP message signatures (RFC 9421) and signs its responses; the key ${signingKeys.locks.id} is ${signingKeys.locks.secret}`,
      address: `${origin}/locks`,
    },
  ],
};

const digestOf = (body: Buffer | string): string => `sha-256=:${createHash('sha256').update(body).digest('base64')}:`;

const asked = (request: FastifyRequest, origin: string): Parameters<typeof httpbis.verifyMessage>[1] => ({
  method: request.method,
  url: new URL(request.raw.url ?? '/', origin),
  headers: request.headers as Record<string, string>,
});

/** @throws Refusal */
async function requireSignature(
  request: FastifyRequest,
  origin: string,
  once: (seal: string) => boolean,
): Promise<void> {
  const body = bodyOf(request);
  let nonce = '';
  let valid: boolean | null;
  try {
    valid = await httpbis.verifyMessage(
      {
        keyLookup: async (parameters) => {
          nonce = String(parameters.nonce ?? '');
          if (parameters.keyid !== signingKeys.locks.id) return null;
          return {
            id: signingKeys.locks.id,
            algs: ['hmac-sha256'],
            verify: async (data, signature) => {
              const own = createHmac('sha256', Buffer.from(signingKeys.locks.secret, 'base64')).update(data).digest();
              return own.length === signature.length && timingSafeEqual(own, signature);
            },
          };
        },
        maxAge: 300,
        tolerance: 30,
        requiredParams: ['created', 'keyid', 'nonce'],
        requiredFields: ['@method', '@target-uri', ...(body.length > 0 ? ['content-digest'] : [])],
      },
      asked(request, origin),
    );
  } catch (error) {
    throw refusal(request, 'signature not accepted', (error as Error).message);
  }
  if (valid !== true) throw refusal(request, valid === null ? 'no signature' : 'signature not accepted');
  if (body.length > 0 && request.headers['content-digest'] !== digestOf(body))
    throw refusal(request, 'content digest does not fit', digestOf(body));
  if (!once(nonce)) throw refusal(request, 'nonce used before');
}

async function signAnswer(
  request: FastifyRequest,
  reply: FastifyReply,
  payload: string,
  origin: string,
): Promise<void> {
  reply.header('content-digest', digestOf(payload));
  const signed = await httpbis.signMessage(
    {
      key: {
        id: lockKeeper.id,
        alg: 'ed25519',
        sign: async (data) => sign(null, data, createPrivateKey(lockKeeper.privateKey)),
      },
      name: 'keeper',
      fields: ['@status', 'content-digest', '"@method";req'],
      params: ['created', 'keyid'],
    },
    { status: reply.statusCode, headers: reply.getHeaders() as Record<string, string> },
    asked(request, origin),
  );
  for (const name of ['Signature', 'Signature-Input']) reply.header(name, signed.headers[name] as string);
}
