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
import {
  customsWsdl,
  messagesXsd,
  typesXsd
} from "../../parts/chunk-T4I6LV4Y.js";
import "../../parts/chunk-OQREOMES.js";
import "../../parts/chunk-2RJTCR3G.js";
import "../../parts/chunk-JFRZJ6A5.js";
import "../../parts/chunk-IQWA53IU.js";
import "../../parts/chunk-PACVB44P.js";
import "../../parts/chunk-ZC7SUIQQ.js";
import "../../parts/chunk-FSPVDUAZ.js";
import "../../parts/chunk-RABAPZK5.js";
import "../../parts/chunk-XGDOGID3.js";

// test/core/documentation/wsdl.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
import { parse } from "yaml";
var text = customsWsdl("http://127.0.0.1:4810");
var office = () => readSource(text, "customs.wsdl", { others: { "customs/messages.xsd": messagesXsd, "customs/types.xsd": typesXsd } });
var shape = (fields = []) => fields.map(({ name, type, required }) => [name, type, required]);
test("every operation of every port is there, counted by its tags", async () => {
  const { operations, documentation, index } = await office();
  const ports = text.match(/<wsdl:port /g)?.length ?? 0;
  const ofPortType = (text.match(/<wsdl:portType[\s\S]*<\/wsdl:portType>/)?.[0].match(/<wsdl:operation /g) ?? []).length;
  assert.equal(operations.length, ports * ofPortType);
  assert.deepEqual(documentation.warnings, []);
  const named = [
    ...messagesXsd.matchAll(/<xsd:(?:complex|simple)Type name=/g),
    ...typesXsd.matchAll(/<xsd:(?:complex|simple)Type name=/g)
  ];
  assert.equal(index.types().length, named.length);
});
test("action, address, version, headers, fields in their order with limits, faults", async () => {
  const { operation } = await office();
  const declare = operation("Soap11.Declare");
  assert.deepEqual(
    [declare.soap?.action, declare.soap?.address, declare.soap?.version, declare.soap?.style],
    ["urn:larkhaven:customs:2/Declare", "http://127.0.0.1:4810/customs", "1.1", "document"]
  );
  assert.deepEqual(
    declare.parameters.map(({ name, in: where, allowed }) => [name, where, allowed]),
    [["Desk", "envelope", ["north", "south"]]]
  );
  const [body] = declare.body?.fields ?? [];
  assert.deepEqual(shape(body?.fields), [
    ["imo", "string", true],
    ["arrival", "string (date)", true],
    ["goods", "array of object", true],
    ["broker", "string", false],
    ["owner", "string", false],
    ["remark", "string", false]
  ]);
  const goods = body?.fields?.[2];
  assert.deepEqual(shape(goods?.fields), [
    ["@line", "integer", true],
    ["kind", "string", true],
    ["tonnes", "number", true],
    ["mark", "array of string", false]
  ]);
  assert.equal(goods?.fields?.[2]?.limits?.over, 0);
  assert.equal(goods?.fields?.[3]?.limits?.["most-items"], 3);
  assert.deepEqual(
    declare.answers.map(({ status }) => status),
    ["200", "500"]
  );
  assert.equal(operation("Soap12.ReadDeclaration").changes, false);
});
test("a draft has the envelope in order, its namespaces, optional parts and choices as comments, the action", async () => {
  const { draft } = await office();
  const file = parse(draft("Soap11.Declare"));
  const { envelope, version, action } = file.body.soap;
  assert.deepEqual([version, action], ["1.1", "urn:larkhaven:customs:2/Declare"]);
  const bare = envelope.replace(/<!--[\s\S]*?-->/g, "");
  const order = [...bare.matchAll(/<(?:customs|types):(\w+)/g)].map(([, name]) => name);
  assert.deepEqual(order, ["Desk", "Declare", "imo", "arrival", "goods", "kind", "tonnes", "broker"]);
  assert.match(envelope, /xmlns:types="urn:larkhaven:customs:types"/);
  assert.match(envelope, /<!-- or: <customs:owner>/);
  assert.match(envelope, /<!-- optional: <customs:remark>/);
  assert.match(envelope, /<types:kind>\$\{kind\}<\/types:kind> {3}<!-- grain \| timber \| mixed -->/);
  assert.match(
    parse(draft("Soap12.Declare")).body.soap.envelope,
    /http:\/\/www\.w3\.org\/2003\/05\/soap-envelope/
  );
});
var xsd = 'xmlns:xsd="http://www.w3.org/2001/XMLSchema"';
var rare = (schema, { style = "document", part = 'element="t:Send"' } = {}) => `<?xml version="1.0"?>
<definitions name="R" targetNamespace="urn:t" xmlns="http://schemas.xmlsoap.org/wsdl/" xmlns:t="urn:t" xmlns:s="http://schemas.xmlsoap.org/wsdl/soap/" ${xsd}>
<types><xsd:schema targetNamespace="urn:t">${schema}</xsd:schema></types>
<message name="In"><part name="p" ${part}/></message>
<portType name="P"><operation name="Send"><input message="t:In"/></operation></portType>
<binding name="B" type="t:P"><s:binding style="${style}" transport="http://schemas.xmlsoap.org/soap/http"/><operation name="Send"><s:operation soapAction="send"/><input><s:body use="literal" namespace="urn:rpc"/></input></operation></binding>
<service name="S"><port name="Q" binding="t:B"><s:address location="http://harbour.example/soap"/></port></service></definitions>`;
var kinds = [
  [
    "an extension adds to its base",
    '<xsd:complexType name="A"><xsd:sequence><xsd:element name="a" type="xsd:int"/></xsd:sequence></xsd:complexType><xsd:element name="Send"><xsd:complexType><xsd:complexContent><xsd:extension base="t:A"><xsd:sequence><xsd:element name="b" type="xsd:boolean" minOccurs="0"/></xsd:sequence></xsd:extension></xsd:complexContent></xsd:complexType></xsd:element>',
    [
      ["a", "integer", true],
      ["b", "boolean", false]
    ]
  ],
  [
    "a group and an attribute group are laid in",
    '<xsd:group name="G"><xsd:sequence><xsd:element name="g" type="xsd:string"/></xsd:sequence></xsd:group><xsd:attributeGroup name="H"><xsd:attribute name="h" type="xsd:date" use="required"/></xsd:attributeGroup><xsd:element name="Send"><xsd:complexType><xsd:group ref="t:G"/><xsd:attributeGroup ref="t:H"/></xsd:complexType></xsd:element>',
    [
      ["@h", "string (date)", true],
      ["g", "string", true]
    ]
  ],
  [
    "a reference stands for a global element",
    '<xsd:element name="Mark" type="xsd:token"/><xsd:element name="Send"><xsd:complexType><xsd:all><xsd:element ref="t:Mark" minOccurs="0"/></xsd:all></xsd:complexType></xsd:element>',
    [["Mark", "string", false]]
  ],
  [
    "a list, a nillable element and any",
    '<xsd:simpleType name="L"><xsd:list itemType="xsd:int"/></xsd:simpleType><xsd:element name="Send"><xsd:complexType><xsd:sequence><xsd:element name="l" type="t:L"/><xsd:element name="n" type="xsd:string" nillable="true"/><xsd:any minOccurs="0"/></xsd:sequence></xsd:complexType></xsd:element>',
    [
      ["l", "array of integer", true],
      ["n", "string or null", true],
      ["(any element)", "any", false]
    ]
  ],
  [
    "a repeated sequence repeats its elements",
    '<xsd:element name="Send"><xsd:complexType><xsd:sequence maxOccurs="unbounded"><xsd:element name="r" type="xsd:string"/></xsd:sequence></xsd:complexType></xsd:element>',
    [["r", "array of string", true]]
  ]
];
for (const [name, schema, fields] of kinds) {
  test(name, async () => {
    const { operation } = await readSource(rare(schema), "rare.wsdl");
    assert.deepEqual(shape(operation("Send").body?.fields[0]?.fields), fields);
  });
}
test("a type that holds itself ends, in the fields and in the envelope", async () => {
  const { operation, draft } = await readSource(
    rare(
      '<xsd:complexType name="T"><xsd:sequence><xsd:element name="t" type="t:T"/></xsd:sequence></xsd:complexType><xsd:element name="Send" type="t:T"/>'
    ),
    "rare.wsdl"
  );
  assert.equal(operation("Send").body?.fields[0]?.fields?.[0]?.recursive, "T");
  assert.match(draft("Send"), /again as above/);
});
test("local elements of an unqualified schema have no prefix; an RPC call is wrapped in the namespace of its binding", async () => {
  const local = await readSource(
    rare(
      '<xsd:element name="Send"><xsd:complexType><xsd:sequence><xsd:element name="a" type="xsd:int"/></xsd:sequence></xsd:complexType></xsd:element>'
    ),
    "rare.wsdl"
  );
  assert.match(local.draft("Send"), /<a>\$\{a\}<\/a>/);
  const rpc = await readSource(rare("", { style: "rpc", part: 'type="xsd:int"' }), "rpc.wsdl");
  assert.match(rpc.draft("Send"), /<rpc:Send>\s*<p>\$\{p\}<\/p>\s*<\/rpc:Send>/);
  assert.match(rpc.draft("Send"), /xmlns:rpc="urn:rpc"/);
});
test("a schema that is missing costs what it describes, with a warning", async () => {
  const { operations, documentation, refused } = await readSource(text, "customs.wsdl");
  assert.equal(operations.length, 4);
  assert.deepEqual(
    refused.map(({ name }) => name),
    ["customs/messages.xsd"]
  );
  assert.match(documentation.warnings[0]?.what ?? "", /messages\.xsd was not read/);
});
var refusedTexts = [
  [
    "entities that multiply",
    `<!DOCTYPE d [<!ENTITY a "aa"><!ENTITY b "&a;&a;">]>${rare("").replace('<?xml version="1.0"?>', "")}`,
    /declares entities/
  ],
  [
    "an external entity",
    `<!DOCTYPE d [<!ENTITY x SYSTEM "file:///etc/passwd">]>${rare("").replace('<?xml version="1.0"?>', "")}`,
    /declares entities/
  ],
  ["XML that breaks off", rare("").slice(0, -40), /not well-formed XML/],
  ["a schema alone", messagesXsd, /describes no operation/]
];
for (const [name, given, says] of refusedTexts)
  test(`${name} is refused`, () => assert.rejects(readSource(given, "x.wsdl"), says));
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vLi4vdGVzdC9jb3JlL2RvY3VtZW50YXRpb24vd3NkbC50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogV1NETCAxLjEgYW5kIFhNTCBTY2hlbWE6IHRoZSBjdXN0b21zIG9mZmljZSwgYW5kIGEgZG9jdW1lbnQgb2YgdGhlIHJhcmVyIGtpbmRzOyBlYWNoIGNvdW50ZWQgd2l0aG91dCB0aGUgcmVhZGVyLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyBwYXJzZSB9IGZyb20gJ3lhbWwnO1xuaW1wb3J0IHR5cGUgeyBGaWVsZCB9IGZyb20gJy4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vbW9kZWwuanMnO1xuaW1wb3J0IHsgY3VzdG9tc1dzZGwsIG1lc3NhZ2VzWHNkLCB0eXBlc1hzZCB9IGZyb20gJy4uLy4uLy4uL3NyYy9zdGFuZGluL2N1c3RvbXMvd3NkbC5qcyc7XG5pbXBvcnQgeyByZWFkU291cmNlIH0gZnJvbSAnLi4vLi4vc3VwcG9ydC9kb2N1bWVudGF0aW9uLmpzJztcblxuY29uc3QgdGV4dCA9IGN1c3RvbXNXc2RsKCdodHRwOi8vMTI3LjAuMC4xOjQ4MTAnKTtcbmNvbnN0IG9mZmljZSA9ICgpID0+XG4gIHJlYWRTb3VyY2UodGV4dCwgJ2N1c3RvbXMud3NkbCcsIHsgb3RoZXJzOiB7ICdjdXN0b21zL21lc3NhZ2VzLnhzZCc6IG1lc3NhZ2VzWHNkLCAnY3VzdG9tcy90eXBlcy54c2QnOiB0eXBlc1hzZCB9IH0pO1xuY29uc3Qgc2hhcGUgPSAoZmllbGRzOiByZWFkb25seSBGaWVsZFtdID0gW10pOiB1bmtub3duID0+XG4gIGZpZWxkcy5tYXAoKHsgbmFtZSwgdHlwZSwgcmVxdWlyZWQgfSkgPT4gW25hbWUsIHR5cGUsIHJlcXVpcmVkXSk7XG5cbnRlc3QoJ2V2ZXJ5IG9wZXJhdGlvbiBvZiBldmVyeSBwb3J0IGlzIHRoZXJlLCBjb3VudGVkIGJ5IGl0cyB0YWdzJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IG9wZXJhdGlvbnMsIGRvY3VtZW50YXRpb24sIGluZGV4IH0gPSBhd2FpdCBvZmZpY2UoKTtcbiAgY29uc3QgcG9ydHMgPSB0ZXh0Lm1hdGNoKC88d3NkbDpwb3J0IC9nKT8ubGVuZ3RoID8/IDA7XG4gIGNvbnN0IG9mUG9ydFR5cGUgPSAodGV4dC5tYXRjaCgvPHdzZGw6cG9ydFR5cGVbXFxzXFxTXSo8XFwvd3NkbDpwb3J0VHlwZT4vKT8uWzBdLm1hdGNoKC88d3NkbDpvcGVyYXRpb24gL2cpID8/IFtdKVxuICAgIC5sZW5ndGg7XG4gIGFzc2VydC5lcXVhbChvcGVyYXRpb25zLmxlbmd0aCwgcG9ydHMgKiBvZlBvcnRUeXBlKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChkb2N1bWVudGF0aW9uLndhcm5pbmdzLCBbXSk7XG4gIGNvbnN0IG5hbWVkID0gW1xuICAgIC4uLm1lc3NhZ2VzWHNkLm1hdGNoQWxsKC88eHNkOig/OmNvbXBsZXh8c2ltcGxlKVR5cGUgbmFtZT0vZyksXG4gICAgLi4udHlwZXNYc2QubWF0Y2hBbGwoLzx4c2Q6KD86Y29tcGxleHxzaW1wbGUpVHlwZSBuYW1lPS9nKSxcbiAgXTtcbiAgYXNzZXJ0LmVxdWFsKGluZGV4LnR5cGVzKCkubGVuZ3RoLCBuYW1lZC5sZW5ndGgpO1xufSk7XG5cbnRlc3QoJ2FjdGlvbiwgYWRkcmVzcywgdmVyc2lvbiwgaGVhZGVycywgZmllbGRzIGluIHRoZWlyIG9yZGVyIHdpdGggbGltaXRzLCBmYXVsdHMnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgb3BlcmF0aW9uIH0gPSBhd2FpdCBvZmZpY2UoKTtcbiAgY29uc3QgZGVjbGFyZSA9IG9wZXJhdGlvbignU29hcDExLkRlY2xhcmUnKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBbZGVjbGFyZS5zb2FwPy5hY3Rpb24sIGRlY2xhcmUuc29hcD8uYWRkcmVzcywgZGVjbGFyZS5zb2FwPy52ZXJzaW9uLCBkZWNsYXJlLnNvYXA/LnN0eWxlXSxcbiAgICBbJ3VybjpsYXJraGF2ZW46Y3VzdG9tczoyL0RlY2xhcmUnLCAnaHR0cDovLzEyNy4wLjAuMTo0ODEwL2N1c3RvbXMnLCAnMS4xJywgJ2RvY3VtZW50J10sXG4gICk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgZGVjbGFyZS5wYXJhbWV0ZXJzLm1hcCgoeyBuYW1lLCBpbjogd2hlcmUsIGFsbG93ZWQgfSkgPT4gW25hbWUsIHdoZXJlLCBhbGxvd2VkXSksXG4gICAgW1snRGVzaycsICdlbnZlbG9wZScsIFsnbm9ydGgnLCAnc291dGgnXV1dLFxuICApO1xuICBjb25zdCBbYm9keV0gPSBkZWNsYXJlLmJvZHk/LmZpZWxkcyA/PyBbXTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChzaGFwZShib2R5Py5maWVsZHMpLCBbXG4gICAgWydpbW8nLCAnc3RyaW5nJywgdHJ1ZV0sXG4gICAgWydhcnJpdmFsJywgJ3N0cmluZyAoZGF0ZSknLCB0cnVlXSxcbiAgICBbJ2dvb2RzJywgJ2FycmF5IG9mIG9iamVjdCcsIHRydWVdLFxuICAgIFsnYnJva2VyJywgJ3N0cmluZycsIGZhbHNlXSxcbiAgICBbJ293bmVyJywgJ3N0cmluZycsIGZhbHNlXSxcbiAgICBbJ3JlbWFyaycsICdzdHJpbmcnLCBmYWxzZV0sXG4gIF0pO1xuICBjb25zdCBnb29kcyA9IGJvZHk/LmZpZWxkcz8uWzJdO1xuICBhc3NlcnQuZGVlcEVxdWFsKHNoYXBlKGdvb2RzPy5maWVsZHMpLCBbXG4gICAgWydAbGluZScsICdpbnRlZ2VyJywgdHJ1ZV0sXG4gICAgWydraW5kJywgJ3N0cmluZycsIHRydWVdLFxuICAgIFsndG9ubmVzJywgJ251bWJlcicsIHRydWVdLFxuICAgIFsnbWFyaycsICdhcnJheSBvZiBzdHJpbmcnLCBmYWxzZV0sXG4gIF0pO1xuICBhc3NlcnQuZXF1YWwoZ29vZHM/LmZpZWxkcz8uWzJdPy5saW1pdHM/Lm92ZXIsIDApO1xuICBhc3NlcnQuZXF1YWwoZ29vZHM/LmZpZWxkcz8uWzNdPy5saW1pdHM/LlsnbW9zdC1pdGVtcyddLCAzKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBkZWNsYXJlLmFuc3dlcnMubWFwKCh7IHN0YXR1cyB9KSA9PiBzdGF0dXMpLFxuICAgIFsnMjAwJywgJzUwMCddLFxuICApO1xuICBhc3NlcnQuZXF1YWwob3BlcmF0aW9uKCdTb2FwMTIuUmVhZERlY2xhcmF0aW9uJykuY2hhbmdlcywgZmFsc2UpO1xufSk7XG5cbnRlc3QoJ2EgZHJhZnQgaGFzIHRoZSBlbnZlbG9wZSBpbiBvcmRlciwgaXRzIG5hbWVzcGFjZXMsIG9wdGlvbmFsIHBhcnRzIGFuZCBjaG9pY2VzIGFzIGNvbW1lbnRzLCB0aGUgYWN0aW9uJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IGRyYWZ0IH0gPSBhd2FpdCBvZmZpY2UoKTtcbiAgY29uc3QgZmlsZSA9IHBhcnNlKGRyYWZ0KCdTb2FwMTEuRGVjbGFyZScpKSBhcyB7XG4gICAgYm9keTogeyBzb2FwOiB7IGVudmVsb3BlOiBzdHJpbmc7IHZlcnNpb246IHN0cmluZzsgYWN0aW9uOiBzdHJpbmcgfSB9O1xuICB9O1xuICBjb25zdCB7IGVudmVsb3BlLCB2ZXJzaW9uLCBhY3Rpb24gfSA9IGZpbGUuYm9keS5zb2FwO1xuICBhc3NlcnQuZGVlcEVxdWFsKFt2ZXJzaW9uLCBhY3Rpb25dLCBbJzEuMScsICd1cm46bGFya2hhdmVuOmN1c3RvbXM6Mi9EZWNsYXJlJ10pO1xuICBjb25zdCBiYXJlID0gZW52ZWxvcGUucmVwbGFjZSgvPCEtLVtcXHNcXFNdKj8tLT4vZywgJycpO1xuICBjb25zdCBvcmRlciA9IFsuLi5iYXJlLm1hdGNoQWxsKC88KD86Y3VzdG9tc3x0eXBlcyk6KFxcdyspL2cpXS5tYXAoKFssIG5hbWVdKSA9PiBuYW1lKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChvcmRlciwgWydEZXNrJywgJ0RlY2xhcmUnLCAnaW1vJywgJ2Fycml2YWwnLCAnZ29vZHMnLCAna2luZCcsICd0b25uZXMnLCAnYnJva2VyJ10pO1xuICBhc3NlcnQubWF0Y2goZW52ZWxvcGUsIC94bWxuczp0eXBlcz1cInVybjpsYXJraGF2ZW46Y3VzdG9tczp0eXBlc1wiLyk7XG4gIGFzc2VydC5tYXRjaChlbnZlbG9wZSwgLzwhLS0gb3I6IDxjdXN0b21zOm93bmVyPi8pO1xuICBhc3NlcnQubWF0Y2goZW52ZWxvcGUsIC88IS0tIG9wdGlvbmFsOiA8Y3VzdG9tczpyZW1hcms+Lyk7XG4gIGFzc2VydC5tYXRjaChlbnZlbG9wZSwgLzx0eXBlczpraW5kPlxcJFxce2tpbmRcXH08XFwvdHlwZXM6a2luZD4gezN9PCEtLSBncmFpbiBcXHwgdGltYmVyIFxcfCBtaXhlZCAtLT4vKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIChwYXJzZShkcmFmdCgnU29hcDEyLkRlY2xhcmUnKSkgYXMgdHlwZW9mIGZpbGUpLmJvZHkuc29hcC5lbnZlbG9wZSxcbiAgICAvaHR0cDpcXC9cXC93d3dcXC53M1xcLm9yZ1xcLzIwMDNcXC8wNVxcL3NvYXAtZW52ZWxvcGUvLFxuICApO1xufSk7XG5cbmNvbnN0IHhzZCA9ICd4bWxuczp4c2Q9XCJodHRwOi8vd3d3LnczLm9yZy8yMDAxL1hNTFNjaGVtYVwiJztcbmNvbnN0IHJhcmUgPSAoc2NoZW1hOiBzdHJpbmcsIHsgc3R5bGUgPSAnZG9jdW1lbnQnLCBwYXJ0ID0gJ2VsZW1lbnQ9XCJ0OlNlbmRcIicgfSA9IHt9KTogc3RyaW5nID0+IGA8P3htbCB2ZXJzaW9uPVwiMS4wXCI/PlxuPGRlZmluaXRpb25zIG5hbWU9XCJSXCIgdGFyZ2V0TmFtZXNwYWNlPVwidXJuOnRcIiB4bWxucz1cImh0dHA6Ly9zY2hlbWFzLnhtbHNvYXAub3JnL3dzZGwvXCIgeG1sbnM6dD1cInVybjp0XCIgeG1sbnM6cz1cImh0dHA6Ly9zY2hlbWFzLnhtbHNvYXAub3JnL3dzZGwvc29hcC9cIiAke3hzZH0+XG48dHlwZXM+PHhzZDpzY2hlbWEgdGFyZ2V0TmFtZXNwYWNlPVwidXJuOnRcIj4ke3NjaGVtYX08L3hzZDpzY2hlbWE+PC90eXBlcz5cbjxtZXNzYWdlIG5hbWU9XCJJblwiPjxwYXJ0IG5hbWU9XCJwXCIgJHtwYXJ0fS8+PC9tZXNzYWdlPlxuPHBvcnRUeXBlIG5hbWU9XCJQXCI+PG9wZXJhdGlvbiBuYW1lPVwiU2VuZFwiPjxpbnB1dCBtZXNzYWdlPVwidDpJblwiLz48L29wZXJhdGlvbj48L3BvcnRUeXBlPlxuPGJpbmRpbmcgbmFtZT1cIkJcIiB0eXBlPVwidDpQXCI+PHM6YmluZGluZyBzdHlsZT1cIiR7c3R5bGV9XCIgdHJhbnNwb3J0PVwiaHR0cDovL3NjaGVtYXMueG1sc29hcC5vcmcvc29hcC9odHRwXCIvPjxvcGVyYXRpb24gbmFtZT1cIlNlbmRcIj48czpvcGVyYXRpb24gc29hcEFjdGlvbj1cInNlbmRcIi8+PGlucHV0PjxzOmJvZHkgdXNlPVwibGl0ZXJhbFwiIG5hbWVzcGFjZT1cInVybjpycGNcIi8+PC9pbnB1dD48L29wZXJhdGlvbj48L2JpbmRpbmc+XG48c2VydmljZSBuYW1lPVwiU1wiPjxwb3J0IG5hbWU9XCJRXCIgYmluZGluZz1cInQ6QlwiPjxzOmFkZHJlc3MgbG9jYXRpb249XCJodHRwOi8vaGFyYm91ci5leGFtcGxlL3NvYXBcIi8+PC9wb3J0Pjwvc2VydmljZT48L2RlZmluaXRpb25zPmA7XG5cbmNvbnN0IGtpbmRzOiByZWFkb25seSAocmVhZG9ubHkgW25hbWU6IHN0cmluZywgc2NoZW1hOiBzdHJpbmcsIGZpZWxkczogdW5rbm93bl0pW10gPSBbXG4gIFtcbiAgICAnYW4gZXh0ZW5zaW9uIGFkZHMgdG8gaXRzIGJhc2UnLFxuICAgICc8eHNkOmNvbXBsZXhUeXBlIG5hbWU9XCJBXCI+PHhzZDpzZXF1ZW5jZT48eHNkOmVsZW1lbnQgbmFtZT1cImFcIiB0eXBlPVwieHNkOmludFwiLz48L3hzZDpzZXF1ZW5jZT48L3hzZDpjb21wbGV4VHlwZT48eHNkOmVsZW1lbnQgbmFtZT1cIlNlbmRcIj48eHNkOmNvbXBsZXhUeXBlPjx4c2Q6Y29tcGxleENvbnRlbnQ+PHhzZDpleHRlbnNpb24gYmFzZT1cInQ6QVwiPjx4c2Q6c2VxdWVuY2U+PHhzZDplbGVtZW50IG5hbWU9XCJiXCIgdHlwZT1cInhzZDpib29sZWFuXCIgbWluT2NjdXJzPVwiMFwiLz48L3hzZDpzZXF1ZW5jZT48L3hzZDpleHRlbnNpb24+PC94c2Q6Y29tcGxleENvbnRlbnQ+PC94c2Q6Y29tcGxleFR5cGU+PC94c2Q6ZWxlbWVudD4nLFxuICAgIFtcbiAgICAgIFsnYScsICdpbnRlZ2VyJywgdHJ1ZV0sXG4gICAgICBbJ2InLCAnYm9vbGVhbicsIGZhbHNlXSxcbiAgICBdLFxuICBdLFxuICBbXG4gICAgJ2EgZ3JvdXAgYW5kIGFuIGF0dHJpYnV0ZSBncm91cCBhcmUgbGFpZCBpbicsXG4gICAgJzx4c2Q6Z3JvdXAgbmFtZT1cIkdcIj48eHNkOnNlcXVlbmNlPjx4c2Q6ZWxlbWVudCBuYW1lPVwiZ1wiIHR5cGU9XCJ4c2Q6c3RyaW5nXCIvPjwveHNkOnNlcXVlbmNlPjwveHNkOmdyb3VwPjx4c2Q6YXR0cmlidXRlR3JvdXAgbmFtZT1cIkhcIj48eHNkOmF0dHJpYnV0ZSBuYW1lPVwiaFwiIHR5cGU9XCJ4c2Q6ZGF0ZVwiIHVzZT1cInJlcXVpcmVkXCIvPjwveHNkOmF0dHJpYnV0ZUdyb3VwPjx4c2Q6ZWxlbWVudCBuYW1lPVwiU2VuZFwiPjx4c2Q6Y29tcGxleFR5cGU+PHhzZDpncm91cCByZWY9XCJ0OkdcIi8+PHhzZDphdHRyaWJ1dGVHcm91cCByZWY9XCJ0OkhcIi8+PC94c2Q6Y29tcGxleFR5cGU+PC94c2Q6ZWxlbWVudD4nLFxuICAgIFtcbiAgICAgIFsnQGgnLCAnc3RyaW5nIChkYXRlKScsIHRydWVdLFxuICAgICAgWydnJywgJ3N0cmluZycsIHRydWVdLFxuICAgIF0sXG4gIF0sXG4gIFtcbiAgICAnYSByZWZlcmVuY2Ugc3RhbmRzIGZvciBhIGdsb2JhbCBlbGVtZW50JyxcbiAgICAnPHhzZDplbGVtZW50IG5hbWU9XCJNYXJrXCIgdHlwZT1cInhzZDp0b2tlblwiLz48eHNkOmVsZW1lbnQgbmFtZT1cIlNlbmRcIj48eHNkOmNvbXBsZXhUeXBlPjx4c2Q6YWxsPjx4c2Q6ZWxlbWVudCByZWY9XCJ0Ok1hcmtcIiBtaW5PY2N1cnM9XCIwXCIvPjwveHNkOmFsbD48L3hzZDpjb21wbGV4VHlwZT48L3hzZDplbGVtZW50PicsXG4gICAgW1snTWFyaycsICdzdHJpbmcnLCBmYWxzZV1dLFxuICBdLFxuICBbXG4gICAgJ2EgbGlzdCwgYSBuaWxsYWJsZSBlbGVtZW50IGFuZCBhbnknLFxuICAgICc8eHNkOnNpbXBsZVR5cGUgbmFtZT1cIkxcIj48eHNkOmxpc3QgaXRlbVR5cGU9XCJ4c2Q6aW50XCIvPjwveHNkOnNpbXBsZVR5cGU+PHhzZDplbGVtZW50IG5hbWU9XCJTZW5kXCI+PHhzZDpjb21wbGV4VHlwZT48eHNkOnNlcXVlbmNlPjx4c2Q6ZWxlbWVudCBuYW1lPVwibFwiIHR5cGU9XCJ0OkxcIi8+PHhzZDplbGVtZW50IG5hbWU9XCJuXCIgdHlwZT1cInhzZDpzdHJpbmdcIiBuaWxsYWJsZT1cInRydWVcIi8+PHhzZDphbnkgbWluT2NjdXJzPVwiMFwiLz48L3hzZDpzZXF1ZW5jZT48L3hzZDpjb21wbGV4VHlwZT48L3hzZDplbGVtZW50PicsXG4gICAgW1xuICAgICAgWydsJywgJ2FycmF5IG9mIGludGVnZXInLCB0cnVlXSxcbiAgICAgIFsnbicsICdzdHJpbmcgb3IgbnVsbCcsIHRydWVdLFxuICAgICAgWycoYW55IGVsZW1lbnQpJywgJ2FueScsIGZhbHNlXSxcbiAgICBdLFxuICBdLFxuICBbXG4gICAgJ2EgcmVwZWF0ZWQgc2VxdWVuY2UgcmVwZWF0cyBpdHMgZWxlbWVudHMnLFxuICAgICc8eHNkOmVsZW1lbnQgbmFtZT1cIlNlbmRcIj48eHNkOmNvbXBsZXhUeXBlPjx4c2Q6c2VxdWVuY2UgbWF4T2NjdXJzPVwidW5ib3VuZGVkXCI+PHhzZDplbGVtZW50IG5hbWU9XCJyXCIgdHlwZT1cInhzZDpzdHJpbmdcIi8+PC94c2Q6c2VxdWVuY2U+PC94c2Q6Y29tcGxleFR5cGU+PC94c2Q6ZWxlbWVudD4nLFxuICAgIFtbJ3InLCAnYXJyYXkgb2Ygc3RyaW5nJywgdHJ1ZV1dLFxuICBdLFxuXTtcbmZvciAoY29uc3QgW25hbWUsIHNjaGVtYSwgZmllbGRzXSBvZiBraW5kcykge1xuICB0ZXN0KG5hbWUsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCB7IG9wZXJhdGlvbiB9ID0gYXdhaXQgcmVhZFNvdXJjZShyYXJlKHNjaGVtYSksICdyYXJlLndzZGwnKTtcbiAgICBhc3NlcnQuZGVlcEVxdWFsKHNoYXBlKG9wZXJhdGlvbignU2VuZCcpLmJvZHk/LmZpZWxkc1swXT8uZmllbGRzKSwgZmllbGRzKTtcbiAgfSk7XG59XG5cbnRlc3QoJ2EgdHlwZSB0aGF0IGhvbGRzIGl0c2VsZiBlbmRzLCBpbiB0aGUgZmllbGRzIGFuZCBpbiB0aGUgZW52ZWxvcGUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgb3BlcmF0aW9uLCBkcmFmdCB9ID0gYXdhaXQgcmVhZFNvdXJjZShcbiAgICByYXJlKFxuICAgICAgJzx4c2Q6Y29tcGxleFR5cGUgbmFtZT1cIlRcIj48eHNkOnNlcXVlbmNlPjx4c2Q6ZWxlbWVudCBuYW1lPVwidFwiIHR5cGU9XCJ0OlRcIi8+PC94c2Q6c2VxdWVuY2U+PC94c2Q6Y29tcGxleFR5cGU+PHhzZDplbGVtZW50IG5hbWU9XCJTZW5kXCIgdHlwZT1cInQ6VFwiLz4nLFxuICAgICksXG4gICAgJ3JhcmUud3NkbCcsXG4gICk7XG4gIGFzc2VydC5lcXVhbChvcGVyYXRpb24oJ1NlbmQnKS5ib2R5Py5maWVsZHNbMF0/LmZpZWxkcz8uWzBdPy5yZWN1cnNpdmUsICdUJyk7XG4gIGFzc2VydC5tYXRjaChkcmFmdCgnU2VuZCcpLCAvYWdhaW4gYXMgYWJvdmUvKTtcbn0pO1xuXG50ZXN0KCdsb2NhbCBlbGVtZW50cyBvZiBhbiB1bnF1YWxpZmllZCBzY2hlbWEgaGF2ZSBubyBwcmVmaXg7IGFuIFJQQyBjYWxsIGlzIHdyYXBwZWQgaW4gdGhlIG5hbWVzcGFjZSBvZiBpdHMgYmluZGluZycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgbG9jYWwgPSBhd2FpdCByZWFkU291cmNlKFxuICAgIHJhcmUoXG4gICAgICAnPHhzZDplbGVtZW50IG5hbWU9XCJTZW5kXCI+PHhzZDpjb21wbGV4VHlwZT48eHNkOnNlcXVlbmNlPjx4c2Q6ZWxlbWVudCBuYW1lPVwiYVwiIHR5cGU9XCJ4c2Q6aW50XCIvPjwveHNkOnNlcXVlbmNlPjwveHNkOmNvbXBsZXhUeXBlPjwveHNkOmVsZW1lbnQ+JyxcbiAgICApLFxuICAgICdyYXJlLndzZGwnLFxuICApO1xuICBhc3NlcnQubWF0Y2gobG9jYWwuZHJhZnQoJ1NlbmQnKSwgLzxhPlxcJFxce2FcXH08XFwvYT4vKTtcbiAgY29uc3QgcnBjID0gYXdhaXQgcmVhZFNvdXJjZShyYXJlKCcnLCB7IHN0eWxlOiAncnBjJywgcGFydDogJ3R5cGU9XCJ4c2Q6aW50XCInIH0pLCAncnBjLndzZGwnKTtcbiAgYXNzZXJ0Lm1hdGNoKHJwYy5kcmFmdCgnU2VuZCcpLCAvPHJwYzpTZW5kPlxccyo8cD5cXCRcXHtwXFx9PFxcL3A+XFxzKjxcXC9ycGM6U2VuZD4vKTtcbiAgYXNzZXJ0Lm1hdGNoKHJwYy5kcmFmdCgnU2VuZCcpLCAveG1sbnM6cnBjPVwidXJuOnJwY1wiLyk7XG59KTtcblxudGVzdCgnYSBzY2hlbWEgdGhhdCBpcyBtaXNzaW5nIGNvc3RzIHdoYXQgaXQgZGVzY3JpYmVzLCB3aXRoIGEgd2FybmluZycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBvcGVyYXRpb25zLCBkb2N1bWVudGF0aW9uLCByZWZ1c2VkIH0gPSBhd2FpdCByZWFkU291cmNlKHRleHQsICdjdXN0b21zLndzZGwnKTtcbiAgYXNzZXJ0LmVxdWFsKG9wZXJhdGlvbnMubGVuZ3RoLCA0KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICByZWZ1c2VkLm1hcCgoeyBuYW1lIH0pID0+IG5hbWUpLFxuICAgIFsnY3VzdG9tcy9tZXNzYWdlcy54c2QnXSxcbiAgKTtcbiAgYXNzZXJ0Lm1hdGNoKGRvY3VtZW50YXRpb24ud2FybmluZ3NbMF0/LndoYXQgPz8gJycsIC9tZXNzYWdlc1xcLnhzZCB3YXMgbm90IHJlYWQvKTtcbn0pO1xuXG5jb25zdCByZWZ1c2VkVGV4dHM6IHJlYWRvbmx5IChyZWFkb25seSBbbmFtZTogc3RyaW5nLCB0ZXh0OiBzdHJpbmcsIHNheXM6IFJlZ0V4cF0pW10gPSBbXG4gIFtcbiAgICAnZW50aXRpZXMgdGhhdCBtdWx0aXBseScsXG4gICAgYDwhRE9DVFlQRSBkIFs8IUVOVElUWSBhIFwiYWFcIj48IUVOVElUWSBiIFwiJmE7JmE7XCI+XT4ke3JhcmUoJycpLnJlcGxhY2UoJzw/eG1sIHZlcnNpb249XCIxLjBcIj8+JywgJycpfWAsXG4gICAgL2RlY2xhcmVzIGVudGl0aWVzLyxcbiAgXSxcbiAgW1xuICAgICdhbiBleHRlcm5hbCBlbnRpdHknLFxuICAgIGA8IURPQ1RZUEUgZCBbPCFFTlRJVFkgeCBTWVNURU0gXCJmaWxlOi8vL2V0Yy9wYXNzd2RcIj5dPiR7cmFyZSgnJykucmVwbGFjZSgnPD94bWwgdmVyc2lvbj1cIjEuMFwiPz4nLCAnJyl9YCxcbiAgICAvZGVjbGFyZXMgZW50aXRpZXMvLFxuICBdLFxuICBbJ1hNTCB0aGF0IGJyZWFrcyBvZmYnLCByYXJlKCcnKS5zbGljZSgwLCAtNDApLCAvbm90IHdlbGwtZm9ybWVkIFhNTC9dLFxuICBbJ2Egc2NoZW1hIGFsb25lJywgbWVzc2FnZXNYc2QsIC9kZXNjcmliZXMgbm8gb3BlcmF0aW9uL10sXG5dO1xuZm9yIChjb25zdCBbbmFtZSwgZ2l2ZW4sIHNheXNdIG9mIHJlZnVzZWRUZXh0cylcbiAgdGVzdChgJHtuYW1lfSBpcyByZWZ1c2VkYCwgKCkgPT4gYXNzZXJ0LnJlamVjdHMocmVhZFNvdXJjZShnaXZlbiwgJ3gud3NkbCcpLCBzYXlzKSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLFlBQVk7QUFDckIsU0FBUyxhQUFhO0FBS3RCLElBQU0sT0FBTyxZQUFZLHVCQUF1QjtBQUNoRCxJQUFNLFNBQVMsTUFDYixXQUFXLE1BQU0sZ0JBQWdCLEVBQUUsUUFBUSxFQUFFLHdCQUF3QixhQUFhLHFCQUFxQixTQUFTLEVBQUUsQ0FBQztBQUNySCxJQUFNLFFBQVEsQ0FBQyxTQUEyQixDQUFDLE1BQ3pDLE9BQU8sSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLFNBQVMsTUFBTSxDQUFDLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFFakUsS0FBSywrREFBK0QsWUFBWTtBQUM5RSxRQUFNLEVBQUUsWUFBWSxlQUFlLE1BQU0sSUFBSSxNQUFNLE9BQU87QUFDMUQsUUFBTSxRQUFRLEtBQUssTUFBTSxjQUFjLEdBQUcsVUFBVTtBQUNwRCxRQUFNLGNBQWMsS0FBSyxNQUFNLHdDQUF3QyxJQUFJLENBQUMsRUFBRSxNQUFNLG1CQUFtQixLQUFLLENBQUMsR0FDMUc7QUFDSCxTQUFPLE1BQU0sV0FBVyxRQUFRLFFBQVEsVUFBVTtBQUNsRCxTQUFPLFVBQVUsY0FBYyxVQUFVLENBQUMsQ0FBQztBQUMzQyxRQUFNLFFBQVE7QUFBQSxJQUNaLEdBQUcsWUFBWSxTQUFTLG9DQUFvQztBQUFBLElBQzVELEdBQUcsU0FBUyxTQUFTLG9DQUFvQztBQUFBLEVBQzNEO0FBQ0EsU0FBTyxNQUFNLE1BQU0sTUFBTSxFQUFFLFFBQVEsTUFBTSxNQUFNO0FBQ2pELENBQUM7QUFFRCxLQUFLLGdGQUFnRixZQUFZO0FBQy9GLFFBQU0sRUFBRSxVQUFVLElBQUksTUFBTSxPQUFPO0FBQ25DLFFBQU0sVUFBVSxVQUFVLGdCQUFnQjtBQUMxQyxTQUFPO0FBQUEsSUFDTCxDQUFDLFFBQVEsTUFBTSxRQUFRLFFBQVEsTUFBTSxTQUFTLFFBQVEsTUFBTSxTQUFTLFFBQVEsTUFBTSxLQUFLO0FBQUEsSUFDeEYsQ0FBQyxtQ0FBbUMsaUNBQWlDLE9BQU8sVUFBVTtBQUFBLEVBQ3hGO0FBQ0EsU0FBTztBQUFBLElBQ0wsUUFBUSxXQUFXLElBQUksQ0FBQyxFQUFFLE1BQU0sSUFBSSxPQUFPLFFBQVEsTUFBTSxDQUFDLE1BQU0sT0FBTyxPQUFPLENBQUM7QUFBQSxJQUMvRSxDQUFDLENBQUMsUUFBUSxZQUFZLENBQUMsU0FBUyxPQUFPLENBQUMsQ0FBQztBQUFBLEVBQzNDO0FBQ0EsUUFBTSxDQUFDLElBQUksSUFBSSxRQUFRLE1BQU0sVUFBVSxDQUFDO0FBQ3hDLFNBQU8sVUFBVSxNQUFNLE1BQU0sTUFBTSxHQUFHO0FBQUEsSUFDcEMsQ0FBQyxPQUFPLFVBQVUsSUFBSTtBQUFBLElBQ3RCLENBQUMsV0FBVyxpQkFBaUIsSUFBSTtBQUFBLElBQ2pDLENBQUMsU0FBUyxtQkFBbUIsSUFBSTtBQUFBLElBQ2pDLENBQUMsVUFBVSxVQUFVLEtBQUs7QUFBQSxJQUMxQixDQUFDLFNBQVMsVUFBVSxLQUFLO0FBQUEsSUFDekIsQ0FBQyxVQUFVLFVBQVUsS0FBSztBQUFBLEVBQzVCLENBQUM7QUFDRCxRQUFNLFFBQVEsTUFBTSxTQUFTLENBQUM7QUFDOUIsU0FBTyxVQUFVLE1BQU0sT0FBTyxNQUFNLEdBQUc7QUFBQSxJQUNyQyxDQUFDLFNBQVMsV0FBVyxJQUFJO0FBQUEsSUFDekIsQ0FBQyxRQUFRLFVBQVUsSUFBSTtBQUFBLElBQ3ZCLENBQUMsVUFBVSxVQUFVLElBQUk7QUFBQSxJQUN6QixDQUFDLFFBQVEsbUJBQW1CLEtBQUs7QUFBQSxFQUNuQyxDQUFDO0FBQ0QsU0FBTyxNQUFNLE9BQU8sU0FBUyxDQUFDLEdBQUcsUUFBUSxNQUFNLENBQUM7QUFDaEQsU0FBTyxNQUFNLE9BQU8sU0FBUyxDQUFDLEdBQUcsU0FBUyxZQUFZLEdBQUcsQ0FBQztBQUMxRCxTQUFPO0FBQUEsSUFDTCxRQUFRLFFBQVEsSUFBSSxDQUFDLEVBQUUsT0FBTyxNQUFNLE1BQU07QUFBQSxJQUMxQyxDQUFDLE9BQU8sS0FBSztBQUFBLEVBQ2Y7QUFDQSxTQUFPLE1BQU0sVUFBVSx3QkFBd0IsRUFBRSxTQUFTLEtBQUs7QUFDakUsQ0FBQztBQUVELEtBQUsseUdBQXlHLFlBQVk7QUFDeEgsUUFBTSxFQUFFLE1BQU0sSUFBSSxNQUFNLE9BQU87QUFDL0IsUUFBTSxPQUFPLE1BQU0sTUFBTSxnQkFBZ0IsQ0FBQztBQUcxQyxRQUFNLEVBQUUsVUFBVSxTQUFTLE9BQU8sSUFBSSxLQUFLLEtBQUs7QUFDaEQsU0FBTyxVQUFVLENBQUMsU0FBUyxNQUFNLEdBQUcsQ0FBQyxPQUFPLGlDQUFpQyxDQUFDO0FBQzlFLFFBQU0sT0FBTyxTQUFTLFFBQVEsb0JBQW9CLEVBQUU7QUFDcEQsUUFBTSxRQUFRLENBQUMsR0FBRyxLQUFLLFNBQVMsMkJBQTJCLENBQUMsRUFBRSxJQUFJLENBQUMsQ0FBQyxFQUFFLElBQUksTUFBTSxJQUFJO0FBQ3BGLFNBQU8sVUFBVSxPQUFPLENBQUMsUUFBUSxXQUFXLE9BQU8sV0FBVyxTQUFTLFFBQVEsVUFBVSxRQUFRLENBQUM7QUFDbEcsU0FBTyxNQUFNLFVBQVUsMkNBQTJDO0FBQ2xFLFNBQU8sTUFBTSxVQUFVLDBCQUEwQjtBQUNqRCxTQUFPLE1BQU0sVUFBVSxpQ0FBaUM7QUFDeEQsU0FBTyxNQUFNLFVBQVUsMkVBQTJFO0FBQ2xHLFNBQU87QUFBQSxJQUNKLE1BQU0sTUFBTSxnQkFBZ0IsQ0FBQyxFQUFrQixLQUFLLEtBQUs7QUFBQSxJQUMxRDtBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsSUFBTSxNQUFNO0FBQ1osSUFBTSxPQUFPLENBQUMsUUFBZ0IsRUFBRSxRQUFRLFlBQVksT0FBTyxtQkFBbUIsSUFBSSxDQUFDLE1BQWM7QUFBQSx5SkFDd0QsR0FBRztBQUFBLDZDQUMvRyxNQUFNO0FBQUEsb0NBQ2YsSUFBSTtBQUFBO0FBQUEsaURBRVMsS0FBSztBQUFBO0FBR3RELElBQU0sUUFBK0U7QUFBQSxFQUNuRjtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLE1BQ0UsQ0FBQyxLQUFLLFdBQVcsSUFBSTtBQUFBLE1BQ3JCLENBQUMsS0FBSyxXQUFXLEtBQUs7QUFBQSxJQUN4QjtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsTUFDRSxDQUFDLE1BQU0saUJBQWlCLElBQUk7QUFBQSxNQUM1QixDQUFDLEtBQUssVUFBVSxJQUFJO0FBQUEsSUFDdEI7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxDQUFDLENBQUMsUUFBUSxVQUFVLEtBQUssQ0FBQztBQUFBLEVBQzVCO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLE1BQ0UsQ0FBQyxLQUFLLG9CQUFvQixJQUFJO0FBQUEsTUFDOUIsQ0FBQyxLQUFLLGtCQUFrQixJQUFJO0FBQUEsTUFDNUIsQ0FBQyxpQkFBaUIsT0FBTyxLQUFLO0FBQUEsSUFDaEM7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxDQUFDLENBQUMsS0FBSyxtQkFBbUIsSUFBSSxDQUFDO0FBQUEsRUFDakM7QUFDRjtBQUNBLFdBQVcsQ0FBQyxNQUFNLFFBQVEsTUFBTSxLQUFLLE9BQU87QUFDMUMsT0FBSyxNQUFNLFlBQVk7QUFDckIsVUFBTSxFQUFFLFVBQVUsSUFBSSxNQUFNLFdBQVcsS0FBSyxNQUFNLEdBQUcsV0FBVztBQUNoRSxXQUFPLFVBQVUsTUFBTSxVQUFVLE1BQU0sRUFBRSxNQUFNLE9BQU8sQ0FBQyxHQUFHLE1BQU0sR0FBRyxNQUFNO0FBQUEsRUFDM0UsQ0FBQztBQUNIO0FBRUEsS0FBSyxvRUFBb0UsWUFBWTtBQUNuRixRQUFNLEVBQUUsV0FBVyxNQUFNLElBQUksTUFBTTtBQUFBLElBQ2pDO0FBQUEsTUFDRTtBQUFBLElBQ0Y7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxVQUFVLE1BQU0sRUFBRSxNQUFNLE9BQU8sQ0FBQyxHQUFHLFNBQVMsQ0FBQyxHQUFHLFdBQVcsR0FBRztBQUMzRSxTQUFPLE1BQU0sTUFBTSxNQUFNLEdBQUcsZ0JBQWdCO0FBQzlDLENBQUM7QUFFRCxLQUFLLGtIQUFrSCxZQUFZO0FBQ2pJLFFBQU0sUUFBUSxNQUFNO0FBQUEsSUFDbEI7QUFBQSxNQUNFO0FBQUEsSUFDRjtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsU0FBTyxNQUFNLE1BQU0sTUFBTSxNQUFNLEdBQUcsaUJBQWlCO0FBQ25ELFFBQU0sTUFBTSxNQUFNLFdBQVcsS0FBSyxJQUFJLEVBQUUsT0FBTyxPQUFPLE1BQU0saUJBQWlCLENBQUMsR0FBRyxVQUFVO0FBQzNGLFNBQU8sTUFBTSxJQUFJLE1BQU0sTUFBTSxHQUFHLDZDQUE2QztBQUM3RSxTQUFPLE1BQU0sSUFBSSxNQUFNLE1BQU0sR0FBRyxxQkFBcUI7QUFDdkQsQ0FBQztBQUVELEtBQUssb0VBQW9FLFlBQVk7QUFDbkYsUUFBTSxFQUFFLFlBQVksZUFBZSxRQUFRLElBQUksTUFBTSxXQUFXLE1BQU0sY0FBYztBQUNwRixTQUFPLE1BQU0sV0FBVyxRQUFRLENBQUM7QUFDakMsU0FBTztBQUFBLElBQ0wsUUFBUSxJQUFJLENBQUMsRUFBRSxLQUFLLE1BQU0sSUFBSTtBQUFBLElBQzlCLENBQUMsc0JBQXNCO0FBQUEsRUFDekI7QUFDQSxTQUFPLE1BQU0sY0FBYyxTQUFTLENBQUMsR0FBRyxRQUFRLElBQUksNEJBQTRCO0FBQ2xGLENBQUM7QUFFRCxJQUFNLGVBQWlGO0FBQUEsRUFDckY7QUFBQSxJQUNFO0FBQUEsSUFDQSxzREFBc0QsS0FBSyxFQUFFLEVBQUUsUUFBUSx5QkFBeUIsRUFBRSxDQUFDO0FBQUEsSUFDbkc7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBLHlEQUF5RCxLQUFLLEVBQUUsRUFBRSxRQUFRLHlCQUF5QixFQUFFLENBQUM7QUFBQSxJQUN0RztBQUFBLEVBQ0Y7QUFBQSxFQUNBLENBQUMsdUJBQXVCLEtBQUssRUFBRSxFQUFFLE1BQU0sR0FBRyxHQUFHLEdBQUcscUJBQXFCO0FBQUEsRUFDckUsQ0FBQyxrQkFBa0IsYUFBYSx3QkFBd0I7QUFDMUQ7QUFDQSxXQUFXLENBQUMsTUFBTSxPQUFPLElBQUksS0FBSztBQUNoQyxPQUFLLEdBQUcsSUFBSSxlQUFlLE1BQU0sT0FBTyxRQUFRLFdBQVcsT0FBTyxRQUFRLEdBQUcsSUFBSSxDQUFDOyIsCiAgIm5hbWVzIjogW10KfQo=
