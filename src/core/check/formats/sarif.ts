/** SARIF 2.1.0: findings as code scanners hand them on. */
import type { Log, ReportingDescriptor, Result } from 'sarif';
import type { Finding } from '../finding.js';
import { rules } from '../rules/registry.js';
import type { CheckFormat, Found } from './check-format.js';

const schema = 'https://docs.oasis-open.org/sarif/sarif/v2.1.0/errata01/os/schemas/sarif-schema-2.1.0.json';

export const sarif: CheckFormat = {
  name: 'sarif',
  about: 'SARIF 2.1.0',
  endings: ['.sarif'],
  write(found) {
    const named = [...new Set(found.findings.map(({ rule }) => rule))];
    const descriptors: ReportingDescriptor[] = named.map((id) => {
      const must = rules.find(({ name }) => name === id)?.must;
      return {
        id,
        ...(must !== undefined && { shortDescription: { text: `${must[0]?.toUpperCase()}${must.slice(1)}.` } }),
      };
    });
    const log: Log = {
      $schema: schema,
      version: '2.1.0',
      runs: [
        {
          tool: { driver: { name: 'echo-trail', version: found.version, rules: descriptors } },
          columnKind: 'utf16CodeUnits',
          results: found.findings.map((one) => resultOf(one, named.indexOf(one.rule), found)),
        },
      ],
    };
    return `${JSON.stringify(log, null, 2)}\n`;
  },
};

function resultOf({ rule, severity, where, what, remedy }: Finding, ruleIndex: number, { pathOf }: Found): Result {
  const { file, line, column } = where;
  const region =
    line === undefined ? undefined : { startLine: line, ...(column !== undefined && { startColumn: column }) };
  return {
    ruleId: rule,
    ruleIndex,
    level: severity,
    message: { text: remedy === undefined ? what : `${what}; try: ${remedy}` },
    locations: [
      { physicalLocation: { artifactLocation: { uri: encodeURI(pathOf(file)) }, ...(region && { region }) } },
    ],
  };
}
