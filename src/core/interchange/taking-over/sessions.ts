/** Session files for the credentials of foreign requests. */
import { plainText, yamlText } from '../../collection/yaml-text.js';
import { filled, hasHole, hiddenHole } from '../foreign/holes.js';
import type { Found, ResponseValues } from './chain.js';
import { type Credential, credentialKey } from './credentials.js';
import type { SecretNames } from './groups.js';
import { freeName } from './names.js';

export interface NewSession {
  readonly name: string;
  readonly text: string;
  /** Of the request whose response holds its token. */
  readonly opensWith: number | undefined;
}

export interface SessionSettings {
  readonly schema: string;
  readonly secrets: SecretNames;
  /** The text of the session file that there is already. */
  readonly existing: (name: string) => string | undefined;
  /** The name of the request that was made at a place among all. */
  readonly requestAt: (index: number) => string;
}

export class NewSessions {
  private readonly made = new Map<string, NewSession>();

  constructor(private readonly settings: SessionSettings) {}

  get all(): readonly NewSession[] {
    return [...this.made.values()];
  }

  /** @param values what the responses before it held */
  of(credential: Credential, values: ResponseValues): NewSession {
    const text = 'token' in credential ? credential.token : 'key' in credential ? credential.key : undefined;
    const found = text === undefined || hasHole(text) ? undefined : values.where(text);
    const key = found ? `${found.step} ${found.place}` : credentialKey(credential);
    const known = this.made.get(key);
    if (known) return known;
    const content = found ? this.opened(credential, found) : this.kept(credential);
    const written = `# yaml-language-server: $schema=${this.settings.schema}\n${yamlText(content)}`;
    const taken = new Set(this.all.map(({ name }) => name));
    const name = freeName(found ? 'log-in' : credential.kind, (one) => {
      const before = this.settings.existing(one);
      return taken.has(one) || (before !== undefined && before !== written);
    });
    const session = { name, text: written, opensWith: found?.step };
    this.made.set(key, session);
    return session;
  }

  /** A later request repeats the token of an earlier response: that request opens the session. */
  private opened(credential: Credential, { step, place }: Found): Record<string, unknown> {
    const header =
      credential.kind === 'api-key'
        ? { headers: { [credential.header]: `${plainText(credential.scheme)}\${token}` } }
        : undefined;
    return { kind: 'login', open: { send: this.settings.requestAt(step) }, token: place, ...header };
  }

  private kept(credential: Credential): Record<string, unknown> {
    switch (credential.kind) {
      case 'basic': {
        const { user, password } = credential;
        // A key in place of a user has no password.
        if (password === '') return { kind: 'basic', user: this.secret(user, 'api-key'), password: '' };
        return { kind: 'basic', user: this.shown(user), password: this.secret(password, 'password') };
      }
      case 'bearer':
        return { kind: 'bearer', token: this.secret(credential.token, 'token') };
      case 'api-key':
        return {
          kind: 'api-key',
          header: credential.header,
          key: `${plainText(credential.scheme)}${this.secret(credential.key, credential.scheme === '' ? credential.header : 'key')}`,
        };
    }
  }

  private secret(text: string, wanted: string): string {
    const { secrets } = this.settings;
    if (!hasHole(text)) return `\${secret.${secrets.of(text, wanted)}}`;
    return filled(text, (name) => `\${secret.${secrets.named(name === hiddenHole ? wanted : name)}}`, plainText);
  }

  /** A user is no secret, unless only its writer knows it. */
  private shown(text: string): string {
    return filled(text, (name) => `\${secret.${this.settings.secrets.named(name)}}`, plainText);
  }
}
