import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/cli/ask/input.ts
import { input, select } from "@inquirer/prompts";
function askInput({ name, declaration }) {
  const { label, about, "one-of": oneOf, suggest, "choose-from": source } = declaration;
  const message = `${name}${label ?? about ? ` (${label ?? about})` : ""}:`;
  if (oneOf) return select({ message, choices: oneOf.map(textOf) }, { output: process.stderr });
  const hint = suggest ? ` such as ${suggest.map(textOf).join(", ")}` : source ? ` from ${source}` : "";
  return input({ message: message.replace(/:$/, `${hint}:`), required: true }, { output: process.stderr });
}
export {
  askInput
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9hc2svaW5wdXQudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBBc2tpbmcgZm9yIGFuIGlucHV0IHRoYXQgdGhlIGNvbW1hbmQgbGluZSBkaWQgbm90IGdpdmUuICovXG5pbXBvcnQgeyBpbnB1dCwgc2VsZWN0IH0gZnJvbSAnQGlucXVpcmVyL3Byb21wdHMnO1xuaW1wb3J0IHR5cGUgeyBJbnB1dFBsYW4gfSBmcm9tICcuLi8uLi9jb3JlL2NvbGxlY3Rpb24vaW5wdXRzLmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvdGV4dC5qcyc7XG5cbmV4cG9ydCBmdW5jdGlvbiBhc2tJbnB1dCh7IG5hbWUsIGRlY2xhcmF0aW9uIH06IElucHV0UGxhbik6IFByb21pc2U8c3RyaW5nPiB7XG4gIGNvbnN0IHsgbGFiZWwsIGFib3V0LCAnb25lLW9mJzogb25lT2YsIHN1Z2dlc3QsICdjaG9vc2UtZnJvbSc6IHNvdXJjZSB9ID0gZGVjbGFyYXRpb247XG4gIGNvbnN0IG1lc3NhZ2UgPSBgJHtuYW1lfSR7KGxhYmVsID8/IGFib3V0KSA/IGAgKCR7bGFiZWwgPz8gYWJvdXR9KWAgOiAnJ306YDtcbiAgaWYgKG9uZU9mKSByZXR1cm4gc2VsZWN0KHsgbWVzc2FnZSwgY2hvaWNlczogb25lT2YubWFwKHRleHRPZikgfSwgeyBvdXRwdXQ6IHByb2Nlc3Muc3RkZXJyIH0pO1xuICBjb25zdCBoaW50ID0gc3VnZ2VzdCA/IGAgc3VjaCBhcyAke3N1Z2dlc3QubWFwKHRleHRPZikuam9pbignLCAnKX1gIDogc291cmNlID8gYCBmcm9tICR7c291cmNlfWAgOiAnJztcbiAgcmV0dXJuIGlucHV0KHsgbWVzc2FnZTogbWVzc2FnZS5yZXBsYWNlKC86JC8sIGAke2hpbnR9OmApLCByZXF1aXJlZDogdHJ1ZSB9LCB7IG91dHB1dDogcHJvY2Vzcy5zdGRlcnIgfSk7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7O0FBQ0EsU0FBUyxPQUFPLGNBQWM7QUFJdkIsU0FBUyxTQUFTLEVBQUUsTUFBTSxZQUFZLEdBQStCO0FBQzFFLFFBQU0sRUFBRSxPQUFPLE9BQU8sVUFBVSxPQUFPLFNBQVMsZUFBZSxPQUFPLElBQUk7QUFDMUUsUUFBTSxVQUFVLEdBQUcsSUFBSSxHQUFJLFNBQVMsUUFBUyxLQUFLLFNBQVMsS0FBSyxNQUFNLEVBQUU7QUFDeEUsTUFBSSxNQUFPLFFBQU8sT0FBTyxFQUFFLFNBQVMsU0FBUyxNQUFNLElBQUksTUFBTSxFQUFFLEdBQUcsRUFBRSxRQUFRLFFBQVEsT0FBTyxDQUFDO0FBQzVGLFFBQU0sT0FBTyxVQUFVLFlBQVksUUFBUSxJQUFJLE1BQU0sRUFBRSxLQUFLLElBQUksQ0FBQyxLQUFLLFNBQVMsU0FBUyxNQUFNLEtBQUs7QUFDbkcsU0FBTyxNQUFNLEVBQUUsU0FBUyxRQUFRLFFBQVEsTUFBTSxHQUFHLElBQUksR0FBRyxHQUFHLFVBQVUsS0FBSyxHQUFHLEVBQUUsUUFBUSxRQUFRLE9BQU8sQ0FBQztBQUN6RzsiLAogICJuYW1lcyI6IFtdCn0K
