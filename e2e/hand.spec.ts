import { editAll, newPlay as blank, type Change, type Play } from '@corkscrew/core';
import type { Page } from '@playwright/test';
import { clickFloor, drag, expect, newPlay, onScreen, open, saved, test } from './app.ts';

/** The most inputs a five-frame play with twelve actions and two cues may take: a key, a click or a drag each. */
const MOST = 45;

/** What both hands draw, as it is kept. */
const DRAWN = [
  ['1 pass', '2 cut', '1 cut'],
  ['5 screen', '3 cut'],
  ['4 handoff', '5 cut'],
  ['3 dribble', '4 cut'],
  ['3 pass', '2 dribble', '2 shot'],
];
/** The actions that wait by the coach's word, and for what. */
const CUES = [
  ['2 cut', 'release'],
  ['4 cut', 'firstDribble'],
];

const told = (play: Play) => ({
  drawn: play.frames.map((f) => f.actions.map((a) => `${a.by} ${a.does}`)),
  cues: play.frames.flatMap((f) =>
    f.actions.flatMap((a) => (a.cue ? [[`${a.by} ${a.does}`, a.cue.event]] : [])),
  ),
});

test('a five-frame, twelve-action play with two cues by keyboard alone, counted', async ({ page, app }) => {
  const id = await newPlay(page, app, 'Counted by keys');
  let inputs = 0;
  const keys = async (...list: string[]) => {
    for (const k of list) {
      await page.keyboard.press(k);
      inputs += 1;
    }
  };
  await page.locator('#court').focus();
  await keys('1', 'p', '4', '2', 'l', 'w', 'Shift+T', '1');
  await keys('1', 'r', 'k', ']');
  await keys('5', 's', '3', '3', 'r', 's', ']');
  await keys('4', 'h', '3', '5', 'r', 'd', ']');
  await keys('3', 'r', 'e', '4', 'l', 's', 'Shift+T', '3', ']');
  await keys('3', 'p', '2', '2', 'l', 'b', 'f');
  await expect(saved(page)).toBeVisible();
  await expect.poll(async () => told(await app.play(id))).toEqual({ drawn: DRAWN, cues: CUES });
  expect(inputs).toBeLessThanOrEqual(MOST);
});

test('the same play by the pointer alone, counted', async ({ page, app }) => {
  const id = await newPlay(page, app, 'Counted by pointer');
  let inputs = 0;
  const stroke = async (from: readonly [number, number], to: readonly [number, number]) => {
    await drag(page, from, to);
    inputs += 1;
  };
  const press = async (name: string | RegExp) => {
    await page.getByRole('button', { name }).first().click();
    inputs += 1;
  };
  /** Drags from the knot of one block to another block, which waits for it. */
  const tie = async (from: string, to: string) => {
    await page.locator(`[data-block="${from}"] .body`).click();
    await page.locator(`[data-block="${from}"] .knot`).dragTo(page.locator(`[data-block="${to}"] .body`));
    inputs += 2;
  };
  await press('Set done');
  await stroke([0.75, 25.4], [-6, 19]);
  await stroke([-21.75, 3.5], [-16.7, 18]);
  await tie('a1', 'a2');
  await stroke([0, 26.5], [13, 3]);
  await press('Next frame');
  await stroke([6, 19], [20.5, 5]);
  await stroke([21.75, 3.5], [-3.2, 21.2]);
  await press('Next frame');
  await stroke([-6, 19], [-3.2, 21.2]);
  await stroke([19.9, 5.6], [8, 4]);
  await press('Next frame');
  await stroke([-3.2, 21.2], [6, 19]);
  await stroke([-6, 19], [-8.5, 24.8]);
  await tie('a8', 'a9');
  await press('Next frame');
  await expect(page.getByTestId('rung-5')).toHaveAttribute('aria-current', 'step');
  const ball = await ballOf(page);
  await stroke(ball, [-16.7, 18]);
  await stroke([-16.7, 18], [-7, 7.5]);
  await press(/^F\s*Shoot/);
  await expect(saved(page)).toBeVisible();
  await expect.poll(async () => told(await app.play(id))).toEqual({ drawn: DRAWN, cues: CUES });
  expect(inputs).toBeLessThanOrEqual(MOST);
});

