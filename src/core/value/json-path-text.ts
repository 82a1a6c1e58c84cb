/** JSONPaths as they are shown: `.name` where the name allows it, else quoted (RFC 9535 section 2.3.1.1). */

const plainName = /^[A-Za-z_]\w*$/;

/** @param key the name of a member, or the index of an item @returns its path below `at` */
export function pathBelow(at: string, key: string | number): string {
  if (typeof key === 'number') return `${at}[${key}]`;
  if (plainName.test(key)) return `${at}.${key}`;
  return `${at}['${key.replace(/[\\']/g, '\\$&').replace(/\p{Cc}/gu, escapedControl)}']`;
}

const escapedControl = (character: string): string => JSON.stringify(character).slice(1, -1);
