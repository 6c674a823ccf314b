<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Labelled;

/** What a step of a job belongs to, in the order practised. Common practice. */
enum Phase: string implements Labelled
{
    case Prepare = 'prepare';
    case Mark = 'mark';
    case Saw = 'saw';
    case Clear = 'clear';
    case Pare = 'pare';
    case Recess = 'recess';
    case Bore = 'bore';
    case Shape = 'shape';
    case Fit = 'fit';
    case Glue = 'glue';
    case CleanUp = 'clean-up';

    public function label(): string
    {
        return match ($this) {
            self::Prepare => 'prepare',
            self::Mark => 'mark',
            self::Saw => 'saw',
            self::Clear => 'clear the waste',
            self::Pare => 'pare',
            self::Recess => 'cut recesses',
            self::Bore => 'bore',
            self::Shape => 'shape',
            self::Fit => 'fit',
            self::Glue => 'glue',
            self::CleanUp => 'clean up',
        };
    }
}
