import { createHash, randomBytes, randomInt } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { Knex } from 'knex';
import { err, ok, type Result } from '../../core/result';
import { change, changeAlways, type Tx } from '../db/change';
import {
	addAccount,
	addBayCode,
	addSession,
	endSessions,
	findAccount,
	findSession,
	listAccounts,
	seeSession,
	takeBayCode,
	updateAccount,
	type Account
} from '../repositories/accounts';
import { listBranches, putRolesAtBranches, rolesAtBranches } from '../repositories/branches';
import { ROLE_IDS, type Role } from './roles';

/** Somebody who is signed in. */
export interface Person {
	/** Number of the account; null where a shop on one machine has none. */
	id: number | null;
	name: string;
	role: Role;
}

const LEAST_PASSWORD = 10;
const MOST_PASSWORD = 200;
const MOST_NAME = 80;
const MOST_FAILURES = 5;
const LOCKED_MS = 15 * 60 * 1000;
const SESSION_MS = 30 * 24 * 3600 * 1000;
const BAY_CODE_MS = 10 * 60 * 1000;
/** A session is noted as seen no oftener than this. */
const SEEN_EVERY_MS = 5 * 60 * 1000;
const TOKEN_BYTES = 32;
const BAY_DIGITS = 8;

const later = (now: string, ms: number) => new Date(Date.parse(now) + ms).toISOString();
const digest = (text: string) => createHash('sha256').update(text).digest('base64url');

function wrongName(name: string): string | null {
	const bare = name.trim();
	return bare === '' || bare.length > MOST_NAME || /\p{Cc}/u.test(bare)
		? `A name has 1 to ${MOST_NAME} characters.`
		: null;
}

const wrongPassword = (password: string): string | null =>
	password.length < LEAST_PASSWORD || password.length > MOST_PASSWORD
		? `A password has ${LEAST_PASSWORD} to ${MOST_PASSWORD} characters.`
		: null;

/** Shops known to have accounts: there is always an owner from then on. */
const guarded = new WeakSet<Knex>();

/** True when a shop has accounts, so that everybody has to sign in. */
export async function hasAccounts(db: Knex): Promise<boolean> {
	if (guarded.has(db)) return true;
	const found = (await listAccounts(db)).some(({ closed }) => !closed);
	if (found) guarded.add(db);
	return found;
}

/** Gives somebody an account. The first one has to be an owner. */
export async function createAccount(
	db: Knex,
	{ name, role, password }: { name: string; role: string; password: string },
	now: string
): Promise<Result<number, string>> {
	const wrong = wrongName(name) ?? wrongPassword(password);
	if (wrong) return err(wrong);
	const known = ROLE_IDS.find((id) => id === role);
	if (!known) return err(`A role is one of ${ROLE_IDS.join(', ')}.`);
	const secret = await hash(password);
	return change(db, async (tx) => {
		const all = await listAccounts(tx);
		if (all.some((a) => a.name.toLowerCase() === name.trim().toLowerCase()))
			return err(`There is an account “${name.trim()}” already.`);
		if (all.length === 0 && known !== 'owner') return err('The first account has to be an owner.');
		return ok(await addAccount(tx, { name: name.trim(), role: known, secret, createdAt: now }));
	});
}

const NO_ENTRY = 'The name or the password is not right.';
/** Verified in place of an unknown name, so that it takes as long. */
const NOBODY = hash(randomBytes(16).toString('hex'));

async function beginSession(
	db: Knex,
	account: Account,
	{ device, now }: { device: string; now: string }
): Promise<string> {
	const token = randomBytes(TOKEN_BYTES).toString('base64url');
	await changeAlways(db, async (tx) => {
		await updateAccount(tx, account.id, { failures: 0, lockedUntil: null });
		await addSession(tx, {
			token: digest(token),
			accountId: account.id,
			beganAt: now,
			seenAt: now,
			endsAt: later(now, SESSION_MS),
			device: device.slice(0, 120)
		});
	});
	return token;
}

/** Signs somebody in; gives the token for the browser. After repeated failure the account takes no password for a while. */
export async function signIn(
	db: Knex,
	{ name, password, device }: { name: string; password: string; device: string },
	now: string
): Promise<Result<string, string>> {
	const account = await findAccount(db, { name: name.trim() });
	if (account?.lockedUntil && account.lockedUntil > now)
		return err('After so many wrong passwords this account takes none for a quarter of an hour.');
	const right = await verify(account?.secret ?? (await NOBODY), password.slice(0, MOST_PASSWORD + 1)).catch(
		() => false
	);
	if (account && right && !account.closed && account.secret !== null)
		return ok(await beginSession(db, account, { device, now }));
	if (account)
		await changeAlways(db, async (tx) => {
			const failures = (await findAccount(tx, { id: account.id }))?.failures ?? 0;
			const lock = failures + 1 >= MOST_FAILURES;
			await updateAccount(tx, account.id, {
				failures: lock ? 0 : failures + 1,
				lockedUntil: lock ? later(now, LOCKED_MS) : null
			});
		});
	return err(NO_ENTRY);
}

/** Who a token belongs to; null when it is unknown, over, or the account is closed. */
export async function personOfToken(db: Knex, token: string, now: string): Promise<Person | null> {
	const session = await findSession(db, digest(token));
	if (!session || session.endsAt <= now) return null;
	const account = await findAccount(db, { id: session.accountId });
	if (!account || account.closed) return null;
	if (Date.parse(now) - Date.parse(session.seenAt) > SEEN_EVERY_MS)
		await changeAlways(db, (tx) => seeSession(tx, session.token, now));
	const { id, name, role } = account;
	return { id, name, role };
}

