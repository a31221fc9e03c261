<script lang="ts">
	import { resetMode, setMode, userPrefersMode } from 'mode-watcher';

	/** Light, dark, or as the system says; this browser remembers it. */
	const CHOICES = [
		{ id: 'system', words: 'as the system says', choose: () => resetMode() },
		{ id: 'light', words: 'light', choose: () => setMode('light') },
		{ id: 'dark', words: 'dark', choose: () => setMode('dark') }
	] as const;
</script>

<fieldset class="flex flex-wrap gap-4">
	<legend class="sr-only">Theme of this browser</legend>
	{#each CHOICES as { id, words, choose } (id)}
		<label class="flex min-h-9 items-center gap-2"
			><input
				type="radio"
				name="theme"
				value={id}
				checked={userPrefersMode.current === id}
				onchange={choose}
				class="size-4 accent-(--sea)"
			/>{words}</label
		>
	{/each}
</fieldset>
