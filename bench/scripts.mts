import { readFileSync } from "node:fs";
import path from "node:path";
import { gzipSync } from "node:zlib";
import { createClient } from "@libsql/client";
import { seedDemo, serve, temporaryFolder } from "./serve";

/** How much script each page asks for before anything is done on it: kilobytes, gzip. */
const PORT = Number(process.env.BENCH_PORT ?? 4175);
const file = path.join(temporaryFolder(), "demo.db");
seedDemo(file);
const database = createClient({ url: `file:${file}` });
await serve(file, PORT);
await database.execute({
  sql: "insert into card_address (token, session_id, athlete_id) values ('bench', 'tomorrow-masters', 'rashid')",
  args: [],
});
const url = `http://127.0.0.1:${PORT}`;

const sizes = new Map<string, number>();
function sizeOf(script: string): number {
  const known =
    sizes.get(script) ??
    gzipSync(readFileSync(`.next/${script.replace("/_next/", "")}`), { level: 9 }).length;
  sizes.set(script, known);
  return known;
}

/** The scripts that a page names in its HTML. */
async function scriptsOf(address: string): Promise<Set<string>> {
  const html = (await (await fetch(url + address)).text()).replaceAll(/<script[^>]*noModule[^>]*>/g, "");
  return new Set([...html.matchAll(/\/_next\/static\/chunks\/[^"'\\ ?]+\.js/g)].map((m) => m[0]));
}

for (const [name, address] of [
  ["Nothing there", "/nothing/there"],
  ["Today", "/"],
  ["Calendar", "/calendar"],
  ["Athletes", "/athletes"],
  ["An athlete", "/athletes/rashid"],
  ["Gym", "/gym"],
  ["Library", "/library"],
  ["Files", "/files"],
  ["A session", "/session/tomorrow-masters"],
  ["Plan editor", "/session/tomorrow-masters/rashid"],
  ["Card", "/session/tomorrow-masters/rashid/card"],
  ["Sheets", "/session/tomorrow-masters/sheets"],
  ["Card on a phone", "/card/bench"],
] as const) {
  const scripts = [...(await scriptsOf(address))];
  const total = scripts.reduce((sum, s) => sum + sizeOf(s), 0);
  console.log(`${name.padEnd(20)} ${(total / 1000).toFixed(0).padStart(5)} kB`);
}
process.exit(0);
