/** A session file written from a documented security scheme (OpenAPI 3.1, section 4.8.27): kind, addresses, scopes, header names. */
import { ownMember } from '../../value/own-member.js';
import { isValueMap, type Value } from '../../value/written.js';
import { oneLine } from './facts.js';
import { DraftMap, draftText, expression, literal, literalText } from './yaml.js';

export interface DraftedSession {
  /** The text of the file. */
  readonly text: string;
  readonly kind: string;
  /** Names of the secrets that it uses. */
  readonly secrets: readonly string[];
  /** Origins that it sends to besides the environment's own. */
  readonly origins: readonly string[];
}

type Scheme = Readonly<Record<string, Value>>;

/** `deskToken` and `Desk Token` are `desk-token`: the name of the session. */
export const sessionName = (scheme: string): string =>
  scheme
    .replace(/([\p{Ll}\p{N}])(\p{Lu})/gu, '$1-$2')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '') || 'session';

/**
 * @param name of the scheme
 * @param schema from the session file to the JSON Schema that editors understand
 * @returns undefined where no kind of session fits the scheme
 */
export function draftSession(name: string, given: Value, source: string, schema: string): DraftedSession | undefined {
  if (!isValueMap(given)) return undefined;
  const scheme = given as Scheme;
  const writing = new Writing(name);
  const body = sessionOf(scheme, writing);
  if (!body) return undefined;
  const file = new DraftMap().set('about', literal(`${name} of ${source}`));
  for (const line of (textIn(scheme.description) ?? '').split('\n')) if (line.trim() !== '') file.remark(line);
  file.take(body);
  return {
    text: draftText(file, `yaml-language-server: $schema=${schema}`),
    kind: writing.kind,
    secrets: [...writing.secrets],
    origins: [...writing.origins],
  };
}

/** A session file in the making: its kind, and the secrets and origins that it uses. */
class Writing {
  readonly secrets = new Set<string>();
  readonly origins = new Set<string>();
  kind = '';

  constructor(private readonly name: string) {}

  begin(kind: string): DraftMap {
    this.kind = kind;
    return new DraftMap().set('kind', literal(kind));
  }

  /** @param part such as `password`; none where the scheme has one secret alone */
  secret(part = ''): string {
    const words = `${this.name} ${part}`.normalize('NFKD').match(/[A-Za-z0-9]+/g) ?? ['session', part];
    const [first = 'session', ...rest] = words.filter((word) => word !== '');
    const joined =
      first[0]?.toLowerCase() + first.slice(1) + rest.map((word) => word[0]?.toUpperCase() + word.slice(1)).join('');
    const secret = /^[A-Za-z]/.test(joined) ? joined : `key${joined}`;
    this.secrets.add(secret);
    return `\${secret.${secret}}`;
  }

