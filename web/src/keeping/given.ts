import { create } from 'zustand';

/** A file with where it lay. */
export interface Given {
  readonly path: string;
  readonly file: File;
}
/** Files that were dropped or chosen elsewhere, on their way to the report. */
export const useGiven = create<{ readonly files: readonly Given[] }>(() => ({ files: [] }));

/** Files as a field gives them, with the folder they lie in. */
export const fromList = (list: FileList | readonly File[]): Given[] =>
  [...list].map((file) => ({ path: file.webkitRelativePath || file.name, file }));

/** All files that were dropped, those in folders too. */
export async function fromDrop(data: DataTransfer): Promise<Given[]> {
  const entries = [...data.items].flatMap((i) => i.webkitGetAsEntry?.() ?? []);
  if (entries.length === 0) return fromList(data.files);
  const out: Given[] = [];
  const walk = async (entry: FileSystemEntry): Promise<void> => {
    if (entry.isFile) {
      const file = await new Promise<File>((done, fail) => (entry as FileSystemFileEntry).file(done, fail));
      out.push({ path: entry.fullPath.replace(/^\//, ''), file });
      return;
    }
    const reader = (entry as FileSystemDirectoryEntry).createReader();
    // A folder tells what is in it a part at a time, until it tells nothing more.
    for (;;) {
      const some = await new Promise<FileSystemEntry[]>((done, fail) => reader.readEntries(done, fail));
      if (some.length === 0) break;
      for (const e of some) await walk(e);
    }
  };
  for (const e of entries) await walk(e);
  return out;
}
