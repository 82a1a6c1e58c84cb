/** The stable codes of everything that can go wrong, with the family that decides the exit status. */

/** Families in the words of the exit status table of the manual (docs/errors.md). */
export type ProblemFamily = 'wrong-input' | 'refused' | 'no-response' | 'failed-expectation' | 'interrupted' | 'fault';

export interface ProblemMeaning {
  readonly family: ProblemFamily;
  /** One sentence for the table in the manual. */
  readonly meaning: string;
}

const wrong = (meaning: string): ProblemMeaning => ({ family: 'wrong-input', meaning });
const refused = (meaning: string): ProblemMeaning => ({ family: 'refused', meaning });
const silent = (meaning: string): ProblemMeaning => ({ family: 'no-response', meaning });

export const problemCodes = {
  usage: wrong('The command line does not fit the command.'),
  'collection-not-found': wrong('No folder upward from here holds echo-trail.yaml.'),
  'file-not-found': wrong('A file that is named does not exist.'),
  'file-exists': wrong('A file would be overwritten.'),
  'file-outside': wrong('A file outside the collection folder is named.'),
  'file-unreadable': wrong('A file or folder cannot be read or written.'),
  'yaml-syntax': wrong('A file is not well-formed YAML.'),
  'nested-too-deeply': wrong('A file, an expression or a body is nested more deeply than can be read.'),
  'yaml-refused': wrong('A file uses an anchor, an alias or a tag, which collections do not have.'),
  'file-shape': wrong('A file has an unknown key or a value of the wrong type.'),
  'data-shape': wrong('A data file is not valid CSV, JSON or JSON lines.'),
  'name-ambiguous': wrong('A short name fits several files.'),
  'name-not-found': wrong('A name matches no file.'),
  'expression-syntax': wrong('An expression does not follow the notation.'),
  'expression-value': wrong('A filter or a source was given a value that it cannot use.'),
  'unknown-name': wrong('A name is used that no layer defines.'),
  'input-missing': wrong('An input that the request needs was not given.'),
  'input-value': wrong('An input was given a value that its declaration does not allow.'),
  'place-syntax': wrong('A place does not follow the notation.'),
  'matcher-shape': wrong('A matcher was given something that it cannot compare with.'),
  'address-shape': wrong('The address that results is not an absolute http or https address.'),
  'body-shape': wrong('A body cannot be written from the values given.'),
  'tls-settings': wrong('The TLS settings of an environment cannot be used.'),
  'proxy-settings': wrong('The proxy of an environment cannot be used.'),
  'header-shape': wrong('A header name or value holds characters that HTTP does not allow.'),
  'document-unreadable': wrong('A documentation file is not a document of a known format.'),
  'document-too-large': wrong('A documentation file is larger or deeper than what is read.'),
  'import-unreadable': wrong('The input of an import is broken, or not of the format that was named.'),
  'operation-not-found': wrong('No documentation source describes that operation.'),
  'not-documented': wrong('A request differs from its documented operation, and is to be sent only where it does not.'),
  'echo-not-found': wrong('No echo or run has that name.'),
  circle: wrong('Files or values refer to each other in a circle.'),
  'place-not-found': wrong('There is nothing at the place that was asked for.'),

  'environment-missing': refused('No environment is chosen, or the one named does not exist.'),
  'secret-missing': refused('A secret is used that is neither stored nor in the process environment.'),
  'secret-held-back': refused('A secret would go a way out that its owner has not seen.'),
  'secret-in-file': refused('A file that would be handed on holds a secret.'),
  'secret-unreadable': refused('The secret store cannot be opened with the key at hand.'),
  'session-missing': refused('A session is used that no file describes, or that could not be opened.'),
  'change-refused': refused('The environment refuses calls that change something.'),
  'change-unconfirmed': refused('The environment asks before a change, and nobody confirmed it.'),
  'version-refused': refused('The API of the vendor is of a version that the environment does not take.'),
  'host-not-listed': refused('Something would go to an origin that the environment does not list.'),

  'name-lookup': silent('The host name could not be looked up.'),
  'connection-refused': silent('Nothing listens on the port of the host.'),
  'connection-reset': silent('The connection was closed before the response was complete.'),
  'connection-timeout': silent('The connection was not made in time.'),
  'response-timeout': silent('The response did not come, or did not end, in time.'),
  'tls-failed': silent('No trusted TLS connection could be made.'),
  'proxy-failed': silent('The proxy refused, or could not be reached.'),
  'response-cut-short': silent('The response ended before its announced length.'),
  'response-malformed': silent('What came back is not HTTP.'),
  'response-encoding': silent('The compressed response could not be decompressed.'),
  'response-too-large': silent('The response is larger than the limit.'),
  'response-not-json': silent('The response is not the JSON that it claims to be.'),
  'response-not-xml': silent('The response is not the XML that it claims to be.'),
  'redirect-loop': silent('The redirects did not come to an end.'),
  'pages-loop': silent('The pages of a list lead round in a circle.'),
  'in-doubt': silent('A changing call may or may not have happened, and is not resent automatically.'),
  'exchange-failed': silent('The exchange failed in a way that has no code of its own.'),

  'step-failed': { family: 'failed-expectation', meaning: 'A step did not come out as expected.' },
  'keep-missing': { family: 'failed-expectation', meaning: 'A value to keep was not in the response.' },
  interrupted: { family: 'interrupted', meaning: 'The command was interrupted from the keyboard.' },
  fault: { family: 'fault', meaning: 'A fault of Echo Trail itself. Please report it.' },
} as const satisfies Record<string, ProblemMeaning>;

export type ProblemCode = keyof typeof problemCodes;

/** The family of a code that was read from somewhere; of one that is not known here, that of a step that failed. */
export const familyOf = (code: string): ProblemFamily =>
  Object.hasOwn(problemCodes, code) ? problemCodes[code as ProblemCode].family : 'failed-expectation';
