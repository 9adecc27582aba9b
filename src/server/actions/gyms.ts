"use server";

import { addGymLike, removeGym } from "../gyms/add-gym";
import { saveGym, saveGymSchema } from "../gyms/save-gym";
import { addGymSchema } from "../schemas/added";
import { idField } from "../schemas/fields";
import { action } from "./action";

export const saveGymAction = action("saveGym", saveGymSchema, saveGym);
export const addGymAction = action("addGym", addGymSchema, addGymLike);
export const removeGymAction = action("removeGym", idField, removeGym);
