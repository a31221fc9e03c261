import { arc } from 'd3-shape';
import type PDFDocument from 'pdfkit';
import type { SocketView } from '../../../core/views';
import { layOut, middle, type Cell } from '../../../core/views/rota-layout';

const RADII = { exterior: [146, 208], cabin: [80, 138], core: [18, 72] } as const;
const RIM = [211, 224] as const;

/** Draws the rota as vectors, its print form: marks on white, each lamp's light as a band on the rim. With numbers, those stand for the marks. */
export function drawRota(
	doc: InstanceType<typeof PDFDocument>,
	sockets: readonly SocketView[],
	at: { x: number; y: number; size: number; numbers?: ReadonlyMap<string, number> }
): void {
	const scale = at.size / (2 * RIM[1]);
	doc.save().translate(at.x, at.y).scale(scale);
	for (const cell of layOut(sockets)) {
		const socket = sockets.find((s) => s.id === cell.id);
		if (!socket) continue;
		const [inner, outer] = RADII[cell.ring];
		const rim: readonly [number, number] = cell.ring === 'exterior' ? RIM : [outer - 6, outer];
		doc
			.lineWidth(0.8)
			.path(outline(cell, [inner, outer]))
			.stroke('#777777');
		if (socket.light) doc.path(outline(cell, rim)).fillAndStroke(socket.light.colour, '#555555');
		const radius = (inner + outer) / 2 - 2;
		const [x, y] = [radius * Math.sin(middle(cell)), -radius * Math.cos(middle(cell))];
		doc
			.fillColor('#000000')
			.fontSize(19)
			.text(at.numbers ? String(at.numbers.get(socket.id) ?? '') : socket.mark, x - 18, y - 12, {
				width: 36,
				align: 'center',
				lineBreak: false
			});
	}
	doc.restore();
}

function outline(cell: Cell, [inner, outer]: readonly [number, number]): string {
	const draw = arc<null>()
		.innerRadius(inner)
		.outerRadius(outer)
		.startAngle(cell.from)
		.endAngle(cell.to)
		.padAngle(0.012);
	return draw(null) ?? '';
}
