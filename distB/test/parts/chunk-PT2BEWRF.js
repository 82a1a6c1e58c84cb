// src/standin/harbour/state.ts
import { randomBytes } from "node:crypto";

// src/standin/seeded.ts
function seeded(seed) {
  let state = seed >>> 0;
  const next = () => {
    state = Math.imul(state, 1664525) + 1013904223 >>> 0;
    return state / 2 ** 32;
  };
  const whole = (least, most) => least + Math.floor(next() * (most - least + 1));
  return { whole, pick: (list2) => list2[whole(0, list2.length - 1)] };
}

// src/standin/harbour/state.ts
var flags = ["Larkhaven", "Merrow Isles", "Ostrand"];
var vesselKinds = ["coaster", "bulk carrier", "tanker", "ferry"];
var quays = ["north", "south", "west"];
var cargoes = ["grain", "timber", "mixed"];
var confirmsAfterMs = 400;
var tokenLastsS = 1800;
var names = [
  "Grey Heron",
  "Saltmarsh",
  "Amber Tern",
  "Northern Lantern",
  "Quiet Plover",
  "Tidewright",
  "Larkspur",
  "Old Mole",
  "Windrose",
  "Sandpiper Grace",
  "Evening Shoal",
  "Copper Gull",
  "Reedling",
  "Morning Bell"
];
function harbourState(seed, now = () => /* @__PURE__ */ new Date()) {
  const made = seeded(seed);
  const vessels = /* @__PURE__ */ new Map();
  for (const [index, name] of names.entries()) {
    const lengthM = made.whole(48, 190);
    const imo2 = String(9000003 + index * 7);
    vessels.set(imo2, {
      imo: imo2,
      name,
      flag: made.pick(flags),
      kind: made.pick(vesselKinds),
      lengthM,
      draftM: Math.round(lengthM * 5) / 100
    });
  }
  vessels.set("9000017", {
    imo: "9000017",
    name: "Amber Tern",
    flag: "Larkhaven",
    kind: "coaster",
    lengthM: 82,
    draftM: 4.1
  });
  const berths = /* @__PURE__ */ new Map();
  for (const quay of quays) {
    for (let number = 1; number <= 4; number += 1) {
      const code = `${quay[0]?.toUpperCase()}${number}`;
      berths.set(code, { code, quay, lengthM: made.whole(9, 22) * 10, draftM: made.whole(45, 110) / 10 });
    }
  }
  berths.set("N1", { code: "N1", quay: "north", lengthM: 120, draftM: 6.5 });
  let count = 0;
  const state = {
    vessels,
    berths,
    calls: /* @__PURE__ */ new Map(),
    sessions: /* @__PURE__ */ new Map(),
    nextCallId: () => {
      count += 1;
      return `PC-${String(count).padStart(4, "0")}`;
    },
    newToken: () => `lh_${randomBytes(24).toString("base64url")}`,
    now
  };
  for (const [imo2, berth] of [
    ["9000003", "N2"],
    ["9000010", "S1"]
  ]) {
    const id2 = state.nextCallId();
    const day = new Date(now().getTime() - 864e5).toISOString();
    state.calls.set(id2, {
      id: id2,
      imo: imo2,
      berth,
      nights: 5,
      cargo: "grain",
      pilot: true,
      arrival: day,
      notify: ["agent"],
      remarks: "",
      created: day,
      updated: day
    });
  }
  return state;
}
function shownCall(call, { vessels, now }) {
  const { lengthM = 0 } = vessels.get(call.imo) ?? {};
  const age = now().getTime() - Date.parse(call.created);
  return {
    id: call.id,
    imo: call.imo,
    state: age < confirmsAfterMs ? "requested" : "confirmed",
    berth: call.berth,
    nights: call.nights,
    cargo: call.cargo,
    pilot: call.pilot,
    arrival: call.arrival,
    notify: call.notify,
    remarks: call.remarks,
    fees: [
      { code: "harbour-due", amount: lengthM * 1.25 },
      { code: "mooring", amount: 80 }
    ],
    created: call.created,
    updated: call.updated
  };
}
function berthTaken(code, { calls }, besides) {
  return [...calls.values()].some(({ berth, id: id2 }) => berth === code && id2 !== besides);
}

// src/standin/harbour/schemas.ts
var id = {
  type: "string",
  pattern: "^PC-[0-9]{4,}$",
  description: "The number of the port call",
  examples: ["PC-0007"]
};
var imo = {
  type: "string",
  pattern: "^[0-9]{7}$",
  description: "IMO number of the vessel, seven digits",
  examples: ["9000017"]
};
var berthCode = { type: "string", pattern: "^[NSW][0-9]$", description: "Code of the berth", examples: ["N1"] };
var wish = {
  berth: berthCode,
  nights: { type: "integer", minimum: 1, maximum: 14, description: "Nights at the berth", examples: [2] },
  cargo: { type: "string", enum: [...cargoes], default: "mixed", description: "What is on board" },
  pilot: { type: "boolean", default: false, description: "Whether a pilot is wanted" },
  arrival: {
    type: "string",
    format: "date-time",
    description: "When the vessel is expected; tomorrow where nothing is said",
    examples: ["2026-11-25T06:00:00Z"]
  },
  notify: {
    type: "array",
    items: { type: "string", enum: ["agent", "pilot", "customs"] },
    maxItems: 3,
    uniqueItems: true,
    default: ["agent"],
    description: "Who is told about changes"
  },
  remarks: { type: "string", maxLength: 200, default: "", description: "Anything else, in a sentence" }
};
function withoutDefaults(properties) {
  return Object.fromEntries(
    Object.entries(properties).map(([name, schema]) => [
      name,
      Object.fromEntries(Object.entries(schema).filter(([key]) => key !== "default"))
    ])
  );
}
var schemas = {
  SearchTerms: {
    type: "object",
    description: "What the clauses of a search may name",
    required: ["fields", "operators"],
    properties: {
      fields: {
        type: "array",
        items: { type: "object", required: ["name"], properties: { name: { type: "string" } } }
      },
      operators: {
        type: "array",
        items: {
          type: "object",
          required: ["word", "about"],
          properties: { word: { type: "string" }, about: { type: "string" } }
        }
      }
    }
  },
  Vessel: {
    type: "object",
    description: "A vessel in the register",
    required: ["imo", "name", "flag", "kind", "lengthM", "draftM"],
    properties: {
      imo,
      name: { type: "string", description: "Name of the vessel", examples: ["Amber Tern"] },
      flag: { type: "string", enum: [...flags], description: "Where it is registered" },
      kind: { type: "string", enum: [...vesselKinds], description: "Kind of vessel" },
      lengthM: { type: "number", exclusiveMinimum: 0, description: "Length in metres", examples: [82] },
      draftM: { type: "number", exclusiveMinimum: 0, description: "Draft in metres", examples: [4.1] }
    }
  },
  Berth: {
    type: "object",
    description: "A place at a quay",
    required: ["code", "quay", "lengthM", "draftM", "free"],
    properties: {
      code: berthCode,
      quay: { type: "string", enum: [...quays], description: "The quay it is at" },
      lengthM: { type: "number", description: "Longest vessel that fits, in metres", examples: [120] },
      draftM: { type: "number", description: "Deepest vessel that fits, in metres", examples: [6.5] },
      free: { type: "boolean", readOnly: true, description: "Whether no port call has it" }
    }
  },
  Fee: {
    type: "object",
    required: ["code", "amount"],
    properties: {
      code: { type: "string", description: "What is paid for", examples: ["mooring"] },
      amount: { type: "number", minimum: 0, description: "Amount in crowns", examples: [80] }
    }
  },
  PortCall: {
    type: "object",
    description: "A stay of a vessel at a berth",
    required: [
      "id",
      "imo",
      "state",
      "berth",
      "nights",
      "cargo",
      "pilot",
      "arrival",
      "notify",
      "fees",
      "created",
      "updated"
    ],
    properties: {
      id: { ...id, readOnly: true },
      imo: { ...imo, readOnly: true },
      state: {
        type: "string",
        enum: ["requested", "confirmed"],
        readOnly: true,
        description: "A call is requested until the harbour office confirms it"
      },
      ...wish,
      fees: {
        type: "array",
        readOnly: true,
        description: "What the stay costs",
        items: { $ref: "#/components/schemas/Fee" }
      },
      created: { type: "string", format: "date-time", readOnly: true, description: "When it was made" },
      updated: { type: "string", format: "date-time", readOnly: true, description: "When it was last changed" }
    },
    examples: [
      {
        id: "PC-0007",
        imo: "9000017",
        state: "requested",
        berth: "N1",
        nights: 2,
        cargo: "timber",
        pilot: false,
        arrival: "2026-11-25T06:00:00Z",
        notify: ["agent"],
        remarks: "",
        fees: [{ code: "mooring", amount: 80 }],
        created: "2026-11-24T09:00:00Z",
        updated: "2026-11-24T09:00:00Z"
      }
    ]
  },
  NewPortCall: {
    type: "object",
    description: "A port call to be made",
    required: ["berth", "nights"],
    additionalProperties: false,
    properties: wish
  },
  PortCallReplacement: {
    type: "object",
    description: "A port call in full; what is left out gets its default",
    required: ["berth", "nights", "cargo"],
    additionalProperties: false,
    properties: wish
  },
  PortCallAmendment: {
    type: "object",
    description: "The fields to change; all others stay",
    minProperties: 1,
    additionalProperties: false,
    properties: withoutDefaults(wish)
  },
  LogIn: {
    type: "object",
    required: ["user", "password"],
    additionalProperties: false,
    properties: {
      user: { type: "string", minLength: 1, description: "Name of the user", examples: ["agent"] },
      password: {
        type: "string",
        minLength: 1,
        writeOnly: true,
        format: "password",
        description: "Password of the user"
      }
    }
  },
  Session: {
    type: "object",
    required: ["token", "user", "expiresIn"],
    properties: {
      token: { type: "string", readOnly: true, description: "To be sent as a bearer token" },
      user: { type: "string", readOnly: true, description: "Who is logged in" },
      expiresIn: { type: "integer", readOnly: true, description: "Seconds for which the token is good" }
    }
  },
  Problem: {
    type: "object",
    description: "A refusal (RFC 9457)",
    required: ["type", "title", "status", "detail"],
    properties: {
      type: { type: "string", description: "What kind of refusal" },
      title: { type: "string" },
      status: { type: "integer" },
      detail: { type: "string", description: "What is wrong with this request" },
      instance: { type: "string" },
      errors: {
        type: "array",
        description: "The fields at fault",
        items: {
          type: "object",
          required: ["detail"],
          properties: { pointer: { type: "string" }, parameter: { type: "string" }, detail: { type: "string" } }
        }
      }
    }
  }
};
var parts = { id, imo, berthCode };

// src/standin/harbour/openapi.ts
var ref = (name) => ({ $ref: `#/components/schemas/${name}` });
var json = (schema) => ({ "application/json": { schema } });
var refusal = (description) => ({
  description,
  content: { "application/problem+json": { schema: ref("Problem") } }
});
var path = (name, schema) => ({ name, in: "path", required: true, schema });
var query = (name, description, schema, required = false) => ({
  name,
  in: "query",
  required,
  description,
  schema
});
var list = (name) => ({
  type: "object",
  required: ["items", "total"],
  properties: {
    items: { type: "array", items: ref(name) },
    total: { type: "integer", description: "How many there are in all" }
  }
});
var usual = {
  401: refusal("No token, or one that has ended")
};
var limit = query("limit", "At most so many items", { type: "integer", minimum: 1, maximum: 100, default: 25 });
var offset = query("offset", "Leave out so many items first", { type: "integer", minimum: 0, default: 0 });
function harbourDocument(origin) {
  return {
    openapi: "3.1.0",
    info: {
      title: "Larkhaven Harbour",
      version: "1.4.0",
      summary: "Vessels, berths and port calls of a made-up harbour",
      description: "Log in, find a vessel and a free berth, and book a port call. Every call but the log-in wants a token."
    },
    servers: [{ url: `${origin}/v1`, description: "This stand-in" }],
    security: [{ deskToken: [] }],
    tags: [
      { name: "desk", description: "Logging in and out" },
      { name: "vessels", description: "The register of vessels" },
      { name: "berths", description: "Places at the quays" },
      { name: "calls", description: "Port calls" }
    ],
    paths: {
      "/sessions": {
        post: {
          operationId: "logIn",
          tags: ["desk"],
          summary: "Log in at the harbour desk",
          description: "Gives a token that is good for half an hour. It is sent with every other call as a bearer token.",
          security: [],
          requestBody: { required: true, content: json(ref("LogIn")) },
          responses: {
            201: { description: "Logged in", content: json(ref("Session")) },
            401: refusal("Wrong user or password"),
            422: refusal("A field is at fault")
          }
        }
      },
      "/sessions/current": {
        delete: {
          operationId: "logOut",
          tags: ["desk"],
          summary: "Log out",
          description: "The token is good for nothing afterwards.",
          responses: { 204: { description: "Logged out" }, ...usual }
        }
      },
      "/vessels": {
        get: {
          operationId: "listVessels",
          tags: ["vessels"],
          summary: "List the vessels in the register",
          parameters: [
            query("name", "A part of the name, in any case", { type: "string", minLength: 2 }),
            query("kind", "Only this kind", { type: "string", enum: [...vesselKinds] }),
            query("flag", "Only this flag", { type: "string", enum: [...flags] }),
            limit,
            offset
          ],
          responses: {
            200: { description: "Vessels by name", content: json(list("Vessel")) },
            400: refusal("A parameter is at fault"),
            ...usual
          }
        }
      },
      "/register": {
        get: {
          operationId: "searchRegister",
          tags: ["vessels"],
          summary: "Search the register of vessels by clauses",
          description: "Which fields and operators the clauses take is told by /register/terms.",
          parameters: [
            query(
              "where",
              "Clauses joined by and, texts in single quotes: flag is 'Merrow Isles' and lengthM above 80",
              { type: "string", minLength: 1 },
              true
            )
          ],
          responses: {
            200: { description: "Vessels that fit", content: json(list("Vessel")) },
            400: refusal("The clauses cannot be read"),
            ...usual
          }
        }
      },
      "/register/terms": {
        get: {
          operationId: "listSearchTerms",
          tags: ["vessels"],
          summary: "List the fields and operators of the search",
          responses: {
            200: { description: "What clauses may name", content: json(ref("SearchTerms")) },
            ...usual
          }
        }
      },
      "/vessels/{imo}": {
        parameters: [path("imo", parts.imo)],
        get: {
          operationId: "showVessel",
          tags: ["vessels"],
          summary: "Show a vessel",
          responses: {
            200: { description: "The vessel", content: json(ref("Vessel")) },
            404: refusal("No such vessel"),
            ...usual
          }
        }
      },
      "/vessels/{imo}/calls": {
        parameters: [path("imo", parts.imo)],
        post: {
          operationId: "bookCall",
          tags: ["calls"],
          summary: "Book a port call for a vessel",
          description: "The berth must be free and large enough. The harbour office confirms the call a moment later.",
          requestBody: { required: true, content: json(ref("NewPortCall")) },
          responses: {
            201: {
              description: "Booked",
              headers: { Location: { description: "The address of the port call", schema: { type: "string" } } },
              content: json(ref("PortCall"))
            },
            404: refusal("No such vessel"),
            409: refusal("The berth is taken"),
            422: refusal("A field is at fault"),
            ...usual
          }
        }
      },
      "/berths": {
        get: {
          operationId: "listBerths",
          tags: ["berths"],
          summary: "List the berths",
          parameters: [
            query("free", "Only berths that are free, or only those that are not", { type: "boolean" }),
            query("length", "Only berths that take a vessel of so many metres", { type: "number", minimum: 0 }),
            query("quay", "Only these quays", { type: "array", items: { type: "string", enum: [...quays] } })
          ],
          responses: {
            200: { description: "Berths by code", content: json(list("Berth")) },
            400: refusal("A parameter is at fault"),
            ...usual
          }
        }
      },
      "/berths/{code}": {
        parameters: [path("code", parts.berthCode)],
        get: {
          operationId: "showBerth",
          tags: ["berths"],
          summary: "Show a berth",
          responses: {
            200: { description: "The berth", content: json(ref("Berth")) },
            404: refusal("No such berth"),
            ...usual
          }
        }
      },
      "/calls": {
        get: {
          operationId: "listCalls",
          tags: ["calls"],
          summary: "List the port calls",
          parameters: [
            query("imo", "Only calls of this vessel", parts.imo),
            query("berth", "Only calls at this berth", parts.berthCode),
            query("state", "Only calls in this state", { type: "string", enum: ["requested", "confirmed"] }),
            limit,
            offset
          ],
          responses: {
            200: { description: "Port calls, the oldest first", content: json(list("PortCall")) },
            400: refusal("A parameter is at fault"),
            ...usual
          }
        }
      },
      "/calls/{id}": {
        parameters: [path("id", parts.id)],
        get: {
          operationId: "showCall",
          tags: ["calls"],
          summary: "Show a port call",
          responses: {
            200: { description: "The port call", content: json(ref("PortCall")) },
            404: refusal("No such port call"),
            ...usual
          }
        },
        put: {
          operationId: "replaceCall",
          tags: ["calls"],
          summary: "Replace a port call",
          requestBody: { required: true, content: json(ref("PortCallReplacement")) },
          responses: {
            200: { description: "Replaced", content: json(ref("PortCall")) },
            404: refusal("No such port call"),
            409: refusal("The berth is taken"),
            422: refusal("A field is at fault"),
            ...usual
          }
        },
        patch: {
          operationId: "amendCall",
          tags: ["calls"],
          summary: "Amend a port call in part",
          requestBody: { required: true, content: json(ref("PortCallAmendment")) },
          responses: {
            200: { description: "Amended", content: json(ref("PortCall")) },
            404: refusal("No such port call"),
            409: refusal("The berth is taken"),
            422: refusal("A field is at fault"),
            ...usual
          }
        },
        delete: {
          operationId: "cancelCall",
          tags: ["calls"],
          summary: "Cancel a port call",
          description: "The berth is free again, and the call is gone.",
          responses: { 204: { description: "Cancelled" }, 404: refusal("No such port call"), ...usual }
        }
      }
    },
    components: {
      schemas,
      securitySchemes: { deskToken: { type: "http", scheme: "bearer", description: "The token of the log-in" } }
    }
  };
}

