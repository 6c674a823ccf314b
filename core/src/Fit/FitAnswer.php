<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Explained;

/** What a fit says once its readings are there. */
final readonly class FitAnswer
{
    /**
     * @param  list<FitRow>  $rows
     * @param  list<Explained>  $how
     */
    public function __construct(public array $rows, public string $next, public string $why, public array $how)
    {
    }
}
