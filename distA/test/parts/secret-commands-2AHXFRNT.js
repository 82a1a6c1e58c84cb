import {
  userSettingsName
} from "./chunk-X57I3BEN.js";
import {
  shaped
} from "./chunk-IIWAP3H3.js";
import {
  described
} from "./chunk-ADLZ4E65.js";
import {
  readYaml
} from "./chunk-2NSBAQ4L.js";
import "./chunk-PACVB44P.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-XGDOGID3.js";

// src/core/session/secret-commands.ts
import { realpathSync } from "node:fs";

// src/core/session/user-settings.ts
import { existsSync } from "node:fs";
import { join } from "node:path";
import * as z from "zod/mini";
var userSettingsFile = described(
  z.strictObject({
    secrets: described(
      z.optional(
        z.array(
          z.strictObject({
            collection: described(z.string(), "The folder of the collection that may have them, absolute."),
            names: described(z.optional(z.array(z.string())), "The secrets that it prints. All where nothing is said."),
            command: described(
              z.array(z.string()).check(z.minLength(1)),
              "A program and its arguments, without a shell; {name}, {key} and {environment} in them are replaced. It prints the secret."
            )
          })
        )
      ),
      "Commands that print secrets, for a collection each; asked where neither the process nor the store has one."
    )
  }),
  "The user's own settings."
);
function readUserSettings(home) {
  const path = join(home, userSettingsName);
  return existsSync(path) ? shaped(userSettingsFile, readYaml(path, path)) : {};
}

