/** `demo`: the whole path, with the real commands, on a copy of the demo collection. */
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { mkdtemp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { delimiter, join } from 'node:path';
import { Problem } from '../../../core/problem/problem.js';
import { type Standin, startStandin } from '../../../standin/server.js';
import type { CommandModule } from '../../command.js';
import type { Context } from '../../context.js';
import { packageFolder } from '../../package-folder.js';
import { copyCollection } from './copy.js';
import { fleetOffset, usualPort } from './serve.js';

/** What is shown, in the order in which an engineer works. */
const chapters: readonly {
  readonly title: string;
  readonly commands: readonly { readonly args: readonly string[]; readonly input?: string; readonly fails?: boolean }[];
}[] = [
  {
    title: 'Read: what does the vendor offer?',
    commands: [
      { args: ['docs', 'add', '{origin}/openapi.yaml', '--name', 'harbour', '--replace'] },
      { args: ['docs', 'find', 'book', 'berth'] },
      { args: ['docs', 'show', 'harbour/bookCall'] },
    ],
  },
  {
    title: 'Draft: a request file from the documentation',
    commands: [{ args: ['draft', 'harbour/showBerth', '--as', 'berths/show'] }],
  },
  {
    title: 'Connect: an environment, a secret, a session',
    commands: [
      { args: ['env', 'show'] },
      { args: ['secret', 'set', 'deskPassword'], input: '{password}' },
      { args: ['session', 'open', 'agent'] },
      { args: ['docs', 'ask'] },
    ],
  },
  {
    title: 'Try: look at what would go out, send it, read what came back',
    commands: [
      { args: ['preview', 'calls/book', '--set', 'nights=2'] },
      { args: ['send', 'berths/show', '--set', 'code=N1'] },
      { args: ['send', 'calls/book', '--set', 'nights=2'] },
      { args: ['send', 'calls/cancel'] },
    ],
  },
  {
    title: 'Browse: the same on the whole screen, here by keys from a file',
    commands: [{ args: ['docs', 'browse', '--keys', 'data/browsing.txt'] }],
  },
  {
    title: 'Look: the response as it suits, and where it leads',
    commands: [
      { args: ['send', 'berths/free', '--view', 'table', '--columns', 'code,quay,lengthM', '--limit', '4'] },
      { args: ['send', 'GET', '/notices', '--header', 'Accept: application/xml', '--pick', '//notice/light'] },
      { args: ['send', 'GET', '/chart'] },
      { args: ['follow', '2'] },
      { args: ['send', 'uploads/cargo-plan'] },
      { args: ['compare', 'vessels/show', 'data/expected-vessel.json'], fails: true },
    ],
  },
  {
    title: 'Explore: the same vendor in GraphQL, SOAP, an older version, and a page for people',
    commands: [
      { args: ['docs', 'add', '{origin}/graphql/schema', '--name', 'pilots'] },
      { args: ['docs', 'add', '{origin}/customs.wsdl', '--name', 'customs'] },
      { args: ['docs', 'add', '{origin}/v0/openapi.json', '--name', 'older'] },
      { args: ['docs', 'add', '{origin}/tides/reference.html', '--name', 'tides'] },
      { args: ['docs', 'tree'] },
      { args: ['docs', 'show', 'tides/get-tides-station-levels'] },
      { args: ['draft', 'pilots/pilot', '--fields', 'name,licence,onDuty'] },
      { args: ['send', 'queries/pilot', '--set', 'id=P1'] },
      { args: ['draft', 'customs/Soap11.ReadDeclaration'] },
      { args: ['preview', 'customs/soap11-read-declaration', '--set', 'number=CD-0001'] },
    ],
  },
  {
    title: "Sign: a seal that the vendor's guide describes in prose, made visible, compared, and taken",
    commands: [
      { args: ['secret', 'set', 'filingKey'], input: '{filingKey}' },
      { args: ['preview', 'manifests/file', '--signature'] },
      {
        args: [
          'preview',
          'manifests/file',
          '--time',
          '2026-03-02T09:30:00Z',
          '--against',
          '/filing/manifests\\nPOST\\nx-office-desk:7\\nx-office-time:20260302T093000Z\\n0e9238a93ecf19d3d56df512d4300b4979232b47d6f321f7cbd1a50f5963d132',
        ],
        fails: true,
      },
      { args: ['send', 'manifests/file'] },
    ],
  },
  { title: 'Check: the whole collection, without sending anything', commands: [{ args: ['check'] }] },
  {
    title: 'Run: from login to clean-up, every step asserted',
    commands: [{ args: ['session', 'close', 'agent'] }, { args: ['run', 'berth-stay'] }],
  },
  {
    title: 'Undo: the same trail, made to fail half-way',
    commands: [{ args: ['run', 'berth-stay', '--set', 'new-nights=40'], fails: true }],
  },
  {
    title: 'Harvest: a hundred notices from a board that refuses when it is crowded',
    commands: [{ args: ['run', 'notices-harvest'] }],
  },
  {
    title: 'Audit: a fleet of light controllers against the settings that they should have',
    commands: [{ args: ['run', 'lights-audit', '--env', 'fleet', '--matrix'], fails: true }],
  },
  {
    title: 'Rehearse: the same trail against the documented vendor on this machine, first well, then with trouble',
    commands: [
      { args: ['run', 'berth-stay', '--rehearse'] },
      { args: ['run', 'berth-stay', '--rehearse', '--trouble', 'throttle=20%,slow=20ms', '--seed', '4'] },
    ],
  },
  {
    title: 'Look back: what was recorded',
    commands: [{ args: ['send', 'calls/list', '--pick', '$.total'] }, { args: ['echo', 'list', '--limit', '8'] }],
  },
];

export const walk: CommandModule = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal } = context;
        const standin = await startNearUsual();
        try {
          const folder = join(await mkdtemp(join(tmpdir(), 'echo-trail-')), 'harbour-agent');
          await copyCollection(standin, folder);
          const { out } = terminal;
          terminal.print(`${out.bold('Larkhaven Harbour')}, a made-up vendor, listens on ${out.cyan(standin.origin)}`);
          terminal.print(`The demo collection is in ${out.cyan(folder)}`);
          for (const { title, commands } of chapters) {
            terminal.print(`\n${out.bold(out.yellow(`── ${title}`))}`);
            for (const one of commands) await show(one, folder, standin, context);
          }
          terminal.print(`\n${out.bold(out.yellow('── Your turn'))}`);
          terminal.print(
            [
              ...(onPath() ? [] : [`  npm install --global ${packageFolder()}      puts echo-trail on the PATH`]),
              `  echo-trail demo serve --copy ${folder}      in one terminal`,
              `  cd ${folder}      in another, then:`,
              '  echo-trail list',
              '  echo-trail run register-check',
              '  echo-trail run lights-change',
              '  echo-trail send vessels/list --set name=amber',
              '  echo-trail send vessels/show --set imo=900001      a digit is missing: see how that is reported',
            ].join('\n'),
          );
          return 0;
        } finally {
          await standin.close();
        }
      }),
    );
  },
};

