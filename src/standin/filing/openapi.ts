/** The filing office in OpenAPI 3.1: its seal is a page of prose and a list, as vendors have it. */
export const filingDocument = (origin: string): object => ({
  openapi: '3.1.0',
  info: {
    title: 'Larkhaven filing office',
    version: '2.4.0',
    description: 'Cargo manifests are filed here. Every call carries the seal of the office.',
  },
  servers: [{ url: origin }],
  security: [{ officeSeal: [] }],
  paths: {
    '/filing/manifests': {
      get: {
        operationId: 'listManifests',
        summary: 'List filed manifests',
        parameters: [
          {
            name: 'vessel',
            in: 'query',
            schema: { type: 'string' },
            description: 'only those of a vessel, by its name',
          },
          desk,
        ],
        responses: {
          200: {
            description: 'The manifests',
            content: json({ type: 'object', properties: { items: { type: 'array', items: manifest } } }),
          },
          401: refused,
        },
      },
      post: {
        operationId: 'fileManifest',
        summary: 'File a manifest',
        parameters: [desk],
        requestBody: { required: true, content: json(manifest) },
        responses: { 201: { description: 'Filed', content: json(manifest) }, 401: refused },
      },
    },
  },
  components: {
    securitySchemes: {
      officeSeal: {
        type: 'apiKey',
        in: 'header',
        name: 'X-Office-Seal',
        description: seal,
      },
    },
  },
});

const json = (schema: object): object => ({ 'application/json': { schema } });

const desk = {
  name: 'X-Office-Desk',
  in: 'header',
  required: true,
  schema: { type: 'string' },
  example: '7',
  description: 'the desk that the manifest is for',
};

const manifest = {
  type: 'object',
  required: ['vessel', 'cargo', 'tonnes'],
  properties: {
    number: { type: 'string', readOnly: true, example: 'M-0001' },
    vessel: { type: 'string', example: 'Amber Tern' },
    cargo: { type: 'string', example: 'grain' },
    tonnes: { type: 'number', example: 410.5 },
  },
};

const refused = { description: 'The seal was not accepted' };

const seal = `The seal is the HMAC-SHA256 of the lines below, in Base64, with the secret key of the office. It is sent as \`id=KEY-ID; seal=SEAL\`.

The lines are joined by a line feed; one without a value stays empty:

1. the path
2. the method
3. the query, sorted and percent-encoded
4. \`x-office-desk:\` and the value of the header X-Office-Desk
5. \`x-office-time:\` and the value of the header X-Office-Time
6. the SHA-256 of the body in hexadecimal

The header X-Office-Time is the time in UTC, written \`yyyyMMddTHHmmssZ\`. A seal is good for 5 minutes, and once. In the sandbox the header X-Explain with the value \`yes\` gets the lines that the office expected.`;
