/** What stands around every command at a shell: completion, the page of the manual, help, short options, logs, versions. */
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, test } from 'node:test';
import { demoCollection, temporaryFolder } from '../../support/folder.js';
import { document, documentLines, echoTrail, program, projectFolder, userFolder } from '../../support/program.js';
import { harbourForThisFile } from '../../support/standin.js';

const harbour = await harbourForThisFile();
const folder = demoCollection(harbour.origin);
const there = (name: string): boolean => spawnSync('sh', ['-c', `command -v ${name}`]).status === 0;

/** The program by its name, as a shell finds it. */
const bin = temporaryFolder();
writeFileSync(join(bin, 'echo-trail'), `#!/bin/sh\nexec '${process.execPath}' '${program}' "$@"\n`);
chmodSync(join(bin, 'echo-trail'), 0o755);
const env = {
  PATH: `${bin}:${process.env.PATH}`,
  HOME: userFolder,
  ECHO_TRAIL_HOME: userFolder,
  XDG_CACHE_HOME: join(projectFolder, 'dist/test/cache'),
  TERM: 'xterm',
};

async function choices(...words: string[]): Promise<string[]> {
  const ended = await echoTrail(['completion', 'choices', '--', ...words], { cwd: folder });
  assert.equal(ended.status, 0, ended.err);
  return ended.out.split('\n').flatMap((line) => (line === '' ? [] : (line.split('\t')[0] as string)));
}

describe('completion', () => {
  test('commands, options, and what the collection has', async () => {
    assert.deepEqual(await choices('se'), ['secret', 'session', 'send']);
    assert.deepEqual(await choices('docs', 'sh'), ['show']);
    assert.deepEqual(await choices('send', 'calls/b'), ['calls/book']);
    assert.deepEqual(await choices('send', 'book'), ['calls/book']);
    assert.deepEqual(await choices('run', 'berth'), ['berth-stay', 'berths/free']);
    assert.deepEqual(await choices('--env', 'l'), ['live']);
    assert.deepEqual(await choices('send', 'calls/book', '--session', 'a'), ['agent']);
    assert.deepEqual(await choices('send', 'calls/book', '--vi'), ['--view']);
    assert.deepEqual(await choices('send', 'calls/book', '--view', 'ra'), ['raw']);
    assert.deepEqual(await choices('env', 'use', 's'), ['sandbox']);
    assert.deepEqual(await choices('export', 'code', 'x', '--language', 'p'), ['python', 'php', 'powershell']);
    assert.deepEqual(await choices('docs', 'show', 'harbour/book'), ['harbour/bookCall']);
    assert.deepEqual(await choices('send', 'x', '--to', ''), ['@files']);
    assert.deepEqual(await choices('import', 'har', ''), ['@files']);
  });

  test('inputs behind --set, and their choices', async () => {
    assert.deepEqual(await choices('send', 'calls/book', '--set', 'n'), ['nights=']);
    assert.deepEqual(await choices('send', 'calls/book', '-s', 'cargo=t'), ['cargo=timber']);
    assert.ok((await choices('run', 'berth-stay', '--set', '')).includes('imo='));
  });

  test('echoes and runs by their names', async () => {
    const sent = document<{ echo: string }>(await echoTrail(['send', 'lights/staged', '--json'], { cwd: folder }));
    assert.ok((await choices('echo', 'show', '')).includes(sent.echo));
    assert.ok((await choices('report', '')).includes('last'));
  });

  test('nothing is offered, and nothing said, where there is no collection', async () => {
    const ended = await echoTrail(['completion', 'choices', '--', 'send', ''], { cwd: temporaryFolder() });
    assert.deepEqual([ended.status, ended.err], [0, '']);
    assert.doesNotMatch(ended.out, /calls/);
  });

  test('bash asks and takes what fits', { skip: !there('bash') }, () => {
    const ask = (line: string, words: string): string[] => {
      const script = `source <(echo-trail completion bash 2>/dev/null)
COMP_LINE='${line}'; COMP_POINT=\${#COMP_LINE}; COMP_WORDS=(${words}); COMP_CWORD=$((\${#COMP_WORDS[@]} - 1))
compopt() { :; }
_echo_trail_words
printf '%s\\n' "\${COMPREPLY[@]}"
complete -p echo-trail`;
      const { stdout, stderr } = spawnSync('bash', ['-c', script], { cwd: folder, env, encoding: 'utf8' });
      assert.match(stdout, /complete -F _echo_trail_words echo-trail/, stderr);
      return stdout.trim().split('\n').slice(0, -1);
    };
    assert.deepEqual(ask('echo-trail send calls/bo', 'echo-trail send calls/bo'), ['calls/book']);
    // bash breaks words at the equals sign.
    assert.deepEqual(ask('echo-trail send calls/book --set cargo=t', 'echo-trail send calls/book --set cargo = t'), [
      'timber',
    ]);
    assert.deepEqual(ask('echo-trail send calls/book --set cargo=', 'echo-trail send calls/book --set cargo ='), [
      'grain',
      'timber',
      'mixed',
    ]);
  });

  test('fish asks and takes what fits', { skip: !there('fish') }, () => {
    const script =
      'echo-trail completion fish 2>/dev/null | source; complete -C "echo-trail send calls/bo"; complete -C "echo-trail docs sh"';
    const { stdout, stderr } = spawnSync('fish', ['-c', script], { cwd: folder, env, encoding: 'utf8' });
    assert.match(stdout, /^calls\/book\nshow\tshow one operation/, stderr);
  });

  test('zsh asks and takes what fits', { skip: !there('zsh') }, () => {
    const script = `zmodload zsh/zpty
zpty z 'zsh -f -i'
zpty -w z 'autoload -U compinit; compinit -u -D; source <(echo-trail completion zsh 2>/dev/null); print -r -- loa""ded'
wait_for() { local all=''; local one; for i in {1..300}; do while zpty -r -t z one; do all+=$one; done; [[ $all == *$1* ]] && { print -r -- $all; return }; sleep 0.1; done; print -r -- "not seen: $1 in $all" }
wait_for loaded
zpty -w -n z $'echo-trail send calls/bo\\t'
wait_for calls/book
zpty -d z`;
    const { stdout } = spawnSync('zsh', ['-c', script], { cwd: folder, env, encoding: 'utf8' });
    assert.doesNotMatch(stdout, /not seen/);
  });
});

