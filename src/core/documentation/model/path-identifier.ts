/** Which parts of a path name one thing among many. */

/** Digits, UUIDs, and codes such as PC-0001 do; words and versions name a resource. */
export const isIdentifier = (part: string): boolean =>
  /^\d+$/.test(part) ||
  /^[0-9a-f]{8}-[0-9a-f-]{27}$/i.test(part) ||
  (/\d/.test(part) && !/^v\d+(?:\.\d+)*$/i.test(part) && !/^\{.*\}$/.test(part));
