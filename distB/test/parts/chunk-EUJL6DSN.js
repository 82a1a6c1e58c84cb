import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/core/exchange/credential-hosts.ts
function credentialHosts(environment, listed, origin) {
  const hosts = new Set((listed ?? (origin === void 0 ? [] : [hostOf(origin)])).map((host) => host.toLowerCase()));
  const allows = (url) => hosts.has(url.hostname.replace(/^\[|\]$/g, "")) || hosts.has(url.host) || hosts.has(url.hostname);
  return {
    allows,
    demand(url, what) {
      if (allows(url)) return;
      throw new Problem("host-not-listed", {
        what: `${what} would go to ${url.hostname}, which the environment ${environment} does not list`,
        cause: hosts.size === 0 ? "it lists no hosts and has no origin" : `it lists ${[...hosts].join(", ")}`,
        remedy: `if the host is the vendor's, add it to hosts: in environments/${environment}.yaml; else send with --session none`,
        data: { host: url.hostname }
      });
    }
  };
}
function hostOf(origin) {
  try {
    return new URL(origin).hostname.replace(/^\[|\]$/g, "");
  } catch {
    return "";
  }
}

export {
  credentialHosts
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvY3JlZGVudGlhbC1ob3N0cy50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFdoaWNoIGhvc3RzIG1heSByZWNlaXZlIGEgY3JlZGVudGlhbC4gKi9cbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIENyZWRlbnRpYWxIb3N0cyB7XG4gIGFsbG93cyh1cmw6IFVSTCk6IGJvb2xlYW47XG4gIC8qKiBAcGFyYW0gd2hhdCBgc2Vzc2lvbiBhZ2VudGAsIGBzZWNyZXRgIEB0aHJvd3MgUHJvYmxlbSBob3N0LW5vdC1saXN0ZWQgKi9cbiAgZGVtYW5kKHVybDogVVJMLCB3aGF0OiBzdHJpbmcpOiB2b2lkO1xufVxuXG4vKipcbiAqIEBwYXJhbSBsaXN0ZWQgbmFtZXMsIG9yIG5hbWVzIHdpdGggYSBwb3J0OyB1bmRlZmluZWQgd2hlcmUgdGhlIGVudmlyb25tZW50IGxpc3RzIG5vbmVcbiAqIEBwYXJhbSBvcmlnaW4gdGhlIGVudmlyb25tZW50J3MgYG9yaWdpbmAsIHdoaWNoIHN0YW5kcyBpbiBmb3IgYSBsaXN0XG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBjcmVkZW50aWFsSG9zdHMoXG4gIGVudmlyb25tZW50OiBzdHJpbmcsXG4gIGxpc3RlZDogcmVhZG9ubHkgc3RyaW5nW10gfCB1bmRlZmluZWQsXG4gIG9yaWdpbjogc3RyaW5nIHwgdW5kZWZpbmVkLFxuKTogQ3JlZGVudGlhbEhvc3RzIHtcbiAgY29uc3QgaG9zdHMgPSBuZXcgU2V0KChsaXN0ZWQgPz8gKG9yaWdpbiA9PT0gdW5kZWZpbmVkID8gW10gOiBbaG9zdE9mKG9yaWdpbildKSkubWFwKChob3N0KSA9PiBob3N0LnRvTG93ZXJDYXNlKCkpKTtcbiAgY29uc3QgYWxsb3dzID0gKHVybDogVVJMKTogYm9vbGVhbiA9PlxuICAgIGhvc3RzLmhhcyh1cmwuaG9zdG5hbWUucmVwbGFjZSgvXlxcW3xcXF0kL2csICcnKSkgfHwgaG9zdHMuaGFzKHVybC5ob3N0KSB8fCBob3N0cy5oYXModXJsLmhvc3RuYW1lKTtcbiAgcmV0dXJuIHtcbiAgICBhbGxvd3MsXG4gICAgZGVtYW5kKHVybCwgd2hhdCkge1xuICAgICAgaWYgKGFsbG93cyh1cmwpKSByZXR1cm47XG4gICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnaG9zdC1ub3QtbGlzdGVkJywge1xuICAgICAgICB3aGF0OiBgJHt3aGF0fSB3b3VsZCBnbyB0byAke3VybC5ob3N0bmFtZX0sIHdoaWNoIHRoZSBlbnZpcm9ubWVudCAke2Vudmlyb25tZW50fSBkb2VzIG5vdCBsaXN0YCxcbiAgICAgICAgY2F1c2U6IGhvc3RzLnNpemUgPT09IDAgPyAnaXQgbGlzdHMgbm8gaG9zdHMgYW5kIGhhcyBubyBvcmlnaW4nIDogYGl0IGxpc3RzICR7Wy4uLmhvc3RzXS5qb2luKCcsICcpfWAsXG4gICAgICAgIHJlbWVkeTogYGlmIHRoZSBob3N0IGlzIHRoZSB2ZW5kb3IncywgYWRkIGl0IHRvIGhvc3RzOiBpbiBlbnZpcm9ubWVudHMvJHtlbnZpcm9ubWVudH0ueWFtbDsgZWxzZSBzZW5kIHdpdGggLS1zZXNzaW9uIG5vbmVgLFxuICAgICAgICBkYXRhOiB7IGhvc3Q6IHVybC5ob3N0bmFtZSB9LFxuICAgICAgfSk7XG4gICAgfSxcbiAgfTtcbn1cblxuZnVuY3Rpb24gaG9zdE9mKG9yaWdpbjogc3RyaW5nKTogc3RyaW5nIHtcbiAgdHJ5IHtcbiAgICByZXR1cm4gbmV3IFVSTChvcmlnaW4pLmhvc3RuYW1lLnJlcGxhY2UoL15cXFt8XFxdJC9nLCAnJyk7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiAnJztcbiAgfVxufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7QUFhTyxTQUFTLGdCQUNkLGFBQ0EsUUFDQSxRQUNpQjtBQUNqQixRQUFNLFFBQVEsSUFBSSxLQUFLLFdBQVcsV0FBVyxTQUFZLENBQUMsSUFBSSxDQUFDLE9BQU8sTUFBTSxDQUFDLElBQUksSUFBSSxDQUFDLFNBQVMsS0FBSyxZQUFZLENBQUMsQ0FBQztBQUNsSCxRQUFNLFNBQVMsQ0FBQyxRQUNkLE1BQU0sSUFBSSxJQUFJLFNBQVMsUUFBUSxZQUFZLEVBQUUsQ0FBQyxLQUFLLE1BQU0sSUFBSSxJQUFJLElBQUksS0FBSyxNQUFNLElBQUksSUFBSSxRQUFRO0FBQ2xHLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQSxPQUFPLEtBQUssTUFBTTtBQUNoQixVQUFJLE9BQU8sR0FBRyxFQUFHO0FBQ2pCLFlBQU0sSUFBSSxRQUFRLG1CQUFtQjtBQUFBLFFBQ25DLE1BQU0sR0FBRyxJQUFJLGdCQUFnQixJQUFJLFFBQVEsMkJBQTJCLFdBQVc7QUFBQSxRQUMvRSxPQUFPLE1BQU0sU0FBUyxJQUFJLHdDQUF3QyxZQUFZLENBQUMsR0FBRyxLQUFLLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFBQSxRQUNuRyxRQUFRLGlFQUFpRSxXQUFXO0FBQUEsUUFDcEYsTUFBTSxFQUFFLE1BQU0sSUFBSSxTQUFTO0FBQUEsTUFDN0IsQ0FBQztBQUFBLElBQ0g7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxTQUFTLE9BQU8sUUFBd0I7QUFDdEMsTUFBSTtBQUNGLFdBQU8sSUFBSSxJQUFJLE1BQU0sRUFBRSxTQUFTLFFBQVEsWUFBWSxFQUFFO0FBQUEsRUFDeEQsUUFBUTtBQUNOLFdBQU87QUFBQSxFQUNUO0FBQ0Y7IiwKICAibmFtZXMiOiBbXQp9Cg==
