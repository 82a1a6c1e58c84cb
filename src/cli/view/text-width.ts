/** Columns that a text takes at a terminal. */
import measuredWidth from 'fast-string-width';

/** Most texts are plain: their width is their length, and need not be measured. */
const plain = /^[\x20-\x7e…]*$/;

export const isPlain = (text: string): boolean => plain.test(text);
export const textWidth = (text: string): number => (plain.test(text) ? text.length : measuredWidth(text));
