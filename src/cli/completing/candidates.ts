/** What may stand where somebody is typing: commands, options, and what the collection at hand has. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Collection } from '../../core/collection/collection.js';
import { fileNames, kindFolders } from '../../core/collection/file-names.js';
import { findCollection, localFolder } from '../../core/collection/find-collection.js';
import type { OutlineCommand, OutlineOption } from '../outline.js';
import { packageFolder } from '../package-folder.js';
import type { Declared } from './declared-inputs.js';

export interface Candidate {
  readonly text: string;
  readonly about?: string | undefined;
}

/** `files`: the shell knows best which there are. */
export type Candidates = readonly Candidate[] | 'files';

/** What was typed, up to where the cursor stands. */
interface Typed {
  readonly command: OutlineCommand;
  /** Behind the command, without options and their values. */
  readonly given: readonly string[];
  /** An option that waits for its value. */
  readonly option: OutlineOption | undefined;
  /** The word that is typed; may be empty. */
  readonly word: string;
  /** The folder of the collection at hand. */
  readonly root: string | undefined;
}

/** @param words behind the name of the program, the last one as far as it is typed */
export async function candidates(words: readonly string[]): Promise<Candidates> {
  const outline = JSON.parse(readFileSync(join(packageFolder(), 'dist/outline.json'), 'utf8')) as OutlineCommand[];
  const root = outline.find(({ name }) => name === '') as OutlineCommand;
  const [before, word] = [words.slice(0, -1), words.at(-1) ?? ''];
  let command = root;
  const given: string[] = [];
  let option: OutlineOption | undefined;
  let folder: string | undefined;
  for (const one of before) {
    if (option) {
      if (option.names.includes('--collection')) folder = one;
      option = undefined;
    } else if (one.startsWith('-')) option = takesValue(one, command, root);
    else {
      const below = given.length === 0 && command.below.includes(one);
      const name = command.name === '' ? one : `${command.name} ${one}`;
      if (below) command = outline.find((entry) => entry.name === name) ?? command;
      else given.push(one);
    }
  }
  const typed = { command, given, option, word, root: rootFolder(folder) };
  return fitting(option ? await valuesOf(typed) : await wordsOf(typed, outline, root), word);
}

function rootFolder(given: string | undefined): string | undefined {
  try {
    return given ?? findCollection(process.cwd());
  } catch {
    return undefined;
  }
}

/** The option, where its value is still to come. */
function takesValue(word: string, command: OutlineCommand, root: OutlineCommand): OutlineOption | undefined {
  if (word.includes('=')) return undefined;
  const found = [...command.options, ...root.options].find(({ names }) => names.includes(word));
  return found?.value === undefined ? undefined : found;
}

/** Those that begin with what is typed; else those of which an end of the path does. */
function fitting(all: Candidates, word: string): Candidates {
  if (all === 'files') return all;
  const begins = all.filter(({ text }) => text.startsWith(word));
  return begins.length > 0 ? begins : all.filter(({ text }) => text.includes(`/${word}`));
}

async function wordsOf(typed: Typed, outline: readonly OutlineCommand[], root: OutlineCommand): Promise<Candidates> {
  const { command, given, word } = typed;
  if (word.startsWith('-')) {
    const own = command === root ? root.options : [...command.options, ...root.options];
    return own.flatMap(({ names, about }) => {
      const name = word.startsWith('--') || names.length === 1 ? names.at(-1) : names[0];
      return name === undefined ? [] : [{ text: name, about }];
    });
  }
  if (given.length === 0 && command.below.length > 0) {
    const below = command.below.map((name) => ({
      text: name,
      about: outline.find((one) => one.name === (command === root ? name : `${command.name} ${name}`))?.summary,
    }));
    if (command.arguments.length === 0) return below;
    const own = await argumentsOf(typed);
    return own === 'files' ? below : [...below, ...own];
  }
  return argumentsOf(typed);
}

const methods = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];
const plain = (texts: readonly string[]): Candidate[] => texts.map((text) => ({ text }));

const named = (root: string | undefined, kind: keyof typeof kindFolders): Candidate[] =>
  root === undefined ? [] : plain(fileNames(root, kind));

