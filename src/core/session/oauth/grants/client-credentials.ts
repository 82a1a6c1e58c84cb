/** The client asks for itself (RFC 6749, section 4.4). */
import type { Grant } from '../grant.js';

export const clientCredentials: Grant = {
  name: 'client_credentials',
  about: 'the client asks for itself',
  async obtain({ library, server, client, proof, parameters, options }) {
    const response = await library.clientCredentialsGrantRequest(server, client, proof, parameters, options);
    return library.processClientCredentialsResponse(server, client, response);
  },
};
