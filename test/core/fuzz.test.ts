/**
 * Hostile input in every reader: what is wrong is a Problem in words, never a fault, a hang, or `undefined` in a sentence.
 * Seeded, so that what fails here fails everywhere; FUZZ_RUNS and FUZZ_SEED look longer and elsewhere.
 */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { settingsOf } from '../../src/cli/context.js';
import { adHocRequest } from '../../src/cli/sending/ad-hoc.js';
import { openCollection } from '../../src/core/collection/collection.js';
import { type FileKind, fileKinds } from '../../src/core/collection/files/registry.js';
import { shapeProblems } from '../../src/core/collection/schema-validation.js';
import { readFresh } from '../../src/core/collection/sources/indexing.js';
import { parseYaml } from '../../src/core/collection/yaml.js';
import { envelopeMismatches } from '../../src/core/documentation/changes/envelope-mismatch.js';
import { samplesFromArchive } from '../../src/core/documentation/formats/sample/har.js';
import { readSamples } from '../../src/core/documentation/formats/sample/read.js';
import { mainAddress, readPart } from '../../src/core/documentation/reading/documents.js';
import { gatherDocuments } from '../../src/core/documentation/reading/gather.js';
import { readDocumentation } from '../../src/core/documentation/reading/read.js';
import { withBlocks } from '../../src/core/exchange/request/envelope.js';
import { planRequest } from '../../src/core/exchange/request/request-plan.js';
import { compileExpectations } from '../../src/core/expectation/expectations.js';
import { Evaluation } from '../../src/core/expression/evaluation.js';
import { namesFrom } from '../../src/core/expression/names.js';
import { runtimeMaker } from '../../src/core/expression/runtime.js';
import { compileTemplate } from '../../src/core/expression/template.js';
import { readArazzo } from '../../src/core/interchange/arazzo/document.js';
import { fromArazzo } from '../../src/core/interchange/arazzo/from-arazzo.js';
import { commandLine } from '../../src/core/interchange/foreign/command-line.js';
import { har as harImporter } from '../../src/core/interchange/foreign/har.js';
import { message } from '../../src/core/interchange/foreign/message.js';
import { type TakeOverSettings, takeOver } from '../../src/core/interchange/taking-over/take-over.js';
import { asResponse } from '../../src/core/place/observed.js';
import { readPlace } from '../../src/core/place/registry.js';
import { asProblem, Problem } from '../../src/core/problem/problem.js';
import { openPreparation } from '../../src/core/sending/preparation.js';
import { planTrail } from '../../src/core/trail/plan.js';
import { collectionOf } from '../support/folder.js';
import { broken, disturbed } from '../support/fuzz.js';

const numRuns = Number(process.env.FUZZ_RUNS ?? 60);
const seed = Number(process.env.FUZZ_SEED ?? 4711);
const settings = { numRuns, seed, endOnFailure: true };

function requireWords(error: unknown, input: unknown): void {
  const problem = asProblem(error);
  assert.notEqual(
    problem.code,
    'fault',
    `${problem.what}\n${problem.stack}\ncaused by ${(problem.cause as Error)?.stack}\nof ${JSON.stringify(input)?.slice(0, 500)}`,
  );
  for (const text of [problem.what, problem.reason, problem.remedy])
    assert.doesNotMatch(
      text ?? '',
      /\[object Object\]|\bundefined\b|\bNaN\b/,
      `${text} of ${JSON.stringify(input)?.slice(0, 500)}`,
    );
}

async function tried(work: () => unknown, input: unknown): Promise<void> {
  try {
    await work();
  } catch (error) {
    requireWords(error, input);
  }
}

