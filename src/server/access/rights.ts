/** What somebody who has come in is. A wall and a card have no role: their addresses are all they have. */
export const ROLES = ["owner", "coach", "assistant", "athlete"] as const;
export type Role = (typeof ROLES)[number];

/** Everybody, also who has not come in. */
const ANYBODY = "anybody";
const OWNER = ["owner"] as const;
const COACH = ["owner", "coach"] as const;
const FLOOR = ["owner", "coach", "assistant"] as const;
const SIGNED_IN = ["owner", "coach", "assistant", "athlete"] as const;
const ATHLETE = ["athlete"] as const;

/**
 * Who may do what: every action, page and route, by its name. There is no other way in, and what does not stand here cannot be
 * called (docs/access.md shows the same as a table).
 */
export const RIGHTS = {
  // Actions: what pages change.
  addAccount: OWNER,
  changeRole: OWNER,
  removeAccount: OWNER,
  passwordLink: OWNER,
  endSignedIn: SIGNED_IN,
  setPassword: ANYBODY,
  signIn: ANYBODY,
  signOut: SIGNED_IN,
  changePassword: FLOOR,
  showCode: COACH,
  pairDevice: ANYBODY,
  nameDevice: COACH,
  endDevice: COACH,
  shareCalendar: COACH,
  stopSharingCalendar: COACH,
  beginPasskey: FLOOR,
  keepPasskey: FLOOR,
  removePasskey: FLOOR,
  askPasskey: ANYBODY,
  enterByPasskey: ANYBODY,
  saveAthlete: COACH,
  addAthletes: COACH,
  addLimiter: COACH,
  eraseAthlete: COACH,
  noteReached: COACH,
  noteWeight: COACH,
  raiseWeights: COACH,
  changeSeveral: COACH,
  previewImport: COACH,
  importAthletes: COACH,
  restore: COACH,
  shareWall: COACH,
  stopSharingWall: COACH,
  answerFollowUp: COACH,
  markArea: COACH,
  smallestDose: COACH,
  saveGym: COACH,
  addGym: COACH,
  removeGym: COACH,
  copyContent: COACH,
  newContent: COACH,
  saveCustomContent: COACH,
  wishForDrill: COACH,
  noteFilm: COACH,
  answerQuestion: COACH,
  removeLiftWish: COACH,
  writeAsPlanned: COACH,
  changeRecord: COACH,
  saveSession: COACH,
  moveSession: COACH,
  removeSession: COACH,
  startSession: COACH,
  copySession: COACH,
  repeatSession: COACH,
  changeSeries: COACH,
  removeSeries: COACH,
  keepTemplate: COACH,
  removeTemplate: COACH,
  saveDraft: COACH,
  giveLift: COACH,
  setRampSets: COACH,
  shareCards: COACH,
  stopSharingCards: COACH,
  startAlone: COACH,
  forgetWarmUp: COACH,
  firstSteps: OWNER,
  noteResult: COACH,
  noteTrial: COACH,
  removeNote: COACH,

  // Pages.
  "/": FLOOR,
  "/access": COACH,
  "/account": FLOOR,
  "/athletes": COACH,
  "/athletes/[id]": COACH,
  "/athletes/[id]/progress": COACH,
  "/athletes/[id]/report": COACH,
  "/athletes/[id]/tests": COACH,
  "/calendar": COACH,
  "/card/[token]": ANYBODY,
  "/card/[token]/report": ANYBODY,
  "/files": COACH,
  "/gym": COACH,
  "/library": COACH,
  "/me": ATHLETE,
  "/me/card/[id]": ATHLETE,
  "/me/report": ATHLETE,
  "/once/[token]": ANYBODY,
  "/pair": ANYBODY,
  "/parts": COACH,
  "/progress": COACH,
  "/session/[id]": COACH,
  "/session/[id]/[athlete]": COACH,
  "/session/[id]/[athlete]/card": COACH,
  "/session/[id]/cards": COACH,
  "/session/[id]/floor": FLOOR,
  "/session/[id]/phones": COACH,
  "/session/[id]/record": COACH,
  "/session/[id]/sheets": COACH,
  "/sign-in": ANYBODY,
  "/tests": COACH,
  "/wall/[token]": ANYBODY,

  // Routes: files, reads of pages, the open interface.
  "GET /api/athletes/[id]/record": COACH,
  "POST /api/athletes/[id]/tests": COACH,
  "POST /api/athletes/[id]/trials": COACH,
  "GET /api/catalog": FLOOR,
  "GET /api/floor/[id]": FLOOR,
  "GET /api/floor/[id]/events": FLOOR,
  "POST /api/floor/[id]/events": FLOOR,
  "GET /api/floor/[id]/stream": FLOOR,
  "GET /api/health": ANYBODY,
  "GET /api/openapi.json": FLOOR,
  "GET /api/tests": FLOOR,
  "POST /api/pair": ANYBODY,
  "POST /api/adjust": COACH,
  "POST /api/plan": COACH,
  "POST /api/rack": COACH,
  "POST /api/ramp": COACH,
  "POST /api/review": COACH,
  "GET /athletes/[id]/data.json": COACH,
  "GET /athletes/[id]/report.pdf": COACH,
  "GET /calendar/[token]": ANYBODY,
  "GET /card/[token]/events": ANYBODY,
  "POST /card/[token]/events": ANYBODY,
  "POST /card/[token]/follow-up": ANYBODY,
  "GET /card/[token]/stream": ANYBODY,
  "GET /data/athletes/[id]": COACH,
  "GET /data/gyms/[id]": COACH,
  "GET /data/library/[id]": COACH,
  "GET /data/new-session": COACH,
  "GET /data/places": COACH,
  "GET /data/sessions/[id]": COACH,
  "GET /data/sessions/[id]/[athlete]": COACH,
  "GET /data/stamps/[kind]/[id]": COACH,
  "GET /data/weights-not-here": COACH,
  "GET /data/wishes/[drill]": COACH,
  "GET /data/working-weights": COACH,
  "GET /export/[file]": COACH,
  "GET /me/data.json": ATHLETE,
  "GET /me/report.pdf": ATHLETE,
  "GET /session/[id]/[athlete]/card.pdf": COACH,
  "GET /session/[id]/[athlete]/plan.md": COACH,
  "GET /session/[id]/cards.pdf": COACH,
  "GET /session/[id]/sheets.pdf": COACH,
  "GET /wall/[token]/events": ANYBODY,
  "GET /wall/[token]/stream": ANYBODY,
  "POST /import/bundle": OWNER,

  // Files of which only some may take all.
  "export of everything": OWNER,
} as const satisfies Record<string, readonly Role[] | typeof ANYBODY>;

/** Something that can be done, by its name. */
export type UseCase = keyof typeof RIGHTS;

/** What also somebody may do who has not come in. */
export type OpenToAnybody = {
  [U in UseCase]: (typeof RIGHTS)[U] extends typeof ANYBODY ? U : never;
}[UseCase];

/** Whether somebody may do something. @param role what they are; null: nobody who has come in. */
export function may(role: Role | null, what: UseCase): boolean {
  const roles: readonly Role[] | typeof ANYBODY = RIGHTS[what];
  return roles === ANYBODY || (role !== null && roles.includes(role));
}

/** What who may not is told. */
export const NOT_ALLOWED = "This is not for you to do here. Ask who runs the gym.";
export const NOT_SIGNED_IN = "Sign in first: you have been signed out, or never were.";
