import {
  readSource
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
import "../../parts/chunk-OQREOMES.js";
import "../../parts/chunk-2RJTCR3G.js";
import "../../parts/chunk-JFRZJ6A5.js";
import "../../parts/chunk-IQWA53IU.js";
import "../../parts/chunk-PACVB44P.js";
import "../../parts/chunk-ZC7SUIQQ.js";
import "../../parts/chunk-FSPVDUAZ.js";
import "../../parts/chunk-RABAPZK5.js";
import "../../parts/chunk-XGDOGID3.js";

// test/core/documentation/bodies.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var passage = {
  type: "object",
  required: ["number", "vessel", "crew", "tags", "state"],
  xml: { name: "passage", namespace: "urn:larkhaven:passages" },
  properties: {
    number: { type: "integer", xml: { attribute: true } },
    id: { type: "string", readOnly: true },
    vessel: {
      type: "object",
      required: ["name"],
      xml: { name: "ship", prefix: "v", namespace: "urn:larkhaven:vessels" },
      properties: { name: { type: "string" }, flag: { type: "string", example: "Larkhaven & sons" } }
    },
    crew: { type: "array", xml: { wrapped: true }, items: { type: "string", xml: { name: "member" } } },
    tags: { type: "array", items: { type: "string" }, xml: { name: "tag" } },
    state: { type: "string", enum: ["planned"] },
    note: { type: "string", maxLength: 80, example: "a -- b" }
  }
};
var content = (type, schema) => ({ required: true, content: { [type]: { schema } } });
var document = {
  openapi: "3.0.3",
  info: { title: "Passages", version: "1" },
  paths: {
    "/passages": {
      post: {
        operationId: "enter",
        requestBody: content("application/xml", { $ref: "#/components/schemas/Passage" }),
        responses: {
          201: {
            description: "made",
            content: { "application/xml": { schema: { $ref: "#/components/schemas/Passage" } } }
          }
        }
      }
    },
    "/plans": {
      post: {
        operationId: "plan",
        requestBody: content("multipart/form-data", {
          type: "object",
          required: ["about", "plan", "berth"],
          properties: {
            about: { type: "string" },
            plan: { type: "string", format: "binary" },
            berth: { type: "object", properties: { code: { type: "string", example: "N1" } } },
            photo: { type: "string", format: "binary" },
            place: { type: "object", properties: { code: { type: "string", example: "N1" } } }
          }
        }),
        responses: { 201: { description: "made" } }
      }
    },
    "/charts": {
      put: {
        operationId: "chart",
        requestBody: content("application/pdf", { type: "string", format: "binary" }),
        responses: {}
      }
    },
    "/notes": { put: { operationId: "note", requestBody: content("text/plain", { type: "string" }), responses: {} } }
  },
  components: { schemas: { Passage: passage } }
};
var bodyOf = (text) => text.slice(text.indexOf("body:"), text.indexOf("expect:") === -1 ? void 0 : text.indexOf("expect:"));
test("XML: names, attributes, namespaces, wrapped lists and plain ones; what is optional is a comment", async () => {
  const { draft, operation } = await readSource(JSON.stringify(document), "passages.json");
  const text = draft("enter");
  assert.equal(
    bodyOf(text),
    `body:
  xml: |
    <passage xmlns="urn:larkhaven:passages" number="\${number}">
      <v:ship xmlns:v="urn:larkhaven:vessels">
        <name>\${name}</name>
        <!-- string, optional
        <flag>Larkhaven &amp; sons</flag>
        -->
      </v:ship>
      <crew>
        <member>\${crew}</member>
        <!-- array of string, may repeat -->
      </crew>
      <tag>\${tags}</tag>
      <!-- array of string, may repeat -->
      <state>planned</state>
      <!-- string, at most 80 characters, optional
      <note>a - - b</note>
      -->
    </passage>
`
  );
  assert.match(text, /# id: \/\/id$/m, "kept by XPath");
  assert.doesNotMatch(text, /schema: documented/, "a JSON Schema says nothing of XML");
  const example = operation("enter").answers[0]?.content?.example;
  assert.match(String(example), /<id>text<\/id>/, "an answer has what the server sets");
  assert.doesNotMatch(String(operation("enter").body?.example), /<id>/);
});
test("parts: texts, files and structures; a file as it is; a text that is nobody else can write", async () => {
  const { draft } = await readSource(JSON.stringify(document), "passages.json");
  assert.equal(
    bodyOf(draft("plan")),
    `body:
  parts:
    about: \${about}   # string
    plan: {file: "\${plan}"}   # string (binary)
    berth: {json: "\${berth}"}   # object
    # photo: {file: data/file.bin}   # string (binary)
    # place: {json: {code: N1}}   # object
`
  );
  assert.match(draft("chart"), /^ {2}file: \$\{file\}$/m);
  assert.match(draft("note"), /^# body: \{text: ""\} {3}# text\/plain: its text is yours to write/m);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vLi4vdGVzdC9jb3JlL2RvY3VtZW50YXRpb24vYm9kaWVzLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBCb2RpZXMgdGhhdCBhcmUgbmVpdGhlciBKU09OIG5vciBhIGZvcm0sIGRyYWZ0ZWQgZnJvbSB0aGVpciBmaWVsZHM6IFhNTCwgcGFydHMsIGZpbGVzLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyByZWFkU291cmNlIH0gZnJvbSAnLi4vLi4vc3VwcG9ydC9kb2N1bWVudGF0aW9uLmpzJztcblxuY29uc3QgcGFzc2FnZSA9IHtcbiAgdHlwZTogJ29iamVjdCcsXG4gIHJlcXVpcmVkOiBbJ251bWJlcicsICd2ZXNzZWwnLCAnY3JldycsICd0YWdzJywgJ3N0YXRlJ10sXG4gIHhtbDogeyBuYW1lOiAncGFzc2FnZScsIG5hbWVzcGFjZTogJ3VybjpsYXJraGF2ZW46cGFzc2FnZXMnIH0sXG4gIHByb3BlcnRpZXM6IHtcbiAgICBudW1iZXI6IHsgdHlwZTogJ2ludGVnZXInLCB4bWw6IHsgYXR0cmlidXRlOiB0cnVlIH0gfSxcbiAgICBpZDogeyB0eXBlOiAnc3RyaW5nJywgcmVhZE9ubHk6IHRydWUgfSxcbiAgICB2ZXNzZWw6IHtcbiAgICAgIHR5cGU6ICdvYmplY3QnLFxuICAgICAgcmVxdWlyZWQ6IFsnbmFtZSddLFxuICAgICAgeG1sOiB7IG5hbWU6ICdzaGlwJywgcHJlZml4OiAndicsIG5hbWVzcGFjZTogJ3VybjpsYXJraGF2ZW46dmVzc2VscycgfSxcbiAgICAgIHByb3BlcnRpZXM6IHsgbmFtZTogeyB0eXBlOiAnc3RyaW5nJyB9LCBmbGFnOiB7IHR5cGU6ICdzdHJpbmcnLCBleGFtcGxlOiAnTGFya2hhdmVuICYgc29ucycgfSB9LFxuICAgIH0sXG4gICAgY3JldzogeyB0eXBlOiAnYXJyYXknLCB4bWw6IHsgd3JhcHBlZDogdHJ1ZSB9LCBpdGVtczogeyB0eXBlOiAnc3RyaW5nJywgeG1sOiB7IG5hbWU6ICdtZW1iZXInIH0gfSB9LFxuICAgIHRhZ3M6IHsgdHlwZTogJ2FycmF5JywgaXRlbXM6IHsgdHlwZTogJ3N0cmluZycgfSwgeG1sOiB7IG5hbWU6ICd0YWcnIH0gfSxcbiAgICBzdGF0ZTogeyB0eXBlOiAnc3RyaW5nJywgZW51bTogWydwbGFubmVkJ10gfSxcbiAgICBub3RlOiB7IHR5cGU6ICdzdHJpbmcnLCBtYXhMZW5ndGg6IDgwLCBleGFtcGxlOiAnYSAtLSBiJyB9LFxuICB9LFxufTtcbmNvbnN0IGNvbnRlbnQgPSAodHlwZTogc3RyaW5nLCBzY2hlbWE6IG9iamVjdCkgPT4gKHsgcmVxdWlyZWQ6IHRydWUsIGNvbnRlbnQ6IHsgW3R5cGVdOiB7IHNjaGVtYSB9IH0gfSk7XG5jb25zdCBkb2N1bWVudCA9IHtcbiAgb3BlbmFwaTogJzMuMC4zJyxcbiAgaW5mbzogeyB0aXRsZTogJ1Bhc3NhZ2VzJywgdmVyc2lvbjogJzEnIH0sXG4gIHBhdGhzOiB7XG4gICAgJy9wYXNzYWdlcyc6IHtcbiAgICAgIHBvc3Q6IHtcbiAgICAgICAgb3BlcmF0aW9uSWQ6ICdlbnRlcicsXG4gICAgICAgIHJlcXVlc3RCb2R5OiBjb250ZW50KCdhcHBsaWNhdGlvbi94bWwnLCB7ICRyZWY6ICcjL2NvbXBvbmVudHMvc2NoZW1hcy9QYXNzYWdlJyB9KSxcbiAgICAgICAgcmVzcG9uc2VzOiB7XG4gICAgICAgICAgMjAxOiB7XG4gICAgICAgICAgICBkZXNjcmlwdGlvbjogJ21hZGUnLFxuICAgICAgICAgICAgY29udGVudDogeyAnYXBwbGljYXRpb24veG1sJzogeyBzY2hlbWE6IHsgJHJlZjogJyMvY29tcG9uZW50cy9zY2hlbWFzL1Bhc3NhZ2UnIH0gfSB9LFxuICAgICAgICAgIH0sXG4gICAgICAgIH0sXG4gICAgICB9LFxuICAgIH0sXG4gICAgJy9wbGFucyc6IHtcbiAgICAgIHBvc3Q6IHtcbiAgICAgICAgb3BlcmF0aW9uSWQ6ICdwbGFuJyxcbiAgICAgICAgcmVxdWVzdEJvZHk6IGNvbnRlbnQoJ211bHRpcGFydC9mb3JtLWRhdGEnLCB7XG4gICAgICAgICAgdHlwZTogJ29iamVjdCcsXG4gICAgICAgICAgcmVxdWlyZWQ6IFsnYWJvdXQnLCAncGxhbicsICdiZXJ0aCddLFxuICAgICAgICAgIHByb3BlcnRpZXM6IHtcbiAgICAgICAgICAgIGFib3V0OiB7IHR5cGU6ICdzdHJpbmcnIH0sXG4gICAgICAgICAgICBwbGFuOiB7IHR5cGU6ICdzdHJpbmcnLCBmb3JtYXQ6ICdiaW5hcnknIH0sXG4gICAgICAgICAgICBiZXJ0aDogeyB0eXBlOiAnb2JqZWN0JywgcHJvcGVydGllczogeyBjb2RlOiB7IHR5cGU6ICdzdHJpbmcnLCBleGFtcGxlOiAnTjEnIH0gfSB9LFxuICAgICAgICAgICAgcGhvdG86IHsgdHlwZTogJ3N0cmluZycsIGZvcm1hdDogJ2JpbmFyeScgfSxcbiAgICAgICAgICAgIHBsYWNlOiB7IHR5cGU6ICdvYmplY3QnLCBwcm9wZXJ0aWVzOiB7IGNvZGU6IHsgdHlwZTogJ3N0cmluZycsIGV4YW1wbGU6ICdOMScgfSB9IH0sXG4gICAgICAgICAgfSxcbiAgICAgICAgfSksXG4gICAgICAgIHJlc3BvbnNlczogeyAyMDE6IHsgZGVzY3JpcHRpb246ICdtYWRlJyB9IH0sXG4gICAgICB9LFxuICAgIH0sXG4gICAgJy9jaGFydHMnOiB7XG4gICAgICBwdXQ6IHtcbiAgICAgICAgb3BlcmF0aW9uSWQ6ICdjaGFydCcsXG4gICAgICAgIHJlcXVlc3RCb2R5OiBjb250ZW50KCdhcHBsaWNhdGlvbi9wZGYnLCB7IHR5cGU6ICdzdHJpbmcnLCBmb3JtYXQ6ICdiaW5hcnknIH0pLFxuICAgICAgICByZXNwb25zZXM6IHt9LFxuICAgICAgfSxcbiAgICB9LFxuICAgICcvbm90ZXMnOiB7IHB1dDogeyBvcGVyYXRpb25JZDogJ25vdGUnLCByZXF1ZXN0Qm9keTogY29udGVudCgndGV4dC9wbGFpbicsIHsgdHlwZTogJ3N0cmluZycgfSksIHJlc3BvbnNlczoge30gfSB9LFxuICB9LFxuICBjb21wb25lbnRzOiB7IHNjaGVtYXM6IHsgUGFzc2FnZTogcGFzc2FnZSB9IH0sXG59O1xuXG5jb25zdCBib2R5T2YgPSAodGV4dDogc3RyaW5nKTogc3RyaW5nID0+XG4gIHRleHQuc2xpY2UodGV4dC5pbmRleE9mKCdib2R5OicpLCB0ZXh0LmluZGV4T2YoJ2V4cGVjdDonKSA9PT0gLTEgPyB1bmRlZmluZWQgOiB0ZXh0LmluZGV4T2YoJ2V4cGVjdDonKSk7XG5cbnRlc3QoJ1hNTDogbmFtZXMsIGF0dHJpYnV0ZXMsIG5hbWVzcGFjZXMsIHdyYXBwZWQgbGlzdHMgYW5kIHBsYWluIG9uZXM7IHdoYXQgaXMgb3B0aW9uYWwgaXMgYSBjb21tZW50JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IGRyYWZ0LCBvcGVyYXRpb24gfSA9IGF3YWl0IHJlYWRTb3VyY2UoSlNPTi5zdHJpbmdpZnkoZG9jdW1lbnQpLCAncGFzc2FnZXMuanNvbicpO1xuICBjb25zdCB0ZXh0ID0gZHJhZnQoJ2VudGVyJyk7XG4gIGFzc2VydC5lcXVhbChcbiAgICBib2R5T2YodGV4dCksXG4gICAgYGJvZHk6XG4gIHhtbDogfFxuICAgIDxwYXNzYWdlIHhtbG5zPVwidXJuOmxhcmtoYXZlbjpwYXNzYWdlc1wiIG51bWJlcj1cIlxcJHtudW1iZXJ9XCI+XG4gICAgICA8djpzaGlwIHhtbG5zOnY9XCJ1cm46bGFya2hhdmVuOnZlc3NlbHNcIj5cbiAgICAgICAgPG5hbWU+XFwke25hbWV9PC9uYW1lPlxuICAgICAgICA8IS0tIHN0cmluZywgb3B0aW9uYWxcbiAgICAgICAgPGZsYWc+TGFya2hhdmVuICZhbXA7IHNvbnM8L2ZsYWc+XG4gICAgICAgIC0tPlxuICAgICAgPC92OnNoaXA+XG4gICAgICA8Y3Jldz5cbiAgICAgICAgPG1lbWJlcj5cXCR7Y3Jld308L21lbWJlcj5cbiAgICAgICAgPCEtLSBhcnJheSBvZiBzdHJpbmcsIG1heSByZXBlYXQgLS0+XG4gICAgICA8L2NyZXc+XG4gICAgICA8dGFnPlxcJHt0YWdzfTwvdGFnPlxuICAgICAgPCEtLSBhcnJheSBvZiBzdHJpbmcsIG1heSByZXBlYXQgLS0+XG4gICAgICA8c3RhdGU+cGxhbm5lZDwvc3RhdGU+XG4gICAgICA8IS0tIHN0cmluZywgYXQgbW9zdCA4MCBjaGFyYWN0ZXJzLCBvcHRpb25hbFxuICAgICAgPG5vdGU+YSAtIC0gYjwvbm90ZT5cbiAgICAgIC0tPlxuICAgIDwvcGFzc2FnZT5cbmAsXG4gICk7XG4gIGFzc2VydC5tYXRjaCh0ZXh0LCAvIyBpZDogXFwvXFwvaWQkL20sICdrZXB0IGJ5IFhQYXRoJyk7XG4gIGFzc2VydC5kb2VzTm90TWF0Y2godGV4dCwgL3NjaGVtYTogZG9jdW1lbnRlZC8sICdhIEpTT04gU2NoZW1hIHNheXMgbm90aGluZyBvZiBYTUwnKTtcbiAgY29uc3QgZXhhbXBsZSA9IG9wZXJhdGlvbignZW50ZXInKS5hbnN3ZXJzWzBdPy5jb250ZW50Py5leGFtcGxlO1xuICBhc3NlcnQubWF0Y2goU3RyaW5nKGV4YW1wbGUpLCAvPGlkPnRleHQ8XFwvaWQ+LywgJ2FuIGFuc3dlciBoYXMgd2hhdCB0aGUgc2VydmVyIHNldHMnKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChTdHJpbmcob3BlcmF0aW9uKCdlbnRlcicpLmJvZHk/LmV4YW1wbGUpLCAvPGlkPi8pO1xufSk7XG5cbnRlc3QoJ3BhcnRzOiB0ZXh0cywgZmlsZXMgYW5kIHN0cnVjdHVyZXM7IGEgZmlsZSBhcyBpdCBpczsgYSB0ZXh0IHRoYXQgaXMgbm9ib2R5IGVsc2UgY2FuIHdyaXRlJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IGRyYWZ0IH0gPSBhd2FpdCByZWFkU291cmNlKEpTT04uc3RyaW5naWZ5KGRvY3VtZW50KSwgJ3Bhc3NhZ2VzLmpzb24nKTtcbiAgYXNzZXJ0LmVxdWFsKFxuICAgIGJvZHlPZihkcmFmdCgncGxhbicpKSxcbiAgICBgYm9keTpcbiAgcGFydHM6XG4gICAgYWJvdXQ6IFxcJHthYm91dH0gICAjIHN0cmluZ1xuICAgIHBsYW46IHtmaWxlOiBcIlxcJHtwbGFufVwifSAgICMgc3RyaW5nIChiaW5hcnkpXG4gICAgYmVydGg6IHtqc29uOiBcIlxcJHtiZXJ0aH1cIn0gICAjIG9iamVjdFxuICAgICMgcGhvdG86IHtmaWxlOiBkYXRhL2ZpbGUuYmlufSAgICMgc3RyaW5nIChiaW5hcnkpXG4gICAgIyBwbGFjZToge2pzb246IHtjb2RlOiBOMX19ICAgIyBvYmplY3RcbmAsXG4gICk7XG4gIGFzc2VydC5tYXRjaChkcmFmdCgnY2hhcnQnKSwgL14gezJ9ZmlsZTogXFwkXFx7ZmlsZVxcfSQvbSk7XG4gIGFzc2VydC5tYXRjaChkcmFmdCgnbm90ZScpLCAvXiMgYm9keTogXFx7dGV4dDogXCJcIlxcfSB7M30jIHRleHRcXC9wbGFpbjogaXRzIHRleHQgaXMgeW91cnMgdG8gd3JpdGUvbSk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLFlBQVk7QUFHckIsSUFBTSxVQUFVO0FBQUEsRUFDZCxNQUFNO0FBQUEsRUFDTixVQUFVLENBQUMsVUFBVSxVQUFVLFFBQVEsUUFBUSxPQUFPO0FBQUEsRUFDdEQsS0FBSyxFQUFFLE1BQU0sV0FBVyxXQUFXLHlCQUF5QjtBQUFBLEVBQzVELFlBQVk7QUFBQSxJQUNWLFFBQVEsRUFBRSxNQUFNLFdBQVcsS0FBSyxFQUFFLFdBQVcsS0FBSyxFQUFFO0FBQUEsSUFDcEQsSUFBSSxFQUFFLE1BQU0sVUFBVSxVQUFVLEtBQUs7QUFBQSxJQUNyQyxRQUFRO0FBQUEsTUFDTixNQUFNO0FBQUEsTUFDTixVQUFVLENBQUMsTUFBTTtBQUFBLE1BQ2pCLEtBQUssRUFBRSxNQUFNLFFBQVEsUUFBUSxLQUFLLFdBQVcsd0JBQXdCO0FBQUEsTUFDckUsWUFBWSxFQUFFLE1BQU0sRUFBRSxNQUFNLFNBQVMsR0FBRyxNQUFNLEVBQUUsTUFBTSxVQUFVLFNBQVMsbUJBQW1CLEVBQUU7QUFBQSxJQUNoRztBQUFBLElBQ0EsTUFBTSxFQUFFLE1BQU0sU0FBUyxLQUFLLEVBQUUsU0FBUyxLQUFLLEdBQUcsT0FBTyxFQUFFLE1BQU0sVUFBVSxLQUFLLEVBQUUsTUFBTSxTQUFTLEVBQUUsRUFBRTtBQUFBLElBQ2xHLE1BQU0sRUFBRSxNQUFNLFNBQVMsT0FBTyxFQUFFLE1BQU0sU0FBUyxHQUFHLEtBQUssRUFBRSxNQUFNLE1BQU0sRUFBRTtBQUFBLElBQ3ZFLE9BQU8sRUFBRSxNQUFNLFVBQVUsTUFBTSxDQUFDLFNBQVMsRUFBRTtBQUFBLElBQzNDLE1BQU0sRUFBRSxNQUFNLFVBQVUsV0FBVyxJQUFJLFNBQVMsU0FBUztBQUFBLEVBQzNEO0FBQ0Y7QUFDQSxJQUFNLFVBQVUsQ0FBQyxNQUFjLFlBQW9CLEVBQUUsVUFBVSxNQUFNLFNBQVMsRUFBRSxDQUFDLElBQUksR0FBRyxFQUFFLE9BQU8sRUFBRSxFQUFFO0FBQ3JHLElBQU0sV0FBVztBQUFBLEVBQ2YsU0FBUztBQUFBLEVBQ1QsTUFBTSxFQUFFLE9BQU8sWUFBWSxTQUFTLElBQUk7QUFBQSxFQUN4QyxPQUFPO0FBQUEsSUFDTCxhQUFhO0FBQUEsTUFDWCxNQUFNO0FBQUEsUUFDSixhQUFhO0FBQUEsUUFDYixhQUFhLFFBQVEsbUJBQW1CLEVBQUUsTUFBTSwrQkFBK0IsQ0FBQztBQUFBLFFBQ2hGLFdBQVc7QUFBQSxVQUNULEtBQUs7QUFBQSxZQUNILGFBQWE7QUFBQSxZQUNiLFNBQVMsRUFBRSxtQkFBbUIsRUFBRSxRQUFRLEVBQUUsTUFBTSwrQkFBK0IsRUFBRSxFQUFFO0FBQUEsVUFDckY7QUFBQSxRQUNGO0FBQUEsTUFDRjtBQUFBLElBQ0Y7QUFBQSxJQUNBLFVBQVU7QUFBQSxNQUNSLE1BQU07QUFBQSxRQUNKLGFBQWE7QUFBQSxRQUNiLGFBQWEsUUFBUSx1QkFBdUI7QUFBQSxVQUMxQyxNQUFNO0FBQUEsVUFDTixVQUFVLENBQUMsU0FBUyxRQUFRLE9BQU87QUFBQSxVQUNuQyxZQUFZO0FBQUEsWUFDVixPQUFPLEVBQUUsTUFBTSxTQUFTO0FBQUEsWUFDeEIsTUFBTSxFQUFFLE1BQU0sVUFBVSxRQUFRLFNBQVM7QUFBQSxZQUN6QyxPQUFPLEVBQUUsTUFBTSxVQUFVLFlBQVksRUFBRSxNQUFNLEVBQUUsTUFBTSxVQUFVLFNBQVMsS0FBSyxFQUFFLEVBQUU7QUFBQSxZQUNqRixPQUFPLEVBQUUsTUFBTSxVQUFVLFFBQVEsU0FBUztBQUFBLFlBQzFDLE9BQU8sRUFBRSxNQUFNLFVBQVUsWUFBWSxFQUFFLE1BQU0sRUFBRSxNQUFNLFVBQVUsU0FBUyxLQUFLLEVBQUUsRUFBRTtBQUFBLFVBQ25GO0FBQUEsUUFDRixDQUFDO0FBQUEsUUFDRCxXQUFXLEVBQUUsS0FBSyxFQUFFLGFBQWEsT0FBTyxFQUFFO0FBQUEsTUFDNUM7QUFBQSxJQUNGO0FBQUEsSUFDQSxXQUFXO0FBQUEsTUFDVCxLQUFLO0FBQUEsUUFDSCxhQUFhO0FBQUEsUUFDYixhQUFhLFFBQVEsbUJBQW1CLEVBQUUsTUFBTSxVQUFVLFFBQVEsU0FBUyxDQUFDO0FBQUEsUUFDNUUsV0FBVyxDQUFDO0FBQUEsTUFDZDtBQUFBLElBQ0Y7QUFBQSxJQUNBLFVBQVUsRUFBRSxLQUFLLEVBQUUsYUFBYSxRQUFRLGFBQWEsUUFBUSxjQUFjLEVBQUUsTUFBTSxTQUFTLENBQUMsR0FBRyxXQUFXLENBQUMsRUFBRSxFQUFFO0FBQUEsRUFDbEg7QUFBQSxFQUNBLFlBQVksRUFBRSxTQUFTLEVBQUUsU0FBUyxRQUFRLEVBQUU7QUFDOUM7QUFFQSxJQUFNLFNBQVMsQ0FBQyxTQUNkLEtBQUssTUFBTSxLQUFLLFFBQVEsT0FBTyxHQUFHLEtBQUssUUFBUSxTQUFTLE1BQU0sS0FBSyxTQUFZLEtBQUssUUFBUSxTQUFTLENBQUM7QUFFeEcsS0FBSyxtR0FBbUcsWUFBWTtBQUNsSCxRQUFNLEVBQUUsT0FBTyxVQUFVLElBQUksTUFBTSxXQUFXLEtBQUssVUFBVSxRQUFRLEdBQUcsZUFBZTtBQUN2RixRQUFNLE9BQU8sTUFBTSxPQUFPO0FBQzFCLFNBQU87QUFBQSxJQUNMLE9BQU8sSUFBSTtBQUFBLElBQ1g7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUEsRUFxQkY7QUFDQSxTQUFPLE1BQU0sTUFBTSxrQkFBa0IsZUFBZTtBQUNwRCxTQUFPLGFBQWEsTUFBTSxzQkFBc0IsbUNBQW1DO0FBQ25GLFFBQU0sVUFBVSxVQUFVLE9BQU8sRUFBRSxRQUFRLENBQUMsR0FBRyxTQUFTO0FBQ3hELFNBQU8sTUFBTSxPQUFPLE9BQU8sR0FBRyxrQkFBa0Isb0NBQW9DO0FBQ3BGLFNBQU8sYUFBYSxPQUFPLFVBQVUsT0FBTyxFQUFFLE1BQU0sT0FBTyxHQUFHLE1BQU07QUFDdEUsQ0FBQztBQUVELEtBQUssNkZBQTZGLFlBQVk7QUFDNUcsUUFBTSxFQUFFLE1BQU0sSUFBSSxNQUFNLFdBQVcsS0FBSyxVQUFVLFFBQVEsR0FBRyxlQUFlO0FBQzVFLFNBQU87QUFBQSxJQUNMLE9BQU8sTUFBTSxNQUFNLENBQUM7QUFBQSxJQUNwQjtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUEsRUFRRjtBQUNBLFNBQU8sTUFBTSxNQUFNLE9BQU8sR0FBRyx5QkFBeUI7QUFDdEQsU0FBTyxNQUFNLE1BQU0sTUFBTSxHQUFHLHFFQUFxRTtBQUNuRyxDQUFDOyIsCiAgIm5hbWVzIjogW10KfQo=
