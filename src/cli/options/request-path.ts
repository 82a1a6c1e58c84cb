/** The name and the file of a request that is to be written. */
import { Problem } from '../../core/problem/problem.js';

/** @param given `calls/book`, with or without `requests/` and `.yaml`. @throws Problem usage */
export function requestPath(given: string): { name: string; file: string } {
  const name = given.replace(/^\.?\/?requests\//, '').replace(/\.ya?ml$/, '');
  if (
    name === '' ||
    name.split('/').some((part) => part === '' || part === '.' || part === '..' || part === 'defaults')
  ) {
    throw new Problem('usage', { what: `${given} is not a name for a request`, remedy: 'such as calls/book' });
  }
  return { name, file: `requests/${name}.yaml` };
}
