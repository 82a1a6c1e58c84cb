/** Hosts by checks, and every deviation, once all is known. */
import { makeMatrix } from '../../core/report/matrix.js';
import type { Reporter } from '../../core/report/reporter.js';
import type { Documents } from '../documents/documents.js';
import type { Terminal } from '../terminal/terminal.js';
import { matrixText } from '../view/run/matrix-text.js';

export function matrix(terminal: Terminal): Reporter {
  const made = makeMatrix();
  let began = false;
  return {
    take(record) {
      began ||= record.event === 'run';
      made.take(record);
    },
    end() {
      if (!began) return;
      const found = made.matrix();
      if (!terminal.json) return terminal.print(`\n${matrixText(found, terminal)}`);
      const { checks, subjects, deviations } = found;
      terminal.document({
        event: 'matrix',
        checks: [...checks],
        subjects: subjects.map(({ name, cells }) => ({ name, results: Object.fromEntries(cells) })),
        deviations: deviations.map((deviation) => ({ ...deviation })),
      } satisfies Documents['run matrix']);
    },
  };
}
