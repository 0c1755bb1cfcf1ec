import { courtFor, teller } from '@corkscrew/core';
import {
  BufferTarget,
  CanvasSource,
  getFirstEncodableVideoCodec,
  Mp4OutputFormat,
  Output,
  QUALITY_HIGH,
  WebMOutputFormat,
} from 'mediabunny';
import { COLOURS, drawPicture, HEIGHTS } from './picture.ts';
import { RATE, scriptFor } from './script.ts';
import type { FromVideo, VideoAsk } from './kinds.ts';

const tell = (message: FromVideo, transfer: Transferable[] = []): void =>
  self.postMessage(message, { transfer });
/** How far it is, is told every so many pictures. */
const EVERY = 10;

let stopped = false;
self.onmessage = ({ data }: MessageEvent<VideoAsk | { readonly stop: true }>) => {
  if ('stop' in data) {
    stopped = true;
    return;
  }
  make(data).catch((error: unknown) => tell({ is: 'failed', sentence: sentenceOf(error) }));
};

const sentenceOf = (error: unknown): string =>
  error instanceof NoCodec
    ? error.message
    : `The video could not be made: ${error instanceof Error ? error.message : String(error)}`;
class NoCodec extends Error {}

/** Draws picture after picture and has the browser encode them, faster than they will be seen. */
async function make({ play, leaf, height, dark, faces, words }: VideoAsk): Promise<void> {
  await Promise.all(
    Object.entries(faces).map(async ([name, url]) => {
      const face = await new FontFace(name, `url(${url})`).load();
      (self as unknown as { fonts: FontFaceSet }).fonts.add(face);
    }),
  );
  const script = scriptFor(play, leaf, teller({ ...words, women: play.women ?? false }));
  const court = courtFor(play);
  const [width, tall] = HEIGHTS[height];
  const canvas = new OffscreenCanvas(width, tall);
  const ctx = canvas.getContext('2d', { alpha: false })!;
  const codec = await getFirstEncodableVideoCodec(['avc', 'vp9', 'vp8'], { width, height: tall });
  if (!codec)
    throw new NoCodec('This browser makes no videos. Another one does: a current Chrome, Edge or Safari.');
  const isMp4 = codec === 'avc';
  const output = new Output({
    format: isMp4 ? new Mp4OutputFormat() : new WebMOutputFormat(),
    target: new BufferTarget(),
  });
  const source = new CanvasSource(canvas, { codec, bitrate: QUALITY_HIGH, keyFrameInterval: 2 });
  output.addVideoTrack(source, { frameRate: RATE });
  await output.start();
  const colours = COLOURS[dark ? 'dark' : 'light'];
  for (let i = 0; i < script.frames; i++) {
    drawPicture(ctx, script, court, i / RATE, colours);
    await source.add(i / RATE, 1 / RATE);
    if (i % EVERY === 0) tell({ is: 'at', done: i, of: script.frames });
    if (stopped) {
      await output.cancel();
      tell({ is: 'stopped' });
      return;
    }
  }
  await output.finalize();
  const { buffer } = output.target;
  tell(
    {
      is: 'made',
      buffer: buffer!,
      type: isMp4 ? 'video/mp4' : 'video/webm',
      frames: script.frames,
      seconds: script.seconds,
    },
    [buffer!],
  );
}
