import {
  fromYaml
} from "./chunk-HJ67CAUM.js";
import {
  compileJsonPath
} from "./chunk-TNGRBWFR.js";
import {
  Problem,
  asProblem
} from "./chunk-FSPVDUAZ.js";

// src/core/documentation/overlay.ts
import * as z from "zod/mini";
var overlayFile = z.object({
  overlay: z.string(),
  info: z.object({ title: z.string(), version: z.string() }),
  extends: z.optional(z.string()),
  actions: z.array(
    z.object({
      target: z.string(),
      description: z.optional(z.string()),
      update: z.optional(z.any()),
      remove: z.optional(z.boolean())
    })
  )
});
async function withOverlay(documents, text, file) {
  const read = overlayFile.safeParse(await fromYaml(text, file));
  if (!read.success) {
    const [issue] = read.error.issues;
    throw new Problem("document-unreadable", {
      what: `${file} is not an OpenAPI Overlay 1.0 document`,
      where: { file },
      cause: issue && `${issue.path.join(".")}: ${issue.message}`,
      remedy: "it has overlay: 1.0.0, info: {title, version}, and actions: [{target, update}]"
    });
  }
  const { main, parts } = documents;
  if (main.content === void 0) {
    throw new Problem("document-unreadable", {
      what: `${file}: an overlay is for documents in JSON or YAML, and ${main.file} is ${main.notation}`,
      where: { file }
    });
  }
  for (const { target, update, remove } of read.data.actions) {
    const loads = [];
    try {
      const path = compileJsonPath(target, loads);
      await Promise.all(loads);
      const found = path.select(main.content);
      if (remove) removeFrom(main.content, new Set(found.filter((one) => typeof one === "object" && one !== null)));
      else for (const one of found) merge(one, update);
    } catch (error) {
      throw asProblem(error).at({ file });
    }
  }
  return { main, parts };
}
function merge(target, update) {
  if (Array.isArray(target)) {
    target.push(...Array.isArray(update) ? update : [update]);
    return;
  }
  if (typeof target !== "object" || target === null || typeof update !== "object" || update === null) return;
  for (const [key, value] of Object.entries(update)) {
    const before = Object.hasOwn(target, key) ? target[key] : void 0;
    if (typeof before === "object" && before !== null && typeof value === "object" && value !== null)
      merge(before, value);
    else Object.defineProperty(target, key, { value, enumerable: true, configurable: true, writable: true });
  }
}
function removeFrom(holder, gone) {
  if (typeof holder !== "object" || holder === null) return;
  if (Array.isArray(holder)) {
    for (let index = holder.length - 1; index >= 0; index -= 1) if (gone.has(holder[index])) holder.splice(index, 1);
  }
  for (const [key, value] of Object.entries(holder)) {
    if (gone.has(value)) delete holder[key];
    else removeFrom(value, gone);
  }
}

