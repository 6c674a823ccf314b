<?php

declare(strict_types=1);

namespace JackRest\Core\Idle;

/** Why a tool may stand idle. */
enum IdleReason
{
    case NotAsked;
    case SetUp;
    case Practice;
    case Rarely;
}
