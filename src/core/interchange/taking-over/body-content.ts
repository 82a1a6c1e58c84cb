/** The body of a foreign request, as the body of a request file that sends the same. */
import { plainText, plainValue } from '../../collection/yaml-text.js';
import { parseJson, writeJson } from '../../value/json-text.js';
import { isSecretName } from '../../value/secret-fields.js';
import { isValueMap, type Value } from '../../value/written.js';
import { filled, hasHole } from '../foreign/holes.js';
import type { ForeignBody, ForeignPart } from '../foreign/request.js';
import { expressionOf, type Fill, type Slot } from './slots.js';

export interface BodyContent {
  readonly body: Readonly<Record<string, unknown>>;
  /** What its kind is sent as, so that the header line need not say it. */
  readonly type: string | undefined;
}

export interface BodySettings {
  /** The value of its content-type line, where it has one. */
  readonly type: string | undefined;
  /** Its bytes are to stay as they are, spaces included; else what they say. */
  readonly exact: boolean;
  readonly fill: Fill;
  /** Where a file is expected. */
  readonly fileAt: (path: string) => string;
}

export function bodyContent(body: ForeignBody, settings: BodySettings): BodyContent {
  switch (body.kind) {
    case 'text':
      return textContent(body.text, settings);
    case 'form':
      return formContent(body.fields, settings) ?? textContent(encodedForm(body.fields), { ...settings, type: '' });
    case 'parts':
      return { body: { parts: partsContent(body.parts, settings) }, type: 'multipart/form-data' };
    case 'file':
      return { body: { file: plainText(settings.fileAt(body.path)) }, type: undefined };
    case 'bytes':
      return { body: { text: plainText(Buffer.from(body.bytes).toString('utf8')) }, type: undefined };
  }
}

const slot = (name: string, key: string): Slot => ({
  kind: 'field',
  key: `body ${key}`,
  name,
  secret: isSecretName(name),
});

/** A text with what is put in, of a slot that takes text. */
export function writtenText(text: string, at: Slot, fill: Fill): string {
  if (hasHole(text)) return filled(text, (name) => expressionOf(fill.hole(name, at)), plainText);
  const filling = fill(at, text);
  return filling ? expressionOf(filling) : plainText(text);
}

