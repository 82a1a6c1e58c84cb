/** User and password are handed to the client (RFC 6749, section 4.3); for vendors that still want it. */
import type { Grant } from '../grant.js';

export const password: Grant = {
  name: 'password',
  about: 'user and password, for vendors that still want them',
  async obtain({ library, server, client, proof, parameters, options, wanted }) {
    const asked = new URLSearchParams(parameters);
    asked.set('username', await wanted('user'));
    asked.set('password', await wanted('password'));
    const response = await library.genericTokenEndpointRequest(server, client, proof, 'password', asked, options);
    return library.processGenericTokenEndpointResponse(server, client, response);
  },
};
