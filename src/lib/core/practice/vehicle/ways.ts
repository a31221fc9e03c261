import { FLASHER_PLACE } from '../../access';
import { isBeam } from '../../lamps';
import type { Configuration, Operation, Socket } from '../../model';
import { placeText } from '../../vehicle';
import type { Chance } from '../chance';

type Side = 'left' | 'right';
const SIDES: readonly Side[] = ['left', 'right'];
const MARK = { left: 'L', right: 'R' } as const;
const ON_WHEELS: ReadonlySet<Configuration['kind']> = new Set(['car', 'suv', 'van', 'pickup']);

/** What is on the way to the front lamps from above, with what it asks for. */
const BEHIND = [
	{ part: 'battery', title: 'Move the battery aside', minutes: 9, cautions: ['battery'] },
	{ part: 'air box', title: 'Take the air box off', minutes: 6, cautions: [] },
	{ part: 'washer bottle', title: 'Pull the neck of the washer bottle', minutes: 3, cautions: [] }
] as const;

/** A step: half of its minutes is for putting it back. */
const step = (id: string, [title, minutes]: readonly [string, number], more: Partial<Operation> = {}): Operation => ({
	id,
	title,
	minutesOff: minutes / 2,
	minutesOn: minutes / 2,
	...more
});

const placesOf = (sockets: readonly Socket[], isMeant: (socket: Socket) => boolean, side?: Side): string[] =>
	sockets.filter((one) => isMeant(one) && (side === undefined || one.side === side)).map(({ id }) => id as string);

const isHeadlamp = ({ zone, functions }: Socket) => zone === 'front' && !functions.includes('fog');
const isFog = ({ functions }: Socket) => functions.includes('fog');
const isRearUnit = ({ zone, functions, side }: Socket) =>
	zone === 'rear' && side !== 'centre' && !functions.includes('licence-plate');
const isHigh = ({ functions }: Socket) => functions.includes('chmsl');
const isLevered = ({ zone, functions, side }: Socket) =>
	functions.includes('licence-plate') || zone === 'side' || zone === 'cabin' || zone === 'luggage' || side === 'centre';

/** From above through what stands there, or through the wheel arch; once a headlamp is out, everything in it is in the hand. */
function toHeadlamps({ sockets }: Configuration, chance: Chance): Operation[] {
	const isOutWithBumper = chance.is(0.3);
	const bumper = step('bumper', ['Take the front bumper off', chance.between(24, 36, 2)], {
		side: 'both',
		after: ['bonnet']
	});
	return [
		step('bonnet', ['Open the bonnet', 1], { side: 'both' }),
		...(isOutWithBumper ? [bumper] : []),
		...SIDES.flatMap((side): Operation[] => {
			const m = MARK[side];
			const { part, title, minutes, cautions } = chance.pick(BEHIND);
			const reaches = placesOf(sockets, isHeadlamp, side);
			if (isOutWithBumper)
				return [
					step(`lamp-${m}`, ['Take the headlamp out', chance.between(6, 10, 2)], {
						side,
						part: 'headlamp',
						after: ['bumper'],
						reaches
					})
				];
			return [
				step(`above-${m}`, [title, minutes], { side, part, cautions: [...cautions], after: ['bonnet'] }),
				step(`liner-${m}`, ['Fold the wheel-arch liner back', chance.between(6, 14, 2)], {
					side,
					part: 'wheel-arch liner'
				}),
				step(`cover-${m}`, ['Open the cover behind the headlamp', 2], {
					side,
					anyOf: [[`above-${m}`], [`liner-${m}`]],
					reaches
				})
			];
		})
	];
}

