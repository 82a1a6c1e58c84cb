import {
  collectionOf,
  echoTrail,
  everyFile,
  temporaryFolder,
  writeIn
} from "../parts/chunk-JFRZJ6A5.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/strangers.test.ts
import assert from "node:assert/strict";
import { chmodSync, existsSync, mkdirSync, readdirSync, symlinkSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
var server = await rawServer(() => answerOf('{"ok": true}'));
var elsewhere = await rawServer(() => answerOf("{}"));
test.after(() => Promise.all([server.close(), elsewhere.close()]));
function homeWith(text) {
  const home = temporaryFolder();
  writeIn(home, ".netrc", text);
  return home;
}
var private_ = "machine vault.example password of-the-user-alone";
var attempts = [
  {
    tries: "to read a file of the user by its whole path",
    files: (home) => ({ "requests/it.yaml": `method: POST
url: \${origin}/a
body: {file: ${home}/.netrc}
` }),
    args: ["send", "it"],
    says: /lies outside the collection folder/
  },
  {
    tries: "to read one by the home sign",
    files: () => ({ "requests/it.yaml": 'method: POST\nurl: ${origin}/a\nbody: {text: "${file(\\"~/.netrc\\")}"}\n' }),
    args: ["send", "it"],
    says: /~\/\.netrc does not exist/
  },
  {
    tries: "to read one by climbing",
    files: () => ({ "requests/it.yaml": "method: POST\nurl: ${origin}/a\nbody: {template: ../../.netrc}\n" }),
    args: ["send", "it"],
    says: /lies outside the collection folder/
  },
  {
    tries: "to read one through a link",
    files: () => ({ "requests/it.yaml": "method: POST\nurl: ${origin}/a\nbody: {parts: {it: {file: data/it.txt}}}\n" }),
    link: (cwd, home) => {
      mkdirSync(join(cwd, "data"));
      symlinkSync(join(home, ".netrc"), join(cwd, "data/it.txt"));
    },
    args: ["send", "it"],
    says: /lies outside the collection folder/
  },
  {
    tries: "to have a request read from outside through a link",
    files: () => ({}),
    link: (cwd, home) => {
      mkdirSync(join(cwd, "requests"));
      symlinkSync(join(home, ".netrc"), join(cwd, "requests/it.yaml"));
    },
    args: ["send", "it"],
    says: /lies outside the collection folder/
  },
  {
    tries: "to have rows read from outside",
    files: (home) => ({
      "requests/a.yaml": "url: ${origin}/a\n",
      "trails/it.yaml": `rows: ${home}/all.csv
steps: [{send: a}]
`
    }),
    args: ["run", "it"],
    says: /lies outside the collection folder/
  },
  {
    tries: "to have records written through a link for its local state",
    files: () => ({ "requests/it.yaml": "url: ${origin}/a\n" }),
    link: (cwd, home) => symlinkSync(home, join(cwd, ".echo-trail")),
    args: ["send", "it"],
    says: /\.echo-trail lies outside the collection folder/
  },
  {
    tries: "to have them written through a link inside it",
    files: () => ({ "requests/it.yaml": "url: ${origin}/a\n" }),
    link: (cwd, home) => {
      mkdirSync(join(cwd, ".echo-trail"));
      symlinkSync(home, join(cwd, ".echo-trail/echoes"));
    },
    args: ["send", "it"],
    says: /\.echo-trail\/echoes lies outside the collection folder/
  },
  {
    tries: "to have a draft written through a link",
    files: () => ({}),
    link: (cwd, home) => symlinkSync(home, join(cwd, "requests")),
    args: ["import", "address", "https://harbour.example/v1/berths", "--as", "it"],
    says: /requests\/it\.yaml lies outside the collection folder/
  },
  {
    tries: "to run a program by a tag of YAML",
    files: () => ({
      "requests/it.yaml": 'url: !!js/function "function () { return process.exit(7) }"\n'
    }),
    args: ["send", "it"],
    says: /requests\/it\.yaml:1/
  },
  {
    tries: "to declare a command for secrets",
    files: () => ({
      "echo-trail.yaml": "name: test\nenvironment: sandbox\nsecrets: [{collection: ., command: [touch, ran]}]\n",
      "requests/it.yaml": 'url: ${origin}/a\nheaders: {X-A: "${secret.a}"}\n'
    }),
    args: ["send", "it"],
    says: /secrets/
  },
  {
    tries: "to bring settings of its own",
    files: () => ({
      "settings.yaml": "secrets: [{collection: /, command: [touch, ran]}]\n",
      "requests/it.yaml": 'url: ${origin}/a\nheaders: {X-A: "${secret.a}"}\n'
    }),
    args: ["send", "it"],
    says: /the secret a is not set/
  },
  {
    tries: "to reach what code can reach",
    files: () => ({
      "requests/it.yaml": 'url: ${origin}/a\nquery: {a: "${constructor.constructor(\\"return process\\")()}"}\n'
    }),
    args: ["send", "it"],
    says: /requests\/it\.yaml:2/
  },
  {
    tries: "to send a secret to another host",
    files: () => ({
      "requests/it.yaml": `url: ${elsewhere.origin.replace("127.0.0.1", "localhost")}/a
headers: {X-A: "\${secret.theirs}"}
`
    }),
    args: ["send", "it"],
    says: /a secret would go to localhost, which the environment sandbox does not list/
  },
  {
    tries: "to send a secret to another host inside the address",
    files: () => ({
      "requests/it.yaml": 'inputs: {key: {default: "${secret.theirs}"}}\nurl: http://elsewhere.example/{key}\n'
    }),
    args: ["send", "it"],
    says: /a secret would go to elsewhere\.example/
  }
];
for (const { tries, files, link, args, says } of attempts) {
  test(`a stranger's collection that tries ${tries} is stopped`, async () => {
    const home = homeWith(private_);
    writeIn(home, "all.csv", `a
${private_}
`);
    const cwd = collectionOf(files(home), server.origin);
    link?.(cwd, home);
    const before = {
      heard: server.received.length,
      elsewhere: elsewhere.received.length,
      home: readdirSync(home).length
    };
    const ended = await echoTrail(args, { cwd, env: { HOME: home, ECHO_TRAIL_SECRET_THEIRS: "a-secret-of-the-user" } });
    assert.ok([2, 4].includes(ended.status), `${ended.status}: ${ended.err}${ended.out}`);
    assert.match(ended.err + ended.out, says);
    assert.doesNotMatch(ended.err + ended.out, /of-the-user/);
    assert.equal(server.received.length, before.heard, "nothing was sent");
    assert.equal(elsewhere.received.length, before.elsewhere);
    assert.equal(readdirSync(home).length, before.home, "nothing was written");
    assert.ok(!existsSync(join(cwd, "ran")));
  });
}
test("a redirect to another host takes no secret along", async () => {
  const leading = await rawServer(
    () => answerOf("", {
      status: "302 Found",
      headers: [`location: ${elsewhere.origin.replace("127.0.0.1", "localhost")}/b`]
    })
  );
  const cwd = collectionOf(
    {
      "requests/it.yaml": 'url: ${origin}/a\nsession: key\nheaders: {X-Own: "${secret.theirs}"}\n',
      "sessions/key.yaml": "kind: api-key\nkey: ${secret.theirs}\nheader: X-Key\n"
    },
    leading.origin
  );
  const before = elsewhere.received.length;
  await echoTrail(["send", "it"], { cwd, env: { ECHO_TRAIL_SECRET_THEIRS: "a-secret-of-the-user" } });
  assert.doesNotMatch(elsewhere.received.slice(before).join(""), /of-the-user/);
  await leading.close();
});
var settings = (collection, command) => `secrets:
  - collection: ${collection}
    names: [deskWord]
    command: ${JSON.stringify(command)}
`;
function withCommand(script) {
  const home = temporaryFolder();
  const cwd = collectionOf(
    {
      "requests/it.yaml": 'url: ${origin}/a\nheaders: {X-Word: "${secret.deskWord}", X-Again: "${secret.deskWord}"}\n'
    },
    server.origin
  );
  const program = join(home, "words");
  writeFileSync(program, `#!/bin/sh
${script}
`);
  chmodSync(program, 448);
  writeIn(home, "settings.yaml", settings(cwd, [program, "{name}", "{environment}"]));
  return { cwd, home, send: () => echoTrail(["send", "it"], { cwd, env: { ECHO_TRAIL_HOME: home } }) };
}
test("a command of the user's settings prints a secret, once, and it is hidden like any other", async () => {
  const { cwd, home, send } = withCommand('echo called >> "$(dirname "$0")/calls"\necho "word-for-$1-in-$2"');
  const sent = await send();
  assert.equal(sent.status, 0, sent.err);
  assert.match(server.received.at(-1) ?? "", /X-Word: word-for-deskWord-in-sandbox/i);
  assert.equal(everyFile(home).find(({ path }) => path.endsWith("calls"))?.text, "called\n");
  for (const { text, path } of everyFile(cwd)) assert.doesNotMatch(text, /word-for/, path);
  assert.doesNotMatch(sent.out + sent.err, /word-for/);
});
test("a command is for the collection that the user named, and no other", async () => {
  const { home } = withCommand("echo a-word");
  const other = collectionOf(
    { "requests/it.yaml": 'url: ${origin}/a\nheaders: {X-Word: "${secret.deskWord}"}\n' },
    server.origin
  );
  const { status, err } = await echoTrail(["send", "it"], { cwd: other, env: { ECHO_TRAIL_HOME: home } });
  assert.equal(status, 4);
  assert.match(err, /the secret deskWord is not set/);
});
test("a command that fails says so, with its program and how it ended", async () => {
  const { status, err } = await withCommand("exit 3").send();
  assert.equal(status, 4);
  assert.match(err, /the command for the secret deskWord did not give it[\s\S]*words ended with 3/);
});
test("settings that are wrong are told with their line", async () => {
  const { home, cwd } = withCommand("echo a");
  writeIn(home, "settings.yaml", "secrets:\n  - collection: /a\n    comand: [a]\n");
  const { status, err } = await echoTrail(["send", "it"], { cwd, env: { ECHO_TRAIL_HOME: home } });
  assert.equal(status, 2);
  assert.match(err, /command is missing[\s\S]*settings\.yaml:2/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3N0cmFuZ2Vycy50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogQSBjb2xsZWN0aW9uIGZyb20gYSBzdHJhbmdlcjogd2hhdCBpdCB0cmllcywgYW5kIGRvZXMgbm90IGdldC4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IGNobW9kU3luYywgZXhpc3RzU3luYywgbWtkaXJTeW5jLCByZWFkZGlyU3luYywgc3ltbGlua1N5bmMsIHdyaXRlRmlsZVN5bmMgfSBmcm9tICdub2RlOmZzJztcbmltcG9ydCB7IGpvaW4gfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHsgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyBjb2xsZWN0aW9uT2YsIGV2ZXJ5RmlsZSwgdGVtcG9yYXJ5Rm9sZGVyLCB3cml0ZUluIH0gZnJvbSAnLi4vc3VwcG9ydC9mb2xkZXIuanMnO1xuaW1wb3J0IHsgdHlwZSBFbmRlZCwgZWNob1RyYWlsIH0gZnJvbSAnLi4vc3VwcG9ydC9wcm9ncmFtLmpzJztcbmltcG9ydCB7IGFuc3dlck9mLCByYXdTZXJ2ZXIgfSBmcm9tICcuLi9zdXBwb3J0L3Jhdy1zZXJ2ZXIuanMnO1xuXG5jb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKCkgPT4gYW5zd2VyT2YoJ3tcIm9rXCI6IHRydWV9JykpO1xuY29uc3QgZWxzZXdoZXJlID0gYXdhaXQgcmF3U2VydmVyKCgpID0+IGFuc3dlck9mKCd7fScpKTtcbnRlc3QuYWZ0ZXIoKCkgPT4gUHJvbWlzZS5hbGwoW3NlcnZlci5jbG9zZSgpLCBlbHNld2hlcmUuY2xvc2UoKV0pKTtcblxuLyoqIEEgZm9sZGVyIG9mIHRoZSB1c2VyJ3Mgd2l0aCBzb21ldGhpbmcgaW4gaXQgdGhhdCBub2JvZHkgZWxzZSBzaG91bGQgc2VlLiAqL1xuZnVuY3Rpb24gaG9tZVdpdGgodGV4dDogc3RyaW5nKTogc3RyaW5nIHtcbiAgY29uc3QgaG9tZSA9IHRlbXBvcmFyeUZvbGRlcigpO1xuICB3cml0ZUluKGhvbWUsICcubmV0cmMnLCB0ZXh0KTtcbiAgcmV0dXJuIGhvbWU7XG59XG5cbmNvbnN0IHByaXZhdGVfID0gJ21hY2hpbmUgdmF1bHQuZXhhbXBsZSBwYXNzd29yZCBvZi10aGUtdXNlci1hbG9uZSc7XG5cbmludGVyZmFjZSBBdHRlbXB0IHtcbiAgcmVhZG9ubHkgdHJpZXM6IHN0cmluZztcbiAgcmVhZG9ubHkgZmlsZXM6IChob21lOiBzdHJpbmcpID0+IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIHN0cmluZz4+O1xuICByZWFkb25seSBsaW5rPzogKGN3ZDogc3RyaW5nLCBob21lOiBzdHJpbmcpID0+IHZvaWQ7XG4gIHJlYWRvbmx5IGFyZ3M6IHJlYWRvbmx5IHN0cmluZ1tdO1xuICByZWFkb25seSBzYXlzOiBSZWdFeHA7XG59XG5cbmNvbnN0IGF0dGVtcHRzOiByZWFkb25seSBBdHRlbXB0W10gPSBbXG4gIHtcbiAgICB0cmllczogJ3RvIHJlYWQgYSBmaWxlIG9mIHRoZSB1c2VyIGJ5IGl0cyB3aG9sZSBwYXRoJyxcbiAgICBmaWxlczogKGhvbWUpID0+ICh7ICdyZXF1ZXN0cy9pdC55YW1sJzogYG1ldGhvZDogUE9TVFxcbnVybDogXFwke29yaWdpbn0vYVxcbmJvZHk6IHtmaWxlOiAke2hvbWV9Ly5uZXRyY31cXG5gIH0pLFxuICAgIGFyZ3M6IFsnc2VuZCcsICdpdCddLFxuICAgIHNheXM6IC9saWVzIG91dHNpZGUgdGhlIGNvbGxlY3Rpb24gZm9sZGVyLyxcbiAgfSxcbiAge1xuICAgIHRyaWVzOiAndG8gcmVhZCBvbmUgYnkgdGhlIGhvbWUgc2lnbicsXG4gICAgZmlsZXM6ICgpID0+ICh7ICdyZXF1ZXN0cy9pdC55YW1sJzogJ21ldGhvZDogUE9TVFxcbnVybDogJHtvcmlnaW59L2FcXG5ib2R5OiB7dGV4dDogXCIke2ZpbGUoXFxcXFwifi8ubmV0cmNcXFxcXCIpfVwifVxcbicgfSksXG4gICAgYXJnczogWydzZW5kJywgJ2l0J10sXG4gICAgc2F5czogL35cXC9cXC5uZXRyYyBkb2VzIG5vdCBleGlzdC8sXG4gIH0sXG4gIHtcbiAgICB0cmllczogJ3RvIHJlYWQgb25lIGJ5IGNsaW1iaW5nJyxcbiAgICBmaWxlczogKCkgPT4gKHsgJ3JlcXVlc3RzL2l0LnlhbWwnOiAnbWV0aG9kOiBQT1NUXFxudXJsOiAke29yaWdpbn0vYVxcbmJvZHk6IHt0ZW1wbGF0ZTogLi4vLi4vLm5ldHJjfVxcbicgfSksXG4gICAgYXJnczogWydzZW5kJywgJ2l0J10sXG4gICAgc2F5czogL2xpZXMgb3V0c2lkZSB0aGUgY29sbGVjdGlvbiBmb2xkZXIvLFxuICB9LFxuICB7XG4gICAgdHJpZXM6ICd0byByZWFkIG9uZSB0aHJvdWdoIGEgbGluaycsXG4gICAgZmlsZXM6ICgpID0+ICh7ICdyZXF1ZXN0cy9pdC55YW1sJzogJ21ldGhvZDogUE9TVFxcbnVybDogJHtvcmlnaW59L2FcXG5ib2R5OiB7cGFydHM6IHtpdDoge2ZpbGU6IGRhdGEvaXQudHh0fX19XFxuJyB9KSxcbiAgICBsaW5rOiAoY3dkLCBob21lKSA9PiB7XG4gICAgICBta2RpclN5bmMoam9pbihjd2QsICdkYXRhJykpO1xuICAgICAgc3ltbGlua1N5bmMoam9pbihob21lLCAnLm5ldHJjJyksIGpvaW4oY3dkLCAnZGF0YS9pdC50eHQnKSk7XG4gICAgfSxcbiAgICBhcmdzOiBbJ3NlbmQnLCAnaXQnXSxcbiAgICBzYXlzOiAvbGllcyBvdXRzaWRlIHRoZSBjb2xsZWN0aW9uIGZvbGRlci8sXG4gIH0sXG4gIHtcbiAgICB0cmllczogJ3RvIGhhdmUgYSByZXF1ZXN0IHJlYWQgZnJvbSBvdXRzaWRlIHRocm91Z2ggYSBsaW5rJyxcbiAgICBmaWxlczogKCkgPT4gKHt9KSxcbiAgICBsaW5rOiAoY3dkLCBob21lKSA9PiB7XG4gICAgICBta2RpclN5bmMoam9pbihjd2QsICdyZXF1ZXN0cycpKTtcbiAgICAgIHN5bWxpbmtTeW5jKGpvaW4oaG9tZSwgJy5uZXRyYycpLCBqb2luKGN3ZCwgJ3JlcXVlc3RzL2l0LnlhbWwnKSk7XG4gICAgfSxcbiAgICBhcmdzOiBbJ3NlbmQnLCAnaXQnXSxcbiAgICBzYXlzOiAvbGllcyBvdXRzaWRlIHRoZSBjb2xsZWN0aW9uIGZvbGRlci8sXG4gIH0sXG4gIHtcbiAgICB0cmllczogJ3RvIGhhdmUgcm93cyByZWFkIGZyb20gb3V0c2lkZScsXG4gICAgZmlsZXM6IChob21lKSA9PiAoe1xuICAgICAgJ3JlcXVlc3RzL2EueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9hXFxuJyxcbiAgICAgICd0cmFpbHMvaXQueWFtbCc6IGByb3dzOiAke2hvbWV9L2FsbC5jc3ZcXG5zdGVwczogW3tzZW5kOiBhfV1cXG5gLFxuICAgIH0pLFxuICAgIGFyZ3M6IFsncnVuJywgJ2l0J10sXG4gICAgc2F5czogL2xpZXMgb3V0c2lkZSB0aGUgY29sbGVjdGlvbiBmb2xkZXIvLFxuICB9LFxuICB7XG4gICAgdHJpZXM6ICd0byBoYXZlIHJlY29yZHMgd3JpdHRlbiB0aHJvdWdoIGEgbGluayBmb3IgaXRzIGxvY2FsIHN0YXRlJyxcbiAgICBmaWxlczogKCkgPT4gKHsgJ3JlcXVlc3RzL2l0LnlhbWwnOiAndXJsOiAke29yaWdpbn0vYVxcbicgfSksXG4gICAgbGluazogKGN3ZCwgaG9tZSkgPT4gc3ltbGlua1N5bmMoaG9tZSwgam9pbihjd2QsICcuZWNoby10cmFpbCcpKSxcbiAgICBhcmdzOiBbJ3NlbmQnLCAnaXQnXSxcbiAgICBzYXlzOiAvXFwuZWNoby10cmFpbCBsaWVzIG91dHNpZGUgdGhlIGNvbGxlY3Rpb24gZm9sZGVyLyxcbiAgfSxcbiAge1xuICAgIHRyaWVzOiAndG8gaGF2ZSB0aGVtIHdyaXR0ZW4gdGhyb3VnaCBhIGxpbmsgaW5zaWRlIGl0JyxcbiAgICBmaWxlczogKCkgPT4gKHsgJ3JlcXVlc3RzL2l0LnlhbWwnOiAndXJsOiAke29yaWdpbn0vYVxcbicgfSksXG4gICAgbGluazogKGN3ZCwgaG9tZSkgPT4ge1xuICAgICAgbWtkaXJTeW5jKGpvaW4oY3dkLCAnLmVjaG8tdHJhaWwnKSk7XG4gICAgICBzeW1saW5rU3luYyhob21lLCBqb2luKGN3ZCwgJy5lY2hvLXRyYWlsL2VjaG9lcycpKTtcbiAgICB9LFxuICAgIGFyZ3M6IFsnc2VuZCcsICdpdCddLFxuICAgIHNheXM6IC9cXC5lY2hvLXRyYWlsXFwvZWNob2VzIGxpZXMgb3V0c2lkZSB0aGUgY29sbGVjdGlvbiBmb2xkZXIvLFxuICB9LFxuICB7XG4gICAgdHJpZXM6ICd0byBoYXZlIGEgZHJhZnQgd3JpdHRlbiB0aHJvdWdoIGEgbGluaycsXG4gICAgZmlsZXM6ICgpID0+ICh7fSksXG4gICAgbGluazogKGN3ZCwgaG9tZSkgPT4gc3ltbGlua1N5bmMoaG9tZSwgam9pbihjd2QsICdyZXF1ZXN0cycpKSxcbiAgICBhcmdzOiBbJ2ltcG9ydCcsICdhZGRyZXNzJywgJ2h0dHBzOi8vaGFyYm91ci5leGFtcGxlL3YxL2JlcnRocycsICctLWFzJywgJ2l0J10sXG4gICAgc2F5czogL3JlcXVlc3RzXFwvaXRcXC55YW1sIGxpZXMgb3V0c2lkZSB0aGUgY29sbGVjdGlvbiBmb2xkZXIvLFxuICB9LFxuICB7XG4gICAgdHJpZXM6ICd0byBydW4gYSBwcm9ncmFtIGJ5IGEgdGFnIG9mIFlBTUwnLFxuICAgIGZpbGVzOiAoKSA9PiAoe1xuICAgICAgJ3JlcXVlc3RzL2l0LnlhbWwnOiAndXJsOiAhIWpzL2Z1bmN0aW9uIFwiZnVuY3Rpb24gKCkgeyByZXR1cm4gcHJvY2Vzcy5leGl0KDcpIH1cIlxcbicsXG4gICAgfSksXG4gICAgYXJnczogWydzZW5kJywgJ2l0J10sXG4gICAgc2F5czogL3JlcXVlc3RzXFwvaXRcXC55YW1sOjEvLFxuICB9LFxuICB7XG4gICAgdHJpZXM6ICd0byBkZWNsYXJlIGEgY29tbWFuZCBmb3Igc2VjcmV0cycsXG4gICAgZmlsZXM6ICgpID0+ICh7XG4gICAgICAnZWNoby10cmFpbC55YW1sJzogJ25hbWU6IHRlc3RcXG5lbnZpcm9ubWVudDogc2FuZGJveFxcbnNlY3JldHM6IFt7Y29sbGVjdGlvbjogLiwgY29tbWFuZDogW3RvdWNoLCByYW5dfV1cXG4nLFxuICAgICAgJ3JlcXVlc3RzL2l0LnlhbWwnOiAndXJsOiAke29yaWdpbn0vYVxcbmhlYWRlcnM6IHtYLUE6IFwiJHtzZWNyZXQuYX1cIn1cXG4nLFxuICAgIH0pLFxuICAgIGFyZ3M6IFsnc2VuZCcsICdpdCddLFxuICAgIHNheXM6IC9zZWNyZXRzLyxcbiAgfSxcbiAge1xuICAgIHRyaWVzOiAndG8gYnJpbmcgc2V0dGluZ3Mgb2YgaXRzIG93bicsXG4gICAgZmlsZXM6ICgpID0+ICh7XG4gICAgICAnc2V0dGluZ3MueWFtbCc6ICdzZWNyZXRzOiBbe2NvbGxlY3Rpb246IC8sIGNvbW1hbmQ6IFt0b3VjaCwgcmFuXX1dXFxuJyxcbiAgICAgICdyZXF1ZXN0cy9pdC55YW1sJzogJ3VybDogJHtvcmlnaW59L2FcXG5oZWFkZXJzOiB7WC1BOiBcIiR7c2VjcmV0LmF9XCJ9XFxuJyxcbiAgICB9KSxcbiAgICBhcmdzOiBbJ3NlbmQnLCAnaXQnXSxcbiAgICBzYXlzOiAvdGhlIHNlY3JldCBhIGlzIG5vdCBzZXQvLFxuICB9LFxuICB7XG4gICAgdHJpZXM6ICd0byByZWFjaCB3aGF0IGNvZGUgY2FuIHJlYWNoJyxcbiAgICBmaWxlczogKCkgPT4gKHtcbiAgICAgICdyZXF1ZXN0cy9pdC55YW1sJzogJ3VybDogJHtvcmlnaW59L2FcXG5xdWVyeToge2E6IFwiJHtjb25zdHJ1Y3Rvci5jb25zdHJ1Y3RvcihcXFxcXCJyZXR1cm4gcHJvY2Vzc1xcXFxcIikoKX1cIn1cXG4nLFxuICAgIH0pLFxuICAgIGFyZ3M6IFsnc2VuZCcsICdpdCddLFxuICAgIHNheXM6IC9yZXF1ZXN0c1xcL2l0XFwueWFtbDoyLyxcbiAgfSxcbiAge1xuICAgIHRyaWVzOiAndG8gc2VuZCBhIHNlY3JldCB0byBhbm90aGVyIGhvc3QnLFxuICAgIGZpbGVzOiAoKSA9PiAoe1xuICAgICAgJ3JlcXVlc3RzL2l0LnlhbWwnOiBgdXJsOiAke2Vsc2V3aGVyZS5vcmlnaW4ucmVwbGFjZSgnMTI3LjAuMC4xJywgJ2xvY2FsaG9zdCcpfS9hXFxuaGVhZGVyczoge1gtQTogXCJcXCR7c2VjcmV0LnRoZWlyc31cIn1cXG5gLFxuICAgIH0pLFxuICAgIGFyZ3M6IFsnc2VuZCcsICdpdCddLFxuICAgIHNheXM6IC9hIHNlY3JldCB3b3VsZCBnbyB0byBsb2NhbGhvc3QsIHdoaWNoIHRoZSBlbnZpcm9ubWVudCBzYW5kYm94IGRvZXMgbm90IGxpc3QvLFxuICB9LFxuICB7XG4gICAgdHJpZXM6ICd0byBzZW5kIGEgc2VjcmV0IHRvIGFub3RoZXIgaG9zdCBpbnNpZGUgdGhlIGFkZHJlc3MnLFxuICAgIGZpbGVzOiAoKSA9PiAoe1xuICAgICAgJ3JlcXVlc3RzL2l0LnlhbWwnOiAnaW5wdXRzOiB7a2V5OiB7ZGVmYXVsdDogXCIke3NlY3JldC50aGVpcnN9XCJ9fVxcbnVybDogaHR0cDovL2Vsc2V3aGVyZS5leGFtcGxlL3trZXl9XFxuJyxcbiAgICB9KSxcbiAgICBhcmdzOiBbJ3NlbmQnLCAnaXQnXSxcbiAgICBzYXlzOiAvYSBzZWNyZXQgd291bGQgZ28gdG8gZWxzZXdoZXJlXFwuZXhhbXBsZS8sXG4gIH0sXG5dO1xuXG5mb3IgKGNvbnN0IHsgdHJpZXMsIGZpbGVzLCBsaW5rLCBhcmdzLCBzYXlzIH0gb2YgYXR0ZW1wdHMpIHtcbiAgdGVzdChgYSBzdHJhbmdlcidzIGNvbGxlY3Rpb24gdGhhdCB0cmllcyAke3RyaWVzfSBpcyBzdG9wcGVkYCwgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IGhvbWUgPSBob21lV2l0aChwcml2YXRlXyk7XG4gICAgd3JpdGVJbihob21lLCAnYWxsLmNzdicsIGBhXFxuJHtwcml2YXRlX31cXG5gKTtcbiAgICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoZmlsZXMoaG9tZSksIHNlcnZlci5vcmlnaW4pO1xuICAgIGxpbms/Lihjd2QsIGhvbWUpO1xuICAgIGNvbnN0IGJlZm9yZSA9IHtcbiAgICAgIGhlYXJkOiBzZXJ2ZXIucmVjZWl2ZWQubGVuZ3RoLFxuICAgICAgZWxzZXdoZXJlOiBlbHNld2hlcmUucmVjZWl2ZWQubGVuZ3RoLFxuICAgICAgaG9tZTogcmVhZGRpclN5bmMoaG9tZSkubGVuZ3RoLFxuICAgIH07XG4gICAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoYXJncywgeyBjd2QsIGVudjogeyBIT01FOiBob21lLCBFQ0hPX1RSQUlMX1NFQ1JFVF9USEVJUlM6ICdhLXNlY3JldC1vZi10aGUtdXNlcicgfSB9KTtcbiAgICBhc3NlcnQub2soWzIsIDRdLmluY2x1ZGVzKGVuZGVkLnN0YXR1cyksIGAke2VuZGVkLnN0YXR1c306ICR7ZW5kZWQuZXJyfSR7ZW5kZWQub3V0fWApO1xuICAgIGFzc2VydC5tYXRjaChlbmRlZC5lcnIgKyBlbmRlZC5vdXQsIHNheXMpO1xuICAgIGFzc2VydC5kb2VzTm90TWF0Y2goZW5kZWQuZXJyICsgZW5kZWQub3V0LCAvb2YtdGhlLXVzZXIvKTtcbiAgICBhc3NlcnQuZXF1YWwoc2VydmVyLnJlY2VpdmVkLmxlbmd0aCwgYmVmb3JlLmhlYXJkLCAnbm90aGluZyB3YXMgc2VudCcpO1xuICAgIGFzc2VydC5lcXVhbChlbHNld2hlcmUucmVjZWl2ZWQubGVuZ3RoLCBiZWZvcmUuZWxzZXdoZXJlKTtcbiAgICBhc3NlcnQuZXF1YWwocmVhZGRpclN5bmMoaG9tZSkubGVuZ3RoLCBiZWZvcmUuaG9tZSwgJ25vdGhpbmcgd2FzIHdyaXR0ZW4nKTtcbiAgICBhc3NlcnQub2soIWV4aXN0c1N5bmMoam9pbihjd2QsICdyYW4nKSkpO1xuICB9KTtcbn1cblxudGVzdCgnYSByZWRpcmVjdCB0byBhbm90aGVyIGhvc3QgdGFrZXMgbm8gc2VjcmV0IGFsb25nJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBsZWFkaW5nID0gYXdhaXQgcmF3U2VydmVyKCgpID0+XG4gICAgYW5zd2VyT2YoJycsIHtcbiAgICAgIHN0YXR1czogJzMwMiBGb3VuZCcsXG4gICAgICBoZWFkZXJzOiBbYGxvY2F0aW9uOiAke2Vsc2V3aGVyZS5vcmlnaW4ucmVwbGFjZSgnMTI3LjAuMC4xJywgJ2xvY2FsaG9zdCcpfS9iYF0sXG4gICAgfSksXG4gICk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvaXQueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9hXFxuc2Vzc2lvbjoga2V5XFxuaGVhZGVyczoge1gtT3duOiBcIiR7c2VjcmV0LnRoZWlyc31cIn1cXG4nLFxuICAgICAgJ3Nlc3Npb25zL2tleS55YW1sJzogJ2tpbmQ6IGFwaS1rZXlcXG5rZXk6ICR7c2VjcmV0LnRoZWlyc31cXG5oZWFkZXI6IFgtS2V5XFxuJyxcbiAgICB9LFxuICAgIGxlYWRpbmcub3JpZ2luLFxuICApO1xuICBjb25zdCBiZWZvcmUgPSBlbHNld2hlcmUucmVjZWl2ZWQubGVuZ3RoO1xuICBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2l0J10sIHsgY3dkLCBlbnY6IHsgRUNIT19UUkFJTF9TRUNSRVRfVEhFSVJTOiAnYS1zZWNyZXQtb2YtdGhlLXVzZXInIH0gfSk7XG4gIGFzc2VydC5kb2VzTm90TWF0Y2goZWxzZXdoZXJlLnJlY2VpdmVkLnNsaWNlKGJlZm9yZSkuam9pbignJyksIC9vZi10aGUtdXNlci8pO1xuICBhd2FpdCBsZWFkaW5nLmNsb3NlKCk7XG59KTtcblxuY29uc3Qgc2V0dGluZ3MgPSAoY29sbGVjdGlvbjogc3RyaW5nLCBjb21tYW5kOiByZWFkb25seSBzdHJpbmdbXSk6IHN0cmluZyA9PlxuICBgc2VjcmV0czpcXG4gIC0gY29sbGVjdGlvbjogJHtjb2xsZWN0aW9ufVxcbiAgICBuYW1lczogW2Rlc2tXb3JkXVxcbiAgICBjb21tYW5kOiAke0pTT04uc3RyaW5naWZ5KGNvbW1hbmQpfVxcbmA7XG5cbmZ1bmN0aW9uIHdpdGhDb21tYW5kKHNjcmlwdDogc3RyaW5nKTogeyBjd2Q6IHN0cmluZzsgaG9tZTogc3RyaW5nOyBzZW5kOiAoKSA9PiBQcm9taXNlPEVuZGVkPiB9IHtcbiAgY29uc3QgaG9tZSA9IHRlbXBvcmFyeUZvbGRlcigpO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ3JlcXVlc3RzL2l0LnlhbWwnOiAndXJsOiAke29yaWdpbn0vYVxcbmhlYWRlcnM6IHtYLVdvcmQ6IFwiJHtzZWNyZXQuZGVza1dvcmR9XCIsIFgtQWdhaW46IFwiJHtzZWNyZXQuZGVza1dvcmR9XCJ9XFxuJyxcbiAgICB9LFxuICAgIHNlcnZlci5vcmlnaW4sXG4gICk7XG4gIGNvbnN0IHByb2dyYW0gPSBqb2luKGhvbWUsICd3b3JkcycpO1xuICB3cml0ZUZpbGVTeW5jKHByb2dyYW0sIGAjIS9iaW4vc2hcXG4ke3NjcmlwdH1cXG5gKTtcbiAgY2htb2RTeW5jKHByb2dyYW0sIDBvNzAwKTtcbiAgd3JpdGVJbihob21lLCAnc2V0dGluZ3MueWFtbCcsIHNldHRpbmdzKGN3ZCwgW3Byb2dyYW0sICd7bmFtZX0nLCAne2Vudmlyb25tZW50fSddKSk7XG4gIHJldHVybiB7IGN3ZCwgaG9tZSwgc2VuZDogKCkgPT4gZWNob1RyYWlsKFsnc2VuZCcsICdpdCddLCB7IGN3ZCwgZW52OiB7IEVDSE9fVFJBSUxfSE9NRTogaG9tZSB9IH0pIH07XG59XG5cbnRlc3QoXCJhIGNvbW1hbmQgb2YgdGhlIHVzZXIncyBzZXR0aW5ncyBwcmludHMgYSBzZWNyZXQsIG9uY2UsIGFuZCBpdCBpcyBoaWRkZW4gbGlrZSBhbnkgb3RoZXJcIiwgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IGN3ZCwgaG9tZSwgc2VuZCB9ID0gd2l0aENvbW1hbmQoJ2VjaG8gY2FsbGVkID4+IFwiJChkaXJuYW1lIFwiJDBcIikvY2FsbHNcIlxcbmVjaG8gXCJ3b3JkLWZvci0kMS1pbi0kMlwiJyk7XG4gIGNvbnN0IHNlbnQgPSBhd2FpdCBzZW5kKCk7XG4gIGFzc2VydC5lcXVhbChzZW50LnN0YXR1cywgMCwgc2VudC5lcnIpO1xuICBhc3NlcnQubWF0Y2goc2VydmVyLnJlY2VpdmVkLmF0KC0xKSA/PyAnJywgL1gtV29yZDogd29yZC1mb3ItZGVza1dvcmQtaW4tc2FuZGJveC9pKTtcbiAgYXNzZXJ0LmVxdWFsKGV2ZXJ5RmlsZShob21lKS5maW5kKCh7IHBhdGggfSkgPT4gcGF0aC5lbmRzV2l0aCgnY2FsbHMnKSk/LnRleHQsICdjYWxsZWRcXG4nKTtcbiAgZm9yIChjb25zdCB7IHRleHQsIHBhdGggfSBvZiBldmVyeUZpbGUoY3dkKSkgYXNzZXJ0LmRvZXNOb3RNYXRjaCh0ZXh0LCAvd29yZC1mb3IvLCBwYXRoKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChzZW50Lm91dCArIHNlbnQuZXJyLCAvd29yZC1mb3IvKTtcbn0pO1xuXG50ZXN0KCdhIGNvbW1hbmQgaXMgZm9yIHRoZSBjb2xsZWN0aW9uIHRoYXQgdGhlIHVzZXIgbmFtZWQsIGFuZCBubyBvdGhlcicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBob21lIH0gPSB3aXRoQ29tbWFuZCgnZWNobyBhLXdvcmQnKTtcbiAgY29uc3Qgb3RoZXIgPSBjb2xsZWN0aW9uT2YoXG4gICAgeyAncmVxdWVzdHMvaXQueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9hXFxuaGVhZGVyczoge1gtV29yZDogXCIke3NlY3JldC5kZXNrV29yZH1cIn1cXG4nIH0sXG4gICAgc2VydmVyLm9yaWdpbixcbiAgKTtcbiAgY29uc3QgeyBzdGF0dXMsIGVyciB9ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdpdCddLCB7IGN3ZDogb3RoZXIsIGVudjogeyBFQ0hPX1RSQUlMX0hPTUU6IGhvbWUgfSB9KTtcbiAgYXNzZXJ0LmVxdWFsKHN0YXR1cywgNCk7XG4gIGFzc2VydC5tYXRjaChlcnIsIC90aGUgc2VjcmV0IGRlc2tXb3JkIGlzIG5vdCBzZXQvKTtcbn0pO1xuXG50ZXN0KCdhIGNvbW1hbmQgdGhhdCBmYWlscyBzYXlzIHNvLCB3aXRoIGl0cyBwcm9ncmFtIGFuZCBob3cgaXQgZW5kZWQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgc3RhdHVzLCBlcnIgfSA9IGF3YWl0IHdpdGhDb21tYW5kKCdleGl0IDMnKS5zZW5kKCk7XG4gIGFzc2VydC5lcXVhbChzdGF0dXMsIDQpO1xuICBhc3NlcnQubWF0Y2goZXJyLCAvdGhlIGNvbW1hbmQgZm9yIHRoZSBzZWNyZXQgZGVza1dvcmQgZGlkIG5vdCBnaXZlIGl0W1xcc1xcU10qd29yZHMgZW5kZWQgd2l0aCAzLyk7XG59KTtcblxudGVzdCgnc2V0dGluZ3MgdGhhdCBhcmUgd3JvbmcgYXJlIHRvbGQgd2l0aCB0aGVpciBsaW5lJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IGhvbWUsIGN3ZCB9ID0gd2l0aENvbW1hbmQoJ2VjaG8gYScpO1xuICB3cml0ZUluKGhvbWUsICdzZXR0aW5ncy55YW1sJywgJ3NlY3JldHM6XFxuICAtIGNvbGxlY3Rpb246IC9hXFxuICAgIGNvbWFuZDogW2FdXFxuJyk7XG4gIGNvbnN0IHsgc3RhdHVzLCBlcnIgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnaXQnXSwgeyBjd2QsIGVudjogeyBFQ0hPX1RSQUlMX0hPTUU6IGhvbWUgfSB9KTtcbiAgYXNzZXJ0LmVxdWFsKHN0YXR1cywgMik7XG4gIGFzc2VydC5tYXRjaChlcnIsIC9jb21tYW5kIGlzIG1pc3NpbmdbXFxzXFxTXSpzZXR0aW5nc1xcLnlhbWw6Mi8pO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsV0FBVyxZQUFZLFdBQVcsYUFBYSxhQUFhLHFCQUFxQjtBQUMxRixTQUFTLFlBQVk7QUFDckIsU0FBUyxZQUFZO0FBS3JCLElBQU0sU0FBUyxNQUFNLFVBQVUsTUFBTSxTQUFTLGNBQWMsQ0FBQztBQUM3RCxJQUFNLFlBQVksTUFBTSxVQUFVLE1BQU0sU0FBUyxJQUFJLENBQUM7QUFDdEQsS0FBSyxNQUFNLE1BQU0sUUFBUSxJQUFJLENBQUMsT0FBTyxNQUFNLEdBQUcsVUFBVSxNQUFNLENBQUMsQ0FBQyxDQUFDO0FBR2pFLFNBQVMsU0FBUyxNQUFzQjtBQUN0QyxRQUFNLE9BQU8sZ0JBQWdCO0FBQzdCLFVBQVEsTUFBTSxVQUFVLElBQUk7QUFDNUIsU0FBTztBQUNUO0FBRUEsSUFBTSxXQUFXO0FBVWpCLElBQU0sV0FBK0I7QUFBQSxFQUNuQztBQUFBLElBQ0UsT0FBTztBQUFBLElBQ1AsT0FBTyxDQUFDLFVBQVUsRUFBRSxvQkFBb0I7QUFBQTtBQUFBLGVBQWlELElBQUk7QUFBQSxFQUFhO0FBQUEsSUFDMUcsTUFBTSxDQUFDLFFBQVEsSUFBSTtBQUFBLElBQ25CLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsT0FBTztBQUFBLElBQ1AsT0FBTyxPQUFPLEVBQUUsb0JBQW9CLDRFQUE0RTtBQUFBLElBQ2hILE1BQU0sQ0FBQyxRQUFRLElBQUk7QUFBQSxJQUNuQixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE9BQU87QUFBQSxJQUNQLE9BQU8sT0FBTyxFQUFFLG9CQUFvQixtRUFBbUU7QUFBQSxJQUN2RyxNQUFNLENBQUMsUUFBUSxJQUFJO0FBQUEsSUFDbkIsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxPQUFPO0FBQUEsSUFDUCxPQUFPLE9BQU8sRUFBRSxvQkFBb0IsNkVBQTZFO0FBQUEsSUFDakgsTUFBTSxDQUFDLEtBQUssU0FBUztBQUNuQixnQkFBVSxLQUFLLEtBQUssTUFBTSxDQUFDO0FBQzNCLGtCQUFZLEtBQUssTUFBTSxRQUFRLEdBQUcsS0FBSyxLQUFLLGFBQWEsQ0FBQztBQUFBLElBQzVEO0FBQUEsSUFDQSxNQUFNLENBQUMsUUFBUSxJQUFJO0FBQUEsSUFDbkIsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxPQUFPO0FBQUEsSUFDUCxPQUFPLE9BQU8sQ0FBQztBQUFBLElBQ2YsTUFBTSxDQUFDLEtBQUssU0FBUztBQUNuQixnQkFBVSxLQUFLLEtBQUssVUFBVSxDQUFDO0FBQy9CLGtCQUFZLEtBQUssTUFBTSxRQUFRLEdBQUcsS0FBSyxLQUFLLGtCQUFrQixDQUFDO0FBQUEsSUFDakU7QUFBQSxJQUNBLE1BQU0sQ0FBQyxRQUFRLElBQUk7QUFBQSxJQUNuQixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE9BQU87QUFBQSxJQUNQLE9BQU8sQ0FBQyxVQUFVO0FBQUEsTUFDaEIsbUJBQW1CO0FBQUEsTUFDbkIsa0JBQWtCLFNBQVMsSUFBSTtBQUFBO0FBQUE7QUFBQSxJQUNqQztBQUFBLElBQ0EsTUFBTSxDQUFDLE9BQU8sSUFBSTtBQUFBLElBQ2xCLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsT0FBTztBQUFBLElBQ1AsT0FBTyxPQUFPLEVBQUUsb0JBQW9CLHFCQUFxQjtBQUFBLElBQ3pELE1BQU0sQ0FBQyxLQUFLLFNBQVMsWUFBWSxNQUFNLEtBQUssS0FBSyxhQUFhLENBQUM7QUFBQSxJQUMvRCxNQUFNLENBQUMsUUFBUSxJQUFJO0FBQUEsSUFDbkIsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxPQUFPO0FBQUEsSUFDUCxPQUFPLE9BQU8sRUFBRSxvQkFBb0IscUJBQXFCO0FBQUEsSUFDekQsTUFBTSxDQUFDLEtBQUssU0FBUztBQUNuQixnQkFBVSxLQUFLLEtBQUssYUFBYSxDQUFDO0FBQ2xDLGtCQUFZLE1BQU0sS0FBSyxLQUFLLG9CQUFvQixDQUFDO0FBQUEsSUFDbkQ7QUFBQSxJQUNBLE1BQU0sQ0FBQyxRQUFRLElBQUk7QUFBQSxJQUNuQixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE9BQU87QUFBQSxJQUNQLE9BQU8sT0FBTyxDQUFDO0FBQUEsSUFDZixNQUFNLENBQUMsS0FBSyxTQUFTLFlBQVksTUFBTSxLQUFLLEtBQUssVUFBVSxDQUFDO0FBQUEsSUFDNUQsTUFBTSxDQUFDLFVBQVUsV0FBVyxxQ0FBcUMsUUFBUSxJQUFJO0FBQUEsSUFDN0UsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxPQUFPO0FBQUEsSUFDUCxPQUFPLE9BQU87QUFBQSxNQUNaLG9CQUFvQjtBQUFBLElBQ3RCO0FBQUEsSUFDQSxNQUFNLENBQUMsUUFBUSxJQUFJO0FBQUEsSUFDbkIsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxPQUFPO0FBQUEsSUFDUCxPQUFPLE9BQU87QUFBQSxNQUNaLG1CQUFtQjtBQUFBLE1BQ25CLG9CQUFvQjtBQUFBLElBQ3RCO0FBQUEsSUFDQSxNQUFNLENBQUMsUUFBUSxJQUFJO0FBQUEsSUFDbkIsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxPQUFPO0FBQUEsSUFDUCxPQUFPLE9BQU87QUFBQSxNQUNaLGlCQUFpQjtBQUFBLE1BQ2pCLG9CQUFvQjtBQUFBLElBQ3RCO0FBQUEsSUFDQSxNQUFNLENBQUMsUUFBUSxJQUFJO0FBQUEsSUFDbkIsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxPQUFPO0FBQUEsSUFDUCxPQUFPLE9BQU87QUFBQSxNQUNaLG9CQUFvQjtBQUFBLElBQ3RCO0FBQUEsSUFDQSxNQUFNLENBQUMsUUFBUSxJQUFJO0FBQUEsSUFDbkIsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxPQUFPO0FBQUEsSUFDUCxPQUFPLE9BQU87QUFBQSxNQUNaLG9CQUFvQixRQUFRLFVBQVUsT0FBTyxRQUFRLGFBQWEsV0FBVyxDQUFDO0FBQUE7QUFBQTtBQUFBLElBQ2hGO0FBQUEsSUFDQSxNQUFNLENBQUMsUUFBUSxJQUFJO0FBQUEsSUFDbkIsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxPQUFPO0FBQUEsSUFDUCxPQUFPLE9BQU87QUFBQSxNQUNaLG9CQUFvQjtBQUFBLElBQ3RCO0FBQUEsSUFDQSxNQUFNLENBQUMsUUFBUSxJQUFJO0FBQUEsSUFDbkIsTUFBTTtBQUFBLEVBQ1I7QUFDRjtBQUVBLFdBQVcsRUFBRSxPQUFPLE9BQU8sTUFBTSxNQUFNLEtBQUssS0FBSyxVQUFVO0FBQ3pELE9BQUssc0NBQXNDLEtBQUssZUFBZSxZQUFZO0FBQ3pFLFVBQU0sT0FBTyxTQUFTLFFBQVE7QUFDOUIsWUFBUSxNQUFNLFdBQVc7QUFBQSxFQUFNLFFBQVE7QUFBQSxDQUFJO0FBQzNDLFVBQU0sTUFBTSxhQUFhLE1BQU0sSUFBSSxHQUFHLE9BQU8sTUFBTTtBQUNuRCxXQUFPLEtBQUssSUFBSTtBQUNoQixVQUFNLFNBQVM7QUFBQSxNQUNiLE9BQU8sT0FBTyxTQUFTO0FBQUEsTUFDdkIsV0FBVyxVQUFVLFNBQVM7QUFBQSxNQUM5QixNQUFNLFlBQVksSUFBSSxFQUFFO0FBQUEsSUFDMUI7QUFDQSxVQUFNLFFBQVEsTUFBTSxVQUFVLE1BQU0sRUFBRSxLQUFLLEtBQUssRUFBRSxNQUFNLE1BQU0sMEJBQTBCLHVCQUF1QixFQUFFLENBQUM7QUFDbEgsV0FBTyxHQUFHLENBQUMsR0FBRyxDQUFDLEVBQUUsU0FBUyxNQUFNLE1BQU0sR0FBRyxHQUFHLE1BQU0sTUFBTSxLQUFLLE1BQU0sR0FBRyxHQUFHLE1BQU0sR0FBRyxFQUFFO0FBQ3BGLFdBQU8sTUFBTSxNQUFNLE1BQU0sTUFBTSxLQUFLLElBQUk7QUFDeEMsV0FBTyxhQUFhLE1BQU0sTUFBTSxNQUFNLEtBQUssYUFBYTtBQUN4RCxXQUFPLE1BQU0sT0FBTyxTQUFTLFFBQVEsT0FBTyxPQUFPLGtCQUFrQjtBQUNyRSxXQUFPLE1BQU0sVUFBVSxTQUFTLFFBQVEsT0FBTyxTQUFTO0FBQ3hELFdBQU8sTUFBTSxZQUFZLElBQUksRUFBRSxRQUFRLE9BQU8sTUFBTSxxQkFBcUI7QUFDekUsV0FBTyxHQUFHLENBQUMsV0FBVyxLQUFLLEtBQUssS0FBSyxDQUFDLENBQUM7QUFBQSxFQUN6QyxDQUFDO0FBQ0g7QUFFQSxLQUFLLG9EQUFvRCxZQUFZO0FBQ25FLFFBQU0sVUFBVSxNQUFNO0FBQUEsSUFBVSxNQUM5QixTQUFTLElBQUk7QUFBQSxNQUNYLFFBQVE7QUFBQSxNQUNSLFNBQVMsQ0FBQyxhQUFhLFVBQVUsT0FBTyxRQUFRLGFBQWEsV0FBVyxDQUFDLElBQUk7QUFBQSxJQUMvRSxDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLG9CQUFvQjtBQUFBLE1BQ3BCLHFCQUFxQjtBQUFBLElBQ3ZCO0FBQUEsSUFDQSxRQUFRO0FBQUEsRUFDVjtBQUNBLFFBQU0sU0FBUyxVQUFVLFNBQVM7QUFDbEMsUUFBTSxVQUFVLENBQUMsUUFBUSxJQUFJLEdBQUcsRUFBRSxLQUFLLEtBQUssRUFBRSwwQkFBMEIsdUJBQXVCLEVBQUUsQ0FBQztBQUNsRyxTQUFPLGFBQWEsVUFBVSxTQUFTLE1BQU0sTUFBTSxFQUFFLEtBQUssRUFBRSxHQUFHLGFBQWE7QUFDNUUsUUFBTSxRQUFRLE1BQU07QUFDdEIsQ0FBQztBQUVELElBQU0sV0FBVyxDQUFDLFlBQW9CLFlBQ3BDO0FBQUEsa0JBQTZCLFVBQVU7QUFBQTtBQUFBLGVBQXlDLEtBQUssVUFBVSxPQUFPLENBQUM7QUFBQTtBQUV6RyxTQUFTLFlBQVksUUFBMkU7QUFDOUYsUUFBTSxPQUFPLGdCQUFnQjtBQUM3QixRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxvQkFBb0I7QUFBQSxJQUN0QjtBQUFBLElBQ0EsT0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLFVBQVUsS0FBSyxNQUFNLE9BQU87QUFDbEMsZ0JBQWMsU0FBUztBQUFBLEVBQWMsTUFBTTtBQUFBLENBQUk7QUFDL0MsWUFBVSxTQUFTLEdBQUs7QUFDeEIsVUFBUSxNQUFNLGlCQUFpQixTQUFTLEtBQUssQ0FBQyxTQUFTLFVBQVUsZUFBZSxDQUFDLENBQUM7QUFDbEYsU0FBTyxFQUFFLEtBQUssTUFBTSxNQUFNLE1BQU0sVUFBVSxDQUFDLFFBQVEsSUFBSSxHQUFHLEVBQUUsS0FBSyxLQUFLLEVBQUUsaUJBQWlCLEtBQUssRUFBRSxDQUFDLEVBQUU7QUFDckc7QUFFQSxLQUFLLDJGQUEyRixZQUFZO0FBQzFHLFFBQU0sRUFBRSxLQUFLLE1BQU0sS0FBSyxJQUFJLFlBQVksa0VBQWtFO0FBQzFHLFFBQU0sT0FBTyxNQUFNLEtBQUs7QUFDeEIsU0FBTyxNQUFNLEtBQUssUUFBUSxHQUFHLEtBQUssR0FBRztBQUNyQyxTQUFPLE1BQU0sT0FBTyxTQUFTLEdBQUcsRUFBRSxLQUFLLElBQUksdUNBQXVDO0FBQ2xGLFNBQU8sTUFBTSxVQUFVLElBQUksRUFBRSxLQUFLLENBQUMsRUFBRSxLQUFLLE1BQU0sS0FBSyxTQUFTLE9BQU8sQ0FBQyxHQUFHLE1BQU0sVUFBVTtBQUN6RixhQUFXLEVBQUUsTUFBTSxLQUFLLEtBQUssVUFBVSxHQUFHLEVBQUcsUUFBTyxhQUFhLE1BQU0sWUFBWSxJQUFJO0FBQ3ZGLFNBQU8sYUFBYSxLQUFLLE1BQU0sS0FBSyxLQUFLLFVBQVU7QUFDckQsQ0FBQztBQUVELEtBQUsscUVBQXFFLFlBQVk7QUFDcEYsUUFBTSxFQUFFLEtBQUssSUFBSSxZQUFZLGFBQWE7QUFDMUMsUUFBTSxRQUFRO0FBQUEsSUFDWixFQUFFLG9CQUFvQiw4REFBOEQ7QUFBQSxJQUNwRixPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sRUFBRSxRQUFRLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLElBQUksR0FBRyxFQUFFLEtBQUssT0FBTyxLQUFLLEVBQUUsaUJBQWlCLEtBQUssRUFBRSxDQUFDO0FBQ3RHLFNBQU8sTUFBTSxRQUFRLENBQUM7QUFDdEIsU0FBTyxNQUFNLEtBQUssZ0NBQWdDO0FBQ3BELENBQUM7QUFFRCxLQUFLLG1FQUFtRSxZQUFZO0FBQ2xGLFFBQU0sRUFBRSxRQUFRLElBQUksSUFBSSxNQUFNLFlBQVksUUFBUSxFQUFFLEtBQUs7QUFDekQsU0FBTyxNQUFNLFFBQVEsQ0FBQztBQUN0QixTQUFPLE1BQU0sS0FBSyw4RUFBOEU7QUFDbEcsQ0FBQztBQUVELEtBQUssb0RBQW9ELFlBQVk7QUFDbkUsUUFBTSxFQUFFLE1BQU0sSUFBSSxJQUFJLFlBQVksUUFBUTtBQUMxQyxVQUFRLE1BQU0saUJBQWlCLGlEQUFpRDtBQUNoRixRQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxJQUFJLEdBQUcsRUFBRSxLQUFLLEtBQUssRUFBRSxpQkFBaUIsS0FBSyxFQUFFLENBQUM7QUFDL0YsU0FBTyxNQUFNLFFBQVEsQ0FBQztBQUN0QixTQUFPLE1BQU0sS0FBSywyQ0FBMkM7QUFDL0QsQ0FBQzsiLAogICJuYW1lcyI6IFtdCn0K
