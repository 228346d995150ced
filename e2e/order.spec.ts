import { expect, test } from '@playwright/test';
import { Designer, copyOf } from './designer';

const first = ['Walk and notice', 'Three points of the sole', 'Ball along the sole'];

test.describe('the running order', () => {
  test.beforeEach(async ({ page, request }) => {
    const id = await copyOf(request, 'Thursday lunch: quiet ankles');
    await page.goto(`/class/${id}`);
    await expect(new Designer(page).rows.first()).toHaveText('Walk and notice');
  });

  test('moves with Alt and the arrow keys, over the edge of a block too; undo and redo', async ({ page }) => {
    const designer = new Designer(page);
    await designer.row('Three points').click();
    await page.keyboard.press('Alt+ArrowUp');
    await expect(designer.rows.nth(0)).toHaveText('Three points of the sole');
    await expect(designer.row('Three points')).toBeFocused();
    await page.keyboard.press('Alt+ArrowDown');
    await page.keyboard.press('Alt+ArrowDown');
    await expect(page.locator('section[aria-label="Release"] .exercise')).toHaveText([
      'Three points of the sole',
      'Ball along the sole',
    ]);
    for (let i = 0; i < 3; i++) await page.keyboard.press('Control+z');
    await expect(page.locator('section[aria-label="Look"] .exercise')).toHaveText(first.slice(0, 2));
    await page.keyboard.press('Control+Shift+z');
    await expect(designer.rows.nth(0)).toHaveText('Three points of the sole');
  });

  test('drags an item to another block', async ({ page }) => {
    const designer = new Designer(page);
    const handle = page.locator('.row').filter({ hasText: 'Walk and notice' }).locator('.handle');
    const target = page.locator('.row').filter({ hasText: 'Ball along the sole' });
    const from = await handle.boundingBox();
    const to = await target.boundingBox();
    if (!from || !to) throw new Error('not on the page');
    await page.mouse.move(from.x + 8, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(from.x + 10, from.y + 40, { steps: 5 });
    await page.mouse.move(to.x + 40, to.y + to.height - 6, { steps: 12 });
    await page.mouse.up();
    await expect(page.locator('section[aria-label="Release"] .exercise')).toHaveText([
      'Ball along the sole',
      'Walk and notice',
    ]);
    await designer.saved();
  });

  test('takes an item out and brings it back', async ({ page }) => {
    const designer = new Designer(page);
    await designer.row('Ball along the sole').click();
    await page.keyboard.press('Delete');
    await expect(designer.row('Ball along the sole')).toHaveCount(0);
    await page.getByRole('button', { name: 'Bring it back' }).click();
    await expect(designer.row('Ball along the sole')).toBeVisible();
  });

  test('a block taught foot by foot visits each item twice, with a comparison between', async ({ page }) => {
    const designer = new Designer(page);
    await designer.row('Band: turn the foot in').click();
    const visits = page.locator('nw-thread .item[aria-selected="true"] .touch');
    await expect(visits).toHaveCount(1);
    await page.getByRole('button', { name: 'More for the block Band' }).click();
    await page.getByRole('menuitem', { name: 'Teach it foot by foot' }).click();
    await expect(page.locator('section[aria-label="Band"] .flow')).toHaveText('one whole foot, compare, the other');
    await expect(visits).toHaveCount(2);
  });

  test('the thread is worked with the keyboard: arrows choose, plus zooms', async ({ page }) => {
    const designer = new Designer(page);
    await designer.thread.focus();
    await page.keyboard.press('End');
    await expect(page.locator('nw-item-panel h2')).toHaveText('Walk and compare');
    await page.keyboard.press('ArrowLeft');
    await expect(page.locator('nw-item-panel h2')).toHaveText('Calf stretch, bent knee');
    const width = async () => Number(await designer.thread.getAttribute('width'));
    const before = await width();
    await page.keyboard.press('+');
    await expect.poll(width).toBeGreaterThan(before * 1.3);
    await page.keyboard.press('0');
    await expect.poll(width).toBe(before);
  });

  test('the pointer on the thread shows the phase and the foot under it', async ({ page }) => {
    const designer = new Designer(page);
    await designer.row('Band: turn the foot out').click();
    const [left, right] = [page.locator('.stitch.left').nth(4), page.locator('.stitch.right').nth(4)];
    for (const [stitch, foot] of [
      [left, 'left works'],
      [right, 'right works'],
    ] as const) {
      const box = await stitch.boundingBox();
      if (!box) throw new Error('no stitches');
      await page.mouse.move(box.x + box.width / 2, box.y + 4);
      await expect(page.locator('nw-item-panel nw-footprints')).toContainText(foot);
    }
  });

  test('an item that is not selected shows its feet beside the pointer', async ({ page }) => {
    const stitch = await page.locator('.stitch.left').nth(2).boundingBox();
    if (!stitch) throw new Error('no stitches');
    await page.mouse.move(stitch.x + stitch.width / 2, stitch.y + 4);
    await expect(page.locator('nw-peek')).toContainText('Ball along the sole');
    await expect(page.locator('nw-peek')).toContainText('left works');
    await page.mouse.move(10, 780);
    await expect(page.locator('nw-peek')).toHaveCount(0);
  });
});
