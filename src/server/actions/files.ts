"use server";

import { restore } from "../files/restore";
import { idField } from "../schemas/fields";
import { action } from "./action";

/** Restores what was deleted, or undoes what was imported or changed for many. */
export const restoreAction = action("restore", idField, restore);
