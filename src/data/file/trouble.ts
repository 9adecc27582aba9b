/** What is wrong with a database, in a sentence that says what to do, and the exit code of a program that it stops. */
export class DatabaseTrouble extends Error {
  override name = "DatabaseTrouble";

  constructor(
    message: string,
    readonly exitCode: number,
  ) {
    super(message);
  }
}

/** Exit codes by sysexits: what is in the file is wrong, or the file cannot be used. */
export const EXIT = { data: 65, access: 74 } as const;

/** The code of an error of the driver, as SQLITE_BUSY; empty for others. */
export function codeOf(error: unknown): string {
  for (let e = error; e instanceof Error; e = e.cause) {
    const { code, rawCode } = e as Error & { code?: unknown; rawCode?: unknown };
    if (typeof code === "string" && code.startsWith("SQLITE_")) return code;
    if (rawCode === 5) return "SQLITE_BUSY";
  }
  return "";
}

/** Whether the connection to a database on another machine was lost, or could not be made. */
export function isLostConnection(error: unknown): boolean {
  for (let e = error; e instanceof Error; e = e.cause) {
    const { code } = e as Error & { code?: unknown };
    if (/^(ECONN|EPIPE|ETIMEDOUT|EAI_AGAIN|UND_ERR_(SOCKET|CONNECT|CLOSED))/.test(String(code))) return true;
    if (e.message === "fetch failed") return true;
  }
  return false;
}

const has = (code: string, ...kinds: string[]) => kinds.some((k) => code.startsWith(`SQLITE_${k}`));

/** What an error of the driver means for whoever runs the app; null: it is something else. */
export function troubleOf(error: unknown, file: string): DatabaseTrouble | null {
  if (error instanceof DatabaseTrouble) return error;
  const code = codeOf(error);
  if (has(code, "BUSY", "LOCKED")) return new DatabaseTrouble(inUse(file), EXIT.access);
  if (has(code, "NOTADB", "CORRUPT")) return new DatabaseTrouble(damaged(file), EXIT.data);
  if (has(code, "READONLY")) {
    const message = `The database ${file} cannot be written. Check that it and its folder are yours and not read-only.`;
    return new DatabaseTrouble(message, EXIT.access);
  }
  if (has(code, "FULL")) return new DatabaseTrouble(noRoom(file), EXIT.access);
  if (has(code, "IOERR")) {
    const message = `The disk of ${file} has a fault, or no room left. Make some room, or look after the disk.`;
    return new DatabaseTrouble(message, EXIT.access);
  }
  if (has(code, "CANTOPEN", "PERM", "AUTH")) {
    const message = `The database ${file} cannot be opened. Check DATABASE_URL, and who may read and write the file and its folder.`;
    return new DatabaseTrouble(message, EXIT.access);
  }
  if (isLostConnection(error)) return new DatabaseTrouble(away(file), EXIT.access);
  return null;
}

function away(url: string): string {
  return `The database at ${url.replace(/\?.*/, "")} does not answer. Nothing is lost that was acknowledged: look whether it runs, then try again.`;
}

export function damaged(file: string): string {
  return `The database ${file} is damaged. Bring the last good copy back with “npm run restore”; nothing has been changed.`;
}

function noRoom(file: string): string {
  return `There is no room left on the disk of ${file}. Make some.`;
}

function inUse(file: string): string {
  return `Another program holds the database ${file}. End it, then try again.`;
}
