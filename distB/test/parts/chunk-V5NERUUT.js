// src/standin/tides/page.ts
var tidesPage = (origin) => `<!DOCTYPE html>
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

export {
  tidesPage
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL3N0YW5kaW4vdGlkZXMvcGFnZS50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFRoZSByZWZlcmVuY2UgcGFnZSBvZiB0aGUgdGlkZSB0YWJsZXM6IGFsbCB0aGF0IHRoZXJlIGlzIGFib3V0IHRoZW0uICovXG5leHBvcnQgY29uc3QgdGlkZXNQYWdlID0gKG9yaWdpbjogc3RyaW5nKTogc3RyaW5nID0+IGA8IURPQ1RZUEUgaHRtbD5cbjxodG1sIGxhbmc9XCJlblwiPlxuPGhlYWQ+PG1ldGEgY2hhcnNldD1cInV0Zi04XCI+PHRpdGxlPkxhcmtoYXZlbiB0aWRlIHRhYmxlczogcmVmZXJlbmNlPC90aXRsZT48L2hlYWQ+XG48Ym9keT5cbjxuYXY+PGEgaHJlZj1cIiNzdGF0aW9uc1wiPlN0YXRpb25zPC9hPiA8YSBocmVmPVwiI2xldmVsc1wiPkxldmVsczwvYT4gPGEgaHJlZj1cIiNyZXBvcnRcIj5SZXBvcnQ8L2E+PC9uYXY+XG48bWFpbj5cbjxoMT5MYXJraGF2ZW4gdGlkZSB0YWJsZXM8L2gxPlxuPHA+QWxsIGFkZHJlc3NlcyBiZWdpbiB3aXRoIDxjb2RlPiR7b3JpZ2lufTwvY29kZT4uIEFuc3dlcnMgYXJlIEpTT04uIEEgcmVwb3J0IHdhbnRzIHRoZSBoZWFkZXIgPGNvZGU+WC1UaWRlLUtleTwvY29kZT4uPC9wPlxuXG48aDIgaWQ9XCJzdGF0aW9uc1wiPkxpc3QgdGhlIHN0YXRpb25zPC9oMj5cbjxwcmU+PGNvZGU+R0VUIC90aWRlcy9zdGF0aW9uczwvY29kZT48L3ByZT5cbjxwPlRoZSBzdGF0aW9ucyB3aGVyZSB0aGUgbGV2ZWwgaXMgbWVhc3VyZWQuPC9wPlxuPGgzPkV4YW1wbGUgYW5zd2VyPC9oMz5cbjxwcmU+PGNvZGU+W1xuICB7XCJjb2RlXCI6IFwiYmFyXCIsIFwibmFtZVwiOiBcIk91dGVyIGJhclwiLCBcImRlcHRoTVwiOiAxMi41fSxcbiAge1wiY29kZVwiOiBcInBvb2xcIiwgXCJuYW1lXCI6IFwiSW5uZXIgcG9vbFwiLCBcImRlcHRoTVwiOiA3LjJ9XG5dPC9jb2RlPjwvcHJlPlxuXG48aDIgaWQ9XCJsZXZlbHNcIj48Y29kZT5HRVQgL3RpZGVzL3tzdGF0aW9ufS9sZXZlbHM8L2NvZGU+PC9oMj5cbjxwPlRoZSBsZXZlbHMgb2YgYSBzdGF0aW9uLCBob3VyIGJ5IGhvdXIuPC9wPlxuPGgzPlBhcmFtZXRlcnM8L2gzPlxuPHRhYmxlPlxuPHRoZWFkPjx0cj48dGg+TmFtZTwvdGg+PHRoPkluPC90aD48dGg+VHlwZTwvdGg+PHRoPlJlcXVpcmVkPC90aD48dGg+RGVmYXVsdDwvdGg+PHRoPk1lYW5pbmc8L3RoPjwvdHI+PC90aGVhZD5cbjx0Ym9keT5cbjx0cj48dGQ+PGNvZGU+c3RhdGlvbjwvY29kZT48L3RkPjx0ZD5wYXRoPC90ZD48dGQ+c3RyaW5nPC90ZD48dGQ+eWVzPC90ZD48dGQ+PC90ZD48dGQ+Q29kZSBvZiB0aGUgc3RhdGlvbjwvdGQ+PC90cj5cbjx0cj48dGQ+PGNvZGU+ZnJvbTwvY29kZT48L3RkPjx0ZD5xdWVyeTwvdGQ+PHRkPmRhdGU8L3RkPjx0ZD55ZXM8L3RkPjx0ZD48L3RkPjx0ZD5GaXJzdCBkYXksIGFzIDIwMjYtMTEtMjQ8L3RkPjwvdHI+XG48dHI+PHRkPjxjb2RlPmRheXM8L2NvZGU+PC90ZD48dGQ+cXVlcnk8L3RkPjx0ZD5pbnRlZ2VyPC90ZD48dGQ+bm88L3RkPjx0ZD4xPC90ZD48dGQ+SG93IG1hbnkgZGF5cywgYXQgbW9zdCA3PC90ZD48L3RyPlxuPHRyPjx0ZD48Y29kZT51bml0PC9jb2RlPjwvdGQ+PHRkPnF1ZXJ5PC90ZD48dGQ+c3RyaW5nPC90ZD48dGQ+bm88L3RkPjx0ZD5tZXRyZTwvdGQ+PHRkPk9uZSBvZiA8Y29kZT5tZXRyZTwvY29kZT4sIDxjb2RlPmZvb3Q8L2NvZGU+PC90ZD48L3RyPlxuPC90Ym9keT5cbjwvdGFibGU+XG48aDM+UmVxdWVzdDwvaDM+XG48cHJlPkdFVCAvdGlkZXMvYmFyL2xldmVscz9mcm9tPTIwMjYtMTEtMjQmYW1wO2RheXM9MiBIVFRQLzEuMVxuSG9zdDogbGFya2hhdmVuLmV4YW1wbGVcbkFjY2VwdDogYXBwbGljYXRpb24vanNvblxuPC9wcmU+XG48aDM+UmVzcG9uc2U8L2gzPlxuPHByZT5IVFRQLzEuMSAyMDAgT0tcbkNvbnRlbnQtVHlwZTogYXBwbGljYXRpb24vanNvblxuXG57XCJzdGF0aW9uXCI6IFwiYmFyXCIsIFwidW5pdFwiOiBcIm1ldHJlXCIsIFwibGV2ZWxzXCI6IFt7XCJhdFwiOiBcIjIwMjYtMTEtMjRUMDA6MDA6MDBaXCIsIFwibGV2ZWxcIjogMy4yLCBcInJpc2luZ1wiOiB0cnVlfV19PC9wcmU+XG5cbjxoMiBpZD1cInJlcG9ydFwiPlJlcG9ydCBhIGxldmVsPC9oMj5cbjxwPjxzdHJvbmc+UE9TVDwvc3Ryb25nPiA8Y29kZT4vdGlkZXMve3N0YXRpb259L3JlcG9ydHM8L2NvZGU+PC9wPlxuPHRhYmxlPlxuPHRyPjx0aD5GaWVsZDwvdGg+PHRoPkRlc2NyaXB0aW9uPC90aD48dGg+VHlwZTwvdGg+PC90cj5cbjx0cj48dGQ+YXQ8L3RkPjx0ZD5XaGVuIGl0IHdhcyByZWFkLiBSZXF1aXJlZC48L3RkPjx0ZD5kYXRlLXRpbWU8L3RkPjwvdHI+XG48dHI+PHRkPmxldmVsPC90ZD48dGQ+TGV2ZWwgaW4gbWV0cmVzLiBSZXF1aXJlZC4gQmV0d2VlbiAwIGFuZCAxMi48L3RkPjx0ZD5udW1iZXI8L3RkPjwvdHI+XG48dHI+PHRkPnJlYWRlcjwvdGQ+PHRkPldobyByZWFkIGl0IChvcHRpb25hbCk8L3RkPjx0ZD5zdHJpbmc8L3RkPjwvdHI+XG48L3RhYmxlPlxuPHA+Qm9keTo8L3A+XG48cHJlPjxjb2RlIGNsYXNzPVwibGFuZ3VhZ2UtanNvblwiPntcImF0XCI6IFwiMjAyNi0xMS0yNFQwOTowMDowMFpcIiwgXCJsZXZlbFwiOiA0LjEsIFwicmVhZGVyXCI6IFwibW9sZSB3YXRjaFwifTwvY29kZT48L3ByZT5cbjxwPkFuc3dlcnMgPGNvZGU+MjAxPC9jb2RlPjo8L3A+XG48cHJlPjxjb2RlIGNsYXNzPVwibGFuZ3VhZ2UtanNvblwiPntcImlkXCI6IDE3LCBcImF0XCI6IFwiMjAyNi0xMS0yNFQwOTowMDowMFpcIiwgXCJsZXZlbFwiOiA0LjF9PC9jb2RlPjwvcHJlPlxuXG48aDIgaWQ9XCJoaXN0b3J5XCI+SGlzdG9yeTwvaDI+XG48cD5MZXZlbHMgYmVmb3JlIDIwMjAgYXJlIG9uIHBhcGVyLCBpbiB0aGUgaGFyYm91ciBvZmZpY2UuPC9wPlxuPC9tYWluPlxuPC9ib2R5PlxuPC9odG1sPlxuYDtcbiJdLAogICJtYXBwaW5ncyI6ICI7QUFDTyxJQUFNLFlBQVksQ0FBQyxXQUEyQjtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBLG9DQU9qQixNQUFNO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7IiwKICAibmFtZXMiOiBbXQp9Cg==
