import {
  trailFile
} from "../parts/chunk-CFOFBHOV.js";
import {
  requestFile
} from "../parts/chunk-B5MWC56M.js";
import {
  shapeProblems
} from "../parts/chunk-IIWAP3H3.js";
import "../parts/chunk-VV4FZXZN.js";
import "../parts/chunk-ADLZ4E65.js";
import {
  parseYaml
} from "../parts/chunk-2NSBAQ4L.js";
import "../parts/chunk-IQWA53IU.js";
import "../parts/chunk-PACVB44P.js";
import {
  textOf
} from "../parts/chunk-ZC7SUIQQ.js";
import "../parts/chunk-FSPVDUAZ.js";
import {
  writeJson
} from "../parts/chunk-RABAPZK5.js";
import "../parts/chunk-XGDOGID3.js";

// test/core/yaml.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var scalars = [
  ["0012", "0012", "12"],
  ["1.10", "1.10", "1.10"],
  ["12345678901234567890", "12345678901234567890", "12345678901234567890"],
  ["0x1F", "0x1F", "31"],
  ["1e3", "1e3", "1e3"],
  ["True", "True", "true"],
  ["true", "true", "true"],
  ["~", "null", "null"],
  ["3", "3", "3"],
  ['"3"', "3", '"3"'],
  ["2026-11-24", "2026-11-24", '"2026-11-24"'],
  ["yes", "yes", '"yes"']
];
for (const [yaml, text, json] of scalars) {
  test(`the scalar ${yaml} is ${text} as text and ${json} in JSON`, () => {
    const { value } = parseYaml(`key: ${yaml}
`, "x.yaml");
    const scalar = value.key;
    assert.equal(textOf(scalar), text);
    assert.equal(writeJson(scalar), json);
  });
}
test("long numbers inside structures keep every digit, laid out or not", () => {
  const { value } = parseYaml("{a: [12345678901234567890, 1], b: 0012}", "x.yaml");
  assert.equal(writeJson(value), '{"a":[12345678901234567890,1],"b":12}');
  assert.equal(writeJson(value, 2), '{\n  "a": [\n    12345678901234567890,\n    1\n  ],\n  "b": 12\n}');
});
test("a key such as __proto__ is data", () => {
  const { value } = parseYaml("__proto__: {polluted: 1}\n", "x.yaml");
  assert.deepEqual(Object.keys(value), ["__proto__"]);
  assert.equal({}.polluted, void 0);
});
var refused = [
  ["an anchor", "a: &x 1\n", "yaml-refused", /anchor/, 1],
  ["an alias", "a: 1\nb: *x\n", "yaml-refused|yaml-syntax", /alias|\*/, 2],
  ["a tag", "a: !secret x\n", "yaml-refused|yaml-syntax", /tag/, 1],
  ["a key that stands twice", "a: 1\na: 2\n", "yaml-syntax", /twice/, 2],
  ["a tab", "a:\n	b: 1\n", "yaml-syntax", /tab/, 2],
  ["a second colon", "a: b: c\n", "yaml-syntax", /second/, 1],
  [
    "a colon and a space in an expression",
    'a:\n  - ${x | header-lines(": ")}\n',
    "yaml-syntax",
    /an expression holds ": "/,
    3
  ],
  ["an unquoted ${ in braces", "body: {json: {berth: ${berth}}}\n", "yaml-syntax", /well-formed/, 1],
  ["a text that begins with {", "url: {imo}/x\n", "yaml-syntax", /begins with \{/, 1],
  ["a text that begins with @", "a: @x\n", "yaml-syntax", /begins with @/, 1],
  ["a place with brackets in braces", "expect: {$.items[*].id: 1}\n", "yaml-syntax", /well-formed/, 1],
  ["an unclosed quote", 'a: "b\n', "yaml-syntax", /quote is not closed/, 2]
];
for (const [name, text, code, says, line] of refused) {
  test(`${name} is refused with its place`, () => {
    assert.throws(
      () => parseYaml(text, "requests/x.yaml"),
      (error) => {
        assert.ok(code.split("|").includes(error.code), `${error.code}: ${error.message}`);
        assert.match(`${error.message} ${error.remedy ?? ""}`, says);
        assert.equal(error.where.file, "requests/x.yaml");
        assert.equal(error.where.line, line);
        assert.ok(error.where.column >= 1);
        return true;
      }
    );
  });
}
var shapes = [
  ["an unknown key", "url: http://x.example\nmehtod: POST\n", /mehtod is not a key/, /did you mean method/, "2:1"],
  [
    "an unknown key further in",
    "url: http://x.example\ninputs: {a: {defalt: 1}}\n",
    /inputs\.a\.defalt/,
    /did you mean default/,
    "2:14"
  ],
  [
    "a wrong type",
    "url: http://x.example\nheaders: 5\n",
    /headers must be a map of names, not the number 5/,
    /.*/,
    "2:10"
  ],
  ["a number for a text", "url: 5\n", /url must be a text, not the number 5/, /quotes/, "1:6"],
  ["a map for a text", "url: {imo: }\n", /url must be a text, not a map/, /begins with \{/, "1:6"],
  ["a missing key", "method: GET\n", /url is missing/, /expected a text/, "1:1"],
  [
    "a value that is not allowed",
    "url: x\nlists: joind\n",
    /lists cannot be the text joind/,
    /did you mean joined/,
    "2:8"
  ],
  ["an unknown body kind", "url: x\nbody: {jsn: 1}\n", /body\.jsn is not a key/, /did you mean json/, "2:8"],
  ["a duration without a unit", 'url: x\ntimeout: {total: "5"}\n', /duration/, /.*/, "2:18"]
];
for (const [name, text, what, remedy, where] of shapes) {
  test(`${name} is told with the key, the place and what was meant`, () => {
    const [problem] = shapeProblems(requestFile, parseYaml(text, "x.yaml"));
    assert.ok(problem, "a problem is found");
    assert.match(problem.what, what);
    assert.match(problem.remedy ?? "", remedy);
    const at = problem.where;
    assert.equal(`${at.line}:${at.column}`, where);
  });
}
test("all problems of a file are found, not only the first", () => {
  const problems = shapeProblems(requestFile, parseYaml("url: 5\nmehtod: GET\nbodi: {}\n", "x.yaml"));
  assert.equal(problems.length, 3);
});
test("a misspelt key of a step names the nearest key of a step", () => {
  const [problem] = shapeProblems(trailFile, parseYaml("steps:\n  - send: x\n    expct: {status: 200}\n", "x.yaml"));
  assert.match(problem?.what ?? "", /expct/);
  assert.match(problem?.remedy ?? "", /expect/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jb3JlL3lhbWwudGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFJlYWRpbmcgY29sbGVjdGlvbiBmaWxlczogc291cmNlIHRleHQga2VwdCwgcG9zaXRpb25zLCBhbmQgd2hhdCBpcyByZWZ1c2VkLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyByZXF1ZXN0RmlsZSB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL2NvbGxlY3Rpb24vZmlsZXMvcmVxdWVzdC1maWxlLmpzJztcbmltcG9ydCB7IHRyYWlsRmlsZSB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBzaGFwZVByb2JsZW1zIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi9zaGFwZS5qcyc7XG5pbXBvcnQgeyBwYXJzZVlhbWwgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHsgd3JpdGVKc29uIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvdmFsdWUvanNvbi10ZXh0LmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL3ZhbHVlL3RleHQuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL3ZhbHVlL3dyaXR0ZW4uanMnO1xuXG5jb25zdCBzY2FsYXJzOiByZWFkb25seSAocmVhZG9ubHkgW3lhbWw6IHN0cmluZywgdGV4dDogc3RyaW5nLCBqc29uOiBzdHJpbmddKVtdID0gW1xuICBbJzAwMTInLCAnMDAxMicsICcxMiddLFxuICBbJzEuMTAnLCAnMS4xMCcsICcxLjEwJ10sXG4gIFsnMTIzNDU2Nzg5MDEyMzQ1Njc4OTAnLCAnMTIzNDU2Nzg5MDEyMzQ1Njc4OTAnLCAnMTIzNDU2Nzg5MDEyMzQ1Njc4OTAnXSxcbiAgWycweDFGJywgJzB4MUYnLCAnMzEnXSxcbiAgWycxZTMnLCAnMWUzJywgJzFlMyddLFxuICBbJ1RydWUnLCAnVHJ1ZScsICd0cnVlJ10sXG4gIFsndHJ1ZScsICd0cnVlJywgJ3RydWUnXSxcbiAgWyd+JywgJ251bGwnLCAnbnVsbCddLFxuICBbJzMnLCAnMycsICczJ10sXG4gIFsnXCIzXCInLCAnMycsICdcIjNcIiddLFxuICBbJzIwMjYtMTEtMjQnLCAnMjAyNi0xMS0yNCcsICdcIjIwMjYtMTEtMjRcIiddLFxuICBbJ3llcycsICd5ZXMnLCAnXCJ5ZXNcIiddLFxuXTtcbmZvciAoY29uc3QgW3lhbWwsIHRleHQsIGpzb25dIG9mIHNjYWxhcnMpIHtcbiAgdGVzdChgdGhlIHNjYWxhciAke3lhbWx9IGlzICR7dGV4dH0gYXMgdGV4dCBhbmQgJHtqc29ufSBpbiBKU09OYCwgKCkgPT4ge1xuICAgIGNvbnN0IHsgdmFsdWUgfSA9IHBhcnNlWWFtbChga2V5OiAke3lhbWx9XFxuYCwgJ3gueWFtbCcpO1xuICAgIGNvbnN0IHNjYWxhciA9ICh2YWx1ZSBhcyBSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4pLmtleSBhcyBWYWx1ZTtcbiAgICBhc3NlcnQuZXF1YWwodGV4dE9mKHNjYWxhciksIHRleHQpO1xuICAgIGFzc2VydC5lcXVhbCh3cml0ZUpzb24oc2NhbGFyKSwganNvbik7XG4gIH0pO1xufVxuXG50ZXN0KCdsb25nIG51bWJlcnMgaW5zaWRlIHN0cnVjdHVyZXMga2VlcCBldmVyeSBkaWdpdCwgbGFpZCBvdXQgb3Igbm90JywgKCkgPT4ge1xuICBjb25zdCB7IHZhbHVlIH0gPSBwYXJzZVlhbWwoJ3thOiBbMTIzNDU2Nzg5MDEyMzQ1Njc4OTAsIDFdLCBiOiAwMDEyfScsICd4LnlhbWwnKTtcbiAgYXNzZXJ0LmVxdWFsKHdyaXRlSnNvbih2YWx1ZSksICd7XCJhXCI6WzEyMzQ1Njc4OTAxMjM0NTY3ODkwLDFdLFwiYlwiOjEyfScpO1xuICBhc3NlcnQuZXF1YWwod3JpdGVKc29uKHZhbHVlLCAyKSwgJ3tcXG4gIFwiYVwiOiBbXFxuICAgIDEyMzQ1Njc4OTAxMjM0NTY3ODkwLFxcbiAgICAxXFxuICBdLFxcbiAgXCJiXCI6IDEyXFxufScpO1xufSk7XG5cbnRlc3QoJ2Ega2V5IHN1Y2ggYXMgX19wcm90b19fIGlzIGRhdGEnLCAoKSA9PiB7XG4gIGNvbnN0IHsgdmFsdWUgfSA9IHBhcnNlWWFtbCgnX19wcm90b19fOiB7cG9sbHV0ZWQ6IDF9XFxuJywgJ3gueWFtbCcpO1xuICBhc3NlcnQuZGVlcEVxdWFsKE9iamVjdC5rZXlzKHZhbHVlIGFzIG9iamVjdCksIFsnX19wcm90b19fJ10pO1xuICBhc3NlcnQuZXF1YWwoKHt9IGFzIFJlY29yZDxzdHJpbmcsIHVua25vd24+KS5wb2xsdXRlZCwgdW5kZWZpbmVkKTtcbn0pO1xuXG5jb25zdCByZWZ1c2VkOiByZWFkb25seSAocmVhZG9ubHkgW25hbWU6IHN0cmluZywgdGV4dDogc3RyaW5nLCBjb2RlOiBzdHJpbmcsIHNheXM6IFJlZ0V4cCwgbGluZTogbnVtYmVyXSlbXSA9IFtcbiAgWydhbiBhbmNob3InLCAnYTogJnggMVxcbicsICd5YW1sLXJlZnVzZWQnLCAvYW5jaG9yLywgMV0sXG4gIFsnYW4gYWxpYXMnLCAnYTogMVxcbmI6ICp4XFxuJywgJ3lhbWwtcmVmdXNlZHx5YW1sLXN5bnRheCcsIC9hbGlhc3xcXCovLCAyXSxcbiAgWydhIHRhZycsICdhOiAhc2VjcmV0IHhcXG4nLCAneWFtbC1yZWZ1c2VkfHlhbWwtc3ludGF4JywgL3RhZy8sIDFdLFxuICBbJ2Ega2V5IHRoYXQgc3RhbmRzIHR3aWNlJywgJ2E6IDFcXG5hOiAyXFxuJywgJ3lhbWwtc3ludGF4JywgL3R3aWNlLywgMl0sXG4gIFsnYSB0YWInLCAnYTpcXG5cXHRiOiAxXFxuJywgJ3lhbWwtc3ludGF4JywgL3RhYi8sIDJdLFxuICBbJ2Egc2Vjb25kIGNvbG9uJywgJ2E6IGI6IGNcXG4nLCAneWFtbC1zeW50YXgnLCAvc2Vjb25kLywgMV0sXG4gIFtcbiAgICAnYSBjb2xvbiBhbmQgYSBzcGFjZSBpbiBhbiBleHByZXNzaW9uJyxcbiAgICAnYTpcXG4gIC0gJHt4IHwgaGVhZGVyLWxpbmVzKFwiOiBcIil9XFxuJyxcbiAgICAneWFtbC1zeW50YXgnLFxuICAgIC9hbiBleHByZXNzaW9uIGhvbGRzIFwiOiBcIi8sXG4gICAgMyxcbiAgXSxcbiAgWydhbiB1bnF1b3RlZCAkeyBpbiBicmFjZXMnLCAnYm9keToge2pzb246IHtiZXJ0aDogJHtiZXJ0aH19fVxcbicsICd5YW1sLXN5bnRheCcsIC93ZWxsLWZvcm1lZC8sIDFdLFxuICBbJ2EgdGV4dCB0aGF0IGJlZ2lucyB3aXRoIHsnLCAndXJsOiB7aW1vfS94XFxuJywgJ3lhbWwtc3ludGF4JywgL2JlZ2lucyB3aXRoIFxcey8sIDFdLFxuICBbJ2EgdGV4dCB0aGF0IGJlZ2lucyB3aXRoIEAnLCAnYTogQHhcXG4nLCAneWFtbC1zeW50YXgnLCAvYmVnaW5zIHdpdGggQC8sIDFdLFxuICBbJ2EgcGxhY2Ugd2l0aCBicmFja2V0cyBpbiBicmFjZXMnLCAnZXhwZWN0OiB7JC5pdGVtc1sqXS5pZDogMX1cXG4nLCAneWFtbC1zeW50YXgnLCAvd2VsbC1mb3JtZWQvLCAxXSxcbiAgWydhbiB1bmNsb3NlZCBxdW90ZScsICdhOiBcImJcXG4nLCAneWFtbC1zeW50YXgnLCAvcXVvdGUgaXMgbm90IGNsb3NlZC8sIDJdLFxuXTtcbmZvciAoY29uc3QgW25hbWUsIHRleHQsIGNvZGUsIHNheXMsIGxpbmVdIG9mIHJlZnVzZWQpIHtcbiAgdGVzdChgJHtuYW1lfSBpcyByZWZ1c2VkIHdpdGggaXRzIHBsYWNlYCwgKCkgPT4ge1xuICAgIGFzc2VydC50aHJvd3MoXG4gICAgICAoKSA9PiBwYXJzZVlhbWwodGV4dCwgJ3JlcXVlc3RzL3gueWFtbCcpLFxuICAgICAgKGVycm9yOiBFcnJvciAmIHsgY29kZTogc3RyaW5nOyB3aGVyZTogeyBmaWxlOiBzdHJpbmc7IGxpbmU6IG51bWJlcjsgY29sdW1uOiBudW1iZXIgfTsgcmVtZWR5Pzogc3RyaW5nIH0pID0+IHtcbiAgICAgICAgYXNzZXJ0Lm9rKGNvZGUuc3BsaXQoJ3wnKS5pbmNsdWRlcyhlcnJvci5jb2RlKSwgYCR7ZXJyb3IuY29kZX06ICR7ZXJyb3IubWVzc2FnZX1gKTtcbiAgICAgICAgYXNzZXJ0Lm1hdGNoKGAke2Vycm9yLm1lc3NhZ2V9ICR7ZXJyb3IucmVtZWR5ID8/ICcnfWAsIHNheXMpO1xuICAgICAgICBhc3NlcnQuZXF1YWwoZXJyb3Iud2hlcmUuZmlsZSwgJ3JlcXVlc3RzL3gueWFtbCcpO1xuICAgICAgICBhc3NlcnQuZXF1YWwoZXJyb3Iud2hlcmUubGluZSwgbGluZSk7XG4gICAgICAgIGFzc2VydC5vayhlcnJvci53aGVyZS5jb2x1bW4gPj0gMSk7XG4gICAgICAgIHJldHVybiB0cnVlO1xuICAgICAgfSxcbiAgICApO1xuICB9KTtcbn1cblxuY29uc3Qgc2hhcGVzOiByZWFkb25seSAocmVhZG9ubHkgW25hbWU6IHN0cmluZywgdGV4dDogc3RyaW5nLCB3aGF0OiBSZWdFeHAsIHJlbWVkeTogUmVnRXhwLCB3aGVyZTogc3RyaW5nXSlbXSA9IFtcbiAgWydhbiB1bmtub3duIGtleScsICd1cmw6IGh0dHA6Ly94LmV4YW1wbGVcXG5tZWh0b2Q6IFBPU1RcXG4nLCAvbWVodG9kIGlzIG5vdCBhIGtleS8sIC9kaWQgeW91IG1lYW4gbWV0aG9kLywgJzI6MSddLFxuICBbXG4gICAgJ2FuIHVua25vd24ga2V5IGZ1cnRoZXIgaW4nLFxuICAgICd1cmw6IGh0dHA6Ly94LmV4YW1wbGVcXG5pbnB1dHM6IHthOiB7ZGVmYWx0OiAxfX1cXG4nLFxuICAgIC9pbnB1dHNcXC5hXFwuZGVmYWx0LyxcbiAgICAvZGlkIHlvdSBtZWFuIGRlZmF1bHQvLFxuICAgICcyOjE0JyxcbiAgXSxcbiAgW1xuICAgICdhIHdyb25nIHR5cGUnLFxuICAgICd1cmw6IGh0dHA6Ly94LmV4YW1wbGVcXG5oZWFkZXJzOiA1XFxuJyxcbiAgICAvaGVhZGVycyBtdXN0IGJlIGEgbWFwIG9mIG5hbWVzLCBub3QgdGhlIG51bWJlciA1LyxcbiAgICAvLiovLFxuICAgICcyOjEwJyxcbiAgXSxcbiAgWydhIG51bWJlciBmb3IgYSB0ZXh0JywgJ3VybDogNVxcbicsIC91cmwgbXVzdCBiZSBhIHRleHQsIG5vdCB0aGUgbnVtYmVyIDUvLCAvcXVvdGVzLywgJzE6NiddLFxuICBbJ2EgbWFwIGZvciBhIHRleHQnLCAndXJsOiB7aW1vOiB9XFxuJywgL3VybCBtdXN0IGJlIGEgdGV4dCwgbm90IGEgbWFwLywgL2JlZ2lucyB3aXRoIFxcey8sICcxOjYnXSxcbiAgWydhIG1pc3Npbmcga2V5JywgJ21ldGhvZDogR0VUXFxuJywgL3VybCBpcyBtaXNzaW5nLywgL2V4cGVjdGVkIGEgdGV4dC8sICcxOjEnXSxcbiAgW1xuICAgICdhIHZhbHVlIHRoYXQgaXMgbm90IGFsbG93ZWQnLFxuICAgICd1cmw6IHhcXG5saXN0czogam9pbmRcXG4nLFxuICAgIC9saXN0cyBjYW5ub3QgYmUgdGhlIHRleHQgam9pbmQvLFxuICAgIC9kaWQgeW91IG1lYW4gam9pbmVkLyxcbiAgICAnMjo4JyxcbiAgXSxcbiAgWydhbiB1bmtub3duIGJvZHkga2luZCcsICd1cmw6IHhcXG5ib2R5OiB7anNuOiAxfVxcbicsIC9ib2R5XFwuanNuIGlzIG5vdCBhIGtleS8sIC9kaWQgeW91IG1lYW4ganNvbi8sICcyOjgnXSxcbiAgWydhIGR1cmF0aW9uIHdpdGhvdXQgYSB1bml0JywgJ3VybDogeFxcbnRpbWVvdXQ6IHt0b3RhbDogXCI1XCJ9XFxuJywgL2R1cmF0aW9uLywgLy4qLywgJzI6MTgnXSxcbl07XG5mb3IgKGNvbnN0IFtuYW1lLCB0ZXh0LCB3aGF0LCByZW1lZHksIHdoZXJlXSBvZiBzaGFwZXMpIHtcbiAgdGVzdChgJHtuYW1lfSBpcyB0b2xkIHdpdGggdGhlIGtleSwgdGhlIHBsYWNlIGFuZCB3aGF0IHdhcyBtZWFudGAsICgpID0+IHtcbiAgICBjb25zdCBbcHJvYmxlbV0gPSBzaGFwZVByb2JsZW1zKHJlcXVlc3RGaWxlLCBwYXJzZVlhbWwodGV4dCwgJ3gueWFtbCcpKTtcbiAgICBhc3NlcnQub2socHJvYmxlbSwgJ2EgcHJvYmxlbSBpcyBmb3VuZCcpO1xuICAgIGFzc2VydC5tYXRjaChwcm9ibGVtLndoYXQsIHdoYXQpO1xuICAgIGFzc2VydC5tYXRjaChwcm9ibGVtLnJlbWVkeSA/PyAnJywgcmVtZWR5KTtcbiAgICBjb25zdCBhdCA9IHByb2JsZW0ud2hlcmUgYXMgeyBsaW5lOiBudW1iZXI7IGNvbHVtbjogbnVtYmVyIH07XG4gICAgYXNzZXJ0LmVxdWFsKGAke2F0LmxpbmV9OiR7YXQuY29sdW1ufWAsIHdoZXJlKTtcbiAgfSk7XG59XG5cbnRlc3QoJ2FsbCBwcm9ibGVtcyBvZiBhIGZpbGUgYXJlIGZvdW5kLCBub3Qgb25seSB0aGUgZmlyc3QnLCAoKSA9PiB7XG4gIGNvbnN0IHByb2JsZW1zID0gc2hhcGVQcm9ibGVtcyhyZXF1ZXN0RmlsZSwgcGFyc2VZYW1sKCd1cmw6IDVcXG5tZWh0b2Q6IEdFVFxcbmJvZGk6IHt9XFxuJywgJ3gueWFtbCcpKTtcbiAgYXNzZXJ0LmVxdWFsKHByb2JsZW1zLmxlbmd0aCwgMyk7XG59KTtcblxudGVzdCgnYSBtaXNzcGVsdCBrZXkgb2YgYSBzdGVwIG5hbWVzIHRoZSBuZWFyZXN0IGtleSBvZiBhIHN0ZXAnLCAoKSA9PiB7XG4gIGNvbnN0IFtwcm9ibGVtXSA9IHNoYXBlUHJvYmxlbXModHJhaWxGaWxlLCBwYXJzZVlhbWwoJ3N0ZXBzOlxcbiAgLSBzZW5kOiB4XFxuICAgIGV4cGN0OiB7c3RhdHVzOiAyMDB9XFxuJywgJ3gueWFtbCcpKTtcbiAgYXNzZXJ0Lm1hdGNoKHByb2JsZW0/LndoYXQgPz8gJycsIC9leHBjdC8pO1xuICBhc3NlcnQubWF0Y2gocHJvYmxlbT8ucmVtZWR5ID8/ICcnLCAvZXhwZWN0Lyk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsWUFBWTtBQVNyQixJQUFNLFVBQTRFO0FBQUEsRUFDaEYsQ0FBQyxRQUFRLFFBQVEsSUFBSTtBQUFBLEVBQ3JCLENBQUMsUUFBUSxRQUFRLE1BQU07QUFBQSxFQUN2QixDQUFDLHdCQUF3Qix3QkFBd0Isc0JBQXNCO0FBQUEsRUFDdkUsQ0FBQyxRQUFRLFFBQVEsSUFBSTtBQUFBLEVBQ3JCLENBQUMsT0FBTyxPQUFPLEtBQUs7QUFBQSxFQUNwQixDQUFDLFFBQVEsUUFBUSxNQUFNO0FBQUEsRUFDdkIsQ0FBQyxRQUFRLFFBQVEsTUFBTTtBQUFBLEVBQ3ZCLENBQUMsS0FBSyxRQUFRLE1BQU07QUFBQSxFQUNwQixDQUFDLEtBQUssS0FBSyxHQUFHO0FBQUEsRUFDZCxDQUFDLE9BQU8sS0FBSyxLQUFLO0FBQUEsRUFDbEIsQ0FBQyxjQUFjLGNBQWMsY0FBYztBQUFBLEVBQzNDLENBQUMsT0FBTyxPQUFPLE9BQU87QUFDeEI7QUFDQSxXQUFXLENBQUMsTUFBTSxNQUFNLElBQUksS0FBSyxTQUFTO0FBQ3hDLE9BQUssY0FBYyxJQUFJLE9BQU8sSUFBSSxnQkFBZ0IsSUFBSSxZQUFZLE1BQU07QUFDdEUsVUFBTSxFQUFFLE1BQU0sSUFBSSxVQUFVLFFBQVEsSUFBSTtBQUFBLEdBQU0sUUFBUTtBQUN0RCxVQUFNLFNBQVUsTUFBZ0M7QUFDaEQsV0FBTyxNQUFNLE9BQU8sTUFBTSxHQUFHLElBQUk7QUFDakMsV0FBTyxNQUFNLFVBQVUsTUFBTSxHQUFHLElBQUk7QUFBQSxFQUN0QyxDQUFDO0FBQ0g7QUFFQSxLQUFLLG9FQUFvRSxNQUFNO0FBQzdFLFFBQU0sRUFBRSxNQUFNLElBQUksVUFBVSwyQ0FBMkMsUUFBUTtBQUMvRSxTQUFPLE1BQU0sVUFBVSxLQUFLLEdBQUcsdUNBQXVDO0FBQ3RFLFNBQU8sTUFBTSxVQUFVLE9BQU8sQ0FBQyxHQUFHLG1FQUFtRTtBQUN2RyxDQUFDO0FBRUQsS0FBSyxtQ0FBbUMsTUFBTTtBQUM1QyxRQUFNLEVBQUUsTUFBTSxJQUFJLFVBQVUsOEJBQThCLFFBQVE7QUFDbEUsU0FBTyxVQUFVLE9BQU8sS0FBSyxLQUFlLEdBQUcsQ0FBQyxXQUFXLENBQUM7QUFDNUQsU0FBTyxNQUFPLENBQUMsRUFBOEIsVUFBVSxNQUFTO0FBQ2xFLENBQUM7QUFFRCxJQUFNLFVBQXdHO0FBQUEsRUFDNUcsQ0FBQyxhQUFhLGFBQWEsZ0JBQWdCLFVBQVUsQ0FBQztBQUFBLEVBQ3RELENBQUMsWUFBWSxpQkFBaUIsNEJBQTRCLFlBQVksQ0FBQztBQUFBLEVBQ3ZFLENBQUMsU0FBUyxrQkFBa0IsNEJBQTRCLE9BQU8sQ0FBQztBQUFBLEVBQ2hFLENBQUMsMkJBQTJCLGdCQUFnQixlQUFlLFNBQVMsQ0FBQztBQUFBLEVBQ3JFLENBQUMsU0FBUyxlQUFnQixlQUFlLE9BQU8sQ0FBQztBQUFBLEVBQ2pELENBQUMsa0JBQWtCLGFBQWEsZUFBZSxVQUFVLENBQUM7QUFBQSxFQUMxRDtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0EsQ0FBQyw0QkFBNEIscUNBQXFDLGVBQWUsZUFBZSxDQUFDO0FBQUEsRUFDakcsQ0FBQyw2QkFBNkIsa0JBQWtCLGVBQWUsa0JBQWtCLENBQUM7QUFBQSxFQUNsRixDQUFDLDZCQUE2QixXQUFXLGVBQWUsaUJBQWlCLENBQUM7QUFBQSxFQUMxRSxDQUFDLG1DQUFtQyxnQ0FBZ0MsZUFBZSxlQUFlLENBQUM7QUFBQSxFQUNuRyxDQUFDLHFCQUFxQixXQUFXLGVBQWUsdUJBQXVCLENBQUM7QUFDMUU7QUFDQSxXQUFXLENBQUMsTUFBTSxNQUFNLE1BQU0sTUFBTSxJQUFJLEtBQUssU0FBUztBQUNwRCxPQUFLLEdBQUcsSUFBSSw4QkFBOEIsTUFBTTtBQUM5QyxXQUFPO0FBQUEsTUFDTCxNQUFNLFVBQVUsTUFBTSxpQkFBaUI7QUFBQSxNQUN2QyxDQUFDLFVBQTRHO0FBQzNHLGVBQU8sR0FBRyxLQUFLLE1BQU0sR0FBRyxFQUFFLFNBQVMsTUFBTSxJQUFJLEdBQUcsR0FBRyxNQUFNLElBQUksS0FBSyxNQUFNLE9BQU8sRUFBRTtBQUNqRixlQUFPLE1BQU0sR0FBRyxNQUFNLE9BQU8sSUFBSSxNQUFNLFVBQVUsRUFBRSxJQUFJLElBQUk7QUFDM0QsZUFBTyxNQUFNLE1BQU0sTUFBTSxNQUFNLGlCQUFpQjtBQUNoRCxlQUFPLE1BQU0sTUFBTSxNQUFNLE1BQU0sSUFBSTtBQUNuQyxlQUFPLEdBQUcsTUFBTSxNQUFNLFVBQVUsQ0FBQztBQUNqQyxlQUFPO0FBQUEsTUFDVDtBQUFBLElBQ0Y7QUFBQSxFQUNGLENBQUM7QUFDSDtBQUVBLElBQU0sU0FBMEc7QUFBQSxFQUM5RyxDQUFDLGtCQUFrQix5Q0FBeUMsdUJBQXVCLHVCQUF1QixLQUFLO0FBQUEsRUFDL0c7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQSxDQUFDLHVCQUF1QixZQUFZLHdDQUF3QyxVQUFVLEtBQUs7QUFBQSxFQUMzRixDQUFDLG9CQUFvQixrQkFBa0IsaUNBQWlDLGtCQUFrQixLQUFLO0FBQUEsRUFDL0YsQ0FBQyxpQkFBaUIsaUJBQWlCLGtCQUFrQixtQkFBbUIsS0FBSztBQUFBLEVBQzdFO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQSxDQUFDLHdCQUF3Qiw0QkFBNEIsMEJBQTBCLHFCQUFxQixLQUFLO0FBQUEsRUFDekcsQ0FBQyw2QkFBNkIsbUNBQW1DLFlBQVksTUFBTSxNQUFNO0FBQzNGO0FBQ0EsV0FBVyxDQUFDLE1BQU0sTUFBTSxNQUFNLFFBQVEsS0FBSyxLQUFLLFFBQVE7QUFDdEQsT0FBSyxHQUFHLElBQUksdURBQXVELE1BQU07QUFDdkUsVUFBTSxDQUFDLE9BQU8sSUFBSSxjQUFjLGFBQWEsVUFBVSxNQUFNLFFBQVEsQ0FBQztBQUN0RSxXQUFPLEdBQUcsU0FBUyxvQkFBb0I7QUFDdkMsV0FBTyxNQUFNLFFBQVEsTUFBTSxJQUFJO0FBQy9CLFdBQU8sTUFBTSxRQUFRLFVBQVUsSUFBSSxNQUFNO0FBQ3pDLFVBQU0sS0FBSyxRQUFRO0FBQ25CLFdBQU8sTUFBTSxHQUFHLEdBQUcsSUFBSSxJQUFJLEdBQUcsTUFBTSxJQUFJLEtBQUs7QUFBQSxFQUMvQyxDQUFDO0FBQ0g7QUFFQSxLQUFLLHdEQUF3RCxNQUFNO0FBQ2pFLFFBQU0sV0FBVyxjQUFjLGFBQWEsVUFBVSxtQ0FBbUMsUUFBUSxDQUFDO0FBQ2xHLFNBQU8sTUFBTSxTQUFTLFFBQVEsQ0FBQztBQUNqQyxDQUFDO0FBRUQsS0FBSyw0REFBNEQsTUFBTTtBQUNyRSxRQUFNLENBQUMsT0FBTyxJQUFJLGNBQWMsV0FBVyxVQUFVLG1EQUFtRCxRQUFRLENBQUM7QUFDakgsU0FBTyxNQUFNLFNBQVMsUUFBUSxJQUFJLE9BQU87QUFDekMsU0FBTyxNQUFNLFNBQVMsVUFBVSxJQUFJLFFBQVE7QUFDOUMsQ0FBQzsiLAogICJuYW1lcyI6IFtdCn0K
