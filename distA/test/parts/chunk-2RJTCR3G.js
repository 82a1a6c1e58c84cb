// src/core/documentation/text-lines.ts
import { readFileSync } from "node:fs";
var TextLines = class _TextLines {
  constructor(text) {
    this.text = text;
  }
  text;
  starts;
  lower;
  static read(path) {
    return new _TextLines(readFileSync(path, "latin1"));
  }
  /** The line of a number, without its end; empty beyond the last. */
  line(number) {
    const starts = this.lineStarts();
    const from = starts[number];
    return from === void 0 ? "" : this.text.slice(from, this.endFrom(from));
  }
  get count() {
    return this.lineStarts().length;
  }
  *[Symbol.iterator]() {
    for (let from = 0; from < this.text.length; ) {
      const end = this.endFrom(from);
      yield this.text.slice(from, end);
      from = end + 1;
    }
  }
  /**
   * Numbers of lines that have a text which `accept` takes, each once, in order.
   * @param accept told where the text stands and where its line begins and ends
   */
  *numbersWith(wanted, accept) {
    const { text } = this;
    const starts = this.lineStarts();
    let line = 0;
    for (let at = text.indexOf(wanted); at !== -1; ) {
      while ((starts[line + 1] ?? Number.POSITIVE_INFINITY) <= at) line += 1;
      const from = starts[line];
      const end = this.endFrom(at);
      const found = accept(at, from, end);
      if (found) yield line;
      at = text.indexOf(wanted, found ? end : at + 1);
    }
  }
  /** Lines with a cell that is neither their first nor their last. */
  *withCell(cell) {
    const { text } = this;
    const wanted = `	${cell}	`;
    for (let at = text.indexOf(wanted); at !== -1; ) {
      const end = this.endFrom(at);
      yield text.slice(text.lastIndexOf("\n", at) + 1, end);
      at = text.indexOf(wanted, end);
    }
  }
  /** Lines with a word, in any case where its letters are ASCII. */
  *having(word) {
    this.lower ??= this.text.toLowerCase();
    const wanted = toBytes(word).toLowerCase();
    for (let at = this.lower.indexOf(wanted); at !== -1; ) {
      const end = this.endFrom(at);
      yield this.text.slice(this.text.lastIndexOf("\n", at) + 1, end);
      at = this.lower.indexOf(wanted, end);
    }
  }
  /** The first line whose first cell is this one. */
  lineOf(cell) {
    const wanted = `${cell}	`;
    let at = this.text.startsWith(wanted) ? 0 : this.text.indexOf(`
${wanted}`);
    if (at === -1) return void 0;
    if (at > 0) at += 1;
    return this.text.slice(at, this.endFrom(at));
  }
  endFrom(at) {
    const end = this.text.indexOf("\n", at);
    return end === -1 ? this.text.length : end;
  }
  lineStarts() {
    if (this.starts) return this.starts;
    const starts = [];
    for (let from = 0; from < this.text.length; from = this.endFrom(from) + 1) starts.push(from);
    this.starts = starts;
    return starts;
  }
};
var toBytes = (text) => isPlain(text) ? text : Buffer.from(text).toString("latin1");
var fromBytes = (text) => isPlain(text) ? text : Buffer.from(text, "latin1").toString();
var isPlain = (text) => !/[^\0-\x7f]/.test(text);
function cellOf(line, wanted) {
  let from = 0;
  for (let count = 0; count < wanted; count += 1) from = line.indexOf("	", from) + 1;
  const end = line.indexOf("	", from);
  return end === -1 ? line.slice(from) : line.slice(from, end);
}
var lineOf = (cells) => `${cells.map((cell) => typeof cell === "number" || !/[\t\n\r]/.test(cell) ? cell : cell.replace(/[\t\n\r]+/g, " ")).join("	")}
`;

