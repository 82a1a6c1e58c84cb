/** The reference of the commands: what the program says of itself. */
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { stages } from '../../src/cli/commands/table.js';

export function commandsPage(): string {
  const parts = stages.map(({ heading, commands }) => {
    const texts = commands.flatMap(({ name }) => helps([name]));
    return `## ${heading}\n\n${texts.join('\n\n')}`;
  });
  return `# Commands\n\nMade from the help of the program (\`npm run generate\`). The options that every command has are in \`echo-trail --help\`.\n\n${parts.join('\n\n')}\n`;
}

/** Of a command, and of those below it, in the order of its help. A group that does nothing by itself has no help of its own. */
function helps(words: readonly string[]): string[] {
  const text = execFileSync(process.execPath, [join(import.meta.dirname, 'main.cjs'), ...words, '--help'], {
    encoding: 'utf8',
    env: { ...process.env, COLUMNS: '80', NO_COLOR: '1' },
  });
  const [, list = ''] = /\nCommands:\n((?: .*\n?)+)/.exec(text) ?? [];
  const below = [...list.matchAll(/^ {2}([a-z][\w-]*)/gm)].flatMap(([, word = '']) => (word === 'help' ? [] : word));
  const own = text.replace(/\nEverywhere: .*\n.*/, '');
  const acts = below.length === 0 || own.includes('\nExamples:');
  const page = `### echo-trail ${words.join(' ')}\n\n\`\`\`\n${own.trim()}\n\`\`\``;
  return [...(acts ? [page] : []), ...below.flatMap((word) => helps([...words, word]))];
}
