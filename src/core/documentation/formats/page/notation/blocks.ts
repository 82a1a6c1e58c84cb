/** A page as a row of blocks, whatever it was written in. */

export type Block = Heading | Text | Table | Code;

export interface Heading {
  readonly is: 'heading';
  /** 1 is the title of the page. */
  readonly level: number;
  readonly text: string;
  readonly line: number;
}

export interface Text {
  readonly is: 'text';
  readonly text: string;
  /** The same, what is code between backticks. */
  readonly marked: string;
  readonly line: number;
}

export interface Table {
  readonly is: 'table';
  /** The cells of the head, else of the first row. */
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** The same, what is code between backticks. */
  readonly marked: readonly (readonly string[])[];
  /** Where each row stands. */
  readonly lines: readonly number[];
  readonly line: number;
  /** Of a list: its items that are not like the others. */
  readonly others?: readonly Unread[];
}

/** What says something of a field, and of which nobody knows. */
export interface Unread {
  readonly text: string;
  readonly line: number;
}

export interface Code {
  readonly is: 'code';
  readonly text: string;
  /** As the page names it: `json`, `http`. */
  readonly language: string;
  readonly line: number;
}
