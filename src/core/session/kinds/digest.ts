/** `digest`: a proof of the password for each request (RFC 7616), once the server has said what it wants. */
import type { DigestFile } from '../../collection/files/session-file.js';
import { userAndPassword } from '../credentials.js';
import { type Challenge, challengeIn, digestAuthorization, nextNonce, unknownDigest } from '../digest-access.js';
import type { SessionContext, SessionKind } from '../session-kind.js';

/** By the room's store of challenges: the nonce in force, and how often it was used. */
interface State {
  readonly challenge: Challenge;
  count: number;
}

const keyOf = ({ name }: SessionContext, host: string): string => `${name} ${host}`;

export const digest: SessionKind<DigestFile> = {
  name: 'digest',
  about: 'a proof of the password for each request',
  scheme: 'digest',
  unable(headers) {
    const unknown = unknownDigest(headers);
    if (unknown === undefined) return undefined;
    return `the server asks for Digest with ${unknown}, which is not supported; MD5, SHA-256 and SHA-512-256 are`;
  },
  async lines(file, room, _open, call) {
    const state = call && (room.memory.get(keyOf(room, call.host)) as State | undefined);
    if (!state) return [];
    state.count += 1;
    const value = digestAuthorization(state.challenge, await userAndPassword(file, room), call, state.count);
    return [{ name: 'Authorization', value, origin: `session ${room.name}`, secret: true }];
  },
  challenged(room, host, headers, proved) {
    const challenge = challengeIn(headers);
    // Once it was proved with this very challenge, another refusal means that the proof is wrong.
    if (!challenge || (proved && !challenge.stale)) return false;
    room.memory.set(keyOf(room, host), { challenge, count: 0 } satisfies State);
    return true;
  },
  responded(room, host, headers) {
    const state = room.memory.get(keyOf(room, host)) as State | undefined;
    const nonce = nextNonce(headers);
    if (state && nonce !== undefined)
      room.memory.set(keyOf(room, host), { challenge: { ...state.challenge, nonce }, count: 0 });
  },
};
