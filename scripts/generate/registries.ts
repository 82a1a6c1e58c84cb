/** Reference pages made from the registries of filters, sources, places, matchers and errors. */
import { join } from 'node:path';
import { exitStatuses } from '../../src/cli/exit-status.js';
import { remedies } from '../../src/cli/view/error-catalogue.js';
import { filterFamilies } from '../../src/core/expression/filters/registry.js';
import { sources } from '../../src/core/expression/sources/registry.js';
import { matchers } from '../../src/core/matcher/registry.js';
import { placeKinds } from '../../src/core/place/registry.js';
import { type ProblemCode, type ProblemFamily, problemCodes } from '../../src/core/problem/codes.js';
import { causes } from '../../src/core/signature/against/registry.js';
import { signatureKinds } from '../../src/core/signature/registry.js';
import { sentMembers } from '../../src/core/signature/sent.js';
import { sentencesIn } from './sentences.js';

const made = 'Made from the code (`npm run generate`).';

interface Entry {
  readonly name: string;
  readonly about: string;
  readonly example: string;
  readonly choices?: readonly string[];
}

function table(entries: Iterable<Entry>): string {
  const rows = [...entries].map(
    ({ name, about, example, choices }) =>
      `| \`${name}\` | ${cell(choices ? `${about}: ${choices.join(', ')}` : about)} | \`${cell(example)}\` |`,
  );
  return ['| name | what it gives | example |', '|---|---|---|', ...rows].join('\n');
}

const cell = (text: string): string => text.replaceAll('|', '\\|');

export function filtersPage(): string {
  const families = [...filterFamilies].map(([family, filters]) => `## Filters: ${family}\n\n${table(filters)}`);
  return `# Sources and filters\n\n${made}\n\n## Sources\n\n${table(sources.values())}\n| \`secret.NAME\` | a secret by name; \`secret.NAME[key]\` by name and key | \`\${secret.deskPassword}\` |\n\n${families.join('\n\n')}\n`;
}

export function matchersPage(): string {
  return `# Places and matchers\n\n${made}\n\n## Places\n\n${table(placeKinds)}\n\n## Matchers\n\n${table(matchers.values())}\n`;
}

export function signaturesPage(): string {
  const rows = (entries: Iterable<readonly [string, string]>): string =>
    [...entries].map(([name, about]) => `| \`${name}\` | ${cell(about)} |`).join('\n');
  const kinds = [...signatureKinds.values()].map(({ name, about }) => [name, about] as const);
  const members = [...sentMembers].map(([name, about]) => [`sent.${name}`, about] as const);
  return `# Signatures\n\n${made}\n\n## Kinds\n\n| kind | what it is |\n|---|---|\n${rows(kinds)}\n\n## The request that is about to leave\n\n| name | what it is |\n|---|---|\n${rows(members)}\n\n## Causes that a comparison knows\n\n${causes.map(({ name }) => `- ${name}`).join('\n')}\n`;
}

/** The table of codes, and below it of each code every sentence that is said under it. */
export function errorsPage(root: string): string {
  const codes = Object.entries(problemCodes);
  const rows = codes.map(
    ([code, { family, meaning }]) =>
      `| [\`${code}\`](#${code}) | ${exitStatuses[family as ProblemFamily]} | ${meaning} | ${remedies[code as ProblemCode]} |`,
  );
  const byCode = sentencesIn(join(root, 'src'));
  const sections = codes.map(([code]) => {
    const said = (byCode.get(code) ?? []).map(
      ({ what, cause = '', remedy = '' }) => `| ${[what, cause, remedy].map(plain).join(' | ')} |`,
    );
    return `## ${code}\n\n| error | cause | try |\n|---|---|---|\n${said.join('\n')}`;
  });
  return `# Errors\n\n${made} The code is in the document that \`--json\` prints of an error. Below the table stands every sentence that is said, by its code: words in capitals stand for what the case is about.\n\n| code | exit status | meaning | what to do |\n|---|---|---|---|\n${rows.join('\n')}\n\n${sections.join('\n\n')}\n`;
}

/** Nothing in it is taken for Markdown. */
const plain = (text: string): string => text.replaceAll('\n', ' ').replace(/[|*_<\\`[\]]/g, '\\$&');
