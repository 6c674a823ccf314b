<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

/** A tool that does not hang, and why. */
final readonly class LeftOut
{
    public function __construct(public BoardTool $tool, public bool $isTooLarge)
    {
    }
}
