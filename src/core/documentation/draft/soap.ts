/** The call of a SOAP operation: its envelope with inputs in it. */

import { envelopeText, type Leaf, sampleText } from '../formats/wsdl/envelope.js';
import type { OwnSoapOperation } from '../formats/wsdl/model.js';
import { escaped } from '../model/escape-xml.js';
import type { Definitions, Operation, OperationEntry, SoapCall } from '../model/model.js';
import type { Inputs } from './inputs.js';
import { active, block, type CallLines, reference, scalar } from './lines.js';

export function soapLines(
  { changes }: Operation,
  { version, action, address }: SoapCall,
  entry: OperationEntry,
  definitions: Definitions,
  inputs: Inputs,
): CallLines {
  const input = (leaf: Leaf): string => {
    if (!leaf.active) return escaped(sampleText(leaf));
    const { path, type, allowed, limits, about, default: fallback } = leaf;
    const field = {
      name: path.at(-1) ?? 'value',
      type,
      required: true,
      ...(allowed && { allowed }),
      ...(limits && { limits }),
      ...(about !== undefined && { description: about }),
      ...(fallback !== undefined && { default: fallback }),
    };
    return reference(inputs.add(field, path, 'body'));
  };
  const envelope = envelopeText(entry.own as unknown as OwnSoapOperation, definitions, input);
  const path = URL.canParse(address) ? new URL(address).pathname : '/';
  return {
    address: [
      [
        active('method: POST'),
        active(`url: \${origin}${path}`),
        ...(changes ? [] : [active('changes: false                      # by its name a call that only reads')]),
      ],
      // The type of a response is that of its version (SOAP 1.1, section 6; RFC 3902).
      block('headers', [active(`Accept: ${version === '1.2' ? 'application/soap+xml' : 'text/xml'}`)]),
    ],
    body: [
      block(
        'body',
        block('soap', [
          active(`version: "${version}"`),
          ...(action === '' && version === '1.2' ? [] : [active(`action: ${scalar(action === '' ? '""' : action)}`)]),
          active('envelope: |'),
          ...envelope.split('\n').map((line) => active(`  ${line}`)),
        ]),
      ),
      block('expect', [active('status: 200'), active('errors: {count: 0}')]),
    ],
  };
}
