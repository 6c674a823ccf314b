<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit;

use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;

/** What a fit says once its readings are there. */
final readonly class FitResult
{
    /**
     * @param  list<FitRow>  $rows
     * @param  list<Explanation>  $how
     */
    public function __construct(public array $rows, public Advice $next, public array $how)
    {
    }
}
