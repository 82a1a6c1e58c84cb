/**
 * The whole screen of a terminal, drawn in pieces: only those that have changed are written, so that a slow connection is enough.
 * It leaves the terminal as it was, whatever ends the program. Control functions are those of ECMA-48 and of xterm.
 */
import { writeSync } from 'node:fs';
import { emitKeypressEvents, type Interface } from 'node:readline';
import { ownMember } from '../../core/value/own-member.js';

/** What is at a place, padded to its width: a piece that is not told again is gone. */
export interface Piece {
  /** From 1. */
  readonly row: number;
  readonly column: number;
  readonly text: string;
}

/** A key by its name: `up`, `page-down`, `enter`, `escape`, `ctrl-c`, or what it types. */
export interface Key {
  readonly name: string;
  /** Text that it puts in; empty of all others. */
  readonly text: string;
}

export interface Screen {
  readonly columns: number;
  readonly rows: number;
  /** Whether a person is there who can be asked. */
  readonly asks: boolean;
  draw(pieces: readonly Piece[]): void;
  /** Gives the terminal to something else, and takes it back; all is drawn again then. */
  lend<T>(work: () => Promise<T>): Promise<T>;
  /** The same for work that waits for nothing. */
  lendNow<T>(work: () => T): T;
  /** As Ctrl-Z does: the shell goes on until it calls the program back. */
  stop(): void;
  leave(): void;
}

export interface ScreenListener {
  key(key: Key): void;
  /** Its size is another, or it was given back: everything is to be drawn. */
  changed(): void;
}

// The screen beside the usual one, without a cursor; the wheel sends arrow keys there, and text can still be selected.
const entering = '\u001b[?1049h\u001b[?25l\u001b[?1007h\u001b[2J';
const leaving = '\u001b[0m\u001b[?1007l\u001b[?25h\u001b[?1049l';

/** Milliseconds after which an escape character is the key, and not the beginning of another. */
const escapeWait = 80;

/** Standard input and output have to be a terminal. */
export function openScreen(listener: ScreenListener): Screen {
  const { stdin, stdout } = process;
  let shown = new Map<string, string>();
  let inside = false;
  const onKey = (text: string | undefined, key: NodeKey): void => listener.key(keyOf(text, key));
  const resized = (): void => {
    shown = new Map();
    stdout.write('\u001b[2J');
    listener.changed();
  };
  const enter = (): void => {
    inside = true;
    shown = new Map();
    stdout.write(entering);
    stdin.setRawMode(true);
    stdin.on('keypress', onKey);
    stdout.on('resize', resized);
    stdin.resume();
  };
  const leave = (): void => {
    if (!inside) return;
    inside = false;
    stdin.off('keypress', onKey);
    stdout.off('resize', resized);
    if (stdin.isTTY) stdin.setRawMode(false);
    stdin.pause();
    // At once: the program may be at its end.
    writeSync(stdout.fd, leaving);
  };
  emitKeypressEvents(stdin, { escapeCodeTimeout: escapeWait } as unknown as Interface);
  process.on('exit', leave);
  // Before anything is said about it.
  process.prependListener('uncaughtException', leave);
  enter();
  return {
    get columns() {
      return stdout.columns || 80;
    },
    get rows() {
      return stdout.rows || 24;
    },
    asks: true,
    draw(pieces) {
      if (!inside) return;
      const before = shown;
      shown = new Map();
      let written = '';
      for (const { row, column, text } of pieces) {
        const place = `${row};${column}`;
        shown.set(place, text);
        if (before.get(place) !== text) written += `\u001b[${place}H${text}\u001b[0m`;
      }
      if (written !== '') stdout.write(written);
    },
    async lend(work) {
      leave();
      try {
        return await work();
      } finally {
        enter();
        listener.changed();
      }
    },
    lendNow(work) {
      leave();
      try {
        return work();
      } finally {
        enter();
        listener.changed();
      }
    },
    stop() {
      leave();
      process.kill(process.pid, 'SIGTSTP');
      // Time passes for it when it is called back; where nobody could do that, the system does not stop it.
      setTimeout(() => {
        enter();
        listener.changed();
      }, 100);
    },
    leave() {
      leave();
      process.off('exit', leave);
      process.off('uncaughtException', leave);
    },
  };
}

interface NodeKey {
  readonly name?: string;
  readonly sequence?: string;
  readonly ctrl?: boolean;
  readonly meta?: boolean;
  readonly shift?: boolean;
}

const named: Readonly<Record<string, string>> = {
  return: 'enter',
  enter: 'enter',
  pageup: 'page-up',
  pagedown: 'page-down',
};

/** Node's names of keys, and what they type. */
function keyOf(text: string | undefined, { name = '', ctrl, meta, shift }: NodeKey): Key {
  if (ctrl) return { name: `ctrl-${name}`, text: '' };
  if (name === 'tab' && shift) return { name: 'shift-tab', text: '' };
  const typed = text !== undefined && !meta && /^[^\p{Cc}]+$/u.test(text) ? text : '';
  if (typed !== '') return { name: typed === ' ' ? 'space' : typed, text: typed };
  return { name: ownMember(named, name) ?? name, text: '' };
}
