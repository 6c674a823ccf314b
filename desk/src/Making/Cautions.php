<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

/** The usual cautions of making; common practice, no source. */
final class Cautions
{
    public const TEXT = 'Hands and body behind the edge, work clamped, never the hand you pare towards; a chisel '
        .'breaks through suddenly. Wood dust harms: a mask, or carry it away. Oily rags can take fire. These are the '
        .'usual cautions; local rules, the makers’ instructions and trained teaching come first.';
}
