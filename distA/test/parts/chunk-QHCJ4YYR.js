// src/core/exchange/graphql-operation.ts
function operationKind(document, name) {
  const bare = document.replace(/"{3}[\s\S]*?"{3}|"(?:[^"\\]|\\.)*"|#[^\n]*/g, " ");
  const operations = [];
  let depth = 0;
  let headed = false;
  for (const [token, kind, own] of bare.matchAll(/[{}]|\b(query|mutation|subscription|fragment)\b\s*(\w+)?/g)) {
    if (token === "{") {
      if (depth === 0 && !headed) operations.push({ kind: "query", name: void 0 });
      headed = false;
      depth += 1;
    } else if (token === "}") depth -= 1;
    else if (depth === 0 && kind !== void 0) {
      if (kind !== "fragment") operations.push({ kind, name: own });
      headed = true;
    }
  }
  const meant = name === void 0 ? operations : operations.filter((one) => one.name === name);
  if (meant.length === 0) return void 0;
  return meant.some(({ kind }) => kind === "mutation") ? "mutation" : "query";
}
var graphqlDocument = (given, read) => /^[^\s{}]+\.(?:graphqls?|gql)$/.test(given.trim()) ? read(given.trim()) : given;

export {
  operationKind,
  graphqlDocument
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvZ3JhcGhxbC1vcGVyYXRpb24udHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBXaGF0IGEgR3JhcGhRTCBkb2N1bWVudCBkb2VzLCByZWFkIGZyb20gaXRzIHRleHQ6IHRoZSBsaWJyYXJ5IHRoYXQgcmVhZHMgYWxsIG9mIGl0IHRha2VzIGxvbmdlciB0aGFuIG1vc3QgcmVxdWVzdHMuICovXG5cbi8qKiBUaGUga2luZCBvZiBpdHMgb3BlcmF0aW9ucywgb3Igb2YgdGhlIG9uZSBvZiB0aGF0IG5hbWU7IHVuZGVmaW5lZCB3aGVyZSB0aGVyZSBpcyBub25lLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIG9wZXJhdGlvbktpbmQoZG9jdW1lbnQ6IHN0cmluZywgbmFtZTogc3RyaW5nIHwgdW5kZWZpbmVkKTogJ3F1ZXJ5JyB8ICdtdXRhdGlvbicgfCB1bmRlZmluZWQge1xuICAvLyBXaXRob3V0IHRleHRzIGFuZCBjb21tZW50cywgaW4gd2hpY2ggdGhlIHdvcmRzIGNvdWxkIHN0YW5kIHRvby5cbiAgY29uc3QgYmFyZSA9IGRvY3VtZW50LnJlcGxhY2UoL1wiezN9W1xcc1xcU10qP1wiezN9fFwiKD86W15cIlxcXFxdfFxcXFwuKSpcInwjW15cXG5dKi9nLCAnICcpO1xuICBjb25zdCBvcGVyYXRpb25zOiB7IHJlYWRvbmx5IGtpbmQ6IHN0cmluZzsgcmVhZG9ubHkgbmFtZTogc3RyaW5nIHwgdW5kZWZpbmVkIH1bXSA9IFtdO1xuICBsZXQgZGVwdGggPSAwO1xuICBsZXQgaGVhZGVkID0gZmFsc2U7XG4gIGZvciAoY29uc3QgW3Rva2VuLCBraW5kLCBvd25dIG9mIGJhcmUubWF0Y2hBbGwoL1t7fV18XFxiKHF1ZXJ5fG11dGF0aW9ufHN1YnNjcmlwdGlvbnxmcmFnbWVudClcXGJcXHMqKFxcdyspPy9nKSkge1xuICAgIGlmICh0b2tlbiA9PT0gJ3snKSB7XG4gICAgICAvLyBBIHNlbGVjdGlvbiB3aXRob3V0IGEgaGVhZCBpcyBhIHF1ZXJ5IChHcmFwaFFMLCBzZWN0aW9uIDIuMykuXG4gICAgICBpZiAoZGVwdGggPT09IDAgJiYgIWhlYWRlZCkgb3BlcmF0aW9ucy5wdXNoKHsga2luZDogJ3F1ZXJ5JywgbmFtZTogdW5kZWZpbmVkIH0pO1xuICAgICAgaGVhZGVkID0gZmFsc2U7XG4gICAgICBkZXB0aCArPSAxO1xuICAgIH0gZWxzZSBpZiAodG9rZW4gPT09ICd9JykgZGVwdGggLT0gMTtcbiAgICBlbHNlIGlmIChkZXB0aCA9PT0gMCAmJiBraW5kICE9PSB1bmRlZmluZWQpIHtcbiAgICAgIGlmIChraW5kICE9PSAnZnJhZ21lbnQnKSBvcGVyYXRpb25zLnB1c2goeyBraW5kLCBuYW1lOiBvd24gfSk7XG4gICAgICBoZWFkZWQgPSB0cnVlO1xuICAgIH1cbiAgfVxuICBjb25zdCBtZWFudCA9IG5hbWUgPT09IHVuZGVmaW5lZCA/IG9wZXJhdGlvbnMgOiBvcGVyYXRpb25zLmZpbHRlcigob25lKSA9PiBvbmUubmFtZSA9PT0gbmFtZSk7XG4gIGlmIChtZWFudC5sZW5ndGggPT09IDApIHJldHVybiB1bmRlZmluZWQ7XG4gIHJldHVybiBtZWFudC5zb21lKCh7IGtpbmQgfSkgPT4ga2luZCA9PT0gJ211dGF0aW9uJykgPyAnbXV0YXRpb24nIDogJ3F1ZXJ5Jztcbn1cblxuLyoqIEluIHRoZSByZXF1ZXN0IGZpbGUgaXRzZWxmLCBvciB0aGUgcGF0aCBvZiBhIGZpbGUgc3VjaCBhcyBgYm9kaWVzL3JvdGEuZ3JhcGhxbGAuIEB0aHJvd3MgUHJvYmxlbSBhcyBgcmVhZGAgKi9cbmV4cG9ydCBjb25zdCBncmFwaHFsRG9jdW1lbnQgPSAoZ2l2ZW46IHN0cmluZywgcmVhZDogKHBhdGg6IHN0cmluZykgPT4gc3RyaW5nKTogc3RyaW5nID0+XG4gIC9eW15cXHN7fV0rXFwuKD86Z3JhcGhxbHM/fGdxbCkkLy50ZXN0KGdpdmVuLnRyaW0oKSkgPyByZWFkKGdpdmVuLnRyaW0oKSkgOiBnaXZlbjtcbiJdLAogICJtYXBwaW5ncyI6ICI7QUFHTyxTQUFTLGNBQWMsVUFBa0IsTUFBNEQ7QUFFMUcsUUFBTSxPQUFPLFNBQVMsUUFBUSwrQ0FBK0MsR0FBRztBQUNoRixRQUFNLGFBQTZFLENBQUM7QUFDcEYsTUFBSSxRQUFRO0FBQ1osTUFBSSxTQUFTO0FBQ2IsYUFBVyxDQUFDLE9BQU8sTUFBTSxHQUFHLEtBQUssS0FBSyxTQUFTLDJEQUEyRCxHQUFHO0FBQzNHLFFBQUksVUFBVSxLQUFLO0FBRWpCLFVBQUksVUFBVSxLQUFLLENBQUMsT0FBUSxZQUFXLEtBQUssRUFBRSxNQUFNLFNBQVMsTUFBTSxPQUFVLENBQUM7QUFDOUUsZUFBUztBQUNULGVBQVM7QUFBQSxJQUNYLFdBQVcsVUFBVSxJQUFLLFVBQVM7QUFBQSxhQUMxQixVQUFVLEtBQUssU0FBUyxRQUFXO0FBQzFDLFVBQUksU0FBUyxXQUFZLFlBQVcsS0FBSyxFQUFFLE1BQU0sTUFBTSxJQUFJLENBQUM7QUFDNUQsZUFBUztBQUFBLElBQ1g7QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRLFNBQVMsU0FBWSxhQUFhLFdBQVcsT0FBTyxDQUFDLFFBQVEsSUFBSSxTQUFTLElBQUk7QUFDNUYsTUFBSSxNQUFNLFdBQVcsRUFBRyxRQUFPO0FBQy9CLFNBQU8sTUFBTSxLQUFLLENBQUMsRUFBRSxLQUFLLE1BQU0sU0FBUyxVQUFVLElBQUksYUFBYTtBQUN0RTtBQUdPLElBQU0sa0JBQWtCLENBQUMsT0FBZSxTQUM3QyxnQ0FBZ0MsS0FBSyxNQUFNLEtBQUssQ0FBQyxJQUFJLEtBQUssTUFBTSxLQUFLLENBQUMsSUFBSTsiLAogICJuYW1lcyI6IFtdCn0K
