import { clockAdvice } from '../fit';
import { isBeam } from '../lamps';
import type { Product, Socket } from '../model';
import type { StepDrawing } from './step';

/** How a lamp is turned in its collar before it goes in. */
export interface Turn {
	words: string;
	drawing: StepDrawing | null;
}

/** How a sided lamp that forms a beam is turned in its collar, so that its emitters stand at 3 and 9 o'clock when it is locked; null where that is no question. */
export function beamTurn({ socket, product }: { socket: Socket; product: Product | null }): Turn | null {
	if (!product || product.kind !== 'led' || !isBeam(socket.functions) || (product.emission ?? 'sided') !== 'sided')
		return null;
	const { keyAngle: key } = socket;
	const { emitterAngle: emitter, collar = 'fixed' } = product;
	if (key === undefined || emitter === undefined)
		return {
			words: `${collar === 'fixed' ? 'Look' : 'Turn the lamp in its collar'} so that the emitters stand at 3 and 9 o'clock when it is locked, seen from the front; how far that is, nobody has recorded.`,
			drawing: null
		};
	const { turn } = clockAdvice({ key, emitter }, collar);
	return {
		words:
			turn === null
				? "Emitters stand at 3 and 9 o'clock when it is locked: leave the collar as it is."
				: collar === 'fixed'
					? `Emitters stand ${Math.round(turn.degrees)}° off 3 and 9 o'clock and the collar is fixed: judge it on the wall.`
					: `Turn the lamp in its collar by ${Math.round(turn.degrees)}° ${turn.direction}, seen from the front: emitters at 3 and 9 o'clock when it is locked.`,
		drawing: { kind: 'clock', key, emitter, turn: collar === 'fixed' ? null : turn }
	};
}
