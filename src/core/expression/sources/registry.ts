/** All sources. A new one is one file and one line here. (`secret` is part of the notation itself.) */
import { fake } from './fake.js';
import { file } from './file.js';
import { nonce } from './nonce.js';
import { now } from './now.js';
import { omit } from './omit.js';
import { random } from './random.js';
import { render } from './render.js';
import type { Source } from './source.js';
import { uuid } from './uuid.js';

export const sources: ReadonlyMap<string, Source> = new Map(
  [now, nonce, uuid, random, fake, file, render, omit].map((source) => [source.name, source]),
);
