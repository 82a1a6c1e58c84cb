/** What is typed into the line of words, after one key more; undefined of a key that it does not take. */
import type { Key } from '../terminal/screen.js';

export function typedAfter(before: string, { name, text }: Key): string | undefined {
  switch (name) {
    case 'backspace':
      return [...before].slice(0, -1).join('');
    case 'ctrl-u':
      return '';
    case 'ctrl-w':
      return before.replace(/\S*\s*$/, '');
    default:
      return text === '' ? undefined : before + text;
  }
}