const samples: Readonly<Record<FileKind, string>> = {
  request:
    'about: a call\noperation: a/b\ninputs: {imo: {type: integer, default: 1, at-least: 1}}\nmethod: POST\nurl: ${origin}/v1/{imo}\nquery: {a: [b, c]}\nheaders: {X-A: "${imo}"}\nsession: none\nbody: {json: {a: "${imo}"}}\nexpect: {status: 201, $.a: {one-of: [b]}, "//c": d}\nkeep: {id: $.id}\npages: {items: $.items, next: $.next}\n',
  environment:
    'about: here\nchanges: allow\nvariables: {origin: "http://127.0.0.1:9"}\nhosts: [127.0.0.1, "a.example:*"]\ntls: {trust: ca.pem, name: a}\nproxy: http://127.0.0.1:3128\npace: {at-once: 8, per-second: 20}\nretry: {statuses: [429], wait: 2s, tries: 6}\n',
  session:
    'kind: oauth2\ngrant: client_credentials\nissuer: ${origin}\nclient: {id: a, secret: "${secret.b}"}\nscope: [a, b]\nsupply: {c: "${token}"}\n',
  signature:
    'define: {stamp: "${now | unix}", base: {lines: ["${sent.method}", "${stamp}"]}, seal: "${base | hmac-sha-256(secret.key) | hex}"}\nheaders: {X-Seal: "${seal}"}\n',
  trail:
    'about: a walk\ninputs: {imo: {default: "1"}}\nrows: [{a: 1}]\nat-once: 4\nsteps:\n  - send: a\n    give: {imo: "${imo}"}\n    keep: {b: $.c}\n  - poll: a\n    until: {$.state: done}\n    pause: 1s\n    within: 2s\n  - for-each: {range: [1, 3]}\n    as: n\n    steps: [{send: a}]\n    table: {columns: {n: "${n}"}, to: data/n.csv}\n  - compare: [{send: a}, {send: a}]\n    ignoring: [$.x]\n',
} as const;

for (const kind of Object.keys(samples) as FileKind[]) {
  test(`a broken ${kind} file is told in words`, async () => {
    const root = collectionOf({ 'requests/a.yaml': 'url: ${origin}/a\n', 'requests/b.yaml': samples.request });
    await fc.assert(
      fc.asyncProperty(broken(samples[kind]), async (text) => {
        await tried(() => {
          const yaml = parseYaml(text, `${kind}.yaml`);
          for (const problem of shapeProblems(fileKinds[kind].schema, yaml)) throw problem;
        }, text);
        const { folder } = fileKinds[kind];
        const { writeIn } = await import('../support/folder.js');
        writeIn(root, `${folder}/it.yaml`, text);
        await tried(async () => {
          const collection = openCollection(root);
          const preparation = await openPreparation(collection);
          if (kind === 'request') await preparation.prepare('it');
          else if (kind === 'trail') await planTrail(preparation, 'it');
          else if (kind === 'signature') await preparation.signer('it');
          else collection.read(kind, 'it');
        }, text);
      }),
      settings,
    );
  });
}

const expressions = [
  'a ${vessel.name | replace(" ", "+") | upper} b',
  '${items[0].id ?? "none"}',
  '${list | pluck("a") | join(", ") | slice(0, 4)}',
  '${random(1, 6)}${now | format("yyyy")}',
  '${row["Vessel name"] | sha-256 | base64 | pad(80, "0")}',
];

test('a broken expression is told in words', async () => {
  const names = namesFrom(
    { vessel: { name: 'x' }, items: [{ id: 1 }], list: [{ a: 1 }], row: { 'Vessel name': 'y' } },
    'test',
  );
  const runtime = runtimeMaker({ root: collectionOf({}), secret: () => undefined });
  await fc.assert(
    fc.asyncProperty(fc.constantFrom(...expressions).chain(broken), (text) =>
      tried(async () => {
        const loads: Promise<unknown>[] = [];
        const template = compileTemplate(text, undefined, loads);
        await Promise.all(loads);
        template.evaluate(new Evaluation(names, { runtime: runtime(), onSecret: () => undefined }));
      }, text),
    ),
    { ...settings, numRuns: numRuns * 4 },
  );
});

