import type { ModeLineView } from '../../../core/views';
import { bullets, heading, inner, MARGIN, paragraph, pdf, table, type Paper, type PaperColumn } from './paper';

const COLUMNS: readonly PaperColumn[] = [
	{ title: 'Switch on', share: 0.16 },
	{ title: 'Should light', share: 0.42 },
	{ title: 'Dash, rate', share: 0.2 },
	{ title: 'At once', share: 0.11 },
	{ title: 'After ten min', share: 0.11 }
];

const BOX = '[   ]';

/** A left and a right lamp of one place as one name. */
function bothSides(names: readonly string[]): string[] {
	const all = new Set(names);
	return names.flatMap((name) => {
		const place = name.replace(/, (left|right)$/, '');
		const isPair = place !== name && all.has(`${place}, left`) && all.has(`${place}, right`);
		return isPair ? (name.endsWith(', left') ? `${place}, both` : []) : name;
	});
}

/** Lamps by what they should show, so that twelve tail lamps are one line. */
function lampsText(lamps: ModeLineView['lamps']): string {
	const byWords = new Map<string, string[]>();
	for (const { name, words } of lamps) byWords.set(words, [...(byWords.get(words) ?? []), name]);
	return [...byWords].map(([words, names]) => `${bothSides(names).join(', ')}: ${words}`).join('. ');
}

/** The paper form of a mode test: what should be seen, and room for what was. */
export function modeForm(
	{ vehicle, kit, lines }: { vehicle: string; kit: string; lines: readonly ModeLineView[] },
	paper: Paper
): Promise<Buffer> {
	return pdf({ title: `Mode test, ${vehicle}`, paper, foot: `Mode test  ·  ${vehicle}` }, (doc) => {
		doc
			.font('bold')
			.fontSize(18)
			.text(`Mode test, ${vehicle}`, MARGIN, MARGIN, { width: inner(doc) });
		paragraph(doc, `${kit}. Engine running unless it says off. Tick what is as expected, write what came instead.`, 11);
		doc.moveDown(0.5);
		table(
			doc,
			COLUMNS,
			lines.map(({ label, mode, lamps, messages, rate, open }) => [
				mode === 'off' ? 'All off, in the dark' : label,
				[
					lamps.length > 0 ? lampsText(lamps) : 'nothing, and nothing glows',
					...open.map((words) => `Open: ${words}.`)
				].join(' '),
				[messages.length > 0 ? messages.map((one) => `“${one}”`).join(', ') : 'quiet', rate ?? '']
					.filter(Boolean)
					.join('; '),
				BOX,
				BOX
			])
		);
		heading(doc, 'Before and between');
		bullets(doc, [
			'One plain lamp out of a monitored socket: a message should come. If none does, a quiet dash proves nothing.   Socket __________   message yes / no',
			'A message can be an old fault: clean the contacts first.',
			'Load resistors and lamp bodies are far too hot to touch after some minutes.',
			'Count the flashes over 15 seconds and take them four times: 60 to 120 a minute is right.'
		]);
		doc.moveDown(1);
		paragraph(doc, 'Tested by ______________________      Day ______________      Warm at ________', 11);
	});
}
