// src/cli/sending/live-sink.ts
import { StringDecoder } from "node:string_decoder";
var LiveSink = class {
  /** @param show told each line, or what is left at the end */
  constructor(show) {
    this.show = show;
  }
  show;
  saved = 0;
  /** Whether anything is shown here; a refusal is not. */
  begun = false;
  /** A piece may end within a character or a line; a secret is only recognised when it is whole. */
  decoder = new StringDecoder("utf8");
  rest = "";
  /** A compressed stream shows nothing until much of it is there. */
  lines = [
    { name: "Accept-Encoding", value: "identity", origin: "--live", secret: false }
  ];
  begin(status, headers) {
    const coded = headers.some(([name, value]) => /^content-encoding$/i.test(name) && value !== "identity");
    this.begun = status >= 200 && status < 300 && !coded;
    return this.begun ? "beside" : "nothing";
  }
  write(chunk) {
    this.saved += chunk.length;
    const text = this.rest + this.decoder.write(chunk);
    const end = text.lastIndexOf("\n");
    if (end >= 0) this.show(text.slice(0, end));
    this.rest = text.slice(end + 1);
    return void 0;
  }
  /** What stands behind the last line. */
  finish() {
    const text = this.rest + this.decoder.end();
    if (text !== "") this.show(text);
  }
};

