<?php

declare(strict_types=1);

namespace JackRest\Core\School;

/** One answer to a question good people disagree on: its name, why its people hold it, what it changes. */
final readonly class Option
{
    /** @param  string|null  $kind  of the tool that it comes down to, where its effect does not name one */
    public function __construct(
        public string $id,
        public string $name,
        public string $because,
        public Effect $effect = new Effect(),
        private ?string $kind = null,
    ) {
    }

    /** The kind of tool that it comes down to; null: it is about no one tool. */
    public function shownBy(): ?string
    {
        $effect = $this->effect;

        return $this->kind ?? $effect->prefers[0] ?? $effect->hones ?? array_key_first($effect->sizes)
            ?? ($effect->guide ? 'honing-guide' : null);
    }
}
