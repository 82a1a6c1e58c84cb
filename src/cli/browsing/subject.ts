/** What is browsed: its list, its pages, and what can be done from them. */
import type { Visit } from '../../core/browsing/browsing.js';
import type { Outline, Target } from '../../core/browsing/outline.js';
import type { Terminal } from '../terminal/terminal.js';

/** What a key or a link comes to. */
export type Started =
  /** A command of the program, whose output becomes a page. */
  | { readonly command: readonly string[] }
  | { readonly go: Target }
  /** A field of the page. */
  | { readonly unfold: string }
  /** A line at the foot of the screen. */
  | { readonly say: string }
  /** The screen is lent to questions; what comes of it is done. */
  | { readonly ask: () => Promise<Started> };

export interface Act {
  readonly key: string;
  readonly about: string;
  /** @param here the page that is shown; of the output of a command, the page that it was started from @param echo that it left @param output what it printed */
  start(here: Target, echo: string | undefined, output: string): Started | Promise<Started>;
}

export interface Subject {
  readonly title: string;
  readonly outline: Outline;
  /** Rows whose content is shown at first. */
  readonly opened: ReadonlySet<string>;
  /** @param late whether there is time for what takes longer */
  print(visit: Visit, terminal: Terminal, late: boolean): void;
  readonly acts: readonly Act[];
  /** What a link of a page leads to. */
  follow(link: string): Started;
  /** Behind the first picture, and when a command may have changed what there is. */
  refresh(): Promise<void>;
  /** The exchange that the last command left. */
  lastEcho(): Promise<string | undefined>;
}

/** The links that all pages share. */
export function followed(link: string): Started {
  const kind = link.slice(0, link.indexOf(':'));
  const name = link.slice(kind.length + 1);
  switch (kind) {
    case 'operation':
    case 'type':
    case 'echo':
      return { go: { kind, name } };
    case 'unfold':
      return { unfold: name };
    case 'request':
      return { command: ['preview', name] };
    case 'command':
      return { command: JSON.parse(name) as string[] };
    default:
      return { say: `${link} leads nowhere` };
  }
}
