/** `powershell`: PowerShell, with `System.Net.Http`. */
import { camelName, filesOf, grouped, type Language, type Notation, remarks, written } from '../language.js';

const literal = (given: string): string => `'${given.replaceAll(/['\u2018\u2019\u201A\u201B]/g, '$&$&')}'`;
const isoPattern = `"yyyy-MM-dd'T'HH:mm:ss.fff'Z'"`;
const hash = (algorithm: string): string => algorithm.replace('-', '').toUpperCase();

const notation: Notation = {
  text: literal,
  env: (name) => `(Get-FromEnvironment '${name}')`,
  name: (name) => `$${camelName(name)}`,
  join: (parts) => `(${parts.join(' + ')})`,
  time: (form, shift) => {
    const at = shift === 0 ? '$moment' : `$moment.AddMilliseconds(${shift})`;
    if (form === 'http') return `${at}.ToString('R', [cultureinfo]::InvariantCulture)`;
    if (form !== 'iso') return `[string]${at}.ToUnixTime${form === 'unix' ? 'Seconds' : 'Milliseconds'}()`;
    return shift === 0 ? '$now' : `${at}.ToString(${isoPattern}, [cultureinfo]::InvariantCulture)`;
  },
  uuid: () => '$uuid',
  nonce: () => '$nonce',
  bytes: (text) => `[System.Text.Encoding]::UTF8.GetBytes(${text})`,
  digest: (algorithm, data) =>
    `[System.Security.Cryptography.${hash(algorithm)}]::Create().ComputeHash([byte[]](${data}))`,
  hmac: (algorithm, key, data) =>
    `[System.Security.Cryptography.HMAC${hash(algorithm)}]::new([byte[]](${key})).ComputeHash([byte[]](${data}))`,
  encode(how, data) {
    if (how === 'hex') return `([System.BitConverter]::ToString(${data}) -replace '-', '').ToLowerInvariant()`;
    if (how === 'base64') return `[Convert]::ToBase64String(${data})`;
    return `[Convert]::ToBase64String(${data}).TrimEnd('=').Replace('+', '-').Replace('/', '_')`;
  },
  decode: (how, data) =>
    how === 'from-hex'
      ? `[byte[]](${data} -split '(..)' -ne '' | ForEach-Object { [Convert]::ToByte($_, 16) })`
      : `[Convert]::FromBase64String(${data})`,
  change(how, data) {
    switch (how) {
      case 'upper':
      case 'lower':
        return `(${data}).To${how === 'upper' ? 'Upper' : 'Lower'}Invariant()`;
      case 'percent':
        return `[Uri]::EscapeDataString(${data})`;
      case 'form':
        return `[Uri]::EscapeDataString(${data}).Replace('%20', '+').Replace('%2A', '*').Replace('~', '%7E')`;
      case 'json':
        return `(ConvertTo-Json -Compress ([string](${data}))) -replace '^"|"$', ''`;
      default:
        return `[System.Security.SecurityElement]::Escape(${data})`;
    }
  },
  slice: (data, from, to) => `${grouped(data)}.Substring(${from}, ${to - from})`,
  body: () => '$body',
};

const ofContent = /^(?:allow|content-.*|expires|last-modified)$/i;

export const powershell: Language = {
  name: 'powershell',
  unable: ({ op }) => op === 'sign',
  about: 'PowerShell 7 and later, with System.Net.Http',
  ending: '.ps1',
  write(request) {
    const segments = request.body.map((one) => {
      if (one.kind === 'text') return notation.bytes(written(one.value, notation));
      if (one.kind === 'bytes') return `[Convert]::FromBase64String('${Buffer.from(one.bytes).toString('base64')}')`;
      return `[System.IO.File]::ReadAllBytes((Resolve-Path -LiteralPath ${literal(one.path)}))`;
    });
    const used = JSON.stringify(request);
    const content = segments.length > 0 || request.headers.some(({ name }) => ofContent.test(name));
    return [
      ...remarks(request, '#', filesOf(request)),
      "$ErrorActionPreference = 'Stop'",
      'Add-Type -AssemblyName System.Net.Http',
      ...(request.environment.length > 0
        ? [
            'function Get-FromEnvironment($Name) {',
            '    $value = [Environment]::GetEnvironmentVariable($Name)',
            '    if ($null -eq $value) { throw "$Name is not set" }',
            '    return $value',
            '}',
          ]
        : []),
      ...(used.includes('"op":"time"') ? ['$moment = [DateTimeOffset]::UtcNow'] : []),
      ...(used.includes('"form":"iso"')
        ? [`$now = $moment.ToString(${isoPattern}, [cultureinfo]::InvariantCulture)`]
        : []),
      ...(used.includes('"op":"uuid"') ? ['$uuid = [guid]::NewGuid().ToString()'] : []),
      ...(used.includes('"op":"nonce"') ? ["$nonce = [guid]::NewGuid().ToString('N')"] : []),
      ...(segments.length > 0 ? [`$body = [byte[]](${segments.map((one) => `@(${one})`).join(' +\n    ')})`] : []),
      ...request.bindings.map(({ name, value }) => `$${camelName(name)} = ${written(value, notation)}`),
      '',
      `$request = [System.Net.Http.HttpRequestMessage]::new('${request.method}', ${written(request.url, notation)})`,
      ...(content
        ? [
            `$request.Content = [System.Net.Http.ByteArrayContent]::new([byte[]](${segments.length > 0 ? '$body' : '@()'}))`,
          ]
        : []),
      ...request.headers.map(
        ({ name, value }) =>
          `[void]$request.${ofContent.test(name) ? 'Content.' : ''}Headers.TryAddWithoutValidation(${literal(name)}, [string](${written(value, notation)}))`,
      ),
      '$handler = [System.Net.Http.HttpClientHandler]::new()',
      '$handler.AllowAutoRedirect = $false',
      '$handler.UseCookies = $false',
      '$response = [System.Net.Http.HttpClient]::new($handler).SendAsync($request).GetAwaiter().GetResult()',
      '[Console]::Error.WriteLine("$([int]$response.StatusCode) $($response.ReasonPhrase)")',
      '$response.Content.ReadAsStringAsync().GetAwaiter().GetResult()',
      '',
    ].join('\n');
  },
};
