/** A secret put into the store, with what is doubtful about it, and where it may go. */
import type { Collection } from '../../../core/collection/collection.js';
import { waysText } from '../../../core/exchange/hosts/ways-out.js';
import { secretVariable } from '../../../core/expression/compile.js';
import { pastedWrongly } from '../../../core/session/credentials.js';
import { secretStore } from '../../../core/session/secrets.js';
import { ownMember } from '../../../core/value/own-member.js';
import { type Context, settingsOf } from '../../context.js';
import { printableLine } from '../../view/printable.js';
import { boundWays } from './bound-ways.js';

interface GivenSecret {
  readonly name: string;
  readonly value: string;
  /** undefined for all */
  readonly environment: string | undefined;
}

export async function storeSecret(
  { terminal, options, home }: Context,
  collection: Collection,
  { name, value, environment }: GivenSecret,
): Promise<void> {
  const warn = (text: string): void => terminal.complain(`${terminal.err.yellow('warning')}  ${text}`);
  const wrong = pastedWrongly(value);
  if (wrong) warn(`the value of ${name} looks wrong: ${wrong}`);
  if (value.length < 8)
    warn(
      `the value of ${name} has fewer than 8 characters: it is hidden where it is known to stand, but not wherever it appears`,
    );
  const ways = await boundWays(collection, environment, settingsOf(options.set ?? []));
  await secretStore(collection.local, home, process.env).set(name, value, environment, ways);
  terminal.note(
    `stored ${name} for ${environment === undefined ? 'all environments' : `the environment ${environment}`}; ${Object.keys(ways).length > 0 ? 'where it may go:' : 'no environment can use it yet'}`,
  );
  for (const [one, own] of Object.entries(ways)) terminal.note(printableLine(`  ${one} ${waysText(own)}`));
  const variable = secretVariable(name);
  if (ownMember(process.env, variable) !== undefined)
    warn(`${variable} is set in the process environment, and comes first`);
}
