/** Saying that an address lies outside the origins that the environment lists. */
import { hostAndPort } from '../../core/exchange/hosts/listed-origins.js';
import type { Outside } from '../../core/sending/sending.js';
import type { Workspace } from '../../core/sending/workspace.js';
import type { Terminal } from '../terminal/terminal.js';
import { printableLine } from '../view/printable.js';

/** @param url a whole address, or a path of the environment's origin @returns undefined where its origin is listed */
export function outsideBy(
  url: string,
  how: Outside,
  { origins, environment }: Workspace,
  terminal: Terminal,
): Outside | undefined {
  if (!/^https?:/i.test(url) || !URL.canParse(url)) return undefined;
  const address = new URL(url);
  if (origins.lists(address)) return undefined;
  terminal.note(
    terminal.err.dim(
      printableLine(
        `the environment ${environment.name} does not list ${hostAndPort(address)}: no secret, session, cookie, variable or default of the collection goes there`,
      ),
    ),
  );
  return how;
}
