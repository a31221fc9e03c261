import type { Words } from './words';

interface Room {
	what: string;
	body: number;
	room: number;
}

/** Texts of the size gate. */
export const sizeWording = {
	'size.front.clears': (d: Room): Words => ({
		measured: `${d.what} ${d.body} mm`,
		required: `at most ${d.room} mm`,
		why: `${d.room - d.body} mm to spare in front of the reference plane.`
	}),
	'size.front.hits': (d: Room): Words => ({
		measured: `${d.what} ${d.body} mm`,
		required: `at most ${d.room} mm`,
		why: `It is ${d.body - d.room} mm too big in front of the reference plane.`
	}),
	'size.front.unknown': (d: { what: string; whose: string }): Words => ({
		measured: `${d.what} of the ${d.whose} not known`,
		required: 'a measurement in mm',
		why: `Measure the ${d.what} of the ${d.whose}; until then the lamp may hit the lens or not go through the hole.`
	}),
	'size.rear.clears': (d: Room): Words => ({
		measured: `${d.what} ${d.body} mm`,
		required: `at most ${d.room} mm`,
		why: `${d.room - d.body} mm to spare behind the lamp with the stock cap closed.`
	}),
	'size.rear.cap': (d: Room & { extra: number }): Words => ({
		measured: `${d.what} ${d.body} mm`,
		required: `at most ${d.room} mm behind the stock cap`,
		why: `The stock cap does not close over it. A cap that adds ${d.extra} mm or more is needed; leaving the cap off lets dust and water in.`
	}),
	'size.rear.hits': (d: Room): Words => ({
		measured: `${d.what} ${d.body} mm`,
		required: `at most ${d.room} mm`,
		why: `It is ${d.body - d.room} mm too big behind the lamp.`
	}),
	'size.rear.unknown': (d: { what: string; whose: string }): Words => ({
		measured: `${d.what} of the ${d.whose} not known`,
		required: 'a measurement in mm',
		why: `Measure the ${d.what} of the ${d.whose}; until then heat sink and cap may collide.`
	}),
	'size.focus.kept': (d: { lamp: number; category: number; off: number }): Words => ({
		measured: `light centre at ${d.lamp} mm`,
		required: `${d.category} mm, within 1 mm`,
		why: 'The light stands where the filament stood.'
	}),
	'size.focus.doubtful': (d: { lamp: number; category: number; off: number }): Words => ({
		measured: `light centre at ${d.lamp} mm`,
		required: `${d.category} mm, within 1 mm`,
		why: `The light stands ${d.off} mm from the filament's place: only a beam check on a wall can tell.`
	}),
	'size.focus.lost': (d: { lamp: number; category: number; off: number }): Words => ({
		measured: `light centre at ${d.lamp} mm`,
		required: `${d.category} mm, within 1 mm`,
		why: `The light stands ${d.off} mm from the filament's place: the beam is out of focus.`
	}),
	'size.focus.unknown': (d: { whose: string }): Words => ({
		measured: `light centre of the ${d.whose} not known`,
		required: 'a light centre length in mm',
		why: 'A beam is focused on a filament that was at one point: measure from the reference plane to the middle of the light.'
	}),
	'size.clock.right': (d: { error: number }): Words => ({
		measured: `emitters ${Math.abs(d.error)} degrees from 3 and 9 o'clock`,
		required: 'at most 5 degrees',
		why: "Locked, the emitters stand at 3 and 9 o'clock as seen from the front."
	}),
	'size.clock.turn': (d: { error: number }): Words => ({
		measured: `emitters ${Math.abs(d.error)} degrees from 3 and 9 o'clock`,
		required: 'at most 5 degrees',
		why: `Turn the collar ${Math.abs(d.error)} degrees ${d.error > 0 ? 'anticlockwise' : 'clockwise'}, seen from the front, until the emitters stand at 3 and 9 o'clock when locked.`
	}),
	'size.clock.set': (d: { whose: string }): Words => ({
		measured: `key angle of the ${d.whose} not known; the collar turns`,
		required: "emitters at 3 and 9 o'clock when locked",
		why: "Lock the lamp, look from the front, and turn the collar until the emitters stand at 3 and 9 o'clock."
	}),
	'size.clock.near': (d: { error: number }): Words => ({
		measured: `emitters ${Math.abs(d.error)} degrees from 3 and 9 o'clock, fixed collar`,
		required: 'at most 5 degrees',
		why: 'Nearly right and not to be turned: only a beam check on a wall can tell.'
	}),
	'size.clock.wrong': (d: { error: number }): Words => ({
		measured: `emitters ${Math.abs(d.error)} degrees from 3 and 9 o'clock, fixed collar`,
		required: 'at most 5 degrees',
		why: 'The collar cannot be turned, and light thrown the wrong way dazzles.'
	}),
	'size.clock.unknown': (d: { whose: string }): Words => ({
		measured: `key angle of the ${d.whose} not known, collar not known to turn`,
		required: "emitters at 3 and 9 o'clock when locked",
		why: 'Lock the lamp and look from the front: where do the emitters stand?'
	})
};
