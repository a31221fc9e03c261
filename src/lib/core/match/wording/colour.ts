import { lampFunction, type FunctionId, type SignalColour } from '../../lamps';
import type { Socket } from '../../model';
import { decimal } from '../../quantity';
import { placeText } from '../../vehicle';
import { contestedWords, type Contested } from './contested';
import { anyOf, functionWords, type Words } from './words';

interface Seen {
	function: FunctionId;
	region: string;
	x: number;
	y: number;
	allowed: readonly SignalColour[];
}
const at = (d: { x: number; y: number }) => `x ${d.x.toFixed(3)}, y ${d.y.toFixed(3)}`;
const percent = (ratio: number) => `${Math.round(ratio * 100)} %`;

interface Light {
	lumens: number;
	stock: number;
	ratio: number;
	basis: string;
	enough: number;
	glare: number;
}
const light = (d: Light) =>
	`light through the lens against the stock bulb: ${percent(d.ratio)} (${Math.round(d.lumens)} lm, ${d.basis} flux)`;

interface Dim {
	function: FunctionId;
	lumens: number;
	stock: number;
	ratio: number;
	contrast: number;
	least: number;
	most: number;
	standsOut: number;
}
const dimRange = (d: Dim) => `${percent(d.least)} to ${percent(d.most)} of the dim filament`;
const dim = (d: Dim) =>
	`${d.lumens.toFixed(d.lumens < 10 ? 1 : 0)} lm leave the lens for the ${functionWords([d.function])}, ${percent(d.ratio)} of the dim filament; bright to dim ${d.contrast.toFixed(1)} : 1`;

interface Beside {
	cct: number;
	/** The place beside it. */
	beside: Socket;
	besideCct: number;
	mired: number;
	/** Under this two whites look alike, mired. */
	alike: number;
}
const beside = (d: Beside) =>
	`${Math.round(d.cct)} K beside ${Math.round(d.besideCct)} K (${placeText(d.beside).toLowerCase()}, as it stands): ${Math.round(d.mired)} mired apart (a million over K)`;

