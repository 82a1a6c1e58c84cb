/** The page of the manual (man 7 man), from what the program says of its commands. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { stages } from '../../src/cli/commands/table.js';
import type { OutlineCommand, OutlineOption } from '../../src/cli/outline.js';

/** As it stands: no sign of it is an instruction. */
const plain = (text: string): string =>
  text
    .replaceAll('\\', '\\e')
    .replaceAll('-', '\\-')
    .replace(/^(?=[.'])/gm, '\\&')
    .replaceAll('‹', '<')
    .replaceAll('›', '>');

const bold = (text: string): string => `\\fB${plain(text)}\\fR`;

function optionText({ names, value, about }: OutlineOption): string {
  const name = names.map(bold).join(', ');
  return `.TP\n${name}${value === undefined ? '' : ` \\fI${plain(value)}\\fR`}\n${plain(about)}`;
}

function commandText({ name, summary, arguments: all, options, examples }: OutlineCommand): string {
  const usage = all.map((one) => ` \\fI${plain(one.name)}\\fR`).join('');
  const groups = [...new Set(options.map(({ group }) => group))];
  return [
    `.SS ${plain(name)}`,
    `${bold(`echo-trail ${name}`)}${usage}${options.length > 0 ? ' [options]' : ''}`,
    `.PP\n${plain(summary)}`,
    ...all.map((one) => `.TP\n\\fI${plain(one.name)}\\fR\n${plain(one.about)}`),
    ...groups.flatMap((group) => [
      ...(groups.length > 1 ? [`.PP\n${plain(group)}:`] : []),
      ...options.filter((one) => one.group === group).map(optionText),
    ]),
    ...(examples.length > 0
      ? ['.PP\nExamples:', ...examples.map(([text, about]) => `.TP\n${bold(`echo-trail ${text}`)}\n${plain(about)}`)]
      : []),
  ].join('\n');
}

export function manPage(): string {
  // Bundled into dist/.
  const root = join(import.meta.dirname, '..');
  const outline = JSON.parse(readFileSync(join(root, 'dist/outline.json'), 'utf8')) as OutlineCommand[];
  const { version } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8')) as { version: string };
  const program = outline.find(({ name }) => name === '') as OutlineCommand;
  const below = (name: string): OutlineCommand[] =>
    outline.filter((one) => (one.name === name || one.name.startsWith(`${name} `)) && one.examples.length > 0);
  return `${[
    `.TH ECHO\\-TRAIL 1 "" "echo\\-trail ${version}"`,
    `.SH NAME\necho\\-trail \\- explore, build and run requests of a vendor's API`,
    `.SH SYNOPSIS\n${bold('echo-trail')} [\\fIoptions\\fR] \\fIcommand\\fR [\\fIarguments\\fR]`,
    `.SH DESCRIPTION\n${plain(program.summary)}\n.PP\nA collection is a folder with the file ${bold('echo-trail.yaml')}: requests, trails, environments and sessions as YAML, one in a file each, for version control. The nearest one upward is used.`,
    `.SH OPTIONS\n${program.options.map(optionText).join('\n')}`,
    ...stages.map(
      ({ heading, commands }) =>
        `.SH ${plain(heading.toUpperCase())}\n${commands.flatMap(({ name }) => below(name).map(commandText)).join('\n')}`,
    ),
    `.SH EXIT STATUS
.TP
0
All well.
.TP
1
An expectation failed.
.TP
2
Wrong usage, or a broken file.
.TP
3
No usable response.
.TP
4
Refused by the environment, or a secret or session is missing.
.TP
130
Interrupted.
.PP
Of several the first by the order 130, 2, 4, 3, 1 counts.`,
    `.SH ENVIRONMENT
.TP
\\fBECHO_TRAIL_SECRET_\\fINAME\\fR
A secret, in place of one that is stored.
.TP
\\fBECHO_TRAIL_HOME\\fR
The folder of the user's own settings and key.
.TP
\\fBNO_COLOR\\fR, \\fBCI\\fR, \\fBCOLUMNS\\fR
No colours; lines that are not rewritten; the width of tables.`,
    `.SH FILES
.TP
\\fBecho\\-trail.yaml\\fR
The manifest of a collection.
.TP
\\fB.echo\\-trail/\\fR
What is of this machine alone: secrets, open sessions, recorded exchanges.`,
  ].join('\n')}\n`;
}
