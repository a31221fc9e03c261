<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import { fastenerText, KNOWN_CARES, KNOWN_TOOLS, readFastener } from '$lib/core/access';
	import type { Operation } from '$lib/core/model';
	import type { AccessView, OperationView } from '$lib/core/views';
	import FactRow from '../record/FactRow.svelte';
	import AddChoice from './AddChoice.svelte';
	import AddWords from './AddWords.svelte';
	import NameList from './NameList.svelte';

	/** One operation: what is done, how long it takes, what comes before it, what holds it and what it reaches. */
	let { shown, view, onclose }: { shown: OperationView; view: AccessView; onclose: () => void } = $props();

	const desk = getDesk();
	const operation = $derived(shown.operation);
	const nameOf = $derived(new Map(view.operations.map((one) => [one.operation.id, one.name])));
	const placeName = $derived(new Map(view.places.map(({ id, name }) => [id, name])));
	const named = (ids: readonly string[], names: ReadonlyMap<string, string>) =>
		ids.map((key) => ({ key, text: names.get(key) ?? key }));
	const others = (ids: readonly string[]) =>
		view.operations
			.filter((one) => one.operation.id !== operation.id && !ids.includes(one.operation.id))
			.map((one) => ({ value: one.operation.id, text: one.name }));

	const put = (change: Partial<Operation>) =>
		desk.send({ kind: 'operation', operation: { ...operation, ...change }, former: operation.id, source: desk.source });

	function describe(event: SubmitEvent & { currentTarget: HTMLFormElement }): void {
		event.preventDefault();
		const form = new FormData(event.currentTarget);
		void put({ title: String(form.get('title')).trim(), side: String(form.get('side')) as Operation['side'] });
	}

	/** A list of the operation with one more, or without one. */
	type ListField = 'after' | 'tools' | 'cautions' | 'reaches';
	const more = (field: ListField, value: string) => put({ [field]: [...(operation[field] ?? []), value] });
	const less = (field: ListField, value: string) =>
		put({ [field]: (operation[field] ?? []).filter((other) => other !== value) });

	function addWords(field: 'tools' | 'cautions') {
		return (text: string): null => {
			void more(field, text);
			return null;
		};
	}

	function addFastener(text: string): string | null {
		const fastener = readFastener(text);
		if (!fastener) return 'Not a fastener: say how many, what size, what kind.';
		void put({ fasteners: [...(operation.fasteners ?? []), fastener] });
		return null;
	}

	const routes = $derived(operation.anyOf ?? []);

	async function remove(): Promise<void> {
		const outcome = await desk.send({ kind: 'remove-operation', operation: operation.id });
		if (outcome.ok) onclose();
	}
</script>

<div class="flex items-center justify-between gap-2">
	<h2>{shown.name}</h2>
	<button type="button" class="button" onclick={onclose}>Close</button>
</div>
<form class="mt-1 grid grid-cols-[1fr_6rem_auto] items-end gap-2" onsubmit={describe}>
	<label class="grid gap-0.5 text-sm text-soft"
		>What is done <input name="title" class="field text-base text-ink" value={operation.title} required /></label
	>
	<label class="grid gap-0.5 text-sm text-soft"
		>Side
		<select name="side" class="field text-base text-ink" value={operation.side ?? 'both'}>
			{#each ['both', 'left', 'right'] as side (side)}<option value={side}>{side}</option>{/each}
		</select></label
	>
	<button class="button">Save</button>
</form>
<div class="mt-2">
	{#each shown.facts as fact (fact.id)}<FactRow kind="operation" subject={operation.id} {fact} />{/each}
</div>
<NameList label="After" items={named(operation.after ?? [], nameOf)} onremove={(id) => less('after', id)}>
	{#snippet adding()}
		<AddChoice label="Comes after" choices={others(operation.after ?? [])} onadd={(id) => more('after', id)} />
	{/snippet}
</NameList>
{#each routes as route, r (r)}
	<NameList
		label={`Or by way ${r + 1}`}
		items={named(route, nameOf)}
		onremove={(id) =>
			put({
				anyOf: routes
					.map((other, i) => (i === r ? other.filter((one) => one !== id) : other))
					.filter((other) => other.length > 0)
			})}
	>
		{#snippet adding()}
			<AddChoice
				label={`Also on way ${r + 1}`}
				choices={others(route)}
				onadd={(id) => put({ anyOf: routes.map((other, i) => (i === r ? [...other, id] : other)) })}
			/>
		{/snippet}
	</NameList>
{/each}
<NameList label="Another way" items={[]} onremove={() => undefined}>
	{#snippet adding()}
		<AddChoice label="A way to it of its own" choices={others([])} onadd={(id) => put({ anyOf: [...routes, [id]] })} />
	{/snippet}
</NameList>
<NameList
	label="Fasteners"
	items={(operation.fasteners ?? []).map((one, i) => ({ key: String(i), text: fastenerText(one) }))}
	onremove={(key) => put({ fasteners: (operation.fasteners ?? []).filter((_, i) => String(i) !== key) })}
>
	{#snippet adding()}<AddWords label="Fastener" placeholder="2x 10 mm bolt top" onadd={addFastener} />{/snippet}
</NameList>
<NameList
	label="Tools"
	items={(operation.tools ?? []).map((text) => ({ key: text, text }))}
	onremove={(tool) => less('tools', tool)}
>
	{#snippet adding()}<AddWords label="Tool" known={KNOWN_TOOLS} onadd={addWords('tools')} />{/snippet}
</NameList>
<NameList
	label="Care"
	items={(operation.cautions ?? []).map((text) => ({ key: text, text }))}
	onremove={(care) => less('cautions', care)}
>
	{#snippet adding()}<AddWords label="What to mind" known={KNOWN_CARES} onadd={addWords('cautions')} />{/snippet}
</NameList>
<NameList
	label="Reaches"
	items={named(operation.reaches ?? [], placeName)}
	onremove={(place) => less('reaches', place)}
>
	{#snippet adding()}
		<AddChoice
			label="Reaches"
			choices={view.places
				.filter(({ id }) => !(operation.reaches ?? []).includes(id))
				.map(({ id, name }) => ({ value: id, text: name }))}
			onadd={(place) => more('reaches', place)}
		/>
	{/snippet}
</NameList>
<button type="button" class="button mt-3" onclick={remove}>Take this operation out</button>
