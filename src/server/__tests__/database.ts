import { rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";

/** Gives the test file a database of its own; call it before anything reads or writes. */
export function withTemporaryDatabase(): void {
  const file = path.join(tmpdir(), `iron-step-test-${process.pid}-${Math.round(performance.now())}.db`);
  const before = process.env.DATABASE_URL;
  process.env.DATABASE_URL = `file:${file}`;
  afterAll(() => {
    process.env.DATABASE_URL = before;
    for (const end of ["", "-wal", "-shm", "-turn"]) rmSync(file + end, { force: true });
  });
}
