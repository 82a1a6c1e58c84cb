// src/core/documentation/page/markdown.ts
import { fromMarkdown } from "mdast-util-from-markdown";
import { gfmTableFromMarkdown } from "mdast-util-gfm-table";
import { gfmTable } from "micromark-extension-gfm-table";
var deepest = 200;
function markdownBlocks(markdown) {
  const root = fromMarkdown(markdown, { extensions: [gfmTable()], mdastExtensions: [gfmTableFromMarkdown()] });
  const blocks = [];
  const visit = (node, depth) => {
    const line = node.position?.start.line ?? 1;
    switch (node.type) {
      case "heading":
        blocks.push({ is: "heading", level: node.depth, text: textOf(node), line });
        return;
      case "paragraph":
        blocks.push({ is: "text", text: textOf(node), line });
        return;
      case "code":
        blocks.push({ is: "code", text: node.value, language: (node.lang ?? "").toLowerCase(), line });
        return;
      case "table":
        blocks.push(tableOf(node, line));
        return;
      default:
        if ("children" in node && depth < deepest) for (const inner of node.children) visit(inner, depth + 1);
    }
  };
  visit(root, 0);
  const title = blocks.find((block) => block.is === "heading" && block.level === 1);
  return { title: title?.is === "heading" ? title.text : void 0, blocks };
}
function tableOf({ children }, line) {
  const [head = [], ...rows] = children.map((row) => row.children.map((cell) => textOf(cell)));
  return { is: "table", head, rows, line, lines: children.slice(1).map((row) => row.position?.start.line ?? line) };
}
function textOf(node) {
  if ("value" in node) return node.value;
  if (node.type === "break") return "\n";
  return "children" in node ? node.children.map((one) => textOf(one)).join("").replace(/\s+/g, " ") : "";
}
export {
  markdownBlocks
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9wYWdlL21hcmtkb3duLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogTWFya2Rvd24gKENvbW1vbk1hcmssIHdpdGggdGFibGVzKSB0byBibG9ja3MuICovXG5pbXBvcnQgdHlwZSB7IE5vZGVzLCBUYWJsZSB9IGZyb20gJ21kYXN0JztcbmltcG9ydCB7IGZyb21NYXJrZG93biB9IGZyb20gJ21kYXN0LXV0aWwtZnJvbS1tYXJrZG93bic7XG5pbXBvcnQgeyBnZm1UYWJsZUZyb21NYXJrZG93biB9IGZyb20gJ21kYXN0LXV0aWwtZ2ZtLXRhYmxlJztcbmltcG9ydCB7IGdmbVRhYmxlIH0gZnJvbSAnbWljcm9tYXJrLWV4dGVuc2lvbi1nZm0tdGFibGUnO1xuaW1wb3J0IHR5cGUgeyBCbG9jayB9IGZyb20gJy4vYmxvY2tzLmpzJztcblxuY29uc3QgZGVlcGVzdCA9IDIwMDtcblxuZXhwb3J0IGZ1bmN0aW9uIG1hcmtkb3duQmxvY2tzKG1hcmtkb3duOiBzdHJpbmcpOiB7IHRpdGxlOiBzdHJpbmcgfCB1bmRlZmluZWQ7IGJsb2NrczogcmVhZG9ubHkgQmxvY2tbXSB9IHtcbiAgY29uc3Qgcm9vdCA9IGZyb21NYXJrZG93bihtYXJrZG93biwgeyBleHRlbnNpb25zOiBbZ2ZtVGFibGUoKV0sIG1kYXN0RXh0ZW5zaW9uczogW2dmbVRhYmxlRnJvbU1hcmtkb3duKCldIH0pO1xuICBjb25zdCBibG9ja3M6IEJsb2NrW10gPSBbXTtcbiAgY29uc3QgdmlzaXQgPSAobm9kZTogTm9kZXMsIGRlcHRoOiBudW1iZXIpOiB2b2lkID0+IHtcbiAgICBjb25zdCBsaW5lID0gbm9kZS5wb3NpdGlvbj8uc3RhcnQubGluZSA/PyAxO1xuICAgIHN3aXRjaCAobm9kZS50eXBlKSB7XG4gICAgICBjYXNlICdoZWFkaW5nJzpcbiAgICAgICAgYmxvY2tzLnB1c2goeyBpczogJ2hlYWRpbmcnLCBsZXZlbDogbm9kZS5kZXB0aCwgdGV4dDogdGV4dE9mKG5vZGUpLCBsaW5lIH0pO1xuICAgICAgICByZXR1cm47XG4gICAgICBjYXNlICdwYXJhZ3JhcGgnOlxuICAgICAgICBibG9ja3MucHVzaCh7IGlzOiAndGV4dCcsIHRleHQ6IHRleHRPZihub2RlKSwgbGluZSB9KTtcbiAgICAgICAgcmV0dXJuO1xuICAgICAgY2FzZSAnY29kZSc6XG4gICAgICAgIGJsb2Nrcy5wdXNoKHsgaXM6ICdjb2RlJywgdGV4dDogbm9kZS52YWx1ZSwgbGFuZ3VhZ2U6IChub2RlLmxhbmcgPz8gJycpLnRvTG93ZXJDYXNlKCksIGxpbmUgfSk7XG4gICAgICAgIHJldHVybjtcbiAgICAgIGNhc2UgJ3RhYmxlJzpcbiAgICAgICAgYmxvY2tzLnB1c2godGFibGVPZihub2RlLCBsaW5lKSk7XG4gICAgICAgIHJldHVybjtcbiAgICAgIGRlZmF1bHQ6XG4gICAgICAgIGlmICgnY2hpbGRyZW4nIGluIG5vZGUgJiYgZGVwdGggPCBkZWVwZXN0KSBmb3IgKGNvbnN0IGlubmVyIG9mIG5vZGUuY2hpbGRyZW4pIHZpc2l0KGlubmVyIGFzIE5vZGVzLCBkZXB0aCArIDEpO1xuICAgIH1cbiAgfTtcbiAgdmlzaXQocm9vdCwgMCk7XG4gIGNvbnN0IHRpdGxlID0gYmxvY2tzLmZpbmQoKGJsb2NrKSA9PiBibG9jay5pcyA9PT0gJ2hlYWRpbmcnICYmIGJsb2NrLmxldmVsID09PSAxKTtcbiAgcmV0dXJuIHsgdGl0bGU6IHRpdGxlPy5pcyA9PT0gJ2hlYWRpbmcnID8gdGl0bGUudGV4dCA6IHVuZGVmaW5lZCwgYmxvY2tzIH07XG59XG5cbmZ1bmN0aW9uIHRhYmxlT2YoeyBjaGlsZHJlbiB9OiBUYWJsZSwgbGluZTogbnVtYmVyKTogQmxvY2sge1xuICBjb25zdCBbaGVhZCA9IFtdLCAuLi5yb3dzXSA9IGNoaWxkcmVuLm1hcCgocm93KSA9PiByb3cuY2hpbGRyZW4ubWFwKChjZWxsKSA9PiB0ZXh0T2YoY2VsbCkpKTtcbiAgcmV0dXJuIHsgaXM6ICd0YWJsZScsIGhlYWQsIHJvd3MsIGxpbmUsIGxpbmVzOiBjaGlsZHJlbi5zbGljZSgxKS5tYXAoKHJvdykgPT4gcm93LnBvc2l0aW9uPy5zdGFydC5saW5lID8/IGxpbmUpIH07XG59XG5cbmZ1bmN0aW9uIHRleHRPZihub2RlOiBOb2Rlcyk6IHN0cmluZyB7XG4gIGlmICgndmFsdWUnIGluIG5vZGUpIHJldHVybiBub2RlLnZhbHVlO1xuICBpZiAobm9kZS50eXBlID09PSAnYnJlYWsnKSByZXR1cm4gJ1xcbic7XG4gIHJldHVybiAnY2hpbGRyZW4nIGluIG5vZGVcbiAgICA/IG5vZGUuY2hpbGRyZW5cbiAgICAgICAgLm1hcCgob25lKSA9PiB0ZXh0T2Yob25lIGFzIE5vZGVzKSlcbiAgICAgICAgLmpvaW4oJycpXG4gICAgICAgIC5yZXBsYWNlKC9cXHMrL2csICcgJylcbiAgICA6ICcnO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjtBQUVBLFNBQVMsb0JBQW9CO0FBQzdCLFNBQVMsNEJBQTRCO0FBQ3JDLFNBQVMsZ0JBQWdCO0FBR3pCLElBQU0sVUFBVTtBQUVULFNBQVMsZUFBZSxVQUEyRTtBQUN4RyxRQUFNLE9BQU8sYUFBYSxVQUFVLEVBQUUsWUFBWSxDQUFDLFNBQVMsQ0FBQyxHQUFHLGlCQUFpQixDQUFDLHFCQUFxQixDQUFDLEVBQUUsQ0FBQztBQUMzRyxRQUFNLFNBQWtCLENBQUM7QUFDekIsUUFBTSxRQUFRLENBQUMsTUFBYSxVQUF3QjtBQUNsRCxVQUFNLE9BQU8sS0FBSyxVQUFVLE1BQU0sUUFBUTtBQUMxQyxZQUFRLEtBQUssTUFBTTtBQUFBLE1BQ2pCLEtBQUs7QUFDSCxlQUFPLEtBQUssRUFBRSxJQUFJLFdBQVcsT0FBTyxLQUFLLE9BQU8sTUFBTSxPQUFPLElBQUksR0FBRyxLQUFLLENBQUM7QUFDMUU7QUFBQSxNQUNGLEtBQUs7QUFDSCxlQUFPLEtBQUssRUFBRSxJQUFJLFFBQVEsTUFBTSxPQUFPLElBQUksR0FBRyxLQUFLLENBQUM7QUFDcEQ7QUFBQSxNQUNGLEtBQUs7QUFDSCxlQUFPLEtBQUssRUFBRSxJQUFJLFFBQVEsTUFBTSxLQUFLLE9BQU8sV0FBVyxLQUFLLFFBQVEsSUFBSSxZQUFZLEdBQUcsS0FBSyxDQUFDO0FBQzdGO0FBQUEsTUFDRixLQUFLO0FBQ0gsZUFBTyxLQUFLLFFBQVEsTUFBTSxJQUFJLENBQUM7QUFDL0I7QUFBQSxNQUNGO0FBQ0UsWUFBSSxjQUFjLFFBQVEsUUFBUSxRQUFTLFlBQVcsU0FBUyxLQUFLLFNBQVUsT0FBTSxPQUFnQixRQUFRLENBQUM7QUFBQSxJQUNqSDtBQUFBLEVBQ0Y7QUFDQSxRQUFNLE1BQU0sQ0FBQztBQUNiLFFBQU0sUUFBUSxPQUFPLEtBQUssQ0FBQyxVQUFVLE1BQU0sT0FBTyxhQUFhLE1BQU0sVUFBVSxDQUFDO0FBQ2hGLFNBQU8sRUFBRSxPQUFPLE9BQU8sT0FBTyxZQUFZLE1BQU0sT0FBTyxRQUFXLE9BQU87QUFDM0U7QUFFQSxTQUFTLFFBQVEsRUFBRSxTQUFTLEdBQVUsTUFBcUI7QUFDekQsUUFBTSxDQUFDLE9BQU8sQ0FBQyxHQUFHLEdBQUcsSUFBSSxJQUFJLFNBQVMsSUFBSSxDQUFDLFFBQVEsSUFBSSxTQUFTLElBQUksQ0FBQyxTQUFTLE9BQU8sSUFBSSxDQUFDLENBQUM7QUFDM0YsU0FBTyxFQUFFLElBQUksU0FBUyxNQUFNLE1BQU0sTUFBTSxPQUFPLFNBQVMsTUFBTSxDQUFDLEVBQUUsSUFBSSxDQUFDLFFBQVEsSUFBSSxVQUFVLE1BQU0sUUFBUSxJQUFJLEVBQUU7QUFDbEg7QUFFQSxTQUFTLE9BQU8sTUFBcUI7QUFDbkMsTUFBSSxXQUFXLEtBQU0sUUFBTyxLQUFLO0FBQ2pDLE1BQUksS0FBSyxTQUFTLFFBQVMsUUFBTztBQUNsQyxTQUFPLGNBQWMsT0FDakIsS0FBSyxTQUNGLElBQUksQ0FBQyxRQUFRLE9BQU8sR0FBWSxDQUFDLEVBQ2pDLEtBQUssRUFBRSxFQUNQLFFBQVEsUUFBUSxHQUFHLElBQ3RCO0FBQ047IiwKICAibmFtZXMiOiBbXQp9Cg==
