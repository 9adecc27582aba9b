/** What was refused, taken apart: the field that a sentence begins with ("name: …"), where it is one of these, and the rest. */
export function fieldOf<F extends string>(
  message: string,
  fields: readonly F[],
): { field: F | null; text: string } {
  const field = fields.find((f) => message.startsWith(`${f}: `)) ?? null;
  return { field, text: field === null ? message : message.slice(field.length + 2) };
}
