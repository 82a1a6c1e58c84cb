/**
 * The lights' command gateway: one address, commands in XML by query or as a part, user and password or a ticket in each,
 * and every answer with status 200: what became of the command stands inside it.
 */
import { randomBytes } from 'node:crypto';
import multipart, { type MultipartFile } from '@fastify/multipart';
import { DOMParser, onErrorStopParsing } from '@xmldom/xmldom';
import { credentials } from '../harbour/routes.js';
import { AccessDenied } from '../problem.js';
import type { ServiceModule } from '../service.js';

/** How often a ticket opens the gateway. */
const uses = 3;

const result = (code: number, text: string, inner = ''): string =>
  `<?xml version="1.0" encoding="UTF-8"?>\n<Result code="${code}" text="${text}">${inner}</Result>\n`;

export const gatewayService: ServiceModule = {
  register(app) {
    const tickets = new Map<string, number>();
    const counts = { entered: 0 };

    const perform = (text: string | undefined): string => {
      let command: { getAttribute(name: string): string | null; tagName: string } | null;
      try {
        command = new DOMParser({ onError: onErrorStopParsing }).parseFromString(
          text ?? '',
          'text/xml',
        ).documentElement;
      } catch {
        return result(400, 'this is no XML');
      }
      if (command?.tagName !== 'Command') return result(400, 'there is no command');
      const said = (name: string): string => command?.getAttribute(name) ?? '';
      const known = said('user') === credentials.user && said('password') === credentials.password;
      const name = said('name');
      if (name === 'enter') {
        if (!known) return result(401, 'user or password are wrong');
        const ticket = randomBytes(9).toString('hex');
        tickets.set(ticket, 0);
        counts.entered += 1;
        return result(0, 'welcome', `<Ticket>${ticket}</Ticket><Leave>leave</Leave>`);
      }
      const used = tickets.get(said('ticket'));
      if (!known && (used === undefined || used >= uses)) return result(401, 'the ticket has ended');
      if (name === 'leave') {
        tickets.delete(said('ticket'));
        return result(0, 'good-bye');
      }
      if (used !== undefined) tickets.set(said('ticket'), used + 1);
      if (name === 'lights') return result(0, 'here they are', '<Light name="Gull Rock" lit="true"/>');
      return result(404, `there is no command ${name.replace(/[^a-z]/gi, '')}`);
    };

    app.register(async (scope) => {
      scope.removeAllContentTypeParsers();
      await scope.register(multipart);
      scope.addContentTypeParser('*', (_request, _body, done) =>
        done(
          new AccessDenied(415, 'type', 'Unsupported media type', 'send multipart/form-data with a part named command'),
        ),
      );
      scope.get<{ Querystring: { command?: string } }>('/gateway', async ({ query }, reply) =>
        reply.type('application/xml').send(perform(query.command)),
      );
      scope.post('/gateway', async (request, reply) => {
        const fields: Record<string, string> = {};
        for await (const part of request.parts() as AsyncIterable<
          MultipartFile | { fieldname: string; value: unknown }
        >)
          fields[part.fieldname] = 'value' in part ? String(part.value) : (await part.toBuffer()).toString('utf8');
        return reply.type('application/xml').send(perform(fields.command));
      });
    });
    app.get('/gateway/tickets', async () => ({ ...counts, open: tickets.size }));
  },
  services: (origin) => [
    { name: 'gateway', about: 'commands in XML, and their verdict inside a 200', address: `${origin}/gateway` },
  ],
};
