/** `requests/**.yaml`, and `defaults.yaml` beside them. */
import * as z from 'zod/mini';
import { described } from './described.js';
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
  session,
  timeout,
  values,
} from './parts.js';

const bodySpec = described(
  z.union([
    z.strictObject({ json: described(anyValue, 'Any value, sent as JSON; numbers stay numbers.') }),
    z.strictObject({ text: described(z.string(), 'Text, sent as UTF-8.') }),
    z.strictObject({ form: described(values, 'Fields, sent URL-encoded; a list repeats its field.') }),
  ]),
  'The body, by kind. The content type follows from the kind; an explicit header wins.',
);

const shared = {
  about: z.optional(about),
  headers: z.optional(headers),
  query: z.optional(query),
  lists: z.optional(lists),
  session: z.optional(session),
  timeout: z.optional(timeout),
  redirects: z.optional(redirects),
  expect: z.optional(expect),
};

export const requestFile = described(
  z.strictObject({
    ...shared,
    operation: described(
      z.optional(z.string()),
      'The documented operation, SOURCE/OPERATION: the request is checked against it.',
    ),
    inputs: z.optional(inputs),
    method: described(z.optional(z.string()), 'The method. GET where nothing is said.'),
    url: described(
      z.string(),
      'The address; `${…}` may open it, `{name}` takes `path.name` or the input of that name.',
    ),
    path: described(
      z.optional(values),
      'Values for the `{name}` parts of the address, where they are not inputs of that name.',
    ),
    body: z.optional(bodySpec),
    keep: z.optional(keep),
    changes: described(
      z.optional(z.boolean()),
      'false for a call that changes nothing although its method says so; true for the opposite.',
    ),
  }),
  'A request: one call, with what must come back and what is kept of it.',
);
export type RequestFile = z.infer<typeof requestFile>;

export const defaultsFile = described(
  z.strictObject(shared),
  'What holds for all requests in a folder and below it; the nearest wins, key by key.',
);
export type DefaultsFile = z.infer<typeof defaultsFile>;
