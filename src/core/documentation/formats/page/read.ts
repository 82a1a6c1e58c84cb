/** Reference pages in HTML and Markdown: what can be read of them, and what could not. */

import type { Documentation } from '../../model/model.js';
import type { Documents } from '../../reading/documents.js';
import { entryOf } from '../described.js';
import { operationsOn } from './operations.js';

export async function readPage({ main }: Documents, source: string): Promise<Documentation> {
  const { title, blocks } =
    main.notation === 'markdown'
      ? (await import('./markdown.js')).markdownBlocks(main.text)
      : (await import('./html.js')).htmlBlocks(main.text);
  const { operations, warnings, origins } = operationsOn(blocks);
  const none = operations.length === 0 ? [{ at: 'page', what: 'no method and path stands on the page' }] : [];
  return {
    format: 'page',
    version: main.notation === 'markdown' ? 'Markdown' : 'HTML',
    title: title ?? source,
    servers: origins.slice(0, 1).map((url) => ({ url, variables: [] })),
    operations: operations.map(entryOf),
    definitions: new Map(),
    types: new Map(),
    webhooks: [],
    warnings: [...none, ...warnings],
  };
}