/** Ends the session of a token. */
export const signOut = (db: Knex, token: string): Promise<void> =>
	changeAlways(db, (tx) => endSessions(tx, { token: digest(token) }));

/** Ends every session of an account. */
export const signOutEverywhere = (db: Knex, id: number): Promise<void> =>
	changeAlways(db, (tx) => endSessions(tx, { account_id: id }));

/** What may be changed about an account. */
export interface AccountChange {
	name?: string;
	/** In all branches; where there are branches at which they work, nowhere else. */
	role?: string;
	/** What they are at which branches, by branch; nothing in it for all branches. */
	branches?: ReadonlyMap<string, string>;
	password?: string;
	closed?: boolean;
}

/** Says at which branches somebody works, and as what; a sentence when that cannot be, and whether it is otherwise than before. */
async function movedTo(
	tx: Tx,
	{ id, role, branches }: { id: number; role: Role; branches: ReadonlyMap<string, string> }
): Promise<string | boolean> {
	const there = new Set((await listBranches(tx)).map((branch) => branch.id));
	const roles = new Map<string, Role>();
	for (const [branch, wanted] of branches) {
		const known = ROLE_IDS.find((one) => one === wanted);
		if (!there.has(branch)) return `There is no branch “${branch}”.`;
		if (!known) return `A role is one of ${ROLE_IDS.join(', ')}.`;
		if (known === 'owner') return 'An owner works at all branches: nobody is owner of one.';
		roles.set(branch, known);
	}
	if (role === 'owner' && roles.size > 0) return 'An owner works at all branches.';
	const before = await rolesAtBranches(tx, id);
	if (roles.size === before.size && [...roles].every(([branch, own]) => before.get(branch) === own)) return false;
	await putRolesAtBranches(tx, id, roles);
	return true;
}

/** Changes an account. Another password, role or branch, or closing it, ends its sessions; one owner always stays. */
export async function changeAccount(db: Knex, id: number, asked: AccountChange): Promise<Result<Account, string>> {
	const { name, role, password, closed } = asked;
	// Who becomes owner works at all branches.
	const branches = asked.branches ?? (role === 'owner' ? new Map<string, string>() : undefined);
	const wrong =
		(name === undefined ? null : wrongName(name)) ?? (password === undefined ? null : wrongPassword(password));
	if (wrong) return err(wrong);
	const known = ROLE_IDS.find((one) => one === role);
	if (role !== undefined && !known) return err(`A role is one of ${ROLE_IDS.join(', ')}.`);
	const secret = password === undefined ? undefined : await hash(password);
	return change(db, async (tx) => {
		const all = await listAccounts(tx);
		const account = all.find((a) => a.id === id);
		if (!account) return err('This account is not there any more.');
		const bare = name?.trim();
		if (bare && all.some((a) => a.id !== id && a.name.toLowerCase() === bare.toLowerCase()))
			return err(`There is an account “${bare}” already.`);
		const owners = all.filter((a) => a.role === 'owner' && !a.closed && a.id !== id);
		const stays = (known ?? account.role) === 'owner' && !(closed ?? account.closed);
		if (account.role === 'owner' && !account.closed && owners.length === 0 && !stays)
			return err('One owner has to stay: make somebody else owner first.');
		await updateAccount(tx, id, {
			name: bare ?? account.name,
			...(known === undefined ? {} : { role: known }),
			...(secret === undefined ? {} : { secret, failures: 0, lockedUntil: null }),
			...(closed === undefined ? {} : { closed })
		});
		const moved = branches !== undefined && (await movedTo(tx, { id, role: known ?? account.role, branches }));
		if (typeof moved === 'string') return err(moved);
		if (secret !== undefined || closed || moved || (known !== undefined && known !== account.role))
			await endSessions(tx, { account_id: id });
		const after = await findAccount(tx, { id });
		return after ? ok(after) : err('This account is not there any more.');
	});
}

/** Changes the own password, for who knows the old one. */
export async function changeOwnPassword(
	db: Knex,
	id: number,
	{ old, password }: { old: string; password: string }
): Promise<Result<Account, string>> {
	const account = await findAccount(db, { id });
	const right = account?.secret
		? await verify(account.secret, old.slice(0, MOST_PASSWORD + 1)).catch(() => false)
		: false;
	return right ? changeAccount(db, id, { password }) : err('The old password is not right.');
}

/** Makes a code of digits that signs one tablet in, within ten minutes, as the account it was made for. */
export async function makeBayCode(db: Knex, accountId: number, now: string): Promise<string> {
	const code = String(randomInt(10 ** BAY_DIGITS)).padStart(BAY_DIGITS, '0');
	await changeAlways(db, (tx) => addBayCode(tx, { code: digest(code), accountId, endsAt: later(now, BAY_CODE_MS) }));
	return code;
}

/** Signs a tablet in by a code; gives the token for the browser. */
export async function signInByCode(
	db: Knex,
	{ code, device }: { code: string; device: string },
	now: string
): Promise<Result<string, string>> {
	const accountId = await changeAlways(db, (tx) => takeBayCode(tx, digest(code.replace(/\D/g, '')), now));
	const account = accountId === null ? null : await findAccount(db, { id: accountId });
	if (!account || account.closed) return err('This code is not right, was used already, or is over.');
	return ok(await beginSession(db, account, { device, now }));
}
