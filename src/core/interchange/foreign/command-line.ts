/** `command-line`: calls of a transfer program in a shell snippet, as vendors' guides and browsers write them. Nothing is run. */

import {
  type ShellCommand,
  type ShellPiece,
  type ShellWord,
  shellCommands,
  wordText,
} from '../../documentation/reading/shell-words.js';
import { Problem } from '../../problem/problem.js';
import { address, bare, Call } from './command-call.js';
import { hole, withoutMarks } from './holes.js';
import type { ForeignRequest, Importer, LeftOut, Read } from './request.js';

/** What stands before the name of a program. */
const before = /^(?:\$|%|>|PS>|sudo|time|exec|command|env)$/;
const assignment = /^([A-Za-z_]\w*)=/;

export const commandLine: Importer = {
  name: 'command-line',
  about: 'a command of a shell that calls an address, or a whole snippet of them',
  claims: (text) =>
    shellCommands(text.slice(0, 20_000)).some(({ words }) => words.length > 1 && words.some((word) => isAddress(word))),
  read(text, name) {
    const snippet = new Snippet(name);
    for (const command of shellCommands(withoutMarks(text.replace(/^\uFEFF/, '')))) snippet.take(command);
    if (snippet.requests.length === 0) {
      throw new Problem('import-unreadable', {
        what: `${name} contains no command with a URL`,
        where: { file: name },
        cause: snippet.left[0] && `${snippet.left[0].from}: ${snippet.left[0].what}`,
        remedy: 'copy the whole command, with its URL and the quotes around it',
      });
    }
    return { requests: snippet.requests, left: snippet.left };
  },
};

const isAddress = ({ pieces: [first, second] }: ShellWord): boolean =>
  typeof first === 'string'
    ? address.test(first) || bare.test(first)
    : first !== undefined && typeof second === 'string' && second.startsWith('/');

/** The commands of one text: values that are assigned hold for those that follow. */
class Snippet implements Read {
  readonly requests: ForeignRequest[] = [];
  readonly left: LeftOut[] = [];
  private readonly variables = new Map<string, string>();

  constructor(private readonly name: string) {}

  take(command: ShellCommand): void {
    const words = command.words.slice();
    while (words[0] && before.test(wordText(words[0].pieces))) words.shift();
    if (words[0] && /^(?:export|set|declare|local|readonly)$/.test(wordText(words[0].pieces))) words.shift();
    while (words[0] && this.assigned(words[0])) words.shift();
    const [program, ...rest] = words;
    if (!program) return;
    const from = `${this.name}, line ${command.line}`;
    const calls = rest.some(isAddress) || rest.some(({ pieces }) => wordText(pieces) === '--url');
    if (!calls || program.quoted) {
      if (
        command.piped &&
        rest.length > 0 &&
        !/^(?:jq|python3?|cat|tee|less|head|tail|grep)$/.test(wordText(program.pieces))
      )
        this.left.push({ from, what: `${wordText(program.pieces)} is not run` });
      return;
    }
    const call = new Call(from, (pieces) => this.text(pieces, from));
    call.read(rest, command.input);
    this.requests.push(...call.requests());
    this.left.push(...call.left);
  }

  private assigned({ pieces }: ShellWord): boolean {
    const [first, ...rest] = pieces;
    const found = typeof first === 'string' ? assignment.exec(first) : null;
    if (!found) return false;
    const [, name = ''] = found;
    // What a command would print is a value that is asked for, by the name that it was to have.
    if (rest.some((piece) => typeof piece !== 'string' && 'command' in piece)) this.variables.delete(name);
    else this.variables.set(name, this.text([(first as string).slice(found[0].length), ...rest], this.name));
    return true;
  }

  /** The text of a word, with holes for what nobody has assigned. */
  private text(pieces: readonly ShellPiece[], from: string): string {
    return pieces
      .map((piece) => {
        if (typeof piece === 'string') return piece;
        if ('name' in piece) return this.variables.get(piece.name) ?? hole(piece.name);
        this.left.push({ from, what: `$(${piece.command.slice(0, 60)}) is not run: its result is asked for` });
        return hole(/\w+/.exec(piece.command)?.[0] ?? 'value');
      })
      .join('');
  }
}
