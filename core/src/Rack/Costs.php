<?php

declare(strict_types=1);

namespace JackRest\Core\Rack;

use JackRest\Core\Abrasive\Medium;

/** What the pieces of one medium cost over the years, so that cheap and dear can be compared. */
final readonly class Costs
{
    /** @param  non-empty-list<RackStone>  $pieces  of one medium, each with its price */
    private function __construct(public Medium $medium, private array $pieces)
    {
    }

    /**
     * @param  list<RackStone>  $rack
     * @return list<self> cheapest an edge first; pieces without a price are left out
     */
    public static function byMedium(array $rack): array
    {
        $groups = [];
        foreach ($rack as $piece) {
            if ($piece->price !== null) {
                $groups[$piece->stone->medium->value][] = $piece;
            }
        }
        $costs = array_map(
            static fn (array $pieces): self => new self($pieces[0]->stone->medium, $pieces),
            array_values($groups),
        );
        usort(
            $costs,
            static fn (self $a, self $b): int => [$a->perEdge(), $a->medium->value] <=> [
                $b->perEdge(),
                $b->medium->value,
            ],
        );

        return $costs;
    }

    /** Wear of all its pieces for one edge taken across each of them, in the user's currency. */
    public function perEdge(): float
    {
        return array_sum(
            array_map(static fn (RackStone $piece): float => (float) $piece->price / $piece->lasts(), $this->pieces),
        );
    }

    /** What is paid for them in so many years: a worn piece is bought again, the first ones count. */
    public function after(int $years, float $edgesPerYear): float
    {
        return array_sum(
            array_map(
                static fn (RackStone $piece): float => (float) $piece->price *
                    max(1, ceil(($years * $edgesPerYear) / $piece->lasts() - 1e-9)),
                $this->pieces,
            ),
        );
    }
}
