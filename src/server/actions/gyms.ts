"use server";

import { addGymLike, removeGym } from "../gyms/add-gym";
import { saveGym, saveGymSchema } from "../gyms/save-gym";
import { addGymSchema } from "../schemas/added";
import { idField } from "../schemas/fields";
import { action } from "./action";

export const saveGymAction = action(saveGymSchema, saveGym);
export const addGymAction = action(addGymSchema, addGymLike);
export const removeGymAction = action(idField, removeGym);
