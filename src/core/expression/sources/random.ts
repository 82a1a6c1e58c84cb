/** `random(from, to)`: a whole number, both ends included. */
import { Problem } from '../../problem/problem.js';
import { plain } from '../../value/written.js';
import type { Source } from './source.js';

export const random: Source = {
  name: 'random',
  bare: false,
  about: 'a random whole number, both ends included; a seed makes it repeat',
  example: '${random(1, 6)}',
  value(args, { runtime }) {
    const [from, to] = args.map(plain);
    if (typeof from !== 'number' || typeof to !== 'number' || !(from <= to) || args.length !== 2) {
      throw new Problem('expression-value', {
        what: 'random takes two whole numbers, the smaller first',
        remedy: random.example,
      });
    }
    return Math.floor(from + runtime.random() * (to - from + 1));
  },
};
