/** A parameter of a query or a header, written as its style wants it. */
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import type { Parameter } from '../model/model.js';
import { separatorOf } from '../model/parameter-style.js';
import { members } from './body.js';
import { remark, sample } from './facts.js';
import type { Inputs } from './inputs.js';
import { type DraftMap, type DraftNode, expression, literal, reference } from './yaml.js';

/** @param wanted whether it is written to be sent */
export function setParameter(map: DraftMap, parameter: Parameter, inputs: Inputs, wanted: boolean): void {
  const { name, fields = [], media } = parameter;
  // Its members are parameters of one name: `near[lat]=54.1`.
  const structured = parameter.style === 'deepObject' && wanted && fields.length > 0;
  const node = structured
    ? members(fields, { path: [name], inputs, wanted: () => false })
    : wanted
      ? expression(given(parameter, inputs.add(parameter, [name], parameter.in)))
      : sampleOf(parameter);
  const about = structured ? undefined : `${remark(parameter)}${media === undefined ? '' : `, as ${media}`}`;
  map.set(name, node, { about, active: wanted });
}

/** The input, brought into one text where it is a list or a structure. */
function given(parameter: Parameter, input: string): string {
  const between = separatorOf(parameter);
  if (parameter.media !== undefined && /[/+]json\b/.test(parameter.media)) return `\${${input} | json}`;
  return between === undefined ? reference(input) : `\${${input} | join("${between}")}`;
}

function sampleOf(parameter: Parameter): DraftNode {
  const value = sample(parameter);
  if (parameter.media !== undefined && /[/+]json\b/.test(parameter.media)) return literal(JSON.stringify(value));
  const between = separatorOf(parameter);
  return between === undefined || !Array.isArray(value)
    ? literal(value)
    : literal(value.map((item: Value) => textOf(item)).join(between));
}
