import {
  conversation,
  down,
  enter,
  noTerminal
} from "../parts/chunk-VSUPXWTE.js";
import {
  harbourForThisFile
} from "../parts/chunk-XS4PZGFO.js";
import "../parts/chunk-7VNSEZX4.js";
import "../parts/chunk-DQ7YWKYH.js";
import "../parts/chunk-PT2BEWRF.js";
import "../parts/chunk-V5NERUUT.js";
import "../parts/chunk-T4I6LV4Y.js";
import "../parts/chunk-Y4XV6NBT.js";
import {
  collectionOf,
  demoCollection,
  document,
  echoTrail
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";

// test/program/environments.test.ts
import assert from "node:assert/strict";
import { existsSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
var { origin } = await harbourForThisFile();
var servers = {
  openapi: "3.1.0",
  info: { title: "Quays", version: "1" },
  servers: [
    { url: "https://quays.example/v2", description: "the quays" },
    {
      url: "https://{side}.quays.example:{port}/v2",
      description: "by side",
      variables: { side: { default: "north", enum: ["north", "south"] }, port: { default: "8443" } }
    }
  ],
  paths: { "/flags": { get: { operationId: "listFlags", responses: {} } } }
};
async function withServers() {
  const cwd = collectionOf({ "quays.json": JSON.stringify(servers) });
  const added = await echoTrail(["docs", "add", "quays.json"], { cwd });
  assert.equal(added.status, 0, added.err);
  return cwd;
}
test("several servers are listed, and one is taken by its number, its variables by --set", async () => {
  const cwd = await withServers();
  const several = await echoTrail(["env", "make", "live"], { cwd });
  assert.equal(several.status, 2);
  assert.match(several.err, /1 {2}https:\/\/quays\.example {2}quays, the quays/);
  assert.match(several.err, /2 {2}https:\/\/\{side\}\.quays\.example:\{port\}\/v2 .*side: north, south; port: any/);
  const made = await echoTrail(["env", "make", "live", "--server", "2", "--set", "side=south", "--json"], { cwd });
  assert.deepEqual(document(made), {
    name: "live",
    file: "environments/live.yaml",
    origin: "https://south.quays.example:8443"
  });
  const text = readFileSync(join(cwd, "environments/live.yaml"), "utf8");
  assert.match(text, /^about: "by side"$/m);
  assert.match(text, /^changes: ask/m);
  assert.match(text, /^hosts: \["south\.quays\.example"\]/m);
  const checked = await echoTrail(["check"], { cwd });
  assert.equal(checked.status, 0, checked.out);
});
test("the first server is taken for the drafts, so that origin and path fit", async () => {
  const cwd = await withServers();
  await echoTrail(["env", "make", "live", "--server", "1"], { cwd });
  await echoTrail(["draft", "listFlags", "--as", "flags"], { cwd });
  const { out } = await echoTrail(["preview", "flags", "--env", "live"], { cwd });
  assert.match(out, /GET https:\/\/quays\.example\/v2\/flags/);
});
for (const [args, wrong] of [
  [["--server", "3"], /no server 3/],
  [["--server", "x"], /no server x/],
  [["--server", "2", "--set", "side=west"], /side of .* cannot be west[\s\S]*north, south/],
  [["--server", "1", "--set", "side=north"], /has no variable side/],
  [["--origin", "quays.example"], /not an origin/],
  [["--origin", "https://quays.example/v2"], /not an origin/],
  [["--origin", "https://quays.example", "--server", "1"], /--origin stands alone/]
]) {
  test(`env make live ${args.join(" ")} is refused, and nothing is written`, async () => {
    const cwd = await withServers();
    const { status, err } = await echoTrail(["env", "make", "live", ...args], { cwd });
    assert.equal(status, 2, err);
    assert.match(err, wrong);
    assert.equal(existsSync(join(cwd, "environments/live.yaml")), false);
  });
}
test("an environment that is there is not overwritten; a name that leaves the folder is refused", async () => {
  const cwd = collectionOf({});
  const again = await echoTrail(["env", "make", "sandbox", "--origin", "https://a.example"], { cwd });
  assert.equal(again.status, 2);
  assert.match(again.err, /there is an environment sandbox already/);
  assert.match(
    (await echoTrail(["env", "make", "../x", "--origin", "https://a.example"], { cwd })).err,
    /cannot be the name/
  );
  assert.match((await echoTrail(["env", "make", "x"], { cwd })).err, /names no server/);
});
test("at a terminal the server and its variables are chosen", { skip: noTerminal }, async () => {
  const cwd = await withServers();
  const { screen, status } = await conversation(["env", "make", "live"], cwd, [
    ["which server?", `${down}${enter}`],
    ["side of", `${down}${enter}`]
  ]);
  assert.equal(status, 0, screen);
  assert.match(
    readFileSync(join(cwd, "environments/live.yaml"), "utf8"),
    /origin: https:\/\/south\.quays\.example:8443/
  );
});
var withPassword = { DESK: "tidewater-42" };
async function asking() {
  const cwd = demoCollection(origin);
  rmSync(join(cwd, "docs/harbour.asked.json"));
  const set = await echoTrail(["secret", "set", "deskPassword"], { cwd, input: `${withPassword.DESK}
` });
  assert.equal(set.status, 0, set.err);
  return cwd;
}
test("docs ask keeps what the API says; docs show, check and send use it", async () => {
  const cwd = await asking();
  const search = join(cwd, "requests/vessels/search.yaml");
  const good = readFileSync(search, "utf8");
  writeFileSync(search, good.replace("lengthM above", "lengthM over"));
  assert.match((await echoTrail(["check"], { cwd })).out, /all well/, "nothing is known before it was asked");
  const { parameters } = document(
    await echoTrail(["docs", "ask", "--json"], { cwd })
  );
  assert.deepEqual(parameters[0]?.operators, ["is", "isnt", "above", "below", "has"]);
  const shown = document(
    await echoTrail(["docs", "show", "searchRegister", "--json"], { cwd })
  );
  assert.match(shown.operation.parameters[0]?.from ?? "", /^asked by vessels\/terms, \d{4}-\d\d-\d\d$/);
  const checked = await echoTrail(["check"], { cwd });
  assert.match(checked.out, /search\.yaml:9:10 {2}warning {2}query where has no documented operator/);
  const strict = await echoTrail(["send", "vessels/search", "--strict"], { cwd });
  assert.match(strict.err, /no documented operator in "lengthM over 80"/);
  writeFileSync(search, good);
  assert.match((await echoTrail(["check"], { cwd })).out, /all well/);
  const sent = await echoTrail(["send", "vessels/search", "--strict", "--set", "flag=Ostrand"], { cwd });
  assert.equal(sent.status, 0, sent.err);
});
test("what was asked for stays in the manifest when the documentation is put in again", async () => {
  const cwd = await asking();
  await echoTrail(["docs", "add", `${origin}/openapi.yaml`, "--name", "harbour", "--replace"], { cwd });
  assert.match(readFileSync(join(cwd, "echo-trail.yaml"), "utf8"), /searchRegister\.where/);
});
for (const [from, to, wrong] of [
  ["from: vessels/terms", "from: vessels/trems", /no request vessels\/trems[\s\S]*vessels\/terms/],
  ["$.operators[*].word", "$.operators[*].werd", /no list of texts at \$\.operators\[\*\]\.werd/],
  ["searchRegister.where", "searchRegister.what", /no parameter what[\s\S]*where/],
  ["searchRegister.where", "serchRegister.where", /describes no operation serchRegister/]
]) {
  test(`docs ask with ${to} says what is wrong`, async () => {
    const cwd = await asking();
    const manifest = join(cwd, "echo-trail.yaml");
    writeFileSync(manifest, readFileSync(manifest, "utf8").replace(from, to));
    const { status, err } = await echoTrail(["docs", "ask"], { cwd });
    assert.notEqual(status, 0);
    assert.match(err, wrong);
    assert.equal(existsSync(join(cwd, "docs/harbour.asked.json")), false);
  });
}
test("the manifest is read again when it changed, though lookups remember its sources", async () => {
  const cwd = await withServers();
  assert.match((await echoTrail(["docs", "list"], { cwd })).out, /quays/);
  const manifest = join(cwd, "echo-trail.yaml");
  writeFileSync(manifest, readFileSync(manifest, "utf8").replace("quays:", "piers:"));
  assert.match((await echoTrail(["docs", "list"], { cwd })).out, /piers/);
  writeFileSync(manifest, "name: [");
  const broken = await echoTrail(["docs", "list"], { cwd });
  assert.equal(broken.status, 2);
  assert.match(broken.err, /echo-trail\.yaml:/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL2Vudmlyb25tZW50cy50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogYGVudiBtYWtlYDogb3JpZ2lucyBvZmZlcmVkIGZyb20gdGhlIGRvY3VtZW50YXRpb247IGFuZCBgZG9jcyBhc2tgOiB3aGF0IHRoZSBBUEkgaXRzZWxmIHNheXMgb2YgaXRzIHBhcmFtZXRlcnMuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyBleGlzdHNTeW5jLCByZWFkRmlsZVN5bmMsIHJtU3luYywgd3JpdGVGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgam9pbiB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IGNvbGxlY3Rpb25PZiwgZGVtb0NvbGxlY3Rpb24gfSBmcm9tICcuLi9zdXBwb3J0L2ZvbGRlci5qcyc7XG5pbXBvcnQgeyBkb2N1bWVudCwgZWNob1RyYWlsIH0gZnJvbSAnLi4vc3VwcG9ydC9wcm9ncmFtLmpzJztcbmltcG9ydCB7IGNvbnZlcnNhdGlvbiwgZG93biwgZW50ZXIsIG5vVGVybWluYWwgfSBmcm9tICcuLi9zdXBwb3J0L3BzZXVkby10ZXJtaW5hbC5qcyc7XG5pbXBvcnQgeyBoYXJib3VyRm9yVGhpc0ZpbGUgfSBmcm9tICcuLi9zdXBwb3J0L3N0YW5kaW4uanMnO1xuXG5jb25zdCB7IG9yaWdpbiB9ID0gYXdhaXQgaGFyYm91ckZvclRoaXNGaWxlKCk7XG5cbmNvbnN0IHNlcnZlcnMgPSB7XG4gIG9wZW5hcGk6ICczLjEuMCcsXG4gIGluZm86IHsgdGl0bGU6ICdRdWF5cycsIHZlcnNpb246ICcxJyB9LFxuICBzZXJ2ZXJzOiBbXG4gICAgeyB1cmw6ICdodHRwczovL3F1YXlzLmV4YW1wbGUvdjInLCBkZXNjcmlwdGlvbjogJ3RoZSBxdWF5cycgfSxcbiAgICB7XG4gICAgICB1cmw6ICdodHRwczovL3tzaWRlfS5xdWF5cy5leGFtcGxlOntwb3J0fS92MicsXG4gICAgICBkZXNjcmlwdGlvbjogJ2J5IHNpZGUnLFxuICAgICAgdmFyaWFibGVzOiB7IHNpZGU6IHsgZGVmYXVsdDogJ25vcnRoJywgZW51bTogWydub3J0aCcsICdzb3V0aCddIH0sIHBvcnQ6IHsgZGVmYXVsdDogJzg0NDMnIH0gfSxcbiAgICB9LFxuICBdLFxuICBwYXRoczogeyAnL2ZsYWdzJzogeyBnZXQ6IHsgb3BlcmF0aW9uSWQ6ICdsaXN0RmxhZ3MnLCByZXNwb25zZXM6IHt9IH0gfSB9LFxufTtcblxuYXN5bmMgZnVuY3Rpb24gd2l0aFNlcnZlcnMoKTogUHJvbWlzZTxzdHJpbmc+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHsgJ3F1YXlzLmpzb24nOiBKU09OLnN0cmluZ2lmeShzZXJ2ZXJzKSB9KTtcbiAgY29uc3QgYWRkZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydkb2NzJywgJ2FkZCcsICdxdWF5cy5qc29uJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoYWRkZWQuc3RhdHVzLCAwLCBhZGRlZC5lcnIpO1xuICByZXR1cm4gY3dkO1xufVxuXG50ZXN0KCdzZXZlcmFsIHNlcnZlcnMgYXJlIGxpc3RlZCwgYW5kIG9uZSBpcyB0YWtlbiBieSBpdHMgbnVtYmVyLCBpdHMgdmFyaWFibGVzIGJ5IC0tc2V0JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBhd2FpdCB3aXRoU2VydmVycygpO1xuICBjb25zdCBzZXZlcmFsID0gYXdhaXQgZWNob1RyYWlsKFsnZW52JywgJ21ha2UnLCAnbGl2ZSddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKHNldmVyYWwuc3RhdHVzLCAyKTtcbiAgYXNzZXJ0Lm1hdGNoKHNldmVyYWwuZXJyLCAvMSB7Mn1odHRwczpcXC9cXC9xdWF5c1xcLmV4YW1wbGUgezJ9cXVheXMsIHRoZSBxdWF5cy8pO1xuICBhc3NlcnQubWF0Y2goc2V2ZXJhbC5lcnIsIC8yIHsyfWh0dHBzOlxcL1xcL1xce3NpZGVcXH1cXC5xdWF5c1xcLmV4YW1wbGU6XFx7cG9ydFxcfVxcL3YyIC4qc2lkZTogbm9ydGgsIHNvdXRoOyBwb3J0OiBhbnkvKTtcbiAgY29uc3QgbWFkZSA9IGF3YWl0IGVjaG9UcmFpbChbJ2VudicsICdtYWtlJywgJ2xpdmUnLCAnLS1zZXJ2ZXInLCAnMicsICctLXNldCcsICdzaWRlPXNvdXRoJywgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChkb2N1bWVudChtYWRlKSwge1xuICAgIG5hbWU6ICdsaXZlJyxcbiAgICBmaWxlOiAnZW52aXJvbm1lbnRzL2xpdmUueWFtbCcsXG4gICAgb3JpZ2luOiAnaHR0cHM6Ly9zb3V0aC5xdWF5cy5leGFtcGxlOjg0NDMnLFxuICB9KTtcbiAgY29uc3QgdGV4dCA9IHJlYWRGaWxlU3luYyhqb2luKGN3ZCwgJ2Vudmlyb25tZW50cy9saXZlLnlhbWwnKSwgJ3V0ZjgnKTtcbiAgYXNzZXJ0Lm1hdGNoKHRleHQsIC9eYWJvdXQ6IFwiYnkgc2lkZVwiJC9tKTtcbiAgYXNzZXJ0Lm1hdGNoKHRleHQsIC9eY2hhbmdlczogYXNrL20pO1xuICBhc3NlcnQubWF0Y2godGV4dCwgL15ob3N0czogXFxbXCJzb3V0aFxcLnF1YXlzXFwuZXhhbXBsZVwiXFxdL20pO1xuICBjb25zdCBjaGVja2VkID0gYXdhaXQgZWNob1RyYWlsKFsnY2hlY2snXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChjaGVja2VkLnN0YXR1cywgMCwgY2hlY2tlZC5vdXQpO1xufSk7XG5cbnRlc3QoJ3RoZSBmaXJzdCBzZXJ2ZXIgaXMgdGFrZW4gZm9yIHRoZSBkcmFmdHMsIHNvIHRoYXQgb3JpZ2luIGFuZCBwYXRoIGZpdCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gYXdhaXQgd2l0aFNlcnZlcnMoKTtcbiAgYXdhaXQgZWNob1RyYWlsKFsnZW52JywgJ21ha2UnLCAnbGl2ZScsICctLXNlcnZlcicsICcxJ10sIHsgY3dkIH0pO1xuICBhd2FpdCBlY2hvVHJhaWwoWydkcmFmdCcsICdsaXN0RmxhZ3MnLCAnLS1hcycsICdmbGFncyddLCB7IGN3ZCB9KTtcbiAgY29uc3QgeyBvdXQgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ3ByZXZpZXcnLCAnZmxhZ3MnLCAnLS1lbnYnLCAnbGl2ZSddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKG91dCwgL0dFVCBodHRwczpcXC9cXC9xdWF5c1xcLmV4YW1wbGVcXC92MlxcL2ZsYWdzLyk7XG59KTtcblxuZm9yIChjb25zdCBbYXJncywgd3JvbmddIG9mIFtcbiAgW1snLS1zZXJ2ZXInLCAnMyddLCAvbm8gc2VydmVyIDMvXSxcbiAgW1snLS1zZXJ2ZXInLCAneCddLCAvbm8gc2VydmVyIHgvXSxcbiAgW1snLS1zZXJ2ZXInLCAnMicsICctLXNldCcsICdzaWRlPXdlc3QnXSwgL3NpZGUgb2YgLiogY2Fubm90IGJlIHdlc3RbXFxzXFxTXSpub3J0aCwgc291dGgvXSxcbiAgW1snLS1zZXJ2ZXInLCAnMScsICctLXNldCcsICdzaWRlPW5vcnRoJ10sIC9oYXMgbm8gdmFyaWFibGUgc2lkZS9dLFxuICBbWyctLW9yaWdpbicsICdxdWF5cy5leGFtcGxlJ10sIC9ub3QgYW4gb3JpZ2luL10sXG4gIFtbJy0tb3JpZ2luJywgJ2h0dHBzOi8vcXVheXMuZXhhbXBsZS92MiddLCAvbm90IGFuIG9yaWdpbi9dLFxuICBbWyctLW9yaWdpbicsICdodHRwczovL3F1YXlzLmV4YW1wbGUnLCAnLS1zZXJ2ZXInLCAnMSddLCAvLS1vcmlnaW4gc3RhbmRzIGFsb25lL10sXG5dIGFzIGNvbnN0KSB7XG4gIHRlc3QoYGVudiBtYWtlIGxpdmUgJHthcmdzLmpvaW4oJyAnKX0gaXMgcmVmdXNlZCwgYW5kIG5vdGhpbmcgaXMgd3JpdHRlbmAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCBjd2QgPSBhd2FpdCB3aXRoU2VydmVycygpO1xuICAgIGNvbnN0IHsgc3RhdHVzLCBlcnIgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ2VudicsICdtYWtlJywgJ2xpdmUnLCAuLi5hcmdzXSwgeyBjd2QgfSk7XG4gICAgYXNzZXJ0LmVxdWFsKHN0YXR1cywgMiwgZXJyKTtcbiAgICBhc3NlcnQubWF0Y2goZXJyLCB3cm9uZyk7XG4gICAgYXNzZXJ0LmVxdWFsKGV4aXN0c1N5bmMoam9pbihjd2QsICdlbnZpcm9ubWVudHMvbGl2ZS55YW1sJykpLCBmYWxzZSk7XG4gIH0pO1xufVxuXG50ZXN0KCdhbiBlbnZpcm9ubWVudCB0aGF0IGlzIHRoZXJlIGlzIG5vdCBvdmVyd3JpdHRlbjsgYSBuYW1lIHRoYXQgbGVhdmVzIHRoZSBmb2xkZXIgaXMgcmVmdXNlZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHt9KTtcbiAgY29uc3QgYWdhaW4gPSBhd2FpdCBlY2hvVHJhaWwoWydlbnYnLCAnbWFrZScsICdzYW5kYm94JywgJy0tb3JpZ2luJywgJ2h0dHBzOi8vYS5leGFtcGxlJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoYWdhaW4uc3RhdHVzLCAyKTtcbiAgYXNzZXJ0Lm1hdGNoKGFnYWluLmVyciwgL3RoZXJlIGlzIGFuIGVudmlyb25tZW50IHNhbmRib3ggYWxyZWFkeS8pO1xuICBhc3NlcnQubWF0Y2goXG4gICAgKGF3YWl0IGVjaG9UcmFpbChbJ2VudicsICdtYWtlJywgJy4uL3gnLCAnLS1vcmlnaW4nLCAnaHR0cHM6Ly9hLmV4YW1wbGUnXSwgeyBjd2QgfSkpLmVycixcbiAgICAvY2Fubm90IGJlIHRoZSBuYW1lLyxcbiAgKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBlY2hvVHJhaWwoWydlbnYnLCAnbWFrZScsICd4J10sIHsgY3dkIH0pKS5lcnIsIC9uYW1lcyBubyBzZXJ2ZXIvKTtcbn0pO1xuXG50ZXN0KCdhdCBhIHRlcm1pbmFsIHRoZSBzZXJ2ZXIgYW5kIGl0cyB2YXJpYWJsZXMgYXJlIGNob3NlbicsIHsgc2tpcDogbm9UZXJtaW5hbCB9LCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGF3YWl0IHdpdGhTZXJ2ZXJzKCk7XG4gIGNvbnN0IHsgc2NyZWVuLCBzdGF0dXMgfSA9IGF3YWl0IGNvbnZlcnNhdGlvbihbJ2VudicsICdtYWtlJywgJ2xpdmUnXSwgY3dkLCBbXG4gICAgWyd3aGljaCBzZXJ2ZXI/JywgYCR7ZG93bn0ke2VudGVyfWBdLFxuICAgIFsnc2lkZSBvZicsIGAke2Rvd259JHtlbnRlcn1gXSxcbiAgXSk7XG4gIGFzc2VydC5lcXVhbChzdGF0dXMsIDAsIHNjcmVlbik7XG4gIGFzc2VydC5tYXRjaChcbiAgICByZWFkRmlsZVN5bmMoam9pbihjd2QsICdlbnZpcm9ubWVudHMvbGl2ZS55YW1sJyksICd1dGY4JyksXG4gICAgL29yaWdpbjogaHR0cHM6XFwvXFwvc291dGhcXC5xdWF5c1xcLmV4YW1wbGU6ODQ0My8sXG4gICk7XG59KTtcblxuY29uc3Qgd2l0aFBhc3N3b3JkID0geyBERVNLOiAndGlkZXdhdGVyLTQyJyB9O1xuXG5hc3luYyBmdW5jdGlvbiBhc2tpbmcoKTogUHJvbWlzZTxzdHJpbmc+IHtcbiAgY29uc3QgY3dkID0gZGVtb0NvbGxlY3Rpb24ob3JpZ2luKTtcbiAgcm1TeW5jKGpvaW4oY3dkLCAnZG9jcy9oYXJib3VyLmFza2VkLmpzb24nKSk7XG4gIGNvbnN0IHNldCA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlY3JldCcsICdzZXQnLCAnZGVza1Bhc3N3b3JkJ10sIHsgY3dkLCBpbnB1dDogYCR7d2l0aFBhc3N3b3JkLkRFU0t9XFxuYCB9KTtcbiAgYXNzZXJ0LmVxdWFsKHNldC5zdGF0dXMsIDAsIHNldC5lcnIpO1xuICByZXR1cm4gY3dkO1xufVxuXG50ZXN0KCdkb2NzIGFzayBrZWVwcyB3aGF0IHRoZSBBUEkgc2F5czsgZG9jcyBzaG93LCBjaGVjayBhbmQgc2VuZCB1c2UgaXQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGF3YWl0IGFza2luZygpO1xuICBjb25zdCBzZWFyY2ggPSBqb2luKGN3ZCwgJ3JlcXVlc3RzL3Zlc3NlbHMvc2VhcmNoLnlhbWwnKTtcbiAgY29uc3QgZ29vZCA9IHJlYWRGaWxlU3luYyhzZWFyY2gsICd1dGY4Jyk7XG4gIHdyaXRlRmlsZVN5bmMoc2VhcmNoLCBnb29kLnJlcGxhY2UoJ2xlbmd0aE0gYWJvdmUnLCAnbGVuZ3RoTSBvdmVyJykpO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IGVjaG9UcmFpbChbJ2NoZWNrJ10sIHsgY3dkIH0pKS5vdXQsIC9hbGwgd2VsbC8sICdub3RoaW5nIGlzIGtub3duIGJlZm9yZSBpdCB3YXMgYXNrZWQnKTtcblxuICBjb25zdCB7IHBhcmFtZXRlcnMgfSA9IGRvY3VtZW50PHsgcGFyYW1ldGVyczogeyBvcGVyYXRvcnM6IHN0cmluZ1tdOyBjaGFuZ2VkOiBib29sZWFuIH1bXSB9PihcbiAgICBhd2FpdCBlY2hvVHJhaWwoWydkb2NzJywgJ2FzaycsICctLWpzb24nXSwgeyBjd2QgfSksXG4gICk7XG4gIGFzc2VydC5kZWVwRXF1YWwocGFyYW1ldGVyc1swXT8ub3BlcmF0b3JzLCBbJ2lzJywgJ2lzbnQnLCAnYWJvdmUnLCAnYmVsb3cnLCAnaGFzJ10pO1xuICBjb25zdCBzaG93biA9IGRvY3VtZW50PHsgb3BlcmF0aW9uOiB7IHBhcmFtZXRlcnM6IHsgbmFtZTogc3RyaW5nOyBmcm9tOiBzdHJpbmcgfVtdIH0gfT4oXG4gICAgYXdhaXQgZWNob1RyYWlsKFsnZG9jcycsICdzaG93JywgJ3NlYXJjaFJlZ2lzdGVyJywgJy0tanNvbiddLCB7IGN3ZCB9KSxcbiAgKTtcbiAgYXNzZXJ0Lm1hdGNoKHNob3duLm9wZXJhdGlvbi5wYXJhbWV0ZXJzWzBdPy5mcm9tID8/ICcnLCAvXmFza2VkIGJ5IHZlc3NlbHNcXC90ZXJtcywgXFxkezR9LVxcZFxcZC1cXGRcXGQkLyk7XG4gIGNvbnN0IGNoZWNrZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydjaGVjayddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKGNoZWNrZWQub3V0LCAvc2VhcmNoXFwueWFtbDo5OjEwIHsyfXdhcm5pbmcgezJ9cXVlcnkgd2hlcmUgaGFzIG5vIGRvY3VtZW50ZWQgb3BlcmF0b3IvKTtcbiAgY29uc3Qgc3RyaWN0ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICd2ZXNzZWxzL3NlYXJjaCcsICctLXN0cmljdCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKHN0cmljdC5lcnIsIC9ubyBkb2N1bWVudGVkIG9wZXJhdG9yIGluIFwibGVuZ3RoTSBvdmVyIDgwXCIvKTtcblxuICB3cml0ZUZpbGVTeW5jKHNlYXJjaCwgZ29vZCk7XG4gIGFzc2VydC5tYXRjaCgoYXdhaXQgZWNob1RyYWlsKFsnY2hlY2snXSwgeyBjd2QgfSkpLm91dCwgL2FsbCB3ZWxsLyk7XG4gIGNvbnN0IHNlbnQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ3Zlc3NlbHMvc2VhcmNoJywgJy0tc3RyaWN0JywgJy0tc2V0JywgJ2ZsYWc9T3N0cmFuZCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKHNlbnQuc3RhdHVzLCAwLCBzZW50LmVycik7XG59KTtcblxudGVzdCgnd2hhdCB3YXMgYXNrZWQgZm9yIHN0YXlzIGluIHRoZSBtYW5pZmVzdCB3aGVuIHRoZSBkb2N1bWVudGF0aW9uIGlzIHB1dCBpbiBhZ2FpbicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gYXdhaXQgYXNraW5nKCk7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ2RvY3MnLCAnYWRkJywgYCR7b3JpZ2lufS9vcGVuYXBpLnlhbWxgLCAnLS1uYW1lJywgJ2hhcmJvdXInLCAnLS1yZXBsYWNlJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQubWF0Y2gocmVhZEZpbGVTeW5jKGpvaW4oY3dkLCAnZWNoby10cmFpbC55YW1sJyksICd1dGY4JyksIC9zZWFyY2hSZWdpc3RlclxcLndoZXJlLyk7XG59KTtcblxuZm9yIChjb25zdCBbZnJvbSwgdG8sIHdyb25nXSBvZiBbXG4gIFsnZnJvbTogdmVzc2Vscy90ZXJtcycsICdmcm9tOiB2ZXNzZWxzL3RyZW1zJywgL25vIHJlcXVlc3QgdmVzc2Vsc1xcL3RyZW1zW1xcc1xcU10qdmVzc2Vsc1xcL3Rlcm1zL10sXG4gIFsnJC5vcGVyYXRvcnNbKl0ud29yZCcsICckLm9wZXJhdG9yc1sqXS53ZXJkJywgL25vIGxpc3Qgb2YgdGV4dHMgYXQgXFwkXFwub3BlcmF0b3JzXFxbXFwqXFxdXFwud2VyZC9dLFxuICBbJ3NlYXJjaFJlZ2lzdGVyLndoZXJlJywgJ3NlYXJjaFJlZ2lzdGVyLndoYXQnLCAvbm8gcGFyYW1ldGVyIHdoYXRbXFxzXFxTXSp3aGVyZS9dLFxuICBbJ3NlYXJjaFJlZ2lzdGVyLndoZXJlJywgJ3NlcmNoUmVnaXN0ZXIud2hlcmUnLCAvZGVzY3JpYmVzIG5vIG9wZXJhdGlvbiBzZXJjaFJlZ2lzdGVyL10sXG5dIGFzIGNvbnN0KSB7XG4gIHRlc3QoYGRvY3MgYXNrIHdpdGggJHt0b30gc2F5cyB3aGF0IGlzIHdyb25nYCwgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IGN3ZCA9IGF3YWl0IGFza2luZygpO1xuICAgIGNvbnN0IG1hbmlmZXN0ID0gam9pbihjd2QsICdlY2hvLXRyYWlsLnlhbWwnKTtcbiAgICB3cml0ZUZpbGVTeW5jKG1hbmlmZXN0LCByZWFkRmlsZVN5bmMobWFuaWZlc3QsICd1dGY4JykucmVwbGFjZShmcm9tLCB0bykpO1xuICAgIGNvbnN0IHsgc3RhdHVzLCBlcnIgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ2RvY3MnLCAnYXNrJ10sIHsgY3dkIH0pO1xuICAgIGFzc2VydC5ub3RFcXVhbChzdGF0dXMsIDApO1xuICAgIGFzc2VydC5tYXRjaChlcnIsIHdyb25nKTtcbiAgICBhc3NlcnQuZXF1YWwoZXhpc3RzU3luYyhqb2luKGN3ZCwgJ2RvY3MvaGFyYm91ci5hc2tlZC5qc29uJykpLCBmYWxzZSk7XG4gIH0pO1xufVxuXG50ZXN0KCd0aGUgbWFuaWZlc3QgaXMgcmVhZCBhZ2FpbiB3aGVuIGl0IGNoYW5nZWQsIHRob3VnaCBsb29rdXBzIHJlbWVtYmVyIGl0cyBzb3VyY2VzJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBhd2FpdCB3aXRoU2VydmVycygpO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IGVjaG9UcmFpbChbJ2RvY3MnLCAnbGlzdCddLCB7IGN3ZCB9KSkub3V0LCAvcXVheXMvKTtcbiAgY29uc3QgbWFuaWZlc3QgPSBqb2luKGN3ZCwgJ2VjaG8tdHJhaWwueWFtbCcpO1xuICB3cml0ZUZpbGVTeW5jKG1hbmlmZXN0LCByZWFkRmlsZVN5bmMobWFuaWZlc3QsICd1dGY4JykucmVwbGFjZSgncXVheXM6JywgJ3BpZXJzOicpKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBlY2hvVHJhaWwoWydkb2NzJywgJ2xpc3QnXSwgeyBjd2QgfSkpLm91dCwgL3BpZXJzLyk7XG4gIHdyaXRlRmlsZVN5bmMobWFuaWZlc3QsICduYW1lOiBbJyk7XG4gIGNvbnN0IGJyb2tlbiA9IGF3YWl0IGVjaG9UcmFpbChbJ2RvY3MnLCAnbGlzdCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGJyb2tlbi5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2goYnJva2VuLmVyciwgL2VjaG8tdHJhaWxcXC55YW1sOi8pO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxZQUFZLGNBQWMsUUFBUSxxQkFBcUI7QUFDaEUsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsWUFBWTtBQU1yQixJQUFNLEVBQUUsT0FBTyxJQUFJLE1BQU0sbUJBQW1CO0FBRTVDLElBQU0sVUFBVTtBQUFBLEVBQ2QsU0FBUztBQUFBLEVBQ1QsTUFBTSxFQUFFLE9BQU8sU0FBUyxTQUFTLElBQUk7QUFBQSxFQUNyQyxTQUFTO0FBQUEsSUFDUCxFQUFFLEtBQUssNEJBQTRCLGFBQWEsWUFBWTtBQUFBLElBQzVEO0FBQUEsTUFDRSxLQUFLO0FBQUEsTUFDTCxhQUFhO0FBQUEsTUFDYixXQUFXLEVBQUUsTUFBTSxFQUFFLFNBQVMsU0FBUyxNQUFNLENBQUMsU0FBUyxPQUFPLEVBQUUsR0FBRyxNQUFNLEVBQUUsU0FBUyxPQUFPLEVBQUU7QUFBQSxJQUMvRjtBQUFBLEVBQ0Y7QUFBQSxFQUNBLE9BQU8sRUFBRSxVQUFVLEVBQUUsS0FBSyxFQUFFLGFBQWEsYUFBYSxXQUFXLENBQUMsRUFBRSxFQUFFLEVBQUU7QUFDMUU7QUFFQSxlQUFlLGNBQStCO0FBQzVDLFFBQU0sTUFBTSxhQUFhLEVBQUUsY0FBYyxLQUFLLFVBQVUsT0FBTyxFQUFFLENBQUM7QUFDbEUsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxZQUFZLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDcEUsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxTQUFPO0FBQ1Q7QUFFQSxLQUFLLHNGQUFzRixZQUFZO0FBQ3JHLFFBQU0sTUFBTSxNQUFNLFlBQVk7QUFDOUIsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLE9BQU8sUUFBUSxNQUFNLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDaEUsU0FBTyxNQUFNLFFBQVEsUUFBUSxDQUFDO0FBQzlCLFNBQU8sTUFBTSxRQUFRLEtBQUssbURBQW1EO0FBQzdFLFNBQU8sTUFBTSxRQUFRLEtBQUssc0ZBQXNGO0FBQ2hILFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLFFBQVEsUUFBUSxZQUFZLEtBQUssU0FBUyxjQUFjLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUMvRyxTQUFPLFVBQVUsU0FBUyxJQUFJLEdBQUc7QUFBQSxJQUMvQixNQUFNO0FBQUEsSUFDTixNQUFNO0FBQUEsSUFDTixRQUFRO0FBQUEsRUFDVixDQUFDO0FBQ0QsUUFBTSxPQUFPLGFBQWEsS0FBSyxLQUFLLHdCQUF3QixHQUFHLE1BQU07QUFDckUsU0FBTyxNQUFNLE1BQU0scUJBQXFCO0FBQ3hDLFNBQU8sTUFBTSxNQUFNLGdCQUFnQjtBQUNuQyxTQUFPLE1BQU0sTUFBTSxzQ0FBc0M7QUFDekQsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxFQUFFLElBQUksQ0FBQztBQUNsRCxTQUFPLE1BQU0sUUFBUSxRQUFRLEdBQUcsUUFBUSxHQUFHO0FBQzdDLENBQUM7QUFFRCxLQUFLLHlFQUF5RSxZQUFZO0FBQ3hGLFFBQU0sTUFBTSxNQUFNLFlBQVk7QUFDOUIsUUFBTSxVQUFVLENBQUMsT0FBTyxRQUFRLFFBQVEsWUFBWSxHQUFHLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDakUsUUFBTSxVQUFVLENBQUMsU0FBUyxhQUFhLFFBQVEsT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2hFLFFBQU0sRUFBRSxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsV0FBVyxTQUFTLFNBQVMsTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzlFLFNBQU8sTUFBTSxLQUFLLHlDQUF5QztBQUM3RCxDQUFDO0FBRUQsV0FBVyxDQUFDLE1BQU0sS0FBSyxLQUFLO0FBQUEsRUFDMUIsQ0FBQyxDQUFDLFlBQVksR0FBRyxHQUFHLGFBQWE7QUFBQSxFQUNqQyxDQUFDLENBQUMsWUFBWSxHQUFHLEdBQUcsYUFBYTtBQUFBLEVBQ2pDLENBQUMsQ0FBQyxZQUFZLEtBQUssU0FBUyxXQUFXLEdBQUcsOENBQThDO0FBQUEsRUFDeEYsQ0FBQyxDQUFDLFlBQVksS0FBSyxTQUFTLFlBQVksR0FBRyxzQkFBc0I7QUFBQSxFQUNqRSxDQUFDLENBQUMsWUFBWSxlQUFlLEdBQUcsZUFBZTtBQUFBLEVBQy9DLENBQUMsQ0FBQyxZQUFZLDBCQUEwQixHQUFHLGVBQWU7QUFBQSxFQUMxRCxDQUFDLENBQUMsWUFBWSx5QkFBeUIsWUFBWSxHQUFHLEdBQUcsdUJBQXVCO0FBQ2xGLEdBQVk7QUFDVixPQUFLLGlCQUFpQixLQUFLLEtBQUssR0FBRyxDQUFDLHVDQUF1QyxZQUFZO0FBQ3JGLFVBQU0sTUFBTSxNQUFNLFlBQVk7QUFDOUIsVUFBTSxFQUFFLFFBQVEsSUFBSSxJQUFJLE1BQU0sVUFBVSxDQUFDLE9BQU8sUUFBUSxRQUFRLEdBQUcsSUFBSSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2pGLFdBQU8sTUFBTSxRQUFRLEdBQUcsR0FBRztBQUMzQixXQUFPLE1BQU0sS0FBSyxLQUFLO0FBQ3ZCLFdBQU8sTUFBTSxXQUFXLEtBQUssS0FBSyx3QkFBd0IsQ0FBQyxHQUFHLEtBQUs7QUFBQSxFQUNyRSxDQUFDO0FBQ0g7QUFFQSxLQUFLLDZGQUE2RixZQUFZO0FBQzVHLFFBQU0sTUFBTSxhQUFhLENBQUMsQ0FBQztBQUMzQixRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxRQUFRLFdBQVcsWUFBWSxtQkFBbUIsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNsRyxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTyxNQUFNLE1BQU0sS0FBSyx5Q0FBeUM7QUFDakUsU0FBTztBQUFBLEtBQ0osTUFBTSxVQUFVLENBQUMsT0FBTyxRQUFRLFFBQVEsWUFBWSxtQkFBbUIsR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHO0FBQUEsSUFDckY7QUFBQSxFQUNGO0FBQ0EsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLE9BQU8sUUFBUSxHQUFHLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxLQUFLLGlCQUFpQjtBQUN0RixDQUFDO0FBRUQsS0FBSyx5REFBeUQsRUFBRSxNQUFNLFdBQVcsR0FBRyxZQUFZO0FBQzlGLFFBQU0sTUFBTSxNQUFNLFlBQVk7QUFDOUIsUUFBTSxFQUFFLFFBQVEsT0FBTyxJQUFJLE1BQU0sYUFBYSxDQUFDLE9BQU8sUUFBUSxNQUFNLEdBQUcsS0FBSztBQUFBLElBQzFFLENBQUMsaUJBQWlCLEdBQUcsSUFBSSxHQUFHLEtBQUssRUFBRTtBQUFBLElBQ25DLENBQUMsV0FBVyxHQUFHLElBQUksR0FBRyxLQUFLLEVBQUU7QUFBQSxFQUMvQixDQUFDO0FBQ0QsU0FBTyxNQUFNLFFBQVEsR0FBRyxNQUFNO0FBQzlCLFNBQU87QUFBQSxJQUNMLGFBQWEsS0FBSyxLQUFLLHdCQUF3QixHQUFHLE1BQU07QUFBQSxJQUN4RDtBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsSUFBTSxlQUFlLEVBQUUsTUFBTSxlQUFlO0FBRTVDLGVBQWUsU0FBMEI7QUFDdkMsUUFBTSxNQUFNLGVBQWUsTUFBTTtBQUNqQyxTQUFPLEtBQUssS0FBSyx5QkFBeUIsQ0FBQztBQUMzQyxRQUFNLE1BQU0sTUFBTSxVQUFVLENBQUMsVUFBVSxPQUFPLGNBQWMsR0FBRyxFQUFFLEtBQUssT0FBTyxHQUFHLGFBQWEsSUFBSTtBQUFBLEVBQUssQ0FBQztBQUN2RyxTQUFPLE1BQU0sSUFBSSxRQUFRLEdBQUcsSUFBSSxHQUFHO0FBQ25DLFNBQU87QUFDVDtBQUVBLEtBQUssc0VBQXNFLFlBQVk7QUFDckYsUUFBTSxNQUFNLE1BQU0sT0FBTztBQUN6QixRQUFNLFNBQVMsS0FBSyxLQUFLLDhCQUE4QjtBQUN2RCxRQUFNLE9BQU8sYUFBYSxRQUFRLE1BQU07QUFDeEMsZ0JBQWMsUUFBUSxLQUFLLFFBQVEsaUJBQWlCLGNBQWMsQ0FBQztBQUNuRSxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsS0FBSyxZQUFZLHNDQUFzQztBQUUxRyxRQUFNLEVBQUUsV0FBVyxJQUFJO0FBQUEsSUFDckIsTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUFBLEVBQ3BEO0FBQ0EsU0FBTyxVQUFVLFdBQVcsQ0FBQyxHQUFHLFdBQVcsQ0FBQyxNQUFNLFFBQVEsU0FBUyxTQUFTLEtBQUssQ0FBQztBQUNsRixRQUFNLFFBQVE7QUFBQSxJQUNaLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxrQkFBa0IsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQUEsRUFDdkU7QUFDQSxTQUFPLE1BQU0sTUFBTSxVQUFVLFdBQVcsQ0FBQyxHQUFHLFFBQVEsSUFBSSw0Q0FBNEM7QUFDcEcsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxFQUFFLElBQUksQ0FBQztBQUNsRCxTQUFPLE1BQU0sUUFBUSxLQUFLLHdFQUF3RTtBQUNsRyxRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsUUFBUSxrQkFBa0IsVUFBVSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzlFLFNBQU8sTUFBTSxPQUFPLEtBQUssNkNBQTZDO0FBRXRFLGdCQUFjLFFBQVEsSUFBSTtBQUMxQixTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsS0FBSyxVQUFVO0FBQ2xFLFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLGtCQUFrQixZQUFZLFNBQVMsY0FBYyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3JHLFNBQU8sTUFBTSxLQUFLLFFBQVEsR0FBRyxLQUFLLEdBQUc7QUFDdkMsQ0FBQztBQUVELEtBQUssbUZBQW1GLFlBQVk7QUFDbEcsUUFBTSxNQUFNLE1BQU0sT0FBTztBQUN6QixRQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sR0FBRyxNQUFNLGlCQUFpQixVQUFVLFdBQVcsV0FBVyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3BHLFNBQU8sTUFBTSxhQUFhLEtBQUssS0FBSyxpQkFBaUIsR0FBRyxNQUFNLEdBQUcsdUJBQXVCO0FBQzFGLENBQUM7QUFFRCxXQUFXLENBQUMsTUFBTSxJQUFJLEtBQUssS0FBSztBQUFBLEVBQzlCLENBQUMsdUJBQXVCLHVCQUF1QixnREFBZ0Q7QUFBQSxFQUMvRixDQUFDLHVCQUF1Qix1QkFBdUIsK0NBQStDO0FBQUEsRUFDOUYsQ0FBQyx3QkFBd0IsdUJBQXVCLCtCQUErQjtBQUFBLEVBQy9FLENBQUMsd0JBQXdCLHVCQUF1QixzQ0FBc0M7QUFDeEYsR0FBWTtBQUNWLE9BQUssaUJBQWlCLEVBQUUsdUJBQXVCLFlBQVk7QUFDekQsVUFBTSxNQUFNLE1BQU0sT0FBTztBQUN6QixVQUFNLFdBQVcsS0FBSyxLQUFLLGlCQUFpQjtBQUM1QyxrQkFBYyxVQUFVLGFBQWEsVUFBVSxNQUFNLEVBQUUsUUFBUSxNQUFNLEVBQUUsQ0FBQztBQUN4RSxVQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxLQUFLLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDaEUsV0FBTyxTQUFTLFFBQVEsQ0FBQztBQUN6QixXQUFPLE1BQU0sS0FBSyxLQUFLO0FBQ3ZCLFdBQU8sTUFBTSxXQUFXLEtBQUssS0FBSyx5QkFBeUIsQ0FBQyxHQUFHLEtBQUs7QUFBQSxFQUN0RSxDQUFDO0FBQ0g7QUFFQSxLQUFLLG1GQUFtRixZQUFZO0FBQ2xHLFFBQU0sTUFBTSxNQUFNLFlBQVk7QUFDOUIsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsS0FBSyxPQUFPO0FBQ3RFLFFBQU0sV0FBVyxLQUFLLEtBQUssaUJBQWlCO0FBQzVDLGdCQUFjLFVBQVUsYUFBYSxVQUFVLE1BQU0sRUFBRSxRQUFRLFVBQVUsUUFBUSxDQUFDO0FBQ2xGLFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEtBQUssT0FBTztBQUN0RSxnQkFBYyxVQUFVLFNBQVM7QUFDakMsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLFFBQVEsTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3hELFNBQU8sTUFBTSxPQUFPLFFBQVEsQ0FBQztBQUM3QixTQUFPLE1BQU0sT0FBTyxLQUFLLG1CQUFtQjtBQUM5QyxDQUFDOyIsCiAgIm5hbWVzIjogW10KfQo=
