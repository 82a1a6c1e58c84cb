/** The Link header (RFC 8288 section 3), by a well-known library. */
import LinkHeader from 'http-link-header';

export interface HeaderLink {
  /** As written, relative or absolute. */
  readonly target: string;
  /** In lower case. */
  readonly relations: readonly string[];
  readonly title: string | undefined;
}

/** Links of all its lines, in order; a line that cannot be read is left out. */
export function linksIn(headers: readonly (readonly [name: string, value: string])[]): HeaderLink[] {
  const links: { target: string; relations: string[]; title: string | undefined }[] = [];
  for (const [name, value] of headers) {
    if (name.toLowerCase() !== 'link') continue;
    for (const { uri: target, rel, title } of refsIn(value)) {
      const relations = rel.toLowerCase().split(/\s+/).filter(Boolean);
      const last = links.at(-1);
      // The library gives each of several relations by itself.
      if (last?.target === target && last.title === title) last.relations.push(...relations);
      else links.push({ target, relations, title });
    }
  }
  return links;
}

function refsIn(line: string): LinkHeader.Reference[] {
  try {
    return LinkHeader.parse(line).refs;
  } catch {
    return [];
  }
}