export {
  seeded,
  flags,
  vesselKinds,
  quays,
  tokenLastsS,
  harbourState,
  shownCall,
  berthTaken,
  schemas,
  parts,
  harbourDocument
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL3N0YW5kaW4vaGFyYm91ci9zdGF0ZS50cyIsICIuLi8uLi8uLi9zcmMvc3RhbmRpbi9zZWVkZWQudHMiLCAiLi4vLi4vLi4vc3JjL3N0YW5kaW4vaGFyYm91ci9zY2hlbWFzLnRzIiwgIi4uLy4uLy4uL3NyYy9zdGFuZGluL2hhcmJvdXIvb3BlbmFwaS50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFdoYXQgdGhlIGhhcmJvdXIga25vd3M6IHZlc3NlbHMgYW5kIGJlcnRocyBmcm9tIGEgc2VlZCwgcG9ydCBjYWxscyBhbmQgc2Vzc2lvbnMgYXMgdGhleSBhcmUgbWFkZS4gKi9cbmltcG9ydCB7IHJhbmRvbUJ5dGVzIH0gZnJvbSAnbm9kZTpjcnlwdG8nO1xuaW1wb3J0IHsgc2VlZGVkIH0gZnJvbSAnLi4vc2VlZGVkLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBWZXNzZWwge1xuICByZWFkb25seSBpbW86IHN0cmluZztcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSBmbGFnOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGtpbmQ6IHN0cmluZztcbiAgcmVhZG9ubHkgbGVuZ3RoTTogbnVtYmVyO1xuICByZWFkb25seSBkcmFmdE06IG51bWJlcjtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBCZXJ0aCB7XG4gIHJlYWRvbmx5IGNvZGU6IHN0cmluZztcbiAgcmVhZG9ubHkgcXVheTogc3RyaW5nO1xuICByZWFkb25seSBsZW5ndGhNOiBudW1iZXI7XG4gIHJlYWRvbmx5IGRyYWZ0TTogbnVtYmVyO1xufVxuXG5leHBvcnQgaW50ZXJmYWNlIENhbGxXaXNoIHtcbiAgcmVhZG9ubHkgYmVydGg6IHN0cmluZztcbiAgcmVhZG9ubHkgbmlnaHRzOiBudW1iZXI7XG4gIHJlYWRvbmx5IGNhcmdvOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHBpbG90OiBib29sZWFuO1xuICByZWFkb25seSBhcnJpdmFsOiBzdHJpbmc7XG4gIHJlYWRvbmx5IG5vdGlmeTogcmVhZG9ubHkgc3RyaW5nW107XG4gIHJlYWRvbmx5IHJlbWFya3M6IHN0cmluZztcbn1cblxuZXhwb3J0IGludGVyZmFjZSBQb3J0Q2FsbCBleHRlbmRzIENhbGxXaXNoIHtcbiAgcmVhZG9ubHkgaWQ6IHN0cmluZztcbiAgcmVhZG9ubHkgaW1vOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGNyZWF0ZWQ6IHN0cmluZztcbiAgcmVhZG9ubHkgdXBkYXRlZDogc3RyaW5nO1xufVxuXG5leHBvcnQgaW50ZXJmYWNlIEhhcmJvdXJTdGF0ZSB7XG4gIHJlYWRvbmx5IHZlc3NlbHM6IFJlYWRvbmx5TWFwPHN0cmluZywgVmVzc2VsPjtcbiAgcmVhZG9ubHkgYmVydGhzOiBSZWFkb25seU1hcDxzdHJpbmcsIEJlcnRoPjtcbiAgcmVhZG9ubHkgY2FsbHM6IE1hcDxzdHJpbmcsIFBvcnRDYWxsPjtcbiAgLyoqIFRva2VucyBieSB1c2VyIGFuZCBlbmQuICovXG4gIHJlYWRvbmx5IHNlc3Npb25zOiBNYXA8c3RyaW5nLCB7IHJlYWRvbmx5IHVzZXI6IHN0cmluZzsgcmVhZG9ubHkgZW5kczogbnVtYmVyIH0+O1xuICBuZXh0Q2FsbElkKCk6IHN0cmluZztcbiAgbmV3VG9rZW4oKTogc3RyaW5nO1xuICBub3coKTogRGF0ZTtcbn1cblxuZXhwb3J0IGNvbnN0IGZsYWdzID0gWydMYXJraGF2ZW4nLCAnTWVycm93IElzbGVzJywgJ09zdHJhbmQnXSBhcyBjb25zdDtcbmV4cG9ydCBjb25zdCB2ZXNzZWxLaW5kcyA9IFsnY29hc3RlcicsICdidWxrIGNhcnJpZXInLCAndGFua2VyJywgJ2ZlcnJ5J10gYXMgY29uc3Q7XG5leHBvcnQgY29uc3QgcXVheXMgPSBbJ25vcnRoJywgJ3NvdXRoJywgJ3dlc3QnXSBhcyBjb25zdDtcbmV4cG9ydCBjb25zdCBjYXJnb2VzID0gWydncmFpbicsICd0aW1iZXInLCAnbWl4ZWQnXSBhcyBjb25zdDtcbi8qKiBIb3cgbG9uZyBhIGNhbGwgaXMgYHJlcXVlc3RlZGAgYmVmb3JlIHRoZSBoYXJib3VyIG9mZmljZSBjb25maXJtcyBpdC4gKi9cbmNvbnN0IGNvbmZpcm1zQWZ0ZXJNcyA9IDQwMDtcbmV4cG9ydCBjb25zdCB0b2tlbkxhc3RzUyA9IDE4MDA7XG5cbmNvbnN0IG5hbWVzID0gW1xuICAnR3JleSBIZXJvbicsXG4gICdTYWx0bWFyc2gnLFxuICAnQW1iZXIgVGVybicsXG4gICdOb3J0aGVybiBMYW50ZXJuJyxcbiAgJ1F1aWV0IFBsb3ZlcicsXG4gICdUaWRld3JpZ2h0JyxcbiAgJ0xhcmtzcHVyJyxcbiAgJ09sZCBNb2xlJyxcbiAgJ1dpbmRyb3NlJyxcbiAgJ1NhbmRwaXBlciBHcmFjZScsXG4gICdFdmVuaW5nIFNob2FsJyxcbiAgJ0NvcHBlciBHdWxsJyxcbiAgJ1JlZWRsaW5nJyxcbiAgJ01vcm5pbmcgQmVsbCcsXG5dO1xuXG5leHBvcnQgZnVuY3Rpb24gaGFyYm91clN0YXRlKHNlZWQ6IG51bWJlciwgbm93OiAoKSA9PiBEYXRlID0gKCkgPT4gbmV3IERhdGUoKSk6IEhhcmJvdXJTdGF0ZSB7XG4gIGNvbnN0IG1hZGUgPSBzZWVkZWQoc2VlZCk7XG4gIGNvbnN0IHZlc3NlbHMgPSBuZXcgTWFwPHN0cmluZywgVmVzc2VsPigpO1xuICBmb3IgKGNvbnN0IFtpbmRleCwgbmFtZV0gb2YgbmFtZXMuZW50cmllcygpKSB7XG4gICAgY29uc3QgbGVuZ3RoTSA9IG1hZGUud2hvbGUoNDgsIDE5MCk7XG4gICAgY29uc3QgaW1vID0gU3RyaW5nKDkwMDAwMDMgKyBpbmRleCAqIDcpO1xuICAgIHZlc3NlbHMuc2V0KGltbywge1xuICAgICAgaW1vLFxuICAgICAgbmFtZSxcbiAgICAgIGZsYWc6IG1hZGUucGljayhmbGFncyksXG4gICAgICBraW5kOiBtYWRlLnBpY2sodmVzc2VsS2luZHMpLFxuICAgICAgbGVuZ3RoTSxcbiAgICAgIGRyYWZ0TTogTWF0aC5yb3VuZChsZW5ndGhNICogNSkgLyAxMDAsXG4gICAgfSk7XG4gIH1cbiAgLy8gVGhlIHZlc3NlbCBvZiB0aGUgbWFudWFsOiBzbWFsbCBlbm91Z2ggZm9yIG1vc3QgYmVydGhzLlxuICB2ZXNzZWxzLnNldCgnOTAwMDAxNycsIHtcbiAgICBpbW86ICc5MDAwMDE3JyxcbiAgICBuYW1lOiAnQW1iZXIgVGVybicsXG4gICAgZmxhZzogJ0xhcmtoYXZlbicsXG4gICAga2luZDogJ2NvYXN0ZXInLFxuICAgIGxlbmd0aE06IDgyLFxuICAgIGRyYWZ0TTogNC4xLFxuICB9KTtcbiAgY29uc3QgYmVydGhzID0gbmV3IE1hcDxzdHJpbmcsIEJlcnRoPigpO1xuICBmb3IgKGNvbnN0IHF1YXkgb2YgcXVheXMpIHtcbiAgICBmb3IgKGxldCBudW1iZXIgPSAxOyBudW1iZXIgPD0gNDsgbnVtYmVyICs9IDEpIHtcbiAgICAgIGNvbnN0IGNvZGUgPSBgJHtxdWF5WzBdPy50b1VwcGVyQ2FzZSgpfSR7bnVtYmVyfWA7XG4gICAgICBiZXJ0aHMuc2V0KGNvZGUsIHsgY29kZSwgcXVheSwgbGVuZ3RoTTogbWFkZS53aG9sZSg5LCAyMikgKiAxMCwgZHJhZnRNOiBtYWRlLndob2xlKDQ1LCAxMTApIC8gMTAgfSk7XG4gICAgfVxuICB9XG4gIGJlcnRocy5zZXQoJ04xJywgeyBjb2RlOiAnTjEnLCBxdWF5OiAnbm9ydGgnLCBsZW5ndGhNOiAxMjAsIGRyYWZ0TTogNi41IH0pO1xuICBsZXQgY291bnQgPSAwO1xuICBjb25zdCBzdGF0ZTogSGFyYm91clN0YXRlID0ge1xuICAgIHZlc3NlbHMsXG4gICAgYmVydGhzLFxuICAgIGNhbGxzOiBuZXcgTWFwKCksXG4gICAgc2Vzc2lvbnM6IG5ldyBNYXAoKSxcbiAgICBuZXh0Q2FsbElkOiAoKSA9PiB7XG4gICAgICBjb3VudCArPSAxO1xuICAgICAgcmV0dXJuIGBQQy0ke1N0cmluZyhjb3VudCkucGFkU3RhcnQoNCwgJzAnKX1gO1xuICAgIH0sXG4gICAgbmV3VG9rZW46ICgpID0+IGBsaF8ke3JhbmRvbUJ5dGVzKDI0KS50b1N0cmluZygnYmFzZTY0dXJsJyl9YCxcbiAgICBub3csXG4gIH07XG4gIC8vIFR3byBiZXJ0aHMgYXJlIHRha2VuIGZyb20gdGhlIHN0YXJ0LlxuICBmb3IgKGNvbnN0IFtpbW8sIGJlcnRoXSBvZiBbXG4gICAgWyc5MDAwMDAzJywgJ04yJ10sXG4gICAgWyc5MDAwMDEwJywgJ1MxJ10sXG4gIF0gYXMgY29uc3QpIHtcbiAgICBjb25zdCBpZCA9IHN0YXRlLm5leHRDYWxsSWQoKTtcbiAgICBjb25zdCBkYXkgPSBuZXcgRGF0ZShub3coKS5nZXRUaW1lKCkgLSA4Nl80MDBfMDAwKS50b0lTT1N0cmluZygpO1xuICAgIHN0YXRlLmNhbGxzLnNldChpZCwge1xuICAgICAgaWQsXG4gICAgICBpbW8sXG4gICAgICBiZXJ0aCxcbiAgICAgIG5pZ2h0czogNSxcbiAgICAgIGNhcmdvOiAnZ3JhaW4nLFxuICAgICAgcGlsb3Q6IHRydWUsXG4gICAgICBhcnJpdmFsOiBkYXksXG4gICAgICBub3RpZnk6IFsnYWdlbnQnXSxcbiAgICAgIHJlbWFya3M6ICcnLFxuICAgICAgY3JlYXRlZDogZGF5LFxuICAgICAgdXBkYXRlZDogZGF5LFxuICAgIH0pO1xuICB9XG4gIHJldHVybiBzdGF0ZTtcbn1cblxuLyoqIEEgY2FsbCBhcyB0aGUgaGFyYm91ciBzaG93cyBpdDogaXRzIHN0YXRlIGFuZCBmZWVzIGZvbGxvdyBmcm9tIHdoYXQgaXQga25vd3MuICovXG5leHBvcnQgZnVuY3Rpb24gc2hvd25DYWxsKGNhbGw6IFBvcnRDYWxsLCB7IHZlc3NlbHMsIG5vdyB9OiBIYXJib3VyU3RhdGUpOiBvYmplY3Qge1xuICBjb25zdCB7IGxlbmd0aE0gPSAwIH0gPSB2ZXNzZWxzLmdldChjYWxsLmltbykgPz8ge307XG4gIGNvbnN0IGFnZSA9IG5vdygpLmdldFRpbWUoKSAtIERhdGUucGFyc2UoY2FsbC5jcmVhdGVkKTtcbiAgcmV0dXJuIHtcbiAgICBpZDogY2FsbC5pZCxcbiAgICBpbW86IGNhbGwuaW1vLFxuICAgIHN0YXRlOiBhZ2UgPCBjb25maXJtc0FmdGVyTXMgPyAncmVxdWVzdGVkJyA6ICdjb25maXJtZWQnLFxuICAgIGJlcnRoOiBjYWxsLmJlcnRoLFxuICAgIG5pZ2h0czogY2FsbC5uaWdodHMsXG4gICAgY2FyZ286IGNhbGwuY2FyZ28sXG4gICAgcGlsb3Q6IGNhbGwucGlsb3QsXG4gICAgYXJyaXZhbDogY2FsbC5hcnJpdmFsLFxuICAgIG5vdGlmeTogY2FsbC5ub3RpZnksXG4gICAgcmVtYXJrczogY2FsbC5yZW1hcmtzLFxuICAgIGZlZXM6IFtcbiAgICAgIHsgY29kZTogJ2hhcmJvdXItZHVlJywgYW1vdW50OiBsZW5ndGhNICogMS4yNSB9LFxuICAgICAgeyBjb2RlOiAnbW9vcmluZycsIGFtb3VudDogODAgfSxcbiAgICBdLFxuICAgIGNyZWF0ZWQ6IGNhbGwuY3JlYXRlZCxcbiAgICB1cGRhdGVkOiBjYWxsLnVwZGF0ZWQsXG4gIH07XG59XG5cbmV4cG9ydCBmdW5jdGlvbiBiZXJ0aFRha2VuKGNvZGU6IHN0cmluZywgeyBjYWxscyB9OiBIYXJib3VyU3RhdGUsIGJlc2lkZXM/OiBzdHJpbmcpOiBib29sZWFuIHtcbiAgcmV0dXJuIFsuLi5jYWxscy52YWx1ZXMoKV0uc29tZSgoeyBiZXJ0aCwgaWQgfSkgPT4gYmVydGggPT09IGNvZGUgJiYgaWQgIT09IGJlc2lkZXMpO1xufVxuIiwgIi8qKiBSZXBlYXRhYmxlIG1hZGUtdXAgZGF0YTogYSBzbWFsbCBsaW5lYXIgZ2VuZXJhdG9yLCB0aGUgc2FtZSBvbiBldmVyeSBtYWNoaW5lLiAqL1xuXG5leHBvcnQgaW50ZXJmYWNlIFNlZWRlZCB7XG4gIC8qKiBGcm9tIGBsZWFzdGAgdG8gYG1vc3RgLCBib3RoIGluY2x1ZGVkLiAqL1xuICB3aG9sZShsZWFzdDogbnVtYmVyLCBtb3N0OiBudW1iZXIpOiBudW1iZXI7XG4gIHBpY2s8VD4obGlzdDogcmVhZG9ubHkgVFtdKTogVDtcbn1cblxuLyoqIE51bWVyaWNhbCBSZWNpcGVzJyBjb25zdGFudHM7IGdvb2QgZW5vdWdoIGZvciBkYXRhLCBub3RoaW5nIG1vcmUuICovXG5leHBvcnQgZnVuY3Rpb24gc2VlZGVkKHNlZWQ6IG51bWJlcik6IFNlZWRlZCB7XG4gIGxldCBzdGF0ZSA9IHNlZWQgPj4+IDA7XG4gIGNvbnN0IG5leHQgPSAoKTogbnVtYmVyID0+IHtcbiAgICBzdGF0ZSA9IChNYXRoLmltdWwoc3RhdGUsIDE2NjQ1MjUpICsgMTAxMzkwNDIyMykgPj4+IDA7XG4gICAgcmV0dXJuIHN0YXRlIC8gMiAqKiAzMjtcbiAgfTtcbiAgY29uc3Qgd2hvbGUgPSAobGVhc3Q6IG51bWJlciwgbW9zdDogbnVtYmVyKTogbnVtYmVyID0+IGxlYXN0ICsgTWF0aC5mbG9vcihuZXh0KCkgKiAobW9zdCAtIGxlYXN0ICsgMSkpO1xuICByZXR1cm4geyB3aG9sZSwgcGljazogKGxpc3QpID0+IGxpc3Rbd2hvbGUoMCwgbGlzdC5sZW5ndGggLSAxKV0gYXMgKHR5cGVvZiBsaXN0KVtudW1iZXJdIH07XG59XG4iLCAiLyoqIFRoZSBzY2hlbWFzIG9mIHRoZSBoYXJib3VyJ3MgZG9jdW1lbnRzLCBpbiBKU09OIFNjaGVtYSAyMDIwLTEyOiBzZXJ2ZWQgaW4gdGhlIE9wZW5BUEkgZG9jdW1lbnQsIGFuZCBlbmZvcmNlZC4gKi9cbmltcG9ydCB7IGNhcmdvZXMsIGZsYWdzLCBxdWF5cywgdmVzc2VsS2luZHMgfSBmcm9tICcuL3N0YXRlLmpzJztcblxuY29uc3QgaWQgPSB7XG4gIHR5cGU6ICdzdHJpbmcnLFxuICBwYXR0ZXJuOiAnXlBDLVswLTldezQsfSQnLFxuICBkZXNjcmlwdGlvbjogJ1RoZSBudW1iZXIgb2YgdGhlIHBvcnQgY2FsbCcsXG4gIGV4YW1wbGVzOiBbJ1BDLTAwMDcnXSxcbn07XG5jb25zdCBpbW8gPSB7XG4gIHR5cGU6ICdzdHJpbmcnLFxuICBwYXR0ZXJuOiAnXlswLTldezd9JCcsXG4gIGRlc2NyaXB0aW9uOiAnSU1PIG51bWJlciBvZiB0aGUgdmVzc2VsLCBzZXZlbiBkaWdpdHMnLFxuICBleGFtcGxlczogWyc5MDAwMDE3J10sXG59O1xuY29uc3QgYmVydGhDb2RlID0geyB0eXBlOiAnc3RyaW5nJywgcGF0dGVybjogJ15bTlNXXVswLTldJCcsIGRlc2NyaXB0aW9uOiAnQ29kZSBvZiB0aGUgYmVydGgnLCBleGFtcGxlczogWydOMSddIH07XG5cbmNvbnN0IHdpc2ggPSB7XG4gIGJlcnRoOiBiZXJ0aENvZGUsXG4gIG5pZ2h0czogeyB0eXBlOiAnaW50ZWdlcicsIG1pbmltdW06IDEsIG1heGltdW06IDE0LCBkZXNjcmlwdGlvbjogJ05pZ2h0cyBhdCB0aGUgYmVydGgnLCBleGFtcGxlczogWzJdIH0sXG4gIGNhcmdvOiB7IHR5cGU6ICdzdHJpbmcnLCBlbnVtOiBbLi4uY2FyZ29lc10sIGRlZmF1bHQ6ICdtaXhlZCcsIGRlc2NyaXB0aW9uOiAnV2hhdCBpcyBvbiBib2FyZCcgfSxcbiAgcGlsb3Q6IHsgdHlwZTogJ2Jvb2xlYW4nLCBkZWZhdWx0OiBmYWxzZSwgZGVzY3JpcHRpb246ICdXaGV0aGVyIGEgcGlsb3QgaXMgd2FudGVkJyB9LFxuICBhcnJpdmFsOiB7XG4gICAgdHlwZTogJ3N0cmluZycsXG4gICAgZm9ybWF0OiAnZGF0ZS10aW1lJyxcbiAgICBkZXNjcmlwdGlvbjogJ1doZW4gdGhlIHZlc3NlbCBpcyBleHBlY3RlZDsgdG9tb3Jyb3cgd2hlcmUgbm90aGluZyBpcyBzYWlkJyxcbiAgICBleGFtcGxlczogWycyMDI2LTExLTI1VDA2OjAwOjAwWiddLFxuICB9LFxuICBub3RpZnk6IHtcbiAgICB0eXBlOiAnYXJyYXknLFxuICAgIGl0ZW1zOiB7IHR5cGU6ICdzdHJpbmcnLCBlbnVtOiBbJ2FnZW50JywgJ3BpbG90JywgJ2N1c3RvbXMnXSB9LFxuICAgIG1heEl0ZW1zOiAzLFxuICAgIHVuaXF1ZUl0ZW1zOiB0cnVlLFxuICAgIGRlZmF1bHQ6IFsnYWdlbnQnXSxcbiAgICBkZXNjcmlwdGlvbjogJ1dobyBpcyB0b2xkIGFib3V0IGNoYW5nZXMnLFxuICB9LFxuICByZW1hcmtzOiB7IHR5cGU6ICdzdHJpbmcnLCBtYXhMZW5ndGg6IDIwMCwgZGVmYXVsdDogJycsIGRlc2NyaXB0aW9uOiAnQW55dGhpbmcgZWxzZSwgaW4gYSBzZW50ZW5jZScgfSxcbn07XG5cbi8qKiBBbiBhbWVuZG1lbnQgY2hhbmdlcyB3aGF0IGl0IG5hbWVzIGFuZCBub3RoaW5nIGVsc2UuICovXG5mdW5jdGlvbiB3aXRob3V0RGVmYXVsdHMocHJvcGVydGllczogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgb2JqZWN0Pj4pOiBSZWNvcmQ8c3RyaW5nLCBvYmplY3Q+IHtcbiAgcmV0dXJuIE9iamVjdC5mcm9tRW50cmllcyhcbiAgICBPYmplY3QuZW50cmllcyhwcm9wZXJ0aWVzKS5tYXAoKFtuYW1lLCBzY2hlbWFdKSA9PiBbXG4gICAgICBuYW1lLFxuICAgICAgT2JqZWN0LmZyb21FbnRyaWVzKE9iamVjdC5lbnRyaWVzKHNjaGVtYSkuZmlsdGVyKChba2V5XSkgPT4ga2V5ICE9PSAnZGVmYXVsdCcpKSxcbiAgICBdKSxcbiAgKTtcbn1cblxuZXhwb3J0IGNvbnN0IHNjaGVtYXMgPSB7XG4gIFNlYXJjaFRlcm1zOiB7XG4gICAgdHlwZTogJ29iamVjdCcsXG4gICAgZGVzY3JpcHRpb246ICdXaGF0IHRoZSBjbGF1c2VzIG9mIGEgc2VhcmNoIG1heSBuYW1lJyxcbiAgICByZXF1aXJlZDogWydmaWVsZHMnLCAnb3BlcmF0b3JzJ10sXG4gICAgcHJvcGVydGllczoge1xuICAgICAgZmllbGRzOiB7XG4gICAgICAgIHR5cGU6ICdhcnJheScsXG4gICAgICAgIGl0ZW1zOiB7IHR5cGU6ICdvYmplY3QnLCByZXF1aXJlZDogWyduYW1lJ10sIHByb3BlcnRpZXM6IHsgbmFtZTogeyB0eXBlOiAnc3RyaW5nJyB9IH0gfSxcbiAgICAgIH0sXG4gICAgICBvcGVyYXRvcnM6IHtcbiAgICAgICAgdHlwZTogJ2FycmF5JyxcbiAgICAgICAgaXRlbXM6IHtcbiAgICAgICAgICB0eXBlOiAnb2JqZWN0JyxcbiAgICAgICAgICByZXF1aXJlZDogWyd3b3JkJywgJ2Fib3V0J10sXG4gICAgICAgICAgcHJvcGVydGllczogeyB3b3JkOiB7IHR5cGU6ICdzdHJpbmcnIH0sIGFib3V0OiB7IHR5cGU6ICdzdHJpbmcnIH0gfSxcbiAgICAgICAgfSxcbiAgICAgIH0sXG4gICAgfSxcbiAgfSxcbiAgVmVzc2VsOiB7XG4gICAgdHlwZTogJ29iamVjdCcsXG4gICAgZGVzY3JpcHRpb246ICdBIHZlc3NlbCBpbiB0aGUgcmVnaXN0ZXInLFxuICAgIHJlcXVpcmVkOiBbJ2ltbycsICduYW1lJywgJ2ZsYWcnLCAna2luZCcsICdsZW5ndGhNJywgJ2RyYWZ0TSddLFxuICAgIHByb3BlcnRpZXM6IHtcbiAgICAgIGltbyxcbiAgICAgIG5hbWU6IHsgdHlwZTogJ3N0cmluZycsIGRlc2NyaXB0aW9uOiAnTmFtZSBvZiB0aGUgdmVzc2VsJywgZXhhbXBsZXM6IFsnQW1iZXIgVGVybiddIH0sXG4gICAgICBmbGFnOiB7IHR5cGU6ICdzdHJpbmcnLCBlbnVtOiBbLi4uZmxhZ3NdLCBkZXNjcmlwdGlvbjogJ1doZXJlIGl0IGlzIHJlZ2lzdGVyZWQnIH0sXG4gICAgICBraW5kOiB7IHR5cGU6ICdzdHJpbmcnLCBlbnVtOiBbLi4udmVzc2VsS2luZHNdLCBkZXNjcmlwdGlvbjogJ0tpbmQgb2YgdmVzc2VsJyB9LFxuICAgICAgbGVuZ3RoTTogeyB0eXBlOiAnbnVtYmVyJywgZXhjbHVzaXZlTWluaW11bTogMCwgZGVzY3JpcHRpb246ICdMZW5ndGggaW4gbWV0cmVzJywgZXhhbXBsZXM6IFs4Ml0gfSxcbiAgICAgIGRyYWZ0TTogeyB0eXBlOiAnbnVtYmVyJywgZXhjbHVzaXZlTWluaW11bTogMCwgZGVzY3JpcHRpb246ICdEcmFmdCBpbiBtZXRyZXMnLCBleGFtcGxlczogWzQuMV0gfSxcbiAgICB9LFxuICB9LFxuICBCZXJ0aDoge1xuICAgIHR5cGU6ICdvYmplY3QnLFxuICAgIGRlc2NyaXB0aW9uOiAnQSBwbGFjZSBhdCBhIHF1YXknLFxuICAgIHJlcXVpcmVkOiBbJ2NvZGUnLCAncXVheScsICdsZW5ndGhNJywgJ2RyYWZ0TScsICdmcmVlJ10sXG4gICAgcHJvcGVydGllczoge1xuICAgICAgY29kZTogYmVydGhDb2RlLFxuICAgICAgcXVheTogeyB0eXBlOiAnc3RyaW5nJywgZW51bTogWy4uLnF1YXlzXSwgZGVzY3JpcHRpb246ICdUaGUgcXVheSBpdCBpcyBhdCcgfSxcbiAgICAgIGxlbmd0aE06IHsgdHlwZTogJ251bWJlcicsIGRlc2NyaXB0aW9uOiAnTG9uZ2VzdCB2ZXNzZWwgdGhhdCBmaXRzLCBpbiBtZXRyZXMnLCBleGFtcGxlczogWzEyMF0gfSxcbiAgICAgIGRyYWZ0TTogeyB0eXBlOiAnbnVtYmVyJywgZGVzY3JpcHRpb246ICdEZWVwZXN0IHZlc3NlbCB0aGF0IGZpdHMsIGluIG1ldHJlcycsIGV4YW1wbGVzOiBbNi41XSB9LFxuICAgICAgZnJlZTogeyB0eXBlOiAnYm9vbGVhbicsIHJlYWRPbmx5OiB0cnVlLCBkZXNjcmlwdGlvbjogJ1doZXRoZXIgbm8gcG9ydCBjYWxsIGhhcyBpdCcgfSxcbiAgICB9LFxuICB9LFxuICBGZWU6IHtcbiAgICB0eXBlOiAnb2JqZWN0JyxcbiAgICByZXF1aXJlZDogWydjb2RlJywgJ2Ftb3VudCddLFxuICAgIHByb3BlcnRpZXM6IHtcbiAgICAgIGNvZGU6IHsgdHlwZTogJ3N0cmluZycsIGRlc2NyaXB0aW9uOiAnV2hhdCBpcyBwYWlkIGZvcicsIGV4YW1wbGVzOiBbJ21vb3JpbmcnXSB9LFxuICAgICAgYW1vdW50OiB7IHR5cGU6ICdudW1iZXInLCBtaW5pbXVtOiAwLCBkZXNjcmlwdGlvbjogJ0Ftb3VudCBpbiBjcm93bnMnLCBleGFtcGxlczogWzgwXSB9LFxuICAgIH0sXG4gIH0sXG4gIFBvcnRDYWxsOiB7XG4gICAgdHlwZTogJ29iamVjdCcsXG4gICAgZGVzY3JpcHRpb246ICdBIHN0YXkgb2YgYSB2ZXNzZWwgYXQgYSBiZXJ0aCcsXG4gICAgcmVxdWlyZWQ6IFtcbiAgICAgICdpZCcsXG4gICAgICAnaW1vJyxcbiAgICAgICdzdGF0ZScsXG4gICAgICAnYmVydGgnLFxuICAgICAgJ25pZ2h0cycsXG4gICAgICAnY2FyZ28nLFxuICAgICAgJ3BpbG90JyxcbiAgICAgICdhcnJpdmFsJyxcbiAgICAgICdub3RpZnknLFxuICAgICAgJ2ZlZXMnLFxuICAgICAgJ2NyZWF0ZWQnLFxuICAgICAgJ3VwZGF0ZWQnLFxuICAgIF0sXG4gICAgcHJvcGVydGllczoge1xuICAgICAgaWQ6IHsgLi4uaWQsIHJlYWRPbmx5OiB0cnVlIH0sXG4gICAgICBpbW86IHsgLi4uaW1vLCByZWFkT25seTogdHJ1ZSB9LFxuICAgICAgc3RhdGU6IHtcbiAgICAgICAgdHlwZTogJ3N0cmluZycsXG4gICAgICAgIGVudW06IFsncmVxdWVzdGVkJywgJ2NvbmZpcm1lZCddLFxuICAgICAgICByZWFkT25seTogdHJ1ZSxcbiAgICAgICAgZGVzY3JpcHRpb246ICdBIGNhbGwgaXMgcmVxdWVzdGVkIHVudGlsIHRoZSBoYXJib3VyIG9mZmljZSBjb25maXJtcyBpdCcsXG4gICAgICB9LFxuICAgICAgLi4ud2lzaCxcbiAgICAgIGZlZXM6IHtcbiAgICAgICAgdHlwZTogJ2FycmF5JyxcbiAgICAgICAgcmVhZE9ubHk6IHRydWUsXG4gICAgICAgIGRlc2NyaXB0aW9uOiAnV2hhdCB0aGUgc3RheSBjb3N0cycsXG4gICAgICAgIGl0ZW1zOiB7ICRyZWY6ICcjL2NvbXBvbmVudHMvc2NoZW1hcy9GZWUnIH0sXG4gICAgICB9LFxuICAgICAgY3JlYXRlZDogeyB0eXBlOiAnc3RyaW5nJywgZm9ybWF0OiAnZGF0ZS10aW1lJywgcmVhZE9ubHk6IHRydWUsIGRlc2NyaXB0aW9uOiAnV2hlbiBpdCB3YXMgbWFkZScgfSxcbiAgICAgIHVwZGF0ZWQ6IHsgdHlwZTogJ3N0cmluZycsIGZvcm1hdDogJ2RhdGUtdGltZScsIHJlYWRPbmx5OiB0cnVlLCBkZXNjcmlwdGlvbjogJ1doZW4gaXQgd2FzIGxhc3QgY2hhbmdlZCcgfSxcbiAgICB9LFxuICAgIGV4YW1wbGVzOiBbXG4gICAgICB7XG4gICAgICAgIGlkOiAnUEMtMDAwNycsXG4gICAgICAgIGltbzogJzkwMDAwMTcnLFxuICAgICAgICBzdGF0ZTogJ3JlcXVlc3RlZCcsXG4gICAgICAgIGJlcnRoOiAnTjEnLFxuICAgICAgICBuaWdodHM6IDIsXG4gICAgICAgIGNhcmdvOiAndGltYmVyJyxcbiAgICAgICAgcGlsb3Q6IGZhbHNlLFxuICAgICAgICBhcnJpdmFsOiAnMjAyNi0xMS0yNVQwNjowMDowMFonLFxuICAgICAgICBub3RpZnk6IFsnYWdlbnQnXSxcbiAgICAgICAgcmVtYXJrczogJycsXG4gICAgICAgIGZlZXM6IFt7IGNvZGU6ICdtb29yaW5nJywgYW1vdW50OiA4MCB9XSxcbiAgICAgICAgY3JlYXRlZDogJzIwMjYtMTEtMjRUMDk6MDA6MDBaJyxcbiAgICAgICAgdXBkYXRlZDogJzIwMjYtMTEtMjRUMDk6MDA6MDBaJyxcbiAgICAgIH0sXG4gICAgXSxcbiAgfSxcbiAgTmV3UG9ydENhbGw6IHtcbiAgICB0eXBlOiAnb2JqZWN0JyxcbiAgICBkZXNjcmlwdGlvbjogJ0EgcG9ydCBjYWxsIHRvIGJlIG1hZGUnLFxuICAgIHJlcXVpcmVkOiBbJ2JlcnRoJywgJ25pZ2h0cyddLFxuICAgIGFkZGl0aW9uYWxQcm9wZXJ0aWVzOiBmYWxzZSxcbiAgICBwcm9wZXJ0aWVzOiB3aXNoLFxuICB9LFxuICBQb3J0Q2FsbFJlcGxhY2VtZW50OiB7XG4gICAgdHlwZTogJ29iamVjdCcsXG4gICAgZGVzY3JpcHRpb246ICdBIHBvcnQgY2FsbCBpbiBmdWxsOyB3aGF0IGlzIGxlZnQgb3V0IGdldHMgaXRzIGRlZmF1bHQnLFxuICAgIHJlcXVpcmVkOiBbJ2JlcnRoJywgJ25pZ2h0cycsICdjYXJnbyddLFxuICAgIGFkZGl0aW9uYWxQcm9wZXJ0aWVzOiBmYWxzZSxcbiAgICBwcm9wZXJ0aWVzOiB3aXNoLFxuICB9LFxuICBQb3J0Q2FsbEFtZW5kbWVudDoge1xuICAgIHR5cGU6ICdvYmplY3QnLFxuICAgIGRlc2NyaXB0aW9uOiAnVGhlIGZpZWxkcyB0byBjaGFuZ2U7IGFsbCBvdGhlcnMgc3RheScsXG4gICAgbWluUHJvcGVydGllczogMSxcbiAgICBhZGRpdGlvbmFsUHJvcGVydGllczogZmFsc2UsXG4gICAgcHJvcGVydGllczogd2l0aG91dERlZmF1bHRzKHdpc2gpLFxuICB9LFxuICBMb2dJbjoge1xuICAgIHR5cGU6ICdvYmplY3QnLFxuICAgIHJlcXVpcmVkOiBbJ3VzZXInLCAncGFzc3dvcmQnXSxcbiAgICBhZGRpdGlvbmFsUHJvcGVydGllczogZmFsc2UsXG4gICAgcHJvcGVydGllczoge1xuICAgICAgdXNlcjogeyB0eXBlOiAnc3RyaW5nJywgbWluTGVuZ3RoOiAxLCBkZXNjcmlwdGlvbjogJ05hbWUgb2YgdGhlIHVzZXInLCBleGFtcGxlczogWydhZ2VudCddIH0sXG4gICAgICBwYXNzd29yZDoge1xuICAgICAgICB0eXBlOiAnc3RyaW5nJyxcbiAgICAgICAgbWluTGVuZ3RoOiAxLFxuICAgICAgICB3cml0ZU9ubHk6IHRydWUsXG4gICAgICAgIGZvcm1hdDogJ3Bhc3N3b3JkJyxcbiAgICAgICAgZGVzY3JpcHRpb246ICdQYXNzd29yZCBvZiB0aGUgdXNlcicsXG4gICAgICB9LFxuICAgIH0sXG4gIH0sXG4gIFNlc3Npb246IHtcbiAgICB0eXBlOiAnb2JqZWN0JyxcbiAgICByZXF1aXJlZDogWyd0b2tlbicsICd1c2VyJywgJ2V4cGlyZXNJbiddLFxuICAgIHByb3BlcnRpZXM6IHtcbiAgICAgIHRva2VuOiB7IHR5cGU6ICdzdHJpbmcnLCByZWFkT25seTogdHJ1ZSwgZGVzY3JpcHRpb246ICdUbyBiZSBzZW50IGFzIGEgYmVhcmVyIHRva2VuJyB9LFxuICAgICAgdXNlcjogeyB0eXBlOiAnc3RyaW5nJywgcmVhZE9ubHk6IHRydWUsIGRlc2NyaXB0aW9uOiAnV2hvIGlzIGxvZ2dlZCBpbicgfSxcbiAgICAgIGV4cGlyZXNJbjogeyB0eXBlOiAnaW50ZWdlcicsIHJlYWRPbmx5OiB0cnVlLCBkZXNjcmlwdGlvbjogJ1NlY29uZHMgZm9yIHdoaWNoIHRoZSB0b2tlbiBpcyBnb29kJyB9LFxuICAgIH0sXG4gIH0sXG4gIFByb2JsZW06IHtcbiAgICB0eXBlOiAnb2JqZWN0JyxcbiAgICBkZXNjcmlwdGlvbjogJ0EgcmVmdXNhbCAoUkZDIDk0NTcpJyxcbiAgICByZXF1aXJlZDogWyd0eXBlJywgJ3RpdGxlJywgJ3N0YXR1cycsICdkZXRhaWwnXSxcbiAgICBwcm9wZXJ0aWVzOiB7XG4gICAgICB0eXBlOiB7IHR5cGU6ICdzdHJpbmcnLCBkZXNjcmlwdGlvbjogJ1doYXQga2luZCBvZiByZWZ1c2FsJyB9LFxuICAgICAgdGl0bGU6IHsgdHlwZTogJ3N0cmluZycgfSxcbiAgICAgIHN0YXR1czogeyB0eXBlOiAnaW50ZWdlcicgfSxcbiAgICAgIGRldGFpbDogeyB0eXBlOiAnc3RyaW5nJywgZGVzY3JpcHRpb246ICdXaGF0IGlzIHdyb25nIHdpdGggdGhpcyByZXF1ZXN0JyB9LFxuICAgICAgaW5zdGFuY2U6IHsgdHlwZTogJ3N0cmluZycgfSxcbiAgICAgIGVycm9yczoge1xuICAgICAgICB0eXBlOiAnYXJyYXknLFxuICAgICAgICBkZXNjcmlwdGlvbjogJ1RoZSBmaWVsZHMgYXQgZmF1bHQnLFxuICAgICAgICBpdGVtczoge1xuICAgICAgICAgIHR5cGU6ICdvYmplY3QnLFxuICAgICAgICAgIHJlcXVpcmVkOiBbJ2RldGFpbCddLFxuICAgICAgICAgIHByb3BlcnRpZXM6IHsgcG9pbnRlcjogeyB0eXBlOiAnc3RyaW5nJyB9LCBwYXJhbWV0ZXI6IHsgdHlwZTogJ3N0cmluZycgfSwgZGV0YWlsOiB7IHR5cGU6ICdzdHJpbmcnIH0gfSxcbiAgICAgICAgfSxcbiAgICAgIH0sXG4gICAgfSxcbiAgfSxcbn0gYXMgY29uc3Q7XG5cbmV4cG9ydCBjb25zdCBwYXJ0cyA9IHsgaWQsIGltbywgYmVydGhDb2RlIH07XG4iLCAiLyoqIFRoZSBoYXJib3VyJ3Mgb3duIE9wZW5BUEkgMy4xIGRvY3VtZW50LCBpbiBmdWxsLiAqL1xuaW1wb3J0IHsgcGFydHMsIHNjaGVtYXMgfSBmcm9tICcuL3NjaGVtYXMuanMnO1xuaW1wb3J0IHsgZmxhZ3MsIHF1YXlzLCB2ZXNzZWxLaW5kcyB9IGZyb20gJy4vc3RhdGUuanMnO1xuXG5jb25zdCByZWYgPSAobmFtZToga2V5b2YgdHlwZW9mIHNjaGVtYXMpID0+ICh7ICRyZWY6IGAjL2NvbXBvbmVudHMvc2NoZW1hcy8ke25hbWV9YCB9KTtcbmNvbnN0IGpzb24gPSAoc2NoZW1hOiBvYmplY3QpID0+ICh7ICdhcHBsaWNhdGlvbi9qc29uJzogeyBzY2hlbWEgfSB9KTtcbmNvbnN0IHJlZnVzYWwgPSAoZGVzY3JpcHRpb246IHN0cmluZykgPT4gKHtcbiAgZGVzY3JpcHRpb24sXG4gIGNvbnRlbnQ6IHsgJ2FwcGxpY2F0aW9uL3Byb2JsZW0ranNvbic6IHsgc2NoZW1hOiByZWYoJ1Byb2JsZW0nKSB9IH0sXG59KTtcbmNvbnN0IHBhdGggPSAobmFtZTogc3RyaW5nLCBzY2hlbWE6IG9iamVjdCkgPT4gKHsgbmFtZSwgaW46ICdwYXRoJywgcmVxdWlyZWQ6IHRydWUsIHNjaGVtYSB9KTtcbmNvbnN0IHF1ZXJ5ID0gKG5hbWU6IHN0cmluZywgZGVzY3JpcHRpb246IHN0cmluZywgc2NoZW1hOiBvYmplY3QsIHJlcXVpcmVkID0gZmFsc2UpID0+ICh7XG4gIG5hbWUsXG4gIGluOiAncXVlcnknLFxuICByZXF1aXJlZCxcbiAgZGVzY3JpcHRpb24sXG4gIHNjaGVtYSxcbn0pO1xuY29uc3QgbGlzdCA9IChuYW1lOiBrZXlvZiB0eXBlb2Ygc2NoZW1hcykgPT4gKHtcbiAgdHlwZTogJ29iamVjdCcsXG4gIHJlcXVpcmVkOiBbJ2l0ZW1zJywgJ3RvdGFsJ10sXG4gIHByb3BlcnRpZXM6IHtcbiAgICBpdGVtczogeyB0eXBlOiAnYXJyYXknLCBpdGVtczogcmVmKG5hbWUpIH0sXG4gICAgdG90YWw6IHsgdHlwZTogJ2ludGVnZXInLCBkZXNjcmlwdGlvbjogJ0hvdyBtYW55IHRoZXJlIGFyZSBpbiBhbGwnIH0sXG4gIH0sXG59KTtcblxuY29uc3QgdXN1YWwgPSB7XG4gIDQwMTogcmVmdXNhbCgnTm8gdG9rZW4sIG9yIG9uZSB0aGF0IGhhcyBlbmRlZCcpLFxufTtcbmNvbnN0IGxpbWl0ID0gcXVlcnkoJ2xpbWl0JywgJ0F0IG1vc3Qgc28gbWFueSBpdGVtcycsIHsgdHlwZTogJ2ludGVnZXInLCBtaW5pbXVtOiAxLCBtYXhpbXVtOiAxMDAsIGRlZmF1bHQ6IDI1IH0pO1xuY29uc3Qgb2Zmc2V0ID0gcXVlcnkoJ29mZnNldCcsICdMZWF2ZSBvdXQgc28gbWFueSBpdGVtcyBmaXJzdCcsIHsgdHlwZTogJ2ludGVnZXInLCBtaW5pbXVtOiAwLCBkZWZhdWx0OiAwIH0pO1xuXG4vKiogQHBhcmFtIG9yaWdpbiB3aGVyZSB0aGUgZG9jdW1lbnQgc2F5cyB0aGF0IHRoZSBzZXJ2ZXIgaXMgKi9cbmV4cG9ydCBmdW5jdGlvbiBoYXJib3VyRG9jdW1lbnQob3JpZ2luOiBzdHJpbmcpOiBvYmplY3Qge1xuICByZXR1cm4ge1xuICAgIG9wZW5hcGk6ICczLjEuMCcsXG4gICAgaW5mbzoge1xuICAgICAgdGl0bGU6ICdMYXJraGF2ZW4gSGFyYm91cicsXG4gICAgICB2ZXJzaW9uOiAnMS40LjAnLFxuICAgICAgc3VtbWFyeTogJ1Zlc3NlbHMsIGJlcnRocyBhbmQgcG9ydCBjYWxscyBvZiBhIG1hZGUtdXAgaGFyYm91cicsXG4gICAgICBkZXNjcmlwdGlvbjpcbiAgICAgICAgJ0xvZyBpbiwgZmluZCBhIHZlc3NlbCBhbmQgYSBmcmVlIGJlcnRoLCBhbmQgYm9vayBhIHBvcnQgY2FsbC4gRXZlcnkgY2FsbCBidXQgdGhlIGxvZy1pbiB3YW50cyBhIHRva2VuLicsXG4gICAgfSxcbiAgICBzZXJ2ZXJzOiBbeyB1cmw6IGAke29yaWdpbn0vdjFgLCBkZXNjcmlwdGlvbjogJ1RoaXMgc3RhbmQtaW4nIH1dLFxuICAgIHNlY3VyaXR5OiBbeyBkZXNrVG9rZW46IFtdIH1dLFxuICAgIHRhZ3M6IFtcbiAgICAgIHsgbmFtZTogJ2Rlc2snLCBkZXNjcmlwdGlvbjogJ0xvZ2dpbmcgaW4gYW5kIG91dCcgfSxcbiAgICAgIHsgbmFtZTogJ3Zlc3NlbHMnLCBkZXNjcmlwdGlvbjogJ1RoZSByZWdpc3RlciBvZiB2ZXNzZWxzJyB9LFxuICAgICAgeyBuYW1lOiAnYmVydGhzJywgZGVzY3JpcHRpb246ICdQbGFjZXMgYXQgdGhlIHF1YXlzJyB9LFxuICAgICAgeyBuYW1lOiAnY2FsbHMnLCBkZXNjcmlwdGlvbjogJ1BvcnQgY2FsbHMnIH0sXG4gICAgXSxcbiAgICBwYXRoczoge1xuICAgICAgJy9zZXNzaW9ucyc6IHtcbiAgICAgICAgcG9zdDoge1xuICAgICAgICAgIG9wZXJhdGlvbklkOiAnbG9nSW4nLFxuICAgICAgICAgIHRhZ3M6IFsnZGVzayddLFxuICAgICAgICAgIHN1bW1hcnk6ICdMb2cgaW4gYXQgdGhlIGhhcmJvdXIgZGVzaycsXG4gICAgICAgICAgZGVzY3JpcHRpb246XG4gICAgICAgICAgICAnR2l2ZXMgYSB0b2tlbiB0aGF0IGlzIGdvb2QgZm9yIGhhbGYgYW4gaG91ci4gSXQgaXMgc2VudCB3aXRoIGV2ZXJ5IG90aGVyIGNhbGwgYXMgYSBiZWFyZXIgdG9rZW4uJyxcbiAgICAgICAgICBzZWN1cml0eTogW10sXG4gICAgICAgICAgcmVxdWVzdEJvZHk6IHsgcmVxdWlyZWQ6IHRydWUsIGNvbnRlbnQ6IGpzb24ocmVmKCdMb2dJbicpKSB9LFxuICAgICAgICAgIHJlc3BvbnNlczoge1xuICAgICAgICAgICAgMjAxOiB7IGRlc2NyaXB0aW9uOiAnTG9nZ2VkIGluJywgY29udGVudDoganNvbihyZWYoJ1Nlc3Npb24nKSkgfSxcbiAgICAgICAgICAgIDQwMTogcmVmdXNhbCgnV3JvbmcgdXNlciBvciBwYXNzd29yZCcpLFxuICAgICAgICAgICAgNDIyOiByZWZ1c2FsKCdBIGZpZWxkIGlzIGF0IGZhdWx0JyksXG4gICAgICAgICAgfSxcbiAgICAgICAgfSxcbiAgICAgIH0sXG4gICAgICAnL3Nlc3Npb25zL2N1cnJlbnQnOiB7XG4gICAgICAgIGRlbGV0ZToge1xuICAgICAgICAgIG9wZXJhdGlvbklkOiAnbG9nT3V0JyxcbiAgICAgICAgICB0YWdzOiBbJ2Rlc2snXSxcbiAgICAgICAgICBzdW1tYXJ5OiAnTG9nIG91dCcsXG4gICAgICAgICAgZGVzY3JpcHRpb246ICdUaGUgdG9rZW4gaXMgZ29vZCBmb3Igbm90aGluZyBhZnRlcndhcmRzLicsXG4gICAgICAgICAgcmVzcG9uc2VzOiB7IDIwNDogeyBkZXNjcmlwdGlvbjogJ0xvZ2dlZCBvdXQnIH0sIC4uLnVzdWFsIH0sXG4gICAgICAgIH0sXG4gICAgICB9LFxuICAgICAgJy92ZXNzZWxzJzoge1xuICAgICAgICBnZXQ6IHtcbiAgICAgICAgICBvcGVyYXRpb25JZDogJ2xpc3RWZXNzZWxzJyxcbiAgICAgICAgICB0YWdzOiBbJ3Zlc3NlbHMnXSxcbiAgICAgICAgICBzdW1tYXJ5OiAnTGlzdCB0aGUgdmVzc2VscyBpbiB0aGUgcmVnaXN0ZXInLFxuICAgICAgICAgIHBhcmFtZXRlcnM6IFtcbiAgICAgICAgICAgIHF1ZXJ5KCduYW1lJywgJ0EgcGFydCBvZiB0aGUgbmFtZSwgaW4gYW55IGNhc2UnLCB7IHR5cGU6ICdzdHJpbmcnLCBtaW5MZW5ndGg6IDIgfSksXG4gICAgICAgICAgICBxdWVyeSgna2luZCcsICdPbmx5IHRoaXMga2luZCcsIHsgdHlwZTogJ3N0cmluZycsIGVudW06IFsuLi52ZXNzZWxLaW5kc10gfSksXG4gICAgICAgICAgICBxdWVyeSgnZmxhZycsICdPbmx5IHRoaXMgZmxhZycsIHsgdHlwZTogJ3N0cmluZycsIGVudW06IFsuLi5mbGFnc10gfSksXG4gICAgICAgICAgICBsaW1pdCxcbiAgICAgICAgICAgIG9mZnNldCxcbiAgICAgICAgICBdLFxuICAgICAgICAgIHJlc3BvbnNlczoge1xuICAgICAgICAgICAgMjAwOiB7IGRlc2NyaXB0aW9uOiAnVmVzc2VscyBieSBuYW1lJywgY29udGVudDoganNvbihsaXN0KCdWZXNzZWwnKSkgfSxcbiAgICAgICAgICAgIDQwMDogcmVmdXNhbCgnQSBwYXJhbWV0ZXIgaXMgYXQgZmF1bHQnKSxcbiAgICAgICAgICAgIC4uLnVzdWFsLFxuICAgICAgICAgIH0sXG4gICAgICAgIH0sXG4gICAgICB9LFxuICAgICAgJy9yZWdpc3Rlcic6IHtcbiAgICAgICAgZ2V0OiB7XG4gICAgICAgICAgb3BlcmF0aW9uSWQ6ICdzZWFyY2hSZWdpc3RlcicsXG4gICAgICAgICAgdGFnczogWyd2ZXNzZWxzJ10sXG4gICAgICAgICAgc3VtbWFyeTogJ1NlYXJjaCB0aGUgcmVnaXN0ZXIgb2YgdmVzc2VscyBieSBjbGF1c2VzJyxcbiAgICAgICAgICBkZXNjcmlwdGlvbjogJ1doaWNoIGZpZWxkcyBhbmQgb3BlcmF0b3JzIHRoZSBjbGF1c2VzIHRha2UgaXMgdG9sZCBieSAvcmVnaXN0ZXIvdGVybXMuJyxcbiAgICAgICAgICBwYXJhbWV0ZXJzOiBbXG4gICAgICAgICAgICBxdWVyeShcbiAgICAgICAgICAgICAgJ3doZXJlJyxcbiAgICAgICAgICAgICAgXCJDbGF1c2VzIGpvaW5lZCBieSBhbmQsIHRleHRzIGluIHNpbmdsZSBxdW90ZXM6IGZsYWcgaXMgJ01lcnJvdyBJc2xlcycgYW5kIGxlbmd0aE0gYWJvdmUgODBcIixcbiAgICAgICAgICAgICAgeyB0eXBlOiAnc3RyaW5nJywgbWluTGVuZ3RoOiAxIH0sXG4gICAgICAgICAgICAgIHRydWUsXG4gICAgICAgICAgICApLFxuICAgICAgICAgIF0sXG4gICAgICAgICAgcmVzcG9uc2VzOiB7XG4gICAgICAgICAgICAyMDA6IHsgZGVzY3JpcHRpb246ICdWZXNzZWxzIHRoYXQgZml0JywgY29udGVudDoganNvbihsaXN0KCdWZXNzZWwnKSkgfSxcbiAgICAgICAgICAgIDQwMDogcmVmdXNhbCgnVGhlIGNsYXVzZXMgY2Fubm90IGJlIHJlYWQnKSxcbiAgICAgICAgICAgIC4uLnVzdWFsLFxuICAgICAgICAgIH0sXG4gICAgICAgIH0sXG4gICAgICB9LFxuICAgICAgJy9yZWdpc3Rlci90ZXJtcyc6IHtcbiAgICAgICAgZ2V0OiB7XG4gICAgICAgICAgb3BlcmF0aW9uSWQ6ICdsaXN0U2VhcmNoVGVybXMnLFxuICAgICAgICAgIHRhZ3M6IFsndmVzc2VscyddLFxuICAgICAgICAgIHN1bW1hcnk6ICdMaXN0IHRoZSBmaWVsZHMgYW5kIG9wZXJhdG9ycyBvZiB0aGUgc2VhcmNoJyxcbiAgICAgICAgICByZXNwb25zZXM6IHtcbiAgICAgICAgICAgIDIwMDogeyBkZXNjcmlwdGlvbjogJ1doYXQgY2xhdXNlcyBtYXkgbmFtZScsIGNvbnRlbnQ6IGpzb24ocmVmKCdTZWFyY2hUZXJtcycpKSB9LFxuICAgICAgICAgICAgLi4udXN1YWwsXG4gICAgICAgICAgfSxcbiAgICAgICAgfSxcbiAgICAgIH0sXG4gICAgICAnL3Zlc3NlbHMve2ltb30nOiB7XG4gICAgICAgIHBhcmFtZXRlcnM6IFtwYXRoKCdpbW8nLCBwYXJ0cy5pbW8pXSxcbiAgICAgICAgZ2V0OiB7XG4gICAgICAgICAgb3BlcmF0aW9uSWQ6ICdzaG93VmVzc2VsJyxcbiAgICAgICAgICB0YWdzOiBbJ3Zlc3NlbHMnXSxcbiAgICAgICAgICBzdW1tYXJ5OiAnU2hvdyBhIHZlc3NlbCcsXG4gICAgICAgICAgcmVzcG9uc2VzOiB7XG4gICAgICAgICAgICAyMDA6IHsgZGVzY3JpcHRpb246ICdUaGUgdmVzc2VsJywgY29udGVudDoganNvbihyZWYoJ1Zlc3NlbCcpKSB9LFxuICAgICAgICAgICAgNDA0OiByZWZ1c2FsKCdObyBzdWNoIHZlc3NlbCcpLFxuICAgICAgICAgICAgLi4udXN1YWwsXG4gICAgICAgICAgfSxcbiAgICAgICAgfSxcbiAgICAgIH0sXG4gICAgICAnL3Zlc3NlbHMve2ltb30vY2FsbHMnOiB7XG4gICAgICAgIHBhcmFtZXRlcnM6IFtwYXRoKCdpbW8nLCBwYXJ0cy5pbW8pXSxcbiAgICAgICAgcG9zdDoge1xuICAgICAgICAgIG9wZXJhdGlvbklkOiAnYm9va0NhbGwnLFxuICAgICAgICAgIHRhZ3M6IFsnY2FsbHMnXSxcbiAgICAgICAgICBzdW1tYXJ5OiAnQm9vayBhIHBvcnQgY2FsbCBmb3IgYSB2ZXNzZWwnLFxuICAgICAgICAgIGRlc2NyaXB0aW9uOiAnVGhlIGJlcnRoIG11c3QgYmUgZnJlZSBhbmQgbGFyZ2UgZW5vdWdoLiBUaGUgaGFyYm91ciBvZmZpY2UgY29uZmlybXMgdGhlIGNhbGwgYSBtb21lbnQgbGF0ZXIuJyxcbiAgICAgICAgICByZXF1ZXN0Qm9keTogeyByZXF1aXJlZDogdHJ1ZSwgY29udGVudDoganNvbihyZWYoJ05ld1BvcnRDYWxsJykpIH0sXG4gICAgICAgICAgcmVzcG9uc2VzOiB7XG4gICAgICAgICAgICAyMDE6IHtcbiAgICAgICAgICAgICAgZGVzY3JpcHRpb246ICdCb29rZWQnLFxuICAgICAgICAgICAgICBoZWFkZXJzOiB7IExvY2F0aW9uOiB7IGRlc2NyaXB0aW9uOiAnVGhlIGFkZHJlc3Mgb2YgdGhlIHBvcnQgY2FsbCcsIHNjaGVtYTogeyB0eXBlOiAnc3RyaW5nJyB9IH0gfSxcbiAgICAgICAgICAgICAgY29udGVudDoganNvbihyZWYoJ1BvcnRDYWxsJykpLFxuICAgICAgICAgICAgfSxcbiAgICAgICAgICAgIDQwNDogcmVmdXNhbCgnTm8gc3VjaCB2ZXNzZWwnKSxcbiAgICAgICAgICAgIDQwOTogcmVmdXNhbCgnVGhlIGJlcnRoIGlzIHRha2VuJyksXG4gICAgICAgICAgICA0MjI6IHJlZnVzYWwoJ0EgZmllbGQgaXMgYXQgZmF1bHQnKSxcbiAgICAgICAgICAgIC4uLnVzdWFsLFxuICAgICAgICAgIH0sXG4gICAgICAgIH0sXG4gICAgICB9LFxuICAgICAgJy9iZXJ0aHMnOiB7XG4gICAgICAgIGdldDoge1xuICAgICAgICAgIG9wZXJhdGlvbklkOiAnbGlzdEJlcnRocycsXG4gICAgICAgICAgdGFnczogWydiZXJ0aHMnXSxcbiAgICAgICAgICBzdW1tYXJ5OiAnTGlzdCB0aGUgYmVydGhzJyxcbiAgICAgICAgICBwYXJhbWV0ZXJzOiBbXG4gICAgICAgICAgICBxdWVyeSgnZnJlZScsICdPbmx5IGJlcnRocyB0aGF0IGFyZSBmcmVlLCBvciBvbmx5IHRob3NlIHRoYXQgYXJlIG5vdCcsIHsgdHlwZTogJ2Jvb2xlYW4nIH0pLFxuICAgICAgICAgICAgcXVlcnkoJ2xlbmd0aCcsICdPbmx5IGJlcnRocyB0aGF0IHRha2UgYSB2ZXNzZWwgb2Ygc28gbWFueSBtZXRyZXMnLCB7IHR5cGU6ICdudW1iZXInLCBtaW5pbXVtOiAwIH0pLFxuICAgICAgICAgICAgcXVlcnkoJ3F1YXknLCAnT25seSB0aGVzZSBxdWF5cycsIHsgdHlwZTogJ2FycmF5JywgaXRlbXM6IHsgdHlwZTogJ3N0cmluZycsIGVudW06IFsuLi5xdWF5c10gfSB9KSxcbiAgICAgICAgICBdLFxuICAgICAgICAgIHJlc3BvbnNlczoge1xuICAgICAgICAgICAgMjAwOiB7IGRlc2NyaXB0aW9uOiAnQmVydGhzIGJ5IGNvZGUnLCBjb250ZW50OiBqc29uKGxpc3QoJ0JlcnRoJykpIH0sXG4gICAgICAgICAgICA0MDA6IHJlZnVzYWwoJ0EgcGFyYW1ldGVyIGlzIGF0IGZhdWx0JyksXG4gICAgICAgICAgICAuLi51c3VhbCxcbiAgICAgICAgICB9LFxuICAgICAgICB9LFxuICAgICAgfSxcbiAgICAgICcvYmVydGhzL3tjb2RlfSc6IHtcbiAgICAgICAgcGFyYW1ldGVyczogW3BhdGgoJ2NvZGUnLCBwYXJ0cy5iZXJ0aENvZGUpXSxcbiAgICAgICAgZ2V0OiB7XG4gICAgICAgICAgb3BlcmF0aW9uSWQ6ICdzaG93QmVydGgnLFxuICAgICAgICAgIHRhZ3M6IFsnYmVydGhzJ10sXG4gICAgICAgICAgc3VtbWFyeTogJ1Nob3cgYSBiZXJ0aCcsXG4gICAgICAgICAgcmVzcG9uc2VzOiB7XG4gICAgICAgICAgICAyMDA6IHsgZGVzY3JpcHRpb246ICdUaGUgYmVydGgnLCBjb250ZW50OiBqc29uKHJlZignQmVydGgnKSkgfSxcbiAgICAgICAgICAgIDQwNDogcmVmdXNhbCgnTm8gc3VjaCBiZXJ0aCcpLFxuICAgICAgICAgICAgLi4udXN1YWwsXG4gICAgICAgICAgfSxcbiAgICAgICAgfSxcbiAgICAgIH0sXG4gICAgICAnL2NhbGxzJzoge1xuICAgICAgICBnZXQ6IHtcbiAgICAgICAgICBvcGVyYXRpb25JZDogJ2xpc3RDYWxscycsXG4gICAgICAgICAgdGFnczogWydjYWxscyddLFxuICAgICAgICAgIHN1bW1hcnk6ICdMaXN0IHRoZSBwb3J0IGNhbGxzJyxcbiAgICAgICAgICBwYXJhbWV0ZXJzOiBbXG4gICAgICAgICAgICBxdWVyeSgnaW1vJywgJ09ubHkgY2FsbHMgb2YgdGhpcyB2ZXNzZWwnLCBwYXJ0cy5pbW8pLFxuICAgICAgICAgICAgcXVlcnkoJ2JlcnRoJywgJ09ubHkgY2FsbHMgYXQgdGhpcyBiZXJ0aCcsIHBhcnRzLmJlcnRoQ29kZSksXG4gICAgICAgICAgICBxdWVyeSgnc3RhdGUnLCAnT25seSBjYWxscyBpbiB0aGlzIHN0YXRlJywgeyB0eXBlOiAnc3RyaW5nJywgZW51bTogWydyZXF1ZXN0ZWQnLCAnY29uZmlybWVkJ10gfSksXG4gICAgICAgICAgICBsaW1pdCxcbiAgICAgICAgICAgIG9mZnNldCxcbiAgICAgICAgICBdLFxuICAgICAgICAgIHJlc3BvbnNlczoge1xuICAgICAgICAgICAgMjAwOiB7IGRlc2NyaXB0aW9uOiAnUG9ydCBjYWxscywgdGhlIG9sZGVzdCBmaXJzdCcsIGNvbnRlbnQ6IGpzb24obGlzdCgnUG9ydENhbGwnKSkgfSxcbiAgICAgICAgICAgIDQwMDogcmVmdXNhbCgnQSBwYXJhbWV0ZXIgaXMgYXQgZmF1bHQnKSxcbiAgICAgICAgICAgIC4uLnVzdWFsLFxuICAgICAgICAgIH0sXG4gICAgICAgIH0sXG4gICAgICB9LFxuICAgICAgJy9jYWxscy97aWR9Jzoge1xuICAgICAgICBwYXJhbWV0ZXJzOiBbcGF0aCgnaWQnLCBwYXJ0cy5pZCldLFxuICAgICAgICBnZXQ6IHtcbiAgICAgICAgICBvcGVyYXRpb25JZDogJ3Nob3dDYWxsJyxcbiAgICAgICAgICB0YWdzOiBbJ2NhbGxzJ10sXG4gICAgICAgICAgc3VtbWFyeTogJ1Nob3cgYSBwb3J0IGNhbGwnLFxuICAgICAgICAgIHJlc3BvbnNlczoge1xuICAgICAgICAgICAgMjAwOiB7IGRlc2NyaXB0aW9uOiAnVGhlIHBvcnQgY2FsbCcsIGNvbnRlbnQ6IGpzb24ocmVmKCdQb3J0Q2FsbCcpKSB9LFxuICAgICAgICAgICAgNDA0OiByZWZ1c2FsKCdObyBzdWNoIHBvcnQgY2FsbCcpLFxuICAgICAgICAgICAgLi4udXN1YWwsXG4gICAgICAgICAgfSxcbiAgICAgICAgfSxcbiAgICAgICAgcHV0OiB7XG4gICAgICAgICAgb3BlcmF0aW9uSWQ6ICdyZXBsYWNlQ2FsbCcsXG4gICAgICAgICAgdGFnczogWydjYWxscyddLFxuICAgICAgICAgIHN1bW1hcnk6ICdSZXBsYWNlIGEgcG9ydCBjYWxsJyxcbiAgICAgICAgICByZXF1ZXN0Qm9keTogeyByZXF1aXJlZDogdHJ1ZSwgY29udGVudDoganNvbihyZWYoJ1BvcnRDYWxsUmVwbGFjZW1lbnQnKSkgfSxcbiAgICAgICAgICByZXNwb25zZXM6IHtcbiAgICAgICAgICAgIDIwMDogeyBkZXNjcmlwdGlvbjogJ1JlcGxhY2VkJywgY29udGVudDoganNvbihyZWYoJ1BvcnRDYWxsJykpIH0sXG4gICAgICAgICAgICA0MDQ6IHJlZnVzYWwoJ05vIHN1Y2ggcG9ydCBjYWxsJyksXG4gICAgICAgICAgICA0MDk6IHJlZnVzYWwoJ1RoZSBiZXJ0aCBpcyB0YWtlbicpLFxuICAgICAgICAgICAgNDIyOiByZWZ1c2FsKCdBIGZpZWxkIGlzIGF0IGZhdWx0JyksXG4gICAgICAgICAgICAuLi51c3VhbCxcbiAgICAgICAgICB9LFxuICAgICAgICB9LFxuICAgICAgICBwYXRjaDoge1xuICAgICAgICAgIG9wZXJhdGlvbklkOiAnYW1lbmRDYWxsJyxcbiAgICAgICAgICB0YWdzOiBbJ2NhbGxzJ10sXG4gICAgICAgICAgc3VtbWFyeTogJ0FtZW5kIGEgcG9ydCBjYWxsIGluIHBhcnQnLFxuICAgICAgICAgIHJlcXVlc3RCb2R5OiB7IHJlcXVpcmVkOiB0cnVlLCBjb250ZW50OiBqc29uKHJlZignUG9ydENhbGxBbWVuZG1lbnQnKSkgfSxcbiAgICAgICAgICByZXNwb25zZXM6IHtcbiAgICAgICAgICAgIDIwMDogeyBkZXNjcmlwdGlvbjogJ0FtZW5kZWQnLCBjb250ZW50OiBqc29uKHJlZignUG9ydENhbGwnKSkgfSxcbiAgICAgICAgICAgIDQwNDogcmVmdXNhbCgnTm8gc3VjaCBwb3J0IGNhbGwnKSxcbiAgICAgICAgICAgIDQwOTogcmVmdXNhbCgnVGhlIGJlcnRoIGlzIHRha2VuJyksXG4gICAgICAgICAgICA0MjI6IHJlZnVzYWwoJ0EgZmllbGQgaXMgYXQgZmF1bHQnKSxcbiAgICAgICAgICAgIC4uLnVzdWFsLFxuICAgICAgICAgIH0sXG4gICAgICAgIH0sXG4gICAgICAgIGRlbGV0ZToge1xuICAgICAgICAgIG9wZXJhdGlvbklkOiAnY2FuY2VsQ2FsbCcsXG4gICAgICAgICAgdGFnczogWydjYWxscyddLFxuICAgICAgICAgIHN1bW1hcnk6ICdDYW5jZWwgYSBwb3J0IGNhbGwnLFxuICAgICAgICAgIGRlc2NyaXB0aW9uOiAnVGhlIGJlcnRoIGlzIGZyZWUgYWdhaW4sIGFuZCB0aGUgY2FsbCBpcyBnb25lLicsXG4gICAgICAgICAgcmVzcG9uc2VzOiB7IDIwNDogeyBkZXNjcmlwdGlvbjogJ0NhbmNlbGxlZCcgfSwgNDA0OiByZWZ1c2FsKCdObyBzdWNoIHBvcnQgY2FsbCcpLCAuLi51c3VhbCB9LFxuICAgICAgICB9LFxuICAgICAgfSxcbiAgICB9LFxuICAgIGNvbXBvbmVudHM6IHtcbiAgICAgIHNjaGVtYXMsXG4gICAgICBzZWN1cml0eVNjaGVtZXM6IHsgZGVza1Rva2VuOiB7IHR5cGU6ICdodHRwJywgc2NoZW1lOiAnYmVhcmVyJywgZGVzY3JpcHRpb246ICdUaGUgdG9rZW4gb2YgdGhlIGxvZy1pbicgfSB9LFxuICAgIH0sXG4gIH07XG59XG4iXSwKICAibWFwcGluZ3MiOiAiO0FBQ0EsU0FBUyxtQkFBbUI7OztBQ1FyQixTQUFTLE9BQU8sTUFBc0I7QUFDM0MsTUFBSSxRQUFRLFNBQVM7QUFDckIsUUFBTSxPQUFPLE1BQWM7QUFDekIsWUFBUyxLQUFLLEtBQUssT0FBTyxPQUFPLElBQUksZUFBZ0I7QUFDckQsV0FBTyxRQUFRLEtBQUs7QUFBQSxFQUN0QjtBQUNBLFFBQU0sUUFBUSxDQUFDLE9BQWUsU0FBeUIsUUFBUSxLQUFLLE1BQU0sS0FBSyxLQUFLLE9BQU8sUUFBUSxFQUFFO0FBQ3JHLFNBQU8sRUFBRSxPQUFPLE1BQU0sQ0FBQ0EsVUFBU0EsTUFBSyxNQUFNLEdBQUdBLE1BQUssU0FBUyxDQUFDLENBQUMsRUFBMkI7QUFDM0Y7OztBRCtCTyxJQUFNLFFBQVEsQ0FBQyxhQUFhLGdCQUFnQixTQUFTO0FBQ3JELElBQU0sY0FBYyxDQUFDLFdBQVcsZ0JBQWdCLFVBQVUsT0FBTztBQUNqRSxJQUFNLFFBQVEsQ0FBQyxTQUFTLFNBQVMsTUFBTTtBQUN2QyxJQUFNLFVBQVUsQ0FBQyxTQUFTLFVBQVUsT0FBTztBQUVsRCxJQUFNLGtCQUFrQjtBQUNqQixJQUFNLGNBQWM7QUFFM0IsSUFBTSxRQUFRO0FBQUEsRUFDWjtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRjtBQUVPLFNBQVMsYUFBYSxNQUFjLE1BQWtCLE1BQU0sb0JBQUksS0FBSyxHQUFpQjtBQUMzRixRQUFNLE9BQU8sT0FBTyxJQUFJO0FBQ3hCLFFBQU0sVUFBVSxvQkFBSSxJQUFvQjtBQUN4QyxhQUFXLENBQUMsT0FBTyxJQUFJLEtBQUssTUFBTSxRQUFRLEdBQUc7QUFDM0MsVUFBTSxVQUFVLEtBQUssTUFBTSxJQUFJLEdBQUc7QUFDbEMsVUFBTUMsT0FBTSxPQUFPLFVBQVUsUUFBUSxDQUFDO0FBQ3RDLFlBQVEsSUFBSUEsTUFBSztBQUFBLE1BQ2YsS0FBQUE7QUFBQSxNQUNBO0FBQUEsTUFDQSxNQUFNLEtBQUssS0FBSyxLQUFLO0FBQUEsTUFDckIsTUFBTSxLQUFLLEtBQUssV0FBVztBQUFBLE1BQzNCO0FBQUEsTUFDQSxRQUFRLEtBQUssTUFBTSxVQUFVLENBQUMsSUFBSTtBQUFBLElBQ3BDLENBQUM7QUFBQSxFQUNIO0FBRUEsVUFBUSxJQUFJLFdBQVc7QUFBQSxJQUNyQixLQUFLO0FBQUEsSUFDTCxNQUFNO0FBQUEsSUFDTixNQUFNO0FBQUEsSUFDTixNQUFNO0FBQUEsSUFDTixTQUFTO0FBQUEsSUFDVCxRQUFRO0FBQUEsRUFDVixDQUFDO0FBQ0QsUUFBTSxTQUFTLG9CQUFJLElBQW1CO0FBQ3RDLGFBQVcsUUFBUSxPQUFPO0FBQ3hCLGFBQVMsU0FBUyxHQUFHLFVBQVUsR0FBRyxVQUFVLEdBQUc7QUFDN0MsWUFBTSxPQUFPLEdBQUcsS0FBSyxDQUFDLEdBQUcsWUFBWSxDQUFDLEdBQUcsTUFBTTtBQUMvQyxhQUFPLElBQUksTUFBTSxFQUFFLE1BQU0sTUFBTSxTQUFTLEtBQUssTUFBTSxHQUFHLEVBQUUsSUFBSSxJQUFJLFFBQVEsS0FBSyxNQUFNLElBQUksR0FBRyxJQUFJLEdBQUcsQ0FBQztBQUFBLElBQ3BHO0FBQUEsRUFDRjtBQUNBLFNBQU8sSUFBSSxNQUFNLEVBQUUsTUFBTSxNQUFNLE1BQU0sU0FBUyxTQUFTLEtBQUssUUFBUSxJQUFJLENBQUM7QUFDekUsTUFBSSxRQUFRO0FBQ1osUUFBTSxRQUFzQjtBQUFBLElBQzFCO0FBQUEsSUFDQTtBQUFBLElBQ0EsT0FBTyxvQkFBSSxJQUFJO0FBQUEsSUFDZixVQUFVLG9CQUFJLElBQUk7QUFBQSxJQUNsQixZQUFZLE1BQU07QUFDaEIsZUFBUztBQUNULGFBQU8sTUFBTSxPQUFPLEtBQUssRUFBRSxTQUFTLEdBQUcsR0FBRyxDQUFDO0FBQUEsSUFDN0M7QUFBQSxJQUNBLFVBQVUsTUFBTSxNQUFNLFlBQVksRUFBRSxFQUFFLFNBQVMsV0FBVyxDQUFDO0FBQUEsSUFDM0Q7QUFBQSxFQUNGO0FBRUEsYUFBVyxDQUFDQSxNQUFLLEtBQUssS0FBSztBQUFBLElBQ3pCLENBQUMsV0FBVyxJQUFJO0FBQUEsSUFDaEIsQ0FBQyxXQUFXLElBQUk7QUFBQSxFQUNsQixHQUFZO0FBQ1YsVUFBTUMsTUFBSyxNQUFNLFdBQVc7QUFDNUIsVUFBTSxNQUFNLElBQUksS0FBSyxJQUFJLEVBQUUsUUFBUSxJQUFJLEtBQVUsRUFBRSxZQUFZO0FBQy9ELFVBQU0sTUFBTSxJQUFJQSxLQUFJO0FBQUEsTUFDbEIsSUFBQUE7QUFBQSxNQUNBLEtBQUFEO0FBQUEsTUFDQTtBQUFBLE1BQ0EsUUFBUTtBQUFBLE1BQ1IsT0FBTztBQUFBLE1BQ1AsT0FBTztBQUFBLE1BQ1AsU0FBUztBQUFBLE1BQ1QsUUFBUSxDQUFDLE9BQU87QUFBQSxNQUNoQixTQUFTO0FBQUEsTUFDVCxTQUFTO0FBQUEsTUFDVCxTQUFTO0FBQUEsSUFDWCxDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU87QUFDVDtBQUdPLFNBQVMsVUFBVSxNQUFnQixFQUFFLFNBQVMsSUFBSSxHQUF5QjtBQUNoRixRQUFNLEVBQUUsVUFBVSxFQUFFLElBQUksUUFBUSxJQUFJLEtBQUssR0FBRyxLQUFLLENBQUM7QUFDbEQsUUFBTSxNQUFNLElBQUksRUFBRSxRQUFRLElBQUksS0FBSyxNQUFNLEtBQUssT0FBTztBQUNyRCxTQUFPO0FBQUEsSUFDTCxJQUFJLEtBQUs7QUFBQSxJQUNULEtBQUssS0FBSztBQUFBLElBQ1YsT0FBTyxNQUFNLGtCQUFrQixjQUFjO0FBQUEsSUFDN0MsT0FBTyxLQUFLO0FBQUEsSUFDWixRQUFRLEtBQUs7QUFBQSxJQUNiLE9BQU8sS0FBSztBQUFBLElBQ1osT0FBTyxLQUFLO0FBQUEsSUFDWixTQUFTLEtBQUs7QUFBQSxJQUNkLFFBQVEsS0FBSztBQUFBLElBQ2IsU0FBUyxLQUFLO0FBQUEsSUFDZCxNQUFNO0FBQUEsTUFDSixFQUFFLE1BQU0sZUFBZSxRQUFRLFVBQVUsS0FBSztBQUFBLE1BQzlDLEVBQUUsTUFBTSxXQUFXLFFBQVEsR0FBRztBQUFBLElBQ2hDO0FBQUEsSUFDQSxTQUFTLEtBQUs7QUFBQSxJQUNkLFNBQVMsS0FBSztBQUFBLEVBQ2hCO0FBQ0Y7QUFFTyxTQUFTLFdBQVcsTUFBYyxFQUFFLE1BQU0sR0FBaUIsU0FBMkI7QUFDM0YsU0FBTyxDQUFDLEdBQUcsTUFBTSxPQUFPLENBQUMsRUFBRSxLQUFLLENBQUMsRUFBRSxPQUFPLElBQUFDLElBQUcsTUFBTSxVQUFVLFFBQVFBLFFBQU8sT0FBTztBQUNyRjs7O0FFcktBLElBQU0sS0FBSztBQUFBLEVBQ1QsTUFBTTtBQUFBLEVBQ04sU0FBUztBQUFBLEVBQ1QsYUFBYTtBQUFBLEVBQ2IsVUFBVSxDQUFDLFNBQVM7QUFDdEI7QUFDQSxJQUFNLE1BQU07QUFBQSxFQUNWLE1BQU07QUFBQSxFQUNOLFNBQVM7QUFBQSxFQUNULGFBQWE7QUFBQSxFQUNiLFVBQVUsQ0FBQyxTQUFTO0FBQ3RCO0FBQ0EsSUFBTSxZQUFZLEVBQUUsTUFBTSxVQUFVLFNBQVMsZ0JBQWdCLGFBQWEscUJBQXFCLFVBQVUsQ0FBQyxJQUFJLEVBQUU7QUFFaEgsSUFBTSxPQUFPO0FBQUEsRUFDWCxPQUFPO0FBQUEsRUFDUCxRQUFRLEVBQUUsTUFBTSxXQUFXLFNBQVMsR0FBRyxTQUFTLElBQUksYUFBYSx1QkFBdUIsVUFBVSxDQUFDLENBQUMsRUFBRTtBQUFBLEVBQ3RHLE9BQU8sRUFBRSxNQUFNLFVBQVUsTUFBTSxDQUFDLEdBQUcsT0FBTyxHQUFHLFNBQVMsU0FBUyxhQUFhLG1CQUFtQjtBQUFBLEVBQy9GLE9BQU8sRUFBRSxNQUFNLFdBQVcsU0FBUyxPQUFPLGFBQWEsNEJBQTRCO0FBQUEsRUFDbkYsU0FBUztBQUFBLElBQ1AsTUFBTTtBQUFBLElBQ04sUUFBUTtBQUFBLElBQ1IsYUFBYTtBQUFBLElBQ2IsVUFBVSxDQUFDLHNCQUFzQjtBQUFBLEVBQ25DO0FBQUEsRUFDQSxRQUFRO0FBQUEsSUFDTixNQUFNO0FBQUEsSUFDTixPQUFPLEVBQUUsTUFBTSxVQUFVLE1BQU0sQ0FBQyxTQUFTLFNBQVMsU0FBUyxFQUFFO0FBQUEsSUFDN0QsVUFBVTtBQUFBLElBQ1YsYUFBYTtBQUFBLElBQ2IsU0FBUyxDQUFDLE9BQU87QUFBQSxJQUNqQixhQUFhO0FBQUEsRUFDZjtBQUFBLEVBQ0EsU0FBUyxFQUFFLE1BQU0sVUFBVSxXQUFXLEtBQUssU0FBUyxJQUFJLGFBQWEsK0JBQStCO0FBQ3RHO0FBR0EsU0FBUyxnQkFBZ0IsWUFBc0U7QUFDN0YsU0FBTyxPQUFPO0FBQUEsSUFDWixPQUFPLFFBQVEsVUFBVSxFQUFFLElBQUksQ0FBQyxDQUFDLE1BQU0sTUFBTSxNQUFNO0FBQUEsTUFDakQ7QUFBQSxNQUNBLE9BQU8sWUFBWSxPQUFPLFFBQVEsTUFBTSxFQUFFLE9BQU8sQ0FBQyxDQUFDLEdBQUcsTUFBTSxRQUFRLFNBQVMsQ0FBQztBQUFBLElBQ2hGLENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFFTyxJQUFNLFVBQVU7QUFBQSxFQUNyQixhQUFhO0FBQUEsSUFDWCxNQUFNO0FBQUEsSUFDTixhQUFhO0FBQUEsSUFDYixVQUFVLENBQUMsVUFBVSxXQUFXO0FBQUEsSUFDaEMsWUFBWTtBQUFBLE1BQ1YsUUFBUTtBQUFBLFFBQ04sTUFBTTtBQUFBLFFBQ04sT0FBTyxFQUFFLE1BQU0sVUFBVSxVQUFVLENBQUMsTUFBTSxHQUFHLFlBQVksRUFBRSxNQUFNLEVBQUUsTUFBTSxTQUFTLEVBQUUsRUFBRTtBQUFBLE1BQ3hGO0FBQUEsTUFDQSxXQUFXO0FBQUEsUUFDVCxNQUFNO0FBQUEsUUFDTixPQUFPO0FBQUEsVUFDTCxNQUFNO0FBQUEsVUFDTixVQUFVLENBQUMsUUFBUSxPQUFPO0FBQUEsVUFDMUIsWUFBWSxFQUFFLE1BQU0sRUFBRSxNQUFNLFNBQVMsR0FBRyxPQUFPLEVBQUUsTUFBTSxTQUFTLEVBQUU7QUFBQSxRQUNwRTtBQUFBLE1BQ0Y7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUFBLEVBQ0EsUUFBUTtBQUFBLElBQ04sTUFBTTtBQUFBLElBQ04sYUFBYTtBQUFBLElBQ2IsVUFBVSxDQUFDLE9BQU8sUUFBUSxRQUFRLFFBQVEsV0FBVyxRQUFRO0FBQUEsSUFDN0QsWUFBWTtBQUFBLE1BQ1Y7QUFBQSxNQUNBLE1BQU0sRUFBRSxNQUFNLFVBQVUsYUFBYSxzQkFBc0IsVUFBVSxDQUFDLFlBQVksRUFBRTtBQUFBLE1BQ3BGLE1BQU0sRUFBRSxNQUFNLFVBQVUsTUFBTSxDQUFDLEdBQUcsS0FBSyxHQUFHLGFBQWEseUJBQXlCO0FBQUEsTUFDaEYsTUFBTSxFQUFFLE1BQU0sVUFBVSxNQUFNLENBQUMsR0FBRyxXQUFXLEdBQUcsYUFBYSxpQkFBaUI7QUFBQSxNQUM5RSxTQUFTLEVBQUUsTUFBTSxVQUFVLGtCQUFrQixHQUFHLGFBQWEsb0JBQW9CLFVBQVUsQ0FBQyxFQUFFLEVBQUU7QUFBQSxNQUNoRyxRQUFRLEVBQUUsTUFBTSxVQUFVLGtCQUFrQixHQUFHLGFBQWEsbUJBQW1CLFVBQVUsQ0FBQyxHQUFHLEVBQUU7QUFBQSxJQUNqRztBQUFBLEVBQ0Y7QUFBQSxFQUNBLE9BQU87QUFBQSxJQUNMLE1BQU07QUFBQSxJQUNOLGFBQWE7QUFBQSxJQUNiLFVBQVUsQ0FBQyxRQUFRLFFBQVEsV0FBVyxVQUFVLE1BQU07QUFBQSxJQUN0RCxZQUFZO0FBQUEsTUFDVixNQUFNO0FBQUEsTUFDTixNQUFNLEVBQUUsTUFBTSxVQUFVLE1BQU0sQ0FBQyxHQUFHLEtBQUssR0FBRyxhQUFhLG9CQUFvQjtBQUFBLE1BQzNFLFNBQVMsRUFBRSxNQUFNLFVBQVUsYUFBYSx1Q0FBdUMsVUFBVSxDQUFDLEdBQUcsRUFBRTtBQUFBLE1BQy9GLFFBQVEsRUFBRSxNQUFNLFVBQVUsYUFBYSx1Q0FBdUMsVUFBVSxDQUFDLEdBQUcsRUFBRTtBQUFBLE1BQzlGLE1BQU0sRUFBRSxNQUFNLFdBQVcsVUFBVSxNQUFNLGFBQWEsOEJBQThCO0FBQUEsSUFDdEY7QUFBQSxFQUNGO0FBQUEsRUFDQSxLQUFLO0FBQUEsSUFDSCxNQUFNO0FBQUEsSUFDTixVQUFVLENBQUMsUUFBUSxRQUFRO0FBQUEsSUFDM0IsWUFBWTtBQUFBLE1BQ1YsTUFBTSxFQUFFLE1BQU0sVUFBVSxhQUFhLG9CQUFvQixVQUFVLENBQUMsU0FBUyxFQUFFO0FBQUEsTUFDL0UsUUFBUSxFQUFFLE1BQU0sVUFBVSxTQUFTLEdBQUcsYUFBYSxvQkFBb0IsVUFBVSxDQUFDLEVBQUUsRUFBRTtBQUFBLElBQ3hGO0FBQUEsRUFDRjtBQUFBLEVBQ0EsVUFBVTtBQUFBLElBQ1IsTUFBTTtBQUFBLElBQ04sYUFBYTtBQUFBLElBQ2IsVUFBVTtBQUFBLE1BQ1I7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLElBQ0Y7QUFBQSxJQUNBLFlBQVk7QUFBQSxNQUNWLElBQUksRUFBRSxHQUFHLElBQUksVUFBVSxLQUFLO0FBQUEsTUFDNUIsS0FBSyxFQUFFLEdBQUcsS0FBSyxVQUFVLEtBQUs7QUFBQSxNQUM5QixPQUFPO0FBQUEsUUFDTCxNQUFNO0FBQUEsUUFDTixNQUFNLENBQUMsYUFBYSxXQUFXO0FBQUEsUUFDL0IsVUFBVTtBQUFBLFFBQ1YsYUFBYTtBQUFBLE1BQ2Y7QUFBQSxNQUNBLEdBQUc7QUFBQSxNQUNILE1BQU07QUFBQSxRQUNKLE1BQU07QUFBQSxRQUNOLFVBQVU7QUFBQSxRQUNWLGFBQWE7QUFBQSxRQUNiLE9BQU8sRUFBRSxNQUFNLDJCQUEyQjtBQUFBLE1BQzVDO0FBQUEsTUFDQSxTQUFTLEVBQUUsTUFBTSxVQUFVLFFBQVEsYUFBYSxVQUFVLE1BQU0sYUFBYSxtQkFBbUI7QUFBQSxNQUNoRyxTQUFTLEVBQUUsTUFBTSxVQUFVLFFBQVEsYUFBYSxVQUFVLE1BQU0sYUFBYSwyQkFBMkI7QUFBQSxJQUMxRztBQUFBLElBQ0EsVUFBVTtBQUFBLE1BQ1I7QUFBQSxRQUNFLElBQUk7QUFBQSxRQUNKLEtBQUs7QUFBQSxRQUNMLE9BQU87QUFBQSxRQUNQLE9BQU87QUFBQSxRQUNQLFFBQVE7QUFBQSxRQUNSLE9BQU87QUFBQSxRQUNQLE9BQU87QUFBQSxRQUNQLFNBQVM7QUFBQSxRQUNULFFBQVEsQ0FBQyxPQUFPO0FBQUEsUUFDaEIsU0FBUztBQUFBLFFBQ1QsTUFBTSxDQUFDLEVBQUUsTUFBTSxXQUFXLFFBQVEsR0FBRyxDQUFDO0FBQUEsUUFDdEMsU0FBUztBQUFBLFFBQ1QsU0FBUztBQUFBLE1BQ1g7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUFBLEVBQ0EsYUFBYTtBQUFBLElBQ1gsTUFBTTtBQUFBLElBQ04sYUFBYTtBQUFBLElBQ2IsVUFBVSxDQUFDLFNBQVMsUUFBUTtBQUFBLElBQzVCLHNCQUFzQjtBQUFBLElBQ3RCLFlBQVk7QUFBQSxFQUNkO0FBQUEsRUFDQSxxQkFBcUI7QUFBQSxJQUNuQixNQUFNO0FBQUEsSUFDTixhQUFhO0FBQUEsSUFDYixVQUFVLENBQUMsU0FBUyxVQUFVLE9BQU87QUFBQSxJQUNyQyxzQkFBc0I7QUFBQSxJQUN0QixZQUFZO0FBQUEsRUFDZDtBQUFBLEVBQ0EsbUJBQW1CO0FBQUEsSUFDakIsTUFBTTtBQUFBLElBQ04sYUFBYTtBQUFBLElBQ2IsZUFBZTtBQUFBLElBQ2Ysc0JBQXNCO0FBQUEsSUFDdEIsWUFBWSxnQkFBZ0IsSUFBSTtBQUFBLEVBQ2xDO0FBQUEsRUFDQSxPQUFPO0FBQUEsSUFDTCxNQUFNO0FBQUEsSUFDTixVQUFVLENBQUMsUUFBUSxVQUFVO0FBQUEsSUFDN0Isc0JBQXNCO0FBQUEsSUFDdEIsWUFBWTtBQUFBLE1BQ1YsTUFBTSxFQUFFLE1BQU0sVUFBVSxXQUFXLEdBQUcsYUFBYSxvQkFBb0IsVUFBVSxDQUFDLE9BQU8sRUFBRTtBQUFBLE1BQzNGLFVBQVU7QUFBQSxRQUNSLE1BQU07QUFBQSxRQUNOLFdBQVc7QUFBQSxRQUNYLFdBQVc7QUFBQSxRQUNYLFFBQVE7QUFBQSxRQUNSLGFBQWE7QUFBQSxNQUNmO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFBQSxFQUNBLFNBQVM7QUFBQSxJQUNQLE1BQU07QUFBQSxJQUNOLFVBQVUsQ0FBQyxTQUFTLFFBQVEsV0FBVztBQUFBLElBQ3ZDLFlBQVk7QUFBQSxNQUNWLE9BQU8sRUFBRSxNQUFNLFVBQVUsVUFBVSxNQUFNLGFBQWEsK0JBQStCO0FBQUEsTUFDckYsTUFBTSxFQUFFLE1BQU0sVUFBVSxVQUFVLE1BQU0sYUFBYSxtQkFBbUI7QUFBQSxNQUN4RSxXQUFXLEVBQUUsTUFBTSxXQUFXLFVBQVUsTUFBTSxhQUFhLHNDQUFzQztBQUFBLElBQ25HO0FBQUEsRUFDRjtBQUFBLEVBQ0EsU0FBUztBQUFBLElBQ1AsTUFBTTtBQUFBLElBQ04sYUFBYTtBQUFBLElBQ2IsVUFBVSxDQUFDLFFBQVEsU0FBUyxVQUFVLFFBQVE7QUFBQSxJQUM5QyxZQUFZO0FBQUEsTUFDVixNQUFNLEVBQUUsTUFBTSxVQUFVLGFBQWEsdUJBQXVCO0FBQUEsTUFDNUQsT0FBTyxFQUFFLE1BQU0sU0FBUztBQUFBLE1BQ3hCLFFBQVEsRUFBRSxNQUFNLFVBQVU7QUFBQSxNQUMxQixRQUFRLEVBQUUsTUFBTSxVQUFVLGFBQWEsa0NBQWtDO0FBQUEsTUFDekUsVUFBVSxFQUFFLE1BQU0sU0FBUztBQUFBLE1BQzNCLFFBQVE7QUFBQSxRQUNOLE1BQU07QUFBQSxRQUNOLGFBQWE7QUFBQSxRQUNiLE9BQU87QUFBQSxVQUNMLE1BQU07QUFBQSxVQUNOLFVBQVUsQ0FBQyxRQUFRO0FBQUEsVUFDbkIsWUFBWSxFQUFFLFNBQVMsRUFBRSxNQUFNLFNBQVMsR0FBRyxXQUFXLEVBQUUsTUFBTSxTQUFTLEdBQUcsUUFBUSxFQUFFLE1BQU0sU0FBUyxFQUFFO0FBQUEsUUFDdkc7QUFBQSxNQUNGO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUVPLElBQU0sUUFBUSxFQUFFLElBQUksS0FBSyxVQUFVOzs7QUM1TjFDLElBQU0sTUFBTSxDQUFDLFVBQWdDLEVBQUUsTUFBTSx3QkFBd0IsSUFBSSxHQUFHO0FBQ3BGLElBQU0sT0FBTyxDQUFDLFlBQW9CLEVBQUUsb0JBQW9CLEVBQUUsT0FBTyxFQUFFO0FBQ25FLElBQU0sVUFBVSxDQUFDLGlCQUF5QjtBQUFBLEVBQ3hDO0FBQUEsRUFDQSxTQUFTLEVBQUUsNEJBQTRCLEVBQUUsUUFBUSxJQUFJLFNBQVMsRUFBRSxFQUFFO0FBQ3BFO0FBQ0EsSUFBTSxPQUFPLENBQUMsTUFBYyxZQUFvQixFQUFFLE1BQU0sSUFBSSxRQUFRLFVBQVUsTUFBTSxPQUFPO0FBQzNGLElBQU0sUUFBUSxDQUFDLE1BQWMsYUFBcUIsUUFBZ0IsV0FBVyxXQUFXO0FBQUEsRUFDdEY7QUFBQSxFQUNBLElBQUk7QUFBQSxFQUNKO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRjtBQUNBLElBQU0sT0FBTyxDQUFDLFVBQWdDO0FBQUEsRUFDNUMsTUFBTTtBQUFBLEVBQ04sVUFBVSxDQUFDLFNBQVMsT0FBTztBQUFBLEVBQzNCLFlBQVk7QUFBQSxJQUNWLE9BQU8sRUFBRSxNQUFNLFNBQVMsT0FBTyxJQUFJLElBQUksRUFBRTtBQUFBLElBQ3pDLE9BQU8sRUFBRSxNQUFNLFdBQVcsYUFBYSw0QkFBNEI7QUFBQSxFQUNyRTtBQUNGO0FBRUEsSUFBTSxRQUFRO0FBQUEsRUFDWixLQUFLLFFBQVEsaUNBQWlDO0FBQ2hEO0FBQ0EsSUFBTSxRQUFRLE1BQU0sU0FBUyx5QkFBeUIsRUFBRSxNQUFNLFdBQVcsU0FBUyxHQUFHLFNBQVMsS0FBSyxTQUFTLEdBQUcsQ0FBQztBQUNoSCxJQUFNLFNBQVMsTUFBTSxVQUFVLGlDQUFpQyxFQUFFLE1BQU0sV0FBVyxTQUFTLEdBQUcsU0FBUyxFQUFFLENBQUM7QUFHcEcsU0FBUyxnQkFBZ0IsUUFBd0I7QUFDdEQsU0FBTztBQUFBLElBQ0wsU0FBUztBQUFBLElBQ1QsTUFBTTtBQUFBLE1BQ0osT0FBTztBQUFBLE1BQ1AsU0FBUztBQUFBLE1BQ1QsU0FBUztBQUFBLE1BQ1QsYUFDRTtBQUFBLElBQ0o7QUFBQSxJQUNBLFNBQVMsQ0FBQyxFQUFFLEtBQUssR0FBRyxNQUFNLE9BQU8sYUFBYSxnQkFBZ0IsQ0FBQztBQUFBLElBQy9ELFVBQVUsQ0FBQyxFQUFFLFdBQVcsQ0FBQyxFQUFFLENBQUM7QUFBQSxJQUM1QixNQUFNO0FBQUEsTUFDSixFQUFFLE1BQU0sUUFBUSxhQUFhLHFCQUFxQjtBQUFBLE1BQ2xELEVBQUUsTUFBTSxXQUFXLGFBQWEsMEJBQTBCO0FBQUEsTUFDMUQsRUFBRSxNQUFNLFVBQVUsYUFBYSxzQkFBc0I7QUFBQSxNQUNyRCxFQUFFLE1BQU0sU0FBUyxhQUFhLGFBQWE7QUFBQSxJQUM3QztBQUFBLElBQ0EsT0FBTztBQUFBLE1BQ0wsYUFBYTtBQUFBLFFBQ1gsTUFBTTtBQUFBLFVBQ0osYUFBYTtBQUFBLFVBQ2IsTUFBTSxDQUFDLE1BQU07QUFBQSxVQUNiLFNBQVM7QUFBQSxVQUNULGFBQ0U7QUFBQSxVQUNGLFVBQVUsQ0FBQztBQUFBLFVBQ1gsYUFBYSxFQUFFLFVBQVUsTUFBTSxTQUFTLEtBQUssSUFBSSxPQUFPLENBQUMsRUFBRTtBQUFBLFVBQzNELFdBQVc7QUFBQSxZQUNULEtBQUssRUFBRSxhQUFhLGFBQWEsU0FBUyxLQUFLLElBQUksU0FBUyxDQUFDLEVBQUU7QUFBQSxZQUMvRCxLQUFLLFFBQVEsd0JBQXdCO0FBQUEsWUFDckMsS0FBSyxRQUFRLHFCQUFxQjtBQUFBLFVBQ3BDO0FBQUEsUUFDRjtBQUFBLE1BQ0Y7QUFBQSxNQUNBLHFCQUFxQjtBQUFBLFFBQ25CLFFBQVE7QUFBQSxVQUNOLGFBQWE7QUFBQSxVQUNiLE1BQU0sQ0FBQyxNQUFNO0FBQUEsVUFDYixTQUFTO0FBQUEsVUFDVCxhQUFhO0FBQUEsVUFDYixXQUFXLEVBQUUsS0FBSyxFQUFFLGFBQWEsYUFBYSxHQUFHLEdBQUcsTUFBTTtBQUFBLFFBQzVEO0FBQUEsTUFDRjtBQUFBLE1BQ0EsWUFBWTtBQUFBLFFBQ1YsS0FBSztBQUFBLFVBQ0gsYUFBYTtBQUFBLFVBQ2IsTUFBTSxDQUFDLFNBQVM7QUFBQSxVQUNoQixTQUFTO0FBQUEsVUFDVCxZQUFZO0FBQUEsWUFDVixNQUFNLFFBQVEsbUNBQW1DLEVBQUUsTUFBTSxVQUFVLFdBQVcsRUFBRSxDQUFDO0FBQUEsWUFDakYsTUFBTSxRQUFRLGtCQUFrQixFQUFFLE1BQU0sVUFBVSxNQUFNLENBQUMsR0FBRyxXQUFXLEVBQUUsQ0FBQztBQUFBLFlBQzFFLE1BQU0sUUFBUSxrQkFBa0IsRUFBRSxNQUFNLFVBQVUsTUFBTSxDQUFDLEdBQUcsS0FBSyxFQUFFLENBQUM7QUFBQSxZQUNwRTtBQUFBLFlBQ0E7QUFBQSxVQUNGO0FBQUEsVUFDQSxXQUFXO0FBQUEsWUFDVCxLQUFLLEVBQUUsYUFBYSxtQkFBbUIsU0FBUyxLQUFLLEtBQUssUUFBUSxDQUFDLEVBQUU7QUFBQSxZQUNyRSxLQUFLLFFBQVEseUJBQXlCO0FBQUEsWUFDdEMsR0FBRztBQUFBLFVBQ0w7QUFBQSxRQUNGO0FBQUEsTUFDRjtBQUFBLE1BQ0EsYUFBYTtBQUFBLFFBQ1gsS0FBSztBQUFBLFVBQ0gsYUFBYTtBQUFBLFVBQ2IsTUFBTSxDQUFDLFNBQVM7QUFBQSxVQUNoQixTQUFTO0FBQUEsVUFDVCxhQUFhO0FBQUEsVUFDYixZQUFZO0FBQUEsWUFDVjtBQUFBLGNBQ0U7QUFBQSxjQUNBO0FBQUEsY0FDQSxFQUFFLE1BQU0sVUFBVSxXQUFXLEVBQUU7QUFBQSxjQUMvQjtBQUFBLFlBQ0Y7QUFBQSxVQUNGO0FBQUEsVUFDQSxXQUFXO0FBQUEsWUFDVCxLQUFLLEVBQUUsYUFBYSxvQkFBb0IsU0FBUyxLQUFLLEtBQUssUUFBUSxDQUFDLEVBQUU7QUFBQSxZQUN0RSxLQUFLLFFBQVEsNEJBQTRCO0FBQUEsWUFDekMsR0FBRztBQUFBLFVBQ0w7QUFBQSxRQUNGO0FBQUEsTUFDRjtBQUFBLE1BQ0EsbUJBQW1CO0FBQUEsUUFDakIsS0FBSztBQUFBLFVBQ0gsYUFBYTtBQUFBLFVBQ2IsTUFBTSxDQUFDLFNBQVM7QUFBQSxVQUNoQixTQUFTO0FBQUEsVUFDVCxXQUFXO0FBQUEsWUFDVCxLQUFLLEVBQUUsYUFBYSx5QkFBeUIsU0FBUyxLQUFLLElBQUksYUFBYSxDQUFDLEVBQUU7QUFBQSxZQUMvRSxHQUFHO0FBQUEsVUFDTDtBQUFBLFFBQ0Y7QUFBQSxNQUNGO0FBQUEsTUFDQSxrQkFBa0I7QUFBQSxRQUNoQixZQUFZLENBQUMsS0FBSyxPQUFPLE1BQU0sR0FBRyxDQUFDO0FBQUEsUUFDbkMsS0FBSztBQUFBLFVBQ0gsYUFBYTtBQUFBLFVBQ2IsTUFBTSxDQUFDLFNBQVM7QUFBQSxVQUNoQixTQUFTO0FBQUEsVUFDVCxXQUFXO0FBQUEsWUFDVCxLQUFLLEVBQUUsYUFBYSxjQUFjLFNBQVMsS0FBSyxJQUFJLFFBQVEsQ0FBQyxFQUFFO0FBQUEsWUFDL0QsS0FBSyxRQUFRLGdCQUFnQjtBQUFBLFlBQzdCLEdBQUc7QUFBQSxVQUNMO0FBQUEsUUFDRjtBQUFBLE1BQ0Y7QUFBQSxNQUNBLHdCQUF3QjtBQUFBLFFBQ3RCLFlBQVksQ0FBQyxLQUFLLE9BQU8sTUFBTSxHQUFHLENBQUM7QUFBQSxRQUNuQyxNQUFNO0FBQUEsVUFDSixhQUFhO0FBQUEsVUFDYixNQUFNLENBQUMsT0FBTztBQUFBLFVBQ2QsU0FBUztBQUFBLFVBQ1QsYUFBYTtBQUFBLFVBQ2IsYUFBYSxFQUFFLFVBQVUsTUFBTSxTQUFTLEtBQUssSUFBSSxhQUFhLENBQUMsRUFBRTtBQUFBLFVBQ2pFLFdBQVc7QUFBQSxZQUNULEtBQUs7QUFBQSxjQUNILGFBQWE7QUFBQSxjQUNiLFNBQVMsRUFBRSxVQUFVLEVBQUUsYUFBYSxnQ0FBZ0MsUUFBUSxFQUFFLE1BQU0sU0FBUyxFQUFFLEVBQUU7QUFBQSxjQUNqRyxTQUFTLEtBQUssSUFBSSxVQUFVLENBQUM7QUFBQSxZQUMvQjtBQUFBLFlBQ0EsS0FBSyxRQUFRLGdCQUFnQjtBQUFBLFlBQzdCLEtBQUssUUFBUSxvQkFBb0I7QUFBQSxZQUNqQyxLQUFLLFFBQVEscUJBQXFCO0FBQUEsWUFDbEMsR0FBRztBQUFBLFVBQ0w7QUFBQSxRQUNGO0FBQUEsTUFDRjtBQUFBLE1BQ0EsV0FBVztBQUFBLFFBQ1QsS0FBSztBQUFBLFVBQ0gsYUFBYTtBQUFBLFVBQ2IsTUFBTSxDQUFDLFFBQVE7QUFBQSxVQUNmLFNBQVM7QUFBQSxVQUNULFlBQVk7QUFBQSxZQUNWLE1BQU0sUUFBUSx5REFBeUQsRUFBRSxNQUFNLFVBQVUsQ0FBQztBQUFBLFlBQzFGLE1BQU0sVUFBVSxvREFBb0QsRUFBRSxNQUFNLFVBQVUsU0FBUyxFQUFFLENBQUM7QUFBQSxZQUNsRyxNQUFNLFFBQVEsb0JBQW9CLEVBQUUsTUFBTSxTQUFTLE9BQU8sRUFBRSxNQUFNLFVBQVUsTUFBTSxDQUFDLEdBQUcsS0FBSyxFQUFFLEVBQUUsQ0FBQztBQUFBLFVBQ2xHO0FBQUEsVUFDQSxXQUFXO0FBQUEsWUFDVCxLQUFLLEVBQUUsYUFBYSxrQkFBa0IsU0FBUyxLQUFLLEtBQUssT0FBTyxDQUFDLEVBQUU7QUFBQSxZQUNuRSxLQUFLLFFBQVEseUJBQXlCO0FBQUEsWUFDdEMsR0FBRztBQUFBLFVBQ0w7QUFBQSxRQUNGO0FBQUEsTUFDRjtBQUFBLE1BQ0Esa0JBQWtCO0FBQUEsUUFDaEIsWUFBWSxDQUFDLEtBQUssUUFBUSxNQUFNLFNBQVMsQ0FBQztBQUFBLFFBQzFDLEtBQUs7QUFBQSxVQUNILGFBQWE7QUFBQSxVQUNiLE1BQU0sQ0FBQyxRQUFRO0FBQUEsVUFDZixTQUFTO0FBQUEsVUFDVCxXQUFXO0FBQUEsWUFDVCxLQUFLLEVBQUUsYUFBYSxhQUFhLFNBQVMsS0FBSyxJQUFJLE9BQU8sQ0FBQyxFQUFFO0FBQUEsWUFDN0QsS0FBSyxRQUFRLGVBQWU7QUFBQSxZQUM1QixHQUFHO0FBQUEsVUFDTDtBQUFBLFFBQ0Y7QUFBQSxNQUNGO0FBQUEsTUFDQSxVQUFVO0FBQUEsUUFDUixLQUFLO0FBQUEsVUFDSCxhQUFhO0FBQUEsVUFDYixNQUFNLENBQUMsT0FBTztBQUFBLFVBQ2QsU0FBUztBQUFBLFVBQ1QsWUFBWTtBQUFBLFlBQ1YsTUFBTSxPQUFPLDZCQUE2QixNQUFNLEdBQUc7QUFBQSxZQUNuRCxNQUFNLFNBQVMsNEJBQTRCLE1BQU0sU0FBUztBQUFBLFlBQzFELE1BQU0sU0FBUyw0QkFBNEIsRUFBRSxNQUFNLFVBQVUsTUFBTSxDQUFDLGFBQWEsV0FBVyxFQUFFLENBQUM7QUFBQSxZQUMvRjtBQUFBLFlBQ0E7QUFBQSxVQUNGO0FBQUEsVUFDQSxXQUFXO0FBQUEsWUFDVCxLQUFLLEVBQUUsYUFBYSxnQ0FBZ0MsU0FBUyxLQUFLLEtBQUssVUFBVSxDQUFDLEVBQUU7QUFBQSxZQUNwRixLQUFLLFFBQVEseUJBQXlCO0FBQUEsWUFDdEMsR0FBRztBQUFBLFVBQ0w7QUFBQSxRQUNGO0FBQUEsTUFDRjtBQUFBLE1BQ0EsZUFBZTtBQUFBLFFBQ2IsWUFBWSxDQUFDLEtBQUssTUFBTSxNQUFNLEVBQUUsQ0FBQztBQUFBLFFBQ2pDLEtBQUs7QUFBQSxVQUNILGFBQWE7QUFBQSxVQUNiLE1BQU0sQ0FBQyxPQUFPO0FBQUEsVUFDZCxTQUFTO0FBQUEsVUFDVCxXQUFXO0FBQUEsWUFDVCxLQUFLLEVBQUUsYUFBYSxpQkFBaUIsU0FBUyxLQUFLLElBQUksVUFBVSxDQUFDLEVBQUU7QUFBQSxZQUNwRSxLQUFLLFFBQVEsbUJBQW1CO0FBQUEsWUFDaEMsR0FBRztBQUFBLFVBQ0w7QUFBQSxRQUNGO0FBQUEsUUFDQSxLQUFLO0FBQUEsVUFDSCxhQUFhO0FBQUEsVUFDYixNQUFNLENBQUMsT0FBTztBQUFBLFVBQ2QsU0FBUztBQUFBLFVBQ1QsYUFBYSxFQUFFLFVBQVUsTUFBTSxTQUFTLEtBQUssSUFBSSxxQkFBcUIsQ0FBQyxFQUFFO0FBQUEsVUFDekUsV0FBVztBQUFBLFlBQ1QsS0FBSyxFQUFFLGFBQWEsWUFBWSxTQUFTLEtBQUssSUFBSSxVQUFVLENBQUMsRUFBRTtBQUFBLFlBQy9ELEtBQUssUUFBUSxtQkFBbUI7QUFBQSxZQUNoQyxLQUFLLFFBQVEsb0JBQW9CO0FBQUEsWUFDakMsS0FBSyxRQUFRLHFCQUFxQjtBQUFBLFlBQ2xDLEdBQUc7QUFBQSxVQUNMO0FBQUEsUUFDRjtBQUFBLFFBQ0EsT0FBTztBQUFBLFVBQ0wsYUFBYTtBQUFBLFVBQ2IsTUFBTSxDQUFDLE9BQU87QUFBQSxVQUNkLFNBQVM7QUFBQSxVQUNULGFBQWEsRUFBRSxVQUFVLE1BQU0sU0FBUyxLQUFLLElBQUksbUJBQW1CLENBQUMsRUFBRTtBQUFBLFVBQ3ZFLFdBQVc7QUFBQSxZQUNULEtBQUssRUFBRSxhQUFhLFdBQVcsU0FBUyxLQUFLLElBQUksVUFBVSxDQUFDLEVBQUU7QUFBQSxZQUM5RCxLQUFLLFFBQVEsbUJBQW1CO0FBQUEsWUFDaEMsS0FBSyxRQUFRLG9CQUFvQjtBQUFBLFlBQ2pDLEtBQUssUUFBUSxxQkFBcUI7QUFBQSxZQUNsQyxHQUFHO0FBQUEsVUFDTDtBQUFBLFFBQ0Y7QUFBQSxRQUNBLFFBQVE7QUFBQSxVQUNOLGFBQWE7QUFBQSxVQUNiLE1BQU0sQ0FBQyxPQUFPO0FBQUEsVUFDZCxTQUFTO0FBQUEsVUFDVCxhQUFhO0FBQUEsVUFDYixXQUFXLEVBQUUsS0FBSyxFQUFFLGFBQWEsWUFBWSxHQUFHLEtBQUssUUFBUSxtQkFBbUIsR0FBRyxHQUFHLE1BQU07QUFBQSxRQUM5RjtBQUFBLE1BQ0Y7QUFBQSxJQUNGO0FBQUEsSUFDQSxZQUFZO0FBQUEsTUFDVjtBQUFBLE1BQ0EsaUJBQWlCLEVBQUUsV0FBVyxFQUFFLE1BQU0sUUFBUSxRQUFRLFVBQVUsYUFBYSwwQkFBMEIsRUFBRTtBQUFBLElBQzNHO0FBQUEsRUFDRjtBQUNGOyIsCiAgIm5hbWVzIjogWyJsaXN0IiwgImltbyIsICJpZCJdCn0K
