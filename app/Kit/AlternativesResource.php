<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\Money;
use App\Kit\Answer\AlternativesAnswer;
use App\Kit\Answer\PurchaseAnswer;
use App\Kit\Answer\WorthAnswer;
use App\Work\KitOfBench;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\Purchase;
use JackRest\Desk\Kit\PurchaseWords;

/** What another choice would cost: the next best plan, and the price at which a tool left out would come in. */
final class AlternativesResource
{
    private const MOST = 12;

    private const LOOKED_AT = 30;

    private const SHOWN = 6;

    /** A tool that would have to cost less than a tenth of its price is no alternative. */
    private const NEAR = 0.1;

    public static function of(KitOfBench $kit): AlternativesAnswer
    {
        $planner = $kit->planner();
        $purchases = array_map($planner->purchase(...), array_slice($planner->propose()->buy, 0, self::MOST));
        $possible = array_values(
            array_filter($purchases, static fn (Purchase $purchase): bool => $purchase->extra !== null),
        );
        usort($possible, static fn (Purchase $a, Purchase $b): int => $a->extra <=> $b->extra);

        return new AlternativesAnswer(
            nextBest: $possible === [] ? null : self::nextBest($possible[0]),
            purchases: array_map(
                static fn (Purchase $purchase): PurchaseAnswer => new PurchaseAnswer(
                    offer: $purchase->offer->id,
                    name: $purchase->offer->name,
                    says: PurchaseWords::serves($purchase).
                        ' '.
                        PurchaseWords::instead($purchase).
                        ($purchase->extra === null ? '' : ': '.Money::plain(round($purchase->extra, 2)).' more.'),
                ),
                $purchases,
            ),
            worth: self::worth($kit),
        );
    }

    private static function nextBest(Purchase $purchase): string
    {
        $instead =
            $purchase->instead === [] || $purchase->instead === null
                ? 'do without it'
                : PurchaseWords::listed(
                    array_map(static fn (Offer $offer): string => $offer->name, $purchase->instead),
                ).' instead';

        return "Next best: leave the {$purchase->offer->name}, $instead – ".
            Money::plain(round((float) $purchase->extra, 2)).
            ' more in all.';
    }

    /**
     * The user's own list first, then whatever comes nearest to being worth its price.
     *
     * @return list<WorthAnswer>
     */
    private static function worth(KitOfBench $kit): array
    {
        $planner = $kit->planner();
        $left = array_values(
            array_filter($planner->leftOver(), static fn (Offer $offer): bool => $offer->making === null),
        );
        usort(
            $left,
            static fn (Offer $a, Offer $b): int => [! $a->ownPrice, -$a->price] <=> [! $b->ownPrice, -$b->price],
        );
        $rows = [];
        foreach (array_slice($left, 0, self::LOOKED_AT) as $offer) {
            $below = isset($rows[$offer->kind]) ? null : $planner->worthBelow($offer);
            if ($below !== null && $below >= self::NEAR * $offer->price) {
                $rows[$offer->kind] = new WorthAnswer(
                    offer: $offer->id,
                    name: $offer->name,
                    price: Money::plain($offer->price),
                    says: 'becomes worth it below '.Money::plain(round($below, 2)),
                );
            }
        }

        return array_slice(array_values($rows), 0, self::SHOWN);
    }
}
