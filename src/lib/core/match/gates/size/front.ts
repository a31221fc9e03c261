import type { Rule } from '../rule';
import { frontDimension } from './measure';

/** Front envelope: length and diameter against lens and shield, and the diameter against the hole it has to pass. */
export const frontRule: Rule = ({ socket, category, source }, { product, lamp }) => {
	if (lamp === 'filament') return null;
	const { size } = product;
	const room = socket.envelope;
	const from = source('envelope');
	const findings = [
		frontDimension('diameter', { body: size?.frontDiameter, room: room?.frontDiameter, roomSource: from })
	];
	// A festoon's length is the business of its holder, which the base gate judges.
	if (category.mount !== 'festoon')
		findings.push(frontDimension('length', { body: size?.frontLength, room: room?.frontLength, roomSource: from }));
	// A lamp with a flange goes in from behind, through a hole of its own; the others stand in front of their holder.
	if (category.mount === 'flange')
		findings.push(frontDimension('opening', { body: size?.frontDiameter, room: room?.opening, roomSource: from }));
	return findings;
};
