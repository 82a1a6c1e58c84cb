/** All commands, by the stages in which the work is done. A new one is one file and one line here. */
import type { Stage } from '../command.js';

export const stages: readonly Stage[] = [
  {
    heading: 'Read the documentation',
    commands: [
      {
        name: 'docs',
        summary: 'add, list, search and show what the vendor documents',
        below: [
          {
            name: 'add',
            summary: 'read documentation and keep a snapshot in the collection',
            load: () => import('./docs/add.js'),
          },
          { name: 'list', summary: 'list the documentation sources', load: () => import('./docs/list.js') },
          { name: 'tree', summary: 'the map of resources, with their methods', load: () => import('./docs/tree.js') },
          {
            name: 'browse',
            summary: 'go through them on the whole screen: find, draft, send, follow',
            load: () => import('./docs/browse.js'),
          },
          { name: 'find', summary: 'find operations by words, the best first', load: () => import('./docs/find.js') },
          { name: 'show', summary: 'show one operation or one type in full', load: () => import('./docs/show.js') },
          {
            name: 'refresh',
            summary: 'fetch again, and list what changed and what it affects',
            load: () => import('./docs/refresh.js'),
          },
          {
            name: 'ask',
            summary: 'ask the API itself which values and filter clauses its parameters take',
            load: () => import('./docs/ask.js'),
          },
        ],
      },
    ],
  },
  {
    heading: 'Draft',
    commands: [
      { name: 'init', summary: 'make a new collection', load: () => import('./init.js') },
      { name: 'draft', summary: 'write a request file from the documentation', load: () => import('./draft.js') },
      {
        name: 'import',
        summary: 'requests from commands, archives and descriptions',
        below: [
          {
            name: 'address',
            summary: 'a pasted address: origin, path and decoded parameters',
            load: () => import('./import/address.js'),
          },
          {
            name: 'command-line',
            summary: 'commands of a shell, as guides show them',
            load: async () => (await import('../importing/foreign-command.js')).foreignCommand('command-line'),
          },
          {
            name: 'message',
            summary: 'an HTTP message',
            load: async () => (await import('../importing/foreign-command.js')).foreignCommand('message'),
          },
          {
            name: 'har',
            summary: 'what a browser recorded (HAR)',
            load: async () => (await import('../importing/foreign-command.js')).foreignCommand('har'),
          },
          {
            name: 'arazzo',
            summary: 'workflows of an Arazzo document, as trails',
            load: () => import('./import/arazzo.js'),
          },
          {
            name: 'openapi',
            summary: 'a description, and a request for each of its operations',
            load: () => import('./import/openapi.js'),
          },
          { name: 'collection', summary: 'a collection that was packed', load: () => import('./import/collection.js') },
        ],
      },
    ],
  },
  {
    heading: 'Connect',
    commands: [
      { name: 'env', summary: 'list, make, choose, show and clear environments', load: () => import('./env/env.js') },
      {
        name: 'secret',
        summary: 'set, share, list and remove secrets',
        load: () => import('./secret/secret.js'),
      },
      { name: 'session', summary: 'open, show, close and list sessions', load: () => import('./session/session.js') },
    ],
  },
  {
    heading: 'Try',
    commands: [
      {
        name: 'preview',
        summary: 'show exactly what would be sent, and send nothing',
        load: () => import('./preview.js'),
      },
      { name: 'send', summary: 'send a request and show what came back', load: () => import('./send.js') },
      {
        name: 'follow',
        summary: 'list the links of the last response, and send one',
        load: () => import('./follow.js'),
      },
      {
        name: 'rehearse',
        summary: 'the documented vendor on this machine, to try against',
        load: () => import('./rehearse/rehearse.js'),
      },
      {
        name: 'echo',
        summary: 'list, show, browse and resend recorded exchanges',
        load: () => import('./echo/echo.js'),
      },
    ],
  },
  {
    heading: 'Run',
    commands: [
      { name: 'run', summary: 'run trails and requests: assert, wait, resume, undo', load: () => import('./run.js') },
      { name: 'report', summary: 'summarize runs from their records', load: () => import('./report.js') },
    ],
  },
  {
    heading: 'Compare',
    commands: [
      { name: 'compare', summary: 'show the differences between two responses', load: () => import('./compare.js') },
    ],
  },
  {
    heading: 'Share',
    commands: [
      { name: 'list', summary: 'list the files of the collection', load: () => import('./list.js') },
      {
        name: 'export',
        summary: 'requests and exchanges as other programs read them',
        below: [
          {
            name: 'code',
            summary: 'a request as a program of its own, in one of nine languages',
            load: () => import('./export/code.js'),
          },
          { name: 'message', summary: 'an HTTP message', load: () => import('./export/message.js') },
          { name: 'har', summary: 'recorded exchanges as an HTTP archive', load: () => import('./export/har.js') },
          {
            name: 'openapi',
            summary: 'requests as an OpenAPI document, from what is documented and what was learnt',
            load: () => import('./export/openapi.js'),
          },
          { name: 'arazzo', summary: 'trails as an Arazzo document', load: () => import('./export/arazzo.js') },
          {
            name: 'collection',
            summary: 'all that is shared, as one file',
            load: () => import('./export/collection.js'),
          },
        ],
      },
      { name: 'check', summary: 'check the collection without sending anything', load: () => import('./check.js') },
      {
        name: 'completion',
        summary: 'completion for bash, zsh, fish and PowerShell',
        below: [
          ...['bash', 'zsh', 'fish', 'powershell'].map((shell) => ({
            name: shell,
            summary: `the script for ${shell}`,
            load: async () => (await import('./completion/script.js')).scriptFor(shell),
          })),
          {
            name: 'choices',
            summary: 'the possible values for what is being typed; completion scripts call it',
            load: () => import('./completion/choices.js'),
          },
        ],
      },
      {
        name: 'demo',
        summary: 'walk through everything against a made-up harbour',
        load: () => import('./demo/demo.js'),
      },
    ],
  },
];
