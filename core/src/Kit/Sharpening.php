<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\School\School;
use JackRest\Core\Tool\Need;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;

/**
 * What somebody who starts small may sharpen with: what is owned, else the cheapest there is or what the school says.
 *
 * The cheapest is a makeshift unless the school says so too: in the end the edges are honed as the school says.
 */
final readonly class Sharpening
{
    private const MAKESHIFT = 2;

    /**
     * @param  list<list<string>>  $with  sets of ids, each of them a way to sharpen
     * @param  list<string>  $kinds  what counts as more than a makeshift
     */
    private function __construct(public array $with, private array $kinds)
    {
    }

    /**
     * @param  list<ToolAtHand>  $owned
     * @param  list<Offer>  $offers
     */
    public static function for(array $owned, array $offers, School $school): self
    {
        $givers = $school->givers(Need::Hone);
        $mine = array_values(
            array_filter($owned, static fn (ToolAtHand $tool): bool => in_array($tool->kind, $givers, true)),
        );
        if ($mine !== []) {
            return new self(
                [[$mine[0]->id]],
                [$givers[0], ...array_map(static fn (ToolAtHand $tool): string => $tool->kind, $mine)],
            );
        }
        $offered = array_values(
            array_filter($offers, static fn (Offer $offer): bool => in_array($offer->kind, $givers, true)),
        );
        usort($offered, static fn (Offer $a, Offer $b): int => $a->price <=> $b->price);
        $own = array_values(array_filter($offered, static fn (Offer $offer): bool => $offer->kind === $givers[0]));
        $with = array_map(static fn (Offer $offer): array => [$offer->id], array_slice($offered, 0, 1));
        if ($own !== [] && ($own[0] !== $offered[0] || $school->guides())) {
            $with[] = [$own[0]->id, ...self::guide($owned, $offers, $school)];
        }

        return new self($with, [$givers[0]]);
    }

    /**
     * @param  list<ToolAtHand>  $owned
     * @param  list<Offer>  $offers
     * @return list<string> the guide that the school wants, where there is one
     */
    private static function guide(array $owned, array $offers, School $school): array
    {
        foreach ($school->guides() ? [...$owned, ...$offers] : [] as $tool) {
            if ($tool->kind === 'honing-guide') {
                return [$tool->id];
            }
        }

        return [];
    }

    /** What a way to hone counts for; null: as much as it does anyway. */
    public function grade(Operation $operation, Way $way): ?int
    {
        return $operation->id !== 'hone' || array_intersect($way->kinds, $this->kinds) !== []
            ? null
            : min(self::MAKESHIFT, $way->grade);
    }
}
