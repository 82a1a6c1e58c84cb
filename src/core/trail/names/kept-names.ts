/** Names with their values, as a journal takes them. */
import type { Named } from '../../expression/names.js';

export interface KeptName extends Named {
  readonly name: string;
}

export function namesOf(names: Iterable<string>, lookup: (name: string) => Named | undefined): KeptName[] {
  const found: KeptName[] = [];
  for (const name of names) {
    const named = lookup(name);
    if (named) found.push({ name, value: named.value, origin: named.origin, secret: named.secret });
  }
  return found;
}
