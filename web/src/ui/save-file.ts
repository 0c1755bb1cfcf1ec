/** Hands something to the coach as a file. */
export function saveBlob(name: string, blob: Blob): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

/** The same for a text. */
export const saveText = (name: string, text: string, type = 'application/json'): void =>
  saveBlob(name, new Blob([text], { type }));

/** A name a file may have on any machine. */
export const fileName = (name: string): string =>
  name
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60) || 'play';