describe('help', () => {
  const outline = JSON.parse(readFileSync(join(projectFolder, 'dist/outline.json'), 'utf8')) as {
    name: string;
    examples: unknown[];
  }[];

  test('everything fits 80 columns', async () => {
    for (const { name } of outline) {
      const { out } = await echoTrail([...name.split(' ').filter(Boolean), '--help'], { env: { COLUMNS: '80' } });
      // A command of an example stands on a line of its own, however long.
      const long = out.split('\n').filter((line) => line.length > 80 && !line.startsWith('  echo-trail '));
      assert.deepEqual(long, [], name);
    }
  });

  test('exit statuses stand at the end of that of the program, and the options of all in a line of each', async () => {
    assert.match((await echoTrail(['--help'])).out, /Exit status: 0 success[\s\S]*130 interrupted/);
    const { out } = await echoTrail(['send', '--help']);
    for (const group of ['Request:', 'Body, with METHOD URL:', 'Response:', 'Connection:', 'Safety:'])
      assert.ok(out.includes(`\n${group}\n`), group);
    assert.match(out, /\nEverywhere: -e\/--env, -s\/--set/);
    assert.doesNotMatch(out, /Global Options/);
  });

  test('the page of the manual has every command, and is what the package names', () => {
    const { man, files } = JSON.parse(readFileSync(join(projectFolder, 'package.json'), 'utf8')) as {
      man: string;
      files: string[];
    };
    assert.ok(files.includes('man'));
    const page = readFileSync(join(projectFolder, man), 'utf8');
    for (const { name, examples } of outline)
      if (examples.length > 0) assert.ok(page.includes(`.SS ${name.replaceAll('-', '\\-')}\n`), name);
    // Every instruction is one of the format.
    for (const line of page.split('\n')) if (/^[.']/.test(line)) assert.match(line, /^\.(?:TH|SH|SS|TP|PP)\b/, line);
  });
});

describe('options', () => {
  test('short forms of what is typed most', async () => {
    const ended = await echoTrail(['-q', '-e', 'sandbox', 'send', 'vessels/show', '-s', 'imo=9000017', '-v', 'raw'], {
      cwd: folder,
      env: { ECHO_TRAIL_SECRET_DESK_PASSWORD: 'tidewater-42' },
    });
    assert.deepEqual([ended.status, ended.err], [0, 'met     4 expectations\n']);
    assert.match(ended.out, /"imo":"9000017"/);
    const to = await echoTrail(['send', 'lights/staged', '-t', '-'], { cwd: folder });
    assert.equal(to.status, 0, to.err);
    assert.ok(JSON.parse(to.out));
  });

  test('env use is a choice of this machine, and of everybody only where that is said', async () => {
    const cwd = demoCollection(harbour.origin);
    const manifest = readFileSync(join(cwd, 'echo-trail.yaml'), 'utf8');
    const chosen = async () =>
      document<{ environments: { name: string; chosen: boolean }[] }>(
        await echoTrail(['env', 'list', '--json'], { cwd }),
      ).environments.find((one) => one.chosen)?.name;
    assert.equal((await echoTrail(['env', 'use', 'live'], { cwd })).status, 0);
    assert.equal(await chosen(), 'live');
    assert.equal(readFileSync(join(cwd, 'echo-trail.yaml'), 'utf8'), manifest);
    assert.equal((await echoTrail(['env', 'use', '--reset'], { cwd })).status, 0);
    assert.equal(await chosen(), 'sandbox');
    assert.equal((await echoTrail(['env', 'use', 'live', '--shared'], { cwd })).status, 0);
    assert.match(readFileSync(join(cwd, 'echo-trail.yaml'), 'utf8'), /^environment: live\b/m);
    for (const args of [[], ['live', '--reset'], ['nowhere']]) {
      const wrong = await echoTrail(['env', 'use', ...args], { cwd });
      assert.notEqual(wrong.status, 0, args.join(' '));
    }
  });

  test('--log adds what a command does, and nothing that is secret', async () => {
    const log = join(temporaryFolder(), 'log.jsonl');
    const args = ['run', 'berth-stay', '--log', log];
    const run = await echoTrail(args, { cwd: folder, env: { ECHO_TRAIL_SECRET_DESK_PASSWORD: 'tidewater-42' } });
    assert.equal(run.status, 0, run.out + run.err);
    assert.equal((await echoTrail(['send', 'nothing', '--log', log], { cwd: folder })).status, 2);
    const text = readFileSync(log, 'utf8');
    assert.doesNotMatch(text, /tidewater-42/);
    const lines = text
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as Record<string, unknown>);
    assert.equal(lines[0]?.event, 'command');
    assert.equal(lines[0]?.command, 'run');
    const events = lines.map(({ event }) => event);
    assert.ok(events.filter((event) => event === 'exchange').length >= 8);
    assert.deepEqual(events.slice(-4), ['command', 'environment', 'problem', 'end']);
    assert.deepEqual(
      lines.filter(({ event }) => event === 'end').map(({ status }) => status),
      [0, 2],
    );
    assert.ok(lines.every(({ time }) => !Number.isNaN(Date.parse(String(time)))));
    mkdirSync(join(folder, 'data/a-folder'));
    const wrong = await echoTrail(['list', '--log', join(folder, 'data/a-folder')], { cwd: folder });
    assert.equal(wrong.status, 2);
    assert.match(wrong.err, /--log names a file/);
  });

  test('list REQUEST shows its inputs', async () => {
    const { inputs } = document<{ inputs: { name: string; default: unknown; choices: unknown[] }[] }>(
      await echoTrail(['list', 'calls/book', '--json'], { cwd: folder }),
    );
    assert.deepEqual(inputs.find(({ name }) => name === 'cargo')?.choices, ['grain', 'timber', 'mixed']);
    const shown = await echoTrail(['list', 'calls/book'], { cwd: folder, env: { COLUMNS: '60' } });
    assert.match(shown.out, /berth +"N1" +from berths\/free/);
    assert.ok(shown.out.split('\n').every((line) => line.length <= 60 || line.includes('POST')));
  });

  test('every document has a version, also that of a wrong command line', async () => {
    for (const args of [['list'], ['env', 'list'], ['docs', 'list'], ['check'], ['secret', 'list']])
      assert.equal(documentLines(await echoTrail([...args, '--json'], { cwd: folder }))[0]?.version, 1, args.join(' '));
    for (const args of [['sned'], ['send', 'x', '--frob'], ['send', 'nothing']]) {
      const { err, status } = await echoTrail([...args, '--json'], { cwd: folder });
      assert.equal(status, 2);
      const { version, error } = JSON.parse(err) as { version: number; error: { code: string } };
      assert.equal(version, 1);
      assert.ok(error.code);
    }
  });
});
