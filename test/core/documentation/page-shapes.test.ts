/** Reference pages as generators and people write them: which calls are read of each, and how sure. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readSource } from '../../support/documentation.js';

interface Shape {
  readonly name: string;
  readonly page: string;
  /** Method, path, summary, and how sure where that is not `sure`. */
  readonly calls: readonly string[];
}

const html: readonly Shape[] = [
  {
    name: 'badges, a permalink, a path that may break, a verb behind a colon, a choice in brackets',
    page: `<h1>Quays</h1>
<h2>Get a quay <a href="#x">#</a></h2>
<div><div class="m">get</div><span>/v1/quays/<wbr>{quay}</span></div>
<h2>Close a quay<a href="#y">¶</a></h2><p><span>POST</span><code>/v1/quays/:quay/closures</code></p>
<h3>Response example</h3><pre>{"id": 4, "links": {"self": {"method": "GET", "href": "/v1/closures/4"}}}</pre>
<h2>Check keys</h2><p><b>POST</b> https://quays.larkhaven.example/v1/apiKeys:verify</p>
<h2>Inspect</h2><p><code>GET /holds/(id or name)/json</code></p>`,
    calls: [
      'GET /v1/quays/{quay} | Get a quay',
      'POST /v1/quays/{quay}/closures | Close a quay',
      'POST /v1/apiKeys:verify | Check keys',
      'GET /holds/{id_or_name}/json | Inspect',
    ],
  },
  {
    name: 'a tree of resources, and a part of a path below its beginning',
    page: `<h1>Vessels</h1><h3>/vessels</h3>
<h4><a><span></span>/vessels</a> <span><a><span>get</span></a> <a><span>post</span></a></span></h4>
<div><h4><span>get</span> <span></span>/vessels</h4><p>List vessels</p></div>
<h4><span>/vessels</span>/{imo} <span>delete</span></h4>
<h3>/berths</h3><h4>/{code}</h4><h5>GET</h5><p>Show a berth.</p><h5>PUT</h5><p>Rename a berth.</p>`,
    calls: [
      'GET /vessels | List vessels',
      'POST /vessels | ',
      'DELETE /vessels/{imo} | ',
      'GET /berths/{code} | Show a berth',
      'PUT /berths/{code} | Rename a berth',
    ],
  },
  {
    name: 'definitions whose terms are calls, and methods below a path of their own',
    page: `<h1>Masts</h1><h2>All<a href="#all">¶</a></h2>
<dl><dt><span>GET</span> <span>/masts/</span><span>(</span><em>mast</em><span>)</span><a href="#m">¶</a></dt>
<dd><p>Return one mast.</p><dl><dt>Parameters:</dt><dd><ul><li><p><strong>mast</strong> (<code>str</code>) – its name</p></li></ul></dd></dl></dd></dl>
<dl><dt><em>path:</em> <span>/masts/{mast}/lights</span></dt><dd><dl><dt>Keys:</dt><dd><p><strong>mast</strong> (<em>integer</em>) – its number</p></dd></dl></dd></dl>
<p>The lights of one mast.</p>
<dl><dt><code>GET</code></dt><dd><dl><dt>returns</dt><dd>lights</dd></dl></dd></dl>`,
    calls: ['GET /masts/{mast} | Return one mast', 'GET /masts/{mast}/lights | The lights of one mast'],
  },
  {
    name: 'small letters, a slash at the end, and what each does below one heading for all',
    page: `<h1>Tides</h1><ul><li><a href="#a"><code><span>get</span> /tides/</code></a></li></ul>
<h1>Tide service</h1><div><pre class="get"><code><span>get</span> /tides/</code></pre></div>
<div>list the tides (<span>listTides</span>)</div><h3>Query parameters</h3><div>from (required)</div><div><span>Query Parameter</span> — first day</div>
<h3>Return type</h3><h3>Example data</h3><pre>{"tides": []}</pre>
<div><pre class="post"><code><span>post</span> /tides/</code></pre></div><div>report a tide (<span>reportTide</span>)</div>
<h3>Request body</h3><div>Tide <a href="#Tide">Tide</a> (required)</div><div><span>Body Parameter</span> — </div>`,
    calls: ['GET /tides/ | list the tides', 'POST /tides/ | report a tide'],
  },
  {
    name: 'italics for what is to be replaced, and addresses relative to another',
    page: `<h1>Lights</h1><table><tr><th>Method</th><th>HTTP request</th><th>Description</th></tr>
<tr><td colspan="3">URIs relative to https://lights.larkhaven.example/light/v3</td></tr>
<tr><td>delete</td><td><code>DELETE /lights/<var>lightId</var>/lamps/<i>lampId</i></code></td><td>Deletes a lamp.</td></tr></table>
<table><tr><th>Resource</th><th>Operation</th><th>What</th></tr><tr><td>/masts</td><td>GET, PUT</td><td>All masts</td></tr></table>
<p>Use GET /old when nothing else works.</p>`,
    calls: [
      'DELETE /light/v3/lights/{lightId}/lamps/{lampId} | Deletes a lamp.',
      'GET /light/v3/masts | All masts',
      'PUT /light/v3/masts | All masts',
    ],
  },
  {
    name: 'buttons, a call in a heading of words, cells that reach into rows below',
    page: `<h1>Vessel service</h1>
<div><button><span>GET</span><span><a href="#x"><span>/vessels/<wbr>{imo}</span></a></span><div>Find a vessel</div></button><button>copy</button></div>
<h3>List all <code>GET /v1/vessels</code></h3>
<table><tr><th>Resource</th><th>HTTP Method</th><th>Description</th></tr><tr><td rowspan="2">/v1/berths</td><td>GET</td><td>list berths</td></tr><tr><td>POST</td><td>add a berth</td></tr></table>`,
    calls: [
      'GET /vessels/{imo} | Find a vessel',
      'GET /v1/vessels | List all',
      'GET /v1/berths | list berths',
      'POST /v1/berths | add a berth',
    ],
  },
];

