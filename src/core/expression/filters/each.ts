/** `each`: another filter over every item of a list. */
import { nearestHint } from '../../problem/nearest.js';
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import { type Filter, wantList } from './filter.js';

/** @param filters by name; those that must be loaded before they are used are left out */
export function eachFilter(filters: () => ReadonlyMap<string, Filter>): Filter {
  return {
    name: 'each',
    about: 'another filter over every item of a list: its name, and its arguments',
    example: '${sent.path | split("/") | each("percent") | join("/")}',
    arguments: [1, 10],
    varies: true,
    apply(input, [name, ...args], evaluation) {
      const wanted = textOf(name as Value);
      const usable = [...filters()].filter(([, { load }]) => load === undefined).map(([one]) => one);
      const filter = filters().get(wanted);
      const [least, most] = filter?.arguments ?? [0, 0];
      if (!filter || !usable.includes(wanted)) {
        throw new Problem('expression-value', {
          what: `each cannot use a filter ${wanted}`,
          remedy: nearestHint(wanted, usable),
        });
      }
      if (args.length < least || args.length > most)
        throw new Problem('expression-value', { what: `${wanted} is written ${filter.example}` });
      return wantList('each', input).map((item) => filter.apply(item, args, evaluation));
    },
  };
}
