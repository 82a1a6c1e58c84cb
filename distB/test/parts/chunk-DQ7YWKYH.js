// src/standin/pilots/schema.ts
var pilotSchema = `"""
The pilot rota of Larkhaven Harbour: who boards which vessel, and when.
"""
schema {
  query: Query
  mutation: Mutation
}

"A day, as 2026-11-24."
scalar Day @specifiedBy(url: "https://larkhaven.example/notation/day")

enum Licence {
  "Vessels up to 60 m."
  THIRD
  "Vessels up to 120 m."
  SECOND
  "Any vessel."
  FIRST
  COASTAL @deprecated(reason: "is THIRD since 2025")
}

"Somebody who works at the harbour."
interface Person {
  id: ID!
  name: String!
}

type Pilot implements Person {
  id: ID!
  name: String!
  licence: Licence!
  onDuty: Boolean!
  "Only of pilots who are on duty."
  phone: String
  "The old name of licence."
  grade: String @deprecated(reason: "use licence")
  rota(day: Day): [RotaEntry!]!
}

type Dispatcher implements Person {
  id: ID!
  name: String!
  desk: String!
}

type Boarding {
  id: ID!
  day: Day!
  "IMO number of the vessel."
  imo: String!
  pilot: Pilot!
}

type Rest {
  day: Day!
  hours: Int!
  pilot: Pilot!
}

"What stands in the rota for a day."
union RotaEntry = Boarding | Rest

type PageInfo {
  hasNextPage: Boolean!
  endCursor: String
}

type PilotEdge {
  cursor: String!
  node: Pilot!
}

type PilotConnection {
  edges: [PilotEdge!]!
  pageInfo: PageInfo!
  totalCount: Int!
}

input PilotFilter {
  licence: Licence
  onDuty: Boolean
  "Part of a name."
  name: String
}

input BoardingInput {
  pilot: ID!
  "IMO number of the vessel."
  imo: String!
  day: Day!
}

type BoardingPayload {
  boarding: Boarding
  "Why there is none."
  refused: String
}

type Query {
  "All pilots, page by page."
  pilots(first: Int = 3, after: String, filter: PilotFilter): PilotConnection!
  "One pilot by id."
  pilot(id: ID!): Pilot
  "Everybody, pilots and dispatchers."
  staff: [Person!]!
  "What stands in the rota for a day."
  rota(day: Day!): [RotaEntry!]!
}

type Mutation {
  "Puts a pilot on board of a vessel for a day."
  bookPilot(input: BoardingInput!): BoardingPayload!
  "Takes a boarding out of the rota."
  cancelBoarding(id: ID!): Boolean!
}
`;

