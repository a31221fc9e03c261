<script lang="ts">
	import { readAccessLine, readFastener, type AccessContext } from '$lib/core/access';
	import { readFactInput } from '../record/fact-input';
	import type { StepView } from '$lib/core/views';

	/** What was different at a step: a measure, a fastener nobody knew of, another way in; or only words. */
	let {
		step,
		context,
		onsay
	}: {
		step: StepView;
		context: AccessContext;
		/** Says it: in words, and as a command for the record where it is one. */
		onsay: (text: string, command?: unknown) => void;
	} = $props();

	interface Choice {
		id: string;
		label: string;
		hint: string;
		numeric?: boolean;
		/** The command for the record; words why not where it cannot be read. */
		command: (text: string) => { command: unknown } | { wrong: string };
	}

	const claim = (subject: { kind: string; id: string }, fact: string, value: unknown) => ({
		command: { kind: 'claim', subject, facts: { [fact]: value }, source: 'in-hand', note: 'found at a fitting' }
	});

	function measured(label: string, fact: string): Choice[] {
		const [socket] = step.sockets;
		if (step.kind !== 'lamp' || socket === undefined) return [];
		return [
			{
				id: fact,
				label,
				hint: 'mm',
				numeric: true,
				command: (text) => {
					const value = readFactInput('socket', fact, text);
					return typeof value === 'number'
						? claim({ kind: 'socket', id: socket }, fact, value)
						: { wrong: 'That is no number of mm.' };
				}
			}
		];
	}

	const operation = $derived(context.access?.operations.find(({ id }) => id === step.operation) ?? null);

	const choices = $derived<Choice[]>([
		...measured('Depth behind, measured', 'envelope.rearDepth'),
		...measured('Clearance in front, measured', 'envelope.frontLength'),
		...measured('Opening, measured', 'envelope.opening'),
		...(step.kind === 'lamp'
			? [
					{
						id: 'category',
						label: 'Another lamp sat there',
						hint: 'lamp category, such as W5W',
						command: (text: string) => claim({ kind: 'socket', id: step.sockets[0] ?? '' }, 'category', text)
					}
				]
			: []),
		...(operation
			? [
					{
						id: 'fastener',
						label: 'A fastener nobody had noted',
						hint: '1x T20 hidden under the badge',
						command: (text: string) => {
							const fastener = readFastener(text);
							return fastener
								? claim({ kind: 'operation', id: operation.id }, 'fasteners', [
										...(operation.fasteners ?? []),
										fastener
									])
								: { wrong: 'Not a fastener: say how many, what size, what kind.' };
						}
					},
					{
						id: 'care',
						label: 'Something to mind',
						hint: 'breaks when cold',
						command: (text: string) =>
							claim({ kind: 'operation', id: operation.id }, 'cautions', [...(operation.cautions ?? []), text])
					}
				]
			: []),
		{
			id: 'way',
			label: 'Another way in',
			hint: 'left headlamp out; after grille; reaches low; 6 min',
			command: (text) => {
				const [problem] = readAccessLine(text, context).problems;
				return problem === undefined
					? { command: { kind: 'access-line', line: text, source: 'in-hand' } }
					: { wrong: problem };
			}
		}
	]);

	let what = $state('words');
	let text = $state('');
	let wrong = $state<string | null>(null);
	const chosen = $derived(choices.find(({ id }) => id === what) ?? null);

	function say(event: SubmitEvent): void {
		event.preventDefault();
		const said = text.trim();
		if (said === '') return;
		const made = chosen?.command(said);
		wrong = made && 'wrong' in made ? made.wrong : null;
		if (wrong !== null) return;
		onsay(chosen ? `${chosen.label}: ${said}` : said, made && 'command' in made ? made.command : undefined);
		text = '';
	}
</script>

<form class="grid gap-2" onsubmit={say}>
	<label class="grid gap-1 text-soft"
		>What was different
		<select class="field min-h-12! text-lg text-ink" bind:value={what}>
			<option value="words">Something else, in words</option>
			{#each choices as { id, label } (id)}<option value={id}>{label}</option>{/each}
		</select></label
	>
	<label class="grid gap-1 text-soft"
		>{chosen ? chosen.hint : 'In words'}
		<input
			class="field min-h-12! text-lg text-ink"
			bind:value={text}
			inputmode={chosen?.numeric ? 'decimal' : undefined}
		/></label
	>
	{#if wrong}<p class="text-refuse" role="alert">{wrong}</p>{/if}
	<button class="button min-h-12! justify-center text-lg" data-main
		>{chosen ? 'Put it on record' : 'Keep the note'}</button
	>
</form>
