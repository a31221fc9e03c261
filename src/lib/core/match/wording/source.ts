import { DOUBTFUL_EFFICACY } from '../../optics';
import { evidenceText, recordSourceText } from '../../vehicle';
import type { FindingSource } from '../findings/source';

const TABLES = {
	categories: 'lamp category table',
	'light-centres': 'light centre table',
	interchange: 'interchange table'
};

/** What a finding stands on, in words. */
export function findingSourceText(source: FindingSource, outputs?: ReadonlyMap<string, string>): string {
	switch (source.kind) {
		case 'maker':
			if (!source.claim) return "maker's data";
			return source.claim === 'claimed'
				? "maker's data, a claim"
				: `maker's data, a claim cut to ${DOUBTFUL_EFFICACY} lm per watt`;
		case 'measured':
			return 'measured';
		case 'record':
			return recordSourceText(source.evidence);
		case 'channel':
			return `the record of the ${outputs?.get(source.channel) ?? source.channel}`;
		case 'look':
			return source.evidence ? `look at the vehicle, ${evidenceText(source.evidence)}` : 'look at the vehicle';
		case 'table':
			return source.confidence ? `${TABLES[source.table]}, ${source.confidence} confidence` : TABLES[source.table];
		case 'colour-rules':
			if (!source.family) return 'function colours';
			return source.family === 'UN' ? 'UN R48 colour boundaries' : 'FMVSS 108 and SAE J578 colour boundaries';
		case 'colour-names':
			return 'colour boundaries, used as names only';
		case 'spectral-model':
			return source.of === 'worn-lens'
				? 'worn red lens of the spectral model'
				: 'spectral model; filament lamps beside it as they stand';
		case 'heat-estimate':
			return 'estimate from the thermal assumptions of the shop';
		case 'mode-test':
			return 'mode tests on this vehicle';
		case 'beam-check':
			return `beam check of ${source.on}${source.by ? `, ${source.by}` : ''}`;
		case 'complaint':
			return `complaint settled${source.on ? ` on ${source.on}` : ''}${source.by ? `, ${source.by}` : ''}`;
		case 'follow-up':
			return 'follow-up of a fitting on this vehicle';
		case 'rule-family':
			return source.family ? `${source.family} rule family` : 'rule families';
		case 'usual-practice':
			return 'usual practice';
		case 'shop-policy':
			return 'shop policy';
		case 'signed-exception':
			return 'signed exception of this kit';
		default:
			return source satisfies never;
	}
}
