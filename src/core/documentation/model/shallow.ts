/** An operation without what lies deeper than a reader asked for. */
import type { Content, Field, Operation } from './model.js';

/** @param depth levels of fields within fields that stay */
export function shallowOperation(operation: Operation, depth: number): Operation {
  const { parameters, body, responses } = operation;
  const content = <T extends Content>(given: T): T => ({ ...given, ...shallow(given, depth) });
  return {
    ...operation,
    parameters: parameters.map((one) => ({ ...one, ...shallowField(one, depth) })),
    ...(body && { body: content(body) }),
    responses: responses.map((response) =>
      response.content ? { ...response, content: content(response.content) } : response,
    ),
  };
}

type Holder = Pick<Field, 'fields' | 'alternatives'>;

function shallow<T extends Holder>({ fields, alternatives }: T, depth: number): Pick<T, 'fields' | 'alternatives'> {
  return {
    ...(fields && { fields: fields.map((one) => shallowField(one, depth)) }),
    ...(alternatives && {
      alternatives: alternatives.map((one) => ({
        ...one,
        fields: one.fields.map((field) => shallowField(field, depth)),
      })),
    }),
  };
}

function shallowField(field: Field, depth: number): Field {
  if (!field.fields && !field.alternatives) return field;
  if (depth > 0) return { ...field, ...shallow(field, depth - 1) };
  const { fields = [], alternatives = [], ...rest } = field;
  const below = alternatives.length > 0 ? Math.max(...alternatives.map((one) => one.fields.length)) : fields.length;
  return { ...rest, more: { fields: below } };
}
