import { may, whoMay, type Permission, type Role } from './roles';
import { onlyLooks } from './methods';

/** What a route asks for: to be read, and to be written to, by action where they differ. `open` asks for nothing. */
interface RouteRule {
	read?: Permission | 'open';
	write?: Permission | 'open' | Readonly<Record<string, Permission>>;
}

const LOOK: RouteRule = { read: 'look' };

const KIT_ACTIONS = [
	'rename',
	'order',
	'choose',
	'free',
	'leave',
	'forbid',
	'has',
	'own',
	'reach',
	'runners',
	'prices',
	'revise',
	'drop'
];
const RELEASE_ACTIONS = ['check', 'others', 'also', 'release', 'except', 'unexcept'];
const each = (names: readonly string[], permission: Permission) =>
	Object.fromEntries(names.map((name) => [name, permission]));

/** Every route there is, and whom it lets in. A route that does not stand here lets nobody in. */
export const ROUTES: Readonly<Record<string, RouteRule>> = {
	'/': LOOK,
	'/health': { read: 'open' },
	'/practice': { read: 'look', write: { next: 'look', share: 'look' } },
	'/practice/cases': { read: 'look', write: { gather: 'look', write: 'complain', leave: 'complain' } },
	'/practice/[kind]/[seed]/[level]': { read: 'look', write: { answer: 'look' } },
	'/practice/[kind]/[seed]/[level]/shop.json': { write: 'look' },
	'/ready': { read: 'open' },
	'/sign-in': { read: 'open', write: 'open' },
	/** Programs say who they are by a token. */
	'/api/v1/[...path]': { read: 'open' },
	'/complaints': { read: 'look', write: { read: 'complain' } },
	'/complaints/new': { read: 'look', write: { file: 'complain' } },
	'/complaints/[complaint]': {
		read: 'look',
		write: { answer: 'fit', unanswer: 'fit', more: 'complain', settle: 'record', reopen: 'record' }
	},
	'/cover': LOOK,
	'/cover/assortment': LOOK,
	'/cover/cover.xlsx': LOOK,
	'/cover/demand': { read: 'look', write: { registrations: 'stock' } },
	'/cover/fleet.json': LOOK,
	'/cover/kits': { read: 'look', write: { queue: 'kit', drop: 'kit' } },
	'/cover/matrix': LOOK,
	'/cover/missing': { read: 'look', write: { try: 'look' } },
	'/cover/places': LOOK,
	'/cover/run.json': { read: 'look', write: 'stock' },
	'/cover/[table].csv': LOOK,
	'/fittings': LOOK,
	'/fittings/[fitting]': LOOK,
	'/fittings/[fitting]/marks': { read: 'look', write: 'fit' },
	'/fittings/pictures/[hash]': LOOK,
	'/find.json': LOOK,
	'/help/[topic].json': LOOK,
	'/help/manual.pdf': LOOK,
	'/follow-ups': { read: 'look', write: 'complain' },
	'/k/[code]': LOOK,
	'/k/[code]/complaint': { read: 'look', write: 'look' },
	'/kits': LOOK,
	'/learned/[[month]]': LOOK,
	'/questions': { read: 'look', write: { settle: 'record' } },
	'/reference': LOOK,
	'/reference/lamps': LOOK,
	'/reference/lamps/outlines.pdf': LOOK,
	'/reference/interchange': LOOK,
	'/sales': LOOK,
	'/sales/[sale]': { read: 'look', write: each(['step', 'customer', 'forget'], 'kit') },
	'/sales/new': { read: 'look', write: { quote: 'kit' } },
	'/start': { read: 'look', write: { setup: 'settings', demo: 'look' } },
	'/settings': {
		read: 'look',
		write: {
			person: 'look',
			assumptions: 'settings',
			policy: 'settings',
			measures: 'settings',
			asking: 'settings',
			backup: 'keep',
			doctor: 'keep'
		}
	},
	'/settings/branches': { read: 'look', write: { stand: 'look', open: 'people', change: 'people' } },
	'/settings/people': { read: 'people', write: 'people' },
	'/settings/programs': { read: 'people', write: 'people' },
	'/settings/account': { read: 'look', write: 'look' },
	'/stock': LOOK,
	'/stock/[item]/history': LOOK,
	'/stock/[item]/returns.csv': LOOK,
	'/stock/[item]': { read: 'look', write: 'stock' },
	'/stock/[table].csv': LOOK,
	'/stock/new': { read: 'stock', write: 'stock' },
	'/stock/stock.xlsx': LOOK,
	'/stock/reorder': LOOK,
	'/stock/supplier': { read: 'look', write: { ask: 'stock', every: 'stock' } },
	'/vehicles': LOOK,
	'/vehicles/[id]': LOOK,
	'/vehicles/[id]/access/[[operation]]': LOOK,
	'/vehicles/[id]/channels/[[channel]]': LOOK,
	'/vehicles/[id]/circuit': LOOK,
	'/vehicles/[id]/circuit/scan': LOOK,
	'/vehicles/[id]/export.json': LOOK,
	'/vehicles/[id]/fitup/[[kit]]': { read: 'look', write: { start: 'fit', add: 'kit' } },
	'/vehicles/[id]/history': LOOK,
	'/vehicles/[id]/identify': { read: 'look', write: 'record' },
	'/vehicles/[id]/kit': { read: 'look', write: { start: 'kit' } },
	'/vehicles/[id]/kit/[kit]': {
		read: 'look',
		write: { ...each(KIT_ACTIONS, 'kit'), ...each(RELEASE_ACTIONS, 'release'), bring: 'stock' }
	},
	'/vehicles/[id]/kit/[kit]/[paper].pdf': LOOK,
	'/vehicles/[id]/kit/[kit]/change.json': LOOK,
	'/vehicles/[id]/kit/[kit]/compare': LOOK,
	'/vehicles/[id]/kit/[kit]/kit.csv': LOOK,
	'/vehicles/[id]/kit/[kit]/kit.json': LOOK,
	'/vehicles/[id]/kit/[kit]/kit.xlsx': LOOK,
	'/vehicles/[id]/kit/[kit]/progress': { read: 'look', write: 'kit' },
	'/vehicles/[id]/kit/[kit]/sheet': LOOK,
	'/vehicles/[id]/kit/offer.json': LOOK,
	'/vehicles/[id]/match/[[socket]]': { read: 'look', write: { choose: 'kit', assume: 'settings' } },
	'/vehicles/[id]/prove': LOOK,
	'/vehicles/[id]/prove/modes': LOOK,
	'/vehicles/[id]/prove/modes/paper.pdf': LOOK,
	'/vehicles/[id]/prove/light': LOOK,
	'/vehicles/[id]/prove/beam': LOOK,
	'/vehicles/[id]/prove/aim': LOOK,
	'/vehicles/[id]/prove/aim/wall.pdf': LOOK,
	'/vehicles/[id]/prove/heat': LOOK,
	'/vehicles/[id]/prove/check': { read: 'look', write: { sign: 'fit' } },
	'/vehicles/[id]/prove/targets.pdf': LOOK,
	'/vehicles/[id]/prove/proofs': { write: 'fit' },
	'/vehicles/[id]/prove/pictures': { write: 'fit' },
	'/vehicles/[id]/record': { write: 'record' },
	'/vehicles/[id]/next.json': LOOK,
	'/vehicles/[id]/sheet': { read: 'look', write: 'import' },
	'/vehicles/[id]/sheet/[table].csv': LOOK,
	'/vehicles/[id]/sheet/vehicle.xlsx': LOOK,
	'/vehicles/[id]/sister': LOOK,
	'/vehicles/[id]/verdicts.json': LOOK,
	'/vehicles/[id]/walk/[[socket]]': LOOK,
	'/vehicles/[id]/whole': LOOK,
	'/vehicles/compare': LOOK,
	'/vehicles/identify': LOOK,
	'/vehicles/import': { read: 'import', write: 'import' },
	'/vehicles/import/[job]': { read: 'import', write: 'import' },
	'/vehicles/import/[job]/state': { read: 'import' },
	'/vehicles/new': { read: 'record', write: 'record' },
	'/vehicles/possible': LOOK
};

