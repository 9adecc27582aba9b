/** The longest file that is taken in at a time. */
export const MOST_IMPORT_CHARACTERS = 500_000;

/** What a column may hold, and the heads by which it is known, without what stands in brackets. */
export const IMPORT_FIELDS = [
  { id: "name", label: "Name", heads: ["name", "athlete", "full name", "lifter"] },
  { id: "firstName", label: "First name", heads: ["first name", "first", "given name", "forename"] },
  { id: "lastName", label: "Last name", heads: ["last name", "last", "surname", "family name"] },
  { id: "group", label: "Group", heads: ["group", "team", "squad"] },
  { id: "experience", label: "Experience", heads: ["experience", "level"] },
  { id: "unit", label: "Unit", heads: ["unit", "units"] },
  { id: "bodyWeight", label: "Body weight", heads: ["body weight", "bodyweight", "bw"] },
  { id: "birthYear", label: "Born in", heads: ["birth year", "born", "born in", "year of birth", "yob"] },
  { id: "limiters", label: "Limiters", heads: ["limiters"] },
  { id: "areas", label: "Injuries", heads: ["areas", "injuries"] },
  { id: "note", label: "Note", heads: ["note", "notes", "comment"] },
  { id: "archived", label: "Archived", heads: ["archived"] },
  { id: "lift", label: "Lift", heads: ["lift", "exercise", "movement"] },
  { id: "weight", label: "Working weight", heads: ["weight", "working weight", "load"] },
  { id: "sets", label: "Sets", heads: ["sets"] },
  { id: "reps", label: "Reps", heads: ["reps", "repetitions"] },
  { id: "rir", label: "Reps in reserve", heads: ["in reserve", "rir"] },
  { id: "kind", label: "Kind", heads: ["kind"] },
  { id: "source", label: "Source", heads: ["source"] },
  { id: "day", label: "Day", heads: ["day", "date"] },
] as const;
export type ImportField = (typeof IMPORT_FIELDS)[number]["id"];

/** Which column holds what; a field that is absent is not in the file. */
export type ImportColumns = Partial<Record<ImportField, number>>;
