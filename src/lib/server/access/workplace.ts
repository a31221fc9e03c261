import type { Cookies } from '@sveltejs/kit';
import type { Knex } from 'knex';
import { listBranches, rolesAtBranches, type Branch } from '../repositories/branches';
import type { Person } from './accounts';
import type { Role } from './roles';
import { kept, YEAR_S } from './who';

const BRANCH = 'rotalux-branch';

/** Remembers at a browser at which branch somebody works. */
export const keepBranch = (cookies: Cookies, url: URL, branch: string): void =>
	cookies.set(BRANCH, branch, kept(url, YEAR_S));

/** Tables whose rows belong to a branch, by the name that addresses have for one of them. */
const OWNED = { kit: 'kits', sale: 'sales', fitting: 'fittings' } as const;

/** What an address says that may be of a branch: ids of a kit, a sale, a fitting. */
export const ownedIn = (params: Partial<Record<string, string>>): (string | undefined)[] =>
	Object.keys(OWNED).map((name) => params[name]);

/** The branch of what an address is about, as rows keep it; undefined where it is about nothing of a branch. */
async function branchOfAddress(db: Knex, params: Partial<Record<string, string>>): Promise<string | null | undefined> {
	for (const [name, table] of Object.entries(OWNED)) {
		const id = params[name];
		const row: { branch_id: string | null } | undefined = id
			? await db(table).where({ id }).first('branch_id')
			: undefined;
		if (row) return row.branch_id;
	}
	return undefined;
}

/** Where a request is made, and as what. */
export interface Workplace {
	/** As rows keep it: null for the first branch, and for a shop without branches. */
	branch: string | null;
	/** What the branch is called; null for a shop without branches. */
	name: string | null;
	/** Branches at which the person works. */
	works: readonly Branch[];
	role: Role | null;
}

const idAsKept = ({ id, first }: Branch) => (first ? null : id);

/**
 * Where a request is made: at the branch of the kit, sale or fitting it is about; otherwise at the branch that was chosen at this browser, if
 * the person works there, and at the first at which they do. Where somebody does not work they look.
 */
export async function workplaceOf(
	db: Knex,
	{ person, cookies, params }: { person: Person | null; cookies: Cookies; params: Partial<Record<string, string>> }
): Promise<Workplace> {
	const branches = (await listBranches(db)).filter(({ closed }) => !closed);
	const [first] = branches;
	if (!first) return { branch: null, name: null, works: [], role: person?.role ?? null };
	const roles = person?.id == null ? new Map<string, Role>() : await rolesAtBranches(db, person.id);
	const isEverywhere = roles.size === 0;
	const works = branches.filter(({ id }) => isEverywhere || roles.has(id));
	const about = await branchOfAddress(db, params);
	const chosen = cookies.get(BRANCH);
	const here =
		about === undefined
			? (works.find(({ id }) => id === chosen) ?? works[0])
			: branches.find((branch) => idAsKept(branch) === about);
	if (!here)
		// A branch that is closed, or none at which they work is open any more.
		return { branch: about ?? null, name: null, works, role: person && (isEverywhere ? person.role : 'visitor') };
	const role = isEverywhere ? person?.role : (roles.get(here.id) ?? 'visitor');
	return { branch: idAsKept(here), name: here.name, works, role: person && (role ?? null) };
}
