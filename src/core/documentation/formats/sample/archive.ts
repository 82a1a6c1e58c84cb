/** What an HTTP Archive (version 1.2) holds of its exchanges, as far as it is read here. */
import * as z from 'zod/mini';
import { Problem } from '../../../problem/problem.js';

const headers = z.array(z.looseObject({ name: z.string(), value: z.string() }));
export const archiveEntry = z.looseObject({
  request: z.looseObject({
    method: z.string(),
    url: z.string(),
    headers: z.optional(headers),
    postData: z.optional(
      z.looseObject({
        mimeType: z.optional(z.string()),
        text: z.optional(z.string()),
        /** Of a form, decoded; some write these in place of the text. */
        params: z.optional(
          z.array(
            z.looseObject({
              name: z.string(),
              value: z.optional(z.string()),
              fileName: z.optional(z.string()),
              contentType: z.optional(z.string()),
            }),
          ),
        ),
      }),
    ),
  }),
  response: z.looseObject({
    status: z.number(),
    headers: z.optional(headers),
    content: z.optional(
      z.looseObject({
        mimeType: z.optional(z.string()),
        text: z.optional(z.string()),
        encoding: z.optional(z.string()),
      }),
    ),
  }),
});
export type ArchiveEntry = z.infer<typeof archiveEntry>;

const archive = z.looseObject({ log: z.looseObject({ entries: z.array(z.unknown()) }) });

/** @throws Problem document-unreadable: it is no archive */
export function entriesIn(text: string, file: string): readonly unknown[] {
  let given: unknown;
  try {
    given = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (error) {
    throw new Problem('document-unreadable', {
      what: `${file} is not JSON`,
      where: { file },
      cause: (error as Error).message,
      remedy: 'was it written to its end?',
    });
  }
  const read = archive.safeParse(given);
  if (!read.success) {
    const [issue] = read.error.issues;
    throw new Problem('document-unreadable', {
      what: `${file} is not an HTTP Archive`,
      where: { file },
      cause: issue && `${issue.path.join('.')}: ${issue.message}`,
    });
  }
  return read.data.log.entries;
}

/** Whether a body of that type is data, and no page, picture or program. */
export const isData = (type = ''): boolean =>
  /[/+](?:json|xml)\b|x-www-form-urlencoded/i.test(type) && !/svg|xhtml/i.test(type);

/** Whether a text claims to be an archive. */
export const isArchive = (text: string): boolean => /^\uFEFF?\s*\{\s*"log"\s*:/.test(text);
