import type { Knex } from 'knex';

import { changeAlways } from '../db/change';
import { findConfigurations } from '../repositories/configurations';
import { countAsked, type Asked } from '../repositories/demand';

/** A vehicle, and what the best lamp for each place that was asked about comes to. */
interface AskedVehicle {
	id: string;
	answers: readonly { socket: string; best: { verdict: string } | null }[];
}

const serves = (verdict: string | undefined) => verdict === 'fits' || verdict === 'parts';

/**
 * What a reply of the counter says of demand: each function that was asked for, and whether every lamp of it was to be had. Where the line meant
 * several vehicles, each counts for its part. Nothing of the line itself is kept.
 */
export async function askedIn(
	db: Knex,
	{ vehicles }: { vehicles: readonly AskedVehicle[] },
	day: string
): Promise<Asked[]> {
	const answered = vehicles.filter(({ answers }) => answers.length > 0);
	const records = new Map(
		(
			await findConfigurations(
				db,
				answered.map(({ id }) => id)
			)
		).map((configuration) => [configuration.id as string, configuration])
	);
	return answered.flatMap(({ id, answers }): Asked[] => {
		const byFunction = new Map<NonNullable<Asked['function']>, boolean>();
		for (const { socket, best } of answers) {
			const place = records.get(id)?.sockets.find((one) => one.id === socket);
			// A factory LED is no lamp that anybody could have sold.
			if (place?.state !== 'filament') continue;
			for (const fn of place.functions) byFunction.set(fn, (byFunction.get(fn) ?? true) && serves(best?.verdict));
		}
		return Array.from(byFunction, ([fn, isAnswered]) => ({
			source: 'asked',
			configuration: id,
			function: fn,
			day,
			answered: isAnswered,
			count: 1 / answered.length
		}));
	});
}

/** Questions that wait to be written: a counter with a queue writes once in a while, not for every customer. */
export class CounterLog {
	private waiting: Asked[] = [];
	private timer: NodeJS.Timeout | undefined;

	constructor(
		private readonly database: () => Promise<Knex>,
		private readonly afterMs: number,
		private readonly onTrouble: (error: unknown) => void
	) {}

	/** Notes what a program asked about places of a vehicle. */
	noteAsked(
		db: Knex,
		{ vehicle, answers }: { vehicle: string; answers: readonly { socket: string; verdict: string | undefined }[] },
		day: string
	): Promise<void> {
		const best = (verdict: string | undefined) => (verdict === undefined ? null : { verdict });
		const asked = answers.map(({ socket, verdict }) => ({ socket, best: best(verdict) }));
		return this.note(db, { vehicles: [{ id: vehicle, answers: asked }] }, day);
	}

	/** Notes a reply. It never stands in the way of an answer. */
	async note(db: Knex, reply: { vehicles: readonly AskedVehicle[] }, day: string): Promise<void> {
		try {
			this.waiting.push(...(await askedIn(db, reply, day)));
			if (this.waiting.length > 0) this.timer ??= setTimeout(() => void this.write(), this.afterMs).unref();
		} catch (error) {
			this.onTrouble(error);
		}
	}

	/** Writes what waits. What cannot be written is left out: it is no data that anybody was promised. */
	async write(): Promise<void> {
		clearTimeout(this.timer);
		this.timer = undefined;
		const some = this.waiting;
		this.waiting = [];
		if (some.length === 0) return;
		try {
			await changeAlways(await this.database(), (tx) => countAsked(tx, some));
		} catch (error) {
			this.onTrouble(error);
		}
	}
}
