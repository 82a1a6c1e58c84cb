/** The page of a report, opened in a browser: `node scripts/browser.mjs` has one installed. */
import assert from 'node:assert/strict';
import { join } from 'node:path';
import { test } from 'node:test';
import { pathToFileURL } from 'node:url';
import { chromium, openPage } from '../support/browser.js';
import { collectionOf } from '../support/folder.js';
import { echoTrail } from '../support/program.js';
import { rawServer, responseOf } from '../support/raw-server.js';

test('the page of a report shows its failures by keyboard, in both colour schemes, at any width, and asks for nothing', {
  skip: chromium === undefined && 'there is no chromium here',
}, async () => {
  const server = await rawServer((head) =>
    responseOf('{}', { status: head.includes('/berths/N2') ? '404 Not Found' : '200 OK' }),
  );
  const cwd = collectionOf(
    {
      'requests/show.yaml': 'inputs: {code: {}}\nurl: ${origin}/berths/{code}\nexpect: {status: 200}\n',
      'trails/berths.yaml': 'rows: [{code: N1}, {code: N2}]\nsteps: [{send: show}]\n',
    },
    server.origin,
  );
  await echoTrail(['run', 'berths', '--report', 'run.html'], { cwd });
  const page = await openPage(chromium ?? '', pathToFileURL(join(cwd, 'run.html')).href);
  assert.equal(await page.read('document.querySelector("h1").textContent'), 'berths: failed');
  // The policy in the page let its own style sheet through.
  const paper = () => page.read('getComputedStyle(document.body).backgroundColor');
  const inScheme = async (value: string): Promise<unknown> => {
    await page.tell('Emulation.setEmulatedMedia', { features: [{ name: 'prefers-color-scheme', value }] });
    return paper();
  };
  const [light, dark] = [await inScheme('light'), await inScheme('dark')];
  assert.match(String(light), /^rgb\(2\d\d/);
  assert.match(String(dark), /^rgb\((?:\d|[1-5]\d),/);

  const isOpen = () => page.read('document.querySelector("details").open');
  assert.equal(await isOpen(), true);
  for (let presses = 0; presses < 5; presses += 1) {
    if ((await page.read('document.activeElement.tagName')) === 'SUMMARY') break;
    await page.press('Tab');
  }
  await page.press('Enter');
  assert.equal(await isOpen(), false);

  for (const width of [360, 1280]) {
    await page.tell('Emulation.setDeviceMetricsOverride', { width, height: 800, deviceScaleFactor: 1, mobile: false });
    assert.equal(await page.read('document.documentElement.scrollWidth <= innerWidth'), true, String(width));
  }
  assert.deepEqual(
    page.fetched.filter((url) => !url.startsWith('file:') && url !== 'about:blank'),
    [],
  );
  assert.deepEqual(page.complaints, []);
  // What would have been seen, had there been something.
  await page.read('document.body.innerHTML = "<img src=https://pictures.larkhaven.example/a.png>"');
  assert.match(page.complaints.join(), /Content Security Policy/);
});
