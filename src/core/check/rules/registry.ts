/** All rules. A new one is one file and one line here. */
import type { Rule } from '../rule.js';
import { documentsFit } from './documents-fit.js';
import { fileParts } from './file-parts.js';
import { filesExist } from './files-exist.js';
import { formerWords } from './former-words.js';
import { inputsSound } from './inputs-sound.js';
import { inputsUsed } from './inputs-used.js';
import { keptValuesUsed } from './kept-values-used.js';
import { namesResolve } from './names-resolve.js';
import { noBodyInGet } from './no-body-in-get.js';
import { noSecretsInFiles } from './no-secrets-in-files.js';
import { operationMatches } from './operation-matches.js';
import { sessionNamesResolve } from './session-names-resolve.js';
import { sharedSecretsOpen } from './shared-secrets-open.js';
import { trailNamesResolve } from './trail-names-resolve.js';
import { valuesDocumented } from './values-documented.js';

export const rules: readonly Rule[] = [
  namesResolve,
  trailNamesResolve,
  sessionNamesResolve,
  operationMatches,
  valuesDocumented,
  documentsFit,
  filesExist,
  fileParts,
  keptValuesUsed,
  inputsSound,
  inputsUsed,
  noBodyInGet,
  noSecretsInFiles,
  sharedSecretsOpen,
  formerWords,
];
