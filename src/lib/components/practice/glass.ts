/** What a lens looks like with nothing behind it, by its colour. */
export const GLASS: Readonly<Record<string, string>> = {
	clear: '#dfe8ee',
	amber: '#ff9a1f',
	red: '#e5251b',
	smoked: '#5c666d'
};
export const UNKNOWN_GLASS = '#8b969d';
