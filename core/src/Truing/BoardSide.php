<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** A board's long edges, seen from its near end. */
enum BoardSide: string
{
    case Left = 'left';
    case Right = 'right';
}
