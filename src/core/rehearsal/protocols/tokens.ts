/** Token addresses of the description: any well-formed request for a token gets one (RFC 6749, sections 4 to 6). */
import { ownMember } from '../../value/own-member.js';
import { seeded } from '../../value/seeded.js';
import type { RehearsedRequest, RehearsedResponse } from '../messages.js';
import { faultHeader, headerText } from '../refusal.js';

/** What each grant has to bring (RFC 6749; RFC 8628, section 3.4; RFC 7523, section 2.1; RFC 8693, section 2.1). */
const grants: Readonly<Record<string, readonly string[]>> = {
  client_credentials: [],
  password: ['username', 'password'],
  authorization_code: ['code'],
  refresh_token: ['refresh_token'],
  'urn:ietf:params:oauth:grant-type:device_code': ['device_code'],
  'urn:ietf:params:oauth:grant-type:jwt-bearer': ['assertion'],
  'urn:ietf:params:oauth:grant-type:token-exchange': ['subject_token', 'subject_token_type'],
};

/** @param count of tokens before: each is another */
export function tokenResponse({ method, headers, body }: RehearsedRequest, count: number): RehearsedResponse {
  const type = (headers.get('content-type') ?? '').split(';')[0]?.trim();
  const form = new URLSearchParams(Buffer.from(body).toString('utf8'));
  const grant = form.get('grant_type') ?? '';
  const wanted = ownMember(grants, grant);
  const missing = wanted?.find((name) => !form.get(name));
  const wrong =
    method !== 'POST'
      ? `a token is asked for by POST, not by ${method}`
      : type !== 'application/x-www-form-urlencoded'
        ? `the body is ${type || 'of no media type'}, a request for a token is a form`
        : grant === ''
          ? 'grant_type is missing'
          : wanted === undefined
            ? `the grant ${grant} is not known`
            : missing === undefined
              ? undefined
              : `${missing} is missing`;
  if (wrong !== undefined) {
    const error = wanted === undefined && grant !== '' ? 'unsupported_grant_type' : 'invalid_request';
    return respond(400, { error, error_description: wrong }, wrong);
  }
  return respond(200, {
    access_token: `rehearsed-${word(2 * count)}`,
    token_type: 'Bearer',
    expires_in: 3600,
    ...(grant !== 'client_credentials' && { refresh_token: `rehearsed-again-${word(2 * count + 1)}` }),
    ...(form.get('scope') && { scope: form.get('scope') }),
  });
}

function respond(status: number, value: object, fault?: string): RehearsedResponse {
  return {
    status,
    headers: {
      'content-type': 'application/json',
      'cache-control': 'no-store',
      ...(fault !== undefined && { [faultHeader]: headerText(fault) }),
    },
    body: JSON.stringify(value),
    from: fault === undefined ? 'token' : 'refusal',
    ...(fault !== undefined && { faults: [fault] }),
  };
}

function word(seed: number): string {
  const random = seeded(seed + 1);
  return Array.from({ length: 24 }, () => 'abcdefghijklmnopqrstuvwxyz0123456789'[Math.floor(random() * 36)]).join('');
}
