// Makes a PNG of a new shop's first day: node bin/first-day-shot.mjs WAY-IN FOLDER
import { chromium } from '@playwright/test';
import { join } from 'node:path';
import { executablePath, switches } from './chromium.mjs';

const [way, folder] = process.argv.slice(2);
const browser = await chromium.launch({ executablePath, args: switches });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await page.goto(way);
await page.getByLabel('New password').fill('nobody guesses this');
await page.getByRole('button', { name: 'Keep it' }).click();
await page.getByRole('link', { name: 'Sign in' }).click();
await page.getByLabel('E-mail address').fill('first@stall.example');
await page.getByLabel('Password').fill('nobody guesses this');
await page.getByRole('button', { name: 'Sign in' }).click();
await page.getByRole('region', { name: 'The first day' }).waitFor();
await page.waitForLoadState('networkidle');
await page.evaluate(() => document.fonts.ready);
await page.screenshot({ path: join(folder, 'first-day.png') });
console.log('first-day');
await browser.close();
