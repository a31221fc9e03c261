import { causeOf } from '../../../core/learn';
import type { Complaint, FollowUp, RotaluxDocument } from '../../../core/model';
import { daysBetween, monthsAfter } from '../../../core/quantity';
import { troubleOf, type Trouble } from './faults';
import { bestByVehicle, yearOfFittings, type YearFitting } from './fitted';
import { Chance, dayAfter } from './random';

/** The day the demo's year ends, and its seed. */
export const LAST_DAY = '2026-11-24';
const SEED = 20_261;

/** A batch that dies early: the lamp fitted most, between two days, so much of it. */
const BATCH = { from: '2026-02-02', to: '2026-04-05', dies: 0.5 } as const;
/** A place too hot for its lamp: it dies within months. */
const HEAT = { configuration: 'tarrow-packhorse-2014', functions: 'dome', dies: 0.5 } as const;
/** A vehicle that looks more closely than its record says. */
const STRICT = { configuration: 'fenholm-sound-2015', complain: 5 } as const;
const ASKED = [1, 6, 12] as const;

/** What else goes wrong in a year, and how often among fittings. */
const ORDINARY: readonly (readonly [cause: string, weight: number])[] = [
	['lamp-turned-round', 5],
	['load-missing', 4],
	['poor-earth', 2],
	['corroded-contact', 3],
	['circuit-open', 1],
	['crossed-wiring', 1],
	['driver-dead', 3],
	['not-seated', 2],
	['seal-leaks', 2],
	['driver-radiates', 2],
	['weak-retention', 2],
	['colour-of-another-batch', 2],
	['module-missing', 1]
];
const GOES_WRONG = 0.3;
/** Of complaints of the last weeks, so many are settled. */
const SETTLED_SOON = 0.4;

/** What a year brings, as a document. */
export type Year = Pick<RotaluxDocument, 'fittings' | 'followUps' | 'complaints'>;

class YearMaker {
	readonly complaints: Complaint[] = [];
	readonly #chance = new Chance(SEED);
	readonly #document: RotaluxDocument;
	readonly fittings: YearFitting[];
	readonly #common: string;

	constructor(document: RotaluxDocument) {
		this.#document = document;
		const best = bestByVehicle(document);
		this.fittings = yearOfFittings(document, { chance: this.#chance, last: LAST_DAY, best });
		const counts = new Map<string, number>();
		for (const { lamps } of this.fittings)
			for (const product of Object.values(lamps)) counts.set(product, (counts.get(product) ?? 0) + 1);
		this.#common = [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? '';
	}

	#file(
		fitting: YearFitting,
		{ on, cause, socket, channel, seen }: Trouble & { on: string },
		isSettled?: boolean
	): void {
		if (on > LAST_DAY) return;
		const chance = this.#chance;
		const settled = isSettled ?? (daysBetween(on, LAST_DAY) > 25 || chance.happens(SETTLED_SOON));
		const known = causeOf(cause);
		const settledOn = dayAfter(on, chance.between(1, 12));
		const product = socket === undefined ? undefined : fitting.lamps[socket];
		this.complaints.push({
			id: `CY${String(this.complaints.length + 1).padStart(3, '0')}`,
			configuration: fitting.configuration,
			fitting: fitting.id,
			...(product === undefined ? {} : { product }),
			...(socket === undefined ? {} : { socket }),
			seen,
			from: 'shop',
			on,
			by: fitting.by,
			...(settled && known && settledOn <= LAST_DAY
				? {
						state: 'settled' as const,
						cause,
						...(channel === undefined ? {} : { channel }),
						remedy: known.remedy,
						settled: known.remedy.words,
						settledOn,
						settledBy: chance.happens(0.6) ? 'A. Lindgard' : 'M. Tveter',
						minutes: Math.round(chance.between(5, 50)),
						cost: (Math.round(chance.between(0, 40)) * 100) as NonNullable<Complaint['cost']>
					}
				: { state: 'open' as const })
		});
	}

	#died(fitting: YearFitting, { socket, months, cause }: { socket: string; months: number; cause: string }): void {
		const on = dayAfter(fitting.on, months * 30.4);
		this.#file(fitting, { on, cause, socket, seen: [{ symptom: 'died', socket }] });
	}

