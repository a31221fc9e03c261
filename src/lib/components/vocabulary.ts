/** One word for one thing: what the screens call it, and the words that would be a second name for it. */
export interface Word {
	say: string;
	never: RegExp;
}

/** The words of the trade on every screen and paper. A second word for one thing is caught by the test beside this list. */
export const VOCABULARY: readonly Word[] = [
	{ say: 'output', never: /\bchannels?\b/i },
	{ say: 'clearance', never: /\b(room|space) (of|ahead|behind|in front)\b/i },
	{ say: 'compare', never: /^weigh$/i },
	{ say: 'caution', never: /^mind$/i },
	{ say: 'derated', never: /\bsober/i },
	{ say: 'add a vehicle', never: /not on record: enter it/i },
	{ say: 'LEDs chosen', never: /\blamps as chosen\b/i },
	{ say: 'chips, never a list in one line', never: /\bparted by\b/i },
	{ say: 'lamp category', never: /\bbulb (type|category|base)s?\b/i },
	{ say: 'kit', never: /\bbundle\b/i },
	{ say: 'fitting', never: /\binstallation\b/i },
	{ say: 'bay', never: /\bgarage\b/i },
	{ say: 'price', never: /\bretail\b/i },
	{ say: 'stock', never: /\binventory\b/i },
	{ say: 'sister vehicle', never: /\bsibling\b/i },
	{ say: 'indicator or turn signal, by market', never: /\bblinkers?\b/i },
	{ say: 'Rotalux never says that something is legal', never: /\b(is|are|be) (legal|road[- ]legal|street[- ]legal)\b/i }
];
