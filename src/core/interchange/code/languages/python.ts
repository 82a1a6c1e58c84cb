/** `python`: Python 3, with `http.client`. */
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
  quoted(given, {}, (sign) => `\\U${(sign.codePointAt(0) as number).toString(16).padStart(8, '0')}`);

const notation = ({ need }: Needs): Notation => ({
  text: literal,
  env(name) {
    need('import', 'os');
    return `os.environ["${name}"]`;
  },
  name: snakeName,
  join: (parts) => parts.join(' + '),
  time(form, shift) {
    need('import', 'datetime');
    need('helper', 'moment');
    if (form === 'iso' && shift === 0) {
      need('helper', 'now');
      return 'now';
    }
    const at = shift === 0 ? 'moment' : `(moment + datetime.timedelta(milliseconds=${shift}))`;
    if (form === 'iso') return `${at}.isoformat(timespec="milliseconds").replace("+00:00", "Z")`;
    if (form === 'http') {
      need('import', 'email.utils');
      return `email.utils.format_datetime(${at}, usegmt=True)`;
    }
    return form === 'unix' ? `str(int(${at}.timestamp()))` : `str(int(${at}.timestamp() * 1000))`;
  },
  uuid() {
    need('import', 'uuid');
    need('helper', 'uuid');
    return 'call_uuid';
  },
  nonce() {
    need('import', 'secrets');
    need('helper', 'nonce');
    return 'nonce';
  },
  bytes: (text) => `${grouped(text)}.encode()`,
  digest(algorithm, data) {
    need('import', 'hashlib');
    return `hashlib.${algorithm.replace('-', '')}(${data}).digest()`;
  },
  hmac(algorithm, key, data) {
    need('import', 'hashlib');
    need('import', 'hmac');
    return `hmac.new(${key}, ${data}, hashlib.${algorithm.replace('-', '')}).digest()`;
  },
  encode(how, data) {
    if (how === 'hex') return `${data}.hex()`;
    need('import', 'base64');
    return how === 'base64'
      ? `base64.b64encode(${data}).decode()`
      : `base64.urlsafe_b64encode(${data}).decode().rstrip("=")`;
  },
  decode(how, data) {
    if (how === 'from-hex') return `bytes.fromhex(${data})`;
    need('import', 'base64');
    return `base64.b64decode(${data})`;
  },
  change(how, data) {
    switch (how) {
      case 'upper':
      case 'lower':
        return `${grouped(data)}.${how}()`;
      case 'json':
        need('import', 'json');
        return `json.dumps(${data}, ensure_ascii=False)[1:-1]`;
      case 'xml':
        need('import', 'html');
        return `html.escape(${data}).replace("&#x27;", "&apos;")`;
      case 'form':
        need('import', 'urllib.parse');
        return `urllib.parse.quote_plus(${data}, safe="*").replace("~", "%7E")`;
      default:
        need('import', 'urllib.parse');
        return `urllib.parse.quote(${data}, safe="")`;
    }
  },
  slice: (data, from, to) => `${grouped(data)}[${from}:${to}]`,
  body: () => 'body',
});

const helpers: Readonly<Record<string, string>> = {
  moment: 'moment = datetime.datetime.now(datetime.timezone.utc)',
  now: 'now = moment.isoformat(timespec="milliseconds").replace("+00:00", "Z")',
  uuid: 'call_uuid = str(uuid.uuid4())',
  nonce: 'nonce = secrets.token_hex(16)',
};

export const python: Language = {
  name: 'python',
  unable: ({ op }) => op === 'sign',
  about: 'Python 3.8 and later, with http.client',
  ending: '.py',
  write(request) {
    const needs = new Needs();
    needs.need('import', 'http.client');
    needs.need('import', 'sys');
    needs.need('import', 'urllib.parse');
    const own = notation(needs);
    const segments = request.body.map((one) => {
      if (one.kind === 'text') return own.bytes(written(one.value, own));
      if (one.kind === 'file') return `open(${literal(one.path)}, "rb").read()`;
      needs.need('import', 'base64');
      return `base64.b64decode("${Buffer.from(one.bytes).toString('base64')}")`;
    });
    const bindings = request.bindings.map(({ name, value }) => `${snakeName(name)} = ${written(value, own)}`);
    const url = written(request.url, own);
    const headers = request.headers.map(
      ({ name, value }) => `connection.putheader(${literal(name)}, ${own.bytes(written(value, own))})`,
    );
    if (segments.length > 0) headers.push('connection.putheader("Content-Length", str(len(body)))');
    else if (/^(?:POST|PUT|PATCH)$/.test(request.method)) headers.push('connection.putheader("Content-Length", "0")');
    return [
      ...remarks(request, '#', filesOf(request)),
      ...needs
        .of('import')
        .sort()
        .map((name) => `import ${name}`),
      '',
      ...needs.of('helper').map((name) => ownMember(helpers, name) as string),
      ...(segments.length === 1 ? [`body = ${segments[0]}`] : []),
      ...(segments.length > 1 ? [`body = b"".join([\n    ${segments.join(',\n    ')},\n])`] : []),
      ...bindings,
      '',
      `url = urllib.parse.urlsplit(${url})`,
      'client = http.client.HTTPSConnection if url.scheme == "https" else http.client.HTTPConnection',
      'connection = client(url.netloc)',
      `connection.putrequest("${request.method}", (url.path or "/") + ("?" + url.query if url.query else ""), skip_accept_encoding=True)`,
      ...headers,
      `connection.endheaders(${segments.length > 0 ? 'body' : ''})`,
      'response = connection.getresponse()',
      'print(response.status, response.reason, file=sys.stderr)',
      'sys.stdout.buffer.write(response.read())',
      '',
    ].join('\n');
  },
};
