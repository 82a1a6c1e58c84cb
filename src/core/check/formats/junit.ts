/** JUnit XML: a case a rule that was broken in a file; a collection without findings is one case that passed. */
import { positionText } from '../../problem/problem.js';
import { attributes, xmlText } from '../../value/xml-attributes.js';
import type { CheckFormat } from './check-format.js';

export const junit: CheckFormat = {
  name: 'junit',
  about: 'JUnit XML, as CI servers read it',
  endings: ['.xml'],
  write({ findings, pathOf }) {
    const errors = findings.filter(({ severity }) => severity === 'error').length;
    const cases = findings.map(({ rule, severity, where, what, remedy }) => {
      const place = positionText({ ...where, file: pathOf(where.file) });
      const head = `  <testcase${attributes({ name: `${place} ${rule}`, classname: rule, time: '0.000' })}>`;
      const text = xmlText(
        [`${place} ${severity}: ${what}`, ...(remedy === undefined ? [] : [`try: ${remedy}`])].join('\n'),
      );
      // A warning is reported, and is no failure.
      return severity === 'error'
        ? `${head}<failure${attributes({ message: what, type: rule })}>${text}</failure></testcase>\n`
        : `${head}<system-out>${text}</system-out></testcase>\n`;
    });
    const passed = `  <testcase${attributes({ name: 'the collection has no findings', classname: 'check', time: '0.000' })}/>\n`;
    const counts = { tests: Math.max(1, findings.length), failures: errors, errors: 0, time: '0.000' };
    return [
      '<?xml version="1.0" encoding="UTF-8"?>\n',
      `<testsuites${attributes(counts)}>\n`,
      ` <testsuite${attributes({ name: 'check', ...counts, skipped: 0 })}>\n`,
      ...(cases.length === 0 ? [passed] : cases),
      ' </testsuite>\n</testsuites>\n',
    ].join('');
  },
};
