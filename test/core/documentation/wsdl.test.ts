/** WSDL 1.1 and XML Schema: the customs office, and a document of the rarer kinds; each counted without the reader. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DOMParser, onErrorStopParsing } from '@xmldom/xmldom';
import { parse } from 'yaml';
import type { Field } from '../../../src/core/documentation/model/model.js';
import { customsWsdl, messagesXsd, typesXsd } from '../../../src/standin/customs/wsdl.js';
import { readSource } from '../../support/documentation.js';

const text = customsWsdl('http://127.0.0.1:4810');
const office = () =>
  readSource(text, 'customs.wsdl', { others: { 'customs/messages.xsd': messagesXsd, 'customs/types.xsd': typesXsd } });
const shape = (fields: readonly Field[] = []): unknown =>
  fields.map(({ name, type, required }) => [name, type, required]);

test('every operation of every port is there, counted by its tags', async () => {
  const { operations, documentation, index } = await office();
  const ports = text.match(/<wsdl:port /g)?.length ?? 0;
  const ofPortType = (text.match(/<wsdl:portType[\s\S]*<\/wsdl:portType>/)?.[0].match(/<wsdl:operation /g) ?? [])
    .length;
  assert.equal(operations.length, ports * ofPortType);
  assert.deepEqual(documentation.warnings, []);
  const named = [
    ...messagesXsd.matchAll(/<xsd:(?:complex|simple)Type name=/g),
    ...typesXsd.matchAll(/<xsd:(?:complex|simple)Type name=/g),
  ];
  assert.equal(index.types().length, named.length);
});

test('action, address, version, headers, fields in their order with limits, faults', async () => {
  const { operation } = await office();
  const declare = operation('Soap11.Declare');
  assert.deepEqual(
    [declare.soap?.action, declare.soap?.address, declare.soap?.version, declare.soap?.style],
    ['urn:larkhaven:customs:2/Declare', 'http://127.0.0.1:4810/customs', '1.1', 'document'],
  );
  assert.deepEqual(
    declare.parameters.map(({ name, in: where, allowed }) => [name, where, allowed]),
    [['Desk', 'envelope', ['north', 'south']]],
  );
  const [body] = declare.body?.fields ?? [];
  assert.deepEqual(shape(body?.fields), [
    ['imo', 'string', true],
    ['arrival', 'string (date)', true],
    ['goods', 'array of object', true],
    ['broker', 'string', false],
    ['owner', 'string', false],
    ['remark', 'string', false],
  ]);
  const goods = body?.fields?.[2];
  assert.deepEqual(shape(goods?.fields), [
    ['@line', 'integer', true],
    ['kind', 'string', true],
    ['tonnes', 'number', true],
    ['mark', 'array of string', false],
  ]);
  assert.equal(goods?.fields?.[2]?.limits?.over, 0);
  assert.equal(goods?.fields?.[3]?.limits?.['most-items'], 3);
  assert.deepEqual(
    declare.responses.map(({ status }) => status),
    ['200', '500'],
  );
  const example = String(declare.responses[0]?.content?.example);
  const response = new DOMParser({ onError: onErrorStopParsing }).parseFromString(example, 'text/xml').documentElement;
  const names = [...(response?.getElementsByTagNameNS('urn:larkhaven:customs:2', '*') ?? [])].map(
    (one) => one.localName,
  );
  assert.deepEqual(names, ['DeclareResponse', 'number', 'state']);
  assert.equal(operation('Soap12.ReadDeclaration').changes, false);
});

test('a draft has the envelope in order, its namespaces, optional parts and choices as comments, the action', async () => {
  const { draft } = await office();
  const accepted = (id: string): unknown => (parse(draft(id)) as { headers: unknown }).headers;
  assert.deepEqual(accepted('Soap11.Declare'), { Accept: 'text/xml' });
  assert.deepEqual(accepted('Soap12.Declare'), { Accept: 'application/soap+xml' });
  const file = parse(draft('Soap11.Declare')) as {
    body: { soap: { envelope: string; version: string; action: string } };
  };
  const { envelope, version, action } = file.body.soap;
  assert.deepEqual([version, action], ['1.1', 'urn:larkhaven:customs:2/Declare']);
  const bare = envelope.replace(/<!--[\s\S]*?-->/g, '');
  const order = [...bare.matchAll(/<(?:customs|types):(\w+)/g)].map(([, name]) => name);
  assert.deepEqual(order, ['Desk', 'Declare', 'imo', 'arrival', 'goods', 'kind', 'tonnes', 'broker']);
  assert.match(envelope, /xmlns:types="urn:larkhaven:customs:types"/);
  assert.match(envelope, /<!-- or: <customs:owner>/);
  assert.match(envelope, /<!-- optional: <customs:remark>/);
  assert.match(envelope, /<types:kind>\$\{kind\}<\/types:kind> {3}<!-- grain \| timber \| mixed -->/);
  assert.match(
    (parse(draft('Soap12.Declare')) as typeof file).body.soap.envelope,
    /http:\/\/www\.w3\.org\/2003\/05\/soap-envelope/,
  );
});

const xsd = 'xmlns:xsd="http://www.w3.org/2001/XMLSchema"';
const rare = (
  schema: string,
  { style = 'document', use = 'literal', part = 'element="t:Send"' } = {},
): string => `<?xml version="1.0"?>
<definitions name="R" targetNamespace="urn:t" xmlns="http://schemas.xmlsoap.org/wsdl/" xmlns:t="urn:t" xmlns:s="http://schemas.xmlsoap.org/wsdl/soap/" ${xsd}>
<types><xsd:schema targetNamespace="urn:t">${schema}</xsd:schema></types>
<message name="In"><part name="p" ${part}/></message>
<portType name="P"><operation name="Send"><input message="t:In"/></operation></portType>
<binding name="B" type="t:P"><s:binding style="${style}" transport="http://schemas.xmlsoap.org/soap/http"/><operation name="Send"><s:operation soapAction="send"/><input><s:body use="${use}" namespace="urn:rpc"/></input></operation></binding>
<service name="S"><port name="Q" binding="t:B"><s:address location="http://harbour.example/soap"/></port></service></definitions>`;

const kinds: readonly (readonly [name: string, schema: string, fields: unknown])[] = [
  [
    'an extension adds to its base',
    '<xsd:complexType name="A"><xsd:sequence><xsd:element name="a" type="xsd:int"/></xsd:sequence></xsd:complexType><xsd:element name="Send"><xsd:complexType><xsd:complexContent><xsd:extension base="t:A"><xsd:sequence><xsd:element name="b" type="xsd:boolean" minOccurs="0"/></xsd:sequence></xsd:extension></xsd:complexContent></xsd:complexType></xsd:element>',
    [
      ['a', 'integer', true],
      ['b', 'boolean', false],
    ],
  ],
  [
    'a group and an attribute group are laid in',
    '<xsd:group name="G"><xsd:sequence><xsd:element name="g" type="xsd:string"/></xsd:sequence></xsd:group><xsd:attributeGroup name="H"><xsd:attribute name="h" type="xsd:date" use="required"/></xsd:attributeGroup><xsd:element name="Send"><xsd:complexType><xsd:group ref="t:G"/><xsd:attributeGroup ref="t:H"/></xsd:complexType></xsd:element>',
    [
      ['@h', 'string (date)', true],
      ['g', 'string', true],
    ],
  ],
  [
    'a reference stands for a global element',
    '<xsd:element name="Mark" type="xsd:token"/><xsd:element name="Send"><xsd:complexType><xsd:all><xsd:element ref="t:Mark" minOccurs="0"/></xsd:all></xsd:complexType></xsd:element>',
    [['Mark', 'string', false]],
  ],
  [
    'a list, a nillable element and any',
    '<xsd:simpleType name="L"><xsd:list itemType="xsd:int"/></xsd:simpleType><xsd:element name="Send"><xsd:complexType><xsd:sequence><xsd:element name="l" type="t:L"/><xsd:element name="n" type="xsd:string" nillable="true"/><xsd:any minOccurs="0"/></xsd:sequence></xsd:complexType></xsd:element>',
    [
      ['l', 'array of integer', true],
      ['n', 'string or null', true],
      ['(any element)', 'any', false],
    ],
  ],
  [
    'a repeated sequence repeats its elements',
    '<xsd:element name="Send"><xsd:complexType><xsd:sequence maxOccurs="unbounded"><xsd:element name="r" type="xsd:string"/></xsd:sequence></xsd:complexType></xsd:element>',
    [['r', 'array of string', true]],
  ],
];
for (const [name, schema, fields] of kinds) {
  test(name, async () => {
    const { operation } = await readSource(rare(schema), 'rare.wsdl');
    assert.deepEqual(shape(operation('Send').body?.fields[0]?.fields), fields);
  });
}

test('a type that holds itself ends, in the fields and in the envelope', async () => {
  const { operation, draft } = await readSource(
    rare(
      '<xsd:complexType name="T"><xsd:sequence><xsd:element name="t" type="t:T"/></xsd:sequence></xsd:complexType><xsd:element name="Send" type="t:T"/>',
    ),
    'rare.wsdl',
  );
  assert.equal(operation('Send').body?.fields[0]?.fields?.[0]?.recursive, 'T');
  assert.match(draft('Send'), /again as above/);
});

test('local elements of an unqualified schema have no prefix; an RPC call is wrapped in the namespace of its binding', async () => {
  const local = await readSource(
    rare(
      '<xsd:element name="Send"><xsd:complexType><xsd:sequence><xsd:element name="a" type="xsd:int"/></xsd:sequence></xsd:complexType></xsd:element>',
    ),
    'rare.wsdl',
  );
  assert.match(local.draft('Send'), /<a>\$\{a\}<\/a>/);
  const rpc = await readSource(rare('', { style: 'rpc', part: 'type="xsd:int"' }), 'rpc.wsdl');
  assert.match(rpc.draft('Send'), /<rpc:Send>\s*<p>\$\{p\}<\/p>\s*<\/rpc:Send>/);
  assert.match(rpc.draft('Send'), /xmlns:rpc="urn:rpc"/);
});

test('an encoded call names the type of each element, and an array what it holds', async () => {
  const schema = `<xsd:complexType name="Stay"><xsd:all><xsd:element name="code" type="xsd:string"/><xsd:element name="nights" type="xsd:int"/></xsd:all></xsd:complexType>
    <xsd:complexType name="Stays" xmlns:c="http://schemas.xmlsoap.org/soap/encoding/" xmlns:w="http://schemas.xmlsoap.org/wsdl/"><xsd:complexContent><xsd:restriction base="c:Array"><xsd:attribute ref="c:arrayType" w:arrayType="t:Stay[]"/></xsd:restriction></xsd:complexContent></xsd:complexType>`;
  const { draft, operation, documentation } = await readSource(
    rare(schema, { style: 'rpc', use: 'encoded', part: 'type="t:Stays"' }),
    'encoded.wsdl',
  );
  assert.deepEqual(documentation.warnings, []);
  assert.deepEqual(
    operation('Send').body?.fields.map(({ name, fields }) => [name, fields?.map((one) => one.name)]),
    [['p', ['item']]],
  );
  const { envelope } = (parse(draft('Send')) as { body: { soap: { envelope: string } } }).body.soap;
  const lines = envelope.split('\n').map((line) => line.trim());
  for (const line of [
    '<rpc:Send soap:encodingStyle="http://schemas.xmlsoap.org/soap/encoding/">',
    '<p xsi:type="enc:Array" enc:arrayType="t:Stay[]">',
    '<item xsi:type="t:Stay">   <!-- may repeat -->',
    '<code xsi:type="xsd:string">${code}</code>',
    '<nights xsi:type="xsd:int">${nights}</nights>',
    'xmlns:xsi="http://www.w3.org/2001/XMLSchema-instance"',
    'xmlns:xsd="http://www.w3.org/2001/XMLSchema"',
  ])
    assert.ok(lines.includes(line), `${line} stands in\n${envelope}`);
});

test('an abstract type is one of those that extend it, an abstract element one of its group', async () => {
  const schema = `<xsd:complexType name="Craft" abstract="true"><xsd:sequence><xsd:element name="name" type="xsd:string"/></xsd:sequence></xsd:complexType>
    ${['Tug', 'Barge'].map((name) => `<xsd:complexType name="${name}"><xsd:complexContent><xsd:extension base="t:Craft"><xsd:sequence><xsd:element name="${name.toLowerCase()}Load" type="xsd:int"/></xsd:sequence></xsd:extension></xsd:complexContent></xsd:complexType>`).join('')}
    <xsd:element name="signal" abstract="true"/><xsd:element name="flag" substitutionGroup="t:signal" type="xsd:string"/><xsd:element name="horn" substitutionGroup="t:signal" type="xsd:int"/>
    <xsd:element name="Send"><xsd:complexType><xsd:sequence><xsd:element name="craft" type="t:Craft"/><xsd:element ref="t:signal"/><xsd:element name="leg" type="xsd:string" minOccurs="0" maxOccurs="unbounded"/></xsd:sequence></xsd:complexType></xsd:element>`;
  const { operation, draft, index, documentation } = await readSource(rare(schema), 'abstract.wsdl');
  assert.deepEqual(documentation.warnings, []);
  const [craft, flag, horn] = operation('Send').body?.fields[0]?.fields ?? [];
  const shapes = [
    ['Tug', 'xsi:type: Tug', ['name', 'tugLoad']],
    ['Barge', 'xsi:type: Barge', ['name', 'bargeLoad']],
  ];
  for (const { alternatives } of [craft, index.type('Craft')].filter((one) => one !== undefined))
    assert.deepEqual(
      alternatives?.map(({ name, when, fields }) => [name, when, fields.map((one) => one.name)]),
      shapes,
    );
  assert.deepEqual(
    [flag, horn].map((one) => [one?.name, one?.required, one?.description]),
    [
      ['flag', false, 'One of flag, horn.'],
      ['horn', false, 'One of flag, horn.'],
    ],
  );
  const { envelope } = (parse(draft('Send')) as { body: { soap: { envelope: string } } }).body.soap;
  const bare = envelope.replace(/<!--[\s\S]*?-->/g, '');
  assert.match(
    bare,
    /<craft xsi:type="t:Tug">\s*<name>\$\{name\}<\/name>\s*<tugLoad>\$\{tugLoad\}<\/tugLoad>\s*<\/craft>\s*<t:flag>/,
  );
  assert.match(envelope, /<!-- or:\s*<craft xsi:type="t:Barge">[\s\S]*<bargeLoad>0<\/bargeLoad>\s*<\/craft>\s*-->/);
  assert.match(envelope, /<!-- or: <t:horn>0<\/t:horn> -->/);
  assert.match(envelope, /<!-- optional, may repeat: <leg>text<\/leg> -->/);
});

test('types that branch without end are described and drafted soon', async () => {
  const types = Array.from(
    { length: 13 },
    (_, one) =>
      `<xsd:complexType name="T${one}"><xsd:sequence>${[...'abcdefgh'].map((letter) => `<xsd:element name="${letter}${one}" type="t:T${one + 1}"/>`).join('')}</xsd:sequence></xsd:complexType>`,
  );
  const schema = `${types.join('')}<xsd:complexType name="T13"><xsd:sequence><xsd:element name="z" type="xsd:string"/></xsd:sequence></xsd:complexType><xsd:element name="Send" type="t:T0"/>`;
  const { operation, draft } = await readSource(rare(schema), 'wide.wsdl');
  const [first] = operation('Send').body?.fields ?? [];
  assert.equal(first?.fields?.length, 8);
  // What is left out is told.
  assert.match(JSON.stringify(first), /"more":\{"fields":\d+,"type":"T\d+"\}/);
  assert.match(draft('Send'), /too much to be written here/);
});

test('a schema that is missing costs what it describes, with a warning', async () => {
  const { operations, documentation, refused } = await readSource(text, 'customs.wsdl');
  assert.equal(operations.length, 4);
  assert.deepEqual(
    refused.map(({ name }) => name),
    ['customs/messages.xsd'],
  );
  assert.match(documentation.warnings[0]?.what ?? '', /messages\.xsd was not read/);
});

const refusedTexts: readonly (readonly [name: string, text: string, says: RegExp])[] = [
  [
    'entities that multiply',
    `<!DOCTYPE d [<!ENTITY a "aa"><!ENTITY b "&a;&a;">]>${rare('').replace('<?xml version="1.0"?>', '')}`,
    /declares entities/,
  ],
  [
    'an external entity',
    `<!DOCTYPE d [<!ENTITY x SYSTEM "file:///etc/passwd">]>${rare('').replace('<?xml version="1.0"?>', '')}`,
    /declares entities/,
  ],
  ['XML that breaks off', rare('').slice(0, -40), /not well-formed XML/],
  ['a schema alone', messagesXsd, /describes no operation/],
];
for (const [name, given, says] of refusedTexts)
  test(`${name} is refused`, () => assert.rejects(readSource(given, 'x.wsdl'), says));

test('bindings may say their namespace as the default one: a body in them is no page', async () => {
  const wsdl = 'http://schemas.xmlsoap.org/wsdl/';
  const text = `<definitions xmlns="${wsdl}" targetNamespace="urn:q" xmlns:tns="urn:q">
<types><schema xmlns="http://www.w3.org/2001/XMLSchema" targetNamespace="urn:q"><element name="Ask" type="string"/></schema></types>
<message name="in"><part name="p" element="tns:Ask"/></message>
<portType name="P"><operation name="Ask"><input message="tns:in"/></operation></portType>
<binding name="B" type="tns:P"><binding xmlns="${wsdl}soap/" style="document" transport="http://schemas.xmlsoap.org/soap/http"/>
<operation name="Ask"><operation xmlns="${wsdl}soap/" soapAction="urn:q/Ask"/><input><body xmlns="${wsdl}soap/" use="literal"/></input></operation></binding>
<service name="S"><port name="Port" binding="tns:B"><address xmlns="${wsdl}soap/" location="http://127.0.0.1:9/q"/></port></service></definitions>`;
  const { operation } = await readSource(text, 'quays.wsdl');
  assert.equal(operation('Ask').soap?.action, 'urn:q/Ask');
  assert.equal(operation('Ask').soap?.address, 'http://127.0.0.1:9/q');
});
