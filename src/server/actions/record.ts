"use server";

import {
  changeRecord,
  changeRecordSchema,
  writeAsPlanned,
  writeAsPlannedSchema,
} from "../record/write-record";
import { action } from "./action";

export const writeAsPlannedAction = action("writeAsPlanned", writeAsPlannedSchema, writeAsPlanned);
export const changeRecordAction = action("changeRecord", changeRecordSchema, changeRecord);
