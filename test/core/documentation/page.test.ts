/** Reference pages: the tide tables in HTML, the same in Markdown, and what vendors write in other ways. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Field } from '../../../src/core/documentation/model/model.js';
import { tidesPage } from '../../../src/standin/tides/page.js';
import { readSource } from '../../support/documentation.js';

const tides = () => readSource(tidesPage('http://127.0.0.1:4810'), 'tides.html');
const facts = (fields: readonly Field[] = []): unknown =>
  fields.map(({ name, type, required, default: fallback, certainty }) => [name, type, required, fallback, certainty]);

test('the calls of the page are operations, each with its place and how sure the reading is', async () => {
  const { operations, documentation } = await tides();
  assert.deepEqual(
    operations.map(({ method, path, certainty }) => [method, path, certainty]),
    [
      ['GET', '/tides/stations', 'sure'],
      ['GET', '/tides/{station}/levels', 'sure'],
      ['POST', '/tides/{station}/reports', 'sure'],
    ],
  );
  assert.ok(operations.every(({ at }) => /^line \d+$/.test(at ?? '')));
  assert.deepEqual(
    documentation.warnings.map(({ what }) => what),
    ['nothing was read from “History”'],
  );
  assert.deepEqual(
    documentation.servers.map(({ url }) => url),
    ['http://127.0.0.1:4810'],
  );
});

test('a table of parameters: place, type, required, default, allowed values, limits, line', async () => {
  const { operation } = await tides();
  const { parameters } = operation('get-tides-station-levels');
  assert.deepEqual(facts(parameters), [
    ['station', 'string', true, undefined, 'sure'],
    ['from', 'string (date)', true, undefined, 'sure'],
    ['days', 'integer', false, 1, 'sure'],
    ['unit', 'string', false, 'metre', 'sure'],
  ]);
  assert.deepEqual(parameters[3]?.allowed, ['metre', 'foot']);
  assert.equal(parameters[2]?.limits?.['at-most'], 7);
  const line =
    tidesPage('')
      .split('\n')
      .findIndex((one) => one.includes('<code>days</code>')) + 1;
  assert.equal(parameters[2]?.at, `line ${line}`);
  assert.equal(parameters[0]?.example, 'bar');
});

test('an example response gives fields that are guesses; fields of a body are in the table that says nothing of places', async () => {
  const { operation } = await tides();
  const report = operation('report-a-level');
  assert.deepEqual(facts(report.body?.fields), [
    ['at', 'string (date-time)', true, undefined, 'sure'],
    ['level', 'number', true, undefined, 'sure'],
    ['reader', 'string', false, undefined, 'sure'],
  ]);
  assert.deepEqual(report.body?.fields[1]?.limits, { 'at-least': 0, 'at-most': 12 });
  assert.deepEqual(
    report.responses.map(({ status, content }) => [status, facts(content?.fields)]),
    [
      [
        '201',
        [
          ['id', 'integer', true, undefined, 'guess'],
          ['at', 'string (date-time)', true, undefined, 'guess'],
          ['level', 'number', true, undefined, 'guess'],
        ],
      ],
    ],
  );
});

const markdown = `# Notices

| Method | Path | What |
|---|---|---|
| GET | /notices | List notices |
| DELETE | /notices/:id | Take one down |

## Put up a notice

\`POST /notices\`

Puts a notice on the board of the quay.

### Body parameters

| Field | Mandatory? | Format | Comment |
|---|---|---|---|
| text | yes | string | What it says |
| quays | no | list of strings | Values: north, south |
| cargo | no | object | What it is about |
| cargo.kind | no | string | |

\`\`\`sh
$ call-it -X POST -H 'X-Desk: north' -d '{"text": "fog"}' https://board.larkhaven.example/notices
\`\`\`

### Response

\`\`\`
HTTP/1.1 201 Created
Content-Type: application/json

{"id": 4}
\`\`\`

| Status | Meaning |
|---|---|
| 422 | The text is missing |

## Old things

\`\`\`
something else
\`\`\`
`;

test('Markdown: an overview, a table in other words, a command line, a raw response, statuses, nested names', async () => {
  const { operations, operation, documentation } = await readSource(markdown, 'notices.md');
  assert.deepEqual(
    operations.map(({ method, path }) => `${method} ${path}`),
    ['GET /notices', 'DELETE /notices/{id}', 'POST /notices'],
  );
  const post = operation('put-up-a-notice');
  assert.deepEqual(facts(post.body?.fields), [
    ['text', 'string', true, undefined, 'sure'],
    ['quays', 'array of string', false, undefined, 'sure'],
    ['cargo', 'object', false, undefined, 'sure'],
  ]);
  assert.deepEqual(
    post.body?.fields[2]?.fields?.map(({ name }) => name),
    ['kind'],
  );
  assert.deepEqual(post.body?.fields[1]?.allowed, ['north', 'south']);
  assert.deepEqual(post.body?.example, { text: 'fog' });
  assert.deepEqual(
    post.parameters.map(({ name, in: where, example }) => [name, where, example]),
    [['x-desk', 'header', 'north']],
  );
  assert.deepEqual(
    post.responses.map(({ status, description }) => [status, description]),
    [
      ['201', undefined],
      ['422', 'The text is missing'],
    ],
  );
  assert.match(documentation.warnings.map(({ what }) => what).join('; '), /“Old things”/);
});

const lights = `# Harbour lights service

Base address: \`https://lights.larkhaven.example/api/v3\`

## Listing lights

    GET /lights?zone=north

| Attribute | Notes |
|---|---|
| zone | Quay, one of \`north\`, \`south\`, \`all\` |

## Switching a light

\`PATCH /lights/:light_id\`

| Field | Meaning | Type |
|---|---|---|
| state | The wanted state (\`lit\` or \`dark\`) | string |
| lumen | Brightness, such as \`800\` or \`1200\` | number |

Errors: \`404\` when there is no such light, \`409\` (it is being repaired).

### Delete a schedule

\`\`\`http
DELETE /lights/L-17/schedules/4 HTTP/1.1
\`\`\`

\`\`\`http
HTTP/1.1 204 No Content
\`\`\`

## Examples

\`\`\`
call-it -X PATCH https://lights.larkhaven.example/api/v3/lights/L-17 -d '{"state": "dark"}'
\`\`\`

\`\`\`json
{"id": "L-17", "state": "dark"}
\`\`\`
`;

const moles = `<!doctype html><title>Moles</title><h1>Mole service</h1>
<p>All calls go to <code>https://moles.larkhaven.example/rest</code>.</p>
<h3>List all moles</h3><p><b>GET</b> <code>/moles</code></p>
<h4>Query parameters</h4>
<dl><dt><code>quay</code> <em>string</em> required</dt><dd>The quay</dd>
<dt>limit</dt><dd>At most 100, 20 by default</dd></dl>
<h3>Close a mole</h3>
<table><tr><th>Endpoint</th><td>POST /moles/{code}/closures</td></tr></table>
<ul><li><code>reason</code> (string, required): why, one of storm, repair</li>
<li><strong>from</strong> – date-time, optional – when it begins</li></ul>
<h3>Open a mole</h3><p>DELETE /moles/{code}/closures</p><ul><li>it opens at once</li><li><code>409</code> is not used</li></ul>`;

test('HTML: lists of fields, terms with their descriptions, a call in a table of its own; other lists are text', async () => {
  const { operations, operation } = await readSource(moles, 'moles.html');
  assert.deepEqual(
    operations.map(({ id, method, path }) => [id, method, path]),
    [
      ['list-all-moles', 'GET', '/rest/moles'],
      ['close-a-mole', 'POST', '/rest/moles/{code}/closures'],
      ['open-a-mole', 'DELETE', '/rest/moles/{code}/closures'],
    ],
  );
  assert.deepEqual(facts(operation('list-all-moles').parameters), [
    ['quay', 'string', true, undefined, 'sure'],
    ['limit', 'string', false, '20', 'likely'],
  ]);
  const [reason, from] = operation('close-a-mole').body?.fields ?? [];
  assert.deepEqual(
    [reason?.required, reason?.allowed, reason?.description],
    [true, ['storm', 'repair'], 'why, one of storm, repair'],
  );
  assert.deepEqual(
    [from?.name, from?.type, from?.required, from?.description],
    ['from', 'string (date-time)', false, 'when it begins'],
  );
  assert.deepEqual(
    operation('open-a-mole').parameters.map(({ name }) => name),
    ['code'],
  );
});

test('Markdown: lists of fields in several wordings', async () => {
  const list = [
    '- `code` (string, required) - the code of the berth',
    '- **nights** integer, defaults to 2: how long',
    '- `notify[]`: who is told, `agent` or `pilot`',
    '- `pilot` boolean',
    '- `metres` (number, at most 300)',
  ].join('\n');
  const { operations } = await readSource(`# B\n\n## POST /calls\n\n### Body\n\n${list}\n`, 'b.md');
  assert.deepEqual(
    operations[0]?.body?.fields.map((one) => [
      one.name,
      one.type,
      one.required,
      one.default,
      one.allowed ?? one.limits,
    ]),
    [
      ['code', 'string', true, undefined, undefined],
      ['nights', 'integer', false, 2, undefined],
      ['notify[]', 'string', false, undefined, ['agent', 'pilot']],
      ['pilot', 'boolean', false, undefined, undefined],
      ['metres', 'number', false, undefined, { 'at-most': 300 }],
    ],
  );
});

const listItems = [
  '- `imo` (string, required): the vessel',
  '- `length` (number, at most 300)',
  '- Everything else is ignored.',
];
const fieldRows = [
  '| Field | Type |',
  '|---|---|',
  '| quay required | string |',
  '| more to come | |',
  '| nights (optional) | integer |',
];
const partly: readonly (readonly [name: string, text: string, fields: readonly string[], unread: readonly string[]])[] =
  [
    ['a list', listItems.join('\n'), ['imo', 'length'], ['line 9: “Everything else is ignored.”']],
    ['a table', fieldRows.join('\n'), ['quay', 'nights'], ['line 10: “more to come”']],
    [
      'a list in HTML',
      '<ul><li><code>imo</code> string</li><li><b>quay</b> string</li>\n<li>and <i>others</i></li></ul>',
      ['imo', 'quay'],
      ['line 8: “and others”'],
    ],
  ];
for (const [name, text, fields, unread] of partly)
  test(`${name} of fields of which something is none: the rest is read, and that is told`, async () => {
    const html = text.startsWith('<');
    const page = html
      ? `<h1>B</h1>\n\n<h2>POST /calls</h2>\n\n<p>Body:</p>\n\n${text}`
      : `# B\n\n## POST /calls\n\nBody:\n\n${text}\n`;
    const { operations, documentation } = await readSource(page, html ? 'b.html' : 'b.md');
    assert.deepEqual(
      operations[0]?.body?.fields.map((field) => field.name),
      fields,
    );
    assert.deepEqual(
      documentation.warnings.map(({ at, what }) => `${at}: ${what.replace('among fields, this was not read: ', '')}`),
      unread,
    );
  });

test('Markdown: headings that an overview announces, examples with remarks, matter above the page', async () => {
  const { operations, operation, documentation } = await readSource(
    `---
title: Quays
---
# Quay service

| Method | Path | Description |
|---|---|---|
| GET | \`/v2/quays\` | List quays |
| POST | \`/v2/quays\` | Create a quay |

## List quays

* \`sort\` – one of \`name\`, \`-name\`

\`\`\`json
[{"id": 7, "name": "North // quay"}, ...]
\`\`\`

## Create a quay!

\`\`\`json
{
  "name": "West quay",   // its name
  "berths": ["W1", …],
}
\`\`\`

Response codes: 201 – created, 409 – there is a quay of that name.
`,
    'quays.md',
  );
  assert.deepEqual(documentation.warnings, []);
  assert.equal(operations.length, 2);
  const list = operation('list-quays');
  assert.deepEqual(
    list.parameters.map(({ name, allowed, at }) => [name, allowed, at]),
    [['sort', ['name', '-name'], 'line 13']],
  );
  assert.deepEqual(list.responses[0]?.content?.example, [{ id: 7, name: 'North // quay' }]);
  const create = operation('create-a-quay');
  assert.deepEqual(create.body?.example, { name: 'West quay', berths: ['W1'] });
  assert.deepEqual(
    create.responses.map(({ status, description }) => [status, description]),
    [
      ['201', 'created'],
      ['409', 'there is a quay of that name'],
    ],
  );
});

const long = 200_000;
const hostile: readonly (readonly [name: string, text: string])[] = [
  ['a word of a field', `- \`a\` ${'x'.repeat(long)}`],
  ['words of a field', `- \`a\` ${'x '.repeat(long)}`],
  ['commas', `\`\`\`json\n{${','.repeat(long)}\n\`\`\``],
  ['an open text', `\`\`\`json\n{"${'a'.repeat(long)}\n\`\`\``],
  ['statuses', `Errors: ${'404 Aaa '.repeat(long / 8)}`],
  ['backticks', `| Name | Notes |\n|---|---|\n| a | ${'`b` , '.repeat(long / 6)} |`],
];
for (const [name, text] of hostile) {
  test(`a page that is too long to mean anything is read soon: ${name}`, async () => {
    const { operations } = await readSource(`# A\n\n## GET /a\n\n${text}\n`, 'a.md');
    assert.equal(operations.length, 1);
  });
}

for (const [base, text] of [
  ['that the page names', lights],
  ['that only an example shows', lights.replace(/^Base.*$/m, '')],
] as const) {
  test(`Markdown: a base ${base}, examples beside their calls or elsewhere, statuses in prose, words written as code`, async () => {
    const { operations, operation } = await readSource(text, 'lights.md');
    assert.deepEqual(
      operations.map(({ method, path, certainty, group }) => [method, path, certainty, group]),
      [
        ['GET', '/api/v3/lights', 'sure', 'lights'],
        ['PATCH', '/api/v3/lights/{light_id}', 'sure', 'lights'],
        ['DELETE', '/api/v3/lights/{light_id}/schedules/{schedule_id}', 'guess', 'lights'],
      ],
    );
    const patch = operation('switching-a-light');
    assert.deepEqual(
      patch.body?.fields.map(({ name, allowed }) => [name, allowed]),
      [
        ['state', ['lit', 'dark']],
        ['lumen', undefined],
      ],
    );
    assert.deepEqual(
      [patch.body?.example, patch.responses[0]?.content?.example],
      [{ state: 'dark' }, { id: 'L-17', state: 'dark' }],
    );
    assert.equal(patch.parameters[0]?.example, 'L-17');
    assert.deepEqual(
      patch.responses.map(({ status, description }) => [status, description]),
      [
        ['200', undefined],
        ['404', 'there is no such light'],
        ['409', 'it is being repaired'],
      ],
    );
    assert.deepEqual(operation('delete-a-schedule').responses, [
      { status: '204', headers: [], description: 'No Content' },
    ]);
    assert.deepEqual(operation('listing-lights').parameters[0]?.allowed, ['north', 'south', 'all']);
  });
}

const columns: readonly (readonly [name: string, table: string, expected: unknown])[] = [
  [
    'a star marks what is required',
    '| Parameter | Type |\n|---|---|\n| code* | string |',
    ['code', 'string', true, undefined, 'likely'],
  ],
  [
    'the description says it',
    '| Name | Description |\n|---|---|\n| code | Code of the berth, required |',
    ['code', 'string', true, undefined, 'likely'],
  ],
  [
    'columns in another order',
    '| Default | Optional? | Data type | Argument |\n|---|---|---|---|\n| 5 | optional | int | code |',
    ['code', 'integer', false, 5, 'sure'],
  ],
  [
    'a default in words',
    '| Field | Notes |\n|---|---|\n| code | Optional, defaults to N1 |',
    ['code', 'string', false, 'N1', 'likely'],
  ],
];
for (const [name, table, expected] of columns) {
  test(`a table of parameters: ${name}`, async () => {
    const { operations } = await readSource(`# Berths\n\n## GET /berths\n\n${table}\n`, 'b.md');
    assert.deepEqual(facts(operations[0]?.parameters)?.[0 as never], expected);
  });
}

test('a page without calls says so, and a sentence that mentions a call is none', async () => {
  const { operations, documentation } = await readSource(
    '# History\n\nBefore 2020 everybody used GET /v0/levels for this, and nobody was happy with it at all.\n',
    'h.md',
  );
  assert.equal(operations.length, 0);
  assert.match(documentation.warnings[0]?.what ?? '', /no method and path/);
});
