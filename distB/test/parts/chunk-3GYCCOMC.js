import {
  compileMatchers
} from "./chunk-REJVQWM4.js";
import {
  shortText
} from "./chunk-WAHZOCQ7.js";
import {
  inputMatchers
} from "./chunk-VV4FZXZN.js";
import {
  compileTree
} from "./chunk-6FF7OQVK.js";
import {
  Evaluation,
  omitted
} from "./chunk-ELCQYB6S.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import {
  Written,
  plain,
  typeOf,
  writtenScalar
} from "./chunk-XGDOGID3.js";

// src/core/collection/inputs.ts
function planInputs(declared, { yaml }, owner, loads) {
  return Object.entries(declared ?? {}).map(([name, declaration]) => {
    const matchers = Object.fromEntries(
      inputMatchers.filter((key) => declaration[key] !== void 0).map((key) => [key, declaration[key]])
    );
    return {
      name,
      declaration,
      owner,
      file: yaml.file,
      fallback: declaration.default === void 0 ? void 0 : compileTree(declaration.default, (path) => yaml.position(["inputs", name, "default", ...path]), loads),
      check: Object.keys(matchers).length === 0 ? void 0 : compileMatchers(matchers, { subject: { strict: false }, loads, readText: () => "" })
    };
  });
}
function inputValue(plan, given, names, surroundings) {
  if (given) {
    const value2 = asDeclared(plan, given.value);
    return value2 === given.value ? given : { ...given, value: value2 };
  }
  if (!plan.fallback) return void 0;
  const { constant } = plan.fallback;
  if (constant !== void 0) return { value: asDeclared(plan, constant), origin: `default in ${plan.file}` };
  const inner = new Evaluation(names, surroundings);
  const value = plan.fallback.evaluate(inner);
  if (value === omitted) return void 0;
  return { value: asDeclared(plan, value), origin: `default in ${plan.file}`, secret: inner.touchedSecret };
}
function missingInput(plan) {
  const { name, declaration, owner, file } = plan;
  const source = declaration["choose-from"];
  const options = declaration["one-of"] ?? declaration.suggest;
  return new Problem("input-missing", {
    what: `${owner} needs the input ${name}${declaration.label ?? declaration.about ? ` (${declaration.label ?? declaration.about})` : ""}`,
    where: { file },
    remedy: [
      `--set ${name}=VALUE`,
      options && `values: ${options.map(shortText).join(", ")}`,
      source && `echo-trail send ${source.replace(/,.*$/, "")} shows what there is`
    ].filter(Boolean).join("; "),
    data: { input: name }
  });
}
var none = /* @__PURE__ */ new Map();
var InputNames = class {
  constructor(plans, given, names, surroundings) {
    this.plans = plans;
    this.given = given;
    this.names = names;
    this.surroundings = surroundings;
  }
  plans;
  given;
  names;
  surroundings;
  worked;
  lookup(name) {
    const before = this.worked?.get(name);
    if (before) return before;
    for (const plan of this.plans) {
      if (plan.name !== name) continue;
      const found = inputValue(plan, this.given(name), this.names, this.surroundings);
      this.worked ??= /* @__PURE__ */ new Map();
      this.worked.set(name, found);
      return found;
    }
    return void 0;
  }
  /** Those that were worked out. */
  used() {
    return this.worked ?? none;
  }
  known() {
    return this.plans.map(({ name }) => name);
  }
  get layers() {
    return this.plans.length > 0 ? [`inputs of ${this.plans[0]?.owner}`] : [];
  }
};
function asDeclared(plan, given) {
  const { type } = plan.declaration;
  const value = type === void 0 ? given : asType(plan, given, type);
  const miss = plan.check?.miss(value, {});
  if (miss !== void 0) throw wrongValue(plan, given, `expected: ${plan.check?.describe()}`);
  return value;
}
function asType(plan, given, type) {
  const is = typeOf(given);
  if (is === type || type === "number" && is === "integer") return given;
  if (type === "string")
    return given instanceof Written ? given.text : is === "array" || is === "object" ? fail() : String(plain(given));
  if (typeof given !== "string") return fail();
  const text = given.trim();
  switch (type) {
    case "integer":
      return /^[-+]?\d+$/.test(text) ? writtenScalar(text, Number(text)) : fail();
    case "number":
      return text !== "" && Number.isFinite(Number(text)) ? writtenScalar(text, Number(text)) : fail();
    case "boolean":
      return text === "true" ? true : text === "false" ? false : fail();
    default:
      try {
        const read = JSON.parse(text);
        return typeOf(read) === type ? read : fail();
      } catch {
        return fail();
      }
  }
  function fail() {
    throw wrongValue(
      plan,
      given,
      `it must be ${type === "array" || type === "object" ? `JSON of an ${type}` : `of type ${type}`}`
    );
  }
}
function wrongValue(plan, given, why) {
  const said = plan.declaration.about ?? plan.declaration.label;
  return new Problem("input-value", {
    what: `the input ${plan.name} of ${plan.owner} cannot be ${shortText(given)}`,
    where: { file: plan.file },
    cause: why,
    remedy: `--set ${plan.name}=VALUE${said === void 0 ? "" : ` (${said})`}`,
    data: { input: plan.name }
  });
}

