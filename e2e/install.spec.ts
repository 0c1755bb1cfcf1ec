import { readFile } from 'node:fs/promises';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import {
  linesOf,
  mondayOf,
  movesOf,
  type Kept,
  type Play,
  type PlanOrder,
  type Practice,
} from '@corkscrew/core';
import { expect, test, type App } from './app.ts';

const practices = async (app: App): Promise<Kept<Practice>[]> =>
  (await (await fetch(`${app.url}/api/practices`)).json()) as Kept<Practice>[];
const practice = async (app: App, id: string): Promise<Practice> =>
  (await practices(app)).find((p) => p.id === id)!.body;
/** Until everything that was changed is with the server: twice the same, some time apart. */
async function settled(app: App): Promise<void> {
  let last = '';
  await expect
    .poll(
      async () => {
        const now = JSON.stringify(await practices(app));
        const same = now === last;
        last = now;
        return same;
      },
      { intervals: [2000], timeout: 60_000 },
    )
    .toBe(true);
}
/** Puts practices back as they were, for the tests that come after. */
async function putBack(app: App, before: readonly Kept<Practice>[]): Promise<void> {
  const rows = (await (await fetch(`${app.url}/api/practices`)).json()) as (Kept<Practice> & {
    revision: number;
  })[];
  for (const { id, body } of before) {
    const now = rows.find((r) => r.id === id);
    if (!now || JSON.stringify(now.body) === JSON.stringify(body)) continue;
    const r = await fetch(`${app.url}/api/practices/${id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ revision: now.revision, sitting: 'back', body }),
    });
    expect(r.status).toBe(200);
  }
}
const weekday = (day: string): string =>
  new Date(`${day}T12:00:00`).toLocaleDateString('en', { weekday: 'short' });
const dayName = (day: string): string => `${weekday(day)} ${Number(day.slice(8))}`;

test('two weeks are planned, a block is kept, a practice is missed, and mended only what is told moves', async ({
  page,
  app,
}) => {
  const first = await practice(app, 'demo-practice-16');
  await page.goto(`${app.url}/install?week=${mondayOf(first.date)}`);
  await expect(page.getByRole('heading', { name: 'Ready for Gorsedale, away' })).toBeVisible();
  const plan = page.getByRole('region', { name: 'The plan' });
  const fill = async (): Promise<void> => {
    await page.getByRole('button', { name: 'Plan', exact: true }).click();
    await page.getByRole('menuitem', { name: 'Fill in what is missing' }).click();
    await expect(plan.getByRole('heading')).toContainText('changes, not taken yet');
  };
  await fill();
  await expect(plan).toContainText(/Tarn Valley, home: \d+ of \d+ ready or on plan; now 0/);
  await plan.getByRole('button', { name: 'Take the plan' }).click();
  await expect(page.getByText('The plan is taken.')).toBeVisible();
  const planned = async (id: string) => (await practice(app, id)).blocks.filter((b) => b.planned);
  await expect.poll(async () => (await planned('demo-practice-17')).length).toBeGreaterThan(0);

  // One of them is kept where it is.
  const second = await practice(app, 'demo-practice-17');
  const kept = (await planned('demo-practice-16'))[0]!;
  await page.locator(`[data-block="${kept.id}"]`).click();
  const panel = page.getByRole('region', { name: kept.item.name, exact: true });
  await panel.getByRole('button', { name: 'Keep it here' }).click();
  await expect
    .poll(async () => (await practice(app, 'demo-practice-16')).blocks.find((b) => b.id === kept.id)?.locked)
    .toBe(true);

  // The next practice does not take place.
  await settled(app);
  const before = await practices(app);
  await page.locator('[data-practice="demo-practice-17"] .title').click();
  await page
    .getByRole('region', { name: /^Practice on/ })
    .getByText('It was missed')
    .click();
  await expect.poll(async () => (await practice(app, 'demo-practice-17')).missed).toBe(true);
  await expect(page.locator('[data-practice="demo-practice-17"] .title')).toContainText(dayName(second.date));
  // What stands leaves little room: with few changes what was in it is found another place.
  await page.getByRole('button', { name: 'Plan', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Mend it with few changes' }).click();
  await expect(plan.getByRole('heading')).toContainText('changes, not taken yet', { timeout: 20_000 });
  const moves = plan.getByRole('list', { name: 'What changes' }).getByRole('listitem');
  const told = await moves.count();
  expect(told).toBeGreaterThan(0);
  await plan.getByRole('button', { name: 'Take the plan' }).click();
  await expect(page.getByText('The plan is taken.')).toBeVisible();
  // Everything that was not told is as it was: what the coach put, locked or did before all.
  await expect.poll(async () => movesOf(before, await practices(app)).length).toBe(told);
  const after = await practices(app);
  for (const { id, body } of before) {
    if (id === 'demo-practice-17') continue;
    const mine = body.blocks.filter((b) => b.locked || b.done || !b.planned);
    for (const b of mine) expect(after.find((p) => p.id === id)!.body.blocks).toContainEqual(b);
  }
  await settled(app);
  // In one press it is as it was before.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => movesOf(before, await practices(app))).toEqual([]);
  await settled(app);
});

test('a block is moved by keys, by Move to and by hand, and what it lacks is taken in one press', async ({
  page,
  app,
}) => {
  const [from, to] = ['demo-practice-18', 'demo-practice-19'];
  const at = await practice(app, from);
  await page.goto(`${app.url}/install?week=${mondayOf(at.date)}`);
  const column = page.locator(`[data-practice="${from}"]`);
  await column.locator('.title').click();
  await page
    .getByRole('region', { name: /^Practice on/ })
    .getByLabel('Add a play')
    .selectOption('Rope 1');
  const panel = page.getByRole('region', { name: 'Rope 1', exact: true });
  await panel.getByLabel('Minutes').fill('7');
  await panel.getByLabel('Minutes').press('Enter');
  const there = async (id: string) =>
    (await practice(app, id)).blocks.flatMap((b) =>
      b.item.name === 'Rope 1' && b.minutes === 7 ? [b.id] : [],
    );
  await expect.poll(() => there(from)).toHaveLength(1);
  const [block] = await there(from);
  await page.locator(`[data-block="${block}"]`).press('Alt+ArrowRight');
  await expect.poll(() => there(to)).toEqual([block]);
  await panel.getByLabel('Move to').selectOption({ index: 0 });
  await expect.poll(() => there(to)).toEqual([]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => there(to)).toEqual([block]);

  // By hand: from one column into the other.
  await page.goto(`${app.url}/install?week=${mondayOf(at.date)}`);
  const box = (await page.locator(`[data-block="${block}"]`).boundingBox())!;
  const goal = (await column.locator('[data-block]').first().boundingBox())!;
  await page.mouse.move(box.x + 40, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(goal.x + 40, goal.y + goal.height + 2, { steps: 8 });
  await page.mouse.up();
  await expect.poll(() => there(from)).toEqual([block]);
  await page.locator(`[data-block="${block}"]`).press('Delete');
  await expect.poll(() => there(from)).toEqual([]);

  // What a play lacks.
  await page.goto(`${app.url}/install`);
  const ready = page.getByRole('button', { name: /^Squall 8/ }).first();
  await page
    .getByRole('region', { name: 'Not on course' })
    .getByRole('button', { name: /^Fog 3A/ })
    .click();
  await expect(ready).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'Fog 3A' })).toContainText('nothing planned');
  await page.getByRole('button', { name: /^Take \d+ on/ }).click();
  await expect
    .poll(async () => (await practices(app)).some((p) => p.body.blocks.some((b) => b.item.name === 'Fog 3A')))
    .toBe(true);
});

test('at the side of the court, on a phone and with the server away, a block is done in two taps', async ({
  browser,
  app,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  });
  const page = await context.newPage();
  try {
    await page.goto(`${app.url}/install/practice/demo-practice-13`);
    const line = page.getByRole('button', { name: /Bell 2/ });
    await expect(line).toBeVisible();
    await page.route('**/api/**', (route) => route.abort());
    await line.tap();
    await page.getByRole('button', { name: 'Well' }).tap();
    await page.getByRole('button', { name: 'One clean more' }).tap();
    await page.getByRole('button', { name: 'One broke more' }).tap();
    await expect(page.getByRole('status')).toContainText('On this device');
    await expect(line).toContainText('1 of 2 clean');
    const done = async () =>
      (await practice(app, 'demo-practice-13')).blocks.find((b) => b.item.name === 'Bell 2')!.done;
    expect(await done()).toBeUndefined();
    // The clock runs by itself, and says nothing aloud.
    await page.getByRole('button', { name: 'Start' }).tap();
    await expect(page.getByRole('timer')).not.toHaveText('6:00');
    await page.unroute('**/api/**');
    await expect.poll(done, { timeout: 40_000 }).toEqual({ minutes: 6, went: 'well', clean: 1, tried: 2 });
    await expect(page.getByRole('status')).toHaveText('Saved', { timeout: 40_000 });
  } finally {
    await context.close();
  }
  // What was marked counts: on the desk the block has its tick.
  const desk = await browser.newPage();
  await desk.goto(`${app.url}/install`);
  await expect(
    desk.locator('[data-practice="demo-practice-13"]').getByRole('button', { name: /Bell 2.*done/ }),
  ).toBeVisible();
  await desk.close();
});

test('a practice sheet is printed and says what is done when; a drill card says what they are told', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/install`);
  await page.locator('[data-practice="demo-practice-13"] .title').click();
  await page
    .getByRole('region', { name: /^Practice on/ })
    .getByRole('link', { name: 'print' })
    .click();
  await expect(page.getByRole('img', { name: 'Page 1 of 1' })).toContainText('Pilot 5A');
  await page.getByRole('button', { name: 'Make the PDF' }).click();
  const made = page
    .getByRole('list', { name: 'Made lately' })
    .getByRole('link', { name: /^Save .*practice/ });
  await expect(made).toBeVisible({ timeout: 70_000 });
  const [file] = await Promise.all([page.waitForEvent('download'), made.click()]);
  const doc = await getDocument({ data: new Uint8Array(await readFile(await file.path())), verbosity: 0 })
    .promise;
  const { items } = await (await doc.getPage(1)).getTextContent();
  const text = items.map((t) => ('str' in t ? t.str : '')).join(' ');
  for (const words of ['18:12', 'Pilot 5A', 'Walk through', 'Sprint to your spot', 'concussion'])
    expect(text).toContain(words);
  await page.getByRole('button', { name: /^Throw away .*practice/ }).click();

  await page.goto(`${app.url}/install`);
  await page
    .locator('[data-practice="demo-practice-13"]')
    .getByRole('button', { name: /^Fog 3 L/ })
    .click();
  await page.getByRole('link', { name: 'drill card' }).click();
  const card = page.getByRole('article').filter({ hasText: 'x3 stays' });
  await expect(card).toContainText('a side, then the other side');
  await expect(card.getByRole('img').or(card.locator('svg')).first()).toBeVisible();
});

