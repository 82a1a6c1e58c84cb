/** `php`: PHP, with its stream of HTTP. */
import { ownMember } from '../../../value/own-member.js';
import { joined, text } from '../expression.js';
import { filesOf, type Language, Needs, type Notation, quoted, remarks, snakeName, written } from '../language.js';

const isoPattern = '"Y-m-d\\TH:i:s.v\\Z"';
const literal = (given: string): string =>
  quoted(given, { $: '\\$' }, (sign) => `\\u{${(sign.codePointAt(0) as number).toString(16)}}`);

const notation = ({ need }: Needs): Notation => ({
  text: literal,
  env(name) {
    need('helper', 'env');
    return `env("${name}")`;
  },
  name: (name) => `$${snakeName(name)}`,
  join: (parts) => parts.join(' . '),
  time(form, shift) {
    need('variable', 'moment');
    const at = shift === 0 ? '$moment' : `$moment->modify("${shift < 0 ? '' : '+'}${shift} msec")`;
    if (form === 'http') return `${at}->format("D, d M Y H:i:s \\G\\M\\T")`;
    if (form !== 'iso') return `${at}->format("${form === 'unix' ? 'U' : 'Uv'}")`;
    if (shift !== 0) return `${at}->format(${isoPattern})`;
    need('variable', 'now');
    return '$now';
  },
  uuid() {
    need('variable', 'uuid');
    return '$uuid';
  },
  nonce() {
    need('variable', 'nonce');
    return '$nonce';
  },
  bytes: (text) => text,
  digest: (algorithm, data) => `hash("${algorithm.replace('-', '')}", ${data}, true)`,
  hmac: (algorithm, key, data) => `hash_hmac("${algorithm.replace('-', '')}", ${data}, ${key}, true)`,
  sign(scheme, key, data) {
    if (scheme.kind === 'ed25519' || scheme.kind === 'rsa-pss') throw new Error('the standard library has none');
    need('helper', 'signed');
    const made = `signed(${data}, ${key}, "${scheme.hash.replace('-', '')}")`;
    if (scheme.kind !== 'ecdsa') return made;
    need('helper', 'bothNumbers');
    return `bothNumbers(${made}, ${key})`;
  },
  encode(how, data) {
    if (how === 'hex') return `bin2hex(${data})`;
    return how === 'base64' ? `base64_encode(${data})` : `rtrim(strtr(base64_encode(${data}), "+/", "-_"), "=")`;
  },
  decode: (how, data) => (how === 'from-hex' ? `hex2bin(${data})` : `base64_decode(${data})`),
  change(how, data) {
    switch (how) {
      case 'upper':
      case 'lower':
        return `strto${how}(${data})`;
      case 'percent':
        return `rawurlencode(${data})`;
      case 'form':
        return `str_replace(["%2A", "~"], ["*", "%7E"], urlencode(${data}))`;
      case 'json':
        return `substr(json_encode(${data}, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_LINE_TERMINATORS), 1, -1)`;
      default:
        return `str_replace("&#039;", "&apos;", htmlspecialchars(${data}, ENT_QUOTES, "UTF-8"))`;
    }
  },
  slice: (data, from, to) => `substr(${data}, ${from}, ${to - from})`,
  body: () => '$body',
});

const lines: Readonly<Record<string, string>> = {
  env: `function env(string $name): string {
    $value = getenv($name);
    if ($value === false) {
        fwrite(STDERR, "$name is not set\\n");
        exit(1);
    }
    return $value;
}`,
  signed: `function signed(string $data, string $key, string $algorithm): string {
    if (!openssl_sign($data, $signature, $key, $algorithm)) {
        fwrite(STDERR, openssl_error_string() . "\\n");
        exit(1);
    }
    return $signature;
}`,
  bothNumbers: `function bothNumbers(string $der, string $key): string {
    $size = intdiv(openssl_pkey_get_details(openssl_pkey_get_private($key))["bits"] + 7, 8);
    $at = ord($der[1]) > 127 ? 3 : 2;
    $numbers = "";
    for ($number = 0; $number < 2; $number++) {
        $length = ord($der[$at + 1]);
        $numbers .= str_pad(ltrim(substr($der, $at + 2, $length), "\\0"), $size, "\\0", STR_PAD_LEFT);
        $at += 2 + $length;
    }
    return $numbers;
}`,
  moment: '$moment = new DateTimeImmutable("now", new DateTimeZone("UTC"));',
  now: `$now = $moment->format(${isoPattern});`,
  nonce: '$nonce = bin2hex(random_bytes(16));',
  uuid: `$id = random_bytes(16);
$id[6] = chr(ord($id[6]) & 0x0f | 0x40);
$id[8] = chr(ord($id[8]) & 0x3f | 0x80);
$uuid = vsprintf("%s%s-%s-%s-%s-%s%s%s", str_split(bin2hex($id), 4));`,
};

export const php: Language = {
  name: 'php',
  unable: (one) => one.op === 'sign' && (one.scheme.kind === 'ed25519' || one.scheme.kind === 'rsa-pss'),
  about: 'PHP 8, with its stream of HTTP',
  ending: '.php',
  write(request) {
    const needs = new Needs();
    const own = notation(needs);
    const segments = request.body.map((one) => {
      if (one.kind === 'text') return written(one.value, own);
      if (one.kind === 'bytes') return own.decode('from-base64', `"${Buffer.from(one.bytes).toString('base64')}"`);
      return `file_get_contents(${literal(one.path)})`;
    });
    const bindings = request.bindings.map(({ name, value }) => `$${snakeName(name)} = ${written(value, own)};`);
    const url = written(request.url, own);
    const headers = request.headers.map(
      ({ name, value }) => `        ${written(joined([text(`${name}: `), value]), own)},`,
    );
    return [
      '<?php',
      ...remarks(request, '//', filesOf(request)),
      ...[...needs.of('helper'), ...needs.of('variable')].map((name) => ownMember(lines, name) as string),
      ...(segments.length > 0 ? [`$body = ${segments.join('\n    . ')};`] : []),
      ...bindings,
      '',
      '$context = stream_context_create(["http" => [',
      `    "method" => "${request.method}",`,
      ...(headers.length > 0 ? ['    "header" => [', ...headers, '    ],'] : []),
      ...(segments.length > 0 ? ['    "content" => $body,'] : []),
      '    "protocol_version" => 1.1,',
      '    "follow_location" => 0,',
      '    "ignore_errors" => true,',
      ']]);',
      `$response = fopen(${url}, "r", false, $context);`,
      'if ($response === false) {',
      '    exit(1);',
      '}',
      'fwrite(STDERR, stream_get_meta_data($response)["wrapper_data"][0] . "\\n");',
      'fpassthru($response);',
      '',
    ].join('\n');
  },
};
