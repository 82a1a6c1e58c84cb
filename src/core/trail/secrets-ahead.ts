/** Secrets that a walk will need are looked for before its first step: a missing one fails every row alike. */
import type { Collection, Loaded } from '../collection/collection.js';
import type { RequestFile } from '../collection/files/request-file.js';
import type { YamlFile } from '../collection/yaml.js';
import { namesUsed } from '../expression/names-used.js';
import { type FilePosition, Problem } from '../problem/problem.js';
import { sessionKinds } from '../session/registry.js';
import type { Value } from '../value/written.js';
import type { TrailPlan } from './step-kind.js';
import type { Workspace } from './workspace.js';

/** A secret by a name, and a key, that are written out. */
export interface SecretUse {
  readonly name: string;
  readonly key: string | undefined;
  readonly where: FilePosition;
}

/** Those that are always needed where the value is. */
export function secretsIn(
  value: unknown,
  yaml: Pick<YamlFile, 'position'>,
  path: readonly (string | number)[] = [],
): SecretUse[] {
  return namesUsed((value ?? null) as Value, path).flatMap(({ secret, keys = [], path: at, optional, computed }) =>
    secret === undefined || optional || computed ? [] : [{ name: secret, key: keys[1], where: yaml.position([...at]) }],
  );
}

const parts = ['url', 'path', 'query', 'headers', 'cookies', 'body'] as const;

/** Of a request, its signature, and the sessions that need not be opened first. */
export function secretsOf(
  collection: Collection,
  { content, yaml, name }: Loaded<RequestFile>,
  sessions: readonly string[],
  signature: string | undefined,
): SecretUse[] {
  return [
    ...parts.flatMap((part) => secretsIn(content[part], yaml, [part])),
    ...collection
      .defaults(name)
      .flatMap((defaults) =>
        (['headers', 'query'] as const).flatMap((part) =>
          Object.entries(defaults.content[part] ?? {}).flatMap(([key, value]) =>
            Object.keys(content[part] ?? {}).some((own) => own.toLowerCase() === key.toLowerCase())
              ? []
              : secretsIn(value, defaults.yaml, [part, key]),
          ),
        ),
      ),
    ...(signature === undefined ? [] : fileSecrets(collection, 'signature', signature)),
    ...sessions.flatMap((session) => fileSecrets(collection, 'session', session)),
  ];
}

/** What opens a session may have opened it already. */
function fileSecrets(collection: Collection, kind: 'signature' | 'session', given: string): SecretUse[] {
  try {
    const { content, yaml } = collection.read(kind, given);
    if (kind === 'session' && sessionKinds.get(content.kind ?? '')?.open) return [];
    const { examples: _, about: __, ...used } = content as Record<string, unknown>;
    return secretsIn(used, yaml);
  } catch {
    // What is wrong with the file is told when it is used.
    return [];
  }
}

/** @throws Problem secret-missing: all of them at once */
export function demandSecrets(workspace: Workspace, plans: readonly TrailPlan[]): void {
  const world = workspace.world();
  const missing = new Map<string, SecretUse>();
  for (const { steps } of plans) {
    for (const { secrets, when } of steps) {
      // Whether a step with a condition is taken is known only then.
      if (when) continue;
      for (const use of secrets) {
        const full = use.key === undefined ? use.name : `${use.name}[${use.key}]`;
        if (!missing.has(full) && world.secret(use.name, use.key) === undefined) missing.set(full, use);
      }
    }
  }
  const [first] = missing;
  if (!first) return;
  const names = [...missing.keys()];
  throw new Problem('secret-missing', {
    what: names.length === 1 ? `the secret ${names[0]} is not set` : `the secrets ${names.join(', ')} are not set`,
    where: first[1].where,
    remedy: `${names.map((name) => `echo-trail secret set ${/[[\]]/.test(name) ? `'${name}'` : name}`).join(', ')}; nothing was sent`,
    data: { names },
  });
}
