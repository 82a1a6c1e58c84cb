import {
  startBroken,
  waysToBreak
} from "../parts/chunk-TZ2EJF72.js";
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

// test/core/broken.test.ts
import assert from "node:assert/strict";
import { after, test } from "node:test";
var broken = await startBroken();
after(() => broken.close());
async function get(path, timeout = {}) {
  const url = new URL(path, broken.origin);
  const transport = openTransport();
  try {
    return await transport.send(
      {
        method: "GET",
        url,
        shownUrl: url.href,
        headers: [],
        body: void 0,
        timeout: { connect: 2e3, total: 3e3, ...timeout },
        redirects: void 0,
        connection: plainConnection
      },
      void 0
    );
  } finally {
    await transport.close();
  }
}
var expected = {
  reset: ["connection-reset", /closed the connection without an answer/, void 0],
  closed: ["connection-reset", /closed the connection without an answer/, void 0],
  silent: ["answer-timeout", /no answer began within 80 ms/, void 0, { firstByte: 80 }],
  "cut-short": ["answer-cut-short", /14 bytes came of 100 announced/, "only this much"],
  stalls: ["answer-timeout", /nothing more came for 80 ms/, "and then", { idle: 80 }],
  "two-lengths": ["answer-malformed", /contradicts itself about its length/, void 0],
  "broken-gzip": ["answer-encoding", /says gzip, but cannot be decompressed/, ""],
  "broken-chunk": ["answer-cut-short", /broke off after 5 bytes/, "abcde"],
  "half-chunk": ["answer-cut-short", /5 bytes came/, "abcde"],
  "not-http": ["answer-malformed", /not HTTP/, void 0],
  endless: ["answer-too-large", /larger than what is read/, "", { total: 2e4 }]
};
for (const [way, [code, what, arrived, timeout]] of Object.entries(expected)) {
  test(`${way}: ${waysToBreak[way]?.about}`, async () => {
    const { received, trouble } = await get(way, timeout);
    assert.equal(trouble?.code, code, `${trouble?.code}: ${trouble?.what}; ${trouble?.reason}`);
    assert.match(trouble?.what ?? "", what);
    assert.equal(typeof trouble?.where, "string", "the phase is named");
    if (arrived === void 0) assert.equal(received, void 0);
    else assert.ok(received?.text.startsWith(arrived), received?.text.slice(0, 40));
  });
}
test("more than was announced: what was announced is the answer", async () => {
  const { received } = await get("wrong-length");
  assert.equal(received?.text.slice(0, 4), "more");
});
test("a body that is not of its type is told where JSON is looked for", async () => {
  const { received, trouble } = await get("wrong-type");
  assert.equal(trouble, void 0);
  assert.throws(() => received?.json(), { code: "answer-not-json" });
});
test("every way is tested", () => {
  assert.deepEqual(
    Object.keys(waysToBreak).filter((way) => !(way in expected) && way !== "wrong-length" && way !== "wrong-type"),
    []
  );
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jb3JlL2Jyb2tlbi50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogRWFjaCB3YXkgaW4gd2hpY2ggYSBzZXJ2ZXIgY2FuIGJyZWFrIGlzIHRvbGQgYXBhcnQsIHdpdGggd2hhdCBkaWQgYXJyaXZlLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgYWZ0ZXIsIHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgcGxhaW5Db25uZWN0aW9uIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvY29ubmVjdGlvbi5qcyc7XG5pbXBvcnQgeyB0eXBlIE91dGNvbWUsIG9wZW5UcmFuc3BvcnQgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9leGNoYW5nZS90cmFuc3BvcnQuanMnO1xuaW1wb3J0IHsgc3RhcnRCcm9rZW4sIHdheXNUb0JyZWFrIH0gZnJvbSAnLi4vLi4vc3JjL3N0YW5kaW4vYnJva2VuL3NlcnZlci5qcyc7XG5cbmNvbnN0IGJyb2tlbiA9IGF3YWl0IHN0YXJ0QnJva2VuKCk7XG5hZnRlcigoKSA9PiBicm9rZW4uY2xvc2UoKSk7XG5cbmFzeW5jIGZ1bmN0aW9uIGdldChwYXRoOiBzdHJpbmcsIHRpbWVvdXQ6IG9iamVjdCA9IHt9KTogUHJvbWlzZTxPdXRjb21lPiB7XG4gIGNvbnN0IHVybCA9IG5ldyBVUkwocGF0aCwgYnJva2VuLm9yaWdpbik7XG4gIGNvbnN0IHRyYW5zcG9ydCA9IG9wZW5UcmFuc3BvcnQoKTtcbiAgdHJ5IHtcbiAgICByZXR1cm4gYXdhaXQgdHJhbnNwb3J0LnNlbmQoXG4gICAgICB7XG4gICAgICAgIG1ldGhvZDogJ0dFVCcsXG4gICAgICAgIHVybCxcbiAgICAgICAgc2hvd25Vcmw6IHVybC5ocmVmLFxuICAgICAgICBoZWFkZXJzOiBbXSxcbiAgICAgICAgYm9keTogdW5kZWZpbmVkLFxuICAgICAgICB0aW1lb3V0OiB7IGNvbm5lY3Q6IDIwMDAsIHRvdGFsOiAzMDAwLCAuLi50aW1lb3V0IH0sXG4gICAgICAgIHJlZGlyZWN0czogdW5kZWZpbmVkLFxuICAgICAgICBjb25uZWN0aW9uOiBwbGFpbkNvbm5lY3Rpb24sXG4gICAgICB9LFxuICAgICAgdW5kZWZpbmVkLFxuICAgICk7XG4gIH0gZmluYWxseSB7XG4gICAgYXdhaXQgdHJhbnNwb3J0LmNsb3NlKCk7XG4gIH1cbn1cblxuY29uc3QgZXhwZWN0ZWQ6IFJlYWRvbmx5PFxuICBSZWNvcmQ8c3RyaW5nLCByZWFkb25seSBbY29kZTogc3RyaW5nLCB3aGF0OiBSZWdFeHAsIGFycml2ZWQ6IHN0cmluZyB8IHVuZGVmaW5lZCwgdGltZW91dD86IG9iamVjdF0+XG4+ID0ge1xuICByZXNldDogWydjb25uZWN0aW9uLXJlc2V0JywgL2Nsb3NlZCB0aGUgY29ubmVjdGlvbiB3aXRob3V0IGFuIGFuc3dlci8sIHVuZGVmaW5lZF0sXG4gIGNsb3NlZDogWydjb25uZWN0aW9uLXJlc2V0JywgL2Nsb3NlZCB0aGUgY29ubmVjdGlvbiB3aXRob3V0IGFuIGFuc3dlci8sIHVuZGVmaW5lZF0sXG4gIHNpbGVudDogWydhbnN3ZXItdGltZW91dCcsIC9ubyBhbnN3ZXIgYmVnYW4gd2l0aGluIDgwIG1zLywgdW5kZWZpbmVkLCB7IGZpcnN0Qnl0ZTogODAgfV0sXG4gICdjdXQtc2hvcnQnOiBbJ2Fuc3dlci1jdXQtc2hvcnQnLCAvMTQgYnl0ZXMgY2FtZSBvZiAxMDAgYW5ub3VuY2VkLywgJ29ubHkgdGhpcyBtdWNoJ10sXG4gIHN0YWxsczogWydhbnN3ZXItdGltZW91dCcsIC9ub3RoaW5nIG1vcmUgY2FtZSBmb3IgODAgbXMvLCAnYW5kIHRoZW4nLCB7IGlkbGU6IDgwIH1dLFxuICAndHdvLWxlbmd0aHMnOiBbJ2Fuc3dlci1tYWxmb3JtZWQnLCAvY29udHJhZGljdHMgaXRzZWxmIGFib3V0IGl0cyBsZW5ndGgvLCB1bmRlZmluZWRdLFxuICAnYnJva2VuLWd6aXAnOiBbJ2Fuc3dlci1lbmNvZGluZycsIC9zYXlzIGd6aXAsIGJ1dCBjYW5ub3QgYmUgZGVjb21wcmVzc2VkLywgJyddLFxuICAnYnJva2VuLWNodW5rJzogWydhbnN3ZXItY3V0LXNob3J0JywgL2Jyb2tlIG9mZiBhZnRlciA1IGJ5dGVzLywgJ2FiY2RlJ10sXG4gICdoYWxmLWNodW5rJzogWydhbnN3ZXItY3V0LXNob3J0JywgLzUgYnl0ZXMgY2FtZS8sICdhYmNkZSddLFxuICAnbm90LWh0dHAnOiBbJ2Fuc3dlci1tYWxmb3JtZWQnLCAvbm90IEhUVFAvLCB1bmRlZmluZWRdLFxuICBlbmRsZXNzOiBbJ2Fuc3dlci10b28tbGFyZ2UnLCAvbGFyZ2VyIHRoYW4gd2hhdCBpcyByZWFkLywgJycsIHsgdG90YWw6IDIwXzAwMCB9XSxcbn07XG5cbmZvciAoY29uc3QgW3dheSwgW2NvZGUsIHdoYXQsIGFycml2ZWQsIHRpbWVvdXRdXSBvZiBPYmplY3QuZW50cmllcyhleHBlY3RlZCkpIHtcbiAgdGVzdChgJHt3YXl9OiAke3dheXNUb0JyZWFrW3dheV0/LmFib3V0fWAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCB7IHJlY2VpdmVkLCB0cm91YmxlIH0gPSBhd2FpdCBnZXQod2F5LCB0aW1lb3V0KTtcbiAgICBhc3NlcnQuZXF1YWwodHJvdWJsZT8uY29kZSwgY29kZSwgYCR7dHJvdWJsZT8uY29kZX06ICR7dHJvdWJsZT8ud2hhdH07ICR7dHJvdWJsZT8ucmVhc29ufWApO1xuICAgIGFzc2VydC5tYXRjaCh0cm91YmxlPy53aGF0ID8/ICcnLCB3aGF0KTtcbiAgICBhc3NlcnQuZXF1YWwodHlwZW9mIHRyb3VibGU/LndoZXJlLCAnc3RyaW5nJywgJ3RoZSBwaGFzZSBpcyBuYW1lZCcpO1xuICAgIGlmIChhcnJpdmVkID09PSB1bmRlZmluZWQpIGFzc2VydC5lcXVhbChyZWNlaXZlZCwgdW5kZWZpbmVkKTtcbiAgICBlbHNlIGFzc2VydC5vayhyZWNlaXZlZD8udGV4dC5zdGFydHNXaXRoKGFycml2ZWQpLCByZWNlaXZlZD8udGV4dC5zbGljZSgwLCA0MCkpO1xuICB9KTtcbn1cblxudGVzdCgnbW9yZSB0aGFuIHdhcyBhbm5vdW5jZWQ6IHdoYXQgd2FzIGFubm91bmNlZCBpcyB0aGUgYW5zd2VyJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IHJlY2VpdmVkIH0gPSBhd2FpdCBnZXQoJ3dyb25nLWxlbmd0aCcpO1xuICBhc3NlcnQuZXF1YWwocmVjZWl2ZWQ/LnRleHQuc2xpY2UoMCwgNCksICdtb3JlJyk7XG59KTtcblxudGVzdCgnYSBib2R5IHRoYXQgaXMgbm90IG9mIGl0cyB0eXBlIGlzIHRvbGQgd2hlcmUgSlNPTiBpcyBsb29rZWQgZm9yJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IHJlY2VpdmVkLCB0cm91YmxlIH0gPSBhd2FpdCBnZXQoJ3dyb25nLXR5cGUnKTtcbiAgYXNzZXJ0LmVxdWFsKHRyb3VibGUsIHVuZGVmaW5lZCk7XG4gIGFzc2VydC50aHJvd3MoKCkgPT4gcmVjZWl2ZWQ/Lmpzb24oKSwgeyBjb2RlOiAnYW5zd2VyLW5vdC1qc29uJyB9KTtcbn0pO1xuXG50ZXN0KCdldmVyeSB3YXkgaXMgdGVzdGVkJywgKCkgPT4ge1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIE9iamVjdC5rZXlzKHdheXNUb0JyZWFrKS5maWx0ZXIoKHdheSkgPT4gISh3YXkgaW4gZXhwZWN0ZWQpICYmIHdheSAhPT0gJ3dyb25nLWxlbmd0aCcgJiYgd2F5ICE9PSAnd3JvbmctdHlwZScpLFxuICAgIFtdLFxuICApO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsT0FBTyxZQUFZO0FBSzVCLElBQU0sU0FBUyxNQUFNLFlBQVk7QUFDakMsTUFBTSxNQUFNLE9BQU8sTUFBTSxDQUFDO0FBRTFCLGVBQWUsSUFBSSxNQUFjLFVBQWtCLENBQUMsR0FBcUI7QUFDdkUsUUFBTSxNQUFNLElBQUksSUFBSSxNQUFNLE9BQU8sTUFBTTtBQUN2QyxRQUFNLFlBQVksY0FBYztBQUNoQyxNQUFJO0FBQ0YsV0FBTyxNQUFNLFVBQVU7QUFBQSxNQUNyQjtBQUFBLFFBQ0UsUUFBUTtBQUFBLFFBQ1I7QUFBQSxRQUNBLFVBQVUsSUFBSTtBQUFBLFFBQ2QsU0FBUyxDQUFDO0FBQUEsUUFDVixNQUFNO0FBQUEsUUFDTixTQUFTLEVBQUUsU0FBUyxLQUFNLE9BQU8sS0FBTSxHQUFHLFFBQVE7QUFBQSxRQUNsRCxXQUFXO0FBQUEsUUFDWCxZQUFZO0FBQUEsTUFDZDtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQUEsRUFDRixVQUFFO0FBQ0EsVUFBTSxVQUFVLE1BQU07QUFBQSxFQUN4QjtBQUNGO0FBRUEsSUFBTSxXQUVGO0FBQUEsRUFDRixPQUFPLENBQUMsb0JBQW9CLDJDQUEyQyxNQUFTO0FBQUEsRUFDaEYsUUFBUSxDQUFDLG9CQUFvQiwyQ0FBMkMsTUFBUztBQUFBLEVBQ2pGLFFBQVEsQ0FBQyxrQkFBa0IsZ0NBQWdDLFFBQVcsRUFBRSxXQUFXLEdBQUcsQ0FBQztBQUFBLEVBQ3ZGLGFBQWEsQ0FBQyxvQkFBb0Isa0NBQWtDLGdCQUFnQjtBQUFBLEVBQ3BGLFFBQVEsQ0FBQyxrQkFBa0IsK0JBQStCLFlBQVksRUFBRSxNQUFNLEdBQUcsQ0FBQztBQUFBLEVBQ2xGLGVBQWUsQ0FBQyxvQkFBb0IsdUNBQXVDLE1BQVM7QUFBQSxFQUNwRixlQUFlLENBQUMsbUJBQW1CLHlDQUF5QyxFQUFFO0FBQUEsRUFDOUUsZ0JBQWdCLENBQUMsb0JBQW9CLDJCQUEyQixPQUFPO0FBQUEsRUFDdkUsY0FBYyxDQUFDLG9CQUFvQixnQkFBZ0IsT0FBTztBQUFBLEVBQzFELFlBQVksQ0FBQyxvQkFBb0IsWUFBWSxNQUFTO0FBQUEsRUFDdEQsU0FBUyxDQUFDLG9CQUFvQiw0QkFBNEIsSUFBSSxFQUFFLE9BQU8sSUFBTyxDQUFDO0FBQ2pGO0FBRUEsV0FBVyxDQUFDLEtBQUssQ0FBQyxNQUFNLE1BQU0sU0FBUyxPQUFPLENBQUMsS0FBSyxPQUFPLFFBQVEsUUFBUSxHQUFHO0FBQzVFLE9BQUssR0FBRyxHQUFHLEtBQUssWUFBWSxHQUFHLEdBQUcsS0FBSyxJQUFJLFlBQVk7QUFDckQsVUFBTSxFQUFFLFVBQVUsUUFBUSxJQUFJLE1BQU0sSUFBSSxLQUFLLE9BQU87QUFDcEQsV0FBTyxNQUFNLFNBQVMsTUFBTSxNQUFNLEdBQUcsU0FBUyxJQUFJLEtBQUssU0FBUyxJQUFJLEtBQUssU0FBUyxNQUFNLEVBQUU7QUFDMUYsV0FBTyxNQUFNLFNBQVMsUUFBUSxJQUFJLElBQUk7QUFDdEMsV0FBTyxNQUFNLE9BQU8sU0FBUyxPQUFPLFVBQVUsb0JBQW9CO0FBQ2xFLFFBQUksWUFBWSxPQUFXLFFBQU8sTUFBTSxVQUFVLE1BQVM7QUFBQSxRQUN0RCxRQUFPLEdBQUcsVUFBVSxLQUFLLFdBQVcsT0FBTyxHQUFHLFVBQVUsS0FBSyxNQUFNLEdBQUcsRUFBRSxDQUFDO0FBQUEsRUFDaEYsQ0FBQztBQUNIO0FBRUEsS0FBSyw2REFBNkQsWUFBWTtBQUM1RSxRQUFNLEVBQUUsU0FBUyxJQUFJLE1BQU0sSUFBSSxjQUFjO0FBQzdDLFNBQU8sTUFBTSxVQUFVLEtBQUssTUFBTSxHQUFHLENBQUMsR0FBRyxNQUFNO0FBQ2pELENBQUM7QUFFRCxLQUFLLG1FQUFtRSxZQUFZO0FBQ2xGLFFBQU0sRUFBRSxVQUFVLFFBQVEsSUFBSSxNQUFNLElBQUksWUFBWTtBQUNwRCxTQUFPLE1BQU0sU0FBUyxNQUFTO0FBQy9CLFNBQU8sT0FBTyxNQUFNLFVBQVUsS0FBSyxHQUFHLEVBQUUsTUFBTSxrQkFBa0IsQ0FBQztBQUNuRSxDQUFDO0FBRUQsS0FBSyx1QkFBdUIsTUFBTTtBQUNoQyxTQUFPO0FBQUEsSUFDTCxPQUFPLEtBQUssV0FBVyxFQUFFLE9BQU8sQ0FBQyxRQUFRLEVBQUUsT0FBTyxhQUFhLFFBQVEsa0JBQWtCLFFBQVEsWUFBWTtBQUFBLElBQzdHLENBQUM7QUFBQSxFQUNIO0FBQ0YsQ0FBQzsiLAogICJuYW1lcyI6IFtdCn0K
