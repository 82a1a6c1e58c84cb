/** Checking a collection without sending anything: every file by itself, then all of them together. */
import type { Collection, Loaded } from '../collection/collection.js';
import { manifestFile } from '../collection/files/manifest-file.js';
import { defaultsKind, type FileContents, type FileKind, fileKinds } from '../collection/files/registry.js';
import { manifestName } from '../collection/find-collection.js';
import { shapeProblems } from '../collection/schema-validation.js';
import { overlayFile } from '../collection/sources/snapshot.js';
import { openSource, sourceIndex } from '../collection/sources/source-index.js';
import { type KnownSecret, knownSecret } from '../echo/known-secrets.js';
import { asProblem, type FilePosition, Problem } from '../problem/problem.js';
import { openPreparation, type Preparation } from '../sending/preparation.js';
import type { Workspace } from '../sending/workspace.js';
import { sessionKinds } from '../session/registry.js';
import { planTrail } from '../trail/plan.js';
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
  const checking = new Checking(collection);
  checking.shapes();
  await checking.sources();
  if (workspace instanceof Problem) checking.environmentShut(workspace);
  await checking.readiness(workspace instanceof Problem ? undefined : workspace);
  await checking.together(workspace instanceof Problem ? undefined : workspace);
  return checking.result();
}

interface NamedFile {
  readonly kind: FileKind;
  readonly name: string;
  readonly file: string;
}

/** One check, step by step: a file that fails at one is left out of those that follow. */
class Checking {
  private readonly findings: Finding[] = [];
  private readonly named: readonly NamedFile[];
  private readonly defaults: ReadonlySet<string>;
  /** Files without a fault so far. */
  private readonly sound = new Set<string>();

  constructor(private readonly collection: Collection) {
    this.named = (Object.keys(fileKinds) as FileKind[]).flatMap((kind) =>
      collection.names(kind).map((name) => ({ kind, name, file: `${fileKinds[kind].folder}/${name}.yaml` })),
    );
    this.defaults = new Set(
      collection
        .names('request')
        .flatMap((name) => safely(() => collection.defaults(name).map(({ yaml }) => yaml.file)) ?? []),
    );
  }

  /** Every file by the schema of its kind. */
  shapes(): void {
    this.shape(manifestName, manifestFile);
    for (const { kind, file } of this.named) this.shape(file, fileKinds[kind].schema);
    for (const file of this.defaults) this.shape(file, defaultsKind.schema);
  }

  private shape(file: string, schema: Parameters<typeof shapeProblems>[0]): void {
    try {
      const problems = shapeProblems(schema, this.collection.yaml(file));
      for (const problem of problems) this.add('file-valid', problem, file);
      if (problems.length === 0) this.sound.add(file);
    } catch (error) {
      this.add('file-valid', asProblem(error), file);
    }
  }

  /** The documentation that the manifest names. */
  async sources(): Promise<void> {
    for (const name of Object.keys(this.collection.docs)) {
      try {
        await openSource(this.collection, name);
        this.overlay(name);
      } catch (error) {
        this.add('documentation-readable', asProblem(error), manifestName);
      }
    }
  }

  /** What the collection's own notes on a source do not fit. */
  private overlay(name: string): void {
    const file = overlayFile(name);
    for (const { at, what } of sourceIndex(this.collection, name).facts.warnings)
      if (at.startsWith(`${file}/`))
        this.findings.push({
          rule: 'overlay-fits',
          severity: 'warning',
          where: { file },
          what,
          remedy: 'correct the target, or remove the action',
        });
  }

  environmentShut(why: Problem): void {
    if (this.named.some(({ kind }) => kind === 'environment')) this.add('environment-opens', why, manifestName);
  }

  /** Makes everything ready that would be sent or walked, which parses its expressions, places and matchers. */
  async readiness(workspace: Workspace | undefined): Promise<void> {
    const preparation = await openPreparation(this.collection);
    for (const [name, loaded] of this.read('signature')) {
      const { file } = loaded.yaml;
      await this.ready(() => preparation.signer(name), file);
      if (this.sound.has(file) && workspace) this.findings.push(...(await exampleFindings(workspace, loaded)));
    }
    const requests = this.read('request');
    const trails = this.read('trail');
    for (const [name, { yaml }] of requests) await this.ready(() => preparation.prepare(name), yaml.file);
    for (const [name, { yaml }] of trails) await this.ready(() => planTrail(preparation, name), yaml.file);
    for (const [, session] of this.read('session')) await this.readyCalls(session, preparation);
  }

  private async readyCalls(
    { yaml, content }: Loaded<FileContents['session']>,
    preparation: Preparation,
  ): Promise<void> {
    for (const { kind, name, path } of sessionKinds.get(content.kind)?.calls?.(content) ?? []) {
      const used = async (): Promise<unknown> => {
        try {
          return await (kind === 'trail' ? planTrail(preparation, name) : preparation.prepare(name));
        } catch (error) {
          throw asProblem(error).at(yaml.position([...path]));
        }
      };
      await this.ready(used, yaml.file);
    }
  }

  private async ready(work: () => Promise<unknown>, file: string): Promise<void> {
    try {
      await work();
    } catch (error) {
      this.add('file-ready', asProblem(error), file);
      this.sound.delete(file);
    }
  }

  /** The rules that look at all files at once. */
  async together(workspace: Workspace | undefined): Promise<void> {
    const { collection } = this;
    const variables = new Set([
      ...Object.keys(collection.manifest.content.variables ?? {}),
      ...[...this.read('environment').values()].flatMap(({ content }) => Object.keys(content.variables ?? {})),
    ]);
    const checked: Checked = {
      collection,
      variables,
      requests: this.read('request'),
      trails: this.read('trail'),
      secrets: workspace && (() => knownSecrets(workspace)),
    };
    for (const rule of rules)
      for await (const finding of rule.check(checked)) this.findings.push({ rule: rule.name, ...finding });
  }

  /** By file and line. A file that is not valid is not ready either: what is said twice is said by the first. */
  result(): CheckResult {
    const order = ({ where }: Finding): string => `${where.file} ${String(where.line ?? 0).padStart(6, '0')}`;
    const unique = new Map<string, Finding>();
    for (const finding of this.findings) {
      const key = `${order(finding)} ${finding.what}`;
      if (!unique.has(key)) unique.set(key, finding);
    }
    return {
      findings: [...unique.values()].sort((a, b) => (order(a) < order(b) ? -1 : 1)),
      files: this.named.length + 1 + this.defaults.size,
    };
  }

  /** The files of a kind that are sound. */
  private read<K extends FileKind>(kind: K): Map<string, Loaded<FileContents[K]>> {
    const names = this.named.filter((one) => one.kind === kind && this.sound.has(one.file));
    return new Map(names.map(({ name }) => [name, this.collection.read(kind, name)]));
  }

  private add(rule: string, problem: Problem, file: string): void {
    const where: FilePosition = typeof problem.where === 'object' ? problem.where : { file };
    const what = problem.reason === undefined ? problem.what : `${problem.what}: ${problem.reason}`;
    this.findings.push({ rule, severity: 'error', where, what, remedy: problem.remedy });
  }
}

const knownSecrets = async ({ secrets }: Workspace): Promise<KnownSecret[]> =>
  (await secrets.values()).map(({ name, value }) => knownSecret(name, value));

function safely<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch {
    return undefined;
  }
}
