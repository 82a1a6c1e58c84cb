/** Whether `docs find` finds the right operation: questions as engineers put them, on made-up descriptions of six shapes. */
import { execFileSync } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const texts = join(dirname(fileURLToPath(import.meta.url)), 'finding');
const linesOf = (file) => readFileSync(join(texts, file), 'utf8').trim().split('\n');

/** An OpenAPI document of lines such as `GET /v1/dues/{due}|GetDuesDue|Retrieve a due`. */
function described(name) {
  const paths = {};
  for (const line of linesOf(`${name}.txt`)) {
    const [call, operationId, summary] = line.split('|');
    const [method, path] = call.split(' ');
    const parameters = [...path.matchAll(/\{(\w+)\}/g)].map(([, parameter]) => ({
      name: parameter,
      in: 'path',
      required: true,
      schema: { type: 'string' },
    }));
    paths[path] ??= {};
    paths[path][method.toLowerCase()] = {
      operationId,
      ...(summary && {
        summary,
        description: `${summary}. The guide says how it goes with clerks, agents and papers.`,
      }),
      parameters,
      responses: { 200: { description: 'Done' } },
    };
  }
  const servers = [{ url: 'https://harbour.example' }];
  return JSON.stringify({ openapi: '3.0.3', info: { title: name, version: '1' }, servers, paths });
}

/** @returns how many questions there are, at how many the right operation is first, and among the first three */
export function finding(program, folder, env) {
  const ask = (cwd, ...args) => execFileSync(process.execPath, [program, ...args], { cwd, env, encoding: 'utf8' });
  for (const file of readdirSync(texts).filter((one) => one !== 'questions.txt')) {
    const name = basename(file, '.txt');
    const cwd = join(folder, name);
    mkdirSync(cwd, { recursive: true });
    writeFileSync(join(cwd, 'echo-trail.yaml'), 'name: bench\n');
    writeFileSync(join(cwd, 'described.json'), described(name));
    ask(cwd, 'docs', 'add', 'described.json', '--name', name, '--quiet');
  }
  const found = { asked: 0, first: 0, three: 0 };
  for (const question of linesOf('questions.txt')) {
    const [name, words, right] = question.split('|');
    const { operations } = JSON.parse(ask(join(folder, name), 'docs', 'find', ...words.split(' '), '--json'));
    const at = operations.findIndex(({ method, path }) => right.split(', ').includes(`${method} ${path}`));
    found.asked += 1;
    if (at === 0) found.first += 1;
    if (at !== -1 && at < 3) found.three += 1;
  }
  return found;
}
