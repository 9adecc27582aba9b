import path from "node:path";
import { format } from "date-fns";
import { copiesFolder, copyOnceADay, copyTo, listCopies } from "./copies";
import { checkpoint, databasePlace, openDatabaseFile, troubleHere } from "./open-file";
import { replaceFile, restoreFrom } from "./restore";
import { DatabaseTrouble, EXIT } from "./trouble";

/**
 * What is done to the database beside the server: `check` before it starts, `day-copy`, `backup [FILE]`, `restore FILE`.
 * Says what has been done or what is wrong in a sentence.
 */
async function run([command, to]: readonly string[]): Promise<string> {
  const { file } = databasePlace();
  if (file === null && command !== "check") {
    throw new DatabaseTrouble("Copies are made of a file; this database is on another machine.", EXIT.access);
  }
  if (command === "restore") return restore(file!, to);
  const { client, turns } = await openDatabaseFile();
  try {
    switch (command) {
      case "check":
        await turns.run(() =>
          client.execute(
            "INSERT INTO heartbeat (id, at) VALUES (1, 0) ON CONFLICT (id) DO UPDATE SET at = at",
          ),
        );
        return "";
      case "day-copy":
        return (await copyOnceADay(client, file!)) ? "Today's copy has been made." : "";
      case "backup": {
        const name = `backup-${format(new Date(), "yyyy-MM-dd-HHmmss")}.db`;
        const target = to ?? path.join(copiesFolder(file!), name);
        await copyTo(client, target);
        return `Copied to ${target}. “npm run restore ${target}” brings it back.`;
      }
      default:
        throw new DatabaseTrouble(`There is no command “${command}”.`, EXIT.data);
    }
  } finally {
    if (file !== null) await turns.run(() => checkpoint(client));
    client.close();
    await turns.close();
  }
}

/** A copy into the database, or into the place of one that cannot be opened. */
async function restore(file: string, copy: string | undefined): Promise<string> {
  if (!copy) {
    const known = listCopies(file).map((c) => `  ${c.file}`);
    const list = known.length > 0 ? ` There are:\n${known.join("\n")}` : "";
    throw new DatabaseTrouble(`Say which copy: “npm run restore FILE”.${list}`, EXIT.data);
  }
  const opened = await openDatabaseFile().catch((error: unknown) => {
    const trouble = troubleHere(error);
    if (trouble?.exitCode === EXIT.data) return null;
    throw error;
  });
  if (opened === null) return inPlace(copy, await replaceFile(file, copy));
  const { client, turns } = opened;
  try {
    const restored = async () => {
      const kept = await restoreFrom(client, file, copy);
      await checkpoint(client);
      return kept;
    };
    return inPlace(copy, await turns.run(restored));
  } finally {
    client.close();
    await turns.close();
  }
}

const inPlace = (copy: string, kept: string) => `${copy} is in place. What was there before is in ${kept}.`;

try {
  const said = await run(process.argv.slice(2));
  if (said) console.log(said);
} catch (error) {
  const trouble = troubleHere(error);
  console.error(trouble ? trouble.message : error);
  process.exitCode = trouble?.exitCode ?? 1;
}