export {
  LiveSink
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9zZW5kaW5nL2xpdmUtc2luay50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIEEgc3RyZWFtIGFzIGl0IGNvbWVzOiBzaG93biBsaW5lIGJ5IGxpbmUsIGFuZCBoZWxkIGZvciB3aGF0IGlzIGp1ZGdlZCBhbmQgcmVjb3JkZWQgb2YgaXQuICovXG5pbXBvcnQgeyBTdHJpbmdEZWNvZGVyIH0gZnJvbSAnbm9kZTpzdHJpbmdfZGVjb2Rlcic7XG5pbXBvcnQgdHlwZSB7IFNpbmsgfSBmcm9tICcuLi8uLi9jb3JlL2V4Y2hhbmdlL3NpbmsuanMnO1xuaW1wb3J0IHR5cGUgeyBIZWFkZXJMaW5lIH0gZnJvbSAnLi4vLi4vY29yZS9leGNoYW5nZS93aXJlLmpzJztcblxuZXhwb3J0IGNsYXNzIExpdmVTaW5rIGltcGxlbWVudHMgU2luayB7XG4gIHNhdmVkID0gMDtcbiAgLyoqIFdoZXRoZXIgYW55dGhpbmcgaXMgc2hvd24gaGVyZTsgYSByZWZ1c2FsIGlzIG5vdC4gKi9cbiAgYmVndW4gPSBmYWxzZTtcbiAgLyoqIEEgcGllY2UgbWF5IGVuZCB3aXRoaW4gYSBjaGFyYWN0ZXIgb3IgYSBsaW5lOyBhIHNlY3JldCBpcyBvbmx5IHJlY29nbmlzZWQgd2hlbiBpdCBpcyB3aG9sZS4gKi9cbiAgcHJpdmF0ZSByZWFkb25seSBkZWNvZGVyID0gbmV3IFN0cmluZ0RlY29kZXIoJ3V0ZjgnKTtcbiAgcHJpdmF0ZSByZXN0ID0gJyc7XG5cbiAgLyoqIEBwYXJhbSBzaG93IHRvbGQgZWFjaCBsaW5lLCBvciB3aGF0IGlzIGxlZnQgYXQgdGhlIGVuZCAqL1xuICBjb25zdHJ1Y3Rvcihwcml2YXRlIHJlYWRvbmx5IHNob3c6ICh0ZXh0OiBzdHJpbmcpID0+IHZvaWQpIHt9XG5cbiAgLyoqIEEgY29tcHJlc3NlZCBzdHJlYW0gc2hvd3Mgbm90aGluZyB1bnRpbCBtdWNoIG9mIGl0IGlzIHRoZXJlLiAqL1xuICByZWFkb25seSBsaW5lczogcmVhZG9ubHkgSGVhZGVyTGluZVtdID0gW1xuICAgIHsgbmFtZTogJ0FjY2VwdC1FbmNvZGluZycsIHZhbHVlOiAnaWRlbnRpdHknLCBvcmlnaW46ICctLWxpdmUnLCBzZWNyZXQ6IGZhbHNlIH0sXG4gIF07XG5cbiAgYmVnaW4oc3RhdHVzOiBudW1iZXIsIGhlYWRlcnM6IHJlYWRvbmx5IChyZWFkb25seSBbc3RyaW5nLCBzdHJpbmddKVtdKTogJ2Jlc2lkZScgfCAnbm90aGluZycge1xuICAgIGNvbnN0IGNvZGVkID0gaGVhZGVycy5zb21lKChbbmFtZSwgdmFsdWVdKSA9PiAvXmNvbnRlbnQtZW5jb2RpbmckL2kudGVzdChuYW1lKSAmJiB2YWx1ZSAhPT0gJ2lkZW50aXR5Jyk7XG4gICAgdGhpcy5iZWd1biA9IHN0YXR1cyA+PSAyMDAgJiYgc3RhdHVzIDwgMzAwICYmICFjb2RlZDtcbiAgICByZXR1cm4gdGhpcy5iZWd1biA/ICdiZXNpZGUnIDogJ25vdGhpbmcnO1xuICB9XG5cbiAgd3JpdGUoY2h1bms6IEJ1ZmZlcik6IHVuZGVmaW5lZCB7XG4gICAgdGhpcy5zYXZlZCArPSBjaHVuay5sZW5ndGg7XG4gICAgY29uc3QgdGV4dCA9IHRoaXMucmVzdCArIHRoaXMuZGVjb2Rlci53cml0ZShjaHVuayk7XG4gICAgY29uc3QgZW5kID0gdGV4dC5sYXN0SW5kZXhPZignXFxuJyk7XG4gICAgaWYgKGVuZCA+PSAwKSB0aGlzLnNob3codGV4dC5zbGljZSgwLCBlbmQpKTtcbiAgICB0aGlzLnJlc3QgPSB0ZXh0LnNsaWNlKGVuZCArIDEpO1xuICAgIHJldHVybiB1bmRlZmluZWQ7XG4gIH1cblxuICAvKiogV2hhdCBzdGFuZHMgYmVoaW5kIHRoZSBsYXN0IGxpbmUuICovXG4gIGZpbmlzaCgpOiB2b2lkIHtcbiAgICBjb25zdCB0ZXh0ID0gdGhpcy5yZXN0ICsgdGhpcy5kZWNvZGVyLmVuZCgpO1xuICAgIGlmICh0ZXh0ICE9PSAnJykgdGhpcy5zaG93KHRleHQpO1xuICB9XG59XG4iXSwKICAibWFwcGluZ3MiOiAiO0FBQ0EsU0FBUyxxQkFBcUI7QUFJdkIsSUFBTSxXQUFOLE1BQStCO0FBQUE7QUFBQSxFQVNwQyxZQUE2QixNQUE4QjtBQUE5QjtBQUFBLEVBQStCO0FBQUEsRUFBL0I7QUFBQSxFQVI3QixRQUFRO0FBQUE7QUFBQSxFQUVSLFFBQVE7QUFBQTtBQUFBLEVBRVMsVUFBVSxJQUFJLGNBQWMsTUFBTTtBQUFBLEVBQzNDLE9BQU87QUFBQTtBQUFBLEVBTU4sUUFBK0I7QUFBQSxJQUN0QyxFQUFFLE1BQU0sbUJBQW1CLE9BQU8sWUFBWSxRQUFRLFVBQVUsUUFBUSxNQUFNO0FBQUEsRUFDaEY7QUFBQSxFQUVBLE1BQU0sUUFBZ0IsU0FBdUU7QUFDM0YsVUFBTSxRQUFRLFFBQVEsS0FBSyxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQU0sc0JBQXNCLEtBQUssSUFBSSxLQUFLLFVBQVUsVUFBVTtBQUN0RyxTQUFLLFFBQVEsVUFBVSxPQUFPLFNBQVMsT0FBTyxDQUFDO0FBQy9DLFdBQU8sS0FBSyxRQUFRLFdBQVc7QUFBQSxFQUNqQztBQUFBLEVBRUEsTUFBTSxPQUEwQjtBQUM5QixTQUFLLFNBQVMsTUFBTTtBQUNwQixVQUFNLE9BQU8sS0FBSyxPQUFPLEtBQUssUUFBUSxNQUFNLEtBQUs7QUFDakQsVUFBTSxNQUFNLEtBQUssWUFBWSxJQUFJO0FBQ2pDLFFBQUksT0FBTyxFQUFHLE1BQUssS0FBSyxLQUFLLE1BQU0sR0FBRyxHQUFHLENBQUM7QUFDMUMsU0FBSyxPQUFPLEtBQUssTUFBTSxNQUFNLENBQUM7QUFDOUIsV0FBTztBQUFBLEVBQ1Q7QUFBQTtBQUFBLEVBR0EsU0FBZTtBQUNiLFVBQU0sT0FBTyxLQUFLLE9BQU8sS0FBSyxRQUFRLElBQUk7QUFDMUMsUUFBSSxTQUFTLEdBQUksTUFBSyxLQUFLLElBQUk7QUFBQSxFQUNqQztBQUNGOyIsCiAgIm5hbWVzIjogW10KfQo=
