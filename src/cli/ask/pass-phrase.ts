/** The pass phrase of one's identity; asking for it loads the prompts. */
import type { IdentitySources } from '../../core/session/shared-secrets/identity.js';
import type { Terminal } from '../terminal/terminal.js';

/** undefined where nobody is at a terminal */
export const passPhraseAt = ({
  interactive,
  asking,
}: Pick<Terminal, 'interactive' | 'asking'>): IdentitySources['passPhrase'] =>
  interactive ? () => asking(async () => (await import('./secret.js')).askPassPhrase()) : undefined;
