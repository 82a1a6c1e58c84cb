/**
 * Notices to mariners: as JSON, XML or lines of JSON, as the caller accepts; with validators, ranges of the archive, and
 * a stream of events.
 */
import { createHash } from 'node:crypto';
import { gzipSync } from 'node:zlib';
import { AccessDenied } from '../problem.js';
import type { ServiceModule } from '../service.js';

const notices = [
  { number: 'NM-01', light: 'Outer mole', text: 'Lit again, flashing white every 5 s' },
  { number: 'NM-02', light: 'Pool entrance', text: 'Moved 20 m to the east' },
  { number: 'NM-03', light: 'West quay', text: 'Out, until further notice' },
] as const;

const xml = `<?xml version="1.0" encoding="UTF-8"?>\n<notices xmlns="urn:larkhaven:notices">\n${notices
  .map(({ number, light, text }) => `  <notice number="${number}"><light>${light}</light><text>${text}</text></notice>`)
  .join('\n')}\n</notices>\n`;

const kinds: readonly (readonly [type: string, text: string])[] = [
  ['application/json', JSON.stringify({ notices })],
  ['application/xml', xml],
  ['application/x-ndjson', notices.map((one) => `${JSON.stringify(one)}\n`).join('')],
];

/** Deterministic bytes, so that ranges can be put together and compared. */
const archive = Buffer.from(Array.from({ length: 64_000 }, (_, index) => (index * 31 + (index >> 8)) & 0xff));
const archiveTag = `"${createHash('sha256').update(archive).digest('hex').slice(0, 16)}"`;

export const noticesService: ServiceModule = {
  register(app) {
    app.get('/notices', async ({ headers }, reply) => {
      const wanted = preferred(headers.accept ?? '*/*');
      if (!wanted)
        throw new AccessDenied(406, 'accept', 'Not acceptable', `there are ${kinds.map(([type]) => type).join(', ')}`);
      const [type, text] = wanted;
      const tag = `"${createHash('sha256').update(text).digest('hex').slice(0, 12)}"`;
      reply.header('ETag', tag).header('Vary', 'Accept, Accept-Encoding').header('Cache-Control', 'no-cache');
      if ((headers['if-none-match'] ?? '').split(/,\s*/).includes(tag)) return reply.code(304).send();
      reply.type(`${type}; charset=utf-8`);
      if (!/\bgzip\b/.test(String(headers['accept-encoding'] ?? ''))) return text;
      return reply.header('Content-Encoding', 'gzip').send(gzipSync(text));
    });
    app.head('/notices', async (_request, reply) =>
      reply
        .header('Content-Type', 'application/json')
        .header('Content-Length', kinds[0]?.[1].length ?? 0)
        .send(),
    );
    app.get('/notices/archive', async ({ headers }, reply) => {
      reply.header('ETag', archiveTag).header('Accept-Ranges', 'bytes').type('application/octet-stream');
      const [, from, to] = /^bytes=(\d+)-(\d*)$/.exec(headers.range ?? '') ?? [];
      const changed = headers['if-range'] !== undefined && headers['if-range'] !== archiveTag;
      if (from === undefined || changed) return archive;
      const start = Number(from);
      const end = to === undefined || to === '' ? archive.length - 1 : Math.min(Number(to), archive.length - 1);
      if (start >= archive.length || end < start) {
        return reply.code(416).header('Content-Range', `bytes */${archive.length}`).send();
      }
      return reply
        .code(206)
        .header('Content-Range', `bytes ${start}-${end}/${archive.length}`)
        .send(archive.subarray(start, end + 1));
    });
    app.get('/notices/events', async (request, reply) => {
      reply.hijack();
      reply.raw.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache' });
      let next = 0;
      const timer = setInterval(() => {
        const one = notices[next];
        if (!one) {
          clearInterval(timer);
          reply.raw.end();
          return;
        }
        next += 1;
        reply.raw.write(`id: ${next}\nevent: notice\ndata: ${JSON.stringify(one)}\n\n`);
      }, 60);
      request.raw.on('close', () => clearInterval(timer));
    });
  },
  services: (origin) => [
    {
      name: 'notices',
      about: 'JSON, XML or lines as accepted; validators, ranges, events',
      address: `${origin}/notices`,
    },
  ],
};

/** By the weights of the Accept header (RFC 9110 section 12.5.1); undefined where nothing fits. */
function preferred(accept: string): (typeof kinds)[number] | undefined {
  const wanted = accept
    .split(',')
    .map((one) => {
      const [range = '', ...parameters] = one.split(';').map((part) => part.trim());
      const weight = parameters.find((part) => part.startsWith('q='))?.slice(2);
      return { range, weight: weight === undefined ? 1 : Number(weight) };
    })
    .filter(({ weight }) => weight > 0)
    .sort((a, b) => b.weight - a.weight);
  for (const { range } of wanted) {
    const found = kinds.find(([type]) => range === '*/*' || range === type || range === type.replace(/\/.*/, '/*'));
    if (found) return found;
  }
  return undefined;
}
