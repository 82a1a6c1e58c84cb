/** A documentation format, and the list of those that are read. A new one is one folder and one line here. */
import type { Documentation } from './model.js';
import { openapi } from './openapi/read.js';

export interface DocumentationFormat {
  readonly name: string;
  /** Whether a parsed document claims to be of this format, in any version. */
  claims(document: unknown): boolean;
  /** @throws Problem document-unreadable: a version that is not read, or nothing usable in it */
  read(document: unknown, source: string): Documentation;
}

export const formats: readonly DocumentationFormat[] = [openapi];
