/** Where a line of a text is in the YAML file that holds the text. */
import type { YamlFile } from '../collection/yaml.js';
import type { FilePosition } from '../problem/problem.js';

/** @param line in the text, from 1 */
export function positionInText(yaml: YamlFile, path: readonly (string | number)[], line: number): FilePosition {
  const start = yaml.position(path);
  // A block of text begins on the line behind its key.
  const behind = /[|>][-+\d]*\s*(?:#.*)?$/.test(yaml.line(start) ?? '') ? 0 : 1;
  return { ...start, ...(start.line !== undefined && { line: start.line + line - behind }) };
}