test('a broken place is told in words', async () => {
  const places = [
    '$.items[?@.a == "x"].id',
    '//order[@id="7"]/total',
    'header.etag',
    'link.next',
    '$..a[1:3,0]',
    'cookie.sid',
    '$[?match(@.a, "a+")]',
  ];
  await fc.assert(
    fc.asyncProperty(fc.constantFrom(...places).chain(broken), (text) =>
      tried(async () => {
        const loads: Promise<unknown>[] = [];
        const place = readPlace(text, loads);
        await Promise.all(loads);
        place.find(asResponse({ items: [{ a: 'x', id: 1 }] }));
      }, text),
    ),
    { ...settings, numRuns: numRuns * 4 },
  );
});

test('expectations of any shape are told in words', async () => {
  const sample = {
    status: '2xx',
    $: { count: { 'at-least': 1 }, matches: 'a+', schema: { type: 'object', pattern: '(a+)+$' } },
  };
  const { yaml } = openCollection(collectionOf({})).manifest;
  await fc.assert(
    fc.asyncProperty(disturbed(sample), (given) =>
      tried(async () => {
        const loads: Promise<unknown>[] = [];
        compileExpectations(given as never, yaml, [], () => '{}', loads);
        await Promise.all(loads);
      }, given),
    ),
    settings,
  );
});

const openApi = {
  openapi: '3.1.0',
  info: { title: 'A', version: '1' },
  servers: [{ url: 'https://{a}.example', variables: { a: { default: 'b', enum: ['b'] } } }],
  security: [{ key: [] }],
  paths: {
    '/a/{id}': {
      parameters: [{ name: 'id', in: 'path', required: true, schema: { type: 'string' } }],
      post: {
        operationId: 'doA',
        tags: ['t'],
        requestBody: { content: { 'application/json': { schema: { $ref: '#/components/schemas/A' } } } },
        responses: {
          200: {
            description: 'ok',
            content: {
              'application/json': {
                schema: { type: 'array', items: { $ref: '#/components/schemas/A' } },
                examples: { x: { value: [] } },
              },
            },
            links: { l: { operationId: 'doA' } },
          },
        },
      },
    },
  },
  components: {
    schemas: {
      A: {
        type: 'object',
        required: ['a'],
        properties: { a: { type: 'string', enum: ['x'] }, b: { $ref: '#/components/schemas/A' } },
      },
    },
    securitySchemes: {
      key: { type: 'apiKey', in: 'header', name: 'X' },
      o: { type: 'oauth2', flows: { clientCredentials: { tokenUrl: 'https://a.example', scopes: {} } } },
    },
  },
};

test('a description of any shape is read, or told in words', async () => {
  const shelf = openCollection(collectionOf({}));
  await fc.assert(
    fc.asyncProperty(disturbed(openApi), (document) =>
      tried(async () => {
        const { documents } = await gatherDocuments(
          mainAddress('a.json'),
          'a.json',
          JSON.stringify(document),
          async () => ({ refused: 'no' }),
        );
        const read = await readDocumentation(documents, 'a');
        const fresh = await readFresh(shelf, 'a', documents);
        const texts = JSON.stringify([read.warnings, read.title, read.servers, fresh.operations()]);
        fresh.discard();
        assert.doesNotMatch(texts, /\[object Object\]|\bundefined\b/, texts);
      }, document),
    ),
    { ...settings, numRuns: numRuns * 2 },
  );
});

const texts: Readonly<Record<string, string>> = {
  'a.graphql': 'type Query { a(b: Int = 1): [C!]! }\ntype C { d: String }\n',
  'a.wsdl':
    '<definitions xmlns="http://schemas.xmlsoap.org/wsdl/" xmlns:s="http://www.w3.org/2001/XMLSchema" targetNamespace="t"><types><s:schema targetNamespace="t"><s:element name="A" type="s:string"/></s:schema></types><message name="m"><part name="p" element="A"/></message><portType name="P"><operation name="o"><input message="m"/></operation></portType></definitions>',
  'a.html':
    '<html><body><h1>API</h1><h2>GET /a/{id}</h2><table><tr><th>Name</th><th>Type</th></tr><tr><td>id</td><td>string</td></tr></table><dl><dt>POST <em>/b/</em>(<i>c</i>)</dt><dd><p><b>d</b> (string) – e</p></dd></dl><button>get</button><p>/f/<g></p></body></html>',
  'a.md':
    '# A\n\n| Method | Path |\n|---|---|\n| get | /a/:id |\n\n## B [/b]\n\n### C [POST]\n\nSend a `GET` request to the `/d/<e>` endpoint.\n\n```http\nPUT /f/1\nX-A: b\n\n{"g": 1}\n```\n- **code** (string, required): one of `a`, `b`\n',
};
test('a description of another format that is broken is read, or told in words', async () => {
  const both = fc
    .constantFrom(...Object.entries(texts))
    .chain(([name, text]) => fc.tuple(fc.constant(name), broken(text)));
  await fc.assert(
    fc.asyncProperty(both, ([name, text]) =>
      tried(async () => {
        const { documents } = await gatherDocuments(mainAddress(name), name, text, async () => ({ refused: 'no' }));
        await readDocumentation(documents, 'a');
      }, text),
    ),
    settings,
  );
});

