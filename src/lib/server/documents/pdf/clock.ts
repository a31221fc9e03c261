import type { StepDrawing } from '../../../core/fitup';
import type { Doc } from './paper';

type Clock = Extract<StepDrawing, { kind: 'clock' }>;

/** Draws how a lamp stands on the clock face, seen from the front: dashed as it comes, solid as it is to be. */
export function drawClock(doc: Doc, { key, emitter, turn }: Clock, at: { x: number; y: number; size: number }): void {
	const radius = at.size / 2 - 6;
	const ends = key + emitter + (turn ? (turn.direction === 'clockwise' ? turn.degrees : -turn.degrees) : 0);
	const hand = (degrees: number, reach: number) => {
		const angle = ((degrees - 90) * Math.PI) / 180;
		const [x, y] = [Math.cos(angle) * reach, Math.sin(angle) * reach];
		doc.moveTo(-x, -y).lineTo(x, y);
	};
	doc.save().translate(at.x, at.y).lineWidth(0.8).circle(0, 0, radius).stroke('#777777');
	doc.font('regular').fontSize(7).fillColor('#444444');
	doc.text('12', -6, -radius - 8, { width: 12, align: 'center', lineBreak: false });
	if (turn) {
		hand(key + emitter, radius - 5);
		doc.dash(2, { space: 2 }).lineWidth(1).stroke('#777777').undash();
	}
	hand(ends, radius - 4);
	doc.lineWidth(2.5).stroke('#000000');
	doc.restore();
}
