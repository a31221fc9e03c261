/** Places of a motorcycle, in walking order. */
export const MOTORCYCLE = [
	'front:low-beam',
	'front:high-beam',
	'front:front-position',
	'front:turn',
	'rear:turn',
	'rear:stop',
	'rear:tail',
	'rear:licence-plate',
	'cluster:cluster-backlight'
] as const;