const markdown: readonly Shape[] = [
  {
    name: 'address and method each below a label',
    page: `# Pilots

**Book a pilot**
----

* **URL**

  /pilots/:pilot/bookings

* **Method:**

  \`POST\`

## Show a pilot

**URL** : \`/pilots/:pk/\`

**Method** : \`GET\`

### Success response

\`\`\`json
{"pk": 1}
\`\`\`
`,
    calls: ['POST /pilots/{pilot}/bookings | Book a pilot | likely', 'GET /pilots/{pk}/ | Show a pilot | likely'],
  },
  {
    name: 'address and method in brackets behind headings',
    page: '# Berths\n\n## Berths [/berths]\n\n### List berths [GET]\n\n### Add a berth [POST]\n\n## Berth [/berths/{code}]\n\n### Remove [DELETE]\n',
    calls: ['GET /berths | List berths', 'POST /berths | Add a berth', 'DELETE /berths/{code} | Remove'],
  },
  {
    name: 'lists, an example without a version, methods in another column',
    page: `# Lamps

- \`GET /lamps\` - returns all the lamps of the harbour, the newest first, with their state
- **PUT** \`/lamps/{lamp}\`: replace one

\`\`\`http
PATCH /lamps/L-4
Content-Type: application/json

{"state": "lit"}
\`\`\`

| Endpoint | Verb | Meaning |
|---|---|---|
| \`/masts/{id}\` | GET/DELETE | One mast |
`,
    calls: [
      'GET /lamps | returns all the lamps of the harbour, the newest first, with their state',
      'PUT /lamps/{lamp} | replace one',
      'PATCH /lamps/{lamp} | Lamps | guess',
      'GET /masts/{id} | One mast',
      'DELETE /masts/{id} | One mast',
    ],
  },
  {
    name: 'sentences that tell which request to send',
    page: `# Actions

## acknowledge

Send a \`POST\` request to the URL endpoint \`/v1/actions/acknowledge\`.

## objects

You can read one by sending a \`GET\` query to the \`/v1/objects/<type>\` URL endpoint.

\`\`\`sh
call-it -s 'https://127.0.0.1:5665/v1/objects/lamps/north.harbour.example?pretty=1'
\`\`\`

## Clients

\`\`\`typescript
import { Client } from 'client'
const one = new Client({ failure: 'https://harbour.example/failure' })
\`\`\`
`,
    calls: [
      'POST /v1/actions/acknowledge | acknowledge | likely',
      'GET /v1/objects/{type} | objects | likely',
      'GET /v1/objects/{type}/{type_id} | objects | guess',
    ],
  },
  {
    name: 'a list of contents, headings that are calls, HTML among it, brackets around a method',
    page: `# API

## Contents
* [GET /lamps](#get-lamps)

#### **\`GET\`** \`/lamps\`
Lists the lamps of the harbour.

**GET** &nbsp; \`/masts\`

<details>
 <summary><code>GET</code> <code><b>/stubs</b></code> <code>(lists all stubs)</code></summary>
</details>

\`[PUT] /notices/{id}\` Replace a notice
`,
    calls: [
      'GET /lamps | Lists the lamps of the harbour',
      'GET /masts | Contents',
      'GET /stubs | (lists all stubs)',
      'PUT /notices/{id} | Replace a notice',
    ],
  },
  {
    name: 'what only looks like a call',
    page: '# Notes\n\n### Added with_deleted to POST /berths body\n\nBerths of arrays (input/output)\n\n| What | Change |\n|---|---|\n| Fields | Add a filter to GET /berths |\n',
    calls: [],
  },
];

