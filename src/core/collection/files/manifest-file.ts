/** `echo-trail.yaml`: the manifest of a collection. */
import * as z from 'zod/mini';
import { described } from './described.js';
import { about, size, values } from './parts.js';

const asked = z.strictObject({
  from: described(z.string(), 'The request whose response says it.'),
  values: described(z.optional(z.string()), 'The place of the allowed values, such as `$.items[*].code`.'),
  fields: described(z.optional(z.string()), 'Of a filter: the place of the names of its fields.'),
  operators: described(z.optional(z.string()), 'Of a filter: the place of its operators.'),
});

const documentation = z.strictObject({
  file: described(z.string(), 'The snapshot in the collection, from its folder.'),
  source: described(z.optional(z.string()), 'Where it was fetched from.'),
  fetched: described(z.optional(z.string()), 'The day it was fetched.'),
  session: described(z.optional(z.string()), 'The session that it is fetched with.'),
  parts: described(
    z.optional(z.record(z.string(), z.string())),
    'Further documents that it refers to: their names or addresses, and their snapshots.',
  ),
  asked: described(
    z.optional(z.record(z.string(), asked)),
    'What the API itself says of a parameter, by `OPERATION.PARAMETER`; `docs ask` sends the requests.',
  ),
});

export const manifestFile = described(
  z.strictObject({
    name: described(z.string(), 'The name of the collection.'),
    about: z.optional(about),
    environment: described(z.optional(z.string()), 'The environment that is used where no other is named.'),
    variables: described(z.optional(values), 'Collection variables; an environment may replace them.'),
    docs: described(
      z.optional(z.record(z.string(), documentation)),
      'Documentation sources by name, written by `docs add`.',
    ),
    recipients: described(
      z.optional(z.record(z.string(), z.string())),
      'Whom secrets are shared with: names and public keys of age. `secret recipients` writes them.',
    ),
    echoes: described(
      z.optional(
        z.strictObject({
          runs: described(z.optional(z.number()), 'How many runs are kept. 200 by default.'),
          size: described(z.optional(size), 'How much they may take together. 256MB by default.'),
        }),
      ),
      'How long echoes are kept; the oldest run goes first.',
    ),
  }),
  'The manifest of a collection, echo-trail.yaml.',
);
export type ManifestFile = z.infer<typeof manifestFile>;
