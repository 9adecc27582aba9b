import { mkdirSync } from "node:fs";
import { createServer, type IncomingMessage, type ServerResponse } from "node:http";
import path from "node:path";
import Database from "libsql";

/**
 * Stands in for a libSQL server, for tests: it speaks the part of its protocol over HTTP (Hrana 2, JSON) that the client uses, over
 * files of the local engine. Slow and losing connections if asked to. Each path of an address is a database of its own.
 *
 * node: tsx harness/libsql-stand-in.mts FOLDER PORT [LATENCY_MS] [DROPPED_SHARE]
 */
const [folder = "", port = "0", latency = "0", dropped = "0"] = process.argv.slice(2);
const LATENCY_MS = Number(latency);
const DROPPED = Number(dropped);
/** A transaction that nobody goes on with is rolled back after so long. Milliseconds. */
const FORGOTTEN_MS = 4000;
mkdirSync(folder, { recursive: true });

type Value =
  | { type: "null" }
  | { type: "integer"; value: string }
  | { type: "float"; value: number }
  | { type: "text"; value: string }
  | { type: "blob"; base64: string };
interface Stmt {
  sql?: string;
  sql_id?: number;
  args?: Value[];
  named_args?: { name: string; value: Value }[];
}
type Condition =
  | { type: "ok" | "error"; step: number }
  | { type: "not"; cond: Condition }
  | { type: "and" | "or"; conds: Condition[] }
  | { type: "is_autocommit" };
type Asked =
  | { type: "execute"; stmt: Stmt }
  | { type: "batch"; batch: { steps: { condition?: Condition; stmt: Stmt }[] } }
  | { type: "sequence" | "describe"; sql?: string; sql_id?: number }
  | { type: "store_sql"; sql_id: number; sql: string }
  | { type: "close_sql"; sql_id: number }
  | { type: "close" };

/** What belongs to one sequence of requests: texts that were kept, and whether it is in a transaction. */
interface Stream {
  baton: string;
  texts: Map<number, string>;
  timer?: NodeJS.Timeout;
}

/** A database with who is in a transaction on it, and who waits until that is over. */
class Served {
  private readonly db: InstanceType<typeof Database>;
  private readonly streams = new Map<string, Stream>();
  private owner: Stream | null = null;
  private waiting: (() => void)[] = [];

  constructor(file: string) {
    this.db = new Database(file);
    this.db.exec("PRAGMA journal_mode=WAL");
    this.db.exec("PRAGMA foreign_keys=ON");
    this.db.defaultSafeIntegers(true);
  }

  async pipeline(baton: string | null, asked: readonly Asked[]) {
    const stream = baton ? this.streams.get(baton) : { baton: "", texts: new Map<number, string>() };
    if (!stream) return null;
    while (this.owner && this.owner !== stream) await new Promise<void>((go) => this.waiting.push(go));
    clearTimeout(stream.timer);
    this.streams.delete(stream.baton);
    let isClosed = false;
    const results = asked.map((a) => {
      if (a.type === "close") isClosed = true;
      try {
        return { type: "ok", response: this.answer(stream, a) };
      } catch (error) {
        return { type: "error", error: faultOf(error) };
      }
    });
    if (isClosed) this.end(stream);
    else this.keep(stream);
    return { baton: isClosed ? null : stream.baton, base_url: null, results };
  }

  private keep(stream: Stream): void {
    stream.baton = crypto.randomUUID();
    this.streams.set(stream.baton, stream);
    stream.timer = setTimeout(() => this.end(stream), FORGOTTEN_MS);
    if (this.db.inTransaction) this.owner = stream;
    else if (this.owner === stream) this.free();
  }

  private end(stream: Stream): void {
    clearTimeout(stream.timer);
    this.streams.delete(stream.baton);
    if (this.owner !== stream && this.owner !== null) return;
    if (this.db.inTransaction) this.db.exec("ROLLBACK");
    this.free();
  }

  private free(): void {
    this.owner = null;
    const all = this.waiting;
    this.waiting = [];
    for (const go of all) go();
  }

  private answer(stream: Stream, asked: Asked): object {
    switch (asked.type) {
      case "execute":
        return { type: "execute", result: this.execute(stream, asked.stmt) };
      case "batch":
        return { type: "batch", result: this.batch(stream, asked.batch.steps) };
      case "sequence":
        this.db.exec(textOf(stream, asked));
        return { type: "sequence" };
      case "describe": {
        const statement = this.db.prepare(textOf(stream, asked));
        return {
          type: "describe",
          result: { params: [], cols: [], is_explain: false, is_readonly: statement.reader },
        };
      }
      case "store_sql":
        stream.texts.set(asked.sql_id, asked.sql);
        return { type: "store_sql" };
      case "close_sql":
        stream.texts.delete(asked.sql_id);
        return { type: "close_sql" };
      case "close":
        return { type: "close" };
    }
  }

