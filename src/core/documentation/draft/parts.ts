/** A body of parts from the fields of its schema: texts, structures, and files (OpenAPI 3.1, section 4.8.14). */
import { exampleFrom } from '../model/example.js';
import type { Field } from '../model/model.js';
import { remark, sample } from './facts.js';
import type { Inputs } from './inputs.js';
import { DraftMap, type DraftNode, expression, literal, reference } from './yaml.js';

/** @param wanted of optional fields, by their names */
export function partsMap(fields: readonly Field[], inputs: Inputs, wanted: (name: string) => boolean): DraftMap {
  const map = new DraftMap();
  for (const field of fields) {
    if (field.readOnly) continue;
    const active = field.required || wanted(field.name);
    map.set(field.name, part(field, inputs, active), { about: remark(field), active });
  }
  return map;
}

function part(field: Field, inputs: Inputs, active: boolean): DraftNode {
  const { type, name } = field;
  const given = (own: Field): DraftNode => expression(reference(inputs.add(own, [name], 'body')));
  if (isFileType(type)) {
    const file = { ...field, type: 'string', description: field.description ?? 'the path of a file in the collection' };
    return new DraftMap().set('file', active ? given(file) : literal('data/file.bin'));
  }
  if ((field.fields?.length ?? 0) > 0 || type.startsWith('object'))
    return new DraftMap().set(
      'json',
      active ? given(field) : literal(exampleFrom(field.fields ?? [], { toSend: true })),
    );
  return active ? given(field) : literal(sample(field));
}

/** By its format in OpenAPI 3.0, by a media type or an encoding of its content in 3.1. */
export const isFileType = (type: string): boolean => /\((?:binary|base64)\)|^file\b/.test(type);
