/** The SOAP service: customs declarations, SOAP 1.1 and 1.2, strict about action, namespaces, order and types. */
import { DOMParser, type Element, onErrorStopParsing } from '@xmldom/xmldom';
import type { FastifyReply, FastifyRequest } from 'fastify';
import type { ServiceModule } from '../service.js';
import { customs, customsTypes, customsWsdl, messagesXsd, typesXsd } from './wsdl.js';

const envelopes = {
  'text/xml': { version: '1.1', namespace: 'http://schemas.xmlsoap.org/soap/envelope/' },
  'application/soap+xml': { version: '1.2', namespace: 'http://www.w3.org/2003/05/soap-envelope' },
} as const;
type Envelope = (typeof envelopes)[keyof typeof envelopes];

/** A fault: whose it is, and what the office says. */
class Fault extends Error {
  constructor(
    readonly side: 'client' | 'server',
    message: string,
    readonly refusal?: string,
  ) {
    super(message);
  }
}

interface Declaration {
  readonly number: string;
  readonly imo: string;
  readonly goods: string;
}

export const customsService: ServiceModule = {
  register(app, state, origin) {
    app.addContentTypeParser(Object.keys(envelopes), { parseAs: 'string' }, (_request, body, done) => done(null, body));
    const xml = (text: () => string) => async (_request: unknown, reply: FastifyReply) =>
      reply.type('text/xml; charset=utf-8').send(text());
    app.get(
      '/customs.wsdl',
      xml(() => customsWsdl(origin())),
    );
    app.get(
      '/customs/messages.xsd',
      xml(() => messagesXsd),
    );
    app.get(
      '/customs/types.xsd',
      xml(() => typesXsd),
    );

    const declarations = new Map<string, Declaration>();
    const operations: Readonly<Record<string, (call: Element, header: Element | undefined) => string>> = {
      Declare(call, header) {
        const desk = header && only(header, customs, 'Desk');
        if (!desk) throw new Fault('client', 'the header Desk is missing');
        oneOf(desk.textContent ?? '', ['north', 'south'], 'Desk');
        const parts = elements(call);
        const imo = expect(parts, customs, 'imo');
        if (!/^[0-9]{7}$/.test(imo.textContent ?? '')) throw new Fault('client', 'imo: seven digits are wanted');
        const arrival = expect(parts, customs, 'arrival');
        if (!/^\d{4}-\d\d-\d\d$/.test(arrival.textContent ?? ''))
          throw new Fault('client', 'arrival: a date is wanted, such as 2026-11-24');
        const goods = [expect(parts, customs, 'goods')];
        while (parts[0]?.localName === 'goods') goods.push(expect(parts, customs, 'goods'));
        const written = goods.map(goodsOf).join('');
        const who = parts.shift()?.localName;
        if (who !== 'broker' && who !== 'owner')
          throw new Fault('client', `after goods stands broker or owner, not ${who ?? 'nothing'}`);
        const last = parts[0]?.localName === 'remark' ? parts[1] : parts[0];
        if (last) throw new Fault('client', `${last.localName} has no place here`);
        if (!state.vessels.has(imo.textContent ?? ''))
          throw new Fault('client', 'the declaration is refused', `no vessel has the IMO number ${imo.textContent}`);
        const number = `CD-${String(declarations.size + 1).padStart(4, '0')}`;
        declarations.set(number, { number, imo: imo.textContent ?? '', goods: written });
        return `<c:DeclareResponse xmlns:c="${customs}"><c:number>${number}</c:number><c:state>taken</c:state></c:DeclareResponse>`;
      },
      ReadDeclaration(call) {
        const number = expect(elements(call), customs, 'number').textContent ?? '';
        const found = declarations.get(number);
        if (!found) throw new Fault('client', 'the declaration is not known', `there is no declaration ${number}`);
        return `<c:ReadDeclarationResponse xmlns:c="${customs}" xmlns:t="${customsTypes}"><c:number>${number}</c:number><c:state>cleared</c:state><c:imo>${found.imo}</c:imo>${found.goods}</c:ReadDeclarationResponse>`;
      },
    };

    app.post('/customs', async (request, reply) => {
      const [type = ''] = (request.headers['content-type'] ?? '').split(';');
      const envelope = envelopes[type.trim().toLowerCase() as keyof typeof envelopes];
      if (!envelope)
        return reply.code(415).type('text/plain').send('text/xml for SOAP 1.1, application/soap+xml for SOAP 1.2');
      try {
        const { call, header } = readEnvelope(String(request.body), envelope);
        requireAction(request, envelope, call.localName ?? '');
        const operation = call.namespaceURI === customs ? operations[call.localName ?? ''] : undefined;
        if (!operation)
          throw new Fault('client', `the office has no operation {${call.namespaceURI}}${call.localName}`);
        return answer(reply, 200, envelope, operation(call, header));
      } catch (error) {
        if (!(error instanceof Fault)) throw error;
        return answer(reply, 500, envelope, faultText(error, envelope));
      }
    });
  },
  services: (origin) => [
    { name: 'customs', about: 'SOAP 1.1 and 1.2: declarations', address: `${origin}/customs` },
    { name: '', about: 'its WSDL, which imports two schemas', address: `${origin}/customs.wsdl` },
  ],
};

