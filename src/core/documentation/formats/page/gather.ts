/** What the blocks of a section say of its call. */
import type { Warning } from '../../model/model.js';
import { addParameter, addResponse, type Gathering, sideOf, takeCode, takeTable } from './gathering.js';
import { jsonIn } from './messages.js';
import type { Text } from './notation/blocks.js';
import type { Section } from './sections.js';
import { statusesSaid } from './statuses.js';
import { isPart } from './titles.js';

/** Characters. A longer text is a sentence of its own. */
const longestLabel = 60;

/** `Parameters:`, `Example response`: they announce what follows. */
export const isLabel = (text: string): boolean => text.length < longestLabel && (/:$/.test(text) || isPart(text));

export function gather(section: Section, warnings: Warning[]): Gathering {
  const gathered = ofAddress(section);
  let heading = '';
  let label = '';
  for (const block of section.blocks) {
    if (block.is === 'heading') {
      heading = block.text;
      label = heading;
      gathered.side = sideOf(label) ?? gathered.side;
    } else if (block.is === 'text') label = takeText(block, { heading, label }, section, gathered, warnings);
    else if (block.is === 'table') takeTable(block, label, section, gathered, warnings);
    else {
      takeCode(block, label, section, gathered, warnings);
      label = heading;
    }
  }
  return gathered;
}

/** What the address itself says. */
function ofAddress({ path, query, certainty, line }: Section): Gathering {
  const gathered: Gathering = {
    parameters: new Map(),
    fields: [],
    texts: [],
    responses: new Map(),
    body: undefined,
    side: undefined,
  };
  const at = `line ${line}`;
  for (const [, name] of path.matchAll(/\{([^}]+)\}/g))
    if (name !== undefined)
      addParameter(gathered, {
        name,
        in: 'path',
        type: 'string',
        required: true,
        certainty: certainty === 'guess' ? 'guess' : 'likely',
        at,
      });
  for (const name of query)
    addParameter(gathered, { name, in: 'query', type: 'string', required: false, certainty: 'guess', at });
  return gathered;
}

/** @returns what stands above the next block now */
function takeText(
  { text, marked, line }: Text,
  { heading, label }: { readonly heading: string; readonly label: string },
  section: Section,
  gathered: Gathering,
  warnings: Warning[],
): string {
  const example = /^`([{[][^`]*[}\]])`$/.exec(marked)?.[1];
  if (example !== undefined && jsonIn(example)) {
    takeCode({ is: 'code', text: example, language: 'json', line }, label, section, gathered, warnings);
    return heading;
  }
  const statuses = statusesSaid(text);
  for (const [status, said] of statuses) addResponse(gathered, status, { description: said });
  if (statuses.length > 0) return label;
  if (isLabel(text)) return `${heading} ${text}`;
  const isSummary = section.summary !== '' && text.startsWith(section.summary);
  const isShort = text.length < longestLabel && !/\.$/.test(text) && !isSummary;
  if (!isShort || (gathered.texts.length === 0 && text.length > 15)) gathered.texts.push(text);
  return isShort ? `${label} ${text}` : label;
}
