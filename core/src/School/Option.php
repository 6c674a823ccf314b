<?php

declare(strict_types=1);

namespace JackRest\Core\School;

/** One answer to a question good people disagree on: its name, why its people hold it, what it changes. */
final readonly class Option
{
    public function __construct(
        public string $id,
        public string $name,
        public string $because,
        public Effect $effect = new Effect(),
    ) {
    }
}
