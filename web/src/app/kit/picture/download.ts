/** Hands a file to the browser, which saves it where it saves files. */
export function download(name: string, type: string, content: string): void {
  const address = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // The browser has taken hold of it by then.
  setTimeout(() => URL.revokeObjectURL(address), 1000);
}
