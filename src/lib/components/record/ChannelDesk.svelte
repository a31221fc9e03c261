<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import type { ChannelsView, TerminalView } from '$lib/core/views';
	import FactRow from './FactRow.svelte';

	/** One channel: its name and message, its facts with their sources, and what it feeds. */
	let {
		shown,
		terminals,
		names,
		onclose,
		onrenamed
	}: {
		shown: ChannelsView['channels'][number];
		terminals: TerminalView[];
		/** What the outputs are called, by id. */
		names: ReadonlyMap<string, string>;
		onclose: () => void;
		onrenamed: (id: string) => void;
	} = $props();

	const desk = getDesk();
	const channel = $derived(shown.channel);
	const feeds = (terminal: TerminalView) =>
		channel.feeds.some((f) => f.socket === terminal.socket && f.function === terminal.function);

	function toggle(terminal: TerminalView): void {
		const others = channel.feeds.filter((f) => f.socket !== terminal.socket || f.function !== terminal.function);
		const added = feeds(terminal) ? [] : [{ socket: terminal.socket, function: terminal.function }];
		void desk.send({ kind: 'channel', channel: { ...channel, feeds: [...others, ...added] } });
	}

	async function rename(event: SubmitEvent & { currentTarget: HTMLFormElement }): Promise<void> {
		event.preventDefault();
		const form = new FormData(event.currentTarget);
		const id = String(form.get('id')).trim();
		const message = String(form.get('message')).trim();
		const { message: _old, ...rest } = channel;
		const next = { ...rest, id, ...(message ? { message } : {}) };
		const outcome = await desk.send({ kind: 'channel', channel: next, former: channel.id });
		if (outcome.ok && id !== channel.id) onrenamed(id);
	}

	async function remove(): Promise<void> {
		const outcome = await desk.send({ kind: 'remove-channel', channel: channel.id });
		if (outcome.ok) onclose();
	}
</script>

<div class="flex items-center justify-between gap-2">
	<h2>{shown.name}</h2>
	<button type="button" class="button" onclick={onclose}>Close</button>
</div>
<form class="mt-1 grid grid-cols-[9rem_1fr_auto] items-end gap-2" onsubmit={rename}>
	<label class="grid gap-0.5 text-sm text-soft"
		>Wire, as the diagram names it <input name="id" class="field text-base text-ink" value={channel.id} /></label
	>
	<label class="grid gap-0.5 text-sm text-soft"
		>What the dash says <input
			name="message"
			class="field min-w-0 text-base text-ink"
			value={channel.message ?? ''}
		/></label
	>
	<button class="button">Save</button>
</form>
<div class="mt-2">
	{#each shown.facts as fact (fact.id)}<FactRow kind="channel" subject={channel.id} {fact} />{/each}
</div>
<fieldset class="mt-3">
	<legend class="font-medium">Feeds</legend>
	{#each terminals as terminal (`${terminal.socket} ${terminal.function}`)}
		{@const other = terminal.channels.find((id) => id !== channel.id)}
		<label class="flex min-h-7 items-center gap-2">
			<input type="checkbox" checked={feeds(terminal)} onchange={() => toggle(terminal)} />
			{terminal.name}{#if other}<span class="text-sm text-soft">
					on {names.get(other)?.toLowerCase() ?? other}</span
				>{/if}
		</label>
	{/each}
</fieldset>
<button type="button" class="button mt-2" onclick={remove}>Take the output out</button>
