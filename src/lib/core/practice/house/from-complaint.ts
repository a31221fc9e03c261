import { CAUSES, causeOf, observationsOf, observationWords, type Cause } from '../../learn';
import type { Complaint, Configuration } from '../../model';
import { socketName } from '../../vehicle';
import { chanceFrom } from '../chance';
import type { HouseCase } from './house-case';

const OTHERS = 3;
/** A complaint takes so long where nobody wrote it down, min. */
const USUAL_MINUTES = 30;

/** A seed from a text, so that the same complaint asks the same. */
const seedOf = (text: string) => [...text].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 2 ** 31, 7);

const lookAt = ({ look }: Cause, place: string) => look.question.replace('{place}', place).replace(/\s+\?/, '?');

const stands = (cause: Cause, place: string) => ({
	words: cause.label,
	isRight: true,
	why: `The look that tells: ${lookAt(cause, place)} ${cause.remedy.words}`
});

/**
 * A complaint that was settled, as a case of the house; null for one whose cause or symptoms are not known in the words of the lists. What people
 * wrote is left out, so that no name of anybody comes into it.
 */
export function caseFromComplaint(complaint: Complaint, configuration: Configuration | null): HouseCase | null {
	const cause = complaint.cause === undefined ? undefined : causeOf(complaint.cause);
	const seen = observationsOf(complaint.seen ?? []);
	if (!cause || seen.length === 0 || !configuration) return null;
	const makesIt = ({ also = {} }: Cause) => seen.some(({ symptom }) => (also[symptom] ?? 0) > 0);
	const others = CAUSES.filter(
		(one) => one.id !== cause.id && !makesIt(one) && one.remedy.words !== cause.remedy.words
	);
	const chance = chanceFrom(seedOf(JSON.stringify([complaint.id, complaint.seen, complaint.cause])));
	const socket = configuration.sockets.find(({ id }) => id === complaint.socket);
	const place = socket ? socketName(socket).toLowerCase() : 'the place';
	return {
		task: 'A customer came back with this. What was behind it?',
		given: [
			...seen.slice(0, 5).map((one) => ({ label: 'Seen', value: observationWords(configuration, one) })),
			...(socket ? [{ label: 'Place', value: `${socketName(socket)}, ${socket.category ?? 'lamp not known'}` }] : [])
		],
		answers: [
			stands(cause, place),
			...chance
				.shuffled(others)
				.slice(0, OTHERS)
				.map((one) => ({
					words: one.label,
					isRight: false,
					why: `It shows otherwise. The look that tells: ${lookAt(one, place)}`
				}))
		],
		source: 'a settled complaint of this shop',
		minutes: Math.max(1, Number(complaint.minutes ?? USUAL_MINUTES))
	};
}