export {
  pilotSchema
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL3N0YW5kaW4vcGlsb3RzL3NjaGVtYS50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFRoZSBzY2hlbWEgb2YgdGhlIHBpbG90IHJvdGEsIGFzIHRoZSBoYXJib3VyIHB1Ymxpc2hlcyBpdC4gKi9cbmV4cG9ydCBjb25zdCBwaWxvdFNjaGVtYSA9IGBcIlwiXCJcblRoZSBwaWxvdCByb3RhIG9mIExhcmtoYXZlbiBIYXJib3VyOiB3aG8gYm9hcmRzIHdoaWNoIHZlc3NlbCwgYW5kIHdoZW4uXG5cIlwiXCJcbnNjaGVtYSB7XG4gIHF1ZXJ5OiBRdWVyeVxuICBtdXRhdGlvbjogTXV0YXRpb25cbn1cblxuXCJBIGRheSwgYXMgMjAyNi0xMS0yNC5cIlxuc2NhbGFyIERheSBAc3BlY2lmaWVkQnkodXJsOiBcImh0dHBzOi8vbGFya2hhdmVuLmV4YW1wbGUvbm90YXRpb24vZGF5XCIpXG5cbmVudW0gTGljZW5jZSB7XG4gIFwiVmVzc2VscyB1cCB0byA2MCBtLlwiXG4gIFRISVJEXG4gIFwiVmVzc2VscyB1cCB0byAxMjAgbS5cIlxuICBTRUNPTkRcbiAgXCJBbnkgdmVzc2VsLlwiXG4gIEZJUlNUXG4gIENPQVNUQUwgQGRlcHJlY2F0ZWQocmVhc29uOiBcImlzIFRISVJEIHNpbmNlIDIwMjVcIilcbn1cblxuXCJTb21lYm9keSB3aG8gd29ya3MgYXQgdGhlIGhhcmJvdXIuXCJcbmludGVyZmFjZSBQZXJzb24ge1xuICBpZDogSUQhXG4gIG5hbWU6IFN0cmluZyFcbn1cblxudHlwZSBQaWxvdCBpbXBsZW1lbnRzIFBlcnNvbiB7XG4gIGlkOiBJRCFcbiAgbmFtZTogU3RyaW5nIVxuICBsaWNlbmNlOiBMaWNlbmNlIVxuICBvbkR1dHk6IEJvb2xlYW4hXG4gIFwiT25seSBvZiBwaWxvdHMgd2hvIGFyZSBvbiBkdXR5LlwiXG4gIHBob25lOiBTdHJpbmdcbiAgXCJUaGUgb2xkIG5hbWUgb2YgbGljZW5jZS5cIlxuICBncmFkZTogU3RyaW5nIEBkZXByZWNhdGVkKHJlYXNvbjogXCJ1c2UgbGljZW5jZVwiKVxuICByb3RhKGRheTogRGF5KTogW1JvdGFFbnRyeSFdIVxufVxuXG50eXBlIERpc3BhdGNoZXIgaW1wbGVtZW50cyBQZXJzb24ge1xuICBpZDogSUQhXG4gIG5hbWU6IFN0cmluZyFcbiAgZGVzazogU3RyaW5nIVxufVxuXG50eXBlIEJvYXJkaW5nIHtcbiAgaWQ6IElEIVxuICBkYXk6IERheSFcbiAgXCJJTU8gbnVtYmVyIG9mIHRoZSB2ZXNzZWwuXCJcbiAgaW1vOiBTdHJpbmchXG4gIHBpbG90OiBQaWxvdCFcbn1cblxudHlwZSBSZXN0IHtcbiAgZGF5OiBEYXkhXG4gIGhvdXJzOiBJbnQhXG4gIHBpbG90OiBQaWxvdCFcbn1cblxuXCJXaGF0IHN0YW5kcyBpbiB0aGUgcm90YSBmb3IgYSBkYXkuXCJcbnVuaW9uIFJvdGFFbnRyeSA9IEJvYXJkaW5nIHwgUmVzdFxuXG50eXBlIFBhZ2VJbmZvIHtcbiAgaGFzTmV4dFBhZ2U6IEJvb2xlYW4hXG4gIGVuZEN1cnNvcjogU3RyaW5nXG59XG5cbnR5cGUgUGlsb3RFZGdlIHtcbiAgY3Vyc29yOiBTdHJpbmchXG4gIG5vZGU6IFBpbG90IVxufVxuXG50eXBlIFBpbG90Q29ubmVjdGlvbiB7XG4gIGVkZ2VzOiBbUGlsb3RFZGdlIV0hXG4gIHBhZ2VJbmZvOiBQYWdlSW5mbyFcbiAgdG90YWxDb3VudDogSW50IVxufVxuXG5pbnB1dCBQaWxvdEZpbHRlciB7XG4gIGxpY2VuY2U6IExpY2VuY2VcbiAgb25EdXR5OiBCb29sZWFuXG4gIFwiUGFydCBvZiBhIG5hbWUuXCJcbiAgbmFtZTogU3RyaW5nXG59XG5cbmlucHV0IEJvYXJkaW5nSW5wdXQge1xuICBwaWxvdDogSUQhXG4gIFwiSU1PIG51bWJlciBvZiB0aGUgdmVzc2VsLlwiXG4gIGltbzogU3RyaW5nIVxuICBkYXk6IERheSFcbn1cblxudHlwZSBCb2FyZGluZ1BheWxvYWQge1xuICBib2FyZGluZzogQm9hcmRpbmdcbiAgXCJXaHkgdGhlcmUgaXMgbm9uZS5cIlxuICByZWZ1c2VkOiBTdHJpbmdcbn1cblxudHlwZSBRdWVyeSB7XG4gIFwiQWxsIHBpbG90cywgcGFnZSBieSBwYWdlLlwiXG4gIHBpbG90cyhmaXJzdDogSW50ID0gMywgYWZ0ZXI6IFN0cmluZywgZmlsdGVyOiBQaWxvdEZpbHRlcik6IFBpbG90Q29ubmVjdGlvbiFcbiAgXCJPbmUgcGlsb3QgYnkgaWQuXCJcbiAgcGlsb3QoaWQ6IElEISk6IFBpbG90XG4gIFwiRXZlcnlib2R5LCBwaWxvdHMgYW5kIGRpc3BhdGNoZXJzLlwiXG4gIHN0YWZmOiBbUGVyc29uIV0hXG4gIFwiV2hhdCBzdGFuZHMgaW4gdGhlIHJvdGEgZm9yIGEgZGF5LlwiXG4gIHJvdGEoZGF5OiBEYXkhKTogW1JvdGFFbnRyeSFdIVxufVxuXG50eXBlIE11dGF0aW9uIHtcbiAgXCJQdXRzIGEgcGlsb3Qgb24gYm9hcmQgb2YgYSB2ZXNzZWwgZm9yIGEgZGF5LlwiXG4gIGJvb2tQaWxvdChpbnB1dDogQm9hcmRpbmdJbnB1dCEpOiBCb2FyZGluZ1BheWxvYWQhXG4gIFwiVGFrZXMgYSBib2FyZGluZyBvdXQgb2YgdGhlIHJvdGEuXCJcbiAgY2FuY2VsQm9hcmRpbmcoaWQ6IElEISk6IEJvb2xlYW4hXG59XG5gO1xuIl0sCiAgIm1hcHBpbmdzIjogIjtBQUNPLElBQU0sY0FBYztBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBOyIsCiAgIm5hbWVzIjogW10KfQo=
