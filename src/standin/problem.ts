/** Refusals as RFC 9457 problem details. */
import type { FastifyReply } from 'fastify';

export interface FieldFault {
  /** JSON pointer into the body. */
  readonly pointer?: string;
  /** The name of a query parameter. */
  readonly parameter?: string;
  readonly detail: string;
}

export class AccessDenied extends Error {
  constructor(
    readonly status: number,
    readonly kind: string,
    readonly title: string,
    readonly detail: string,
    readonly extra: {
      readonly errors?: readonly FieldFault[];
      readonly headers?: Readonly<Record<string, string>>;
      /** Further members of the problem. */
      readonly more?: Readonly<Record<string, string>>;
    } = {},
  ) {
    super(detail);
  }
}

export function sendRefusal(
  reply: FastifyReply,
  instance: string,
  { status, kind, title, detail, extra }: AccessDenied,
): FastifyReply {
  return reply
    .code(status)
    .headers(extra.headers ?? {})
    .type('application/problem+json')
    .send(
      JSON.stringify({
        type: `urn:larkhaven:problem:${kind}`,
        title,
        status,
        detail,
        instance,
        ...(extra.errors && { errors: extra.errors }),
        ...extra.more,
      }),
    );
}

export const notFound = (what: string): AccessDenied => new AccessDenied(404, 'not-found', 'Not found', what);
