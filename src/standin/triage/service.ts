/** The triage desk: it reads a report in free words and says which listed word fits; and a second desk that takes only those. */

import { AccessDenied } from '../problem.js';
import type { ServiceModule } from '../service.js';

const signs: readonly (readonly [word: string, pattern: RegExp])[] = [
  ['urgent', /\b(?:out|dark|adrift|leak|collision|fire)\b/i],
  ['repair', /\b(?:broken|loose|bent|rust|crane)\b/i],
  ['routine', /\b(?:inspect|paint|clean|lit again)\b/i],
];
const listed = signs.map(([word]) => word);

export const triageService: ServiceModule = {
  register(app) {
    let tickets = 0;
    app.post<{ Body: { report?: unknown } | null }>('/triage', async ({ body }) => {
      const report = body?.report;
      if (typeof report !== 'string' || report.trim() === '')
        throw new AccessDenied(422, 'field', 'A field is at fault', '/report is missing', {
          errors: [{ pointer: '/report', detail: 'is missing' }],
        });
      const found = signs.find(([, pattern]) => pattern.test(report))?.[0];
      // Like a person, it does not keep to the list where nothing fits.
      return { answer: found ?? 'hard to say', words: listed };
    });
    app.post<{ Body: { class?: unknown; report?: unknown } | null }>('/triage/tickets', async ({ body }, reply) => {
      if (!listed.includes(body?.class as string))
        throw new AccessDenied(422, 'field', 'A field is at fault', `/class must be one of ${listed.join(', ')}`, {
          errors: [{ pointer: '/class', detail: `must be one of ${listed.join(', ')}` }],
        });
      tickets += 1;
      return reply.code(201).send({ ticket: `T-${String(tickets).padStart(4, '0')}`, class: body?.class });
    });
  },
  services: (origin) => [
    {
      name: 'triage',
      about: `sorts a report in free words into ${listed.join(', ')}; /triage/tickets takes no other word`,
      address: `${origin}/triage`,
    },
  ],
};
