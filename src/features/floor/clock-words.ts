/** Seconds as digits, never below zero. @example clockDigits(75) // "1:15" */
export function clockDigits(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds - 1e-6));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}

/** How somebody is on time. @example "2 min behind", "on time", "1 min ahead" */
export function paceWords(behind: number): string {
  const minutes = Math.round(Math.abs(behind) / 60);
  if (minutes === 0) return "on time";
  return `${minutes} min ${behind > 0 ? "behind" : "ahead"}`;
}

/** The first letters of a name. @example initials("Rashid al-Amin") // "RA" */
export function initials(name: string): string {
  const words = name.split(/\s+/).filter(Boolean);
  const last = words.length > 1 ? words.at(-1)!.replace(/^[a-z]+-/, "") : "";
  return `${words[0]?.[0] ?? ""}${last[0] ?? ""}`.toUpperCase();
}

/** Which side a stretch is for. */
export function sideWords(side: 1 | 2 | null): string {
  if (side === null) return "";
  return side === 1 ? "First side" : "Other side";
}
