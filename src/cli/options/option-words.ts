/** Options that may be written in another way: as many people spell them, or as they were called before. */

const words: ReadonlyMap<string, string> = new Map([
  ['--no-color', '--no-colour'],
  // What it was called before: read until the next release.
  ['--most', '--limit'],
]);

/** @returns the command line with the words that the commands declare; what stands behind `--` is no option */
export function optionWords(argv: readonly string[]): string[] {
  const end = argv.indexOf('--');
  return argv.map((word, index) => {
    if (end !== -1 && index > end) return word;
    const [name = '', ...value] = word.split('=');
    const meant = words.get(name);
    return meant === undefined ? word : [meant, ...value].join('=');
  });
}
