import { carriesTwoDuties, MEANINGFUL_DUTY } from '../../circuit';
import { categoryOrNull } from '../../lamps';
import { answers, fittedPart, hasEffect, strategyOf, suits } from '../../accessories';
import type { RemedyOffer } from '../remedy';

const LABEL = 'Anti-flicker module (PWM)';

/** A smoothing module at each lamp that flickers, where the pulses only limit the voltage. */
export const smoothingModule: RemedyOffer = ({ kind, channel, sockets }, { circuit, shop }) => {
	if (kind !== 'flicker') return null;
	const feed = circuit.channels.get(channel)?.feed;
	const duties = feed?.kind === 'pwm' ? Object.values(feed.duty ?? {}) : [];
	const circuitChannel = circuit.channels.get(channel);
	if (
		duties.some((duty) => duty < MEANINGFUL_DUTY) ||
		(circuitChannel && carriesTwoDuties(circuit.configuration, circuitChannel))
	)
		return {
			kind: 'module',
			label: LABEL,
			why: 'the pulses of this output carry the brightness: a module would make dim look like full'
		};
	const { configuration } = circuit;
	const categories = sockets.map((id) => categoryOrNull(configuration.sockets.find((s) => s.id === id)?.category));
	const fitting = shop.accessories.filter(
		(a) =>
			hasEffect(a, 'smoothing') &&
			answers(a, { kind: 'pwm-module' }, configuration) &&
			categories.every((category) => category && suits(a, category, configuration))
	);
	if (fitting.length === 0) return { kind: 'module', label: LABEL, why: 'no module with these plugs is on sale' };
	return fitting.map((accessory) => ({
		id: `module ${accessory.id} ${sockets.join()}`,
		kind: 'module',
		label: `${sockets.length > 1 ? `${sockets.length} x ` : ''}${accessory.name ?? accessory.id}`,
		parts: sockets.map((socket) => fittedPart(accessory, configuration, { socket })),
		back: [],
		scope: 'lamp',
		heatWatts: 0,
		minutes: strategyOf(accessory).minutes * sockets.length,
		caution: strategyOf(accessory).caution
	}));
};
