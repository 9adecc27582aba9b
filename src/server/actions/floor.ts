"use server";

import { shareWall, shareWallSchema, stopSharingWall } from "../floor/wall-address";
import { idField } from "../schemas/fields";
import { action } from "./action";

export const shareWallAction = action("shareWall", shareWallSchema, shareWall);
export const stopSharingWallAction = action("stopSharingWall", idField, stopSharingWall);
