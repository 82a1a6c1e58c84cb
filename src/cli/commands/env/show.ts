/** `env show`: every name with its value and its origin, held values included. */
import { variableNames } from '../../../core/collection/variables/variable-scopes.js';
import { waysText } from '../../../core/exchange/hosts/ways-out.js';
import { hidden } from '../../../core/exchange/request/wire.js';
import { noNames } from '../../../core/expression/names.js';
import { shortText } from '../../../core/matcher/reading.js';
import { asProblem } from '../../../core/problem/problem.js';
import { readSavedValues } from '../../../core/sending/saved-values.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import { waysDocument } from '../../view/preview.js';
import { printableLine } from '../../view/printable.js';
import { table } from '../../view/table.js';

export const show: CommandModule = {
  configure(command, run) {
    command.argument('[name]', 'an environment; else the chosen one').action(
      run(async (context, [given]) => {
        const { terminal } = context;
        const workspace = await context.workspace({ environment: given });
        workspace.checkSettings([]);
        const { environment, collection, redactor } = workspace;
        const variables = variableNames(workspace.layers, noNames, {
          runtime: workspace.runtime(),
          onSecret: redactor.add,
        });
        const names = [...new Set(variables.known())].map((name) => {
          try {
            const found = variables.lookup(name);
            if (!found) return { name, value: null, origin: 'omitted' };
            return { name, value: found.secret ? hidden : redactor.hideIn(found.value), origin: found.origin };
          } catch (error) {
            return { name, value: null, origin: `not available on its own: ${asProblem(error).what}` };
          }
        });
        const held = Object.entries(await readSavedValues(collection.local, environment.name)).map(
          ([name, { value, from }]) => ({
            name,
            value: redactor.hideIn(value),
            origin: `held from ${from}`,
          }),
        );
        if (terminal.json)
          return emit(terminal, 'env show', {
            name: environment.name,
            changes: environment.changes,
            ways: waysDocument(workspace.ways),
            names,
            held,
          });
        const { out } = terminal;
        terminal.print(
          `${out.bold(environment.name)}${environment.about === undefined ? '' : `  ${environment.about}`}`,
        );
        terminal.print(printableLine(waysText(workspace.ways)));
        terminal.print(`changes: ${environment.changes}`);
        const rows = [...names, ...held].map(({ name, value, origin }) => [
          out.cyan(name),
          printableLine(shortText(value)),
          out.dim(origin),
        ]);
        if (rows.length > 0) terminal.print(table(rows, terminal, { indent: 2, flexible: [1, 2] }));
        return 0;
      }),
    );
    examples(command, [
      ['env show', 'the chosen environment'],
      ['env show live', 'another one'],
    ]);
  },
};
