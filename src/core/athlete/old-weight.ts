/** Working weights older than this are marked. Weeks. */
export const OLD_AFTER_WEEKS = 8;
