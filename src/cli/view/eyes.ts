/** What of a request is seen: secrets hidden, or, on purpose, shown. */
import { hidden, type WireRequest } from '../../core/exchange/request/wire.js';
import type { Named } from '../../core/expression/names.js';
import { shownValue } from '../../core/signature/recipe-run.js';
import type { SigningStep } from '../../core/signature/signature-kind.js';
import { isCredentialHeader, isSecretName } from '../../core/value/secret-fields.js';
import type { Value } from '../../core/value/written.js';

export interface Eyes {
  url(wire: WireRequest): string;
  header(line: WireRequest['headers'][number]): string;
  body(body: NonNullable<WireRequest['body']>): string;
  /** undefined where it is hidden. */
  named(name: string, named: Named): Value | undefined;
  /** Of what is shown already. */
  text(text: string): string;
  /** undefined where nothing of it may be seen. */
  step(step: SigningStep): string | undefined;
}

export const hiding = (hide: (text: string) => string): Eyes => ({
  url: ({ shownUrl }) => hide(shownUrl),
  header: ({ name, value, secret }) => (secret || isCredentialHeader(name) ? hidden : hide(value)),
  body: ({ shown }) => hide(shown),
  named: (name, { value, secret }) => (secret || isSecretName(name) ? undefined : value),
  text: hide,
  step: ({ shown }) => (shown === undefined ? undefined : hide(shown)),
});

export const revealing: Eyes = {
  url: ({ url }) => url.href,
  header: ({ value }) => value,
  // What is streamed from files is not read for a look.
  body: ({ bytes, streamed, shown }) => (streamed ? shown : Buffer.from(bytes).toString('utf8')),
  named: (_, { value }) => value,
  text: (text) => text,
  step: ({ value }) => shownValue(value),
};
