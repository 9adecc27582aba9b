"use server";

import { startFloor, startFloorSchema } from "../floor/start-floor";
import { shareWall, shareWallSchema, stopSharingWall } from "../floor/wall-address";
import { idField } from "../schemas/fields";
import { action } from "./action";

export const startFloorAction = action(startFloorSchema, startFloor);
export const shareWallAction = action(shareWallSchema, shareWall);
export const stopSharingWallAction = action(idField, stopSharingWall);
