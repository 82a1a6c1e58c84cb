import {
  about,
  anyValue,
  expect,
  headers,
  inputs,
  keep,
  lists,
  query,
  redirects,
  retry,
  session,
  signature,
  timeout,
  values
} from "./chunk-VV4FZXZN.js";
import {
  described
} from "./chunk-ADLZ4E65.js";

// src/core/collection/files/request-file.ts
import * as z2 from "zod/mini";

// src/core/collection/files/pages.ts
import * as z from "zod/mini";
var count = z.number().check(z.int(), z.minimum(1));
var input = described(
  z.string(),
  "The input of this request that takes it. Its default stands for the first page; where there is none, the request writes `${after ?? omit}`."
);
var pages = described(
  z.strictObject({
    items: described(z.string(), "The place of the list in each answer."),
    next: described(
      z.optional(z.string()),
      "The place of the address of the next page: `link.next`, or one in the body such as `$.next`."
    ),
    cursor: described(
      z.optional(z.strictObject({ input, from: described(z.string(), "The place of the cursor in an answer.") })),
      "The next page is asked for by a cursor that the answer holds."
    ),
    number: described(
      z.optional(
        z.strictObject({
          input,
          first: described(z.optional(z.number().check(z.int())), "The number of the first page. 1.")
        })
      ),
      "The next page is asked for by its number."
    ),
    offset: described(
      z.optional(z.strictObject({ input })),
      "The next page is asked for by the number of items before it."
    ),
    while: described(
      z.optional(z.record(z.string(), anyValue)),
      "Matchers by place, all of which hold where a further page follows."
    ),
    size: described(z.optional(count), "How many items a full page has: one with fewer is the last."),
    total: described(z.optional(z.string()), "The place of the number of items that there are altogether."),
    most: described(
      z.optional(count),
      "How many pages are asked for at most; what is missing then is told. 1000 where nothing is said."
    )
  }),
  "The answer is one page of many. How the next is asked for is one of `next`, `cursor`, `number` and `offset`."
);

// src/core/collection/files/request-file.ts
var bodySpec = described(
  z2.union([
    z2.strictObject({ json: described(anyValue, "Any value, sent as JSON; numbers stay numbers.") }),
    z2.strictObject({ text: described(z2.string(), "Text, sent as UTF-8.") }),
    z2.strictObject({
      form: described(values, "Fields, sent URL-encoded; a list repeats its field, a map is written with brackets.")
    }),
    z2.strictObject({
      parts: described(
        values,
        "Parts of multipart/form-data: a text, a list, or {text | file | template | json, type, name}."
      )
    }),
    z2.strictObject({ file: described(z2.string(), "The path of a file in the collection, sent as it is.") }),
    z2.strictObject({ template: described(z2.string(), "The path of a file in bodies/, with values put in.") }),
    z2.strictObject({ xml: described(z2.string(), "XML text; the values in it are escaped.") }),
    z2.strictObject({
      graphql: described(
        z2.strictObject({
          document: described(
            z2.string(),
            "The document: a query, mutation or subscription; or the path of a .graphql file."
          ),
          variables: described(z2.optional(values), "Values for the variables that the document declares."),
          operation: described(
            z2.optional(z2.string()),
            "Which operation of the document is meant, where it has several."
          )
        }),
        "A GraphQL document with its variables, sent as JSON."
      )
    }),
    z2.strictObject({
      soap: described(
        z2.strictObject({
          envelope: described(z2.string(), "The envelope, or the path of an .xml file; the values in it are escaped."),
          version: described(z2.optional(z2.enum(["1.1", "1.2"])), "The version of SOAP. 1.1 where nothing is said."),
          action: described(z2.optional(z2.string()), "The action, with or without its quotes.")
        }),
        "A SOAP envelope; content type and action follow from the version."
      )
    })
  ]),
  "The body, by kind. The content type follows from the kind; an explicit header wins."
);
var shared = {
  about: z2.optional(about),
  headers: z2.optional(headers),
  query: z2.optional(query),
  lists: z2.optional(lists),
  session: z2.optional(session),
  signature: z2.optional(signature),
  timeout: z2.optional(timeout),
  redirects: z2.optional(redirects),
  retry: z2.optional(retry),
  expect: z2.optional(expect),
  namespaces: described(
    z2.optional(z2.record(z2.string(), z2.string())),
    "XML namespaces by the prefix that places use for them, beside those that the answer declares itself."
  )
};
var requestFile = described(
  z2.strictObject({
    ...shared,
    operation: described(
      z2.optional(z2.string()),
      "The documented operation, SOURCE/OPERATION: the request is checked against it."
    ),
    inputs: z2.optional(inputs),
    method: described(z2.optional(z2.string()), "The method. GET where nothing is said."),
    url: described(
      z2.string(),
      "The address; `${\u2026}` may open it, `{name}` takes `path.name` or the input of that name."
    ),
    path: described(
      z2.optional(values),
      "Values for the `{name}` parts of the address, where they are not inputs of that name."
    ),
    cookies: described(z2.optional(values), "Cookies by name, sent beside those that the vendor has set."),
    body: z2.optional(bodySpec),
    "idempotency-key": described(
      z2.optional(
        z2.union([
          z2.literal(true),
          z2.string(),
          z2.strictObject({
            header: described(z2.optional(z2.string()), "The header. `Idempotency-Key` where nothing is said."),
            value: described(z2.optional(z2.string()), "The key. A new UUID for each request where nothing is said.")
          })
        ])
      ),
      "A key by which the vendor knows a call that it has done already, so that it may be sent again: `true`, a value, or {header, value}. All tries carry the same one."
    ),
    keep: z2.optional(keep),
    pages: z2.optional(pages),
    table: described(
      z2.optional(
        z2.strictObject({
          rows: described(
            z2.optional(z2.string()),
            "The place of the list; the largest list of maps where nothing is said."
          ),
          columns: described(
            z2.optional(z2.union([z2.array(z2.string()), z2.record(z2.string(), z2.string())])),
            "Paths in an item, such as `berth.code`; with names where they are to be called otherwise."
          )
        })
      ),
      "The list of the answer that `send` shows as a table."
    ),
    changes: described(
      z2.optional(z2.boolean()),
      "false for a call that changes nothing although its method says so; true for the opposite."
    )
  }),
  "A request: one call, with what must come back and what is kept of it."
);
var defaultsFile = described(
  z2.strictObject(shared),
  "What holds for all requests in a folder and below it; the nearest wins, key by key."
);

