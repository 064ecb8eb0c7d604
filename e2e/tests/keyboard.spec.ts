import { Keyboard } from '../kitchen/keyboard';
import { TEA_CAKE } from '../kitchen/oven-and-log';
import { expect, test } from '../kitchen/test';

test('from an empty kitchen to a logged bake with the keyboard alone', async ({ baker, page }) => {
  test.slow();
  const keys = new Keyboard(page);
  const button = (name: string | RegExp) => page.getByRole('button', { name }).first();
  const link = (name: string | RegExp) => page.getByRole('link', { name }).first();

  // The first start: whose cups, who measures.
  await baker.goTo('/recipes');
  await keys.choose(page.getByLabel('Whose cups and spoons do you have?'), 'Metric');
  await keys.type(page.getByLabel('Who measures?'), 'Coot');
  await keys.press(page.getByRole('button', { name: 'Done', exact: true }));

  // A recipe, with the kitchen's own cups until something else is chosen.
  await keys.press(link('Paste a recipe'));
  await expect(page.getByLabel('Cups and spoons used').locator('option:checked')).toHaveText(
    'Metric',
  );
  await keys.type(page.getByRole('textbox', { name: 'Recipe text' }), TEA_CAKE);
  await expect(page.getByText('As understood')).toBeVisible();
  await keys.press(button('Save recipe'));
  await page.waitForURL(/\/amounts/);
  await keys.type(page.getByRole('textbox', { name: 'Factor' }), '1 1/2');
  await expect(page.getByText('makes 12 slices').first()).toBeVisible();
  await keys.press(page.getByRole('button', { name: /^Edit / }).first());
  await expect(page.getByRole('heading', { name: /^Weight: / })).toBeVisible();

  // The bench: every fill is one press.
  await keys.press(link(/^Measure/));
  await keys.tabTo(page.getByRole('radio', { name: /^As planned/ }));
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('radio', { name: /^By cup and spoon/ })).toBeChecked();
  await keys.press(button('Begin the bake'));
  await page.waitForURL(/\/measure\/.+/);
  const isFull = page.getByRole('heading', { name: 'The tray is full' });
  for (let presses = 0; presses < 60 && !(await isFull.isVisible()); presses++) {
    await page.keyboard.press('PageDown');
  }
  await expect(isFull).toBeVisible();
  await keys.press(button('On to the oven'));

  // The oven, step by step; then how it turned out.
  const step = page.getByRole('region', { name: 'Step at hand' });
  await expect(step).toContainText('Heat the oven to 180 °C.');
  await keys.press(step.getByRole('button', { name: 'Done' }));
  await expect(step).toContainText('Cream the butter and sugar.');
  await keys.press(button('Log how it turned out'));
  await keys.tabTo(page.getByRole('radio').first());
  for (const crumbs of [2, 3, 4]) {
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('radio', { name: new RegExp(`^${crumbs} of 5`) })).toBeChecked();
  }
  await keys.type(page.getByLabel('Note'), 'Level and gold.');
  await keys.press(button('Use these amounts next time'));
  await expect(
    page.getByRole('heading', { name: 'These amounts are used next time' }),
  ).toBeVisible();
});
