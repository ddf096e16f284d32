import type { Browser, Page } from '@playwright/test';

export function madePhoto(browser: Browser | null): Promise<{ png: Buffer; corners: [number, number][] }>;
export function tapCorners(page: Page, corners: readonly [number, number][]): Promise<void>;
export function tapOn(page: Page, mm: { x: number; y: number }): Promise<void>;
