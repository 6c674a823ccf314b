<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

/** What a recess is told of before it is begun, in the order in which it is told. */
enum RecessWarning: string
{
    case ClampABatten = 'clamp-a-batten';
    case FenceTooShort = 'fence-too-short';
    case SeverTheWallsFirst = 'sever-the-walls-first';
    case StraightIronAcrossGrain = 'straight-iron-across-grain';
    case StopByGaugeLine = 'stop-by-gauge-line';
    case DeeperThanHalf = 'deeper-than-half';
}