/** A request as far as it matters who makes it. */
export interface Asked {
	/** Id of the route; null where none matches. */
	route: string | null;
	method: string;
	/** Name of the form action, for a page that has several. */
	action: string | null;
}

/** True for what may name an action; what every object answers to is none. */
const isActionName = (text: string) => /^[a-z][a-zA-Z]*$/.test(text) && !(text in {});

/** What a request asks for; null when nobody may make it. */
export function permissionFor({ route, method, action }: Asked): Permission | 'open' | null {
	const rule = route !== null && Object.hasOwn(ROUTES, route) ? ROUTES[route] : undefined;
	if (!rule || (action !== null && !isActionName(action))) return null;
	if (onlyLooks(method)) return rule.read ?? null;
	const { write } = rule;
	if (write === undefined || typeof write === 'string') return write ?? null;
	const name = action ?? 'default';
	return Object.hasOwn(write, name) ? (write[name] ?? null) : null;
}

/** Whether somebody of a role may make a request; nobody is `null`. */
export function isAllowed(role: Role | null, asked: Asked): boolean {
	const permission = permissionFor(asked);
	if (permission === null) return false;
	return permission === 'open' || (role !== null && may(role, permission));
}

/** What of a page somebody of a role may not send: for each such action, who may; `*` stands for whatever action there is. */
export function refusedOn(route: string | null, role: Role): Readonly<Record<string, string>> {
	const write = (route !== null && Object.hasOwn(ROUTES, route) && ROUTES[route]?.write) || {};
	const asked = typeof write === 'string' ? { '*': write } : write;
	const refused = Object.entries(asked).flatMap(([action, permission]) =>
		permission === 'open' || may(role, permission) ? [] : [[action, whoMay(permission)]]
	);
	return Object.fromEntries(refused) as Record<string, string>;
}
