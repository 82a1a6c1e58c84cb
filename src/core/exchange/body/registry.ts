/** All kinds of bodies. A new one is one file, one line here, and its key in the request file's schema. */
import type { BodyKind } from './body-kind.js';
import { form } from './form.js';
import { json } from './json.js';
import { text } from './text.js';

export const bodyKinds: ReadonlyMap<string, BodyKind> = new Map([json, text, form].map((kind) => [kind.name, kind]));
