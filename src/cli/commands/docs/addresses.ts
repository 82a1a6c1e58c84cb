/** Documents from addresses. Loaded only where there is one, since most documents are files. */
import { readFileSync } from 'node:fs';
import { absoluteUrl } from '../../../core/exchange/address/address.js';
import { plainConnection } from '../../../core/exchange/connection/connection.js';
import type { HeaderLine } from '../../../core/exchange/request/wire.js';
import type { Received } from '../../../core/exchange/response/received.js';
import { openTransport } from '../../../core/exchange/transfer/transport.js';
import type { Loads } from '../../../core/expression/compile.js';
import { verdictInside } from '../../../core/place/kinds/errors.js';
import { headerValue } from '../../../core/place/observed.js';
import { Problem } from '../../../core/problem/problem.js';
import { sizeText } from '../../../core/value/measures.js';
import { isValueMap } from '../../../core/value/written.js';
import type { Context } from '../../context.js';
import { version } from '../../version.js';

export interface Addresses {
  /** @param first it is the document that was asked for: its size is told @throws Problem document-unreadable */
  text(from: string, first: boolean): Promise<string>;
  /** The schema of a live endpoint (GraphQL, section 4.2). @throws Problem document-unreadable: introspection is off */
  schema(from: string): Promise<string>;
  close(): Promise<void>;
}

/** A document is asked for with these alone; what a session adds is its own. */
interface Asking {
  readonly method: 'GET' | 'POST';
  readonly body?: string;
  readonly accept: string;
}

/** @param session with which documents of the host of `from` are asked for */
export function openAddresses(context: Context, session: { name: string; from: string } | undefined): Addresses {
  const { terminal } = context;
  const transport = openTransport();
  let behind: ReturnType<typeof askerWith> | undefined;
  const guarded = session && new URL(session.from).host;

  async function asked(from: string, asking: Asking): Promise<Received> {
    const url = absoluteUrl(from);
    if (session && url.host === guarded) {
      behind ??= askerWith(context, session.name);
      return (await behind)(from, asking);
    }
    const bytes = asking.body === undefined ? undefined : Buffer.from(asking.body);
    const { received, trouble } = await transport.send(
      {
        method: asking.method,
        redirects: asking.method === 'GET' ? 10 : 0,
        body: bytes && { bytes, type: 'application/json', shown: '', secret: false },
        url,
        shownUrl: url.href,
        headers: [
          ...(bytes ? [line('content-type', 'application/json')] : []),
          line('accept', asking.accept),
          line('user-agent', `echo-trail/${version}`),
        ],
        timeout: { connect: 10_000, total: 120_000 },
        connection: plainConnection,
      },
      context.signal,
    );
    if (!received || trouble) throw trouble ?? noResponse(from);
    return received;
  }

  return {
    async text(from, first) {
      terminal.progress(`fetching ${from}`);
      const accept = 'application/yaml, application/json, application/xml, text/html, text/markdown, */*';
      const received = await asked(from, { method: 'GET', accept });
      if (looksLikeGraphql(received)) {
        terminal.note(`${from} is a GraphQL endpoint: it is asked for its schema`);
        return this.schema(from);
      }
      if (received.status >= 400) {
        throw new Problem('document-unreadable', {
          what: `${from} returned ${received.status} ${received.parts.reason}`,
          remedy: session
            ? `was the session ${session.name} the right one?`
            : 'if it requires a login, --session NAME fetches it with a session of the collection; or add the file',
        });
      }
      if (first) terminal.note(`fetched ${sizeText(received.size)} from ${received.finalUrl}`);
      return textOf(received);
    },
    async schema(from) {
      terminal.progress(`asking ${from} for its schema`);
      const { introspectionQuery: query } = await import(
        '../../../core/documentation/formats/graphql/introspection.js'
      );
      const received = await asked(from, {
        method: 'POST',
        body: JSON.stringify({ query, operationName: 'IntrospectionQuery' }),
        accept: 'application/graphql-response+json, application/json',
      });
      if (received.claimsJson && received.text.includes('"__schema"')) return received.text;
      throw schemaRefused(from, received);
    },
    close: transport.close,
  };
}

const noResponse = (from: string): Problem => new Problem('exchange-failed', { what: `${from} gave no response` });

/** One that was too long for memory lies in a file. */
const textOf = (received: Received): string =>
  received.parts.spooled ? readFileSync(received.parts.spooled.path, 'utf8') : received.text;

/** Asks as a request of the collection would, so that no credential goes where the environment does not list. */
async function askerWith(
  context: Context,
  session: string,
): Promise<(from: string, asking: Asking) => Promise<Received>> {
  const [{ adHocRequest }, { planRequest }, { plainRequest }, { sendRequest }, { noNames }, workspace] =
    await Promise.all([
      import('../../sending/ad-hoc.js'),
      import('../../../core/exchange/request/request-plan.js'),
      import('../../../core/sending/prepare.js'),
      import('../../../core/sending/send.js'),
      import('../../../core/expression/names.js'),
      context.workspace(),
    ]);
  return async (from, { method, body, accept }) => {
    const { loaded } = adHocRequest(
      { method, url: from, headers: [`Accept: ${accept}`], query: [], body: { json: body }, session, timeout: '120s' },
      'request.json',
    );
    const loads: Loads = [];
    const plan = planRequest(workspace.collection, loaded, loads);
    await Promise.all(loads);
    const { outcome } = await sendRequest(workspace, plainRequest(plan), {
      given: () => undefined,
      caller: noNames,
      changesNothing: true,
      signal: context.signal,
      step: 'documentation',
    });
    if (!outcome.received || outcome.trouble) throw outcome.trouble ?? noResponse(from);
    return outcome.received;
  };
}

/** A GET without a query is refused in the shape of GraphQL (GraphQL over HTTP, section 6.4), or because it is no POST. */
function looksLikeGraphql(received: Received): boolean {
  const { status, headers, finalUrl } = received;
  if (status === 405 && /\bPOST\b/i.test(headerValue(headers, 'allow') ?? '')) return /graphql/i.test(finalUrl);
  if (!received.claimsJson || received.size === 0) return false;
  try {
    return verdictInside(received).length > 0 || (status >= 400 && /\/graphql\b/i.test(finalUrl));
  } catch {
    return false;
  }
}

const line = (name: string, value: string): HeaderLine => ({ name, value, origin: 'automatic', secret: false });

function schemaRefused(from: string, received: Received): Problem {
  const [first] = received.claimsJson ? verdictInside(received) : [];
  const said = isValueMap(first) && typeof first.message === 'string' ? first.message : undefined;
  return new Problem('document-unreadable', {
    what: `${from} does not give its schema: it returned ${received.status} ${received.parts.reason}`,
    cause: said === undefined ? 'introspection is off, or the address is not a GraphQL endpoint' : `it says: ${said}`,
    remedy: 'ask the vendor for the schema as a file (SDL, or the JSON of an introspection), and add that',
  });
}
