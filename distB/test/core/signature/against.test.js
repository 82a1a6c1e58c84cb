import {
  compareAgainst,
  differenceOf,
  unescaped
} from "../../parts/chunk-ATVXI2VJ.js";

// test/core/signature/against.test.ts
import assert from "node:assert/strict";
import { createHash } from "node:crypto";
import { test } from "node:test";
var hash = (text, name = "sha256", encoding = "hex") => createHash(name).update(text).digest(encoding);
var base = [
  "POST",
  "/v1/calls",
  "",
  "host:harbour.example:8443",
  "x-desk:North quay",
  "x-time:2026-03-02T09:30:00Z",
  hash('{"nights":2}')
].join("\n");
var change = (from, to) => base.replace(from, to);
var cases = [
  ["line break at the end of theirs", base, `${base}
`, /theirs ends with a line break/],
  ["line break at the end of ours", `${base}
`, base, /ours ends with a line break/],
  ["carriage returns", base, base.replaceAll("\n", "\r\n"), /CR LF/],
  ["blank slot that we lack", change("\n\n", "\n"), base, /theirs has an empty line at line 3/],
  ["blank slot that they lack", base, change("\n\n", "\n"), /ours has an empty line at line 3/],
  ["line that we lack", change("x-desk:North quay\n", ""), base, /ours lacks their line 5: "x-desk:North quay"/],
  ["order of headers", base, change(/(x-desk:.*)\n(x-time:.*)/, "$2\n$1"), /the same lines stand in another order/],
  ["space at the end", change("North quay", "North quay "), base, /white space at the end of a line/],
  ["spaces in a row", change("North quay", "North  quay"), base, /only the white space differs/],
  ["space behind the colon", base, change("x-desk:", "x-desk: "), /the space behind a colon/],
  ["small letters", base, base.toLowerCase(), /theirs is in small letters/],
  ["capital letters of octets", "/a%2fb", "/a%2Fb", /percent-encoding with capital letters/],
  ["plus signs", "name=North%20quay", "name=North+quay", /a space is a plus sign there/],
  ["octets for spaces", "name=North+quay", "name=North%20quay", /a space is %20 there/],
  ["encoded once more", "/b%C3%BCro", "/b%25C3%25BCro", /theirs is percent-encoded once more/],
  ["encoded too often", "/b%25C3%25BCro", "/b%C3%BCro", /ours is percent-encoded once more/],
  ["another set of characters", "/a'b", "/a%27b", /percent-encoded once more|other characters are encoded/],
  ["order of parameters", "/v1?b=2&a=1", "/v1?a=1&b=2", /the parameters of the query stand in another order/],
  ["empty parameters", "/v1?a=1&b=", "/v1?a=1", /parameters without a value are left out/],
  ["query behind the path", "/v1/calls", "/v1/calls?berth=N1", /theirs is the path with its query: \$\{sent\.target\}/],
  ["path alone", "/v1/calls?berth=N1", "/v1/calls", /theirs is the path without its query/],
  ["question mark", "berth=N1", "?berth=N1", /the question mark/],
  ["slash at the end", "/v1/calls", "/v1/calls/", /a slash at the end of the path/],
  ["port", base, change(":8443", ""), /the port/],
  ["time zone", base, change("T09:30", "T11:30"), /the times are 2 h apart: another time zone/],
  ["another moment", base, change("09:30:00", "09:30:07"), /another moment: --time/],
  [
    "way of writing the time",
    base,
    change("2026-03-02T09:30:00Z", "20260302T093000Z"),
    /the time is written otherwise/
  ],
  ["milliseconds", "t=1772443800", "t=1772443800123", /theirs counts milliseconds/],
  ["seconds for a date", "x-time:2026-03-02T09:30:00Z", "x-time:1772443800", /theirs is a number, ours a date/],
  ["digest of no body", base, change(hash('{"nights":2}'), hash("")), /theirs is the digest of no bytes at all/],
  ["digest of another body", base, change(hash('{"nights":2}'), hash('{"nights": 2}')), /the digest of other bytes/],
  [
    "digest in base64",
    base,
    change(hash('{"nights":2}'), hash('{"nights":2}', "sha256", "base64")),
    /the same digest, written as base64/
  ],
  [
    "another algorithm",
    base,
    change(hash('{"nights":2}'), hash('{"nights":2}', "sha512")),
    /a digest by another algorithm/
  ],
  ["name in front", "North quay", "x-desk:North quay", /theirs has the name in front of the value/],
  ["Unicode form", "b\xFCro", "bu\u0308ro", /another Unicode form/],
  ["space that does not break", "North quay", "North\xA0quay", /white space|invisible character/],
  ["byte order mark", "POST", "\uFEFFPOST", /invisible character|white space/],
  ["curly quotes", '{"a":1}', "{\u201Ca\u201D:1}", /the kind of quotes differs/]
];
test(`the likely cause of a difference: ${cases.length} mistakes that everyone makes`, () => {
  for (const [name, ours, theirs, cause] of cases)
    assert.match(differenceOf(ours, theirs).cause ?? "(none)", cause, name);
});
test("nothing is made up where the cause is not known", () => {
  for (const [ours, theirs] of [
    ["POST", "GET"],
    ["/v1/calls", "/v2/berths"],
    [base, change("x-desk:North quay", "x-desk:South mole")]
  ])
    assert.equal(differenceOf(ours, theirs).cause, void 0, theirs);
});
test("the first character that differs, by line and column, and by its name", () => {
  const parted = differenceOf("GET\nx-b\xFC:1", "GET\nx-b\xFC: 1");
  assert.deepEqual(
    [parted.line, parted.column, parted.ours, parted.theirs, parted.ourCharacter, parted.theirCharacter],
    [2, 6, "x-b\xFC:1", "x-b\xFC: 1", '"1" (U+0031)', "space (U+0020)"]
  );
  assert.equal(differenceOf("a", "a\n").theirCharacter, "line feed (U+000A)");
  assert.equal(differenceOf("a", "a\n").ourCharacter, void 0);
});
test("theirs is compared with the value that is most alike; of a secret one only whether it is the same", () => {
  const step = (name, value, secret = false) => ({
    name,
    part: "value",
    value,
    secret,
    shown: secret ? void 0 : value
  });
  const steps = [step("stamp", "20260302T093000Z"), step("base", base), step("seal", "AAAA-BBBB-CCCC", true)];
  assert.equal(compareAgainst(steps, change("quay", "mole"))?.name, "base");
  assert.equal(compareAgainst(steps, "20260302T093001Z")?.name, "stamp");
  assert.deepEqual(compareAgainst(steps, "AAAA-BBBB-CCCC"), { name: "seal", same: true, difference: void 0 });
  assert.deepEqual(compareAgainst(steps, "AAAA-BBBB-CCCD", "seal"), {
    name: "seal",
    same: false,
    difference: void 0
  });
  assert.equal(compareAgainst(steps, base, "nothing"), void 0);
});
test("line breaks that a message writes out are read as such", () => {
  assert.equal(unescaped("POST\\n/v1", ["POST\n/v1"]), "POST\n/v1");
  assert.equal(unescaped("a\\nb", ["a"]), "a\\nb");
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vLi4vdGVzdC9jb3JlL3NpZ25hdHVyZS9hZ2FpbnN0LnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBXaGVyZSBvdXIgdGV4dCBwYXJ0cyBmcm9tIHRoZSB2ZW5kb3IncywgYW5kIHRoZSBsaWtlbHkgY2F1c2UuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyBjcmVhdGVIYXNoIH0gZnJvbSAnbm9kZTpjcnlwdG8nO1xuaW1wb3J0IHsgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyBjb21wYXJlQWdhaW5zdCwgZGlmZmVyZW5jZU9mLCB1bmVzY2FwZWQgfSBmcm9tICcuLi8uLi8uLi9zcmMvY29yZS9zaWduYXR1cmUvYWdhaW5zdC9jb21wYXJlLmpzJztcbmltcG9ydCB0eXBlIHsgU2lnbmluZ1N0ZXAgfSBmcm9tICcuLi8uLi8uLi9zcmMvY29yZS9zaWduYXR1cmUvc2lnbmF0dXJlLWtpbmQuanMnO1xuXG5jb25zdCBoYXNoID0gKHRleHQ6IHN0cmluZywgbmFtZSA9ICdzaGEyNTYnLCBlbmNvZGluZzogJ2hleCcgfCAnYmFzZTY0JyA9ICdoZXgnKTogc3RyaW5nID0+XG4gIGNyZWF0ZUhhc2gobmFtZSkudXBkYXRlKHRleHQpLmRpZ2VzdChlbmNvZGluZyk7XG5jb25zdCBiYXNlID0gW1xuICAnUE9TVCcsXG4gICcvdjEvY2FsbHMnLFxuICAnJyxcbiAgJ2hvc3Q6aGFyYm91ci5leGFtcGxlOjg0NDMnLFxuICAneC1kZXNrOk5vcnRoIHF1YXknLFxuICAneC10aW1lOjIwMjYtMDMtMDJUMDk6MzA6MDBaJyxcbiAgaGFzaCgne1wibmlnaHRzXCI6Mn0nKSxcbl0uam9pbignXFxuJyk7XG5jb25zdCBjaGFuZ2UgPSAoZnJvbTogc3RyaW5nIHwgUmVnRXhwLCB0bzogc3RyaW5nKTogc3RyaW5nID0+IGJhc2UucmVwbGFjZShmcm9tLCB0byk7XG5cbi8qKiBXaGF0IHRoZWlycyBpcywgYW5kIGhvdyB0aGUgY2F1c2UgaXMgdG9sZC4gKi9cbmNvbnN0IGNhc2VzOiByZWFkb25seSBbbmFtZTogc3RyaW5nLCBvdXJzOiBzdHJpbmcsIHRoZWlyczogc3RyaW5nLCBjYXVzZTogUmVnRXhwXVtdID0gW1xuICBbJ2xpbmUgYnJlYWsgYXQgdGhlIGVuZCBvZiB0aGVpcnMnLCBiYXNlLCBgJHtiYXNlfVxcbmAsIC90aGVpcnMgZW5kcyB3aXRoIGEgbGluZSBicmVhay9dLFxuICBbJ2xpbmUgYnJlYWsgYXQgdGhlIGVuZCBvZiBvdXJzJywgYCR7YmFzZX1cXG5gLCBiYXNlLCAvb3VycyBlbmRzIHdpdGggYSBsaW5lIGJyZWFrL10sXG4gIFsnY2FycmlhZ2UgcmV0dXJucycsIGJhc2UsIGJhc2UucmVwbGFjZUFsbCgnXFxuJywgJ1xcclxcbicpLCAvQ1IgTEYvXSxcbiAgWydibGFuayBzbG90IHRoYXQgd2UgbGFjaycsIGNoYW5nZSgnXFxuXFxuJywgJ1xcbicpLCBiYXNlLCAvdGhlaXJzIGhhcyBhbiBlbXB0eSBsaW5lIGF0IGxpbmUgMy9dLFxuICBbJ2JsYW5rIHNsb3QgdGhhdCB0aGV5IGxhY2snLCBiYXNlLCBjaGFuZ2UoJ1xcblxcbicsICdcXG4nKSwgL291cnMgaGFzIGFuIGVtcHR5IGxpbmUgYXQgbGluZSAzL10sXG4gIFsnbGluZSB0aGF0IHdlIGxhY2snLCBjaGFuZ2UoJ3gtZGVzazpOb3J0aCBxdWF5XFxuJywgJycpLCBiYXNlLCAvb3VycyBsYWNrcyB0aGVpciBsaW5lIDU6IFwieC1kZXNrOk5vcnRoIHF1YXlcIi9dLFxuICBbJ29yZGVyIG9mIGhlYWRlcnMnLCBiYXNlLCBjaGFuZ2UoLyh4LWRlc2s6LiopXFxuKHgtdGltZTouKikvLCAnJDJcXG4kMScpLCAvdGhlIHNhbWUgbGluZXMgc3RhbmQgaW4gYW5vdGhlciBvcmRlci9dLFxuICBbJ3NwYWNlIGF0IHRoZSBlbmQnLCBjaGFuZ2UoJ05vcnRoIHF1YXknLCAnTm9ydGggcXVheSAnKSwgYmFzZSwgL3doaXRlIHNwYWNlIGF0IHRoZSBlbmQgb2YgYSBsaW5lL10sXG4gIFsnc3BhY2VzIGluIGEgcm93JywgY2hhbmdlKCdOb3J0aCBxdWF5JywgJ05vcnRoICBxdWF5JyksIGJhc2UsIC9vbmx5IHRoZSB3aGl0ZSBzcGFjZSBkaWZmZXJzL10sXG4gIFsnc3BhY2UgYmVoaW5kIHRoZSBjb2xvbicsIGJhc2UsIGNoYW5nZSgneC1kZXNrOicsICd4LWRlc2s6ICcpLCAvdGhlIHNwYWNlIGJlaGluZCBhIGNvbG9uL10sXG4gIFsnc21hbGwgbGV0dGVycycsIGJhc2UsIGJhc2UudG9Mb3dlckNhc2UoKSwgL3RoZWlycyBpcyBpbiBzbWFsbCBsZXR0ZXJzL10sXG4gIFsnY2FwaXRhbCBsZXR0ZXJzIG9mIG9jdGV0cycsICcvYSUyZmInLCAnL2ElMkZiJywgL3BlcmNlbnQtZW5jb2Rpbmcgd2l0aCBjYXBpdGFsIGxldHRlcnMvXSxcbiAgWydwbHVzIHNpZ25zJywgJ25hbWU9Tm9ydGglMjBxdWF5JywgJ25hbWU9Tm9ydGgrcXVheScsIC9hIHNwYWNlIGlzIGEgcGx1cyBzaWduIHRoZXJlL10sXG4gIFsnb2N0ZXRzIGZvciBzcGFjZXMnLCAnbmFtZT1Ob3J0aCtxdWF5JywgJ25hbWU9Tm9ydGglMjBxdWF5JywgL2Egc3BhY2UgaXMgJTIwIHRoZXJlL10sXG4gIFsnZW5jb2RlZCBvbmNlIG1vcmUnLCAnL2IlQzMlQkNybycsICcvYiUyNUMzJTI1QkNybycsIC90aGVpcnMgaXMgcGVyY2VudC1lbmNvZGVkIG9uY2UgbW9yZS9dLFxuICBbJ2VuY29kZWQgdG9vIG9mdGVuJywgJy9iJTI1QzMlMjVCQ3JvJywgJy9iJUMzJUJDcm8nLCAvb3VycyBpcyBwZXJjZW50LWVuY29kZWQgb25jZSBtb3JlL10sXG4gIFsnYW5vdGhlciBzZXQgb2YgY2hhcmFjdGVycycsIFwiL2EnYlwiLCAnL2ElMjdiJywgL3BlcmNlbnQtZW5jb2RlZCBvbmNlIG1vcmV8b3RoZXIgY2hhcmFjdGVycyBhcmUgZW5jb2RlZC9dLFxuICBbJ29yZGVyIG9mIHBhcmFtZXRlcnMnLCAnL3YxP2I9MiZhPTEnLCAnL3YxP2E9MSZiPTInLCAvdGhlIHBhcmFtZXRlcnMgb2YgdGhlIHF1ZXJ5IHN0YW5kIGluIGFub3RoZXIgb3JkZXIvXSxcbiAgWydlbXB0eSBwYXJhbWV0ZXJzJywgJy92MT9hPTEmYj0nLCAnL3YxP2E9MScsIC9wYXJhbWV0ZXJzIHdpdGhvdXQgYSB2YWx1ZSBhcmUgbGVmdCBvdXQvXSxcbiAgWydxdWVyeSBiZWhpbmQgdGhlIHBhdGgnLCAnL3YxL2NhbGxzJywgJy92MS9jYWxscz9iZXJ0aD1OMScsIC90aGVpcnMgaXMgdGhlIHBhdGggd2l0aCBpdHMgcXVlcnk6IFxcJFxce3NlbnRcXC50YXJnZXRcXH0vXSxcbiAgWydwYXRoIGFsb25lJywgJy92MS9jYWxscz9iZXJ0aD1OMScsICcvdjEvY2FsbHMnLCAvdGhlaXJzIGlzIHRoZSBwYXRoIHdpdGhvdXQgaXRzIHF1ZXJ5L10sXG4gIFsncXVlc3Rpb24gbWFyaycsICdiZXJ0aD1OMScsICc/YmVydGg9TjEnLCAvdGhlIHF1ZXN0aW9uIG1hcmsvXSxcbiAgWydzbGFzaCBhdCB0aGUgZW5kJywgJy92MS9jYWxscycsICcvdjEvY2FsbHMvJywgL2Egc2xhc2ggYXQgdGhlIGVuZCBvZiB0aGUgcGF0aC9dLFxuICBbJ3BvcnQnLCBiYXNlLCBjaGFuZ2UoJzo4NDQzJywgJycpLCAvdGhlIHBvcnQvXSxcbiAgWyd0aW1lIHpvbmUnLCBiYXNlLCBjaGFuZ2UoJ1QwOTozMCcsICdUMTE6MzAnKSwgL3RoZSB0aW1lcyBhcmUgMiBoIGFwYXJ0OiBhbm90aGVyIHRpbWUgem9uZS9dLFxuICBbJ2Fub3RoZXIgbW9tZW50JywgYmFzZSwgY2hhbmdlKCcwOTozMDowMCcsICcwOTozMDowNycpLCAvYW5vdGhlciBtb21lbnQ6IC0tdGltZS9dLFxuICBbXG4gICAgJ3dheSBvZiB3cml0aW5nIHRoZSB0aW1lJyxcbiAgICBiYXNlLFxuICAgIGNoYW5nZSgnMjAyNi0wMy0wMlQwOTozMDowMFonLCAnMjAyNjAzMDJUMDkzMDAwWicpLFxuICAgIC90aGUgdGltZSBpcyB3cml0dGVuIG90aGVyd2lzZS8sXG4gIF0sXG4gIFsnbWlsbGlzZWNvbmRzJywgJ3Q9MTc3MjQ0MzgwMCcsICd0PTE3NzI0NDM4MDAxMjMnLCAvdGhlaXJzIGNvdW50cyBtaWxsaXNlY29uZHMvXSxcbiAgWydzZWNvbmRzIGZvciBhIGRhdGUnLCAneC10aW1lOjIwMjYtMDMtMDJUMDk6MzA6MDBaJywgJ3gtdGltZToxNzcyNDQzODAwJywgL3RoZWlycyBpcyBhIG51bWJlciwgb3VycyBhIGRhdGUvXSxcbiAgWydkaWdlc3Qgb2Ygbm8gYm9keScsIGJhc2UsIGNoYW5nZShoYXNoKCd7XCJuaWdodHNcIjoyfScpLCBoYXNoKCcnKSksIC90aGVpcnMgaXMgdGhlIGRpZ2VzdCBvZiBubyBieXRlcyBhdCBhbGwvXSxcbiAgWydkaWdlc3Qgb2YgYW5vdGhlciBib2R5JywgYmFzZSwgY2hhbmdlKGhhc2goJ3tcIm5pZ2h0c1wiOjJ9JyksIGhhc2goJ3tcIm5pZ2h0c1wiOiAyfScpKSwgL3RoZSBkaWdlc3Qgb2Ygb3RoZXIgYnl0ZXMvXSxcbiAgW1xuICAgICdkaWdlc3QgaW4gYmFzZTY0JyxcbiAgICBiYXNlLFxuICAgIGNoYW5nZShoYXNoKCd7XCJuaWdodHNcIjoyfScpLCBoYXNoKCd7XCJuaWdodHNcIjoyfScsICdzaGEyNTYnLCAnYmFzZTY0JykpLFxuICAgIC90aGUgc2FtZSBkaWdlc3QsIHdyaXR0ZW4gYXMgYmFzZTY0LyxcbiAgXSxcbiAgW1xuICAgICdhbm90aGVyIGFsZ29yaXRobScsXG4gICAgYmFzZSxcbiAgICBjaGFuZ2UoaGFzaCgne1wibmlnaHRzXCI6Mn0nKSwgaGFzaCgne1wibmlnaHRzXCI6Mn0nLCAnc2hhNTEyJykpLFxuICAgIC9hIGRpZ2VzdCBieSBhbm90aGVyIGFsZ29yaXRobS8sXG4gIF0sXG4gIFsnbmFtZSBpbiBmcm9udCcsICdOb3J0aCBxdWF5JywgJ3gtZGVzazpOb3J0aCBxdWF5JywgL3RoZWlycyBoYXMgdGhlIG5hbWUgaW4gZnJvbnQgb2YgdGhlIHZhbHVlL10sXG4gIFsnVW5pY29kZSBmb3JtJywgJ2JcXHUwMGZjcm8nLCAnYnVcXHUwMzA4cm8nLCAvYW5vdGhlciBVbmljb2RlIGZvcm0vXSxcbiAgWydzcGFjZSB0aGF0IGRvZXMgbm90IGJyZWFrJywgJ05vcnRoIHF1YXknLCAnTm9ydGhcXHUwMGEwcXVheScsIC93aGl0ZSBzcGFjZXxpbnZpc2libGUgY2hhcmFjdGVyL10sXG4gIFsnYnl0ZSBvcmRlciBtYXJrJywgJ1BPU1QnLCAnXFx1ZmVmZlBPU1QnLCAvaW52aXNpYmxlIGNoYXJhY3Rlcnx3aGl0ZSBzcGFjZS9dLFxuICBbJ2N1cmx5IHF1b3RlcycsICd7XCJhXCI6MX0nLCAne1xcdTIwMWNhXFx1MjAxZDoxfScsIC90aGUga2luZCBvZiBxdW90ZXMgZGlmZmVycy9dLFxuXTtcblxudGVzdChgdGhlIGxpa2VseSBjYXVzZSBvZiBhIGRpZmZlcmVuY2U6ICR7Y2FzZXMubGVuZ3RofSBtaXN0YWtlcyB0aGF0IGV2ZXJ5b25lIG1ha2VzYCwgKCkgPT4ge1xuICBmb3IgKGNvbnN0IFtuYW1lLCBvdXJzLCB0aGVpcnMsIGNhdXNlXSBvZiBjYXNlcylcbiAgICBhc3NlcnQubWF0Y2goZGlmZmVyZW5jZU9mKG91cnMsIHRoZWlycykuY2F1c2UgPz8gJyhub25lKScsIGNhdXNlLCBuYW1lKTtcbn0pO1xuXG50ZXN0KCdub3RoaW5nIGlzIG1hZGUgdXAgd2hlcmUgdGhlIGNhdXNlIGlzIG5vdCBrbm93bicsICgpID0+IHtcbiAgZm9yIChjb25zdCBbb3VycywgdGhlaXJzXSBvZiBbXG4gICAgWydQT1NUJywgJ0dFVCddLFxuICAgIFsnL3YxL2NhbGxzJywgJy92Mi9iZXJ0aHMnXSxcbiAgICBbYmFzZSwgY2hhbmdlKCd4LWRlc2s6Tm9ydGggcXVheScsICd4LWRlc2s6U291dGggbW9sZScpXSxcbiAgXSBhcyBjb25zdClcbiAgICBhc3NlcnQuZXF1YWwoZGlmZmVyZW5jZU9mKG91cnMsIHRoZWlycykuY2F1c2UsIHVuZGVmaW5lZCwgdGhlaXJzKTtcbn0pO1xuXG50ZXN0KCd0aGUgZmlyc3QgY2hhcmFjdGVyIHRoYXQgZGlmZmVycywgYnkgbGluZSBhbmQgY29sdW1uLCBhbmQgYnkgaXRzIG5hbWUnLCAoKSA9PiB7XG4gIGNvbnN0IHBhcnRlZCA9IGRpZmZlcmVuY2VPZignR0VUXFxueC1iXFx1MDBmYzoxJywgJ0dFVFxcbngtYlxcdTAwZmM6IDEnKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBbcGFydGVkLmxpbmUsIHBhcnRlZC5jb2x1bW4sIHBhcnRlZC5vdXJzLCBwYXJ0ZWQudGhlaXJzLCBwYXJ0ZWQub3VyQ2hhcmFjdGVyLCBwYXJ0ZWQudGhlaXJDaGFyYWN0ZXJdLFxuICAgIFsyLCA2LCAneC1iXFx1MDBmYzoxJywgJ3gtYlxcdTAwZmM6IDEnLCAnXCIxXCIgKFUrMDAzMSknLCAnc3BhY2UgKFUrMDAyMCknXSxcbiAgKTtcbiAgYXNzZXJ0LmVxdWFsKGRpZmZlcmVuY2VPZignYScsICdhXFxuJykudGhlaXJDaGFyYWN0ZXIsICdsaW5lIGZlZWQgKFUrMDAwQSknKTtcbiAgYXNzZXJ0LmVxdWFsKGRpZmZlcmVuY2VPZignYScsICdhXFxuJykub3VyQ2hhcmFjdGVyLCB1bmRlZmluZWQpO1xufSk7XG5cbnRlc3QoJ3RoZWlycyBpcyBjb21wYXJlZCB3aXRoIHRoZSB2YWx1ZSB0aGF0IGlzIG1vc3QgYWxpa2U7IG9mIGEgc2VjcmV0IG9uZSBvbmx5IHdoZXRoZXIgaXQgaXMgdGhlIHNhbWUnLCAoKSA9PiB7XG4gIGNvbnN0IHN0ZXAgPSAobmFtZTogc3RyaW5nLCB2YWx1ZTogc3RyaW5nLCBzZWNyZXQgPSBmYWxzZSk6IFNpZ25pbmdTdGVwID0+ICh7XG4gICAgbmFtZSxcbiAgICBwYXJ0OiAndmFsdWUnLFxuICAgIHZhbHVlLFxuICAgIHNlY3JldCxcbiAgICBzaG93bjogc2VjcmV0ID8gdW5kZWZpbmVkIDogdmFsdWUsXG4gIH0pO1xuICBjb25zdCBzdGVwcyA9IFtzdGVwKCdzdGFtcCcsICcyMDI2MDMwMlQwOTMwMDBaJyksIHN0ZXAoJ2Jhc2UnLCBiYXNlKSwgc3RlcCgnc2VhbCcsICdBQUFBLUJCQkItQ0NDQycsIHRydWUpXTtcbiAgYXNzZXJ0LmVxdWFsKGNvbXBhcmVBZ2FpbnN0KHN0ZXBzLCBjaGFuZ2UoJ3F1YXknLCAnbW9sZScpKT8ubmFtZSwgJ2Jhc2UnKTtcbiAgYXNzZXJ0LmVxdWFsKGNvbXBhcmVBZ2FpbnN0KHN0ZXBzLCAnMjAyNjAzMDJUMDkzMDAxWicpPy5uYW1lLCAnc3RhbXAnKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChjb21wYXJlQWdhaW5zdChzdGVwcywgJ0FBQUEtQkJCQi1DQ0NDJyksIHsgbmFtZTogJ3NlYWwnLCBzYW1lOiB0cnVlLCBkaWZmZXJlbmNlOiB1bmRlZmluZWQgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoY29tcGFyZUFnYWluc3Qoc3RlcHMsICdBQUFBLUJCQkItQ0NDRCcsICdzZWFsJyksIHtcbiAgICBuYW1lOiAnc2VhbCcsXG4gICAgc2FtZTogZmFsc2UsXG4gICAgZGlmZmVyZW5jZTogdW5kZWZpbmVkLFxuICB9KTtcbiAgYXNzZXJ0LmVxdWFsKGNvbXBhcmVBZ2FpbnN0KHN0ZXBzLCBiYXNlLCAnbm90aGluZycpLCB1bmRlZmluZWQpO1xufSk7XG5cbnRlc3QoJ2xpbmUgYnJlYWtzIHRoYXQgYSBtZXNzYWdlIHdyaXRlcyBvdXQgYXJlIHJlYWQgYXMgc3VjaCcsICgpID0+IHtcbiAgYXNzZXJ0LmVxdWFsKHVuZXNjYXBlZCgnUE9TVFxcXFxuL3YxJywgWydQT1NUXFxuL3YxJ10pLCAnUE9TVFxcbi92MScpO1xuICBhc3NlcnQuZXF1YWwodW5lc2NhcGVkKCdhXFxcXG5iJywgWydhJ10pLCAnYVxcXFxuYicpO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsa0JBQWtCO0FBQzNCLFNBQVMsWUFBWTtBQUlyQixJQUFNLE9BQU8sQ0FBQyxNQUFjLE9BQU8sVUFBVSxXQUE2QixVQUN4RSxXQUFXLElBQUksRUFBRSxPQUFPLElBQUksRUFBRSxPQUFPLFFBQVE7QUFDL0MsSUFBTSxPQUFPO0FBQUEsRUFDWDtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQSxLQUFLLGNBQWM7QUFDckIsRUFBRSxLQUFLLElBQUk7QUFDWCxJQUFNLFNBQVMsQ0FBQyxNQUF1QixPQUF1QixLQUFLLFFBQVEsTUFBTSxFQUFFO0FBR25GLElBQU0sUUFBZ0Y7QUFBQSxFQUNwRixDQUFDLG1DQUFtQyxNQUFNLEdBQUcsSUFBSTtBQUFBLEdBQU0sK0JBQStCO0FBQUEsRUFDdEYsQ0FBQyxpQ0FBaUMsR0FBRyxJQUFJO0FBQUEsR0FBTSxNQUFNLDZCQUE2QjtBQUFBLEVBQ2xGLENBQUMsb0JBQW9CLE1BQU0sS0FBSyxXQUFXLE1BQU0sTUFBTSxHQUFHLE9BQU87QUFBQSxFQUNqRSxDQUFDLDJCQUEyQixPQUFPLFFBQVEsSUFBSSxHQUFHLE1BQU0sb0NBQW9DO0FBQUEsRUFDNUYsQ0FBQyw2QkFBNkIsTUFBTSxPQUFPLFFBQVEsSUFBSSxHQUFHLGtDQUFrQztBQUFBLEVBQzVGLENBQUMscUJBQXFCLE9BQU8sdUJBQXVCLEVBQUUsR0FBRyxNQUFNLDhDQUE4QztBQUFBLEVBQzdHLENBQUMsb0JBQW9CLE1BQU0sT0FBTyw0QkFBNEIsUUFBUSxHQUFHLHVDQUF1QztBQUFBLEVBQ2hILENBQUMsb0JBQW9CLE9BQU8sY0FBYyxhQUFhLEdBQUcsTUFBTSxrQ0FBa0M7QUFBQSxFQUNsRyxDQUFDLG1CQUFtQixPQUFPLGNBQWMsYUFBYSxHQUFHLE1BQU0sOEJBQThCO0FBQUEsRUFDN0YsQ0FBQywwQkFBMEIsTUFBTSxPQUFPLFdBQVcsVUFBVSxHQUFHLDBCQUEwQjtBQUFBLEVBQzFGLENBQUMsaUJBQWlCLE1BQU0sS0FBSyxZQUFZLEdBQUcsNEJBQTRCO0FBQUEsRUFDeEUsQ0FBQyw2QkFBNkIsVUFBVSxVQUFVLHVDQUF1QztBQUFBLEVBQ3pGLENBQUMsY0FBYyxxQkFBcUIsbUJBQW1CLDhCQUE4QjtBQUFBLEVBQ3JGLENBQUMscUJBQXFCLG1CQUFtQixxQkFBcUIsc0JBQXNCO0FBQUEsRUFDcEYsQ0FBQyxxQkFBcUIsY0FBYyxrQkFBa0IscUNBQXFDO0FBQUEsRUFDM0YsQ0FBQyxxQkFBcUIsa0JBQWtCLGNBQWMsbUNBQW1DO0FBQUEsRUFDekYsQ0FBQyw2QkFBNkIsUUFBUSxVQUFVLHdEQUF3RDtBQUFBLEVBQ3hHLENBQUMsdUJBQXVCLGVBQWUsZUFBZSxvREFBb0Q7QUFBQSxFQUMxRyxDQUFDLG9CQUFvQixjQUFjLFdBQVcseUNBQXlDO0FBQUEsRUFDdkYsQ0FBQyx5QkFBeUIsYUFBYSxzQkFBc0IsdURBQXVEO0FBQUEsRUFDcEgsQ0FBQyxjQUFjLHNCQUFzQixhQUFhLHNDQUFzQztBQUFBLEVBQ3hGLENBQUMsaUJBQWlCLFlBQVksYUFBYSxtQkFBbUI7QUFBQSxFQUM5RCxDQUFDLG9CQUFvQixhQUFhLGNBQWMsZ0NBQWdDO0FBQUEsRUFDaEYsQ0FBQyxRQUFRLE1BQU0sT0FBTyxTQUFTLEVBQUUsR0FBRyxVQUFVO0FBQUEsRUFDOUMsQ0FBQyxhQUFhLE1BQU0sT0FBTyxVQUFVLFFBQVEsR0FBRyw0Q0FBNEM7QUFBQSxFQUM1RixDQUFDLGtCQUFrQixNQUFNLE9BQU8sWUFBWSxVQUFVLEdBQUcsd0JBQXdCO0FBQUEsRUFDakY7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0EsT0FBTyx3QkFBd0Isa0JBQWtCO0FBQUEsSUFDakQ7QUFBQSxFQUNGO0FBQUEsRUFDQSxDQUFDLGdCQUFnQixnQkFBZ0IsbUJBQW1CLDRCQUE0QjtBQUFBLEVBQ2hGLENBQUMsc0JBQXNCLCtCQUErQixxQkFBcUIsaUNBQWlDO0FBQUEsRUFDNUcsQ0FBQyxxQkFBcUIsTUFBTSxPQUFPLEtBQUssY0FBYyxHQUFHLEtBQUssRUFBRSxDQUFDLEdBQUcseUNBQXlDO0FBQUEsRUFDN0csQ0FBQywwQkFBMEIsTUFBTSxPQUFPLEtBQUssY0FBYyxHQUFHLEtBQUssZUFBZSxDQUFDLEdBQUcsMkJBQTJCO0FBQUEsRUFDakg7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0EsT0FBTyxLQUFLLGNBQWMsR0FBRyxLQUFLLGdCQUFnQixVQUFVLFFBQVEsQ0FBQztBQUFBLElBQ3JFO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0EsT0FBTyxLQUFLLGNBQWMsR0FBRyxLQUFLLGdCQUFnQixRQUFRLENBQUM7QUFBQSxJQUMzRDtBQUFBLEVBQ0Y7QUFBQSxFQUNBLENBQUMsaUJBQWlCLGNBQWMscUJBQXFCLDJDQUEyQztBQUFBLEVBQ2hHLENBQUMsZ0JBQWdCLFdBQWEsY0FBYyxzQkFBc0I7QUFBQSxFQUNsRSxDQUFDLDZCQUE2QixjQUFjLGlCQUFtQixpQ0FBaUM7QUFBQSxFQUNoRyxDQUFDLG1CQUFtQixRQUFRLGNBQWMsaUNBQWlDO0FBQUEsRUFDM0UsQ0FBQyxnQkFBZ0IsV0FBVyxxQkFBcUIsNEJBQTRCO0FBQy9FO0FBRUEsS0FBSyxxQ0FBcUMsTUFBTSxNQUFNLGlDQUFpQyxNQUFNO0FBQzNGLGFBQVcsQ0FBQyxNQUFNLE1BQU0sUUFBUSxLQUFLLEtBQUs7QUFDeEMsV0FBTyxNQUFNLGFBQWEsTUFBTSxNQUFNLEVBQUUsU0FBUyxVQUFVLE9BQU8sSUFBSTtBQUMxRSxDQUFDO0FBRUQsS0FBSyxtREFBbUQsTUFBTTtBQUM1RCxhQUFXLENBQUMsTUFBTSxNQUFNLEtBQUs7QUFBQSxJQUMzQixDQUFDLFFBQVEsS0FBSztBQUFBLElBQ2QsQ0FBQyxhQUFhLFlBQVk7QUFBQSxJQUMxQixDQUFDLE1BQU0sT0FBTyxxQkFBcUIsbUJBQW1CLENBQUM7QUFBQSxFQUN6RDtBQUNFLFdBQU8sTUFBTSxhQUFhLE1BQU0sTUFBTSxFQUFFLE9BQU8sUUFBVyxNQUFNO0FBQ3BFLENBQUM7QUFFRCxLQUFLLHlFQUF5RSxNQUFNO0FBQ2xGLFFBQU0sU0FBUyxhQUFhLGtCQUFvQixpQkFBbUI7QUFDbkUsU0FBTztBQUFBLElBQ0wsQ0FBQyxPQUFPLE1BQU0sT0FBTyxRQUFRLE9BQU8sTUFBTSxPQUFPLFFBQVEsT0FBTyxjQUFjLE9BQU8sY0FBYztBQUFBLElBQ25HLENBQUMsR0FBRyxHQUFHLGFBQWUsY0FBZ0IsZ0JBQWdCLGdCQUFnQjtBQUFBLEVBQ3hFO0FBQ0EsU0FBTyxNQUFNLGFBQWEsS0FBSyxLQUFLLEVBQUUsZ0JBQWdCLG9CQUFvQjtBQUMxRSxTQUFPLE1BQU0sYUFBYSxLQUFLLEtBQUssRUFBRSxjQUFjLE1BQVM7QUFDL0QsQ0FBQztBQUVELEtBQUsscUdBQXFHLE1BQU07QUFDOUcsUUFBTSxPQUFPLENBQUMsTUFBYyxPQUFlLFNBQVMsV0FBd0I7QUFBQSxJQUMxRTtBQUFBLElBQ0EsTUFBTTtBQUFBLElBQ047QUFBQSxJQUNBO0FBQUEsSUFDQSxPQUFPLFNBQVMsU0FBWTtBQUFBLEVBQzlCO0FBQ0EsUUFBTSxRQUFRLENBQUMsS0FBSyxTQUFTLGtCQUFrQixHQUFHLEtBQUssUUFBUSxJQUFJLEdBQUcsS0FBSyxRQUFRLGtCQUFrQixJQUFJLENBQUM7QUFDMUcsU0FBTyxNQUFNLGVBQWUsT0FBTyxPQUFPLFFBQVEsTUFBTSxDQUFDLEdBQUcsTUFBTSxNQUFNO0FBQ3hFLFNBQU8sTUFBTSxlQUFlLE9BQU8sa0JBQWtCLEdBQUcsTUFBTSxPQUFPO0FBQ3JFLFNBQU8sVUFBVSxlQUFlLE9BQU8sZ0JBQWdCLEdBQUcsRUFBRSxNQUFNLFFBQVEsTUFBTSxNQUFNLFlBQVksT0FBVSxDQUFDO0FBQzdHLFNBQU8sVUFBVSxlQUFlLE9BQU8sa0JBQWtCLE1BQU0sR0FBRztBQUFBLElBQ2hFLE1BQU07QUFBQSxJQUNOLE1BQU07QUFBQSxJQUNOLFlBQVk7QUFBQSxFQUNkLENBQUM7QUFDRCxTQUFPLE1BQU0sZUFBZSxPQUFPLE1BQU0sU0FBUyxHQUFHLE1BQVM7QUFDaEUsQ0FBQztBQUVELEtBQUssMERBQTBELE1BQU07QUFDbkUsU0FBTyxNQUFNLFVBQVUsY0FBYyxDQUFDLFdBQVcsQ0FBQyxHQUFHLFdBQVc7QUFDaEUsU0FBTyxNQUFNLFVBQVUsU0FBUyxDQUFDLEdBQUcsQ0FBQyxHQUFHLE9BQU87QUFDakQsQ0FBQzsiLAogICJuYW1lcyI6IFtdCn0K
