import {
  worldMaker
} from "../parts/chunk-LS5VPUTR.js";
import {
  compileTree
} from "../parts/chunk-6FF7OQVK.js";
import {
  compileTemplate
} from "../parts/chunk-7JVJJYGZ.js";
import "../parts/chunk-VVGKGSPN.js";
import {
  namesFrom
} from "../parts/chunk-ILBUWU7B.js";
import "../parts/chunk-QF6HTAQS.js";
import "../parts/chunk-PACVB44P.js";
import "../parts/chunk-WDD3S5O6.js";
import {
  Evaluation,
  omitted
} from "../parts/chunk-ELCQYB6S.js";
import "../parts/chunk-ZC7SUIQQ.js";
import "../parts/chunk-FSPVDUAZ.js";
import "../parts/chunk-RABAPZK5.js";
import {
  Written
} from "../parts/chunk-XGDOGID3.js";

// test/core/expression.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var secrets = { key: "Jefe", token: "tide-0123456789", "password[n1]": "gull-77" };
var known = {
  name: "Amber Tern",
  nights: 3,
  draft: new Written("4.10", 4.1),
  code: new Written("0012", 12),
  long: new Written("12345678901234567890", 12345678901234567e3),
  empty: "",
  nothing: null,
  host: "n1",
  day: "2026-11-24T09:30:15Z",
  vessel: { imo: "9000017", lengthM: 82, tags: ["coaster", "grain"], "quay side": "port" },
  items: [
    { id: "PC-0002", nights: 4 },
    { id: "PC-0001", nights: 1 }
  ],
  url: "https://harbour.example/v1/calls/PC-0001?x=1"
};
function evaluation(seen = []) {
  const world = worldMaker({
    root: ".",
    seed: 7,
    secret: (name, key) => secrets[key === void 0 ? name : `${name}[${key}]`]
  });
  return new Evaluation(namesFrom(known, "test values"), { world: world(), onSecret: (value) => seen.push(value) });
}
async function worth(text, at = evaluation()) {
  const loads = [];
  const template = compileTemplate(text, void 0, loads);
  await Promise.all(loads);
  const value = template.evaluate(at);
  return value instanceof Uint8Array ? Buffer.from(value).toString("hex") : value;
}
var cases = [
  // names, members, types
  ["${name}", "Amber Tern"],
  ["${nights}", 3],
  ["for ${nights} nights", "for 3 nights"],
  ["${vessel.imo}", "9000017"],
  ['${vessel["quay side"]}', "port"],
  ["${items[0].id}", "PC-0002"],
  ["${items[-1].id}", "PC-0001"],
  ["${vessel.tags[1]}", "grain"],
  ["n${code}", "n0012"],
  ["${long | text}", "12345678901234567890"],
  ["plain", "plain"],
  ["$${name} and $5", "${name} and $5"],
  ['${"a } in a text"}', "a } in a text"],
  ["${'it''s'}".replace("''", "\\'"), "it's"],
  ['${"\\n"}', "\n"],
  ["${-2}", -2],
  ["${true}", true],
  ["${null}", null],
  // fallbacks bind tighter than filters
  ['${missing ?? "none"}', "none"],
  ['${nothing ?? "none"}', "none"],
  ['${empty ?? "none"}', ""],
  ['${vessel.flag ?? "unknown" | upper}', "UNKNOWN"],
  ["${missing ?? other ?? name}", "Amber Tern"],
  ["${missing ?? omit}", omitted],
  ['${secret.other ?? "none"}', "none"],
  ['${secret.key ?? "none"}', "Jefe"],
  ["a ${missing ?? omit}", omitted],
  // text
  ["${name | upper}", "AMBER TERN"],
  ["${name | lower}", "amber tern"],
  ['${"  x " | trim}', "x"],
  ["${name | slice(0, 5)}", "Amber"],
  ["${name | slice(-4)}", "Tern"],
  ['${"a\u{1F6A2}b" | slice(1, 2)}', "\u{1F6A2}"],
  ['${name | replace(" ", "+")}', "Amber+Tern"],
  ['${"a.b.c" | replace(".", "$&")}', "a$&b$&c"],
  ['${"a,b" | split(",")}', ["a", "b"]],
  ['${vessel.tags | join(" and ")}', "coaster and grain"],
  ['${"x\\ny" | lines}', ["x", "y"]],
  ['${"O\'Hara" | quoted}', "O''Hara"],
  ['${"a b/\xFC~(!)" | percent}', "a%20b%2F%C3%BC~%28%21%29"],
  ["${url | last-segment}", "PC-0001"],
  ["${vessel.tags | json}", '["coaster","grain"]'],
  // lists
  ["${items | count}", 2],
  ["${name | count}", 10],
  ['${items | pluck("id")}', ["PC-0002", "PC-0001"]],
  ['${items | sorted("nights") | first | json}', '{"id":"PC-0001","nights":1}'],
  ['${items | pluck("id") | sorted | last}', "PC-0002"],
  ['${vessel.tags | without("grain")}', ["coaster"]],
  ['${vessel | without("tags", "quay side") | json}', '{"imo":"9000017","lengthM":82}'],
  ["${vessel.tags | merge(items) | count}", 4],
  // numbers
  ['${items | pluck("nights") | sum}', 5],
  ['${items | pluck("nights") | average}', 2.5],
  ['${items | pluck("nights") | min}', 1],
  ['${items | pluck("nights") | max}', 4],
  ['${"12" | number}', 12],
  // dates
  ["${day | http-date}", "Tue, 24 Nov 2026 09:30:15 GMT"],
  ["${day | unix}", 1795512615],
  ["${day | unix-ms}", 1795512615e3],
  [`\${day | format("yyyyMMdd'T'HHmmss'Z'")}`, "20261124T093015Z"],
  ['${day | plus("-6h") | rfc3339}', "2026-11-24T03:30:15Z"],
  ['${day | plus("2d") | format("d MMMM yyyy")}', "26 November 2026"],
  ['${day | in-zone("Europe/Lisbon")}', "2026-11-24T09:30:15+00:00"],
  ['${day | in-zone("UTC+2") | format("HH:mm")}', "11:30"],
  ['${"Tue, 24 Nov 2026 09:30:15 GMT" | unix}', 1795512615],
  ["${1795512615 | rfc3339}", "2026-11-24T09:30:15Z"],
  // digests: RFC 1321 A.5, FIPS 180-4 examples, RFC 4231 case 2, RFC 4648 section 10
  ['${"abc" | md5 | hex}', "900150983cd24fb0d6963f7d28e17f72"],
  ['${"abc" | sha-1 | hex}', "a9993e364706816aba3e25717850c26c9cd0d89d"],
  ['${"abc" | sha-256 | hex}', "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad"],
  [
    '${"what do ya want for nothing?" | hmac-sha-256(secret.key) | hex}',
    "5bdcc146bf60754e6a042426089575c75a003f089d2739839dec58b964ec3843"
  ],
  ['${"foobar" | base64}', "Zm9vYmFy"],
  ['${"foob" | base64}', "Zm9vYg=="],
  ['${"Zm9vYg==" | from-base64 | text}', "foob"],
  ['${"\xFB\xEF" | base64url}', "w7vDrw"],
  ['${"666f6f" | from-hex | text}', "foo"],
  // secrets by name and key
  ["${secret.password[host]}", "gull-77"],
  ["Bearer ${secret.token}", "Bearer tide-0123456789"]
];
for (const [text, value] of cases) {
  test(`${text} is ${String(JSON.stringify(value) ?? String(value))}`, async () => {
    assert.deepEqual(await worth(text), value);
  });
}
test("random values repeat with a seed, and stay within their ends", async () => {
  const rolls = async () => {
    const at = evaluation();
    return [
      await worth("${random(1, 6)}", at),
      await worth("${random(1, 6)}", at),
      await worth("${uuid}", at),
      await worth('${fake("person.fullName")}', at)
    ];
  };
  const [first, second] = [await rolls(), await rolls()];
  assert.deepEqual(first, second);
  assert.match(String(first[2]), /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  for (let count = 0; count < 50; count += 1) assert.ok([1, 2, 3].includes(await worth("${random(1, 3)}")));
});
test("now and uuid are the same throughout one request", async () => {
  const at = evaluation();
  assert.equal(await worth("${uuid}", at), await worth("${uuid}", at));
  assert.equal(await worth("${now}", at), await worth("${now}", at));
});
var wrong = [
  ["${nmae}", "unknown-name", /nmae.*not known/],
  ["${vessel.imoo}", "unknown-name", /no member imoo/],
  ["${items[7].id}", "unknown-name", /no member 7/],
  ["${vessel.toString}", "unknown-name", /no member toString/],
  ["${name | uper}", "expression-syntax", /no filter uper; did you mean upper/],
  ["${nwo()}", "expression-syntax", /no source nwo/],
  ["${name", "expression-syntax", /closing \} is missing/],
  ["${name name}", "expression-syntax", /expected \| or the end/],
  ["${}", "expression-syntax", /expected a name or a value/],
  ['${"open}', "expression-syntax", /missing|not closed/],
  ["${1 + 2}", "expression-syntax", /has no meaning/],
  ["${name | slice}", "expression-syntax", /slice is written/],
  ["a ${nothing}", "expression-value", /null/],
  ['a ${"x" | md5}', "expression-value", /bytes/],
  ["${vessel | upper}", "expression-value", /upper needs a text, not object/],
  ['${"x" | number}', "expression-value", /not a number/],
  ["${name | unix}", "expression-value", /as a date/],
  ['${day | plus("soon")}', "expression-value", /plus cannot read/],
  ['${fake("person.fulName")}', "expression-value", /no made-up data/],
  ["${secret.other}", "secret-missing", /secret other is not set/]
];
for (const [text, code, says] of wrong) {
  test(`${text} is refused: ${code}`, async () => {
    await assert.rejects(worth(text), (error) => {
      assert.equal(error.code, code);
      assert.match(error.message, says);
      return true;
    });
  });
}
test("an unknown name tells the layers that were searched and the nearest name", async () => {
  await assert.rejects(worth("${nigths}"), { reason: "searched: test values", remedy: "did you mean nights?" });
});
test("whatever is worked out from a secret is told", async () => {
  const seen = [];
  const at = evaluation(seen);
  await worth("${secret.token | sha-256 | hex | upper}", at);
  assert.equal(at.touchedSecret, true);
  assert.equal(seen.length, 4);
});
test("a tree drops what is omitted, keeps types, and tells where secrets stand", async () => {
  const source = {
    berth: "${missing ?? omit}",
    nights: "${nights}",
    list: ["${missing ?? omit}", "${code}"],
    login: { password: "${secret.key}" }
  };
  const loads = [];
  const tree = compileTree(source, () => void 0, loads);
  const trace = { path: [], secret: [] };
  assert.deepEqual(tree.evaluate(evaluation(), trace), { nights: 3, list: [known.code], login: { password: "Jefe" } });
  assert.deepEqual(trace.secret, [["login", "password"]]);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jb3JlL2V4cHJlc3Npb24udGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIEV4cHJlc3Npb25zOiB0YWJsZXMgb2Ygd2hhdCBpcyB3cml0dGVuIGFuZCB3aGF0IGl0IHlpZWxkcy4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiwgb21pdHRlZCwgdHlwZSBSZXN1bHQgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgbmFtZXNGcm9tIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBjb21waWxlVGVtcGxhdGUgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL3RlbXBsYXRlLmpzJztcbmltcG9ydCB7IGNvbXBpbGVUcmVlIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvZXhwcmVzc2lvbi90cmVlLmpzJztcbmltcG9ydCB7IHdvcmxkTWFrZXIgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL3dvcmxkLmpzJztcbmltcG9ydCB7IHR5cGUgVmFsdWUsIFdyaXR0ZW4gfSBmcm9tICcuLi8uLi9zcmMvY29yZS92YWx1ZS93cml0dGVuLmpzJztcblxuY29uc3Qgc2VjcmV0czogUmVjb3JkPHN0cmluZywgc3RyaW5nPiA9IHsga2V5OiAnSmVmZScsIHRva2VuOiAndGlkZS0wMTIzNDU2Nzg5JywgJ3Bhc3N3b3JkW24xXSc6ICdndWxsLTc3JyB9O1xuY29uc3Qga25vd246IFJlY29yZDxzdHJpbmcsIFZhbHVlPiA9IHtcbiAgbmFtZTogJ0FtYmVyIFRlcm4nLFxuICBuaWdodHM6IDMsXG4gIGRyYWZ0OiBuZXcgV3JpdHRlbignNC4xMCcsIDQuMSksXG4gIGNvZGU6IG5ldyBXcml0dGVuKCcwMDEyJywgMTIpLFxuICBsb25nOiBuZXcgV3JpdHRlbignMTIzNDU2Nzg5MDEyMzQ1Njc4OTAnLCAxMjM0NTY3ODkwMTIzNDU2Nzg5MCksXG4gIGVtcHR5OiAnJyxcbiAgbm90aGluZzogbnVsbCxcbiAgaG9zdDogJ24xJyxcbiAgZGF5OiAnMjAyNi0xMS0yNFQwOTozMDoxNVonLFxuICB2ZXNzZWw6IHsgaW1vOiAnOTAwMDAxNycsIGxlbmd0aE06IDgyLCB0YWdzOiBbJ2NvYXN0ZXInLCAnZ3JhaW4nXSwgJ3F1YXkgc2lkZSc6ICdwb3J0JyB9LFxuICBpdGVtczogW1xuICAgIHsgaWQ6ICdQQy0wMDAyJywgbmlnaHRzOiA0IH0sXG4gICAgeyBpZDogJ1BDLTAwMDEnLCBuaWdodHM6IDEgfSxcbiAgXSxcbiAgdXJsOiAnaHR0cHM6Ly9oYXJib3VyLmV4YW1wbGUvdjEvY2FsbHMvUEMtMDAwMT94PTEnLFxufTtcblxuZnVuY3Rpb24gZXZhbHVhdGlvbihzZWVuOiBWYWx1ZVtdID0gW10pOiBFdmFsdWF0aW9uIHtcbiAgY29uc3Qgd29ybGQgPSB3b3JsZE1ha2VyKHtcbiAgICByb290OiAnLicsXG4gICAgc2VlZDogNyxcbiAgICBzZWNyZXQ6IChuYW1lLCBrZXkpID0+IHNlY3JldHNba2V5ID09PSB1bmRlZmluZWQgPyBuYW1lIDogYCR7bmFtZX1bJHtrZXl9XWBdLFxuICB9KTtcbiAgcmV0dXJuIG5ldyBFdmFsdWF0aW9uKG5hbWVzRnJvbShrbm93biwgJ3Rlc3QgdmFsdWVzJyksIHsgd29ybGQ6IHdvcmxkKCksIG9uU2VjcmV0OiAodmFsdWUpID0+IHNlZW4ucHVzaCh2YWx1ZSkgfSk7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIHdvcnRoKHRleHQ6IHN0cmluZywgYXQgPSBldmFsdWF0aW9uKCkpOiBQcm9taXNlPFJlc3VsdD4ge1xuICBjb25zdCBsb2FkczogUHJvbWlzZTx1bmtub3duPltdID0gW107XG4gIGNvbnN0IHRlbXBsYXRlID0gY29tcGlsZVRlbXBsYXRlKHRleHQsIHVuZGVmaW5lZCwgbG9hZHMpO1xuICBhd2FpdCBQcm9taXNlLmFsbChsb2Fkcyk7XG4gIGNvbnN0IHZhbHVlID0gdGVtcGxhdGUuZXZhbHVhdGUoYXQpO1xuICByZXR1cm4gdmFsdWUgaW5zdGFuY2VvZiBVaW50OEFycmF5ID8gQnVmZmVyLmZyb20odmFsdWUpLnRvU3RyaW5nKCdoZXgnKSA6IHZhbHVlO1xufVxuXG5jb25zdCBjYXNlczogcmVhZG9ubHkgKHJlYWRvbmx5IFt0ZXh0OiBzdHJpbmcsIHZhbHVlOiBSZXN1bHRdKVtdID0gW1xuICAvLyBuYW1lcywgbWVtYmVycywgdHlwZXNcbiAgWycke25hbWV9JywgJ0FtYmVyIFRlcm4nXSxcbiAgWycke25pZ2h0c30nLCAzXSxcbiAgWydmb3IgJHtuaWdodHN9IG5pZ2h0cycsICdmb3IgMyBuaWdodHMnXSxcbiAgWycke3Zlc3NlbC5pbW99JywgJzkwMDAwMTcnXSxcbiAgWycke3Zlc3NlbFtcInF1YXkgc2lkZVwiXX0nLCAncG9ydCddLFxuICBbJyR7aXRlbXNbMF0uaWR9JywgJ1BDLTAwMDInXSxcbiAgWycke2l0ZW1zWy0xXS5pZH0nLCAnUEMtMDAwMSddLFxuICBbJyR7dmVzc2VsLnRhZ3NbMV19JywgJ2dyYWluJ10sXG4gIFsnbiR7Y29kZX0nLCAnbjAwMTInXSxcbiAgWycke2xvbmcgfCB0ZXh0fScsICcxMjM0NTY3ODkwMTIzNDU2Nzg5MCddLFxuICBbJ3BsYWluJywgJ3BsYWluJ10sXG4gIFsnJCR7bmFtZX0gYW5kICQ1JywgJyR7bmFtZX0gYW5kICQ1J10sXG4gIFsnJHtcImEgfSBpbiBhIHRleHRcIn0nLCAnYSB9IGluIGEgdGV4dCddLFxuICBbXCIkeydpdCcncyd9XCIucmVwbGFjZShcIicnXCIsIFwiXFxcXCdcIiksIFwiaXQnc1wiXSxcbiAgWycke1wiXFxcXG5cIn0nLCAnXFxuJ10sXG4gIFsnJHstMn0nLCAtMl0sXG4gIFsnJHt0cnVlfScsIHRydWVdLFxuICBbJyR7bnVsbH0nLCBudWxsXSxcbiAgLy8gZmFsbGJhY2tzIGJpbmQgdGlnaHRlciB0aGFuIGZpbHRlcnNcbiAgWycke21pc3NpbmcgPz8gXCJub25lXCJ9JywgJ25vbmUnXSxcbiAgWycke25vdGhpbmcgPz8gXCJub25lXCJ9JywgJ25vbmUnXSxcbiAgWycke2VtcHR5ID8/IFwibm9uZVwifScsICcnXSxcbiAgWycke3Zlc3NlbC5mbGFnID8/IFwidW5rbm93blwiIHwgdXBwZXJ9JywgJ1VOS05PV04nXSxcbiAgWycke21pc3NpbmcgPz8gb3RoZXIgPz8gbmFtZX0nLCAnQW1iZXIgVGVybiddLFxuICBbJyR7bWlzc2luZyA/PyBvbWl0fScsIG9taXR0ZWRdLFxuICBbJyR7c2VjcmV0Lm90aGVyID8/IFwibm9uZVwifScsICdub25lJ10sXG4gIFsnJHtzZWNyZXQua2V5ID8/IFwibm9uZVwifScsICdKZWZlJ10sXG4gIFsnYSAke21pc3NpbmcgPz8gb21pdH0nLCBvbWl0dGVkXSxcbiAgLy8gdGV4dFxuICBbJyR7bmFtZSB8IHVwcGVyfScsICdBTUJFUiBURVJOJ10sXG4gIFsnJHtuYW1lIHwgbG93ZXJ9JywgJ2FtYmVyIHRlcm4nXSxcbiAgWycke1wiICB4IFwiIHwgdHJpbX0nLCAneCddLFxuICBbJyR7bmFtZSB8IHNsaWNlKDAsIDUpfScsICdBbWJlciddLFxuICBbJyR7bmFtZSB8IHNsaWNlKC00KX0nLCAnVGVybiddLFxuICBbJyR7XCJhXHVEODNEXHVERUEyYlwiIHwgc2xpY2UoMSwgMil9JywgJ1x1RDgzRFx1REVBMiddLFxuICBbJyR7bmFtZSB8IHJlcGxhY2UoXCIgXCIsIFwiK1wiKX0nLCAnQW1iZXIrVGVybiddLFxuICBbJyR7XCJhLmIuY1wiIHwgcmVwbGFjZShcIi5cIiwgXCIkJlwiKX0nLCAnYSQmYiQmYyddLFxuICBbJyR7XCJhLGJcIiB8IHNwbGl0KFwiLFwiKX0nLCBbJ2EnLCAnYiddXSxcbiAgWycke3Zlc3NlbC50YWdzIHwgam9pbihcIiBhbmQgXCIpfScsICdjb2FzdGVyIGFuZCBncmFpbiddLFxuICBbJyR7XCJ4XFxcXG55XCIgfCBsaW5lc30nLCBbJ3gnLCAneSddXSxcbiAgWycke1wiT1xcJ0hhcmFcIiB8IHF1b3RlZH0nLCBcIk8nJ0hhcmFcIl0sXG4gIFsnJHtcImEgYi9cdTAwRkN+KCEpXCIgfCBwZXJjZW50fScsICdhJTIwYiUyRiVDMyVCQ34lMjglMjElMjknXSxcbiAgWycke3VybCB8IGxhc3Qtc2VnbWVudH0nLCAnUEMtMDAwMSddLFxuICBbJyR7dmVzc2VsLnRhZ3MgfCBqc29ufScsICdbXCJjb2FzdGVyXCIsXCJncmFpblwiXSddLFxuICAvLyBsaXN0c1xuICBbJyR7aXRlbXMgfCBjb3VudH0nLCAyXSxcbiAgWycke25hbWUgfCBjb3VudH0nLCAxMF0sXG4gIFsnJHtpdGVtcyB8IHBsdWNrKFwiaWRcIil9JywgWydQQy0wMDAyJywgJ1BDLTAwMDEnXV0sXG4gIFsnJHtpdGVtcyB8IHNvcnRlZChcIm5pZ2h0c1wiKSB8IGZpcnN0IHwganNvbn0nLCAne1wiaWRcIjpcIlBDLTAwMDFcIixcIm5pZ2h0c1wiOjF9J10sXG4gIFsnJHtpdGVtcyB8IHBsdWNrKFwiaWRcIikgfCBzb3J0ZWQgfCBsYXN0fScsICdQQy0wMDAyJ10sXG4gIFsnJHt2ZXNzZWwudGFncyB8IHdpdGhvdXQoXCJncmFpblwiKX0nLCBbJ2NvYXN0ZXInXV0sXG4gIFsnJHt2ZXNzZWwgfCB3aXRob3V0KFwidGFnc1wiLCBcInF1YXkgc2lkZVwiKSB8IGpzb259JywgJ3tcImltb1wiOlwiOTAwMDAxN1wiLFwibGVuZ3RoTVwiOjgyfSddLFxuICBbJyR7dmVzc2VsLnRhZ3MgfCBtZXJnZShpdGVtcykgfCBjb3VudH0nLCA0XSxcbiAgLy8gbnVtYmVyc1xuICBbJyR7aXRlbXMgfCBwbHVjayhcIm5pZ2h0c1wiKSB8IHN1bX0nLCA1XSxcbiAgWycke2l0ZW1zIHwgcGx1Y2soXCJuaWdodHNcIikgfCBhdmVyYWdlfScsIDIuNV0sXG4gIFsnJHtpdGVtcyB8IHBsdWNrKFwibmlnaHRzXCIpIHwgbWlufScsIDFdLFxuICBbJyR7aXRlbXMgfCBwbHVjayhcIm5pZ2h0c1wiKSB8IG1heH0nLCA0XSxcbiAgWycke1wiMTJcIiB8IG51bWJlcn0nLCAxMl0sXG4gIC8vIGRhdGVzXG4gIFsnJHtkYXkgfCBodHRwLWRhdGV9JywgJ1R1ZSwgMjQgTm92IDIwMjYgMDk6MzA6MTUgR01UJ10sXG4gIFsnJHtkYXkgfCB1bml4fScsIDE3OTU1MTI2MTVdLFxuICBbJyR7ZGF5IHwgdW5peC1tc30nLCAxNzk1NTEyNjE1MDAwXSxcbiAgW1wiJHtkYXkgfCBmb3JtYXQoXFxcInl5eXlNTWRkJ1QnSEhtbXNzJ1onXFxcIil9XCIsICcyMDI2MTEyNFQwOTMwMTVaJ10sXG4gIFsnJHtkYXkgfCBwbHVzKFwiLTZoXCIpIHwgcmZjMzMzOX0nLCAnMjAyNi0xMS0yNFQwMzozMDoxNVonXSxcbiAgWycke2RheSB8IHBsdXMoXCIyZFwiKSB8IGZvcm1hdChcImQgTU1NTSB5eXl5XCIpfScsICcyNiBOb3ZlbWJlciAyMDI2J10sXG4gIFsnJHtkYXkgfCBpbi16b25lKFwiRXVyb3BlL0xpc2JvblwiKX0nLCAnMjAyNi0xMS0yNFQwOTozMDoxNSswMDowMCddLFxuICBbJyR7ZGF5IHwgaW4tem9uZShcIlVUQysyXCIpIHwgZm9ybWF0KFwiSEg6bW1cIil9JywgJzExOjMwJ10sXG4gIFsnJHtcIlR1ZSwgMjQgTm92IDIwMjYgMDk6MzA6MTUgR01UXCIgfCB1bml4fScsIDE3OTU1MTI2MTVdLFxuICBbJyR7MTc5NTUxMjYxNSB8IHJmYzMzMzl9JywgJzIwMjYtMTEtMjRUMDk6MzA6MTVaJ10sXG4gIC8vIGRpZ2VzdHM6IFJGQyAxMzIxIEEuNSwgRklQUyAxODAtNCBleGFtcGxlcywgUkZDIDQyMzEgY2FzZSAyLCBSRkMgNDY0OCBzZWN0aW9uIDEwXG4gIFsnJHtcImFiY1wiIHwgbWQ1IHwgaGV4fScsICc5MDAxNTA5ODNjZDI0ZmIwZDY5NjNmN2QyOGUxN2Y3MiddLFxuICBbJyR7XCJhYmNcIiB8IHNoYS0xIHwgaGV4fScsICdhOTk5M2UzNjQ3MDY4MTZhYmEzZTI1NzE3ODUwYzI2YzljZDBkODlkJ10sXG4gIFsnJHtcImFiY1wiIHwgc2hhLTI1NiB8IGhleH0nLCAnYmE3ODE2YmY4ZjAxY2ZlYTQxNDE0MGRlNWRhZTIyMjNiMDAzNjFhMzk2MTc3YTljYjQxMGZmNjFmMjAwMTVhZCddLFxuICBbXG4gICAgJyR7XCJ3aGF0IGRvIHlhIHdhbnQgZm9yIG5vdGhpbmc/XCIgfCBobWFjLXNoYS0yNTYoc2VjcmV0LmtleSkgfCBoZXh9JyxcbiAgICAnNWJkY2MxNDZiZjYwNzU0ZTZhMDQyNDI2MDg5NTc1Yzc1YTAwM2YwODlkMjczOTgzOWRlYzU4Yjk2NGVjMzg0MycsXG4gIF0sXG4gIFsnJHtcImZvb2JhclwiIHwgYmFzZTY0fScsICdabTl2WW1GeSddLFxuICBbJyR7XCJmb29iXCIgfCBiYXNlNjR9JywgJ1ptOXZZZz09J10sXG4gIFsnJHtcIlptOXZZZz09XCIgfCBmcm9tLWJhc2U2NCB8IHRleHR9JywgJ2Zvb2InXSxcbiAgWycke1wiXHUwMEZCXHUwMEVGXCIgfCBiYXNlNjR1cmx9JywgJ3c3dkRydyddLFxuICBbJyR7XCI2NjZmNmZcIiB8IGZyb20taGV4IHwgdGV4dH0nLCAnZm9vJ10sXG4gIC8vIHNlY3JldHMgYnkgbmFtZSBhbmQga2V5XG4gIFsnJHtzZWNyZXQucGFzc3dvcmRbaG9zdF19JywgJ2d1bGwtNzcnXSxcbiAgWydCZWFyZXIgJHtzZWNyZXQudG9rZW59JywgJ0JlYXJlciB0aWRlLTAxMjM0NTY3ODknXSxcbl07XG5cbmZvciAoY29uc3QgW3RleHQsIHZhbHVlXSBvZiBjYXNlcykge1xuICB0ZXN0KGAke3RleHR9IGlzICR7U3RyaW5nKEpTT04uc3RyaW5naWZ5KHZhbHVlKSA/PyBTdHJpbmcodmFsdWUpKX1gLCBhc3luYyAoKSA9PiB7XG4gICAgYXNzZXJ0LmRlZXBFcXVhbChhd2FpdCB3b3J0aCh0ZXh0KSwgdmFsdWUpO1xuICB9KTtcbn1cblxudGVzdCgncmFuZG9tIHZhbHVlcyByZXBlYXQgd2l0aCBhIHNlZWQsIGFuZCBzdGF5IHdpdGhpbiB0aGVpciBlbmRzJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCByb2xscyA9IGFzeW5jICgpOiBQcm9taXNlPFJlc3VsdFtdPiA9PiB7XG4gICAgY29uc3QgYXQgPSBldmFsdWF0aW9uKCk7XG4gICAgcmV0dXJuIFtcbiAgICAgIGF3YWl0IHdvcnRoKCcke3JhbmRvbSgxLCA2KX0nLCBhdCksXG4gICAgICBhd2FpdCB3b3J0aCgnJHtyYW5kb20oMSwgNil9JywgYXQpLFxuICAgICAgYXdhaXQgd29ydGgoJyR7dXVpZH0nLCBhdCksXG4gICAgICBhd2FpdCB3b3J0aCgnJHtmYWtlKFwicGVyc29uLmZ1bGxOYW1lXCIpfScsIGF0KSxcbiAgICBdO1xuICB9O1xuICBjb25zdCBbZmlyc3QsIHNlY29uZF0gPSBbYXdhaXQgcm9sbHMoKSwgYXdhaXQgcm9sbHMoKV07XG4gIGFzc2VydC5kZWVwRXF1YWwoZmlyc3QsIHNlY29uZCk7XG4gIGFzc2VydC5tYXRjaChTdHJpbmcoZmlyc3RbMl0pLCAvXlswLTlhLWZdezh9LVswLTlhLWZdezR9LTRbMC05YS1mXXszfS1bODlhYl1bMC05YS1mXXszfS1bMC05YS1mXXsxMn0kLyk7XG4gIGZvciAobGV0IGNvdW50ID0gMDsgY291bnQgPCA1MDsgY291bnQgKz0gMSkgYXNzZXJ0Lm9rKFsxLCAyLCAzXS5pbmNsdWRlcygoYXdhaXQgd29ydGgoJyR7cmFuZG9tKDEsIDMpfScpKSBhcyBudW1iZXIpKTtcbn0pO1xuXG50ZXN0KCdub3cgYW5kIHV1aWQgYXJlIHRoZSBzYW1lIHRocm91Z2hvdXQgb25lIHJlcXVlc3QnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGF0ID0gZXZhbHVhdGlvbigpO1xuICBhc3NlcnQuZXF1YWwoYXdhaXQgd29ydGgoJyR7dXVpZH0nLCBhdCksIGF3YWl0IHdvcnRoKCcke3V1aWR9JywgYXQpKTtcbiAgYXNzZXJ0LmVxdWFsKGF3YWl0IHdvcnRoKCcke25vd30nLCBhdCksIGF3YWl0IHdvcnRoKCcke25vd30nLCBhdCkpO1xufSk7XG5cbmNvbnN0IHdyb25nOiByZWFkb25seSAocmVhZG9ubHkgW3RleHQ6IHN0cmluZywgY29kZTogc3RyaW5nLCBzYXlzOiBSZWdFeHBdKVtdID0gW1xuICBbJyR7bm1hZX0nLCAndW5rbm93bi1uYW1lJywgL25tYWUuKm5vdCBrbm93bi9dLFxuICBbJyR7dmVzc2VsLmltb299JywgJ3Vua25vd24tbmFtZScsIC9ubyBtZW1iZXIgaW1vby9dLFxuICBbJyR7aXRlbXNbN10uaWR9JywgJ3Vua25vd24tbmFtZScsIC9ubyBtZW1iZXIgNy9dLFxuICBbJyR7dmVzc2VsLnRvU3RyaW5nfScsICd1bmtub3duLW5hbWUnLCAvbm8gbWVtYmVyIHRvU3RyaW5nL10sXG4gIFsnJHtuYW1lIHwgdXBlcn0nLCAnZXhwcmVzc2lvbi1zeW50YXgnLCAvbm8gZmlsdGVyIHVwZXI7IGRpZCB5b3UgbWVhbiB1cHBlci9dLFxuICBbJyR7bndvKCl9JywgJ2V4cHJlc3Npb24tc3ludGF4JywgL25vIHNvdXJjZSBud28vXSxcbiAgWycke25hbWUnLCAnZXhwcmVzc2lvbi1zeW50YXgnLCAvY2xvc2luZyBcXH0gaXMgbWlzc2luZy9dLFxuICBbJyR7bmFtZSBuYW1lfScsICdleHByZXNzaW9uLXN5bnRheCcsIC9leHBlY3RlZCBcXHwgb3IgdGhlIGVuZC9dLFxuICBbJyR7fScsICdleHByZXNzaW9uLXN5bnRheCcsIC9leHBlY3RlZCBhIG5hbWUgb3IgYSB2YWx1ZS9dLFxuICBbJyR7XCJvcGVufScsICdleHByZXNzaW9uLXN5bnRheCcsIC9taXNzaW5nfG5vdCBjbG9zZWQvXSxcbiAgWyckezEgKyAyfScsICdleHByZXNzaW9uLXN5bnRheCcsIC9oYXMgbm8gbWVhbmluZy9dLFxuICBbJyR7bmFtZSB8IHNsaWNlfScsICdleHByZXNzaW9uLXN5bnRheCcsIC9zbGljZSBpcyB3cml0dGVuL10sXG4gIFsnYSAke25vdGhpbmd9JywgJ2V4cHJlc3Npb24tdmFsdWUnLCAvbnVsbC9dLFxuICBbJ2EgJHtcInhcIiB8IG1kNX0nLCAnZXhwcmVzc2lvbi12YWx1ZScsIC9ieXRlcy9dLFxuICBbJyR7dmVzc2VsIHwgdXBwZXJ9JywgJ2V4cHJlc3Npb24tdmFsdWUnLCAvdXBwZXIgbmVlZHMgYSB0ZXh0LCBub3Qgb2JqZWN0L10sXG4gIFsnJHtcInhcIiB8IG51bWJlcn0nLCAnZXhwcmVzc2lvbi12YWx1ZScsIC9ub3QgYSBudW1iZXIvXSxcbiAgWycke25hbWUgfCB1bml4fScsICdleHByZXNzaW9uLXZhbHVlJywgL2FzIGEgZGF0ZS9dLFxuICBbJyR7ZGF5IHwgcGx1cyhcInNvb25cIil9JywgJ2V4cHJlc3Npb24tdmFsdWUnLCAvcGx1cyBjYW5ub3QgcmVhZC9dLFxuICBbJyR7ZmFrZShcInBlcnNvbi5mdWxOYW1lXCIpfScsICdleHByZXNzaW9uLXZhbHVlJywgL25vIG1hZGUtdXAgZGF0YS9dLFxuICBbJyR7c2VjcmV0Lm90aGVyfScsICdzZWNyZXQtbWlzc2luZycsIC9zZWNyZXQgb3RoZXIgaXMgbm90IHNldC9dLFxuXTtcblxuZm9yIChjb25zdCBbdGV4dCwgY29kZSwgc2F5c10gb2Ygd3JvbmcpIHtcbiAgdGVzdChgJHt0ZXh0fSBpcyByZWZ1c2VkOiAke2NvZGV9YCwgYXN5bmMgKCkgPT4ge1xuICAgIGF3YWl0IGFzc2VydC5yZWplY3RzKHdvcnRoKHRleHQpLCAoZXJyb3I6IEVycm9yICYgeyBjb2RlPzogc3RyaW5nIH0pID0+IHtcbiAgICAgIGFzc2VydC5lcXVhbChlcnJvci5jb2RlLCBjb2RlKTtcbiAgICAgIGFzc2VydC5tYXRjaChlcnJvci5tZXNzYWdlLCBzYXlzKTtcbiAgICAgIHJldHVybiB0cnVlO1xuICAgIH0pO1xuICB9KTtcbn1cblxudGVzdCgnYW4gdW5rbm93biBuYW1lIHRlbGxzIHRoZSBsYXllcnMgdGhhdCB3ZXJlIHNlYXJjaGVkIGFuZCB0aGUgbmVhcmVzdCBuYW1lJywgYXN5bmMgKCkgPT4ge1xuICBhd2FpdCBhc3NlcnQucmVqZWN0cyh3b3J0aCgnJHtuaWd0aHN9JyksIHsgcmVhc29uOiAnc2VhcmNoZWQ6IHRlc3QgdmFsdWVzJywgcmVtZWR5OiAnZGlkIHlvdSBtZWFuIG5pZ2h0cz8nIH0pO1xufSk7XG5cbnRlc3QoJ3doYXRldmVyIGlzIHdvcmtlZCBvdXQgZnJvbSBhIHNlY3JldCBpcyB0b2xkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBzZWVuOiBWYWx1ZVtdID0gW107XG4gIGNvbnN0IGF0ID0gZXZhbHVhdGlvbihzZWVuKTtcbiAgYXdhaXQgd29ydGgoJyR7c2VjcmV0LnRva2VuIHwgc2hhLTI1NiB8IGhleCB8IHVwcGVyfScsIGF0KTtcbiAgYXNzZXJ0LmVxdWFsKGF0LnRvdWNoZWRTZWNyZXQsIHRydWUpO1xuICBhc3NlcnQuZXF1YWwoc2Vlbi5sZW5ndGgsIDQpO1xufSk7XG5cbnRlc3QoJ2EgdHJlZSBkcm9wcyB3aGF0IGlzIG9taXR0ZWQsIGtlZXBzIHR5cGVzLCBhbmQgdGVsbHMgd2hlcmUgc2VjcmV0cyBzdGFuZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc291cmNlID0ge1xuICAgIGJlcnRoOiAnJHttaXNzaW5nID8/IG9taXR9JyxcbiAgICBuaWdodHM6ICcke25pZ2h0c30nLFxuICAgIGxpc3Q6IFsnJHttaXNzaW5nID8/IG9taXR9JywgJyR7Y29kZX0nXSxcbiAgICBsb2dpbjogeyBwYXNzd29yZDogJyR7c2VjcmV0LmtleX0nIH0sXG4gIH07XG4gIGNvbnN0IGxvYWRzOiBQcm9taXNlPHVua25vd24+W10gPSBbXTtcbiAgY29uc3QgdHJlZSA9IGNvbXBpbGVUcmVlKHNvdXJjZSwgKCkgPT4gdW5kZWZpbmVkLCBsb2Fkcyk7XG4gIGNvbnN0IHRyYWNlID0geyBwYXRoOiBbXSwgc2VjcmV0OiBbXSBhcyAocmVhZG9ubHkgKHN0cmluZyB8IG51bWJlcilbXSlbXSB9O1xuICBhc3NlcnQuZGVlcEVxdWFsKHRyZWUuZXZhbHVhdGUoZXZhbHVhdGlvbigpLCB0cmFjZSksIHsgbmlnaHRzOiAzLCBsaXN0OiBba25vd24uY29kZV0sIGxvZ2luOiB7IHBhc3N3b3JkOiAnSmVmZScgfSB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbCh0cmFjZS5zZWNyZXQsIFtbJ2xvZ2luJywgJ3Bhc3N3b3JkJ11dKTtcbn0pO1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLFlBQVk7QUFRckIsSUFBTSxVQUFrQyxFQUFFLEtBQUssUUFBUSxPQUFPLG1CQUFtQixnQkFBZ0IsVUFBVTtBQUMzRyxJQUFNLFFBQStCO0FBQUEsRUFDbkMsTUFBTTtBQUFBLEVBQ04sUUFBUTtBQUFBLEVBQ1IsT0FBTyxJQUFJLFFBQVEsUUFBUSxHQUFHO0FBQUEsRUFDOUIsTUFBTSxJQUFJLFFBQVEsUUFBUSxFQUFFO0FBQUEsRUFDNUIsTUFBTSxJQUFJLFFBQVEsd0JBQXdCLG1CQUFvQjtBQUFBLEVBQzlELE9BQU87QUFBQSxFQUNQLFNBQVM7QUFBQSxFQUNULE1BQU07QUFBQSxFQUNOLEtBQUs7QUFBQSxFQUNMLFFBQVEsRUFBRSxLQUFLLFdBQVcsU0FBUyxJQUFJLE1BQU0sQ0FBQyxXQUFXLE9BQU8sR0FBRyxhQUFhLE9BQU87QUFBQSxFQUN2RixPQUFPO0FBQUEsSUFDTCxFQUFFLElBQUksV0FBVyxRQUFRLEVBQUU7QUFBQSxJQUMzQixFQUFFLElBQUksV0FBVyxRQUFRLEVBQUU7QUFBQSxFQUM3QjtBQUFBLEVBQ0EsS0FBSztBQUNQO0FBRUEsU0FBUyxXQUFXLE9BQWdCLENBQUMsR0FBZTtBQUNsRCxRQUFNLFFBQVEsV0FBVztBQUFBLElBQ3ZCLE1BQU07QUFBQSxJQUNOLE1BQU07QUFBQSxJQUNOLFFBQVEsQ0FBQyxNQUFNLFFBQVEsUUFBUSxRQUFRLFNBQVksT0FBTyxHQUFHLElBQUksSUFBSSxHQUFHLEdBQUc7QUFBQSxFQUM3RSxDQUFDO0FBQ0QsU0FBTyxJQUFJLFdBQVcsVUFBVSxPQUFPLGFBQWEsR0FBRyxFQUFFLE9BQU8sTUFBTSxHQUFHLFVBQVUsQ0FBQyxVQUFVLEtBQUssS0FBSyxLQUFLLEVBQUUsQ0FBQztBQUNsSDtBQUVBLGVBQWUsTUFBTSxNQUFjLEtBQUssV0FBVyxHQUFvQjtBQUNyRSxRQUFNLFFBQTRCLENBQUM7QUFDbkMsUUFBTSxXQUFXLGdCQUFnQixNQUFNLFFBQVcsS0FBSztBQUN2RCxRQUFNLFFBQVEsSUFBSSxLQUFLO0FBQ3ZCLFFBQU0sUUFBUSxTQUFTLFNBQVMsRUFBRTtBQUNsQyxTQUFPLGlCQUFpQixhQUFhLE9BQU8sS0FBSyxLQUFLLEVBQUUsU0FBUyxLQUFLLElBQUk7QUFDNUU7QUFFQSxJQUFNLFFBQTZEO0FBQUE7QUFBQSxFQUVqRSxDQUFDLFdBQVcsWUFBWTtBQUFBLEVBQ3hCLENBQUMsYUFBYSxDQUFDO0FBQUEsRUFDZixDQUFDLHdCQUF3QixjQUFjO0FBQUEsRUFDdkMsQ0FBQyxpQkFBaUIsU0FBUztBQUFBLEVBQzNCLENBQUMsMEJBQTBCLE1BQU07QUFBQSxFQUNqQyxDQUFDLGtCQUFrQixTQUFTO0FBQUEsRUFDNUIsQ0FBQyxtQkFBbUIsU0FBUztBQUFBLEVBQzdCLENBQUMscUJBQXFCLE9BQU87QUFBQSxFQUM3QixDQUFDLFlBQVksT0FBTztBQUFBLEVBQ3BCLENBQUMsa0JBQWtCLHNCQUFzQjtBQUFBLEVBQ3pDLENBQUMsU0FBUyxPQUFPO0FBQUEsRUFDakIsQ0FBQyxtQkFBbUIsZ0JBQWdCO0FBQUEsRUFDcEMsQ0FBQyxzQkFBc0IsZUFBZTtBQUFBLEVBQ3RDLENBQUMsYUFBYSxRQUFRLE1BQU0sS0FBSyxHQUFHLE1BQU07QUFBQSxFQUMxQyxDQUFDLFlBQVksSUFBSTtBQUFBLEVBQ2pCLENBQUMsU0FBUyxFQUFFO0FBQUEsRUFDWixDQUFDLFdBQVcsSUFBSTtBQUFBLEVBQ2hCLENBQUMsV0FBVyxJQUFJO0FBQUE7QUFBQSxFQUVoQixDQUFDLHdCQUF3QixNQUFNO0FBQUEsRUFDL0IsQ0FBQyx3QkFBd0IsTUFBTTtBQUFBLEVBQy9CLENBQUMsc0JBQXNCLEVBQUU7QUFBQSxFQUN6QixDQUFDLHVDQUF1QyxTQUFTO0FBQUEsRUFDakQsQ0FBQywrQkFBK0IsWUFBWTtBQUFBLEVBQzVDLENBQUMsc0JBQXNCLE9BQU87QUFBQSxFQUM5QixDQUFDLDZCQUE2QixNQUFNO0FBQUEsRUFDcEMsQ0FBQywyQkFBMkIsTUFBTTtBQUFBLEVBQ2xDLENBQUMsd0JBQXdCLE9BQU87QUFBQTtBQUFBLEVBRWhDLENBQUMsbUJBQW1CLFlBQVk7QUFBQSxFQUNoQyxDQUFDLG1CQUFtQixZQUFZO0FBQUEsRUFDaEMsQ0FBQyxvQkFBb0IsR0FBRztBQUFBLEVBQ3hCLENBQUMseUJBQXlCLE9BQU87QUFBQSxFQUNqQyxDQUFDLHVCQUF1QixNQUFNO0FBQUEsRUFDOUIsQ0FBQyxrQ0FBMkIsV0FBSTtBQUFBLEVBQ2hDLENBQUMsK0JBQStCLFlBQVk7QUFBQSxFQUM1QyxDQUFDLG1DQUFtQyxTQUFTO0FBQUEsRUFDN0MsQ0FBQyx5QkFBeUIsQ0FBQyxLQUFLLEdBQUcsQ0FBQztBQUFBLEVBQ3BDLENBQUMsa0NBQWtDLG1CQUFtQjtBQUFBLEVBQ3RELENBQUMsc0JBQXNCLENBQUMsS0FBSyxHQUFHLENBQUM7QUFBQSxFQUNqQyxDQUFDLHlCQUF5QixTQUFTO0FBQUEsRUFDbkMsQ0FBQywrQkFBNEIsMEJBQTBCO0FBQUEsRUFDdkQsQ0FBQyx5QkFBeUIsU0FBUztBQUFBLEVBQ25DLENBQUMseUJBQXlCLHFCQUFxQjtBQUFBO0FBQUEsRUFFL0MsQ0FBQyxvQkFBb0IsQ0FBQztBQUFBLEVBQ3RCLENBQUMsbUJBQW1CLEVBQUU7QUFBQSxFQUN0QixDQUFDLDBCQUEwQixDQUFDLFdBQVcsU0FBUyxDQUFDO0FBQUEsRUFDakQsQ0FBQyw4Q0FBOEMsNkJBQTZCO0FBQUEsRUFDNUUsQ0FBQywwQ0FBMEMsU0FBUztBQUFBLEVBQ3BELENBQUMscUNBQXFDLENBQUMsU0FBUyxDQUFDO0FBQUEsRUFDakQsQ0FBQyxtREFBbUQsZ0NBQWdDO0FBQUEsRUFDcEYsQ0FBQyx5Q0FBeUMsQ0FBQztBQUFBO0FBQUEsRUFFM0MsQ0FBQyxvQ0FBb0MsQ0FBQztBQUFBLEVBQ3RDLENBQUMsd0NBQXdDLEdBQUc7QUFBQSxFQUM1QyxDQUFDLG9DQUFvQyxDQUFDO0FBQUEsRUFDdEMsQ0FBQyxvQ0FBb0MsQ0FBQztBQUFBLEVBQ3RDLENBQUMsb0JBQW9CLEVBQUU7QUFBQTtBQUFBLEVBRXZCLENBQUMsc0JBQXNCLCtCQUErQjtBQUFBLEVBQ3RELENBQUMsaUJBQWlCLFVBQVU7QUFBQSxFQUM1QixDQUFDLG9CQUFvQixZQUFhO0FBQUEsRUFDbEMsQ0FBQyw0Q0FBNkMsa0JBQWtCO0FBQUEsRUFDaEUsQ0FBQyxrQ0FBa0Msc0JBQXNCO0FBQUEsRUFDekQsQ0FBQywrQ0FBK0Msa0JBQWtCO0FBQUEsRUFDbEUsQ0FBQyxxQ0FBcUMsMkJBQTJCO0FBQUEsRUFDakUsQ0FBQywrQ0FBK0MsT0FBTztBQUFBLEVBQ3ZELENBQUMsNkNBQTZDLFVBQVU7QUFBQSxFQUN4RCxDQUFDLDJCQUEyQixzQkFBc0I7QUFBQTtBQUFBLEVBRWxELENBQUMsd0JBQXdCLGtDQUFrQztBQUFBLEVBQzNELENBQUMsMEJBQTBCLDBDQUEwQztBQUFBLEVBQ3JFLENBQUMsNEJBQTRCLGtFQUFrRTtBQUFBLEVBQy9GO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQSxDQUFDLHdCQUF3QixVQUFVO0FBQUEsRUFDbkMsQ0FBQyxzQkFBc0IsVUFBVTtBQUFBLEVBQ2pDLENBQUMsc0NBQXNDLE1BQU07QUFBQSxFQUM3QyxDQUFDLDZCQUF1QixRQUFRO0FBQUEsRUFDaEMsQ0FBQyxpQ0FBaUMsS0FBSztBQUFBO0FBQUEsRUFFdkMsQ0FBQyw0QkFBNEIsU0FBUztBQUFBLEVBQ3RDLENBQUMsMEJBQTBCLHdCQUF3QjtBQUNyRDtBQUVBLFdBQVcsQ0FBQyxNQUFNLEtBQUssS0FBSyxPQUFPO0FBQ2pDLE9BQUssR0FBRyxJQUFJLE9BQU8sT0FBTyxLQUFLLFVBQVUsS0FBSyxLQUFLLE9BQU8sS0FBSyxDQUFDLENBQUMsSUFBSSxZQUFZO0FBQy9FLFdBQU8sVUFBVSxNQUFNLE1BQU0sSUFBSSxHQUFHLEtBQUs7QUFBQSxFQUMzQyxDQUFDO0FBQ0g7QUFFQSxLQUFLLGdFQUFnRSxZQUFZO0FBQy9FLFFBQU0sUUFBUSxZQUErQjtBQUMzQyxVQUFNLEtBQUssV0FBVztBQUN0QixXQUFPO0FBQUEsTUFDTCxNQUFNLE1BQU0sbUJBQW1CLEVBQUU7QUFBQSxNQUNqQyxNQUFNLE1BQU0sbUJBQW1CLEVBQUU7QUFBQSxNQUNqQyxNQUFNLE1BQU0sV0FBVyxFQUFFO0FBQUEsTUFDekIsTUFBTSxNQUFNLDhCQUE4QixFQUFFO0FBQUEsSUFDOUM7QUFBQSxFQUNGO0FBQ0EsUUFBTSxDQUFDLE9BQU8sTUFBTSxJQUFJLENBQUMsTUFBTSxNQUFNLEdBQUcsTUFBTSxNQUFNLENBQUM7QUFDckQsU0FBTyxVQUFVLE9BQU8sTUFBTTtBQUM5QixTQUFPLE1BQU0sT0FBTyxNQUFNLENBQUMsQ0FBQyxHQUFHLHVFQUF1RTtBQUN0RyxXQUFTLFFBQVEsR0FBRyxRQUFRLElBQUksU0FBUyxFQUFHLFFBQU8sR0FBRyxDQUFDLEdBQUcsR0FBRyxDQUFDLEVBQUUsU0FBVSxNQUFNLE1BQU0saUJBQWlCLENBQVksQ0FBQztBQUN0SCxDQUFDO0FBRUQsS0FBSyxvREFBb0QsWUFBWTtBQUNuRSxRQUFNLEtBQUssV0FBVztBQUN0QixTQUFPLE1BQU0sTUFBTSxNQUFNLFdBQVcsRUFBRSxHQUFHLE1BQU0sTUFBTSxXQUFXLEVBQUUsQ0FBQztBQUNuRSxTQUFPLE1BQU0sTUFBTSxNQUFNLFVBQVUsRUFBRSxHQUFHLE1BQU0sTUFBTSxVQUFVLEVBQUUsQ0FBQztBQUNuRSxDQUFDO0FBRUQsSUFBTSxRQUEwRTtBQUFBLEVBQzlFLENBQUMsV0FBVyxnQkFBZ0IsaUJBQWlCO0FBQUEsRUFDN0MsQ0FBQyxrQkFBa0IsZ0JBQWdCLGdCQUFnQjtBQUFBLEVBQ25ELENBQUMsa0JBQWtCLGdCQUFnQixhQUFhO0FBQUEsRUFDaEQsQ0FBQyxzQkFBc0IsZ0JBQWdCLG9CQUFvQjtBQUFBLEVBQzNELENBQUMsa0JBQWtCLHFCQUFxQixvQ0FBb0M7QUFBQSxFQUM1RSxDQUFDLFlBQVkscUJBQXFCLGVBQWU7QUFBQSxFQUNqRCxDQUFDLFVBQVUscUJBQXFCLHVCQUF1QjtBQUFBLEVBQ3ZELENBQUMsZ0JBQWdCLHFCQUFxQix3QkFBd0I7QUFBQSxFQUM5RCxDQUFDLE9BQU8scUJBQXFCLDRCQUE0QjtBQUFBLEVBQ3pELENBQUMsWUFBWSxxQkFBcUIsb0JBQW9CO0FBQUEsRUFDdEQsQ0FBQyxZQUFZLHFCQUFxQixnQkFBZ0I7QUFBQSxFQUNsRCxDQUFDLG1CQUFtQixxQkFBcUIsa0JBQWtCO0FBQUEsRUFDM0QsQ0FBQyxnQkFBZ0Isb0JBQW9CLE1BQU07QUFBQSxFQUMzQyxDQUFDLGtCQUFrQixvQkFBb0IsT0FBTztBQUFBLEVBQzlDLENBQUMscUJBQXFCLG9CQUFvQixnQ0FBZ0M7QUFBQSxFQUMxRSxDQUFDLG1CQUFtQixvQkFBb0IsY0FBYztBQUFBLEVBQ3RELENBQUMsa0JBQWtCLG9CQUFvQixXQUFXO0FBQUEsRUFDbEQsQ0FBQyx5QkFBeUIsb0JBQW9CLGtCQUFrQjtBQUFBLEVBQ2hFLENBQUMsNkJBQTZCLG9CQUFvQixpQkFBaUI7QUFBQSxFQUNuRSxDQUFDLG1CQUFtQixrQkFBa0IseUJBQXlCO0FBQ2pFO0FBRUEsV0FBVyxDQUFDLE1BQU0sTUFBTSxJQUFJLEtBQUssT0FBTztBQUN0QyxPQUFLLEdBQUcsSUFBSSxnQkFBZ0IsSUFBSSxJQUFJLFlBQVk7QUFDOUMsVUFBTSxPQUFPLFFBQVEsTUFBTSxJQUFJLEdBQUcsQ0FBQyxVQUFxQztBQUN0RSxhQUFPLE1BQU0sTUFBTSxNQUFNLElBQUk7QUFDN0IsYUFBTyxNQUFNLE1BQU0sU0FBUyxJQUFJO0FBQ2hDLGFBQU87QUFBQSxJQUNULENBQUM7QUFBQSxFQUNILENBQUM7QUFDSDtBQUVBLEtBQUssNEVBQTRFLFlBQVk7QUFDM0YsUUFBTSxPQUFPLFFBQVEsTUFBTSxXQUFXLEdBQUcsRUFBRSxRQUFRLHlCQUF5QixRQUFRLHVCQUF1QixDQUFDO0FBQzlHLENBQUM7QUFFRCxLQUFLLGdEQUFnRCxZQUFZO0FBQy9ELFFBQU0sT0FBZ0IsQ0FBQztBQUN2QixRQUFNLEtBQUssV0FBVyxJQUFJO0FBQzFCLFFBQU0sTUFBTSwyQ0FBMkMsRUFBRTtBQUN6RCxTQUFPLE1BQU0sR0FBRyxlQUFlLElBQUk7QUFDbkMsU0FBTyxNQUFNLEtBQUssUUFBUSxDQUFDO0FBQzdCLENBQUM7QUFFRCxLQUFLLDRFQUE0RSxZQUFZO0FBQzNGLFFBQU0sU0FBUztBQUFBLElBQ2IsT0FBTztBQUFBLElBQ1AsUUFBUTtBQUFBLElBQ1IsTUFBTSxDQUFDLHNCQUFzQixTQUFTO0FBQUEsSUFDdEMsT0FBTyxFQUFFLFVBQVUsZ0JBQWdCO0FBQUEsRUFDckM7QUFDQSxRQUFNLFFBQTRCLENBQUM7QUFDbkMsUUFBTSxPQUFPLFlBQVksUUFBUSxNQUFNLFFBQVcsS0FBSztBQUN2RCxRQUFNLFFBQVEsRUFBRSxNQUFNLENBQUMsR0FBRyxRQUFRLENBQUMsRUFBc0M7QUFDekUsU0FBTyxVQUFVLEtBQUssU0FBUyxXQUFXLEdBQUcsS0FBSyxHQUFHLEVBQUUsUUFBUSxHQUFHLE1BQU0sQ0FBQyxNQUFNLElBQUksR0FBRyxPQUFPLEVBQUUsVUFBVSxPQUFPLEVBQUUsQ0FBQztBQUNuSCxTQUFPLFVBQVUsTUFBTSxRQUFRLENBQUMsQ0FBQyxTQUFTLFVBQVUsQ0FBQyxDQUFDO0FBQ3hELENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
