<script lang="ts">
	/** One question that a look at the vehicle answers. */
	let {
		question,
		left,
		onanswer
	}: {
		question: { id: string; text: string; answers: { id: string; text: string }[] };
		left: number;
		onanswer: (question: string, answer: string) => void;
	} = $props();
</script>

<div class="panel grid gap-2 border-sea! p-3">
	<p class="text-sm text-soft">Look at the vehicle · {left} are possible</p>
	<h2>{question.text}</h2>
	<div class="grid gap-1.5">
		{#each question.answers as answer (answer.id)}
			<button type="button" class="button min-h-11! whitespace-normal!" onclick={() => onanswer(question.id, answer.id)}
				>{answer.text}</button
			>
		{/each}
		<button type="button" class="button min-h-11! border-dashed!" onclick={() => onanswer(question.id, 'unknown')}
			>Don't know, ask something else</button
		>
	</div>
</div>
