/** Asking for an input that the command line did not give. */
import { input, select } from '@inquirer/prompts';
import type { InputPlan } from '../../core/collection/inputs.js';
import { textOf } from '../../core/value/text.js';

export function askInput({ name, declaration }: InputPlan): Promise<string> {
  const { label, about, 'one-of': oneOf, suggest, 'choose-from': source } = declaration;
  const message = `${name}${(label ?? about) ? ` (${label ?? about})` : ''}:`;
  if (oneOf) return select({ message, choices: oneOf.map(textOf) }, { output: process.stderr });
  const hint = suggest ? ` such as ${suggest.map(textOf).join(', ')}` : source ? ` from ${source}` : '';
  return input({ message: message.replace(/:$/, `${hint}:`), required: true }, { output: process.stderr });
}
