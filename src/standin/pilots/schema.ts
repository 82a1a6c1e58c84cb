/** The schema of the pilot rota, as the harbour publishes it. */
export const pilotSchema = `"""
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
