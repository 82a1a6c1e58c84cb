import {
  findOperations
} from "../../parts/chunk-YVTQULGW.js";
import {
  readJson
} from "../../parts/chunk-25LI3GD7.js";
import "../../parts/chunk-YANC7AYB.js";
import "../../parts/chunk-A3UYUOR3.js";
import "../../parts/chunk-2QSPZIQJ.js";
import "../../parts/chunk-LWESV2NC.js";
import "../../parts/chunk-MAUJ5X4J.js";
import "../../parts/chunk-UUVSR64B.js";
import "../../parts/chunk-CCGHMHEK.js";
import "../../parts/chunk-VDPV4SN2.js";
import "../../parts/chunk-FSYFZ44W.js";
import "../../parts/chunk-VVIFMYK7.js";
import "../../parts/chunk-7DIEYAMQ.js";
import "../../parts/chunk-HJ67CAUM.js";
import "../../parts/chunk-EJ3MTJ5C.js";
import {
  clauseFault,
  operatorsSaid
} from "../../parts/chunk-2YNHSDXB.js";
import "../../parts/chunk-OQREOMES.js";
import "../../parts/chunk-2RJTCR3G.js";
import "../../parts/chunk-JFRZJ6A5.js";
import "../../parts/chunk-IQWA53IU.js";
import "../../parts/chunk-PACVB44P.js";
import "../../parts/chunk-ZC7SUIQQ.js";
import "../../parts/chunk-FSPVDUAZ.js";
import "../../parts/chunk-RABAPZK5.js";
import "../../parts/chunk-XGDOGID3.js";

