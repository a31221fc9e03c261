import type { Socket } from '../../model';
import { contestedWords, type Contested } from './contested';
import type { Words } from './words';

/** Dimensions in front of the reference plane, and behind it. */
export type FrontDimension = 'length' | 'diameter' | 'opening';
export type RearDimension = 'depth' | 'diameter';

const FRONT_WORDS: Record<FrontDimension, string> = {
	length: 'length',
	diameter: 'diameter',
	opening: 'diameter through the hole'
};
const REAR_WORDS: Record<RearDimension, string> = { depth: 'depth behind', diameter: 'diameter behind' };

type Whose = 'lamp' | 'socket' | 'category';

interface Room<D> {
	what: D;
	body: number;
	room: number;
}

interface Focus {
	/** Light centre of the lamp and of its category, mm, and how far they are apart. */
	lamp: number;
	category: number;
	off: number;
	within: number;
}

interface Clock {
	/** Degrees off 3 and 9 o'clock, clockwise positive. */
	error: number;
	most: number;
}

/** Texts of the size gate. */
export const sizeWording = {
	'size.contested': (d: Contested): Words => contestedWords(d),
	'size.front.no-bigger': (d: { what: FrontDimension; body: number; stock: number; category: string }): Words => ({
		measured: `${FRONT_WORDS[d.what]} ${d.body} mm`,
		required: `at most ${d.stock} mm, as the ${d.category} it replaces`,
		why: 'No bigger than the lamp it replaces, which cleared lens and hole here.'
	}),
	'size.front.own': (d: { socket: string }): Words => ({
		measured: `a filament lamp of the category ${d.socket}`,
		required: d.socket,
		why: 'The housing was built round this lamp.'
	}),
	'size.front.clears': (d: Room<FrontDimension>): Words => ({
		measured: `${FRONT_WORDS[d.what]} ${d.body} mm`,
		required: `at most ${d.room} mm`,
		why: `${d.room - d.body} mm to spare in front of the reference plane.`
	}),
	'size.front.hits': (d: Room<FrontDimension>): Words => ({
		measured: `${FRONT_WORDS[d.what]} ${d.body} mm`,
		required: `at most ${d.room} mm`,
		why: `It is ${d.body - d.room} mm too big in front of the reference plane.`
	}),
	'size.front.unknown': (d: { what: FrontDimension; whose: Whose }): Words => ({
		measured: `${FRONT_WORDS[d.what]} of the ${d.whose} not known`,
		required: 'a measurement in mm',
		why: `Measure the ${FRONT_WORDS[d.what]} of the ${d.whose}; until then the lamp may hit the lens or not go through the hole.`
	}),
	'size.rear.clears': (d: Room<RearDimension>): Words => ({
		measured: `${REAR_WORDS[d.what]} ${d.body} mm`,
		required: `at most ${d.room} mm`,
		why: `${d.room - d.body} mm to spare behind the lamp with the stock cap closed.`
	}),
	'size.rear.cap': (d: Room<RearDimension> & { extra: number }): Words => ({
		measured: `${REAR_WORDS[d.what]} ${d.body} mm`,
		required: `at most ${d.room} mm behind the stock cap`,
		why: `The stock cap does not close over it. A cap that adds ${d.extra} mm or more is needed; leaving the cap off lets dust and water in.`
	}),
	'size.rear.box-cap': (d: Room<RearDimension> & { extra: number }): Words => ({
		measured: `${REAR_WORDS[d.what]} ${d.body} mm`,
		required: `at most ${d.room} mm behind the stock cap`,
		why: `The stock cap does not close over it; the cap in its box adds the ${d.extra} mm it wants.`
	}),
	'size.rear.hits': (d: Room<RearDimension>): Words => ({
		measured: `${REAR_WORDS[d.what]} ${d.body} mm`,
		required: `at most ${d.room} mm`,
		why: `It is ${d.body - d.room} mm too big behind the lamp.`
	}),
	'size.rear.unknown': (d: { what: RearDimension; whose: Whose }): Words => ({
		measured: `${REAR_WORDS[d.what]} of the ${d.whose} not known`,
		required: 'a measurement in mm',
		why: `Measure the ${REAR_WORDS[d.what]} of the ${d.whose}; until then heat sink and cap may collide.`
	}),
	'size.focus.kept': (d: Focus): Words => ({
		measured: `light centre at ${d.lamp} mm`,
		required: `${d.category} mm, within ${d.within} mm`,
		why: 'The light stands where the filament stood.'
	}),
	'size.focus.doubtful': (d: Focus): Words => ({
		measured: `light centre at ${d.lamp} mm`,
		required: `${d.category} mm, within ${d.within} mm`,
		why: `The light stands ${d.off} mm from the filament's place: only a beam check on a wall can tell.`
	}),
	'size.focus.lost': (d: Focus): Words => ({
		measured: `light centre at ${d.lamp} mm`,
		required: `${d.category} mm, within ${d.within} mm`,
		why: `The light stands ${d.off} mm from the filament's place: the beam is out of focus.`
	}),
	'size.focus.unknown': (d: { whose: string }): Words => ({
		measured: `light centre of the ${d.whose === 'lamp' ? 'lamp' : `category ${d.whose}`} not known`,
		required: 'a light centre length in mm',
		why: 'A beam is focused on a filament that was at one point: measure from the reference plane to the middle of the light.'
	}),
	'size.clock.right': (d: Clock): Words => ({
		measured: `LED chips ${Math.abs(d.error)} degrees from 3 and 9 o'clock`,
		required: `at most ${d.most} degrees`,
		why: "Locked, the LED chips stand at 3 and 9 o'clock as seen from the front."
	}),
	'size.clock.turn': (d: Clock): Words => ({
		measured: `LED chips ${Math.abs(d.error)} degrees from 3 and 9 o'clock`,
		required: `at most ${d.most} degrees`,
		why: `Turn the collar ${Math.abs(d.error)} degrees ${d.error > 0 ? 'anticlockwise' : 'clockwise'}, seen from the front, until the LED chips stand at 3 and 9 o'clock when locked.`
	}),
	'size.clock.set': (d: { whose: Whose }): Words => ({
		measured: `key angle of the ${d.whose} not known; the collar turns`,
		required: "LED chips at 3 and 9 o'clock when locked",
		why: "Lock the lamp, look from the front, and turn the collar until the LED chips stand at 3 and 9 o'clock."
	}),
	'size.clock.near': (d: Clock): Words => ({
		measured: `LED chips ${Math.abs(d.error)} degrees from 3 and 9 o'clock, fixed collar`,
		required: `at most ${d.most} degrees`,
		why: 'Nearly right and not to be turned: only a beam check on a wall can tell.'
	}),
	'size.clock.wrong': (d: Clock): Words => ({
		measured: `LED chips ${Math.abs(d.error)} degrees from 3 and 9 o'clock, fixed collar`,
		required: `at most ${d.most} degrees`,
		why: 'The collar cannot be turned, and light thrown the wrong way dazzles.'
	}),
	'size.clock.unknown': (d: { whose: Whose }): Words => ({
		measured: `key angle of the ${d.whose} not known, collar not known to turn`,
		required: "LED chips at 3 and 9 o'clock when locked",
		why: 'Lock the lamp and look from the front: where do the LED chips stand?'
	}),
	'size.held.locked': (d: { retention: NonNullable<Socket['retention']> }): Words => ({
		measured: `held by ${d.retention}`,
		required: 'locked',
		why: 'Turn it home until it stops, and pull back on it: a loose lamp falls into the housing.'
	}),
	'size.held.clip': (): Words => ({
		measured: 'held by a spring clip',
		required: 'the spring closed over the collar',
		why: 'See that the spring closes over the collar and not over the heat sink, then pull back on the lamp.'
	}),
	'size.held.ring-first': (): Words => ({
		measured: 'held by a locking ring; the collar comes off',
		required: 'the ring in the housing first',
		why: 'In this order: collar off the lamp, collar into the housing and locked, then the lamp through it. Pull back on it at the end.'
	}),
	'size.held.ring-stuck': (d: { collar: 'fixed' | 'adjustable' | 'removable' }): Words => ({
		measured: `held by a locking ring; the collar is ${d.collar}`,
		required: 'a collar that comes off and goes in first',
		why: 'The ring has to go into the housing before the lamp, and this collar cannot leave the lamp.'
	}),
	'size.held.collar-unknown': (): Words => ({
		measured: 'held by a locking ring; nothing is said of the collar',
		required: 'a collar that comes off and goes in first',
		why: 'Try in hand whether the collar comes off the lamp.'
	}),
	'size.held.unknown': (d: { retention: Socket['retention'] | null }): Words => ({
		measured: `held by: ${d.retention ?? 'not known'}`,
		required: 'twist, spring clip, screw or locking ring',
		why: 'Look how the lamp that came out was held; a lamp that is not held falls into the housing.'
	}),
	'size.driver.inside': (d: { box: readonly number[] }): Words => ({
		measured: `driver ${d.box.join(' x ')} mm`,
		required: 'room beside or behind the body, under the cap',
		why: 'The box on the lead lies under the stock cap; tie it so that it cannot touch the heat sink.'
	}),
	'size.driver.outside': (): Words => ({
		measured: 'a driver on the lead, and no cap behind',
		required: 'a place for it',
		why: 'Nothing closes the back: tie the box to the chassis, away from heat and edges.'
	}),
	'size.driver.port': (d: { box: readonly number[]; port: number }): Words => ({
		measured: `driver ${d.box.join(' x ')} mm`,
		required: 'room beside or behind the body, under the cap',
		why: `The box does not go under the stock cap: a cap with a port of ${d.port} mm or more leads it out, and a tie holds it to the chassis.`
	}),
	'size.driver.way-out': (): Words => ({
		measured: 'a driver on the lead, and a way out of the housing in the box',
		required: 'a place for it',
		why: 'The cap or lead that comes with the lamp leads the box out: tie it to the chassis, away from heat and edges.'
	}),
	'size.driver.unknown': (): Words => ({
		measured: 'a driver on the lead; its edges, the body or the clearance behind are not known',
		required: 'measurements in mm',
		why: 'Measure the three edges of the box, and the clearance behind the lamp with the cap closed.'
	}),
	'size.driver.untold': (): Words => ({
		measured: 'nothing is said of a driver on the lead',
		required: 'inline or none',
		why: 'Look at the lamp: a box on its lead needs a place of its own.'
	}),
	'size.entry.turns': (d: { length: number; room: number }): Words => ({
		measured: `${d.length} mm long in all`,
		required: `at most ${d.room} mm`,
		why: 'The whole lamp can be turned in behind the opening.'
	}),
	'size.entry.offset': (d: { length: number; room: number }): Words => ({
		measured: `${d.length} mm long in all`,
		required: `at most ${d.room} mm, since the opening is offset`,
		why: 'It has to be tilted in behind an offset opening and is longer than the room there: try it by hand, the body may foul the edge.'
	}),
	'size.entry.unknown': (d: { length: number; room: number }): Words => ({
		measured: `${d.length} mm long in all; straight or offset opening not known`,
		required: `at most ${d.room} mm, or a straight opening`,
		why: 'Look whether the lamp that came out was drawn straight back or had to be tilted.'
	}),
	'size.emission.end-in-beam': (d: { optic: string | null }): Words => ({
		measured: `it shines from its end only; optic: ${d.optic ?? 'not known'}`,
		required: 'light all round, or to both sides, where the filament was',
		why: 'The optic is built round a filament: light from the end alone never reaches it, and there is no beam.'
	}),
	'size.emission.end-in-bowl': (d: { optic: string | null }): Words => ({
		measured: `it shines from its end only; optic: ${d.optic ?? 'not known'}`,
		required: 'light that reaches the bowl',
		why: 'A bowl round the lamp stays dark behind it: hold it in and look at the lamp from all sides it has to be seen from.'
	}),
	'size.emission.end': (d: { optic: string | null }): Words => ({
		measured: 'it shines from its end only',
		required: 'light on the lens',
		why:
			d.optic === 'lens-only'
				? 'No bowl is built round this lamp; its light goes straight to the lens.'
				: 'Nothing here is built round a filament.'
	}),
	'size.wet.stands': (d: Wet): Words => ({
		measured: `ingress rating ${d.ip}`,
		required: 'water digit 5 or more',
		why: `${WET_WORDS[d.place]}, and it stands the water.`
	}),
	'size.wet.drowns': (d: Wet): Words => ({
		measured: `ingress rating ${d.ip}`,
		required: 'water digit 5 or more',
		why: `${WET_WORDS[d.place]}: water gets into it.`
	}),
	'size.wet.unknown': (d: Wet): Words => ({
		measured: d.ip === null ? 'ingress rating not given' : `ingress rating ${d.ip}`,
		required: 'water digit 5 or more',
		why: `${WET_WORDS[d.place]}: ask the maker what water it stands.`
	})
};

interface Wet {
	place: 'no-lens' | 'open-back' | 'fan';
	ip: string | null;
}
const WET_WORDS: Record<Wet['place'], string> = {
	'no-lens': 'No lens keeps rain off this lamp',
	'open-back': 'Nothing closes the back of this lamp against the road',
	fan: 'A fan behind an open back draws in what the road throws up'
};