export {
  planInputs,
  inputValue,
  missingInput,
  InputNames
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi9pbnB1dHMudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBJbnB1dHM6IHdoYXQgYSBjYWxsZXIgbWF5IHNldCwgcmVhZCBhcyB0aGVpciB0eXBlIGFuZCBoZWxkIGFnYWluc3QgdGhlaXIgbWF0Y2hlcnMuICovXG5pbXBvcnQgdHlwZSB7IExvYWRzIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9jb21waWxlLmpzJztcbmltcG9ydCB7IEV2YWx1YXRpb24sIG9taXR0ZWQsIHR5cGUgU3Vycm91bmRpbmdzIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9ldmFsdWF0aW9uLmpzJztcbmltcG9ydCB0eXBlIHsgTmFtZWQsIE5hbWVzIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSwgdHlwZSBUcmVlIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi90cmVlLmpzJztcbmltcG9ydCB7IGNvbXBpbGVNYXRjaGVycyB9IGZyb20gJy4uL21hdGNoZXIvY29tcGlsZS5qcyc7XG5pbXBvcnQgdHlwZSB7IENoZWNrIH0gZnJvbSAnLi4vbWF0Y2hlci9tYXRjaGVyLmpzJztcbmltcG9ydCB7IHNob3J0VGV4dCB9IGZyb20gJy4uL21hdGNoZXIvcmVhZGluZy5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHBsYWluLCB0eXBlT2YsIHR5cGUgVmFsdWUsIFdyaXR0ZW4sIHdyaXR0ZW5TY2FsYXIgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZGVkIH0gZnJvbSAnLi9jb2xsZWN0aW9uLmpzJztcbmltcG9ydCB7IHR5cGUgSW5wdXQsIGlucHV0TWF0Y2hlcnMgfSBmcm9tICcuL2ZpbGVzL3BhcnRzLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBJbnB1dFBsYW4ge1xuICByZWFkb25seSBuYW1lOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGRlY2xhcmF0aW9uOiBJbnB1dDtcbiAgcmVhZG9ubHkgZmFsbGJhY2s6IFRyZWUgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IGNoZWNrOiBDaGVjayB8IHVuZGVmaW5lZDtcbiAgLyoqIGByZXF1ZXN0IGNhbGxzL2Jvb2tgLCBmb3IgbWVzc2FnZXMuICovXG4gIHJlYWRvbmx5IG93bmVyOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGZpbGU6IHN0cmluZztcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIHBsYW5JbnB1dHMoXG4gIGRlY2xhcmVkOiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBJbnB1dD4+IHwgdW5kZWZpbmVkLFxuICB7IHlhbWwgfTogUGljazxMb2FkZWQ8dW5rbm93bj4sICd5YW1sJz4sXG4gIG93bmVyOiBzdHJpbmcsXG4gIGxvYWRzOiBMb2Fkcyxcbik6IHJlYWRvbmx5IElucHV0UGxhbltdIHtcbiAgcmV0dXJuIE9iamVjdC5lbnRyaWVzKGRlY2xhcmVkID8/IHt9KS5tYXAoKFtuYW1lLCBkZWNsYXJhdGlvbl0pID0+IHtcbiAgICBjb25zdCBtYXRjaGVycyA9IE9iamVjdC5mcm9tRW50cmllcyhcbiAgICAgIGlucHV0TWF0Y2hlcnMuZmlsdGVyKChrZXkpID0+IGRlY2xhcmF0aW9uW2tleV0gIT09IHVuZGVmaW5lZCkubWFwKChrZXkpID0+IFtrZXksIGRlY2xhcmF0aW9uW2tleV0gYXMgVmFsdWVdKSxcbiAgICApO1xuICAgIHJldHVybiB7XG4gICAgICBuYW1lLFxuICAgICAgZGVjbGFyYXRpb24sXG4gICAgICBvd25lcixcbiAgICAgIGZpbGU6IHlhbWwuZmlsZSxcbiAgICAgIGZhbGxiYWNrOlxuICAgICAgICBkZWNsYXJhdGlvbi5kZWZhdWx0ID09PSB1bmRlZmluZWRcbiAgICAgICAgICA/IHVuZGVmaW5lZFxuICAgICAgICAgIDogY29tcGlsZVRyZWUoZGVjbGFyYXRpb24uZGVmYXVsdCwgKHBhdGgpID0+IHlhbWwucG9zaXRpb24oWydpbnB1dHMnLCBuYW1lLCAnZGVmYXVsdCcsIC4uLnBhdGhdKSwgbG9hZHMpLFxuICAgICAgY2hlY2s6XG4gICAgICAgIE9iamVjdC5rZXlzKG1hdGNoZXJzKS5sZW5ndGggPT09IDBcbiAgICAgICAgICA/IHVuZGVmaW5lZFxuICAgICAgICAgIDogY29tcGlsZU1hdGNoZXJzKG1hdGNoZXJzLCB7IHN1YmplY3Q6IHsgc3RyaWN0OiBmYWxzZSB9LCBsb2FkcywgcmVhZFRleHQ6ICgpID0+ICcnIH0pLFxuICAgIH07XG4gIH0pO1xufVxuXG4vKipcbiAqIFRoZSB2YWx1ZSBvZiBhbiBpbnB1dDogZnJvbSB3aG9ldmVyIGdpdmVzIG9uZSwgZWxzZSBpdHMgZGVmYXVsdDsgdW5kZWZpbmVkIHdoZXJlIG5laXRoZXIgaXMuXG4gKiBAdGhyb3dzIFByb2JsZW0gaW5wdXQtdmFsdWVcbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGlucHV0VmFsdWUoXG4gIHBsYW46IElucHV0UGxhbixcbiAgZ2l2ZW46IE5hbWVkIHwgdW5kZWZpbmVkLFxuICBuYW1lczogTmFtZXMsXG4gIHN1cnJvdW5kaW5nczogU3Vycm91bmRpbmdzLFxuKTogTmFtZWQgfCB1bmRlZmluZWQge1xuICBpZiAoZ2l2ZW4pIHtcbiAgICBjb25zdCB2YWx1ZSA9IGFzRGVjbGFyZWQocGxhbiwgZ2l2ZW4udmFsdWUpO1xuICAgIHJldHVybiB2YWx1ZSA9PT0gZ2l2ZW4udmFsdWUgPyBnaXZlbiA6IHsgLi4uZ2l2ZW4sIHZhbHVlIH07XG4gIH1cbiAgaWYgKCFwbGFuLmZhbGxiYWNrKSByZXR1cm4gdW5kZWZpbmVkO1xuICBjb25zdCB7IGNvbnN0YW50IH0gPSBwbGFuLmZhbGxiYWNrO1xuICBpZiAoY29uc3RhbnQgIT09IHVuZGVmaW5lZCkgcmV0dXJuIHsgdmFsdWU6IGFzRGVjbGFyZWQocGxhbiwgY29uc3RhbnQpLCBvcmlnaW46IGBkZWZhdWx0IGluICR7cGxhbi5maWxlfWAgfTtcbiAgY29uc3QgaW5uZXIgPSBuZXcgRXZhbHVhdGlvbihuYW1lcywgc3Vycm91bmRpbmdzKTtcbiAgY29uc3QgdmFsdWUgPSBwbGFuLmZhbGxiYWNrLmV2YWx1YXRlKGlubmVyKTtcbiAgaWYgKHZhbHVlID09PSBvbWl0dGVkKSByZXR1cm4gdW5kZWZpbmVkO1xuICByZXR1cm4geyB2YWx1ZTogYXNEZWNsYXJlZChwbGFuLCB2YWx1ZSksIG9yaWdpbjogYGRlZmF1bHQgaW4gJHtwbGFuLmZpbGV9YCwgc2VjcmV0OiBpbm5lci50b3VjaGVkU2VjcmV0IH07XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gaW5wdXQtbWlzc2luZywgd2l0aCB0aGUgd2F5cyB0byBnaXZlIGl0ICovXG5leHBvcnQgZnVuY3Rpb24gbWlzc2luZ0lucHV0KHBsYW46IElucHV0UGxhbik6IFByb2JsZW0ge1xuICBjb25zdCB7IG5hbWUsIGRlY2xhcmF0aW9uLCBvd25lciwgZmlsZSB9ID0gcGxhbjtcbiAgY29uc3Qgc291cmNlID0gZGVjbGFyYXRpb25bJ2Nob29zZS1mcm9tJ107XG4gIGNvbnN0IG9wdGlvbnMgPSBkZWNsYXJhdGlvblsnb25lLW9mJ10gPz8gZGVjbGFyYXRpb24uc3VnZ2VzdDtcbiAgcmV0dXJuIG5ldyBQcm9ibGVtKCdpbnB1dC1taXNzaW5nJywge1xuICAgIHdoYXQ6IGAke293bmVyfSBuZWVkcyB0aGUgaW5wdXQgJHtuYW1lfSR7KGRlY2xhcmF0aW9uLmxhYmVsID8/IGRlY2xhcmF0aW9uLmFib3V0KSA/IGAgKCR7ZGVjbGFyYXRpb24ubGFiZWwgPz8gZGVjbGFyYXRpb24uYWJvdXR9KWAgOiAnJ31gLFxuICAgIHdoZXJlOiB7IGZpbGUgfSxcbiAgICByZW1lZHk6IFtcbiAgICAgIGAtLXNldCAke25hbWV9PVZBTFVFYCxcbiAgICAgIG9wdGlvbnMgJiYgYHZhbHVlczogJHtvcHRpb25zLm1hcChzaG9ydFRleHQpLmpvaW4oJywgJyl9YCxcbiAgICAgIHNvdXJjZSAmJiBgZWNoby10cmFpbCBzZW5kICR7c291cmNlLnJlcGxhY2UoLywuKiQvLCAnJyl9IHNob3dzIHdoYXQgdGhlcmUgaXNgLFxuICAgIF1cbiAgICAgIC5maWx0ZXIoQm9vbGVhbilcbiAgICAgIC5qb2luKCc7ICcpLFxuICAgIGRhdGE6IHsgaW5wdXQ6IG5hbWUgfSxcbiAgfSk7XG59XG5cbmNvbnN0IG5vbmU6IFJlYWRvbmx5TWFwPHN0cmluZywgTmFtZWQgfCB1bmRlZmluZWQ+ID0gbmV3IE1hcCgpO1xuXG4vKiogTmFtZXMgb2YgaW5wdXRzLCB3b3JrZWQgb3V0IHdoZW4gZmlyc3QgdXNlZDsgYW4gaW5wdXQgdGhhdCBub2JvZHkgZ2l2ZXMgYW5kIHRoYXQgaGFzIG5vIGRlZmF1bHQgaXMgdW5rbm93bi4gKi9cbmV4cG9ydCBjbGFzcyBJbnB1dE5hbWVzIGltcGxlbWVudHMgTmFtZXMge1xuICBwcml2YXRlIHdvcmtlZDogTWFwPHN0cmluZywgTmFtZWQgfCB1bmRlZmluZWQ+IHwgdW5kZWZpbmVkO1xuXG4gIGNvbnN0cnVjdG9yKFxuICAgIHByaXZhdGUgcmVhZG9ubHkgcGxhbnM6IHJlYWRvbmx5IElucHV0UGxhbltdLFxuICAgIHByaXZhdGUgcmVhZG9ubHkgZ2l2ZW46IChuYW1lOiBzdHJpbmcpID0+IE5hbWVkIHwgdW5kZWZpbmVkLFxuICAgIHByaXZhdGUgcmVhZG9ubHkgbmFtZXM6IE5hbWVzLFxuICAgIHByaXZhdGUgcmVhZG9ubHkgc3Vycm91bmRpbmdzOiBTdXJyb3VuZGluZ3MsXG4gICkge31cblxuICBsb29rdXAobmFtZTogc3RyaW5nKTogTmFtZWQgfCB1bmRlZmluZWQge1xuICAgIGNvbnN0IGJlZm9yZSA9IHRoaXMud29ya2VkPy5nZXQobmFtZSk7XG4gICAgaWYgKGJlZm9yZSkgcmV0dXJuIGJlZm9yZTtcbiAgICBmb3IgKGNvbnN0IHBsYW4gb2YgdGhpcy5wbGFucykge1xuICAgICAgaWYgKHBsYW4ubmFtZSAhPT0gbmFtZSkgY29udGludWU7XG4gICAgICBjb25zdCBmb3VuZCA9IGlucHV0VmFsdWUocGxhbiwgdGhpcy5naXZlbihuYW1lKSwgdGhpcy5uYW1lcywgdGhpcy5zdXJyb3VuZGluZ3MpO1xuICAgICAgdGhpcy53b3JrZWQgPz89IG5ldyBNYXAoKTtcbiAgICAgIHRoaXMud29ya2VkLnNldChuYW1lLCBmb3VuZCk7XG4gICAgICByZXR1cm4gZm91bmQ7XG4gICAgfVxuICAgIHJldHVybiB1bmRlZmluZWQ7XG4gIH1cblxuICAvKiogVGhvc2UgdGhhdCB3ZXJlIHdvcmtlZCBvdXQuICovXG4gIHVzZWQoKTogUmVhZG9ubHlNYXA8c3RyaW5nLCBOYW1lZCB8IHVuZGVmaW5lZD4ge1xuICAgIHJldHVybiB0aGlzLndvcmtlZCA/PyBub25lO1xuICB9XG5cbiAga25vd24oKTogSXRlcmFibGU8c3RyaW5nPiB7XG4gICAgcmV0dXJuIHRoaXMucGxhbnMubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSk7XG4gIH1cblxuICBnZXQgbGF5ZXJzKCk6IHJlYWRvbmx5IHN0cmluZ1tdIHtcbiAgICByZXR1cm4gdGhpcy5wbGFucy5sZW5ndGggPiAwID8gW2BpbnB1dHMgb2YgJHt0aGlzLnBsYW5zWzBdPy5vd25lcn1gXSA6IFtdO1xuICB9XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gaW5wdXQtdmFsdWUgKi9cbmZ1bmN0aW9uIGFzRGVjbGFyZWQocGxhbjogSW5wdXRQbGFuLCBnaXZlbjogVmFsdWUpOiBWYWx1ZSB7XG4gIGNvbnN0IHsgdHlwZSB9ID0gcGxhbi5kZWNsYXJhdGlvbjtcbiAgY29uc3QgdmFsdWUgPSB0eXBlID09PSB1bmRlZmluZWQgPyBnaXZlbiA6IGFzVHlwZShwbGFuLCBnaXZlbiwgdHlwZSk7XG4gIGNvbnN0IG1pc3MgPSBwbGFuLmNoZWNrPy5taXNzKHZhbHVlLCB7fSk7XG4gIGlmIChtaXNzICE9PSB1bmRlZmluZWQpIHRocm93IHdyb25nVmFsdWUocGxhbiwgZ2l2ZW4sIGBleHBlY3RlZDogJHtwbGFuLmNoZWNrPy5kZXNjcmliZSgpfWApO1xuICByZXR1cm4gdmFsdWU7XG59XG5cbmZ1bmN0aW9uIGFzVHlwZShwbGFuOiBJbnB1dFBsYW4sIGdpdmVuOiBWYWx1ZSwgdHlwZTogTm9uTnVsbGFibGU8SW5wdXRbJ3R5cGUnXT4pOiBWYWx1ZSB7XG4gIGNvbnN0IGlzID0gdHlwZU9mKGdpdmVuKTtcbiAgaWYgKGlzID09PSB0eXBlIHx8ICh0eXBlID09PSAnbnVtYmVyJyAmJiBpcyA9PT0gJ2ludGVnZXInKSkgcmV0dXJuIGdpdmVuO1xuICBpZiAodHlwZSA9PT0gJ3N0cmluZycpXG4gICAgcmV0dXJuIGdpdmVuIGluc3RhbmNlb2YgV3JpdHRlbiA/IGdpdmVuLnRleHQgOiBpcyA9PT0gJ2FycmF5JyB8fCBpcyA9PT0gJ29iamVjdCcgPyBmYWlsKCkgOiBTdHJpbmcocGxhaW4oZ2l2ZW4pKTtcbiAgaWYgKHR5cGVvZiBnaXZlbiAhPT0gJ3N0cmluZycpIHJldHVybiBmYWlsKCk7XG4gIGNvbnN0IHRleHQgPSBnaXZlbi50cmltKCk7XG4gIHN3aXRjaCAodHlwZSkge1xuICAgIGNhc2UgJ2ludGVnZXInOlxuICAgICAgcmV0dXJuIC9eWy0rXT9cXGQrJC8udGVzdCh0ZXh0KSA/IHdyaXR0ZW5TY2FsYXIodGV4dCwgTnVtYmVyKHRleHQpKSA6IGZhaWwoKTtcbiAgICBjYXNlICdudW1iZXInOlxuICAgICAgcmV0dXJuIHRleHQgIT09ICcnICYmIE51bWJlci5pc0Zpbml0ZShOdW1iZXIodGV4dCkpID8gd3JpdHRlblNjYWxhcih0ZXh0LCBOdW1iZXIodGV4dCkpIDogZmFpbCgpO1xuICAgIGNhc2UgJ2Jvb2xlYW4nOlxuICAgICAgcmV0dXJuIHRleHQgPT09ICd0cnVlJyA/IHRydWUgOiB0ZXh0ID09PSAnZmFsc2UnID8gZmFsc2UgOiBmYWlsKCk7XG4gICAgZGVmYXVsdDpcbiAgICAgIHRyeSB7XG4gICAgICAgIGNvbnN0IHJlYWQgPSBKU09OLnBhcnNlKHRleHQpIGFzIFZhbHVlO1xuICAgICAgICByZXR1cm4gdHlwZU9mKHJlYWQpID09PSB0eXBlID8gcmVhZCA6IGZhaWwoKTtcbiAgICAgIH0gY2F0Y2gge1xuICAgICAgICByZXR1cm4gZmFpbCgpO1xuICAgICAgfVxuICB9XG5cbiAgZnVuY3Rpb24gZmFpbCgpOiBuZXZlciB7XG4gICAgdGhyb3cgd3JvbmdWYWx1ZShcbiAgICAgIHBsYW4sXG4gICAgICBnaXZlbixcbiAgICAgIGBpdCBtdXN0IGJlICR7dHlwZSA9PT0gJ2FycmF5JyB8fCB0eXBlID09PSAnb2JqZWN0JyA/IGBKU09OIG9mIGFuICR7dHlwZX1gIDogYG9mIHR5cGUgJHt0eXBlfWB9YCxcbiAgICApO1xuICB9XG59XG5cbmZ1bmN0aW9uIHdyb25nVmFsdWUocGxhbjogSW5wdXRQbGFuLCBnaXZlbjogVmFsdWUsIHdoeTogc3RyaW5nKTogUHJvYmxlbSB7XG4gIGNvbnN0IHNhaWQgPSBwbGFuLmRlY2xhcmF0aW9uLmFib3V0ID8/IHBsYW4uZGVjbGFyYXRpb24ubGFiZWw7XG4gIHJldHVybiBuZXcgUHJvYmxlbSgnaW5wdXQtdmFsdWUnLCB7XG4gICAgd2hhdDogYHRoZSBpbnB1dCAke3BsYW4ubmFtZX0gb2YgJHtwbGFuLm93bmVyfSBjYW5ub3QgYmUgJHtzaG9ydFRleHQoZ2l2ZW4pfWAsXG4gICAgd2hlcmU6IHsgZmlsZTogcGxhbi5maWxlIH0sXG4gICAgY2F1c2U6IHdoeSxcbiAgICByZW1lZHk6IGAtLXNldCAke3BsYW4ubmFtZX09VkFMVUUke3NhaWQgPT09IHVuZGVmaW5lZCA/ICcnIDogYCAoJHtzYWlkfSlgfWAsXG4gICAgZGF0YTogeyBpbnB1dDogcGxhbi5uYW1lIH0sXG4gIH0pO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBdUJPLFNBQVMsV0FDZCxVQUNBLEVBQUUsS0FBSyxHQUNQLE9BQ0EsT0FDc0I7QUFDdEIsU0FBTyxPQUFPLFFBQVEsWUFBWSxDQUFDLENBQUMsRUFBRSxJQUFJLENBQUMsQ0FBQyxNQUFNLFdBQVcsTUFBTTtBQUNqRSxVQUFNLFdBQVcsT0FBTztBQUFBLE1BQ3RCLGNBQWMsT0FBTyxDQUFDLFFBQVEsWUFBWSxHQUFHLE1BQU0sTUFBUyxFQUFFLElBQUksQ0FBQyxRQUFRLENBQUMsS0FBSyxZQUFZLEdBQUcsQ0FBVSxDQUFDO0FBQUEsSUFDN0c7QUFDQSxXQUFPO0FBQUEsTUFDTDtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQSxNQUFNLEtBQUs7QUFBQSxNQUNYLFVBQ0UsWUFBWSxZQUFZLFNBQ3BCLFNBQ0EsWUFBWSxZQUFZLFNBQVMsQ0FBQyxTQUFTLEtBQUssU0FBUyxDQUFDLFVBQVUsTUFBTSxXQUFXLEdBQUcsSUFBSSxDQUFDLEdBQUcsS0FBSztBQUFBLE1BQzNHLE9BQ0UsT0FBTyxLQUFLLFFBQVEsRUFBRSxXQUFXLElBQzdCLFNBQ0EsZ0JBQWdCLFVBQVUsRUFBRSxTQUFTLEVBQUUsUUFBUSxNQUFNLEdBQUcsT0FBTyxVQUFVLE1BQU0sR0FBRyxDQUFDO0FBQUEsSUFDM0Y7QUFBQSxFQUNGLENBQUM7QUFDSDtBQU1PLFNBQVMsV0FDZCxNQUNBLE9BQ0EsT0FDQSxjQUNtQjtBQUNuQixNQUFJLE9BQU87QUFDVCxVQUFNQSxTQUFRLFdBQVcsTUFBTSxNQUFNLEtBQUs7QUFDMUMsV0FBT0EsV0FBVSxNQUFNLFFBQVEsUUFBUSxFQUFFLEdBQUcsT0FBTyxPQUFBQSxPQUFNO0FBQUEsRUFDM0Q7QUFDQSxNQUFJLENBQUMsS0FBSyxTQUFVLFFBQU87QUFDM0IsUUFBTSxFQUFFLFNBQVMsSUFBSSxLQUFLO0FBQzFCLE1BQUksYUFBYSxPQUFXLFFBQU8sRUFBRSxPQUFPLFdBQVcsTUFBTSxRQUFRLEdBQUcsUUFBUSxjQUFjLEtBQUssSUFBSSxHQUFHO0FBQzFHLFFBQU0sUUFBUSxJQUFJLFdBQVcsT0FBTyxZQUFZO0FBQ2hELFFBQU0sUUFBUSxLQUFLLFNBQVMsU0FBUyxLQUFLO0FBQzFDLE1BQUksVUFBVSxRQUFTLFFBQU87QUFDOUIsU0FBTyxFQUFFLE9BQU8sV0FBVyxNQUFNLEtBQUssR0FBRyxRQUFRLGNBQWMsS0FBSyxJQUFJLElBQUksUUFBUSxNQUFNLGNBQWM7QUFDMUc7QUFHTyxTQUFTLGFBQWEsTUFBMEI7QUFDckQsUUFBTSxFQUFFLE1BQU0sYUFBYSxPQUFPLEtBQUssSUFBSTtBQUMzQyxRQUFNLFNBQVMsWUFBWSxhQUFhO0FBQ3hDLFFBQU0sVUFBVSxZQUFZLFFBQVEsS0FBSyxZQUFZO0FBQ3JELFNBQU8sSUFBSSxRQUFRLGlCQUFpQjtBQUFBLElBQ2xDLE1BQU0sR0FBRyxLQUFLLG9CQUFvQixJQUFJLEdBQUksWUFBWSxTQUFTLFlBQVksUUFBUyxLQUFLLFlBQVksU0FBUyxZQUFZLEtBQUssTUFBTSxFQUFFO0FBQUEsSUFDdkksT0FBTyxFQUFFLEtBQUs7QUFBQSxJQUNkLFFBQVE7QUFBQSxNQUNOLFNBQVMsSUFBSTtBQUFBLE1BQ2IsV0FBVyxXQUFXLFFBQVEsSUFBSSxTQUFTLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFBQSxNQUN2RCxVQUFVLG1CQUFtQixPQUFPLFFBQVEsUUFBUSxFQUFFLENBQUM7QUFBQSxJQUN6RCxFQUNHLE9BQU8sT0FBTyxFQUNkLEtBQUssSUFBSTtBQUFBLElBQ1osTUFBTSxFQUFFLE9BQU8sS0FBSztBQUFBLEVBQ3RCLENBQUM7QUFDSDtBQUVBLElBQU0sT0FBK0Msb0JBQUksSUFBSTtBQUd0RCxJQUFNLGFBQU4sTUFBa0M7QUFBQSxFQUd2QyxZQUNtQixPQUNBLE9BQ0EsT0FDQSxjQUNqQjtBQUppQjtBQUNBO0FBQ0E7QUFDQTtBQUFBLEVBQ2hCO0FBQUEsRUFKZ0I7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQU5YO0FBQUEsRUFTUixPQUFPLE1BQWlDO0FBQ3RDLFVBQU0sU0FBUyxLQUFLLFFBQVEsSUFBSSxJQUFJO0FBQ3BDLFFBQUksT0FBUSxRQUFPO0FBQ25CLGVBQVcsUUFBUSxLQUFLLE9BQU87QUFDN0IsVUFBSSxLQUFLLFNBQVMsS0FBTTtBQUN4QixZQUFNLFFBQVEsV0FBVyxNQUFNLEtBQUssTUFBTSxJQUFJLEdBQUcsS0FBSyxPQUFPLEtBQUssWUFBWTtBQUM5RSxXQUFLLFdBQVcsb0JBQUksSUFBSTtBQUN4QixXQUFLLE9BQU8sSUFBSSxNQUFNLEtBQUs7QUFDM0IsYUFBTztBQUFBLElBQ1Q7QUFDQSxXQUFPO0FBQUEsRUFDVDtBQUFBO0FBQUEsRUFHQSxPQUErQztBQUM3QyxXQUFPLEtBQUssVUFBVTtBQUFBLEVBQ3hCO0FBQUEsRUFFQSxRQUEwQjtBQUN4QixXQUFPLEtBQUssTUFBTSxJQUFJLENBQUMsRUFBRSxLQUFLLE1BQU0sSUFBSTtBQUFBLEVBQzFDO0FBQUEsRUFFQSxJQUFJLFNBQTRCO0FBQzlCLFdBQU8sS0FBSyxNQUFNLFNBQVMsSUFBSSxDQUFDLGFBQWEsS0FBSyxNQUFNLENBQUMsR0FBRyxLQUFLLEVBQUUsSUFBSSxDQUFDO0FBQUEsRUFDMUU7QUFDRjtBQUdBLFNBQVMsV0FBVyxNQUFpQixPQUFxQjtBQUN4RCxRQUFNLEVBQUUsS0FBSyxJQUFJLEtBQUs7QUFDdEIsUUFBTSxRQUFRLFNBQVMsU0FBWSxRQUFRLE9BQU8sTUFBTSxPQUFPLElBQUk7QUFDbkUsUUFBTSxPQUFPLEtBQUssT0FBTyxLQUFLLE9BQU8sQ0FBQyxDQUFDO0FBQ3ZDLE1BQUksU0FBUyxPQUFXLE9BQU0sV0FBVyxNQUFNLE9BQU8sYUFBYSxLQUFLLE9BQU8sU0FBUyxDQUFDLEVBQUU7QUFDM0YsU0FBTztBQUNUO0FBRUEsU0FBUyxPQUFPLE1BQWlCLE9BQWMsTUFBeUM7QUFDdEYsUUFBTSxLQUFLLE9BQU8sS0FBSztBQUN2QixNQUFJLE9BQU8sUUFBUyxTQUFTLFlBQVksT0FBTyxVQUFZLFFBQU87QUFDbkUsTUFBSSxTQUFTO0FBQ1gsV0FBTyxpQkFBaUIsVUFBVSxNQUFNLE9BQU8sT0FBTyxXQUFXLE9BQU8sV0FBVyxLQUFLLElBQUksT0FBTyxNQUFNLEtBQUssQ0FBQztBQUNqSCxNQUFJLE9BQU8sVUFBVSxTQUFVLFFBQU8sS0FBSztBQUMzQyxRQUFNLE9BQU8sTUFBTSxLQUFLO0FBQ3hCLFVBQVEsTUFBTTtBQUFBLElBQ1osS0FBSztBQUNILGFBQU8sYUFBYSxLQUFLLElBQUksSUFBSSxjQUFjLE1BQU0sT0FBTyxJQUFJLENBQUMsSUFBSSxLQUFLO0FBQUEsSUFDNUUsS0FBSztBQUNILGFBQU8sU0FBUyxNQUFNLE9BQU8sU0FBUyxPQUFPLElBQUksQ0FBQyxJQUFJLGNBQWMsTUFBTSxPQUFPLElBQUksQ0FBQyxJQUFJLEtBQUs7QUFBQSxJQUNqRyxLQUFLO0FBQ0gsYUFBTyxTQUFTLFNBQVMsT0FBTyxTQUFTLFVBQVUsUUFBUSxLQUFLO0FBQUEsSUFDbEU7QUFDRSxVQUFJO0FBQ0YsY0FBTSxPQUFPLEtBQUssTUFBTSxJQUFJO0FBQzVCLGVBQU8sT0FBTyxJQUFJLE1BQU0sT0FBTyxPQUFPLEtBQUs7QUFBQSxNQUM3QyxRQUFRO0FBQ04sZUFBTyxLQUFLO0FBQUEsTUFDZDtBQUFBLEVBQ0o7QUFFQSxXQUFTLE9BQWM7QUFDckIsVUFBTTtBQUFBLE1BQ0o7QUFBQSxNQUNBO0FBQUEsTUFDQSxjQUFjLFNBQVMsV0FBVyxTQUFTLFdBQVcsY0FBYyxJQUFJLEtBQUssV0FBVyxJQUFJLEVBQUU7QUFBQSxJQUNoRztBQUFBLEVBQ0Y7QUFDRjtBQUVBLFNBQVMsV0FBVyxNQUFpQixPQUFjLEtBQXNCO0FBQ3ZFLFFBQU0sT0FBTyxLQUFLLFlBQVksU0FBUyxLQUFLLFlBQVk7QUFDeEQsU0FBTyxJQUFJLFFBQVEsZUFBZTtBQUFBLElBQ2hDLE1BQU0sYUFBYSxLQUFLLElBQUksT0FBTyxLQUFLLEtBQUssY0FBYyxVQUFVLEtBQUssQ0FBQztBQUFBLElBQzNFLE9BQU8sRUFBRSxNQUFNLEtBQUssS0FBSztBQUFBLElBQ3pCLE9BQU87QUFBQSxJQUNQLFFBQVEsU0FBUyxLQUFLLElBQUksU0FBUyxTQUFTLFNBQVksS0FBSyxLQUFLLElBQUksR0FBRztBQUFBLElBQ3pFLE1BQU0sRUFBRSxPQUFPLEtBQUssS0FBSztBQUFBLEVBQzNCLENBQUM7QUFDSDsiLAogICJuYW1lcyI6IFsidmFsdWUiXQp9Cg==
