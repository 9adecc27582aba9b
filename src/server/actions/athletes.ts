"use server";

import { addLimiter, addLimiterSchema } from "../athletes/add-limiter";
import {
  addAthletesFromList,
  changeSeveral,
  changeSeveralSchema,
  noteReached,
  noteReachedSchema,
  saveAthlete,
  saveAthleteSchema,
} from "../athletes/athletes";
import { erase, eraseSchema } from "../athletes/erase-athlete";
import { importAthletes, importSchema, previewImport } from "../athletes/import-athletes";
import { noteWeight, noteWeightSchema } from "../athletes/note-weight";
import { raiseWeights, raiseWeightsSchema } from "../athletes/raise-weights";
import { addAthletesSchema } from "../schemas/added";
import { action } from "./action";

export const saveAthleteAction = action(saveAthleteSchema, saveAthlete);
export const addAthletesAction = action(addAthletesSchema, addAthletesFromList);
export const addLimiterAction = action(addLimiterSchema, addLimiter);
export const eraseAthleteAction = action(eraseSchema, erase);
export const noteReachedAction = action(noteReachedSchema, noteReached);
export const noteWeightAction = action(noteWeightSchema, noteWeight);
export const raiseWeightsAction = action(raiseWeightsSchema, raiseWeights);
export const changeSeveralAction = action(changeSeveralSchema, changeSeveral);
export const previewImportAction = action(importSchema, previewImport);
export const importAthletesAction = action(importSchema, importAthletes);
