import {
  environmentText
} from "./chunk-YJ5KHMHN.js";
import {
  installEditorSchemas
} from "./chunk-VSRGCJMR.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  absoluteUrl
} from "./chunk-BNANEU6A.js";
import "./chunk-G6PY5PV3.js";
import {
  writeAtomically
} from "./chunk-IBVRGXBJ.js";
import {
  manifestName
} from "./chunk-REWHJNK7.js";
import "./chunk-7JVJJYGZ.js";
import "./chunk-VVGKGSPN.js";
import "./chunk-ILBUWU7B.js";
import "./chunk-PACVB44P.js";
import "./chunk-WDD3S5O6.js";
import "./chunk-ELCQYB6S.js";
import "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/cli/commands/init.ts
import { relative } from "node:path";

// src/core/collection/init.ts
import { existsSync } from "node:fs";
import { basename, join, resolve } from "node:path";
var sandbox = "environments/sandbox.yaml";
async function initCollection({ folder, origin }) {
  const root = resolve(folder);
  const files = {
    [manifestName]: `# yaml-language-server: $schema=.echo-trail/schemas/manifest.json
name: ${JSON.stringify(basename(root))}
environment: sandbox                # used where --env is not given
variables: {}
`,
    [sandbox]: environmentText({ file: sandbox, origin, about: "The vendor's sandbox", changes: "allow" }),
    ".gitignore": "# secrets, open sessions, echoes and indexes stay on this machine\n.echo-trail/\n"
  };
  const taken = [manifestName, sandbox].filter((file) => existsSync(join(root, file)));
  if (taken.length > 0) {
    throw new Problem("file-exists", {
      what: `there is a collection already in ${root}`,
      where: { file: join(folder, taken[0]) },
      remedy: "name another folder: echo-trail init FOLDER"
    });
  }
  if (existsSync(join(root, ".gitignore"))) delete files[".gitignore"];
  for (const [file, text] of Object.entries(files)) await writeAtomically(join(root, file), text);
  return Object.keys(files);
}

