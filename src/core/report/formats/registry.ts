/** All forms of reports. A new one is one file and one line here. */
import { csv } from './csv.js';
import { html } from './html.js';
import { jsonLines } from './json-lines.js';
import { junit } from './junit.js';
import { markdown } from './markdown.js';
import type { ReportFormat } from './report-format.js';
import { tap } from './tap.js';

export const reportFormats: ReadonlyMap<string, ReportFormat> = new Map(
  [html, junit, tap, markdown, csv, jsonLines].map((one) => [one.name, one]),
);
