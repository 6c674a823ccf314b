<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Explained;
use JackRest\Core\Measure\Figure;

/** A fit as far as it has been typed: readings, the tools side by side, and which to take. */
final readonly class FitSheet
{
    /**
     * @param  array<string, Figure>  $figures  by field
     * @param  list<FitRow>  $rows  the best first
     * @param  list<Explained>  $how
     */
    public function __construct(public array $figures, public array $rows, public string $next, public string $why, public array $how)
    {
    }
}
