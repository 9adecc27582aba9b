"use client";

/** A button in a message. */
export interface ToastButton {
  label: string;
  onClick: () => void;
}

/** Says shortly what has just been done; the code that shows it is loaded when there is something to say. */
export async function toast(
  message: string,
  options: { id?: string; action?: ToastButton; cancel?: ToastButton } = {},
): Promise<void> {
  const sonner = await import("sonner");
  sonner.toast(message, options);
}
