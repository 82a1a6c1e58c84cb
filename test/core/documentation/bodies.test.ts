/** Bodies that are neither JSON nor a form, drafted from their fields: XML, parts, files. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readSource } from '../../support/documentation.js';

const passage = {
  type: 'object',
  required: ['number', 'vessel', 'crew', 'tags', 'state'],
  xml: { name: 'passage', namespace: 'urn:larkhaven:passages' },
  properties: {
    number: { type: 'integer', xml: { attribute: true } },
    id: { type: 'string', readOnly: true },
    vessel: {
      type: 'object',
      required: ['name'],
      xml: { name: 'ship', prefix: 'v', namespace: 'urn:larkhaven:vessels' },
      properties: { name: { type: 'string' }, flag: { type: 'string', example: 'Larkhaven & sons' } },
    },
    crew: { type: 'array', xml: { wrapped: true }, items: { type: 'string', xml: { name: 'member' } } },
    tags: { type: 'array', items: { type: 'string' }, xml: { name: 'tag' } },
    state: { type: 'string', enum: ['planned'] },
    note: { type: 'string', maxLength: 80, example: 'a -- b' },
  },
};
const content = (type: string, schema: object) => ({ required: true, content: { [type]: { schema } } });
const document = {
  openapi: '3.0.3',
  info: { title: 'Passages', version: '1' },
  paths: {
    '/passages': {
      post: {
        operationId: 'enter',
        requestBody: content('application/xml', { $ref: '#/components/schemas/Passage' }),
        responses: {
          201: {
            description: 'made',
            content: { 'application/xml': { schema: { $ref: '#/components/schemas/Passage' } } },
          },
        },
      },
    },
    '/plans': {
      post: {
        operationId: 'plan',
        requestBody: content('multipart/form-data', {
          type: 'object',
          required: ['about', 'plan', 'berth'],
          properties: {
            about: { type: 'string' },
            plan: { type: 'string', format: 'binary' },
            berth: { type: 'object', properties: { code: { type: 'string', example: 'N1' } } },
            photo: { type: 'string', format: 'binary' },
            place: { type: 'object', properties: { code: { type: 'string', example: 'N1' } } },
          },
        }),
        responses: { 201: { description: 'made' } },
      },
    },
    '/charts': {
      put: {
        operationId: 'chart',
        requestBody: content('application/pdf', { type: 'string', format: 'binary' }),
        responses: {},
      },
    },
    '/notes': { put: { operationId: 'note', requestBody: content('text/plain', { type: 'string' }), responses: {} } },
  },
  components: { schemas: { Passage: passage } },
};

const bodyOf = (text: string): string =>
  text.slice(text.indexOf('body:'), text.indexOf('expect:') === -1 ? undefined : text.indexOf('expect:'));

test('XML: names, attributes, namespaces, wrapped lists and plain ones; what is optional is a comment', async () => {
  const { draft, operation } = await readSource(JSON.stringify(document), 'passages.json');
  const text = draft('enter');
  assert.equal(
    bodyOf(text),
    `body:
  xml: |
    <passage xmlns="urn:larkhaven:passages" number="\${number}">
      <v:ship xmlns:v="urn:larkhaven:vessels">
        <name>\${name}</name>
        <!-- string, optional
        <flag>Larkhaven &amp; sons</flag>
        -->
      </v:ship>
      <crew>
        <member>\${crew}</member>
        <!-- array of string, may repeat -->
      </crew>
      <tag>\${tags}</tag>
      <!-- array of string, may repeat -->
      <state>planned</state>
      <!-- string, at most 80 characters, optional
      <note>a - - b</note>
      -->
    </passage>
`,
  );
  assert.match(text, /# {3}id: \/\/id$/m, 'kept by XPath');
  assert.doesNotMatch(text, /schema: documented/, 'a JSON Schema says nothing of XML');
  const example = operation('enter').responses[0]?.content?.example;
  assert.match(String(example), /<id>text<\/id>/, 'a response has what the server sets');
  assert.doesNotMatch(String(operation('enter').body?.example), /<id>/);
});

test('parts: texts, files and structures; a file as it is; a text that is nobody else can write', async () => {
  const { draft } = await readSource(JSON.stringify(document), 'passages.json');
  assert.equal(
    bodyOf(draft('plan')),
    `body:
  parts:
    about: \${about} # string
    plan:
      # string (binary)
      file: \${plan}
    berth:
      # object
      json: \${berth}
    # photo:
    #   # string (binary)
    #   file: data/file.bin
    # place:
    #   # object
    #   json: {code: N1}
`,
  );
  assert.match(draft('chart'), /^ {2}file: \$\{file\} # application\/pdf$/m);
  assert.match(draft('note'), /^ {2}text: \$\{text\} # text\/plain$/m);
});
