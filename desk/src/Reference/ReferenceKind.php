<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Reference\Flat\FlatReference;
use JackRest\Desk\Reference\SlopeTemplate\SlopeTemplateReference;
use JackRest\Desk\Reference\Square\SquareReference;
use JackRest\Desk\Reference\Straightedge\StraightedgeReference;
use JackRest\Desk\Reference\WindingSticks\WindingSticksReference;
use LogicException;

/** What can be a reference. A new one is a case here and a class of {@see TestedReference}. */
enum ReferenceKind: string
{
    case Square = 'square';
    case Straightedge = 'straightedge';
    case Sticks = 'sticks';
    case Slope = 'slope';
    case Sole = 'sole';
    case Stone = 'stone';
    case Board = 'board';

    public function reference(): TestedReference
    {
        return match ($this) {
            self::Square => new SquareReference,
            self::Straightedge => new StraightedgeReference,
            self::Sticks => new WindingSticksReference,
            self::Slope => new SlopeTemplateReference,
            self::Sole, self::Stone, self::Board => new FlatReference($this),
        };
    }

    /** What such a thing may be out before anybody has said otherwise, mm. */
    public function usualToleranceMm(): float
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        foreach ($this->reference()->asks(new ReferenceSizes([]), $format) as $asked) {
            if ($asked instanceof FormField && $asked->name === 'tolerance') {
                return (float) $asked->begins;
            }
        }

        throw new LogicException("a reference of kind {$this->value} has no tolerance");
    }
}
