/** `render-each`: a template file once an item, with the members of the item as names. */
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import { isValueMap } from '../../value/written.js';
import { Evaluation } from '../evaluation.js';
import { layered, namesFrom } from '../names.js';
import { madeUp } from '../sources/made-up.js';
import { dateFilters } from './date.js';
import { type Filter, wantList } from './filter.js';

export const renderFilters: readonly Filter[] = [
  {
    name: 'render-each',
    about: 'a template file once an item, joined; `item` and the members of the item are names in it',
    example: '${manifest.lines | render-each("bodies/line.xml")}',
    arguments: [1, 1],
    varies: true,
    load: () => Promise.all([madeUp.load?.(), ...dateFilters.map((filter) => filter.load?.())]),
    apply(input, [path], evaluation) {
      if (typeof path !== 'string') {
        throw new Problem('expression-value', { what: 'render-each takes the path of a template' });
      }
      return wantList('render-each', input)
        .map((item) => {
          const own = namesFrom(isValueMap(item) ? { ...item, item } : { item }, `an item of ${textOf(path)}`);
          const inner = new Evaluation(layered(own, evaluation.names), evaluation, evaluation.onName);
          const text = evaluation.runtime.render(path, inner);
          evaluation.touchedSecret ||= inner.touchedSecret;
          return text;
        })
        .join('');
    },
  },
];
