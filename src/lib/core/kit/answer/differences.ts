import type { Socket } from '../../model';
import { groupName, twinGroups } from '../../vehicle';
import type { KitLine } from './answer';

/** A place where two kits differ: names of the lamps, null where it is left open. */
export interface PlaceDifference {
	place: string;
	before: string | null;
	after: string | null;
}

/** What differs between two kits, place by place. */
export function differences(
	before: readonly KitLine[],
	after: readonly KitLine[],
	sockets: readonly Socket[]
): PlaceDifference[] {
	const lineIn = (lines: readonly KitLine[], id: string | undefined) =>
		lines.find((line) => line.product && line.sockets.includes(id ?? ''));
	return twinGroups(sockets).flatMap((group) => {
		const [from, to] = [lineIn(before, group[0]?.id), lineIn(after, group[0]?.id)];
		return from?.product === to?.product
			? []
			: [{ place: groupName(group), before: from?.name ?? null, after: to?.name ?? null }];
	});
}

/** A difference in words. @example differenceText(d) // "Low beam, both: Lantern H11 instead of Beacon H11" */
export function differenceText({ place, before, after }: PlaceDifference): string {
	return `${place}: ${after ?? 'left open'} instead of ${before ?? 'left open'}`;
}
