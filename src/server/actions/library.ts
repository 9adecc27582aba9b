"use server";

import { copyContent, copySchema, saveCustomContent, saveCustomSchema } from "../library/custom-content";
import { action } from "./action";

export const copyContentAction = action(copySchema, copyContent);
export const saveCustomContentAction = action(saveCustomSchema, saveCustomContent);