  /** An address of the vendor; one without a host is on the environment's own. */
  address(text: string): string {
    if (!/^https?:\/\//i.test(text)) return `\${origin}${literalText(text.startsWith('/') ? text : `/${text}`)}`;
    if (URL.canParse(text)) this.origins.add(new URL(text).origin);
    return literalText(text);
  }
}

function sessionOf(scheme: Scheme, writing: Writing): DraftMap | undefined {
  switch (scheme.type) {
    case 'http':
      return ofHttp(scheme, writing);
    case 'apiKey':
      return ofKey(scheme, writing);
    case 'oauth2':
      return ofOauth(scheme, writing);
    case 'openIdConnect':
      return ofOpenId(scheme, writing);
    case 'mutualTLS':
      return writing
        .begin('certificate')
        .set('certificate', literal('data/client.pem'), { about: 'the client certificate, in PEM' })
        .set('key', expression(writing.secret('key')));
    default:
      return undefined;
  }
}

function ofHttp(scheme: Scheme, writing: Writing): DraftMap | undefined {
  const kind = textIn(scheme.scheme)?.toLowerCase();
  if (kind === 'bearer') return writing.begin('bearer').set('token', expression(writing.secret()));
  if (kind !== 'basic' && kind !== 'digest') return undefined;
  return writing
    .begin(kind)
    .set('user', expression(writing.secret('user')))
    .set('password', expression(writing.secret('password')));
}

function ofKey(scheme: Scheme, writing: Writing): DraftMap | undefined {
  const place = textIn(scheme.in);
  const name = textIn(scheme.name);
  if (name === undefined || (place !== 'header' && place !== 'query' && place !== 'cookie')) return undefined;
  const said = textIn(scheme.description) ?? '';
  // Many describe a bearer token as a key in the header that takes it.
  if (place === 'header' && name.toLowerCase() === 'authorization' && /\bbearer\b/i.test(said))
    return writing.begin('bearer').set('token', expression(writing.secret()));
  return writing.begin('api-key').set('key', expression(writing.secret())).set(place, literal(name));
}

/** The grants of OpenAPI's flows, those without a person first. What is left, implicit, is no grant of a program (RFC 9700). */
const grants = [
  ['clientCredentials', 'client_credentials'],
  ['authorizationCode', 'authorization_code'],
  ['deviceAuthorization', 'urn:ietf:params:oauth:grant-type:device_code'],
  ['password', 'password'],
] as const;

function ofOauth(scheme: Scheme, writing: Writing): DraftMap {
  const flows = isValueMap(scheme.flows) ? scheme.flows : {};
  const found = grants
    .map(([flow, grant]) => ({ grant, flow: ownMember(flows, flow) as Value | undefined }))
    .find(({ flow }) => isValueMap(flow));
  if (!found) {
    return writing.begin('bearer').set('token', expression(writing.secret()), {
      about: 'no flow for programs is documented: a token that you have',
    });
  }
  const flow = found.flow as Scheme;
  const endpoints = new DraftMap();
  for (const [name, key] of [
    ['token', 'tokenUrl'],
    ['authorization', 'authorizationUrl'],
    ['device', 'deviceAuthorizationUrl'],
  ] as const) {
    const address = textIn(flow[key]);
    if (address !== undefined) endpoints.set(name, expression(writing.address(address)));
  }
  const file = writing.begin('oauth2').set('grant', literal(found.grant)).set('endpoints', endpoints);
  file.set('client', client(writing));
  if (found.grant === 'password')
    file.set('user', expression(writing.secret('user'))).set('password', expression(writing.secret('password')));
  return setScopes(file, flow.scopes);
}

const client = (writing: Writing): DraftMap =>
  new DraftMap()
    .set('id', expression(writing.secret('client id')))
    .set('secret', expression(writing.secret('client secret')));

/** A few scopes are all asked for; many are a comment, from which somebody chooses. */
function setScopes(file: DraftMap, given: Value | undefined): DraftMap {
  const scopes = isValueMap(given) ? Object.entries(given) : [];
  const names = scopes.map(([name]) => name);
  if (names.length === 0) return file;
  for (const [name, about] of scopes) file.remark(`scope ${name}: ${oneLine(typeof about === 'string' ? about : '')}`);
  const few = names.length <= mostScopes;
  return file.set('scope', literal(few ? names : names.slice(0, mostScopes)), { active: few });
}

const mostScopes = 5;

const wellKnown = /\/\.well-known\/openid-configuration$/;

function ofOpenId(scheme: Scheme, writing: Writing): DraftMap | undefined {
  const address = textIn(scheme.openIdConnectUrl);
  if (address === undefined) return undefined;
  return writing
    .begin('oauth2')
    .set('grant', literal('authorization_code'))
    .set('issuer', expression(writing.address(address.replace(wellKnown, ''))))
    .set('client', client(writing))
    .set('scope', literal(['openid']));
}

const textIn = (value: Value | undefined): string | undefined =>
  typeof value === 'string' && value.trim() !== '' ? value.trim() : undefined;
