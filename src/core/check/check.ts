/** Checking a collection without sending anything: every file by itself, then all of them together. */
import { join } from 'node:path';
import type { Collection, Loaded } from '../collection/collection.js';
import { manifestFile } from '../collection/files/manifest-file.js';
import { defaultsKind, type FileContents, type FileKind, fileKinds } from '../collection/files/registry.js';
import { manifestName } from '../collection/find-collection.js';
import { shapeProblems } from '../collection/shape.js';
import { openSource } from '../collection/source-index.js';
import { readYaml } from '../collection/yaml.js';
import { asProblem, type FilePosition, Problem } from '../problem/problem.js';
import { planTrail } from '../trail/plan.js';
import { openPreparation } from '../trail/preparation.js';
import type { Workspace } from '../trail/workspace.js';
import type { Finding } from './finding.js';
import type { Checked } from './rule.js';
import { rules } from './rules/registry.js';
import { exampleFindings } from './signature-examples.js';

export interface CheckResult {
  readonly findings: readonly Finding[];
  /** How many files were looked at. */
  readonly files: number;
}

/** @param workspace of any environment, for the examples of signatures; else why there is none */
export async function checkCollection(collection: Collection, workspace: Workspace | Problem): Promise<CheckResult> {
  const findings: Finding[] = [];
  const add = (rule: string, problem: Problem, file: string): void => {
    const where: FilePosition = typeof problem.where === 'object' ? problem.where : { file };
    const what = problem.reason === undefined ? problem.what : `${problem.what}: ${problem.reason}`;
    findings.push({ rule, severity: 'error', where, what, remedy: problem.remedy });
  };
  const names = (Object.keys(fileKinds) as FileKind[]).flatMap((kind) =>
    collection.names(kind).map((name) => ({ kind, name, file: `${fileKinds[kind].folder}/${name}.yaml` })),
  );
  const sound = new Set<string>();
  const shape = (file: string, schema: Parameters<typeof shapeProblems>[0]): void => {
    try {
      const problems = shapeProblems(schema, readYaml(join(collection.root, file), file));
      for (const problem of problems) add('file-valid', problem, file);
      if (problems.length === 0) sound.add(file);
    } catch (error) {
      add('file-valid', asProblem(error), file);
    }
  };
  shape(manifestName, manifestFile);
  for (const { kind, file } of names) shape(file, fileKinds[kind].schema);
  const defaults = new Set(
    collection
      .names('request')
      .flatMap((name) => safely(() => collection.defaults(name).map(({ yaml }) => yaml.file)) ?? []),
  );
  for (const file of defaults) shape(file, defaultsKind.schema);

  const read = <K extends FileKind>(kind: K): Map<string, Loaded<FileContents[K]>> =>
    new Map(
      names
        .filter((one) => one.kind === kind && sound.has(one.file))
        .map(({ name }) => [name, collection.read(kind, name)]),
    );
  const requests = read('request');
  const trails = read('trail');

  for (const name of Object.keys(collection.docs)) {
    try {
      await openSource(collection, name);
    } catch (error) {
      add('documentation-readable', asProblem(error), manifestName);
    }
  }
  const opened = workspace instanceof Problem ? undefined : workspace;
  if (workspace instanceof Problem && names.some(({ kind }) => kind === 'environment'))
    add('environment-opens', workspace, manifestName);
  const preparation = await openPreparation(collection);
  for (const [name, loaded] of read('signature')) {
    const { file } = loaded.yaml;
    await ready(() => preparation.signer(name), file, add, sound);
    if (sound.has(file) && opened) findings.push(...(await exampleFindings(opened, loaded)));
  }
  for (const [name, { yaml }] of requests) await ready(() => preparation.prepare(name), yaml.file, add, sound);
  for (const [name, { yaml }] of trails) await ready(() => planTrail(preparation, name), yaml.file, add, sound);
  for (const [, { yaml, content }] of read('session')) {
    if (content.kind !== 'login') continue;
    for (const [key, call] of [
      ['open', content.open],
      ['close', content.close],
    ] as const) {
      if (!call) continue;
      const used = async (): Promise<unknown> => {
        try {
          return await ('trail' in call ? planTrail(preparation, call.trail) : preparation.prepare(call.send));
        } catch (error) {
          throw asProblem(error).at(yaml.position([key, 'trail' in call ? 'trail' : 'send']));
        }
      };
      await ready(used, yaml.file, add, sound);
    }
  }
  const variables = new Set([
    ...Object.keys(collection.manifest.content.variables ?? {}),
    ...[...read('environment').values()].flatMap(({ content }) => Object.keys(content.variables ?? {})),
  ]);
  const usable = <T>(files: Map<string, Loaded<T>>): Map<string, Loaded<T>> =>
    new Map([...files].filter(([, { yaml }]) => sound.has(yaml.file)));
  const checked: Checked = { collection, variables, requests: usable(requests), trails: usable(trails) };
  for (const rule of rules)
    for await (const finding of rule.check(checked)) findings.push({ rule: rule.name, ...finding });

  const order = (finding: Finding): string =>
    `${finding.where.file} ${String(finding.where.line ?? 0).padStart(6, '0')}`;
  // A file that is not valid is not ready either: what is said twice is said by the first.
  const unique = new Map<string, Finding>();
  for (const finding of findings) {
    const key = `${order(finding)} ${finding.what}`;
    if (!unique.has(key)) unique.set(key, finding);
  }
  return {
    findings: [...unique.values()].sort((a, b) => (order(a) < order(b) ? -1 : 1)),
    files: names.length + 1 + defaults.size,
  };
}

/** Makes a file ready, which parses its expressions, places and matchers; a file that fails is left out of what follows. */
async function ready(
  work: () => Promise<unknown>,
  file: string,
  add: (rule: string, problem: Problem, file: string) => void,
  sound: Set<string>,
): Promise<void> {
  try {
    await work();
  } catch (error) {
    add('file-ready', asProblem(error), file);
    sound.delete(file);
  }
}

function safely<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch {
    return undefined;
  }
}
