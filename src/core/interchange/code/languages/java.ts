/** `java`: Java, with `java.net.http`. */
import { ownMember } from '../../../value/own-member.js';
import {
  camelName,
  filesOf,
  grouped,
  type Language,
  Needs,
  type Notation,
  quoted,
  remarks,
  written,
} from '../language.js';

const isoPattern = `DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss.SSS'Z'")`;
const jdk = (algorithm: string): string => (algorithm === 'md5' ? 'MD5' : algorithm.toUpperCase());

/** Which characters a compiler reads as themselves depends on the machine: only those of ASCII stand as they are. */
const literal = (given: string): string =>
  quoted(given, {}, asEscape).replace(
    /[\u0080-\uFFFF]/g,
    (sign) => `\\u${sign.charCodeAt(0).toString(16).padStart(4, '0')}`,
  );

const notation = ({ need }: Needs): Notation => ({
  text: literal,
  env(name) {
    need('helper', 'env');
    return `env("${name}")`;
  },
  name: camelName,
  join: (parts) => parts.join(' + '),
  time(form, shift) {
    need('variable', 'moment');
    const at = shift === 0 ? 'moment' : `moment.plusNanos(${shift} * 1000000L)`;
    if (form.startsWith('unix'))
      return `String.valueOf(${at}.${form === 'unix' ? 'toEpochSecond()' : 'toInstant().toEpochMilli()'})`;
    need('import', 'java.time.format.DateTimeFormatter');
    if (form === 'http') {
      need('import', 'java.util.Locale');
      return `${at}.format(DateTimeFormatter.ofPattern("EEE, dd MMM yyyy HH:mm:ss 'GMT'", Locale.US))`;
    }
    if (shift !== 0) return `${at}.format(${isoPattern})`;
    need('variable', 'now');
    return 'now';
  },
  uuid() {
    need('variable', 'uuid');
    return 'uuid';
  },
  nonce() {
    need('variable', 'nonce');
    return 'nonce';
  },
  bytes(text) {
    need('import', 'java.nio.charset.StandardCharsets');
    return `${grouped(text)}.getBytes(StandardCharsets.UTF_8)`;
  },
  digest(algorithm, data) {
    need('import', 'java.security.MessageDigest');
    return `MessageDigest.getInstance("${jdk(algorithm)}").digest(${data})`;
  },
  hmac(algorithm, key, data) {
    need('helper', 'keyed');
    need('import', 'javax.crypto.Mac');
    need('import', 'javax.crypto.spec.SecretKeySpec');
    return `keyed("Hmac${jdk(algorithm).replace('-', '')}", ${key}, ${data})`;
  },
  sign(scheme, key, data) {
    need('helper', 'signed');
    for (const one of ['KeyFactory', 'Signature', 'spec.PKCS8EncodedKeySpec']) need('import', `java.security.${one}`);
    need('import', 'java.util.Base64');
    const made = (algorithm: string, family: string, parameters = 'null'): string =>
      `signed("${algorithm}", "${family}", ${parameters}, ${key}, ${data})`;
    need('import', 'java.security.spec.AlgorithmParameterSpec');
    if (scheme.kind === 'ed25519') return made('Ed25519', 'Ed25519');
    const short = scheme.hash.replace('-', '').toUpperCase();
    if (scheme.kind === 'rsa') return made(`${short}withRSA`, 'RSA');
    if (scheme.kind !== 'rsa-pss')
      return made(`${short}withECDSA${scheme.kind === 'ecdsa' ? 'inP1363Format' : ''}`, 'EC');
    const long = scheme.hash.toUpperCase();
    need('import', 'java.security.spec.MGF1ParameterSpec');
    need('import', 'java.security.spec.PSSParameterSpec');
    return made(
      'RSASSA-PSS',
      'RSA',
      `new PSSParameterSpec("${long}", "MGF1", MGF1ParameterSpec.${short}, ${Number(short.slice(3)) / 8}, 1)`,
    );
  },
  encode(how, data) {
    if (how === 'hex') {
      need('helper', 'hex');
      return `hex(${data})`;
    }
    need('import', 'java.util.Base64');
    return `Base64.${how === 'base64' ? 'getEncoder()' : 'getUrlEncoder().withoutPadding()'}.encodeToString(${data})`;
  },
  decode(how, data) {
    if (how === 'from-hex') {
      need('helper', 'fromHex');
      return `fromHex(${data})`;
    }
    need('import', 'java.util.Base64');
    return `Base64.getDecoder().decode(${data})`;
  },
  change(how, data) {
    if (how === 'upper' || how === 'lower') {
      need('import', 'java.util.Locale');
      return `${grouped(data)}.to${how === 'upper' ? 'Upper' : 'Lower'}Case(Locale.ROOT)`;
    }
    need('helper', how);
    if (how === 'percent' || how === 'form') {
      need('import', 'java.net.URLEncoder');
      need('import', 'java.nio.charset.StandardCharsets');
    }
    return `${how}(${data})`;
  },
  slice: (data, from, to) => `${grouped(data)}.substring(${from}, ${to})`,
  body: () => 'body',
});

/** Java reads escapes before it reads anything else, so that those of quotes and line ends are octal. */
const asEscape = (sign: string): string =>
  [...Array(sign.length).keys()]
    .map((at) => {
      const code = sign.charCodeAt(at);
      return code < 256 ? `\\${code.toString(8).padStart(3, '0')}` : `\\u${code.toString(16).padStart(4, '0')}`;
    })
    .join('');

