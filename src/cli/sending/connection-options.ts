/** Options that say how a command connects, in place of the environment. */
import { existsSync, readFileSync } from 'node:fs';
import type { Command } from 'commander';
import type { ConnectionSettings } from '../../core/exchange/connection/connection.js';
import { Problem } from '../../core/problem/problem.js';
import { collect } from '../command.js';

export function connectionOptions(command: Command): Command {
  return command
    .optionsGroup('Connection:')
    .option('--trust <file>', 'a certificate in PEM that is trusted too; may be repeated', collect)
    .option('--identity <files>', 'the client certificate: CERTIFICATE,KEY in PEM, or one PKCS#12 file')
    .option('--identity-secret <name>', 'the secret with the pass phrase of --identity')
    .option('--server-name <name>', 'the name that the certificate must have, instead of the host')
    .option('--proxy <url>', 'the proxy, or none')
    .option('--http <version>', 'the version of HTTP: 1 or 2');
}

const names = ['trust', 'identity', 'identitySecret', 'serverName', 'proxy', 'http'] as const;

/** Undefined by default. @throws Problem usage */
export function connectionSettings(options: Record<string, unknown>): ConnectionSettings | undefined {
  if (names.every((name) => options[name] === undefined)) return undefined;
  if (options.identitySecret !== undefined && options.identity === undefined)
    throw new Problem('usage', { what: '--identity-secret requires --identity' });
  const tls = {
    ...(options.trust !== undefined && { trust: (options.trust as string[]).map(typedText) }),
    ...(options.identity !== undefined && {
      identity: identityFrom(options.identity as string, options.identitySecret as string | undefined),
    }),
    ...(options.serverName !== undefined && { name: options.serverName as string }),
  };
  return {
    ...(Object.keys(tls).length > 0 && { tls }),
    ...(options.proxy !== undefined && { proxy: options.proxy as string }),
    ...(options.http !== undefined && { http: versionFrom(options.http as string) }),
  };
}

/** A request file has no place for them. @throws Problem usage */
export function requireNoConnection(options: Record<string, unknown>): void {
  const said = names.find((name) => options[name] !== undefined);
  if (said === undefined) return;
  throw new Problem('usage', {
    what: `--as cannot keep --${said.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}`,
    cause: 'how connections are made belongs to the environment',
    remedy: 'write it there, under tls:, proxy: or http:, and send with --as and without the option',
  });
}

/** Files on the command line may lie anywhere; what is not there is one of the collection. */
function typedText(path: string): string {
  if (!existsSync(path)) return path;
  const text = readFileSync(path, 'utf8');
  if (text.includes('-----BEGIN')) return text;
  throw new Problem('tls-settings', {
    what: `${path} is not PEM`,
    cause: 'a PEM file holds lines -----BEGIN …----- and -----END …-----',
    remedy: '--identity takes one PKCS#12 file (.p12, .pfx), too',
  });
}

function identityFrom(
  text: string,
  secret: string | undefined,
): NonNullable<NonNullable<ConnectionSettings['tls']>['identity']> {
  const [first = '', key, ...more] = text.split(',').map((part) => part.trim());
  if (first === '' || key === '' || more.length > 0) {
    throw new Problem('usage', {
      what: `--identity takes CERTIFICATE,KEY or one PKCS#12 file, not ${text}`,
      remedy: '--identity certs/agent.pem,certs/agent-key.pem, with --identity-secret NAME for a pass phrase',
    });
  }
  const passphrase = secret === undefined ? {} : { passphrase: `\${secret.${secret}}` };
  if (key !== undefined) return { certificate: typedText(first), key: typedText(key), ...passphrase };
  return { bundle: (existsSync(first) ? readFileSync(first) : first) as string, ...passphrase };
}

function versionFrom(text: string): 1 | 2 {
  if (text === '1' || text === '2') return text === '1' ? 1 : 2;
  throw new Problem('usage', { what: `--http takes 1 or 2, not ${text}` });
}