function readEnvelope(text: string, { namespace, version }: Envelope): { call: Element; header: Element | undefined } {
  let root: Element | null;
  try {
    root = new DOMParser({ onError: onErrorStopParsing }).parseFromString(text, 'text/xml').documentElement;
  } catch (error) {
    throw new Fault('client', `the envelope is not well-formed: ${(error as Error).message.split('\n')[0]}`);
  }
  if (root?.localName !== 'Envelope' || root.namespaceURI !== namespace)
    throw new Fault('client', `an envelope of SOAP ${version} is wanted`);
  const body = only(root, namespace, 'Body');
  const [call, other] = body ? elements(body) : [];
  if (!call || other) throw new Fault('client', 'the body holds one element');
  return { call, header: only(root, namespace, 'Header') };
}

/** SOAP 1.1 section 6.1.1: the action is in quotes. SOAP 1.2 has it in the content type. */
function requireAction({ headers }: FastifyRequest, { version }: Envelope, operation: string): void {
  const wanted = `${customs}/${operation}`;
  if (version === '1.2') {
    const action = /;\s*action="([^"]*)"/.exec(headers['content-type'] ?? '')?.[1];
    if (action !== undefined && action !== wanted)
      throw new Fault('client', `the action ${action} is not that of ${operation}`);
    return;
  }
  const given = headers.soapaction;
  if (given === undefined) throw new Fault('client', 'the header SOAPAction is missing');
  if (given !== `"${wanted}"`)
    throw new Fault('client', `SOAPAction is ${given}; "${wanted}" is wanted, with its quotes`);
}

function goodsOf(goods: Element): string {
  if (!/^[1-9]\d*$/.test(goods.getAttribute('line') ?? ''))
    throw new Fault('client', 'goods: the attribute line, from 1, is missing');
  const parts = elements(goods);
  const kind = expect(parts, customsTypes, 'kind').textContent ?? '';
  oneOf(kind, ['grain', 'timber', 'mixed'], 'kind');
  const tonnes = expect(parts, customsTypes, 'tonnes').textContent ?? '';
  if (!/^\d+(?:\.\d+)?$/.test(tonnes) || Number(tonnes) <= 0)
    throw new Fault('client', 'tonnes: a number over 0 is wanted');
  const marks = parts.map((part) => {
    if (part.localName !== 'mark' || part.namespaceURI !== customsTypes)
      throw new Fault('client', `${part.localName} has no place in goods`);
    return `<t:mark>${escaped(part.textContent ?? '')}</t:mark>`;
  });
  if (marks.length > 3) throw new Fault('client', 'goods: at most three marks');
  return `<c:goods line="${goods.getAttribute('line')}"><t:kind>${kind}</t:kind><t:tonnes>${tonnes}</t:tonnes>${marks.join('')}</c:goods>`;
}

function oneOf(value: string, allowed: readonly string[], name: string): void {
  if (!allowed.includes(value))
    throw new Fault('client', `${name}: one of ${allowed.join(', ')} is wanted, not ${value}`);
}

/** The next element, which must be this one. */
function expect(parts: Element[], namespace: string, name: string): Element {
  const next = parts.shift();
  if (next?.localName === name && next.namespaceURI === namespace) return next;
  throw new Fault(
    'client',
    `${name} of ${namespace} is wanted, not ${next ? `${next.localName} of ${next.namespaceURI || 'no namespace'}` : 'the end'}`,
  );
}

function elements(holder: Element): Element[] {
  return [...holder.childNodes].filter((node): node is Element => node.nodeType === 1);
}

const only = (holder: Element, namespace: string, name: string): Element | undefined =>
  elements(holder).find((one) => one.namespaceURI === namespace && one.localName === name);

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');

function faultText({ side, message, refusal }: Fault, { version, namespace }: Envelope): string {
  const detail =
    refusal === undefined
      ? ''
      : `<c:AccessDenied xmlns:c="${customs}"><c:reason>${escaped(refusal)}</c:reason></c:AccessDenied>`;
  if (version === '1.1') {
    const code = side === 'client' ? 'Client' : 'Server';
    return `<soap:Fault><faultcode>soap:${code}</faultcode><faultstring>${escaped(message)}</faultstring>${detail && `<detail>${detail}</detail>`}</soap:Fault>`;
  }
  const code = side === 'client' ? 'Sender' : 'Receiver';
  return `<soap:Fault xmlns:soap="${namespace}"><soap:Code><soap:Value>soap:${code}</soap:Value></soap:Code><soap:Reason><soap:Text xml:lang="en">${escaped(message)}</soap:Text></soap:Reason>${detail && `<soap:Detail>${detail}</soap:Detail>`}</soap:Fault>`;
}

function answer(reply: FastifyReply, status: number, { version, namespace }: Envelope, body: string): FastifyReply {
  return reply
    .code(status)
    .type(version === '1.1' ? 'text/xml; charset=utf-8' : 'application/soap+xml; charset=utf-8')
    .send(
      `<?xml version="1.0" encoding="UTF-8"?><soap:Envelope xmlns:soap="${namespace}"><soap:Body>${body}</soap:Body></soap:Envelope>`,
    );
}
