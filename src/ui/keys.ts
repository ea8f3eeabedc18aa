/** Whether keys belong to a field that is typed into. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** Whether a question stands in front of the screen: keys of the screen do nothing behind it. */
export const isBehindDialog = (): boolean =>
  document.querySelector('[role="dialog"], [role="alertdialog"]') !== null;
