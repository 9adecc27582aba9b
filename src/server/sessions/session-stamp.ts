import { readStamp } from "@/data/sessions";

/** How often everything a session's pages show has been changed: two stamps that differ show different things. */
export interface SessionStamp {
  session: number;
  gym: number;
  /** Of everything that is the custom in the library together. */
  library: number;
  /** Of each who takes part: what is on record of them, and what was changed for them in this session. */
  people: Readonly<Record<string, { athlete: number; warmUp: number }>>;
}

/** The stamp of a session now; null: there is none with this id. */
export async function sessionStamp(id: string): Promise<SessionStamp | null> {
  return readStamp(id);
}
