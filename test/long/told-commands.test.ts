/** Every command line of the README, the manual and the help does what is told of it, in order, in a fresh copy of the demo. */
import assert from 'node:assert/strict';
import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, cpSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { temporaryFolder, writeIn } from '../support/folder.js';
import { program, projectFolder } from '../support/program.js';

// Its responses come while a shell of this process is waited for: it has to be a process of its own.
const standin = await startedApart();

interface Standin {
  readonly origin: string;
  /** A copy of the demo collection that finds it. */
  readonly demo: string;
}

async function startedApart(): Promise<Standin> {
  const demo = join(temporaryFolder(), 'harbour-agent');
  const child = spawn(process.execPath, [program, 'demo', 'serve', '--port', '0', '--copy', demo, '--json'], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, ECHO_TRAIL_HOME: temporaryFolder() },
  });
  after(() => child.kill());
  let text = '';
  for await (const piece of child.stdout) {
    text += String(piece);
    if (text.includes('\n')) break;
  }
  return { ...(JSON.parse(text) as { origin: string }), demo };
}

const bin = temporaryFolder();
writeFileSync(join(bin, 'echo-trail'), `#!/bin/sh\nexec "${process.execPath}" "${program}" "$@"\n`);
chmodSync(join(bin, 'echo-trail'), 0o755);

/** Of those that are not to end well, how they end; the others end with 0. */
const statuses: readonly (readonly [line: RegExp, status: number])[] = [
  [/^echo-trail compare vessels\/show/, 1],
  [/new-nights=40/, 1],
  [/run lights-audit --env fleet --matrix/, 3],
  [/run --resume last/, 1],
  [/--against '/, 1],
  [/X-Explain: yes/, 1],
];

/** Those that need somebody, or that end only when they are told to. */
const apart =
  /^echo-trail (?:demo\b|rehearse (?!record)|(?:docs|echo) browse(?!.* --keys)|session open boarding --no-browser)/;

const typed: Readonly<Record<string, string>> = { deskPassword: 'tidewater-42', filingKey: 'kipper-crate-7720' };

interface Shell {
  readonly cwd: string;
  readonly home: string;
  readonly secrets: boolean;
}

function inShell({ cwd, home, secrets }: Shell, line: string): void {
  const [, secret = ''] = /secret set (\w+)/.exec(line) ?? [];
  const { status, stdout, stderr } = spawnSync('sh', ['-c', line.replaceAll('http://127.0.0.1:4810', standin.origin)], {
    cwd,
    encoding: 'utf8',
    input: typed[secret] ?? '',
    env: {
      PATH: `${bin}:${process.env.PATH ?? ''}`,
      HOME: home,
      ECHO_TRAIL_HOME: home,
      XDG_CACHE_HOME: join(projectFolder, 'dist/test/cache'),
      COLUMNS: '140',
      ...(secrets && {
        ECHO_TRAIL_SECRET_DESK_PASSWORD: 'tidewater-42',
        ECHO_TRAIL_SECRET_FILING_KEY: 'kipper-crate-7720',
      }),
    },
  });
  const wanted = statuses.find(([pattern]) => pattern.test(line))?.[1] ?? 0;
  assert.equal(status, wanted, `${line}\n${stdout}${stderr}`);
}

/** @param lines those that are to be run in it */
function copy(lines: readonly string[]): string {
  const folder = temporaryFolder();
  cpSync(standin.demo, folder, { recursive: true });
  // A collection with a known secret in one of its files is not packed.
  if (lines.some((line) => line.includes('password.txt'))) writeIn(folder, 'password.txt', 'tidewater-42');
  // What somebody has from elsewhere.
  writeIn(folder, 'guide.sh', `curl ${standin.origin}/chart\n`);
  const { host } = new URL(standin.origin);
  writeIn(
    folder,
    'book.http',
    `GET /v1/berths?free=true HTTP/1.1\r\nHost: ${host}\r\nAccept: application/json\r\n\r\n`,
  );
  return folder;
}

const blocksIn = (page: string): string[] =>
  [...readFileSync(join(projectFolder, page), 'utf8').matchAll(/```\w*\n([\s\S]*?)```/g)].map(
    ([, block = '']) => block,
  );

const linesIn = (block: string): string[] =>
  block.split('\n').flatMap((line) => {
    const [, command] = /^\s*(echo-trail .*?)(?:\s{2,}#.*)?$/.exec(line) ?? [];
    return command === undefined || apart.test(command) ? [] : [command.trim()];
  });

/** What the examples of a command, or of a page, are about. */
const before: Readonly<Record<string, readonly string[]>> = {
  follow: ['send GET /chart'],
  'echo resend': ['send vessels/show'],
  'echo show': ['send vessels/show'],
  compare: ['send vessels/show'],
  'session show': ['session open agent'],
  'session close': ['session open agent'],
  report: ['run vessels/show', 'run register-check --part 1/1'],
  'secret allow': ['secret set deskPassword'],
  'secret share': ['secret recipients add ines age1g8cet6n3cwvl4lvl7qtx4x7nej3qpxrdks6zhes542h25zxh3vqs5l0fax'],
  'secret recipients remove': [
    'secret recipients add ines age1g8cet6n3cwvl4lvl7qtx4x7nej3qpxrdks6zhes542h25zxh3vqs5l0fax',
  ],
  'secret key show': ['secret key make'],
  'secret remove': ['secret set deskPassword'],
  'export message': ['send vessels/show'],
  'export har': ['send vessels/show'],
  'import har': ['send vessels/show', 'export har --to voyage.har'],
  'import arazzo': ['export arazzo berth-stay --to berth-stay.arazzo.yaml'],
  'import collection': ['export collection harbour-agent.tar.gz'],
  'docs/handing-on.md': ['send vessels/show', 'export har --to voyage.har'],
};

const pages = [
  'README.md',
  ...readdirSync(join(projectFolder, 'docs')).flatMap((name) => (name.endsWith('.md') ? [`docs/${name}`] : [])),
];
for (const page of pages) {
  const lines = blocksIn(page).flatMap(linesIn);
  if (lines.length === 0) continue;
  test(`${page}: ${lines.length} command lines`, () => {
    // The README sets its secrets itself; a page of the manual is for somebody who has.
    const shell = { cwd: copy(lines), home: temporaryFolder(), secrets: page !== 'README.md' };
    for (const line of before[page] ?? []) inShell(shell, `echo-trail ${line}`);
    for (const line of lines) inShell(shell, line);
  });
}

const reference = readFileSync(join(projectFolder, 'docs/reference/commands.md'), 'utf8');
for (const [, name = '', help = ''] of reference.matchAll(/^### echo-trail (.+)\n\n```\n([\s\S]*?)```/gm)) {
  const lines = linesIn(help.slice(help.indexOf('Examples:'))).map((line) => line.replace(/\s{3,}.*$/, ''));
  if (lines.length === 0) continue;
  test(`help of ${name}: ${lines.length} examples`, () => {
    const shell = { cwd: name === 'init' ? temporaryFolder() : copy(lines), home: temporaryFolder(), secrets: true };
    for (const line of before[name] ?? []) inShell(shell, `echo-trail ${line}`);
    for (const line of lines) inShell(shell, line);
  });
}
