import type { FittedPart, LampState, ModeState, VehicleCircuit } from '../circuit';
import type { Product, Socket } from '../model';
import {
	ambientName,
	assumedRange,
	bodyResistance,
	capFactor,
	capState,
	HEAT_DEFAULTS,
	loadHeat,
	secondsUntil,
	temperatureAfter,
	timeConstantId,
	type HeatCase
} from '../heat';
import { categoryOrNull } from '../lamps';
import { airPlace } from '../match';
import { outputNames } from '../vehicle';
import { assumedValue } from '../quantity';

/** A load or a lamp that warms up while a mode lasts. */
export interface HotPart {
	/** Socket of a lamp; null for a part. */
	socket: string | null;
	name: string;
	/** Heat on average, W. */
	watts: number;
	/** Temperature after the time asked for, C, and the one it must not pass; null when nobody says which. */
	temperature: number;
	limit: number | null;
	/** When it passes it, s; null when it never does. */
	seconds: number | null;
}

/** Share of the time the lamps of a flashing channel are on. */
const FLASHING = 0.5;
function lampHeat(
	{ configuration }: VehicleCircuit,
	{ socket, product }: { socket: Socket; product: Product },
	lamp: LampState
): { heat: HeatCase; timeConstant: number } | null {
	const category = categoryOrNull(socket.category);
	const power = product.power?.at13v5;
	if (!category || power === undefined) return null;
	const { mount, diameter } = category;
	const assumed = (id: string) => assumedValue(HEAT_DEFAULTS, id);
	return {
		heat: {
			ambient: assumedRange(HEAT_DEFAULTS, ambientName(airPlace(configuration, socket))).middle,
			watts: power + (product.builtInLoad ?? 0),
			duty: lamp.flashing ? FLASHING : Math.min(1, lamp.level),
			resistance: bodyResistance({ mount, diameter }, product.cooling, HEAT_DEFAULTS).middle,
			cap: capFactor(capState(socket.cap, mount), HEAT_DEFAULTS)
		},
		timeConstant: assumed(timeConstantId(category))
	};
}

function warmed(
	heat: HeatCase,
	{ timeConstant, limit }: { timeConstant: number; limit: number | null },
	seconds: number
) {
	return {
		watts: heat.watts * heat.duty,
		temperature: temperatureAfter(heat, timeConstant, seconds),
		limit,
		seconds: limit === null ? null : secondsUntil(heat, timeConstant, limit)
	};
}

function hotPart(
	{ accessory, effect, channel }: FittedPart,
	{ mode, output, seconds }: { mode: ModeState; output: string; seconds: number }
): HotPart | null {
	const state = mode.channels.find((c) => c.id === channel);
	if (effect?.kind !== 'load' || !state || state.functions.length === 0 || state.blown) return null;
	const duty = (state.flashing ? FLASHING : 1) * state.duty;
	const { heat, timeConstant, limit } = loadHeat({ ohms: effect.ohms, volts: mode.volts, duty });
	const name = `${accessory.name ?? accessory.id} on the ${output}`;
	return { socket: null, name, ...warmed(heat, { timeConstant, limit }, seconds) };
}

/** What warms up while a mode lasts: LEDs with a built-in load, and load resistors. Hottest first. */
export function hotPartsIn(circuit: VehicleCircuit, mode: ModeState, seconds: number): HotPart[] {
	const sockets = new Map(circuit.configuration.sockets.map((s) => [s.id as string, s]));
	const lamps = mode.lamps.flatMap((lamp): HotPart[] => {
		const socket = sockets.get(lamp.socket);
		if (!lamp.lit || !lamp.product?.builtInLoad || !socket) return [];
		const found = lampHeat(circuit, { socket, product: lamp.product }, lamp);
		if (!found) return [];
		const limit = lamp.product.limit ?? null;
		return [
			{
				socket: lamp.socket,
				name: `${lamp.product.name} in ${lamp.socket}`,
				...warmed(found.heat, { timeConstant: found.timeConstant, limit }, seconds)
			}
		];
	});
	const names = outputNames(circuit.configuration);
	const parts = circuit.fitted.parts.flatMap(
		(part) => hotPart(part, { mode, seconds, output: names.get(part.channel ?? '') ?? 'whole vehicle' }) ?? []
	);
	return [...lamps, ...parts].sort((a, b) => b.temperature - a.temperature);
}

/** Sockets whose built-in load gives up within a time: from then on the vehicle counts their LED alone. */
export function givenUp(circuit: VehicleCircuit, mode: ModeState, seconds: number): string[] {
	return hotPartsIn(circuit, mode, seconds).flatMap(({ socket, seconds: at }) =>
		socket !== null && at !== null && at <= seconds ? [socket] : []
	);
}