export {
  requestFile,
  defaultsFile
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi9maWxlcy9yZXF1ZXN0LWZpbGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi9maWxlcy9wYWdlcy50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIGByZXF1ZXN0cy8qKi55YW1sYCwgYW5kIGBkZWZhdWx0cy55YW1sYCBiZXNpZGUgdGhlbS4gKi9cbmltcG9ydCAqIGFzIHogZnJvbSAnem9kL21pbmknO1xuaW1wb3J0IHsgZGVzY3JpYmVkIH0gZnJvbSAnLi9kZXNjcmliZWQuanMnO1xuaW1wb3J0IHsgcGFnZXMgfSBmcm9tICcuL3BhZ2VzLmpzJztcbmltcG9ydCB7XG4gIGFib3V0LFxuICBhbnlWYWx1ZSxcbiAgZXhwZWN0LFxuICBoZWFkZXJzLFxuICBpbnB1dHMsXG4gIGtlZXAsXG4gIGxpc3RzLFxuICBxdWVyeSxcbiAgcmVkaXJlY3RzLFxuICByZXRyeSxcbiAgc2Vzc2lvbixcbiAgc2lnbmF0dXJlLFxuICB0aW1lb3V0LFxuICB2YWx1ZXMsXG59IGZyb20gJy4vcGFydHMuanMnO1xuXG5jb25zdCBib2R5U3BlYyA9IGRlc2NyaWJlZChcbiAgei51bmlvbihbXG4gICAgei5zdHJpY3RPYmplY3QoeyBqc29uOiBkZXNjcmliZWQoYW55VmFsdWUsICdBbnkgdmFsdWUsIHNlbnQgYXMgSlNPTjsgbnVtYmVycyBzdGF5IG51bWJlcnMuJykgfSksXG4gICAgei5zdHJpY3RPYmplY3QoeyB0ZXh0OiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RleHQsIHNlbnQgYXMgVVRGLTguJykgfSksXG4gICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgZm9ybTogZGVzY3JpYmVkKHZhbHVlcywgJ0ZpZWxkcywgc2VudCBVUkwtZW5jb2RlZDsgYSBsaXN0IHJlcGVhdHMgaXRzIGZpZWxkLCBhIG1hcCBpcyB3cml0dGVuIHdpdGggYnJhY2tldHMuJyksXG4gICAgfSksXG4gICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgcGFydHM6IGRlc2NyaWJlZChcbiAgICAgICAgdmFsdWVzLFxuICAgICAgICAnUGFydHMgb2YgbXVsdGlwYXJ0L2Zvcm0tZGF0YTogYSB0ZXh0LCBhIGxpc3QsIG9yIHt0ZXh0IHwgZmlsZSB8IHRlbXBsYXRlIHwganNvbiwgdHlwZSwgbmFtZX0uJyxcbiAgICAgICksXG4gICAgfSksXG4gICAgei5zdHJpY3RPYmplY3QoeyBmaWxlOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSBwYXRoIG9mIGEgZmlsZSBpbiB0aGUgY29sbGVjdGlvbiwgc2VudCBhcyBpdCBpcy4nKSB9KSxcbiAgICB6LnN0cmljdE9iamVjdCh7IHRlbXBsYXRlOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSBwYXRoIG9mIGEgZmlsZSBpbiBib2RpZXMvLCB3aXRoIHZhbHVlcyBwdXQgaW4uJykgfSksXG4gICAgei5zdHJpY3RPYmplY3QoeyB4bWw6IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnWE1MIHRleHQ7IHRoZSB2YWx1ZXMgaW4gaXQgYXJlIGVzY2FwZWQuJykgfSksXG4gICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgZ3JhcGhxbDogZGVzY3JpYmVkKFxuICAgICAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICAgICAgZG9jdW1lbnQ6IGRlc2NyaWJlZChcbiAgICAgICAgICAgIHouc3RyaW5nKCksXG4gICAgICAgICAgICAnVGhlIGRvY3VtZW50OiBhIHF1ZXJ5LCBtdXRhdGlvbiBvciBzdWJzY3JpcHRpb247IG9yIHRoZSBwYXRoIG9mIGEgLmdyYXBocWwgZmlsZS4nLFxuICAgICAgICAgICksXG4gICAgICAgICAgdmFyaWFibGVzOiBkZXNjcmliZWQoei5vcHRpb25hbCh2YWx1ZXMpLCAnVmFsdWVzIGZvciB0aGUgdmFyaWFibGVzIHRoYXQgdGhlIGRvY3VtZW50IGRlY2xhcmVzLicpLFxuICAgICAgICAgIG9wZXJhdGlvbjogZGVzY3JpYmVkKFxuICAgICAgICAgICAgei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAgICAgICAgICdXaGljaCBvcGVyYXRpb24gb2YgdGhlIGRvY3VtZW50IGlzIG1lYW50LCB3aGVyZSBpdCBoYXMgc2V2ZXJhbC4nLFxuICAgICAgICAgICksXG4gICAgICAgIH0pLFxuICAgICAgICAnQSBHcmFwaFFMIGRvY3VtZW50IHdpdGggaXRzIHZhcmlhYmxlcywgc2VudCBhcyBKU09OLicsXG4gICAgICApLFxuICAgIH0pLFxuICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgIHNvYXA6IGRlc2NyaWJlZChcbiAgICAgICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgICAgIGVudmVsb3BlOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSBlbnZlbG9wZSwgb3IgdGhlIHBhdGggb2YgYW4gLnhtbCBmaWxlOyB0aGUgdmFsdWVzIGluIGl0IGFyZSBlc2NhcGVkLicpLFxuICAgICAgICAgIHZlcnNpb246IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouZW51bShbJzEuMScsICcxLjInXSkpLCAnVGhlIHZlcnNpb24gb2YgU09BUC4gMS4xIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nKSxcbiAgICAgICAgICBhY3Rpb246IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnVGhlIGFjdGlvbiwgd2l0aCBvciB3aXRob3V0IGl0cyBxdW90ZXMuJyksXG4gICAgICAgIH0pLFxuICAgICAgICAnQSBTT0FQIGVudmVsb3BlOyBjb250ZW50IHR5cGUgYW5kIGFjdGlvbiBmb2xsb3cgZnJvbSB0aGUgdmVyc2lvbi4nLFxuICAgICAgKSxcbiAgICB9KSxcbiAgXSksXG4gICdUaGUgYm9keSwgYnkga2luZC4gVGhlIGNvbnRlbnQgdHlwZSBmb2xsb3dzIGZyb20gdGhlIGtpbmQ7IGFuIGV4cGxpY2l0IGhlYWRlciB3aW5zLicsXG4pO1xuXG5jb25zdCBzaGFyZWQgPSB7XG4gIGFib3V0OiB6Lm9wdGlvbmFsKGFib3V0KSxcbiAgaGVhZGVyczogei5vcHRpb25hbChoZWFkZXJzKSxcbiAgcXVlcnk6IHoub3B0aW9uYWwocXVlcnkpLFxuICBsaXN0czogei5vcHRpb25hbChsaXN0cyksXG4gIHNlc3Npb246IHoub3B0aW9uYWwoc2Vzc2lvbiksXG4gIHNpZ25hdHVyZTogei5vcHRpb25hbChzaWduYXR1cmUpLFxuICB0aW1lb3V0OiB6Lm9wdGlvbmFsKHRpbWVvdXQpLFxuICByZWRpcmVjdHM6IHoub3B0aW9uYWwocmVkaXJlY3RzKSxcbiAgcmV0cnk6IHoub3B0aW9uYWwocmV0cnkpLFxuICBleHBlY3Q6IHoub3B0aW9uYWwoZXhwZWN0KSxcbiAgbmFtZXNwYWNlczogZGVzY3JpYmVkKFxuICAgIHoub3B0aW9uYWwoei5yZWNvcmQoei5zdHJpbmcoKSwgei5zdHJpbmcoKSkpLFxuICAgICdYTUwgbmFtZXNwYWNlcyBieSB0aGUgcHJlZml4IHRoYXQgcGxhY2VzIHVzZSBmb3IgdGhlbSwgYmVzaWRlIHRob3NlIHRoYXQgdGhlIGFuc3dlciBkZWNsYXJlcyBpdHNlbGYuJyxcbiAgKSxcbn07XG5cbmV4cG9ydCBjb25zdCByZXF1ZXN0RmlsZSA9IGRlc2NyaWJlZChcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIC4uLnNoYXJlZCxcbiAgICBvcGVyYXRpb246IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAgICAnVGhlIGRvY3VtZW50ZWQgb3BlcmF0aW9uLCBTT1VSQ0UvT1BFUkFUSU9OOiB0aGUgcmVxdWVzdCBpcyBjaGVja2VkIGFnYWluc3QgaXQuJyxcbiAgICApLFxuICAgIGlucHV0czogei5vcHRpb25hbChpbnB1dHMpLFxuICAgIG1ldGhvZDogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgbWV0aG9kLiBHRVQgd2hlcmUgbm90aGluZyBpcyBzYWlkLicpLFxuICAgIHVybDogZGVzY3JpYmVkKFxuICAgICAgei5zdHJpbmcoKSxcbiAgICAgICdUaGUgYWRkcmVzczsgYCR7XHUyMDI2fWAgbWF5IG9wZW4gaXQsIGB7bmFtZX1gIHRha2VzIGBwYXRoLm5hbWVgIG9yIHRoZSBpbnB1dCBvZiB0aGF0IG5hbWUuJyxcbiAgICApLFxuICAgIHBhdGg6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwodmFsdWVzKSxcbiAgICAgICdWYWx1ZXMgZm9yIHRoZSBge25hbWV9YCBwYXJ0cyBvZiB0aGUgYWRkcmVzcywgd2hlcmUgdGhleSBhcmUgbm90IGlucHV0cyBvZiB0aGF0IG5hbWUuJyxcbiAgICApLFxuICAgIGNvb2tpZXM6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHZhbHVlcyksICdDb29raWVzIGJ5IG5hbWUsIHNlbnQgYmVzaWRlIHRob3NlIHRoYXQgdGhlIHZlbmRvciBoYXMgc2V0LicpLFxuICAgIGJvZHk6IHoub3B0aW9uYWwoYm9keVNwZWMpLFxuICAgICdpZGVtcG90ZW5jeS1rZXknOiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKFxuICAgICAgICB6LnVuaW9uKFtcbiAgICAgICAgICB6LmxpdGVyYWwodHJ1ZSksXG4gICAgICAgICAgei5zdHJpbmcoKSxcbiAgICAgICAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICAgICAgICBoZWFkZXI6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnVGhlIGhlYWRlci4gYElkZW1wb3RlbmN5LUtleWAgd2hlcmUgbm90aGluZyBpcyBzYWlkLicpLFxuICAgICAgICAgICAgdmFsdWU6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnVGhlIGtleS4gQSBuZXcgVVVJRCBmb3IgZWFjaCByZXF1ZXN0IHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nKSxcbiAgICAgICAgICB9KSxcbiAgICAgICAgXSksXG4gICAgICApLFxuICAgICAgJ0Ega2V5IGJ5IHdoaWNoIHRoZSB2ZW5kb3Iga25vd3MgYSBjYWxsIHRoYXQgaXQgaGFzIGRvbmUgYWxyZWFkeSwgc28gdGhhdCBpdCBtYXkgYmUgc2VudCBhZ2FpbjogYHRydWVgLCBhIHZhbHVlLCBvciB7aGVhZGVyLCB2YWx1ZX0uIEFsbCB0cmllcyBjYXJyeSB0aGUgc2FtZSBvbmUuJyxcbiAgICApLFxuICAgIGtlZXA6IHoub3B0aW9uYWwoa2VlcCksXG4gICAgcGFnZXM6IHoub3B0aW9uYWwocGFnZXMpLFxuICAgIHRhYmxlOiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKFxuICAgICAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICAgICAgcm93czogZGVzY3JpYmVkKFxuICAgICAgICAgICAgei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAgICAgICAgICdUaGUgcGxhY2Ugb2YgdGhlIGxpc3Q7IHRoZSBsYXJnZXN0IGxpc3Qgb2YgbWFwcyB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyxcbiAgICAgICAgICApLFxuICAgICAgICAgIGNvbHVtbnM6IGRlc2NyaWJlZChcbiAgICAgICAgICAgIHoub3B0aW9uYWwoei51bmlvbihbei5hcnJheSh6LnN0cmluZygpKSwgei5yZWNvcmQoei5zdHJpbmcoKSwgei5zdHJpbmcoKSldKSksXG4gICAgICAgICAgICAnUGF0aHMgaW4gYW4gaXRlbSwgc3VjaCBhcyBgYmVydGguY29kZWA7IHdpdGggbmFtZXMgd2hlcmUgdGhleSBhcmUgdG8gYmUgY2FsbGVkIG90aGVyd2lzZS4nLFxuICAgICAgICAgICksXG4gICAgICAgIH0pLFxuICAgICAgKSxcbiAgICAgICdUaGUgbGlzdCBvZiB0aGUgYW5zd2VyIHRoYXQgYHNlbmRgIHNob3dzIGFzIGEgdGFibGUuJyxcbiAgICApLFxuICAgIGNoYW5nZXM6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoei5ib29sZWFuKCkpLFxuICAgICAgJ2ZhbHNlIGZvciBhIGNhbGwgdGhhdCBjaGFuZ2VzIG5vdGhpbmcgYWx0aG91Z2ggaXRzIG1ldGhvZCBzYXlzIHNvOyB0cnVlIGZvciB0aGUgb3Bwb3NpdGUuJyxcbiAgICApLFxuICB9KSxcbiAgJ0EgcmVxdWVzdDogb25lIGNhbGwsIHdpdGggd2hhdCBtdXN0IGNvbWUgYmFjayBhbmQgd2hhdCBpcyBrZXB0IG9mIGl0LicsXG4pO1xuZXhwb3J0IHR5cGUgUmVxdWVzdEZpbGUgPSB6LmluZmVyPHR5cGVvZiByZXF1ZXN0RmlsZT47XG5cbmV4cG9ydCBjb25zdCBkZWZhdWx0c0ZpbGUgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHNoYXJlZCksXG4gICdXaGF0IGhvbGRzIGZvciBhbGwgcmVxdWVzdHMgaW4gYSBmb2xkZXIgYW5kIGJlbG93IGl0OyB0aGUgbmVhcmVzdCB3aW5zLCBrZXkgYnkga2V5LicsXG4pO1xuZXhwb3J0IHR5cGUgRGVmYXVsdHNGaWxlID0gei5pbmZlcjx0eXBlb2YgZGVmYXVsdHNGaWxlPjtcbiIsICIvKiogYHBhZ2VzOmAgaW4gYSByZXF1ZXN0IGZpbGU6IGhvdyBvbmUgbGlzdCBjb21lcyBpbiBtYW55IGFuc3dlcnMuIEEgbmV3IHdheSBvZiBwYWdpbmcgYWRkcyBpdHMga2V5IGhlcmUuICovXG5pbXBvcnQgKiBhcyB6IGZyb20gJ3pvZC9taW5pJztcbmltcG9ydCB7IGRlc2NyaWJlZCB9IGZyb20gJy4vZGVzY3JpYmVkLmpzJztcbmltcG9ydCB7IGFueVZhbHVlIH0gZnJvbSAnLi9wYXJ0cy5qcyc7XG5cbmNvbnN0IGNvdW50ID0gei5udW1iZXIoKS5jaGVjayh6LmludCgpLCB6Lm1pbmltdW0oMSkpO1xuY29uc3QgaW5wdXQgPSBkZXNjcmliZWQoXG4gIHouc3RyaW5nKCksXG4gICdUaGUgaW5wdXQgb2YgdGhpcyByZXF1ZXN0IHRoYXQgdGFrZXMgaXQuIEl0cyBkZWZhdWx0IHN0YW5kcyBmb3IgdGhlIGZpcnN0IHBhZ2U7IHdoZXJlIHRoZXJlIGlzIG5vbmUsIHRoZSByZXF1ZXN0IHdyaXRlcyBgJHthZnRlciA/PyBvbWl0fWAuJyxcbik7XG5cbmV4cG9ydCBjb25zdCBwYWdlcyA9IGRlc2NyaWJlZChcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIGl0ZW1zOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSBwbGFjZSBvZiB0aGUgbGlzdCBpbiBlYWNoIGFuc3dlci4nKSxcbiAgICBuZXh0OiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAgICAgJ1RoZSBwbGFjZSBvZiB0aGUgYWRkcmVzcyBvZiB0aGUgbmV4dCBwYWdlOiBgbGluay5uZXh0YCwgb3Igb25lIGluIHRoZSBib2R5IHN1Y2ggYXMgYCQubmV4dGAuJyxcbiAgICApLFxuICAgIGN1cnNvcjogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbCh6LnN0cmljdE9iamVjdCh7IGlucHV0LCBmcm9tOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSBwbGFjZSBvZiB0aGUgY3Vyc29yIGluIGFuIGFuc3dlci4nKSB9KSksXG4gICAgICAnVGhlIG5leHQgcGFnZSBpcyBhc2tlZCBmb3IgYnkgYSBjdXJzb3IgdGhhdCB0aGUgYW5zd2VyIGhvbGRzLicsXG4gICAgKSxcbiAgICBudW1iZXI6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoXG4gICAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgICBpbnB1dCxcbiAgICAgICAgICBmaXJzdDogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5udW1iZXIoKS5jaGVjayh6LmludCgpKSksICdUaGUgbnVtYmVyIG9mIHRoZSBmaXJzdCBwYWdlLiAxLicpLFxuICAgICAgICB9KSxcbiAgICAgICksXG4gICAgICAnVGhlIG5leHQgcGFnZSBpcyBhc2tlZCBmb3IgYnkgaXRzIG51bWJlci4nLFxuICAgICksXG4gICAgb2Zmc2V0OiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKHouc3RyaWN0T2JqZWN0KHsgaW5wdXQgfSkpLFxuICAgICAgJ1RoZSBuZXh0IHBhZ2UgaXMgYXNrZWQgZm9yIGJ5IHRoZSBudW1iZXIgb2YgaXRlbXMgYmVmb3JlIGl0LicsXG4gICAgKSxcbiAgICB3aGlsZTogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbCh6LnJlY29yZCh6LnN0cmluZygpLCBhbnlWYWx1ZSkpLFxuICAgICAgJ01hdGNoZXJzIGJ5IHBsYWNlLCBhbGwgb2Ygd2hpY2ggaG9sZCB3aGVyZSBhIGZ1cnRoZXIgcGFnZSBmb2xsb3dzLicsXG4gICAgKSxcbiAgICBzaXplOiBkZXNjcmliZWQoei5vcHRpb25hbChjb3VudCksICdIb3cgbWFueSBpdGVtcyBhIGZ1bGwgcGFnZSBoYXM6IG9uZSB3aXRoIGZld2VyIGlzIHRoZSBsYXN0LicpLFxuICAgIHRvdGFsOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSBwbGFjZSBvZiB0aGUgbnVtYmVyIG9mIGl0ZW1zIHRoYXQgdGhlcmUgYXJlIGFsdG9nZXRoZXIuJyksXG4gICAgbW9zdDogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbChjb3VudCksXG4gICAgICAnSG93IG1hbnkgcGFnZXMgYXJlIGFza2VkIGZvciBhdCBtb3N0OyB3aGF0IGlzIG1pc3NpbmcgdGhlbiBpcyB0b2xkLiAxMDAwIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nLFxuICAgICksXG4gIH0pLFxuICAnVGhlIGFuc3dlciBpcyBvbmUgcGFnZSBvZiBtYW55LiBIb3cgdGhlIG5leHQgaXMgYXNrZWQgZm9yIGlzIG9uZSBvZiBgbmV4dGAsIGBjdXJzb3JgLCBgbnVtYmVyYCBhbmQgYG9mZnNldGAuJyxcbik7XG5leHBvcnQgdHlwZSBQYWdlc0ZpbGUgPSB6LmluZmVyPHR5cGVvZiBwYWdlcz47XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxZQUFZQSxRQUFPOzs7QUNBbkIsWUFBWSxPQUFPO0FBSW5CLElBQU0sUUFBVSxTQUFPLEVBQUUsTUFBUSxNQUFJLEdBQUssVUFBUSxDQUFDLENBQUM7QUFDcEQsSUFBTSxRQUFRO0FBQUEsRUFDVixTQUFPO0FBQUEsRUFDVDtBQUNGO0FBRU8sSUFBTSxRQUFRO0FBQUEsRUFDakIsZUFBYTtBQUFBLElBQ2IsT0FBTyxVQUFZLFNBQU8sR0FBRyx1Q0FBdUM7QUFBQSxJQUNwRSxNQUFNO0FBQUEsTUFDRixXQUFXLFNBQU8sQ0FBQztBQUFBLE1BQ3JCO0FBQUEsSUFDRjtBQUFBLElBQ0EsUUFBUTtBQUFBLE1BQ0osV0FBVyxlQUFhLEVBQUUsT0FBTyxNQUFNLFVBQVksU0FBTyxHQUFHLHVDQUF1QyxFQUFFLENBQUMsQ0FBQztBQUFBLE1BQzFHO0FBQUEsSUFDRjtBQUFBLElBQ0EsUUFBUTtBQUFBLE1BQ0o7QUFBQSxRQUNFLGVBQWE7QUFBQSxVQUNiO0FBQUEsVUFDQSxPQUFPLFVBQVksV0FBVyxTQUFPLEVBQUUsTUFBUSxNQUFJLENBQUMsQ0FBQyxHQUFHLGtDQUFrQztBQUFBLFFBQzVGLENBQUM7QUFBQSxNQUNIO0FBQUEsTUFDQTtBQUFBLElBQ0Y7QUFBQSxJQUNBLFFBQVE7QUFBQSxNQUNKLFdBQVcsZUFBYSxFQUFFLE1BQU0sQ0FBQyxDQUFDO0FBQUEsTUFDcEM7QUFBQSxJQUNGO0FBQUEsSUFDQSxPQUFPO0FBQUEsTUFDSCxXQUFXLFNBQVMsU0FBTyxHQUFHLFFBQVEsQ0FBQztBQUFBLE1BQ3pDO0FBQUEsSUFDRjtBQUFBLElBQ0EsTUFBTSxVQUFZLFdBQVMsS0FBSyxHQUFHLDZEQUE2RDtBQUFBLElBQ2hHLE9BQU8sVUFBWSxXQUFXLFNBQU8sQ0FBQyxHQUFHLDZEQUE2RDtBQUFBLElBQ3RHLE1BQU07QUFBQSxNQUNGLFdBQVMsS0FBSztBQUFBLE1BQ2hCO0FBQUEsSUFDRjtBQUFBLEVBQ0YsQ0FBQztBQUFBLEVBQ0Q7QUFDRjs7O0FEMUJBLElBQU0sV0FBVztBQUFBLEVBQ2IsU0FBTTtBQUFBLElBQ0osZ0JBQWEsRUFBRSxNQUFNLFVBQVUsVUFBVSxnREFBZ0QsRUFBRSxDQUFDO0FBQUEsSUFDNUYsZ0JBQWEsRUFBRSxNQUFNLFVBQVksVUFBTyxHQUFHLHNCQUFzQixFQUFFLENBQUM7QUFBQSxJQUNwRSxnQkFBYTtBQUFBLE1BQ2IsTUFBTSxVQUFVLFFBQVEscUZBQXFGO0FBQUEsSUFDL0csQ0FBQztBQUFBLElBQ0MsZ0JBQWE7QUFBQSxNQUNiLE9BQU87QUFBQSxRQUNMO0FBQUEsUUFDQTtBQUFBLE1BQ0Y7QUFBQSxJQUNGLENBQUM7QUFBQSxJQUNDLGdCQUFhLEVBQUUsTUFBTSxVQUFZLFVBQU8sR0FBRyxzREFBc0QsRUFBRSxDQUFDO0FBQUEsSUFDcEcsZ0JBQWEsRUFBRSxVQUFVLFVBQVksVUFBTyxHQUFHLG9EQUFvRCxFQUFFLENBQUM7QUFBQSxJQUN0RyxnQkFBYSxFQUFFLEtBQUssVUFBWSxVQUFPLEdBQUcseUNBQXlDLEVBQUUsQ0FBQztBQUFBLElBQ3RGLGdCQUFhO0FBQUEsTUFDYixTQUFTO0FBQUEsUUFDTCxnQkFBYTtBQUFBLFVBQ2IsVUFBVTtBQUFBLFlBQ04sVUFBTztBQUFBLFlBQ1Q7QUFBQSxVQUNGO0FBQUEsVUFDQSxXQUFXLFVBQVksWUFBUyxNQUFNLEdBQUcsc0RBQXNEO0FBQUEsVUFDL0YsV0FBVztBQUFBLFlBQ1AsWUFBVyxVQUFPLENBQUM7QUFBQSxZQUNyQjtBQUFBLFVBQ0Y7QUFBQSxRQUNGLENBQUM7QUFBQSxRQUNEO0FBQUEsTUFDRjtBQUFBLElBQ0YsQ0FBQztBQUFBLElBQ0MsZ0JBQWE7QUFBQSxNQUNiLE1BQU07QUFBQSxRQUNGLGdCQUFhO0FBQUEsVUFDYixVQUFVLFVBQVksVUFBTyxHQUFHLDBFQUEwRTtBQUFBLFVBQzFHLFNBQVMsVUFBWSxZQUFXLFFBQUssQ0FBQyxPQUFPLEtBQUssQ0FBQyxDQUFDLEdBQUcsaURBQWlEO0FBQUEsVUFDeEcsUUFBUSxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcseUNBQXlDO0FBQUEsUUFDckYsQ0FBQztBQUFBLFFBQ0Q7QUFBQSxNQUNGO0FBQUEsSUFDRixDQUFDO0FBQUEsRUFDSCxDQUFDO0FBQUEsRUFDRDtBQUNGO0FBRUEsSUFBTSxTQUFTO0FBQUEsRUFDYixPQUFTLFlBQVMsS0FBSztBQUFBLEVBQ3ZCLFNBQVcsWUFBUyxPQUFPO0FBQUEsRUFDM0IsT0FBUyxZQUFTLEtBQUs7QUFBQSxFQUN2QixPQUFTLFlBQVMsS0FBSztBQUFBLEVBQ3ZCLFNBQVcsWUFBUyxPQUFPO0FBQUEsRUFDM0IsV0FBYSxZQUFTLFNBQVM7QUFBQSxFQUMvQixTQUFXLFlBQVMsT0FBTztBQUFBLEVBQzNCLFdBQWEsWUFBUyxTQUFTO0FBQUEsRUFDL0IsT0FBUyxZQUFTLEtBQUs7QUFBQSxFQUN2QixRQUFVLFlBQVMsTUFBTTtBQUFBLEVBQ3pCLFlBQVk7QUFBQSxJQUNSLFlBQVcsVUFBUyxVQUFPLEdBQUssVUFBTyxDQUFDLENBQUM7QUFBQSxJQUMzQztBQUFBLEVBQ0Y7QUFDRjtBQUVPLElBQU0sY0FBYztBQUFBLEVBQ3ZCLGdCQUFhO0FBQUEsSUFDYixHQUFHO0FBQUEsSUFDSCxXQUFXO0FBQUEsTUFDUCxZQUFXLFVBQU8sQ0FBQztBQUFBLE1BQ3JCO0FBQUEsSUFDRjtBQUFBLElBQ0EsUUFBVSxZQUFTLE1BQU07QUFBQSxJQUN6QixRQUFRLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyx3Q0FBd0M7QUFBQSxJQUNsRixLQUFLO0FBQUEsTUFDRCxVQUFPO0FBQUEsTUFDVDtBQUFBLElBQ0Y7QUFBQSxJQUNBLE1BQU07QUFBQSxNQUNGLFlBQVMsTUFBTTtBQUFBLE1BQ2pCO0FBQUEsSUFDRjtBQUFBLElBQ0EsU0FBUyxVQUFZLFlBQVMsTUFBTSxHQUFHLDZEQUE2RDtBQUFBLElBQ3BHLE1BQVEsWUFBUyxRQUFRO0FBQUEsSUFDekIsbUJBQW1CO0FBQUEsTUFDZjtBQUFBLFFBQ0UsU0FBTTtBQUFBLFVBQ0osV0FBUSxJQUFJO0FBQUEsVUFDWixVQUFPO0FBQUEsVUFDUCxnQkFBYTtBQUFBLFlBQ2IsUUFBUSxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsc0RBQXNEO0FBQUEsWUFDaEcsT0FBTyxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsNkRBQTZEO0FBQUEsVUFDeEcsQ0FBQztBQUFBLFFBQ0gsQ0FBQztBQUFBLE1BQ0g7QUFBQSxNQUNBO0FBQUEsSUFDRjtBQUFBLElBQ0EsTUFBUSxZQUFTLElBQUk7QUFBQSxJQUNyQixPQUFTLFlBQVMsS0FBSztBQUFBLElBQ3ZCLE9BQU87QUFBQSxNQUNIO0FBQUEsUUFDRSxnQkFBYTtBQUFBLFVBQ2IsTUFBTTtBQUFBLFlBQ0YsWUFBVyxVQUFPLENBQUM7QUFBQSxZQUNyQjtBQUFBLFVBQ0Y7QUFBQSxVQUNBLFNBQVM7QUFBQSxZQUNMLFlBQVcsU0FBTSxDQUFHLFNBQVEsVUFBTyxDQUFDLEdBQUssVUFBUyxVQUFPLEdBQUssVUFBTyxDQUFDLENBQUMsQ0FBQyxDQUFDO0FBQUEsWUFDM0U7QUFBQSxVQUNGO0FBQUEsUUFDRixDQUFDO0FBQUEsTUFDSDtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQUEsSUFDQSxTQUFTO0FBQUEsTUFDTCxZQUFXLFdBQVEsQ0FBQztBQUFBLE1BQ3RCO0FBQUEsSUFDRjtBQUFBLEVBQ0YsQ0FBQztBQUFBLEVBQ0Q7QUFDRjtBQUdPLElBQU0sZUFBZTtBQUFBLEVBQ3hCLGdCQUFhLE1BQU07QUFBQSxFQUNyQjtBQUNGOyIsCiAgIm5hbWVzIjogWyJ6Il0KfQo=
