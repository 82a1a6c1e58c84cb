/** A mirror: what it received, header lines and bytes as they came. */
import { createHash } from 'node:crypto';
import type { ServiceModule } from '../service.js';

export const mirrorService: ServiceModule = {
  register(app) {
    app.register(async (scope) => {
      scope.removeAllContentTypeParsers();
      scope.addContentTypeParser('*', { parseAs: 'buffer', bodyLimit: 64e6 }, (_request, body, done) =>
        done(null, body),
      );
      scope.route({
        method: ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'],
        url: '/mirror*',
        handler: async ({ raw, body }) => {
          const bytes = Buffer.isBuffer(body) ? body : Buffer.alloc(0);
          const lines = raw.rawHeaders;
          return {
            method: raw.method,
            target: raw.url,
            version: raw.httpVersion,
            headers: lines.flatMap((name, index) => (index % 2 === 0 ? [[name, lines[index + 1]]] : [])),
            body: {
              size: bytes.length,
              sha256: createHash('sha256').update(bytes).digest('hex'),
              base64: bytes.subarray(0, 100_000).toString('base64'),
            },
          };
        },
      });
    });
  },
  services: (origin) => [
    { name: 'mirror', about: 'gives back what it received, byte for byte', address: `${origin}/mirror` },
  ],
};
