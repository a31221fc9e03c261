import { PERMISSIONS, ROLE_IDS, ROLES, may, type Permission } from './roles';
import { permissionFor, ROUTES } from './routes';

const row = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
const yes = (is: boolean) => (is ? 'yes' : '');

/** The table of roles by what they may do, and of routes by what they ask for, as Markdown. */
export function accessTable(): string {
	const heads = ROLE_IDS.map((id) => ROLES[id].label);
	const permissions = Object.entries(PERMISSIONS).map(([id, words]) =>
		row([words, ...ROLE_IDS.map((role) => yes(may(role, id as Permission)))])
	);
	const routes = Object.entries(ROUTES).flatMap(([route, { write }]) => {
		const actions = write === undefined ? [] : typeof write === 'string' ? [null] : Object.keys(write);
		const asked = [{ method: 'GET', action: null }, ...actions.map((action) => ({ method: 'POST', action }))];
		return asked.flatMap(({ method, action }) => {
			const permission = permissionFor({ route, method, action });
			return permission ? [row([`\`${method} ${route}${action ? `?/${action}` : ''}\``, permission])] : [];
		});
	});
	const rule = (count: number) => row(Array.from({ length: count }, () => '---'));
	return [
		'# Who may do what',
		'',
		'Made from `src/lib/server/access/`; a test holds this page and every route to it. A route that is not listed lets nobody in.',
		'',
		row(['', ...heads]),
		rule(heads.length + 1),
		...permissions,
		'',
		'## What each route asks for',
		'',
		row(['request', 'asks for']),
		rule(2),
		...routes,
		''
	].join('\n');
}
