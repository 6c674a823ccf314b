<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use JackRest\Core\Measure\LengthFormatter;

/** What must hold between a tool and the work before a way counts. */
interface Condition
{
    /** The kind of tool it looks at; null: at the work alone. */
    public function kind(): ?string;

    /** @param  array<string, float>  $sizes  the tool's dimensions by name */
    public function holds(array $sizes, Facts $facts): bool;

    /** The rule, in the words of the trade. */
    public function says(LengthFormatter $format): string;

    /**
     * Where it does not hold: what is there and what it takes.
     *
     * @param  array<string, float>  $sizes
     */
    public function shortfall(array $sizes, Facts $facts): Shortfall;
}
