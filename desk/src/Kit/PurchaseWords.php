<?php

declare(strict_types=1);

namespace JackRest\Desk\Kit;

use JackRest\Core\Kit\Article;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\Purchase;
use JackRest\Core\Work\Task;

/** Says what the plan loses without a purchase, and what would be got instead. */
final class PurchaseWords
{
    private const NAMED = 3;

    public static function serves(Purchase $purchase): string
    {
        $names = array_map(static fn (Task $task): string => "“{$task->operation->name}”", $purchase->opens);
        $rest = count($names) - self::NAMED;

        return match (true) {
            $names === [] => 'Other tools need it.',
            $rest > 0 => 'The plan has it for '.
                implode(', ', array_slice($names, 0, self::NAMED)).
                " and $rest more.",
            default => 'The plan has it for '.self::listed($names).'.',
        };
    }

    /** What stands in for it; the caller adds what that costs more. */
    public static function instead(Purchase $purchase): string
    {
        return match (true) {
            $purchase->instead === null => 'No other tool does it.',
            $purchase->instead === [] => 'The rest of the plan would do without it',
            default => 'Instead: '.
                self::listed(
                    array_map(static fn (Offer $offer): string => Article::with($offer->name), $purchase->instead),
                ),
        };
    }

    /** @param  list<string>  $names */
    public static function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names)." and $last";
    }
}
