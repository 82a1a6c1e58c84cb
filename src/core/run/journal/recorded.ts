/** Values and problems as a journal writes them down, and as they are read again. */
import type { Redactor } from '../../echo/redactor.js';
import { type BriefProblem, brief } from '../../problem/brief.js';
import { problemCodes } from '../../problem/codes.js';
import { Problem, type ProblemCode } from '../../problem/problem.js';
import type { Encryption } from '../../storage/encryption.js';
import type { KeptName } from '../../trail/names/kept-names.js';
import { equalValues } from '../../value/equal.js';
import { parseJson, writeJson } from '../../value/json-text.js';
import type { Value } from '../../value/written.js';
import type { RecordedNames } from './lines.js';

export interface Recorder {
  names(given: readonly KeptName[]): RecordedNames;
  read(recorded: RecordedNames): KeptName[];
  seal(text: string): string;
  problem(given: Problem): BriefProblem;
  /** With what is secret in it hidden. */
  text(given: string): string;
}

export function recorder(encryption: Encryption, redactor: Pick<Redactor, 'hide' | 'hideIn' | 'add'>): Recorder {
  const recordedName = ({ name, value, origin, secret }: KeptName): RecordedNames[number] =>
    secret || !equalValues(value, redactor.hideIn(value))
      ? { name, origin, sealed: encryption.encrypt(writeJson(value)), secret: secret && true }
      : // As text, so that a number keeps all its digits.
        { name, origin, value: writeJson(value) };
  return {
    names: (given) => given.map(recordedName),
    read: (recorded) =>
      recorded.map(({ name, origin, value, sealed, secret }) => {
        const read = parseJson(sealed === undefined ? (value as string) : encryption.decrypt(sealed)) as Value;
        if (secret) redactor.add(read);
        return { name, origin, value: read, ...(secret && { secret }) };
      }),
    seal: encryption.encrypt,
    text: redactor.hide,
    problem: (given) => brief(given, redactor.hide),
  };
}

/** As it was when it was written down. */
export function problemFrom({ code, what, cause, remedy }: BriefProblem): Problem {
  return new Problem(code in problemCodes ? (code as ProblemCode) : 'step-failed', { what, cause, remedy });
}
