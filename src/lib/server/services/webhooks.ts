import { createHmac, randomBytes, randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { err, ok, type Result } from '../../core/result';
import { changeAlways, type Tx } from '../db/change';
import {
	addWebhook,
	addMessage,
	clearMessages,
	findMessage,
	listWebhooks,
	noteTry,
	type WebhookMessage
} from '../repositories/webhooks';

/** What an address may be told of. A new one is an entry here, and a call of `announce` where it happens. */
export const WEBHOOK_EVENTS = {
	'kit.released': 'a kit is released',
	'kit.flagged': 'a released kit would not be made so any more'
} as const;
export type WebhookEvent = keyof typeof WEBHOOK_EVENTS;
export const WEBHOOK_EVENT_IDS = Object.keys(WEBHOOK_EVENTS) as WebhookEvent[];

const MOST_ADDRESS = 500;
const SECRET_BYTES = 32;
/** How long a receiver may take, ms. */
const PATIENCE_MS = 10_000;
const SECOND_MS = 1000;
/** How long to wait after each try that failed, s; after the last it is given up. */
const PAUSES_S = [10, 60, 300, 1800, 7200, 21_600, 43_200];
const KEPT_MS = 30 * 24 * 3600 * SECOND_MS;

/** Headers of a message: what it is, when it was sent, and the sign that it comes from this shop. */
export const WEBHOOK_HEADERS = { id: 'rotalux-message', time: 'rotalux-time', sign: 'rotalux-sign' } as const;

/** The sign of a message: HMAC-SHA-256, in hexadecimals, of its time, a full stop and its body. */
export const signOf = (secret: string, time: string, body: string): string =>
	createHmac('sha256', secret).update(`${time}.${body}`).digest('hex');

/** Has an address told of things. The secret its messages are signed with is shown once. */
export async function createWebhook(
	db: Knex,
	{ address, events }: { address: string; events: readonly string[] },
	now: string
): Promise<Result<string, string>> {
	const url = URL.canParse(address) ? new URL(address) : null;
	if (!url || !/^https?:$/.test(url.protocol) || url.username || address.length > MOST_ADDRESS)
		return err('Write the address of the program that is to be told, such as https://shop.example/rotalux.');
	const known = WEBHOOK_EVENT_IDS.filter((event) => events.includes(event));
	if (known.length === 0) return err('Say what it is to be told of.');
	const secret = randomBytes(SECRET_BYTES).toString('base64url');
	await changeAlways(db, (tx) => addWebhook(tx, { address: url.href, events: known, secret, createdAt: now }));
	return ok(secret);
}

/** Puts by, in the change that it tells of, what every address is to be told that wants to know. */
export async function announce(
	tx: Tx,
	event: WebhookEvent,
	{ at, ...about }: { at: string } & Record<string, unknown>
): Promise<void> {
	for (const hook of await listWebhooks(tx)) {
		if (!hook.events.includes(event)) continue;
		const id = randomUUID();
		const body = JSON.stringify({ id, event, at, ...about });
		await addMessage(tx, { id, hook: hook.id, event, body, madeAt: at });
	}
}

/** Posts a message. @returns what came of it, and whether it arrived */
async function post(
	address: string,
	body: string,
	headers: Record<string, string>
): Promise<{ arrived: boolean; said: string }> {
	try {
		const answer = await fetch(address, {
			method: 'POST',
			body,
			headers: { 'content-type': 'application/json', ...headers },
			redirect: 'manual',
			signal: AbortSignal.timeout(PATIENCE_MS)
		});
		await answer.body?.cancel();
		return { arrived: answer.ok, said: `answered ${answer.status}` };
	} catch (error) {
		const { name, cause } = error as { name: string; cause?: { code?: string } };
		return {
			arrived: false,
			said: name === 'TimeoutError' ? 'did not answer in time' : `not reached (${cause?.code ?? name})`
		};
	}
}

/**
 * Sends a message, if it still waits. A try that fails is made again later, each time after a longer pause; a receiver may get a message twice,
 * and knows it by its number.
 * @returns what is known of it after the try; null when there was nothing to send
 */
export async function sendMessage(db: Knex, id: string, now: () => Date): Promise<WebhookMessage | null> {
	const found = await findMessage(db, id);
	if (!found || found.message.nextAt === null) return null;
	const { message, hook } = found;
	const time = now().toISOString();
	const { arrived, said } = await post(hook.address, message.body, {
		[WEBHOOK_HEADERS.id]: message.id,
		[WEBHOOK_HEADERS.time]: time,
		[WEBHOOK_HEADERS.sign]: signOf(hook.secret, time, message.body)
	});
	const pause = arrived ? undefined : PAUSES_S[message.tries];
	const after = {
		tries: message.tries + 1,
		nextAt: pause === undefined ? null : new Date(now().getTime() + pause * SECOND_MS).toISOString(),
		arrivedAt: arrived ? time : null,
		said
	};
	await changeAlways(db, async (tx) => {
		await noteTry(tx, id, after);
		await clearMessages(tx, new Date(now().getTime() - KEPT_MS).toISOString());
	});
	return { ...message, ...after };
}
