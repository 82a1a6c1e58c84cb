/** The reference page of the tide tables: all that there is about them. */
export const tidesPage = (origin: string): string => `<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>Larkhaven tide tables: reference</title></head>
<body>
<nav><a href="#stations">Stations</a> <a href="#levels">Levels</a> <a href="#report">Report</a></nav>
<main>
<h1>Larkhaven tide tables</h1>
<p>All addresses begin with <code>${origin}</code>. Answers are JSON. A report wants the header <code>X-Tide-Key</code>.</p>

<h2 id="stations">List the stations</h2>
<pre><code>GET /tides/stations</code></pre>
<p>The stations where the level is measured.</p>
<h3>Example answer</h3>
<pre><code>[
  {"code": "bar", "name": "Outer bar", "depthM": 12.5},
  {"code": "pool", "name": "Inner pool", "depthM": 7.2}
]</code></pre>

<h2 id="levels"><code>GET /tides/{station}/levels</code></h2>
<p>The levels of a station, hour by hour.</p>
<h3>Parameters</h3>
<table>
<thead><tr><th>Name</th><th>In</th><th>Type</th><th>Required</th><th>Default</th><th>Meaning</th></tr></thead>
<tbody>
<tr><td><code>station</code></td><td>path</td><td>string</td><td>yes</td><td></td><td>Code of the station</td></tr>
<tr><td><code>from</code></td><td>query</td><td>date</td><td>yes</td><td></td><td>First day, as 2026-11-24</td></tr>
<tr><td><code>days</code></td><td>query</td><td>integer</td><td>no</td><td>1</td><td>How many days, at most 7</td></tr>
<tr><td><code>unit</code></td><td>query</td><td>string</td><td>no</td><td>metre</td><td>One of <code>metre</code>, <code>foot</code></td></tr>
</tbody>
</table>
<h3>Request</h3>
<pre>GET /tides/bar/levels?from=2026-11-24&amp;days=2 HTTP/1.1
Host: larkhaven.example
Accept: application/json
</pre>
<h3>Response</h3>
<pre>HTTP/1.1 200 OK
Content-Type: application/json

{"station": "bar", "unit": "metre", "levels": [{"at": "2026-11-24T00:00:00Z", "level": 3.2, "rising": true}]}</pre>

<h2 id="report">Report a level</h2>
<p><strong>POST</strong> <code>/tides/{station}/reports</code></p>
<table>
<tr><th>Field</th><th>Description</th><th>Type</th></tr>
<tr><td>at</td><td>When it was read. Required.</td><td>date-time</td></tr>
<tr><td>level</td><td>Level in metres. Required. Between 0 and 12.</td><td>number</td></tr>
<tr><td>reader</td><td>Who read it (optional)</td><td>string</td></tr>
</table>
<p>Body:</p>
<pre><code class="language-json">{"at": "2026-11-24T09:00:00Z", "level": 4.1, "reader": "mole watch"}</code></pre>
<p>Answers <code>201</code>:</p>
<pre><code class="language-json">{"id": 17, "at": "2026-11-24T09:00:00Z", "level": 4.1}</code></pre>

<h2 id="history">History</h2>
<p>Levels before 2020 are on paper, in the harbour office.</p>
</main>
</body>
</html>
`;
