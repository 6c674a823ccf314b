<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\School\School;
use JackRest\Core\Tool\ShopMade;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Task;

/**
 * Which tools of a plan can really be made with the others.
 *
 * Begins with what is owned or bought and adds each tool that can then be made, until nothing more can be; so two
 * tools that would each need the other first are both left over.
 */
final class Makeable
{
    /**
     * @param  list<ToolAtHand>  $owned
     * @param  list<Offer>  $planned
     * @return list<Offer> in the order in which they can be made
     */
    public static function among(array $owned, array $planned, School $school): array
    {
        $atHand = [
            ...$owned,
            ...array_map(
                self::asTool(...),
                array_filter($planned, static fn (Offer $offer): bool => $offer->making === null),
            ),
        ];
        $waiting = array_values(array_filter($planned, static fn (Offer $offer): bool => $offer->making !== null));
        $made = [];
        do {
            $coverage = new Coverage(new ToolsAtHand(array_values($atHand)), $school);
            $now = array_values(
                array_filter($waiting, static fn (Offer $offer): bool => self::isPossible($offer, $coverage)),
            );
            $waiting = array_values(
                array_filter($waiting, static fn (Offer $offer): bool => ! in_array($offer, $now, true)),
            );
            $made = [...$made, ...$now];
            $atHand = [...$atHand, ...array_map(self::asTool(...), $now)];
        } while ($now !== []);

        return $made;
    }

    private static function isPossible(Offer $offer, Coverage $coverage): bool
    {
        $making = $offer->making;
        foreach ($making->operations ?? [] as $operation) {
            $task = new Task(Operations::named($operation), minGrade: $making->least ?? ShopMade::SOUND);
            if (! $coverage->of($task)->isEnough()) {
                return false;
            }
        }

        return true;
    }

    private static function asTool(Offer $offer): ToolAtHand
    {
        return new ToolAtHand($offer->id, $offer->kind, $offer->name, $offer->sizes);
    }
}
