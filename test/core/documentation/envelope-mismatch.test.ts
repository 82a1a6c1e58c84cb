/** Envelopes held against the schemas of a WSDL. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { envelopeMismatches } from '../../../src/core/documentation/changes/envelope-mismatch.js';
import type { OwnSoapOperation } from '../../../src/core/documentation/formats/wsdl/model.js';
import { readSource } from '../../support/documentation.js';

const wsdl = (style: 'document' | 'rpc'): string => `<?xml version="1.0"?>
<definitions name="Customs" targetNamespace="urn:customs" xmlns="http://schemas.xmlsoap.org/wsdl/" xmlns:t="urn:customs"
  xmlns:soap="http://schemas.xmlsoap.org/wsdl/soap/" xmlns:x="http://www.w3.org/2001/XMLSchema">
  <types><x:schema targetNamespace="urn:customs" elementFormDefault="qualified">
    <x:complexType name="Load" abstract="true"><x:sequence><x:element name="mark" type="x:string"/></x:sequence></x:complexType>
    <x:complexType name="Grain"><x:complexContent><x:extension base="t:Load"><x:sequence><x:element name="kind" type="x:string"/></x:sequence></x:extension></x:complexContent></x:complexType>
    <x:simpleType name="Berth"><x:restriction base="x:string"><x:enumeration value="N1"/><x:enumeration value="N2"/></x:restriction></x:simpleType>
    <x:simpleType name="Tonnes"><x:restriction base="x:int"><x:minInclusive value="1"/><x:maxInclusive value="900"/></x:restriction></x:simpleType>
    <x:element name="Declare"><x:complexType><x:sequence>
      <x:element name="vessel" type="x:string"/>
      <x:element name="berth" type="t:Berth"/>
      <x:element name="tonnes" type="t:Tonnes" minOccurs="0"/>
      <x:element name="flag" type="x:string" minOccurs="0" maxOccurs="2"/>
      <x:choice><x:element name="pilot" type="x:string"/><x:element name="tug" type="x:boolean"/></x:choice>
      <x:element name="crew" minOccurs="0" nillable="true"><x:complexType><x:all><x:element name="master" type="x:string"/><x:element name="mate" type="x:string" minOccurs="0"/></x:all></x:complexType></x:element>
      <x:element name="load" type="t:Load" minOccurs="0"/>
      <x:element name="more" minOccurs="0"><x:complexType><x:sequence><x:any minOccurs="0" maxOccurs="unbounded"/></x:sequence></x:complexType></x:element>
    </x:sequence><x:attribute name="office" type="x:string" use="required"/></x:complexType></x:element>
    <x:element name="Declared"><x:complexType><x:sequence><x:element name="mark" type="x:string"/></x:sequence></x:complexType></x:element>
  </x:schema></types>
  <message name="In">${style === 'rpc' ? '<part name="vessel" type="x:string"/><part name="tonnes" type="t:Tonnes"/>' : '<part name="p" element="t:Declare"/>'}</message>
  <message name="Out">${style === 'rpc' ? '<part name="mark" type="x:string"/>' : '<part name="p" element="t:Declared"/>'}</message>
  <portType name="P"><operation name="Declare"><input message="t:In"/><output message="t:Out"/></operation></portType>
  <binding name="B" type="t:P"><soap:binding style="${style}" transport="http://schemas.xmlsoap.org/soap/http"/>
    <operation name="Declare"><soap:operation soapAction="d"/><input><soap:body use="literal" namespace="urn:customs"/></input><output><soap:body use="literal" namespace="urn:customs"/></output></operation></binding>
  <service name="Customs"><port name="Desk" binding="t:B"><soap:address location="http://127.0.0.1:9/customs"/></port></service>
</definitions>`;

async function held(
  content: string,
  style: 'document' | 'rpc' = 'document',
  side: 'input' | 'output' = 'input',
): Promise<string[]> {
  const { index, operations } = await readSource(wsdl(style), 'customs.wsdl');
  const own = index.entry(operations[0]?.id ?? '')?.own as unknown as OwnSoapOperation;
  const text = `<s:Envelope xmlns:s="http://schemas.xmlsoap.org/soap/envelope/" xmlns:d="urn:customs" xmlns:i="http://www.w3.org/2001/XMLSchema-instance"><s:Body>\n${content}\n</s:Body></s:Envelope>`;
  return envelopeMismatches(text, own, index.definitions, side).map(({ at, what, line }) => `${line} ${at} ${what}`);
}

const declare = (inner: string, attributes = ' office="4"'): string => `<d:Declare${attributes}>${inner}</d:Declare>`;
const first = '<d:vessel>Dunlin</d:vessel><d:berth>N1</d:berth>';

const cases: readonly (readonly [name: string, content: string, expected: readonly string[]])[] = [
  [
    'as documented',
    declare(
      `${first}<d:tonnes>4</d:tonnes><d:flag>a</d:flag><d:flag>b</d:flag><d:pilot/><d:crew><d:mate/><d:master/></d:crew>`,
    ),
    [],
  ],
  [
    'expressions, and what is left out',
    declare(
      '<d:vessel>${vessel}</d:vessel><d:berth>${berth ?? absent}</d:berth><d:tonnes>${"x" | upper}</d:tonnes><d:pilot/>',
      ' office="${office}"',
    ),
    [],
  ],
  ['elements that an expression writes', declare('${render("bodies/x.xml")}'), []],
  [
    'nothing where nil, and whatever any allows',
    declare(`${first}<d:tug>true</d:tug><d:crew i:nil="true"/><d:more><z/></d:more>`),
    [],
  ],
  [
    'an extension named by its type',
    declare(`${first}<d:tug>1</d:tug><d:load i:type="d:Grain"><d:mark>m</d:mark><d:kind>rye</d:kind></d:load>`),
    [],
  ],
  [
    'another element',
    '<d:Report/>',
    ['1 /Declare is documented as required, and missing', '2 /Report is not documented'],
  ],
  [
    'a name that is nearly right',
    declare(`<d:vesel>a</d:vesel><d:berth>N1</d:berth><d:pilot/>`),
    [
      '2 /Declare/vessel is documented as required, and missing',
      '2 /Declare/vesel is not documented; documented is vessel',
    ],
  ],
  [
    'another order',
    declare('<d:berth>N1</d:berth>\n<d:vessel>a</d:vessel><d:pilot/>'),
    ['3 /Declare/vessel stands behind berth, documented is before it'],
  ],
  [
    'another namespace',
    declare(`<vessel>a</vessel><d:berth>N1</d:berth><d:pilot/>`),
    ['2 /Declare/vessel is of no namespace, documented is vessel of urn:customs'],
  ],
  [
    'too many',
    declare(`${first}<d:flag/><d:flag/><d:flag/><d:pilot/>`),
    ['2 /Declare/flag occurs more often than documented'],
  ],
  [
    'both of a choice',
    declare(`${first}<d:pilot/><d:tug>1</d:tug>`),
    ['2 /Declare/tug stands out of the documented order, or beside what excludes it'],
  ],
  ['none of a choice', declare(first), ['2 /Declare holds none of pilot, tug, and one is required']],
  [
    'values',
    declare('<d:vessel><d:x/></d:vessel><d:berth>N3</d:berth><d:tonnes>901</d:tonnes><d:tug>yes</d:tug>', ''),
    [
      '2 /Declare requires the attribute office, which is missing',
      '2 /Declare/vessel/x is in vessel, documented as string',
      '2 /Declare/berth is "N3", documented are N1, N2',
      '2 /Declare/tonnes is 901, documented is at most 900',
      '2 /Declare/tug is "yes", documented as boolean',
    ],
  ],
  [
    'a member of all that is missing, and one that is none',
    declare(`${first}<d:pilot/><d:crew><d:mate/><d:cook/></d:crew>`),
    ['2 /Declare/crew/master is documented as required, and missing', '2 /Declare/crew/cook is not documented'],
  ],
  [
    'an attribute',
    declare(`${first}<d:pilot/>`, ' office="4" desk="2"'),
    ['2 /Declare has the attribute desk, which is not documented'],
  ],
];
for (const [name, content, expected] of cases)
  test(`an envelope: ${name}`, async () => {
    assert.deepEqual(await held(content), expected);
  });

test('a call of RPC: its wrapper, and parameters in any order', async () => {
  const call = (inner: string, name = 'd:Declare'): string => `<${name}>${inner}</${name}>`;
  assert.deepEqual(await held(call('<tonnes>4</tonnes><vessel>a</vessel>'), 'rpc'), []);
  assert.deepEqual(await held(call('<vessel>a</vessel>', 'Declare'), 'rpc'), [
    '2 /Declare is Declare of no namespace, documented is Declare of urn:customs',
  ]);
  assert.deepEqual(await held(call('<vessel>a</vessel><tonnes>0</tonnes>'), 'rpc'), [
    '2 /Declare/tonnes is 0, documented is at least 1',
  ]);
});

test('a response, and a fault, of which nothing is said', async () => {
  assert.deepEqual(await held('<d:Declared><d:mark>M</d:mark></d:Declared>', 'document', 'output'), []);
  assert.deepEqual(await held('<d:Declared/>', 'document', 'output'), [
    '2 /Declared/mark is documented as required, and missing',
  ]);
  assert.deepEqual(await held('<s:Fault><faultcode>s:Client</faultcode></s:Fault>', 'document', 'output'), []);
});

test('what is no XML, and what declares entities, is told elsewhere', async () => {
  const { index, operations } = await readSource(wsdl('document'), 'customs.wsdl');
  const own = index.entry(operations[0]?.id ?? '')?.own as unknown as OwnSoapOperation;
  for (const text of ['', '<a', '{}', '<!DOCTYPE a [<!ENTITY b "c">]><a>&b;</a>'])
    assert.deepEqual(envelopeMismatches(text, own, index.definitions, 'input'), []);
  assert.match(
    envelopeMismatches('<a/>', own, index.definitions, 'input')[0]?.what ?? '',
    /documented is an envelope of SOAP 1\.1/,
  );
});

const many = 50_000;
for (const [name, content] of [
  ['elements', declare(`${first}${'<d:flag/>'.repeat(many)}<d:pilot/>`)],
  ['unknown elements', declare(`${first}${'<d:x/>'.repeat(many)}<d:pilot/>`)],
  ['levels', `${'<d:more>'.repeat(3000)}${'</d:more>'.repeat(3000)}`],
] as const)
  test(`an envelope of very many ${name} is held soon, and not all of it is told`, async () => {
    const found = await held(content);
    assert.ok(found.length > 0 && found.length <= 50, String(found.length));
  });