function toFogLamps({ sockets }: Configuration, fromLiner: boolean): Operation[] {
	if (!sockets.some(isFog)) return [];
	const from = (side: Side) =>
		fromLiner ? { anyOf: [[`liner-${MARK[side]}`], ['undertray']] } : { after: ['undertray'] };
	return [
		step('ramps', ['Drive it onto ramps and secure it', 6], { side: 'both', cautions: ['under the vehicle'] }),
		step('undertray', ['Take the undertray off', 10], { side: 'both', after: ['ramps'] }),
		...SIDES.map((side) =>
			step(`fog-${MARK[side]}`, ['Unplug the fog lamp and turn its lamp out', 3], {
				side,
				...from(side),
				reaches: placesOf(sockets, isFog, side)
			})
		)
	];
}

function toRearLamps({ sockets }: Configuration, chance: Chance): Operation[] {
	const isByFlap = chance.is(0.5);
	const shared = step('tailgate', ['Open the tailgate', 1], { side: 'both' });
	const trim = step('trim', ['Take the inner trim beside the rear lamps off', chance.between(8, 14, 2)], {
		side: 'both',
		after: ['tailgate']
	});
	const high = placesOf(sockets, isHigh);
	return [
		shared,
		...(isByFlap ? [] : [trim]),
		...SIDES.map((side) =>
			isByFlap
				? step(`rear-${MARK[side]}`, ['Open the flap behind the rear lamp and unclip the lamp carrier', 4], {
						side,
						after: ['tailgate'],
						reaches: placesOf(sockets, isRearUnit, side)
					})
				: step(`rear-${MARK[side]}`, ['Unscrew the rear lamp and draw it out', 6], {
						side,
						after: ['trim'],
						reaches: placesOf(sockets, isRearUnit, side)
					})
		),
		...(high.length > 0
			? [
					step('high-stop', ['Unclip the high stop lamp', 5], {
						side: 'both',
						after: [isByFlap ? 'tailgate' : 'trim'],
						reaches: high
					})
				]
			: [])
	];
}

/** Lenses that come off by hand, each by itself. */
const levered = ({ sockets }: Configuration): Operation[] =>
	sockets
		.filter((socket) => isLevered(socket) && !isHigh(socket))
		.map((socket) =>
			step(`lens-${socket.id}`, [`Lever out the ${placeText(socket).toLowerCase()} lens`, 3], {
				side: socket.side === 'centre' ? 'both' : socket.side,
				reaches: [socket.id]
			})
		);

const toFlasher = ({ flasher }: Configuration): Operation[] =>
	flasher?.kind === 'plug-in'
		? [step('glovebox', ['Take the glovebox out and find the flasher', 8], { side: 'both', reaches: [FLASHER_PLACE] })]
		: [];

/** The way in of a made vehicle: every operation with its minutes and what it asks for, so that every lamp is reached; lamps on lone units are unscrewed. */
export function waysIn(vehicle: Configuration, chance: Chance): Configuration {
	const isOnWheels = ON_WHEELS.has(vehicle.kind);
	const front = isOnWheels ? toHeadlamps(vehicle, chance) : [];
	const rear = isOnWheels ? toRearLamps(vehicle, chance) : [];
	const hasLiner = front.some(({ id }) => id.startsWith('liner'));
	const operations = [
		...front,
		...(isOnWheels ? toFogLamps(vehicle, hasLiner) : []),
		...rear,
		...levered(vehicle),
		...toFlasher(vehicle)
	].filter(({ reaches }) => reaches === undefined || reaches.length > 0);
	const reached = new Set(operations.flatMap(({ reaches }) => reaches ?? []));
	const alone = vehicle.sockets
		.filter(({ id }) => !reached.has(id))
		.map((socket) =>
			step(
				`unit-${socket.id}`,
				[
					isBeam(socket.functions)
						? `Unscrew the headlamp (${placeText(socket).toLowerCase()}) and swing it out`
						: `Unscrew the ${placeText(socket).toLowerCase()} lens`,
					isBeam(socket.functions) ? 8 : 4
				],
				{
					side: socket.side === 'centre' ? 'both' : socket.side,
					reaches: [socket.id]
				}
			)
		);
	return { ...vehicle, access: { operations: [...operations, ...alone] } };
}
