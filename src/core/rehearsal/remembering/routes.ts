/** Which documented path a path is: the nearest, word by word, before one with more parameters. */

export interface Route {
  /** As documented: `/v1/calls/{call}`. */
  readonly template: string;
  /** Ids of operations by method, in the order of their sources. */
  readonly methods: Map<string, { readonly source: string; readonly id: string }>;
}

export interface FoundRoute {
  readonly route: Route;
  /** Of the parameters of the path, decoded. */
  readonly values: Readonly<Record<string, string>>;
}

interface Node {
  readonly words: Map<string, Node>;
  /** Parts with parameters: `{call}`, `{name}.json`. */
  readonly patterns: Map<string, { readonly shape: RegExp; readonly names: readonly string[]; readonly node: Node }>;
  route?: Route;
}

const emptyNode = (): Node => ({ words: new Map(), patterns: new Map() });

export class Routes {
  private readonly root = emptyNode();

  add(method: string, template: string, source: string, id: string): void {
    const [path = ''] = template.split(/[?#]/, 1);
    let node = this.root;
    for (const part of partsOf(path)) node = part.includes('{') ? patternBelow(node, part) : wordBelow(node, part);
    node.route ??= { template: path, methods: new Map() };
    if (!node.route.methods.has(method)) node.route.methods.set(method, { source, id });
  }

  /** @param path without its query, as it came */
  find(path: string): FoundRoute | undefined {
    return find(this.root, partsOf(path), 0, {});
  }

  /** The route of one thing of a list: `/v1/calls/{call}` of `/v1/calls`, or of `/v1/vessels/{imo}/calls`. */
  memberOf(template: string): Route | undefined {
    const parts = partsOf(template);
    const below = this.nodeOf(parts);
    const own = below && memberBelow(below);
    if (own) return own;
    const last = parts.at(-1);
    return last === undefined || last.includes('{') ? undefined : this.nearestMember(last);
  }

  private nodeOf(parts: readonly string[]): Node | undefined {
    let node: Node | undefined = this.root;
    for (const part of parts)
      node = part.includes('{') ? node?.patterns.get(shapeOf(part))?.node : node?.words.get(part);
    return node;
  }

  /** The shortest path that ends in `/WORD/{…}`. */
  private nearestMember(word: string): Route | undefined {
    let level: Node[] = [this.root];
    while (level.length > 0) {
      for (const node of level) {
        const member = node.words.get(word);
        const found = member && memberBelow(member);
        if (found) return found;
      }
      level = level.flatMap((node) => [
        ...node.words.values(),
        ...[...node.patterns.values()].map((pattern) => pattern.node),
      ]);
    }
    return undefined;
  }
}

/** Without empty parts: a slash at the end, or two of them, are of no account. */
const partsOf = (path: string): string[] => path.split('/').filter((part) => part !== '');

const shapeOf = (part: string): string => part.replace(/\{[^}]*\}/g, '{}');

function wordBelow(node: Node, word: string): Node {
  const known = node.words.get(word) ?? emptyNode();
  node.words.set(word, known);
  return known;
}

function patternBelow(node: Node, part: string): Node {
  const key = shapeOf(part);
  let known = node.patterns.get(key);
  if (!known) {
    const names = [...part.matchAll(/\{([^}]*)\}/g)].map(([, name]) => name ?? '');
    const source = part
      .split(/\{[^}]*\}/)
      .map((text) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'))
      .join('(.+?)');
    known = { shape: new RegExp(`^${source}$`), names, node: emptyNode() };
    node.patterns.set(key, known);
  }
  return known.node;
}

function memberBelow(node: Node): Route | undefined {
  for (const { node: below } of node.patterns.values()) if (below.route) return below.route;
  return undefined;
}

function find(
  node: Node,
  parts: readonly string[],
  at: number,
  values: Readonly<Record<string, string>>,
): FoundRoute | undefined {
  const part = parts[at];
  if (part === undefined) return node.route && { route: node.route, values };
  const word = node.words.get(part) ?? node.words.get(decoded(part));
  const found = word && find(word, parts, at + 1, values);
  if (found) return found;
  for (const { shape, names, node: below } of byLength(node.patterns)) {
    const match = shape.exec(part);
    if (!match) continue;
    const own = Object.fromEntries(names.map((name, index) => [name, decoded(match[index + 1] ?? '')]));
    const deeper = find(below, parts, at + 1, { ...values, ...own });
    if (deeper) return deeper;
  }
  return undefined;
}

/** Those with more words of their own first. */
const byLength = (patterns: Node['patterns']): Iterable<{ shape: RegExp; names: readonly string[]; node: Node }> =>
  patterns.size < 2 ? patterns.values() : [...patterns].sort(([a], [b]) => b.length - a.length).map(([, one]) => one);

function decoded(text: string): string {
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}
