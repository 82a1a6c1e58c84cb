/** `check`: what is wrong with the collection, before anything is sent. */
import { join, relative, resolve, sep } from 'node:path';
import { checkCollection } from '../../core/check/check.js';
import { checkFormats } from '../../core/check/formats/registry.js';
import type { Collection } from '../../core/collection/collection.js';
import { type WaysOut, waysOfEnvironment, waysText } from '../../core/exchange/hosts/ways-out.js';
import { asProblem, Problem, positionText } from '../../core/problem/problem.js';
import type { Workspace } from '../../core/sending/workspace.js';
import { writeAtomically } from '../../core/storage/atomic-write.js';
import { type CommandModule, examples } from '../command.js';
import { type Context, settingsOf } from '../context.js';
import { emit } from '../documents/emit.js';
import { formNames, formWanted } from '../options/forms.js';
import { version } from '../version.js';
import { waysDocument } from '../view/preview.js';
import { printableLine } from '../view/printable.js';
import { table } from '../view/table.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .option('--watch', 'again when a file of the collection changes')
      .option('--as <form>', `the form: ${formNames(checkFormats)}`)
      .option('-t, --to <file>', 'write it to this file; its ending says the form where --as does not')
      .action(
        run(async (context, _, options) => {
          if (!options.watch) return check(context, options);
          const { watching } = await import('../watching/watching.js');
          const { to } = options as { to?: string };
          return watching(context, (own, { wrote }) => {
            if (to !== undefined) wrote(resolve(to));
            return check(own, options);
          });
        }),
      );
    examples(command, [
      ['check', 'every finding with file, line and column'],
      ['check --to check.sarif', 'for a code scanner; junit.xml for a CI server'],
      ['check --json', 'the same for programs; the exit status is 2 where there is an error'],
    ]);
  },
};

async function check(context: Context, options: Readonly<Record<string, unknown>>): Promise<number> {
  const { terminal } = context;
  const { as, to } = options as { as?: string; to?: string };
  const form = formWanted(checkFormats, { as, to });
  const collection = await context.collection();
  const ways = await waysOfAll(collection, context);
  const { findings, files } = await checkCollection(collection, await anyWorkspace(context));
  const errors = findings.filter(({ severity }) => severity === 'error').length;
  const status = errors > 0 ? 2 : 0;
  if (form) {
    const pathOf = (file: string): string => relative(process.cwd(), join(collection.root, file)).split(sep).join('/');
    const text = form.write({ findings, pathOf, version });
    if (to === undefined || to === '-') terminal.bytes(Buffer.from(text));
    else {
      await writeAtomically(resolve(to), text);
      terminal.note(`wrote ${to}: ${count(errors, 'error')}, ${count(findings.length - errors, 'warning')}`);
    }
    return status;
  }
  if (terminal.json) {
    emit(terminal, 'check', {
      environments: ways.map(({ name, ways }) => ({ name, ways: waysDocument(ways) })),
      files,
      errors,
      warnings: findings.length - errors,
      findings: findings.map(({ rule, severity, where, what, remedy }) => ({
        rule,
        severity,
        file: where.file,
        line: where.line ?? null,
        column: where.column ?? null,
        what,
        remedy: remedy ?? null,
      })),
    });
    return status;
  }
  const { out } = terminal;
  if (ways.length > 0)
    terminal.print(
      table(
        ways.map(({ name, ways: own }) => [out.bold(name), printableLine(waysText(own))]),
        terminal,
      ),
    );
  for (const { severity, where, what, remedy, rule } of findings) {
    const paint = severity === 'error' ? out.red : out.yellow;
    terminal.print(`${out.cyan(positionText(where))}  ${paint(severity)}  ${what}  ${out.dim(rule)}`);
    if (remedy !== undefined) terminal.print(`    ${out.dim('try')} ${remedy}`);
  }
  terminal.print(
    findings.length === 0
      ? `${count(files, 'file')}, ${out.green('no findings')}`
      : `${count(files, 'file')}: ${count(errors, 'error')}, ${count(findings.length - errors, 'warning')}`,
  );
  return status;
}

const count = (number: number, word: string): string => `${number} ${word}${number === 1 ? '' : 's'}`;

/** Of each environment, as far as it can be read: what is wrong with it is a finding. */
async function waysOfAll(collection: Collection, { options }: Context): Promise<{ name: string; ways: WaysOut }[]> {
  const settings = settingsOf(options.set ?? []);
  const all: { name: string; ways: WaysOut }[] = [];
  for (const name of collection.names('environment')) {
    try {
      all.push({ name, ways: (await waysOfEnvironment(collection, name, settings)).ways });
    } catch {
      // A rule tells of it.
    }
  }
  return all;
}

/** Of the environment that is named, or of the first that can be opened; else why not. */
async function anyWorkspace(context: Context): Promise<Workspace | Problem> {
  const collection = await context.collection();
  const { environment } = collection.manifest.content;
  let why: Problem | undefined;
  const { env } = context.options;
  for (const name of env === undefined ? [environment, ...collection.names('environment')] : [env]) {
    if (name === undefined) continue;
    try {
      return await context.workspace({ environment: name });
    } catch (error) {
      why ??= asProblem(error);
    }
  }
  return why ?? new Problem('environment-missing', { what: 'there is no environment' });
}
