/** The body of an HTTP call, and the structured values that it shares with the variables of GraphQL. */
import { isJsonType } from '../model/media-types.js';
import type { Alternative, Body, Field, Operation } from '../model/model.js';
import { isList, remark, sample } from './facts.js';
import type { Inputs } from './inputs.js';
import { isFileType, partsMap } from './parts.js';
import { xmlBody } from './xml.js';
import { DraftMap, type DraftNode, expression, list, literal, reference } from './yaml.js';

/** What is drafted of fields. */
export interface MemberSettings {
  /** The names above them. */
  readonly path: readonly string[];
  readonly inputs: Inputs;
  /** Whether an optional field, by its name with those above it, is written to be sent. */
  readonly wanted: (path: string) => boolean;
}

/** @returns undefined where there is none, else how it is written, and whether it has to be sent */
export function bodyEntry(
  { body, method }: Operation,
  inputs: Inputs,
  wanted: MemberSettings['wanted'],
): { readonly node: DraftMap; readonly active: boolean; readonly remark: string | undefined } | undefined {
  if (!body) return undefined;
  const { type } = body;
  const settings = { path: [], inputs, wanted };
  const known = body.fields.length > 0 || body.whole !== undefined;
  const node = new DraftMap();
  let active = true;
  if (isJsonType(type) && (known || /json/.test(type))) {
    const content = wholeBody(body, settings);
    active = body.required || content.kind !== 'map' || content.isActive;
    node.set('json', content, { about: body.whole && remark(body.whole) });
  } else if (type === 'application/x-www-form-urlencoded') {
    const content = withAlternatives(body.fields, body.alternatives, settings);
    active = body.required || content.isActive;
    node.set('form', content);
  } else if (type === 'multipart/form-data' && body.fields.length > 0) {
    const parts = partsMap(body.fields, inputs, wanted);
    active = body.required || parts.isActive;
    node.set('parts', parts);
  } else if (/[/+]xml\b/.test(type) && body.fields.length > 0) {
    node.set('xml', xmlBody(body, inputs));
  } else {
    // Nothing else is sent, so it is written whether or not the documentation says that it has to be.
    const kind = isText(type) && !(body.whole && isFileType(body.whole.type)) ? 'text' : 'file';
    const about = kind === 'text' ? `the body, as ${type}` : `the path of a file in the collection, sent as ${type}`;
    const field = { name: kind, type: 'string', required: true, description: about };
    node.set(kind, expression(reference(inputs.add(field, [kind], 'body'))), { about: type });
  }
  return { node, active, remark: active ? variantRemark(method) : undefined };
}

const isText = (type: string): boolean =>
  /^text\/|[/+](?:json|xml|yaml|x-yaml|graphql|sql|javascript|x-ndjson|csv)\b/.test(type);

/** An object, a list of objects, or any other value. */
function wholeBody(body: Body, settings: MemberSettings): DraftNode {
  const { fields, alternatives, whole, documentedExample, example } = body;
  const map = withAlternatives(fields, alternatives, settings);
  if (whole && !isList(whole.type) && map.isEmpty) return wholeValue(whole, body, settings);
  if (whole && isList(whole.type)) return map.isActive ? list(map) : wholeValue(whole, body, settings);
  // Where nothing is known of its fields, or none is required, an example says more than nothing.
  return map.isEmpty && documentedExample && example !== undefined ? literal(example) : map;
}

function wholeValue(whole: Field, { example }: Body, { inputs }: MemberSettings): DraftNode {
  const [only, more] = whole.allowed ?? [];
  if (only !== undefined && more === undefined) return literal(only);
  if (/^(?:object|any)/.test(whole.type)) return literal(example ?? {});
  const field = { ...whole, name: 'body', ...(example !== undefined && { example }) };
  return expression(reference(inputs.add(field, ['body'], 'request')));
}

/** What a replacement and an amendment do with a field that is left out (RFC 9110 section 9.3.4, RFC 5789). */
function variantRemark(method: string): string | undefined {
  if (method === 'PUT') return 'A replacement: what is left out here is lost at the vendor.';
  return method === 'PATCH' ? 'An amendment: only what is written here changes.' : undefined;
}

/** The first of several shapes, and the others as comments. */
function withAlternatives(
  fields: readonly Field[],
  alternatives: readonly Alternative[] | undefined,
  settings: MemberSettings,
): DraftMap {
  const [first, ...others] = alternatives ?? [];
  if (!first) return members(fields, settings);
  const about = ({ name, when }: Alternative): string => `${name}${when === undefined ? '' : ` (${when})`}`;
  const map = new DraftMap().remark(`As ${about(first)}:`).take(members(first.fields, settings));
  for (const other of others) map.remark(`or as ${about(other)}:`).take(asSamples(other.fields, settings));
  return map;
}

export function members(fields: readonly Field[], settings: MemberSettings): DraftMap {
  const map = new DraftMap();
  for (const field of fields) {
    if (field.readOnly) continue;
    const path = [...settings.path, field.name];
    const active = field.required || settings.wanted(path.join('.'));
    const node = active ? sent(field, { ...settings, path }) : literal(sampleOf(field));
    map.set(field.name, node, { about: remark(field), active });
  }
  return map;
}

/** A field as it is sent: its own fields, the only value that it may have, or an input. */
function sent(field: Field, settings: MemberSettings): DraftNode {
  const { fields = [], alternatives, type, allowed = [] } = field;
  if (fields.length > 0 || alternatives) {
    const inner = withAlternatives(fields, alternatives, settings);
    return isList(type) ? list(inner) : inner;
  }
  const [only] = allowed;
  if (only !== undefined && allowed.length === 1 && !isList(type)) return literal(only);
  return expression(reference(settings.inputs.add(field, settings.path, 'body')));
}

/** Fields with samples of their values, as comments. */
function asSamples(fields: readonly Field[], { path }: MemberSettings): DraftMap {
  const map = new DraftMap();
  for (const field of fields)
    if (!field.readOnly) map.set(field.name, literal(sampleOf(field)), { about: remark(field), active: false });
  return path.length > 20 ? new DraftMap() : map;
}

/** The only value that it may have, else a sample. */
const sampleOf = (field: Field): ReturnType<typeof sample> =>
  field.allowed?.length === 1 && !isList(field.type) ? (field.allowed[0] ?? null) : sample(field);
