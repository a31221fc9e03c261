import { GATES, type Candidate } from '../../../match';
import type { Product, Socket } from '../../../model';
import { socketName } from '../../../vehicle';
import { judgedByLooks } from '../by-looks';
import type { ExerciseKind, Judged, Look } from '../exercise';
import { against, costOf, openedFindings } from '../findings';
import { candidatesIn } from '../shop';
import { measuredFacts, shownFacts } from '../shown';
import type { Made } from '../../made';

const NONE = 'none';
const TOO_CAREFUL = { minutes: 10, words: 'One of them fits: the customer leaves without it.' };
const MEASURE: Look = {
	id: 'measure',
	words: 'Measure the clearance of the place',
	how: 'Lamp out and cold: a caliper, or a card folded into the lamp.',
	minutes: 6
};
/** From this level on nobody has measured yet. */
const UNMEASURED_LEVEL = 3;

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

/** A place with a lamp that serves it, and others that a gate stops. */
interface Case {
	socket: Socket;
	shown: readonly Candidate[];
	serves: readonly Candidate[];
	best: Candidate;
	tempting: Candidate;
}

function caseAt(made: Made, socket: Socket, shuffled: (list: readonly Candidate[]) => Candidate[]): Case | null {
	const candidates = candidatesIn(made, socket).filter(({ product }) => product.fits.includes(socket.category ?? ''));
	const serves = candidates.filter(({ verdict }) => verdict === 'fits' || verdict === 'parts');
	const stopped = candidates.filter((one) => one.verdict === 'refused' && against(one).length > 0);
	const [best, tempting] = [serves[0], stopped[0]];
	if (!best || !tempting || stopped.length < 2) return null;
	return { socket, shown: shuffled([best, ...stopped.slice(0, 3)]), serves, best, tempting };
}

/** True where only its size keeps a lamp from the place: whoever has not measured cannot know. */
const isStoppedBySize = (one: Candidate) =>
	against(one).every(({ gate }) => gate === 'size') && against(one).length > 0;

/** Which lamp of the shelf goes in, and which gate stops another one. */
export const chooseLamp: ExerciseKind = {
	skill: 'choose the lamp',
	minutes: 2,
	pose: (made, chance) => {
		for (const place of chance.shuffled(made.truth.sockets)) {
			const found = caseAt(made, place, (list) => chance.shuffled(list));
			if (!found) continue;
			const { socket, shown, serves, best, tempting } = found;
			const isMeasured = made.level < UNMEASURED_LEVEL;
			const decides = !isMeasured && shown.some(isStoppedBySize);
			const least = decides ? MEASURE.minutes : 0;
			const none: Judged = {
				outcome: 'too-careful',
				opened: openedFindings(made.truth, best.findings.filter(({ level }) => level === 'pass').slice(0, 3)),
				cost: TOO_CAREFUL
			};
			const measured = measuredFacts(socket);
			const judge = (one: Candidate, looked: readonly string[]): Judged =>
				serves.includes(one)
					? judgedByLooks(
							{ isShown: !decides || looked.includes(MEASURE.id), spent: least, least },
							decides ? openedFindings(made.truth, shown.filter(isStoppedBySize).flatMap(against)) : []
						)
					: { outcome: 'wrong', opened: openedFindings(made.truth, against(one)), cost: costOf(against(one)) };
			return {
				question: {
					task: `Which lamp goes into ${socketName(socket).toLowerCase()}?`,
					given: [...shownFacts(made.truth, socket), ...(isMeasured ? measured : [])],
					drawing: { kind: 'wheel', places: [socket.id] },
					looks: isMeasured ? [] : [MEASURE],
					answer: {
						by: 'choice',
						choices: [
							...shown.map(({ product }) => ({
								id: product.id as string,
								words: `${product.maker} ${product.name}`,
								detail: sheetOf(product)
							})),
							{ id: NONE, words: 'None of them: check by hand' }
						]
					},
					reason: {
						question: `What stops ${tempting.product.name}?`,
						choices: GATES.map((gate) => ({ id: gate, words: gate }))
					}
				},
				judge: (answer, looked) => {
					const one = shown.find(({ product }) => product.id === answer);
					return one ? judge(one, looked) : answer === NONE ? none : null;
				},
				seen: (look) =>
					look === MEASURE.id && !isMeasured
						? { words: measured.map(({ label, value }) => `${label}: ${value}`).join('; ') }
						: null,
				standsFor: shown
					.filter((one) => serves.includes(one))
					.map(({ product }) => `${product.maker} ${product.name}`)
					.join(' or '),
				least,
				screen: { room: 'match', socket: socket.id },
				rightReasons: [...new Set(against(tempting).map(({ gate }) => gate))]
			};
		}
		return null;
	}
};
