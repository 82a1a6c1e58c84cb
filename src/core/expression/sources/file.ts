/** `file("data/plan.pdf")`: the bytes of a file inside the collection. */
import { Problem } from '../../problem/problem.js';
import type { Source } from './source.js';

export const file: Source = {
  name: 'file',
  bare: false,
  about: 'the bytes of a file inside the collection',
  example: '${file("data/note.txt") | text}',
  value([path], { runtime }) {
    if (typeof path !== 'string')
      throw new Problem('expression-value', { what: 'file takes a path', remedy: file.example });
    return runtime.file(path);
  },
};
