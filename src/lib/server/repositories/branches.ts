import type { Knex } from 'knex';
import { writeRows } from '../db/bulk';
import { WHOLE_CHAIN } from '../db/branch';
import type { Tx } from '../db/change';
import type { Role } from '../access/roles';
import { readOnce } from '../request-here';

/** A branch of the chain. */
export interface Branch {
	id: string;
	name: string;
	/** True for the first one, whose shelves stand with the products. */
	first: boolean;
	closed: boolean;
}

interface Row {
	id: string;
	name: string;
	first: number;
	closed: number;
}

/** Every branch, the first one first; none where a shop stands alone. */
export async function listBranches(db: Knex): Promise<Branch[]> {
	return readOnce(db, 'branches', async () => {
		const rows: Row[] = await db('branches').orderBy([{ column: 'first', order: 'desc' }, 'name', 'id']);
		return rows.map(({ id, name, first, closed }) => ({ id, name, first: first === 1, closed: closed === 1 }));
	});
}

/** Writes a branch. */
export const putBranch = (tx: Tx, { id, name, first, closed }: Branch): Promise<void> =>
	writeRows(tx, { table: 'branches', key: ['id'] }, [{ id, name, first: Number(first), closed: Number(closed) }]);

/** The name of a branch as a row keeps it, null for the first one; null where there are none. */
export const nameOfBranch = (branches: readonly Branch[], branch: string | null): string | null =>
	branches.find(({ id, first }) => (branch === null ? first : id === branch))?.name ?? null;

/** Names of branches by how rows keep them. */
export async function branchNames(db: Knex): Promise<(branch: string | null) => string | null> {
	const branches = await listBranches(db);
	return (branch) => (branch === WHOLE_CHAIN ? 'the whole chain' : nameOfBranch(branches, branch));
}

/** Who works at some branches alone, and as what, by branch. */
export async function rolesAtBranches(db: Knex, account: number): Promise<Map<string, Role>> {
	const rows: { branch_id: string; role: Role }[] = await db('account_branches').where({ account_id: account });
	return new Map(rows.map(({ branch_id, role }) => [branch_id, role]));
}

/** Says where somebody works and as what; nowhere in particular where the list is empty. */
export async function putRolesAtBranches(tx: Tx, account: number, roles: ReadonlyMap<string, Role>): Promise<void> {
	await tx('account_branches').where({ account_id: account }).delete();
	await writeRows(
		tx,
		{ table: 'account_branches' },
		Array.from(roles, ([branch_id, role]) => ({ account_id: account, branch_id, role }))
	);
}
