import { FUSE_SHARE } from '../../circuit';
import type { Seen, Symptom } from './symptom';

/** Share of the time a flashing channel is lit. */
const FLASHING_SHARE = 0.5;

/** A fuse that opens at once, or carries too much for long. */
export const fuseSymptom: Symptom<'fuse' | 'short'> = {
	names: { fuse: 'fuse loaded too high', short: 'short: the fuse blows' },
	seenIn: ({ channels }) =>
		channels.flatMap(({ id: channel, blown, fuseShare, flashing }): Seen<'fuse' | 'short'>[] => {
			if (blown) return [{ kind: 'short', channel, sockets: [], why: 'it draws more than its fuse carries' }];
			const lasting = (fuseShare ?? 0) * (flashing ? FLASHING_SHARE : 1);
			const why = `${Math.round(lasting * 100)} % of its fuse, lastingly`;
			return lasting > FUSE_SHARE ? [{ kind: 'fuse', channel, sockets: [], why }] : [];
		})
};
