/** The signature base (RFC 9421, section 2.5) and its parameters (section 2.3). */
import { type BareItem, type InnerList, serializeInnerList } from 'structured-headers';
import { type Component, componentValue, identifier, identifierItem, type Message } from './components.js';

/** `("@method" "@path");created=…`, as it is in `Signature-Input`. */
export function signatureParams(
  components: readonly Component[],
  parameters: ReadonlyMap<string, BareItem>,
): InnerList {
  return [components.map(identifierItem), new Map(parameters)];
}

/**
 * The text that is signed: a line a component, the parameters last, no line break at the end.
 * @param params exactly as they are sent: what was received is not written again
 * @throws Problem expression-value: the message lacks a component
 */
export function signatureBase(components: readonly Component[], params: string, message: Message): string {
  const lines = components.map((component) => `${identifier(component)}: ${componentValue(component, message)}`);
  return [...lines, `"@signature-params": ${params}`].join('\n');
}

export const paramsText = (list: InnerList): string => serializeInnerList(list);
