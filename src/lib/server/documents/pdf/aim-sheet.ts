import type { Aim } from '../../../core/beam';
import { measureText, type MeasureSystem } from '../../../core/quantity';
import type { WallView } from '../../../core/views';
import {
	bullets,
	heading,
	inner,
	MARGIN,
	paragraph,
	pdf,
	table,
	type Doc,
	type Paper,
	type PaperColumn
} from './paper';

const COLUMNS: readonly PaperColumn[] = [
	{ title: 'Tape', share: 0.4 },
	{ title: 'From the centre line', share: 0.3, align: 'right' },
	{ title: 'From the floor', share: 0.3, align: 'right' }
];

/** The wall to scale at the place where the text stands; its scale is said under it. */
function drawWall(doc: Doc, wall: WallView, length: (mm: number) => string): void {
	const scale = inner(doc) / (wall.right - wall.left);
	const top = doc.y + 6;
	const x = (mm: number) => MARGIN + (mm - wall.left) * scale;
	const y = (mm: number) => top + (wall.top - mm) * scale;
	const text = (words: string, at: { x: number; y: number }, align: 'left' | 'center' | 'right' = 'center') => {
		const left = align === 'center' ? at.x - 80 : align === 'right' ? at.x - 160 : at.x;
		doc
			.font('regular')
			.fontSize(8)
			.fillColor('#333333')
			.text(words, left, at.y, { width: 160, align, lineBreak: false });
	};
	doc
		.lineWidth(0.6)
		.rect(x(wall.left), y(wall.top), inner(doc), wall.top * scale)
		.stroke('#999999');
	doc.lineWidth(1.5).moveTo(x(wall.left), y(0)).lineTo(x(wall.right), y(0)).stroke('#000000');
	doc.dash(4, { space: 3 }).lineWidth(0.6).moveTo(x(0), y(wall.top)).lineTo(x(0), y(0)).stroke('#777777').undash();
	text('centre line of the vehicle', { x: x(0), y: y(0) + 3 });
	for (const lamp of wall.lamps) {
		doc
			.lineWidth(0.5)
			.moveTo(x(lamp.x), y(lamp.height + 120))
			.lineTo(x(lamp.x), y(0))
			.stroke('#777777');
		doc.lineWidth(1).circle(x(lamp.x), y(lamp.height), 3.5).stroke('#000000');
		const [from, to] = [Math.min(lamp.flat.x, lamp.x), Math.max(lamp.flat.x, lamp.x)];
		const band = Math.abs(lamp.least - lamp.most) * scale;
		if (band > 0) doc.rect(x(from), y(Math.max(lamp.least, lamp.most)), (to - from) * scale, band).fill('#e2e6e8');
		doc.lineWidth(2).moveTo(x(lamp.flat.x), y(lamp.mark)).lineTo(x(lamp.x), y(lamp.mark));
		if (lamp.arm) doc.lineTo(x(lamp.arm.x), y(lamp.arm.y));
		else doc.lineTo(x(2 * lamp.x - lamp.flat.x), y(lamp.mark));
		doc.stroke('#000000');
		text(`${lamp.side} lamp`, { x: x(lamp.x), y: y(lamp.height + 175) });
		text(`${length(Math.abs(lamp.x))} from the centre`, { x: x(lamp.x), y: y(0) - 11 });
	}
	const [first] = wall.lamps;
	if (first) {
		text(`lamp height ${length(first.height)}`, { x: x(wall.right) - 4, y: y(first.height) - 10 }, 'right');
		text(`cut-off ${length(first.mark)}`, { x: x(wall.right) - 4, y: y(first.mark) + 4 }, 'right');
	}
	doc.y = y(0) + 18;
}

/** The aim sheet: the wall to scale, what to tape where, and what has to be done before. */
export function aimSheet(
	{
		vehicle,
		found,
		wall,
		distance,
		measures
	}: {
		vehicle: string;
		found: Aim;
		wall: WallView;
		/** m */
		distance: number;
		measures: MeasureSystem;
	},
	paper: Paper
): Promise<Buffer> {
	const length = (mm: number) => measureText('length', measures, mm);
	return pdf({ title: `Aim, ${vehicle}`, paper, foot: `Aim  ·  ${vehicle}` }, (doc) => {
		doc
			.font('bold')
			.fontSize(18)
			.text(`Aim, ${vehicle}`, MARGIN, MARGIN, { width: inner(doc) });
		const { rule, band, drop, dropMin, dropMax, assumed } = found;
		paragraph(
			doc,
			`${rule.label}, ${band.heights}. Wall ${measureText('distance', measures, distance)} away: ${rule.sets === 'cut-off' ? 'cut-off' : 'hot spot'} ${length(drop)} under lamp height, from ${length(dropMin)} to ${length(dropMax)}.`,
			11
		);
		paragraph(
			doc,
			`${rule.source}; ${rule.confidence} confidence. ${rule.note ?? ''} ${assumed.length > 0 ? `Assumed: ${assumed.join('; ')}.` : ''}`
		);
		heading(doc, 'The wall, seen from behind the vehicle, to scale');
		drawWall(doc, wall, length);
		table(
			doc,
			COLUMNS,
			found.marks.map(({ lamp, x, y }) => [
				`${lamp} lamp, ${rule.sets === 'cut-off' ? 'flat part of the cut-off' : 'hot spot'}`,
				`${length(Math.abs(x))} to the ${x < 0 ? 'left' : 'right'}`,
				length(y)
			])
		);
		heading(doc, 'Before');
		bullets(doc, [
			'Level floor; tyres at pressure; fuel and load as the handbook says; a person’s weight in the driver’s seat; levelling wheel at 0; rock the vehicle, then leave it; lens clean.',
			'The figure stamped beside the headlamp and the handbook come before this sheet. Local rules and a licensed workshop decide.',
			'One lamp at a time: cover the other, do not unplug it. Lamps and lenses get hot; nothing that burns over a lit lamp for long.'
		]);
		heading(doc, 'Done');
		table(
			doc,
			[
				{ title: 'Lamp', share: 0.16 },
				{ title: 'Found, under lamp height', share: 0.22 },
				{ title: 'Turns, which way, tool', share: 0.3 },
				{ title: 'Ran out', share: 0.12 },
				{ title: 'Left at', share: 0.2 }
			],
			[
				['left', '', '', '', ''],
				['right', '', '', '', '']
			]
		);
		doc.moveDown(1);
		paragraph(doc, 'Aimed by ______________________      Day ______________', 11);
	});
}
