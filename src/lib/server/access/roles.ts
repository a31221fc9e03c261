/** What somebody may be allowed to do. A new one is an entry here. */
export const PERMISSIONS = {
	look: 'look at vehicles, stock, kits and answers',
	record: 'change the record of a vehicle, settle questions',
	kit: 'start and change kits',
	release: 'check and release kits',
	fit: 'fit kits in the bay, and say what was found there',
	complain: 'file complaints, ask after what was fitted',
	stock: 'change products, parts and prices, ask the supplier',
	import: 'take files in',
	settings: 'change policy and assumptions',
	people: 'give and take accounts, and tokens of programs',
	keep: 'make backups, look the data over'
} as const;

export type Permission = keyof typeof PERMISSIONS;

/** Who does what in a shop. A new role is an entry here. */
export const ROLES = {
	owner: { label: 'owner', may: Object.keys(PERMISSIONS) as Permission[] },
	specialist: {
		label: 'fitment specialist',
		may: ['look', 'record', 'kit', 'release', 'fit', 'complain', 'stock', 'import']
	},
	counter: { label: 'counter', may: ['look', 'kit', 'complain'] },
	workshop: { label: 'workshop', may: ['look', 'record', 'fit', 'complain'] },
	/** Also what somebody is at a branch where they do not work. */
	visitor: { label: 'visitor', may: ['look'] }
} as const satisfies Record<string, { label: string; may: readonly Permission[] }>;

export type Role = keyof typeof ROLES;
export const ROLE_IDS = Object.keys(ROLES) as Role[];

const EITHER = new Intl.ListFormat('en-GB', { type: 'disjunction' });

/** True when a role is allowed something. */
export const may = (role: Role, permission: Permission): boolean =>
	(ROLES[role].may as readonly Permission[]).includes(permission);

/** Whom to ask for something: “the owner or fitment specialist”. */
export function whoMay(permission: Permission): string {
	const labels = ROLE_IDS.filter((role) => may(role, permission)).map((role) => ROLES[role].label);
	return `the ${EITHER.format(labels)}`;
}