/** Texts of the colour gate. */
export const colourWording = {
	'colour.contested': (d: Contested): Words => contestedWords(d),
	'colour.own-filament': (): Words => ({
		measured: 'a filament lamp of the category of the socket',
		required: 'the light the lens was made for',
		why: 'Whatever the lens is, it was made for this lamp.'
	}),
	'colour.inside': (d: Seen): Words => ({
		measured: `${d.region}: ${at(d)}`,
		required: `${lampFunction(d.function).label}: ${anyOf(d.allowed)}`,
		why: 'What leaves the lens lies inside the boundary.'
	}),
	'colour.changed': (d: Seen & { before: string }): Words => ({
		measured: `${d.region}: ${at(d)}`,
		required: `${d.before}, as the lamp shows today`,
		why: 'The rules of this market allow both, but the lamp changes its colour: ask the customer, and look at its twin.'
	}),
	'colour.outside': (d: Seen): Words => ({
		measured: `${d.region === 'none' ? 'no signal colour' : d.region}: ${at(d)}`,
		required: `${lampFunction(d.function).label}: ${anyOf(d.allowed)}`,
		why: 'What leaves the lens is not the colour this function must have.'
	}),
	'colour.leans-on-lens': (d: { region: string; x: number; y: number }): Words => ({
		measured: `${d.region === 'none' ? 'no signal colour' : d.region} behind a worn red lens: ${at(d)}`,
		required: 'red behind a new lens and a worn one',
		why: 'The light is red only as long as the lens is: a red LED keeps its colour. Look at the lens, and at the light in the dark.'
	}),
	'colour.cabin.alike': (d: { region: string; stock: string }): Words => ({
		measured: `${d.region} leaves the lens`,
		required: `${d.stock}, as the filament lamp gave`,
		why: 'Inside the vehicle the tint is taste; keep one for the whole cabin.'
	}),
	'colour.cabin.other': (d: { region: string; stock: string }): Words => ({
		measured: `${d.region === 'none' ? 'no named colour' : d.region} leaves the lens`,
		required: `${d.stock}, as the filament lamp gave`,
		why: 'Another colour than before is nothing to decide for a customer: ask, and choose it by hand.'
	}),
	'colour.no-rules': (d: { market: string }): Words => ({
		measured: `market ${d.market}`,
		required: 'a market with known colour rules',
		why: `Rotalux has no colour rules for the market ${d.market}: ask the local inspection body which colour is asked for.`
	}),
	'colour.lens-unknown': (): Words => ({
		measured: 'colour of the lens not known',
		required: 'clear, amber, red or smoked',
		why: 'The lens decides what leaves it: look at the lens, lamp out.'
	}),
	'colour.source-unknown': (): Words => ({
		measured: 'colour of the light not given',
		required: 'a colour, with a colour temperature in K for white or a peak in nm for amber and red',
		why: 'Without the colour of the light nothing can be said of what leaves the lens: ask the maker, or compare beside a known lamp.'
	}),
	'colour.light.enough': (d: Light): Words => ({
		measured: light(d),
		required: `${percent(d.enough)} to ${percent(d.glare)} of ${Math.round(d.stock)} lm`,
		why: 'Enough light comes through the lens.'
	}),
	'colour.light.doubtful': (d: Light): Words => ({
		measured: light(d),
		required: `${percent(d.enough)} to ${percent(d.glare)} of ${Math.round(d.stock)} lm`,
		why: 'The estimate is below the filament lamp: compare one side with the other in the dark before it is sold.'
	}),
	'colour.light.lost': (d: Light): Words => ({
		measured: light(d),
		required: `${percent(d.enough)} to ${percent(d.glare)} of ${Math.round(d.stock)} lm`,
		why: 'Too little of its light comes through the lens to be seen like the lamp it replaces.'
	}),
	'colour.light.glare': (d: Light): Words => ({
		measured: light(d),
		required: `${percent(d.enough)} to ${percent(d.glare)} of ${Math.round(d.stock)} lm`,
		why: `That is over ${decimal(d.glare)} times the light: most functions have an upper limit, so measure it against the filament lamp at the same distance.`
	}),
	'colour.light.unknown': (d: { whose: 'lamp' | 'filament lamp' }): Words => ({
		measured: `luminous flux of the ${d.whose} not known`,
		required: 'a flux in lm',
		why: 'Without a flux the light cannot be compared: measure both lamps at the same distance.'
	}),
	'colour.light.dead': (): Words => ({
		measured: '0 lm',
		required: 'light',
		why: 'This lamp gives no light.'
	}),
	'colour.light.inside': (d: { lumens: number }): Words => ({
		measured: `${Math.round(d.lumens)} lm leave the lens`,
		required: 'no least amount inside the vehicle',
		why: 'How bright a cabin should be is taste.'
	}),
	'colour.too-cool': (d: { cct: number; most: number }): Words => ({
		measured: `${d.cct} K`,
		required: `at most ${d.most} K`,
		why: 'Light this blue scatters back in mist and snow, and shows less.'
	}),
	'colour.fog-tint': (d: { cct: number; preferred: number }): Words => ({
		measured: `${d.cct} K`,
		required: `about ${d.preferred} K or selective yellow is widely preferred`,
		why: 'It may be fitted; in mist and snow a warmer fog lamp scatters less light back.'
	}),
	'colour.beside.alike': (d: Beside): Words => ({
		measured: beside(d),
		required: `under ${d.alike} mired`,
		why: `It looks the same white as the ${placeText(d.beside).toLowerCase()} lamp beside it.`
	}),
	'colour.beside.noticed': (d: Beside): Words => ({
		measured: beside(d),
		required: `under ${d.alike} mired`,
		why: 'The difference is noticed side by side: a warmer LED, or the same LED in both places, hides it.'
	}),
	'colour.beside.mismatch': (d: Beside): Words => ({
		measured: beside(d),
		required: `under ${d.alike} mired`,
		why: `The ${placeText(d.beside).toLowerCase()} lamp looks brown beside it: offer to change both, or a warmer LED.`
	}),
	'colour.dim.enough': (d: Dim): Words => ({
		measured: dim(d),
		required: `${dimRange(d)}, and the bright mode ${d.standsOut} times as much`,
		why: `The ${functionWords([d.function])} has light enough, and the bright mode stands out from it.`
	}),
	'colour.dim.lost': (d: Dim): Words => ({
		measured: dim(d),
		required: dimRange(d),
		why: `Too little is left for the ${functionWords([d.function])}.`
	}),
	'colour.dim.contrast': (d: Dim): Words => ({
		measured: dim(d),
		required: `${dimRange(d)}, and the bright mode ${d.standsOut} times as much`,
		why: `The ${functionWords([d.function])} is bright and the other mode may not stand out from it: compare both modes in the dark.`
	}),
	'colour.dim.unknown': (d: { function: FunctionId; whose: 'lamp' | 'filament lamp' }): Words => ({
		measured: `dim flux of the ${d.whose} not known`,
		required: 'a flux in lm for the dim mode',
		why: `Nothing says how bright the ${functionWords([d.function])} is: measure both modes at the same distance.`
	})
};
