import type { Configuration } from '../../model';
import { socketName } from '../../vehicle';
import type { KitAnswer } from '../answer/answer';
import { checkKit, type KitCheck } from '../check';

/** Socket of another configuration at the same place. */
function sameplace(from: Configuration, to: Configuration): Map<string, string> {
	const byName = new Map(to.sockets.map((s) => [socketName(s), s.id as string]));
	return new Map(
		from.sockets.flatMap((s): [string, string][] => {
			const id =
				to.sockets.find((o) => o.id === s.id && socketName(o) === socketName(s))?.id ?? byName.get(socketName(s));
			return id ? [[s.id, id]] : [];
		})
	);
}

/**
 * Whether a kit does for another configuration as it is: every lamp in the place of the same name, judged there anew by Match and Circuit.
 * @returns why it does not, one sentence each; empty when it does
 */
export function reasonsAgainst(kit: KitCheck, other: Configuration): string[] {
	const { answer, configuration } = kit;
	const place = sameplace(configuration, other);
	const lost = answer.lines.flatMap((l) => l.sockets.filter((id) => !place.has(id)));
	if (lost.length > 0) {
		const names = [...new Set(lost)]
			.map((id) => configuration.sockets.find((s) => s.id === id))
			.flatMap((s) => (s ? socketName(s) : []));
		return [`it has no ${names.join(', no ')}`];
	}
	const move = (ids: readonly string[]) => ids.flatMap((id) => place.get(id) ?? []);
	const moved: KitAnswer = {
		...answer,
		lines: answer.lines.map((line) => ({
			...line,
			sockets: move(line.sockets),
			...(line.fitted
				? {
						fitted: line.fitted.map((f) => (f.socket ? { ...f, socket: place.get(f.socket) ?? f.socket } : f))
					}
				: {})
		})),
		open: answer.open.flatMap((o) => {
			const socket = place.get(o.socket);
			return socket ? [{ ...o, socket }] : [];
		})
	};
	const choices = Object.fromEntries(
		Object.entries(kit.order.choices).flatMap(([id, c]) => (place.has(id) ? [[place.get(id), c]] : []))
	);
	return checkKit({ ...kit, configuration: other, answer: moved, order: { ...kit.order, choices } });
}