const har =
  '{"log": {"entries": [{"request": {"method": "POST", "url": "https://a.example/b/1?token=c", "headers": [{"name": "Cookie", "value": "d=eeeeeeeeee"}], "postData": {"mimeType": "application/json", "text": "{}"}}, "response": {"status": 200, "content": {"mimeType": "text/xml", "text": "<f>g</f>"}}}]}}';

test('a broken HTTP archive is read, or told in words', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.oneof(
        broken(har),
        disturbed(JSON.parse(har)).map((one) => JSON.stringify(one)),
      ),
      (text) =>
        tried(async () => {
          const { samples } = samplesFromArchive(text, 'a.har');
          const main = await readPart(mainAddress('samples.json'), 'samples.json', JSON.stringify({ samples }));
          readSamples({ main, parts: new Map() }, 'a');
        }, text),
    ),
    { ...settings, numRuns: numRuns * 2 },
  );
});

const envelope =
  '<s:Envelope xmlns:s="http://schemas.xmlsoap.org/soap/envelope/" xmlns:i="http://www.w3.org/2001/XMLSchema-instance"><s:Header/><s:Body><A xmlns="t" i:type="x:b">${c | upper}<d e="f"/></A></s:Body></s:Envelope>';

test('a broken envelope is held against its schemas, or told in words', async () => {
  const { documents } = await gatherDocuments(mainAddress('a.wsdl'), 'a.wsdl', texts['a.wsdl'] ?? '', async () => ({
    refused: 'no',
  }));
  const { definitions } = await readDocumentation(documents, 'a');
  const own = {
    version: '1.1',
    style: 'document',
    use: 'literal',
    input: { parts: [{ name: 'p', element: '{t}A' }], headers: [] },
  } as never;
  const block = {
    name: 'B',
    namespace: 'b',
    prefix: 'b',
    attributes: '',
    content: 'c',
    shown: 'c',
    origin: 'session d',
  };
  await fc.assert(
    fc.asyncProperty(broken(envelope), (text) =>
      tried(() => {
        envelopeMismatches(text, own, definitions, 'input');
        withBlocks({ bytes: Buffer.from(text), type: 'text/xml', shown: text, secret: false }, [block]);
      }, text),
    ),
    { ...settings, numRuns: numRuns * 2 },
  );
});

test('arguments of any text make a request, or are told in words', async () => {
  const word = fc.oneof(
    fc.constantFrom(
      'a=b',
      'A: b',
      'constructor=1',
      '__proto__: x',
      '=',
      ':',
      '',
      'a',
      '${b}',
      '{c}',
      '/v1/{id}?x=1#y',
      'http://[',
      'none',
      '5s',
    ),
    fc.constantFrom('a=b', 'A: b', '/a/b', 'http://127.0.0.1:9/a').chain(broken),
  );
  const words = fc.array(word, { maxLength: 3 });
  const given = fc.record({
    method: word,
    url: word,
    headers: words,
    query: words,
    cookies: words,
    redirects: word,
    timeout: word,
    json: word,
    form: words,
  });
  const collection = openCollection(collectionOf({}));
  await fc.assert(
    fc.asyncProperty(given, fc.constantFrom('json', 'form', 'text', 'none'), ({ json, form, ...rest }, kind) =>
      tried(async () => {
        const body = kind === 'json' ? { json } : kind === 'form' ? { form } : kind === 'text' ? { text: json } : {};
        const { loaded } = adHocRequest({ ...rest, body, session: undefined }, 'x');
        const loads: Promise<unknown>[] = [];
        planRequest(collection, loaded, loads);
        await Promise.all(loads);
        settingsOf(rest.query);
      }, [rest, kind]),
    ),
    { ...settings, numRuns: numRuns * 4 },
  );
});