/** By what the help calls the argument. */
async function argumentsOf({ command, given, root: own }: Typed): Promise<Candidates> {
  const at = Math.min(given.length, command.arguments.length - 1);
  const argument = command.arguments[at];
  if (!argument || (given.length > at && !argument.many)) return [];
  const parts = argument.name.replace(/[<>[\].]/g, '').split(/[|\s]+/);
  const all: Candidate[] = [];
  for (const part of parts) {
    if (part === 'file' || part === 'url' || part === 'folder') {
      if (parts.length <= 2) return 'files';
    } else if (part === 'request' || part === 'requests') all.push(...named(own, 'request'));
    else if (part === 'method') all.push(...plain(methods));
    else if (part === 'trail' || part === 'names') all.push(...named(own, 'trail'), ...named(own, 'request'));
    else if (part === 'a' || part === 'b') all.push(...named(own, 'request'), ...(await echoes(own)));
    else if (part === 'echo' || part === 'echoes' || part === 'id') all.push(...(await echoes(own)));
    else if (part === 'runs' || part === 'run') all.push(...(await runs(own)));
    else if (part === 'operation' || part === 'type') all.push(...(await operations(own)));
    else if (part === 'source' || part === 'sources') all.push(...plain(Object.keys((await opened(own))?.docs ?? {})));
    else if (part === 'shell') all.push(...plain(['bash', 'zsh', 'fish', 'powershell']));
    else if (part === 'name') all.push(...ofGroup(command.name, own));
  }
  return all;
}

function ofGroup(command: string, own: string | undefined): readonly Candidate[] {
  if (command.startsWith('env ')) return named(own, 'environment');
  return command.startsWith('session ') ? named(own, 'session') : [];
}

/** Values of an option. */
async function valuesOf({ command, given, option, word, root: own }: Typed): Promise<Candidates> {
  const name = option?.names.at(-1);
  switch (name) {
    case '--env':
      return named(own, 'environment');
    case '--session':
      return [...named(own, 'session'), { text: 'none' }];
    case '--sign':
      return [...named(own, 'signature'), { text: 'none' }];
    case '--set':
      return settings(own, command, given, word);
    case '--failed-of':
    case '--resume':
    case '--undo':
      return runs(own);
    default: {
      // What the help lists behind a colon: `the language: node, python, go`.
      const [, list] = /: ((?:[a-z][\w-]*, )+[a-z][\w-]*)$/.exec(option?.about ?? '') ?? [];
      return list === undefined ? 'files' : plain(list.split(', '));
    }
  }
}

/** Inputs of what is sent or walked, with an equals sign; behind it the choices of an input. */
async function settings(
  own: string | undefined,
  command: OutlineCommand,
  given: readonly string[],
  word: string,
): Promise<Candidate[]> {
  if (own === undefined) return [];
  const { declaredInputs } = await import('./declared-inputs.js');
  const inputs = new Map<string, Declared>();
  const kinds = command.name === 'run' ? (['trail', 'request'] as const) : (['request'] as const);
  for (const kind of kinds) {
    const names = fileNames(own, kind);
    for (const one of given) {
      const name = names.find((known) => known === one || known.endsWith(`/${one}`));
      if (name === undefined) continue;
      for (const [input, declared] of declaredInputs(join(own, kindFolders[kind], `${name}.yaml`)))
        inputs.set(input, declared);
    }
  }
  if (!word.includes('='))
    return [...inputs].map(([one, { about, label }]) => ({ text: `${one}=`, about: about ?? label }));
  const input = word.slice(0, word.indexOf('='));
  const { 'one-of': oneOf, suggest, type } = inputs.get(input) ?? {};
  const choices = oneOf ?? suggest ?? (type === 'boolean' ? [true, false] : []);
  return choices.map((choice) => ({ text: `${input}=${String(choice)}` }));
}

/** What of the collection has to be read. */
async function opened(own: string | undefined): Promise<Collection | undefined> {
  if (own === undefined) return undefined;
  const { openCollection } = await import('../../core/collection/collection.js');
  try {
    return openCollection(own);
  } catch {
    return undefined;
  }
}

const mostRecent = 40;

async function runs(own: string | undefined): Promise<Candidate[]> {
  if (own === undefined) return [];
  const { recordedRuns } = await import('../../core/echo/read.js');
  return [
    { text: 'last' },
    ...recordedRuns(join(own, localFolder))
      .slice(0, mostRecent)
      .map(({ run }) => ({ text: run })),
  ];
}

async function echoes(own: string | undefined): Promise<Candidate[]> {
  if (own === undefined) return [];
  const { newestEchoes } = await import('../../core/echo/read.js');
  const newest = await newestEchoes(join(own, localFolder), mostRecent);
  return [
    { text: 'last' },
    ...newest.map(({ id, request, received }) => ({
      text: id,
      about: `${request ?? ''} ${received?.status ?? ''}`.trim(),
    })),
  ];
}

async function operations(root: string | undefined): Promise<Candidate[]> {
  const own = await opened(root);
  if (!own) return [];
  const { openSourceLists } = await import('../../core/collection/sources/source-index.js');
  const all: Candidate[] = [];
  for (const source of Object.keys(own.docs)) {
    const lists = await openSourceLists(own, source).catch(() => undefined);
    for (const { id, method, path } of lists?.listed() ?? [])
      all.push({ text: `${source}/${id}`, about: `${method} ${path}` });
  }
  return all;
}
