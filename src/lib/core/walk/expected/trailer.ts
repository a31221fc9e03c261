/** Places of a trailer, in walking order. */
export const TRAILER = [
	'front:front-position',
	'side:side-marker',
	'rear:turn',
	'rear:stop',
	'rear:tail',
	'rear:rear-fog',
	'rear:reverse',
	'rear:licence-plate'
] as const;