// src/cli/commands/init.ts
var { configure } = {
  configure(command, run) {
    command.argument("[folder]", "the folder of the new collection", ".").option("--origin <url>", "the vendor's address for the first environment", "http://127.0.0.1:4810").action(
      run(async ({ terminal }, [folder = "."], { origin }) => {
        const { origin: address } = absoluteUrl(origin);
        const files = await initCollection({ folder, origin: address });
        await installEditorSchemas(folder);
        if (terminal.json) return emit(terminal, "init", { folder, files: [...files] });
        terminal.print(`made a collection in ${relative(process.cwd(), folder) || "."}`);
        for (const file of files) terminal.print(`  ${file}`);
        terminal.note(`next: ${folder === "." ? "" : `cd ${folder} && `}echo-trail docs add FILE|URL`);
        return 0;
      })
    );
    examples(command, [
      ["init harbour-agent", "a collection in a new folder"],
      ["init --origin https://api.larkhaven.example", "in this folder, for that vendor"]
    ]);
  }
};
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9pbml0LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2NvbGxlY3Rpb24vaW5pdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIGBpbml0YDogYSBuZXcgY29sbGVjdGlvbiBmb2xkZXIuICovXG5pbXBvcnQgeyByZWxhdGl2ZSB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyBpbml0Q29sbGVjdGlvbiB9IGZyb20gJy4uLy4uL2NvcmUvY29sbGVjdGlvbi9pbml0LmpzJztcbmltcG9ydCB7IGFic29sdXRlVXJsIH0gZnJvbSAnLi4vLi4vY29yZS9leGNoYW5nZS9hZGRyZXNzLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGluc3RhbGxFZGl0b3JTY2hlbWFzIH0gZnJvbSAnLi4vZWRpdG9yLXNjaGVtYXMuanMnO1xuaW1wb3J0IHsgZW1pdCB9IGZyb20gJy4uL2VtaXQuanMnO1xuXG5leHBvcnQgY29uc3QgeyBjb25maWd1cmUgfTogQ29tbWFuZE1vZHVsZSA9IHtcbiAgY29uZmlndXJlKGNvbW1hbmQsIHJ1bikge1xuICAgIGNvbW1hbmRcbiAgICAgIC5hcmd1bWVudCgnW2ZvbGRlcl0nLCAndGhlIGZvbGRlciBvZiB0aGUgbmV3IGNvbGxlY3Rpb24nLCAnLicpXG4gICAgICAub3B0aW9uKCctLW9yaWdpbiA8dXJsPicsIFwidGhlIHZlbmRvcidzIGFkZHJlc3MgZm9yIHRoZSBmaXJzdCBlbnZpcm9ubWVudFwiLCAnaHR0cDovLzEyNy4wLjAuMTo0ODEwJylcbiAgICAgIC5hY3Rpb24oXG4gICAgICAgIHJ1bihhc3luYyAoeyB0ZXJtaW5hbCB9LCBbZm9sZGVyID0gJy4nXSwgeyBvcmlnaW4gfSkgPT4ge1xuICAgICAgICAgIGNvbnN0IHsgb3JpZ2luOiBhZGRyZXNzIH0gPSBhYnNvbHV0ZVVybChvcmlnaW4gYXMgc3RyaW5nKTtcbiAgICAgICAgICBjb25zdCBmaWxlcyA9IGF3YWl0IGluaXRDb2xsZWN0aW9uKHsgZm9sZGVyLCBvcmlnaW46IGFkZHJlc3MgfSk7XG4gICAgICAgICAgYXdhaXQgaW5zdGFsbEVkaXRvclNjaGVtYXMoZm9sZGVyKTtcbiAgICAgICAgICBpZiAodGVybWluYWwuanNvbikgcmV0dXJuIGVtaXQodGVybWluYWwsICdpbml0JywgeyBmb2xkZXIsIGZpbGVzOiBbLi4uZmlsZXNdIH0pO1xuICAgICAgICAgIHRlcm1pbmFsLnByaW50KGBtYWRlIGEgY29sbGVjdGlvbiBpbiAke3JlbGF0aXZlKHByb2Nlc3MuY3dkKCksIGZvbGRlcikgfHwgJy4nfWApO1xuICAgICAgICAgIGZvciAoY29uc3QgZmlsZSBvZiBmaWxlcykgdGVybWluYWwucHJpbnQoYCAgJHtmaWxlfWApO1xuICAgICAgICAgIHRlcm1pbmFsLm5vdGUoYG5leHQ6ICR7Zm9sZGVyID09PSAnLicgPyAnJyA6IGBjZCAke2ZvbGRlcn0gJiYgYH1lY2hvLXRyYWlsIGRvY3MgYWRkIEZJTEV8VVJMYCk7XG4gICAgICAgICAgcmV0dXJuIDA7XG4gICAgICAgIH0pLFxuICAgICAgKTtcbiAgICBleGFtcGxlcyhjb21tYW5kLCBbXG4gICAgICBbJ2luaXQgaGFyYm91ci1hZ2VudCcsICdhIGNvbGxlY3Rpb24gaW4gYSBuZXcgZm9sZGVyJ10sXG4gICAgICBbJ2luaXQgLS1vcmlnaW4gaHR0cHM6Ly9hcGkubGFya2hhdmVuLmV4YW1wbGUnLCAnaW4gdGhpcyBmb2xkZXIsIGZvciB0aGF0IHZlbmRvciddLFxuICAgIF0pO1xuICB9LFxufTtcbiIsICIvKiogQSBuZXcgY29sbGVjdGlvbiBmb2xkZXIuICovXG5pbXBvcnQgeyBleGlzdHNTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBiYXNlbmFtZSwgam9pbiwgcmVzb2x2ZSB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHdyaXRlQXRvbWljYWxseSB9IGZyb20gJy4uL3N0b3JhZ2UvYXRvbWljLXdyaXRlLmpzJztcbmltcG9ydCB7IGVudmlyb25tZW50VGV4dCB9IGZyb20gJy4vZW52aXJvbm1lbnQtdGV4dC5qcyc7XG5pbXBvcnQgeyBtYW5pZmVzdE5hbWUgfSBmcm9tICcuL2ZpbmQtY29sbGVjdGlvbi5qcyc7XG5cbmNvbnN0IHNhbmRib3ggPSAnZW52aXJvbm1lbnRzL3NhbmRib3gueWFtbCc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgTmV3Q29sbGVjdGlvbiB7XG4gIHJlYWRvbmx5IGZvbGRlcjogc3RyaW5nO1xuICByZWFkb25seSBvcmlnaW46IHN0cmluZztcbn1cblxuLyoqIFRoZSBmaWxlcyB3cml0dGVuLCBmcm9tIHRoZSBmb2xkZXIuIEB0aHJvd3MgUHJvYmxlbSBmaWxlLWV4aXN0czsgdGhlbiBub3RoaW5nIGlzIHdyaXR0ZW4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBpbml0Q29sbGVjdGlvbih7IGZvbGRlciwgb3JpZ2luIH06IE5ld0NvbGxlY3Rpb24pOiBQcm9taXNlPHJlYWRvbmx5IHN0cmluZ1tdPiB7XG4gIGNvbnN0IHJvb3QgPSByZXNvbHZlKGZvbGRlcik7XG4gIGNvbnN0IGZpbGVzOiBSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+ID0ge1xuICAgIFttYW5pZmVzdE5hbWVdOiBgIyB5YW1sLWxhbmd1YWdlLXNlcnZlcjogJHNjaGVtYT0uZWNoby10cmFpbC9zY2hlbWFzL21hbmlmZXN0Lmpzb25cbm5hbWU6ICR7SlNPTi5zdHJpbmdpZnkoYmFzZW5hbWUocm9vdCkpfVxuZW52aXJvbm1lbnQ6IHNhbmRib3ggICAgICAgICAgICAgICAgIyB1c2VkIHdoZXJlIC0tZW52IGlzIG5vdCBnaXZlblxudmFyaWFibGVzOiB7fVxuYCxcbiAgICBbc2FuZGJveF06IGVudmlyb25tZW50VGV4dCh7IGZpbGU6IHNhbmRib3gsIG9yaWdpbiwgYWJvdXQ6IFwiVGhlIHZlbmRvcidzIHNhbmRib3hcIiwgY2hhbmdlczogJ2FsbG93JyB9KSxcbiAgICAnLmdpdGlnbm9yZSc6ICcjIHNlY3JldHMsIG9wZW4gc2Vzc2lvbnMsIGVjaG9lcyBhbmQgaW5kZXhlcyBzdGF5IG9uIHRoaXMgbWFjaGluZVxcbi5lY2hvLXRyYWlsL1xcbicsXG4gIH07XG4gIGNvbnN0IHRha2VuID0gW21hbmlmZXN0TmFtZSwgc2FuZGJveF0uZmlsdGVyKChmaWxlKSA9PiBleGlzdHNTeW5jKGpvaW4ocm9vdCwgZmlsZSkpKTtcbiAgaWYgKHRha2VuLmxlbmd0aCA+IDApIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZmlsZS1leGlzdHMnLCB7XG4gICAgICB3aGF0OiBgdGhlcmUgaXMgYSBjb2xsZWN0aW9uIGFscmVhZHkgaW4gJHtyb290fWAsXG4gICAgICB3aGVyZTogeyBmaWxlOiBqb2luKGZvbGRlciwgdGFrZW5bMF0gYXMgc3RyaW5nKSB9LFxuICAgICAgcmVtZWR5OiAnbmFtZSBhbm90aGVyIGZvbGRlcjogZWNoby10cmFpbCBpbml0IEZPTERFUicsXG4gICAgfSk7XG4gIH1cbiAgLy8gQSAuZ2l0aWdub3JlIHRoYXQgc29tZWJvZHkgd3JvdGUgaXMgdGhlaXJzOyB0aGUgbWlzc2luZyBsaW5lIGlzIHRoZWlycyB0byBhZGQuXG4gIGlmIChleGlzdHNTeW5jKGpvaW4ocm9vdCwgJy5naXRpZ25vcmUnKSkpIGRlbGV0ZSBmaWxlc1snLmdpdGlnbm9yZSddO1xuICBmb3IgKGNvbnN0IFtmaWxlLCB0ZXh0XSBvZiBPYmplY3QuZW50cmllcyhmaWxlcykpIGF3YWl0IHdyaXRlQXRvbWljYWxseShqb2luKHJvb3QsIGZpbGUpLCB0ZXh0KTtcbiAgcmV0dXJuIE9iamVjdC5rZXlzKGZpbGVzKTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLFNBQVMsZ0JBQWdCOzs7QUNBekIsU0FBUyxrQkFBa0I7QUFDM0IsU0FBUyxVQUFVLE1BQU0sZUFBZTtBQU14QyxJQUFNLFVBQVU7QUFRaEIsZUFBc0IsZUFBZSxFQUFFLFFBQVEsT0FBTyxHQUE4QztBQUNsRyxRQUFNLE9BQU8sUUFBUSxNQUFNO0FBQzNCLFFBQU0sUUFBZ0M7QUFBQSxJQUNwQyxDQUFDLFlBQVksR0FBRztBQUFBLFFBQ1osS0FBSyxVQUFVLFNBQVMsSUFBSSxDQUFDLENBQUM7QUFBQTtBQUFBO0FBQUE7QUFBQSxJQUlsQyxDQUFDLE9BQU8sR0FBRyxnQkFBZ0IsRUFBRSxNQUFNLFNBQVMsUUFBUSxPQUFPLHdCQUF3QixTQUFTLFFBQVEsQ0FBQztBQUFBLElBQ3JHLGNBQWM7QUFBQSxFQUNoQjtBQUNBLFFBQU0sUUFBUSxDQUFDLGNBQWMsT0FBTyxFQUFFLE9BQU8sQ0FBQyxTQUFTLFdBQVcsS0FBSyxNQUFNLElBQUksQ0FBQyxDQUFDO0FBQ25GLE1BQUksTUFBTSxTQUFTLEdBQUc7QUFDcEIsVUFBTSxJQUFJLFFBQVEsZUFBZTtBQUFBLE1BQy9CLE1BQU0sb0NBQW9DLElBQUk7QUFBQSxNQUM5QyxPQUFPLEVBQUUsTUFBTSxLQUFLLFFBQVEsTUFBTSxDQUFDLENBQVcsRUFBRTtBQUFBLE1BQ2hELFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBRUEsTUFBSSxXQUFXLEtBQUssTUFBTSxZQUFZLENBQUMsRUFBRyxRQUFPLE1BQU0sWUFBWTtBQUNuRSxhQUFXLENBQUMsTUFBTSxJQUFJLEtBQUssT0FBTyxRQUFRLEtBQUssRUFBRyxPQUFNLGdCQUFnQixLQUFLLE1BQU0sSUFBSSxHQUFHLElBQUk7QUFDOUYsU0FBTyxPQUFPLEtBQUssS0FBSztBQUMxQjs7O0FEL0JPLElBQU0sRUFBRSxVQUFVLElBQW1CO0FBQUEsRUFDMUMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsWUFDRyxTQUFTLFlBQVksb0NBQW9DLEdBQUcsRUFDNUQsT0FBTyxrQkFBa0Isa0RBQWtELHVCQUF1QixFQUNsRztBQUFBLE1BQ0MsSUFBSSxPQUFPLEVBQUUsU0FBUyxHQUFHLENBQUMsU0FBUyxHQUFHLEdBQUcsRUFBRSxPQUFPLE1BQU07QUFDdEQsY0FBTSxFQUFFLFFBQVEsUUFBUSxJQUFJLFlBQVksTUFBZ0I7QUFDeEQsY0FBTSxRQUFRLE1BQU0sZUFBZSxFQUFFLFFBQVEsUUFBUSxRQUFRLENBQUM7QUFDOUQsY0FBTSxxQkFBcUIsTUFBTTtBQUNqQyxZQUFJLFNBQVMsS0FBTSxRQUFPLEtBQUssVUFBVSxRQUFRLEVBQUUsUUFBUSxPQUFPLENBQUMsR0FBRyxLQUFLLEVBQUUsQ0FBQztBQUM5RSxpQkFBUyxNQUFNLHdCQUF3QixTQUFTLFFBQVEsSUFBSSxHQUFHLE1BQU0sS0FBSyxHQUFHLEVBQUU7QUFDL0UsbUJBQVcsUUFBUSxNQUFPLFVBQVMsTUFBTSxLQUFLLElBQUksRUFBRTtBQUNwRCxpQkFBUyxLQUFLLFNBQVMsV0FBVyxNQUFNLEtBQUssTUFBTSxNQUFNLE1BQU0sOEJBQThCO0FBQzdGLGVBQU87QUFBQSxNQUNULENBQUM7QUFBQSxJQUNIO0FBQ0YsYUFBUyxTQUFTO0FBQUEsTUFDaEIsQ0FBQyxzQkFBc0IsOEJBQThCO0FBQUEsTUFDckQsQ0FBQywrQ0FBK0MsaUNBQWlDO0FBQUEsSUFDbkYsQ0FBQztBQUFBLEVBQ0g7QUFDRjsiLAogICJuYW1lcyI6IFtdCn0K
