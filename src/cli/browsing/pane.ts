/** A part of the screen as a terminal: what a view or a command prints into it becomes the text of a page. */
import { openTerminal, type Terminal, type TerminalSettings } from '../terminal/terminal.js';

export interface Pane {
  readonly terminal: Terminal;
  /** All that was printed, without its last line feed. */
  text(): string;
  /** What the links in it lead to, by their numbers. */
  readonly links: readonly string[];
}

export interface PaneSettings extends Pick<TerminalSettings, 'colour'> {
  readonly width: number;
  readonly height: number;
  /** Something was printed. */
  readonly printed?: () => void;
  /** The last line of progress, such as what is waited for. */
  readonly progress?: (text: string) => void;
  /** Lends the screen to a question. */
  readonly asking?: Terminal['asking'] | undefined;
  readonly askingNow?: Terminal['askingNow'] | undefined;
}

export function openPane({ width, height, colour, printed, progress, asking, askingNow }: PaneSettings): Pane {
  let text = '';
  const links: string[] = [];
  const stream = {
    isTTY: true,
    columns: width,
    rows: height,
    write(piece: string | Uint8Array) {
      text += typeof piece === 'string' ? piece : Buffer.from(piece).toString('utf8');
      printed?.();
      return true;
    },
  };
  const terminal = openTerminal({ colour }, { stdout: stream, stderr: stream }, links);
  return {
    terminal: {
      ...terminal,
      interactive: asking !== undefined,
      live: false,
      closed: false,
      clearScreen: () => {
        text = '';
      },
      progress: (line) => progress?.(line),
      ...(asking && { asking }),
      ...(askingNow && { askingNow }),
    },
    text: () => text.replace(/\n$/, ''),
    links,
  };
}
