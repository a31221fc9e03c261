import type { Locator, Page } from '@playwright/test';

/** What a person's hand takes, s: a key, a click, a page that has to be taken in. */
const KEY_S = 0.4;
const CLICK_S = 1.5;
const PAGE_S = 2;

/** Does what a person does, and counts it. */
export class Hands {
	keys = 0;
	clicks = 0;
	pages = 0;
	readonly #page: Page;
	#path = '';

	constructor(page: Page) {
		this.#page = page;
		page.on('framenavigated', (frame) => {
			const path = new URL(frame.url()).pathname;
			if (frame !== page.mainFrame() || path === this.#path) return;
			this.#path = path;
			this.pages += 1;
		});
	}

	/** Seconds so far. */
	get seconds(): number {
		return this.keys * KEY_S + this.clicks * CLICK_S + this.pages * PAGE_S;
	}

	async click(target: Locator): Promise<void> {
		await target.click();
		this.clicks += 1;
	}

	/** Types into a field that has the focus already, or that a click gives it. */
	async type(field: Locator, text: string): Promise<void> {
		await field.fill(text);
		this.keys += text.length;
	}

	async press(key: string): Promise<void> {
		await this.#page.keyboard.press(key);
		this.keys += 1;
	}

	/** Chooses a file: the button of the field, and the file in the list. */
	async choose(field: Locator, file: { name: string; mimeType: string; buffer: Buffer }): Promise<void> {
		await field.setInputFiles(file);
		this.clicks += 2;
	}
}
