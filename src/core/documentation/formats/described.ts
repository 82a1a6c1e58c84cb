/** Formats whose index holds the whole operation: there is nothing to look up when it is shown. */
import type { Value } from '../../value/written.js';
import type { Field, Operation, OperationEntry, TypeDescription } from '../model/model.js';
import type { Searchable } from './format.js';

export function entryOf(operation: Omit<Operation, 'source'>): OperationEntry {
  const { id, group, summary, method, path, deprecated } = operation;
  return {
    id,
    group,
    ...(summary !== undefined && { summary }),
    method,
    path,
    ...(deprecated && { deprecated: true as const }),
    own: operation as unknown as Value,
  };
}

export const describeEntry = ({ own }: OperationEntry, source: string): Operation => ({
  ...(own as unknown as Operation),
  source,
});

/** Such sources have no types of their own. */
export const noType = (name: string): TypeDescription => ({ name, kind: 'any', fields: [] });

export function searchableEntry({ own }: OperationEntry): Searchable {
  const { description = '', parameters, body, responses } = own as unknown as Operation;
  const fields: string[] = [];
  const texts = [description];
  const add = (list: readonly Field[], above: string): void => {
    for (const field of list) {
      fields.push(`${above}${field.name}`);
      texts.push(field.description ?? '');
      add(field.fields ?? [], `${above}${field.name}.`);
    }
  };
  add(parameters, '');
  add(body?.fields ?? [], '');
  for (const { content } of responses) add(content?.fields ?? [], '');
  return { fields, description: texts.join(' ') };
}
