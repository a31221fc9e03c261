import { factLabel, factOf, factText } from '../../model';
import type { ProductCase, SocketCase } from '../cases';
import { finding, type Finding, type Gate } from '../findings/finding';
import { worseVerdict, type Verdict } from '../findings/verdict';

const WORDS: Record<Verdict, string> = {
	fits: 'fits',
	parts: 'fits with parts',
	unknown: 'check by hand',
	refused: 'refused'
};

/** Which gate an open fact belongs to. */
function gateOf(subject: string, fact: string): Extract<Gate, 'base' | 'size' | 'colour' | 'electrics'> {
	if (subject !== 'socket') return 'electrics';
	if (fact === 'lens' || fact === 'bulbColour') return 'colour';
	return fact.startsWith('envelope') || fact.startsWith('cap') || ['keyAngle', 'retention', 'optic'].includes(fact)
		? 'size'
		: 'base';
}

/** Other values of open facts by which the verdict would be another, with it. */
function differing(
	socket: SocketCase,
	product: ProductCase,
	{ inForce, judge }: { inForce: Verdict; judge: (socket: SocketCase, product: ProductCase) => Verdict }
) {
	return socket.others.flatMap(({ open, case: other }) => {
		const verdict = other ? judge(other, product) : 'unknown';
		return verdict === inForce ? [] : [{ open, verdict }];
	});
}

/** How a product is judged by every rule; passed in, so that this file does not know the list of rules. */
type Judge = (socket: SocketCase, product: ProductCase) => Verdict;

/** The verdict where sources disagree: the worse of unknown and what the values in force say, if another value would say something else. */
export function withOpenValues(
	socket: SocketCase,
	product: ProductCase,
	{ inForce, judge }: { inForce: Verdict; judge: Judge }
): Verdict {
	if (inForce === 'refused' || socket.others.length === 0) return inForce;
	return differing(socket, product, { inForce, judge }).length > 0 ? worseVerdict(inForce, 'unknown') : inForce;
}

/** What hangs on open questions, one finding for each fact. */
export function contestedFindings(socket: SocketCase, product: ProductCase, judge: Judge): Finding[] {
	if (socket.others.length === 0) return [];
	const inForce = judge(socket, product);
	if (inForce === 'refused') return [];
	const byFact = new Map<string, ReturnType<typeof differing>>();
	for (const one of differing(socket, product, { inForce, judge })) {
		const { subject, fact } = one.open.question;
		const key = `${subject.kind} ${subject.id} ${fact}`;
		byFact.set(key, [...(byFact.get(key) ?? []), one]);
	}
	return [...byFact.values()].flatMap((all): Finding[] => {
		const [first] = all;
		if (!first) return [];
		const { subject, fact, values } = first.open.question;
		const definition = factOf(subject.kind, fact);
		const data = {
			fact: factLabel(definition, socket.configuration.market),
			values: [
				{ value: factText(definition, values[0]?.value), verdict: WORDS[inForce] },
				...all.map(({ open, verdict }) => ({ value: open.value, verdict: WORDS[verdict] }))
			]
		};
		return [
			finding(`${gateOf(subject.kind, fact)}.contested`, data, {
				level: 'unknown',
				source: { kind: 'record', fact, evidence: values[0]?.evidence[0] ?? null }
			})
		];
	});
}
