<?php

declare(strict_types=1);

namespace JackRest\Core\School;

/** What the user decided about one kind of tool, whatever the school holds. */
enum Overrule: string
{
    case Offer = 'offer';
    case LeaveOut = 'leave-out';
    case Make = 'make';
    case Buy = 'buy';

    public function label(): string
    {
        return match ($this) {
            self::Offer => 'offer it',
            self::LeaveOut => 'leave it out',
            self::Make => 'make it',
            self::Buy => 'buy it',
        };
    }
}
