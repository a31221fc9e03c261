import { hasEffect } from '../accessories';
import { isBeam, showsOutside } from '../lamps';
import type { Operation } from '../model';
import type { JobInHand } from './cautions';

/** Something a workshop has ready, where the job asks for it. */
interface Ready {
	words: string;
	applies: (job: JobInHand) => boolean;
}

const fastened = ({ operations }: JobInHand, kinds: RegExp) =>
	operations.some(({ fasteners = [] }) => fasteners.some(({ kind }) => kinds.test(kind)));
const done = ({ operations }: JobInHand, words: RegExp) =>
	operations.some(({ title, kind = '' }) => words.test(`${kind} ${title}`));
const isHidden = ({ fasteners = [] }: Operation) =>
	fasteners.some(({ hidden }) => hidden !== undefined && hidden !== false);

/** What to have ready. A new thing is an entry here. */
const READY: readonly Ready[] = [
	{
		words: 'trim tool of plastic',
		applies: (job) => fastened(job, /clip|tab|pin|rivet/i) || done(job, /trim|cover|lens|lever/i)
	},
	{ words: 'trays or tape to keep fasteners apart', applies: (job) => fastened(job, /screw|bolt|nut/i) },
	{ words: 'rag under a bolt that can fall', applies: (job) => fastened(job, /bolt|nut/i) },
	{ words: 'masking tape for painted edges', applies: (job) => done(job, /bumper|headlamp|rear lamp|grille|fender/i) },
	{ words: 'endoscope or mirror for hidden fasteners', applies: ({ operations }) => operations.some(isHidden) },
	{
		words: 'alcohol and cloth',
		applies: ({ lamps }) => lamps.some(({ product }) => product !== null)
	},
	{
		words: 'contact grease',
		applies: ({ lamps }) =>
			lamps.some(({ socket, product }) => product?.kind === 'led' && showsOutside(socket.functions))
	},
	{
		words: 'cable ties',
		applies: ({ lamps, parts }) => parts.length > 0 || lamps.some(({ product }) => product?.driver?.where === 'inline')
	},
	{ words: 'meter or test lamp', applies: ({ parts }) => parts.some(({ accessory }) => hasEffect(accessory, 'load')) },
	{
		words: 'a wall, level ground and chalk',
		applies: ({ lamps }) => lamps.some(({ socket }) => isBeam(socket.functions))
	}
];

/** What a workshop has ready for a job beside its tools. */
export const readyFor = (job: JobInHand): string[] =>
	READY.flatMap(({ words, applies }) => (applies(job) ? [words] : []));
