/** Hands a text to the browser as a file to keep. */
export function giveFile(name: string, kind: string, text: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: kind }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
