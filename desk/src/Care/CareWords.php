<?php

declare(strict_types=1);

namespace JackRest\Desk\Care;

use JackRest\Core\Care\CareRound;
use JackRest\Core\Care\Stock;
use JackRest\Core\Measure\LengthFormatter;

/** When a round of care was made last, and how much of a consumable is left. */
final class CareWords
{
    public static function last(CareRound $round): string
    {
        $every = 'every '.(int) round($round->everyDays).' days';

        return match ($round->daysSince) {
            null => "Not done yet, as far as is written down; $every.",
            0 => "Done today; $every.",
            1 => "Done yesterday; $every.",
            default => "Done {$round->daysSince} days ago; $every.",
        };
    }

    public static function left(Stock $stock): string
    {
        $left = $stock->left();
        $one = $stock->of->one();
        $says = $left >= 10 ? (string) round($left) : LengthFormatter::decimal($left, 1);

        return match (true) {
            $left < 0.5 => "Hardly any $one left",
            $says === '1' => "About 1 $one left",
            default => "About $says {$one}s left",
        }.", by {$stock->of->by($stock->usedTimes)} since.";
    }
}
