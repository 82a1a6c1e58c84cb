// src/cli/ask/confirm-change.ts
import { confirm } from "@inquirer/prompts";
function confirmChange({ environment, host, method, url, calls, rows }) {
  const each = rows ? " for each row" : "";
  const count = calls > 1 || rows ? `, the first of ${calls} changing call${calls === 1 ? "" : "s"}${each}` : "";
  return confirm(
    {
      message: `environment ${environment}, host ${host}: ${method} ${url} changes something${count}. Send ${count === "" ? "it" : "them"}?`,
      default: false
    },
    { output: process.stderr }
  );
}
export {
  confirmChange
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9hc2svY29uZmlybS1jaGFuZ2UudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUaGUgcXVlc3Rpb24gYmVmb3JlIGEgY2FsbCB0aGF0IGNoYW5nZXMgc29tZXRoaW5nLiAqL1xuaW1wb3J0IHsgY29uZmlybSB9IGZyb20gJ0BpbnF1aXJlci9wcm9tcHRzJztcbmltcG9ydCB0eXBlIHsgQ2hhbmdlRmFjdHMgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3dvcmtzcGFjZS5qcyc7XG5cbmV4cG9ydCBmdW5jdGlvbiBjb25maXJtQ2hhbmdlKHsgZW52aXJvbm1lbnQsIGhvc3QsIG1ldGhvZCwgdXJsLCBjYWxscywgcm93cyB9OiBDaGFuZ2VGYWN0cyk6IFByb21pc2U8Ym9vbGVhbj4ge1xuICBjb25zdCBlYWNoID0gcm93cyA/ICcgZm9yIGVhY2ggcm93JyA6ICcnO1xuICBjb25zdCBjb3VudCA9IGNhbGxzID4gMSB8fCByb3dzID8gYCwgdGhlIGZpcnN0IG9mICR7Y2FsbHN9IGNoYW5naW5nIGNhbGwke2NhbGxzID09PSAxID8gJycgOiAncyd9JHtlYWNofWAgOiAnJztcbiAgcmV0dXJuIGNvbmZpcm0oXG4gICAge1xuICAgICAgbWVzc2FnZTogYGVudmlyb25tZW50ICR7ZW52aXJvbm1lbnR9LCBob3N0ICR7aG9zdH06ICR7bWV0aG9kfSAke3VybH0gY2hhbmdlcyBzb21ldGhpbmcke2NvdW50fS4gU2VuZCAke2NvdW50ID09PSAnJyA/ICdpdCcgOiAndGhlbSd9P2AsXG4gICAgICBkZWZhdWx0OiBmYWxzZSxcbiAgICB9LFxuICAgIHsgb3V0cHV0OiBwcm9jZXNzLnN0ZGVyciB9LFxuICApO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjtBQUNBLFNBQVMsZUFBZTtBQUdqQixTQUFTLGNBQWMsRUFBRSxhQUFhLE1BQU0sUUFBUSxLQUFLLE9BQU8sS0FBSyxHQUFrQztBQUM1RyxRQUFNLE9BQU8sT0FBTyxrQkFBa0I7QUFDdEMsUUFBTSxRQUFRLFFBQVEsS0FBSyxPQUFPLGtCQUFrQixLQUFLLGlCQUFpQixVQUFVLElBQUksS0FBSyxHQUFHLEdBQUcsSUFBSSxLQUFLO0FBQzVHLFNBQU87QUFBQSxJQUNMO0FBQUEsTUFDRSxTQUFTLGVBQWUsV0FBVyxVQUFVLElBQUksS0FBSyxNQUFNLElBQUksR0FBRyxxQkFBcUIsS0FBSyxVQUFVLFVBQVUsS0FBSyxPQUFPLE1BQU07QUFBQSxNQUNuSSxTQUFTO0FBQUEsSUFDWDtBQUFBLElBQ0EsRUFBRSxRQUFRLFFBQVEsT0FBTztBQUFBLEVBQzNCO0FBQ0Y7IiwKICAibmFtZXMiOiBbXQp9Cg==
