/** The options with which vendors' guides call a transfer program from a shell, and what each says of a request. */

/** What an option does; `take` of one with a value is given that value. */
export interface CommandOption {
  readonly long: string;
  readonly short?: string;
  readonly takes: boolean;
  /** A word of what it says; those without are of the terminal alone and are passed over. */
  readonly says?: Says;
}

export type Says =
  | 'method'
  | 'header'
  | 'data'
  | 'data-as-written'
  | 'data-encoded'
  | 'json'
  | 'part'
  | 'part-text'
  | 'in-query'
  | 'query'
  | 'head'
  | 'user'
  | 'bearer'
  | 'cookie'
  | 'agent'
  | 'referrer'
  | 'redirects'
  | 'total'
  | 'connect'
  | 'upload'
  | 'address'
  | 'digest'
  | 'unlike';

const flag = (long: string, short?: string, says?: Says): CommandOption => ({
  long,
  takes: false,
  ...(short && { short }),
  ...(says && { says }),
});
const value = (long: string, short?: string, says?: Says): CommandOption => ({
  ...flag(long, short, says),
  takes: true,
});

const all: readonly CommandOption[] = [
  value('request', 'X', 'method'),
  value('header', 'H', 'header'),
  value('data', 'd', 'data'),
  value('data-ascii', undefined, 'data'),
  value('data-raw', undefined, 'data-as-written'),
  value('data-binary', undefined, 'data'),
  value('data-urlencode', undefined, 'data-encoded'),
  value('json', undefined, 'json'),
  value('form', 'F', 'part'),
  value('form-string', undefined, 'part-text'),
  flag('get', 'G', 'in-query'),
  value('url-query', undefined, 'query'),
  flag('head', 'I', 'head'),
  value('user', 'u', 'user'),
  flag('basic'),
  flag('digest', undefined, 'digest'),
  flag('anyauth', undefined, 'unlike'),
  flag('ntlm', undefined, 'unlike'),
  flag('negotiate', undefined, 'unlike'),
  value('aws-sigv4', undefined, 'unlike'),
  value('oauth2-bearer', undefined, 'bearer'),
  value('cookie', 'b', 'cookie'),
  value('cookie-jar', 'c'),
  value('user-agent', 'A', 'agent'),
  value('referer', 'e', 'referrer'),
  flag('location', 'L'),
  flag('location-trusted'),
  value('max-redirs', undefined, 'redirects'),
  value('max-time', 'm', 'total'),
  value('connect-timeout', undefined, 'connect'),
  value('upload-file', 'T', 'upload'),
  value('url', undefined, 'address'),
  // Of the connection: an environment says it.
  flag('insecure', 'k', 'unlike'),
  value('proxy', 'x', 'unlike'),
  value('proxy-user', 'U', 'unlike'),
  value('cert', 'E', 'unlike'),
  value('key', undefined, 'unlike'),
  value('cacert', undefined, 'unlike'),
  value('capath', undefined, 'unlike'),
  value('resolve', undefined, 'unlike'),
  value('connect-to', undefined, 'unlike'),
  value('unix-socket', undefined, 'unlike'),
  value('interface', undefined, 'unlike'),
  value('config', 'K', 'unlike'),
  value('range', 'r', 'unlike'),
  // Of the terminal, or of how bytes come: nothing that is sent depends on it.
  value('output', 'o'),
  flag('remote-name', 'O'),
  value('output-dir'),
  value('write-out', 'w'),
  value('dump-header', 'D'),
  value('retry'),
  value('retry-delay'),
  value('retry-max-time'),
  value('limit-rate'),
  value('stderr'),
  value('trace'),
  value('trace-ascii'),
  value('keepalive-time'),
  value('expect100-timeout'),
  value('ciphers'),
  value('tls-max'),
  value('speed-limit', 'Y'),
  value('speed-time', 'y'),
  flag('silent', 's'),
  flag('show-error', 'S'),
  flag('verbose', 'v'),
  flag('include', 'i'),
  flag('show-headers'),
  flag('fail', 'f'),
  flag('fail-with-body'),
  flag('compressed'),
  flag('no-buffer', 'N'),
  flag('progress-bar', '#'),
  flag('globoff', 'g'),
  flag('path-as-is'),
  flag('http1.0', '0'),
  flag('http1.1'),
  flag('http2'),
  flag('http2-prior-knowledge'),
  flag('http3'),
  flag('ipv4', '4'),
  flag('ipv6', '6'),
  flag('ssl-no-revoke'),
  flag('tlsv1.2', '1'),
  flag('tlsv1.3'),
  flag('no-progress-meter'),
  flag('parallel', 'Z'),
  flag('remote-time', 'R'),
  flag('create-dirs'),
  flag('retry-connrefused'),
  flag('retry-all-errors'),
  flag('disable', 'q'),
];

const byLong = new Map(all.map((one) => [one.long, one]));
const byShort = new Map(all.flatMap((one) => (one.short === undefined ? [] : [[one.short, one] as const])));

export const longOption = (name: string): CommandOption | undefined => byLong.get(name);
export const shortOption = (letter: string): CommandOption | undefined => byShort.get(letter);
