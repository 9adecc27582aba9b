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

export const saveAthleteAction = action("saveAthlete", saveAthleteSchema, saveAthlete);
export const addAthletesAction = action("addAthletes", addAthletesSchema, addAthletesFromList);
export const addLimiterAction = action("addLimiter", addLimiterSchema, addLimiter);
export const eraseAthleteAction = action("eraseAthlete", eraseSchema, erase);
export const noteReachedAction = action("noteReached", noteReachedSchema, noteReached);
export const noteWeightAction = action("noteWeight", noteWeightSchema, noteWeight);
export const raiseWeightsAction = action("raiseWeights", raiseWeightsSchema, raiseWeights);
export const changeSeveralAction = action("changeSeveral", changeSeveralSchema, changeSeveral);
export const previewImportAction = action("previewImport", importSchema, previewImport);
export const importAthletesAction = action("importAthletes", importSchema, importAthletes);
