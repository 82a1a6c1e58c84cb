/** `shell`: a POSIX shell, with the program for transfers that systems bring along. */
import { type CodeExpression, joined, text } from '../expression.js';
import { filesOf, type Language, type Notation, remarks, snakeName, written } from '../language.js';

const literal = (given: string): string => `'${given.replaceAll("'", "'\\''")}'`;

/** Each is a word, or several next to each other, that the shell makes one. */
const notation: Notation = {
  text: literal,
  env: (name) => `"\${${name}:?is not set}"`,
  name: (name) => `"$${snakeName(name)}"`,
  join: (parts) => parts.join(''),
  time: (form, shift) => {
    const at = shift === 0 ? '$moment' : `$((moment + ${Math.floor(shift / 1000)}))`;
    if (form === 'http') return `"$(LC_ALL=C date -u -d "@${at}" '+%a, %d %b %Y %H:%M:%S GMT')"`;
    if (form === 'unix') return `"${at}"`;
    return shift === 0 ? '"$now"' : `"$(date -u -d "@${at}" '+%Y-%m-%dT%H:%M:%S.000Z')"`;
  },
  uuid: () => '"$uuid"',
  nonce: () => '"$nonce"',
  bytes: (text) => text,
  digest: () => '',
  hmac: () => '',
  encode: (_, data) => `"$(printf %s ${data} | base64 | tr -d '\\n')"`,
  decode: () => '',
  change: () => '',
  slice: (data, from, to) => `"$(printf %s ${data} | cut -c ${from + 1}-${to})"`,
  body: () => '',
};

/** A carriage return is written as an escape: in a file it would be lost, or not be seen. */
function printed(value: CodeExpression): string {
  if (value.op !== 'text' || !value.text.includes('\r')) return `printf %s ${written(value, notation)}`;
  const escaped = value.text.replaceAll('\\', '\\\\').replaceAll('\r', '\\r').replaceAll('\n', '\\n');
  return `printf %b ${literal(escaped)}`;
}

const able = new Set(['text', 'env', 'name', 'join', 'uuid', 'nonce', 'base64', 'slice']);

function unable(one: CodeExpression): boolean {
  return !able.has(one.op) && !(one.op === 'time' && one.form !== 'unix-ms');
}

export const shell: Language = {
  name: 'shell',
  about: 'a POSIX shell, with curl',
  ending: '.sh',
  unable,
  write(request) {
    const all = [
      ...request.bindings.map(({ value }) => value),
      ...request.headers.map(({ value }) => value),
      request.url,
      ...request.body.flatMap((one) => (one.kind === 'text' ? [one.value] : [])),
    ];
    const used = JSON.stringify(all);
    const pieces = request.body.map((one) => {
      if (one.kind === 'text') return `  ${printed(one.value)}`;
      if (one.kind === 'file') return `  cat -- ${literal(one.path)}`;
      return `  printf %s ${literal(Buffer.from(one.bytes).toString('base64'))} | base64 -d`;
    });
    const [only] = request.body;
    const direct = request.body.length === 1 && only?.kind === 'file' ? only.path : undefined;
    const lines = [
      `curl --silent --show-error --request ${request.method === 'HEAD' ? 'HEAD --head' : request.method}`,
      ...request.headers.map(({ name, value }) => `--header ${written(joined([text(`${name}: `), value]), notation)}`),
      ...(direct !== undefined ? [`--data-binary ${literal(`@${direct}`)}`] : []),
      ...(direct === undefined && pieces.length > 0 ? ['--data-binary @-'] : []),
      `--globoff --path-as-is ${written(request.url, notation)}`,
    ];
    const command = lines.join(' \\\n  ');
    return [
      '#!/bin/sh',
      ...remarks(request, '#', filesOf(request)),
      'set -eu',
      ...(used.includes('"op":"time"') ? ['moment=$(date -u +%s)'] : []),
      ...(used.includes('"form":"iso"') ? [`now=$(date -u -d "@$moment" '+%Y-%m-%dT%H:%M:%S.000Z')`] : []),
      ...(used.includes('"op":"uuid"') ? ['uuid=$(cat /proc/sys/kernel/random/uuid 2>/dev/null || uuidgen)'] : []),
      ...(used.includes('"op":"nonce"') ? ["nonce=$(od -An -N16 -tx1 /dev/urandom | tr -d ' \\n')"] : []),
      ...request.bindings.map(({ name, value }) => `${snakeName(name)}=${written(value, notation)}`),
      ...(direct === undefined && pieces.length > 0 ? [`{\n${pieces.join('\n')}\n} | ${command}`] : [command]),
      '',
    ].join('\n');
  },
};
