/** `ruby`: Ruby, with `Net::HTTP`. */
import { ownMember } from '../../../value/own-member.js';
import {
  filesOf,
  grouped,
  type Language,
  Needs,
  type Notation,
  quoted,
  remarks,
  snakeName,
  written,
} from '../language.js';

const literal = (given: string): string =>
  quoted(given, { '#': '\\#' }, (sign) => `\\u{${(sign.codePointAt(0) as number).toString(16)}}`);

const hash = (algorithm: string): string => algorithm.replace('-', '').toUpperCase();

const notation = ({ need }: Needs): Notation => ({
  text: literal,
  env: (name) => `ENV.fetch("${name}")`,
  name: snakeName,
  join: (parts) => parts.join(' + '),
  time(form, shift) {
    need('require', 'time');
    need('variable', 'moment');
    const at = shift === 0 ? 'moment' : `(moment + ${shift} / 1000r)`;
    if (form === 'http') return `${at}.httpdate`;
    if (form !== 'iso') return form === 'unix' ? `${at}.to_i.to_s` : `${at}.strftime("%s%L")`;
    if (shift !== 0) return `${at}.iso8601(3)`;
    need('variable', 'now');
    return 'now';
  },
  uuid() {
    need('require', 'securerandom');
    need('variable', 'uuid');
    return 'uuid';
  },
  nonce() {
    need('require', 'securerandom');
    need('variable', 'nonce');
    return 'nonce';
  },
  bytes: (text) => grouped(text),
  digest(algorithm, data) {
    need('require', 'openssl');
    return `OpenSSL::Digest.digest("${hash(algorithm)}", ${data})`;
  },
  hmac(algorithm, key, data) {
    need('require', 'openssl');
    return `OpenSSL::HMAC.digest("${hash(algorithm)}", ${key}, ${data})`;
  },
  sign(scheme, key, data) {
    need('require', 'openssl');
    const own = `OpenSSL::PKey.read(${key})`;
    if (scheme.kind === 'ed25519') return `${own}.sign(nil, ${data})`;
    const algorithm = `"${hash(scheme.hash)}"`;
    if (scheme.kind === 'rsa-pss')
      return `${own}.sign_pss(${algorithm}, ${data}, salt_length: :digest, mgf1_hash: ${algorithm})`;
    if (scheme.kind !== 'ecdsa') return `${own}.sign(${algorithm}, ${data})`;
    need('variable', 'bothNumbers');
    return `both_numbers(${own}, ${algorithm}, ${data})`;
  },
  encode(how, data) {
    if (how === 'hex') return `${data}.unpack1("H*")`;
    return how === 'base64' ? `[${data}].pack("m0")` : `[${data}].pack("m0").tr("+/", "-_").delete("=")`;
  },
  decode: (how, data) => (how === 'from-hex' ? `[${data}].pack("H*")` : `${grouped(data)}.unpack1("m")`),
  change(how, data) {
    switch (how) {
      case 'upper':
        return `${grouped(data)}.upcase`;
      case 'lower':
        return `${grouped(data)}.downcase`;
      case 'percent':
        need('require', 'erb');
        return `ERB::Util.url_encode(${data})`;
      case 'form':
        need('require', 'uri');
        return `URI.encode_www_form_component(${data})`;
      case 'json':
        need('require', 'json');
        return `JSON.generate(${data})[1...-1]`;
      default:
        return `(${data}).encode(xml: :text).gsub("\\"", "&quot;").gsub("'", "&apos;")`;
    }
  },
  slice: (data, from, to) => `${grouped(data)}[${from}...${to}]`,
  body: () => 'body',
});

const lines: Readonly<Record<string, string>> = {
  bothNumbers: `def both_numbers(key, algorithm, data)
  size = (key.group.degree + 7) / 8
  OpenSSL::ASN1.decode(key.sign(algorithm, data)).value.map { |one| one.value.to_s(2).rjust(size, "\\0") }.join
end`,
  moment: 'moment = Time.now.utc',
  now: 'now = moment.iso8601(3)',
  uuid: 'uuid = SecureRandom.uuid',
  nonce: 'nonce = SecureRandom.hex(16)',
};

export const ruby: Language = {
  name: 'ruby',
  about: 'Ruby 2.7 and later, with Net::HTTP',
  ending: '.rb',
  write(request) {
    const needs = new Needs();
    needs.need('require', 'net/http');
    const own = notation(needs);
    const segments = request.body.map((one) => {
      if (one.kind === 'text') return `${grouped(written(one.value, own))}.b`;
      if (one.kind === 'bytes') return own.decode('from-base64', `"${Buffer.from(one.bytes).toString('base64')}"`);
      return `File.binread(${literal(one.path)})`;
    });
    const bindings = request.bindings.map(({ name, value }) => `${snakeName(name)} = ${written(value, own)}`);
    const url = written(request.url, own);
    const has = segments.length > 0;
    const seen = new Set<string>();
    const headers = request.headers.map(({ name, value }) => {
      const again = seen.has(name.toLowerCase());
      seen.add(name.toLowerCase());
      return again
        ? `request.add_field(${literal(name)}, ${written(value, own)})`
        : `request[${literal(name)}] = ${written(value, own)}`;
    });
    return [
      ...remarks(request, '#', filesOf(request)),
      ...needs
        .of('require')
        .sort()
        .map((one) => `require "${one}"`),
      '',
      ...needs.of('variable').map((name) => ownMember(lines, name) as string),
      ...(has ? [`body = ${segments.join(' +\n  ')}`] : []),
      ...bindings,
      '',
      `url = URI(${url})`,
      `request = Net::HTTPGenericRequest.new("${request.method}", ${has}, ${request.method !== 'HEAD'}, url.request_uri)`,
      ...headers,
      ...(has ? ['request.body = body'] : []),
      'Net::HTTP.start(url.hostname, url.port, use_ssl: url.scheme == "https") do |client|',
      '  response = client.request(request)',
      '  warn "#{response.code} #{response.message}"',
      '  $stdout.binmode.write(response.body)',
      'end',
      '',
    ].join('\n');
  },
};
