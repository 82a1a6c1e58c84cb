import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  table
} from "./chunk-36MCF5ZC.js";

// src/cli/commands/list.ts
var { configure } = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal } = context;
        const collection = await context.collection();
        const names = (kind) => [...collection.names(kind)];
        const all = {
          requests: names("request"),
          trails: names("trail"),
          environments: names("environment"),
          sessions: names("session"),
          signatures: names("signature")
        };
        if (terminal.json) return emit(terminal, "list", all);
        const { out } = terminal;
        const rows = ["request", "trail", "environment", "session", "signature"].flatMap(
          (kind) => collection.names(kind).map((name, index) => [index === 0 ? out.dim(`${kind}s`) : "", out.bold(name), aboutOf(kind, name)])
        );
        terminal.print(`${out.bold(collection.manifest.content.name)}  ${out.dim(collection.root)}`);
        if (rows.length > 0) terminal.print(table(rows, terminal));
        return 0;
        function aboutOf(kind, name) {
          try {
            return collection.read(kind, name).content.about ?? "";
          } catch {
            return out.red("cannot be read: echo-trail check");
          }
        }
      })
    );
    examples(command, [["list", "requests, trails, environments, sessions and signatures with what they are for"]]);
  }
};
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9saXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogYGxpc3RgOiB0aGUgZmlsZXMgb2YgdGhlIGNvbGxlY3Rpb24uICovXG5pbXBvcnQgdHlwZSB7IEZpbGVLaW5kIH0gZnJvbSAnLi4vLi4vY29yZS9jb2xsZWN0aW9uL2ZpbGVzL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi9lbWl0LmpzJztcbmltcG9ydCB7IHRhYmxlIH0gZnJvbSAnLi4vdmlldy90YWJsZS5qcyc7XG5cbmV4cG9ydCBjb25zdCB7IGNvbmZpZ3VyZSB9OiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZC5hY3Rpb24oXG4gICAgICBydW4oYXN5bmMgKGNvbnRleHQpID0+IHtcbiAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgICAgICAgY29uc3QgY29sbGVjdGlvbiA9IGF3YWl0IGNvbnRleHQuY29sbGVjdGlvbigpO1xuICAgICAgICBjb25zdCBuYW1lcyA9IChraW5kOiBGaWxlS2luZCk6IHN0cmluZ1tdID0+IFsuLi5jb2xsZWN0aW9uLm5hbWVzKGtpbmQpXTtcbiAgICAgICAgY29uc3QgYWxsID0ge1xuICAgICAgICAgIHJlcXVlc3RzOiBuYW1lcygncmVxdWVzdCcpLFxuICAgICAgICAgIHRyYWlsczogbmFtZXMoJ3RyYWlsJyksXG4gICAgICAgICAgZW52aXJvbm1lbnRzOiBuYW1lcygnZW52aXJvbm1lbnQnKSxcbiAgICAgICAgICBzZXNzaW9uczogbmFtZXMoJ3Nlc3Npb24nKSxcbiAgICAgICAgICBzaWduYXR1cmVzOiBuYW1lcygnc2lnbmF0dXJlJyksXG4gICAgICAgIH07XG4gICAgICAgIGlmICh0ZXJtaW5hbC5qc29uKSByZXR1cm4gZW1pdCh0ZXJtaW5hbCwgJ2xpc3QnLCBhbGwpO1xuICAgICAgICBjb25zdCB7IG91dCB9ID0gdGVybWluYWw7XG4gICAgICAgIGNvbnN0IHJvd3MgPSAoWydyZXF1ZXN0JywgJ3RyYWlsJywgJ2Vudmlyb25tZW50JywgJ3Nlc3Npb24nLCAnc2lnbmF0dXJlJ10gYXMgY29uc3QpLmZsYXRNYXAoKGtpbmQpID0+XG4gICAgICAgICAgY29sbGVjdGlvblxuICAgICAgICAgICAgLm5hbWVzKGtpbmQpXG4gICAgICAgICAgICAubWFwKChuYW1lLCBpbmRleCkgPT4gW2luZGV4ID09PSAwID8gb3V0LmRpbShgJHtraW5kfXNgKSA6ICcnLCBvdXQuYm9sZChuYW1lKSwgYWJvdXRPZihraW5kLCBuYW1lKV0pLFxuICAgICAgICApO1xuICAgICAgICB0ZXJtaW5hbC5wcmludChgJHtvdXQuYm9sZChjb2xsZWN0aW9uLm1hbmlmZXN0LmNvbnRlbnQubmFtZSl9ICAke291dC5kaW0oY29sbGVjdGlvbi5yb290KX1gKTtcbiAgICAgICAgaWYgKHJvd3MubGVuZ3RoID4gMCkgdGVybWluYWwucHJpbnQodGFibGUocm93cywgdGVybWluYWwpKTtcbiAgICAgICAgcmV0dXJuIDA7XG5cbiAgICAgICAgZnVuY3Rpb24gYWJvdXRPZihraW5kOiBGaWxlS2luZCwgbmFtZTogc3RyaW5nKTogc3RyaW5nIHtcbiAgICAgICAgICB0cnkge1xuICAgICAgICAgICAgcmV0dXJuIGNvbGxlY3Rpb24ucmVhZChraW5kLCBuYW1lKS5jb250ZW50LmFib3V0ID8/ICcnO1xuICAgICAgICAgIH0gY2F0Y2gge1xuICAgICAgICAgICAgcmV0dXJuIG91dC5yZWQoJ2Nhbm5vdCBiZSByZWFkOiBlY2hvLXRyYWlsIGNoZWNrJyk7XG4gICAgICAgICAgfVxuICAgICAgICB9XG4gICAgICB9KSxcbiAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtbJ2xpc3QnLCAncmVxdWVzdHMsIHRyYWlscywgZW52aXJvbm1lbnRzLCBzZXNzaW9ucyBhbmQgc2lnbmF0dXJlcyB3aXRoIHdoYXQgdGhleSBhcmUgZm9yJ11dKTtcbiAgfSxcbn07XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7OztBQU1PLElBQU0sRUFBRSxVQUFVLElBQW1CO0FBQUEsRUFDMUMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsWUFBUTtBQUFBLE1BQ04sSUFBSSxPQUFPLFlBQVk7QUFDckIsY0FBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixjQUFNLGFBQWEsTUFBTSxRQUFRLFdBQVc7QUFDNUMsY0FBTSxRQUFRLENBQUMsU0FBNkIsQ0FBQyxHQUFHLFdBQVcsTUFBTSxJQUFJLENBQUM7QUFDdEUsY0FBTSxNQUFNO0FBQUEsVUFDVixVQUFVLE1BQU0sU0FBUztBQUFBLFVBQ3pCLFFBQVEsTUFBTSxPQUFPO0FBQUEsVUFDckIsY0FBYyxNQUFNLGFBQWE7QUFBQSxVQUNqQyxVQUFVLE1BQU0sU0FBUztBQUFBLFVBQ3pCLFlBQVksTUFBTSxXQUFXO0FBQUEsUUFDL0I7QUFDQSxZQUFJLFNBQVMsS0FBTSxRQUFPLEtBQUssVUFBVSxRQUFRLEdBQUc7QUFDcEQsY0FBTSxFQUFFLElBQUksSUFBSTtBQUNoQixjQUFNLE9BQVEsQ0FBQyxXQUFXLFNBQVMsZUFBZSxXQUFXLFdBQVcsRUFBWTtBQUFBLFVBQVEsQ0FBQyxTQUMzRixXQUNHLE1BQU0sSUFBSSxFQUNWLElBQUksQ0FBQyxNQUFNLFVBQVUsQ0FBQyxVQUFVLElBQUksSUFBSSxJQUFJLEdBQUcsSUFBSSxHQUFHLElBQUksSUFBSSxJQUFJLEtBQUssSUFBSSxHQUFHLFFBQVEsTUFBTSxJQUFJLENBQUMsQ0FBQztBQUFBLFFBQ3ZHO0FBQ0EsaUJBQVMsTUFBTSxHQUFHLElBQUksS0FBSyxXQUFXLFNBQVMsUUFBUSxJQUFJLENBQUMsS0FBSyxJQUFJLElBQUksV0FBVyxJQUFJLENBQUMsRUFBRTtBQUMzRixZQUFJLEtBQUssU0FBUyxFQUFHLFVBQVMsTUFBTSxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQ3pELGVBQU87QUFFUCxpQkFBUyxRQUFRLE1BQWdCLE1BQXNCO0FBQ3JELGNBQUk7QUFDRixtQkFBTyxXQUFXLEtBQUssTUFBTSxJQUFJLEVBQUUsUUFBUSxTQUFTO0FBQUEsVUFDdEQsUUFBUTtBQUNOLG1CQUFPLElBQUksSUFBSSxrQ0FBa0M7QUFBQSxVQUNuRDtBQUFBLFFBQ0Y7QUFBQSxNQUNGLENBQUM7QUFBQSxJQUNIO0FBQ0EsYUFBUyxTQUFTLENBQUMsQ0FBQyxRQUFRLGdGQUFnRixDQUFDLENBQUM7QUFBQSxFQUNoSDtBQUNGOyIsCiAgIm5hbWVzIjogW10KfQo=
