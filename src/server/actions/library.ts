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

export const copyContentAction = action(copySchema, copyContent);
export const newContentAction = action(newContentSchema, newContent);
export const saveCustomContentAction = action(saveCustomSchema, saveCustomContent);
export const wishForDrillAction = action(wishSchema, wishForDrill);
export const noteFilmAction = action(filmOfSchema, noteFilm);
