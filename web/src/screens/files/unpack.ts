import { Unzip, UnzipInflate } from 'fflate';

/** A file as it was given: where it lay, and its text; or why it is not read. */
export interface GivenFile {
  readonly path: string;
  readonly text: string | null;
  readonly fault?: string;
}

/** So much is unpacked of one zip, and so many files are read in all (bytes): beyond that it is no playbook. */
const UNPACKED = { bytes: 256 * 1024 * 1024, files: 5000, one: 64 * 1024 * 1024 };

const READ = /\.(json|txt|corkscrew)$/i;
/** What computers put into zips and folders beside what is meant. */
const RUBBISH = /(^|\/)(__MACOSX\/|\.DS_Store$|Thumbs\.db$|\._)/;

/** A path with nothing in it that leads out of where it lies. */
export const isTricky = (path: string): boolean =>
  path.split(/[\\/]/).includes('..') || /^([\\/]|[a-z]:)/i.test(path) || path.includes('\0');

/** Reads files one after the other; zips are unpacked. `onFile` is told after each. */
export async function readAll(
  files: readonly { readonly path: string; readonly file: Blob }[],
  onFile: (done: number, of: number) => void = () => undefined,
  most = UNPACKED,
): Promise<GivenFile[]> {
  const out: GivenFile[] = [];
  for (const [i, { path, file }] of files.entries()) {
    if (RUBBISH.test(path)) continue;
    if (/\.zip$/i.test(path)) out.push(...(await unzip(path, file, most)));
    else if (!READ.test(path))
      out.push({
        path,
        text: null,
        fault: 'Only play files (.json), written plays (.txt) and zips of them are read.',
      });
    else if (file.size > most.one)
      out.push({ path, text: null, fault: 'This file is too large for a playbook.' });
    else out.push({ path, text: await file.text() });
    onFile(i + 1, files.length);
    if (out.length > most.files) {
      out.length = most.files;
      out.push({ path, text: null, fault: `Only ${most.files} files are read at once.` });
      break;
    }
  }
  return out;
}

const CHUNK = 1 << 20;

/** Unpacks a zip as it is read, and stops where it swells beyond all measure, whatever it says of itself. */
async function unzip(path: string, file: Blob, most: typeof UNPACKED): Promise<GivenFile[]> {
  const out: GivenFile[] = [];
  let [bytes, files] = [0, 0];
  let fault: string | null = null;
  const reader = new Unzip((entry) => {
    const at = `${path} › ${entry.name}`;
    if (entry.name.endsWith('/') || RUBBISH.test(entry.name)) return;
    files += 1;
    if (files > most.files) fault ??= `It holds more than ${most.files} files.`;
    if (fault) return;
    if (isTricky(entry.name)) {
      out.push({ path: at, text: null, fault: 'Its path leads out of the zip: it is not read.' });
      return;
    }
    if (!READ.test(entry.name)) {
      out.push({ path: at, text: null, fault: 'This is no play file.' });
      return;
    }
    const parts: Uint8Array[] = [];
    entry.ondata = (error, data, final) => {
      bytes += data?.length ?? 0;
      if (bytes > most.bytes) {
        fault ??= `It swells to more than ${most.bytes / 1024 / 1024} MB: it is not read.`;
        entry.terminate();
        return;
      }
      if (error) {
        out.push({ path: at, text: null, fault: 'It is damaged in the zip.' });
        return;
      }
      parts.push(data);
      if (final) out.push({ path: at, text: new TextDecoder().decode(joined(parts)) });
    };
    try {
      entry.start();
    } catch {
      out.push({ path: at, text: null, fault: 'It is packed in a way that can’t be read.' });
    }
  });
  reader.register(UnzipInflate);
  try {
    for (let at = 0; at < file.size && fault === null; at += CHUNK) {
      const part = new Uint8Array(await file.slice(at, at + CHUNK).arrayBuffer());
      reader.push(part, at + CHUNK >= file.size);
    }
  } catch {
    fault ??= 'It is damaged: not all of it can be unpacked.';
  }
  if (fault === null && files === 0) fault = 'There is nothing in it, or it is no zip.';
  return fault === null ? out : [{ path, text: null, fault }];
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(parts.reduce((n, p) => n + p.length, 0));
  let at = 0;
  for (const p of parts) {
    all.set(p, at);
    at += p.length;
  }
  return all;
}
