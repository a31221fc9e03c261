import { driveOf, simulate, SWITCH_IDS, type Fault, type SwitchId } from '$lib/core/circuit';
import { supplyOf, type Supply } from '$lib/core/vehicle';
import { playMode } from '$lib/core/views/play';
import { givenUp, hotPartsIn } from '$lib/core/views/hot-parts';
import { trialCircuit, messagesByMode, type TrialSetup, type Converted, type Fit } from './fitting';

/** How long is long, min: glow, flicker and heat are looked at again after it. */
export const LONG_MIN = 10;

/** A vehicle on the test bench: its fit, its switches and its supply; every change is solved at once. */
export class CircuitTrial {
	#setup: () => TrialSetup;
	fit = $state<Fit>('chosen');
	converted = $state<Converted>('all');
	switches = $state<readonly SwitchId[]>([]);
	#volts = $state<number | null>(null);
	faults = $state<readonly Fault[]>([]);
	/** How long the mode has lasted, min: loads that are given up by then are gone. */
	minutes = $state(0);

	#cold = $derived.by(() =>
		trialCircuit(this.#setup(), { fit: this.fit, converted: this.converted, faults: this.faults })
	);
	#begun = $derived.by(() => simulate(this.#cold, this.switches, this.volts));
	/** Sockets whose built-in load has given up by now. */
	gone = $derived.by(() => (this.minutes === 0 ? [] : givenUp(this.#cold, this.#begun, this.minutes * 60)));
	hotParts = $derived.by(() => hotPartsIn(this.#cold, this.#begun, (this.minutes || LONG_MIN) * 60));
	circuit = $derived.by(() =>
		this.gone.length === 0
			? this.#cold
			: trialCircuit(this.#setup(), {
					fit: this.fit,
					converted: this.converted,
					faults: [...this.faults, ...this.gone.map((socket) => ({ kind: 'load-gone' as const, socket }))]
				})
	);
	state = $derived.by(() => simulate(this.circuit, this.switches, this.volts));
	play = $derived.by(() => playMode(this.circuit.configuration, this.state));
	/** Messages each named mode would bring as fitted. */
	spoken = $derived.by(() => messagesByMode(this.circuit, this.volts));

	/** Supply, V: the running supply of the vehicle until somebody moves it. */
	get volts(): number {
		return this.#volts ?? this.supply.running;
	}
	set volts(volts: number) {
		this.#volts = volts;
	}
	/** The supply of the vehicle at hand. */
	get supply(): Supply {
		return supplyOf(this.#setup().configuration);
	}

	constructor(setup: () => TrialSetup) {
		this.#setup = setup;
	}

	toggle(id: SwitchId): void {
		this.switches = this.switches.includes(id)
			? this.switches.filter((one) => one !== id)
			: SWITCH_IDS.filter((one) => one === id || this.switches.includes(one));
	}

	/** True when a switch lights anything on this vehicle. */
	does(id: SwitchId): boolean {
		const { configuration } = this.circuit;
		return configuration.channels.some((channel) => driveOf(configuration, channel, [id]).functions.length > 0);
	}
}
