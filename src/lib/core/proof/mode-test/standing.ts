import { TEST_ROUNDS, type ProofOf, type TestRound } from '../../model';
import type { ExpectedLine } from './expected';

type TestLine = ProofOf<'mode-test'>['lines'][number];

/** One line of a test and its answers so far: the last of each round counts. */
export interface StandingLine {
	expected: ExpectedLine;
	answers: Record<TestRound, TestLine | null>;
}

/** How a test stands. */
export interface TestStanding {
	lines: StandingLine[];
	/** Lines that are answered in each round, of all. */
	done: Record<TestRound, number>;
	/** Modes that went otherwise than expected, in either round. */
	otherwise: string[];
	/** What comes next; null when every line is answered in both rounds. */
	next: { mode: string; round: TestRound } | null;
}

/** How a test stands by what was answered. An answer about a mode that is not on the list any more is kept and not shown. */
export function testStanding(expected: readonly ExpectedLine[], lines: readonly TestLine[]): TestStanding {
	const last = (mode: string, round: TestRound) =>
		lines.findLast((line) => line.mode === mode && line.round === round) ?? null;
	const standing = expected.map((line): StandingLine => ({
		expected: line,
		answers: {
			'at-once': last(line.mode, 'at-once'),
			'after-ten-minutes': last(line.mode, 'after-ten-minutes')
		}
	}));
	const open = TEST_ROUNDS.flatMap((round) =>
		standing.flatMap(({ expected: { mode }, answers }) => (answers[round] ? [] : [{ mode, round }]))
	);
	const count = (round: TestRound) => standing.filter(({ answers }) => answers[round] !== null).length;
	return {
		lines: standing,
		done: { 'at-once': count('at-once'), 'after-ten-minutes': count('after-ten-minutes') },
		otherwise: standing.flatMap(({ expected: { mode }, answers }) =>
			TEST_ROUNDS.some((round) => answers[round]?.isAsExpected === false) ? mode : []
		),
		next: open[0] ?? null
	};
}
