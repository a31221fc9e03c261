import { hasEffect } from '../accessories';
import { categoryOrNull, isBeam, isDischarge } from '../lamps';
import type { Operation } from '../model';
import type { Job } from './job';

/** A job with the operations that are done for it. */
export interface JobInHand extends Job {
	operations: readonly Operation[];
}

/** Something to mind, where it applies. */
interface Caution {
	id: string;
	words: string;
	applies: (job: JobInHand) => boolean;
}

const always = () => true;
const mentions = ({ operations }: JobInHand, word: RegExp) =>
	operations.some((o) => [o.title, ...(o.cautions ?? [])].some((text) => word.test(text)));
const inZone =
	(...zones: string[]) =>
	({ lamps }: JobInHand) =>
		lamps.some(({ socket }) => zones.includes(socket.zone));
const hasPart = (job: JobInHand, effect: 'load' | 'steady-flasher' | 'smoothing') =>
	job.parts.some(({ accessory }) => hasEffect(accessory, effect));
const hasLoadInside = ({ lamps }: JobInHand) => lamps.some(({ product }) => (product?.builtInLoad ?? 0) > 0);
/** Vehicles without airbags behind their dash. */
const WITHOUT_AIRBAGS: ReadonlySet<string> = new Set(['motorcycle', 'trailer']);
const isNearAirbag = (job: JobInHand) =>
	mentions(job, /air ?bag|yellow plug/i) ||
	(!WITHOUT_AIRBAGS.has(job.configuration.kind) && (inZone('cluster')(job) || hasPart(job, 'steady-flasher')));
const discharge = ({ lamps }: JobInHand) =>
	lamps.some(({ socket }) => {
		const category = categoryOrNull(socket.category);
		return category !== null && isDischarge(category);
	});

/** Cautions of the work, in the order they matter. A new one is an entry here. */
const CAUTIONS: readonly Caution[] = [
	{
		id: 'cold',
		words:
			'Lights off, key out, lamps cold before a hand goes in. Halogen glass burns skin for minutes after it was lit.',
		applies: always
	},
	{
		id: 'load',
		words:
			'Load resistors pass 100 C: bolt them to bare metal, 50 mm from plastic, hose, wire and trim; never tape them to a loom.',
		applies: (job) => hasPart(job, 'load')
	},
	{
		id: 'load-inside',
		words: 'A lamp with a load inside gets hot itself: let it cool before it is touched again.',
		applies: hasLoadInside
	},
	{
		id: 'fuse',
		words: 'Never raise the rating of a fuse. A lamp that blows one is wired wrong: take it out.',
		applies: ({ lamps, parts }) => parts.length > 0 || lamps.some(({ product }) => product?.kind !== 'halogen')
	},
	{
		id: 'airbag',
		words:
			'An airbag or its yellow plug is near: disconnect the battery as the vehicle handbook says, wait as long as it says, and never measure on those wires.',
		applies: isNearAirbag
	},
	{
		id: 'discharge',
		words: 'A discharge lamp is started with some 20 kV: battery off, and its ballast is work for a licensed workshop.',
		applies: discharge
	},
	{
		id: 'aim',
		words: 'Check beam and aim on a wall before driving at night: a beam that dazzles puts others in danger.',
		applies: ({ lamps }) => lamps.some(({ socket }) => isBeam(socket.functions))
	},
	{
		id: 'rules',
		words:
			'LED light sources may need an approval of their own. Check local rules; a licensed workshop or the inspection body decides.',
		applies: ({ lamps }) => lamps.some(({ product }) => product !== null && product.kind !== 'halogen')
	}
];

/** What to mind at a job: what applies to it and no more. */
export const cautionsFor = (job: JobInHand): string[] =>
	CAUTIONS.flatMap(({ words, applies }) => (applies(job) ? [words] : []));

/** Where somebody who fits at home stops, and goes to a workshop. A new reason is an entry here. */
const STOPS: readonly Caution[] = [
	{
		id: 'airbag',
		words: 'an airbag or a yellow plug is in the way',
		applies: isNearAirbag
	},
	{
		id: 'discharge',
		words: 'the lamp is a discharge lamp: its ballast holds a voltage that kills',
		applies: discharge
	},
	{
		id: 'sealed',
		words: 'the lamp unit is sealed and would have to be cut or baked open',
		applies: ({ lamps }) => lamps.some(({ socket }) => socket.state === 'sealed')
	},
	{ id: 'force', words: 'a part does not come off as the step says: it would break', applies: always },
	{ id: 'fuse', words: 'a fuse blows, a wire gets warm, or something smells hot', applies: always },
	{
		id: 'aim',
		words: 'the beam cannot be set on the wall: aim is set and inspected by a workshop',
		applies: ({ lamps }) => lamps.some(({ socket }) => isBeam(socket.functions))
	},
	{ id: 'rules', words: 'local inspection rules ask for a workshop', applies: always }
];

/** Where somebody who fits at home stops and goes to a workshop. */
export const stopsFor = (job: JobInHand): string[] =>
	STOPS.flatMap(({ words, applies }) => (applies(job) ? [words] : []));
