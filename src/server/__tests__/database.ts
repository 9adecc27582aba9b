import { rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";

/**
 * Gives the test file a database of its own; call it before anything reads or writes. With REMOTE_DATABASE it is one on the libSQL
 * server at that address, instead of a file.
 */
export function withTemporaryDatabase(): void {
  const name = `iron-step-test-${process.pid}-${Math.round(performance.now())}`;
  const file = path.join(tmpdir(), `${name}.db`);
  const before = process.env.DATABASE_URL;
  const remote = process.env.REMOTE_DATABASE;
  process.env.DATABASE_URL = remote ? `${remote}/${name}/` : `file:${file}`;
  afterAll(() => {
    process.env.DATABASE_URL = before;
    for (const end of ["", "-wal", "-shm", "-turn"]) rmSync(file + end, { force: true });
  });
}
