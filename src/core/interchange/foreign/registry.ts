/** The ways in which requests are written elsewhere. A new one is a file and a line here. */
import { Problem } from '../../problem/problem.js';
import { commandLine } from './command-line.js';
import { har } from './har.js';
import { message } from './message.js';
import type { Importer } from './request.js';

/** In the order in which they are asked whether a text is theirs. */
export const importers: ReadonlyMap<string, Importer> = new Map(
  [har, message, commandLine].map((one) => [one.name, one]),
);

/** @throws Problem import-unreadable: no importer claims the text */
export function importerOf(text: string, name: string): Importer {
  for (const one of importers.values()) if (one.claims(text)) return one;
  throw new Problem('import-unreadable', {
    what: `${name} is in no format that can be read: ${[...importers.values()].map((one) => one.about.split(':')[0]).join(', ')}`,
    where: { file: name },
    cause: text.trim() === '' ? 'it is empty' : undefined,
    remedy: 'copy the whole command with its address, or a message from its request line on',
  });
}
