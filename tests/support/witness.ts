import { MODE_IDS, STOCK, type Fitted, type ModeId } from '../../src/lib/core/circuit';
import {
	SYMPTOMS,
	type BayTest,
	type Look,
	type Observation,
	type Place,
	type Symptom
} from '../../src/lib/core/learn';
import { allModes } from './all-modes';
import type { Truth } from './go-wrong';
import type { LeftFine } from './left-fine';

/** Somebody who sees what a vehicle really does, solved as a whole. */
export class Witness {
	readonly #look: (mode: ModeId, place: Place, after?: Fitted) => Look;

	constructor(
		private readonly left: LeftFine,
		private readonly truth: Truth
	) {
		const { configuration } = left;
		const [stock, recorded] = [allModes(configuration, STOCK), allModes(configuration, left.fitted)];
		const cold = allModes(truth.configuration, truth.fitted);
		const warm = allModes(truth.configuration, truth.warm ?? truth.fitted);
		this.#look = (mode, place, after) => {
			const changed = after && allModes(truth.configuration, after);
			return {
				configuration,
				mode,
				place,
				does: (other, when) => (changed ?? (when === 'warm' ? warm : cold))(other),
				stock,
				recorded
			};
		};
	}

	#sees(symptom: Symptom, { mode, place, after }: { mode: ModeId; place: Place; after?: Fitted }): boolean {
		return symptom.shows?.(this.#look(mode, place, after)) === true;
	}

	/** Everything there is to see that would not be there if all were well. */
	all(): Observation[] {
		const { configuration } = this.left;
		const places: Place[] = [
			{ side: 'left' },
			{ side: 'right' },
			...configuration.sockets.map(({ id }) => ({ socket: id }))
		];
		const fine = new Witness(this.left, {
			...this.truth,
			configuration,
			fitted: this.left.fitted,
			warm: this.left.fitted
		});
		return SYMPTOMS.filter(({ shows }) => shows).flatMap((symptom) =>
			MODE_IDS.flatMap((mode): Observation[] => {
				const named = /flash/.test(symptom.id) ? places.slice(0, 2) : symptom.group === 'dash' ? [{}] : places.slice(2);
				return named
					.filter((place) => this.#sees(symptom, { mode, place }) && !fine.#sees(symptom, { mode, place }))
					.map((place) => ({ symptom: symptom.id, mode, place, absent: false }));
			})
		);
	}

	/** The answer to a test. */
	answers({ id }: BayTest): boolean {
		const { truth } = this;
		if (id.startsWith('find:')) {
			const [cause, socket, channel] = id.slice(5).split('/');
			const isSame = (a: string | undefined, b: string | null) => (a === '' ? null : a) === b;
			// No voltage comes through a wire whose fuse is blown either.
			if (cause === 'circuit-open' && truth.cause === 'circuit-short') return channel === truth.channel;
			return cause === truth.cause && isSame(socket, truth.socket) && isSame(channel, truth.channel);
		}
		const [kind, mode = 'off', what, where = ''] = id.split(':') as [string, ModeId, string, string];
		const symptom = SYMPTOMS.find((one) => one.id === what) as Symptom;
		if (kind === 'look') {
			const place =
				where === '' ? {} : where === 'left' || where === 'right' ? { side: where as 'left' } : { socket: where };
			return this.#sees(symptom, { mode, place });
		}
		const lamps = new Map(truth.fitted.lamps);
		lamps.delete(where);
		const faults = truth.fitted.faults.filter(
			(fault) => !('socket' in fault && fault.socket === where && !['contact', 'earth', 'open'].includes(fault.kind))
		);
		return !this.#sees(symptom, { mode, place: {}, after: { ...truth.fitted, lamps, faults } });
	}
}
