import { expect, list, newTank, openDemo, test } from './watchful';

test('the glass: every fish of the list, by date, in two colourings, on a desk and a phone', async ({
  page,
}) => {
  await openDemo(page, '/stock?tank=demo-fen');
  const glass = page.getByRole('img', { name: /^Fen from the front/ });
  const canvas = glass.locator('canvas');
  const headcount = async (): Promise<number> => {
    const label = (await glass.getAttribute('aria-label')) ?? '';
    const layers = /; (\d+) at the top, (\d+) mid-water, (\d+) at the bottom$/.exec(label);
    return (layers?.slice(1) ?? []).reduce((sum, count) => sum + Number(count), 0);
  };
  await expect(glass).toHaveAttribute('aria-label', /at the bottom$/);
  const fish = await headcount();
  expect(fish).toBeGreaterThan(20);
  await test.step('one picture an animal', async () => {
    await expect(canvas).toHaveAttribute('data-fish', String(fish));
    await page.getByRole('button', { name: 'List colours' }).click();
    await expect(canvas).toHaveAttribute('data-fish', String(fish));
    await page.getByRole('button', { name: 'As they look' }).click();
    await expect(canvas).toHaveAttribute('data-fish', String(fish));
  });
  await test.step('the slider grows them, and the list tells their length when it rests', async () => {
    const before = await canvas.evaluate((one: HTMLCanvasElement) => one.toDataURL());
    const slider = page.getByRole('slider', { name: 'Month shown' });
    await slider.focus();
    await page.keyboard.press('End');
    await expect(slider).not.toHaveAttribute('aria-valuenow', '0');
    await expect.poll(() => canvas.evaluate((one: HTMLCanvasElement) => one.toDataURL())).not.toBe(before);
    await expect(page.getByRole('columnheader', { name: 'Length then' })).toBeVisible();
    await page.keyboard.press('Home');
    await expect(page.getByRole('columnheader', { name: 'Length now' })).toBeVisible();
  });
  await test.step('it fits a phone, and follows a list that grows', async () => {
    await page.setViewportSize({ width: 390, height: 844 });
    await expect(canvas).toHaveAttribute('data-fish', String(fish));
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await list(page, 'neon tetra');
    await expect.poll(headcount).toBeGreaterThan(fish);
    await expect.poll(async () => Number(await canvas.getAttribute('data-fish'))).toBe(await headcount());
  });
});

test('the catalogue by looks: "small, blue, striped" finds fish by their pictures', async ({ page }) => {
  await openDemo(page, '/catalogue');
  await page.getByRole('button', { name: 'By looks' }).click();
  const grid = page.getByRole('region', { name: 'Species by looks' });
  await expect(grid.locator('img').first()).toBeVisible();
  const counter = page.getByText(/^\d+ of \d+$/);
  const drawn = await grid.locator('img').count();
  expect(drawn).toBeLessThan(200);
  await page.getByRole('searchbox').fill('small blue striped');
  const found = async () => Number(/^(\d+) of/.exec((await counter.textContent()) ?? '')?.[1]);
  await expect.poll(found).toBeLessThan(120);
  expect(await found()).toBeGreaterThan(5);
  await expect(grid.getByRole('link').first()).toBeVisible();
  await expect(grid.locator('img').first()).toBeVisible();
});

