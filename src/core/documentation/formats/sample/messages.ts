/** A sample from a file with the messages of one exchange. */
import { Problem } from '../../../problem/problem.js';
import { rawRequest, rawResponse } from '../page/messages.js';
import { credentialsOf, masked } from './mask.js';
import type { Sample } from './samples.js';

/**
 * A request and its response as raw HTTP messages (RFC 9112) in one text, the response behind the request.
 * @throws Problem document-unreadable
 */
export function sampleFromMessages(text: string, from: string): Sample {
  const start = text.search(/^HTTP\/\d/m);
  const request = start > 0 ? rawRequest(text.slice(0, start)) : undefined;
  const response = start > 0 ? rawResponse(text.slice(start)) : undefined;
  if (!request || !response) {
    throw new Problem('document-unreadable', {
      what: `${from} is not a request with its response`,
      where: { file: from },
      cause: request
        ? undefined
        : 'it does not begin with a line such as GET /berths HTTP/1.1, followed by one such as HTTP/1.1 200 OK',
      remedy: 'write the request message, a blank line, and the response message into one file',
    });
  }
  const { method, address, headers, body } = request;
  const url = /^https?:/i.test(address) ? address : `http://${headers.get('host') ?? 'vendor.example'}${address}`;
  const sample = {
    from,
    method,
    url,
    ...(body !== '' && { sent: { type: headers.get('content-type') ?? 'application/json', text: body } }),
    status: response.status,
    ...(response.body !== '' && { received: { type: response.type, text: response.body } }),
  };
  return masked(sample, credentialsOf(headers));
}
