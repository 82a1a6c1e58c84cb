/** The body of an HTTP call, and the structured values that it shares with the variables of GraphQL. */
import type { Alternative, Body, Field, Operation } from '../model/model.js';
import type { Inputs } from './inputs.js';
import { active, block, flow, isList, key, type Line, reference, remark, sample } from './lines.js';
import { fileLine, partLines } from './parts.js';
import { xmlLines } from './xml.js';

export function bodyLines({ body, method }: Operation, inputs: Inputs): Line[] {
  if (!body) return [];
  const json = /[/+]json\b/.test(body.type);
  const form = body.type === 'application/x-www-form-urlencoded';
  if (!json && !form) return [...variantLines(method), ...otherBody(body, inputs)];
  const kind = json ? 'json' : 'form';
  const lines = withAlternatives(body.fields, body.alternatives, [], inputs, true);
  if (lines.length === 0)
    return block('body', [active(`${kind}: ${body.example === undefined ? '{}' : flow(body.example)}`)]);
  if (!lines.some((line) => line.active)) {
    // A body of comments only would be no body at all.
    return [
      active('body:'),
      active(`  ${kind}:`),
      active('    {}'),
      ...lines.map((line) => ({ ...line, text: `    ${line.text}` })),
    ];
  }
  return [...variantLines(method), ...block('body', block(kind, lines))];
}

/** Neither JSON nor a form. */
function otherBody(body: Body, inputs: Inputs): Line[] {
  const { type, required } = body;
  const isXml = /[/+]xml\b/.test(type);
  const lines = type === 'multipart/form-data' ? partLines(body, inputs) : isXml ? xmlLines(body, inputs) : [];
  if (lines.length > 0) return block('body', lines);
  if (/^(?:application\/(?:octet-stream|pdf|zip)|image\/|audio\/|video\/)/.test(type))
    return block('body', [fileLine(type, required, inputs)]);
  return [{ active: false, text: `body: {${isXml ? 'xml' : 'text'}: ""}   # ${type}: its text is yours to write` }];
}

/** What a replacement and an amendment do with a field that is left out (RFC 9110 section 9.3.4, RFC 5789). */
function variantLines(method: string): Line[] {
  if (method === 'PUT') return [active('# A replacement: what is left out here is lost at the vendor.')];
  if (method === 'PATCH') return [active('# An amendment: only what is written here changes.')];
  return [];
}

/** The first of several shapes, and the others as comments. */
function withAlternatives(
  fields: readonly Field[],
  alternatives: readonly Alternative[] | undefined,
  path: readonly string[],
  inputs: Inputs,
  on: boolean,
): Line[] {
  const [first, ...others] = alternatives ?? [];
  if (!first) return members(fields, path, inputs, on);
  const about = ({ name, when }: Alternative): string => `${name}${when === undefined ? '' : ` (${when})`}`;
  return [
    active(`# As ${about(first)}:`),
    ...members(first.fields, path, inputs, on),
    ...others.flatMap((other) => [active(`# or as ${about(other)}:`), ...members(other.fields, path, inputs, false)]),
  ];
}

export function members(fields: readonly Field[], path: readonly string[], inputs: Inputs, on: boolean): Line[] {
  return fields
    .filter((field) => !field.readOnly)
    .flatMap((field) => {
      const here = [...path, field.name];
      const use = on && field.required;
      const list = isList(field.type);
      if ((field.fields && field.fields.length > 0) || field.alternatives) {
        const inner = withAlternatives(field.fields ?? [], field.alternatives, here, inputs, use);
        const below = list ? asItem(inner) : inner.map((line) => ({ ...line, text: `  ${line.text}` }));
        return [{ active: use, text: `${key(field.name)}:${remark(field)}` }, ...below];
      }
      const [only, more] = field.allowed ?? [];
      const fixed = only !== undefined && more === undefined && !list;
      const value = fixed ? flow(only) : use ? reference(inputs.add(field, here, 'body')) : flow(sample(field));
      return [{ active: use, text: `${key(field.name)}: ${value}${remark(field)}` }];
    });
}

/** Members as the one item of a list: the dash stands before the first active one. */
function asItem(lines: readonly Line[]): Line[] {
  const first = Math.max(
    0,
    lines.findIndex((line) => line.active),
  );
  return lines.map((line, index) => ({ ...line, text: `${index === first ? '  - ' : '    '}${line.text}` }));
}
