/** Operations over HTTP: judges requests, and responds from memory, echoes or documented examples, or makes the response up. */
import { documentedBody, responseFor } from '../../collection/sources/documented-schema.js';
import type { SourceCatalogue } from '../../collection/sources/source-catalogue.js';
import { sourceIndex } from '../../collection/sources/source-index.js';
import { exampleValue } from '../../documentation/model/example.js';
import { isJsonType } from '../../documentation/model/media-types.js';
import type { DocumentedResponse, Operation } from '../../documentation/model/model.js';
import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import { isValueMap, type Value, type ValueMap } from '../../value/written.js';
import type { Referred } from '../invent.js';
import { type Brought, judgeRequest } from '../judge.js';
import { madeUpFor } from '../made-up.js';
import type { Origin, RehearsedRequest, RehearsedResponse } from '../messages.js';
import { refusal } from '../refusal.js';
import { identityName, nextIdentity } from '../remembering/identity.js';
import { laidOver, type Memory, memberAt, thingPath, withMember } from '../remembering/memory.js';
import { asAsked, isAsked, listPath, paged } from '../remembering/paging.js';
import type { FoundRoute, Route, Routes } from '../remembering/routes.js';
import { filled, isMember, lastName, thingOf, withNames } from '../remembering/things.js';

export interface HttpRehearsal {
  readonly shelf: SourceCatalogue;
  readonly routes: Routes;
  readonly memory: Memory;
  readonly seed: number;
  /** As described; undefined where it is not there any more. */
  readonly operation: (source: string, id: string) => Operation | undefined;
  /** What references in the schemas of a source lead to. */
  readonly referred: (source: string) => Referred;
  /** What was recorded for the same request; undefined where nothing was, or echoes are not wanted. */
  readonly recorded: (request: RehearsedRequest) => RehearsedResponse | undefined;
  /** Whether to respond from the documentation where nothing was recorded. */
  readonly documented: boolean;
}

const safe = /^(?:GET|HEAD|OPTIONS|QUERY)$/;

export function httpResponse(
  request: RehearsedRequest,
  { route, values }: FoundRoute,
  rehearsal: HttpRehearsal,
): RehearsedResponse {
  const named = route.methods.get(request.method) ?? (request.method === 'HEAD' ? route.methods.get('GET') : undefined);
  if (!named) return otherMethod(request, route);
  const operation = rehearsal.operation(named.source, named.id);
  if (!operation) return otherMethod(request, route);
  return new Responding(request, operation, route, values, rehearsal).response();
}

function otherMethod({ method }: RehearsedRequest, { methods, template }: Route): RehearsedResponse {
  const allow = [...methods.keys()].join(', ');
  const faults = [`the method is ${method}, documented for ${template} ${methods.size === 1 ? 'is' : 'are'} ${allow}`];
  return refusal({ status: 405, title: 'another method', faults, headers: { allow } }, undefined, () => undefined);
}

/** A response before it is written. */
interface Draft {
  readonly status: number;
  readonly documented: DocumentedResponse | undefined;
  value: Value | undefined;
  from: Origin;
}

class Responding {
  /** The path as it is remembered: decoded, without a slash at its end. */
  private readonly path: string;
  private readonly name: string;

  constructor(
    private readonly request: RehearsedRequest,
    private readonly operation: Operation,
    private readonly route: Route,
    private readonly values: Readonly<Record<string, string>>,
    private readonly rehearsal: HttpRehearsal,
  ) {
    this.path = filled(route.template, values);
    this.name = `${operation.source}/${operation.id}`;
  }

  response(): RehearsedResponse {
    const { request, operation, rehearsal, values } = this;
    const { shelf, memory } = rehearsal;
    const { definitions } = sourceIndex(shelf, operation.source);
    const { brought, refused } = judgeRequest(
      request,
      operation,
      values,
      definitions,
      documentedBody(shelf, operation),
    );
    const bodyOf = (response: DocumentedResponse, status: number): Value | undefined =>
      this.made(response, status).value;
    if (refused) return refusal(refused, operation, bodyOf);
    if (memory.isGone(this.path) && request.method !== 'PUT')
      return refusal({ status: 404, title: 'not there', faults: [`${this.path} was deleted`] }, operation, bodyOf);
    if (safe.test(request.method) && !memory.at(this.path)?.touched && !this.isTouchedList()) {
      const recorded = rehearsal.recorded(request);
      if (recorded) return { ...recorded, operation: this.name };
    }
    if (!rehearsal.documented)
      return refusal(
        { status: 404, title: 'not recorded', faults: [`no echo is recorded of ${request.method} ${request.target}`] },
        operation,
        bodyOf,
      );
    const draft = this.draft();
    const headers = this.act(draft, brought);
    return this.written(draft, headers);
  }

