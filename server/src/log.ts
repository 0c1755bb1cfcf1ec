import { dirname, basename } from 'node:path';
import { mkdirSync } from 'node:fs';
import pino, { type DestinationStream, type Logger } from 'pino';
import { createStream, type RotatingFileStream } from 'rotating-file-stream';

/** A log never holds more than about this many megabytes on disk. */
const SIZE = '5M';
const FILES = 5;
/** After a failure the file is tried again this much later (ms). */
const AGAIN = 30_000;

/**
 * A log file that rotates, and whose failure, a full disk for one, costs lines of the log and nothing else.
 * Without a file, lines go to the standard output, where a service manager keeps them.
 */
export function openLog(file: string | undefined): Logger {
  const level = process.env.LOG_LEVEL ?? 'info';
  return file === undefined
    ? pino({ level })
    : pino(
        { level },
        unfailing(() => rotating(file)),
      );
}

function rotating(file: string): RotatingFileStream {
  mkdirSync(dirname(file), { recursive: true });
  return createStream(basename(file), { path: dirname(file), size: SIZE, maxFiles: FILES, compress: 'gzip' });
}

interface Writable {
  write(line: string): unknown;
  on(event: 'error', listener: () => void): unknown;
}

/** Lines go to a stream; when it fails they are dropped, until a new one is opened. */
export function unfailing(open: () => Writable, now: () => number = Date.now): DestinationStream {
  let stream: Writable | undefined;
  let notBefore = 0;
  const failed = (): void => {
    stream = undefined;
    notBefore = now() + AGAIN;
  };
  return {
    write: (line) => {
      if (!stream && now() < notBefore) return;
      try {
        if (!stream) {
          const opened = open();
          // Kept on it for good: a stream may fail more than once.
          opened.on('error', () => {
            if (stream === opened) failed();
          });
          stream = opened;
        }
        stream.write(line);
      } catch {
        failed();
      }
    },
  };
}
