/** The languages in which a request is written as a program. A new one is a file and a line here. */
import type { Language } from './language.js';
import { csharp } from './languages/csharp.js';
import { go } from './languages/go.js';
import { java } from './languages/java.js';
import { node } from './languages/node.js';
import { php } from './languages/php.js';
import { powershell } from './languages/powershell.js';
import { python } from './languages/python.js';
import { ruby } from './languages/ruby.js';
import { shell } from './languages/shell.js';

export const languages: ReadonlyMap<string, Language> = new Map(
  [node, python, go, java, csharp, php, ruby, shell, powershell].map((one) => [one.name, one]),
);
