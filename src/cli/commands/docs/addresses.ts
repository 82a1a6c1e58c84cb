/** Documents from addresses. Loaded only where there is one, since most documents are files. */
import { absoluteUrl } from '../../../core/exchange/address/address.js';
import { plainConnection } from '../../../core/exchange/connection/connection.js';
import type { HeaderLine, WireRequest } from '../../../core/exchange/request/wire.js';
import type { Received } from '../../../core/exchange/response/received.js';
import { openTransport } from '../../../core/exchange/transfer/transport.js';
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

export function openAddresses({ terminal, signal }: Context): Addresses {
  const transport = openTransport();

  async function asked(from: string, request: Pick<WireRequest, 'method' | 'body' | 'redirects'>, lines: HeaderLine[]) {
    const url = absoluteUrl(from);
    const { received, trouble } = await transport.send(
      {
        ...request,
        url,
        shownUrl: url.href,
        headers: [...lines, line('user-agent', `echo-trail/${version}`)],
        timeout: { connect: 10_000, total: 120_000 },
        connection: plainConnection,
      },
      signal,
    );
    if (!received || trouble) throw trouble ?? new Problem('exchange-failed', { what: `${from} gave no response` });
    return received;
  }

  return {
    async text(from, first) {
      terminal.progress(`fetching ${from}`);
      const received = await asked(from, { method: 'GET', body: undefined, redirects: 10 }, [
        line('accept', 'application/yaml, application/json, application/xml, text/html, text/markdown, */*'),
      ]);
      if (looksLikeGraphql(received)) {
        terminal.note(`${from} is a GraphQL endpoint: it is asked for its schema`);
        return this.schema(from);
      }
      if (received.status >= 400) {
        throw new Problem('document-unreadable', {
          what: `${from} returned ${received.status} ${received.parts.reason}`,
          remedy: 'fetch it by hand where it wants a log-in, and add the file',
        });
      }
      if (first) terminal.note(`fetched ${sizeText(received.size)} from ${received.finalUrl}`);
      return received.text;
    },
    async schema(from) {
      terminal.progress(`asking ${from} for its schema`);
      const { introspectionQuery: query } = await import(
        '../../../core/documentation/formats/graphql/introspection.js'
      );
      const bytes = Buffer.from(JSON.stringify({ query, operationName: 'IntrospectionQuery' }));
      const body = { bytes, type: 'application/json', shown: '', secret: false };
      const received = await asked(from, { method: 'POST', body, redirects: 0 }, [
        line('content-type', 'application/json'),
        line('accept', 'application/graphql-response+json, application/json'),
      ]);
      if (received.claimsJson && received.text.includes('"__schema"')) return received.text;
      throw schemaRefused(from, received);
    },
    close: transport.close,
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
