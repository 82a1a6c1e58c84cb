/** A parameter of a query or a header, written as its style wants it. */
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import type { Parameter } from '../model/model.js';
import { separatorOf } from '../model/parameter-style.js';
import { members } from './body.js';
import type { Inputs } from './inputs.js';
import { active, block, flow, key, type Line, reference, remark, sample, scalar } from './lines.js';

export function parameterLines(parameter: Parameter, inputs: Inputs): Line[] {
  const { name, required, fields = [], media } = parameter;
  // Its members are parameters of one name: `near[lat]=54.1`.
  if (parameter.style === 'deepObject' && required && fields.length > 0)
    return block(key(name), members(fields, [name], inputs, true));
  const value = required ? scalarOf(parameter, inputs.add(parameter, [name], parameter.in)) : sampleOf(parameter);
  return [{ ...active(`${key(name)}: ${value}${remark(parameter)}${mediaText(media)}`), active: required }];
}

/** The input, brought into one text where it is a list or a structure. */
function scalarOf(parameter: Parameter, input: string): string {
  const between = separatorOf(parameter);
  if (parameter.media !== undefined && /[/+]json\b/.test(parameter.media)) return scalar(`\${${input} | json}`);
  return between === undefined ? reference(input) : scalar(`\${${input} | join("${between}")}`);
}

function sampleOf(parameter: Parameter): string {
  const value = sample(parameter);
  if (parameter.media !== undefined && /[/+]json\b/.test(parameter.media)) return scalar(JSON.stringify(value));
  const between = separatorOf(parameter);
  return between === undefined || !Array.isArray(value)
    ? flow(value)
    : scalar(value.map((item: Value) => textOf(item)).join(between));
}

const mediaText = (media: string | undefined): string => (media === undefined ? '' : `, as ${media}`);
