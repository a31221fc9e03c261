<script lang="ts">
	import type { AnswerForm } from '$lib/core/practice';
	import ChoiceAnswer from './answers/ChoiceAnswer.svelte';
	import LineAnswer from './answers/LineAnswer.svelte';
	import OrderAnswer from './answers/OrderAnswer.svelte';
	import PacksAnswer from './answers/PacksAnswer.svelte';
	import ScrewsAnswer from './answers/ScrewsAnswer.svelte';

	/** The fields of an answer, by the form that the question asks for. What is given is one text. */
	let {
		form,
		chosen = $bindable(),
		disabled,
		send
	}: { form: AnswerForm; chosen: string; disabled: boolean; send: () => void } = $props();
</script>

{#if form.by === 'choice'}<ChoiceAnswer choices={form.choices} bind:chosen {disabled} />
{:else if form.by === 'line'}<LineAnswer context={form.context} bind:chosen {disabled} {send} />
{:else if form.by === 'order'}<OrderAnswer steps={form.steps} bind:chosen {disabled} />
{:else if form.by === 'screws'}<ScrewsAnswer wall={form.wall} bind:chosen {disabled} />
{:else}<PacksAnswer packs={form.packs} bind:chosen {disabled} />{/if}
