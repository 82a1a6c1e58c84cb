/** SOAP: envelopes held against the schemas of the WSDL, responses in their form, faults (SOAP 1.1, section 4.4; SOAP 1.2, section 5.4). */
import { documentedEnvelope } from '../../collection/sources/documented-envelope.js';
import type { SourceCatalogue } from '../../collection/sources/source-catalogue.js';
import { sourceIndex } from '../../collection/sources/source-index.js';
import { escaped } from '../../documentation/model/escape-xml.js';
import type { Operation } from '../../documentation/model/model.js';
import type { RehearsedRequest, RehearsedResponse } from '../messages.js';
import { faultHeader, headerText } from '../refusal.js';

export const isEnvelope = ({ method, body }: RehearsedRequest): boolean =>
  method === 'POST' &&
  /^\s*(?:<\?xml[^>]*>\s*)?<(?:[\w-]+:)?Envelope[\s>]/.test(Buffer.from(body.subarray(0, 500)).toString('utf8'));

/** @param sources those of SOAP @returns undefined where none of them has such an operation */
export async function soapResponse(
  request: RehearsedRequest,
  shelf: SourceCatalogue,
  sources: readonly string[],
): Promise<RehearsedResponse | undefined> {
  const text = Buffer.from(request.body).toString('utf8');
  const version = /http:\/\/www\.w3\.org\/2003\/05\/soap-envelope/.test(text) ? '1.2' : '1.1';
  const [, element = ''] = /<(?:[\w-]+:)?Body[^>]*>\s*(?:<!--[\s\S]*?-->\s*)*<(?:[\w-]+:)?([\w.-]+)/.exec(text) ?? [];
  const action = actionOf(request);
  const all = sources.flatMap((source) => {
    const index = sourceIndex(shelf, source);
    return [...index.listed()].flatMap(({ id }) => index.operation(id) ?? []);
  });
  const ofVersion = all.filter(({ soap }) => soap?.version === version);
  const operation =
    ofVersion.find(({ soap }) => action !== '' && soap?.action === action && isAt(soap.address, request)) ??
    ofVersion.find(({ soap }) => action !== '' && soap?.action === action) ??
    ofVersion.find(({ soap }) => soap?.envelope.includes(`:${element}`) || soap?.operation === element);
  if (!operation?.soap) {
    if (all.length === 0) return undefined;
    return fault(version, [
      `no documented operation takes ${element === '' ? 'an empty body' : element}${action === '' ? '' : ` with the action ${action}`}`,
    ]);
  }
  const faults = (await documentedEnvelope(shelf, operation, text, 'input')).map(
    ({ at, what, line }) => `line ${line}: ${at} ${what}`,
  );
  const name = `${operation.source}/${operation.id}`;
  if (version === '1.1' && operation.soap.action !== '' && action !== operation.soap.action)
    faults.unshift(`the action is ${action === '' ? 'missing' : action}, documented is ${operation.soap.action}`);
  if (faults.length > 0) return { ...fault(version, faults), operation: name };
  return { ...responseOf(operation), operation: name };
}

const isAt = (address: string, { target }: RehearsedRequest): boolean =>
  URL.canParse(address) && new URL(address).pathname === target.split('?')[0];

/** A header of SOAP 1.1, a parameter of the media type in 1.2 (RFC 3902). */
function actionOf({ headers }: RehearsedRequest): string {
  const own = headers.get('soapaction');
  if (own !== undefined) return own.trim().replace(/^"|"$/g, '');
  return /;\s*action="?([^";]*)"?/i.exec(headers.get('content-type') ?? '')?.[1] ?? '';
}

function responseOf({ responses }: Operation): RehearsedResponse {
  const found = responses.find(({ status }) => /^2/.test(status));
  const text = found?.content?.example;
  return {
    status: Number(found?.status ?? 202),
    headers: typeof text === 'string' ? { 'content-type': `${found?.content?.type}; charset=utf-8` } : {},
    body: typeof text === 'string' ? text : '',
    from: 'made up',
  };
}

function fault(version: '1.1' | '1.2', faults: readonly string[]): RehearsedResponse {
  const said = escaped(faults.join('; '));
  const [space, type, body] =
    version === '1.1'
      ? [
          'http://schemas.xmlsoap.org/soap/envelope/',
          'text/xml',
          `<faultcode>soap:Client</faultcode><faultstring>${said}</faultstring>`,
        ]
      : [
          'http://www.w3.org/2003/05/soap-envelope',
          'application/soap+xml',
          `<soap:Code><soap:Value>soap:Sender</soap:Value></soap:Code><soap:Reason><soap:Text xml:lang="en">${said}</soap:Text></soap:Reason>`,
        ];
  return {
    // SOAP 1.2 over HTTP has 400 for what the sender did wrong (part 2, section 7.5.2.2), 1.1 has 500 for every fault.
    status: version === '1.1' ? 500 : 400,
    headers: {
      'content-type': `${type}; charset=utf-8`,
      [faultHeader]: headerText(faults.join('; ')),
    },
    body: `<soap:Envelope xmlns:soap="${space}"><soap:Body><soap:Fault>${body}</soap:Fault></soap:Body></soap:Envelope>`,
    from: 'refusal',
    faults,
  };
}