  private batch(stream: Stream, steps: readonly { condition?: Condition; stmt: Stmt }[]) {
    const results: (object | null)[] = [];
    const errors: (object | null)[] = [];
    const holds = (c: Condition): boolean => {
      switch (c.type) {
        case "ok":
          return results[c.step] != null;
        case "error":
          return errors[c.step] != null;
        case "not":
          return !holds(c.cond);
        case "and":
          return c.conds.every(holds);
        case "or":
          return c.conds.some(holds);
        case "is_autocommit":
          return !this.db.inTransaction;
      }
    };
    steps.forEach(({ condition, stmt }, i) => {
      results[i] = null;
      errors[i] = null;
      if (condition && !holds(condition)) return;
      try {
        results[i] = this.execute(stream, stmt);
      } catch (error) {
        errors[i] = faultOf(error);
      }
    });
    return { step_results: results, step_errors: errors };
  }

  private execute(stream: Stream, stmt: Stmt) {
    const statement = this.db.prepare(textOf(stream, stmt));
    const args = argsOf(stmt);
    if (!statement.reader) {
      const { changes, lastInsertRowid } = statement.run(args as never);
      return {
        ...{ cols: [], rows: [], affected_row_count: Number(changes) },
        last_insert_rowid: String(lastInsertRowid),
      };
    }
    statement.raw(true);
    const cols = statement.columns().map((c) => ({ name: c.name, decltype: c.type ?? null }));
    const before = this.total();
    const rows = (statement.all(args as never) as unknown[][]).map((row) => row.map(sentValue));
    return { cols, rows, affected_row_count: this.total() - before, last_insert_rowid: null };
  }

  private total(): number {
    const [row] = this.db.prepare("SELECT total_changes()").raw(true).all() as unknown[][];
    return Number(row![0]);
  }
}

function textOf(stream: Stream, { sql, sql_id: id }: { sql?: string; sql_id?: number }): string {
  const text = sql ?? (id === undefined ? undefined : stream.texts.get(id));
  if (text === undefined) throw new Error("There is no such text of a statement.");
  return text;
}

function argsOf({ args = [], named_args: named = [] }: Stmt): unknown[] | Record<string, unknown> {
  if (named.length === 0) return args.map(plain);
  return Object.fromEntries(named.map(({ name, value }) => [name.replace(/^[:@$]/, ""), plain(value)]));
}

function plain(value: Value): unknown {
  switch (value.type) {
    case "null":
      return null;
    case "integer":
      return BigInt(value.value);
    case "float":
    case "text":
      return value.value;
    case "blob":
      return Buffer.from(value.base64, "base64");
  }
}

function sentValue(value: unknown): Value {
  if (value === null || value === undefined) return { type: "null" };
  if (typeof value === "bigint") return { type: "integer", value: String(value) };
  if (typeof value === "number") return { type: "float", value };
  if (typeof value === "string") return { type: "text", value };
  return { type: "blob", base64: Buffer.from(value as Uint8Array).toString("base64") };
}

function faultOf(error: unknown): object {
  const { message, code } = error as { message: string; code?: string };
  return { message: `SQLite error: ${message}`, code: code ?? "SQLITE_UNKNOWN" };
}

const served = new Map<string, Served>();

/** The database that an address names. */
function servedAt(name: string): Served {
  const known = served.get(name) ?? new Served(path.join(folder, `${name || "main"}.db`));
  served.set(name, known);
  return known;
}

const pause = () => new Promise((resolve) => setTimeout(resolve, LATENCY_MS * (0.5 + Math.random())));

async function answer(request: IncomingMessage, response: ServerResponse): Promise<void> {
  const address = /^\/(?:([\w-]+)\/)?v2\/pipeline$/.exec(request.url ?? "");
  if (!address || request.method !== "POST") {
    response.writeHead(404).end();
    return;
  }
  let text = "";
  for await (const part of request.setEncoding("utf8")) text += part;
  if (LATENCY_MS > 0) await pause();
  // A connection is lost before anything is done, or after all has been: who asked cannot tell which.
  const isLost = Math.random() < DROPPED;
  if (isLost && Math.random() < 0.5) {
    request.socket.destroy();
    return;
  }
  const { baton = null, requests } = JSON.parse(text) as { baton?: string | null; requests: Asked[] };
  const answered = await servedAt(address[1] ?? "").pipeline(baton, requests);
  if (isLost) {
    request.socket.destroy();
    return;
  }
  if (!answered) {
    const message = "The stream has ended: its transaction took too long, or the server was started anew.";
    response.writeHead(400, { "content-type": "application/json" });
    response.end(JSON.stringify({ message, code: "STREAM_EXPIRED" }));
    return;
  }
  response.writeHead(200, { "content-type": "application/json" });
  response.end(JSON.stringify(answered));
}

const server = createServer((request, response) => {
  answer(request, response).catch(() => request.socket.destroy());
});
// Longer than clients keep a connection for, so that none is closed just when it is used.
server.keepAliveTimeout = 120_000;
server.listen(Number(port), "127.0.0.1", () => {
  const at = server.address();
  if (at && typeof at === "object") console.log(`http://127.0.0.1:${at.port}`);
});
for (const signal of ["SIGINT", "SIGTERM"] as const) process.on(signal, () => process.exit(0));