export {
  TextLines,
  toBytes,
  fromBytes,
  cellOf,
  lineOf
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi90ZXh0LWxpbmVzLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKipcbiAqIEEgZmlsZSBvZiBsaW5lcyB0aGF0IGlzIHNjYW5uZWQgd2hvbGU6IHNwbGl0dGluZyBpdCB3b3VsZCBjb3N0IG1vcmUgdGhhbiBtb3N0IHNlYXJjaGVzLiBFYWNoIGJ5dGUgb2YgaXRzIFVURi04IGlzXG4gKiBhIGNoYXJhY3RlciBoZXJlLCBzaW5jZSB0byByZWFkIGl0IHNvIHRha2VzIGEgZmlmdGggb2YgdGhlIHRpbWU7IHdoYXQgaXMgbG9va2VkIGZvciBoYXMgdG8gYmUgd3JpdHRlbiBzbyB0b28uXG4gKi9cbmltcG9ydCB7IHJlYWRGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuXG5leHBvcnQgY2xhc3MgVGV4dExpbmVzIHtcbiAgcHJpdmF0ZSBzdGFydHM6IHJlYWRvbmx5IG51bWJlcltdIHwgdW5kZWZpbmVkO1xuICBwcml2YXRlIGxvd2VyOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG5cbiAgY29uc3RydWN0b3IocmVhZG9ubHkgdGV4dDogc3RyaW5nKSB7fVxuXG4gIHN0YXRpYyByZWFkKHBhdGg6IHN0cmluZyk6IFRleHRMaW5lcyB7XG4gICAgcmV0dXJuIG5ldyBUZXh0TGluZXMocmVhZEZpbGVTeW5jKHBhdGgsICdsYXRpbjEnKSk7XG4gIH1cblxuICAvKiogVGhlIGxpbmUgb2YgYSBudW1iZXIsIHdpdGhvdXQgaXRzIGVuZDsgZW1wdHkgYmV5b25kIHRoZSBsYXN0LiAqL1xuICBsaW5lKG51bWJlcjogbnVtYmVyKTogc3RyaW5nIHtcbiAgICBjb25zdCBzdGFydHMgPSB0aGlzLmxpbmVTdGFydHMoKTtcbiAgICBjb25zdCBmcm9tID0gc3RhcnRzW251bWJlcl07XG4gICAgcmV0dXJuIGZyb20gPT09IHVuZGVmaW5lZCA/ICcnIDogdGhpcy50ZXh0LnNsaWNlKGZyb20sIHRoaXMuZW5kRnJvbShmcm9tKSk7XG4gIH1cblxuICBnZXQgY291bnQoKTogbnVtYmVyIHtcbiAgICByZXR1cm4gdGhpcy5saW5lU3RhcnRzKCkubGVuZ3RoO1xuICB9XG5cbiAgKltTeW1ib2wuaXRlcmF0b3JdKCk6IEdlbmVyYXRvcjxzdHJpbmc+IHtcbiAgICBmb3IgKGxldCBmcm9tID0gMDsgZnJvbSA8IHRoaXMudGV4dC5sZW5ndGg7ICkge1xuICAgICAgY29uc3QgZW5kID0gdGhpcy5lbmRGcm9tKGZyb20pO1xuICAgICAgeWllbGQgdGhpcy50ZXh0LnNsaWNlKGZyb20sIGVuZCk7XG4gICAgICBmcm9tID0gZW5kICsgMTtcbiAgICB9XG4gIH1cblxuICAvKipcbiAgICogTnVtYmVycyBvZiBsaW5lcyB0aGF0IGhhdmUgYSB0ZXh0IHdoaWNoIGBhY2NlcHRgIHRha2VzLCBlYWNoIG9uY2UsIGluIG9yZGVyLlxuICAgKiBAcGFyYW0gYWNjZXB0IHRvbGQgd2hlcmUgdGhlIHRleHQgc3RhbmRzIGFuZCB3aGVyZSBpdHMgbGluZSBiZWdpbnMgYW5kIGVuZHNcbiAgICovXG4gICpudW1iZXJzV2l0aCh3YW50ZWQ6IHN0cmluZywgYWNjZXB0OiAoYXQ6IG51bWJlciwgZnJvbTogbnVtYmVyLCBlbmQ6IG51bWJlcikgPT4gYm9vbGVhbik6IEdlbmVyYXRvcjxudW1iZXI+IHtcbiAgICBjb25zdCB7IHRleHQgfSA9IHRoaXM7XG4gICAgY29uc3Qgc3RhcnRzID0gdGhpcy5saW5lU3RhcnRzKCk7XG4gICAgbGV0IGxpbmUgPSAwO1xuICAgIGZvciAobGV0IGF0ID0gdGV4dC5pbmRleE9mKHdhbnRlZCk7IGF0ICE9PSAtMTsgKSB7XG4gICAgICB3aGlsZSAoKHN0YXJ0c1tsaW5lICsgMV0gPz8gTnVtYmVyLlBPU0lUSVZFX0lORklOSVRZKSA8PSBhdCkgbGluZSArPSAxO1xuICAgICAgY29uc3QgZnJvbSA9IHN0YXJ0c1tsaW5lXSBhcyBudW1iZXI7XG4gICAgICBjb25zdCBlbmQgPSB0aGlzLmVuZEZyb20oYXQpO1xuICAgICAgY29uc3QgZm91bmQgPSBhY2NlcHQoYXQsIGZyb20sIGVuZCk7XG4gICAgICBpZiAoZm91bmQpIHlpZWxkIGxpbmU7XG4gICAgICBhdCA9IHRleHQuaW5kZXhPZih3YW50ZWQsIGZvdW5kID8gZW5kIDogYXQgKyAxKTtcbiAgICB9XG4gIH1cblxuICAvKiogTGluZXMgd2l0aCBhIGNlbGwgdGhhdCBpcyBuZWl0aGVyIHRoZWlyIGZpcnN0IG5vciB0aGVpciBsYXN0LiAqL1xuICAqd2l0aENlbGwoY2VsbDogc3RyaW5nKTogR2VuZXJhdG9yPHN0cmluZz4ge1xuICAgIGNvbnN0IHsgdGV4dCB9ID0gdGhpcztcbiAgICBjb25zdCB3YW50ZWQgPSBgXFx0JHtjZWxsfVxcdGA7XG4gICAgZm9yIChsZXQgYXQgPSB0ZXh0LmluZGV4T2Yod2FudGVkKTsgYXQgIT09IC0xOyApIHtcbiAgICAgIGNvbnN0IGVuZCA9IHRoaXMuZW5kRnJvbShhdCk7XG4gICAgICB5aWVsZCB0ZXh0LnNsaWNlKHRleHQubGFzdEluZGV4T2YoJ1xcbicsIGF0KSArIDEsIGVuZCk7XG4gICAgICBhdCA9IHRleHQuaW5kZXhPZih3YW50ZWQsIGVuZCk7XG4gICAgfVxuICB9XG5cbiAgLyoqIExpbmVzIHdpdGggYSB3b3JkLCBpbiBhbnkgY2FzZSB3aGVyZSBpdHMgbGV0dGVycyBhcmUgQVNDSUkuICovXG4gICpoYXZpbmcod29yZDogc3RyaW5nKTogR2VuZXJhdG9yPHN0cmluZz4ge1xuICAgIC8vIEJ5dGUgYnkgYnl0ZTogd2hhdCBiZWNvbWVzIG9mIG90aGVyIGxldHRlcnMgZG9lcyBub3QgbWF0dGVyLCBhcyBsb25nIGFzIGl0IGlzIHRoZSBzYW1lIG9uIGJvdGggc2lkZXMuXG4gICAgdGhpcy5sb3dlciA/Pz0gdGhpcy50ZXh0LnRvTG93ZXJDYXNlKCk7XG4gICAgY29uc3Qgd2FudGVkID0gdG9CeXRlcyh3b3JkKS50b0xvd2VyQ2FzZSgpO1xuICAgIGZvciAobGV0IGF0ID0gdGhpcy5sb3dlci5pbmRleE9mKHdhbnRlZCk7IGF0ICE9PSAtMTsgKSB7XG4gICAgICBjb25zdCBlbmQgPSB0aGlzLmVuZEZyb20oYXQpO1xuICAgICAgeWllbGQgdGhpcy50ZXh0LnNsaWNlKHRoaXMudGV4dC5sYXN0SW5kZXhPZignXFxuJywgYXQpICsgMSwgZW5kKTtcbiAgICAgIGF0ID0gdGhpcy5sb3dlci5pbmRleE9mKHdhbnRlZCwgZW5kKTtcbiAgICB9XG4gIH1cblxuICAvKiogVGhlIGZpcnN0IGxpbmUgd2hvc2UgZmlyc3QgY2VsbCBpcyB0aGlzIG9uZS4gKi9cbiAgbGluZU9mKGNlbGw6IHN0cmluZyk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gICAgY29uc3Qgd2FudGVkID0gYCR7Y2VsbH1cXHRgO1xuICAgIGxldCBhdCA9IHRoaXMudGV4dC5zdGFydHNXaXRoKHdhbnRlZCkgPyAwIDogdGhpcy50ZXh0LmluZGV4T2YoYFxcbiR7d2FudGVkfWApO1xuICAgIGlmIChhdCA9PT0gLTEpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgaWYgKGF0ID4gMCkgYXQgKz0gMTtcbiAgICByZXR1cm4gdGhpcy50ZXh0LnNsaWNlKGF0LCB0aGlzLmVuZEZyb20oYXQpKTtcbiAgfVxuXG4gIHByaXZhdGUgZW5kRnJvbShhdDogbnVtYmVyKTogbnVtYmVyIHtcbiAgICBjb25zdCBlbmQgPSB0aGlzLnRleHQuaW5kZXhPZignXFxuJywgYXQpO1xuICAgIHJldHVybiBlbmQgPT09IC0xID8gdGhpcy50ZXh0Lmxlbmd0aCA6IGVuZDtcbiAgfVxuXG4gIHByaXZhdGUgbGluZVN0YXJ0cygpOiByZWFkb25seSBudW1iZXJbXSB7XG4gICAgaWYgKHRoaXMuc3RhcnRzKSByZXR1cm4gdGhpcy5zdGFydHM7XG4gICAgY29uc3Qgc3RhcnRzOiBudW1iZXJbXSA9IFtdO1xuICAgIGZvciAobGV0IGZyb20gPSAwOyBmcm9tIDwgdGhpcy50ZXh0Lmxlbmd0aDsgZnJvbSA9IHRoaXMuZW5kRnJvbShmcm9tKSArIDEpIHN0YXJ0cy5wdXNoKGZyb20pO1xuICAgIHRoaXMuc3RhcnRzID0gc3RhcnRzO1xuICAgIHJldHVybiBzdGFydHM7XG4gIH1cbn1cblxuLyoqIEEgdGV4dCBhcyBpdCBzdGFuZHMgYW1vbmcgYnl0ZXMsIGFuZCBiYWNrLiAqL1xuZXhwb3J0IGNvbnN0IHRvQnl0ZXMgPSAodGV4dDogc3RyaW5nKTogc3RyaW5nID0+IChpc1BsYWluKHRleHQpID8gdGV4dCA6IEJ1ZmZlci5mcm9tKHRleHQpLnRvU3RyaW5nKCdsYXRpbjEnKSk7XG5leHBvcnQgY29uc3QgZnJvbUJ5dGVzID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PiAoaXNQbGFpbih0ZXh0KSA/IHRleHQgOiBCdWZmZXIuZnJvbSh0ZXh0LCAnbGF0aW4xJykudG9TdHJpbmcoKSk7XG5cbmNvbnN0IGlzUGxhaW4gPSAodGV4dDogc3RyaW5nKTogYm9vbGVhbiA9PiAhL1teXFwwLVxceDdmXS8udGVzdCh0ZXh0KTtcblxuLyoqIFRoZSBjZWxsIG9mIGEgbGluZSBvZiBjZWxscyB0aGF0IHRhYnMgcGFydC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBjZWxsT2YobGluZTogc3RyaW5nLCB3YW50ZWQ6IG51bWJlcik6IHN0cmluZyB7XG4gIGxldCBmcm9tID0gMDtcbiAgZm9yIChsZXQgY291bnQgPSAwOyBjb3VudCA8IHdhbnRlZDsgY291bnQgKz0gMSkgZnJvbSA9IGxpbmUuaW5kZXhPZignXFx0JywgZnJvbSkgKyAxO1xuICBjb25zdCBlbmQgPSBsaW5lLmluZGV4T2YoJ1xcdCcsIGZyb20pO1xuICByZXR1cm4gZW5kID09PSAtMSA/IGxpbmUuc2xpY2UoZnJvbSkgOiBsaW5lLnNsaWNlKGZyb20sIGVuZCk7XG59XG5cbmV4cG9ydCBjb25zdCBsaW5lT2YgPSAoY2VsbHM6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10pOiBzdHJpbmcgPT5cbiAgYCR7Y2VsbHMubWFwKChjZWxsKSA9PiAodHlwZW9mIGNlbGwgPT09ICdudW1iZXInIHx8ICEvW1xcdFxcblxccl0vLnRlc3QoY2VsbCkgPyBjZWxsIDogY2VsbC5yZXBsYWNlKC9bXFx0XFxuXFxyXSsvZywgJyAnKSkpLmpvaW4oJ1xcdCcpfVxcbmA7XG4iXSwKICAibWFwcGluZ3MiOiAiO0FBSUEsU0FBUyxvQkFBb0I7QUFFdEIsSUFBTSxZQUFOLE1BQU0sV0FBVTtBQUFBLEVBSXJCLFlBQXFCLE1BQWM7QUFBZDtBQUFBLEVBQWU7QUFBQSxFQUFmO0FBQUEsRUFIYjtBQUFBLEVBQ0E7QUFBQSxFQUlSLE9BQU8sS0FBSyxNQUF5QjtBQUNuQyxXQUFPLElBQUksV0FBVSxhQUFhLE1BQU0sUUFBUSxDQUFDO0FBQUEsRUFDbkQ7QUFBQTtBQUFBLEVBR0EsS0FBSyxRQUF3QjtBQUMzQixVQUFNLFNBQVMsS0FBSyxXQUFXO0FBQy9CLFVBQU0sT0FBTyxPQUFPLE1BQU07QUFDMUIsV0FBTyxTQUFTLFNBQVksS0FBSyxLQUFLLEtBQUssTUFBTSxNQUFNLEtBQUssUUFBUSxJQUFJLENBQUM7QUFBQSxFQUMzRTtBQUFBLEVBRUEsSUFBSSxRQUFnQjtBQUNsQixXQUFPLEtBQUssV0FBVyxFQUFFO0FBQUEsRUFDM0I7QUFBQSxFQUVBLEVBQUUsT0FBTyxRQUFRLElBQXVCO0FBQ3RDLGFBQVMsT0FBTyxHQUFHLE9BQU8sS0FBSyxLQUFLLFVBQVU7QUFDNUMsWUFBTSxNQUFNLEtBQUssUUFBUSxJQUFJO0FBQzdCLFlBQU0sS0FBSyxLQUFLLE1BQU0sTUFBTSxHQUFHO0FBQy9CLGFBQU8sTUFBTTtBQUFBLElBQ2Y7QUFBQSxFQUNGO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQSxFQU1BLENBQUMsWUFBWSxRQUFnQixRQUErRTtBQUMxRyxVQUFNLEVBQUUsS0FBSyxJQUFJO0FBQ2pCLFVBQU0sU0FBUyxLQUFLLFdBQVc7QUFDL0IsUUFBSSxPQUFPO0FBQ1gsYUFBUyxLQUFLLEtBQUssUUFBUSxNQUFNLEdBQUcsT0FBTyxNQUFNO0FBQy9DLGNBQVEsT0FBTyxPQUFPLENBQUMsS0FBSyxPQUFPLHNCQUFzQixHQUFJLFNBQVE7QUFDckUsWUFBTSxPQUFPLE9BQU8sSUFBSTtBQUN4QixZQUFNLE1BQU0sS0FBSyxRQUFRLEVBQUU7QUFDM0IsWUFBTSxRQUFRLE9BQU8sSUFBSSxNQUFNLEdBQUc7QUFDbEMsVUFBSSxNQUFPLE9BQU07QUFDakIsV0FBSyxLQUFLLFFBQVEsUUFBUSxRQUFRLE1BQU0sS0FBSyxDQUFDO0FBQUEsSUFDaEQ7QUFBQSxFQUNGO0FBQUE7QUFBQSxFQUdBLENBQUMsU0FBUyxNQUFpQztBQUN6QyxVQUFNLEVBQUUsS0FBSyxJQUFJO0FBQ2pCLFVBQU0sU0FBUyxJQUFLLElBQUk7QUFDeEIsYUFBUyxLQUFLLEtBQUssUUFBUSxNQUFNLEdBQUcsT0FBTyxNQUFNO0FBQy9DLFlBQU0sTUFBTSxLQUFLLFFBQVEsRUFBRTtBQUMzQixZQUFNLEtBQUssTUFBTSxLQUFLLFlBQVksTUFBTSxFQUFFLElBQUksR0FBRyxHQUFHO0FBQ3BELFdBQUssS0FBSyxRQUFRLFFBQVEsR0FBRztBQUFBLElBQy9CO0FBQUEsRUFDRjtBQUFBO0FBQUEsRUFHQSxDQUFDLE9BQU8sTUFBaUM7QUFFdkMsU0FBSyxVQUFVLEtBQUssS0FBSyxZQUFZO0FBQ3JDLFVBQU0sU0FBUyxRQUFRLElBQUksRUFBRSxZQUFZO0FBQ3pDLGFBQVMsS0FBSyxLQUFLLE1BQU0sUUFBUSxNQUFNLEdBQUcsT0FBTyxNQUFNO0FBQ3JELFlBQU0sTUFBTSxLQUFLLFFBQVEsRUFBRTtBQUMzQixZQUFNLEtBQUssS0FBSyxNQUFNLEtBQUssS0FBSyxZQUFZLE1BQU0sRUFBRSxJQUFJLEdBQUcsR0FBRztBQUM5RCxXQUFLLEtBQUssTUFBTSxRQUFRLFFBQVEsR0FBRztBQUFBLElBQ3JDO0FBQUEsRUFDRjtBQUFBO0FBQUEsRUFHQSxPQUFPLE1BQWtDO0FBQ3ZDLFVBQU0sU0FBUyxHQUFHLElBQUk7QUFDdEIsUUFBSSxLQUFLLEtBQUssS0FBSyxXQUFXLE1BQU0sSUFBSSxJQUFJLEtBQUssS0FBSyxRQUFRO0FBQUEsRUFBSyxNQUFNLEVBQUU7QUFDM0UsUUFBSSxPQUFPLEdBQUksUUFBTztBQUN0QixRQUFJLEtBQUssRUFBRyxPQUFNO0FBQ2xCLFdBQU8sS0FBSyxLQUFLLE1BQU0sSUFBSSxLQUFLLFFBQVEsRUFBRSxDQUFDO0FBQUEsRUFDN0M7QUFBQSxFQUVRLFFBQVEsSUFBb0I7QUFDbEMsVUFBTSxNQUFNLEtBQUssS0FBSyxRQUFRLE1BQU0sRUFBRTtBQUN0QyxXQUFPLFFBQVEsS0FBSyxLQUFLLEtBQUssU0FBUztBQUFBLEVBQ3pDO0FBQUEsRUFFUSxhQUFnQztBQUN0QyxRQUFJLEtBQUssT0FBUSxRQUFPLEtBQUs7QUFDN0IsVUFBTSxTQUFtQixDQUFDO0FBQzFCLGFBQVMsT0FBTyxHQUFHLE9BQU8sS0FBSyxLQUFLLFFBQVEsT0FBTyxLQUFLLFFBQVEsSUFBSSxJQUFJLEVBQUcsUUFBTyxLQUFLLElBQUk7QUFDM0YsU0FBSyxTQUFTO0FBQ2QsV0FBTztBQUFBLEVBQ1Q7QUFDRjtBQUdPLElBQU0sVUFBVSxDQUFDLFNBQTBCLFFBQVEsSUFBSSxJQUFJLE9BQU8sT0FBTyxLQUFLLElBQUksRUFBRSxTQUFTLFFBQVE7QUFDckcsSUFBTSxZQUFZLENBQUMsU0FBMEIsUUFBUSxJQUFJLElBQUksT0FBTyxPQUFPLEtBQUssTUFBTSxRQUFRLEVBQUUsU0FBUztBQUVoSCxJQUFNLFVBQVUsQ0FBQyxTQUEwQixDQUFDLGFBQWEsS0FBSyxJQUFJO0FBRzNELFNBQVMsT0FBTyxNQUFjLFFBQXdCO0FBQzNELE1BQUksT0FBTztBQUNYLFdBQVMsUUFBUSxHQUFHLFFBQVEsUUFBUSxTQUFTLEVBQUcsUUFBTyxLQUFLLFFBQVEsS0FBTSxJQUFJLElBQUk7QUFDbEYsUUFBTSxNQUFNLEtBQUssUUFBUSxLQUFNLElBQUk7QUFDbkMsU0FBTyxRQUFRLEtBQUssS0FBSyxNQUFNLElBQUksSUFBSSxLQUFLLE1BQU0sTUFBTSxHQUFHO0FBQzdEO0FBRU8sSUFBTSxTQUFTLENBQUMsVUFDckIsR0FBRyxNQUFNLElBQUksQ0FBQyxTQUFVLE9BQU8sU0FBUyxZQUFZLENBQUMsV0FBVyxLQUFLLElBQUksSUFBSSxPQUFPLEtBQUssUUFBUSxjQUFjLEdBQUcsQ0FBRSxFQUFFLEtBQUssR0FBSSxDQUFDO0FBQUE7IiwKICAibmFtZXMiOiBbXQp9Cg==