test('a floor by drag, by keys, by measures and by presses, in two tabs and after a reload', async ({
  page,
  context,
}) => {
  await newTank(page, 'Loft', ['120', '50', '50']);
  await page.getByRole('link', { name: 'Floor' }).click();
  await page.getByRole('button', { name: '+ rock' }).click();
  const map = page.getByRole('group', { name: /^Floor of Loft/ });
  const rock = page.getByRole('button', { name: /rock 1: arrow keys/ });
  const fromLeft = page.getByLabel('From the left');
  await expect(fromLeft).toHaveValue('60 cm');
  await test.step('drag', async () => {
    const box = (await map.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 4, box.y + box.height / 3, { steps: 6 });
    await page.mouse.up();
    await expect(fromLeft).toHaveValue(/^(29|30|31)(\.\d)? cm$/);
  });
  await test.step('keys and measures', async () => {
    await fromLeft.fill('20 in');
    await fromLeft.press('Enter');
    await expect(fromLeft).toHaveValue(/^(50\.8|51) cm$/);
    await rock.focus();
    await page.keyboard.press('ArrowRight');
    await expect(fromLeft).toHaveValue(/^(52\.8|53) cm$/);
  });
  await test.step('two presses', async () => {
    await page.getByRole('button', { name: 'put elsewhere' }).click();
    const box = (await map.boundingBox())!;
    await page.mouse.click(box.x + box.width * 0.75, box.y + box.height / 2);
    await expect(fromLeft).toHaveValue(/^(89|90|91)(\.\d)? cm$/);
  });
  const other = await context.newPage();
  await test.step('another tab sees it, and what it adds comes back', async () => {
    await other.goto(page.url());
    await expect(other.getByRole('button', { name: /rock 1: arrow keys/ })).toBeVisible();
    await other.getByRole('button', { name: '+ cave' }).click();
    await expect(page.getByRole('button', { name: /cave 2: arrow keys/ })).toBeVisible();
    await other.close();
  });
  await test.step('a holder placed, the next slate looked for, undone, kept over a reload', async () => {
    const box = (await map.boundingBox())!;
    await page.mouse.click(box.x + box.width * 0.1, box.y + box.height * 0.8);
    await expect(page.getByText('Floor it sees')).toBeVisible();
    await page.getByRole('button', { name: 'Where would one more slate help most?' }).click();
    await page.getByRole('button', { name: 'Place it there' }).click();
    await expect(page.getByRole('button', { name: /slate 3: arrow keys/ })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name: /slate 3: arrow keys/ })).toHaveCount(0);
    await page.reload();
    await expect(page.getByRole('button', { name: /cave 2: arrow keys/ })).toBeVisible();
    await expect(page.getByText('Floor it sees')).toBeVisible();
  });
});

test('a photograph of 40 MB beside a plate', async ({ page }) => {
  await openDemo(page, '/life?tank=demo-skerry&fish=demo-amber');
  const [wide, high] = [4400, 3200];
  const size = 54 + wide * high * 3;
  const photograph = Buffer.alloc(size, 0x7a);
  photograph.write('BM', 0, 'latin1');
  photograph.writeUInt32LE(size, 2);
  photograph.writeUInt32LE(0, 6);
  photograph.writeUInt32LE(54, 10);
  photograph.writeUInt32LE(40, 14);
  photograph.writeInt32LE(wide, 18);
  photograph.writeInt32LE(high, 22);
  photograph.writeUInt16LE(1, 26);
  photograph.writeUInt16LE(24, 28);
  photograph.fill(0, 30, 54);
  for (let at = 54; at < size; at += 97) photograph[at] = at & 0xff;
  const path = test.info().outputPath('amber.bmp');
  (await import('node:fs')).writeFileSync(path, photograph);
  await page.getByLabel('A picture of Amber').setInputFiles(path);
  await expect(page.getByRole('img', { name: /^Amber on/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('img', { name: /^Amber on/ })).toBeVisible();
});

test('a species of one’s own is drawn as its dress is typed, and plain while a line is wrong', async ({
  page,
}) => {
  await openDemo(page, '/catalogue?species=pterophyllum-scalare');
  await page.getByRole('button', { name: 'Copy and edit values' }).click();
  await page.getByRole('button', { name: /^Look\b/ }).click();
  const dress = page.getByLabel('Dress, a line each');
  await expect(dress).toHaveValue(/^like: /);
  await dress.fill('like: pterophyllum-scalare\nmarks: bars nonsense');
  await expect(page.getByText(/Drawn plain until this is mended/)).toBeVisible();
  await dress.fill('like: pterophyllum-scalare\nmarks: bars rust 20 50 80');
  await expect(page.getByText(/Drawn plain until this is mended/)).toHaveCount(0);
  await expect(page.getByRole('img', { name: 'As it is drawn' })).toBeVisible();
});
