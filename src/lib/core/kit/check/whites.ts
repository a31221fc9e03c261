import { seenTogether } from '../../lamps';
import { miredDifference, NOTICED_MIRED, throughLens, whitePoint, type WhitePoint } from '../../optics';
import { socketCase } from '../../match';
import { lampsIn, type Check } from './facts';

/** Two LEDs of the kit that are seen together and whose whites mismatch are owned up to. */
export const whitesCheck: Check = ({ answer, order, configuration, catalogue, shop }) => {
	if (order.matched === false) return [];
	const lamps = [...lampsIn(answer.lines)].flatMap(([id, product]) => {
		const socket = configuration.sockets.find((s) => s.id === id);
		const prepared = socket && socketCase(configuration, socket, { shop });
		const lamp = catalogue.find(product);
		const light = lamp?.record.kind === 'assembly' ? null : lamp?.light;
		const white: WhitePoint | null = prepared?.lens && light ? whitePoint(throughLens(light, prepared.lens)) : null;
		return socket && white && !socket.functions.includes('fog') ? [{ socket, white }] : [];
	});
	const owned = new Set(answer.mismatches.flatMap((m) => m.sockets));
	return lamps.flatMap((a, i) =>
		lamps.slice(i + 1).flatMap((b) => {
			const apart = miredDifference(a.white, b.white);
			const together = seenTogether(a.socket.functions, b.socket.functions);
			if (!together || apart <= NOTICED_MIRED + 1) return [];
			if (owned.has(a.socket.id) || owned.has(b.socket.id)) return [];
			return [`${a.socket.id} and ${b.socket.id} are ${apart.toFixed(0)} mired apart`];
		})
	);
};
