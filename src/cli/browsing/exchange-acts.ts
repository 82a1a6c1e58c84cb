/** What can be done wherever one is; with an exchange: follow its links, keep a value of it. */
import { stripVTControlCharacters } from 'node:util';
import { findEcho, newestEchoes } from '../../core/echo/read.js';
import type { Context } from '../context.js';
import type { Act } from './subject.js';

export const newestEcho = async (local: string): Promise<string | undefined> => (await newestEchoes(local, 1))[0]?.id;

export const exchangeActs = (context: Context): readonly Act[] => [
  {
    key: 'f',
    about: 'follow a link of the response',
    start: (_here, echo) => (echo === undefined ? none : { command: ['follow', '--of', echo] }),
  },
  {
    key: 'k',
    about: 'keep a value of the response for later requests',
    async start(_here, id) {
      if (id === undefined) return none;
      const collection = await context.collection();
      const echo = await findEcho(collection.local, id);
      const { askKeep, keepable } = await import('./keep.js');
      const choices = keepable(echo);
      if (choices.length === 0) return { say: `the response of ${id} has no value to keep` };
      return { ask: () => askKeep(context, collection, echo, choices) };
    },
  },
  {
    key: 'x',
    about: 'execute any command of echo-trail',
    start: (_here, _echo, output) => ({
      ask: async () => (await import('./any-command.js')).askCommand(remedyIn(output)),
    }),
  },
];

/** The first command that an error names, or that comes next: what is likely to be wanted. */
const remedyIn = (output: string): string =>
  /^(?:try|next:|it needs a secret:)\s+echo-trail ([a-z]+(?: (?!or\b|and\b)[\w./:=-]+)*)/m.exec(
    stripVTControlCharacters(output),
  )?.[1] ?? '';

const none = { say: 'no response is shown: s sends the request of an operation' };
