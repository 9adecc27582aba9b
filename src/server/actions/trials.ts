"use server";

import { noteResultSchema, noteTrialSchema, removeNotedSchema } from "../schemas/trials";
import { noteResult, noteTrial, removeNote } from "../trials/note-tests";
import { action } from "./action";

export const noteResultAction = action(noteResultSchema, noteResult);
export const noteTrialAction = action(noteTrialSchema, noteTrial);
export const removeNoteAction = action(removeNotedSchema, removeNote);
