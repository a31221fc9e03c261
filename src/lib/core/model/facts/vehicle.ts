import { STEERINGS, VEHICLE_KINDS } from '../enumerations';
import { plainChoices, type FactTable } from './fact';

/** Facts of a vehicle configuration. */
export const VEHICLE_FACTS = {
	id: { kind: 'text', label: 'Id', sheet: { heading: 'id', also: ['vehicle', 'vehicle id'] } },
	make: { kind: 'text', label: 'Make', sheet: { heading: 'make' } },
	model: { kind: 'text', label: 'Model', sheet: { heading: 'model' } },
	names: { kind: 'lines', label: 'Also called', sheet: { heading: 'names' } },
	generation: { kind: 'text', label: 'Generation', sheet: { heading: 'generation' } },
	'years.0': { kind: 'count', label: 'First year', sheet: { heading: 'from', also: ['year from', 'first year'] } },
	'years.1': { kind: 'count', label: 'Last year', sheet: { heading: 'to', also: ['year to', 'last year'] } },
	body: { kind: 'text', label: 'Body', sheet: { heading: 'body' } },
	kind: {
		rules: ['colour/boundary'],
		kind: 'choice',
		label: 'Kind',
		choices: plainChoices(VEHICLE_KINDS),
		sheet: { heading: 'kind' }
	},
	market: { rules: ['colour/boundary', 'law/caution'], kind: 'text', label: 'Market', sheet: { heading: 'market' } },
	steering: { kind: 'choice', label: 'Steering', choices: plainChoices(STEERINGS), sheet: { heading: 'steering' } },
	options: { kind: 'pairs', label: 'Options', sheet: { heading: 'options' } },
	tells: { kind: 'lines', label: 'Told apart by', sheet: { heading: 'tells' } },
	walk: { kind: 'list', label: 'Order of the walk', sheet: { heading: 'walk' } },
	absent: { kind: 'list', label: 'Not fitted', sheet: { heading: 'absent' } },
	flasher: { kind: 'json', label: 'Flasher', sheet: { heading: 'flasher' } },
	access: { kind: 'json', label: 'Way in', sheet: { heading: 'access' } }
} as const satisfies FactTable;
