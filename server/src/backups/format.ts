import { createHash } from 'node:crypto';
import { gunzipSync, gzipSync } from 'node:zlib';

export const BACKUP_FORMAT = 'corkscrew-backup';
export const BACKUP_VERSION = 1;

/** What the first line of a backup says of it. */
interface BackupHead {
  readonly format: typeof BACKUP_FORMAT;
  readonly version: number;
  readonly madeAt: string;
  readonly team: string;
  readonly name: string;
}
/** A row of a table, its moments as texts. */
export interface BackupRow {
  readonly table: string;
  readonly row: Readonly<Record<string, unknown>>;
}
export interface Backup {
  readonly head: BackupHead;
  readonly rows: readonly BackupRow[];
}

/** A backup that can't be restored, and why. */
export class BackupFault extends Error {}

/** What rows of an older format become in the next one, step by step; the first format has none before it. */
const MIGRATIONS: Readonly<Record<number, (row: BackupRow) => BackupRow>> = {};

/**
 * A backup as a file: gzip of one JSON object a line. The first says what it is, the last how many rows it has and a
 * SHA-256 of all before it, so that a file that was cut or changed is known.
 */
export function packBackup({ head, rows }: Backup): Buffer {
  const lines = [head, ...rows].map((o) => `${JSON.stringify(o)}\n`).join('');
  const sha256 = createHash('sha256').update(lines).digest('hex');
  return gzipSync(`${lines}${JSON.stringify({ end: true, rows: rows.length, sha256 })}\n`);
}

/** Reads a backup whole, or says why it can't be trusted. Throws `BackupFault`. */
export function unpackBackup(file: Uint8Array): Backup {
  let text: string;
  try {
    text = gunzipSync(file, { maxOutputLength: 1024 * 1024 * 1024 }).toString('utf8');
  } catch {
    throw new BackupFault('This backup is damaged: it can’t be unpacked to its end. Nothing was restored.');
  }
  const last = text.lastIndexOf('\n', text.length - 2) + 1;
  const parsed = (line: string): Record<string, unknown> => {
    try {
      return JSON.parse(line) as Record<string, unknown>;
    } catch {
      throw new BackupFault('This is no backup of Corkscrew. Nothing was restored.');
    }
  };
  const body = text.slice(0, last);
  const lines = body.split('\n').slice(0, -1);
  const head = parsed(lines[0] ?? '') as unknown as BackupHead;
  if (head.format !== BACKUP_FORMAT)
    throw new BackupFault('This is no backup of Corkscrew. Nothing was restored.');
  if (head.version > BACKUP_VERSION)
    throw new BackupFault(
      'This backup was made by a newer Corkscrew. Update this one first. Nothing was restored.',
    );
  const end = parsed(text.slice(last));
  const sha256 = createHash('sha256').update(body).digest('hex');
  if (end.end !== true || end.rows !== lines.length - 1 || end.sha256 !== sha256)
    throw new BackupFault(
      'This backup is damaged: what is in it is not what was put in. Nothing was restored.',
    );
  const rows = lines.slice(1).map((line) => {
    let row = parsed(line) as unknown as BackupRow;
    for (let v = head.version; v < BACKUP_VERSION; v++) row = MIGRATIONS[v]?.(row) ?? row;
    return row;
  });
  return { head, rows };
}
