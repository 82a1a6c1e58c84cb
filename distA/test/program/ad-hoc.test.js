import {
  harbourForThisFile
} from "../parts/chunk-XS4PZGFO.js";
import "../parts/chunk-7VNSEZX4.js";
import "../parts/chunk-DQ7YWKYH.js";
import "../parts/chunk-PT2BEWRF.js";
import "../parts/chunk-V5NERUUT.js";
import "../parts/chunk-T4I6LV4Y.js";
import {
  startSecure
} from "../parts/chunk-Y4XV6NBT.js";
import {
  collectionOf,
  document,
  echoTrail
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";

// test/program/ad-hoc.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var { origin } = await harbourForThisFile();
var files = {
  "bodies/order.xml": '<order berth="N1"/>',
  "bodies/pilots.graphql": "query Pilots($first: Int) { pilots(first: $first) { __typename } }\n"
};
var bodies = [
  [["--body-xml", '<order note="${plain}"/>'], "application/xml; charset=utf-8", '<order note="${plain}"/>'],
  [["--body-template", "bodies/order.xml"], "application/xml; charset=utf-8", '<order berth="N1"/>'],
  [["--graphql", "{ pilots { id } }"], "application/json", '{"query":"{ pilots { id } }"}'],
  [
    ["--graphql", "bodies/pilots.graphql", "--variable", "first=2", "--variable", "name=Wren"],
    "application/json",
    '{"query":"query Pilots($first: Int) { pilots(first: $first) { __typename } }\\n","variables":{"first":2,"name":"Wren"}}'
  ],
  [["--soap", "<Envelope/>", "--soap-action", "urn:declare"], "text/xml; charset=utf-8", "<Envelope/>"]
];
for (const [options, type, body] of bodies) {
  test(`send POST with ${options.join(" ")} sends it, and --as makes the file that sends the same`, async () => {
    const cwd = collectionOf(files, origin);
    const sent = await echoTrail(["send", "POST", "/mirror", ...options, "--as", "same", "--json"], { cwd });
    assert.equal(sent.status, 0, sent.err);
    const again = await echoTrail(["send", "same", "--json"], { cwd });
    for (const one of [sent, again]) {
      const { body: seen } = document(one);
      const header = (name) => seen.headers.find(([key]) => key.toLowerCase() === name)?.[1];
      assert.equal(Buffer.from(seen.body.base64, "base64").toString(), body);
      assert.equal(header("content-type"), type);
      if (options.includes("--soap-action")) assert.equal(header("soapaction"), '"urn:declare"');
    }
  });
}
for (const [options, message] of [
  [["--variable", "a=1"], /--variable goes with --graphql/],
  [["--soap-action", "a"], /--soap-action goes with --soap/],
  [["--graphql", "{ a }", "--soap", "<a/>"], /a request has one body/],
  [["--http", "3"], /--http takes 1 or 2, not 3/],
  [["--identity", "a.pem,"], /--identity takes CERTIFICATE,KEY or one PKCS#12 file/],
  [["--trust", "nothing.pem"], /nothing\.pem does not exist/],
  [["--trust", "echo-trail.yaml"], /tls\.trust is not PEM/],
  [["--trust", "../outside.pem"], /outside/],
  [["--proxy", "ftp://a"], /proxy is not the address of a proxy/],
  [["--http", "2", "--as", "kept"], /--as cannot keep --http/]
]) {
  test(`send POST with ${options.join(" ")} is refused, and nothing is sent`, async () => {
    const cwd = collectionOf({}, origin);
    const { status, err } = await echoTrail(["send", "POST", "/mirror", ...options], { cwd });
    assert.equal(status, 2, err);
    assert.match(err, message);
    assert.equal((await echoTrail(["echo", "list", "--json"], { cwd })).out.trim(), '{"echoes":[]}');
  });
}
test("by options a root is trusted, a client certificate shown, HTTP/2 spoken and a proxy named", async () => {
  const secure = await startSecure();
  const { root, client } = secure.certificates;
  const cwd = collectionOf({
    "certs/root.pem": root.certificate,
    "certs/agent.pem": client.certificate,
    "certs/agent-key.pem": client.key
  });
  const send = async (url, ...options) => echoTrail(["send", "GET", url, "--json", ...options], { cwd });
  try {
    const distrusted = await send(secure.origins.trusted);
    assert.equal(distrusted.status, 3);
    assert.match(distrusted.err + distrusted.out, /--trust FILE/);
    assert.equal((await send(secure.origins.trusted, "--trust", "certs/root.pem")).status, 0);
    const known = await send(
      secure.origins.client,
      ...["--trust", "certs/root.pem", "--identity", "certs/agent.pem,certs/agent-key.pem"]
    );
    assert.equal(document(known).body.caller, "Agent at the desk");
    const second = await send(secure.origins.http2, "--trust", "certs/root.pem", "--http", "2");
    assert.equal(document(second).body.version, "2.0");
    const otherName = await send(
      secure.origins.otherHost,
      ...["--trust", "certs/root.pem", "--server-name", "other.harbour.example"]
    );
    assert.equal(otherName.status, 0, otherName.err);
    const refused = await send("http://harbour.example/", "--proxy", "http://127.0.0.1:9");
    assert.equal(refused.status, 3);
    assert.match(refused.out + refused.err, /the proxy 127\.0\.0\.1:9 refused the connection/);
  } finally {
    await secure.close();
  }
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL2FkLWhvYy50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogUmVxdWVzdHMgd2l0aG91dCBmaWxlczogZXZlcnkga2luZCBvZiBib2R5IGFuZCBldmVyeSB3YXkgdG8gY29ubmVjdCwgYnkgb3B0aW9ucy4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgc3RhcnRTZWN1cmUgfSBmcm9tICcuLi8uLi9zcmMvc3RhbmRpbi9zZWN1cmUvc2VydmVyLmpzJztcbmltcG9ydCB7IGNvbGxlY3Rpb25PZiB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGRvY3VtZW50LCBlY2hvVHJhaWwgfSBmcm9tICcuLi9zdXBwb3J0L3Byb2dyYW0uanMnO1xuaW1wb3J0IHsgaGFyYm91ckZvclRoaXNGaWxlIH0gZnJvbSAnLi4vc3VwcG9ydC9zdGFuZGluLmpzJztcblxuY29uc3QgeyBvcmlnaW4gfSA9IGF3YWl0IGhhcmJvdXJGb3JUaGlzRmlsZSgpO1xuXG5pbnRlcmZhY2UgTWlycm9yZWQge1xuICByZWFkb25seSBoZWFkZXJzOiByZWFkb25seSAocmVhZG9ubHkgW3N0cmluZywgc3RyaW5nXSlbXTtcbiAgcmVhZG9ubHkgYm9keTogeyByZWFkb25seSBiYXNlNjQ6IHN0cmluZyB9O1xufVxuXG5jb25zdCBmaWxlcyA9IHtcbiAgJ2JvZGllcy9vcmRlci54bWwnOiAnPG9yZGVyIGJlcnRoPVwiTjFcIi8+JyxcbiAgJ2JvZGllcy9waWxvdHMuZ3JhcGhxbCc6ICdxdWVyeSBQaWxvdHMoJGZpcnN0OiBJbnQpIHsgcGlsb3RzKGZpcnN0OiAkZmlyc3QpIHsgX190eXBlbmFtZSB9IH1cXG4nLFxufTtcblxuY29uc3QgYm9kaWVzOiByZWFkb25seSAocmVhZG9ubHkgW29wdGlvbnM6IHJlYWRvbmx5IHN0cmluZ1tdLCB0eXBlOiBzdHJpbmcsIGJvZHk6IHN0cmluZ10pW10gPSBbXG4gIFtbJy0tYm9keS14bWwnLCAnPG9yZGVyIG5vdGU9XCIke3BsYWlufVwiLz4nXSwgJ2FwcGxpY2F0aW9uL3htbDsgY2hhcnNldD11dGYtOCcsICc8b3JkZXIgbm90ZT1cIiR7cGxhaW59XCIvPiddLFxuICBbWyctLWJvZHktdGVtcGxhdGUnLCAnYm9kaWVzL29yZGVyLnhtbCddLCAnYXBwbGljYXRpb24veG1sOyBjaGFyc2V0PXV0Zi04JywgJzxvcmRlciBiZXJ0aD1cIk4xXCIvPiddLFxuICBbWyctLWdyYXBocWwnLCAneyBwaWxvdHMgeyBpZCB9IH0nXSwgJ2FwcGxpY2F0aW9uL2pzb24nLCAne1wicXVlcnlcIjpcInsgcGlsb3RzIHsgaWQgfSB9XCJ9J10sXG4gIFtcbiAgICBbJy0tZ3JhcGhxbCcsICdib2RpZXMvcGlsb3RzLmdyYXBocWwnLCAnLS12YXJpYWJsZScsICdmaXJzdD0yJywgJy0tdmFyaWFibGUnLCAnbmFtZT1XcmVuJ10sXG4gICAgJ2FwcGxpY2F0aW9uL2pzb24nLFxuICAgICd7XCJxdWVyeVwiOlwicXVlcnkgUGlsb3RzKCRmaXJzdDogSW50KSB7IHBpbG90cyhmaXJzdDogJGZpcnN0KSB7IF9fdHlwZW5hbWUgfSB9XFxcXG5cIixcInZhcmlhYmxlc1wiOntcImZpcnN0XCI6MixcIm5hbWVcIjpcIldyZW5cIn19JyxcbiAgXSxcbiAgW1snLS1zb2FwJywgJzxFbnZlbG9wZS8+JywgJy0tc29hcC1hY3Rpb24nLCAndXJuOmRlY2xhcmUnXSwgJ3RleHQveG1sOyBjaGFyc2V0PXV0Zi04JywgJzxFbnZlbG9wZS8+J10sXG5dO1xuZm9yIChjb25zdCBbb3B0aW9ucywgdHlwZSwgYm9keV0gb2YgYm9kaWVzKSB7XG4gIHRlc3QoYHNlbmQgUE9TVCB3aXRoICR7b3B0aW9ucy5qb2luKCcgJyl9IHNlbmRzIGl0LCBhbmQgLS1hcyBtYWtlcyB0aGUgZmlsZSB0aGF0IHNlbmRzIHRoZSBzYW1lYCwgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihmaWxlcywgb3JpZ2luKTtcbiAgICBjb25zdCBzZW50ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdQT1NUJywgJy9taXJyb3InLCAuLi5vcHRpb25zLCAnLS1hcycsICdzYW1lJywgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgICBhc3NlcnQuZXF1YWwoc2VudC5zdGF0dXMsIDAsIHNlbnQuZXJyKTtcbiAgICBjb25zdCBhZ2FpbiA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnc2FtZScsICctLWpzb24nXSwgeyBjd2QgfSk7XG4gICAgZm9yIChjb25zdCBvbmUgb2YgW3NlbnQsIGFnYWluXSkge1xuICAgICAgY29uc3QgeyBib2R5OiBzZWVuIH0gPSBkb2N1bWVudDx7IGJvZHk6IE1pcnJvcmVkIH0+KG9uZSk7XG4gICAgICBjb25zdCBoZWFkZXIgPSAobmFtZTogc3RyaW5nKTogc3RyaW5nIHwgdW5kZWZpbmVkID0+XG4gICAgICAgIHNlZW4uaGVhZGVycy5maW5kKChba2V5XSkgPT4ga2V5LnRvTG93ZXJDYXNlKCkgPT09IG5hbWUpPy5bMV07XG4gICAgICBhc3NlcnQuZXF1YWwoQnVmZmVyLmZyb20oc2Vlbi5ib2R5LmJhc2U2NCwgJ2Jhc2U2NCcpLnRvU3RyaW5nKCksIGJvZHkpO1xuICAgICAgYXNzZXJ0LmVxdWFsKGhlYWRlcignY29udGVudC10eXBlJyksIHR5cGUpO1xuICAgICAgaWYgKG9wdGlvbnMuaW5jbHVkZXMoJy0tc29hcC1hY3Rpb24nKSkgYXNzZXJ0LmVxdWFsKGhlYWRlcignc29hcGFjdGlvbicpLCAnXCJ1cm46ZGVjbGFyZVwiJyk7XG4gICAgfVxuICB9KTtcbn1cblxuZm9yIChjb25zdCBbb3B0aW9ucywgbWVzc2FnZV0gb2YgW1xuICBbWyctLXZhcmlhYmxlJywgJ2E9MSddLCAvLS12YXJpYWJsZSBnb2VzIHdpdGggLS1ncmFwaHFsL10sXG4gIFtbJy0tc29hcC1hY3Rpb24nLCAnYSddLCAvLS1zb2FwLWFjdGlvbiBnb2VzIHdpdGggLS1zb2FwL10sXG4gIFtbJy0tZ3JhcGhxbCcsICd7IGEgfScsICctLXNvYXAnLCAnPGEvPiddLCAvYSByZXF1ZXN0IGhhcyBvbmUgYm9keS9dLFxuICBbWyctLWh0dHAnLCAnMyddLCAvLS1odHRwIHRha2VzIDEgb3IgMiwgbm90IDMvXSxcbiAgW1snLS1pZGVudGl0eScsICdhLnBlbSwnXSwgLy0taWRlbnRpdHkgdGFrZXMgQ0VSVElGSUNBVEUsS0VZIG9yIG9uZSBQS0NTIzEyIGZpbGUvXSxcbiAgW1snLS10cnVzdCcsICdub3RoaW5nLnBlbSddLCAvbm90aGluZ1xcLnBlbSBkb2VzIG5vdCBleGlzdC9dLFxuICBbWyctLXRydXN0JywgJ2VjaG8tdHJhaWwueWFtbCddLCAvdGxzXFwudHJ1c3QgaXMgbm90IFBFTS9dLFxuICBbWyctLXRydXN0JywgJy4uL291dHNpZGUucGVtJ10sIC9vdXRzaWRlL10sXG4gIFtbJy0tcHJveHknLCAnZnRwOi8vYSddLCAvcHJveHkgaXMgbm90IHRoZSBhZGRyZXNzIG9mIGEgcHJveHkvXSxcbiAgW1snLS1odHRwJywgJzInLCAnLS1hcycsICdrZXB0J10sIC8tLWFzIGNhbm5vdCBrZWVwIC0taHR0cC9dLFxuXSBhcyBjb25zdCkge1xuICB0ZXN0KGBzZW5kIFBPU1Qgd2l0aCAke29wdGlvbnMuam9pbignICcpfSBpcyByZWZ1c2VkLCBhbmQgbm90aGluZyBpcyBzZW50YCwgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7fSwgb3JpZ2luKTtcbiAgICBjb25zdCB7IHN0YXR1cywgZXJyIH0gPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ1BPU1QnLCAnL21pcnJvcicsIC4uLm9wdGlvbnNdLCB7IGN3ZCB9KTtcbiAgICBhc3NlcnQuZXF1YWwoc3RhdHVzLCAyLCBlcnIpO1xuICAgIGFzc2VydC5tYXRjaChlcnIsIG1lc3NhZ2UpO1xuICAgIGFzc2VydC5lcXVhbCgoYXdhaXQgZWNob1RyYWlsKFsnZWNobycsICdsaXN0JywgJy0tanNvbiddLCB7IGN3ZCB9KSkub3V0LnRyaW0oKSwgJ3tcImVjaG9lc1wiOltdfScpO1xuICB9KTtcbn1cblxudGVzdCgnYnkgb3B0aW9ucyBhIHJvb3QgaXMgdHJ1c3RlZCwgYSBjbGllbnQgY2VydGlmaWNhdGUgc2hvd24sIEhUVFAvMiBzcG9rZW4gYW5kIGEgcHJveHkgbmFtZWQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlY3VyZSA9IGF3YWl0IHN0YXJ0U2VjdXJlKCk7XG4gIGNvbnN0IHsgcm9vdCwgY2xpZW50IH0gPSBzZWN1cmUuY2VydGlmaWNhdGVzO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2Yoe1xuICAgICdjZXJ0cy9yb290LnBlbSc6IHJvb3QuY2VydGlmaWNhdGUsXG4gICAgJ2NlcnRzL2FnZW50LnBlbSc6IGNsaWVudC5jZXJ0aWZpY2F0ZSxcbiAgICAnY2VydHMvYWdlbnQta2V5LnBlbSc6IGNsaWVudC5rZXksXG4gIH0pO1xuICBjb25zdCBzZW5kID0gYXN5bmMgKHVybDogc3RyaW5nLCAuLi5vcHRpb25zOiBzdHJpbmdbXSkgPT5cbiAgICBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsIHVybCwgJy0tanNvbicsIC4uLm9wdGlvbnNdLCB7IGN3ZCB9KTtcbiAgdHJ5IHtcbiAgICBjb25zdCBkaXN0cnVzdGVkID0gYXdhaXQgc2VuZChzZWN1cmUub3JpZ2lucy50cnVzdGVkKTtcbiAgICBhc3NlcnQuZXF1YWwoZGlzdHJ1c3RlZC5zdGF0dXMsIDMpO1xuICAgIGFzc2VydC5tYXRjaChkaXN0cnVzdGVkLmVyciArIGRpc3RydXN0ZWQub3V0LCAvLS10cnVzdCBGSUxFLyk7XG4gICAgYXNzZXJ0LmVxdWFsKChhd2FpdCBzZW5kKHNlY3VyZS5vcmlnaW5zLnRydXN0ZWQsICctLXRydXN0JywgJ2NlcnRzL3Jvb3QucGVtJykpLnN0YXR1cywgMCk7XG4gICAgY29uc3Qga25vd24gPSBhd2FpdCBzZW5kKFxuICAgICAgc2VjdXJlLm9yaWdpbnMuY2xpZW50LFxuICAgICAgLi4uWyctLXRydXN0JywgJ2NlcnRzL3Jvb3QucGVtJywgJy0taWRlbnRpdHknLCAnY2VydHMvYWdlbnQucGVtLGNlcnRzL2FnZW50LWtleS5wZW0nXSxcbiAgICApO1xuICAgIGFzc2VydC5lcXVhbChkb2N1bWVudDx7IGJvZHk6IHsgY2FsbGVyOiBzdHJpbmcgfSB9Pihrbm93bikuYm9keS5jYWxsZXIsICdBZ2VudCBhdCB0aGUgZGVzaycpO1xuICAgIGNvbnN0IHNlY29uZCA9IGF3YWl0IHNlbmQoc2VjdXJlLm9yaWdpbnMuaHR0cDIsICctLXRydXN0JywgJ2NlcnRzL3Jvb3QucGVtJywgJy0taHR0cCcsICcyJyk7XG4gICAgYXNzZXJ0LmVxdWFsKGRvY3VtZW50PHsgYm9keTogeyB2ZXJzaW9uOiBzdHJpbmcgfSB9PihzZWNvbmQpLmJvZHkudmVyc2lvbiwgJzIuMCcpO1xuICAgIGNvbnN0IG90aGVyTmFtZSA9IGF3YWl0IHNlbmQoXG4gICAgICBzZWN1cmUub3JpZ2lucy5vdGhlckhvc3QsXG4gICAgICAuLi5bJy0tdHJ1c3QnLCAnY2VydHMvcm9vdC5wZW0nLCAnLS1zZXJ2ZXItbmFtZScsICdvdGhlci5oYXJib3VyLmV4YW1wbGUnXSxcbiAgICApO1xuICAgIGFzc2VydC5lcXVhbChvdGhlck5hbWUuc3RhdHVzLCAwLCBvdGhlck5hbWUuZXJyKTtcbiAgICBjb25zdCByZWZ1c2VkID0gYXdhaXQgc2VuZCgnaHR0cDovL2hhcmJvdXIuZXhhbXBsZS8nLCAnLS1wcm94eScsICdodHRwOi8vMTI3LjAuMC4xOjknKTtcbiAgICBhc3NlcnQuZXF1YWwocmVmdXNlZC5zdGF0dXMsIDMpO1xuICAgIGFzc2VydC5tYXRjaChyZWZ1c2VkLm91dCArIHJlZnVzZWQuZXJyLCAvdGhlIHByb3h5IDEyN1xcLjBcXC4wXFwuMTo5IHJlZnVzZWQgdGhlIGNvbm5lY3Rpb24vKTtcbiAgfSBmaW5hbGx5IHtcbiAgICBhd2FpdCBzZWN1cmUuY2xvc2UoKTtcbiAgfVxufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsWUFBWTtBQU1yQixJQUFNLEVBQUUsT0FBTyxJQUFJLE1BQU0sbUJBQW1CO0FBTzVDLElBQU0sUUFBUTtBQUFBLEVBQ1osb0JBQW9CO0FBQUEsRUFDcEIseUJBQXlCO0FBQzNCO0FBRUEsSUFBTSxTQUF5RjtBQUFBLEVBQzdGLENBQUMsQ0FBQyxjQUFjLDBCQUEwQixHQUFHLGtDQUFrQywwQkFBMEI7QUFBQSxFQUN6RyxDQUFDLENBQUMsbUJBQW1CLGtCQUFrQixHQUFHLGtDQUFrQyxxQkFBcUI7QUFBQSxFQUNqRyxDQUFDLENBQUMsYUFBYSxtQkFBbUIsR0FBRyxvQkFBb0IsK0JBQStCO0FBQUEsRUFDeEY7QUFBQSxJQUNFLENBQUMsYUFBYSx5QkFBeUIsY0FBYyxXQUFXLGNBQWMsV0FBVztBQUFBLElBQ3pGO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFBQSxFQUNBLENBQUMsQ0FBQyxVQUFVLGVBQWUsaUJBQWlCLGFBQWEsR0FBRywyQkFBMkIsYUFBYTtBQUN0RztBQUNBLFdBQVcsQ0FBQyxTQUFTLE1BQU0sSUFBSSxLQUFLLFFBQVE7QUFDMUMsT0FBSyxrQkFBa0IsUUFBUSxLQUFLLEdBQUcsQ0FBQywwREFBMEQsWUFBWTtBQUM1RyxVQUFNLE1BQU0sYUFBYSxPQUFPLE1BQU07QUFDdEMsVUFBTSxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxXQUFXLEdBQUcsU0FBUyxRQUFRLFFBQVEsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3ZHLFdBQU8sTUFBTSxLQUFLLFFBQVEsR0FBRyxLQUFLLEdBQUc7QUFDckMsVUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDakUsZUFBVyxPQUFPLENBQUMsTUFBTSxLQUFLLEdBQUc7QUFDL0IsWUFBTSxFQUFFLE1BQU0sS0FBSyxJQUFJLFNBQTZCLEdBQUc7QUFDdkQsWUFBTSxTQUFTLENBQUMsU0FDZCxLQUFLLFFBQVEsS0FBSyxDQUFDLENBQUMsR0FBRyxNQUFNLElBQUksWUFBWSxNQUFNLElBQUksSUFBSSxDQUFDO0FBQzlELGFBQU8sTUFBTSxPQUFPLEtBQUssS0FBSyxLQUFLLFFBQVEsUUFBUSxFQUFFLFNBQVMsR0FBRyxJQUFJO0FBQ3JFLGFBQU8sTUFBTSxPQUFPLGNBQWMsR0FBRyxJQUFJO0FBQ3pDLFVBQUksUUFBUSxTQUFTLGVBQWUsRUFBRyxRQUFPLE1BQU0sT0FBTyxZQUFZLEdBQUcsZUFBZTtBQUFBLElBQzNGO0FBQUEsRUFDRixDQUFDO0FBQ0g7QUFFQSxXQUFXLENBQUMsU0FBUyxPQUFPLEtBQUs7QUFBQSxFQUMvQixDQUFDLENBQUMsY0FBYyxLQUFLLEdBQUcsZ0NBQWdDO0FBQUEsRUFDeEQsQ0FBQyxDQUFDLGlCQUFpQixHQUFHLEdBQUcsZ0NBQWdDO0FBQUEsRUFDekQsQ0FBQyxDQUFDLGFBQWEsU0FBUyxVQUFVLE1BQU0sR0FBRyx3QkFBd0I7QUFBQSxFQUNuRSxDQUFDLENBQUMsVUFBVSxHQUFHLEdBQUcsNEJBQTRCO0FBQUEsRUFDOUMsQ0FBQyxDQUFDLGNBQWMsUUFBUSxHQUFHLHNEQUFzRDtBQUFBLEVBQ2pGLENBQUMsQ0FBQyxXQUFXLGFBQWEsR0FBRyw2QkFBNkI7QUFBQSxFQUMxRCxDQUFDLENBQUMsV0FBVyxpQkFBaUIsR0FBRyx1QkFBdUI7QUFBQSxFQUN4RCxDQUFDLENBQUMsV0FBVyxnQkFBZ0IsR0FBRyxTQUFTO0FBQUEsRUFDekMsQ0FBQyxDQUFDLFdBQVcsU0FBUyxHQUFHLHFDQUFxQztBQUFBLEVBQzlELENBQUMsQ0FBQyxVQUFVLEtBQUssUUFBUSxNQUFNLEdBQUcseUJBQXlCO0FBQzdELEdBQVk7QUFDVixPQUFLLGtCQUFrQixRQUFRLEtBQUssR0FBRyxDQUFDLG9DQUFvQyxZQUFZO0FBQ3RGLFVBQU0sTUFBTSxhQUFhLENBQUMsR0FBRyxNQUFNO0FBQ25DLFVBQU0sRUFBRSxRQUFRLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLFFBQVEsV0FBVyxHQUFHLE9BQU8sR0FBRyxFQUFFLElBQUksQ0FBQztBQUN4RixXQUFPLE1BQU0sUUFBUSxHQUFHLEdBQUc7QUFDM0IsV0FBTyxNQUFNLEtBQUssT0FBTztBQUN6QixXQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLElBQUksS0FBSyxHQUFHLGVBQWU7QUFBQSxFQUNqRyxDQUFDO0FBQ0g7QUFFQSxLQUFLLDZGQUE2RixZQUFZO0FBQzVHLFFBQU0sU0FBUyxNQUFNLFlBQVk7QUFDakMsUUFBTSxFQUFFLE1BQU0sT0FBTyxJQUFJLE9BQU87QUFDaEMsUUFBTSxNQUFNLGFBQWE7QUFBQSxJQUN2QixrQkFBa0IsS0FBSztBQUFBLElBQ3ZCLG1CQUFtQixPQUFPO0FBQUEsSUFDMUIsdUJBQXVCLE9BQU87QUFBQSxFQUNoQyxDQUFDO0FBQ0QsUUFBTSxPQUFPLE9BQU8sUUFBZ0IsWUFDbEMsVUFBVSxDQUFDLFFBQVEsT0FBTyxLQUFLLFVBQVUsR0FBRyxPQUFPLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDL0QsTUFBSTtBQUNGLFVBQU0sYUFBYSxNQUFNLEtBQUssT0FBTyxRQUFRLE9BQU87QUFDcEQsV0FBTyxNQUFNLFdBQVcsUUFBUSxDQUFDO0FBQ2pDLFdBQU8sTUFBTSxXQUFXLE1BQU0sV0FBVyxLQUFLLGNBQWM7QUFDNUQsV0FBTyxPQUFPLE1BQU0sS0FBSyxPQUFPLFFBQVEsU0FBUyxXQUFXLGdCQUFnQixHQUFHLFFBQVEsQ0FBQztBQUN4RixVQUFNLFFBQVEsTUFBTTtBQUFBLE1BQ2xCLE9BQU8sUUFBUTtBQUFBLE1BQ2YsR0FBRyxDQUFDLFdBQVcsa0JBQWtCLGNBQWMscUNBQXFDO0FBQUEsSUFDdEY7QUFDQSxXQUFPLE1BQU0sU0FBdUMsS0FBSyxFQUFFLEtBQUssUUFBUSxtQkFBbUI7QUFDM0YsVUFBTSxTQUFTLE1BQU0sS0FBSyxPQUFPLFFBQVEsT0FBTyxXQUFXLGtCQUFrQixVQUFVLEdBQUc7QUFDMUYsV0FBTyxNQUFNLFNBQXdDLE1BQU0sRUFBRSxLQUFLLFNBQVMsS0FBSztBQUNoRixVQUFNLFlBQVksTUFBTTtBQUFBLE1BQ3RCLE9BQU8sUUFBUTtBQUFBLE1BQ2YsR0FBRyxDQUFDLFdBQVcsa0JBQWtCLGlCQUFpQix1QkFBdUI7QUFBQSxJQUMzRTtBQUNBLFdBQU8sTUFBTSxVQUFVLFFBQVEsR0FBRyxVQUFVLEdBQUc7QUFDL0MsVUFBTSxVQUFVLE1BQU0sS0FBSywyQkFBMkIsV0FBVyxvQkFBb0I7QUFDckYsV0FBTyxNQUFNLFFBQVEsUUFBUSxDQUFDO0FBQzlCLFdBQU8sTUFBTSxRQUFRLE1BQU0sUUFBUSxLQUFLLGlEQUFpRDtBQUFBLEVBQzNGLFVBQUU7QUFDQSxVQUFNLE9BQU8sTUFBTTtBQUFBLEVBQ3JCO0FBQ0YsQ0FBQzsiLAogICJuYW1lcyI6IFtdCn0K
