/** All kinds of bodies. A new one is one file, one line here, and its key in the request file's schema. */
import type { BodyKind } from './body-kind.js';
import { file } from './file.js';
import { form } from './form.js';
import { graphql } from './graphql.js';
import { json } from './json.js';
import { parts } from './parts.js';
import { soap } from './soap.js';
import { template } from './template.js';
import { text } from './text.js';
import { xml } from './xml.js';

export const bodyKinds: ReadonlyMap<string, BodyKind> = new Map(
  [json, text, form, parts, xml, graphql, soap, file, template].map((kind) => [kind.name, kind]),
);
