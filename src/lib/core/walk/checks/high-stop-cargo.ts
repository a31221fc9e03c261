import { doubt, type Check } from './check';

/** The high-mounted cargo lamp stands beside the high-mounted stop lamp, in one housing: white for the load, red for stop. */
export const highStopCargo: Check = ({ functions, facts }, { kind, sockets }) => {
	if (functions.includes('chmsl') && facts.lens === 'clear')
		return doubt(
			'A high stop lamp has a red lens or a red lamp. Behind the clear part of the same housing sits the cargo lamp.'
		);
	if (functions.includes('cargo') && facts.lens === 'red')
		return doubt('A cargo lamp is white. Behind the red part of the same housing sits the high stop lamp.');
	const other = functions.includes('chmsl') ? 'cargo' : functions.includes('cargo') ? 'chmsl' : null;
	if (!other || kind !== 'van' || sockets.some((s) => s.functions.includes(other))) return null;
	return doubt(
		other === 'cargo'
			? 'Look beside it for the cargo lamp in the same housing.'
			: 'Look beside it for the high stop lamp in the same housing.'
	);
};
