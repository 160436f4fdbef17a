/** Whether a key goes into an entry: what is typed there is no command. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target;
  return target instanceof HTMLElement && target.matches("input, textarea, select, [contenteditable]");
}