// src/core/session/secret-commands.ts
var patience = 12e4;
async function secretCommands(root, home, environment) {
  const here = real(root);
  const commands = (readUserSettings(home).secrets ?? []).filter(({ collection }) => real(collection) === here);
  if (commands.length === 0) return void 0;
  const { execFileSync } = await import("node:child_process");
  const known = /* @__PURE__ */ new Map();
  function asked({ command }, name, key) {
    const put = { name, key, environment };
    const [file = "", ...args] = command.map(
      (part) => part.replace(/\{(name|key|environment)\}/g, (_, what) => put[what] ?? "")
    );
    try {
      return execFileSync(file, args, { encoding: "utf8", stdio: ["inherit", "pipe", "inherit"], timeout: patience });
    } catch (error) {
      const { code, status } = error;
      throw new Problem("secret-missing", {
        what: `the command for the secret ${name} did not give it`,
        where: { file: `${home}/${userSettingsName}` },
        cause: code === "ENOENT" ? `there is no program ${file}` : `${file} ended with ${status ?? code}`,
        remedy: "run it by hand, and look at what it prints",
        data: { name }
      });
    }
  }
  return (name, key = "") => {
    const full = `${name}[${key}]`;
    const before = known.get(full);
    if (before !== void 0) return before;
    const command = commands.find(({ names }) => names === void 0 || names.includes(name));
    if (!command) return void 0;
    const value = asked(command, name, key).replace(/\r?\n$/, "");
    if (value === "") return void 0;
    known.set(full, value);
    return value;
  };
}
function real(path) {
  try {
    return realpathSync(path);
  } catch {
    return path;
  }
}
export {
  secretCommands
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvc2Vzc2lvbi9zZWNyZXQtY29tbWFuZHMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2Vzc2lvbi91c2VyLXNldHRpbmdzLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogU2VjcmV0cyB0aGF0IGEgY29tbWFuZCBvZiB0aGUgdXNlciBwcmludHMsIHN1Y2ggYXMgb25lIG9mIGEgcGFzc3dvcmQgbWFuYWdlci4gKi9cbmltcG9ydCB7IHJlYWxwYXRoU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB1c2VyU2V0dGluZ3NOYW1lIH0gZnJvbSAnLi91c2VyLWZvbGRlci5qcyc7XG5pbXBvcnQgeyByZWFkVXNlclNldHRpbmdzLCB0eXBlIFVzZXJTZXR0aW5ncyB9IGZyb20gJy4vdXNlci1zZXR0aW5ncy5qcyc7XG5cbnR5cGUgQ29tbWFuZCA9IE5vbk51bGxhYmxlPFVzZXJTZXR0aW5nc1snc2VjcmV0cyddPltudW1iZXJdO1xuXG4vKiogTWlsbGlzZWNvbmRzIHRoYXQgaXQgbWF5IHRha2U6IGl0IG1heSBhc2sgdGhlIHVzZXIgZm9yIHNvbWV0aGluZyBmaXJzdC4gKi9cbmNvbnN0IHBhdGllbmNlID0gMTIwXzAwMDtcblxuLyoqXG4gKiBAcGFyYW0gcm9vdCB0aGUgZm9sZGVyIG9mIHRoZSBjb2xsZWN0aW9uIEBwYXJhbSBob21lIHRoZSB1c2VyJ3Mgb3duIGZvbGRlclxuICogQHJldHVybnMgdW5kZWZpbmVkIHdoZXJlIHRoZSB1c2VyIGRlY2xhcmVzIG5vIGNvbW1hbmQgZm9yIHRoZSBjb2xsZWN0aW9uXG4gKiBAdGhyb3dzIFByb2JsZW0gYWJvdXQgdGhlIHNldHRpbmdzXG4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBzZWNyZXRDb21tYW5kcyhcbiAgcm9vdDogc3RyaW5nLFxuICBob21lOiBzdHJpbmcsXG4gIGVudmlyb25tZW50OiBzdHJpbmcsXG4pOiBQcm9taXNlPCgobmFtZTogc3RyaW5nLCBrZXk/OiBzdHJpbmcpID0+IHN0cmluZyB8IHVuZGVmaW5lZCkgfCB1bmRlZmluZWQ+IHtcbiAgY29uc3QgaGVyZSA9IHJlYWwocm9vdCk7XG4gIGNvbnN0IGNvbW1hbmRzID0gKHJlYWRVc2VyU2V0dGluZ3MoaG9tZSkuc2VjcmV0cyA/PyBbXSkuZmlsdGVyKCh7IGNvbGxlY3Rpb24gfSkgPT4gcmVhbChjb2xsZWN0aW9uKSA9PT0gaGVyZSk7XG4gIGlmIChjb21tYW5kcy5sZW5ndGggPT09IDApIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IHsgZXhlY0ZpbGVTeW5jIH0gPSBhd2FpdCBpbXBvcnQoJ25vZGU6Y2hpbGRfcHJvY2VzcycpO1xuICBjb25zdCBrbm93biA9IG5ldyBNYXA8c3RyaW5nLCBzdHJpbmc+KCk7XG5cbiAgZnVuY3Rpb24gYXNrZWQoeyBjb21tYW5kIH06IENvbW1hbmQsIG5hbWU6IHN0cmluZywga2V5OiBzdHJpbmcpOiBzdHJpbmcge1xuICAgIGNvbnN0IHB1dDogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nPj4gPSB7IG5hbWUsIGtleSwgZW52aXJvbm1lbnQgfTtcbiAgICBjb25zdCBbZmlsZSA9ICcnLCAuLi5hcmdzXSA9IGNvbW1hbmQubWFwKChwYXJ0KSA9PlxuICAgICAgcGFydC5yZXBsYWNlKC9cXHsobmFtZXxrZXl8ZW52aXJvbm1lbnQpXFx9L2csIChfLCB3aGF0OiBzdHJpbmcpID0+IHB1dFt3aGF0XSA/PyAnJyksXG4gICAgKTtcbiAgICB0cnkge1xuICAgICAgLy8gV2hhdCBpdCBhc2tzIGFuZCBjb21wbGFpbnMgYWJvdXQgaXMgZm9yIHRoZSB1c2VyOyB3aGF0IGl0IHByaW50cyBpcyB0aGUgc2VjcmV0LlxuICAgICAgcmV0dXJuIGV4ZWNGaWxlU3luYyhmaWxlLCBhcmdzLCB7IGVuY29kaW5nOiAndXRmOCcsIHN0ZGlvOiBbJ2luaGVyaXQnLCAncGlwZScsICdpbmhlcml0J10sIHRpbWVvdXQ6IHBhdGllbmNlIH0pO1xuICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICBjb25zdCB7IGNvZGUsIHN0YXR1cyB9ID0gZXJyb3IgYXMgTm9kZUpTLkVycm5vRXhjZXB0aW9uICYgeyBzdGF0dXM/OiBudW1iZXIgfCBudWxsIH07XG4gICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnc2VjcmV0LW1pc3NpbmcnLCB7XG4gICAgICAgIHdoYXQ6IGB0aGUgY29tbWFuZCBmb3IgdGhlIHNlY3JldCAke25hbWV9IGRpZCBub3QgZ2l2ZSBpdGAsXG4gICAgICAgIHdoZXJlOiB7IGZpbGU6IGAke2hvbWV9LyR7dXNlclNldHRpbmdzTmFtZX1gIH0sXG4gICAgICAgIGNhdXNlOiBjb2RlID09PSAnRU5PRU5UJyA/IGB0aGVyZSBpcyBubyBwcm9ncmFtICR7ZmlsZX1gIDogYCR7ZmlsZX0gZW5kZWQgd2l0aCAke3N0YXR1cyA/PyBjb2RlfWAsXG4gICAgICAgIHJlbWVkeTogJ3J1biBpdCBieSBoYW5kLCBhbmQgbG9vayBhdCB3aGF0IGl0IHByaW50cycsXG4gICAgICAgIGRhdGE6IHsgbmFtZSB9LFxuICAgICAgfSk7XG4gICAgfVxuICB9XG5cbiAgcmV0dXJuIChuYW1lLCBrZXkgPSAnJykgPT4ge1xuICAgIGNvbnN0IGZ1bGwgPSBgJHtuYW1lfVske2tleX1dYDtcbiAgICBjb25zdCBiZWZvcmUgPSBrbm93bi5nZXQoZnVsbCk7XG4gICAgaWYgKGJlZm9yZSAhPT0gdW5kZWZpbmVkKSByZXR1cm4gYmVmb3JlO1xuICAgIGNvbnN0IGNvbW1hbmQgPSBjb21tYW5kcy5maW5kKCh7IG5hbWVzIH0pID0+IG5hbWVzID09PSB1bmRlZmluZWQgfHwgbmFtZXMuaW5jbHVkZXMobmFtZSkpO1xuICAgIGlmICghY29tbWFuZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICBjb25zdCB2YWx1ZSA9IGFza2VkKGNvbW1hbmQsIG5hbWUsIGtleSkucmVwbGFjZSgvXFxyP1xcbiQvLCAnJyk7XG4gICAgaWYgKHZhbHVlID09PSAnJykgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICBrbm93bi5zZXQoZnVsbCwgdmFsdWUpO1xuICAgIHJldHVybiB2YWx1ZTtcbiAgfTtcbn1cblxuZnVuY3Rpb24gcmVhbChwYXRoOiBzdHJpbmcpOiBzdHJpbmcge1xuICB0cnkge1xuICAgIHJldHVybiByZWFscGF0aFN5bmMocGF0aCk7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiBwYXRoO1xuICB9XG59XG4iLCAiLyoqXG4gKiBgc2V0dGluZ3MueWFtbGAgaW4gdGhlIHVzZXIncyBvd24gRWNobyBUcmFpbCBmb2xkZXI6IHdoYXQgbm8gY29sbGVjdGlvbiBtYXkgc2F5LiBBIGNvbGxlY3Rpb24gY29tZXMgZnJvbSBvdGhlcnMsIGFuZCBtdXN0XG4gKiBub3QgcnVuIGFueXRoaW5nLlxuICovXG5pbXBvcnQgeyBleGlzdHNTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCAqIGFzIHogZnJvbSAnem9kL21pbmknO1xuaW1wb3J0IHsgZGVzY3JpYmVkIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9maWxlcy9kZXNjcmliZWQuanMnO1xuaW1wb3J0IHsgc2hhcGVkIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9zaGFwZS5qcyc7XG5pbXBvcnQgeyByZWFkWWFtbCB9IGZyb20gJy4uL2NvbGxlY3Rpb24veWFtbC5qcyc7XG5pbXBvcnQgeyB1c2VyU2V0dGluZ3NOYW1lIH0gZnJvbSAnLi91c2VyLWZvbGRlci5qcyc7XG5cbmNvbnN0IHVzZXJTZXR0aW5nc0ZpbGUgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBzZWNyZXRzOiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKFxuICAgICAgICB6LmFycmF5KFxuICAgICAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgICAgIGNvbGxlY3Rpb246IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnVGhlIGZvbGRlciBvZiB0aGUgY29sbGVjdGlvbiB0aGF0IG1heSBoYXZlIHRoZW0sIGFic29sdXRlLicpLFxuICAgICAgICAgICAgbmFtZXM6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouYXJyYXkoei5zdHJpbmcoKSkpLCAnVGhlIHNlY3JldHMgdGhhdCBpdCBwcmludHMuIEFsbCB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyksXG4gICAgICAgICAgICBjb21tYW5kOiBkZXNjcmliZWQoXG4gICAgICAgICAgICAgIHouYXJyYXkoei5zdHJpbmcoKSkuY2hlY2soei5taW5MZW5ndGgoMSkpLFxuICAgICAgICAgICAgICAnQSBwcm9ncmFtIGFuZCBpdHMgYXJndW1lbnRzLCB3aXRob3V0IGEgc2hlbGw7IHtuYW1lfSwge2tleX0gYW5kIHtlbnZpcm9ubWVudH0gaW4gdGhlbSBhcmUgcmVwbGFjZWQuIEl0IHByaW50cyB0aGUgc2VjcmV0LicsXG4gICAgICAgICAgICApLFxuICAgICAgICAgIH0pLFxuICAgICAgICApLFxuICAgICAgKSxcbiAgICAgICdDb21tYW5kcyB0aGF0IHByaW50IHNlY3JldHMsIGZvciBhIGNvbGxlY3Rpb24gZWFjaDsgYXNrZWQgd2hlcmUgbmVpdGhlciB0aGUgcHJvY2VzcyBub3IgdGhlIHN0b3JlIGhhcyBvbmUuJyxcbiAgICApLFxuICB9KSxcbiAgXCJUaGUgdXNlcidzIG93biBzZXR0aW5ncy5cIixcbik7XG5leHBvcnQgdHlwZSBVc2VyU2V0dGluZ3MgPSB6LmluZmVyPHR5cGVvZiB1c2VyU2V0dGluZ3NGaWxlPjtcblxuLyoqIEBwYXJhbSBob21lIHRoZSB1c2VyJ3MgRWNobyBUcmFpbCBmb2xkZXIgQHRocm93cyBQcm9ibGVtIHlhbWwtc3ludGF4LCBmaWxlLXNoYXBlICovXG5leHBvcnQgZnVuY3Rpb24gcmVhZFVzZXJTZXR0aW5ncyhob21lOiBzdHJpbmcpOiBVc2VyU2V0dGluZ3Mge1xuICBjb25zdCBwYXRoID0gam9pbihob21lLCB1c2VyU2V0dGluZ3NOYW1lKTtcbiAgcmV0dXJuIGV4aXN0c1N5bmMocGF0aCkgPyBzaGFwZWQodXNlclNldHRpbmdzRmlsZSwgcmVhZFlhbWwocGF0aCwgcGF0aCkpIDoge307XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsU0FBUyxvQkFBb0I7OztBQ0c3QixTQUFTLGtCQUFrQjtBQUMzQixTQUFTLFlBQVk7QUFDckIsWUFBWSxPQUFPO0FBTW5CLElBQU0sbUJBQW1CO0FBQUEsRUFDckIsZUFBYTtBQUFBLElBQ2IsU0FBUztBQUFBLE1BQ0w7QUFBQSxRQUNFO0FBQUEsVUFDRSxlQUFhO0FBQUEsWUFDYixZQUFZLFVBQVksU0FBTyxHQUFHLDREQUE0RDtBQUFBLFlBQzlGLE9BQU8sVUFBWSxXQUFXLFFBQVEsU0FBTyxDQUFDLENBQUMsR0FBRyx3REFBd0Q7QUFBQSxZQUMxRyxTQUFTO0FBQUEsY0FDTCxRQUFRLFNBQU8sQ0FBQyxFQUFFLE1BQVEsWUFBVSxDQUFDLENBQUM7QUFBQSxjQUN4QztBQUFBLFlBQ0Y7QUFBQSxVQUNGLENBQUM7QUFBQSxRQUNIO0FBQUEsTUFDRjtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQUEsRUFDRDtBQUNGO0FBSU8sU0FBUyxpQkFBaUIsTUFBNEI7QUFDM0QsUUFBTSxPQUFPLEtBQUssTUFBTSxnQkFBZ0I7QUFDeEMsU0FBTyxXQUFXLElBQUksSUFBSSxPQUFPLGtCQUFrQixTQUFTLE1BQU0sSUFBSSxDQUFDLElBQUksQ0FBQztBQUM5RTs7O0FEN0JBLElBQU0sV0FBVztBQU9qQixlQUFzQixlQUNwQixNQUNBLE1BQ0EsYUFDMkU7QUFDM0UsUUFBTSxPQUFPLEtBQUssSUFBSTtBQUN0QixRQUFNLFlBQVksaUJBQWlCLElBQUksRUFBRSxXQUFXLENBQUMsR0FBRyxPQUFPLENBQUMsRUFBRSxXQUFXLE1BQU0sS0FBSyxVQUFVLE1BQU0sSUFBSTtBQUM1RyxNQUFJLFNBQVMsV0FBVyxFQUFHLFFBQU87QUFDbEMsUUFBTSxFQUFFLGFBQWEsSUFBSSxNQUFNLE9BQU8sb0JBQW9CO0FBQzFELFFBQU0sUUFBUSxvQkFBSSxJQUFvQjtBQUV0QyxXQUFTLE1BQU0sRUFBRSxRQUFRLEdBQVksTUFBYyxLQUFxQjtBQUN0RSxVQUFNLE1BQXdDLEVBQUUsTUFBTSxLQUFLLFlBQVk7QUFDdkUsVUFBTSxDQUFDLE9BQU8sSUFBSSxHQUFHLElBQUksSUFBSSxRQUFRO0FBQUEsTUFBSSxDQUFDLFNBQ3hDLEtBQUssUUFBUSwrQkFBK0IsQ0FBQyxHQUFHLFNBQWlCLElBQUksSUFBSSxLQUFLLEVBQUU7QUFBQSxJQUNsRjtBQUNBLFFBQUk7QUFFRixhQUFPLGFBQWEsTUFBTSxNQUFNLEVBQUUsVUFBVSxRQUFRLE9BQU8sQ0FBQyxXQUFXLFFBQVEsU0FBUyxHQUFHLFNBQVMsU0FBUyxDQUFDO0FBQUEsSUFDaEgsU0FBUyxPQUFPO0FBQ2QsWUFBTSxFQUFFLE1BQU0sT0FBTyxJQUFJO0FBQ3pCLFlBQU0sSUFBSSxRQUFRLGtCQUFrQjtBQUFBLFFBQ2xDLE1BQU0sOEJBQThCLElBQUk7QUFBQSxRQUN4QyxPQUFPLEVBQUUsTUFBTSxHQUFHLElBQUksSUFBSSxnQkFBZ0IsR0FBRztBQUFBLFFBQzdDLE9BQU8sU0FBUyxXQUFXLHVCQUF1QixJQUFJLEtBQUssR0FBRyxJQUFJLGVBQWUsVUFBVSxJQUFJO0FBQUEsUUFDL0YsUUFBUTtBQUFBLFFBQ1IsTUFBTSxFQUFFLEtBQUs7QUFBQSxNQUNmLENBQUM7QUFBQSxJQUNIO0FBQUEsRUFDRjtBQUVBLFNBQU8sQ0FBQyxNQUFNLE1BQU0sT0FBTztBQUN6QixVQUFNLE9BQU8sR0FBRyxJQUFJLElBQUksR0FBRztBQUMzQixVQUFNLFNBQVMsTUFBTSxJQUFJLElBQUk7QUFDN0IsUUFBSSxXQUFXLE9BQVcsUUFBTztBQUNqQyxVQUFNLFVBQVUsU0FBUyxLQUFLLENBQUMsRUFBRSxNQUFNLE1BQU0sVUFBVSxVQUFhLE1BQU0sU0FBUyxJQUFJLENBQUM7QUFDeEYsUUFBSSxDQUFDLFFBQVMsUUFBTztBQUNyQixVQUFNLFFBQVEsTUFBTSxTQUFTLE1BQU0sR0FBRyxFQUFFLFFBQVEsVUFBVSxFQUFFO0FBQzVELFFBQUksVUFBVSxHQUFJLFFBQU87QUFDekIsVUFBTSxJQUFJLE1BQU0sS0FBSztBQUNyQixXQUFPO0FBQUEsRUFDVDtBQUNGO0FBRUEsU0FBUyxLQUFLLE1BQXNCO0FBQ2xDLE1BQUk7QUFDRixXQUFPLGFBQWEsSUFBSTtBQUFBLEVBQzFCLFFBQVE7QUFDTixXQUFPO0FBQUEsRUFDVDtBQUNGOyIsCiAgIm5hbWVzIjogW10KfQo=
