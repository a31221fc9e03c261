import type { LampCategory } from '../../../lamps';
import { lightCentreOf } from '../../../lamps';
import type { SocketCase } from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import { CATEGORY_TABLE } from '../../findings/source';
import type { Rule } from '../rule';
import { frontDimension } from './measure';

/** The glass of a lamp with a flange goes at least this far beyond its light centre, mm (H1, H4, H7, H11: 15 and more). */
const BEYOND_CENTRE_MM = 15;

/** Length in front of the reference plane that the lamp in the socket took, mm: of a flange lamp no more than is certain. */
function stockLength(category: LampCategory): number | undefined {
	if (category.mount !== 'flange') return category.length;
	const centre = lightCentreOf(category);
	return centre && centre.confidence !== 'low' ? centre.mm + BEYOND_CENTRE_MM : undefined;
}

/**
 * Front envelope: a lamp no longer and no fatter than the one it replaces clears the lens where that one did. A bigger one is held against the
 * measured room, and so is every lamp where somebody measured; what goes in by a hole has to pass it, whatever its mount.
 */
export const frontRule: Rule = (s, { product, lamp }) => {
	if (lamp === 'filament') return null;
	const { category, socket } = s;
	const { size } = product;
	const findings = [dimension(s, 'diameter', { body: size?.frontDiameter, stock: category.diameter })];
	// A festoon's length is the business of its holder, which the base gate judges.
	if (category.mount !== 'festoon')
		findings.push(dimension(s, 'length', { body: size?.frontLength, stock: stockLength(category) }));
	// A lamp with a flange goes in from behind; a holder that twists takes its lamp through the hole with it, where somebody measured that.
	const throughHole = category.mount === 'flange' || socket.envelope?.opening !== undefined;
	if (throughHole) findings.push(dimension(s, 'opening', { body: size?.frontDiameter, stock: category.diameter }));
	return findings;
};

const ROOM = { diameter: 'frontDiameter', length: 'frontLength', opening: 'opening' } as const;

function dimension(
	{ socket, category, source }: SocketCase,
	what: keyof typeof ROOM,
	{ body, stock }: { body: number | undefined; stock: number | undefined }
): Finding {
	const room = socket.envelope?.[ROOM[what]];
	if (room === undefined && body !== undefined && stock !== undefined && body <= stock)
		return finding(
			'size.front.no-bigger',
			{ what, body, stock, category: category.category },
			{ level: 'pass', source: CATEGORY_TABLE }
		);
	return frontDimension(what, { body, room, roomSource: source('envelope') });
}
