/** Grants that need a person. */
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';
import type { Person, SessionContext } from '../session-kind.js';

/** @throws Problem session-missing: nobody is there */
export function requirePerson({ person, name }: SessionContext): Person {
  if (person) return person;
  throw new Problem('session-missing', {
    what: `the session ${name} needs a person's approval, and there is no interactive terminal`,
    remedy: `${action().openSession(name)} at a terminal; it is kept and renewed for what runs unattended`,
  });
}
