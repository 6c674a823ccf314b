<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

/** A number of the work itself that decides which tools can do it, mm. */
enum Fact: string
{
    case Thickness = 'thickness';
    case Width = 'width';
    case Depth = 'depth';
    case Length = 'length';
    case Gap = 'gap';
    case Diameter = 'diameter';
    case Radius = 'radius';
    case Tolerance = 'tolerance';

    public function label(): string
    {
        return match ($this) {
            self::Thickness => 'the stock’s thickness',
            self::Width => 'its width',
            self::Depth => 'the depth of the cut',
            self::Length => 'its length',
            self::Gap => 'the narrowest gap',
            self::Diameter => 'the hole',
            self::Radius => 'the radius of the curve',
            self::Tolerance => 'the tolerance',
        };
    }

    /** What the field is called where a user types it. */
    public function asks(): string
    {
        return match ($this) {
            self::Thickness => 'stock thickness',
            self::Width => 'width (board, groove, rebate)',
            self::Depth => 'depth of the cut',
            self::Length => 'length',
            self::Gap => 'narrowest gap',
            self::Diameter => 'hole diameter',
            self::Radius => 'radius of the curve',
            self::Tolerance => 'tolerance',
        };
    }
}
