/** The visitors' gate: an HTML page that knows who is there by a cookie, a form to come in, and one to leave. */
import { randomBytes } from 'node:crypto';
import { AccessDenied } from '../problem.js';
import type { ServiceModule } from '../service.js';

const page = (title: string, body: string): string =>
  `<!doctype html>\n<html lang="en"><head><meta charset="utf-8"><title>${title}</title></head>\n<body><h1>${title}</h1>\n${body}\n</body></html>\n`;

export const visitorsService: ServiceModule = {
  register(app) {
    const visits = new Map<string, string>();
    app.register(async (scope) => {
      scope.addContentTypeParser('application/x-www-form-urlencoded', { parseAs: 'string' }, (_request, body, done) =>
        done(null, new URLSearchParams(body as string)),
      );
      const visitOf = (cookies: string | undefined): string | undefined => {
        const id = /(?:^|;\s*)visit=([^;]+)/.exec(cookies ?? '')?.[1];
        return id !== undefined && visits.has(id) ? id : undefined;
      };
      scope.get('/visitors', async ({ headers }, reply) => {
        const id = visitOf(headers.cookie);
        reply.type('text/html; charset=utf-8').header('Vary', 'Cookie');
        if (id !== undefined) return page('Visitors', `<p>Welcome, ${visits.get(id)}. The viewing deck is open.</p>`);
        const seal = randomBytes(8).toString('hex');
        reply.header('Set-Cookie', `seal=${seal}; Path=/visitors; HttpOnly; SameSite=Lax`);
        return page(
          'Visitors',
          `<form method="post"><input type="hidden" name="seal" value="${seal}"><input name="visitor"></form>`,
        );
      });
      scope.post<{ Body: URLSearchParams }>('/visitors', async ({ body, headers }, reply) => {
        const seal = /(?:^|;\s*)seal=([^;]+)/.exec(headers.cookie ?? '')?.[1];
        const visitor = body?.get('visitor') ?? '';
        if (seal === undefined || body.get('seal') !== seal)
          throw new AccessDenied(403, 'seal', 'The form is not ours', 'the hidden seal and the cookie differ');
        if (!/^[\p{L} '-]{2,40}$/u.test(visitor))
          throw new AccessDenied(422, 'field', 'Who is there?', 'visitor is a name');
        const id = randomBytes(12).toString('hex');
        visits.set(id, visitor);
        return reply
          .code(303)
          .header('Set-Cookie', `visit=${id}; Path=/visitors; HttpOnly; Max-Age=1800`)
          .header('Location', '/visitors')
          .send();
      });
      scope.delete('/visitors', async ({ headers }, reply) => {
        const id = visitOf(headers.cookie);
        if (id !== undefined) visits.delete(id);
        return reply.code(204).header('Set-Cookie', 'visit=; Path=/visitors; Max-Age=0').send();
      });
    });
  },
  services: (origin) => [
    { name: 'visitors', about: 'an HTML page behind a cookie and a form', address: `${origin}/visitors` },
  ],
};
