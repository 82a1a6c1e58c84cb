/** A body of parts from the fields of its schema: texts, structures, and files (OpenAPI 3.1, section 4.8.14). */
import { exampleFrom } from '../model/example.js';
import type { Body, Field } from '../model/model.js';
import type { Inputs } from './inputs.js';
import { active, block, flow, key, type Line, reference, remark, sample } from './lines.js';

/** The lines of `parts:`; none where nothing is known of them. */
export function partLines({ fields }: Body, inputs: Inputs): Line[] {
  const sent = fields.filter((field) => !field.readOnly);
  return sent.length === 0
    ? []
    : block(
        'parts',
        sent.map((field) => part(field, inputs)),
      );
}

function part(field: Field, inputs: Inputs): Line {
  const { required, type, name } = field;
  const given = (): string => reference(inputs.add(field, [name], 'body'));
  if (isFileType(type)) {
    const file = { ...field, type: 'string', description: field.description ?? 'the path of a file in the collection' };
    const path = required ? `"${reference(inputs.add(file, [name], 'body'))}"` : 'data/file.bin';
    return { active: required, text: `${key(name)}: {file: ${path}}${remark(field)}` };
  }
  const structure = (field.fields?.length ?? 0) > 0 || type.startsWith('object');
  if (structure)
    return {
      active: required,
      text: `${key(name)}: {json: ${required ? `"${given()}"` : flow(exampleFrom(field.fields ?? [], { toSend: true }))}}${remark(field)}`,
    };
  return { active: required, text: `${key(name)}: ${required ? given() : flow(sample(field))}${remark(field)}` };
}

/** By its format in OpenAPI 3.0, by a media type or an encoding of its content in 3.1. */
export const isFileType = (type: string): boolean => /\((?:binary|base64)\)|^file\b/.test(type);

/** A body that is a file as it is. */
export const fileLine = (type: string, required: boolean, inputs: Inputs): Line =>
  active(
    `file: ${reference(inputs.add({ name: 'file', type: 'string', required, description: `the path of a file in the collection, sent as ${type}` }, ['file'], 'body'))}`,
  );
