/** All commands, by the stages in which the work is done. A new one is one file and one line here. */
import type { Stage } from '../command.js';

export const stages: readonly Stage[] = [
  {
    heading: 'Read the documentation',
    commands: [
      {
        name: 'docs',
        summary: 'add, list, search and show what the vendor documents',
        load: () => import('./docs/docs.js'),
      },
    ],
  },
  {
    heading: 'Draft',
    commands: [
      { name: 'init', summary: 'make a new collection', load: () => import('./init.js') },
      { name: 'draft', summary: 'write a request file from the documentation', load: () => import('./draft.js') },
    ],
  },
  {
    heading: 'Connect',
    commands: [
      { name: 'env', summary: 'list, choose, show and clear environments', load: () => import('./env/env.js') },
      { name: 'secret', summary: 'set, list and remove secrets', load: () => import('./secret/secret.js') },
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
      { name: 'echo', summary: 'list and show recorded exchanges', load: () => import('./echo/echo.js') },
    ],
  },
  {
    heading: 'Walk',
    commands: [{ name: 'run', summary: 'walk trails and requests, assert, undo', load: () => import('./run.js') }],
  },
  {
    heading: 'Share',
    commands: [
      { name: 'list', summary: 'list the files of the collection', load: () => import('./list.js') },
      { name: 'check', summary: 'check the collection without sending anything', load: () => import('./check.js') },
      {
        name: 'demo',
        summary: 'walk through everything against a made-up harbour',
        load: () => import('./demo/demo.js'),
      },
    ],
  },
];
