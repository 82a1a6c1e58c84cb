/** `requests/**.yaml`, and `defaults.yaml` beside them. */
import * as z from 'zod/mini';
import { described } from './described.js';
import { pages } from './pages.js';
import {
  about,
  anyValue,
  expect,
  headers,
  inputs,
  keep,
  lists,
  query,
  redirects,
  retry,
  session,
  signature,
  timeout,
  values,
} from './parts.js';

const bodySpec = described(
  z.union([
    z.strictObject({ json: described(anyValue, 'Any value, sent as JSON; numbers stay numbers.') }),
    z.strictObject({ text: described(z.string(), 'Text, sent as UTF-8.') }),
    z.strictObject({
      form: described(values, 'Fields, sent URL-encoded; a list repeats its field, a map is written with brackets.'),
    }),
    z.strictObject({
      parts: described(
        values,
        'Parts of multipart/form-data: a text, a list, or {text | file | template | json, type, name}.',
      ),
    }),
    z.strictObject({ file: described(z.string(), 'The path of a file in the collection, sent as it is.') }),
    z.strictObject({ template: described(z.string(), 'The path of a file in bodies/, with values put in.') }),
    z.strictObject({ xml: described(z.string(), 'XML text; the values in it are escaped.') }),
    z.strictObject({
      graphql: described(
        z.strictObject({
          document: described(
            z.string(),
            'The document: a query, mutation or subscription; or the path of a .graphql file.',
          ),
          variables: described(z.optional(values), 'Values for the variables that the document declares.'),
          operation: described(
            z.optional(z.string()),
            'Which operation of the document is meant, where it has several.',
          ),
        }),
        'A GraphQL document with its variables, sent as JSON.',
      ),
    }),
    z.strictObject({
      soap: described(
        z.strictObject({
          envelope: described(z.string(), 'The envelope, or the path of an .xml file; the values in it are escaped.'),
          version: described(z.optional(z.enum(['1.1', '1.2'])), 'The version of SOAP. 1.1 by default.'),
          action: described(z.optional(z.string()), 'The action, with or without its quotes; may hold `${…}`.'),
        }),
        'A SOAP envelope; content type and action follow from the version.',
      ),
    }),
  ]),
  'The body, by kind. The content type follows from the kind; an explicit header wins.',
);

const shared = {
  about: z.optional(about),
  headers: z.optional(headers),
  query: z.optional(query),
  lists: z.optional(lists),
  session: z.optional(session),
  signature: z.optional(signature),
  timeout: z.optional(timeout),
  redirects: z.optional(redirects),
  retry: z.optional(retry),
  expect: z.optional(expect),
  namespaces: described(
    z.optional(z.record(z.string(), z.string())),
    'XML namespaces by the prefix that places use for them, beside those that the response declares itself.',
  ),
};

export const requestFile = described(
  z.strictObject({
    ...shared,
    operation: described(
      z.optional(z.string()),
      'The documented operation, SOURCE/OPERATION: the request is checked against it.',
    ),
    inputs: z.optional(inputs),
    method: described(z.optional(z.string()), 'The method; may hold `${…}`. GET by default.'),
    url: described(
      z.string(),
      'The address; `${…}` may open it, `{name}` takes `path.name` or the input of that name.',
    ),
    path: described(
      z.optional(values),
      'Values for the `{name}` parts of the address, where they are not inputs of that name.',
    ),
    cookies: described(z.optional(values), 'Cookies by name, sent beside those that the vendor has set.'),
    body: z.optional(bodySpec),
    'idempotency-key': described(
      z.optional(
        z.union([
          z.literal(true),
          z.string(),
          z.strictObject({
            header: described(z.optional(z.string()), 'The header. `Idempotency-Key` by default.'),
            value: described(z.optional(z.string()), 'The key. A new UUID for each request by default.'),
          }),
        ]),
      ),
      'A key by which the vendor knows a call that it has done already, so that it may be sent again: `true`, a value, or {header, value}. All tries carry the same one.',
    ),
    keep: z.optional(keep),
    pages: z.optional(pages),
    table: described(
      z.optional(
        z.strictObject({
          rows: described(z.optional(z.string()), 'The place of the list; the largest list of maps by default.'),
          columns: described(
            z.optional(z.union([z.array(z.string()), z.record(z.string(), z.string())])),
            'Paths in an item, such as `berth.code`; with names where they are to be called otherwise.',
          ),
        }),
      ),
      'The list of the response that `send` shows as a table.',
    ),
    changes: described(
      z.optional(z.boolean()),
      'false for a call that changes nothing although its method says so; true for the opposite.',
    ),
  }),
  'A request: one call, with what must come back and what is kept of it.',
);
export type RequestFile = z.infer<typeof requestFile>;

/** The method that the file has; undefined where it is computed for each sending. */
export const methodWritten = ({ method = 'GET' }: Pick<RequestFile, 'method'>): string | undefined =>
  method.includes('${') ? undefined : method.toUpperCase();

/** The parts of a request file that what is sent is made of. */
export const sentParts = ['method', 'url', 'path', 'query', 'headers', 'cookies', 'body'] as const;

export const defaultsFile = described(
  z.strictObject(shared),
  'What holds for all requests in a folder and below it; the nearest wins, key by key.',
);
export type DefaultsFile = z.infer<typeof defaultsFile>;
