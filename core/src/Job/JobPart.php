<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Labelled;

/** What a step is done to, and counted by. */
enum JobPart: string implements Labelled
{
    case Piece = 'piece';
    case Board = 'board';
    case End = 'end';
    case Joint = 'joint';

    public function label(): string
    {
        return $this->value;
    }
}
