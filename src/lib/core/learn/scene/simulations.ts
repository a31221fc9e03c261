import {
	driveOf,
	MODE_IDS,
	MODES,
	simulate,
	STOCK,
	vehicleCircuit,
	withAssumedOutputs,
	type ChannelState,
	type LampState,
	type ModeId,
	type ModeState,
	type VehicleCircuit
} from '../../circuit';
import type { Configuration } from '../../model';
import { asRecorded, type Alter, type Bench, type Scene, type When } from './bench';
import { Clusters, partOf } from './clusters';

/** What a change touches. */
export interface Touched {
	sockets: readonly string[];
	channels: readonly string[];
}

/** Modes answer alike where the same outputs are on for the same functions. */
function sameModes(configuration: Configuration): Map<ModeId, string> {
	return new Map(
		MODE_IDS.map((mode) => {
			const switches = MODES[mode];
			const drives = configuration.channels.map((channel) => driveOf(configuration, channel, switches));
			return [mode, JSON.stringify([drives, switches.some((id) => id === 'hazard')])];
		})
	);
}

/** A part of the vehicle, prepared once. */
interface Part {
	configuration: Configuration;
	keys: Map<ModeId, string>;
	has: ReadonlySet<string>;
	rests: Map<ModeId, Rest>;
}

/** What is seen of a vehicle in a mode. */
export type Played = Pick<ModeState, 'channels' | 'lamps' | 'flash'>;

/** What one change makes of a mode: its own outputs and lamps as simulated, all the others as they are without it. */
export type Answer = (mode: ModeId, when: When) => Played;

/** The rest of a vehicle beside a part of it, in a mode. */
interface Rest {
	channels: ChannelState[];
	lamps: LampState[];
}

/**
 * A vehicle as fitted, played with any number of faults. A fault is solved on the outputs it can reach alone, once for all modes in which these are
 * driven alike; the rest is taken from the vehicle without it.
 */
export class Simulations {
	readonly scene: Scene;
	/** The vehicle as it left the works: what should light. */
	readonly stock: (mode: ModeId) => Played;
	/** The vehicle as recorded and fitted, without a fault. */
	readonly recorded: Answer;
	readonly #clusters: Clusters;
	readonly #parts = new Map<ReadonlySet<string>, Part>();

	constructor(scene: Scene) {
		const configuration = withAssumedOutputs(scene.configuration);
		this.scene = { ...scene, configuration };
		this.#clusters = new Clusters(configuration);
		const all = new Set(configuration.channels.map(({ id }) => id as string));
		const whole = { configuration, keys: sameModes(configuration), has: all, rests: new Map() };
		const stock = this.#solved(whole, { configuration, fitted: STOCK }, asRecorded);
		this.stock = (mode) => stock(mode, 'cold');
		this.recorded = this.#solved(whole, { configuration, fitted: scene.fitted }, asRecorded);
	}

	/** The vehicle with something otherwise than recorded. */
	with(alter: Alter, touched: Touched): Answer {
		const channels = this.#clusters.reached(touched);
		const part = this.#part(channels);
		const own = this.#solved(part, { configuration: part.configuration, fitted: this.scene.fitted }, alter);
		const whole = new Map<string, Played>();
		return (mode, when) => {
			const key = `${mode} ${when}`;
			const known = whole.get(key) ?? this.#joined(part, own(mode, when), mode);
			whole.set(key, known);
			return known;
		};
	}

	#part(channels: ReadonlySet<string>): Part {
		const known = this.#parts.get(channels);
		if (known) return known;
		const configuration = partOf(this.scene.configuration, channels);
		const part = { configuration, keys: sameModes(configuration), has: channels, rests: new Map() };
		this.#parts.set(channels, part);
		return part;
	}

	#solved({ keys }: Part, bench: Bench, alter: Alter): Answer {
		const circuits = new Map<When, VehicleCircuit>();
		const states = new Map<string, ModeState>();
		const circuitAt = (when: When) => {
			const known = circuits.get(when);
			if (known) return known;
			const { configuration, fitted } = alter(bench, when);
			const made = vehicleCircuit(configuration, fitted);
			circuits.set(when, made);
			return made;
		};
		return (mode, when) => {
			const key = `${when} ${keys.get(mode)}`;
			const known = states.get(key) ?? simulate(circuitAt(when), MODES[mode]);
			states.set(key, known);
			return known;
		};
	}

	#joined({ has, rests }: Part, own: Played, mode: ModeId): Played {
		const whole = this.recorded(mode, 'cold');
		const rest = rests.get(mode) ?? {
			channels: whole.channels.filter(({ id }) => !has.has(id)),
			lamps: whole.lamps.filter(({ channel }) => !has.has(channel))
		};
		rests.set(mode, rest);
		return {
			channels: [...rest.channels, ...own.channels],
			lamps: [...rest.lamps, ...own.lamps],
			flash: own.flash.channels.size > 0 ? own.flash : whole.flash
		};
	}

	/** True where a change at some places can reach what is seen at a socket. */
	reaches(touched: Touched, socket: string): boolean {
		const channels = this.#clusters.reached(touched);
		return this.#clusters.of(socket).some((id) => channels.has(id));
	}

	/** Equal for modes in which the outputs of a socket do the same. */
	drivenAlike(socket: string, mode: ModeId): string {
		const { configuration } = this.scene;
		const own = configuration.channels.filter(({ feeds }) => feeds.some((feed) => feed.socket === socket));
		return JSON.stringify(own.map((channel) => driveOf(configuration, channel, MODES[mode])));
	}
}
