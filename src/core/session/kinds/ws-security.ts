/** `ws-security`: a user and a time in the header of each SOAP envelope (Web Services Security 1.1.1, with its UsernameToken profile). */
import { createHash } from 'node:crypto';
import type { WsSecurityFile } from '../../collection/files/session-file.js';
import { escaped } from '../../exchange/body/xml.js';
import type { EnvelopeBlock } from '../../exchange/request/envelope.js';
import { hidden } from '../../exchange/request/wire.js';
import { parseDuration } from '../../value/measures.js';
import { written } from '../credentials.js';
import type { SessionContext, SessionKind } from '../session-kind.js';

const base = 'http://docs.oasis-open.org/wss/2004/01/oasis-200401-wss-';
const security = `${base}wssecurity-secext-1.0.xsd`;
const utility = `${base}wssecurity-utility-1.0.xsd`;
const profile = `${base}username-token-profile-1.0`;
const binary = `${base}soap-message-security-1.0#Base64Binary`;

export const wsSecurity: SessionKind<WsSecurityFile> = {
  name: 'ws-security',
  about: 'user, password and time in the header of each SOAP envelope',
  proof: () => 'an element in the header of the envelope',
  async blocks(file, room) {
    const { now, nonce } = room.runtime();
    const created = now.toISOString();
    const lasts = parseDuration(file.lasts ?? '');
    const stamp = lasts === undefined ? '' : timestamp(now, lasts);
    const token = await usernameToken(file, room, created, Buffer.from(nonce, 'hex'));
    const block: EnvelopeBlock = {
      name: 'Security',
      namespace: security,
      prefix: 'wsse',
      attributes: ` xmlns:wsse="${security}" xmlns:wsu="${utility}"`,
      content: stamp + token(false),
      shown: stamp + token(true),
      origin: `session ${room.name}`,
    };
    return [block];
  },
};

const timestamp = (now: Date, lasts: number): string =>
  `<wsu:Timestamp><wsu:Created>${now.toISOString()}</wsu:Created><wsu:Expires>${new Date(now.getTime() + lasts).toISOString()}</wsu:Expires></wsu:Timestamp>`;

/** @returns its text, the password hidden or not */
async function usernameToken(
  file: WsSecurityFile,
  room: SessionContext,
  created: string,
  nonce: Buffer,
): Promise<(hide: boolean) => string> {
  const user = await written(file.user, 'user', room);
  const password = await written(file.password, 'password', room);
  const kind = file['password-type'] ?? 'digest';
  const proof = kind === 'text' ? password : passwordDigest(password, created, nonce);
  room.onSecret(proof);
  const type = kind === 'text' ? 'PasswordText' : 'PasswordDigest';
  return (hide) =>
    `<wsse:UsernameToken><wsse:Username>${escaped(user)}</wsse:Username>` +
    `<wsse:Password Type="${profile}#${type}">${hide ? hidden : escaped(proof)}</wsse:Password>` +
    `<wsse:Nonce EncodingType="${binary}">${nonce.toString('base64')}</wsse:Nonce>` +
    `<wsu:Created>${created}</wsu:Created></wsse:UsernameToken>`;
}

/** UsernameToken profile, section 3.1: Base64 of SHA-1 over the nonce, the time and the password. */
const passwordDigest = (password: string, created: string, nonce: Buffer): string =>
  createHash('sha1').update(nonce).update(created).update(password, 'utf8').digest('base64');