/** Where the ball is drawn, feet. */
async function ballOf(page: Page): Promise<[number, number]> {
  const box = (await page.locator('.man [data-part="ball"]').last().boundingBox())!;
  const [a, b] = [await onScreen(page, 0, 0), await onScreen(page, 10, 0)];
  const foot = (b.x - a.x) / 10;
  return [(box.x + box.width / 2 - a.x) / foot, (box.y + box.height / 2 - a.y) / foot];
}

const horns = (id: string, name: string, changes: readonly Change[] = []): Play => {
  const made = editAll(
    blank({ id, name, court: 'nfhs', level: 'highSchool', alignment: 'horns', ball: '1' }),
    changes,
  );
  if (!made.ok) throw new Error(made.sentence);
  return made.play;
};
const SCREEN: readonly Change[] = [
  { do: 'addAction', frame: 'f1', action: { by: '5', does: 'screen', for: '1', path: [{ x: 3, y: 25 }] } },
  { do: 'addAction', frame: 'f1', action: { by: '1', does: 'dribble', path: [{ x: 10, y: 20 }] } },
];

test('what they do is named by the pointer, said otherwise on its chip, and ordered', async ({
  page,
  app,
}) => {
  await open(page, app, horns('named', 'Named', SCREEN));
  await page.getByRole('button', { name: 'Answer what they do after this frame' }).click();
  await page.getByRole('button', { name: /They switch/ }).click();
  await drag(page, [-6, 19], [0, 8]);
  await page.getByTestId('rung-1').click();
  await page.getByRole('button', { name: 'Answer what they do after this frame' }).click();
  await page.getByRole('button', { name: 'x4', exact: true }).click();
  await page.getByRole('button', { name: /x4 drops/ }).click();
  await expect
    .poll(async () => (await app.play('named')).frames.map((f) => f.read))
    .toEqual([undefined, { does: 'switch' }, { does: 'drop', who: ['x4'] }]);
  // Said otherwise, in the coach's own words, then made the play as drawn.
  const act = async (name: string) => {
    await page.getByRole('button', { name: /^What to do with/ }).click();
    await page.getByRole('menuitem', { name }).click();
  };
  await act('Say what they do');
  await page.getByLabel('In your own words').fill('x4 is lazy');
  await page.keyboard.press('Enter');
  await act('Make it the play as drawn');
  await expect
    .poll(async () => (await app.play('named')).frames.slice(1).map((f) => f.read?.note ?? f.read?.does))
    .toEqual(['x4 is lazy', 'switch']);
  await act('Delete the ending');
  await expect.poll(async () => (await app.play('named')).frames).toHaveLength(2);
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await app.play('named')).frames).toHaveLength(3);
});

test('what they do is named by keys, at the last frame and from the set itself', async ({ page, app }) => {
  await open(page, app, horns('by-keys', 'By keys', SCREEN));
  await page.keyboard.press('a');
  await page.keyboard.press('s');
  await expect(page.getByRole('button', { name: 'They switch', exact: true })).toBeVisible();
  await page.keyboard.press('4');
  await page.keyboard.press('r');
  await page.keyboard.press('m');
  await page.keyboard.press('Enter');
  await page.keyboard.press('[');
  await page.keyboard.press('a');
  await page.getByRole('button', { name: 'Answer the set instead' }).press('Enter');
  await page.keyboard.press('t');
  await expect(page.getByText('From the set, by what they do:')).toBeVisible();
  await expect
    .poll(async () => (await app.play('by-keys')).frames.map((f) => [f.parent, f.read?.does]))
    .toEqual([
      [null, undefined],
      [null, 'trap'],
      ['f1', 'switch'],
    ]);
  // Previous and next ending.
  await page.keyboard.press('Alt+[');
  await expect(page.getByTestId('rung-2')).toBeVisible();
});

