// src/standin/broken/server.ts
import { once } from "node:events";
import { createServer } from "node:net";
import { gzipSync } from "node:zlib";
var head = (...lines) => `HTTP/1.1 200 OK\r
${lines.join("\r\n")}\r
\r
`;
var waysToBreak = {
  reset: { about: "the connection is reset before an answer", answer: (socket) => socket.resetAndDestroy() },
  silent: { about: "no answer ever comes", answer: () => void 0 },
  closed: { about: "the connection is closed before an answer", answer: (socket) => socket.end() },
  "cut-short": {
    about: "the connection closes in the middle of the body",
    answer: (socket) => socket.end(`${head("Content-Length: 100", "Content-Type: text/plain")}only this much`)
  },
  stalls: {
    about: "the body stops half-way, and the connection stays open",
    answer: (socket) => socket.write(`${head("Content-Length: 100", "Content-Type: text/plain")}and then`)
  },
  "wrong-length": {
    about: "more comes than was announced",
    answer: (socket) => socket.end(`${head("Content-Length: 4", "Content-Type: text/plain")}more than four`)
  },
  "two-lengths": {
    about: "two lengths contradict each other",
    answer: (socket) => socket.end(`${head("Content-Length: 4", "Content-Length: 5", "Content-Type: text/plain")}four!`)
  },
  "broken-gzip": {
    about: "the body claims to be compressed, and is damaged",
    answer(socket) {
      const body = gzipSync("a notice to mariners");
      body[12] = body[12] ^ 255;
      socket.write(head("Content-Encoding: gzip", `Content-Length: ${body.length}`, "Content-Type: text/plain"));
      socket.end(body);
    }
  },
  "broken-chunk": {
    about: "the size of a chunk is no number",
    answer: (socket) => socket.end(`${head("Transfer-Encoding: chunked", "Content-Type: text/plain")}5\r
abcde\r
xyz\r
`)
  },
  "half-chunk": {
    about: "the last chunk never comes",
    answer: (socket) => socket.end(`${head("Transfer-Encoding: chunked", "Content-Type: text/plain")}5\r
abcde\r
`)
  },
  "not-http": {
    about: "another protocol answers",
    answer: (socket) => socket.end("220 mail.larkhaven.example ready\r\n")
  },
  "wrong-type": {
    about: "the body is not of the type it claims",
    answer: (socket) => socket.end(
      `${head("Content-Type: application/json", "Content-Length: 15")}<p>Be patient</p>`.replace("15", "17")
    )
  },
  endless: {
    about: "the body never ends",
    answer(socket) {
      socket.write(head("Content-Type: application/octet-stream"));
      const piece = Buffer.alloc(1 << 16, "x");
      const more = () => {
        while (!socket.destroyed && socket.write(piece)) ;
      };
      socket.on("drain", more);
      more();
    }
  }
};
async function startBroken() {
  const open = /* @__PURE__ */ new Set();
  const server = createServer((socket) => {
    open.add(socket);
    socket.on("close", () => open.delete(socket)).on("error", () => socket.destroy());
    let text = "";
    socket.on("data", (chunk) => {
      text += chunk.toString("latin1");
      if (!text.includes("\r\n\r\n")) return;
      const name = /^\S+ \/([^\s?]*)/.exec(text)?.[1] ?? "";
      text = "";
      const way = Object.hasOwn(waysToBreak, name) ? waysToBreak[name] : void 0;
      if (way) way.answer(socket);
      else {
        const list = Object.entries(waysToBreak).map(([key, { about }]) => `/${key}: ${about}
`).join("");
        socket.end(
          `${head("Content-Type: text/plain; charset=utf-8", `Content-Length: ${Buffer.byteLength(list)}`, "Connection: close")}${list}`
        );
      }
    });
  });
  server.listen(0, "127.0.0.1");
  await once(server, "listening");
  const address = server.address();
  return {
    origin: `http://127.0.0.1:${typeof address === "object" && address ? address.port : 0}`,
    close: () => new Promise((resolve) => {
      for (const socket of open) socket.destroy();
      server.close(() => resolve());
    })
  };
}

