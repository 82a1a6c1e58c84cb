/** The response to a request that is wrong: the documented one where there is one, else problem details (RFC 9457). */
import { STATUS_CODES } from 'node:http';
import { isJsonType } from '../documentation/model/media-types.js';
import type { DocumentedResponse, Operation } from '../documentation/model/model.js';
import { isValueMap, type Value } from '../value/written.js';
import type { Refused, RehearsedResponse } from './messages.js';

/** Says what is wrong where the documented body has no place for it. */
export const faultHeader = 'rehearsal-fault';

/** @param bodyOf an example of a documented response */
export function refusal(
  { status, title, faults, headers }: Refused,
  operation: Operation | undefined,
  bodyOf: (response: DocumentedResponse, status: number) => Value | undefined,
): RehearsedResponse {
  const detail = faults.join('; ');
  const found = operation && documentedRefusal(operation, status);
  const type = found?.response.content?.type;
  const body = found && type !== undefined && isJsonType(type) ? bodyOf(found.response, found.status) : undefined;
  const said = body === undefined ? undefined : withWords(body, { title, faults, status: found?.status ?? status });
  const final = found?.status ?? status;
  return {
    status: final,
    headers: {
      'content-type': said === undefined ? 'application/problem+json' : (type as string),
      [faultHeader]: headerText(detail),
      ...headers,
    },
    body: JSON.stringify(
      said ?? { type: 'about:blank', title: STATUS_CODES[final] ?? title, status: final, detail, faults },
    ),
    from: 'refusal',
    ...(operation && { operation: `${operation.source}/${operation.id}` }),
    faults,
  };
}

/** Its own status; of a request whose values are wrong also the other one that is usual for it; its class; the default. */
function documentedRefusal(
  { responses }: Operation,
  status: number,
): { readonly response: DocumentedResponse; readonly status: number } | undefined {
  const named = new Map(responses.map((one) => [one.status.toUpperCase(), one]));
  const usual = status === 400 ? [400, 422] : status === 401 ? [401, 403] : [status];
  for (const one of usual) {
    const response = named.get(String(one));
    if (response) return { response, status: one };
  }
  const other = named.get(`${Math.floor(status / 100)}XX`) ?? named.get('DEFAULT');
  return other && { response: other, status };
}

const detailName = /^(?:detail|details|message|error_?message|msg|error_?description|description|reason|error)$/i;

const placeName = /^(?:pointer|field|path|location|parameter|property|source|where|loc)$/i;

interface Words {
  readonly title: string;
  readonly faults: readonly string[];
  readonly status: number;
}

/** The texts of an example say what is wrong here, its numbers the status; of a list of errors there is one for each fault. */
function withWords(value: Value, words: Words): Value {
  const { title, faults, status } = words;
  if (Array.isArray(value)) {
    const [one] = value as readonly Value[];
    return one === undefined ? [] : faults.map((fault) => withWords(one, { ...words, faults: [fault] }));
  }
  if (!isValueMap(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, inner]) => {
      if (typeof inner === 'string') {
        if (detailName.test(name)) return [name, faults.join('; ')];
        if (/^title$/i.test(name)) return [name, title];
        if (placeName.test(name)) return [name, placeOf(faults[0] ?? '')];
        // A problem of no type of its own (RFC 9457, section 4.2.1).
        if (name === 'type') return [name, 'about:blank'];
      }
      if (typeof inner === 'number' && /^(?:status(?:_?code)?)$/i.test(name)) return [name, status];
      return [name, typeof inner === 'object' ? withWords(inner as Value, words) : inner];
    }),
  );
}

/** `/nights` of `$.nights is …`, `quay` of `query quay is …`. */
function placeOf(fault: string): string {
  const [, below] = /^\$\.?(\S*) /.exec(fault) ?? [];
  if (below !== undefined) return `/${below.replaceAll('.', '/')}`;
  return /^(?:the )?(?:query|header|path|cookie)(?: parameter)? (\S+)/i.exec(fault)?.[1] ?? fault;
}

/** A header is one line of ASCII (RFC 9110, section 5.5). */
export const headerText = (text: string): string => text.replace(/[^\x20-\x7e]/g, '?').slice(0, 1000);
