import {
  echoTrail,
  projectFolder,
  temporaryFolder,
  userFolder
} from "../parts/chunk-JFRZJ6A5.js";

// test/program/package.test.ts
import assert from "node:assert/strict";
import { execFileSync } from "node:child_process";
import { mkdirSync, readdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
test("npm pack gives a tarball that installs into an empty folder and runs", () => {
  const folder = temporaryFolder();
  const npm = (args, cwd) => execFileSync("npm", [...args], { cwd, encoding: "utf8", stdio: ["ignore", "pipe", "pipe"] });
  npm(["pack", "--ignore-scripts", "--pack-destination", folder], projectFolder);
  const [tarball = ""] = readdirSync(folder);
  const place = join(folder, "empty");
  mkdirSync(place);
  writeFileSync(join(place, "package.json"), '{"name": "place", "private": true, "type": "module"}');
  npm(["install", "--no-audit", "--no-fund", "--prefer-offline", join(folder, tarball)], place);
  const run = (...args) => execFileSync(process.execPath, [join(place, "node_modules/.bin/echo-trail"), ...args], {
    cwd: place,
    encoding: "utf8",
    env: { PATH: process.env.PATH, ECHO_TRAIL_HOME: userFolder }
  });
  assert.match(run("--version"), /^echo-trail \d/);
  assert.match(run("init", "harbour-agent"), /made a collection/);
  assert.match(run("check", "--collection", "harbour-agent"), /all well/);
  assert.ok(readdirSync(join(place, "harbour-agent/.echo-trail/schemas")).includes("request.json"));
  writeFileSync(
    join(place, "use.js"),
    "import { compileJsonPath } from 'echo-trail/core';\nconsole.log(compileJsonPath('$.a', []).select({ a: 7 })[0]);\n"
  );
  assert.equal(execFileSync(process.execPath, ["use.js"], { cwd: place, encoding: "utf8" }), "7\n");
  writeFileSync(
    join(place, "typed.ts"),
    "import { openCollection, Problem, type Summary } from 'echo-trail/core';\nexport const names: readonly string[] = openCollection('.').names('request');\nexport const well = (summary: Summary): boolean => summary.ok;\nexport const code: string = new Problem('usage', { what: 'x' }).code;\n// @ts-expect-error the code of a problem is one of the table\nnew Problem('no-such-code', { what: 'x' });\n"
  );
  const tsc = join(projectFolder, "node_modules/typescript/bin/tsc");
  const compilerOptions = {
    strict: true,
    noEmit: true,
    skipLibCheck: true,
    module: "nodenext",
    target: "es2022",
    types: []
  };
  writeFileSync(join(place, "tsconfig.json"), JSON.stringify({ compilerOptions, files: ["typed.ts"] }));
  execFileSync(process.execPath, [tsc, "-p", "."], { cwd: place, encoding: "utf8" });
});
test("the demo walks the whole path and says where to go on", async () => {
  const started = performance.now();
  const { status, out, err } = await echoTrail(["demo"]);
  assert.equal(status, 0, out + err);
  assert.ok(performance.now() - started < 6e4);
  for (const part of [
    "harbour/bookCall",
    "wrote requests/berths/show.yaml",
    "berth-stay: all well",
    "berth-stay: failed",
    "undone",
    "1 undone",
    "harvest   100 of 100",
    "7 deviations",
    "Your turn",
    "echo-trail run register-check",
    "all well"
  ]) {
    assert.ok(out.includes(part), `${part} is in
${out}`);
  }
  assert.ok(!(out + err).includes("tidewater-42"));
});
test("demo serve says its address, its faces and its credentials, and ends with Ctrl-C", async () => {
  const { status, out } = await echoTrail(["demo", "serve", "--port", "0", "--json"], {
    meanwhile: (child) => {
      child.stdout?.once("data", () => child.kill("SIGINT"));
    }
  });
  assert.equal(status, 0);
  const { origin, faces, credentials } = JSON.parse(out);
  assert.match(origin, /^http:\/\/127\.0\.0\.1:\d+$/);
  assert.deepEqual(
    [faces.map(({ name }) => name), Object.keys(credentials)],
    [
      [
        ...["harbour", "documentation", "pilots", "customs", "", "older", "tides"],
        ...[
          "notices",
          "chart",
          "visitors",
          "uploads",
          "vault",
          "passes",
          "",
          "gateway",
          "filing",
          "pilotage",
          "locks",
          "plans",
          "board",
          "logbook",
          "lights",
          "dredging",
          "triage",
          "mirror",
          "broken",
          "controllers",
          "secure",
          "",
          "",
          "",
          "",
          ""
        ]
      ],
      ["user", "password"]
    ]
  );
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3BhY2thZ2UudGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFRoZSBwYWNrYWdlIGluc3RhbGxzIGludG8gYW4gZW1wdHkgZm9sZGVyIGFuZCBydW5zIHRoZXJlOyB0aGUgZGVtbyBydW5zIHRvIGl0cyBlbmQ7IHRoZSBjb3JlIGlzIGltcG9ydGFibGUuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyBleGVjRmlsZVN5bmMgfSBmcm9tICdub2RlOmNoaWxkX3Byb2Nlc3MnO1xuaW1wb3J0IHsgbWtkaXJTeW5jLCByZWFkZGlyU3luYywgd3JpdGVGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgam9pbiB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IHRlbXBvcmFyeUZvbGRlciB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGVjaG9UcmFpbCwgcHJvamVjdEZvbGRlciwgdXNlckZvbGRlciB9IGZyb20gJy4uL3N1cHBvcnQvcHJvZ3JhbS5qcyc7XG5cbnRlc3QoJ25wbSBwYWNrIGdpdmVzIGEgdGFyYmFsbCB0aGF0IGluc3RhbGxzIGludG8gYW4gZW1wdHkgZm9sZGVyIGFuZCBydW5zJywgKCkgPT4ge1xuICBjb25zdCBmb2xkZXIgPSB0ZW1wb3JhcnlGb2xkZXIoKTtcbiAgY29uc3QgbnBtID0gKGFyZ3M6IHJlYWRvbmx5IHN0cmluZ1tdLCBjd2Q6IHN0cmluZyk6IHN0cmluZyA9PlxuICAgIGV4ZWNGaWxlU3luYygnbnBtJywgWy4uLmFyZ3NdLCB7IGN3ZCwgZW5jb2Rpbmc6ICd1dGY4Jywgc3RkaW86IFsnaWdub3JlJywgJ3BpcGUnLCAncGlwZSddIH0pO1xuICAvLyBUaGUgdGVzdHMgcnVuIG9uIGEgYnVpbGQgYWxyZWFkeTsgcGFja2luZyBtdXN0IG5vdCByZXBsYWNlIGl0IHVuZGVyIHRoZW0uXG4gIG5wbShbJ3BhY2snLCAnLS1pZ25vcmUtc2NyaXB0cycsICctLXBhY2stZGVzdGluYXRpb24nLCBmb2xkZXJdLCBwcm9qZWN0Rm9sZGVyKTtcbiAgY29uc3QgW3RhcmJhbGwgPSAnJ10gPSByZWFkZGlyU3luYyhmb2xkZXIpO1xuICBjb25zdCBwbGFjZSA9IGpvaW4oZm9sZGVyLCAnZW1wdHknKTtcbiAgbWtkaXJTeW5jKHBsYWNlKTtcbiAgd3JpdGVGaWxlU3luYyhqb2luKHBsYWNlLCAncGFja2FnZS5qc29uJyksICd7XCJuYW1lXCI6IFwicGxhY2VcIiwgXCJwcml2YXRlXCI6IHRydWUsIFwidHlwZVwiOiBcIm1vZHVsZVwifScpO1xuICBucG0oWydpbnN0YWxsJywgJy0tbm8tYXVkaXQnLCAnLS1uby1mdW5kJywgJy0tcHJlZmVyLW9mZmxpbmUnLCBqb2luKGZvbGRlciwgdGFyYmFsbCldLCBwbGFjZSk7XG4gIGNvbnN0IHJ1biA9ICguLi5hcmdzOiBzdHJpbmdbXSk6IHN0cmluZyA9PlxuICAgIGV4ZWNGaWxlU3luYyhwcm9jZXNzLmV4ZWNQYXRoLCBbam9pbihwbGFjZSwgJ25vZGVfbW9kdWxlcy8uYmluL2VjaG8tdHJhaWwnKSwgLi4uYXJnc10sIHtcbiAgICAgIGN3ZDogcGxhY2UsXG4gICAgICBlbmNvZGluZzogJ3V0ZjgnLFxuICAgICAgZW52OiB7IFBBVEg6IHByb2Nlc3MuZW52LlBBVEgsIEVDSE9fVFJBSUxfSE9NRTogdXNlckZvbGRlciB9LFxuICAgIH0pO1xuICBhc3NlcnQubWF0Y2gocnVuKCctLXZlcnNpb24nKSwgL15lY2hvLXRyYWlsIFxcZC8pO1xuICBhc3NlcnQubWF0Y2gocnVuKCdpbml0JywgJ2hhcmJvdXItYWdlbnQnKSwgL21hZGUgYSBjb2xsZWN0aW9uLyk7XG4gIGFzc2VydC5tYXRjaChydW4oJ2NoZWNrJywgJy0tY29sbGVjdGlvbicsICdoYXJib3VyLWFnZW50JyksIC9hbGwgd2VsbC8pO1xuICBhc3NlcnQub2socmVhZGRpclN5bmMoam9pbihwbGFjZSwgJ2hhcmJvdXItYWdlbnQvLmVjaG8tdHJhaWwvc2NoZW1hcycpKS5pbmNsdWRlcygncmVxdWVzdC5qc29uJykpO1xuICB3cml0ZUZpbGVTeW5jKFxuICAgIGpvaW4ocGxhY2UsICd1c2UuanMnKSxcbiAgICBcImltcG9ydCB7IGNvbXBpbGVKc29uUGF0aCB9IGZyb20gJ2VjaG8tdHJhaWwvY29yZSc7XFxuY29uc29sZS5sb2coY29tcGlsZUpzb25QYXRoKCckLmEnLCBbXSkuc2VsZWN0KHsgYTogNyB9KVswXSk7XFxuXCIsXG4gICk7XG4gIGFzc2VydC5lcXVhbChleGVjRmlsZVN5bmMocHJvY2Vzcy5leGVjUGF0aCwgWyd1c2UuanMnXSwgeyBjd2Q6IHBsYWNlLCBlbmNvZGluZzogJ3V0ZjgnIH0pLCAnN1xcbicpO1xuICB3cml0ZUZpbGVTeW5jKFxuICAgIGpvaW4ocGxhY2UsICd0eXBlZC50cycpLFxuICAgIFwiaW1wb3J0IHsgb3BlbkNvbGxlY3Rpb24sIFByb2JsZW0sIHR5cGUgU3VtbWFyeSB9IGZyb20gJ2VjaG8tdHJhaWwvY29yZSc7XFxuZXhwb3J0IGNvbnN0IG5hbWVzOiByZWFkb25seSBzdHJpbmdbXSA9IG9wZW5Db2xsZWN0aW9uKCcuJykubmFtZXMoJ3JlcXVlc3QnKTtcXG5leHBvcnQgY29uc3Qgd2VsbCA9IChzdW1tYXJ5OiBTdW1tYXJ5KTogYm9vbGVhbiA9PiBzdW1tYXJ5Lm9rO1xcbmV4cG9ydCBjb25zdCBjb2RlOiBzdHJpbmcgPSBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7IHdoYXQ6ICd4JyB9KS5jb2RlO1xcbi8vIEB0cy1leHBlY3QtZXJyb3IgdGhlIGNvZGUgb2YgYSBwcm9ibGVtIGlzIG9uZSBvZiB0aGUgdGFibGVcXG5uZXcgUHJvYmxlbSgnbm8tc3VjaC1jb2RlJywgeyB3aGF0OiAneCcgfSk7XFxuXCIsXG4gICk7XG4gIGNvbnN0IHRzYyA9IGpvaW4ocHJvamVjdEZvbGRlciwgJ25vZGVfbW9kdWxlcy90eXBlc2NyaXB0L2Jpbi90c2MnKTtcbiAgY29uc3QgY29tcGlsZXJPcHRpb25zID0ge1xuICAgIHN0cmljdDogdHJ1ZSxcbiAgICBub0VtaXQ6IHRydWUsXG4gICAgc2tpcExpYkNoZWNrOiB0cnVlLFxuICAgIG1vZHVsZTogJ25vZGVuZXh0JyxcbiAgICB0YXJnZXQ6ICdlczIwMjInLFxuICAgIHR5cGVzOiBbXSxcbiAgfTtcbiAgd3JpdGVGaWxlU3luYyhqb2luKHBsYWNlLCAndHNjb25maWcuanNvbicpLCBKU09OLnN0cmluZ2lmeSh7IGNvbXBpbGVyT3B0aW9ucywgZmlsZXM6IFsndHlwZWQudHMnXSB9KSk7XG4gIGV4ZWNGaWxlU3luYyhwcm9jZXNzLmV4ZWNQYXRoLCBbdHNjLCAnLXAnLCAnLiddLCB7IGN3ZDogcGxhY2UsIGVuY29kaW5nOiAndXRmOCcgfSk7XG59KTtcblxudGVzdCgndGhlIGRlbW8gd2Fsa3MgdGhlIHdob2xlIHBhdGggYW5kIHNheXMgd2hlcmUgdG8gZ28gb24nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHN0YXJ0ZWQgPSBwZXJmb3JtYW5jZS5ub3coKTtcbiAgY29uc3QgeyBzdGF0dXMsIG91dCwgZXJyIH0gPSBhd2FpdCBlY2hvVHJhaWwoWydkZW1vJ10pO1xuICBhc3NlcnQuZXF1YWwoc3RhdHVzLCAwLCBvdXQgKyBlcnIpO1xuICBhc3NlcnQub2socGVyZm9ybWFuY2Uubm93KCkgLSBzdGFydGVkIDwgNjBfMDAwKTtcbiAgZm9yIChjb25zdCBwYXJ0IG9mIFtcbiAgICAnaGFyYm91ci9ib29rQ2FsbCcsXG4gICAgJ3dyb3RlIHJlcXVlc3RzL2JlcnRocy9zaG93LnlhbWwnLFxuICAgICdiZXJ0aC1zdGF5OiBhbGwgd2VsbCcsXG4gICAgJ2JlcnRoLXN0YXk6IGZhaWxlZCcsXG4gICAgJ3VuZG9uZScsXG4gICAgJzEgdW5kb25lJyxcbiAgICAnaGFydmVzdCAgIDEwMCBvZiAxMDAnLFxuICAgICc3IGRldmlhdGlvbnMnLFxuICAgICdZb3VyIHR1cm4nLFxuICAgICdlY2hvLXRyYWlsIHJ1biByZWdpc3Rlci1jaGVjaycsXG4gICAgJ2FsbCB3ZWxsJyxcbiAgXSkge1xuICAgIGFzc2VydC5vayhvdXQuaW5jbHVkZXMocGFydCksIGAke3BhcnR9IGlzIGluXFxuJHtvdXR9YCk7XG4gIH1cbiAgYXNzZXJ0Lm9rKCEob3V0ICsgZXJyKS5pbmNsdWRlcygndGlkZXdhdGVyLTQyJykpO1xufSk7XG5cbnRlc3QoJ2RlbW8gc2VydmUgc2F5cyBpdHMgYWRkcmVzcywgaXRzIGZhY2VzIGFuZCBpdHMgY3JlZGVudGlhbHMsIGFuZCBlbmRzIHdpdGggQ3RybC1DJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IHN0YXR1cywgb3V0IH0gPSBhd2FpdCBlY2hvVHJhaWwoWydkZW1vJywgJ3NlcnZlJywgJy0tcG9ydCcsICcwJywgJy0tanNvbiddLCB7XG4gICAgbWVhbndoaWxlOiAoY2hpbGQpID0+IHtcbiAgICAgIGNoaWxkLnN0ZG91dD8ub25jZSgnZGF0YScsICgpID0+IGNoaWxkLmtpbGwoJ1NJR0lOVCcpKTtcbiAgICB9LFxuICB9KTtcbiAgYXNzZXJ0LmVxdWFsKHN0YXR1cywgMCk7XG4gIGNvbnN0IHsgb3JpZ2luLCBmYWNlcywgY3JlZGVudGlhbHMgfSA9IEpTT04ucGFyc2Uob3V0KSBhcyB7XG4gICAgb3JpZ2luOiBzdHJpbmc7XG4gICAgZmFjZXM6IHsgbmFtZTogc3RyaW5nIH1bXTtcbiAgICBjcmVkZW50aWFsczogb2JqZWN0O1xuICB9O1xuICBhc3NlcnQubWF0Y2gob3JpZ2luLCAvXmh0dHA6XFwvXFwvMTI3XFwuMFxcLjBcXC4xOlxcZCskLyk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgW2ZhY2VzLm1hcCgoeyBuYW1lIH0pID0+IG5hbWUpLCBPYmplY3Qua2V5cyhjcmVkZW50aWFscyldLFxuICAgIFtcbiAgICAgIFtcbiAgICAgICAgLi4uWydoYXJib3VyJywgJ2RvY3VtZW50YXRpb24nLCAncGlsb3RzJywgJ2N1c3RvbXMnLCAnJywgJ29sZGVyJywgJ3RpZGVzJ10sXG4gICAgICAgIC4uLltcbiAgICAgICAgICAnbm90aWNlcycsXG4gICAgICAgICAgJ2NoYXJ0JyxcbiAgICAgICAgICAndmlzaXRvcnMnLFxuICAgICAgICAgICd1cGxvYWRzJyxcbiAgICAgICAgICAndmF1bHQnLFxuICAgICAgICAgICdwYXNzZXMnLFxuICAgICAgICAgICcnLFxuICAgICAgICAgICdnYXRld2F5JyxcbiAgICAgICAgICAnZmlsaW5nJyxcbiAgICAgICAgICAncGlsb3RhZ2UnLFxuICAgICAgICAgICdsb2NrcycsXG4gICAgICAgICAgJ3BsYW5zJyxcbiAgICAgICAgICAnYm9hcmQnLFxuICAgICAgICAgICdsb2dib29rJyxcbiAgICAgICAgICAnbGlnaHRzJyxcbiAgICAgICAgICAnZHJlZGdpbmcnLFxuICAgICAgICAgICd0cmlhZ2UnLFxuICAgICAgICAgICdtaXJyb3InLFxuICAgICAgICAgICdicm9rZW4nLFxuICAgICAgICAgICdjb250cm9sbGVycycsXG4gICAgICAgICAgJ3NlY3VyZScsXG4gICAgICAgICAgJycsXG4gICAgICAgICAgJycsXG4gICAgICAgICAgJycsXG4gICAgICAgICAgJycsXG4gICAgICAgICAgJycsXG4gICAgICAgIF0sXG4gICAgICBdLFxuICAgICAgWyd1c2VyJywgJ3Bhc3N3b3JkJ10sXG4gICAgXSxcbiAgKTtcbn0pO1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxvQkFBb0I7QUFDN0IsU0FBUyxXQUFXLGFBQWEscUJBQXFCO0FBQ3RELFNBQVMsWUFBWTtBQUNyQixTQUFTLFlBQVk7QUFJckIsS0FBSyx3RUFBd0UsTUFBTTtBQUNqRixRQUFNLFNBQVMsZ0JBQWdCO0FBQy9CLFFBQU0sTUFBTSxDQUFDLE1BQXlCLFFBQ3BDLGFBQWEsT0FBTyxDQUFDLEdBQUcsSUFBSSxHQUFHLEVBQUUsS0FBSyxVQUFVLFFBQVEsT0FBTyxDQUFDLFVBQVUsUUFBUSxNQUFNLEVBQUUsQ0FBQztBQUU3RixNQUFJLENBQUMsUUFBUSxvQkFBb0Isc0JBQXNCLE1BQU0sR0FBRyxhQUFhO0FBQzdFLFFBQU0sQ0FBQyxVQUFVLEVBQUUsSUFBSSxZQUFZLE1BQU07QUFDekMsUUFBTSxRQUFRLEtBQUssUUFBUSxPQUFPO0FBQ2xDLFlBQVUsS0FBSztBQUNmLGdCQUFjLEtBQUssT0FBTyxjQUFjLEdBQUcsc0RBQXNEO0FBQ2pHLE1BQUksQ0FBQyxXQUFXLGNBQWMsYUFBYSxvQkFBb0IsS0FBSyxRQUFRLE9BQU8sQ0FBQyxHQUFHLEtBQUs7QUFDNUYsUUFBTSxNQUFNLElBQUksU0FDZCxhQUFhLFFBQVEsVUFBVSxDQUFDLEtBQUssT0FBTyw4QkFBOEIsR0FBRyxHQUFHLElBQUksR0FBRztBQUFBLElBQ3JGLEtBQUs7QUFBQSxJQUNMLFVBQVU7QUFBQSxJQUNWLEtBQUssRUFBRSxNQUFNLFFBQVEsSUFBSSxNQUFNLGlCQUFpQixXQUFXO0FBQUEsRUFDN0QsQ0FBQztBQUNILFNBQU8sTUFBTSxJQUFJLFdBQVcsR0FBRyxnQkFBZ0I7QUFDL0MsU0FBTyxNQUFNLElBQUksUUFBUSxlQUFlLEdBQUcsbUJBQW1CO0FBQzlELFNBQU8sTUFBTSxJQUFJLFNBQVMsZ0JBQWdCLGVBQWUsR0FBRyxVQUFVO0FBQ3RFLFNBQU8sR0FBRyxZQUFZLEtBQUssT0FBTyxtQ0FBbUMsQ0FBQyxFQUFFLFNBQVMsY0FBYyxDQUFDO0FBQ2hHO0FBQUEsSUFDRSxLQUFLLE9BQU8sUUFBUTtBQUFBLElBQ3BCO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxhQUFhLFFBQVEsVUFBVSxDQUFDLFFBQVEsR0FBRyxFQUFFLEtBQUssT0FBTyxVQUFVLE9BQU8sQ0FBQyxHQUFHLEtBQUs7QUFDaEc7QUFBQSxJQUNFLEtBQUssT0FBTyxVQUFVO0FBQUEsSUFDdEI7QUFBQSxFQUNGO0FBQ0EsUUFBTSxNQUFNLEtBQUssZUFBZSxpQ0FBaUM7QUFDakUsUUFBTSxrQkFBa0I7QUFBQSxJQUN0QixRQUFRO0FBQUEsSUFDUixRQUFRO0FBQUEsSUFDUixjQUFjO0FBQUEsSUFDZCxRQUFRO0FBQUEsSUFDUixRQUFRO0FBQUEsSUFDUixPQUFPLENBQUM7QUFBQSxFQUNWO0FBQ0EsZ0JBQWMsS0FBSyxPQUFPLGVBQWUsR0FBRyxLQUFLLFVBQVUsRUFBRSxpQkFBaUIsT0FBTyxDQUFDLFVBQVUsRUFBRSxDQUFDLENBQUM7QUFDcEcsZUFBYSxRQUFRLFVBQVUsQ0FBQyxLQUFLLE1BQU0sR0FBRyxHQUFHLEVBQUUsS0FBSyxPQUFPLFVBQVUsT0FBTyxDQUFDO0FBQ25GLENBQUM7QUFFRCxLQUFLLHlEQUF5RCxZQUFZO0FBQ3hFLFFBQU0sVUFBVSxZQUFZLElBQUk7QUFDaEMsUUFBTSxFQUFFLFFBQVEsS0FBSyxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsTUFBTSxDQUFDO0FBQ3JELFNBQU8sTUFBTSxRQUFRLEdBQUcsTUFBTSxHQUFHO0FBQ2pDLFNBQU8sR0FBRyxZQUFZLElBQUksSUFBSSxVQUFVLEdBQU07QUFDOUMsYUFBVyxRQUFRO0FBQUEsSUFDakI7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRixHQUFHO0FBQ0QsV0FBTyxHQUFHLElBQUksU0FBUyxJQUFJLEdBQUcsR0FBRyxJQUFJO0FBQUEsRUFBVyxHQUFHLEVBQUU7QUFBQSxFQUN2RDtBQUNBLFNBQU8sR0FBRyxFQUFFLE1BQU0sS0FBSyxTQUFTLGNBQWMsQ0FBQztBQUNqRCxDQUFDO0FBRUQsS0FBSyxvRkFBb0YsWUFBWTtBQUNuRyxRQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxTQUFTLFVBQVUsS0FBSyxRQUFRLEdBQUc7QUFBQSxJQUNsRixXQUFXLENBQUMsVUFBVTtBQUNwQixZQUFNLFFBQVEsS0FBSyxRQUFRLE1BQU0sTUFBTSxLQUFLLFFBQVEsQ0FBQztBQUFBLElBQ3ZEO0FBQUEsRUFDRixDQUFDO0FBQ0QsU0FBTyxNQUFNLFFBQVEsQ0FBQztBQUN0QixRQUFNLEVBQUUsUUFBUSxPQUFPLFlBQVksSUFBSSxLQUFLLE1BQU0sR0FBRztBQUtyRCxTQUFPLE1BQU0sUUFBUSw2QkFBNkI7QUFDbEQsU0FBTztBQUFBLElBQ0wsQ0FBQyxNQUFNLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJLEdBQUcsT0FBTyxLQUFLLFdBQVcsQ0FBQztBQUFBLElBQ3hEO0FBQUEsTUFDRTtBQUFBLFFBQ0UsR0FBRyxDQUFDLFdBQVcsaUJBQWlCLFVBQVUsV0FBVyxJQUFJLFNBQVMsT0FBTztBQUFBLFFBQ3pFLEdBQUc7QUFBQSxVQUNEO0FBQUEsVUFDQTtBQUFBLFVBQ0E7QUFBQSxVQUNBO0FBQUEsVUFDQTtBQUFBLFVBQ0E7QUFBQSxVQUNBO0FBQUEsVUFDQTtBQUFBLFVBQ0E7QUFBQSxVQUNBO0FBQUEsVUFDQTtBQUFBLFVBQ0E7QUFBQSxVQUNBO0FBQUEsVUFDQTtBQUFBLFVBQ0E7QUFBQSxVQUNBO0FBQUEsVUFDQTtBQUFBLFVBQ0E7QUFBQSxVQUNBO0FBQUEsVUFDQTtBQUFBLFVBQ0E7QUFBQSxVQUNBO0FBQUEsVUFDQTtBQUFBLFVBQ0E7QUFBQSxVQUNBO0FBQUEsVUFDQTtBQUFBLFFBQ0Y7QUFBQSxNQUNGO0FBQUEsTUFDQSxDQUFDLFFBQVEsVUFBVTtBQUFBLElBQ3JCO0FBQUEsRUFDRjtBQUNGLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
