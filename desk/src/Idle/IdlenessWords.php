<?php

declare(strict_types=1);

namespace JackRest\Desk\Idle;

use JackRest\Core\Idle\Idleness;
use JackRest\Core\Idle\IdleReason;

/** How long a tool has not been used, and why that may be. */
final readonly class IdlenessWords
{
    public function __construct(private Idleness $idleness)
    {
    }

    public function sentence(): string
    {
        $one = $this->idleness;

        return match (true) {
            $one->daysSinceUse === null && $one->daysHere < 2 => 'Hung up just now.',
            $one->daysSinceUse === null => 'No use written down; here '.self::since($one->daysHere).'.',
            $one->daysSinceUse === 0 => 'Used today.',
            default => 'Last used '.
                self::since($one->daysSinceUse).
                ' ago'.
                ($one->uses > 1 ? ", $one->uses times in all." : '.'),
        };
    }

    /** Why it may stand idle; null: nothing is known of that. */
    public function why(): ?string
    {
        $for = $this->idleness->boughtFor;

        return match ($this->idleness->reason()) {
            null => null,
            IdleReason::NotAsked => $for === null
                ? 'No chosen work asks for it.'
                : "It was got for $for; no chosen work asks for it now.",
            IdleReason::SetUp => 'It takes '.round($this->idleness->setUp).' minutes to set up, every time.',
            IdleReason::Practice => 'It wants a practised hand.',
            IdleReason::Rarely => 'The chosen works ask for it rarely.',
        };
    }

    private static function since(int $days): string
    {
        return match (true) {
            $days < 2 => '1 day',
            $days < 60 => "$days days",
            $days < 730 => round($days / 30.44).' months',
            default => floor($days / 365.25).' years',
        };
    }
}
