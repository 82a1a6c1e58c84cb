/** Recorded exchanges: both sides of each, two compared, one sent again. */
import { echoesOutline } from '../../core/browsing/echoes.js';
import { newestEchoes } from '../../core/echo/read.js';
import { Problem } from '../../core/problem/problem.js';
import type { Context } from '../context.js';
import { echoText } from '../view/echo.js';
import { exchangeActs, newestEcho } from './exchange-acts.js';
import { type Act, followed, type Subject } from './subject.js';

/** The newest of all that are recorded. */
const mostListed = 500;

/** @throws Problem echo-not-found: nothing is recorded */
export async function echoesSubject(context: Context): Promise<Subject> {
  const { local, manifest } = await context.collection();
  let echoes = await newestEchoes(local, mostListed);
  if (echoes.length === 0)
    throw new Problem('echo-not-found', {
      what: 'nothing is recorded yet',
      remedy: 'echo-trail send records what it sends',
    });
  let first: string | undefined;
  const acts: readonly Act[] = [
    {
      key: 'r',
      about: 'resend it',
      start: ({ name }, echo) => ({ command: ['echo', 'resend', echo ?? name] }),
    },
    {
      key: 'c',
      about: 'compare it: c on one, then c on the other',
      start({ name }, echo) {
        const own = echo ?? name;
        if (first === undefined || first === own) {
          first = own;
          return { say: `${own} is one side: choose the other, and c compares them` };
        }
        const sides = [first, own];
        first = undefined;
        return { command: ['compare', ...sides] };
      },
    },
    ...exchangeActs(context),
  ];
  return {
    get title() {
      return `${manifest.content.name}  ${echoes.length} exchanges, the newest first`;
    },
    outline: echoesOutline(() => echoes),
    opened: new Set(),
    acts,
    print({ target }, terminal) {
      const echo = echoes.find(({ id }) => id === target.name);
      if (echo) terminal.print(echoText(echo, terminal));
    },
    follow: followed,
    async refresh() {
      echoes = await newestEchoes(local, mostListed);
    },
    lastEcho: () => newestEcho(local),
  };
}
