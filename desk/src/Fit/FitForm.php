<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit;

use JackRest\Desk\Explanation;
use JackRest\Desk\Measure\Figure;

/** A fit as far as it has been typed: readings, the tools side by side, and which to take. */
final readonly class FitForm
{
    /**
     * @param  array<string, Figure>  $figures  by field
     * @param  list<FitRow>  $rows  the best first
     * @param  list<Explanation>  $how
     */
    public function __construct(public array $figures, public array $rows, public string $next, public string $why, public array $how)
    {
    }
}
