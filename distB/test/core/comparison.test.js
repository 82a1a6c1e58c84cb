import {
  answerDifferences,
  counting,
  differencesBetween,
  textDifferences
} from "../parts/chunk-5DCQHAPP.js";
import "../parts/chunk-MAL2YCX2.js";
import "../parts/chunk-WDD3S5O6.js";
import "../parts/chunk-ZC7SUIQQ.js";
import "../parts/chunk-FSPVDUAZ.js";
import {
  parseJson
} from "../parts/chunk-RABAPZK5.js";
import "../parts/chunk-XGDOGID3.js";

// test/core/comparison.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var cases = [
  ["1", "1", []],
  ["1", "1.0", []],
  ["1", '"1"', [["changed", "$"]]],
  ["null", "0", [["changed", "$"]]],
  ['{"a": 1, "b": 2}', '{"b": 2, "a": 1}', []],
  ['{"a": 1}', '{"a": 2}', [["changed", "$.a"]]],
  [
    '{"a": 1}',
    '{"b": 1}',
    [
      ["removed", "$.a"],
      ["added", "$.b"]
    ]
  ],
  ['{"a b": 1}', "{}", [["removed", "$['a b']"]]],
  ["[1, 2]", "[1]", [["removed", "$[1]"]]],
  [
    "[1]",
    "[2, 3]",
    [
      ["changed", "$[0]"],
      ["added", "$[1]"]
    ]
  ],
  ['{"a": [{"x": 1}]}', '{"a": [{"x": {"y": 1}}]}', [["changed", "$.a[0].x"]]],
  ["12345678901234567890", "12345678901234567891", [["changed", "$"]]],
  ['{"__proto__": 1}', '{"__proto__": 2}', [["changed", "$.__proto__"]]]
];
for (const [left, right, found] of cases) {
  test(`${left} and ${right}`, () => {
    const differences = differencesBetween(parseJson(left), parseJson(right));
    assert.deepEqual(
      differences.map(({ kind, at }) => [kind, at]),
      found
    );
  });
}
test("places that may differ, with all below them; and places that alone count", () => {
  const found = differencesBetween(
    parseJson('{"items": [{"id": 1, "at": 1}, {"id": 2, "at": 1}], "total": 2, "at": 1}'),
    parseJson('{"items": [{"id": 1, "at": 2}, {"id": 3, "at": 2}], "total": 3, "at": 2}')
  );
  const places = (ignoring, only = []) => counting(found, ignoring, only).map(({ at }) => at);
  assert.deepEqual(places(["$.items[*].at", "$.at"]), ["$.items[1].id", "$.total"]);
  assert.deepEqual(places(["$.items"]), ["$.total", "$.at"]);
  assert.deepEqual(places([], ["$.items[1]"]), ["$.items[1].at", "$.items[1].id"].sort().reverse());
  assert.deepEqual(
    places(["$.tot"]),
    found.map(({ at }) => at),
    "a part of a name is not the name"
  );
});
test("answers: status, headers without those of every time, JSON by structure, text by lines", () => {
  const answer = (status, headers, text) => ({ status, headers, text });
  const json = answerDifferences(
    answer(
      200,
      [
        ["Date", "a"],
        ["Vary", "Cookie"],
        ["X-Desk", "1"]
      ],
      '{"a": 1}'
    ),
    answer(
      403,
      [
        ["date", "b"],
        ["vary", "Cookie"],
        ["X-Seal", "2"]
      ],
      '{"a": 2}'
    )
  );
  assert.deepEqual(
    json.map(({ kind, at }) => `${kind} ${at}`),
    ["changed status", "removed header.x-desk", "added header.x-seal", "changed $.a"]
  );
  const document = { status: void 0, headers: [], text: '{"a": 1}' };
  assert.deepEqual(answerDifferences(answer(200, [["X-Desk", "1"]], '{"a": 1}'), document), []);
});
test("texts by lines: changed, added, removed, with the line they stand on", () => {
  assert.deepEqual(textDifferences("a\nb\nc\n", "a\nB\nc\nd\n"), [
    { at: "line 2", kind: "changed", left: "b", right: "B" },
    { at: "line 4", kind: "added", left: void 0, right: "d" }
  ]);
  assert.deepEqual(textDifferences("a\nb\nc\n", "a\nc\n"), [
    { at: "line 2", kind: "removed", left: "b", right: void 0 }
  ]);
  assert.deepEqual(textDifferences("same", "same"), []);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jb3JlL2NvbXBhcmlzb24udGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFdoYXQgZGlmZmVycyBiZXR3ZWVuIHR3byB2YWx1ZXMgYW5kIHR3byBhbnN3ZXJzLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyBhbnN3ZXJEaWZmZXJlbmNlcywgdGV4dERpZmZlcmVuY2VzIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvY29tcGFyaXNvbi9hbnN3ZXJzLmpzJztcbmltcG9ydCB7IGNvdW50aW5nIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvY29tcGFyaXNvbi9jb3VudGluZy5qcyc7XG5pbXBvcnQgeyBkaWZmZXJlbmNlc0JldHdlZW4gfSBmcm9tICcuLi8uLi9zcmMvY29yZS9jb21wYXJpc29uL2RpZmZlcmVuY2VzLmpzJztcbmltcG9ydCB7IHBhcnNlSnNvbiB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL3ZhbHVlL2pzb24tdGV4dC5qcyc7XG5cbmNvbnN0IGNhc2VzOiByZWFkb25seSAocmVhZG9ubHkgW2xlZnQ6IHN0cmluZywgcmlnaHQ6IHN0cmluZywgZm91bmQ6IHJlYWRvbmx5IChyZWFkb25seSBbc3RyaW5nLCBzdHJpbmddKVtdXSlbXSA9IFtcbiAgWycxJywgJzEnLCBbXV0sXG4gIFsnMScsICcxLjAnLCBbXV0sXG4gIFsnMScsICdcIjFcIicsIFtbJ2NoYW5nZWQnLCAnJCddXV0sXG4gIFsnbnVsbCcsICcwJywgW1snY2hhbmdlZCcsICckJ11dXSxcbiAgWyd7XCJhXCI6IDEsIFwiYlwiOiAyfScsICd7XCJiXCI6IDIsIFwiYVwiOiAxfScsIFtdXSxcbiAgWyd7XCJhXCI6IDF9JywgJ3tcImFcIjogMn0nLCBbWydjaGFuZ2VkJywgJyQuYSddXV0sXG4gIFtcbiAgICAne1wiYVwiOiAxfScsXG4gICAgJ3tcImJcIjogMX0nLFxuICAgIFtcbiAgICAgIFsncmVtb3ZlZCcsICckLmEnXSxcbiAgICAgIFsnYWRkZWQnLCAnJC5iJ10sXG4gICAgXSxcbiAgXSxcbiAgWyd7XCJhIGJcIjogMX0nLCAne30nLCBbWydyZW1vdmVkJywgXCIkWydhIGInXVwiXV1dLFxuICBbJ1sxLCAyXScsICdbMV0nLCBbWydyZW1vdmVkJywgJyRbMV0nXV1dLFxuICBbXG4gICAgJ1sxXScsXG4gICAgJ1syLCAzXScsXG4gICAgW1xuICAgICAgWydjaGFuZ2VkJywgJyRbMF0nXSxcbiAgICAgIFsnYWRkZWQnLCAnJFsxXSddLFxuICAgIF0sXG4gIF0sXG4gIFsne1wiYVwiOiBbe1wieFwiOiAxfV19JywgJ3tcImFcIjogW3tcInhcIjoge1wieVwiOiAxfX1dfScsIFtbJ2NoYW5nZWQnLCAnJC5hWzBdLngnXV1dLFxuICBbJzEyMzQ1Njc4OTAxMjM0NTY3ODkwJywgJzEyMzQ1Njc4OTAxMjM0NTY3ODkxJywgW1snY2hhbmdlZCcsICckJ11dXSxcbiAgWyd7XCJfX3Byb3RvX19cIjogMX0nLCAne1wiX19wcm90b19fXCI6IDJ9JywgW1snY2hhbmdlZCcsICckLl9fcHJvdG9fXyddXV0sXG5dO1xuZm9yIChjb25zdCBbbGVmdCwgcmlnaHQsIGZvdW5kXSBvZiBjYXNlcykge1xuICB0ZXN0KGAke2xlZnR9IGFuZCAke3JpZ2h0fWAsICgpID0+IHtcbiAgICBjb25zdCBkaWZmZXJlbmNlcyA9IGRpZmZlcmVuY2VzQmV0d2VlbihwYXJzZUpzb24obGVmdCksIHBhcnNlSnNvbihyaWdodCkpO1xuICAgIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgICBkaWZmZXJlbmNlcy5tYXAoKHsga2luZCwgYXQgfSkgPT4gW2tpbmQsIGF0XSksXG4gICAgICBmb3VuZCxcbiAgICApO1xuICB9KTtcbn1cblxudGVzdCgncGxhY2VzIHRoYXQgbWF5IGRpZmZlciwgd2l0aCBhbGwgYmVsb3cgdGhlbTsgYW5kIHBsYWNlcyB0aGF0IGFsb25lIGNvdW50JywgKCkgPT4ge1xuICBjb25zdCBmb3VuZCA9IGRpZmZlcmVuY2VzQmV0d2VlbihcbiAgICBwYXJzZUpzb24oJ3tcIml0ZW1zXCI6IFt7XCJpZFwiOiAxLCBcImF0XCI6IDF9LCB7XCJpZFwiOiAyLCBcImF0XCI6IDF9XSwgXCJ0b3RhbFwiOiAyLCBcImF0XCI6IDF9JyksXG4gICAgcGFyc2VKc29uKCd7XCJpdGVtc1wiOiBbe1wiaWRcIjogMSwgXCJhdFwiOiAyfSwge1wiaWRcIjogMywgXCJhdFwiOiAyfV0sIFwidG90YWxcIjogMywgXCJhdFwiOiAyfScpLFxuICApO1xuICBjb25zdCBwbGFjZXMgPSAoaWdub3Jpbmc6IHN0cmluZ1tdLCBvbmx5OiBzdHJpbmdbXSA9IFtdKTogc3RyaW5nW10gPT5cbiAgICBjb3VudGluZyhmb3VuZCwgaWdub3JpbmcsIG9ubHkpLm1hcCgoeyBhdCB9KSA9PiBhdCk7XG4gIGFzc2VydC5kZWVwRXF1YWwocGxhY2VzKFsnJC5pdGVtc1sqXS5hdCcsICckLmF0J10pLCBbJyQuaXRlbXNbMV0uaWQnLCAnJC50b3RhbCddKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChwbGFjZXMoWyckLml0ZW1zJ10pLCBbJyQudG90YWwnLCAnJC5hdCddKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChwbGFjZXMoW10sIFsnJC5pdGVtc1sxXSddKSwgWyckLml0ZW1zWzFdLmF0JywgJyQuaXRlbXNbMV0uaWQnXS5zb3J0KCkucmV2ZXJzZSgpKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBwbGFjZXMoWyckLnRvdCddKSxcbiAgICBmb3VuZC5tYXAoKHsgYXQgfSkgPT4gYXQpLFxuICAgICdhIHBhcnQgb2YgYSBuYW1lIGlzIG5vdCB0aGUgbmFtZScsXG4gICk7XG59KTtcblxudGVzdCgnYW5zd2Vyczogc3RhdHVzLCBoZWFkZXJzIHdpdGhvdXQgdGhvc2Ugb2YgZXZlcnkgdGltZSwgSlNPTiBieSBzdHJ1Y3R1cmUsIHRleHQgYnkgbGluZXMnLCAoKSA9PiB7XG4gIGNvbnN0IGFuc3dlciA9IChzdGF0dXM6IG51bWJlciwgaGVhZGVyczogW3N0cmluZywgc3RyaW5nXVtdLCB0ZXh0OiBzdHJpbmcpID0+ICh7IHN0YXR1cywgaGVhZGVycywgdGV4dCB9KTtcbiAgY29uc3QganNvbiA9IGFuc3dlckRpZmZlcmVuY2VzKFxuICAgIGFuc3dlcihcbiAgICAgIDIwMCxcbiAgICAgIFtcbiAgICAgICAgWydEYXRlJywgJ2EnXSxcbiAgICAgICAgWydWYXJ5JywgJ0Nvb2tpZSddLFxuICAgICAgICBbJ1gtRGVzaycsICcxJ10sXG4gICAgICBdLFxuICAgICAgJ3tcImFcIjogMX0nLFxuICAgICksXG4gICAgYW5zd2VyKFxuICAgICAgNDAzLFxuICAgICAgW1xuICAgICAgICBbJ2RhdGUnLCAnYiddLFxuICAgICAgICBbJ3ZhcnknLCAnQ29va2llJ10sXG4gICAgICAgIFsnWC1TZWFsJywgJzInXSxcbiAgICAgIF0sXG4gICAgICAne1wiYVwiOiAyfScsXG4gICAgKSxcbiAgKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBqc29uLm1hcCgoeyBraW5kLCBhdCB9KSA9PiBgJHtraW5kfSAke2F0fWApLFxuICAgIFsnY2hhbmdlZCBzdGF0dXMnLCAncmVtb3ZlZCBoZWFkZXIueC1kZXNrJywgJ2FkZGVkIGhlYWRlci54LXNlYWwnLCAnY2hhbmdlZCAkLmEnXSxcbiAgKTtcbiAgY29uc3QgZG9jdW1lbnQgPSB7IHN0YXR1czogdW5kZWZpbmVkLCBoZWFkZXJzOiBbXSwgdGV4dDogJ3tcImFcIjogMX0nIH07XG4gIGFzc2VydC5kZWVwRXF1YWwoYW5zd2VyRGlmZmVyZW5jZXMoYW5zd2VyKDIwMCwgW1snWC1EZXNrJywgJzEnXV0sICd7XCJhXCI6IDF9JyksIGRvY3VtZW50KSwgW10pO1xufSk7XG5cbnRlc3QoJ3RleHRzIGJ5IGxpbmVzOiBjaGFuZ2VkLCBhZGRlZCwgcmVtb3ZlZCwgd2l0aCB0aGUgbGluZSB0aGV5IHN0YW5kIG9uJywgKCkgPT4ge1xuICBhc3NlcnQuZGVlcEVxdWFsKHRleHREaWZmZXJlbmNlcygnYVxcbmJcXG5jXFxuJywgJ2FcXG5CXFxuY1xcbmRcXG4nKSwgW1xuICAgIHsgYXQ6ICdsaW5lIDInLCBraW5kOiAnY2hhbmdlZCcsIGxlZnQ6ICdiJywgcmlnaHQ6ICdCJyB9LFxuICAgIHsgYXQ6ICdsaW5lIDQnLCBraW5kOiAnYWRkZWQnLCBsZWZ0OiB1bmRlZmluZWQsIHJpZ2h0OiAnZCcgfSxcbiAgXSk7XG4gIGFzc2VydC5kZWVwRXF1YWwodGV4dERpZmZlcmVuY2VzKCdhXFxuYlxcbmNcXG4nLCAnYVxcbmNcXG4nKSwgW1xuICAgIHsgYXQ6ICdsaW5lIDInLCBraW5kOiAncmVtb3ZlZCcsIGxlZnQ6ICdiJywgcmlnaHQ6IHVuZGVmaW5lZCB9LFxuICBdKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbCh0ZXh0RGlmZmVyZW5jZXMoJ3NhbWUnLCAnc2FtZScpLCBbXSk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxZQUFZO0FBTXJCLElBQU0sUUFBNEc7QUFBQSxFQUNoSCxDQUFDLEtBQUssS0FBSyxDQUFDLENBQUM7QUFBQSxFQUNiLENBQUMsS0FBSyxPQUFPLENBQUMsQ0FBQztBQUFBLEVBQ2YsQ0FBQyxLQUFLLE9BQU8sQ0FBQyxDQUFDLFdBQVcsR0FBRyxDQUFDLENBQUM7QUFBQSxFQUMvQixDQUFDLFFBQVEsS0FBSyxDQUFDLENBQUMsV0FBVyxHQUFHLENBQUMsQ0FBQztBQUFBLEVBQ2hDLENBQUMsb0JBQW9CLG9CQUFvQixDQUFDLENBQUM7QUFBQSxFQUMzQyxDQUFDLFlBQVksWUFBWSxDQUFDLENBQUMsV0FBVyxLQUFLLENBQUMsQ0FBQztBQUFBLEVBQzdDO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsTUFDRSxDQUFDLFdBQVcsS0FBSztBQUFBLE1BQ2pCLENBQUMsU0FBUyxLQUFLO0FBQUEsSUFDakI7QUFBQSxFQUNGO0FBQUEsRUFDQSxDQUFDLGNBQWMsTUFBTSxDQUFDLENBQUMsV0FBVyxVQUFVLENBQUMsQ0FBQztBQUFBLEVBQzlDLENBQUMsVUFBVSxPQUFPLENBQUMsQ0FBQyxXQUFXLE1BQU0sQ0FBQyxDQUFDO0FBQUEsRUFDdkM7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxNQUNFLENBQUMsV0FBVyxNQUFNO0FBQUEsTUFDbEIsQ0FBQyxTQUFTLE1BQU07QUFBQSxJQUNsQjtBQUFBLEVBQ0Y7QUFBQSxFQUNBLENBQUMscUJBQXFCLDRCQUE0QixDQUFDLENBQUMsV0FBVyxVQUFVLENBQUMsQ0FBQztBQUFBLEVBQzNFLENBQUMsd0JBQXdCLHdCQUF3QixDQUFDLENBQUMsV0FBVyxHQUFHLENBQUMsQ0FBQztBQUFBLEVBQ25FLENBQUMsb0JBQW9CLG9CQUFvQixDQUFDLENBQUMsV0FBVyxhQUFhLENBQUMsQ0FBQztBQUN2RTtBQUNBLFdBQVcsQ0FBQyxNQUFNLE9BQU8sS0FBSyxLQUFLLE9BQU87QUFDeEMsT0FBSyxHQUFHLElBQUksUUFBUSxLQUFLLElBQUksTUFBTTtBQUNqQyxVQUFNLGNBQWMsbUJBQW1CLFVBQVUsSUFBSSxHQUFHLFVBQVUsS0FBSyxDQUFDO0FBQ3hFLFdBQU87QUFBQSxNQUNMLFlBQVksSUFBSSxDQUFDLEVBQUUsTUFBTSxHQUFHLE1BQU0sQ0FBQyxNQUFNLEVBQUUsQ0FBQztBQUFBLE1BQzVDO0FBQUEsSUFDRjtBQUFBLEVBQ0YsQ0FBQztBQUNIO0FBRUEsS0FBSyw0RUFBNEUsTUFBTTtBQUNyRixRQUFNLFFBQVE7QUFBQSxJQUNaLFVBQVUsMEVBQTBFO0FBQUEsSUFDcEYsVUFBVSwwRUFBMEU7QUFBQSxFQUN0RjtBQUNBLFFBQU0sU0FBUyxDQUFDLFVBQW9CLE9BQWlCLENBQUMsTUFDcEQsU0FBUyxPQUFPLFVBQVUsSUFBSSxFQUFFLElBQUksQ0FBQyxFQUFFLEdBQUcsTUFBTSxFQUFFO0FBQ3BELFNBQU8sVUFBVSxPQUFPLENBQUMsaUJBQWlCLE1BQU0sQ0FBQyxHQUFHLENBQUMsaUJBQWlCLFNBQVMsQ0FBQztBQUNoRixTQUFPLFVBQVUsT0FBTyxDQUFDLFNBQVMsQ0FBQyxHQUFHLENBQUMsV0FBVyxNQUFNLENBQUM7QUFDekQsU0FBTyxVQUFVLE9BQU8sQ0FBQyxHQUFHLENBQUMsWUFBWSxDQUFDLEdBQUcsQ0FBQyxpQkFBaUIsZUFBZSxFQUFFLEtBQUssRUFBRSxRQUFRLENBQUM7QUFDaEcsU0FBTztBQUFBLElBQ0wsT0FBTyxDQUFDLE9BQU8sQ0FBQztBQUFBLElBQ2hCLE1BQU0sSUFBSSxDQUFDLEVBQUUsR0FBRyxNQUFNLEVBQUU7QUFBQSxJQUN4QjtBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsS0FBSywwRkFBMEYsTUFBTTtBQUNuRyxRQUFNLFNBQVMsQ0FBQyxRQUFnQixTQUE2QixVQUFrQixFQUFFLFFBQVEsU0FBUyxLQUFLO0FBQ3ZHLFFBQU0sT0FBTztBQUFBLElBQ1g7QUFBQSxNQUNFO0FBQUEsTUFDQTtBQUFBLFFBQ0UsQ0FBQyxRQUFRLEdBQUc7QUFBQSxRQUNaLENBQUMsUUFBUSxRQUFRO0FBQUEsUUFDakIsQ0FBQyxVQUFVLEdBQUc7QUFBQSxNQUNoQjtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQUEsSUFDQTtBQUFBLE1BQ0U7QUFBQSxNQUNBO0FBQUEsUUFDRSxDQUFDLFFBQVEsR0FBRztBQUFBLFFBQ1osQ0FBQyxRQUFRLFFBQVE7QUFBQSxRQUNqQixDQUFDLFVBQVUsR0FBRztBQUFBLE1BQ2hCO0FBQUEsTUFDQTtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsU0FBTztBQUFBLElBQ0wsS0FBSyxJQUFJLENBQUMsRUFBRSxNQUFNLEdBQUcsTUFBTSxHQUFHLElBQUksSUFBSSxFQUFFLEVBQUU7QUFBQSxJQUMxQyxDQUFDLGtCQUFrQix5QkFBeUIsdUJBQXVCLGFBQWE7QUFBQSxFQUNsRjtBQUNBLFFBQU0sV0FBVyxFQUFFLFFBQVEsUUFBVyxTQUFTLENBQUMsR0FBRyxNQUFNLFdBQVc7QUFDcEUsU0FBTyxVQUFVLGtCQUFrQixPQUFPLEtBQUssQ0FBQyxDQUFDLFVBQVUsR0FBRyxDQUFDLEdBQUcsVUFBVSxHQUFHLFFBQVEsR0FBRyxDQUFDLENBQUM7QUFDOUYsQ0FBQztBQUVELEtBQUssd0VBQXdFLE1BQU07QUFDakYsU0FBTyxVQUFVLGdCQUFnQixhQUFhLGNBQWMsR0FBRztBQUFBLElBQzdELEVBQUUsSUFBSSxVQUFVLE1BQU0sV0FBVyxNQUFNLEtBQUssT0FBTyxJQUFJO0FBQUEsSUFDdkQsRUFBRSxJQUFJLFVBQVUsTUFBTSxTQUFTLE1BQU0sUUFBVyxPQUFPLElBQUk7QUFBQSxFQUM3RCxDQUFDO0FBQ0QsU0FBTyxVQUFVLGdCQUFnQixhQUFhLFFBQVEsR0FBRztBQUFBLElBQ3ZELEVBQUUsSUFBSSxVQUFVLE1BQU0sV0FBVyxNQUFNLEtBQUssT0FBTyxPQUFVO0FBQUEsRUFDL0QsQ0FBQztBQUNELFNBQU8sVUFBVSxnQkFBZ0IsUUFBUSxNQUFNLEdBQUcsQ0FBQyxDQUFDO0FBQ3RELENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