// test/core/documentation/search.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var page = { type: "object", properties: { pennant: { type: "string", description: "Colour of the burgee" } } };
var answer = (schema) => ({ 200: { description: "Yes", content: { "application/json": { schema } } } });
var document = {
  openapi: "3.1.0",
  info: { title: "Quays", version: "1" },
  paths: {
    "/flags": {
      get: {
        operationId: "listFlags",
        responses: answer({ type: "array", items: { $ref: "#/components/schemas/Flag" } })
      }
    },
    "/flags/{id}": {
      get: {
        operationId: "showFlag",
        summary: "Zeige die Gr\xF6\xDFe der Flagge",
        parameters: [{ name: "id", in: "path", required: true, schema: { type: "string" } }],
        responses: answer({ $ref: "#/components/schemas/Flag" })
      }
    },
    "/tides": { get: { operationId: "listTides", summary: "Pennants are not here", responses: answer(page) } }
  },
  components: { schemas: { Flag: { type: "object", properties: { hoistedAt: { type: "string" }, page } } } }
};
var found = async (...words) => findOperations(/* @__PURE__ */ new Map([["quays", (await readJson(document)).index]]), words);
var told = ({ matches }) => matches.map(({ id, in: where }) => [id, where]);
test("a field of a shared schema is found in every operation that has it, by its name as it is written", async () => {
  assert.deepEqual(told(await found("hoisted")), [
    ["listFlags", ["field hoistedAt"]],
    ["showFlag", ["field hoistedAt"]]
  ]);
  assert.deepEqual(
    told(await found("hoisted", "flags")).map(([id]) => id),
    ["listFlags", "showFlag"]
  );
  assert.deepEqual(
    told(await found("burgee")).map(([, where]) => where),
    [["description"], ["description"], ["description"]]
  );
});
test("the best place of a word decides, in the own line or in a shared one", async () => {
  assert.deepEqual(told(await found("pennant"))[0], ["listTides", ["summary"]]);
  assert.deepEqual(told(await found("pennant"))[1], ["listFlags", ["field page.pennant"]]);
});
test("words beyond ASCII are found, and their typing mistakes", async () => {
  assert.deepEqual(told(await found("gr\xF6\xDFe")), [["showFlag", ["summary"]]]);
  const near = await found("gr\xF6sse");
  assert.deepEqual([...near.read], [["gr\xF6sse", "gr\xF6\xDFe"]]);
});
test("a word of digits is not found among the numbers of lines", async () => {
  assert.equal((await found("0")).total, 0);
});
var terms = { fields: ["flag", "lengthM", "name"], operators: ["is", "above", "has"] };
var signs = { fields: [], operators: ["=", ">", ">=", "like"] };
var faults = [
  ["flag is 'Merrow Isles' and lengthM above 80", terms, void 0],
  ["name is 'O''Hare'", terms, void 0],
  ["name is 'bread and butter' or flag is 'x; y, z'", terms, void 0],
  ["has(name, 'Tern') and (lengthM above 10)", terms, void 0],
  ["flag is 'Merrow Isles", terms, /opens a quote that is never closed: 'Merrow Isles/],
  ["flag is Merrow Isles", terms, /spaces and no quotes: Merrow Isles/],
  ["flg is 'x'", terms, /names flg, which is not documented: did you mean flag\?/],
  ["lengthM over 80", terms, /no documented operator in "lengthM over 80"/],
  ["lengthM abov 80", terms, /did you mean above\?/],
  ["lengthM above", terms, /no value/],
  ['length>=80;name like "a b"', signs, void 0],
  ["length<80", signs, /no documented operator/],
  ["length >= ", signs, /no value/],
  ["anything 'goes here", { fields: [], operators: [] }, /never closed/],
  ["anything goes here", { fields: [], operators: [] }, void 0]
];
for (const [text, known, fault] of faults) {
  test(`clause ${text}`, () => {
    const said = clauseFault(text, known);
    if (fault) assert.match(said ?? "", fault);
    else assert.equal(said, void 0);
  });
}
test("operators are read from a description that lists them", () => {
  assert.deepEqual(operatorsSaid("A filter. Operators: `is`, isnt and above. Nothing else"), ["is", "isnt", "above"]);
  assert.deepEqual(operatorsSaid("The supported operators are: = | > | <"), ["=", ">", "<"]);
  assert.deepEqual(operatorsSaid("The operator of the crane"), []);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vLi4vdGVzdC9jb3JlL2RvY3VtZW50YXRpb24vc2VhcmNoLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBTZWFyY2hlcyB0aHJvdWdoIHRoZSBpbmRleCwgYW5kIGZpbHRlciBjbGF1c2VzIGFnYWluc3Qgd2hhdCBpcyBkb2N1bWVudGVkIGZvciB0aGVtLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyBjbGF1c2VGYXVsdCwgb3BlcmF0b3JzU2FpZCB9IGZyb20gJy4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vZmlsdGVyLWNsYXVzZS5qcyc7XG5pbXBvcnQgeyB0eXBlIEZvdW5kLCBmaW5kT3BlcmF0aW9ucyB9IGZyb20gJy4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vc2VhcmNoLmpzJztcbmltcG9ydCB7IHJlYWRKc29uIH0gZnJvbSAnLi4vLi4vc3VwcG9ydC9kb2N1bWVudGF0aW9uLmpzJztcblxuY29uc3QgcGFnZSA9IHsgdHlwZTogJ29iamVjdCcsIHByb3BlcnRpZXM6IHsgcGVubmFudDogeyB0eXBlOiAnc3RyaW5nJywgZGVzY3JpcHRpb246ICdDb2xvdXIgb2YgdGhlIGJ1cmdlZScgfSB9IH07XG5jb25zdCBhbnN3ZXIgPSAoc2NoZW1hOiBvYmplY3QpID0+ICh7IDIwMDogeyBkZXNjcmlwdGlvbjogJ1llcycsIGNvbnRlbnQ6IHsgJ2FwcGxpY2F0aW9uL2pzb24nOiB7IHNjaGVtYSB9IH0gfSB9KTtcbmNvbnN0IGRvY3VtZW50ID0ge1xuICBvcGVuYXBpOiAnMy4xLjAnLFxuICBpbmZvOiB7IHRpdGxlOiAnUXVheXMnLCB2ZXJzaW9uOiAnMScgfSxcbiAgcGF0aHM6IHtcbiAgICAnL2ZsYWdzJzoge1xuICAgICAgZ2V0OiB7XG4gICAgICAgIG9wZXJhdGlvbklkOiAnbGlzdEZsYWdzJyxcbiAgICAgICAgcmVzcG9uc2VzOiBhbnN3ZXIoeyB0eXBlOiAnYXJyYXknLCBpdGVtczogeyAkcmVmOiAnIy9jb21wb25lbnRzL3NjaGVtYXMvRmxhZycgfSB9KSxcbiAgICAgIH0sXG4gICAgfSxcbiAgICAnL2ZsYWdzL3tpZH0nOiB7XG4gICAgICBnZXQ6IHtcbiAgICAgICAgb3BlcmF0aW9uSWQ6ICdzaG93RmxhZycsXG4gICAgICAgIHN1bW1hcnk6ICdaZWlnZSBkaWUgR3JcdTAwRjZcdTAwREZlIGRlciBGbGFnZ2UnLFxuICAgICAgICBwYXJhbWV0ZXJzOiBbeyBuYW1lOiAnaWQnLCBpbjogJ3BhdGgnLCByZXF1aXJlZDogdHJ1ZSwgc2NoZW1hOiB7IHR5cGU6ICdzdHJpbmcnIH0gfV0sXG4gICAgICAgIHJlc3BvbnNlczogYW5zd2VyKHsgJHJlZjogJyMvY29tcG9uZW50cy9zY2hlbWFzL0ZsYWcnIH0pLFxuICAgICAgfSxcbiAgICB9LFxuICAgICcvdGlkZXMnOiB7IGdldDogeyBvcGVyYXRpb25JZDogJ2xpc3RUaWRlcycsIHN1bW1hcnk6ICdQZW5uYW50cyBhcmUgbm90IGhlcmUnLCByZXNwb25zZXM6IGFuc3dlcihwYWdlKSB9IH0sXG4gIH0sXG4gIGNvbXBvbmVudHM6IHsgc2NoZW1hczogeyBGbGFnOiB7IHR5cGU6ICdvYmplY3QnLCBwcm9wZXJ0aWVzOiB7IGhvaXN0ZWRBdDogeyB0eXBlOiAnc3RyaW5nJyB9LCBwYWdlIH0gfSB9IH0sXG59O1xuXG5jb25zdCBmb3VuZCA9IGFzeW5jICguLi53b3Jkczogc3RyaW5nW10pOiBQcm9taXNlPEZvdW5kPiA9PlxuICBmaW5kT3BlcmF0aW9ucyhuZXcgTWFwKFtbJ3F1YXlzJywgKGF3YWl0IHJlYWRKc29uKGRvY3VtZW50KSkuaW5kZXhdXSksIHdvcmRzKTtcbmNvbnN0IHRvbGQgPSAoeyBtYXRjaGVzIH06IEZvdW5kKTogW3N0cmluZywgcmVhZG9ubHkgc3RyaW5nW11dW10gPT4gbWF0Y2hlcy5tYXAoKHsgaWQsIGluOiB3aGVyZSB9KSA9PiBbaWQsIHdoZXJlXSk7XG5cbnRlc3QoJ2EgZmllbGQgb2YgYSBzaGFyZWQgc2NoZW1hIGlzIGZvdW5kIGluIGV2ZXJ5IG9wZXJhdGlvbiB0aGF0IGhhcyBpdCwgYnkgaXRzIG5hbWUgYXMgaXQgaXMgd3JpdHRlbicsIGFzeW5jICgpID0+IHtcbiAgYXNzZXJ0LmRlZXBFcXVhbCh0b2xkKGF3YWl0IGZvdW5kKCdob2lzdGVkJykpLCBbXG4gICAgWydsaXN0RmxhZ3MnLCBbJ2ZpZWxkIGhvaXN0ZWRBdCddXSxcbiAgICBbJ3Nob3dGbGFnJywgWydmaWVsZCBob2lzdGVkQXQnXV0sXG4gIF0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIHRvbGQoYXdhaXQgZm91bmQoJ2hvaXN0ZWQnLCAnZmxhZ3MnKSkubWFwKChbaWRdKSA9PiBpZCksXG4gICAgWydsaXN0RmxhZ3MnLCAnc2hvd0ZsYWcnXSxcbiAgKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICB0b2xkKGF3YWl0IGZvdW5kKCdidXJnZWUnKSkubWFwKChbLCB3aGVyZV0pID0+IHdoZXJlKSxcbiAgICBbWydkZXNjcmlwdGlvbiddLCBbJ2Rlc2NyaXB0aW9uJ10sIFsnZGVzY3JpcHRpb24nXV0sXG4gICk7XG59KTtcblxudGVzdCgndGhlIGJlc3QgcGxhY2Ugb2YgYSB3b3JkIGRlY2lkZXMsIGluIHRoZSBvd24gbGluZSBvciBpbiBhIHNoYXJlZCBvbmUnLCBhc3luYyAoKSA9PiB7XG4gIGFzc2VydC5kZWVwRXF1YWwodG9sZChhd2FpdCBmb3VuZCgncGVubmFudCcpKVswXSwgWydsaXN0VGlkZXMnLCBbJ3N1bW1hcnknXV0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKHRvbGQoYXdhaXQgZm91bmQoJ3Blbm5hbnQnKSlbMV0sIFsnbGlzdEZsYWdzJywgWydmaWVsZCBwYWdlLnBlbm5hbnQnXV0pO1xufSk7XG5cbnRlc3QoJ3dvcmRzIGJleW9uZCBBU0NJSSBhcmUgZm91bmQsIGFuZCB0aGVpciB0eXBpbmcgbWlzdGFrZXMnLCBhc3luYyAoKSA9PiB7XG4gIGFzc2VydC5kZWVwRXF1YWwodG9sZChhd2FpdCBmb3VuZCgnZ3JcdTAwRjZcdTAwREZlJykpLCBbWydzaG93RmxhZycsIFsnc3VtbWFyeSddXV0pO1xuICBjb25zdCBuZWFyID0gYXdhaXQgZm91bmQoJ2dyXHUwMEY2c3NlJyk7XG4gIGFzc2VydC5kZWVwRXF1YWwoWy4uLm5lYXIucmVhZF0sIFtbJ2dyXHUwMEY2c3NlJywgJ2dyXHUwMEY2XHUwMERGZSddXSk7XG59KTtcblxudGVzdCgnYSB3b3JkIG9mIGRpZ2l0cyBpcyBub3QgZm91bmQgYW1vbmcgdGhlIG51bWJlcnMgb2YgbGluZXMnLCBhc3luYyAoKSA9PiB7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZm91bmQoJzAnKSkudG90YWwsIDApO1xufSk7XG5cbmNvbnN0IHRlcm1zID0geyBmaWVsZHM6IFsnZmxhZycsICdsZW5ndGhNJywgJ25hbWUnXSwgb3BlcmF0b3JzOiBbJ2lzJywgJ2Fib3ZlJywgJ2hhcyddIH07XG5jb25zdCBzaWducyA9IHsgZmllbGRzOiBbXSwgb3BlcmF0b3JzOiBbJz0nLCAnPicsICc+PScsICdsaWtlJ10gfTtcblxuY29uc3QgZmF1bHRzOiByZWFkb25seSAocmVhZG9ubHkgW1xuICBzdHJpbmcsXG4gIHsgZmllbGRzOiByZWFkb25seSBzdHJpbmdbXTsgb3BlcmF0b3JzOiByZWFkb25seSBzdHJpbmdbXSB9LFxuICBSZWdFeHAgfCB1bmRlZmluZWQsXG5dKVtdID0gW1xuICBbXCJmbGFnIGlzICdNZXJyb3cgSXNsZXMnIGFuZCBsZW5ndGhNIGFib3ZlIDgwXCIsIHRlcm1zLCB1bmRlZmluZWRdLFxuICBbXCJuYW1lIGlzICdPJydIYXJlJ1wiLCB0ZXJtcywgdW5kZWZpbmVkXSxcbiAgW1wibmFtZSBpcyAnYnJlYWQgYW5kIGJ1dHRlcicgb3IgZmxhZyBpcyAneDsgeSwgeidcIiwgdGVybXMsIHVuZGVmaW5lZF0sXG4gIFtcImhhcyhuYW1lLCAnVGVybicpIGFuZCAobGVuZ3RoTSBhYm92ZSAxMClcIiwgdGVybXMsIHVuZGVmaW5lZF0sXG4gIFtcImZsYWcgaXMgJ01lcnJvdyBJc2xlc1wiLCB0ZXJtcywgL29wZW5zIGEgcXVvdGUgdGhhdCBpcyBuZXZlciBjbG9zZWQ6ICdNZXJyb3cgSXNsZXMvXSxcbiAgWydmbGFnIGlzIE1lcnJvdyBJc2xlcycsIHRlcm1zLCAvc3BhY2VzIGFuZCBubyBxdW90ZXM6IE1lcnJvdyBJc2xlcy9dLFxuICBbXCJmbGcgaXMgJ3gnXCIsIHRlcm1zLCAvbmFtZXMgZmxnLCB3aGljaCBpcyBub3QgZG9jdW1lbnRlZDogZGlkIHlvdSBtZWFuIGZsYWdcXD8vXSxcbiAgWydsZW5ndGhNIG92ZXIgODAnLCB0ZXJtcywgL25vIGRvY3VtZW50ZWQgb3BlcmF0b3IgaW4gXCJsZW5ndGhNIG92ZXIgODBcIi9dLFxuICBbJ2xlbmd0aE0gYWJvdiA4MCcsIHRlcm1zLCAvZGlkIHlvdSBtZWFuIGFib3ZlXFw/L10sXG4gIFsnbGVuZ3RoTSBhYm92ZScsIHRlcm1zLCAvbm8gdmFsdWUvXSxcbiAgWydsZW5ndGg+PTgwO25hbWUgbGlrZSBcImEgYlwiJywgc2lnbnMsIHVuZGVmaW5lZF0sXG4gIFsnbGVuZ3RoPDgwJywgc2lnbnMsIC9ubyBkb2N1bWVudGVkIG9wZXJhdG9yL10sXG4gIFsnbGVuZ3RoID49ICcsIHNpZ25zLCAvbm8gdmFsdWUvXSxcbiAgW1wiYW55dGhpbmcgJ2dvZXMgaGVyZVwiLCB7IGZpZWxkczogW10sIG9wZXJhdG9yczogW10gfSwgL25ldmVyIGNsb3NlZC9dLFxuICBbJ2FueXRoaW5nIGdvZXMgaGVyZScsIHsgZmllbGRzOiBbXSwgb3BlcmF0b3JzOiBbXSB9LCB1bmRlZmluZWRdLFxuXTtcblxuZm9yIChjb25zdCBbdGV4dCwga25vd24sIGZhdWx0XSBvZiBmYXVsdHMpIHtcbiAgdGVzdChgY2xhdXNlICR7dGV4dH1gLCAoKSA9PiB7XG4gICAgY29uc3Qgc2FpZCA9IGNsYXVzZUZhdWx0KHRleHQsIGtub3duKTtcbiAgICBpZiAoZmF1bHQpIGFzc2VydC5tYXRjaChzYWlkID8/ICcnLCBmYXVsdCk7XG4gICAgZWxzZSBhc3NlcnQuZXF1YWwoc2FpZCwgdW5kZWZpbmVkKTtcbiAgfSk7XG59XG5cbnRlc3QoJ29wZXJhdG9ycyBhcmUgcmVhZCBmcm9tIGEgZGVzY3JpcHRpb24gdGhhdCBsaXN0cyB0aGVtJywgKCkgPT4ge1xuICBhc3NlcnQuZGVlcEVxdWFsKG9wZXJhdG9yc1NhaWQoJ0EgZmlsdGVyLiBPcGVyYXRvcnM6IGBpc2AsIGlzbnQgYW5kIGFib3ZlLiBOb3RoaW5nIGVsc2UnKSwgWydpcycsICdpc250JywgJ2Fib3ZlJ10pO1xuICBhc3NlcnQuZGVlcEVxdWFsKG9wZXJhdG9yc1NhaWQoJ1RoZSBzdXBwb3J0ZWQgb3BlcmF0b3JzIGFyZTogPSB8ID4gfCA8JyksIFsnPScsICc+JywgJzwnXSk7XG4gIGFzc2VydC5kZWVwRXF1YWwob3BlcmF0b3JzU2FpZCgnVGhlIG9wZXJhdG9yIG9mIHRoZSBjcmFuZScpLCBbXSk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxZQUFZO0FBS3JCLElBQU0sT0FBTyxFQUFFLE1BQU0sVUFBVSxZQUFZLEVBQUUsU0FBUyxFQUFFLE1BQU0sVUFBVSxhQUFhLHVCQUF1QixFQUFFLEVBQUU7QUFDaEgsSUFBTSxTQUFTLENBQUMsWUFBb0IsRUFBRSxLQUFLLEVBQUUsYUFBYSxPQUFPLFNBQVMsRUFBRSxvQkFBb0IsRUFBRSxPQUFPLEVBQUUsRUFBRSxFQUFFO0FBQy9HLElBQU0sV0FBVztBQUFBLEVBQ2YsU0FBUztBQUFBLEVBQ1QsTUFBTSxFQUFFLE9BQU8sU0FBUyxTQUFTLElBQUk7QUFBQSxFQUNyQyxPQUFPO0FBQUEsSUFDTCxVQUFVO0FBQUEsTUFDUixLQUFLO0FBQUEsUUFDSCxhQUFhO0FBQUEsUUFDYixXQUFXLE9BQU8sRUFBRSxNQUFNLFNBQVMsT0FBTyxFQUFFLE1BQU0sNEJBQTRCLEVBQUUsQ0FBQztBQUFBLE1BQ25GO0FBQUEsSUFDRjtBQUFBLElBQ0EsZUFBZTtBQUFBLE1BQ2IsS0FBSztBQUFBLFFBQ0gsYUFBYTtBQUFBLFFBQ2IsU0FBUztBQUFBLFFBQ1QsWUFBWSxDQUFDLEVBQUUsTUFBTSxNQUFNLElBQUksUUFBUSxVQUFVLE1BQU0sUUFBUSxFQUFFLE1BQU0sU0FBUyxFQUFFLENBQUM7QUFBQSxRQUNuRixXQUFXLE9BQU8sRUFBRSxNQUFNLDRCQUE0QixDQUFDO0FBQUEsTUFDekQ7QUFBQSxJQUNGO0FBQUEsSUFDQSxVQUFVLEVBQUUsS0FBSyxFQUFFLGFBQWEsYUFBYSxTQUFTLHlCQUF5QixXQUFXLE9BQU8sSUFBSSxFQUFFLEVBQUU7QUFBQSxFQUMzRztBQUFBLEVBQ0EsWUFBWSxFQUFFLFNBQVMsRUFBRSxNQUFNLEVBQUUsTUFBTSxVQUFVLFlBQVksRUFBRSxXQUFXLEVBQUUsTUFBTSxTQUFTLEdBQUcsS0FBSyxFQUFFLEVBQUUsRUFBRTtBQUMzRztBQUVBLElBQU0sUUFBUSxVQUFVLFVBQ3RCLGVBQWUsb0JBQUksSUFBSSxDQUFDLENBQUMsVUFBVSxNQUFNLFNBQVMsUUFBUSxHQUFHLEtBQUssQ0FBQyxDQUFDLEdBQUcsS0FBSztBQUM5RSxJQUFNLE9BQU8sQ0FBQyxFQUFFLFFBQVEsTUFBNEMsUUFBUSxJQUFJLENBQUMsRUFBRSxJQUFJLElBQUksTUFBTSxNQUFNLENBQUMsSUFBSSxLQUFLLENBQUM7QUFFbEgsS0FBSyxvR0FBb0csWUFBWTtBQUNuSCxTQUFPLFVBQVUsS0FBSyxNQUFNLE1BQU0sU0FBUyxDQUFDLEdBQUc7QUFBQSxJQUM3QyxDQUFDLGFBQWEsQ0FBQyxpQkFBaUIsQ0FBQztBQUFBLElBQ2pDLENBQUMsWUFBWSxDQUFDLGlCQUFpQixDQUFDO0FBQUEsRUFDbEMsQ0FBQztBQUNELFNBQU87QUFBQSxJQUNMLEtBQUssTUFBTSxNQUFNLFdBQVcsT0FBTyxDQUFDLEVBQUUsSUFBSSxDQUFDLENBQUMsRUFBRSxNQUFNLEVBQUU7QUFBQSxJQUN0RCxDQUFDLGFBQWEsVUFBVTtBQUFBLEVBQzFCO0FBQ0EsU0FBTztBQUFBLElBQ0wsS0FBSyxNQUFNLE1BQU0sUUFBUSxDQUFDLEVBQUUsSUFBSSxDQUFDLENBQUMsRUFBRSxLQUFLLE1BQU0sS0FBSztBQUFBLElBQ3BELENBQUMsQ0FBQyxhQUFhLEdBQUcsQ0FBQyxhQUFhLEdBQUcsQ0FBQyxhQUFhLENBQUM7QUFBQSxFQUNwRDtBQUNGLENBQUM7QUFFRCxLQUFLLHdFQUF3RSxZQUFZO0FBQ3ZGLFNBQU8sVUFBVSxLQUFLLE1BQU0sTUFBTSxTQUFTLENBQUMsRUFBRSxDQUFDLEdBQUcsQ0FBQyxhQUFhLENBQUMsU0FBUyxDQUFDLENBQUM7QUFDNUUsU0FBTyxVQUFVLEtBQUssTUFBTSxNQUFNLFNBQVMsQ0FBQyxFQUFFLENBQUMsR0FBRyxDQUFDLGFBQWEsQ0FBQyxvQkFBb0IsQ0FBQyxDQUFDO0FBQ3pGLENBQUM7QUFFRCxLQUFLLDJEQUEyRCxZQUFZO0FBQzFFLFNBQU8sVUFBVSxLQUFLLE1BQU0sTUFBTSxhQUFPLENBQUMsR0FBRyxDQUFDLENBQUMsWUFBWSxDQUFDLFNBQVMsQ0FBQyxDQUFDLENBQUM7QUFDeEUsUUFBTSxPQUFPLE1BQU0sTUFBTSxXQUFRO0FBQ2pDLFNBQU8sVUFBVSxDQUFDLEdBQUcsS0FBSyxJQUFJLEdBQUcsQ0FBQyxDQUFDLGFBQVUsYUFBTyxDQUFDLENBQUM7QUFDeEQsQ0FBQztBQUVELEtBQUssNERBQTRELFlBQVk7QUFDM0UsU0FBTyxPQUFPLE1BQU0sTUFBTSxHQUFHLEdBQUcsT0FBTyxDQUFDO0FBQzFDLENBQUM7QUFFRCxJQUFNLFFBQVEsRUFBRSxRQUFRLENBQUMsUUFBUSxXQUFXLE1BQU0sR0FBRyxXQUFXLENBQUMsTUFBTSxTQUFTLEtBQUssRUFBRTtBQUN2RixJQUFNLFFBQVEsRUFBRSxRQUFRLENBQUMsR0FBRyxXQUFXLENBQUMsS0FBSyxLQUFLLE1BQU0sTUFBTSxFQUFFO0FBRWhFLElBQU0sU0FJQztBQUFBLEVBQ0wsQ0FBQywrQ0FBK0MsT0FBTyxNQUFTO0FBQUEsRUFDaEUsQ0FBQyxxQkFBcUIsT0FBTyxNQUFTO0FBQUEsRUFDdEMsQ0FBQyxtREFBbUQsT0FBTyxNQUFTO0FBQUEsRUFDcEUsQ0FBQyw0Q0FBNEMsT0FBTyxNQUFTO0FBQUEsRUFDN0QsQ0FBQyx5QkFBeUIsT0FBTyxtREFBbUQ7QUFBQSxFQUNwRixDQUFDLHdCQUF3QixPQUFPLG9DQUFvQztBQUFBLEVBQ3BFLENBQUMsY0FBYyxPQUFPLHlEQUF5RDtBQUFBLEVBQy9FLENBQUMsbUJBQW1CLE9BQU8sNkNBQTZDO0FBQUEsRUFDeEUsQ0FBQyxtQkFBbUIsT0FBTyxzQkFBc0I7QUFBQSxFQUNqRCxDQUFDLGlCQUFpQixPQUFPLFVBQVU7QUFBQSxFQUNuQyxDQUFDLDhCQUE4QixPQUFPLE1BQVM7QUFBQSxFQUMvQyxDQUFDLGFBQWEsT0FBTyx3QkFBd0I7QUFBQSxFQUM3QyxDQUFDLGNBQWMsT0FBTyxVQUFVO0FBQUEsRUFDaEMsQ0FBQyx1QkFBdUIsRUFBRSxRQUFRLENBQUMsR0FBRyxXQUFXLENBQUMsRUFBRSxHQUFHLGNBQWM7QUFBQSxFQUNyRSxDQUFDLHNCQUFzQixFQUFFLFFBQVEsQ0FBQyxHQUFHLFdBQVcsQ0FBQyxFQUFFLEdBQUcsTUFBUztBQUNqRTtBQUVBLFdBQVcsQ0FBQyxNQUFNLE9BQU8sS0FBSyxLQUFLLFFBQVE7QUFDekMsT0FBSyxVQUFVLElBQUksSUFBSSxNQUFNO0FBQzNCLFVBQU0sT0FBTyxZQUFZLE1BQU0sS0FBSztBQUNwQyxRQUFJLE1BQU8sUUFBTyxNQUFNLFFBQVEsSUFBSSxLQUFLO0FBQUEsUUFDcEMsUUFBTyxNQUFNLE1BQU0sTUFBUztBQUFBLEVBQ25DLENBQUM7QUFDSDtBQUVBLEtBQUsseURBQXlELE1BQU07QUFDbEUsU0FBTyxVQUFVLGNBQWMseURBQXlELEdBQUcsQ0FBQyxNQUFNLFFBQVEsT0FBTyxDQUFDO0FBQ2xILFNBQU8sVUFBVSxjQUFjLHdDQUF3QyxHQUFHLENBQUMsS0FBSyxLQUFLLEdBQUcsQ0FBQztBQUN6RixTQUFPLFVBQVUsY0FBYywyQkFBMkIsR0FBRyxDQUFDLENBQUM7QUFDakUsQ0FBQzsiLAogICJuYW1lcyI6IFtdCn0K