test('what is nested too deeply says so', async () => {
  for (const text of [`a: ${'['.repeat(20_000)}`, `{"a": ${'['.repeat(100_000)}${']'.repeat(100_000)}}`])
    await tried(() => parseYaml(text, 'a.yaml'), 'deep');
  const deep = asProblem(new RangeError('Maximum call stack size exceeded'));
  assert.ok(deep instanceof Problem && deep.code === 'nested-too-deeply');
});

const snippet = `TOKEN=$(cat x)
curl -X POST "http://127.0.0.1/v1/\${ID}?a=b" -H "Authorization: Bearer $TOKEN" -F 'p=@a.txt;type=text/plain' -d '{"a": "it'"'"'s"}' \\
  --data-urlencode $'n=\\u00e9' <<TEXT | jq .
{"b": 1}
TEXT
`;
const httpMessage =
  'POST /v1/calls?a=b HTTP/1.1\r\nHost: 127.0.0.1\r\nAuthorization: Basic YTpi\r\nContent-Type: application/json\r\n\r\n{"berth": "N1", "n": 1.0}\r\n\r\nHTTP/1.1 201 Created\r\n\r\n{"id": "PC-0001"}';

test('what others wrote becomes files that are YAML, or is told in words', async () => {
  const taking: TakeOverSettings = {
    as: 'taken',
    from: 'fuzz',
    trail: 'taken',
    exact: true,
    schemas: '.echo-trail/schemas',
    documented: () => undefined,
    existing: () => undefined,
    inheritsSession: () => false,
    fileAt: (path) => path,
  };
  for (const [sample, importer] of [
    [snippet, commandLine],
    [httpMessage, message],
    [har, harImporter],
  ] as const)
    await fc.assert(
      fc.asyncProperty(broken(sample), (text) =>
        tried(async () => {
          importer.claims(text);
          const taken = takeOver(importer.read(text, 'fuzz'), taking);
          for (const { file, text: made } of taken.files) if (file.endsWith('.yaml')) parseYaml(String(made), file);
        }, text),
      ),
      settings,
    );
});

const workflow = `arazzo: 1.0.1
info: {title: x, version: "1"}
sourceDescriptions: [{name: harbour, url: x.yaml}]
workflows:
  - workflowId: a
    inputs: {type: object, properties: {imo: {type: string, default: "9"}}}
    steps:
      - stepId: s
        operationId: $sourceDescriptions.harbour.show
        parameters: [{name: imo, in: path, value: $inputs.imo}]
        requestBody: {contentType: application/json, payload: {a: "{$inputs.imo} b"}}
        successCriteria: [{condition: "$statusCode == 200 && $response.body#/a/0 != 'x'"}, {condition: "$.a", type: jsonpath}]
        outputs: {id: "$response.body#/id", at: $response.header.location}
        onFailure: [{name: n, type: retry, retryAfter: 1, retryLimit: 3}]
`;

test('a broken Arazzo document becomes files that are YAML, or is told in words', async () => {
  const called = { operation: 'harbour/show', method: 'GET', path: '/v1/{imo}' };
  await fc.assert(
    fc.asyncProperty(broken(workflow), (text) =>
      tried(async () => {
        const { files } = fromArazzo(readArazzo(text, 'fuzz'), {
          as: 'taken',
          from: 'fuzz',
          schemas: '.echo-trail/schemas',
          operation: () => called,
          operationAt: () => called,
          hasSession: () => false,
          inheritsSession: () => false,
        });
        for (const { file, text: made } of files) parseYaml(String(made), file);
      }, text),
    ),
    settings,
  );
});
