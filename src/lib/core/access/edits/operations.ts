import { factsWithEvidence, type Configuration, type Evidence, type Operation } from '../../model';
import { edited, gone, type Edit, type Witness } from '../../record';
import { err } from '../../result';
import { claim, valueAt } from '../../vehicle';
import { namedBefore } from '../graph';
import { accessProblems } from '../problems';

/** A record with another way in. */
export function withOperations(configuration: Configuration, operations: readonly Operation[]): Configuration {
	const { access, ...rest } = configuration;
	if (operations.length === 0) return rest as Configuration;
	return { ...configuration, access: { ...access, operations: [...operations] } };
}

/** An operation with the source of everything that is said of it. */
export function witnessed(operation: Operation, witness: Witness): Operation {
	const { evidence: _earlier, ...facts } = operation;
	const evidence = Object.keys(factsWithEvidence('operation')).flatMap((fact): Evidence[] => {
		const value = valueAt(facts, fact);
		return value === undefined ? [] : [{ fact, value, ...witness }];
	});
	return evidence.length > 0 ? { ...facts, evidence } : facts;
}

/** What an operation is called where another one may be called the same. */
export const operationName = ({ title, side }: Operation): string =>
	side && side !== 'both' ? `${title}, ${side}` : title;

/** What is wrong with a way in, each thing with the operation it is about. */
function wrongWith(configuration: Configuration): string[] {
	return accessProblems(configuration).map(({ path, message }) => {
		const at = Number(/operations\[(\d+)\]/.exec(path)?.[1]);
		const operation = configuration.access?.operations[at];
		return `${operation ? `“${operationName(operation)}” ` : ''}${message}`;
	});
}

/** The edit, unless it brings in something that does not hold together: operations that wait for each other, or for nobody. */
function sound(before: Configuration, after: Configuration, what: string) {
	const earlier = wrongWith(before);
	const [problem] = wrongWith(after).filter((one) => !earlier.includes(one));
	return problem === undefined ? edited(after, what) : err(`${problem}. Nothing was changed.`);
}

/** An operation as it is told anew: facts that differ are claims of their own, so that two who disagree open a question. */
function told(before: Operation, now: Operation, witness: Witness): Operation {
	const { evidence = [], ...plain } = before;
	const apart = factsWithEvidence('operation');
	const kept = Object.fromEntries(
		Object.entries(now).filter(([field]) => !Object.hasOwn(apart, field) && field !== 'evidence')
	);
	const base = {
		...Object.fromEntries(Object.entries(plain).filter(([field]) => Object.hasOwn(apart, field))),
		...kept
	} as Operation;
	let next: Operation = evidence.length > 0 ? { ...base, evidence } : base;
	for (const fact of Object.keys(apart)) {
		const value = valueAt(now, fact);
		const earlier = valueAt(before, fact);
		if (JSON.stringify(value) === JSON.stringify(earlier)) continue;
		// What is taken out was a slip, or is no longer so.
		if (value === undefined) {
			const { [fact as 'after']: _gone, ...rest } = next;
			next = { ...rest, evidence: (next.evidence ?? []).filter((item) => item.fact !== fact) } as Operation;
		} else next = claim('operation', next, { fact, value, ...witness });
	}
	return next;
}

/** Adds an operation, or tells the one of an id anew. */
export function putOperation(operation: Operation, witness: Witness, former: string = operation.id): Edit {
	return (configuration) => {
		const operations = configuration.access?.operations ?? [];
		const before = operations.find(({ id }) => id === former);
		const next = before
			? operations.map((one) =>
					one.id === former ? told(before, operation, witness) : renamed(one, former, operation.id)
				)
			: [...operations, witnessed(operation, witness)];
		return sound(
			configuration,
			withOperations(configuration, next),
			`Way in: ${operationName(operation)} ${before ? 'changed' : 'added'}`
		);
	};
}

function renamed(operation: Operation, from: string, to: string): Operation {
	if (from === to || !namedBefore(operation).includes(from)) return operation;
	const rename = (id: string) => (id === from ? to : id);
	return {
		...operation,
		...(operation.after ? { after: operation.after.map(rename) } : {}),
		...(operation.anyOf ? { anyOf: operation.anyOf.map((route) => route.map(rename)) } : {})
	};
}

/** Takes an operation out; what came after it no longer waits for it, and routes that led over it are gone. */
export function removeOperation(id: string): Edit {
	return (configuration) => {
		const operations = configuration.access?.operations ?? [];
		const removed = operations.find((operation) => operation.id === id);
		if (!removed) return gone(`Operation ${id}`);
		const next = operations
			.filter((operation) => operation !== removed)
			.map((operation) => {
				if (!namedBefore(operation).includes(id)) return operation;
				const { after, anyOf, ...rest } = operation;
				const routes = (anyOf ?? []).filter((route) => !route.includes(id));
				const left = (after ?? []).filter((other) => other !== id);
				return {
					...rest,
					...(left.length > 0 ? { after: left } : {}),
					...(routes.length > 0 ? { anyOf: routes } : {})
				};
			});
		return edited(withOperations(configuration, next), `Way in: ${operationName(removed)} taken out`);
	};
}