test('a season from nothing: practice days once, a game, and bad figures are told', async ({ page, app }) => {
  await page.goto(`${app.url}/install`);
  await page.getByRole('button', { name: 'New', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Season and practice days' }).click();
  const form = page.getByRole('region', { name: 'Season', exact: true });
  const to = await form.getByLabel('To', { exact: true }).inputValue();
  await form.getByLabel('To', { exact: true }).fill('2020-01-01');
  await expect(form.getByText('It ends before it begins.')).toBeVisible();
  await expect(form.getByRole('button', { name: 'Put them in' })).toBeDisabled();
  await form.getByLabel('To', { exact: true }).fill(to);
  const minutes = form.getByLabel('Minutes').first();
  const was = await minutes.inputValue();
  await minutes.fill('400');
  await minutes.press('Enter');
  await expect(minutes).toHaveValue('240');
  await minutes.fill('0');
  await minutes.press('Enter');
  await expect(minutes).toHaveValue('10');
  await minutes.fill(was);
  await minutes.press('Enter');
  await form.getByRole('button', { name: 'Put them in' }).click();
  await expect(form.getByRole('status')).toContainText(/practices? stands? now|They all stand already/);
});

test('a practice that was changed somewhere else as well is asked about, and nothing is lost meanwhile', async ({
  page,
  app,
}) => {
  const id = 'demo-practice-21';
  const mine = await practice(app, id);
  await page.goto(`${app.url}/install?week=${mondayOf(mine.date)}`);
  await page.locator(`[data-practice="${id}"] .title`).click();
  const panel = page.getByRole('region', { name: /^Practice on/ });
  const elsewhere = async (change: Partial<Practice>): Promise<void> => {
    const rows = (await (await fetch(`${app.url}/api/practices`)).json()) as (Kept<Practice> & {
      revision: number;
    })[];
    const { revision, body } = rows.find((p) => p.id === id)!;
    const r = await fetch(`${app.url}/api/practices/${id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ revision, sitting: 'other', body: { ...body, ...change } }),
    });
    expect(r.status).toBe(200);
  };
  await elsewhere({ place: 'Old gym' });
  await panel.getByRole('textbox', { name: 'Place' }).fill('New gym');
  await panel.getByRole('textbox', { name: 'Place' }).press('Enter');
  const asked = page.getByRole('alert').filter({ hasText: 'was changed somewhere else as well' });
  await expect(asked).toBeVisible({ timeout: 20_000 });
  expect((await practice(app, id)).place).toBe('Old gym');
  await asked.getByRole('button', { name: 'Keep mine' }).click();
  await expect(asked).toBeHidden();
  await expect.poll(async () => (await practice(app, id)).place).toBe('New gym');

  // Of two changes of different parts both stand, and nobody is asked.
  await elsewhere({ notes: 'Written on another device' });
  await panel.getByRole('textbox', { name: 'Place' }).fill('Third gym');
  await panel.getByRole('textbox', { name: 'Place' }).press('Enter');
  await expect.poll(async () => (await practice(app, id)).place).toBe('Third gym');
  expect((await practice(app, id)).notes).toBe('Written on another device');
  await expect(panel.getByRole('textbox', { name: 'Notes' })).toHaveValue('Written on another device');
  await expect(asked).toBeHidden();

  // Two things on one hour are told.
  await page.getByRole('button', { name: 'New', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Game' }).click();
  const game = page.getByRole('region', { name: 'Game', exact: true });
  await game.getByLabel('Date').fill(mine.date);
  await game.getByLabel('Start').fill(mine.start);
  await expect(game.getByText(/At that hour there is a practice as well/)).toBeVisible();
  await game.getByRole('button', { name: 'Take this game out' }).click();
});

test('what would give more is told with what comes of it, and done in one press', async ({ page, app }) => {
  await page.goto(`${app.url}/install`);
  const plan = page.getByRole('region', { name: 'The plan' });
  await page.getByRole('button', { name: 'Plan', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Fill in what is missing' }).click();
  await expect(plan.getByRole('button', { name: 'Look longer' })).toBeVisible();
  // The server's part takes long and is tried in its own tests: here it says at once what it would find.
  let order = null as PlanOrder | null;
  let relax = -1;
  await page.route('**/api/plans**', async (route) => {
    order ??= route.request().postDataJSON() as PlanOrder;
    relax = order.relax!.findIndex((r) => r.is === 'minutes');
    const ready = [{ game: 0, option: 0, from: 0.4, to: 1 }];
    await route.fulfill({
      json: {
        ...{ id: 'look', state: 'done', plan: order.start, value: 1, gap: 0, seconds: 1 },
        gives: [{ relax, plan: order.start, sure: 0.5, ready }],
      },
    });
  });
  await plan.getByRole('button', { name: 'Look longer' }).click();
  const gives = plan.getByRole('list', { name: 'What would give more' });
  await expect(gives).toContainText(/is 100 % ready for Gorsedale, away then, not 40 %/);
  const words = await gives.locator('b').first().innerText();
  const minutes = Number(/\d+/.exec(words)![0]);
  const before = await practices(app);
  await gives.getByRole('button', { name: 'Do it, and plan again' }).click();
  await expect(page.getByText(`${words}: done.`)).toBeVisible();
  const given = async (): Promise<number[]> =>
    (await practices(app)).flatMap(({ id, body }) => {
      const was = before.find((b) => b.id === id)!.body;
      const more = (body.playMinutes ?? 0) - (was.playMinutes ?? Math.round(was.minutes / 3));
      return body.playMinutes !== was.playMinutes ? [more] : [];
    });
  await expect.poll(given).toEqual([minutes]);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(given).toEqual([]);
});

test('how far a play is stands with its block, line by line; a practice of before is brought back', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/install`);
  await page
    .locator('[data-practice="demo-practice-13"]')
    .getByRole('button', { name: /^Bell 2/ })
    .first()
    .click();
  const panel = page.getByRole('region', { name: 'Bell 2', exact: true });
  await panel.getByText('How far it is').click();
  await expect(panel.locator('.far span').first()).toContainText(/^(Introduced|Reviewed|Live|Settled), /);

  await page.locator('[data-practice="demo-practice-13"] > .title').click();
  const day = page.getByRole('region').filter({ has: page.getByRole('textbox', { name: 'Place' }) });
  await day.getByRole('textbox', { name: 'Place' }).fill('Old hall');
  await day.getByRole('textbox', { name: 'Place' }).press('Enter');
  await expect.poll(async () => (await practice(app, 'demo-practice-13')).place).toBe('Old hall');
  await day.getByRole('button', { name: 'Show them' }).click();
  await day
    .getByRole('button', { name: /^Bring back/ })
    .first()
    .click();
  await expect.poll(async () => (await practice(app, 'demo-practice-13')).place).not.toBe('Old hall');
});

test('a play is taught line by line: its lines stand apart, the plan brings its answer in after it, and it goes back to one', async ({
  page,
  app,
}) => {
  const before = await practices(app);
  await page.goto(`${app.url}/install`);
  const side = page.locator('.side');
  const rows = side.getByRole('button', { name: /^Bell 2A/ });
  await rows.click();
  const taught = side.getByLabel('How Bell 2A is taught, with its 2 lines');
  await expect(taught).toHaveValue('whole');
  await taught.selectOption('Line by line');
  await expect(rows).toHaveCount(2);
  const words = await rows.locator('small').allInnerTexts();
  expect(new Set(words).size).toBe(2);

  await page.getByRole('button', { name: 'Plan', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Plan all of it anew' }).click();
  const plan = page.getByRole('region', { name: 'The plan' });
  await expect(plan.getByRole('list', { name: 'What changes' })).toContainText(`Bell 2A, ${words[0]!}, walk`);
  await plan.getByRole('button', { name: 'Take the plan' }).click();
  await expect(page.getByText('The plan is taken.')).toBeVisible();
  const blocks = async () =>
    (await practices(app))
      .flatMap((p) => p.body.blocks.map((b) => ({ ...b, date: p.body.date })))
      .filter((b) => b.item.is === 'play' && b.item.name === 'Bell 2A')
      .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
  const lineOf = ({ item }: { item: { is: string; words?: string | undefined } }): string =>
    item.words ?? 'all';
  await expect.poll(async () => [...new Set((await blocks()).map(lineOf))].sort()).toEqual(words.sort());
  // What is walked first is the line as drawn.
  const walks = (await blocks()).filter((b) => b.stage === 'walk');
  const { document } = (await (await fetch(`${app.url}/api/plays/demo-bell-two-a`)).json()) as {
    document: Play;
  };
  expect(walks.map((b) => b.item.is === 'play' && b.item.leaves?.[0])).toEqual(linesOf(document, undefined));
  const first = page.locator(`[data-block="${walks[0]!.id}"]`);
  await page.goto(`${app.url}/install?week=${mondayOf(walks[0]!.date)}`);
  await expect(first).toContainText(`Walk, ${lineOf(walks[0]!)}`);
  await first.click();
  const panel = page.getByRole('region', { name: 'Bell 2A', exact: true });
  await expect(panel.getByLabel('Which of it').locator('option:checked')).toHaveText(lineOf(walks[0]!));

  // Taught as a whole again, from where the block stands.
  await panel.getByLabel('How Bell 2A is taught, with its 2 lines').selectOption('All of it at once');
  await panel.getByRole('button', { name: 'Close' }).click();
  await expect(rows).toHaveCount(1);
  await settled(app);
  await page.close();
  await putBack(app, before);
});

test('what each number has to know is counted, and more than the team’s limit is told; what is cheapest to learn next', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/install`);
  const side = page.locator('.side');
  const know = side.locator('details').filter({ hasText: 'What each number has to know' });
  await know.locator('summary').click();
  const numbers = know.locator('p');
  await expect(numbers).toHaveCount(5);
  for (const [i, words] of (await numbers.allInnerTexts()).entries())
    expect(words).toMatch(new RegExp(`^${i + 1}: \\d+ plays, \\d+ lines`));
  // The demo's sheet is more than the team's limit, which stands beside it.
  await expect(know.locator('summary')).toContainText(/\d above your \d+/);
  await expect(numbers.and(page.locator('.over')).first()).toBeVisible();

  const next = side.locator('details').filter({ hasText: 'What would be cheapest to learn next' });
  await next.locator('summary').click();
  await expect(next.locator('p').first()).toContainText(/: [\d.]+ min instead of [\d.]+/);
  const minutes = (await next.locator('p').allInnerTexts()).flatMap((words) => {
    const found = /: ([\d.]+) min instead of ([\d.]+)/.exec(words);
    return found ? [[Number(found[1]), Number(found[2])] as const] : [];
  });
  expect(minutes.length).toBeGreaterThan(1);
  // What is known already is never dearer than from nothing.
  for (const [now, alone] of minutes) expect(now).toBeLessThanOrEqual(alone);
});
