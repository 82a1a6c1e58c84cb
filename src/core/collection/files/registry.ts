/** The kinds of files in a collection: their folder and their schema. */

import type { ZodMiniType } from 'zod/mini';
import { kindFolders } from '../file-names.js';
import { type EnvironmentFile, environmentFile } from './environment-file.js';
import { type DefaultsFile, defaultsFile, type RequestFile, requestFile } from './request-file.js';
import { type SessionFile, sessionFile } from './session-file.js';
import { type SignatureFile, signatureFile } from './signature-file.js';
import { type TrailFile, trailFile } from './trail-file.js';

export interface FileContents {
  request: RequestFile;
  environment: EnvironmentFile;
  session: SessionFile;
  signature: SignatureFile;
  trail: TrailFile;
}
export type FileKind = keyof FileContents;

/** Folders by kind; the folder is also how the kind is called when there are several of it. */
export const fileKinds: {
  readonly [K in FileKind]: { readonly folder: string; readonly schema: ZodMiniType<FileContents[K]> };
} = {
  request: { folder: kindFolders.request, schema: requestFile },
  environment: { folder: kindFolders.environment, schema: environmentFile },
  session: { folder: kindFolders.session, schema: sessionFile },
  signature: { folder: kindFolders.signature, schema: signatureFile },
  trail: { folder: kindFolders.trail, schema: trailFile },
};

export const defaultsKind: { readonly name: string; readonly schema: ZodMiniType<DefaultsFile> } = {
  name: 'defaults.yaml',
  schema: defaultsFile,
};