const functions: Readonly<Record<string, string>> = {
  env: `    static String env(String name) {
        String value = System.getenv(name);
        if (value == null) throw new IllegalStateException(name + " is not set");
        return value;
    }`,
  keyed: `    static byte[] keyed(String algorithm, byte[] key, byte[] data) throws Exception {
        Mac mac = Mac.getInstance(algorithm);
        mac.init(new SecretKeySpec(key, algorithm));
        return mac.doFinal(data);
    }`,
  signed: `    static byte[] signed(String algorithm, String family, AlgorithmParameterSpec parameters, String key, byte[] data) throws Exception {
        byte[] bytes = Base64.getMimeDecoder().decode(key.replaceAll("-----[^-]+-----", ""));
        Signature signature = Signature.getInstance(algorithm);
        if (parameters != null) signature.setParameter(parameters);
        signature.initSign(KeyFactory.getInstance(family).generatePrivate(new PKCS8EncodedKeySpec(bytes)));
        signature.update(data);
        return signature.sign();
    }`,
  hex: `    static String hex(byte[] bytes) {
        StringBuilder text = new StringBuilder();
        for (byte one : bytes) text.append(String.format("%02x", one));
        return text.toString();
    }`,
  fromHex: `    static byte[] fromHex(String text) {
        byte[] bytes = new byte[text.length() / 2];
        for (int at = 0; at < bytes.length; at++) bytes[at] = (byte) Integer.parseInt(text.substring(2 * at, 2 * at + 2), 16);
        return bytes;
    }`,
  percent: `    static String percent(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20").replace("*", "%2A").replace("%7E", "~");
    }`,
  form: `    static String form(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }`,
  json: `    static String json(String text) {
        StringBuilder made = new StringBuilder();
        for (char sign : text.toCharArray()) {
            int named = "\\b\\f\\n\\r\\t\\"\\\\".indexOf(sign);
            if (named >= 0) made.append('\\\\').append("bfnrt\\"\\\\".charAt(named));
            else if (sign < 32) made.append(String.format("\\\\u%04x", (int) sign));
            else made.append(sign);
        }
        return made.toString();
    }`,
  xml: `    static String xml(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;").replace("\\"", "&quot;").replace("'", "&apos;");
    }`,
};

const variables: Readonly<Record<string, string>> = {
  moment: '        ZonedDateTime moment = ZonedDateTime.now(ZoneOffset.UTC);',
  now: `        String now = moment.format(${isoPattern});`,
  uuid: '        String uuid = UUID.randomUUID().toString();',
  nonce: '        String nonce = UUID.randomUUID().toString().replace("-", "");',
};

const imports: Readonly<Record<string, readonly string[]>> = {
  moment: ['java.time.ZonedDateTime', 'java.time.ZoneOffset'],
  uuid: ['java.util.UUID'],
  nonce: ['java.util.UUID'],
};

export const java: Language = {
  name: 'java',
  about: 'Java 11 and later, with java.net.http; java Request.java runs it',
  ending: '.java',
  write(request) {
    const needs = new Needs();
    for (const one of [
      'java.net.URI',
      'java.net.http.HttpClient',
      'java.net.http.HttpRequest',
      'java.net.http.HttpResponse',
    ])
      needs.need('import', one);
    const own = notation(needs);
    const segments = request.body.map((one) => {
      if (one.kind === 'text') return own.bytes(written(one.value, own));
      if (one.kind === 'bytes') return own.decode('from-base64', `"${Buffer.from(one.bytes).toString('base64')}"`);
      needs.need('import', 'java.nio.file.Files');
      needs.need('import', 'java.nio.file.Path');
      return `Files.readAllBytes(Path.of(${own.text(one.path)}))`;
    });
    if (segments.length > 1) needs.need('import', 'java.io.ByteArrayOutputStream');
    const bindings = request.bindings.map(
      ({ name, value }) => `        var ${camelName(name)} = ${written(value, own)};`,
    );
    const url = written(request.url, own);
    const headers = request.headers.map(
      ({ name, value }) => `            .header(${own.text(name)}, ${written(value, own)})`,
    );
    for (const name of needs.of('variable'))
      for (const one of ownMember(imports, name) ?? []) needs.need('import', one);
    return [
      ...remarks(request, '//', filesOf(request)),
      ...needs
        .of('import')
        .sort()
        .map((one) => `import ${one};`),
      '',
      'class Request {',
      ...needs.of('helper').flatMap((name) => [ownMember(functions, name) as string, '']),
      '    public static void main(String[] args) throws Exception {',
      ...needs.of('variable').map((name) => ownMember(variables, name) as string),
      ...(segments.length === 1 ? [`        byte[] body = ${segments[0]};`] : []),
      ...(segments.length > 1
        ? [
            '        ByteArrayOutputStream parts = new ByteArrayOutputStream();',
            ...segments.map((one) => `        parts.write(${one});`),
            '        byte[] body = parts.toByteArray();',
          ]
        : []),
      ...bindings,
      `        HttpRequest request = HttpRequest.newBuilder(URI.create(${url}))`,
      `            .method("${request.method}", HttpRequest.BodyPublishers.${segments.length > 0 ? 'ofByteArray(body)' : 'noBody()'})`,
      ...headers,
      '            .build();',
      '        HttpClient client = HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();',
      '        HttpResponse<byte[]> response = client.send(request, HttpResponse.BodyHandlers.ofByteArray());',
      '        System.err.println(response.statusCode());',
      '        System.out.write(response.body());',
      '        System.out.flush();',
      '    }',
      '}',
      '',
    ].join('\n');
  },
};
