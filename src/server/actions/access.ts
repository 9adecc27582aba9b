"use server";

import { redirect } from "next/navigation";
import { z } from "zod";
import {
  addAccount,
  addAccountSchema,
  changePassword,
  changePasswordSchema,
  changeRole,
  changeRoleSchema,
  endSignedIn,
  passwordLink,
  removeAccount,
  setPassword,
  setPasswordSchema,
} from "../access/accounts";
import { shareCalendar, shareCalendarSchema, stopSharingCalendar } from "../access/addresses";
import {
  endDevice,
  leave,
  nameDevice,
  nameDeviceSchema,
  pairDevice,
  pairDeviceSchema,
  showCode,
  showCodeSchema,
} from "../access/devices";
import {
  askPasskey,
  beginPasskey,
  enterByPasskey,
  keepPasskey,
  removePasskey,
  removePasskeySchema,
  signedSchema,
} from "../access/passkeys";
import { signIn, signInSchema, signOut } from "../access/sign-in";
import { idField } from "../schemas/fields";
import { action } from "./action";

const nothing = z.strictObject({});

export const signInAction = action("signIn", signInSchema, signIn);
export const signOutAction = action("signOut", nothing, async (): Promise<never> => {
  await signOut();
  await leave();
  redirect("/sign-in");
});
export const setPasswordAction = action("setPassword", setPasswordSchema, setPassword);
export const changePasswordAction = action("changePassword", changePasswordSchema, (request, _, actor) =>
  changePassword(request, actor),
);
export const addAccountAction = action("addAccount", addAccountSchema, addAccount);
export const changeRoleAction = action("changeRole", changeRoleSchema, changeRole);
export const removeAccountAction = action("removeAccount", idField, removeAccount);
export const passwordLinkAction = action("passwordLink", idField, passwordLink);
export const endSignedInAction = action("endSignedIn", idField, (id, _, actor) => endSignedIn(id, actor));

export const showCodeAction = action("showCode", showCodeSchema, (request, _, actor) =>
  showCode(request, actor),
);
export const pairDeviceAction = action("pairDevice", pairDeviceSchema, pairDevice);
export const nameDeviceAction = action("nameDevice", nameDeviceSchema, nameDevice);
export const endDeviceAction = action("endDevice", idField, endDevice);

export const shareCalendarAction = action("shareCalendar", shareCalendarSchema, shareCalendar);
export const stopSharingCalendarAction = action("stopSharingCalendar", idField, stopSharingCalendar);

export const beginPasskeyAction = action("beginPasskey", nothing, (_, __, actor) => beginPasskey(actor));
export const keepPasskeyAction = action("keepPasskey", signedSchema, (request, _, actor) =>
  keepPasskey(request, actor),
);
export const removePasskeyAction = action("removePasskey", removePasskeySchema, (id, _, actor) =>
  removePasskey(id, actor),
);
export const askPasskeyAction = action("askPasskey", nothing, askPasskey);
export const enterByPasskeyAction = action("enterByPasskey", signedSchema, enterByPasskey);
