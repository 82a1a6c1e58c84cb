/** The upload desk: cargo plans as parts or as plain bytes; it answers with what it counted, and keeps nothing. */
import { createHash } from 'node:crypto';
import type { Readable } from 'node:stream';
import multipart from '@fastify/multipart';
import { AccessDenied } from '../problem.js';
import type { ServiceModule } from '../service.js';

const largest = 1e9;

export const uploadsService: ServiceModule = {
  register(app) {
    app.register(async (scope) => {
      await scope.register(multipart, { limits: { fileSize: largest, parts: 100, fieldSize: 1e6 } });
      scope.addContentTypeParser('application/octet-stream', (_request, payload, done) => done(null, payload));
      scope.addContentTypeParser('application/pdf', (_request, payload, done) => done(null, payload));
      scope.post('/uploads', { bodyLimit: largest }, async (request, reply) => {
        if (!request.isMultipart())
          throw new AccessDenied(415, 'type', 'Unsupported media type', 'the desk takes multipart/form-data');
        const parts: object[] = [];
        for await (const part of request.parts()) {
          const { fieldname: name, mimetype: type } = part;
          if (part.type === 'file') parts.push({ name, fileName: part.filename, type, ...(await counted(part.file)) });
          else parts.push({ name, type, value: part.value });
        }
        if (parts.length === 0) throw new AccessDenied(422, 'field', 'Nothing came', 'the message has no parts');
        return reply.code(201).send({ parts });
      });
      scope.put<{ Params: { name: string }; Body: Readable }>(
        '/uploads/:name',
        { bodyLimit: largest },
        async ({ params: { name }, body, headers }, reply) => {
          if (headers['content-length'] === undefined)
            throw new AccessDenied(411, 'length', 'Length required', 'say how many bytes come');
          return reply.code(201).send({ name, type: headers['content-type'], ...(await counted(body)) });
        },
      );
    });
  },
  services: (origin) => [
    { name: 'uploads', about: 'multipart by POST, plain bytes by PUT /uploads/NAME', address: `${origin}/uploads` },
  ],
};

async function counted(stream: Readable): Promise<{ size: number; sha256: string }> {
  const hash = createHash('sha256');
  let size = 0;
  for await (const chunk of stream as AsyncIterable<Buffer>) {
    hash.update(chunk);
    size += chunk.length;
  }
  return { size, sha256: hash.digest('hex') };
}
