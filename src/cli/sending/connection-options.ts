/** Options that say how a command connects, in place of the environment. */
import type { Command } from 'commander';
import type { ConnectionSettings } from '../../core/exchange/connection.js';
import { Problem } from '../../core/problem/problem.js';
import { collect } from '../command.js';

export function connectionOptions(command: Command): Command {
  return command
    .option('--trust <file>', 'a certificate in PEM that is trusted too; may be repeated', collect)
    .option('--identity <files>', 'the client certificate: CERTIFICATE,KEY in PEM, or one PKCS#12 file')
    .option('--server-name <name>', 'the name that the server must prove, in place of the host')
    .option('--proxy <url>', 'the proxy, or none')
    .option('--http <version>', 'the version of HTTP: 1 or 2');
}

const names = ['trust', 'identity', 'serverName', 'proxy', 'http'] as const;

/** Undefined where nothing is said. @throws Problem usage */
export function connectionSettings(options: Record<string, unknown>): ConnectionSettings | undefined {
  if (names.every((name) => options[name] === undefined)) return undefined;
  const tls = {
    ...(options.trust !== undefined && { trust: options.trust as string[] }),
    ...(options.identity !== undefined && { identity: identityFrom(options.identity as string) }),
    ...(options.serverName !== undefined && { name: options.serverName as string }),
  };
  return {
    ...(Object.keys(tls).length > 0 && { tls }),
    ...(options.proxy !== undefined && { proxy: options.proxy as string }),
    ...(options.http !== undefined && { http: versionFrom(options.http as string) }),
  };
}

/** A request file has no place for them. @throws Problem usage */
export function demandNoConnection(options: Record<string, unknown>): void {
  const said = names.find((name) => options[name] !== undefined);
  if (said === undefined) return;
  throw new Problem('usage', {
    what: `--as cannot keep --${said.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}`,
    cause: 'how connections are made belongs to the environment',
    remedy: 'write it there, under tls:, proxy: or http:, and send with --as and without the option',
  });
}

function identityFrom(text: string): NonNullable<NonNullable<ConnectionSettings['tls']>['identity']> {
  const [first = '', key, ...more] = text.split(',').map((part) => part.trim());
  if (first === '' || key === '' || more.length > 0) {
    throw new Problem('usage', {
      what: `--identity takes CERTIFICATE,KEY or one PKCS#12 file, not ${text}`,
      remedy: '--identity certs/agent.pem,certs/agent-key.pem; a pass phrase belongs to the environment',
    });
  }
  return key === undefined ? { bundle: first } : { certificate: first, key };
}

function versionFrom(text: string): 1 | 2 {
  if (text === '1' || text === '2') return text === '1' ? 1 : 2;
  throw new Problem('usage', { what: `--http takes 1 or 2, not ${text}` });
}