export {
  withOverlay
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9vdmVybGF5LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKipcbiAqIE5vdGVzIGFuZCBjb3JyZWN0aW9ucyBiZXNpZGUgYSBzbmFwc2hvdCwgYXMgYW4gT3BlbkFQSSBPdmVybGF5IDEuMCBkb2N1bWVudDogZWFjaCBhY3Rpb24gaGFzIGEgdGFyZ2V0XG4gKiAoSlNPTlBhdGgsIFJGQyA5NTM1KSwgYW5kIGFuIGB1cGRhdGVgIHRoYXQgaXMgbWVyZ2VkIHRoZXJlIG9yIGByZW1vdmU6IHRydWVgLlxuICovXG5pbXBvcnQgKiBhcyB6IGZyb20gJ3pvZC9taW5pJztcbmltcG9ydCB7IGNvbXBpbGVKc29uUGF0aCB9IGZyb20gJy4uL3BsYWNlL2pzb24tcGF0aC9jb21waWxlLmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IERvY3VtZW50cyB9IGZyb20gJy4vZG9jdW1lbnRzLmpzJztcbmltcG9ydCB7IGZyb21ZYW1sIH0gZnJvbSAnLi9ub3RhdGlvbi5qcyc7XG5cbmNvbnN0IG92ZXJsYXlGaWxlID0gei5vYmplY3Qoe1xuICBvdmVybGF5OiB6LnN0cmluZygpLFxuICBpbmZvOiB6Lm9iamVjdCh7IHRpdGxlOiB6LnN0cmluZygpLCB2ZXJzaW9uOiB6LnN0cmluZygpIH0pLFxuICBleHRlbmRzOiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICBhY3Rpb25zOiB6LmFycmF5KFxuICAgIHoub2JqZWN0KHtcbiAgICAgIHRhcmdldDogei5zdHJpbmcoKSxcbiAgICAgIGRlc2NyaXB0aW9uOiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAgICAgdXBkYXRlOiB6Lm9wdGlvbmFsKHouYW55KCkpLFxuICAgICAgcmVtb3ZlOiB6Lm9wdGlvbmFsKHouYm9vbGVhbigpKSxcbiAgICB9KSxcbiAgKSxcbn0pO1xuXG4vKipcbiAqIFRoZSBkb2N1bWVudHMgd2l0aCB0aGUgbm90ZXMgb2YgYW4gb3ZlcmxheSBpbiB0aGUgZmlyc3Qgb2YgdGhlbS5cbiAqIEB0aHJvd3MgUHJvYmxlbSBkb2N1bWVudC11bnJlYWRhYmxlOiB0aGUgb3ZlcmxheSBpcyBub25lLCBvciBhIHRhcmdldCBpcyBub3QgYSBKU09OUGF0aFxuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gd2l0aE92ZXJsYXkoZG9jdW1lbnRzOiBEb2N1bWVudHMsIHRleHQ6IHN0cmluZywgZmlsZTogc3RyaW5nKTogUHJvbWlzZTxEb2N1bWVudHM+IHtcbiAgY29uc3QgcmVhZCA9IG92ZXJsYXlGaWxlLnNhZmVQYXJzZShhd2FpdCBmcm9tWWFtbCh0ZXh0LCBmaWxlKSk7XG4gIGlmICghcmVhZC5zdWNjZXNzKSB7XG4gICAgY29uc3QgW2lzc3VlXSA9IHJlYWQuZXJyb3IuaXNzdWVzO1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdkb2N1bWVudC11bnJlYWRhYmxlJywge1xuICAgICAgd2hhdDogYCR7ZmlsZX0gaXMgbm90IGFuIE9wZW5BUEkgT3ZlcmxheSAxLjAgZG9jdW1lbnRgLFxuICAgICAgd2hlcmU6IHsgZmlsZSB9LFxuICAgICAgY2F1c2U6IGlzc3VlICYmIGAke2lzc3VlLnBhdGguam9pbignLicpfTogJHtpc3N1ZS5tZXNzYWdlfWAsXG4gICAgICByZW1lZHk6ICdpdCBoYXMgb3ZlcmxheTogMS4wLjAsIGluZm86IHt0aXRsZSwgdmVyc2lvbn0sIGFuZCBhY3Rpb25zOiBbe3RhcmdldCwgdXBkYXRlfV0nLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IHsgbWFpbiwgcGFydHMgfSA9IGRvY3VtZW50cztcbiAgaWYgKG1haW4uY29udGVudCA9PT0gdW5kZWZpbmVkKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RvY3VtZW50LXVucmVhZGFibGUnLCB7XG4gICAgICB3aGF0OiBgJHtmaWxlfTogYW4gb3ZlcmxheSBpcyBmb3IgZG9jdW1lbnRzIGluIEpTT04gb3IgWUFNTCwgYW5kICR7bWFpbi5maWxlfSBpcyAke21haW4ubm90YXRpb259YCxcbiAgICAgIHdoZXJlOiB7IGZpbGUgfSxcbiAgICB9KTtcbiAgfVxuICBmb3IgKGNvbnN0IHsgdGFyZ2V0LCB1cGRhdGUsIHJlbW92ZSB9IG9mIHJlYWQuZGF0YS5hY3Rpb25zKSB7XG4gICAgY29uc3QgbG9hZHM6IFByb21pc2U8dW5rbm93bj5bXSA9IFtdO1xuICAgIHRyeSB7XG4gICAgICBjb25zdCBwYXRoID0gY29tcGlsZUpzb25QYXRoKHRhcmdldCwgbG9hZHMpO1xuICAgICAgYXdhaXQgUHJvbWlzZS5hbGwobG9hZHMpO1xuICAgICAgY29uc3QgZm91bmQgPSBwYXRoLnNlbGVjdChtYWluLmNvbnRlbnQgYXMgVmFsdWUpO1xuICAgICAgaWYgKHJlbW92ZSkgcmVtb3ZlRnJvbShtYWluLmNvbnRlbnQsIG5ldyBTZXQoZm91bmQuZmlsdGVyKChvbmUpID0+IHR5cGVvZiBvbmUgPT09ICdvYmplY3QnICYmIG9uZSAhPT0gbnVsbCkpKTtcbiAgICAgIGVsc2UgZm9yIChjb25zdCBvbmUgb2YgZm91bmQpIG1lcmdlKG9uZSwgdXBkYXRlKTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh7IGZpbGUgfSk7XG4gICAgfVxuICB9XG4gIHJldHVybiB7IG1haW4sIHBhcnRzIH07XG59XG5cbi8qKiBNZW1iZXJzIGFyZSBtZXJnZWQsIGl0ZW1zIGFyZSBhZGRlZCBhdCB0aGUgZW5kIChPdmVybGF5IDEuMCwgc2VjdGlvbiA0LjQuMykuICovXG5mdW5jdGlvbiBtZXJnZSh0YXJnZXQ6IHVua25vd24sIHVwZGF0ZTogdW5rbm93bik6IHZvaWQge1xuICBpZiAoQXJyYXkuaXNBcnJheSh0YXJnZXQpKSB7XG4gICAgdGFyZ2V0LnB1c2goLi4uKEFycmF5LmlzQXJyYXkodXBkYXRlKSA/IHVwZGF0ZSA6IFt1cGRhdGVdKSk7XG4gICAgcmV0dXJuO1xuICB9XG4gIGlmICh0eXBlb2YgdGFyZ2V0ICE9PSAnb2JqZWN0JyB8fCB0YXJnZXQgPT09IG51bGwgfHwgdHlwZW9mIHVwZGF0ZSAhPT0gJ29iamVjdCcgfHwgdXBkYXRlID09PSBudWxsKSByZXR1cm47XG4gIGZvciAoY29uc3QgW2tleSwgdmFsdWVdIG9mIE9iamVjdC5lbnRyaWVzKHVwZGF0ZSkpIHtcbiAgICBjb25zdCBiZWZvcmUgPSBPYmplY3QuaGFzT3duKHRhcmdldCwga2V5KSA/ICh0YXJnZXQgYXMgUmVjb3JkPHN0cmluZywgdW5rbm93bj4pW2tleV0gOiB1bmRlZmluZWQ7XG4gICAgaWYgKHR5cGVvZiBiZWZvcmUgPT09ICdvYmplY3QnICYmIGJlZm9yZSAhPT0gbnVsbCAmJiB0eXBlb2YgdmFsdWUgPT09ICdvYmplY3QnICYmIHZhbHVlICE9PSBudWxsKVxuICAgICAgbWVyZ2UoYmVmb3JlLCB2YWx1ZSk7XG4gICAgZWxzZSBPYmplY3QuZGVmaW5lUHJvcGVydHkodGFyZ2V0LCBrZXksIHsgdmFsdWUsIGVudW1lcmFibGU6IHRydWUsIGNvbmZpZ3VyYWJsZTogdHJ1ZSwgd3JpdGFibGU6IHRydWUgfSk7XG4gIH1cbn1cblxuZnVuY3Rpb24gcmVtb3ZlRnJvbShob2xkZXI6IHVua25vd24sIGdvbmU6IFJlYWRvbmx5U2V0PHVua25vd24+KTogdm9pZCB7XG4gIGlmICh0eXBlb2YgaG9sZGVyICE9PSAnb2JqZWN0JyB8fCBob2xkZXIgPT09IG51bGwpIHJldHVybjtcbiAgaWYgKEFycmF5LmlzQXJyYXkoaG9sZGVyKSkge1xuICAgIGZvciAobGV0IGluZGV4ID0gaG9sZGVyLmxlbmd0aCAtIDE7IGluZGV4ID49IDA7IGluZGV4IC09IDEpIGlmIChnb25lLmhhcyhob2xkZXJbaW5kZXhdKSkgaG9sZGVyLnNwbGljZShpbmRleCwgMSk7XG4gIH1cbiAgZm9yIChjb25zdCBba2V5LCB2YWx1ZV0gb2YgT2JqZWN0LmVudHJpZXMoaG9sZGVyKSkge1xuICAgIGlmIChnb25lLmhhcyh2YWx1ZSkpIGRlbGV0ZSAoaG9sZGVyIGFzIFJlY29yZDxzdHJpbmcsIHVua25vd24+KVtrZXldO1xuICAgIGVsc2UgcmVtb3ZlRnJvbSh2YWx1ZSwgZ29uZSk7XG4gIH1cbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7OztBQUlBLFlBQVksT0FBTztBQU9uQixJQUFNLGNBQWdCLFNBQU87QUFBQSxFQUMzQixTQUFXLFNBQU87QUFBQSxFQUNsQixNQUFRLFNBQU8sRUFBRSxPQUFTLFNBQU8sR0FBRyxTQUFXLFNBQU8sRUFBRSxDQUFDO0FBQUEsRUFDekQsU0FBVyxXQUFXLFNBQU8sQ0FBQztBQUFBLEVBQzlCLFNBQVc7QUFBQSxJQUNQLFNBQU87QUFBQSxNQUNQLFFBQVUsU0FBTztBQUFBLE1BQ2pCLGFBQWUsV0FBVyxTQUFPLENBQUM7QUFBQSxNQUNsQyxRQUFVLFdBQVcsTUFBSSxDQUFDO0FBQUEsTUFDMUIsUUFBVSxXQUFXLFVBQVEsQ0FBQztBQUFBLElBQ2hDLENBQUM7QUFBQSxFQUNIO0FBQ0YsQ0FBQztBQU1ELGVBQXNCLFlBQVksV0FBc0IsTUFBYyxNQUFrQztBQUN0RyxRQUFNLE9BQU8sWUFBWSxVQUFVLE1BQU0sU0FBUyxNQUFNLElBQUksQ0FBQztBQUM3RCxNQUFJLENBQUMsS0FBSyxTQUFTO0FBQ2pCLFVBQU0sQ0FBQyxLQUFLLElBQUksS0FBSyxNQUFNO0FBQzNCLFVBQU0sSUFBSSxRQUFRLHVCQUF1QjtBQUFBLE1BQ3ZDLE1BQU0sR0FBRyxJQUFJO0FBQUEsTUFDYixPQUFPLEVBQUUsS0FBSztBQUFBLE1BQ2QsT0FBTyxTQUFTLEdBQUcsTUFBTSxLQUFLLEtBQUssR0FBRyxDQUFDLEtBQUssTUFBTSxPQUFPO0FBQUEsTUFDekQsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDQSxRQUFNLEVBQUUsTUFBTSxNQUFNLElBQUk7QUFDeEIsTUFBSSxLQUFLLFlBQVksUUFBVztBQUM5QixVQUFNLElBQUksUUFBUSx1QkFBdUI7QUFBQSxNQUN2QyxNQUFNLEdBQUcsSUFBSSxzREFBc0QsS0FBSyxJQUFJLE9BQU8sS0FBSyxRQUFRO0FBQUEsTUFDaEcsT0FBTyxFQUFFLEtBQUs7QUFBQSxJQUNoQixDQUFDO0FBQUEsRUFDSDtBQUNBLGFBQVcsRUFBRSxRQUFRLFFBQVEsT0FBTyxLQUFLLEtBQUssS0FBSyxTQUFTO0FBQzFELFVBQU0sUUFBNEIsQ0FBQztBQUNuQyxRQUFJO0FBQ0YsWUFBTSxPQUFPLGdCQUFnQixRQUFRLEtBQUs7QUFDMUMsWUFBTSxRQUFRLElBQUksS0FBSztBQUN2QixZQUFNLFFBQVEsS0FBSyxPQUFPLEtBQUssT0FBZ0I7QUFDL0MsVUFBSSxPQUFRLFlBQVcsS0FBSyxTQUFTLElBQUksSUFBSSxNQUFNLE9BQU8sQ0FBQyxRQUFRLE9BQU8sUUFBUSxZQUFZLFFBQVEsSUFBSSxDQUFDLENBQUM7QUFBQSxVQUN2RyxZQUFXLE9BQU8sTUFBTyxPQUFNLEtBQUssTUFBTTtBQUFBLElBQ2pELFNBQVMsT0FBTztBQUNkLFlBQU0sVUFBVSxLQUFLLEVBQUUsR0FBRyxFQUFFLEtBQUssQ0FBQztBQUFBLElBQ3BDO0FBQUEsRUFDRjtBQUNBLFNBQU8sRUFBRSxNQUFNLE1BQU07QUFDdkI7QUFHQSxTQUFTLE1BQU0sUUFBaUIsUUFBdUI7QUFDckQsTUFBSSxNQUFNLFFBQVEsTUFBTSxHQUFHO0FBQ3pCLFdBQU8sS0FBSyxHQUFJLE1BQU0sUUFBUSxNQUFNLElBQUksU0FBUyxDQUFDLE1BQU0sQ0FBRTtBQUMxRDtBQUFBLEVBQ0Y7QUFDQSxNQUFJLE9BQU8sV0FBVyxZQUFZLFdBQVcsUUFBUSxPQUFPLFdBQVcsWUFBWSxXQUFXLEtBQU07QUFDcEcsYUFBVyxDQUFDLEtBQUssS0FBSyxLQUFLLE9BQU8sUUFBUSxNQUFNLEdBQUc7QUFDakQsVUFBTSxTQUFTLE9BQU8sT0FBTyxRQUFRLEdBQUcsSUFBSyxPQUFtQyxHQUFHLElBQUk7QUFDdkYsUUFBSSxPQUFPLFdBQVcsWUFBWSxXQUFXLFFBQVEsT0FBTyxVQUFVLFlBQVksVUFBVTtBQUMxRixZQUFNLFFBQVEsS0FBSztBQUFBLFFBQ2hCLFFBQU8sZUFBZSxRQUFRLEtBQUssRUFBRSxPQUFPLFlBQVksTUFBTSxjQUFjLE1BQU0sVUFBVSxLQUFLLENBQUM7QUFBQSxFQUN6RztBQUNGO0FBRUEsU0FBUyxXQUFXLFFBQWlCLE1BQWtDO0FBQ3JFLE1BQUksT0FBTyxXQUFXLFlBQVksV0FBVyxLQUFNO0FBQ25ELE1BQUksTUFBTSxRQUFRLE1BQU0sR0FBRztBQUN6QixhQUFTLFFBQVEsT0FBTyxTQUFTLEdBQUcsU0FBUyxHQUFHLFNBQVMsRUFBRyxLQUFJLEtBQUssSUFBSSxPQUFPLEtBQUssQ0FBQyxFQUFHLFFBQU8sT0FBTyxPQUFPLENBQUM7QUFBQSxFQUNqSDtBQUNBLGFBQVcsQ0FBQyxLQUFLLEtBQUssS0FBSyxPQUFPLFFBQVEsTUFBTSxHQUFHO0FBQ2pELFFBQUksS0FBSyxJQUFJLEtBQUssRUFBRyxRQUFRLE9BQW1DLEdBQUc7QUFBQSxRQUM5RCxZQUFXLE9BQU8sSUFBSTtBQUFBLEVBQzdCO0FBQ0Y7IiwKICAibmFtZXMiOiBbXQp9Cg==
