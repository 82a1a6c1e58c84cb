import {
  credentialHosts
} from "../parts/chunk-EUJL6DSN.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";
import {
  openTransport
} from "../parts/chunk-EL2VJIY4.js";
import "../parts/chunk-ZDSFE6MK.js";
import {
  plainConnection
} from "../parts/chunk-77DFO3CW.js";
import "../parts/chunk-J7IJ6DS5.js";
import "../parts/chunk-4DNYAMDJ.js";
import "../parts/chunk-UHUDVQF4.js";
import "../parts/chunk-IQWA53IU.js";
import "../parts/chunk-ELCQYB6S.js";
import "../parts/chunk-ZC7SUIQQ.js";
import "../parts/chunk-FSPVDUAZ.js";
import "../parts/chunk-RABAPZK5.js";
import "../parts/chunk-XGDOGID3.js";

// test/core/exchange.test.ts
import assert from "node:assert/strict";
import { createServer } from "node:net";
import { test } from "node:test";
import { brotliCompressSync, deflateRawSync, deflateSync, gzipSync } from "node:zlib";
var line = (name, value, secret = false) => ({ name, value, origin: "test", secret });
function get(url, more = {}) {
  return {
    method: "GET",
    url: new URL(url),
    shownUrl: url,
    headers: [line("accept", "*/*")],
    body: void 0,
    timeout: { connect: 2e3, total: 2e3 },
    redirects: 5,
    connection: plainConnection,
    ...more
  };
}
async function send(wire, signal) {
  const transport = openTransport();
  try {
    return await transport.send(wire, signal);
  } finally {
    await transport.close();
  }
}
async function against(answer, work) {
  const server = await rawServer(answer);
  try {
    await work(server);
  } finally {
    await server.close();
  }
}
test("an answer is given back whole: status, reason, header lines in order with repeats, body, phases", async () => {
  await against(
    () => answerOf('{"a":1}', { status: "207 Mixed Bag", headers: ["X-Two: a", "x-two: b", "Set-Cookie: c=1"] }),
    async ({ origin }) => {
      const { received, trouble } = await send(get(`${origin}/x?y=1`));
      assert.equal(trouble, void 0);
      assert.deepEqual([received?.status, received?.parts.reason, received?.text], [207, "Mixed Bag", '{"a":1}']);
      assert.deepEqual(received?.headers.slice(2), [
        ["X-Two", "a"],
        ["x-two", "b"],
        ["Set-Cookie", "c=1"]
      ]);
      const phases = received?.parts.phases;
      assert.ok(phases && phases.total >= phases.waiting && phases.connect !== void 0);
    }
  );
});
var bodies = [
  ["gzip", gzipSync("harbour")],
  ["deflate", deflateSync("harbour")],
  ["deflate", deflateRawSync("harbour")],
  ["br", brotliCompressSync("harbour")]
];
for (const [coding, body] of bodies) {
  test(`a body in ${coding} is decompressed`, async () => {
    const head = `HTTP/1.1 200 OK\r
content-encoding: ${coding}\r
content-length: ${body.length}\r
\r
`;
    await against(
      () => Buffer.concat([Buffer.from(head), body]),
      async ({ origin }) => {
        const { received } = await send(get(origin));
        assert.equal(received?.text, "harbour");
        assert.equal(received?.parts.wireSize, body.length);
      }
    );
  });
}
var charsets = [
  ["text/plain; charset=iso-8859-1", Buffer.from([233]), "\xE9"],
  ["text/plain", Buffer.from("\xE9"), "\xE9"],
  ["text/plain; charset=utf-8", Buffer.from([239, 187, 191, 97]), "a"],
  ["text/plain; charset=no-such", Buffer.from("\xE9"), "\xE9"]
];
for (const [type, bytes, text] of charsets) {
  test(`${type} is read as ${text}`, async () => {
    const head = `HTTP/1.1 200 OK\r
content-type: ${type}\r
content-length: ${bytes.length}\r
\r
`;
    await against(
      () => Buffer.concat([Buffer.from(head), bytes]),
      async ({ origin }) => assert.equal((await send(get(origin))).received?.text, text)
    );
  });
}
var troubles = [
  ["a connection closed without an answer", "connection-reset", (_head, socket) => void socket.destroy()],
  [
    "an answer cut short",
    "answer-cut-short",
    (_head, socket) => void socket.end("HTTP/1.1 200 OK\r\ncontent-length: 50\r\n\r\nhalf"),
    200
  ],
  ["something that is not HTTP", "answer-malformed", () => "SSH-2.0-gull\r\n\r\n"],
  ["a broken chunk", "answer-cut-short", () => "HTTP/1.1 200 OK\r\ntransfer-encoding: chunked\r\n\r\nzz\r\nx", 200],
  ["silence", "answer-timeout", () => void 0],
  ["silence in the middle", "answer-timeout", () => "HTTP/1.1 200 OK\r\ncontent-length: 50\r\n\r\nhalf", 200],
  [
    "compression that is none",
    "answer-encoding",
    () => answerOf("plain", { headers: ["content-encoding: gzip"] }),
    200
  ]
];
for (const [name, code, answer, status] of troubles) {
  test(`${name} is told as ${code}`, async () => {
    await against(answer, async ({ origin }) => {
      const { received, trouble } = await send(get(origin, { timeout: { connect: 500, total: 400 } }));
      assert.equal(trouble?.code, code, trouble?.message);
      assert.equal(trouble?.family, "no-answer");
      assert.ok(typeof trouble?.where === "string");
      assert.equal(received?.status, status);
      if (code === "answer-cut-short" && name.includes("short")) assert.equal(received?.text, "half");
    });
  });
}
test("a port on which nothing listens is told as refused", async () => {
  const server = createServer();
  await new Promise((resolve) => server.listen(0, "127.0.0.1", resolve));
  const { port } = server.address();
  await new Promise((resolve) => server.close(resolve));
  const { trouble } = await send(get(`http://127.0.0.1:${port}/`));
  assert.equal(trouble?.code, "connection-refused");
  assert.match(trouble?.what ?? "", new RegExp(`127\\.0\\.0\\.1 refused the connection on port ${port}`));
});
test("a name that nobody knows is told as such", async () => {
  const { trouble } = await send(get("http://no-such-host.larkhaven.invalid/"));
  assert.equal(trouble?.code, "name-lookup");
});
test("an interruption ends the exchange at once", async () => {
  await against(
    () => void 0,
    async ({ origin }) => {
      const controller = new AbortController();
      setTimeout(() => controller.abort(), 50);
      const { trouble } = await send(get(origin), controller.signal);
      assert.equal(trouble?.code, "interrupted");
      assert.equal((await send(get(origin), controller.signal)).trouble?.code, "interrupted");
    }
  );
});
test("redirects of a safe call are followed, listed, and never take a secret to another origin", async () => {
  await against(
    () => answerOf('{"end":true}'),
    async (other) => {
      await against(
        (head) => answerOf("", {
          status: "302 Found",
          headers: [`location: ${head.includes("/start") ? "/next" : `${other.origin}/end`}`]
        }),
        async (first) => {
          const headers = [line("authorization", "Bearer x", true), line("accept", "*/*")];
          const { received } = await send(get(`${first.origin}/start`, { headers }));
          assert.equal(received?.text, '{"end":true}');
          assert.deepEqual(received?.parts.hops, [
            { status: 302, url: `${first.origin}/start` },
            { status: 302, url: `${first.origin}/next` }
          ]);
          assert.equal(received?.finalUrl, `${other.origin}/end`);
          assert.match(first.received.join(""), /GET \/next[\s\S]*authorization: Bearer x/);
          assert.doesNotMatch(other.received.join(""), /authorization/i);
          assert.equal(
            (await send(get(`${first.origin}/start`, { method: "POST", redirects: void 0 }))).received?.status,
            302
          );
          assert.equal((await send(get(`${first.origin}/start`, { redirects: 0 }))).received?.status, 302);
        }
      );
    }
  );
});
test("redirects that go round in a circle are ended", async () => {
  await against(
    () => answerOf("", { status: "302 Found", headers: ["location: /again"] }),
    async ({ origin }) => assert.equal((await send(get(origin))).trouble?.code, "redirect-loop")
  );
});
test("credentials go to listed hosts only", () => {
  const hosts = credentialHosts("sandbox", ["api.larkhaven.example", "127.0.0.1:4810", "::1"], void 0);
  for (const good of ["https://api.larkhaven.example/x", "http://127.0.0.1:4810", "http://[::1]:9/"])
    assert.equal(hosts.allows(new URL(good)), true, good);
  for (const bad of [
    "https://larkhaven.example",
    "https://api.larkhaven.example.evil.example",
    "http://127.0.0.1:4811"
  ]) {
    assert.equal(hosts.allows(new URL(bad)), false, bad);
    assert.throws(() => hosts.demand(new URL(bad), "a secret"), { code: "host-not-listed" });
  }
  assert.equal(credentialHosts("x", void 0, "http://127.0.0.1:1").allows(new URL("http://127.0.0.1:2")), true);
  assert.equal(credentialHosts("x", void 0, void 0).allows(new URL("http://127.0.0.1")), false);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jb3JlL2V4Y2hhbmdlLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUaGUgZXhjaGFuZ2UgYWdhaW5zdCByZWFsIGJ5dGVzOiB3aGF0IGEgcGxhaW4gc29ja2V0IHNlcnZlciByZWNlaXZlcywgYW5kIHdheXMgaW4gd2hpY2ggYSBzZXJ2ZXIgY2FuIGZhaWwuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyBjcmVhdGVTZXJ2ZXIgfSBmcm9tICdub2RlOm5ldCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IGJyb3RsaUNvbXByZXNzU3luYywgZGVmbGF0ZVJhd1N5bmMsIGRlZmxhdGVTeW5jLCBnemlwU3luYyB9IGZyb20gJ25vZGU6emxpYic7XG5pbXBvcnQgeyBwbGFpbkNvbm5lY3Rpb24gfSBmcm9tICcuLi8uLi9zcmMvY29yZS9leGNoYW5nZS9jb25uZWN0aW9uLmpzJztcbmltcG9ydCB7IGNyZWRlbnRpYWxIb3N0cyB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL2V4Y2hhbmdlL2NyZWRlbnRpYWwtaG9zdHMuanMnO1xuaW1wb3J0IHsgdHlwZSBPdXRjb21lLCBvcGVuVHJhbnNwb3J0IH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvdHJhbnNwb3J0LmpzJztcbmltcG9ydCB0eXBlIHsgSGVhZGVyTGluZSwgV2lyZVJlcXVlc3QgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9leGNoYW5nZS93aXJlLmpzJztcbmltcG9ydCB7IGFuc3dlck9mLCB0eXBlIFJhd1NlcnZlciwgcmF3U2VydmVyIH0gZnJvbSAnLi4vc3VwcG9ydC9yYXctc2VydmVyLmpzJztcblxuY29uc3QgbGluZSA9IChuYW1lOiBzdHJpbmcsIHZhbHVlOiBzdHJpbmcsIHNlY3JldCA9IGZhbHNlKTogSGVhZGVyTGluZSA9PiAoeyBuYW1lLCB2YWx1ZSwgb3JpZ2luOiAndGVzdCcsIHNlY3JldCB9KTtcblxuZnVuY3Rpb24gZ2V0KHVybDogc3RyaW5nLCBtb3JlOiBQYXJ0aWFsPFdpcmVSZXF1ZXN0PiA9IHt9KTogV2lyZVJlcXVlc3Qge1xuICByZXR1cm4ge1xuICAgIG1ldGhvZDogJ0dFVCcsXG4gICAgdXJsOiBuZXcgVVJMKHVybCksXG4gICAgc2hvd25Vcmw6IHVybCxcbiAgICBoZWFkZXJzOiBbbGluZSgnYWNjZXB0JywgJyovKicpXSxcbiAgICBib2R5OiB1bmRlZmluZWQsXG4gICAgdGltZW91dDogeyBjb25uZWN0OiAyMDAwLCB0b3RhbDogMjAwMCB9LFxuICAgIHJlZGlyZWN0czogNSxcbiAgICBjb25uZWN0aW9uOiBwbGFpbkNvbm5lY3Rpb24sXG4gICAgLi4ubW9yZSxcbiAgfTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gc2VuZCh3aXJlOiBXaXJlUmVxdWVzdCwgc2lnbmFsPzogQWJvcnRTaWduYWwpOiBQcm9taXNlPE91dGNvbWU+IHtcbiAgY29uc3QgdHJhbnNwb3J0ID0gb3BlblRyYW5zcG9ydCgpO1xuICB0cnkge1xuICAgIHJldHVybiBhd2FpdCB0cmFuc3BvcnQuc2VuZCh3aXJlLCBzaWduYWwpO1xuICB9IGZpbmFsbHkge1xuICAgIGF3YWl0IHRyYW5zcG9ydC5jbG9zZSgpO1xuICB9XG59XG5cbmFzeW5jIGZ1bmN0aW9uIGFnYWluc3QoXG4gIGFuc3dlcjogUGFyYW1ldGVyczx0eXBlb2YgcmF3U2VydmVyPlswXSxcbiAgd29yazogKHNlcnZlcjogUmF3U2VydmVyKSA9PiBQcm9taXNlPHZvaWQ+LFxuKTogUHJvbWlzZTx2b2lkPiB7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcihhbnN3ZXIpO1xuICB0cnkge1xuICAgIGF3YWl0IHdvcmsoc2VydmVyKTtcbiAgfSBmaW5hbGx5IHtcbiAgICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbiAgfVxufVxuXG50ZXN0KCdhbiBhbnN3ZXIgaXMgZ2l2ZW4gYmFjayB3aG9sZTogc3RhdHVzLCByZWFzb24sIGhlYWRlciBsaW5lcyBpbiBvcmRlciB3aXRoIHJlcGVhdHMsIGJvZHksIHBoYXNlcycsIGFzeW5jICgpID0+IHtcbiAgYXdhaXQgYWdhaW5zdChcbiAgICAoKSA9PiBhbnN3ZXJPZigne1wiYVwiOjF9JywgeyBzdGF0dXM6ICcyMDcgTWl4ZWQgQmFnJywgaGVhZGVyczogWydYLVR3bzogYScsICd4LXR3bzogYicsICdTZXQtQ29va2llOiBjPTEnXSB9KSxcbiAgICBhc3luYyAoeyBvcmlnaW4gfSkgPT4ge1xuICAgICAgY29uc3QgeyByZWNlaXZlZCwgdHJvdWJsZSB9ID0gYXdhaXQgc2VuZChnZXQoYCR7b3JpZ2lufS94P3k9MWApKTtcbiAgICAgIGFzc2VydC5lcXVhbCh0cm91YmxlLCB1bmRlZmluZWQpO1xuICAgICAgYXNzZXJ0LmRlZXBFcXVhbChbcmVjZWl2ZWQ/LnN0YXR1cywgcmVjZWl2ZWQ/LnBhcnRzLnJlYXNvbiwgcmVjZWl2ZWQ/LnRleHRdLCBbMjA3LCAnTWl4ZWQgQmFnJywgJ3tcImFcIjoxfSddKTtcbiAgICAgIGFzc2VydC5kZWVwRXF1YWwocmVjZWl2ZWQ/LmhlYWRlcnMuc2xpY2UoMiksIFtcbiAgICAgICAgWydYLVR3bycsICdhJ10sXG4gICAgICAgIFsneC10d28nLCAnYiddLFxuICAgICAgICBbJ1NldC1Db29raWUnLCAnYz0xJ10sXG4gICAgICBdKTtcbiAgICAgIGNvbnN0IHBoYXNlcyA9IHJlY2VpdmVkPy5wYXJ0cy5waGFzZXM7XG4gICAgICBhc3NlcnQub2socGhhc2VzICYmIHBoYXNlcy50b3RhbCA+PSBwaGFzZXMud2FpdGluZyAmJiBwaGFzZXMuY29ubmVjdCAhPT0gdW5kZWZpbmVkKTtcbiAgICB9LFxuICApO1xufSk7XG5cbmNvbnN0IGJvZGllczogcmVhZG9ubHkgKHJlYWRvbmx5IFtjb2Rpbmc6IHN0cmluZywgYm9keTogQnVmZmVyXSlbXSA9IFtcbiAgWydnemlwJywgZ3ppcFN5bmMoJ2hhcmJvdXInKV0sXG4gIFsnZGVmbGF0ZScsIGRlZmxhdGVTeW5jKCdoYXJib3VyJyldLFxuICBbJ2RlZmxhdGUnLCBkZWZsYXRlUmF3U3luYygnaGFyYm91cicpXSxcbiAgWydicicsIGJyb3RsaUNvbXByZXNzU3luYygnaGFyYm91cicpXSxcbl07XG5mb3IgKGNvbnN0IFtjb2RpbmcsIGJvZHldIG9mIGJvZGllcykge1xuICB0ZXN0KGBhIGJvZHkgaW4gJHtjb2Rpbmd9IGlzIGRlY29tcHJlc3NlZGAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCBoZWFkID0gYEhUVFAvMS4xIDIwMCBPS1xcclxcbmNvbnRlbnQtZW5jb2Rpbmc6ICR7Y29kaW5nfVxcclxcbmNvbnRlbnQtbGVuZ3RoOiAke2JvZHkubGVuZ3RofVxcclxcblxcclxcbmA7XG4gICAgYXdhaXQgYWdhaW5zdChcbiAgICAgICgpID0+IEJ1ZmZlci5jb25jYXQoW0J1ZmZlci5mcm9tKGhlYWQpLCBib2R5XSksXG4gICAgICBhc3luYyAoeyBvcmlnaW4gfSkgPT4ge1xuICAgICAgICBjb25zdCB7IHJlY2VpdmVkIH0gPSBhd2FpdCBzZW5kKGdldChvcmlnaW4pKTtcbiAgICAgICAgYXNzZXJ0LmVxdWFsKHJlY2VpdmVkPy50ZXh0LCAnaGFyYm91cicpO1xuICAgICAgICBhc3NlcnQuZXF1YWwocmVjZWl2ZWQ/LnBhcnRzLndpcmVTaXplLCBib2R5Lmxlbmd0aCk7XG4gICAgICB9LFxuICAgICk7XG4gIH0pO1xufVxuXG5jb25zdCBjaGFyc2V0czogcmVhZG9ubHkgKHJlYWRvbmx5IFt0eXBlOiBzdHJpbmcsIGJ5dGVzOiBCdWZmZXIsIHRleHQ6IHN0cmluZ10pW10gPSBbXG4gIFsndGV4dC9wbGFpbjsgY2hhcnNldD1pc28tODg1OS0xJywgQnVmZmVyLmZyb20oWzB4ZTldKSwgJ1x1MDBFOSddLFxuICBbJ3RleHQvcGxhaW4nLCBCdWZmZXIuZnJvbSgnXHUwMEU5JyksICdcdTAwRTknXSxcbiAgWyd0ZXh0L3BsYWluOyBjaGFyc2V0PXV0Zi04JywgQnVmZmVyLmZyb20oWzB4ZWYsIDB4YmIsIDB4YmYsIDB4NjFdKSwgJ2EnXSxcbiAgWyd0ZXh0L3BsYWluOyBjaGFyc2V0PW5vLXN1Y2gnLCBCdWZmZXIuZnJvbSgnXHUwMEU5JyksICdcdTAwRTknXSxcbl07XG5mb3IgKGNvbnN0IFt0eXBlLCBieXRlcywgdGV4dF0gb2YgY2hhcnNldHMpIHtcbiAgdGVzdChgJHt0eXBlfSBpcyByZWFkIGFzICR7dGV4dH1gLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgaGVhZCA9IGBIVFRQLzEuMSAyMDAgT0tcXHJcXG5jb250ZW50LXR5cGU6ICR7dHlwZX1cXHJcXG5jb250ZW50LWxlbmd0aDogJHtieXRlcy5sZW5ndGh9XFxyXFxuXFxyXFxuYDtcbiAgICBhd2FpdCBhZ2FpbnN0KFxuICAgICAgKCkgPT4gQnVmZmVyLmNvbmNhdChbQnVmZmVyLmZyb20oaGVhZCksIGJ5dGVzXSksXG4gICAgICBhc3luYyAoeyBvcmlnaW4gfSkgPT4gYXNzZXJ0LmVxdWFsKChhd2FpdCBzZW5kKGdldChvcmlnaW4pKSkucmVjZWl2ZWQ/LnRleHQsIHRleHQpLFxuICAgICk7XG4gIH0pO1xufVxuXG5jb25zdCB0cm91YmxlczogcmVhZG9ubHkgKHJlYWRvbmx5IFtcbiAgbmFtZTogc3RyaW5nLFxuICBjb2RlOiBzdHJpbmcsXG4gIGFuc3dlcjogUGFyYW1ldGVyczx0eXBlb2YgcmF3U2VydmVyPlswXSxcbiAgc3RhdHVzPzogbnVtYmVyLFxuXSlbXSA9IFtcbiAgWydhIGNvbm5lY3Rpb24gY2xvc2VkIHdpdGhvdXQgYW4gYW5zd2VyJywgJ2Nvbm5lY3Rpb24tcmVzZXQnLCAoX2hlYWQsIHNvY2tldCkgPT4gdm9pZCBzb2NrZXQuZGVzdHJveSgpXSxcbiAgW1xuICAgICdhbiBhbnN3ZXIgY3V0IHNob3J0JyxcbiAgICAnYW5zd2VyLWN1dC1zaG9ydCcsXG4gICAgKF9oZWFkLCBzb2NrZXQpID0+IHZvaWQgc29ja2V0LmVuZCgnSFRUUC8xLjEgMjAwIE9LXFxyXFxuY29udGVudC1sZW5ndGg6IDUwXFxyXFxuXFxyXFxuaGFsZicpLFxuICAgIDIwMCxcbiAgXSxcbiAgWydzb21ldGhpbmcgdGhhdCBpcyBub3QgSFRUUCcsICdhbnN3ZXItbWFsZm9ybWVkJywgKCkgPT4gJ1NTSC0yLjAtZ3VsbFxcclxcblxcclxcbiddLFxuICBbJ2EgYnJva2VuIGNodW5rJywgJ2Fuc3dlci1jdXQtc2hvcnQnLCAoKSA9PiAnSFRUUC8xLjEgMjAwIE9LXFxyXFxudHJhbnNmZXItZW5jb2Rpbmc6IGNodW5rZWRcXHJcXG5cXHJcXG56elxcclxcbngnLCAyMDBdLFxuICBbJ3NpbGVuY2UnLCAnYW5zd2VyLXRpbWVvdXQnLCAoKSA9PiB1bmRlZmluZWRdLFxuICBbJ3NpbGVuY2UgaW4gdGhlIG1pZGRsZScsICdhbnN3ZXItdGltZW91dCcsICgpID0+ICdIVFRQLzEuMSAyMDAgT0tcXHJcXG5jb250ZW50LWxlbmd0aDogNTBcXHJcXG5cXHJcXG5oYWxmJywgMjAwXSxcbiAgW1xuICAgICdjb21wcmVzc2lvbiB0aGF0IGlzIG5vbmUnLFxuICAgICdhbnN3ZXItZW5jb2RpbmcnLFxuICAgICgpID0+IGFuc3dlck9mKCdwbGFpbicsIHsgaGVhZGVyczogWydjb250ZW50LWVuY29kaW5nOiBnemlwJ10gfSksXG4gICAgMjAwLFxuICBdLFxuXTtcbmZvciAoY29uc3QgW25hbWUsIGNvZGUsIGFuc3dlciwgc3RhdHVzXSBvZiB0cm91Ymxlcykge1xuICB0ZXN0KGAke25hbWV9IGlzIHRvbGQgYXMgJHtjb2RlfWAsIGFzeW5jICgpID0+IHtcbiAgICBhd2FpdCBhZ2FpbnN0KGFuc3dlciwgYXN5bmMgKHsgb3JpZ2luIH0pID0+IHtcbiAgICAgIGNvbnN0IHsgcmVjZWl2ZWQsIHRyb3VibGUgfSA9IGF3YWl0IHNlbmQoZ2V0KG9yaWdpbiwgeyB0aW1lb3V0OiB7IGNvbm5lY3Q6IDUwMCwgdG90YWw6IDQwMCB9IH0pKTtcbiAgICAgIGFzc2VydC5lcXVhbCh0cm91YmxlPy5jb2RlLCBjb2RlLCB0cm91YmxlPy5tZXNzYWdlKTtcbiAgICAgIGFzc2VydC5lcXVhbCh0cm91YmxlPy5mYW1pbHksICduby1hbnN3ZXInKTtcbiAgICAgIGFzc2VydC5vayh0eXBlb2YgdHJvdWJsZT8ud2hlcmUgPT09ICdzdHJpbmcnKTtcbiAgICAgIGFzc2VydC5lcXVhbChyZWNlaXZlZD8uc3RhdHVzLCBzdGF0dXMpO1xuICAgICAgaWYgKGNvZGUgPT09ICdhbnN3ZXItY3V0LXNob3J0JyAmJiBuYW1lLmluY2x1ZGVzKCdzaG9ydCcpKSBhc3NlcnQuZXF1YWwocmVjZWl2ZWQ/LnRleHQsICdoYWxmJyk7XG4gICAgfSk7XG4gIH0pO1xufVxuXG50ZXN0KCdhIHBvcnQgb24gd2hpY2ggbm90aGluZyBsaXN0ZW5zIGlzIHRvbGQgYXMgcmVmdXNlZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc2VydmVyID0gY3JlYXRlU2VydmVyKCk7XG4gIGF3YWl0IG5ldyBQcm9taXNlPHZvaWQ+KChyZXNvbHZlKSA9PiBzZXJ2ZXIubGlzdGVuKDAsICcxMjcuMC4wLjEnLCByZXNvbHZlKSk7XG4gIGNvbnN0IHsgcG9ydCB9ID0gc2VydmVyLmFkZHJlc3MoKSBhcyB7IHBvcnQ6IG51bWJlciB9O1xuICBhd2FpdCBuZXcgUHJvbWlzZSgocmVzb2x2ZSkgPT4gc2VydmVyLmNsb3NlKHJlc29sdmUpKTtcbiAgY29uc3QgeyB0cm91YmxlIH0gPSBhd2FpdCBzZW5kKGdldChgaHR0cDovLzEyNy4wLjAuMToke3BvcnR9L2ApKTtcbiAgYXNzZXJ0LmVxdWFsKHRyb3VibGU/LmNvZGUsICdjb25uZWN0aW9uLXJlZnVzZWQnKTtcbiAgYXNzZXJ0Lm1hdGNoKHRyb3VibGU/LndoYXQgPz8gJycsIG5ldyBSZWdFeHAoYDEyN1xcXFwuMFxcXFwuMFxcXFwuMSByZWZ1c2VkIHRoZSBjb25uZWN0aW9uIG9uIHBvcnQgJHtwb3J0fWApKTtcbn0pO1xuXG50ZXN0KCdhIG5hbWUgdGhhdCBub2JvZHkga25vd3MgaXMgdG9sZCBhcyBzdWNoJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IHRyb3VibGUgfSA9IGF3YWl0IHNlbmQoZ2V0KCdodHRwOi8vbm8tc3VjaC1ob3N0LmxhcmtoYXZlbi5pbnZhbGlkLycpKTtcbiAgYXNzZXJ0LmVxdWFsKHRyb3VibGU/LmNvZGUsICduYW1lLWxvb2t1cCcpO1xufSk7XG5cbnRlc3QoJ2FuIGludGVycnVwdGlvbiBlbmRzIHRoZSBleGNoYW5nZSBhdCBvbmNlJywgYXN5bmMgKCkgPT4ge1xuICBhd2FpdCBhZ2FpbnN0KFxuICAgICgpID0+IHVuZGVmaW5lZCxcbiAgICBhc3luYyAoeyBvcmlnaW4gfSkgPT4ge1xuICAgICAgY29uc3QgY29udHJvbGxlciA9IG5ldyBBYm9ydENvbnRyb2xsZXIoKTtcbiAgICAgIHNldFRpbWVvdXQoKCkgPT4gY29udHJvbGxlci5hYm9ydCgpLCA1MCk7XG4gICAgICBjb25zdCB7IHRyb3VibGUgfSA9IGF3YWl0IHNlbmQoZ2V0KG9yaWdpbiksIGNvbnRyb2xsZXIuc2lnbmFsKTtcbiAgICAgIGFzc2VydC5lcXVhbCh0cm91YmxlPy5jb2RlLCAnaW50ZXJydXB0ZWQnKTtcbiAgICAgIGFzc2VydC5lcXVhbCgoYXdhaXQgc2VuZChnZXQob3JpZ2luKSwgY29udHJvbGxlci5zaWduYWwpKS50cm91YmxlPy5jb2RlLCAnaW50ZXJydXB0ZWQnKTtcbiAgICB9LFxuICApO1xufSk7XG5cbnRlc3QoJ3JlZGlyZWN0cyBvZiBhIHNhZmUgY2FsbCBhcmUgZm9sbG93ZWQsIGxpc3RlZCwgYW5kIG5ldmVyIHRha2UgYSBzZWNyZXQgdG8gYW5vdGhlciBvcmlnaW4nLCBhc3luYyAoKSA9PiB7XG4gIGF3YWl0IGFnYWluc3QoXG4gICAgKCkgPT4gYW5zd2VyT2YoJ3tcImVuZFwiOnRydWV9JyksXG4gICAgYXN5bmMgKG90aGVyKSA9PiB7XG4gICAgICBhd2FpdCBhZ2FpbnN0KFxuICAgICAgICAoaGVhZCkgPT5cbiAgICAgICAgICBhbnN3ZXJPZignJywge1xuICAgICAgICAgICAgc3RhdHVzOiAnMzAyIEZvdW5kJyxcbiAgICAgICAgICAgIGhlYWRlcnM6IFtgbG9jYXRpb246ICR7aGVhZC5pbmNsdWRlcygnL3N0YXJ0JykgPyAnL25leHQnIDogYCR7b3RoZXIub3JpZ2lufS9lbmRgfWBdLFxuICAgICAgICAgIH0pLFxuICAgICAgICBhc3luYyAoZmlyc3QpID0+IHtcbiAgICAgICAgICBjb25zdCBoZWFkZXJzID0gW2xpbmUoJ2F1dGhvcml6YXRpb24nLCAnQmVhcmVyIHgnLCB0cnVlKSwgbGluZSgnYWNjZXB0JywgJyovKicpXTtcbiAgICAgICAgICBjb25zdCB7IHJlY2VpdmVkIH0gPSBhd2FpdCBzZW5kKGdldChgJHtmaXJzdC5vcmlnaW59L3N0YXJ0YCwgeyBoZWFkZXJzIH0pKTtcbiAgICAgICAgICBhc3NlcnQuZXF1YWwocmVjZWl2ZWQ/LnRleHQsICd7XCJlbmRcIjp0cnVlfScpO1xuICAgICAgICAgIGFzc2VydC5kZWVwRXF1YWwocmVjZWl2ZWQ/LnBhcnRzLmhvcHMsIFtcbiAgICAgICAgICAgIHsgc3RhdHVzOiAzMDIsIHVybDogYCR7Zmlyc3Qub3JpZ2lufS9zdGFydGAgfSxcbiAgICAgICAgICAgIHsgc3RhdHVzOiAzMDIsIHVybDogYCR7Zmlyc3Qub3JpZ2lufS9uZXh0YCB9LFxuICAgICAgICAgIF0pO1xuICAgICAgICAgIGFzc2VydC5lcXVhbChyZWNlaXZlZD8uZmluYWxVcmwsIGAke290aGVyLm9yaWdpbn0vZW5kYCk7XG4gICAgICAgICAgYXNzZXJ0Lm1hdGNoKGZpcnN0LnJlY2VpdmVkLmpvaW4oJycpLCAvR0VUIFxcL25leHRbXFxzXFxTXSphdXRob3JpemF0aW9uOiBCZWFyZXIgeC8pO1xuICAgICAgICAgIGFzc2VydC5kb2VzTm90TWF0Y2gob3RoZXIucmVjZWl2ZWQuam9pbignJyksIC9hdXRob3JpemF0aW9uL2kpO1xuICAgICAgICAgIGFzc2VydC5lcXVhbChcbiAgICAgICAgICAgIChhd2FpdCBzZW5kKGdldChgJHtmaXJzdC5vcmlnaW59L3N0YXJ0YCwgeyBtZXRob2Q6ICdQT1NUJywgcmVkaXJlY3RzOiB1bmRlZmluZWQgfSkpKS5yZWNlaXZlZD8uc3RhdHVzLFxuICAgICAgICAgICAgMzAyLFxuICAgICAgICAgICk7XG4gICAgICAgICAgYXNzZXJ0LmVxdWFsKChhd2FpdCBzZW5kKGdldChgJHtmaXJzdC5vcmlnaW59L3N0YXJ0YCwgeyByZWRpcmVjdHM6IDAgfSkpKS5yZWNlaXZlZD8uc3RhdHVzLCAzMDIpO1xuICAgICAgICB9LFxuICAgICAgKTtcbiAgICB9LFxuICApO1xufSk7XG5cbnRlc3QoJ3JlZGlyZWN0cyB0aGF0IGdvIHJvdW5kIGluIGEgY2lyY2xlIGFyZSBlbmRlZCcsIGFzeW5jICgpID0+IHtcbiAgYXdhaXQgYWdhaW5zdChcbiAgICAoKSA9PiBhbnN3ZXJPZignJywgeyBzdGF0dXM6ICczMDIgRm91bmQnLCBoZWFkZXJzOiBbJ2xvY2F0aW9uOiAvYWdhaW4nXSB9KSxcbiAgICBhc3luYyAoeyBvcmlnaW4gfSkgPT4gYXNzZXJ0LmVxdWFsKChhd2FpdCBzZW5kKGdldChvcmlnaW4pKSkudHJvdWJsZT8uY29kZSwgJ3JlZGlyZWN0LWxvb3AnKSxcbiAgKTtcbn0pO1xuXG50ZXN0KCdjcmVkZW50aWFscyBnbyB0byBsaXN0ZWQgaG9zdHMgb25seScsICgpID0+IHtcbiAgY29uc3QgaG9zdHMgPSBjcmVkZW50aWFsSG9zdHMoJ3NhbmRib3gnLCBbJ2FwaS5sYXJraGF2ZW4uZXhhbXBsZScsICcxMjcuMC4wLjE6NDgxMCcsICc6OjEnXSwgdW5kZWZpbmVkKTtcbiAgZm9yIChjb25zdCBnb29kIG9mIFsnaHR0cHM6Ly9hcGkubGFya2hhdmVuLmV4YW1wbGUveCcsICdodHRwOi8vMTI3LjAuMC4xOjQ4MTAnLCAnaHR0cDovL1s6OjFdOjkvJ10pXG4gICAgYXNzZXJ0LmVxdWFsKGhvc3RzLmFsbG93cyhuZXcgVVJMKGdvb2QpKSwgdHJ1ZSwgZ29vZCk7XG4gIGZvciAoY29uc3QgYmFkIG9mIFtcbiAgICAnaHR0cHM6Ly9sYXJraGF2ZW4uZXhhbXBsZScsXG4gICAgJ2h0dHBzOi8vYXBpLmxhcmtoYXZlbi5leGFtcGxlLmV2aWwuZXhhbXBsZScsXG4gICAgJ2h0dHA6Ly8xMjcuMC4wLjE6NDgxMScsXG4gIF0pIHtcbiAgICBhc3NlcnQuZXF1YWwoaG9zdHMuYWxsb3dzKG5ldyBVUkwoYmFkKSksIGZhbHNlLCBiYWQpO1xuICAgIGFzc2VydC50aHJvd3MoKCkgPT4gaG9zdHMuZGVtYW5kKG5ldyBVUkwoYmFkKSwgJ2Egc2VjcmV0JyksIHsgY29kZTogJ2hvc3Qtbm90LWxpc3RlZCcgfSk7XG4gIH1cbiAgYXNzZXJ0LmVxdWFsKGNyZWRlbnRpYWxIb3N0cygneCcsIHVuZGVmaW5lZCwgJ2h0dHA6Ly8xMjcuMC4wLjE6MScpLmFsbG93cyhuZXcgVVJMKCdodHRwOi8vMTI3LjAuMC4xOjInKSksIHRydWUpO1xuICBhc3NlcnQuZXF1YWwoY3JlZGVudGlhbEhvc3RzKCd4JywgdW5kZWZpbmVkLCB1bmRlZmluZWQpLmFsbG93cyhuZXcgVVJMKCdodHRwOi8vMTI3LjAuMC4xJykpLCBmYWxzZSk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxvQkFBb0I7QUFDN0IsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsb0JBQW9CLGdCQUFnQixhQUFhLGdCQUFnQjtBQU8xRSxJQUFNLE9BQU8sQ0FBQyxNQUFjLE9BQWUsU0FBUyxXQUF1QixFQUFFLE1BQU0sT0FBTyxRQUFRLFFBQVEsT0FBTztBQUVqSCxTQUFTLElBQUksS0FBYSxPQUE2QixDQUFDLEdBQWdCO0FBQ3RFLFNBQU87QUFBQSxJQUNMLFFBQVE7QUFBQSxJQUNSLEtBQUssSUFBSSxJQUFJLEdBQUc7QUFBQSxJQUNoQixVQUFVO0FBQUEsSUFDVixTQUFTLENBQUMsS0FBSyxVQUFVLEtBQUssQ0FBQztBQUFBLElBQy9CLE1BQU07QUFBQSxJQUNOLFNBQVMsRUFBRSxTQUFTLEtBQU0sT0FBTyxJQUFLO0FBQUEsSUFDdEMsV0FBVztBQUFBLElBQ1gsWUFBWTtBQUFBLElBQ1osR0FBRztBQUFBLEVBQ0w7QUFDRjtBQUVBLGVBQWUsS0FBSyxNQUFtQixRQUF3QztBQUM3RSxRQUFNLFlBQVksY0FBYztBQUNoQyxNQUFJO0FBQ0YsV0FBTyxNQUFNLFVBQVUsS0FBSyxNQUFNLE1BQU07QUFBQSxFQUMxQyxVQUFFO0FBQ0EsVUFBTSxVQUFVLE1BQU07QUFBQSxFQUN4QjtBQUNGO0FBRUEsZUFBZSxRQUNiLFFBQ0EsTUFDZTtBQUNmLFFBQU0sU0FBUyxNQUFNLFVBQVUsTUFBTTtBQUNyQyxNQUFJO0FBQ0YsVUFBTSxLQUFLLE1BQU07QUFBQSxFQUNuQixVQUFFO0FBQ0EsVUFBTSxPQUFPLE1BQU07QUFBQSxFQUNyQjtBQUNGO0FBRUEsS0FBSyxtR0FBbUcsWUFBWTtBQUNsSCxRQUFNO0FBQUEsSUFDSixNQUFNLFNBQVMsV0FBVyxFQUFFLFFBQVEsaUJBQWlCLFNBQVMsQ0FBQyxZQUFZLFlBQVksaUJBQWlCLEVBQUUsQ0FBQztBQUFBLElBQzNHLE9BQU8sRUFBRSxPQUFPLE1BQU07QUFDcEIsWUFBTSxFQUFFLFVBQVUsUUFBUSxJQUFJLE1BQU0sS0FBSyxJQUFJLEdBQUcsTUFBTSxRQUFRLENBQUM7QUFDL0QsYUFBTyxNQUFNLFNBQVMsTUFBUztBQUMvQixhQUFPLFVBQVUsQ0FBQyxVQUFVLFFBQVEsVUFBVSxNQUFNLFFBQVEsVUFBVSxJQUFJLEdBQUcsQ0FBQyxLQUFLLGFBQWEsU0FBUyxDQUFDO0FBQzFHLGFBQU8sVUFBVSxVQUFVLFFBQVEsTUFBTSxDQUFDLEdBQUc7QUFBQSxRQUMzQyxDQUFDLFNBQVMsR0FBRztBQUFBLFFBQ2IsQ0FBQyxTQUFTLEdBQUc7QUFBQSxRQUNiLENBQUMsY0FBYyxLQUFLO0FBQUEsTUFDdEIsQ0FBQztBQUNELFlBQU0sU0FBUyxVQUFVLE1BQU07QUFDL0IsYUFBTyxHQUFHLFVBQVUsT0FBTyxTQUFTLE9BQU8sV0FBVyxPQUFPLFlBQVksTUFBUztBQUFBLElBQ3BGO0FBQUEsRUFDRjtBQUNGLENBQUM7QUFFRCxJQUFNLFNBQStEO0FBQUEsRUFDbkUsQ0FBQyxRQUFRLFNBQVMsU0FBUyxDQUFDO0FBQUEsRUFDNUIsQ0FBQyxXQUFXLFlBQVksU0FBUyxDQUFDO0FBQUEsRUFDbEMsQ0FBQyxXQUFXLGVBQWUsU0FBUyxDQUFDO0FBQUEsRUFDckMsQ0FBQyxNQUFNLG1CQUFtQixTQUFTLENBQUM7QUFDdEM7QUFDQSxXQUFXLENBQUMsUUFBUSxJQUFJLEtBQUssUUFBUTtBQUNuQyxPQUFLLGFBQWEsTUFBTSxvQkFBb0IsWUFBWTtBQUN0RCxVQUFNLE9BQU87QUFBQSxvQkFBd0MsTUFBTTtBQUFBLGtCQUF1QixLQUFLLE1BQU07QUFBQTtBQUFBO0FBQzdGLFVBQU07QUFBQSxNQUNKLE1BQU0sT0FBTyxPQUFPLENBQUMsT0FBTyxLQUFLLElBQUksR0FBRyxJQUFJLENBQUM7QUFBQSxNQUM3QyxPQUFPLEVBQUUsT0FBTyxNQUFNO0FBQ3BCLGNBQU0sRUFBRSxTQUFTLElBQUksTUFBTSxLQUFLLElBQUksTUFBTSxDQUFDO0FBQzNDLGVBQU8sTUFBTSxVQUFVLE1BQU0sU0FBUztBQUN0QyxlQUFPLE1BQU0sVUFBVSxNQUFNLFVBQVUsS0FBSyxNQUFNO0FBQUEsTUFDcEQ7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQ0g7QUFFQSxJQUFNLFdBQThFO0FBQUEsRUFDbEYsQ0FBQyxrQ0FBa0MsT0FBTyxLQUFLLENBQUMsR0FBSSxDQUFDLEdBQUcsTUFBRztBQUFBLEVBQzNELENBQUMsY0FBYyxPQUFPLEtBQUssTUFBRyxHQUFHLE1BQUc7QUFBQSxFQUNwQyxDQUFDLDZCQUE2QixPQUFPLEtBQUssQ0FBQyxLQUFNLEtBQU0sS0FBTSxFQUFJLENBQUMsR0FBRyxHQUFHO0FBQUEsRUFDeEUsQ0FBQywrQkFBK0IsT0FBTyxLQUFLLE1BQUcsR0FBRyxNQUFHO0FBQ3ZEO0FBQ0EsV0FBVyxDQUFDLE1BQU0sT0FBTyxJQUFJLEtBQUssVUFBVTtBQUMxQyxPQUFLLEdBQUcsSUFBSSxlQUFlLElBQUksSUFBSSxZQUFZO0FBQzdDLFVBQU0sT0FBTztBQUFBLGdCQUFvQyxJQUFJO0FBQUEsa0JBQXVCLE1BQU0sTUFBTTtBQUFBO0FBQUE7QUFDeEYsVUFBTTtBQUFBLE1BQ0osTUFBTSxPQUFPLE9BQU8sQ0FBQyxPQUFPLEtBQUssSUFBSSxHQUFHLEtBQUssQ0FBQztBQUFBLE1BQzlDLE9BQU8sRUFBRSxPQUFPLE1BQU0sT0FBTyxPQUFPLE1BQU0sS0FBSyxJQUFJLE1BQU0sQ0FBQyxHQUFHLFVBQVUsTUFBTSxJQUFJO0FBQUEsSUFDbkY7QUFBQSxFQUNGLENBQUM7QUFDSDtBQUVBLElBQU0sV0FLQztBQUFBLEVBQ0wsQ0FBQyx5Q0FBeUMsb0JBQW9CLENBQUMsT0FBTyxXQUFXLEtBQUssT0FBTyxRQUFRLENBQUM7QUFBQSxFQUN0RztBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxDQUFDLE9BQU8sV0FBVyxLQUFLLE9BQU8sSUFBSSxtREFBbUQ7QUFBQSxJQUN0RjtBQUFBLEVBQ0Y7QUFBQSxFQUNBLENBQUMsOEJBQThCLG9CQUFvQixNQUFNLHNCQUFzQjtBQUFBLEVBQy9FLENBQUMsa0JBQWtCLG9CQUFvQixNQUFNLGdFQUFnRSxHQUFHO0FBQUEsRUFDaEgsQ0FBQyxXQUFXLGtCQUFrQixNQUFNLE1BQVM7QUFBQSxFQUM3QyxDQUFDLHlCQUF5QixrQkFBa0IsTUFBTSxxREFBcUQsR0FBRztBQUFBLEVBQzFHO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBLE1BQU0sU0FBUyxTQUFTLEVBQUUsU0FBUyxDQUFDLHdCQUF3QixFQUFFLENBQUM7QUFBQSxJQUMvRDtBQUFBLEVBQ0Y7QUFDRjtBQUNBLFdBQVcsQ0FBQyxNQUFNLE1BQU0sUUFBUSxNQUFNLEtBQUssVUFBVTtBQUNuRCxPQUFLLEdBQUcsSUFBSSxlQUFlLElBQUksSUFBSSxZQUFZO0FBQzdDLFVBQU0sUUFBUSxRQUFRLE9BQU8sRUFBRSxPQUFPLE1BQU07QUFDMUMsWUFBTSxFQUFFLFVBQVUsUUFBUSxJQUFJLE1BQU0sS0FBSyxJQUFJLFFBQVEsRUFBRSxTQUFTLEVBQUUsU0FBUyxLQUFLLE9BQU8sSUFBSSxFQUFFLENBQUMsQ0FBQztBQUMvRixhQUFPLE1BQU0sU0FBUyxNQUFNLE1BQU0sU0FBUyxPQUFPO0FBQ2xELGFBQU8sTUFBTSxTQUFTLFFBQVEsV0FBVztBQUN6QyxhQUFPLEdBQUcsT0FBTyxTQUFTLFVBQVUsUUFBUTtBQUM1QyxhQUFPLE1BQU0sVUFBVSxRQUFRLE1BQU07QUFDckMsVUFBSSxTQUFTLHNCQUFzQixLQUFLLFNBQVMsT0FBTyxFQUFHLFFBQU8sTUFBTSxVQUFVLE1BQU0sTUFBTTtBQUFBLElBQ2hHLENBQUM7QUFBQSxFQUNILENBQUM7QUFDSDtBQUVBLEtBQUssc0RBQXNELFlBQVk7QUFDckUsUUFBTSxTQUFTLGFBQWE7QUFDNUIsUUFBTSxJQUFJLFFBQWMsQ0FBQyxZQUFZLE9BQU8sT0FBTyxHQUFHLGFBQWEsT0FBTyxDQUFDO0FBQzNFLFFBQU0sRUFBRSxLQUFLLElBQUksT0FBTyxRQUFRO0FBQ2hDLFFBQU0sSUFBSSxRQUFRLENBQUMsWUFBWSxPQUFPLE1BQU0sT0FBTyxDQUFDO0FBQ3BELFFBQU0sRUFBRSxRQUFRLElBQUksTUFBTSxLQUFLLElBQUksb0JBQW9CLElBQUksR0FBRyxDQUFDO0FBQy9ELFNBQU8sTUFBTSxTQUFTLE1BQU0sb0JBQW9CO0FBQ2hELFNBQU8sTUFBTSxTQUFTLFFBQVEsSUFBSSxJQUFJLE9BQU8sa0RBQWtELElBQUksRUFBRSxDQUFDO0FBQ3hHLENBQUM7QUFFRCxLQUFLLDRDQUE0QyxZQUFZO0FBQzNELFFBQU0sRUFBRSxRQUFRLElBQUksTUFBTSxLQUFLLElBQUksd0NBQXdDLENBQUM7QUFDNUUsU0FBTyxNQUFNLFNBQVMsTUFBTSxhQUFhO0FBQzNDLENBQUM7QUFFRCxLQUFLLDZDQUE2QyxZQUFZO0FBQzVELFFBQU07QUFBQSxJQUNKLE1BQU07QUFBQSxJQUNOLE9BQU8sRUFBRSxPQUFPLE1BQU07QUFDcEIsWUFBTSxhQUFhLElBQUksZ0JBQWdCO0FBQ3ZDLGlCQUFXLE1BQU0sV0FBVyxNQUFNLEdBQUcsRUFBRTtBQUN2QyxZQUFNLEVBQUUsUUFBUSxJQUFJLE1BQU0sS0FBSyxJQUFJLE1BQU0sR0FBRyxXQUFXLE1BQU07QUFDN0QsYUFBTyxNQUFNLFNBQVMsTUFBTSxhQUFhO0FBQ3pDLGFBQU8sT0FBTyxNQUFNLEtBQUssSUFBSSxNQUFNLEdBQUcsV0FBVyxNQUFNLEdBQUcsU0FBUyxNQUFNLGFBQWE7QUFBQSxJQUN4RjtBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsS0FBSyw0RkFBNEYsWUFBWTtBQUMzRyxRQUFNO0FBQUEsSUFDSixNQUFNLFNBQVMsY0FBYztBQUFBLElBQzdCLE9BQU8sVUFBVTtBQUNmLFlBQU07QUFBQSxRQUNKLENBQUMsU0FDQyxTQUFTLElBQUk7QUFBQSxVQUNYLFFBQVE7QUFBQSxVQUNSLFNBQVMsQ0FBQyxhQUFhLEtBQUssU0FBUyxRQUFRLElBQUksVUFBVSxHQUFHLE1BQU0sTUFBTSxNQUFNLEVBQUU7QUFBQSxRQUNwRixDQUFDO0FBQUEsUUFDSCxPQUFPLFVBQVU7QUFDZixnQkFBTSxVQUFVLENBQUMsS0FBSyxpQkFBaUIsWUFBWSxJQUFJLEdBQUcsS0FBSyxVQUFVLEtBQUssQ0FBQztBQUMvRSxnQkFBTSxFQUFFLFNBQVMsSUFBSSxNQUFNLEtBQUssSUFBSSxHQUFHLE1BQU0sTUFBTSxVQUFVLEVBQUUsUUFBUSxDQUFDLENBQUM7QUFDekUsaUJBQU8sTUFBTSxVQUFVLE1BQU0sY0FBYztBQUMzQyxpQkFBTyxVQUFVLFVBQVUsTUFBTSxNQUFNO0FBQUEsWUFDckMsRUFBRSxRQUFRLEtBQUssS0FBSyxHQUFHLE1BQU0sTUFBTSxTQUFTO0FBQUEsWUFDNUMsRUFBRSxRQUFRLEtBQUssS0FBSyxHQUFHLE1BQU0sTUFBTSxRQUFRO0FBQUEsVUFDN0MsQ0FBQztBQUNELGlCQUFPLE1BQU0sVUFBVSxVQUFVLEdBQUcsTUFBTSxNQUFNLE1BQU07QUFDdEQsaUJBQU8sTUFBTSxNQUFNLFNBQVMsS0FBSyxFQUFFLEdBQUcsMENBQTBDO0FBQ2hGLGlCQUFPLGFBQWEsTUFBTSxTQUFTLEtBQUssRUFBRSxHQUFHLGdCQUFnQjtBQUM3RCxpQkFBTztBQUFBLGFBQ0osTUFBTSxLQUFLLElBQUksR0FBRyxNQUFNLE1BQU0sVUFBVSxFQUFFLFFBQVEsUUFBUSxXQUFXLE9BQVUsQ0FBQyxDQUFDLEdBQUcsVUFBVTtBQUFBLFlBQy9GO0FBQUEsVUFDRjtBQUNBLGlCQUFPLE9BQU8sTUFBTSxLQUFLLElBQUksR0FBRyxNQUFNLE1BQU0sVUFBVSxFQUFFLFdBQVcsRUFBRSxDQUFDLENBQUMsR0FBRyxVQUFVLFFBQVEsR0FBRztBQUFBLFFBQ2pHO0FBQUEsTUFDRjtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0YsQ0FBQztBQUVELEtBQUssaURBQWlELFlBQVk7QUFDaEUsUUFBTTtBQUFBLElBQ0osTUFBTSxTQUFTLElBQUksRUFBRSxRQUFRLGFBQWEsU0FBUyxDQUFDLGtCQUFrQixFQUFFLENBQUM7QUFBQSxJQUN6RSxPQUFPLEVBQUUsT0FBTyxNQUFNLE9BQU8sT0FBTyxNQUFNLEtBQUssSUFBSSxNQUFNLENBQUMsR0FBRyxTQUFTLE1BQU0sZUFBZTtBQUFBLEVBQzdGO0FBQ0YsQ0FBQztBQUVELEtBQUssdUNBQXVDLE1BQU07QUFDaEQsUUFBTSxRQUFRLGdCQUFnQixXQUFXLENBQUMseUJBQXlCLGtCQUFrQixLQUFLLEdBQUcsTUFBUztBQUN0RyxhQUFXLFFBQVEsQ0FBQyxtQ0FBbUMseUJBQXlCLGlCQUFpQjtBQUMvRixXQUFPLE1BQU0sTUFBTSxPQUFPLElBQUksSUFBSSxJQUFJLENBQUMsR0FBRyxNQUFNLElBQUk7QUFDdEQsYUFBVyxPQUFPO0FBQUEsSUFDaEI7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLEVBQ0YsR0FBRztBQUNELFdBQU8sTUFBTSxNQUFNLE9BQU8sSUFBSSxJQUFJLEdBQUcsQ0FBQyxHQUFHLE9BQU8sR0FBRztBQUNuRCxXQUFPLE9BQU8sTUFBTSxNQUFNLE9BQU8sSUFBSSxJQUFJLEdBQUcsR0FBRyxVQUFVLEdBQUcsRUFBRSxNQUFNLGtCQUFrQixDQUFDO0FBQUEsRUFDekY7QUFDQSxTQUFPLE1BQU0sZ0JBQWdCLEtBQUssUUFBVyxvQkFBb0IsRUFBRSxPQUFPLElBQUksSUFBSSxvQkFBb0IsQ0FBQyxHQUFHLElBQUk7QUFDOUcsU0FBTyxNQUFNLGdCQUFnQixLQUFLLFFBQVcsTUFBUyxFQUFFLE9BQU8sSUFBSSxJQUFJLGtCQUFrQixDQUFDLEdBQUcsS0FBSztBQUNwRyxDQUFDOyIsCiAgIm5hbWVzIjogW10KfQo=
