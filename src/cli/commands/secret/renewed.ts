/** The result of re-encrypting shared secrets. */
import type { Recipients } from '../../../core/session/shared-secrets/recipients.js';
import type { Renewed } from '../../../core/session/shared-secrets/shared-secrets.js';
import type { Context } from '../../context.js';
import { emit } from '../../documents/emit.js';

export const renewedDocument = ({ renewed, left }: Renewed) => ({
  renewed: [...renewed],
  left: left.map(({ name, environment, why }) => ({ name, environment, why: why.what })),
});

/** @returns the exit status: 4 where something could not be opened */
export function tellRenewed({ terminal }: Context, renewed: Renewed, recipients: Recipients): number {
  if (terminal.json) emit(terminal, 'secret share all', renewedDocument(renewed));
  else {
    for (const line of renewedLines(renewed, recipients)) terminal.print(line);
    for (const line of leftLines(renewed)) terminal.complain(line);
  }
  return renewed.left.length > 0 ? 4 : 0;
}

/** Names the recipients, so that a key slipped into the manifest is noticed. */
export function renewedLines({ renewed, left }: Renewed, recipients: Recipients): string[] {
  const whom = Object.keys(recipients).join(', ');
  if (renewed.length > 0)
    return renewed.map(({ name, environment }) => `re-encrypted for ${whom}: ${name} of ${environment}`);
  return left.length === 0 ? ['every shared secret is already encrypted for the current recipients'] : [];
}

export const leftLines = ({ left }: Renewed): string[] =>
  left.map(
    ({ name, environment, why }) =>
      `not re-encrypted: ${name} of ${environment}: ${[why.what, why.reason, why.remedy].filter((one) => one !== undefined).join('; ')}`,
  );
