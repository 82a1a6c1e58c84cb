/** The text of a new environment file. */

export interface EnvironmentDraft {
  /** From the collection: `environments/NAME.yaml`. */
  readonly file: string;
  readonly origin: string;
  readonly about: string | undefined;
  /** What happens to a call that changes something here. */
  readonly changes: 'allow' | 'ask' | 'refuse';
}

export function environmentText({ file, origin, about, changes }: EnvironmentDraft): string {
  const up = '../'.repeat(file.split('/').length - 1);
  const { hostname } = new URL(origin);
  return `# yaml-language-server: $schema=${up}.echo-trail/schemas/environment.json
${about === undefined ? '' : `about: ${JSON.stringify(about)}\n`}${`changes: ${changes}`.padEnd(36)}# allow | ask | refuse: what happens to a call that changes something here
variables:
  origin: ${origin}
hosts: [${JSON.stringify(hostname.replace(/^\[|\]$/g, ''))}]   # credentials go to these hosts only
timeout: {connect: 10s, total: 60s}
`;
}