/** Whether a shell finds the program by its name. */
const onPath = (): boolean =>
  (process.env.PATH ?? '')
    .split(delimiter)
    .some((folder) => ['echo-trail', 'echo-trail.cmd'].some((name) => existsSync(join(folder, name))));

/** On the usual port, so that what is tried afterwards needs no option; else on a free one. */
async function startNearUsual(): Promise<Standin> {
  try {
    return await startStandin({ port: usualPort, fleet: usualPort + fleetOffset });
  } catch {
    return startStandin({ port: 0, fleet: 0 });
  }
}

type Shown = (typeof chapters)[number]['commands'][number];

/** Prints a command as one would type it, then runs it. */
async function show(
  { args, input, fails = false }: Shown,
  folder: string,
  standin: Standin,
  { terminal, signal }: Context,
): Promise<void> {
  const fill = (text: string): string =>
    text
      .replace('{origin}', standin.origin)
      .replace('{password}', standin.credentials.password)
      .replace('{filingKey}', standin.filingKey);
  const words = args.map(fill);
  const typed = words.map((word) => (/^[\w./:=-]+$/.test(word) ? word : `'${word}'`)).join(' ');
  terminal.print(
    `\n${terminal.out.dim('$')} ${terminal.out.bold(`echo-trail ${typed}`)}${input === undefined ? '' : terminal.out.dim('   # it is typed at a hidden prompt')}`,
  );
  const status = await new Promise<number>((resolve, reject) => {
    const child = spawn(process.execPath, [process.argv[1] as string, ...words], {
      cwd: folder,
      stdio: [input === undefined ? 'ignore' : 'pipe', 'inherit', 'inherit'],
      env: {
        ...process.env,
        COLUMNS: String(terminal.width),
        ...(terminal.out.enabled && { FORCE_COLOR: '1' }),
      },
      signal,
    });
    child.stdin?.end(input === undefined ? '' : fill(input));
    child.on('error', reject);
    child.on('close', (code) => resolve(code ?? 1));
  });
  if (signal.aborted) throw new Problem('interrupted', { what: 'interrupted' });
  if (fails !== (status !== 0)) throw new Problem('fault', { what: `echo-trail ${typed} ended with status ${status}` });
}
