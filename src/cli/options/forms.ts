/** `--as FORM` and `--to FILE`: in which form a result is handed on, and where. */
import { existsSync, statSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { nearestHint } from '../../core/problem/nearest.js';
import { Problem } from '../../core/problem/problem.js';

interface Form {
  readonly name: string;
  /** Of files that are written in it. */
  readonly endings: readonly string[];
}

type Forms<Kind extends Form> = ReadonlyMap<string, Kind>;

/** For the help: `text, junit or tap`. */
export const formNames = (forms: Forms<Form>): string => ['text', ...forms.keys()].join(', ');

/** Undefined for text on standard output. @throws Problem usage: a form that there is not, or a place where no file can be */
export function formWanted<Kind extends Form>(
  forms: Forms<Kind>,
  { as, to }: { readonly as?: string | undefined; readonly to?: string | undefined },
): Kind | undefined {
  if (to === '-' && as === undefined)
    throw new Problem('usage', {
      what: '--to - is standard output, and does not say the form',
      remedy: '--as FORM says it',
    });
  if (to !== undefined && to !== '-') requirePlace(to, '--to');
  const form = as === undefined ? to && formForFile(forms, to, '--to') : as !== 'text' && formNamed(forms, as);
  if (form) return form;
  if (to !== undefined)
    throw new Problem('usage', {
      what: '--as text goes to standard output',
      remedy: `leave --to out, and write > ${to}`,
    });
  return undefined;
}

/** @param option that names the file @throws Problem usage: no ending of any form, or a place where no file can be */
export function formForFile<Kind extends Form>(forms: Forms<Kind>, file: string, option: string): Kind {
  if (file === '-')
    throw new Problem('usage', {
      what: `${option} - is standard output, where the run is shown`,
      remedy: 'echo-trail report --as FORM prints its report afterwards',
    });
  requirePlace(file, option);
  const found = [...forms.values()].find(({ endings }) => endings.some((one) => file.toLowerCase().endsWith(one)));
  if (found) return found;
  const known = [...forms.values()].map(({ endings, name }) => `${endings.join(' or ')} for ${name}`);
  throw new Problem('usage', {
    what: `${option} ${file}: unknown report format`,
    remedy: `the endings are ${known.join(', ')}`,
  });
}

function formNamed<Kind extends Form>(forms: Forms<Kind>, name: string): Kind {
  const form = forms.get(name);
  if (form) return form;
  throw new Problem('usage', {
    what: `--as ${name}: unknown report format`,
    remedy: nearestHint(name, ['text', ...forms.keys()]),
  });
}

/** @throws Problem usage: a place where no file can be */
export function requirePlace(file: string, option: string): void {
  const folder = dirname(resolve(file));
  if (!existsSync(folder))
    throw new Problem('usage', {
      what: `${option} ${file}: there is no folder ${folder}`,
      remedy: 'make it first, or name another file',
    });
  if (statSync(file, { throwIfNoEntry: false })?.isDirectory())
    throw new Problem('usage', { what: `${option} ${file}: that is a folder`, remedy: 'name a file in it' });
}
