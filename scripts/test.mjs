// Runs every check one after another, counts them together, and ends with one line: N passed, N failed.
import { spawnSync } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { startPostgres } from './postgres.mjs';

const UNIT_REPORT = 'test-results/unit.json';
const SERVER_REPORT = 'test-results/on-postgres.json';
const E2E_REPORT = 'test-results/e2e.json';

/** A step counts as one check, or as many as its report says. */
const STEPS = [
	{ name: 'format', command: ['prettier', '--check', '.', '--cache'] },
	{ name: 'lint', command: ['eslint', '.'] },
	{ name: 'framework types', command: ['svelte-kit', 'sync'] },
	{ name: 'type check', command: ['svelte-check', '--fail-on-warnings', '--output', 'human'] },
	{ name: 'type check of the core', command: ['tsc', '-p', 'tsconfig.core.json'] },
	{ name: 'dependency rule', command: ['depcruise', 'src', 'bench', '--config', '.dependency-cruiser.cjs'] },
	{ name: 'build', command: ['vite', 'build', '--logLevel', 'error'] },
	{
		name: 'build of the command line',
		command: ['vite', 'build', '--config', 'src/cli/vite.config.ts', '--logLevel', 'error']
	},
	{
		name: 'unit tests',
		command: ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${UNIT_REPORT}`],
		report: () => unitReport(UNIT_REPORT)
	},
	{
		name: 'repositories and services on PostgreSQL',
		command: ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${SERVER_REPORT}`],
		needs: 'postgres',
		report: () => unitReport(SERVER_REPORT)
	},
	{
		name: 'end-to-end tests',
		command: ['playwright', 'test'],
		report: () => {
			const { expected, unexpected, flaky, skipped } = read(E2E_REPORT).stats;
			return { passed: expected, failed: unexpected + flaky + skipped };
		}
	}
];

function unitReport(path) {
	const { numPassedTests, numFailedTests, numPendingTests } = read(path);
	return { passed: numPassedTests, failed: numFailedTests + numPendingTests };
}

/** CPU time of all that was run so far, s: user and system time of the children that have ended, in ticks of 10 ms. */
function cpuSeconds() {
	const fields = readFileSync('/proc/self/stat', 'utf8').split(') ')[1].split(' ');
	return (Number(fields[13]) + Number(fields[14])) / 100;
}

function read(path) {
	return JSON.parse(readFileSync(path, 'utf8'));
}

function counted(step, ok) {
	if (!step.report) return ok ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
	try {
		const { passed, failed } = step.report();
		// A runner that failed without a failing test, or ran nothing, has failed.
		return { passed, failed: failed === 0 && (!ok || passed === 0) ? 1 : failed };
	} catch {
		return { passed: 0, failed: 1 };
	}
}

rmSync('test-results', { recursive: true, force: true });
const server = await startPostgres();
const notRun = 'why' in server ? [`the chain in the browser, on PostgreSQL: ${server.why}.`] : [];
let passed = 0;
let failed = 0;
for (const step of STEPS) {
	if (step.needs === 'postgres' && 'why' in server) {
		notRun.push(`${step.name}: ${server.why}.`);
		continue;
	}
	console.log(`\n== ${step.name}`);
	const [start, spent] = [Date.now(), cpuSeconds()];
	const env = {
		...process.env,
		...(step.needs === 'postgres' ? { ROTALUX_TEST_DATABASE: server.url } : {}),
		...('why' in server ? { ROTALUX_NO_POSTGRES: 'on' } : {})
	};
	const { status } = spawnSync('npx', ['--no-install', ...step.command], { stdio: 'inherit', env });
	const result = counted(step, status === 0);
	passed += result.passed;
	failed += result.failed;
	const word = result.failed === 0 ? 'passed' : 'FAILED';
	const cpu = (cpuSeconds() - spent).toFixed(1);
	console.log(`== ${step.name} ${word} in ${((Date.now() - start) / 1000).toFixed(1)} s, ${cpu} s of CPU time`);
}
if (!('why' in server)) await server.stop();
console.log(`\nCPU time: ${(cpuSeconds() / 60).toFixed(1)} minutes`);
for (const words of notRun) console.log(`NOT RUN: ${words}`);
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
