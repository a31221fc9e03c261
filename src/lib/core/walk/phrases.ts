import { several, term, type Term } from './term';

/** Terms that say more than one thing at once, or mean another thing than the words alone. */
export const PHRASES: readonly Term[] = [
	...several(
		'repeater|side repeater|side turn|side turn signal|side indicator|mirror indicator|mirror turn|mirror turn signal|mirror signal|mirror repeater|fender indicator|fender turn|fender turn signal|wing indicator|wing repeater',
		{ kind: 'function', ids: ['turn'] },
		'Turn'
	),
	...several(
		'hi/lo|lo/hi|high/low|low/high|hi lo|lo hi|high low|low high',
		{ kind: 'function', ids: ['low-beam', 'high-beam'] },
		'Low beam, high beam'
	),
	...several(
		'brake tail turn|stop tail turn|tail stop turn|tail brake turn|brake/tail/turn|stop/tail/turn|tail/stop/turn|tail/brake/turn|stop/turn/tail|brake/turn/tail',
		{ kind: 'function', ids: ['stop', 'tail', 'turn'] },
		'Stop, tail, turn'
	),
	...several(
		'numberplate|registration plate|licenceplate|licenseplate|regplate',
		{ kind: 'function', ids: ['licence-plate'] },
		'Licence plate'
	),
	...several('corner', { kind: 'function', ids: ['side-marker'] }, 'Side marker'),
	...several('stop tail|stop/tail|brake tail|st/ta', { kind: 'function', ids: ['stop', 'tail'] }, 'Stop, tail'),
	...several(
		'high beam tell tale|high beam indicator|high beam warning|turn tell tale|turn signal tell tale|indicator tell tale',
		{ kind: 'function', ids: ['tell-tale'] },
		'Tell-tale'
	),
	...several(
		'mirror puddle|door mirror puddle|door puddle|puddle lamp|puddle light',
		{ kind: 'function', ids: ['puddle'] },
		'Puddle'
	),
	...several(
		'boot lid light|boot lid lamp|trunk lid light|tailgate light|liftgate light',
		{ kind: 'function', ids: ['luggage'] },
		'Luggage'
	),
	...several('boot lid|trunk lid|tailgate|liftgate', { kind: 'zone', zone: 'rear' }, 'rear'),
	...several(
		'no rear cap|no dust cap|no dust cover|without cap|without a cap|without rear cap|without dust cap',
		{ kind: 'fact', facts: { 'cap.kind': 'none' } },
		'no cap'
	),
	...several('rear cap|dust cap|dust cover', { kind: 'fact', facts: { 'cap.kind': 'stock-sealed' } }, 'sealed cap'),
	...several(
		'not replaceable|led not replaceable|not replaceable led',
		{ kind: 'fact', facts: { state: 'sealed' } },
		'sealed'
	),
	...several('factory led|led factory|original led', { kind: 'fact', facts: { state: 'factory-led' } }, 'factory LED'),
	...several('sealed led|led sealed|sealed led unit', { kind: 'fact', facts: { state: 'sealed' } }, 'sealed'),
	...several('turn position|tu/po', { kind: 'function', ids: ['turn', 'front-position'] }, 'Turn, front position')
];

/** Colours as they are said with the thing: lens red, bulb amber, white lens. */
export const TURNED: readonly Term[] = [
	...(['clear', 'amber', 'red', 'smoked', 'blue'] as const).map((value) =>
		term(`lens ${value}`, { kind: 'fact', facts: { lens: value } }, `${value} lens`)
	),
	...(['clear', 'amber', 'red', 'blue'] as const).map((value) =>
		term(`bulb ${value}`, { kind: 'fact', facts: { bulbColour: value } }, `${value} bulb`)
	),
	...several('white lens|lens white', { kind: 'fact', facts: { lens: 'clear' } }, 'clear lens'),
	...several('white bulb|bulb white', { kind: 'fact', facts: { bulbColour: 'clear' } }, 'clear bulb')
];
