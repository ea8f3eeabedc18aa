import { expect, openDemo, test } from './watchful';

test('a wish list becomes line-ups with proof, one of them a draft, and it is taken back', async ({
  page,
}) => {
  await openDemo(page, '/lineups?tank=demo-fen');
  const first = page.getByRole('article', { name: 'Line-up 1', exact: true });
  await test.step('the worker answers, and the answer is proven', async () => {
    await expect(page.getByText('Proven:')).toBeVisible();
    await expect(first).toContainText('best');
  });
  await test.step('what is left out has a reason, and what it would take', async () => {
    const open = page.getByRole('listitem').filter({ hasText: 'this tank has no lid' }).first();
    await open.getByRole('button', { name: 'What would it need?' }).click();
    await expect(open).toContainText(/It would need a lid|No single change/);
  });
  await test.step('a set is added at one press, and undone', async () => {
    await page.getByLabel('Theme').selectOption('cool');
    await page.getByRole('button', { name: 'Add set' }).click();
    const added = page.getByRole('button', { name: /^Undo: Added/ });
    await expect(added).toBeVisible();
    await added.click();
    await expect(page.getByRole('heading', { name: 'Wishes (12)' })).toBeVisible();
  });
  await test.step('one for each set of favourites', async () => {
    await page.getByText('One for each set of favourites').click();
    await expect(first).toContainText('Around');
  });
  await test.step('a line-up is taken as a draft', async () => {
    await first.getByRole('button', { name: 'Save as draft' }).click();
    await expect(page.getByRole('button', { name: /^Undo: .*draft/i })).toBeVisible();
    await page.goto('/stock?tank=demo-fen&part=drafts');
    await expect(page.getByRole('textbox', { name: /^Name of Line-up 1: / })).toBeVisible();
  });
  await test.step('the smallest tank for them is looked for, and the search can be stopped', async () => {
    await page.goto('/lineups?tank=demo-fen&part=size');
    for (const wrong of ['very long', '-3 ft', '0']) {
      await page.getByLabel('Length of the wall').fill(wrong);
      await expect(page.getByRole('alert').filter({ hasText: 'length such as' })).toBeVisible();
      await expect(page.getByRole('button', { name: 'Find size' })).toBeDisabled();
    }
    await page.getByLabel('Length of the wall').fill('3 m');
    await page.getByRole('button', { name: 'Find size' }).click();
    await expect(page.getByText('by priority').last()).toBeVisible();
  });
});
