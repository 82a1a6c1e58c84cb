import {
  compileJsonPath
} from "../parts/chunk-TNGRBWFR.js";
import "../parts/chunk-36BGEIU2.js";
import "../parts/chunk-WDD3S5O6.js";
import "../parts/chunk-FSPVDUAZ.js";
import "../parts/chunk-XGDOGID3.js";

// test/core/json-path.test.ts
import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { test } from "node:test";
var folder = dirname(createRequire(import.meta.url).resolve("jsonpath-rfc9535/package.json"));
var suite = JSON.parse(
  readFileSync(join(folder, "src/__tests__/jsonpath-compliance-test-suite/cts.json"), "utf8")
);
test("the compliance suite is there in full", () => {
  assert.equal(suite.tests.length, 687);
});
for (const { name, selector, document, result, results, invalid_selector: invalid } of suite.tests) {
  test(`compliance: ${name}`, async () => {
    if (invalid) {
      assert.throws(() => compileJsonPath(selector, []), { code: "place-syntax" });
      return;
    }
    const loads = [];
    const path = compileJsonPath(selector, loads);
    await Promise.all(loads);
    const found = path.select(document);
    const allowed = results ?? [result];
    assert.ok(
      allowed.some((one) => JSON.stringify(one) === JSON.stringify(found)),
      `${selector} gave ${JSON.stringify(found)}`
    );
  });
}
test("a singular query is told from others", () => {
  for (const singular of ["$", "$.a", "$['a'][0].b", "$.a[-1]"])
    assert.equal(compileJsonPath(singular, []).singular, true, singular);
  for (const other of ["$.*", "$..a", "$[0,1]", "$[0:1]", "$[?@.a]"])
    assert.equal(compileJsonPath(other, []).singular, false, other);
});
test("members that a prototype supplies are not found", () => {
  for (const path of ["$.toString", "$.__proto__", "$.constructor"])
    assert.deepEqual(compileJsonPath(path, []).select({ a: 1 }), []);
  assert.deepEqual(compileJsonPath("$.__proto__", []).select(JSON.parse('{"__proto__": 7}')), [7]);
});
test("a very deep answer is walked without an end of the stack", () => {
  let deep = 1;
  for (let level = 0; level < 5e4; level += 1) deep = [deep];
  assert.equal(compileJsonPath("$..*", []).select(deep).length, 5e4);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jb3JlL2pzb24tcGF0aC50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogSlNPTlBhdGggYWdhaW5zdCB0aGUgY29tcGxpYW5jZSBzdWl0ZSB0aGF0IGlzIHB1Ymxpc2hlZCBiZXNpZGUgUkZDIDk1MzU6IGV2ZXJ5IGNhc2UuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyByZWFkRmlsZVN5bmMgfSBmcm9tICdub2RlOmZzJztcbmltcG9ydCB7IGNyZWF0ZVJlcXVpcmUgfSBmcm9tICdub2RlOm1vZHVsZSc7XG5pbXBvcnQgeyBkaXJuYW1lLCBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgY29tcGlsZUpzb25QYXRoIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvcGxhY2UvanNvbi1wYXRoL2NvbXBpbGUuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL3ZhbHVlL3dyaXR0ZW4uanMnO1xuXG5pbnRlcmZhY2UgQ2FzZSB7XG4gIHJlYWRvbmx5IG5hbWU6IHN0cmluZztcbiAgcmVhZG9ubHkgc2VsZWN0b3I6IHN0cmluZztcbiAgcmVhZG9ubHkgZG9jdW1lbnQ/OiBWYWx1ZTtcbiAgcmVhZG9ubHkgcmVzdWx0PzogVmFsdWVbXTtcbiAgcmVhZG9ubHkgcmVzdWx0cz86IFZhbHVlW11bXTtcbiAgcmVhZG9ubHkgaW52YWxpZF9zZWxlY3Rvcj86IGJvb2xlYW47XG59XG5cbmNvbnN0IGZvbGRlciA9IGRpcm5hbWUoY3JlYXRlUmVxdWlyZShpbXBvcnQubWV0YS51cmwpLnJlc29sdmUoJ2pzb25wYXRoLXJmYzk1MzUvcGFja2FnZS5qc29uJykpO1xuY29uc3Qgc3VpdGUgPSBKU09OLnBhcnNlKFxuICByZWFkRmlsZVN5bmMoam9pbihmb2xkZXIsICdzcmMvX190ZXN0c19fL2pzb25wYXRoLWNvbXBsaWFuY2UtdGVzdC1zdWl0ZS9jdHMuanNvbicpLCAndXRmOCcpLFxuKSBhcyB7IHRlc3RzOiBDYXNlW10gfTtcblxudGVzdCgndGhlIGNvbXBsaWFuY2Ugc3VpdGUgaXMgdGhlcmUgaW4gZnVsbCcsICgpID0+IHtcbiAgYXNzZXJ0LmVxdWFsKHN1aXRlLnRlc3RzLmxlbmd0aCwgNjg3KTtcbn0pO1xuXG5mb3IgKGNvbnN0IHsgbmFtZSwgc2VsZWN0b3IsIGRvY3VtZW50LCByZXN1bHQsIHJlc3VsdHMsIGludmFsaWRfc2VsZWN0b3I6IGludmFsaWQgfSBvZiBzdWl0ZS50ZXN0cykge1xuICB0ZXN0KGBjb21wbGlhbmNlOiAke25hbWV9YCwgYXN5bmMgKCkgPT4ge1xuICAgIGlmIChpbnZhbGlkKSB7XG4gICAgICBhc3NlcnQudGhyb3dzKCgpID0+IGNvbXBpbGVKc29uUGF0aChzZWxlY3RvciwgW10pLCB7IGNvZGU6ICdwbGFjZS1zeW50YXgnIH0pO1xuICAgICAgcmV0dXJuO1xuICAgIH1cbiAgICBjb25zdCBsb2FkczogUHJvbWlzZTx1bmtub3duPltdID0gW107XG4gICAgY29uc3QgcGF0aCA9IGNvbXBpbGVKc29uUGF0aChzZWxlY3RvciwgbG9hZHMpO1xuICAgIGF3YWl0IFByb21pc2UuYWxsKGxvYWRzKTtcbiAgICBjb25zdCBmb3VuZCA9IHBhdGguc2VsZWN0KGRvY3VtZW50IGFzIFZhbHVlKTtcbiAgICBjb25zdCBhbGxvd2VkID0gcmVzdWx0cyA/PyBbcmVzdWx0IGFzIFZhbHVlW11dO1xuICAgIGFzc2VydC5vayhcbiAgICAgIGFsbG93ZWQuc29tZSgob25lKSA9PiBKU09OLnN0cmluZ2lmeShvbmUpID09PSBKU09OLnN0cmluZ2lmeShmb3VuZCkpLFxuICAgICAgYCR7c2VsZWN0b3J9IGdhdmUgJHtKU09OLnN0cmluZ2lmeShmb3VuZCl9YCxcbiAgICApO1xuICB9KTtcbn1cblxudGVzdCgnYSBzaW5ndWxhciBxdWVyeSBpcyB0b2xkIGZyb20gb3RoZXJzJywgKCkgPT4ge1xuICBmb3IgKGNvbnN0IHNpbmd1bGFyIG9mIFsnJCcsICckLmEnLCBcIiRbJ2EnXVswXS5iXCIsICckLmFbLTFdJ10pXG4gICAgYXNzZXJ0LmVxdWFsKGNvbXBpbGVKc29uUGF0aChzaW5ndWxhciwgW10pLnNpbmd1bGFyLCB0cnVlLCBzaW5ndWxhcik7XG4gIGZvciAoY29uc3Qgb3RoZXIgb2YgWyckLionLCAnJC4uYScsICckWzAsMV0nLCAnJFswOjFdJywgJyRbP0AuYV0nXSlcbiAgICBhc3NlcnQuZXF1YWwoY29tcGlsZUpzb25QYXRoKG90aGVyLCBbXSkuc2luZ3VsYXIsIGZhbHNlLCBvdGhlcik7XG59KTtcblxudGVzdCgnbWVtYmVycyB0aGF0IGEgcHJvdG90eXBlIHN1cHBsaWVzIGFyZSBub3QgZm91bmQnLCAoKSA9PiB7XG4gIGZvciAoY29uc3QgcGF0aCBvZiBbJyQudG9TdHJpbmcnLCAnJC5fX3Byb3RvX18nLCAnJC5jb25zdHJ1Y3RvciddKVxuICAgIGFzc2VydC5kZWVwRXF1YWwoY29tcGlsZUpzb25QYXRoKHBhdGgsIFtdKS5zZWxlY3QoeyBhOiAxIH0pLCBbXSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoY29tcGlsZUpzb25QYXRoKCckLl9fcHJvdG9fXycsIFtdKS5zZWxlY3QoSlNPTi5wYXJzZSgne1wiX19wcm90b19fXCI6IDd9JykgYXMgVmFsdWUpLCBbN10pO1xufSk7XG5cbnRlc3QoJ2EgdmVyeSBkZWVwIGFuc3dlciBpcyB3YWxrZWQgd2l0aG91dCBhbiBlbmQgb2YgdGhlIHN0YWNrJywgKCkgPT4ge1xuICBsZXQgZGVlcDogVmFsdWUgPSAxO1xuICBmb3IgKGxldCBsZXZlbCA9IDA7IGxldmVsIDwgNTBfMDAwOyBsZXZlbCArPSAxKSBkZWVwID0gW2RlZXBdO1xuICBhc3NlcnQuZXF1YWwoY29tcGlsZUpzb25QYXRoKCckLi4qJywgW10pLnNlbGVjdChkZWVwKS5sZW5ndGgsIDUwXzAwMCk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLG9CQUFvQjtBQUM3QixTQUFTLHFCQUFxQjtBQUM5QixTQUFTLFNBQVMsWUFBWTtBQUM5QixTQUFTLFlBQVk7QUFhckIsSUFBTSxTQUFTLFFBQVEsY0FBYyxZQUFZLEdBQUcsRUFBRSxRQUFRLCtCQUErQixDQUFDO0FBQzlGLElBQU0sUUFBUSxLQUFLO0FBQUEsRUFDakIsYUFBYSxLQUFLLFFBQVEsdURBQXVELEdBQUcsTUFBTTtBQUM1RjtBQUVBLEtBQUsseUNBQXlDLE1BQU07QUFDbEQsU0FBTyxNQUFNLE1BQU0sTUFBTSxRQUFRLEdBQUc7QUFDdEMsQ0FBQztBQUVELFdBQVcsRUFBRSxNQUFNLFVBQVUsVUFBVSxRQUFRLFNBQVMsa0JBQWtCLFFBQVEsS0FBSyxNQUFNLE9BQU87QUFDbEcsT0FBSyxlQUFlLElBQUksSUFBSSxZQUFZO0FBQ3RDLFFBQUksU0FBUztBQUNYLGFBQU8sT0FBTyxNQUFNLGdCQUFnQixVQUFVLENBQUMsQ0FBQyxHQUFHLEVBQUUsTUFBTSxlQUFlLENBQUM7QUFDM0U7QUFBQSxJQUNGO0FBQ0EsVUFBTSxRQUE0QixDQUFDO0FBQ25DLFVBQU0sT0FBTyxnQkFBZ0IsVUFBVSxLQUFLO0FBQzVDLFVBQU0sUUFBUSxJQUFJLEtBQUs7QUFDdkIsVUFBTSxRQUFRLEtBQUssT0FBTyxRQUFpQjtBQUMzQyxVQUFNLFVBQVUsV0FBVyxDQUFDLE1BQWlCO0FBQzdDLFdBQU87QUFBQSxNQUNMLFFBQVEsS0FBSyxDQUFDLFFBQVEsS0FBSyxVQUFVLEdBQUcsTUFBTSxLQUFLLFVBQVUsS0FBSyxDQUFDO0FBQUEsTUFDbkUsR0FBRyxRQUFRLFNBQVMsS0FBSyxVQUFVLEtBQUssQ0FBQztBQUFBLElBQzNDO0FBQUEsRUFDRixDQUFDO0FBQ0g7QUFFQSxLQUFLLHdDQUF3QyxNQUFNO0FBQ2pELGFBQVcsWUFBWSxDQUFDLEtBQUssT0FBTyxlQUFlLFNBQVM7QUFDMUQsV0FBTyxNQUFNLGdCQUFnQixVQUFVLENBQUMsQ0FBQyxFQUFFLFVBQVUsTUFBTSxRQUFRO0FBQ3JFLGFBQVcsU0FBUyxDQUFDLE9BQU8sUUFBUSxVQUFVLFVBQVUsU0FBUztBQUMvRCxXQUFPLE1BQU0sZ0JBQWdCLE9BQU8sQ0FBQyxDQUFDLEVBQUUsVUFBVSxPQUFPLEtBQUs7QUFDbEUsQ0FBQztBQUVELEtBQUssbURBQW1ELE1BQU07QUFDNUQsYUFBVyxRQUFRLENBQUMsY0FBYyxlQUFlLGVBQWU7QUFDOUQsV0FBTyxVQUFVLGdCQUFnQixNQUFNLENBQUMsQ0FBQyxFQUFFLE9BQU8sRUFBRSxHQUFHLEVBQUUsQ0FBQyxHQUFHLENBQUMsQ0FBQztBQUNqRSxTQUFPLFVBQVUsZ0JBQWdCLGVBQWUsQ0FBQyxDQUFDLEVBQUUsT0FBTyxLQUFLLE1BQU0sa0JBQWtCLENBQVUsR0FBRyxDQUFDLENBQUMsQ0FBQztBQUMxRyxDQUFDO0FBRUQsS0FBSyw0REFBNEQsTUFBTTtBQUNyRSxNQUFJLE9BQWM7QUFDbEIsV0FBUyxRQUFRLEdBQUcsUUFBUSxLQUFRLFNBQVMsRUFBRyxRQUFPLENBQUMsSUFBSTtBQUM1RCxTQUFPLE1BQU0sZ0JBQWdCLFFBQVEsQ0FBQyxDQUFDLEVBQUUsT0FBTyxJQUFJLEVBQUUsUUFBUSxHQUFNO0FBQ3RFLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
