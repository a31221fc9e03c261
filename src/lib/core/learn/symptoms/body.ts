import type { Symptom } from './symptom';

/** What is seen of beams: by the table of the causes. */
export const BEAM_SYMPTOMS: readonly Symptom[] = [
	{
		id: 'high-no-better',
		label: 'High beam no better than low beam',
		question: 'Is high beam no better than low beam?',
		group: 'beam'
	},
	{ id: 'glare', label: 'Others flash their lights', question: 'Do others flash their lights?', group: 'beam' },
	{
		id: 'patchy-beam',
		label: 'Patchy beam, dark spot or high beam',
		question: 'Is the beam patchy on a wall?',
		group: 'beam'
	},
	{
		id: 'too-blue',
		label: 'Too blue, or brown beside its neighbour',
		question: 'Is the colour off beside its neighbour {place}?',
		group: 'beam'
	}
];

/** What is seen, heard or smelt of lamp and lamp unit: by the table of the causes. */
export const BODY_SYMPTOMS: readonly Symptom[] = [
	{ id: 'died', label: 'Died after some time', question: 'Did {place} work for a time and die?', group: 'body' },
	{
		id: 'melting',
		label: 'Smell, or something melts',
		question: 'Does anything smell, brown or melt {place}?',
		group: 'body',
		striking: true
	},
	{
		id: 'moisture',
		label: 'Water or mist in the lamp unit',
		question: 'Is there water or mist {place}?',
		group: 'body'
	},
	{
		id: 'yellowed',
		label: 'Lens yellowed or cracked',
		question: 'Is the lens yellowed or cracked {place}?',
		group: 'body'
	},
	{
		id: 'loose',
		label: 'Loose, or fell into the housing',
		question: 'Does the lamp sit loose {place}?',
		group: 'body'
	},
	{ id: 'cap-open', label: 'The cap does not close', question: 'Does the cap fail to close {place}?', group: 'body' },
	{ id: 'fan-noise', label: 'Noise of a fan', question: 'Is a fan heard {place}?', group: 'body' }
];
