/** What a GraphQL document does, read from its text: the library that reads all of it takes longer than most requests. */

/** The kind of its operations, or of the one of that name; undefined where there is none. */
export function operationKind(document: string, name: string | undefined): 'query' | 'mutation' | undefined {
  // Without texts and comments, in which the words could stand too.
  const bare = document.replace(/"{3}[\s\S]*?"{3}|"(?:[^"\\]|\\.)*"|#[^\n]*/g, ' ');
  const operations: { readonly kind: string; readonly name: string | undefined }[] = [];
  let depth = 0;
  let headed = false;
  for (const [token, kind, own] of bare.matchAll(/[{}]|\b(query|mutation|subscription|fragment)\b\s*(\w+)?/g)) {
    if (token === '{') {
      // A selection without a head is a query (GraphQL, section 2.3).
      if (depth === 0 && !headed) operations.push({ kind: 'query', name: undefined });
      headed = false;
      depth += 1;
    } else if (token === '}') depth -= 1;
    else if (depth === 0 && kind !== undefined) {
      if (kind !== 'fragment') operations.push({ kind, name: own });
      headed = true;
    }
  }
  const meant = name === undefined ? operations : operations.filter((one) => one.name === name);
  if (meant.length === 0) return undefined;
  return meant.some(({ kind }) => kind === 'mutation') ? 'mutation' : 'query';
}

/** Variables that an operation declares as required, without a default (GraphQL, section 2.10), by all its operations. */
export function requiredVariables(document: string): readonly string[] {
  const bare = document.replace(/"{3}[\s\S]*?"{3}|"(?:[^"\\]|\\.)*"|#[^\n]*/g, '""');
  const [heads, ...more] = [...bare.matchAll(/\b(?:query|mutation|subscription)\b\s*\w*\s*\(([^)]*)\)/g)];
  // Of several only one is carried out, and which needs fewer is not known here.
  if (!heads || more.length > 0) return [];
  return [...(heads[1] as string).matchAll(/\$(\w+)\s*:\s*[[\]\w!\s]*!\s*(?=[,$@]|$)/g)].map(
    ([, name]) => name as string,
  );
}

/** In the request file itself, or the path of a file such as `bodies/rota.graphql`. @throws Problem as `read` */
export const graphqlDocument = (given: string, read: (path: string) => string): string =>
  /^[^\s{}]+\.(?:graphqls?|gql)$/.test(given.trim()) ? read(given.trim()) : given;
