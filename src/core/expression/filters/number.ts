/** Filters that yield numbers. */
import { Problem } from '../../problem/problem.js';
import { sourceScalar, type Value } from '../../value/written.js';
import { type Filter, wantList, wantNumber, wantText } from './filter.js';

function overList(name: string, about: string, work: (numbers: readonly number[]) => number): Filter {
  return {
    name,
    about,
    example: `\${fees | pluck("amount") | ${name}}`,
    arguments: [0, 0],
    apply(input) {
      const numbers = wantList(name, input).map((item) => wantNumber(name, item));
      if (numbers.length === 0 && name !== 'sum')
        throw new Problem('expression-value', { what: `${name} of an empty list` });
      return work(numbers);
    },
  };
}

const sum = (numbers: readonly number[]): number => numbers.reduce((total, number) => total + number, 0);

export const numberFilters: readonly Filter[] = [
  {
    name: 'number',
    about: 'a text as the number that it writes, every digit kept',
    example: '${row.draft | number}',
    arguments: [0, 0],
    apply(input): Value {
      if (typeof input === 'number') return input;
      const text = wantText('number', input).trim();
      if (text === '' || Number.isNaN(Number(text))) {
        throw new Problem('expression-value', { what: `${JSON.stringify(text)} is not a number` });
      }
      return sourceScalar(text, Number(text));
    },
  },
  overList('sum', 'the sum of a list of numbers', sum),
  overList('average', 'the mean of a list of numbers', (numbers) => sum(numbers) / numbers.length),
  overList('min', 'the smallest of a list of numbers', (numbers) => numbers.reduce((a, b) => Math.min(a, b))),
  overList('max', 'the largest of a list of numbers', (numbers) => numbers.reduce((a, b) => Math.max(a, b))),
];