function textContent(text: string, settings: BodySettings): BodyContent {
  const { type = '', exact, fill } = settings;
  const plainBody = (): BodyContent => ({
    body: { text: writtenText(text, slot('body', ''), fill) },
    type: 'text/plain; charset=utf-8',
  });
  if (/[/+]json\b/i.test(type) || (type === '' && /^\s*[{[]/.test(text)))
    return jsonContent(text, settings) ?? plainBody();
  // Guides send JSON and XML by programs that call everything a form: the header line stays, the body is what it is.
  if (/x-www-form-urlencoded/i.test(type) && /^\s*[{[<]/.test(text)) {
    const { body } = textContent(text, { ...settings, type: /^\s*</.test(text) ? 'text/xml' : 'application/json' });
    return { body, type: undefined };
  }
  const isForm = text.split('&').every((pair) => pair.includes('='));
  if (/x-www-form-urlencoded/i.test(type) && isForm) {
    const fields = fieldsOf(text);
    const form = exact && encodedForm(fields) !== text ? undefined : formContent(fields, settings);
    return form ?? plainBody();
  }
  if (/[/+]xml\b/i.test(type) && /^\s*</.test(text) && !hasHole(text))
    return { body: { xml: plainText(text) }, type: undefined };
  return plainBody();
}

function jsonContent(text: string, { exact, fill }: BodySettings): BodyContent | undefined {
  let value: Value;
  try {
    value = parseJson(text);
  } catch {
    return undefined;
  }
  if (exact && !hasHole(text) && writeJson(value) !== text) return undefined;
  const graphql = graphqlContent(value, text, exact, fill);
  if (graphql) return graphql;
  return { body: { json: jsonWritten(value, '', fill) }, type: 'application/json' };
}

/** A value with what is put in, leaf by leaf. */
function jsonWritten(value: Value, path: string, fill: Fill, name = ''): unknown {
  if (Array.isArray(value))
    return (value as readonly Value[]).map((item, index) => jsonWritten(item, `${path}/${index}`, fill, name));
  if (isValueMap(value))
    return Object.fromEntries(
      Object.entries(value).map(([key, item]) => [plainText(key), jsonWritten(item, `${path}/${key}`, fill, key)]),
    );
  const at = slot(name, path);
  if (typeof value === 'string' && hasHole(value)) return writtenText(value, at, fill);
  const filling = fill(at, value);
  return filling ? expressionOf(filling) : plainValue(value);
}

/** GraphQL over HTTP, section 5.4: the members of its body, in the order in which the kind writes them. */
function graphqlContent(value: Value, text: string, exact: boolean, fill: Fill): BodyContent | undefined {
  if (!isValueMap(value) || typeof value.query !== 'string') return undefined;
  const { query, variables, operationName, ...more } = value;
  if (Object.keys(more).length > 0 || !/^\s*(?:#|\{|query\b|mutation\b|subscription\b|fragment\b)/.test(query))
    return undefined;
  if (query.includes('${') || hasHole(query)) return undefined;
  const given = isValueMap(variables) && Object.keys(variables).length > 0 ? variables : undefined;
  const operation = typeof operationName === 'string' ? operationName : undefined;
  const own = {
    query,
    ...(given && { variables: given }),
    ...(operation !== undefined && { operationName: operation }),
  };
  if (exact && !hasHole(text) && writeJson(own) !== text) return undefined;
  return {
    body: {
      graphql: {
        document: query,
        ...(given && { variables: jsonWritten(given, '/variables', fill) }),
        ...(operation !== undefined && { operation }),
      },
    },
    type: 'application/json',
  };
}

const fieldsOf = (text: string): (readonly [string, string])[] => [...new URLSearchParams(text.trim())];

const encodedForm = (fields: readonly (readonly [string, string])[]): string =>
  new URLSearchParams(fields.map(([name, value]) => [name, value])).toString();

/** undefined where a map cannot hold them in their order. */
function formContent(fields: readonly (readonly [string, string])[], { fill }: BodySettings): BodyContent | undefined {
  const map = asMap(fields, (name, value, index) => writtenText(value, slot(name, `${name} ${index}`), fill));
  return map && { body: { form: map }, type: 'application/x-www-form-urlencoded' };
}

/**
 * Pairs as a map, what repeats as a list.
 * @returns undefined where that would change their order: a, b, a
 */
export function asMap(
  pairs: readonly (readonly [string, string])[],
  write: (name: string, value: string, index: number) => unknown,
): Record<string, unknown> | undefined {
  const map = new Map<string, unknown[]>();
  let last: string | undefined;
  for (const [name, value] of pairs) {
    const before = map.get(name);
    if (before && last !== name) return undefined;
    map.set(name, [...(before ?? []), write(name, value, before?.length ?? 0)]);
    last = name;
  }
  return Object.fromEntries(
    [...map].map(([name, values]) => [plainText(name), values.length === 1 ? values[0] : values] as const),
  );
}

function partsContent(parts: readonly ForeignPart[], { fill, fileAt }: BodySettings): Record<string, unknown> {
  const all = new Map<string, unknown[]>();
  for (const { name, content, type, fileName } of parts) {
    const kept = all.get(name) ?? [];
    const settings = {
      ...(type !== undefined && { type: plainText(type) }),
      ...(fileName !== undefined && { name: plainText(fileName) }),
    };
    const at = slot(name, `${name} ${kept.length}`);
    const plainPart = Object.keys(settings).length === 0;
    if ('file' in content) kept.push({ file: plainText(fileAt(content.file)), ...settings });
    else {
      const text = writtenText(content.text, at, fill);
      kept.push(plainPart ? text : { text, ...settings });
    }
    all.set(name, kept);
  }
  return Object.fromEntries(
    [...all].map(([name, values]) => [plainText(name), values.length === 1 ? values[0] : values]),
  );
}
