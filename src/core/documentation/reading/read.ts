/** From documents to what they describe. */
import { Problem } from '../../problem/problem.js';
import type { DocumentationFormat } from '../formats/format.js';
import { formats } from '../formats/registry.js';
import type { Documentation } from '../model/model.js';
import type { Documents, Part } from './documents.js';
import { tooDeep } from './notation.js';

/** @throws Problem document-unreadable, document-too-large */
export async function readDocumentation(documents: Documents, source: string): Promise<Documentation> {
  const { main } = documents;
  try {
    const documentation = await formatOf(main).read(documents, source);
    const { warnings = [] } = documents;
    return warnings.length === 0
      ? documentation
      : { ...documentation, warnings: [...warnings, ...documentation.warnings] };
  } catch (error) {
    const known = tooDeep(error, main.file);
    throw known instanceof Problem ? known.at({ file: main.file }) : known;
  }
}

/** @throws Problem document-unreadable */
export function formatOf(part: Part): DocumentationFormat {
  const format = formats.find((one) => one.claims(part));
  if (format) return format;
  const { content, file, text } = part;
  throw new Problem('document-unreadable', {
    what: `${file} is not a document of a known format`,
    where: { file },
    cause:
      typeof content === 'object' && content !== null && !Array.isArray(content)
        ? `its keys are ${Object.keys(content).slice(0, 6).join(', ')}`
        : text.trim() === ''
          ? 'it is empty'
          : `it begins with ${JSON.stringify(text.trimStart().slice(0, 60).split('\n')[0] ?? '')}`,
    remedy: `known: ${formats.map(({ name, about }) => `${name} (${about})`).join('; ')}`,
  });
}
