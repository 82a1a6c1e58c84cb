/** A person agrees on another device (RFC 8628). */

import { setTimeout } from 'node:timers/promises';
import { action } from '../../../problem/actions.js';
import { Problem } from '../../../problem/problem.js';
import type { Asking, Grant } from '../grant.js';
import { requirePerson } from '../person.js';

export const deviceCode: Grant = {
  name: 'urn:ietf:params:oauth:grant-type:device_code',
  about: 'a person agrees on another device',
  async obtain(asking) {
    const { library, room, server, client, proof, parameters, options } = asking;
    const person = requirePerson(room);
    const response = await library.deviceAuthorizationRequest(server, client, proof, parameters, options);
    const device = await library.processDeviceAuthorizationResponse(server, client, response);
    room.onSecret(device.device_code);
    person.show(
      `open ${device.verification_uri} and type ${device.user_code}${
        device.verification_uri_complete === undefined ? '' : `, or open ${device.verification_uri_complete}`
      }`,
    );
    const end = Date.now() + device.expires_in * 1000;
    // RFC 8628, section 3.5.
    let interval = (device.interval ?? 5) * 1000;
    while (Date.now() < end) {
      await setTimeout(interval);
      const token = await tried(asking, device.device_code);
      if (token === 'slower') interval += 5_000;
      else if (token !== 'pending') return token;
    }
    throw new Problem('session-missing', {
      what: `nobody approved the session ${room.name} before its code expired`,
      remedy: `${action().openSession(room.name)} gives another`,
    });
  },
};

async function tried(
  { library, server, client, proof, options }: Asking,
  code: string,
): Promise<Awaited<ReturnType<Grant['obtain']>> | 'pending' | 'slower'> {
  const response = await library.deviceCodeGrantRequest(server, client, proof, code, options);
  try {
    return await library.processDeviceCodeResponse(server, client, response);
  } catch (error) {
    const said = error instanceof library.ResponseBodyError ? error.error : undefined;
    if (said === 'authorization_pending') return 'pending';
    if (said === 'slow_down') return 'slower';
    throw error;
  }
}
