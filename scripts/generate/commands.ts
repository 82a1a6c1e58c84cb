/** The reference of the commands: what the program says of itself. */
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { stages } from '../../src/cli/commands/table.js';

/** Commands below a command, in the order of its help. */
const below: Readonly<Record<string, readonly string[]>> = {
  docs: ['add', 'list', 'find', 'show'],
  env: ['list', 'use', 'show', 'clear'],
  secret: ['set', 'list', 'remove'],
  session: ['open', 'show', 'close', 'list'],
  echo: ['list', 'show', 'resend', 'prune'],
  demo: ['serve'],
};

export function commandsPage(): string {
  const parts = stages.map(({ heading, commands }) => {
    const texts = commands.flatMap(({ name }) => {
      const inner = (below[name] ?? []).map((word) => [name, word]);
      return (name === 'demo' ? [[name], ...inner] : inner.length > 0 ? inner : [[name]]).map(help);
    });
    return `## ${heading}\n\n${texts.join('\n\n')}`;
  });
  return `# Commands\n\nMade from the help of the program (\`npm run generate\`). The options that every command has are in \`echo-trail --help\`.\n\n${parts.join('\n\n')}\n`;
}

function help(words: readonly string[]): string {
  const text = execFileSync(process.execPath, [join(import.meta.dirname, 'main.cjs'), ...words, '--help'], {
    encoding: 'utf8',
    env: { ...process.env, COLUMNS: '100', NO_COLOR: '1' },
  });
  const own = text.replace(/\nGlobal Options:\n(?: .*\n)+/, '');
  return `### echo-trail ${words.join(' ')}\n\n\`\`\`\n${own.trim()}\n\`\`\``;
}
