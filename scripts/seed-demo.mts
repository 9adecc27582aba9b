import { seedDemo } from "@/demo/seed";
import { seedFloor } from "@/demo/seed-floor";
import { seedTests } from "@/demo/seed-tests";

/** Fills the database of the demo; `--floor` also with what happened in the last eight weeks and with a session that runs. */
await seedDemo(new Date());
if (process.argv.includes("--floor")) {
  await seedTests(new Date());
  await seedFloor(new Date());
}
process.exit(0);
