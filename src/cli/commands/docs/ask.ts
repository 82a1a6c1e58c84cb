/** `docs ask`: what the vendor's API itself says of its parameters, by the requests that the manifest names. */

import {
  type ParameterMetadata,
  readParameterMetadata,
  type Said,
  writeParameterMetadata,
} from '../../../core/collection/sources/parameter-metadata.js';
import { openDocumentation, sourceIndex } from '../../../core/collection/sources/source-index.js';
import { noNames } from '../../../core/expression/names.js';
import { readPlace } from '../../../core/place/registry.js';
import { nearestHint } from '../../../core/problem/nearest.js';
import { Problem } from '../../../core/problem/problem.js';
import { sendRequest } from '../../../core/sending/send.js';
import type { Sent } from '../../../core/sending/sending.js';
import type { Workspace } from '../../../core/sending/workspace.js';
import { ownMember } from '../../../core/value/own-member.js';
import { plain, type Value } from '../../../core/value/written.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import { withInputs } from '../../sending/request-inputs.js';
import type { Terminal } from '../../terminal/terminal.js';

const lists = ['values', 'fields', 'operators'] as const;
type ListName = (typeof lists)[number];

interface StepDetails {
  readonly source: string;
  readonly parameter: string;
  readonly before: Said | undefined;
  readonly now: Said;
}

export const { configure }: CommandModule = {
  configure(command, run) {
    command.argument('[source]', 'only this documentation source').action(
      run(async (context, [only]) => {
        const { terminal, signal } = context;
        const workspace = await context.workspace();
        const { collection } = workspace;
        await openDocumentation(collection);
        if (only !== undefined) sourceIndex(collection, only);
        const told: StepDetails[] = [];
        const sent = new Map<string, Sent>();
        for (const [source, { asked = {} }] of Object.entries(collection.docs)) {
          if (only !== undefined && source !== only) continue;
          const before = readParameterMetadata(collection, source);
          const now: Record<string, Said> = {};
          for (const [parameter, { from, ...places }] of Object.entries(asked)) {
            requireParameter(workspace, source, parameter);
            const name = collection.resolve('request', from);
            const response = sent.get(name) ?? (await sendFor(workspace, name, terminal, signal));
            sent.set(name, response);
            const said = await saidIn(response, name, places, parameter);
            now[parameter] = said;
            told.push({ source, parameter, before: ownMember(before, parameter), now: said });
          }
          if (Object.keys(now).length > 0)
            await writeParameterMetadata(collection, source, now satisfies ParameterMetadata);
        }
        if (terminal.json) {
          return emit(terminal, 'docs ask', {
            parameters: told.map(({ source, parameter, now, before }) => ({
              parameter: `${source}/${parameter}`,
              ...now,
              changed: before !== undefined && lists.some((list) => differ(before[list], now[list])),
            })),
          });
        }
        if (told.length === 0) {
          throw new Problem('usage', {
            what: 'the manifest names no request to ask with',
            remedy:
              'under docs, SOURCE in echo-trail.yaml: asked: {OPERATION.PARAMETER: {from: REQUEST, values: PLACE}}',
          });
        }
        for (const one of told) terminal.print(toldText(one, terminal));
        return 0;
      }),
    );
    examples(command, [
      ['docs ask', 'asks the API for the fields and operators that its register search takes, and keeps them'],
    ]);
  },
};

function requireParameter({ collection }: Workspace, source: string, given: string): void {
  const dot = given.lastIndexOf('.');
  const operation = sourceIndex(collection, source).operation(given.slice(0, dot), 0);
  const names = operation?.parameters.map(({ name }) => name) ?? [];
  if (operation && names.includes(given.slice(dot + 1))) return;
  throw new Problem('operation-not-found', {
    what: operation
      ? `${source}/${operation.id} has no parameter ${given.slice(dot + 1)}`
      : `${source} describes no operation ${given.slice(0, dot)}`,
    where: { file: 'echo-trail.yaml' },
    remedy: (operation && nearestHint(given.slice(dot + 1), names)) ?? 'asked is by OPERATION.PARAMETER',
  });
}

async function sendFor(workspace: Workspace, name: string, terminal: Terminal, signal: AbortSignal): Promise<Sent> {
  terminal.progress(`asking with ${name}`);
  const prepared = await workspace.prepare(name);
  const sent = await withInputs(workspace, prepared, terminal, false, ({ given }) =>
    sendRequest(workspace, prepared, { given, caller: noNames, signal }),
  );
  terminal.progress('');
  const [problem] = sent.problems;
  if (problem) throw problem;
  return sent;
}

async function saidIn(
  { outcome: { received } }: Sent,
  from: string,
  places: Partial<Record<ListName, string>>,
  parameter: string,
): Promise<Said> {
  const found: Record<string, unknown> = {};
  for (const list of lists) {
    const text = places[list];
    if (text === undefined) continue;
    const loads: Promise<unknown>[] = [];
    const place = readPlace(text, loads);
    await Promise.all(loads);
    const value = received && place.find(received);
    const items = (Array.isArray(value) ? value : value === undefined ? [] : [value]).map((one) => plain(one as Value));
    if (items.length === 0 || items.some((one) => typeof one === 'object')) {
      throw new Problem('keep-missing', {
        what: `the response of ${from} has no list of texts at ${text}, for ${list} of ${parameter}`,
        where: { file: 'echo-trail.yaml' },
        remedy: `echo-trail send ${from} --pick '${text}' shows what is there`,
      });
    }
    found[list] = list === 'values' ? items : items.map(String);
  }
  return { from, asked: new Date().toISOString().slice(0, 10), ...(found as Partial<Said>) };
}

const differ = (before: readonly unknown[] = [], now: readonly unknown[] = []): boolean =>
  JSON.stringify(before) !== JSON.stringify(now);

function toldText({ source, parameter, before, now }: StepDetails, { out }: Terminal): string {
  const lines = lists.flatMap((list) => {
    const own: readonly unknown[] = now[list] ?? [];
    if (own.length === 0) return [];
    const old: readonly unknown[] | undefined = before?.[list];
    const gone = (old ?? []).filter((one) => !own.includes(one));
    const shown = own.map((one) => (old && !old.includes(one) ? out.green(`+${String(one)}`) : String(one)));
    return [`  ${out.dim(list.padEnd(9))}  ${[...shown, ...gone.map((one) => out.red(`-${String(one)}`))].join(', ')}`];
  });
  return [`${out.bold(`${source}/${parameter}`)}   ${out.dim(`asked by ${now.from}`)}`, ...lines].join('\n');
}
