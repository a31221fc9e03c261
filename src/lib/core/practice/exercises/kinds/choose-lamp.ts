import { GATES, type Candidate } from '../../../match';
import type { Product } from '../../../model';
import { socketName } from '../../../vehicle';
import { shownFacts } from '../shown';
import { RIGHT, type ExerciseKind, type Judged } from '../exercise';
import { byChoice } from '../by-choice';
import { against, costOf, openedFindings } from '../findings';
import { candidatesIn } from '../shop';

const NONE = 'none';
const TOO_CAREFUL = { minutes: 10, words: 'One of them fits: the customer leaves without it.' };

/** What the sheet of a lamp says, as far as a gate may look at it. */
function sheetOf({ colour, flux, power, size, modes, limit }: Product): string {
	const light = colour?.kind === 'white' ? `white ${colour.cct} K` : colour ? `${colour.kind} ${colour.peak} nm` : '';
	return [
		light,
		flux?.claimed === undefined ? '' : `${flux.claimed} lm`,
		power?.at13v5 === undefined ? '' : `${power.at13v5} W`,
		size?.frontLength === undefined ? '' : `${size.frontLength.toFixed(0)} x ${size.frontDiameter?.toFixed(0)} mm`,
		modes?.includes('dual') ? 'two modes' : 'one mode',
		limit === undefined ? '' : `bears ${limit} C`
	]
		.filter(Boolean)
		.join(' · ');
}

/** Which lamp of the shelf goes in, and which gate stops another one. */
export const chooseLamp: ExerciseKind = {
	skill: 'choose the lamp',
	minutes: 2,
	pose: (made, chance) => {
		for (const socket of chance.shuffled(made.truth.sockets)) {
			const candidates = candidatesIn(made, socket).filter(({ product }) =>
				product.fits.includes(socket.category ?? '')
			);
			const serves = candidates.filter(({ verdict }) => verdict === 'fits' || verdict === 'parts');
			const stopped = candidates.filter((one) => one.verdict === 'refused' && against(one).length > 0);
			const [best, tempting] = [serves[0], stopped[0]];
			if (!best || !tempting || stopped.length < 2) continue;
			const shown = chance.shuffled([best, ...stopped.slice(0, 3)]);
			const none: Judged = {
				outcome: 'too-careful',
				opened: openedFindings(made.truth, best.findings.filter(({ level }) => level === 'pass').slice(0, 3)),
				cost: TOO_CAREFUL
			};
			const judge = (one: Candidate): Judged =>
				serves.includes(one)
					? RIGHT
					: { outcome: 'wrong', opened: openedFindings(made.truth, against(one)), cost: costOf(against(one)) };
			return byChoice({
				task: `Which lamp goes into ${socketName(socket).toLowerCase()}?`,
				given: shownFacts(made.truth, socket),
				screen: { room: 'match', socket: socket.id },
				options: [
					...shown.map((one) => ({
						id: one.product.id as string,
						words: `${one.product.maker} ${one.product.name}`,
						detail: sheetOf(one.product),
						judged: judge(one)
					})),
					{ id: NONE, words: 'None of them: check by hand', judged: none }
				],
				reason: {
					question: `What stops ${tempting.product.name}?`,
					choices: GATES.map((gate) => ({ id: gate, words: gate }))
				},
				rightReasons: [...new Set(against(tempting).map(({ gate }) => gate))]
			});
		}
		return null;
	}
};
