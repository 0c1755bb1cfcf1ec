import { editAll, newPlay as blank, type Change, type Play } from '@corkscrew/core';
import type { Page } from '@playwright/test';
import { expect, test, type App } from './app.ts';

/** A ball screen on top for 1, who dribbles wide and holds; 5 rolls. */
function ballScreen(): Play {
  const play = blank({
    id: 'ball-screen',
    name: 'Ball screen',
    court: 'nfhs',
    level: 'highSchool',
    alignment: 'horns',
    ball: '1',
  });
  const places: [string, number, number][] = [
    ['1', 0, 27],
    ['2', -22, 3.5],
    ['3', 22, 3.5],
    ['4', 10, 26],
    ['5', 4, 19],
  ];
  const done = editAll(play, [
    ...places.map(([player, x, y]) => ({ do: 'place', player, place: { x, y } }) as Change),
    {
      do: 'addAction',
      frame: 'f1',
      action: { by: '5', does: 'screen', for: '1', path: [{ x: -2.4, y: 24.6 }] },
    },
    {
      do: 'addAction',
      frame: 'f1',
      action: {
        by: '1',
        does: 'dribble',
        path: [
          { x: -2, y: 27.4 },
          { x: -4.2, y: 26.9 },
        ],
        tempo: 'sprint',
      },
    },
    {
      do: 'addAction',
      frame: 'f1',
      action: { by: '5', does: 'cut', path: [{ x: -1, y: 6.5 }], tempo: 'sprint' },
    },
    { do: 'addFrame', after: 'f1' },
    { do: 'addAction', frame: 'f2', action: { by: '1', does: 'hold', seconds: 1 } },
  ]);
  if (!done.ok) throw new Error(done.sentence);
  return done.play;
}

