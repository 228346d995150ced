import { expect, test } from '@playwright/test';
import { getDocumentProxy } from 'unpdf';

test('a group is looked back at on one page: what was done, which ways, what changed, what helped', async ({
  page,
}) => {
  await page.goto('/groups/demo-lunch');
  await page.getByRole('link', { name: 'Looking back' }).click();
  await expect(page.getByRole('heading', { name: 'Looking back: Thursday lunch' })).toBeVisible();
  await expect(page.locator('.sum')).toContainText(/\d+ classes, \d+ h/);
  await expect(page.locator('.bars tr').first()).toBeVisible();
  await expect(page.locator('nw-helped-list')).toContainText('Ball along the sole');
  // on paper it is one page
  const doc = await getDocumentProxy(new Uint8Array(await page.pdf({ format: 'A4' })));
  expect(doc.numPages).toBe(1);

  // weeks before anything was taught have nothing, and say so
  await page.getByLabel('To', { exact: true }).fill('2001-03-01');
  await page.getByLabel('To', { exact: true }).press('Tab');
  await page.getByLabel('From', { exact: true }).fill('2001-01-01');
  await page.getByLabel('From', { exact: true }).press('Tab');
  await expect(page.getByText('No class stands in the log for these weeks.')).toBeVisible();
});
