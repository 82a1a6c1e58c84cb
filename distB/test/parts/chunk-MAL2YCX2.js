import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/core/place/xml-document.ts
import { DOMParser, onErrorStopParsing } from "@xmldom/xmldom";
function parseXml(text, type) {
  if (/<!ENTITY/i.test(text)) {
    throw new Problem("answer-not-xml", {
      what: "the answer declares entities, and is not read as XML",
      where: "reading the answer",
      cause: "entities can multiply a document, or fetch what nobody asked for",
      remedy: "the place body has its text"
    });
  }
  try {
    return new DOMParser({ onError: onErrorStopParsing }).parseFromString(text, "text/xml");
  } catch (error) {
    const [cause] = error.message.split("\n");
    throw new Problem("answer-not-xml", {
      what: text.trim() === "" ? "the answer is empty, and XML was wanted" : "the answer is not well-formed XML",
      where: "reading the answer",
      cause: text.trim() === "" ? void 0 : `${cause}; it begins with ${JSON.stringify(text.slice(0, 80))}; its type is ${type ?? "not named"}`
    });
  }
}

export {
  parseXml
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvcGxhY2UveG1sLWRvY3VtZW50LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogVGV4dCBhcyBhbiBYTUwgZG9jdW1lbnQuIEVudGl0aWVzIHRoYXQgaXQgZGVjbGFyZXMgYXJlIHJlZnVzZWQ6IHRoZXkgY2FuIG11bHRpcGx5IGl0LCBvciBmZXRjaCB3aGF0IG5vYm9keSBhc2tlZCBmb3IuICovXG5pbXBvcnQgeyBET01QYXJzZXIsIHR5cGUgRG9jdW1lbnQsIG9uRXJyb3JTdG9wUGFyc2luZyB9IGZyb20gJ0B4bWxkb20veG1sZG9tJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuXG4vKiogQHBhcmFtIHR5cGUgYXMgdGhlIGFuc3dlciBuYW1lcyBpdCwgZm9yIG1lc3NhZ2VzIEB0aHJvd3MgUHJvYmxlbSBhbnN3ZXItbm90LXhtbCAqL1xuZXhwb3J0IGZ1bmN0aW9uIHBhcnNlWG1sKHRleHQ6IHN0cmluZywgdHlwZTogc3RyaW5nIHwgdW5kZWZpbmVkKTogRG9jdW1lbnQge1xuICBpZiAoLzwhRU5USVRZL2kudGVzdCh0ZXh0KSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdhbnN3ZXItbm90LXhtbCcsIHtcbiAgICAgIHdoYXQ6ICd0aGUgYW5zd2VyIGRlY2xhcmVzIGVudGl0aWVzLCBhbmQgaXMgbm90IHJlYWQgYXMgWE1MJyxcbiAgICAgIHdoZXJlOiAncmVhZGluZyB0aGUgYW5zd2VyJyxcbiAgICAgIGNhdXNlOiAnZW50aXRpZXMgY2FuIG11bHRpcGx5IGEgZG9jdW1lbnQsIG9yIGZldGNoIHdoYXQgbm9ib2R5IGFza2VkIGZvcicsXG4gICAgICByZW1lZHk6ICd0aGUgcGxhY2UgYm9keSBoYXMgaXRzIHRleHQnLFxuICAgIH0pO1xuICB9XG4gIHRyeSB7XG4gICAgcmV0dXJuIG5ldyBET01QYXJzZXIoeyBvbkVycm9yOiBvbkVycm9yU3RvcFBhcnNpbmcgfSkucGFyc2VGcm9tU3RyaW5nKHRleHQsICd0ZXh0L3htbCcpO1xuICB9IGNhdGNoIChlcnJvcikge1xuICAgIGNvbnN0IFtjYXVzZV0gPSAoZXJyb3IgYXMgRXJyb3IpLm1lc3NhZ2Uuc3BsaXQoJ1xcbicpO1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdhbnN3ZXItbm90LXhtbCcsIHtcbiAgICAgIHdoYXQ6IHRleHQudHJpbSgpID09PSAnJyA/ICd0aGUgYW5zd2VyIGlzIGVtcHR5LCBhbmQgWE1MIHdhcyB3YW50ZWQnIDogJ3RoZSBhbnN3ZXIgaXMgbm90IHdlbGwtZm9ybWVkIFhNTCcsXG4gICAgICB3aGVyZTogJ3JlYWRpbmcgdGhlIGFuc3dlcicsXG4gICAgICBjYXVzZTpcbiAgICAgICAgdGV4dC50cmltKCkgPT09ICcnXG4gICAgICAgICAgPyB1bmRlZmluZWRcbiAgICAgICAgICA6IGAke2NhdXNlfTsgaXQgYmVnaW5zIHdpdGggJHtKU09OLnN0cmluZ2lmeSh0ZXh0LnNsaWNlKDAsIDgwKSl9OyBpdHMgdHlwZSBpcyAke3R5cGUgPz8gJ25vdCBuYW1lZCd9YCxcbiAgICB9KTtcbiAgfVxufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7QUFDQSxTQUFTLFdBQTBCLDBCQUEwQjtBQUl0RCxTQUFTLFNBQVMsTUFBYyxNQUFvQztBQUN6RSxNQUFJLFlBQVksS0FBSyxJQUFJLEdBQUc7QUFDMUIsVUFBTSxJQUFJLFFBQVEsa0JBQWtCO0FBQUEsTUFDbEMsTUFBTTtBQUFBLE1BQ04sT0FBTztBQUFBLE1BQ1AsT0FBTztBQUFBLE1BQ1AsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDQSxNQUFJO0FBQ0YsV0FBTyxJQUFJLFVBQVUsRUFBRSxTQUFTLG1CQUFtQixDQUFDLEVBQUUsZ0JBQWdCLE1BQU0sVUFBVTtBQUFBLEVBQ3hGLFNBQVMsT0FBTztBQUNkLFVBQU0sQ0FBQyxLQUFLLElBQUssTUFBZ0IsUUFBUSxNQUFNLElBQUk7QUFDbkQsVUFBTSxJQUFJLFFBQVEsa0JBQWtCO0FBQUEsTUFDbEMsTUFBTSxLQUFLLEtBQUssTUFBTSxLQUFLLDRDQUE0QztBQUFBLE1BQ3ZFLE9BQU87QUFBQSxNQUNQLE9BQ0UsS0FBSyxLQUFLLE1BQU0sS0FDWixTQUNBLEdBQUcsS0FBSyxvQkFBb0IsS0FBSyxVQUFVLEtBQUssTUFBTSxHQUFHLEVBQUUsQ0FBQyxDQUFDLGlCQUFpQixRQUFRLFdBQVc7QUFBQSxJQUN6RyxDQUFDO0FBQUEsRUFDSDtBQUNGOyIsCiAgIm5hbWVzIjogW10KfQo=