test('the set is moved after drawing, by hand and by keys, and later frames follow', async ({
  page,
  app,
}) => {
  await open(page, app, horns('moved', 'Moved', [...SCREEN, { do: 'addFrame', after: 'f1' }]));
  await page.getByTestId('rung-2').click();
  await page.keyboard.press('Shift+S');
  await expect(page.getByText('Setting the five.')).toBeVisible();
  await expect(page.getByTestId('rung-1')).toHaveAttribute('aria-current', 'step');
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await page.keyboard.press('3');
  await page.keyboard.press('r');
  await page.keyboard.press('w');
  await page.getByRole('combobox', { name: 'How it starts' }).selectOption('baseline');
  await page.getByRole('button', { name: 'Set done' }).click();
  await expect
    .poll(async () => (await app.play('moved')).start)
    .toMatchObject({ places: { '2': { spot: 'wingL' }, '3': { spot: 'wingR' } }, throwIn: 'baseline' });
  await page.getByTestId('rung-2').click();
  await expect(page.getByRole('button', { name: '2, ours, the left wing' })).toBeVisible();
  expect((await app.play('moved')).frames[0]!.actions).toHaveLength(2);
});

test('a handoff between two men in one place: both are there to be hit', async ({ page, app }) => {
  await open(
    page,
    app,
    horns('one-place', 'One place', [
      { do: 'place', player: '2', place: { x: 0, y: 26.5 } },
      { do: 'place', player: '1', place: { x: 0, y: 26.5 } },
      { do: 'addAction', frame: 'f1', action: { by: '5', does: 'hold' } },
    ]),
  );
  const place = async (p: string) => {
    const box = (await page.locator(`[data-player="${p}"] [data-part="player-${p}"]`).first().boundingBox())!;
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  const [one, two] = [await place('1'), await place('2')];
  expect(Math.hypot(one.x - two.x, one.y - two.y)).toBeGreaterThan(18);
  await page.mouse.click(two.x, two.y);
  await expect(page.getByRole('button', { name: /^2, ours/ })).toHaveAttribute('aria-pressed', 'true');
  await page.mouse.click(one.x, one.y);
  await expect(page.getByRole('button', { name: /^1, ours/ })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: /Hand off/ }).click();
  const again = await place('2');
  await page.mouse.click(again.x, again.y);
  await expect
    .poll(async () => (await app.play('one-place')).frames[0]!.actions[1])
    .toMatchObject({ by: '1', does: 'handoff', to: '2' });
});

test('a wrong guess is changed in one press; an armed verb takes the place where a teammate stands', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'Guessed');
  await page.getByRole('button', { name: 'Set done' }).click();
  await drag(page, [6, 19], [0.5, 26]);
  await expect
    .poll(async () => (await app.play(id)).frames[0]!.actions[0])
    .toMatchObject({ does: 'screen', for: '1' });
  await page.getByRole('button', { name: /^C\s*Cut/ }).click();
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions[0]).toMatchObject({ does: 'cut' });
  await clickFloor(page, -21.75, 3.5);
  await page.getByRole('button', { name: /^C\s*Cut/ }).click();
  await clickFloor(page, 21.75, 3.5);
  await expect
    .poll(async () => (await app.play(id)).frames[0]!.actions[1])
    .toMatchObject({ by: '2', does: 'cut', path: [{ spot: 'cornerR' }] });
});

test('keys live wherever the hand was last; touching a man brings drawing back', async ({ page, app }) => {
  const id = await newPlay(page, app, 'Everywhere');
  await page.getByRole('button', { name: 'Set done' }).click();
  await page.keyboard.type('2rs3');
  await page.getByTestId('rung-1').click();
  await page.keyboard.type('4lw');
  await page.keyboard.press('Enter');
  await page.getByRole('row', { name: /^2 / }).click();
  await page.keyboard.press('w');
  await expect
    .poll(async () => (await app.play(id)).frames[0]!.actions[0])
    .toMatchObject({ tempo: 'sprint' });
  await page.getByRole('slider', { name: 'Time in the play' }).click();
  await expect(page.locator('.man')).toHaveCount(0);
  await page.keyboard.type('5rk');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions).toHaveLength(3);
  // The play runs; a man is touched, and drawing is back.
  await page.getByTestId('run').click();
  await expect(page.locator('.man')).toHaveCount(0);
  await clickFloor(page, 0, 26.5);
  await expect(page.locator('.man')).toHaveCount(5);
  await expect(page.getByRole('button', { name: /^1, ours/ })).toHaveAttribute('aria-pressed', 'true');
});
