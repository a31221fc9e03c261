import type { Knex } from 'knex';
import type { Tx } from '../db/change';
import type { Role } from '../access/roles';

/** Somebody who may come in. */
export interface Account {
	id: number;
	name: string;
	role: Role;
	/** Hash of the password; null where a new one has to be set. */
	secret: string | null;
	createdAt: string;
	closed: boolean;
	failures: number;
	lockedUntil: string | null;
}

interface Row {
	id: number;
	name: string;
	role: Role;
	secret: string | null;
	created_at: string;
	closed: number;
	failures: number;
	locked_until: string | null;
}

const read = (row: Row): Account => ({
	id: row.id,
	name: row.name,
	role: row.role,
	secret: row.secret,
	createdAt: row.created_at,
	closed: Boolean(row.closed),
	failures: row.failures,
	lockedUntil: row.locked_until
});

/** Everybody who may come in, by name. */
export async function listAccounts(db: Knex): Promise<Account[]> {
	return (await db('accounts').orderBy('name')).map(read);
}

/** One account by its number or its name, or null. */
export async function findAccount(db: Knex, by: { id: number } | { name: string }): Promise<Account | null> {
	const row: Row | undefined = await db('accounts').where(by).first();
	return row ? read(row) : null;
}

/** Adds an account; gives its number. */
export async function addAccount(
	tx: Tx,
	{ name, role, secret, createdAt }: Pick<Account, 'name' | 'role' | 'secret' | 'createdAt'>
): Promise<number> {
	const [row] = await tx('accounts').insert({ name, role, secret, created_at: createdAt }).returning('id');
	return (row as { id: number }).id;
}

/** Changes some of an account. */
export async function updateAccount(tx: Tx, id: number, change: Partial<Omit<Account, 'id'>>): Promise<void> {
	const { createdAt, lockedUntil, ...rest } = change;
	await tx('accounts')
		.where({ id })
		.update({
			...rest,
			...(createdAt === undefined ? {} : { created_at: createdAt }),
			...(lockedUntil === undefined ? {} : { locked_until: lockedUntil })
		});
}

/** A browser somebody is signed in at. */
export interface Session {
	/** Hash of its token. */
	token: string;
	accountId: number;
	beganAt: string;
	seenAt: string;
	endsAt: string;
	device: string;
}

interface SessionRow {
	token: string;
	account_id: number;
	began_at: string;
	seen_at: string;
	ends_at: string;
	device: string;
}

const readSession = (row: SessionRow): Session => ({
	token: row.token,
	accountId: row.account_id,
	beganAt: row.began_at,
	seenAt: row.seen_at,
	endsAt: row.ends_at,
	device: row.device
});

/** Begins a session. */
export async function addSession(
	tx: Tx,
	{ token, accountId, beganAt, seenAt, endsAt, device }: Session
): Promise<void> {
	await tx('sessions').insert({
		token,
		account_id: accountId,
		began_at: beganAt,
		seen_at: seenAt,
		ends_at: endsAt,
		device
	});
}

/** A session by the hash of its token, or null. */
export async function findSession(db: Knex, token: string): Promise<Session | null> {
	const row: SessionRow | undefined = await db('sessions').where({ token }).first();
	return row ? readSession(row) : null;
}

/** Sessions of an account, the last seen first. */
export async function listSessions(db: Knex, accountId: number): Promise<Session[]> {
	return (await db('sessions').where({ account_id: accountId }).orderBy('seen_at', 'desc')).map(readSession);
}

/** Notes that a session was seen. */
export async function seeSession(tx: Tx, token: string, at: string): Promise<void> {
	await tx('sessions').where({ token }).update({ seen_at: at });
}

/** Ends sessions: one, or all of an account. */
export async function endSessions(tx: Tx, which: { token: string } | { account_id: number }): Promise<void> {
	await tx('sessions').where(which).delete();
}

/** Keeps the hash of a code for a tablet. */
export async function addBayCode(
	tx: Tx,
	{ code, accountId, endsAt }: { code: string; accountId: number; endsAt: string }
): Promise<void> {
	await tx('bay_codes').insert({ code, account_id: accountId, ends_at: endsAt });
}

/** Takes a code for a tablet, once; the account it stands for, or null. */
export async function takeBayCode(tx: Tx, code: string, now: string): Promise<number | null> {
	const row: { account_id: number; ends_at: string } | undefined = await tx('bay_codes').where({ code }).first();
	await tx('bay_codes').where({ code }).orWhere('ends_at', '<', now).delete();
	return row && row.ends_at >= now ? row.account_id : null;
}