export {
  waysToBreak,
  startBroken
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL3N0YW5kaW4vYnJva2VuL3NlcnZlci50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIEEgc2VydmVyIHRoYXQgYnJlYWtzIGluIGV2ZXJ5IHdheTogcGxhaW4gc29ja2V0cywgc2luY2Ugbm8gSFRUUCBsaWJyYXJ5IHdvdWxkIGxldCBpdC4gKi9cbmltcG9ydCB7IG9uY2UgfSBmcm9tICdub2RlOmV2ZW50cyc7XG5pbXBvcnQgeyBjcmVhdGVTZXJ2ZXIsIHR5cGUgU29ja2V0IH0gZnJvbSAnbm9kZTpuZXQnO1xuaW1wb3J0IHsgZ3ppcFN5bmMgfSBmcm9tICdub2RlOnpsaWInO1xuXG5leHBvcnQgaW50ZXJmYWNlIEJyb2tlblNlcnZlciB7XG4gIHJlYWRvbmx5IG9yaWdpbjogc3RyaW5nO1xuICBjbG9zZSgpOiBQcm9taXNlPHZvaWQ+O1xufVxuXG50eXBlIFdheSA9IChzb2NrZXQ6IFNvY2tldCkgPT4gdm9pZDtcblxuY29uc3QgaGVhZCA9ICguLi5saW5lczogcmVhZG9ubHkgc3RyaW5nW10pOiBzdHJpbmcgPT4gYEhUVFAvMS4xIDIwMCBPS1xcclxcbiR7bGluZXMuam9pbignXFxyXFxuJyl9XFxyXFxuXFxyXFxuYDtcblxuLyoqIEVhY2ggYnkgaXRzIHBhdGguICovXG5leHBvcnQgY29uc3Qgd2F5c1RvQnJlYWs6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIHsgcmVhZG9ubHkgYWJvdXQ6IHN0cmluZzsgcmVhZG9ubHkgYW5zd2VyOiBXYXkgfT4+ID0ge1xuICByZXNldDogeyBhYm91dDogJ3RoZSBjb25uZWN0aW9uIGlzIHJlc2V0IGJlZm9yZSBhbiBhbnN3ZXInLCBhbnN3ZXI6IChzb2NrZXQpID0+IHNvY2tldC5yZXNldEFuZERlc3Ryb3koKSB9LFxuICBzaWxlbnQ6IHsgYWJvdXQ6ICdubyBhbnN3ZXIgZXZlciBjb21lcycsIGFuc3dlcjogKCkgPT4gdW5kZWZpbmVkIH0sXG4gIGNsb3NlZDogeyBhYm91dDogJ3RoZSBjb25uZWN0aW9uIGlzIGNsb3NlZCBiZWZvcmUgYW4gYW5zd2VyJywgYW5zd2VyOiAoc29ja2V0KSA9PiBzb2NrZXQuZW5kKCkgfSxcbiAgJ2N1dC1zaG9ydCc6IHtcbiAgICBhYm91dDogJ3RoZSBjb25uZWN0aW9uIGNsb3NlcyBpbiB0aGUgbWlkZGxlIG9mIHRoZSBib2R5JyxcbiAgICBhbnN3ZXI6IChzb2NrZXQpID0+IHNvY2tldC5lbmQoYCR7aGVhZCgnQ29udGVudC1MZW5ndGg6IDEwMCcsICdDb250ZW50LVR5cGU6IHRleHQvcGxhaW4nKX1vbmx5IHRoaXMgbXVjaGApLFxuICB9LFxuICBzdGFsbHM6IHtcbiAgICBhYm91dDogJ3RoZSBib2R5IHN0b3BzIGhhbGYtd2F5LCBhbmQgdGhlIGNvbm5lY3Rpb24gc3RheXMgb3BlbicsXG4gICAgYW5zd2VyOiAoc29ja2V0KSA9PiBzb2NrZXQud3JpdGUoYCR7aGVhZCgnQ29udGVudC1MZW5ndGg6IDEwMCcsICdDb250ZW50LVR5cGU6IHRleHQvcGxhaW4nKX1hbmQgdGhlbmApLFxuICB9LFxuICAnd3JvbmctbGVuZ3RoJzoge1xuICAgIGFib3V0OiAnbW9yZSBjb21lcyB0aGFuIHdhcyBhbm5vdW5jZWQnLFxuICAgIGFuc3dlcjogKHNvY2tldCkgPT4gc29ja2V0LmVuZChgJHtoZWFkKCdDb250ZW50LUxlbmd0aDogNCcsICdDb250ZW50LVR5cGU6IHRleHQvcGxhaW4nKX1tb3JlIHRoYW4gZm91cmApLFxuICB9LFxuICAndHdvLWxlbmd0aHMnOiB7XG4gICAgYWJvdXQ6ICd0d28gbGVuZ3RocyBjb250cmFkaWN0IGVhY2ggb3RoZXInLFxuICAgIGFuc3dlcjogKHNvY2tldCkgPT5cbiAgICAgIHNvY2tldC5lbmQoYCR7aGVhZCgnQ29udGVudC1MZW5ndGg6IDQnLCAnQ29udGVudC1MZW5ndGg6IDUnLCAnQ29udGVudC1UeXBlOiB0ZXh0L3BsYWluJyl9Zm91ciFgKSxcbiAgfSxcbiAgJ2Jyb2tlbi1nemlwJzoge1xuICAgIGFib3V0OiAndGhlIGJvZHkgY2xhaW1zIHRvIGJlIGNvbXByZXNzZWQsIGFuZCBpcyBkYW1hZ2VkJyxcbiAgICBhbnN3ZXIoc29ja2V0KSB7XG4gICAgICBjb25zdCBib2R5ID0gZ3ppcFN5bmMoJ2Egbm90aWNlIHRvIG1hcmluZXJzJyk7XG4gICAgICBib2R5WzEyXSA9IChib2R5WzEyXSBhcyBudW1iZXIpIF4gMHhmZjtcbiAgICAgIHNvY2tldC53cml0ZShoZWFkKCdDb250ZW50LUVuY29kaW5nOiBnemlwJywgYENvbnRlbnQtTGVuZ3RoOiAke2JvZHkubGVuZ3RofWAsICdDb250ZW50LVR5cGU6IHRleHQvcGxhaW4nKSk7XG4gICAgICBzb2NrZXQuZW5kKGJvZHkpO1xuICAgIH0sXG4gIH0sXG4gICdicm9rZW4tY2h1bmsnOiB7XG4gICAgYWJvdXQ6ICd0aGUgc2l6ZSBvZiBhIGNodW5rIGlzIG5vIG51bWJlcicsXG4gICAgYW5zd2VyOiAoc29ja2V0KSA9PlxuICAgICAgc29ja2V0LmVuZChgJHtoZWFkKCdUcmFuc2Zlci1FbmNvZGluZzogY2h1bmtlZCcsICdDb250ZW50LVR5cGU6IHRleHQvcGxhaW4nKX01XFxyXFxuYWJjZGVcXHJcXG54eXpcXHJcXG5gKSxcbiAgfSxcbiAgJ2hhbGYtY2h1bmsnOiB7XG4gICAgYWJvdXQ6ICd0aGUgbGFzdCBjaHVuayBuZXZlciBjb21lcycsXG4gICAgYW5zd2VyOiAoc29ja2V0KSA9PiBzb2NrZXQuZW5kKGAke2hlYWQoJ1RyYW5zZmVyLUVuY29kaW5nOiBjaHVua2VkJywgJ0NvbnRlbnQtVHlwZTogdGV4dC9wbGFpbicpfTVcXHJcXG5hYmNkZVxcclxcbmApLFxuICB9LFxuICAnbm90LWh0dHAnOiB7XG4gICAgYWJvdXQ6ICdhbm90aGVyIHByb3RvY29sIGFuc3dlcnMnLFxuICAgIGFuc3dlcjogKHNvY2tldCkgPT4gc29ja2V0LmVuZCgnMjIwIG1haWwubGFya2hhdmVuLmV4YW1wbGUgcmVhZHlcXHJcXG4nKSxcbiAgfSxcbiAgJ3dyb25nLXR5cGUnOiB7XG4gICAgYWJvdXQ6ICd0aGUgYm9keSBpcyBub3Qgb2YgdGhlIHR5cGUgaXQgY2xhaW1zJyxcbiAgICBhbnN3ZXI6IChzb2NrZXQpID0+XG4gICAgICBzb2NrZXQuZW5kKFxuICAgICAgICBgJHtoZWFkKCdDb250ZW50LVR5cGU6IGFwcGxpY2F0aW9uL2pzb24nLCAnQ29udGVudC1MZW5ndGg6IDE1Jyl9PHA+QmUgcGF0aWVudDwvcD5gLnJlcGxhY2UoJzE1JywgJzE3JyksXG4gICAgICApLFxuICB9LFxuICBlbmRsZXNzOiB7XG4gICAgYWJvdXQ6ICd0aGUgYm9keSBuZXZlciBlbmRzJyxcbiAgICBhbnN3ZXIoc29ja2V0KSB7XG4gICAgICBzb2NrZXQud3JpdGUoaGVhZCgnQ29udGVudC1UeXBlOiBhcHBsaWNhdGlvbi9vY3RldC1zdHJlYW0nKSk7XG4gICAgICBjb25zdCBwaWVjZSA9IEJ1ZmZlci5hbGxvYygxIDw8IDE2LCAneCcpO1xuICAgICAgY29uc3QgbW9yZSA9ICgpOiB2b2lkID0+IHtcbiAgICAgICAgd2hpbGUgKCFzb2NrZXQuZGVzdHJveWVkICYmIHNvY2tldC53cml0ZShwaWVjZSkpO1xuICAgICAgfTtcbiAgICAgIHNvY2tldC5vbignZHJhaW4nLCBtb3JlKTtcbiAgICAgIG1vcmUoKTtcbiAgICB9LFxuICB9LFxufTtcblxuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHN0YXJ0QnJva2VuKCk6IFByb21pc2U8QnJva2VuU2VydmVyPiB7XG4gIGNvbnN0IG9wZW4gPSBuZXcgU2V0PFNvY2tldD4oKTtcbiAgY29uc3Qgc2VydmVyID0gY3JlYXRlU2VydmVyKChzb2NrZXQpID0+IHtcbiAgICBvcGVuLmFkZChzb2NrZXQpO1xuICAgIHNvY2tldC5vbignY2xvc2UnLCAoKSA9PiBvcGVuLmRlbGV0ZShzb2NrZXQpKS5vbignZXJyb3InLCAoKSA9PiBzb2NrZXQuZGVzdHJveSgpKTtcbiAgICBsZXQgdGV4dCA9ICcnO1xuICAgIHNvY2tldC5vbignZGF0YScsIChjaHVuaykgPT4ge1xuICAgICAgdGV4dCArPSBjaHVuay50b1N0cmluZygnbGF0aW4xJyk7XG4gICAgICBpZiAoIXRleHQuaW5jbHVkZXMoJ1xcclxcblxcclxcbicpKSByZXR1cm47XG4gICAgICBjb25zdCBuYW1lID0gL15cXFMrIFxcLyhbXlxccz9dKikvLmV4ZWModGV4dCk/LlsxXSA/PyAnJztcbiAgICAgIHRleHQgPSAnJztcbiAgICAgIGNvbnN0IHdheSA9IE9iamVjdC5oYXNPd24od2F5c1RvQnJlYWssIG5hbWUpID8gd2F5c1RvQnJlYWtbbmFtZV0gOiB1bmRlZmluZWQ7XG4gICAgICBpZiAod2F5KSB3YXkuYW5zd2VyKHNvY2tldCk7XG4gICAgICBlbHNlIHtcbiAgICAgICAgY29uc3QgbGlzdCA9IE9iamVjdC5lbnRyaWVzKHdheXNUb0JyZWFrKVxuICAgICAgICAgIC5tYXAoKFtrZXksIHsgYWJvdXQgfV0pID0+IGAvJHtrZXl9OiAke2Fib3V0fVxcbmApXG4gICAgICAgICAgLmpvaW4oJycpO1xuICAgICAgICBzb2NrZXQuZW5kKFxuICAgICAgICAgIGAke2hlYWQoJ0NvbnRlbnQtVHlwZTogdGV4dC9wbGFpbjsgY2hhcnNldD11dGYtOCcsIGBDb250ZW50LUxlbmd0aDogJHtCdWZmZXIuYnl0ZUxlbmd0aChsaXN0KX1gLCAnQ29ubmVjdGlvbjogY2xvc2UnKX0ke2xpc3R9YCxcbiAgICAgICAgKTtcbiAgICAgIH1cbiAgICB9KTtcbiAgfSk7XG4gIHNlcnZlci5saXN0ZW4oMCwgJzEyNy4wLjAuMScpO1xuICBhd2FpdCBvbmNlKHNlcnZlciwgJ2xpc3RlbmluZycpO1xuICBjb25zdCBhZGRyZXNzID0gc2VydmVyLmFkZHJlc3MoKTtcbiAgcmV0dXJuIHtcbiAgICBvcmlnaW46IGBodHRwOi8vMTI3LjAuMC4xOiR7dHlwZW9mIGFkZHJlc3MgPT09ICdvYmplY3QnICYmIGFkZHJlc3MgPyBhZGRyZXNzLnBvcnQgOiAwfWAsXG4gICAgY2xvc2U6ICgpID0+XG4gICAgICBuZXcgUHJvbWlzZSgocmVzb2x2ZSkgPT4ge1xuICAgICAgICBmb3IgKGNvbnN0IHNvY2tldCBvZiBvcGVuKSBzb2NrZXQuZGVzdHJveSgpO1xuICAgICAgICBzZXJ2ZXIuY2xvc2UoKCkgPT4gcmVzb2x2ZSgpKTtcbiAgICAgIH0pLFxuICB9O1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjtBQUNBLFNBQVMsWUFBWTtBQUNyQixTQUFTLG9CQUFpQztBQUMxQyxTQUFTLGdCQUFnQjtBQVN6QixJQUFNLE9BQU8sSUFBSSxVQUFxQztBQUFBLEVBQXNCLE1BQU0sS0FBSyxNQUFNLENBQUM7QUFBQTtBQUFBO0FBR3ZGLElBQU0sY0FBMEY7QUFBQSxFQUNyRyxPQUFPLEVBQUUsT0FBTyw0Q0FBNEMsUUFBUSxDQUFDLFdBQVcsT0FBTyxnQkFBZ0IsRUFBRTtBQUFBLEVBQ3pHLFFBQVEsRUFBRSxPQUFPLHdCQUF3QixRQUFRLE1BQU0sT0FBVTtBQUFBLEVBQ2pFLFFBQVEsRUFBRSxPQUFPLDZDQUE2QyxRQUFRLENBQUMsV0FBVyxPQUFPLElBQUksRUFBRTtBQUFBLEVBQy9GLGFBQWE7QUFBQSxJQUNYLE9BQU87QUFBQSxJQUNQLFFBQVEsQ0FBQyxXQUFXLE9BQU8sSUFBSSxHQUFHLEtBQUssdUJBQXVCLDBCQUEwQixDQUFDLGdCQUFnQjtBQUFBLEVBQzNHO0FBQUEsRUFDQSxRQUFRO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxRQUFRLENBQUMsV0FBVyxPQUFPLE1BQU0sR0FBRyxLQUFLLHVCQUF1QiwwQkFBMEIsQ0FBQyxVQUFVO0FBQUEsRUFDdkc7QUFBQSxFQUNBLGdCQUFnQjtBQUFBLElBQ2QsT0FBTztBQUFBLElBQ1AsUUFBUSxDQUFDLFdBQVcsT0FBTyxJQUFJLEdBQUcsS0FBSyxxQkFBcUIsMEJBQTBCLENBQUMsZ0JBQWdCO0FBQUEsRUFDekc7QUFBQSxFQUNBLGVBQWU7QUFBQSxJQUNiLE9BQU87QUFBQSxJQUNQLFFBQVEsQ0FBQyxXQUNQLE9BQU8sSUFBSSxHQUFHLEtBQUsscUJBQXFCLHFCQUFxQiwwQkFBMEIsQ0FBQyxPQUFPO0FBQUEsRUFDbkc7QUFBQSxFQUNBLGVBQWU7QUFBQSxJQUNiLE9BQU87QUFBQSxJQUNQLE9BQU8sUUFBUTtBQUNiLFlBQU0sT0FBTyxTQUFTLHNCQUFzQjtBQUM1QyxXQUFLLEVBQUUsSUFBSyxLQUFLLEVBQUUsSUFBZTtBQUNsQyxhQUFPLE1BQU0sS0FBSywwQkFBMEIsbUJBQW1CLEtBQUssTUFBTSxJQUFJLDBCQUEwQixDQUFDO0FBQ3pHLGFBQU8sSUFBSSxJQUFJO0FBQUEsSUFDakI7QUFBQSxFQUNGO0FBQUEsRUFDQSxnQkFBZ0I7QUFBQSxJQUNkLE9BQU87QUFBQSxJQUNQLFFBQVEsQ0FBQyxXQUNQLE9BQU8sSUFBSSxHQUFHLEtBQUssOEJBQThCLDBCQUEwQixDQUFDO0FBQUE7QUFBQTtBQUFBLENBQXVCO0FBQUEsRUFDdkc7QUFBQSxFQUNBLGNBQWM7QUFBQSxJQUNaLE9BQU87QUFBQSxJQUNQLFFBQVEsQ0FBQyxXQUFXLE9BQU8sSUFBSSxHQUFHLEtBQUssOEJBQThCLDBCQUEwQixDQUFDO0FBQUE7QUFBQSxDQUFnQjtBQUFBLEVBQ2xIO0FBQUEsRUFDQSxZQUFZO0FBQUEsSUFDVixPQUFPO0FBQUEsSUFDUCxRQUFRLENBQUMsV0FBVyxPQUFPLElBQUksc0NBQXNDO0FBQUEsRUFDdkU7QUFBQSxFQUNBLGNBQWM7QUFBQSxJQUNaLE9BQU87QUFBQSxJQUNQLFFBQVEsQ0FBQyxXQUNQLE9BQU87QUFBQSxNQUNMLEdBQUcsS0FBSyxrQ0FBa0Msb0JBQW9CLENBQUMsb0JBQW9CLFFBQVEsTUFBTSxJQUFJO0FBQUEsSUFDdkc7QUFBQSxFQUNKO0FBQUEsRUFDQSxTQUFTO0FBQUEsSUFDUCxPQUFPO0FBQUEsSUFDUCxPQUFPLFFBQVE7QUFDYixhQUFPLE1BQU0sS0FBSyx3Q0FBd0MsQ0FBQztBQUMzRCxZQUFNLFFBQVEsT0FBTyxNQUFNLEtBQUssSUFBSSxHQUFHO0FBQ3ZDLFlBQU0sT0FBTyxNQUFZO0FBQ3ZCLGVBQU8sQ0FBQyxPQUFPLGFBQWEsT0FBTyxNQUFNLEtBQUssRUFBRTtBQUFBLE1BQ2xEO0FBQ0EsYUFBTyxHQUFHLFNBQVMsSUFBSTtBQUN2QixXQUFLO0FBQUEsSUFDUDtBQUFBLEVBQ0Y7QUFDRjtBQUVBLGVBQXNCLGNBQXFDO0FBQ3pELFFBQU0sT0FBTyxvQkFBSSxJQUFZO0FBQzdCLFFBQU0sU0FBUyxhQUFhLENBQUMsV0FBVztBQUN0QyxTQUFLLElBQUksTUFBTTtBQUNmLFdBQU8sR0FBRyxTQUFTLE1BQU0sS0FBSyxPQUFPLE1BQU0sQ0FBQyxFQUFFLEdBQUcsU0FBUyxNQUFNLE9BQU8sUUFBUSxDQUFDO0FBQ2hGLFFBQUksT0FBTztBQUNYLFdBQU8sR0FBRyxRQUFRLENBQUMsVUFBVTtBQUMzQixjQUFRLE1BQU0sU0FBUyxRQUFRO0FBQy9CLFVBQUksQ0FBQyxLQUFLLFNBQVMsVUFBVSxFQUFHO0FBQ2hDLFlBQU0sT0FBTyxtQkFBbUIsS0FBSyxJQUFJLElBQUksQ0FBQyxLQUFLO0FBQ25ELGFBQU87QUFDUCxZQUFNLE1BQU0sT0FBTyxPQUFPLGFBQWEsSUFBSSxJQUFJLFlBQVksSUFBSSxJQUFJO0FBQ25FLFVBQUksSUFBSyxLQUFJLE9BQU8sTUFBTTtBQUFBLFdBQ3JCO0FBQ0gsY0FBTSxPQUFPLE9BQU8sUUFBUSxXQUFXLEVBQ3BDLElBQUksQ0FBQyxDQUFDLEtBQUssRUFBRSxNQUFNLENBQUMsTUFBTSxJQUFJLEdBQUcsS0FBSyxLQUFLO0FBQUEsQ0FBSSxFQUMvQyxLQUFLLEVBQUU7QUFDVixlQUFPO0FBQUEsVUFDTCxHQUFHLEtBQUssMkNBQTJDLG1CQUFtQixPQUFPLFdBQVcsSUFBSSxDQUFDLElBQUksbUJBQW1CLENBQUMsR0FBRyxJQUFJO0FBQUEsUUFDOUg7QUFBQSxNQUNGO0FBQUEsSUFDRixDQUFDO0FBQUEsRUFDSCxDQUFDO0FBQ0QsU0FBTyxPQUFPLEdBQUcsV0FBVztBQUM1QixRQUFNLEtBQUssUUFBUSxXQUFXO0FBQzlCLFFBQU0sVUFBVSxPQUFPLFFBQVE7QUFDL0IsU0FBTztBQUFBLElBQ0wsUUFBUSxvQkFBb0IsT0FBTyxZQUFZLFlBQVksVUFBVSxRQUFRLE9BQU8sQ0FBQztBQUFBLElBQ3JGLE9BQU8sTUFDTCxJQUFJLFFBQVEsQ0FBQyxZQUFZO0FBQ3ZCLGlCQUFXLFVBQVUsS0FBTSxRQUFPLFFBQVE7QUFDMUMsYUFBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQUEsSUFDOUIsQ0FBQztBQUFBLEVBQ0w7QUFDRjsiLAogICJuYW1lcyI6IFtdCn0K
