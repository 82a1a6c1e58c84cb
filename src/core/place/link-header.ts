/** The Link header (RFC 8288 section 3). */

export interface HeaderLink {
  /** As written, relative or absolute. */
  readonly target: string;
  /** In lower case. */
  readonly relations: readonly string[];
  readonly title: string | undefined;
}

/** Links of all its lines, in order; what cannot be read is left out. */
export function linksIn(headers: readonly (readonly [name: string, value: string])[]): HeaderLink[] {
  return headers
    .filter(([name]) => name.toLowerCase() === 'link')
    .flatMap(([, value]) => [
      ...value.matchAll(/<([^>]*)>((?:\s*;\s*[^\s=;,]+(?:\s*=\s*(?:"(?:[^"\\]|\\.)*"|[^\s;,]*))?)*)/g),
    ])
    .map(([, target = '', parameters = '']) => {
      const given = new Map<string, string>();
      // Of a parameter that stands twice the first counts (section 3.3).
      for (const [, name = '', quoted, bare] of parameters.matchAll(
        /;\s*([^\s=;,]+)(?:\s*=\s*(?:"((?:[^"\\]|\\.)*)"|([^\s;,]*)))?/g,
      )) {
        const key = name.toLowerCase();
        if (!given.has(key)) given.set(key, (quoted?.replace(/\\(.)/g, '$1') ?? bare ?? '').trim());
      }
      return {
        target,
        relations: (given.get('rel') ?? '')
          .toLowerCase()
          .split(/\s+/)
          .filter((one) => one !== ''),
        title: given.get('title'),
      };
    });
}
