/** Two objectives closer than this are the same. Points. */
export const SAME = 1e-6;
/** A variable closer than this to 0 or 1 is whole. */
export const WHOLE = 1e-6;
