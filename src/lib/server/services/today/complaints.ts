import { complaintsIn } from '../../repositories/complaints';
import { complaintRows } from '../complaint-desk';
import { MOST_OF_A_KIND, type WaitingSource } from './source';

/** Messages from customers that nobody has read, and complaints whose cause is not found. */
export const complaintsWaiting: WaitingSource = async (db) => {
	const complaints = await complaintsIn(db, ['unread', 'open'], MOST_OF_A_KIND);
	const rows = await complaintRows(db, complaints);
	return rows.map((row, i) => ({
		kind: row.state === 'unread' ? ('message' as const) : ('complaint' as const),
		id: row.id,
		vehicle: complaints[i]?.configuration ?? null,
		title: row.symptoms[0]?.label ?? row.words ?? 'Complaint',
		detail: [row.vehicle, row.product].filter(Boolean).join(' · '),
		worth: 0,
		day: row.on || null,
		isPressing: row.state === 'unread'
	}));
};
