/** A workspace for a command: sessions may be opened by trails, and at its end old records are deleted. */

import { makeWorkspace } from '../sending/make-workspace.js';
import type { Workspace, WorkspaceSettings } from '../sending/workspace.js';
import { parseSize } from '../value/measures.js';
import { retainAtEnd } from './journal/retain.js';

/** @throws Problem about the collection's variables or the environment */
export const openWorkspace = (given: WorkspaceSettings): Promise<Workspace> =>
  makeWorkspace(given, {
    // Loaded when a session is opened: most commands find one that is open.
    openByTrail: async (...call) => (await import('../trail/open-session.js')).openByTrail(...call),
    letGo({ local, manifest }) {
      const { runs = 200, size = '256MB' } = manifest.content.echoes ?? {};
      return retainAtEnd(local, { runs, size: parseSize(size) ?? 256e6 });
    },
  });
