import type { Page } from '@playwright/test';

export function draw(page: Page, spared: (y: number) => boolean): Promise<void>;
