import { install, runDatabaseCommand } from "./prepare.mjs";

/** `npm run backup [FILE]` copies the database, `npm run restore FILE` brings a copy back; the server may run. */
install();
process.exit((await runDatabaseCommand(...process.argv.slice(2))) ?? 1);
