import type { Jobs } from '../jobs';
import { nowAndThen } from '../now-and-then';
import { dueBulkKits } from '../repositories/bulk-kits';
import { workBulkKit } from '../services/bulk-kits';
import type { KitContext } from '../services/kits';

/** How often somebody looks whether the time of a kit in line has come, ms. */
const LOOK_MS = 5 * 60 * 1000;
/** A process that has said nothing for so long is not at it any more, ms. */
const SILENT_MS = 60_000;

/** Kits for many vehicles, worked out when nobody waits. One at a time in each process: people who wait for theirs go between. */
export class BulkKits {
	private stopLooking: () => void = () => undefined;
	private stopped = false;
	private busyAt = 0;

	constructor(
		private readonly contextAt: (branch: string | null) => Promise<KitContext>,
		private readonly jobs: () => Promise<Jobs>
	) {}

	/** Takes kits from the line, and looks by itself for those whose time has come. */
	async start(): Promise<void> {
		const jobs = await this.jobs();
		jobs.hear<{ busy: boolean }>('bulk-kit', ({ busy }) => (this.busyAt = busy ? Date.now() : 0));
		await jobs.work('bulk-kit', (key) => this.work(Number(key)));
		this.stopLooking = nowAndThen('kits whose time has come', LOOK_MS, () => this.look());
		await this.look();
	}

	/** Puts all whose time has come in line. */
	async look(): Promise<void> {
		const { db, now } = await this.contextAt(null);
		for (const number of await dueBulkKits(db, now())) await (await this.jobs()).send('bulk-kit', String(number));
	}

	/** True while a kit in line is being worked out, by whichever process. */
	get underWay(): boolean {
		return Date.now() - this.busyAt < SILENT_MS;
	}

	/** Stops before the next kit. */
	stop(): void {
		this.stopped = true;
		this.stopLooking();
	}

	private async work(number: number): Promise<void> {
		const jobs = await this.jobs();
		jobs.say('bulk-kit', { busy: true });
		try {
			if (!(await workBulkKit(this.contextAt, number, () => this.stopped))) throw new Error('It was stopped.');
		} finally {
			jobs.say('bulk-kit', { busy: false });
		}
	}
}
