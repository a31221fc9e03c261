import type { Knex } from 'knex';
import type { Tx } from '../db/change';

/** An address that is told of things. */
export interface Webhook {
	id: number;
	address: string;
	events: string[];
	secret: string;
	createdAt: string;
	/** When it was taken out; null while it is told. */
	endedAt: string | null;
}

interface WebhookRow {
	id: number;
	address: string;
	events: string;
	secret: string;
	created_at: string;
	ended_at: string | null;
}

const readWebhook = ({ id, address, events, secret, created_at, ended_at }: WebhookRow): Webhook => ({
	id,
	address,
	events: JSON.parse(events) as string[],
	secret,
	createdAt: created_at,
	endedAt: ended_at
});

/** Addresses that are told of things, the last one first. */
export async function listWebhooks(db: Knex): Promise<Webhook[]> {
	return (await db('webhooks').whereNull('ended_at').orderBy('id', 'desc')).map(readWebhook);
}

/** Keeps an address; gives its number. */
export async function addWebhook(
	tx: Tx,
	{ address, events, secret, createdAt }: Pick<Webhook, 'address' | 'events' | 'secret' | 'createdAt'>
): Promise<number> {
	const row = { address, events: JSON.stringify(events), secret, created_at: createdAt };
	const [added] = await tx('webhooks').insert(row).returning('id');
	return (added as { id: number }).id;
}

/** Takes an address out: what is on its way to it is not sent any more. */
export async function endWebhook(tx: Tx, id: number, at: string): Promise<void> {
	await tx('webhooks').where({ id }).update({ ended_at: at });
	await tx('messages').where({ webhook_id: id }).whereNotNull('next_at').update({ next_at: null, said: 'taken out' });
}

/** Something an address is told. */
export interface WebhookMessage {
	id: string;
	hook: number;
	event: string;
	/** As it is sent, JSON. */
	body: string;
	madeAt: string;
	tries: number;
	/** It is not tried before this; null once it arrived, or was given up. */
	nextAt: string | null;
	arrivedAt: string | null;
	/** What came of the last try, in words. */
	said: string | null;
}

const MESSAGE = {
	id: 'id',
	hook: 'webhook_id',
	event: 'event',
	body: 'body',
	madeAt: 'made_at',
	tries: 'tries',
	nextAt: 'next_at',
	arrivedAt: 'arrived_at',
	said: 'said'
};

/** Puts a message by, in the change that it tells of. */
export async function addMessage(
	tx: Tx,
	{ id, hook, event, body, madeAt }: Pick<WebhookMessage, 'id' | 'hook' | 'event' | 'body' | 'madeAt'>
): Promise<void> {
	await tx('messages').insert({ id, webhook_id: hook, event, body, made_at: madeAt, next_at: madeAt });
}

/** Messages whose time has come, the oldest first. */
export async function dueMessages(db: Knex, now: string): Promise<string[]> {
	const rows: { id: string }[] = await db('messages').where('next_at', '<=', now).orderBy('made_at').select('id');
	return rows.map(({ id }) => id);
}

/** A message with its address; null when it is not there. */
export async function findMessage(db: Knex, id: string): Promise<{ message: WebhookMessage; hook: Webhook } | null> {
	const message: WebhookMessage | undefined = await db('messages').where({ id }).first(MESSAGE);
	const hook: WebhookRow | undefined = message && (await db('webhooks').where({ id: message.hook }).first());
	return message && hook ? { message, hook: readWebhook(hook) } : null;
}

/** Notes what came of a try. */
export async function noteTry(
	tx: Tx,
	id: string,
	{ tries, nextAt, arrivedAt, said }: Pick<WebhookMessage, 'tries' | 'nextAt' | 'arrivedAt' | 'said'>
): Promise<void> {
	await tx('messages').where({ id }).update({ tries, next_at: nextAt, arrived_at: arrivedAt, said });
}

/** The last messages, the newest first. */
export async function lastMessages(db: Knex, most: number): Promise<WebhookMessage[]> {
	return db('messages').orderBy('made_at', 'desc').orderBy('id').limit(most).select(MESSAGE);
}

/** Clears messages that nobody waits for any more. */
export async function clearMessages(tx: Tx, before: string): Promise<void> {
	await tx('messages').whereNull('next_at').where('made_at', '<', before).delete();
}

/** Released codes that were said to be broken already. */
export async function flaggedCodes(db: Knex): Promise<Set<string>> {
	const rows: { code: string }[] = await db('flagged_kits').select('code');
	return new Set(rows.map(({ code }) => code));
}

/** Notes that a released code was said to be broken. False when it was before. */
export async function flagCode(tx: Tx, code: string, at: string): Promise<boolean> {
	if ((await tx('flagged_kits').where({ code }).first('code')) !== undefined) return false;
	await tx('flagged_kits').insert({ code, at });
	return true;
}

/** Forgets that codes were broken that are not any more. */
export async function unflagCodes(tx: Tx, codes: readonly string[]): Promise<void> {
	await tx('flagged_kits').whereIn('code', codes).delete();
}
