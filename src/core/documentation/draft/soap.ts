/** The call of a SOAP operation: its envelope with inputs in it. */

import { envelopeText, type Leaf, sampleText } from '../formats/wsdl/envelope.js';
import type { OwnSoapOperation } from '../formats/wsdl/model.js';
import { escaped } from '../model/escape-xml.js';
import type { Definitions, Operation, OperationEntry, SoapCall } from '../model/model.js';
import type { DraftedCall } from './call.js';
import type { Inputs } from './inputs.js';
import { block, DraftMap, expression, literal, literalText, reference } from './yaml.js';

export function soapCall(
  { changes }: Operation,
  { version, action, address }: SoapCall,
  entry: OperationEntry,
  definitions: Definitions,
  inputs: Inputs,
): DraftedCall {
  const input = (leaf: Leaf): string => {
    if (!leaf.active) return literalText(escaped(sampleText(leaf)));
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
  const soap = new DraftMap().set('version', literal(version));
  if (action !== '' || version !== '1.2') soap.set('action', literal(action === '' ? '""' : action));
  soap.set('envelope', block(`${envelope}\n`));
  const call = new DraftMap().set('method', literal('POST')).set('url', expression(`\${origin}${literalText(path)}`));
  if (!changes) call.set('changes', literal(false), { about: 'by its name a call that only reads' });
  // The type of a response is that of its version (SOAP 1.1, section 6; RFC 3902).
  call.set('headers', new DraftMap().set('Accept', literal(version === '1.2' ? 'application/soap+xml' : 'text/xml')));
  return {
    address: call,
    body: new DraftMap().set('body', new DraftMap().set('soap', soap)),
    result: new DraftMap().set(
      'expect',
      new DraftMap().set('status', literal(200)).set('errors', literal({ count: 0 })),
    ),
  };
}
