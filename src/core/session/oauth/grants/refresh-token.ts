/** A refresh token that the vendor gave by another way (RFC 6749, section 6). */
import type { Asking, Grant } from '../grant.js';

export const refreshToken: Grant = {
  name: 'refresh_token',
  about: 'a refresh token that you have',
  obtain: async (asking) => renewed(asking, await asking.wanted('refresh-token')),
};

/** @param token a response may bring another in its place */
export async function renewed(
  { library, server, client, proof, parameters, options }: Asking,
  token: string,
): ReturnType<Grant['obtain']> {
  const response = await library.refreshTokenGrantRequest(server, client, proof, token, {
    ...options,
    additionalParameters: parameters,
  });
  return library.processRefreshTokenResponse(server, client, response);
}
