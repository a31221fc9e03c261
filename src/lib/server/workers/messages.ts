import type { Knex } from 'knex';
import type { Jobs } from '../jobs';
import { nowAndThen } from '../now-and-then';
import { dueMessages, listWebhooks } from '../repositories/webhooks';
import { changesSoFar } from '../repositories/marks';
import { tellOfFlagged } from '../services/flagged';
import { sendMessage } from '../services/webhooks';
import type { BrokenKit } from '../services/kits/broken';

/** How often somebody looks whether there is something to send, ms, and whether kits are broken. */
const SEND_MS = 2000;
const BROKEN_MS = 60_000;

/** Messages to programs that want to know: sent by whichever process takes them. */
export class Messages {
	private stopping: (() => void)[] = [];
	/** The last change after which kits were looked over. */
	private lookedAt = -1;

	constructor(
		private readonly database: () => Promise<Knex>,
		private readonly jobs: () => Promise<Jobs>,
		private readonly broken: () => Promise<BrokenKit[]>
	) {}

	/** Sends what is due, and looks by itself for what is to be told. */
	async start(): Promise<void> {
		await (
			await this.jobs()
		).work('message', async (id) => void (await sendMessage(await this.database(), id, () => new Date())));
		this.stopping = [
			nowAndThen('messages to programs', SEND_MS, () => this.send()),
			nowAndThen('kits that are broken', BROKEN_MS, async () => (await this.jobs()).send('chore', 'flagged'))
		];
		await this.send();
	}

	/** Puts all that is due in line. */
	async send(): Promise<void> {
		const due = await dueMessages(await this.database(), new Date().toISOString());
		for (const id of due) await (await this.jobs()).send('message', id);
	}

	/** Looks over released kits, if somebody wants to know and something was changed since. */
	async lookOver(): Promise<void> {
		const db = await this.database();
		const changes = await changesSoFar(db);
		if (changes === this.lookedAt) return;
		if (!(await listWebhooks(db)).some(({ events }) => events.includes('kit.flagged'))) return;
		await tellOfFlagged(db, await this.broken(), new Date().toISOString());
		this.lookedAt = await changesSoFar(db);
	}

	stop(): void {
		for (const stop of this.stopping) stop();
	}
}
