"use server";

import {
  copyContent,
  copySchema,
  newContent,
  newContentSchema,
  saveCustomContent,
  saveCustomSchema,
} from "../library/custom-content";
import { filmOfSchema, noteFilm, wishForDrill, wishSchema } from "../library/wishes";
import { action } from "./action";

export const copyContentAction = action("copyContent", copySchema, copyContent);
export const newContentAction = action("newContent", newContentSchema, newContent);
export const saveCustomContentAction = action("saveCustomContent", saveCustomSchema, saveCustomContent);
export const wishForDrillAction = action("wishForDrill", wishSchema, wishForDrill);
export const noteFilmAction = action("noteFilm", filmOfSchema, noteFilm);
