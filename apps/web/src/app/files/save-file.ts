/** Saves a file with this device's downloads. */
export function saveFile(file: Blob, name: string): void {
  const url = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // Whoever saves has taken it by then.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}
