<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

use JackRest\Core\Tool\ToolKind;

/**
 * The most to offer for a second-hand tool of one kind, for every way its checks can stand: reckoned beforehand, for a
 * place where nothing can be asked.
 *
 * Each check stands at 0 not made, 1 sound, 2 to mend; one that cannot be mended at 0 or 1. The place of a price is
 * read off like the figures of a number: the first check counts ones, each later one the product of the standings that
 * those before it have. Prices are whole, rounded down as they are told. A reason to walk away ends the matter and has
 * no place in it. The sum is that of {@see Offering}.
 */
final readonly class PriceTable
{
    /**
     * @param  list<Check>  $checks
     * @param  list<int>  $standings  how many each check can have
     * @param  list<int>  $most  the most to offer, by its place
     */
    private function __construct(public array $checks, public array $standings, public array $most)
    {
    }

    /**
     * @param  float  $goodPrice  what a good one is worth to the user
     * @param  float  $perHour  what an hour is worth to them
     */
    public static function of(ToolKind $kind, float $goodPrice, float $perHour): self
    {
        $checks = Checks::of($kind);
        $standings = array_map(static fn (Check $check): int => $check->mending === null ? 2 : 3, $checks);
        $most = [];
        for ($place = 0; $place < array_product($standings); $place++) {
            $findings = self::findings($checks, $standings, $place);
            $most[] = Offering::of($goodPrice, $perHour, $findings)->wholeMost();
        }

        return new self($checks, $standings, $most);
    }

    /**
     * @param  list<Check>  $checks
     * @param  list<int>  $standings
     * @return list<Finding>
     */
    private static function findings(array $checks, array $standings, int $place): array
    {
        $findings = [];
        foreach ($checks as $at => $check) {
            $findings[] = Finding::byEye($check, [null, Outcome::Sound, Outcome::Mend][$place % $standings[$at]]);
            $place = intdiv($place, $standings[$at]);
        }

        return $findings;
    }
}
