"use server";

import { answerQuestion, answerSchema, liftWishSchema, removeLiftWish } from "../preferences/preferences";
import { action } from "./action";

export const answerQuestionAction = action("answerQuestion", answerSchema, answerQuestion);
export const removeLiftWishAction = action("removeLiftWish", liftWishSchema, removeLiftWish);
