/** Hands a blob to the browser as a file. */
export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Hands a text to the browser as a file. */
export const saveText = (name: string, text: string, type = 'application/json'): void =>
  saveBlob(name, new Blob([text], { type }));
