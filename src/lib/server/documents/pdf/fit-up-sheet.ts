import type { FitUpView, StepView } from '../../../core/views';
import { fitUpOf, type KitSheet } from '../../services/kits';
import { highsSolver } from '../../solver/highs';
import {
	bullets,
	heading,
	inner,
	MARGIN,
	paragraph,
	pdf,
	table,
	type Doc,
	type KitPaper,
	type Paper,
	type PaperColumn
} from './paper';
import { drawClock } from './clock';
import { drawQr } from './qr';
import { drawRota } from './rota';

const MODES: readonly PaperColumn[] = [
	{ title: 'Switch on', share: 0.16 },
	{ title: 'What should be seen', share: 0.4 },
	{ title: 'Dash', share: 0.2 },
	{ title: 'Seen before closing', share: 0.12 },
	{ title: 'After 10 min', share: 0.12 }
];

function head(doc: Doc, sheet: KitSheet, { plan, link }: { plan: FitUpView; link: string }): void {
	const size = 170;
	const width = inner(doc) - size - 10;
	doc.font('bold').fontSize(18).text(`Fit-up: ${sheet.name}`, MARGIN, MARGIN, { width });
	doc.font('regular').fontSize(11).text(sheet.vehicleName, { width });
	doc.fontSize(9).text(sheet.code ? `Kit ${sheet.code}` : 'Draft: not released, may still change', { width });
	for (const words of plan.timeWords) doc.text(words, { width });
	doc.moveDown(0.3).text('Fitted by ______________________   Date ______________', { width });
	if (sheet.code) drawQr(doc, link, { x: MARGIN - 6, y: doc.y + 4, size: 64 });
	const numbers = new Map(plan.key.map(({ id, number }) => [id, number]));
	drawRota(doc, sheet.kit.sockets, {
		x: doc.page.width - MARGIN - size / 2,
		y: MARGIN + size / 2,
		size,
		numbers
	});
	doc.y = Math.max(doc.y + (sheet.code ? 70 : 0), MARGIN + size + 10);
}

const SIDED = new Set(['left', 'right']);

/** Steps one after the other; what a hand does as at an earlier step is not said twice. */
function drawSteps(doc: Doc, steps: readonly StepView[], first: number): void {
	const told = new Map<string, number>();
	steps.forEach((step, i) => {
		const [number, hand] = [first + i, step.hand.join('\n')];
		const earlier = step.hand.length > 1 ? told.get(hand) : undefined;
		if (earlier === undefined) told.set(hand, number);
		drawStep(doc, earlier === undefined ? step : { ...step, hand: [`as at step ${earlier}`] }, number);
	});
}

/** One step: a box to tick, what is done, and what to mind. */
function drawStep(doc: Doc, step: StepView, number: number): void {
	const width = inner(doc) - 26;
	const places = step.places.map((place) => place.number).join(', ');
	const title = [
		`${number}  ${step.title}`,
		step.kind !== 'lamp' && SIDED.has(step.side ?? '') ? step.side : '',
		places && `place ${places}`
	]
		.filter(Boolean)
		.join(', ');
	const lines = [
		...step.cautions.map((words) => `Caution: ${words.replace(/\.$/, '')}.`),
		[step.fasteners.join('; '), step.tools.length > 0 ? `with ${step.tools.join(', ')}` : '']
			.filter(Boolean)
			.join(' · '),
		...step.hand.map((words) => `– ${words}`),
		step.checkpoint ?? ''
	].filter(Boolean);
	const body = lines.join('\n');
	doc.font('bold').fontSize(9.5);
	const clock = step.drawing?.kind === 'clock' ? 62 : 0;
	const tall =
		doc.heightOfString(title, { width }) +
		doc
			.font('regular')
			.fontSize(9)
			.heightOfString(body, { width: width - clock }) +
		8;
	if (doc.y + Math.max(tall, clock) > doc.page.height - MARGIN) doc.addPage();
	const top = doc.y;
	doc
		.lineWidth(0.8)
		.rect(MARGIN, top + 1, 10, 10)
		.stroke('#000000');
	doc
		.fillColor('#000000')
		.font('bold')
		.fontSize(9.5)
		.text(title, MARGIN + 18, top, { width });
	if (body)
		doc
			.font('regular')
			.fontSize(9)
			.text(body, MARGIN + 18, doc.y, { width: width - clock });
	const bottom = doc.y;
	if (step.drawing?.kind === 'clock')
		drawClock(doc, step.drawing, { x: doc.page.width - MARGIN - clock / 2, y: top + clock / 2, size: clock });
	doc.y = Math.max(bottom, top + clock) + 4;
}

/** The fit-up: tools, cautions that apply, every step with a box to tick, the table of modes to fill in, and all of it back. */
async function fitUpPdf(sheet: KitSheet, paper: Paper, link: string): Promise<Buffer> {
	const plan = await fitUpOf(sheet, highsSolver);
	const modes = plan.steps.flatMap((step) => step.modes);
	const draw = (doc: Doc) => {
		head(doc, sheet, { plan, link });
		heading(doc, 'Places on the wheel');
		paragraph(doc, plan.key.map(({ number, name }) => `${number} ${name}`).join('   ·   '));
		heading(doc, 'Caution');
		bullets(doc, plan.cautions);
		heading(doc, 'Tools, and what to have ready');
		paragraph(doc, [...plan.tools, ...plan.ready].join(' · ') || 'None on record.');
		for (const words of plan.unreachable) paragraph(doc, `Cannot be reached: ${words}.`);
		if (plan.notRecorded.length > 0)
			paragraph(
				doc,
				`Nobody has recorded the way in to: ${plan.notRecorded.join(', ')}. The minutes for these are usual ones.`
			);
		heading(doc, 'Steps');
		drawSteps(doc, plan.steps, 1);
		if (modes.length > 0) {
			heading(doc, 'Test before anything is closed');
			table(
				doc,
				MODES,
				modes.map(({ label, expect, dash }) => [label, expect, dash, '', ''])
			);
		}
		heading(doc, 'Back together');
		drawSteps(doc, [...plan.refit, ...plan.afterwards], plan.steps.length + 1);
	};
	const foot = `${sheet.code ?? `draft ${sheet.id}`}  ·  ${sheet.vehicleName}`;
	return pdf({ title: `Fit-up, ${sheet.vehicleName}`, paper, foot }, draw);
}

export const fitUpSheet: KitPaper = {
	name: 'fit-up',
	label: 'Fit-up sheet',
	contents: 'way in, steps, tools, test table',
	print: fitUpPdf
};