async function open(page: Page, app: App, play: Play): Promise<void> {
  await fetch(`${app.url}/api/plays/${play.id}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ revision: 0, sitting: 'e2e', document: play }),
  });
  await page.goto(`${app.url}/plays/${play.id}`);
  await page.getByRole('tab', { name: 'Defence' }).click();
}

/** A man's row in what is seen at the instant: whether he is open, and his feet at the shot. */
const row = (page: Page, player: string) =>
  page.locator('#panel li', { has: page.locator('b.no', { hasText: new RegExp(`^${player}$`) }) });
const feet = async (page: Page, player: string): Promise<number> =>
  Number.parseFloat(await row(page, player).locator('.num').first().innerText());

async function seek(page: Page, tenths: number): Promise<void> {
  const ruler = page.getByRole('slider', { name: /Time/ });
  await ruler.focus();
  for (let i = 0; i < tenths; i++) await page.keyboard.press('ArrowRight');
}

test('a coverage is chosen: the roll comes open and the pull-up closes', async ({ page, app }) => {
  await open(page, app, ballScreen());
  await page.getByRole('button', { name: 'Man', exact: true }).click();
  await expect(page.getByTestId('defence')).toBeVisible();
  await page.getByRole('button', { name: 'Pack' }).click();
  await seek(page, 25);
  await expect(row(page, '5')).not.toHaveAttribute('data-open');
  const room = await feet(page, '1');

  await page.getByRole('button', { name: 'Trap' }).click();
  await page.getByText('How they play it').click();
  await page.getByLabel('Who tags the roller').selectOption('none');
  await expect(row(page, '5')).toHaveAttribute('data-open', 'true');
  await expect.poll(() => feet(page, '1')).toBeLessThan(room);
  await expect
    .poll(async () => (await app.play('ball-screen')).defences?.[0])
    .toMatchObject({
      type: 'man',
      onBall: 'trap',
      help: 'none',
    });
  // Undo takes the choice back like any change.
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Who tags the roller')).toHaveValue('rotation');
});

test('one screen is covered otherwise, on the court; layers are remembered; nobody is nobody', async ({
  page,
  app,
}) => {
  await open(page, app, { ...ballScreen(), id: 'one-screen' });
  await page.getByRole('button', { name: 'Man', exact: true }).click();
  const tag = page.getByRole('button', { name: /^They play 5's screen: over, big drops/ });
  await tag.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitemradio', { name: 'As usual: over, big drops' })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^They play 5's screen: .* on this one/ })).toBeVisible();
  await expect
    .poll(async () => Object.values((await app.play('one-screen')).defences?.[0]?.overrides ?? {}))
    .toHaveLength(1);
  // The same on the beat sheet: by key, and by pressing the tag.
  const block = page.getByRole('gridcell', { name: /^5 screens.*they play it .*, on this one/ });
  await block.focus();
  const before = await block.getAttribute('aria-label');
  await page.keyboard.press('c');
  await page.getByRole('menuitemradio', { name: 'trap' }).click();
  await expect(block).not.toHaveAttribute('aria-label', before!);
  await page.locator('[data-way]').click();
  await page.getByRole('menuitemradio', { name: 'As usual: over, big drops' }).click();
  await expect(
    page.getByRole('gridcell', { name: /^5 screens.*they play it over, big drops; C/ }),
  ).toBeVisible();
  await expect.poll(async () => (await app.play('one-screen')).defences?.[0]?.overrides).toBeUndefined();

  await expect(page.locator('[data-part="shield-1"]').first()).toBeVisible();
  await page.locator('#court').press('x');
  await expect(page.getByTestId('defence')).toHaveCount(0);
  await page.locator('#court').press('x');
  await expect(page.locator('[data-part="shield-1"]').first()).toBeVisible();
  // By key: what is found out about the line moves the buttons while it comes.
  const defenders = page.getByRole('button', { name: 'Defenders', exact: true });
  await defenders.press('Enter');
  await expect(page.locator('[data-part="shield-1"]')).toHaveCount(0);
  await page.reload();
  await page.getByRole('tab', { name: 'Defence' }).click();
  await expect(page.getByTestId('defence')).toBeAttached();
  await expect(page.locator('[data-part="shield-1"]')).toHaveCount(0);
  await defenders.press('Enter');
  await expect(defenders).toHaveAttribute('aria-pressed', 'true');

  await page.getByRole('button', { name: 'Zone', exact: true }).click();
  await page.getByRole('button', { name: '1-3-1' }).click();
  await expect(page.locator('[data-part="shield-5"]').first()).toBeVisible();
  await page.getByRole('button', { name: 'Nobody' }).click();
  await expect(page.getByTestId('defence')).toHaveCount(0);
});

test('a moment of a play against a zone is taken to the zone room', async ({ page, app }) => {
  await open(page, app, { ...ballScreen(), id: 'to-the-room' });
  await page.getByRole('button', { name: 'Zone', exact: true }).click();
  await page.getByRole('button', { name: '1-3-1' }).click();
  // The room takes its time to come: the desk, still there, writes nothing over its address.
  await page.route('**/assets/ZoneRoom*', async (route) => {
    await new Promise((on) => setTimeout(on, 400));
    await route.continue();
  });
  await seek(page, 12);
  await page.getByRole('button', { name: 'This moment in the zone room' }).click();
  await expect(page.getByRole('combobox', { name: /^Ours/ })).toHaveValue('');
  await expect(page.getByRole('button', { name: '1-3-1', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByRole('button', { name: /^1, ours.*has the ball/ })).toBeVisible();
  // 5 has left his place at the elbow for the screen.
  await expect(page.getByRole('button', { name: /^5, ours.*elbow/ })).toHaveCount(0);
  // The zone stands where it was at that moment; it can be let come to rest.
  await expect(page.getByText('1.2 s into Ball screen.')).toBeVisible();
  await page.getByRole('button', { name: 'Let the zone recover' }).click();
  await expect(page.getByRole('button', { name: 'Let the zone recover' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Back to Ball screen' }).click();
  await expect(page.getByRole('heading', { name: 'Ball screen' })).toBeVisible();
  await expect(page.getByRole('slider', { name: /Time/ })).toHaveAttribute('aria-valuenow', '1.2');
});

test('a defence is kept for the team and taken over by another play', async ({ page, app }) => {
  await open(page, app, { ...ballScreen(), id: 'kept-one' });
  await page.getByRole('button', { name: 'Man', exact: true }).click();
  await page.getByRole('button', { name: 'Trap' }).click();
  await page.getByText('How they play it').click();
  await page.getByRole('button', { name: 'Keep it for the team' }).click();
  await expect(page.getByRole('button', { name: 'Our Trap', exact: true })).toBeVisible();
  await open(page, app, { ...ballScreen(), id: 'kept-two' });
  await page.getByRole('button', { name: 'Man', exact: true }).click();
  await page.getByText('How they play it').click();
  await page.getByRole('button', { name: 'Our Trap', exact: true }).click();
  await expect(page.getByLabel('Screens on the ball')).toHaveValue('trap');
  await page.getByRole('button', { name: 'Forget Our Trap' }).click();
  await expect(page.getByRole('button', { name: 'Our Trap', exact: true })).toHaveCount(0);

  // The team's own makes go into what a look is worth.
  const threes = page.getByText(/ \d+ % × 3 × /);
  const makes = async () =>
    Math.max(...(await threes.allInnerTexts()).map((t) => Number(/(\d+) %/.exec(t)![1])));
  await expect.poll(makes).toBeLessThan(40);
  await page.getByRole('link', { name: 'What we make' }).click();
  await page.getByLabel('From three, open, %').fill('90');
  await page.keyboard.press('Enter');
  await page.goBack();
  await expect.poll(makes).toBeGreaterThan(60);
  await page.getByRole('link', { name: 'What we make' }).click();
  await page.getByRole('button', { name: 'As most of this level' }).click();
  await page.goBack();
  await expect.poll(makes).toBeLessThan(40);
});

test('in the zone room the ball is dragged and the split man named, passes are chased, and a play made of it', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/zone`);
  await page.getByRole('button', { name: '1-3-1' }).click();
  await page.getByRole('combobox', { name: /^Ours/ }).selectOption('overload');
  const ball = (await page.getByTestId('zone-ball').boundingBox())!;
  const wing = (await page.getByRole('button', { name: /^2, ours/ }).boundingBox())!;
  await page.mouse.move(ball.x + ball.width / 2, ball.y + ball.height / 2);
  await page.mouse.down();
  await page.mouse.move(wing.x + wing.width / 2, wing.y + wing.height / 2, { steps: 10 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /^2, ours.*has the ball/ })).toBeVisible();
  await page.getByRole('button', { name: '2-3', exact: true }).click();
  await expect(page.getByTestId('zone-split')).toContainText(/^x\d has two of ours/);

  await page.getByRole('button', { name: /^1, ours/ }).click();
  await expect(page.getByLabel('Passes').getByText(/^2 to 1 ·/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^1, ours.*has the ball/ })).toBeVisible();
  // The same by keyboard alone.
  await page.getByRole('button', { name: /^3, ours/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Passes').getByText(/^1 to 3 ·/)).toBeVisible();
  // The slide sheet has it in time, and any moment of it can be looked back at, by keyboard as well.
  await expect(page.getByRole('list', { name: 'Slides' }).getByRole('listitem').first()).toBeAttached();
  await expect(page.getByRole('button', { name: /^3, ours.*has the ball/ })).toBeVisible();
  const time = page.getByRole('slider', { name: 'Time in the chase' });
  const end = Number(await time.getAttribute('aria-valuenow'));
  await time.click({ position: { x: 40, y: 8 } });
  await expect.poll(async () => Number(await time.getAttribute('aria-valuenow'))).toBeLessThan(end);
  await page.keyboard.press('Home');
  await expect(page.getByRole('button', { name: /^2, ours.*has the ball/ })).toBeVisible();
  const before = Number(await time.getAttribute('aria-valuenow'));
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => Number(await time.getAttribute('aria-valuenow'))).toBeGreaterThan(before);
  await page.getByRole('button', { name: 'Let the zone recover' }).click();
  await expect(page.getByRole('button', { name: /^3, ours.*has the ball/ })).toBeVisible();

  await page.getByTestId('zone-ball').focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.getByRole('button', { name: /^3, ours.*has the ball/ })).toHaveCount(0);

  await page.getByRole('button', { name: 'Where would you put them?' }).click();
  await expect(page.getByText(/late for the shot\./).first()).toBeVisible();
  await page.getByRole('combobox', { name: /^Beside it/ }).selectOption('1-3-1');
  await expect(page.getByTestId('zone-court')).toHaveCount(2);
  await page.getByRole('combobox', { name: /^Beside it/ }).selectOption('set:horns');
  await expect(page.getByRole('figure').filter({ hasText: 'Horns' })).toContainText(/Softest/);

  // A chaser stays with his man, and the new play says whom he chases.
  const shield = page.getByTestId('zone-court').first().locator('[data-part="shield-5"]').first();
  await page.getByRole('button', { name: 'box +1' }).click();
  const near = await shield.getAttribute('d');
  await page.getByRole('combobox', { name: /^x5 chases/ }).selectOption('5');
  await expect(shield).not.toHaveAttribute('d', near!);

  await page.getByRole('button', { name: 'New play from this' }).click();
  await expect(page.getByRole('heading', { name: 'Against a box-and-one' })).toBeVisible();
  await page.getByRole('tab', { name: 'Defence' }).click();
  await expect(page.getByRole('button', { name: 'Zone', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});
