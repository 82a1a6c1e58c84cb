/** Temporary folders and the collections in them. */
import { cpSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { projectFolder } from './program.js';

const made: string[] = [];
process.on('exit', () => {
  for (const folder of made) rmSync(folder, { recursive: true, force: true });
});

export function temporaryFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), 'echo-trail-test-'));
  made.push(folder);
  return folder;
}

/** A collection of the files given, with a manifest and an environment unless they are among them. */
export function collectionOf(files: Readonly<Record<string, string>>, origin = 'http://127.0.0.1:9'): string {
  const folder = temporaryFolder();
  const usual = {
    'echo-trail.yaml': 'name: test\nenvironment: sandbox\n',
    'environments/sandbox.yaml': `changes: allow\nvariables: {origin: "${origin}"}\nhosts: [127.0.0.1]\n`,
  };
  for (const [path, text] of Object.entries({ ...usual, ...files })) writeIn(folder, path, text);
  return folder;
}

export function writeIn(folder: string, path: string, text: string): void {
  mkdirSync(dirname(join(folder, path)), { recursive: true });
  writeFileSync(join(folder, path), text);
}

/** A copy of the demo collection whose sandbox is at the origin. */
export function demoCollection(origin: string): string {
  const folder = temporaryFolder();
  cpSync(join(projectFolder, 'demo/harbour-agent'), folder, { recursive: true });
  const environment = join(folder, 'environments/sandbox.yaml');
  writeFileSync(environment, readFileSync(environment, 'utf8').replace('http://127.0.0.1:4810', origin));
  return folder;
}

/** Every file below a folder with its bytes as Latin-1 text, for searches. */
export function everyFile(folder: string): { readonly path: string; readonly text: string }[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .map((path) => join(folder, path))
    .filter((path) => statSync(path).isFile())
    .map((path) => ({ path, text: readFileSync(path, 'latin1') }));
}