  private isTouchedList(): boolean {
    return this.rehearsal.memory.madeIn(this.path).size > 0;
  }

  /** The documented success. */
  private draft(): Draft {
    const { responses } = this.operation;
    const wanted =
      this.request.method === 'POST'
        ? [201, 200, 202, 204]
        : this.request.method === 'DELETE'
          ? [204, 200, 202]
          : [200, 201, 202, 204];
    const status =
      wanted.find((one) => responses.some((response) => response.status === String(one))) ??
      Number(
        responses.find((one) => /^2\d\d$/.test(one.status))?.status ??
          responses.find((one) => /^3\d\d$/.test(one.status) && !responses.some((other) => /^2xx$/i.test(other.status)))
            ?.status ??
          200,
      );
    const documented = responseFor(this.operation, status);
    return documented ? this.made(documented, status) : { status, documented, value: undefined, from: 'made up' };
  }

  /** The value of a documented response. */
  private made(documented: DocumentedResponse, status: number): Draft {
    const { content } = documented;
    if (!content) return { status, documented, value: undefined, from: 'made up' };
    if (content.documentedExample && content.example !== undefined)
      return { status, documented, value: content.example, from: 'example' };
    const schema = isJsonType(content.type) ? content.schema : undefined;
    const value =
      schema === undefined
        ? content.example
        : madeUpFor(content, schema, this.path, this.rehearsal.seed, this.rehearsal.referred(this.operation.source));
    return { status, documented, value, from: 'made up' };
  }

  /** What the request does, and what its response says of it. @returns headers of its own */
  private act(draft: Draft, brought: Brought): Readonly<Record<string, string>> {
    const { method } = this.request;
    const { memory, routes } = this.rehearsal;
    const member = method === 'POST' ? routes.memberOf(this.route.template) : undefined;
    if (member) return this.create(draft, brought, member);
    if (method === 'DELETE') {
      if (isMember(this.route)) memory.remove(this.path);
      this.overlay(draft, memory.at(this.path)?.value);
      return {};
    }
    const given = thingOf(brought.body);
    if (method === 'PUT' || method === 'PATCH') {
      const before = method === 'PATCH' ? memory.at(this.path)?.value : undefined;
      this.named(draft);
      const base = before ?? thingOf(draft.value);
      memory.change(this.path, { ...base, ...given });
      this.overlay(draft, memory.at(this.path)?.value);
      return {};
    }
    if (!safe.test(method)) {
      this.overlay(draft, given);
      return {};
    }
    const list = draft.value === undefined ? undefined : listPath(draft.value);
    const below = isMember(this.route) ? undefined : routes.memberOf(this.route.template);
    if (list !== undefined && (below !== undefined || !isMember(this.route)))
      this.list(draft, list, below, brought.query);
    else {
      this.named(draft);
      this.overlay(draft, memory.at(this.path)?.value);
    }
    return {};
  }

  /** The thing of a response has the names that its path says. */
  private named(draft: Draft): void {
    if (draft.value === undefined || !isValueMap(draft.value)) return;
    const at = thingPath(draft.value);
    const thing = memberAt(draft.value, at);
    if (thing === undefined || !isValueMap(thing)) return;
    draft.value = withMember(draft.value, at, withNames(thing, this.values, lastName(this.route.template)));
  }

  private overlay(draft: Draft, known: ValueMap | undefined): void {
    if (known === undefined || draft.value === undefined || !isValueMap(draft.value)) return;
    const at = thingPath(draft.value);
    const thing = memberAt(draft.value, at);
    if (thing === undefined) return;
    const fields = new Set(
      draft.documented?.content?.fields.flatMap((field) => [
        field.name,
        ...(field.fields ?? []).map((one) => one.name),
      ]),
    );
    const hidden = new Set(draft.documented?.content?.fields.filter((one) => one.writeOnly).map((one) => one.name));
    const over = Object.fromEntries(Object.entries(known).filter(([name]) => !hidden.has(name)));
    draft.value = withMember(
      draft.value,
      at,
      laidOver(thing, over, (name) => fields.has(name)),
    );
    draft.from = 'memory';
  }

