import type { Page } from '@playwright/test';

/** What a page shows that it should not, by measure and not by picture. */
export interface Measured {
  /** Rules of axe that it breaks, with where. */
  readonly axe: readonly string[];
  /** Words that are cut off, or lie over others. */
  readonly cut: readonly string[];
  /** Texts in the form of machines: dates, ids, plurals that do not agree. */
  readonly words: readonly string[];
  /** By how many pixels it is wider than the window. */
  readonly wider: number;
  /** Targets smaller than a wet finger needs; only asked of devices that are touched. */
  readonly small: readonly string[];
}

/** Looks a page over as it stands. Targets are asked of devices that are touched; the rules of access take their time. */
export declare function measure(
  page: Page,
  what: { readonly touched: boolean; readonly access: boolean; readonly without?: readonly string[] },
): Promise<Measured>;

/** All pages of the demo by their path; `/recipe` stands for any recipe. */
export declare const PAGES: readonly string[];
