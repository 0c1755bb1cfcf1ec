import { execFileSync } from 'node:child_process';
import { courtFor, compile, leaves, mainLine, positionAt, readPlay } from '@corkscrew/core';
import { DESK, sceneSize, toScene } from '@corkscrew/diagram';
import { expect, newPlay, saved, test } from './app.ts';
import type { Page } from '@playwright/test';

// Videos are decoded again by another program than the one that made them: FFmpeg, Debian's own.
interface Stream {
  readonly width: number;
  readonly height: number;
  readonly nb_read_frames: string;
  readonly duration?: string;
}
function probe(path: string): { frames: number; width: number; height: number; seconds: number } {
  const said = execFileSync(
    '/usr/bin/ffprobe',
    [
      '-v',
      'error',
      '-count_frames',
      '-select_streams',
      'v',
      '-show_streams',
      '-show_format',
      '-of',
      'json',
      path,
    ],
    { encoding: 'utf8' },
  );
  const { streams, format } = JSON.parse(said) as { streams: Stream[]; format: { duration: string } };
  const [{ width, height, nb_read_frames }] = streams as [Stream];
  return { width, height, frames: Number(nb_read_frames), seconds: Number(format.duration) };
}
/** One picture of a video as bytes of red, green and blue. */
function picture(path: string, width: number, height: number, last: boolean): Buffer {
  const from = last ? ['-sseof', '-0.05'] : [];
  const args = [
    '-v',
    'error',
    ...from,
    '-i',
    path,
    '-frames:v',
    '1',
    '-f',
    'rawvideo',
    '-pix_fmt',
    'rgb24',
    '-',
  ];
  const raw = execFileSync('/usr/bin/ffmpeg', args, { maxBuffer: 64 * 1024 * 1024 });
  expect(raw.length).toBe(width * height * 3);
  return raw;
}
const openPlayTab = async (page: Page): Promise<void> => {
  await page.getByRole('tab', { name: 'Play', exact: true }).click();
};
const makeOne = async (page: Page): Promise<string> => {
  const download = page.waitForEvent('download', { timeout: 60_000 });
  await page.getByRole('button', { name: 'Video', exact: true }).click();
  return (await download).path();
};

test('a video of a play is made, and decoded again: its pictures, its length, the first and the last', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/plays/demo-horns-lantern`);
  await openPlayTab(page);
  const path = await makeOne(page);
  const read = readPlay(await app.play('demo-horns-lantern'));
  if (!read.ok) throw new Error(read.sentence);
  const { play } = read;
  const court = courtFor(play);
  const leaf = mainLine(play).at(-1)!.id;
  const { timeline } = compile(play, leaf, court, play.level);
  const found = probe(path);
  expect([found.width, found.height]).toEqual([1280, 720]);
  // The line and a moment's rest, thirty pictures a second.
  const seconds = Math.ceil((timeline.end + 0.8) * 30) / 30;
  expect(found.frames).toBe(Math.round(seconds * 30));
  expect(Math.abs(found.seconds - seconds)).toBeLessThanOrEqual(1 / 30 + 0.002);

  // In the first picture and in the last each man stands where the play has him then: his disc is dark ink.
  const scene = sceneSize(DESK);
  const scale = Math.min((1280 - 56) / scene.width, 542 / scene.height);
  const at = (p: { x: number; y: number }): [number, number] => {
    const c = toScene(DESK, p);
    return [
      (1280 - scene.width * scale) / 2 + c.x * scale,
      66 + (542 - scene.height * scale) / 2 + c.y * scale,
    ];
  };
  for (const [last, t] of [
    [false, 0],
    [true, timeline.end],
  ] as const) {
    const raw = picture(path, 1280, 720, last);
    for (const man of ['1', '2', '3', '4', '5'] as const) {
      const [x, y] = at(positionAt(timeline, man, t));
      // Beside his number, within his disc.
      const i = (Math.round(y) * 1280 + Math.round(x - 10 * scale)) * 3;
      const light = raw[i]! + raw[i + 1]! + raw[i + 2]!;
      expect(light, `${man} ${last ? 'at the end' : 'at the start'}`).toBeLessThan(300);
    }
  }
});

test('all endings in the dark at 1080p; one that is stopped leaves nothing', async ({ page, app }) => {
  await page.goto(`${app.url}/plays/demo-horns-lantern`);
  await openPlayTab(page);
  await page.getByLabel('What the video shows').selectOption('All endings');
  await page.getByLabel('Height of the video').selectOption('1080p');
  await page.getByLabel('Colours of the video').selectOption('Dark');
  await page.getByRole('button', { name: 'Video', exact: true }).click();
  await expect(page.getByRole('progressbar', { name: 'The video' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText('Stopped. Nothing is left of it.')).toBeVisible({ timeout: 30_000 });
  const id = await newPlay(page, app, '<b>Short</b> ../x');
  await page.getByRole('button', { name: 'Set done' }).click();
  await page.locator('#court').press('1');
  for (const key of ['P', '2', 'Enter']) await page.keyboard.press(key);
  await expect(saved(page)).toBeVisible();
  await openPlayTab(page);
  await page.getByLabel('Colours of the video').selectOption('Dark');
  const path = await makeOne(page);
  const raw = picture(path, 1280, 720, false);
  expect(raw[0]! + raw[1]! + raw[2]!).toBeLessThan(120);
  expect(leaves(await app.play(id))).toHaveLength(1);
});
