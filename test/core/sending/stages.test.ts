/** A fault after each stage of sending a call that changes something: its echo is there, and says what is true. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { openCollection } from '../../../src/core/collection/collection.js';
import type { Echo } from '../../../src/core/echo/echo.js';
import { newestEchoes } from '../../../src/core/echo/read.js';
import { noNames } from '../../../src/core/expression/names.js';
import { openWorkspace } from '../../../src/core/run/open-workspace.js';
import type { PreparedRequest } from '../../../src/core/sending/prepare.js';
import { sendRequest } from '../../../src/core/sending/send.js';
import type { Sent } from '../../../src/core/sending/sending.js';
import type { Workspace } from '../../../src/core/sending/workspace.js';
import { collectionOf, temporaryFolder } from '../../support/folder.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const fault = (stage: string) => (): never => {
  throw new TypeError(`injected: ${stage}`);
};

interface Stage {
  readonly stage: string;
  /** Puts the fault in. */
  readonly poison: (workspace: Workspace, prepared: PreparedRequest) => PreparedRequest;
  /** How many calls reach the server. */
  readonly calls: number;
  /** What its echo has: nothing where it never left. */
  readonly echo: { readonly status?: number; readonly trouble?: RegExp; readonly unfinished?: boolean } | undefined;
}

const broken = <T extends object>(of: T, name: keyof T, stage: string): void => {
  Object.defineProperty(of, name, { value: fault(stage), configurable: true });
};

const stages: readonly Stage[] = [
  {
    stage: 'compose',
    calls: 0,
    echo: undefined,
    poison(workspace, prepared) {
      broken(workspace.pins, 'applied', 'compose');
      return prepared;
    },
  },
  {
    stage: 'sign',
    calls: 0,
    echo: undefined,
    poison: (_workspace, prepared) => ({
      ...prepared,
      signer: { ...(prepared.signer as NonNullable<PreparedRequest['signer']>), sign: fault('sign') },
    }),
  },
  {
    stage: 'record before it leaves',
    calls: 0,
    echo: undefined,
    poison(workspace, prepared) {
      broken(workspace.log, 'written', 'the disk is full');
      return prepared;
    },
  },
  {
    stage: 'send',
    calls: 0,
    echo: { trouble: /injected: send/ },
    poison(workspace, prepared) {
      Object.defineProperty(workspace.transport, 'send', {
        value: () => Promise.reject(new TypeError('injected: send')),
      });
      return prepared;
    },
  },
  {
    stage: 'receive',
    calls: 1,
    echo: { status: 201 },
    poison(workspace, prepared) {
      broken(workspace.clocks, 'heard', 'receive');
      return prepared;
    },
  },
  {
    stage: 'judge',
    calls: 1,
    echo: { status: 201 },
    poison: (_workspace, prepared) => ({
      ...prepared,
      expectations: prepared.expectations.map((one) => ({
        ...one,
        check: { describe: () => 'anything', miss: fault('judge') },
      })),
    }),
  },
  {
    stage: 'keep',
    calls: 1,
    echo: { status: 201 },
    poison: (_workspace, prepared) => ({
      ...prepared,
      keeps: prepared.keeps.map((one) => ({ ...one, place: { ...one.place, find: fault('keep') } })),
    }),
  },
  {
    stage: 'read what is kept',
    calls: 1,
    echo: { status: 201 },
    poison(_workspace, prepared) {
      const keeps = [...prepared.keeps];
      Object.defineProperty(keeps, Symbol.iterator, { value: fault('keeps') });
      return { ...prepared, keeps };
    },
  },
  {
    stage: 'record the response',
    calls: 1,
    echo: { status: 201, trouble: /injected: record/ },
    poison(workspace, prepared) {
      const hide = workspace.redactor.hide;
      Object.defineProperty(workspace.redactor, 'hide', {
        value: (text: string) => (text.includes('made-1') ? fault('record')() : hide(text)),
      });
      return prepared;
    },
  },
];

for (const { stage, poison, calls, echo } of stages) {
  test(`a fault after the stage "${stage}" loses no call`, async () => {
    let arrived = 0;
    let before: readonly Echo[] = [];
    let local = '';
    const server = await rawServer((_head, socket) => {
      arrived += 1;
      void newestEchoes(local, 5).then((echoes) => {
        before = echoes;
        socket.write(
          responseOf('{"id": "made-1"}', { status: '201 Created', headers: [`date: ${new Date().toUTCString()}`] }),
        );
      });
      return undefined;
    });
    const root = collectionOf(
      {
        'requests/book.yaml':
          'method: POST\nurl: ${origin}/calls\nsignature: mark\nbody: {json: {vessel: Kittiwake}}\nexpect: {status: 201}\nkeep: {id: $.id}\n',
        'signatures/mark.yaml': 'define: {mark: "${sent.body | sha-256 | hex}"}\nheaders: {X-Mark: "${mark}"}\n',
      },
      server.origin,
    );
    const collection = openCollection(root);
    local = collection.local;
    const workspace = await openWorkspace({
      collection,
      home: temporaryFolder(),
      processEnvironment: {},
      userAgent: 'test',
    });
    const prepared = poison(workspace, await workspace.prepare('book'));
    let sent: Sent | undefined;
    let thrown: unknown;
    try {
      sent = await sendRequest(workspace, prepared, { given: () => undefined, caller: noNames });
    } catch (error) {
      thrown = error;
    }
    assert.equal(arrived, calls, String(thrown));
    await workspace.close().catch(() => undefined);
    const echoes = (await newestEchoes(collection.local, 5)).filter((one) => !one.unfinished || arrived > 0);
    if (echo === undefined) {
      assert.match(String(thrown), /injected/);
      assert.deepEqual(echoes, []);
    } else {
      if (calls > 0)
        assert.deepEqual(
          before.map(({ unfinished, sent: own }) => [unfinished, own.method]),
          [[true, 'POST']],
        );
      assert.ok(sent, String(thrown));
      assert.equal(echoes.length, 1);
      const [one] = echoes as [Echo];
      assert.equal(one.id, sent.echo);
      assert.equal(one.unfinished, undefined);
      assert.equal(one.received?.status, echo.status);
      assert.equal(sent.outcome.received?.status, echo.status);
      if (echo.trouble) assert.match(one.trouble?.what ?? '', echo.trouble);
      if (stage !== 'record the response') assert.match(sent.problems.map(({ what }) => what).join('\n'), /injected/);
    }
    await server.close();
  });
}
