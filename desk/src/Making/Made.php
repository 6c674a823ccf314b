<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

/** The tool that hangs on the board when the plan is done. */
final readonly class Made
{
    /** @param  array<string, float>  $sizes  by the names of the kind's dimensions */
    public function __construct(public string $kind, public array $sizes)
    {
    }
}
