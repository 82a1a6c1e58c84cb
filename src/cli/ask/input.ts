/** Asking for an input that the command line did not give. */
import { input, password, search, select } from '@inquirer/prompts';
import type { InputPlan } from '../../core/collection/variables/inputs.js';
import { isSecretName } from '../../core/value/secret-fields.js';
import { textOf } from '../../core/value/text.js';
import type { Value } from '../../core/value/written.js';
import { printableLine } from '../view/printable.js';
import type { Offered } from './offered.js';

/** @param offered by the request of `choose-from` @returns undefined where the default is to hold */
export async function askInput(
  { name, declaration, fallback }: InputPlan,
  offered: readonly Offered[],
): Promise<Value | undefined> {
  const { label, about, secret, 'one-of': oneOf, suggest, 'choose-from': source } = declaration;
  const message = `${name}${(label ?? about) ? ` (${label ?? about})` : ''}`;
  const output = { output: process.stderr };
  if (secret || isSecretName(name)) {
    const typed = await password({ message: `${message} (nothing is shown):`, mask: false }, output);
    return typed === '' && fallback ? undefined : typed;
  }
  const preset = fallback?.constant === undefined ? undefined : textOf(fallback.constant);
  if (oneOf)
    return select(
      { message: `${message}:`, choices: oneOf.map(textOf), ...(preset !== undefined && { default: preset }) },
      output,
    );
  if (offered.length > 0) {
    const choices = offered.map((one) => ({ name: printableLine(one.label), value: one.value }));
    return search(
      {
        message: `${message}:`,
        source: (typed = '') =>
          choices.filter((choice) => choice.name.toLowerCase().includes(typed.trim().toLowerCase())),
      },
      output,
    );
  }
  const hint = suggest ? ` such as ${suggest.map(textOf).join(', ')}` : source ? ` from ${source}` : '';
  const worked = fallback && preset === undefined ? `, empty for ${fallback.text}` : '';
  const typed = await input(
    { message: `${message}${hint}${worked}:`, required: !fallback, ...(preset !== undefined && { default: preset }) },
    output,
  );
  return typed === '' && fallback ? undefined : typed;
}
