/** Pixels of the screen to a millimetre, as a person set them by a card of known size; this browser remembers it. */
type Store = Pick<Storage, 'getItem' | 'setItem'>;

const KEY = 'rotalux-pixels-a-mm';
/** CSS calls an inch 96 pixels; a screen rarely does. */
const BY_CSS = 96 / 25.4;
export const LEAST = 2;
export const MOST = 12;
/** Long side of a bank card, mm (ISO/IEC 7810, ID-1). */
export const CARD_MM = 85.6;
export const CARD_HEIGHT_MM = 53.98;

export class ScreenScale {
	#perMm = $state(BY_CSS);
	/** True once somebody held a card to the screen. */
	isSet = $state(false);
	readonly #store: Store | null;

	constructor(store: Store | null = typeof localStorage === 'undefined' ? null : localStorage) {
		this.#store = store;
		const kept = Number(store?.getItem(KEY));
		if (kept >= LEAST && kept <= MOST) {
			this.#perMm = kept;
			this.isSet = true;
		}
	}

	get perMm(): number {
		return this.#perMm;
	}
	set perMm(value: number) {
		this.#perMm = Math.min(MOST, Math.max(LEAST, value));
		this.isSet = true;
		this.#store?.setItem(KEY, String(this.#perMm));
	}
}
