/** A collection folder: finding it, and finding and reading the files in it by name. */

import { existsSync, statSync } from 'node:fs';
import { join, relative, resolve, sep } from 'node:path';
import type { ZodMiniType } from 'zod/mini';
import { action } from '../problem/actions.js';
import { nearestHint } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import { pathInside, requireNoLinks } from '../storage/inside.js';
import { chosenEnvironment } from './chosen-environment.js';
import { fileNames } from './file-names.js';
import { type ManifestFile, manifestFile } from './files/manifest-file.js';
import { defaultsKind, type FileContents, type FileKind, fileKinds } from './files/registry.js';
import type { DefaultsFile } from './files/request-file.js';
import { localFolder, manifestName } from './find-collection.js';
import { shaped } from './schema-validation.js';
import type { SourceCatalogue } from './sources/source-catalogue.js';
import { readYaml, type YamlFile } from './yaml.js';

/** A file that was read and fits its schema. */
export interface Loaded<T> {
  /** The path below its folder, without `.yaml`. */
  readonly name: string;
  readonly content: T;
  readonly yaml: YamlFile;
}

export interface Collection extends SourceCatalogue {
  readonly manifest: Loaded<ManifestFile>;
  /** The environment that is used where none is named: chosen on this machine, else by the manifest. */
  readonly environment: string | undefined;
  /** All names of a kind, sorted. */
  names(kind: FileKind): readonly string[];
  /** The whole name for any unambiguous end of it. @throws Problem name-not-found, name-ambiguous */
  resolve(kind: FileKind, given: string): string;
  /** A file as it is written, whatever its shape; read once. @throws Problem as `readYaml` */
  yaml(file: string): YamlFile;
  /** @throws Problem as `resolve` and `readYaml`, and file-shape */
  read<K extends FileKind>(kind: K, given: string): Loaded<FileContents[K]>;
  /** The `defaults.yaml` that hold for a request, the outermost folder first. */
  defaults(requestName: string): readonly Loaded<DefaultsFile>[];
}

/** @throws Problem collection-not-found, and all that reading the manifest may throw */
export function openCollection(root: string): Collection {
  const cached = new Map<string, Loaded<unknown>>();
  const listed = new Map<FileKind, ReadonlySet<string>>();

  const parsed = new Map<string, YamlFile>();

  function yamlOf(path: string): YamlFile {
    let yaml = parsed.get(path);
    if (!yaml) {
      yaml = readYaml(existsSync(join(root, path)) ? pathInside(root, path) : join(root, path), path);
      parsed.set(path, yaml);
    }
    return yaml;
  }

  function namesOf(kind: FileKind): ReadonlySet<string> {
    let names = listed.get(kind);
    if (!names) {
      names = new Set(fileNames(root, kind));
      listed.set(kind, names);
    }
    return names;
  }

  function load<T>(path: string, name: string, schema: ZodMiniType<T>): Loaded<T> {
    const known = cached.get(path);
    if (known) return known as Loaded<T>;
    const yaml = yamlOf(path);
    const loaded = { name, content: shaped(schema, yaml), yaml };
    cached.set(path, loaded);
    return loaded;
  }

  if (!existsSync(join(root, manifestName))) {
    const isFile = statSync(root, { throwIfNoEntry: false })?.isFile() === true;
    throw new Problem('collection-not-found', {
      what: isFile ? `${root} is a file, and a collection is a folder` : `${root} holds no ${manifestName}`,
      remedy: isFile ? 'name the folder that holds echo-trail.yaml' : action().makeCollection(),
    });
  }
  requireNoLinks(root, localFolder);
  const manifest = load(manifestName, 'echo-trail', manifestFile);

  const collection: Collection = {
    root,
    manifest,
    local: join(root, localFolder),
    docs: manifest.content.docs ?? {},
    environment: chosenEnvironment(join(root, localFolder)) ?? manifest.content.environment,
    names: (kind) => [...namesOf(kind)],
    yaml: yamlOf,
    resolve: (kind, given) => resolveName(root, namesOf(kind), kind, given),
    read(kind, given) {
      const name = collection.resolve(kind, given);
      return load(`${fileKinds[kind].folder}/${name}.yaml`, name, fileKinds[kind].schema);
    },
    defaults(requestName) {
      const folders = requestName.split('/').slice(0, -1);
      const paths = ['', ...folders.map((_, depth) => `${folders.slice(0, depth + 1).join('/')}/`)];
      return paths
        .map((path) => `${fileKinds.request.folder}/${path}${defaultsKind.name}`)
        .filter((path) => existsSync(join(root, path)))
        .map((path) => load(path, path, defaultsKind.schema));
    },
  };
  return collection;
}

function resolveName(root: string, known: ReadonlySet<string>, kind: FileKind, given: string): string {
  // A whole name, as nearly every one.
  if (known.has(given)) return given;
  const { folder } = fileKinds[kind];
  const names = [...known];
  const asFile = relative(root, resolve(root, given)).split(sep).join('/');
  const wanted = (asFile.startsWith(`${folder}/`) ? asFile.slice(folder.length + 1) : given).replace(/\.ya?ml$/, '');
  if (known.has(wanted)) return wanted;
  const fitting = names.filter((name) => name.endsWith(`/${wanted}`));
  const [only] = fitting;
  if (only !== undefined && fitting.length === 1) return only;
  if (fitting.length > 1) {
    throw new Problem('name-ambiguous', {
      what: `${given} fits several ${folder}: ${fitting.join(', ')}`,
      remedy: 'give more of the name',
      data: { given, fitting },
    });
  }
  const ends = names.map((name) => name.slice(name.lastIndexOf('/') + 1));
  throw new Problem(
    kind === 'environment' ? 'environment-missing' : kind === 'session' ? 'session-missing' : 'name-not-found',
    {
      what: `there is no ${kind} ${given}`,
      remedy: nearestHint(given, names, ends) ?? `${folder}/ has no files yet`,
      data: { given },
    },
  );
}
