/** `go`: Go, with `net/http`. */
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

const literal = (given: string): string =>
  quoted(given, {}, (sign) => `\\U${(sign.codePointAt(0) as number).toString(16).padStart(8, '0')}`);

const packages: Readonly<Record<string, string>> = {
  md5: 'md5.New',
  'sha-1': 'sha1.New',
  'sha-256': 'sha256.New',
  'sha-384': 'sha512.New384',
  'sha-512': 'sha512.New',
};

const notation = ({ need }: Needs): Notation => {
  const hash = (algorithm: string): string => {
    const made = ownMember(packages, algorithm) as string;
    need('import', `crypto/${made.split('.')[0]}`);
    return made;
  };
  return {
    text: literal,
    env(name) {
      need('helper', 'env');
      need('import', 'os');
      need('import', 'log');
      return `env("${name}")`;
    },
    name: camelName,
    join: (parts) => parts.join(' + '),
    time(form, shift) {
      need('import', 'time');
      need('helper', 'moment');
      if (form === 'iso' && shift === 0) {
        need('helper', 'now');
        return 'now';
      }
      const at = shift === 0 ? 'moment' : `moment.Add(${shift} * time.Millisecond)`;
      if (form === 'iso') return `${at}.Format("2006-01-02T15:04:05.000Z")`;
      if (form === 'http') return `${at}.Format(http.TimeFormat)`;
      need('import', 'strconv');
      return `strconv.FormatInt(${at}.${form === 'unix' ? 'Unix' : 'UnixMilli'}(), 10)`;
    },
    uuid() {
      need('import', 'crypto/rand');
      need('import', 'fmt');
      need('helper', 'uuid');
      return 'uuid';
    },
    nonce() {
      need('import', 'crypto/rand');
      need('import', 'encoding/hex');
      need('helper', 'nonce');
      return 'nonce';
    },
    bytes: (text) => `[]byte(${text})`,
    digest(algorithm, data) {
      need('helper', 'digest');
      need('import', 'hash');
      return `digest(${hash(algorithm)}, ${data})`;
    },
    hmac(algorithm, key, data) {
      need('helper', 'keyed');
      need('import', 'hash');
      need('import', 'crypto/hmac');
      return `keyed(${hash(algorithm)}, ${key}, ${data})`;
    },
    sign(scheme, key, data) {
      need('helper', 'privateKey');
      for (const one of ['crypto', 'crypto/rand', 'crypto/x509', 'encoding/pem', 'log']) need('import', one);
      if (scheme.kind === 'ecdsa') need('import', 'crypto/ecdsa');
      need('helper', scheme.kind === 'ecdsa' ? 'bothNumbers' : 'signed');
      if (scheme.kind === 'ed25519') return `signed(${key}, ${data}, crypto.Hash(0))`;
      need('helper', 'digest');
      need('import', 'hash');
      const made = `digest(${hash(scheme.hash)}, ${data})`;
      if (scheme.kind === 'ecdsa') return `bothNumbers(${key}, ${made})`;
      const options = `crypto.${scheme.hash.replace('-', '').toUpperCase()}`;
      if (scheme.kind !== 'rsa-pss') return `signed(${key}, ${made}, ${options})`;
      need('import', 'crypto/rsa');
      return `signed(${key}, ${made}, &rsa.PSSOptions{SaltLength: rsa.PSSSaltLengthEqualsHash, Hash: ${options}})`;
    },
    encode(how, data) {
      need('import', how === 'hex' ? 'encoding/hex' : 'encoding/base64');
      if (how === 'hex') return `hex.EncodeToString(${data})`;
      return `base64.${how === 'base64' ? 'StdEncoding' : 'RawURLEncoding'}.EncodeToString(${data})`;
    },
    decode(how, data) {
      need('helper', how);
      need('import', how === 'from-hex' ? 'encoding/hex' : 'encoding/base64');
      need('import', 'log');
      return `${how === 'from-hex' ? 'fromHex' : 'fromBase64'}(${data})`;
    },
    change(how, data) {
      switch (how) {
        case 'upper':
        case 'lower':
          need('import', 'strings');
          return `strings.To${how === 'upper' ? 'Upper' : 'Lower'}(${data})`;
        case 'json':
          need('helper', 'json');
          need('import', 'encoding/json');
          need('import', 'strings');
          return `jsonText(${data})`;
        case 'xml':
          need('helper', 'xml');
          need('import', 'strings');
          return `xmlText(${data})`;
        case 'form':
          need('import', 'net/url');
          need('import', 'strings');
          return `strings.NewReplacer("~", "%7E", "%2A", "*").Replace(url.QueryEscape(${data}))`;
        default:
          need('import', 'net/url');
          need('import', 'strings');
          return `strings.ReplaceAll(url.QueryEscape(${data}), "+", "%20")`;
      }
    },
    slice: (data, from, to) => `${grouped(data)}[${from}:${to}]`,
    body: () => 'body',
  };
};

