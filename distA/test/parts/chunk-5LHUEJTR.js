import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/cli/request-path.ts
function requestPath(given) {
  const name = given.replace(/^\.?\/?requests\//, "").replace(/\.ya?ml$/, "");
  if (name === "" || name.split("/").some((part) => part === "" || part === "." || part === ".." || part === "defaults")) {
    throw new Problem("usage", { what: `${given} is not a name for a request`, remedy: "such as calls/book" });
  }
  return { name, file: `requests/${name}.yaml` };
}

export {
  requestPath
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9yZXF1ZXN0LXBhdGgudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUaGUgbmFtZSBhbmQgdGhlIGZpbGUgb2YgYSByZXF1ZXN0IHRoYXQgaXMgdG8gYmUgd3JpdHRlbi4gKi9cbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5cbi8qKiBAcGFyYW0gZ2l2ZW4gYGNhbGxzL2Jvb2tgLCB3aXRoIG9yIHdpdGhvdXQgYHJlcXVlc3RzL2AgYW5kIGAueWFtbGAuIEB0aHJvd3MgUHJvYmxlbSB1c2FnZSAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlcXVlc3RQYXRoKGdpdmVuOiBzdHJpbmcpOiB7IG5hbWU6IHN0cmluZzsgZmlsZTogc3RyaW5nIH0ge1xuICBjb25zdCBuYW1lID0gZ2l2ZW4ucmVwbGFjZSgvXlxcLj9cXC8/cmVxdWVzdHNcXC8vLCAnJykucmVwbGFjZSgvXFwueWE/bWwkLywgJycpO1xuICBpZiAoXG4gICAgbmFtZSA9PT0gJycgfHxcbiAgICBuYW1lLnNwbGl0KCcvJykuc29tZSgocGFydCkgPT4gcGFydCA9PT0gJycgfHwgcGFydCA9PT0gJy4nIHx8IHBhcnQgPT09ICcuLicgfHwgcGFydCA9PT0gJ2RlZmF1bHRzJylcbiAgKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiBgJHtnaXZlbn0gaXMgbm90IGEgbmFtZSBmb3IgYSByZXF1ZXN0YCwgcmVtZWR5OiAnc3VjaCBhcyBjYWxscy9ib29rJyB9KTtcbiAgfVxuICByZXR1cm4geyBuYW1lLCBmaWxlOiBgcmVxdWVzdHMvJHtuYW1lfS55YW1sYCB9O1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7QUFJTyxTQUFTLFlBQVksT0FBK0M7QUFDekUsUUFBTSxPQUFPLE1BQU0sUUFBUSxxQkFBcUIsRUFBRSxFQUFFLFFBQVEsWUFBWSxFQUFFO0FBQzFFLE1BQ0UsU0FBUyxNQUNULEtBQUssTUFBTSxHQUFHLEVBQUUsS0FBSyxDQUFDLFNBQVMsU0FBUyxNQUFNLFNBQVMsT0FBTyxTQUFTLFFBQVEsU0FBUyxVQUFVLEdBQ2xHO0FBQ0EsVUFBTSxJQUFJLFFBQVEsU0FBUyxFQUFFLE1BQU0sR0FBRyxLQUFLLGdDQUFnQyxRQUFRLHFCQUFxQixDQUFDO0FBQUEsRUFDM0c7QUFDQSxTQUFPLEVBQUUsTUFBTSxNQUFNLFlBQVksSUFBSSxRQUFRO0FBQy9DOyIsCiAgIm5hbWVzIjogW10KfQo=
