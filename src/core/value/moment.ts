/** Moments as people write them: RFC 3339, an HTTP date, or seconds since 1970. */

/** undefined where the text is no moment; a date without a zone would be another one on every machine. */
export function parseMoment(text: string): Date | undefined {
  const seconds = /^\d{9,11}$/.test(text);
  if (!seconds && !/(?:Z|[+-]\d\d:?\d\d|GMT)$/.test(text)) return undefined;
  const date = new Date(seconds ? Number(text) * 1000 : text);
  return Number.isNaN(date.getTime()) ? undefined : date;
}
