<script lang="ts">
	import { enhance } from '$app/forms';
	import type { ShownKit } from '$lib/core/showing';

	/** What a person chose by hand, each with the way to let the kit choose again. */
	let { choices }: { choices: ShownKit['byHand'] } = $props();
</script>

<h2>Chosen by hand · {choices.length}</h2>
<ul>
	{#each choices as choice (choice.socket)}
		<li class="border-b border-line py-1.5 last:border-0">
			<span class="font-medium">{choice.name}</span> <span class="text-soft">{choice.product}</span>
			<form method="post" action="?/free" use:enhance>
				<input type="hidden" name="socket" value={choice.socket} />
				<button class="link text-sm">Let the kit choose again</button>
			</form>
		</li>
	{/each}
</ul>
