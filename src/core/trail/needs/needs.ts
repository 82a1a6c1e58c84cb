/** Secrets and files that a walk will need are looked for before its first step: a missing one fails every row alike. */

import type { Collection, Loaded } from '../../collection/collection.js';
import { type RequestFile, sentParts } from '../../collection/files/request-file.js';
import type { YamlFile } from '../../collection/yaml.js';
import { filesNamed } from '../../exchange/request/named-files.js';
import { filesUsed, type NamedFile } from '../../expression/files-used.js';
import { namesUsed } from '../../expression/names-used.js';
import { action } from '../../problem/actions.js';
import { asProblem, Problem } from '../../problem/problem.js';
import type { Workspace } from '../../sending/workspace.js';
import { sessionKinds } from '../../session/registry.js';
import { pathInside } from '../../storage/inside.js';
import type { Value } from '../../value/written.js';
import type { TrailPlan } from '../step-kind.js';
import type { Need, SecretNeed } from './need.js';

/** What is always needed where the value is. */
export function needsIn(
  value: unknown,
  yaml: Pick<YamlFile, 'position'>,
  path: readonly (string | number)[] = [],
): Need[] {
  const given = (value ?? null) as Value;
  return [...secretsIn(given, yaml, path), ...filesUsed(given, path).map((one) => fileNeed(one, yaml))];
}

/** @param path where it is in the file, where its name is written out */
export const fileNeed = ({ file, path }: NamedFile, yaml: Pick<YamlFile, 'position'>): Need => ({
  kind: 'file',
  name: file,
  where: yaml.position([...path]),
});

const secretsIn = (
  value: Value,
  yaml: Pick<YamlFile, 'position'>,
  path: readonly (string | number)[] = [],
): SecretNeed[] =>
  namesUsed(value, path).flatMap(({ secret, keys = [], path: at, optional, computed }) =>
    secret === undefined || optional || computed
      ? []
      : [{ kind: 'secret', name: secret, key: keys[1], where: yaml.position([...at]) }],
  );

/** Of a request, its signature, and the sessions that need not be opened first. */
export function needsOf(
  collection: Collection,
  { content, yaml, name }: Loaded<RequestFile>,
  sessions: readonly string[],
  signature: string | undefined,
): Need[] {
  return [
    ...sentParts.flatMap((part) => secretsIn((content[part] ?? null) as Value, yaml, [part])),
    ...filesNamed(content).map((one) => fileNeed(one, yaml)),
    ...collection
      .defaults(name)
      .flatMap((defaults) =>
        (['headers', 'query'] as const).flatMap((part) =>
          Object.entries(defaults.content[part] ?? {}).flatMap(([key, value]) =>
            Object.keys(content[part] ?? {}).some((own) => own.toLowerCase() === key.toLowerCase())
              ? []
              : needsIn(value, defaults.yaml, [part, key]),
          ),
        ),
      ),
    ...(signature === undefined ? [] : fileNeeds(collection, 'signature', signature)),
    ...sessions.flatMap((session) => fileNeeds(collection, 'session', session)),
  ];
}

/** What opens a session may have opened it already. */
function fileNeeds(collection: Collection, kind: 'signature' | 'session', given: string): Need[] {
  try {
    const { content, yaml } = collection.read(kind, given);
    if (kind === 'session' && sessionKinds.get(content.kind ?? '')?.open) return [];
    const { examples: _, about: __, ...used } = content as Record<string, unknown>;
    return needsIn(used, yaml);
  } catch {
    // What is wrong with the file is told when it is used.
    return [];
  }
}

/** @throws Problem secret-missing, file-not-found, file-outside: all that is missing at once */
export function requireNeeds(workspace: Workspace, plans: readonly TrailPlan[]): void {
  // Whether a step with a condition is taken is known only then.
  const needs = plans.flatMap(({ steps }) => steps.flatMap(({ onlyIf, needs }) => (onlyIf ? [] : needs)));
  requireSecrets(workspace, needs);
  const tables = plans.flatMap(({ table, steps }) => [
    ...(table ? [table] : []),
    ...steps.flatMap(({ tables = [] }) => tables),
  ]);
  requireFiles(
    workspace.collection.root,
    needs.filter(({ kind, name }) => kind === 'file' && !tables.some((table) => table.mayWrite(name))),
  );
}

function requireSecrets(workspace: Workspace, needs: readonly Need[]): void {
  const runtime = workspace.runtime();
  const missing = new Map<string, SecretNeed>();
  for (const need of needs) {
    if (need.kind !== 'secret') continue;
    const full = need.key === undefined ? need.name : `${need.name}[${need.key}]`;
    if (!missing.has(full) && runtime.secret(need.name, need.key) === undefined) missing.set(full, need);
  }
  const [first] = missing;
  if (!first) return;
  const names = [...missing.keys()];
  throw new Problem('secret-missing', {
    what: names.length === 1 ? `the secret ${names[0]} is not set` : `the secrets ${names.join(', ')} are not set`,
    where: first[1].where,
    remedy: `${action().setSecret(names)}; nothing was sent`,
    data: { names },
  });
}

function requireFiles(root: string, needs: readonly Need[]): void {
  const missing = new Map<string, { readonly need: Need; readonly problem: Problem }>();
  for (const need of needs) {
    try {
      pathInside(root, need.name);
    } catch (error) {
      if (!missing.has(need.name)) missing.set(need.name, { need, problem: asProblem(error) });
    }
  }
  const [first] = missing.values();
  if (!first) return;
  const { need, problem } = first;
  if (missing.size === 1 || problem.code !== 'file-not-found') throw problem.at(need.where);
  throw new Problem('file-not-found', {
    what: `the files ${[...missing.keys()].join(', ')} are not there`,
    where: need.where,
    remedy: `files are named from the collection folder, ${root}; nothing was sent`,
    data: { files: [...missing.keys()] },
  });
}
