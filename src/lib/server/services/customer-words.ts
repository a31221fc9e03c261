import { causeOf } from '../../core/learn';
import type { Complaint } from '../../core/model';

/** What is left to the customer by what ended it. */
const CLOSING: Record<NonNullable<Complaint['remedy']>['kind'], string> = {
	part: 'The part is renewed; you need do nothing more.',
	step: 'It is put right; you need do nothing more.',
	'other-lamp': 'Another lamp is fitted in its place.',
	record: 'Our data about your vehicle were wrong, and are corrected.',
	'not-the-lamp': 'It did not come from the lamp; the vehicle itself wants a look.'
};

/** A message to a customer, to copy: what it was, what was done, what to watch. It promises nothing. */
export function customerWords({ code, cause, remedy, settled }: Complaint, vehicle: string): string {
	const what = cause === undefined ? null : causeOf(cause)?.label;
	return [
		`About your ${vehicle}${code ? ` (kit ${code})` : ''}:`,
		what ? `What you noticed came from this: ${what}.` : 'We looked for what you noticed.',
		settled ? `What was done: ${settled}` : '',
		remedy ? CLOSING[remedy.kind] : '',
		'Should it come again, tell us when, and with what switched on. After any work on headlamps have their aim checked before driving at night.'
	]
		.filter(Boolean)
		.join('\n');
}
