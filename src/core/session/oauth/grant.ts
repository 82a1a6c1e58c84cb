/** A grant: a way to come by a token. */
import type * as oauth from 'oauth4webapi';
import type { OAuth2File } from '../../collection/files/session-file.js';
import type { SessionContext } from '../session-kind.js';

/** What asking for a token needs. */
export interface Asking {
  readonly library: typeof oauth;
  readonly file: OAuth2File;
  readonly room: SessionContext;
  readonly server: oauth.AuthorizationServer;
  readonly client: oauth.Client;
  readonly proof: oauth.ClientAuth;
  /** Scope, audience and resource, where they are asked for. */
  readonly parameters: URLSearchParams;
  /** How the library sends. */
  readonly options: oauth.HttpRequestOptions<'POST', URLSearchParams>;
  /** A text of the session file, computed. @throws Problem session-missing: it is not there */
  wanted(key: 'user' | 'password' | 'refresh-token'): Promise<string>;
}

export interface Grant {
  /** As it is registered. */
  readonly name: OAuth2File['grant'];
  readonly about: string;
  obtain(asking: Asking): Promise<oauth.TokenEndpointResponse>;
}
