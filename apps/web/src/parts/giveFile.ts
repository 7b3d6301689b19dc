/** Hands a text to the browser as a file to keep. */
export const giveFile = (name: string, kind: string, text: string): void =>
  giveBlob(name, new Blob([text], { type: kind }));

/** The same of what is no text. */
export function giveBlob(name: string, blob: Blob): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
