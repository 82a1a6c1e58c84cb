/** `csharp`: C#, with `System.Net.Http`. */
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

const isoPattern = `"yyyy-MM-dd'T'HH:mm:ss.fff'Z'"`;
const hash = (algorithm: string): string => algorithm.replace('-', '').toUpperCase();

const notation = ({ need }: Needs): Notation => ({
  text: (given) => quoted(given),
  env(name) {
    need('helper', 'env');
    return `env("${name}")`;
  },
  name: camelName,
  join: (parts) => parts.join(' + '),
  time(form, shift) {
    need('variable', 'moment');
    need('using', 'System.Globalization');
    const at = shift === 0 ? 'moment' : `moment.AddMilliseconds(${shift})`;
    if (form === 'http') return `${at}.ToString("R", CultureInfo.InvariantCulture)`;
    if (form !== 'iso')
      return `${at}.ToUnixTime${form === 'unix' ? 'Seconds' : 'Milliseconds'}().ToString(CultureInfo.InvariantCulture)`;
    if (shift !== 0) return `${at}.ToString(${isoPattern}, CultureInfo.InvariantCulture)`;
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
    need('using', 'System.Text');
    return `Encoding.UTF8.GetBytes(${text})`;
  },
  digest(algorithm, data) {
    need('using', 'System.Security.Cryptography');
    return `${hash(algorithm)}.HashData(${data})`;
  },
  hmac(algorithm, key, data) {
    need('using', 'System.Security.Cryptography');
    return `HMAC${hash(algorithm)}.HashData(${key}, ${data})`;
  },
  sign(scheme, key, data) {
    need('using', 'System.Security.Cryptography');
    if (scheme.kind === 'ed25519') throw new Error('the standard library has no Ed25519');
    const algorithm = `HashAlgorithmName.${hash(scheme.hash)}`;
    if (scheme.kind.startsWith('rsa')) {
      need('helper', 'rsa');
      return `rsa(${key}).SignData(${data}, ${algorithm}, RSASignaturePadding.${scheme.kind === 'rsa' ? 'Pkcs1' : 'Pss'})`;
    }
    need('helper', 'curve');
    const form = scheme.kind === 'ecdsa' ? 'IeeeP1363FixedFieldConcatenation' : 'Rfc3279DerSequence';
    return `curve(${key}).SignData(${data}, ${algorithm}, DSASignatureFormat.${form})`;
  },
  encode(how, data) {
    if (how === 'hex') return `Convert.ToHexString(${data}).ToLowerInvariant()`;
    if (how === 'base64') return `Convert.ToBase64String(${data})`;
    return `Convert.ToBase64String(${data}).TrimEnd('=').Replace('+', '-').Replace('/', '_')`;
  },
  decode: (how, data) => `Convert.${how === 'from-hex' ? 'FromHexString' : 'FromBase64String'}(${data})`,
  change(how, data) {
    switch (how) {
      case 'upper':
      case 'lower':
        return `${grouped(data)}.To${how === 'upper' ? 'Upper' : 'Lower'}Invariant()`;
      case 'percent':
        return `Uri.EscapeDataString(${data})`;
      case 'form':
        return `Uri.EscapeDataString(${data}).Replace("%20", "+").Replace("%2A", "*").Replace("~", "%7E")`;
      case 'json':
        need('using', 'System.Text.Json');
        need('using', 'System.Text.Encodings.Web');
        return `JsonEncodedText.Encode(${data}, JavaScriptEncoder.UnsafeRelaxedJsonEscaping).ToString()`;
      default:
        need('using', 'System.Security');
        return `SecurityElement.Escape(${data})`;
    }
  },
  slice: (data, from, to) => `${grouped(data)}.Substring(${from}, ${to - from})`,
  body: () => 'body',
});

const lines: Readonly<Record<string, string>> = {
  env: 'string env(string name) => Environment.GetEnvironmentVariable(name) ?? throw new InvalidOperationException(name + " is not set");',
  rsa: `RSA rsa(string pem) {
    var key = RSA.Create();
    key.ImportFromPem(pem);
    return key;
}`,
  curve: `ECDsa curve(string pem) {
    var key = ECDsa.Create();
    key.ImportFromPem(pem);
    return key;
}`,
  moment: 'var moment = DateTimeOffset.UtcNow;',
  now: `var now = moment.ToString(${isoPattern}, CultureInfo.InvariantCulture);`,
  uuid: 'var uuid = Guid.NewGuid().ToString();',
  nonce: 'var nonce = Guid.NewGuid().ToString("N");',
};

/** .NET keeps these with the content. */
const ofContent = /^(?:allow|content-.*|expires|last-modified)$/i;

export const csharp: Language = {
  name: 'csharp',
  unable: (one) => one.op === 'sign' && one.scheme.kind === 'ed25519',
  about: 'C# for .NET 6 and later, with System.Net.Http; the program of a console project',
  ending: '.cs',
  write(request) {
    const needs = new Needs();
    const own = notation(needs);
    const segments = request.body.map((one) => {
      if (one.kind === 'text') return own.bytes(written(one.value, own));
      if (one.kind === 'bytes') return own.decode('from-base64', `"${Buffer.from(one.bytes).toString('base64')}"`);
      return `File.ReadAllBytes(${own.text(one.path)})`;
    });
    if (segments.length > 1) needs.need('using', 'System.Linq');
    const [first, ...others] = segments;
    const bindings = request.bindings.map(({ name, value }) => `var ${camelName(name)} = ${written(value, own)};`);
    const url = written(request.url, own);
    const headers = request.headers.map(({ name, value }) => {
      const to = ofContent.test(name) ? 'request.Content' : 'request';
      return `${to}.Headers.TryAddWithoutValidation(${own.text(name)}, ${written(value, own)});`;
    });
    const content = first === undefined && request.headers.some(({ name }) => ofContent.test(name));
    return [
      ...remarks(request, '//', filesOf(request)),
      ...['System', 'System.IO', 'System.Net.Http', ...needs.of('using')].sort().map((one) => `using ${one};`),
      '',
      ...[...needs.of('helper'), ...needs.of('variable')].map((name) => ownMember(lines, name) as string),
      ...(first === undefined
        ? []
        : [
            `var body = ${first}${others.map((one) => `\n    .Concat(${one})`).join('')}${others.length > 0 ? '.ToArray()' : ''};`,
          ]),
      ...bindings,
      '',
      `var request = new HttpRequestMessage(new HttpMethod("${request.method}"), ${url});`,
      ...(first === undefined
        ? content
          ? ['request.Content = new ByteArrayContent(Array.Empty<byte>());']
          : []
        : ['request.Content = new ByteArrayContent(body);']),
      ...headers,
      'using var client = new HttpClient(new HttpClientHandler { AllowAutoRedirect = false, UseCookies = false });',
      'using var response = await client.SendAsync(request);',
      'Console.Error.WriteLine($"{(int)response.StatusCode} {response.ReasonPhrase}");',
      'await response.Content.CopyToAsync(Console.OpenStandardOutput());',
      '',
    ].join('\n');
  },
};
