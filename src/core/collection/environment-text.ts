/** The text of a new environment file. */

export interface EnvironmentDraft {
  /** From the collection: `environments/NAME.yaml`. */
  readonly file: string;
  readonly origin: string;
  /** Other origins that it talks to, such as that of a token endpoint. */
  readonly hosts?: readonly string[] | undefined;
  readonly about: string | undefined;
  /** Beside the origin. */
  readonly variables?: Readonly<Record<string, string>> | undefined;
  /** What happens to a call that changes something here. */
  readonly changes: 'allow' | 'ask' | 'refuse';
}

export function environmentText({
  file,
  origin,
  hosts = [],
  about,
  variables = {},
  changes,
}: EnvironmentDraft): string {
  const up = '../'.repeat(file.split('/').length - 1);
  const listed = [...new Set([origin, ...hosts].map((one) => hostAndPort(new URL(one))))];
  return `# yaml-language-server: $schema=${up}.echo-trail/schemas/environment.json
${about === undefined ? '' : `about: ${JSON.stringify(about)}\n`}${`changes: ${changes}`.padEnd(36)}# allow | ask | refuse: what happens to a call that changes something here
variables:
  origin: ${origin}${Object.entries(variables)
    .map(([name, value]) => `\n  ${name}: ${JSON.stringify(value)}`)
    .join('')}
hosts: [${listed.map((one) => JSON.stringify(one)).join(', ')}]   # what the files of the collection say goes nowhere else
timeout: {connect: 10s, total: 60s}
`;
}

const hostAndPort = ({ hostname, port, protocol }: URL): string =>
  `${hostname}:${port || (protocol === 'https:' ? '443' : '80')}`;
