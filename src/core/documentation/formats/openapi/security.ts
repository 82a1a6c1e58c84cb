/** The authentication that an operation requires, in words. */
import { ownMember } from '../../../value/own-member.js';
import type { SecurityNeed } from '../../model/model.js';
import { isMap, type Json, type JsonMap, type References } from './references.js';

export function securityNeeds(wanted: Json | undefined, references: References, at: string): readonly SecurityNeed[] {
  if (!Array.isArray(wanted)) return [];
  // An empty requirement means that the call is allowed without any.
  if (wanted.some((need: Json) => isMap(need) && Object.keys(need).length === 0)) return [];
  return wanted.filter(isMap).map((need) => ({
    schemes: Object.keys(need).map((name) => {
      const scheme = references.follow({ $ref: `#/components/securitySchemes/${name}` }, at);
      if (!isMap(scheme)) return { name, about: 'not described' };
      return {
        name,
        about: schemeText(scheme) + scopesText(ownMember(need, name)),
        ...(typeof scheme.description === 'string' && { description: scheme.description.trim() }),
        ...(scheme.in === 'header' && typeof scheme.name === 'string' && { header: scheme.name }),
      };
    }),
  }));
}

/** Of OAuth 2.0 and OpenID Connect: where tokens are had, and what names the place. */
export function tokenAddresses(schemes: JsonMap): string[] {
  const found = Object.values(schemes).flatMap((scheme) => {
    if (!isMap(scheme)) return [];
    const flows = isMap(scheme.flows) ? Object.values(scheme.flows) : [];
    return [scheme.openIdConnectUrl, ...flows.flatMap((flow) => (isMap(flow) ? [flow.tokenUrl, flow.refreshUrl] : []))];
  });
  return [...new Set(found.filter((one) => typeof one === 'string'))];
}

const scopesText = (scopes: Json | undefined): string =>
  Array.isArray(scopes) && scopes.length > 0
    ? `, ${scopes.length === 1 ? 'scope' : 'scopes'} ${scopes.filter((one) => typeof one === 'string').join(' ')}`
    : '';

/** A text; anything else says nothing. */
const textIn = (value: Json | undefined): string | undefined =>
  typeof value === 'string' && value.trim() !== '' ? value : undefined;

function schemeText(scheme: JsonMap): string {
  switch (scheme.type) {
    case 'http':
      return `HTTP ${textIn(scheme.scheme) ?? 'of an unnamed scheme'} authentication${textIn(scheme.bearerFormat) === undefined ? '' : ` (${textIn(scheme.bearerFormat)})`}`;
    case 'apiKey':
      return `a key in ${textIn(scheme.in) === undefined ? 'a place that is not named' : `the ${textIn(scheme.in)}`} ${textIn(scheme.name) ?? '(without a name)'}`;
    case 'oauth2':
      return `OAuth 2.0 (${Object.keys(isMap(scheme.flows) ? scheme.flows : {}).join(', ')})`;
    case 'openIdConnect':
      return 'OpenID Connect';
    case 'mutualTLS':
      return 'a client certificate';
    default:
      return textIn(scheme.type) ?? 'not described';
  }
}
