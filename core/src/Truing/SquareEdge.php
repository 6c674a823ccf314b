<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** The edge of the blade along which the line is knifed. */
enum SquareEdge: string
{
    case Outer = 'outer';
    case Inner = 'inner';
}