const functions: Readonly<Record<string, string>> = {
  env: `func env(name string) string {
	value, found := os.LookupEnv(name)
	if !found {
		log.Fatal(name + " is not set")
	}
	return value
}`,
  digest: `func digest(algorithm func() hash.Hash, data []byte) []byte {
	made := algorithm()
	made.Write(data)
	return made.Sum(nil)
}`,
  keyed: `func keyed(algorithm func() hash.Hash, key []byte, data []byte) []byte {
	made := hmac.New(algorithm, key)
	made.Write(data)
	return made.Sum(nil)
}`,
  privateKey: `func privateKey(text string) crypto.Signer {
	block, _ := pem.Decode([]byte(text))
	if block == nil {
		log.Fatal("the key is not PEM")
	}
	if key, err := x509.ParsePKCS8PrivateKey(block.Bytes); err == nil {
		return key.(crypto.Signer)
	}
	if key, err := x509.ParsePKCS1PrivateKey(block.Bytes); err == nil {
		return key
	}
	key, err := x509.ParseECPrivateKey(block.Bytes)
	if err != nil {
		log.Fatal(err)
	}
	return key
}`,
  signed: `func signed(key string, data []byte, options crypto.SignerOpts) []byte {
	made, err := privateKey(key).Sign(rand.Reader, data, options)
	if err != nil {
		log.Fatal(err)
	}
	return made
}`,
  bothNumbers: `func bothNumbers(key string, digest []byte) []byte {
	own, ok := privateKey(key).(*ecdsa.PrivateKey)
	if !ok {
		log.Fatal("the key is not of an elliptic curve")
	}
	r, s, err := ecdsa.Sign(rand.Reader, own, digest)
	if err != nil {
		log.Fatal(err)
	}
	size := (own.Curve.Params().BitSize + 7) / 8
	return append(r.FillBytes(make([]byte, size)), s.FillBytes(make([]byte, size))...)
}`,
  'from-hex': `func fromHex(text string) []byte {
	bytes, err := hex.DecodeString(text)
	if err != nil {
		log.Fatal(err)
	}
	return bytes
}`,
  'from-base64': `func fromBase64(text string) []byte {
	bytes, err := base64.StdEncoding.DecodeString(text)
	if err != nil {
		log.Fatal(err)
	}
	return bytes
}`,
  json: `func jsonText(text string) string {
	var made strings.Builder
	encoder := json.NewEncoder(&made)
	encoder.SetEscapeHTML(false)
	encoder.Encode(text)
	return strings.TrimSuffix(made.String(), "\\"\\n")[1:]
}`,
  xml: `func xmlText(text string) string {
	return strings.NewReplacer("&", "&amp;", "<", "&lt;", ">", "&gt;", "\\"", "&quot;", "'", "&apos;").Replace(text)
}`,
  file: `func file(path string) []byte {
	bytes, err := os.ReadFile(path)
	if err != nil {
		log.Fatal(err)
	}
	return bytes
}`,
};

const variables: Readonly<Record<string, string>> = {
  moment: '\tmoment := time.Now().UTC()',
  now: '\tnow := moment.Format("2006-01-02T15:04:05.000Z")',
  nonce: '\trandom := make([]byte, 16)\n\trand.Read(random)\n\tnonce := hex.EncodeToString(random)',
  uuid: '\tid := make([]byte, 16)\n\trand.Read(id)\n\tid[6], id[8] = id[6]&0x0f|0x40, id[8]&0x3f|0x80\n\tuuid := fmt.Sprintf("%x-%x-%x-%x-%x", id[:4], id[4:6], id[6:8], id[8:10], id[10:])',
};

export const go: Language = {
  name: 'go',
  about: 'Go 1.17 and later, with net/http',
  ending: '.go',
  write(request) {
    const needs = new Needs();
    for (const one of ['fmt', 'io', 'log', 'net/http', 'os']) needs.need('import', one);
    const own = notation(needs);
    const segments = request.body.map((one) => {
      if (one.kind === 'text') return `[]byte(${written(one.value, own)})`;
      if (one.kind === 'bytes') return own.decode('from-base64', `"${Buffer.from(one.bytes).toString('base64')}"`);
      needs.need('helper', 'file');
      return `file(${literal(one.path)})`;
    });
    if (segments.length > 0) needs.need('import', 'bytes');
    const bindings = request.bindings.map(({ name, value }) => `\t${camelName(name)} := ${written(value, own)}`);
    const url = written(request.url, own);
    const lines = new Map<string, string[]>();
    for (const { name, value } of request.headers) lines.set(name, [...(lines.get(name) ?? []), written(value, own)]);
    const asked = needs.of('helper');
    return [
      ...remarks(request, '//', filesOf(request)),
      'package main',
      '',
      'import (',
      ...needs
        .of('import')
        .sort()
        .map((one) => `\t"${one}"`),
      ')',
      '',
      ...asked.flatMap((name) =>
        ownMember(functions, name) === undefined ? [] : [ownMember(functions, name) as string, ''],
      ),
      'func main() {',
      ...asked.flatMap((name) => ownMember(variables, name) ?? []),
      ...(segments.length > 0 ? [`\tbody := bytes.Join([][]byte{\n\t\t${segments.join(',\n\t\t')},\n\t}, nil)`] : []),
      ...bindings,
      `\trequest, err := http.NewRequest("${request.method}", ${url}, ${segments.length > 0 ? 'bytes.NewReader(body)' : 'nil'})`,
      '\tif err != nil {',
      '\t\tlog.Fatal(err)',
      '\t}',
      ...[...lines].map(([name, values]) => `\trequest.Header[${literal(name)}] = []string{${values.join(', ')}}`),
      '\tclient := &http.Client{CheckRedirect: func(*http.Request, []*http.Request) error { return http.ErrUseLastResponse }}',
      '\tresponse, err := client.Do(request)',
      '\tif err != nil {',
      '\t\tlog.Fatal(err)',
      '\t}',
      '\tdefer response.Body.Close()',
      '\tfmt.Fprintln(os.Stderr, response.Status)',
      '\tio.Copy(os.Stdout, response.Body)',
      '}',
      '',
    ].join('\n');
  },
};
