"use server";

import { noteResultSchema, noteTrialSchema, removeNotedSchema } from "../schemas/trials";
import { noteResult, noteTrial, removeNote } from "../trials/note-tests";
import { action } from "./action";

export const noteResultAction = action("noteResult", noteResultSchema, noteResult);
export const noteTrialAction = action("noteTrial", noteTrialSchema, noteTrial);
export const removeNoteAction = action("removeNote", removeNotedSchema, removeNote);
