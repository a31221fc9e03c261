import { describe, type Candidate, type Finding, type Gate } from '../../match';
import type { Configuration } from '../../model';
import { outputNames } from '../../vehicle';
import { LAMP_COSTS, type Cost, type Opened } from './exercise';

/** What a lamp that does not pass a gate costs whoever fits it. Minutes and money (a lamp and its parcel) are assumptions. */
const COST: Readonly<Record<Gate, Cost>> = {
	base: {
		minutes: 40,
		words: 'It does not go in, or lights the wrong function: the customer comes back with one lamp dark.',
		parts: LAMP_COSTS
	},
	size: {
		minutes: 45,
		words: 'It does not close behind, or touches the lens: out again, and a second parcel.',
		parts: LAMP_COSTS
	},
	colour: {
		minutes: 30,
		words: 'The light is too weak or of another colour than asked for: it fails its inspection.',
		parts: LAMP_COSTS
	},
	electrics: {
		minutes: 60,
		words: 'The dash complains or the indicators race: an evening of looking for a fault that is none.'
	},
	heat: {
		minutes: 50,
		words: 'It dims and dies within months: a return, and a customer who tells others.',
		parts: LAMP_COSTS
	},
	law: { minutes: 20, words: 'The shop does not sell it for this place.' }
};

const isAgainst = ({ level }: Finding) => level === 'refuse' || level === 'unknown';

/** Findings that keep a candidate from its place, worst first. */
export const against = ({ findings }: Candidate): Finding[] =>
	findings.filter(isAgainst).sort((a, b) => Number(a.level === 'unknown') - Number(b.level === 'unknown'));

/** Findings in words, as they are opened. */
export const openedFindings = (vehicle: Configuration, findings: readonly Finding[]): Opened[] => {
	const place = { market: vehicle.market, outputs: outputNames(vehicle) };
	return findings.map((found) => {
		const { gate, measured, required, why, source } = describe(found, place);
		return { what: `${gate}: ${measured}; required: ${required}`, why, source };
	});
};

/** What the first thing that is against a candidate costs. */
export const costOf = (findings: readonly Finding[]): Cost | null => (findings[0] ? COST[findings[0].gate] : null);
