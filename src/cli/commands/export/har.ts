/** `export har`: recorded exchanges as an HTTP archive, for browsers and whatever else shows such. */
import type { Echo } from '../../../core/echo/echo.js';
import { findEcho, newestEchoes, recordedBytes } from '../../../core/echo/read.js';
import { httpArchive } from '../../../core/interchange/har.js';
import { recordedRuns } from '../../../core/run/journal/recorded-run.js';
import { type CommandModule, examples } from '../../command.js';
import { handOut } from '../../exporting/hand-out.js';
import { isEchoId } from '../../exporting/recorded-message.js';
import { version } from '../../version.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('[runs or echoes...]', 'runs and recorded exchanges by their names; the last run by default')
      .option('-t, --to <file>', 'write it to this file')
      .action(
        run(async (context, names, { to }) => {
          const { local } = await context.collection();
          const echoes = await echoesOf(local, names);
          const content = httpArchive(echoes, (file) => recordedBytes(local, file), version);
          return handOut(context, { kind: 'har', content, left: [] }, to as string | undefined);
        }),
      );
    examples(command, [
      ['export har --to voyage.har', 'every exchange of the last run'],
      ['export har last --json', 'as a member of a document'],
    ]);
  },
};

/** Oldest first. @throws Problem echo-not-found */
async function echoesOf(local: string, names: readonly string[]): Promise<Echo[]> {
  const found = new Map<string, Echo>();
  for (const name of names.length === 0 ? ['last'] : names) {
    if (isEchoId(name) && name !== 'last') {
      found.set(name, await findEcho(local, name));
      continue;
    }
    const [run] = await runOf(local, name);
    for (const echo of (await newestEchoes(local, Number.POSITIVE_INFINITY, { run })).reverse())
      found.set(echo.id, echo);
  }
  return [...found.values()].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/** Commands that are no run have echoes too. */
async function runOf(local: string, name: string): Promise<(string | undefined)[]> {
  if (name !== 'last') return recordedRuns(local, [name]);
  const last = await findEcho(local, 'last');
  return [last.id.split('.')[0]];
}