for (const [ending, shapes] of [
  ['html', html],
  ['md', markdown],
] as const)
  for (const { name, page, calls } of shapes)
    test(`${ending}: ${name}`, async () => {
      const { operations, documentation } = await readSource(
        ending === 'html' ? `<!doctype html><title>A</title>${page}` : page,
        `a.${ending}`,
      );
      assert.deepEqual(
        operations.map(({ method, path, summary, certainty }) =>
          [`${method} ${path}`, summary ?? '', ...(certainty === 'sure' ? [] : [certainty])].join(' | '),
        ),
        calls,
      );
      // What is not sure is said, with its lines.
      const doubts = documentation.warnings.filter(({ what }) => /^(?:likely|guesses), /.test(what));
      const unsure = operations.filter(({ certainty }) => certainty !== 'sure');
      const said = doubts.map(({ at, what }) => `${at} ${what}`).join('; ');
      for (const { method, path, at = '' } of unsure) {
        assert.ok(said.includes(`${method} ${path}`), said);
        assert.ok(said.includes(at.replace('line ', '')), said);
      }
      assert.equal(doubts.length, new Set(unsure.map(({ certainty }) => certainty)).size);
    });

test('what stands below such calls: parameters, the body as a whole, which example is the answer', async () => {
  const page = (name: string): string => html.find((one) => one.name.startsWith(name))?.page ?? '';
  const small = await readSource(`<!doctype html>${page('small letters')}`, 'a.html');
  const [list, report] = [small.operation('listTides'), small.operation('reportTide')];
  assert.deepEqual(
    list.parameters.map(({ in: place, name, required }) => [place, name, required]),
    [['query', 'from', true]],
  );
  assert.deepEqual(
    list.responses.map(({ status, content }) => [status, content?.example]),
    [['200', { tides: [] }]],
  );
  assert.deepEqual([list.body, report.body?.type, report.body?.fields], [undefined, 'application/json', []]);
  const terms = await readSource(`<!doctype html>${page('definitions')}`, 'a.html');
  assert.deepEqual(
    terms.operations.map(({ parameters }) => parameters.map(({ name, type, in: place }) => [place, name, type])),
    [[['path', 'mast', 'string']], [['path', 'mast', 'integer']]],
  );
});

test('a table of the tags of an XML gateway is a body of XML; ticks say what is required', async () => {
  const { operation } = await readSource(
    '<!doctype html><h1>Gate</h1><h2>Open a hold</h2><p>POST /gate</p><table><tr><th>Tag</th><th>Required</th><th>Notes</th></tr><tr><td>&lt;hold&gt;</td><td>☑️</td><td>its number</td></tr><tr><td>&lt;note/&gt;</td><td>✗</td><td></td></tr></table>',
    'gate.html',
  );
  const { body } = operation('open-a-hold');
  assert.deepEqual(
    [body?.type, body?.fields.map(({ name, required }) => [name, required])],
    [
      'application/xml',
      [
        ['hold', true],
        ['note', false],
      ],
    ],
  );
});

const long = 200_000;
const hostile: readonly (readonly [name: string, page: string])[] = [
  ['slanted words', `<p>${'/<em>a</em>'.repeat(long / 4)}</p>`],
  ['terms', `<dl>${'<dt>GET /a</dt><dd>x</dd>'.repeat(long / 10)}</dl>`],
  ['headings', Array.from({ length: long / 10 }, (_, at) => `<h2>Thing ${at}</h2><p>GET /a/b${at}</p>`).join('')],
  ['methods', `<p>${'GET '.repeat(long)}</p>`],
  ['one request', `<p><code>POST</code> ${'request '.repeat(long / 4)}</p>`],
  ['brackets', `<h2>${'['.repeat(long)}GET]</h2>`],
];
for (const [name, page] of hostile)
  test(`a page that is too long to mean anything is read soon: ${name}`, async () => {
    const { documentation } = await readSource(`<!doctype html><title>A</title><h1>A</h1>${page}`, 'a.html');
    assert.equal(documentation.title, 'A');
  });