	/** Lamps of the bad batch die between two and seven months; nobody has called it a batch yet. */
	batch(): void {
		for (const fitting of this.fittings) {
			if (fitting.on < BATCH.from || fitting.on > BATCH.to) continue;
			for (const [socket, product] of Object.entries(fitting.lamps))
				if (product === this.#common && this.#chance.happens(BATCH.dies))
					this.#died(fitting, { socket, months: this.#chance.between(1.5, 5.8), cause: 'driver-dead' });
		}
	}

	/** The lamps in the roof of the van die of heat. */
	heat(): void {
		const vehicle = this.#document.configurations.find(({ id }) => id === HEAT.configuration);
		const hot = (vehicle?.sockets ?? []).filter(({ functions }) => functions.some((id) => id === HEAT.functions));
		const roof = new Set<string>(hot.map(({ id }) => id));
		for (const fitting of this.fittings.filter(({ configuration }) => configuration === HEAT.configuration))
			for (const [socket, product] of Object.entries(fitting.lamps))
				if (roof.has(socket) && product !== this.#common && this.#chance.happens(HEAT.dies))
					this.#died(fitting, { socket, months: this.#chance.between(3, 9), cause: 'too-hot' });
	}

	/** Fitted with the same lamps, the taxis complain again and again: their output wants more than its record says. */
	strict(): void {
		const taxis = this.fittings.filter(({ configuration }) => configuration === STRICT.configuration);
		let left: number = STRICT.complain;
		for (const fitting of taxis.toReversed()) {
			const trouble =
				left > 0 ? troubleOf(this.#document, { fitting, cause: 'threshold-differs' }, this.#chance) : null;
			if (!trouble) continue;
			left -= 1;
			this.#file(fitting, { ...trouble, on: dayAfter(fitting.on, this.#chance.between(1, 20)) }, false);
		}
	}

	/** What goes wrong anywhere, every year. */
	ordinary(): void {
		for (const fitting of this.fittings) {
			if (!this.#chance.happens(GOES_WRONG)) continue;
			const cause = this.#chance.weighted(ORDINARY);
			const trouble = troubleOf(this.#document, { fitting, cause }, this.#chance);
			if (trouble) this.#file(fitting, { ...trouble, on: dayAfter(fitting.on, this.#chance.between(1, 120)) });
		}
	}

	/** Asked after their months: fine, unless something had died by then; some nobody reached, some nobody asked. */
	followUps(): FollowUp[] {
		const died = new Map<string, string>();
		for (const { fitting = '', on = '', seen = [] } of this.complaints)
			if (seen.some(({ symptom }) => symptom === 'died')) died.set(fitting, died.get(fitting) ?? on);
		return this.fittings.flatMap((fitting) =>
			ASKED.flatMap((months): FollowUp[] => {
				const on = dayAfter(monthsAfter(fitting.on, months), this.#chance.between(0, 12));
				if (on > LAST_DAY || this.#chance.happens(0.12)) return [];
				const ended = (died.get(fitting.id) ?? '9') <= on;
				const answer = this.#chance.happens(0.1) ? 'no-answer' : ended ? 'complaint' : 'fine';
				return [
					{
						id: `${fitting.id}-${months}`,
						fitting: fitting.id,
						configuration: fitting.configuration,
						months,
						answer,
						on,
						by: fitting.by
					}
				];
			})
		);
	}
}

/** A year of fittings, complaints and follow-ups of the harbour town: the same every time, and as the circuit would have it. */
export function demoYear(document: RotaluxDocument): Year {
	const maker = new YearMaker(document);
	maker.batch();
	maker.heat();
	maker.strict();
	maker.ordinary();
	const followUps = maker.followUps();
	return {
		fittings: maker.fittings.map(({ on, by, kitName, ...fitting }) => ({
			...fitting,
			kit: `${fitting.id}-kit`,
			kitName,
			state: 'finished',
			startedAt: `${on}T08:00:00.000Z`,
			startedBy: by,
			finishedAt: `${on}T10:30:00.000Z`,
			marks: []
		})) as unknown as Year['fittings'],
		followUps: followUps as Year['followUps'],
		complaints: maker.complaints as Year['complaints']
	};
}
