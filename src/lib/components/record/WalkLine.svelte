<script lang="ts">
	import { resolve } from '$app/paths';
	import { getDesk } from '$lib/client/record-desk.svelte';
	import { completions, readWalkLine, type WalkContext } from '$lib/core/walk';
	import { walkQuery } from '$lib/core/views/lamp-seen';
	import LineField from '../ui/LineField.svelte';
	import Reading from './Reading.svelte';
	import SourceSelect from './SourceSelect.svelte';

	/** The walk-line: one socket, or a pair of them, in one short line. Enter adds and moves on. */
	let {
		context,
		vehicle,
		begun = ''
	}: {
		context: WalkContext;
		/** Id of the vehicle. */
		vehicle: string;
		/** What stands in the line already. */
		begun?: string;
	} = $props();

	const desk = getDesk();
	let field = $state<ReturnType<typeof LineField>>();

	/** Puts a beginning into the line, for places that are usually there. */
	export const begin = (text: string): Promise<void> | undefined => field?.begin(text);

	const add = async (line: string) => (await desk.send({ kind: 'add-line', line, source: desk.source })).ok;
</script>

<LineField
	bind:this={field}
	label="Walk-line: what, where, lamp category, lens, optic, in any order"
	placeholder="low h7 projector clear"
	{begun}
	focused={context.sockets.length === 0}
	offersAt={completions}
	isReady={(line) => readWalkLine(line, context).problems.length === 0}
	onadd={add}
>
	{#snippet beside(line)}
		<SourceSelect bind:value={desk.source} label="What you go by" />
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with the way back behind it -->
		<a class="button" href={`${resolve('/reference/lamps')}?${walkQuery({ vehicle, line })}`}>Which lamp is this?</a>
	{/snippet}
	{#snippet reading(line, underway)}<Reading {line} reading={readWalkLine(line, context)} {underway} />{/snippet}
</LineField>
