/**
 * A part that is documented as a file, or is text with the name of one, is a file part.
 *
 *     body: {parts: {plan: {file: data/cargo-plan.txt}}}      # holds
 *     body: {parts: {plan: {text: data/cargo-plan.txt}}}      # sends the name, not the plan
 */
import { isFileType } from '../../documentation/draft/parts.js';
import type { Operation } from '../../documentation/model/model.js';
import { pathInside } from '../../storage/inside.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { operationOf } from '../operation-of.js';
import type { Rule } from '../rule.js';

export const fileParts: Rule = {
  name: 'file-parts',
  must: 'a part that is documented as a file, or is text with the name of one, is a file part',
  *check(checked) {
    const { root } = checked.collection;
    for (const request of checked.requests.values()) {
      const { body } = request.content;
      if (!body || !('parts' in body)) continue;
      const operation = operationOf(checked, request);
      for (const [name, given] of Object.entries(body.parts as Record<string, Value>)) {
        const text = textIn(given);
        if (text === undefined) continue;
        const named = isFile(root, text);
        if (!named && !documentedAsFile(operation, name)) continue;
        yield {
          severity: 'warning',
          where: request.yaml.position(['body', 'parts', name]),
          what: named
            ? `the part ${name} is the text ${text}, not the file of that name`
            : `the part ${name} is text, documented as a file`,
          remedy: `${name}: {file: ${named ? text : 'data/FILE'}}`,
        };
      }
    }
  },
};

/** A plain text, as far as it is written out. */
function textIn(part: Value): string | undefined {
  const text = plain(isValueMap(part) ? (part.text ?? null) : part);
  return typeof text === 'string' && !text.includes('${') ? text : undefined;
}

/** A plain word may be the name of a file by chance. */
function isFile(root: string, text: string): boolean {
  if (!/[/.]/.test(text)) return false;
  try {
    return pathInside(root, text) !== '';
  } catch {
    return false;
  }
}

const documentedAsFile = (operation: Operation | undefined, part: string): boolean =>
  operation?.body?.fields.some(({ name, type }) => name === part && isFileType(type)) === true;