  private create(draft: Draft, { body }: Brought, member: Route): Readonly<Record<string, string>> {
    const { memory } = this.rehearsal;
    const parameter = lastName(member.template) ?? 'id';
    const base = withNames(thingOf(draft.value), this.values, undefined);
    // Where its own response does not name it, the one that reads it does.
    const read = this.readOf(member);
    const whole = { ...read, ...base };
    const link = this.operation.links
      ?.find((one) => one.parameter === parameter)
      ?.from.replace(/^\$\.?/, '')
      .split('.')
      .at(-1);
    const name =
      (link !== undefined && Object.hasOwn(whole, link) ? link : undefined) ?? identityName(whole, parameter);
    const given = thingOf(body);
    const chosen = name === undefined ? undefined : ownMember(given, name);
    let identity: Value;
    let path: string;
    do {
      identity = chosen ?? nextIdentity(name === undefined ? undefined : ownMember(whole, name), memory.next());
      path = filled(member.template, { ...this.values, [parameter]: textOf(identity) });
    } while (chosen === undefined && memory.at(path) !== undefined);
    const thing = { ...whole, ...given, ...(name !== undefined && { [name]: identity }) };
    memory.make(path, thing, this.path);
    this.overlay(draft, thing);
    return draft.status === 201 || hasHeader(draft, 'location') ? { location: encodeURI(path) } : {};
  }

  /** What reading one thing of a list responds with, before anything is known of it. */
  private readOf(member: Route): ValueMap {
    const named = member.methods.get('GET');
    const operation = named && this.rehearsal.operation(named.source, named.id);
    if (!operation) return {};
    const reading = new Responding({ ...this.request, method: 'GET' }, operation, member, this.values, this.rehearsal);
    return thingOf(reading.draft().value);
  }

  private list(draft: Draft, at: readonly string[], member: Route | undefined, query: URLSearchParams): void {
    const { memory } = this.rehearsal;
    const parameter = member && lastName(member.template);
    const found = memberAt(draft.value as Value, at);
    const items = (Array.isArray(found) ? found : []) as readonly Value[];
    const shown: ValueMap[] = [];
    const madeHere = memory.madeIn(this.path);
    const paths = new Set<string>(madeHere.keys());
    for (const [index, item] of items.entries()) {
      if (!isValueMap(item)) return;
      const named = withNames(item, this.values, undefined);
      const name = parameter === undefined ? undefined : identityName(named, parameter);
      const before = name === undefined ? undefined : ownMember(named, name);
      // Examples of one schema are alike: each thing has its own name.
      const alike = name !== undefined && shown.some((one) => ownMember(one, name) === before);
      const own = alike && name !== undefined ? { ...named, [name]: nextIdentity(before, index) } : named;
      const path =
        name === undefined || member === undefined || parameter === undefined
          ? undefined
          : filled(member.template, { ...this.values, [parameter]: textOf(ownMember(own, name) ?? '') });
      if (path !== undefined) {
        if (paths.has(path) || memory.at(path)?.gone) continue;
        paths.add(path);
        memory.see(path, own);
      }
      const thing = path === undefined ? undefined : memory.at(path);
      shown.push(thing?.touched ? (laidOver(own, thing.value, () => false) as ValueMap) : asAsked(own, query));
    }
    const like = items[0];
    const made = [...madeHere.values()]
      .map((one) => (like !== undefined && isValueMap(like) ? (laidOver(like, one, () => false) as ValueMap) : one))
      .filter((one) => isAsked(one, query));
    if (made.length > 0) draft.from = 'memory';
    draft.value = paged(draft.value as Value, at, [...shown, ...made], this.operation, query, encodeURI(this.path));
  }

  private written(
    { status, documented, value, from }: Draft,
    own: Readonly<Record<string, string>>,
  ): RehearsedResponse {
    const headers: Record<string, string> = {};
    for (const field of documented?.headers ?? []) {
      if (/^(?:retry-after|content-length|content-type|transfer-encoding|set-cookie|location)$/i.test(field.name))
        continue;
      const text = textOf([exampleValue(field, false)].flat()[0] ?? '');
      if (/^[\x20-\x7e]+$/.test(text)) headers[field.name.toLowerCase()] = text;
    }
    const type = documented?.content?.type;
    const empty = value === undefined || type === undefined || status === 204 || status === 304;
    if (!empty) headers['content-type'] = type.includes('*') ? 'application/json' : type;
    const text = empty ? '' : typeof value === 'string' && !isJsonType(type) ? value : JSON.stringify(value);
    return {
      status,
      headers: { ...headers, ...own },
      body: this.request.method === 'HEAD' ? '' : text,
      from,
      operation: this.name,
    };
  }
}

const hasHeader = ({ documented }: Draft, name: string): boolean =>
  documented?.headers.some((one) => one.name.toLowerCase() === name) === true;
