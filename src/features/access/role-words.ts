import type { Role } from "@/server/access/rights";

/** What each role is called. */
export const ROLE_NAMES: Readonly<Record<Role, string>> = {
  owner: "Owner",
  coach: "Coach",
  assistant: "Assistant",
  athlete: "Athlete",
};

/** What each role may do, in a line. */
export const ROLE_SAYS: Readonly<Record<Role, string>> = {
  owner: "Everything, people and backups too.",
  coach: "Everything of the sport.",
  assistant: "The floor only, without notes and pain.",
  athlete: "Their own card, answers, report and data.",
};
