/** Everything that is made from the code, by its path. */
import * as z from 'zod';
import { printedDocuments } from '../../src/cli/documents/documents.js';
import { manifestFile } from '../../src/core/collection/files/manifest-file.js';
import { defaultsKind, type FileKind, fileKinds } from '../../src/core/collection/files/registry.js';
import { commandsPage } from './commands.js';
import { manPage } from './man.js';
import { errorsPage, filtersPage, matchersPage, signaturesPage } from './registries.js';
import { filesPage, type JsonSchema } from './schema-page.js';

const schemas = {
  manifest: manifestFile,
  ...Object.fromEntries((Object.keys(fileKinds) as FileKind[]).map((kind) => [kind, fileKinds[kind].schema])),
  defaults: defaultsKind.schema,
};

/** @param root the folder of the project */
export function generatedFiles(root: string): Record<string, string> {
  const files = Object.fromEntries(Object.entries(schemas).map(([name, schema]) => [name, jsonSchema(name, schema)]));
  return {
    ...Object.fromEntries(Object.entries(files).map(([name, schema]) => [`schemas/${name}.json`, pretty(schema)])),
    ...Object.fromEntries(
      Object.entries(printedDocuments).map(([name, schema]) => [
        `schemas/output/${name.replaceAll(' ', '-')}.json`,
        pretty(jsonSchema(name, schema)),
      ]),
    ),
    'docs/reference/files.md': filesPage(files),
    'docs/reference/expressions.md': filtersPage(),
    'docs/reference/places-and-matchers.md': matchersPage(),
    'docs/reference/signatures.md': signaturesPage(),
    'docs/reference/errors.md': errorsPage(root),
    'docs/reference/commands.md': commandsPage(),
    'man/echo-trail.1': manPage(),
  };
}

function jsonSchema(name: string, schema: z.core.$ZodType): JsonSchema {
  const { $schema, ...rest } = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' });
  return { $schema, title: `Echo Trail ${name}`, ...rest } as JsonSchema;
}

const pretty = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;
