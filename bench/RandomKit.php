<?php

declare(strict_types=1);

namespace Bench;

use JackRest\Core\Kit\KitPlanInput;
use JackRest\Core\Kit\Method;
use JackRest\Core\Kit\OperationWanted;
use JackRest\Core\Kit\ToolOffer;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Kits of any size from a seed, so that a result can be repeated. */
final class RandomKit
{
    public static function of(
        int $seed,
        int $tools,
        int $operations,
        int $methods,
        ?float $budget = null,
        int $dearest = 200,
    ): KitPlanInput {
        $random = new Randomizer(new Mt19937($seed));
        $offers = [];
        for ($tool = 0; $tool < $tools; $tool++) {
            // A tool may need one or two of the tools before it, so that needs never go in a circle.
            $needs =
                $tool > 5 && $random->getInt(1, 10) <= 3
                    ? array_unique([
                        self::id('t', $random->getInt(0, $tool - 1)),
                        self::id('t', $random->getInt(0, min(9, $tool - 1))),
                    ])
                    : [];
            $offers[] = new ToolOffer(self::id('t', $tool), (float) $random->getInt(1, $dearest), array_values($needs));
        }
        $wanted = $ways = [];
        for ($operation = 0; $operation < $operations; $operation++) {
            $wanted[] = new OperationWanted(self::id('o', $operation), weight: (float) $random->getInt(1, 5));
        }
        for ($method = 0; $method < $methods; $method++) {
            $operation = $method < $operations ? $method : $random->getInt(0, $operations - 1);
            $takes = [];
            for ($count = $random->getInt(1, 4); $count > 0; $count--) {
                $takes[] = self::id('t', $random->getInt(0, $tools - 1));
            }
            $ways[] = new Method(
                self::id('o', $operation),
                array_values(array_unique($takes)),
                (float) $random->getInt(1, 5),
            );
        }
        $owned = array_map(static fn (int $tool): string => self::id('t', $tool * 9), range(0, intdiv($tools - 1, 9)));

        return new KitPlanInput($wanted, $offers, $ways, $owned, $budget);
    }

    private static function id(string $letter, int $number): string
    {
        return sprintf('%s%03d', $letter, $number);
    }
}
