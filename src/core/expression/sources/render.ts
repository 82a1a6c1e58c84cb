/** `render("bodies/mole.xml")`: a template file with the values of this request put in, as text. */
import { Problem } from '../../problem/problem.js';
import { filters } from '../filters/registry.js';
import { madeUp } from './made-up.js';
import type { Source } from './source.js';

export const render: Source = {
  name: 'render',
  bare: false,
  about: 'a template file with the values of this request put in, as text',
  example: '${render("bodies/mole.xml")}',
  // Which filters the template uses is known only when it is read.
  load: () => Promise.all([madeUp.load?.(), ...[...filters.values()].map((filter) => filter.load?.())]),
  value([path], evaluation) {
    if (typeof path !== 'string')
      throw new Problem('expression-value', { what: 'render takes the path of a template', remedy: render.example });
    return evaluation.runtime.render(path, evaluation);
  },
};
