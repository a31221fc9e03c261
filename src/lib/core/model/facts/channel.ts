import type { FEED_KINDS, MONITOR_KINDS } from '../enumerations';
import { choices, type FactTable } from './fact';

/** Facts of an output of the vehicle. */
export const CHANNEL_FACTS = {
	id: { kind: 'text', label: 'Id', sheet: { heading: 'id', also: ['channel'] } },
	feeds: { kind: 'list', label: 'Feeds', sheet: { heading: 'feeds' } },
	'feed.kind': {
		rules: ['electrics/pulsed-feed'],
		kind: 'choice',
		label: 'Feed',
		byLabel: true,
		choices: choices<(typeof FEED_KINDS)[number]>({ steady: 'steady', pwm: 'pulsed (PWM)|pwm|pulsed' }),
		evidence: true,
		sheet: { heading: 'feed' },
		findOut: { how: 'Engine running: a mean voltage at the lamp below the supply means pulses.', minutes: 5 }
	},
	'feed.frequency': {
		rules: ['electrics/pulsed-feed'],
		kind: 'number',
		label: 'Frequency',
		usual: [50, 400],
		unit: 'Hz',
		tolerance: 2,
		evidence: true,
		sheet: { heading: 'frequency', also: ['hz'] },
		findOut: { how: 'Measure the feed with a meter that counts frequency.', minutes: 5 }
	},
	'feed.duty': { rules: ['electrics/pulsed-feed'], kind: 'pairs', label: 'On-share', sheet: { heading: 'duty' } },
	fuse: {
		kind: 'number',
		label: 'Fuse',
		usual: [3, 40],
		unit: 'A',
		evidence: true,
		sheet: { heading: 'fuse' },
		findOut: { how: 'Read the fuse box or its lid.', minutes: 3 }
	},
	'monitor.kind': {
		rules: ['electrics/monitor'],
		kind: 'choice',
		label: 'Bulb-out check',
		byLabel: true,
		choices: choices<(typeof MONITOR_KINDS)[number]>({
			none: 'not checked|none',
			hot: 'checked while on|hot',
			cold: 'checked while off|cold',
			flasher: 'by the flasher|flasher'
		}),
		evidence: true,
		sheet: { heading: 'monitor' },
		findOut: { how: 'Take a lamp out and look at the dash with the lamp switched on, then off.', minutes: 3 }
	},
	'monitor.minCurrent': {
		rules: ['electrics/monitor'],
		kind: 'number',
		label: 'Complains below',
		usual: [0.05, 8],
		unit: 'A',
		tolerance: 0.05,
		evidence: true,
		sheet: { heading: 'minCurrent', also: ['min current'] },
		findOut: { how: 'Try lamps of falling power until the message comes, and measure their current.', minutes: 20 }
	},
	'monitor.maxOhm': {
		rules: ['electrics/monitor'],
		kind: 'number',
		label: 'Complains above',
		usual: [1, 200],
		unit: 'ohm',
		tolerance: 2,
		evidence: true,
		sheet: { heading: 'maxOhm', also: ['max ohm'] },
		findOut: { how: 'Try resistors of rising value in place of the lamp until the message comes.', minutes: 20 }
	},
	message: { rules: ['electrics/monitor'], kind: 'text', label: 'Message', sheet: { heading: 'message' } }
} as const satisfies FactTable;
