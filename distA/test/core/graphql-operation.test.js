import {
  operationKind
} from "../parts/chunk-QHCJ4YYR.js";

// test/core/graphql-operation.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var documents = [
  ["{ pilots { name } }", void 0, "query"],
  ["query Rota { pilots { name } }", void 0, "query"],
  ["query ($first: Int = 3, $of: In = {a: 1}) { pilots(first: $first) { name } }", void 0, "query"],
  ["mutation { book(id: 1) { id } }", void 0, "mutation"],
  ["mutation Book($id: ID!) { book(id: $id) { id } }", "Book", "mutation"],
  ["query Look { a } mutation Book { b }", "Look", "query"],
  ["query Look { a } mutation Book { b }", "Book", "mutation"],
  ["query Look { a } mutation Book { b }", void 0, "mutation"],
  ["fragment F on Pilot { name } query { pilots { ...F } }", void 0, "query"],
  ["# mutation { no }\nquery { a }", void 0, "query"],
  ['query { a(note: "mutation { b }") }', void 0, "query"],
  ['"""\nmutation { b }\n"""\nquery { a }', void 0, "query"],
  ["query { mutation }", void 0, "query"],
  ["subscription { calls { id } }", void 0, "query"],
  ["query Look { a }", "Nothing", void 0],
  ["", void 0, void 0]
];
for (const [document, name, kind] of documents) {
  test(`${JSON.stringify(document)}${name ? ` meaning ${name}` : ""} is ${kind ?? "nothing"}`, () => assert.equal(operationKind(document, name), kind));
}
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jb3JlL2dyYXBocWwtb3BlcmF0aW9uLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBXaGF0IGEgR3JhcGhRTCBkb2N1bWVudCBkb2VzLCBieSBpdHMgdGV4dC4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgb3BlcmF0aW9uS2luZCB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL2V4Y2hhbmdlL2dyYXBocWwtb3BlcmF0aW9uLmpzJztcblxuY29uc3QgZG9jdW1lbnRzOiByZWFkb25seSAocmVhZG9ubHkgW2RvY3VtZW50OiBzdHJpbmcsIG5hbWU6IHN0cmluZyB8IHVuZGVmaW5lZCwga2luZDogc3RyaW5nIHwgdW5kZWZpbmVkXSlbXSA9IFtcbiAgWyd7IHBpbG90cyB7IG5hbWUgfSB9JywgdW5kZWZpbmVkLCAncXVlcnknXSxcbiAgWydxdWVyeSBSb3RhIHsgcGlsb3RzIHsgbmFtZSB9IH0nLCB1bmRlZmluZWQsICdxdWVyeSddLFxuICBbJ3F1ZXJ5ICgkZmlyc3Q6IEludCA9IDMsICRvZjogSW4gPSB7YTogMX0pIHsgcGlsb3RzKGZpcnN0OiAkZmlyc3QpIHsgbmFtZSB9IH0nLCB1bmRlZmluZWQsICdxdWVyeSddLFxuICBbJ211dGF0aW9uIHsgYm9vayhpZDogMSkgeyBpZCB9IH0nLCB1bmRlZmluZWQsICdtdXRhdGlvbiddLFxuICBbJ211dGF0aW9uIEJvb2soJGlkOiBJRCEpIHsgYm9vayhpZDogJGlkKSB7IGlkIH0gfScsICdCb29rJywgJ211dGF0aW9uJ10sXG4gIFsncXVlcnkgTG9vayB7IGEgfSBtdXRhdGlvbiBCb29rIHsgYiB9JywgJ0xvb2snLCAncXVlcnknXSxcbiAgWydxdWVyeSBMb29rIHsgYSB9IG11dGF0aW9uIEJvb2sgeyBiIH0nLCAnQm9vaycsICdtdXRhdGlvbiddLFxuICBbJ3F1ZXJ5IExvb2sgeyBhIH0gbXV0YXRpb24gQm9vayB7IGIgfScsIHVuZGVmaW5lZCwgJ211dGF0aW9uJ10sXG4gIFsnZnJhZ21lbnQgRiBvbiBQaWxvdCB7IG5hbWUgfSBxdWVyeSB7IHBpbG90cyB7IC4uLkYgfSB9JywgdW5kZWZpbmVkLCAncXVlcnknXSxcbiAgWycjIG11dGF0aW9uIHsgbm8gfVxcbnF1ZXJ5IHsgYSB9JywgdW5kZWZpbmVkLCAncXVlcnknXSxcbiAgWydxdWVyeSB7IGEobm90ZTogXCJtdXRhdGlvbiB7IGIgfVwiKSB9JywgdW5kZWZpbmVkLCAncXVlcnknXSxcbiAgWydcIlwiXCJcXG5tdXRhdGlvbiB7IGIgfVxcblwiXCJcIlxcbnF1ZXJ5IHsgYSB9JywgdW5kZWZpbmVkLCAncXVlcnknXSxcbiAgWydxdWVyeSB7IG11dGF0aW9uIH0nLCB1bmRlZmluZWQsICdxdWVyeSddLFxuICBbJ3N1YnNjcmlwdGlvbiB7IGNhbGxzIHsgaWQgfSB9JywgdW5kZWZpbmVkLCAncXVlcnknXSxcbiAgWydxdWVyeSBMb29rIHsgYSB9JywgJ05vdGhpbmcnLCB1bmRlZmluZWRdLFxuICBbJycsIHVuZGVmaW5lZCwgdW5kZWZpbmVkXSxcbl07XG5mb3IgKGNvbnN0IFtkb2N1bWVudCwgbmFtZSwga2luZF0gb2YgZG9jdW1lbnRzKSB7XG4gIHRlc3QoYCR7SlNPTi5zdHJpbmdpZnkoZG9jdW1lbnQpfSR7bmFtZSA/IGAgbWVhbmluZyAke25hbWV9YCA6ICcnfSBpcyAke2tpbmQgPz8gJ25vdGhpbmcnfWAsICgpID0+XG4gICAgYXNzZXJ0LmVxdWFsKG9wZXJhdGlvbktpbmQoZG9jdW1lbnQsIG5hbWUpLCBraW5kKSk7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLFlBQVk7QUFHckIsSUFBTSxZQUEwRztBQUFBLEVBQzlHLENBQUMsdUJBQXVCLFFBQVcsT0FBTztBQUFBLEVBQzFDLENBQUMsa0NBQWtDLFFBQVcsT0FBTztBQUFBLEVBQ3JELENBQUMsZ0ZBQWdGLFFBQVcsT0FBTztBQUFBLEVBQ25HLENBQUMsbUNBQW1DLFFBQVcsVUFBVTtBQUFBLEVBQ3pELENBQUMsb0RBQW9ELFFBQVEsVUFBVTtBQUFBLEVBQ3ZFLENBQUMsd0NBQXdDLFFBQVEsT0FBTztBQUFBLEVBQ3hELENBQUMsd0NBQXdDLFFBQVEsVUFBVTtBQUFBLEVBQzNELENBQUMsd0NBQXdDLFFBQVcsVUFBVTtBQUFBLEVBQzlELENBQUMsMERBQTBELFFBQVcsT0FBTztBQUFBLEVBQzdFLENBQUMsa0NBQWtDLFFBQVcsT0FBTztBQUFBLEVBQ3JELENBQUMsdUNBQXVDLFFBQVcsT0FBTztBQUFBLEVBQzFELENBQUMseUNBQXlDLFFBQVcsT0FBTztBQUFBLEVBQzVELENBQUMsc0JBQXNCLFFBQVcsT0FBTztBQUFBLEVBQ3pDLENBQUMsaUNBQWlDLFFBQVcsT0FBTztBQUFBLEVBQ3BELENBQUMsb0JBQW9CLFdBQVcsTUFBUztBQUFBLEVBQ3pDLENBQUMsSUFBSSxRQUFXLE1BQVM7QUFDM0I7QUFDQSxXQUFXLENBQUMsVUFBVSxNQUFNLElBQUksS0FBSyxXQUFXO0FBQzlDLE9BQUssR0FBRyxLQUFLLFVBQVUsUUFBUSxDQUFDLEdBQUcsT0FBTyxZQUFZLElBQUksS0FBSyxFQUFFLE9BQU8sUUFBUSxTQUFTLElBQUksTUFDM0YsT0FBTyxNQUFNLGNBQWMsVUFBVSxJQUFJLEdBQUcsSUFBSSxDQUFDO0FBQ3JEOyIsCiAgIm5hbWVzIjogW10KfQo=
