import type { Configuration, EvidenceSource, Socket } from '../../model';
import type { Chance } from '../chance';
import type { Difficulty } from '../vehicle/difficulty';
import { DOCUMENT_ERRORS } from './errors/errors';
import type { Misled } from './errors/error';

/** A paper about a made vehicle: what it says, and what of it is wrong. */
export interface MadePaper {
	source: EvidenceSource;
	title: string;
	says: Configuration;
	misleads: Misled[];
}

const KINDS = [
	{ source: 'manual', title: 'Owner’s manual, table of lamps' },
	{ source: 'listing', title: 'Listing of a parts shop' }
] as const satisfies readonly { source: EvidenceSource; title: string }[];

/** What a paper knows of a socket: the lamp and the lens, no room, no wiring, no cap. */
const printed =
	(source: EvidenceSource) =>
	(socket: Socket): Socket => ({
		id: socket.id,
		zone: socket.zone,
		side: socket.side,
		index: socket.index,
		functions: socket.functions,
		state: socket.state,
		category: socket.category,
		lens: socket.lens,
		evidence: ['category', 'lens'].map((fact) => ({ fact, source }))
	});

/** What a paper knows of a vehicle: its lamps, nothing of its outputs. */
function plainPaper(truth: Configuration, source: EvidenceSource): Configuration {
	const { flasher: _flasher, looks: _looks, ...rest } = truth;
	return { ...rest, sockets: truth.sockets.map(printed(source)), channels: [] };
}

/** The papers about a vehicle, with as many errors as its level brings, shared among them. */
export function papersOf(truth: Configuration, { errors: [least, most] }: Difficulty, chance: Chance): MadePaper[] {
	const papers: MadePaper[] = KINDS.map(({ source, title }) => ({
		source,
		title,
		says: plainPaper(truth, source),
		misleads: []
	}));
	let left = chance.between(least, most);
	for (const error of chance.shuffled(DOCUMENT_ERRORS)) {
		if (left === 0) break;
		const index = chance.is(0.4) ? 0 : 1;
		const paper = papers[index];
		if (!paper || (paper.misleads.length > 0 && index === 0)) continue;
		const made = error.make(paper.says, chance);
		if (!made) continue;
		const misled: Misled = { ...made.wrong, error: error.id, why: error.why, source: paper.source };
		papers[index] = { ...paper, says: made.paper, misleads: [...paper.misleads, misled] };
		left -= 1;
	}
	return papers;
}
