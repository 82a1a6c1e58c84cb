/** `session`: open, show, close and list authentication sessions. */
import { noNames } from '../../../core/expression/names.js';
import { Problem } from '../../../core/problem/problem.js';
import type { SessionFacts } from '../../../core/session/sessions.js';
import { durationText } from '../../../core/value/measures.js';
import { personAt } from '../../ask/person.js';
import { type CommandModule, examples } from '../../command.js';
import type { Documents } from '../../documents/documents.js';
import { emit } from '../../documents/emit.js';
import type { Terminal } from '../../terminal/terminal.js';
import { table } from '../../view/table.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    const one = (name: string, about: string) =>
      command.command(name).description(about).argument('<session>', 'a session of the collection');
    const open = one('open', 'open a session now, or reopen it')
      .option('--no-browser', 'only print the address to open')
      .action(
        run(async (context, [name = ''], options) => {
          const person = personAt(context.terminal, options.browser !== false && context.terminal.interactive);
          const { sessions } = await context.workspace({ allowChanges: true, person });
          return print(context.terminal, await sessions.open(name));
        }),
      );
    examples(open, [
      ['session open agent', 'logs in; sends that use it need not'],
      ['session open boarding --no-browser', 'prints the address to agree at; the browser may be on another machine'],
    ]);
    const show = one('show', 'show whether a session is open, and until when')
      .option('--reveal', 'print its token and nothing else')
      .action(
        run(async (context, [name = ''], { reveal }) => {
          const { sessions, collection } = await context.workspace();
          const full = collection.resolve('session', name);
          const facts = (await sessions.list()).find((each) => each.name === full);
          if (!facts) throw new Problem('session-missing', { what: `there is no session ${name}` });
          if (reveal === true) {
            const token = (await sessions.openOf(full, false, noNames))?.token ?? '';
            if (token === '')
              throw new Problem('session-missing', {
                what: `the session ${full} has no token to show`,
                remedy: facts.opens ? `echo-trail session open ${full}` : 'its kind has none',
              });
            context.terminal.hideBy(undefined);
            context.terminal.print(token);
            return 0;
          }
          print(context.terminal, facts);
          if (!context.terminal.json && facts.claims)
            context.terminal.print(claimsText(facts.claims, context.terminal));
          return 0;
        }),
      );
    examples(show, [
      ['session show agent', 'open since when, and for how long'],
      ['session show agent --reveal', 'its token, for another program, on purpose'],
    ]);
    const close = one('close', 'close a session').action(
      run(async (context, [name = '']) => {
        const { sessions } = await context.workspace({ allowChanges: true });
        const was = await sessions.close(name);
        context.terminal.note(was ? `closed ${name}` : `${name} was not open`);
        return 0;
      }),
    );
    examples(close, [['session close agent', 'logs out']]);
    const list = command
      .command('list')
      .description('list the sessions of the collection')
      .action(
        run(async (context) => {
          const { terminal } = context;
          const all = await (await context.workspace()).sessions.list();
          if (terminal.json) return emit(terminal, 'session list', { sessions: all.map(documentOf) });
          if (all.length === 0) terminal.note('no sessions yet: write sessions/NAME.yaml');
          else
            terminal.print(
              table(
                all.map((facts) => row(facts, terminal)),
                terminal,
              ),
            );
          return 0;
        }),
      );
    examples(list, [['session list', 'each with its kind, and whether it is open']]);
  },
};

function documentOf({ name, kind, open, opened, expires, renewable, claims }: SessionFacts): Documents['session show'] {
  return {
    name,
    kind,
    open,
    opened: opened ?? null,
    expires: expires === undefined ? null : new Date(expires).toISOString(),
    renewable,
    claims: claims ?? null,
  };
}

/** Times of RFC 7519, section 4.1, in seconds since 1970. */
const times = new Set(['exp', 'iat', 'nbf', 'auth_time']);

function claimsText(claims: Readonly<Record<string, unknown>>, terminal: Terminal): string {
  const rows = Object.entries(claims).map(([name, value]) => [
    name,
    times.has(name) && typeof value === 'number'
      ? `${new Date(value * 1000).toISOString().replace('.000Z', 'Z')}`
      : typeof value === 'string'
        ? value
        : JSON.stringify(value),
  ]);
  return `\nits token says\n${table(rows, terminal)}`;
}

function row({ name, kind, about, opens, open, expires, renewable }: SessionFacts, { out }: Terminal): string[] {
  const left = expires === undefined ? undefined : expires - Date.now();
  const state = !opens
    ? 'always ready'
    : !open
      ? 'not open'
      : left === undefined
        ? 'open'
        : left > 0
          ? `open, ends in ${durationText(left)}${renewable ? ', renewed automatically' : ''}`
          : renewable
            ? 'ended, renewed when it is needed'
            : 'ended';
  return [
    out.bold(name),
    kind,
    !open ? out.dim(state) : left !== undefined && left <= 0 ? out.yellow(state) : out.green(state),
    about ?? '',
  ];
}

function print(terminal: Terminal, facts: SessionFacts): number {
  if (terminal.json) return emit(terminal, 'session show', documentOf(facts));
  terminal.print(table([row(facts, terminal)], terminal));
  return 0;
}
