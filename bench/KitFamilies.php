<?php

declare(strict_types=1);

namespace Bench;

use JackRest\Core\Kit\KitPlanInput;
use JackRest\Core\Kit\Method;
use JackRest\Core\Kit\OperationWanted;
use JackRest\Core\Kit\ToolOffer;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Kits of several kinds, each hard in a way of its own, from a seed, so that a result can be repeated.
 *
 * What makes a cover hard is known from the set-covering problem (J. E. Beasley, 1987 and after): prices that are all
 * alike, many sets of one price, odd circles that halves would serve.
 */
final readonly class KitFamilies
{
    public function __construct(private int $tools = 120, private int $operations = 80, private int $methods = 300)
    {
    }

    /** @return array<string, callable(int): KitPlanInput> a kit from a seed, by what the family is called */
    public function all(): array
    {
        return [
            'random' => $this->random(...),
            'round prices' => $this->roundPrices(...),
            'one price' => fn (int $seed): KitPlanInput => self::priced(
                $this->random($seed),
                static fn (): float => 10.0,
            ),
            'chained needs' => $this->chainedNeeds(...),
            'one tool a method, at one price' => $this->oneTool(...),
            'many ties' => $this->manyTies(...),
            'triangles apart' => $this->triangles(...),
            'triangles that share corners' => $this->sharedTriangles(...),
        ];
    }

    private function random(int $seed): KitPlanInput
    {
        return RandomKit::of($seed, $this->tools, $this->operations, $this->methods);
    }

    private function roundPrices(int $seed): KitPlanInput
    {
        $random = new Randomizer(new Mt19937(1000 + $seed));

        return self::priced(
            $this->random($seed),
            static fn (): float => 10.0 * $random->getInt(1, 5),
        );
    }

    /** Each tool needs the one before it in its row of six. */
    private function chainedNeeds(int $seed): KitPlanInput
    {
        $kit = $this->random($seed);
        $tools = [];
        foreach ($kit->tools as $place => $tool) {
            $tools[] = new ToolOffer($tool->id, $tool->cost, $place % 6 === 0 ? [] : [$kit->tools[$place - 1]->id]);
        }

        return new KitPlanInput($kit->operations, $tools, $kit->methods, []);
    }

    /** Every way takes one tool, every tool costs the same: the bare covering problem. */
    private function oneTool(int $seed): KitPlanInput
    {
        $random = new Randomizer(new Mt19937(2000 + $seed));

        return $this->kit(
            $random,
            static fn (): float => 20.0,
            fn (): array => [self::id('t', $random->getInt(0, $this->tools - 1))],
        );
    }

    /** Two prices, ways of two tools out of few: many sets cost the same. */
    private function manyTies(int $seed): KitPlanInput
    {
        $random = new Randomizer(new Mt19937(3000 + $seed));

        return $this->kit(
            $random,
            static fn (): float => 10.0 * $random->getInt(1, 2),
            fn (): array => [
                self::id('t', $random->getInt(0, $this->tools - 1)),
                self::id('t', $random->getInt(0, $this->tools - 1)),
            ],
        );
    }

    /** Of three tools any two do: halves of all three would serve, and nothing whole does as cheaply. */
    private function triangles(int $seed): KitPlanInput
    {
        $tools = (new Randomizer(new Mt19937(4000 + $seed)))->shuffleArray(range(0, $this->tools - 1));

        return $this->threes(array_chunk($tools, 3));
    }

    private function sharedTriangles(int $seed): KitPlanInput
    {
        $random = new Randomizer(new Mt19937(5000 + $seed));

        return $this->threes(array_map(
            fn (): array => $random->pickArrayKeys(range(0, $this->tools - 1), 3),
            range(1, intdiv($this->tools, 3)),
        ));
    }

    /** @param  list<list<int>>  $threes */
    private function threes(array $threes): KitPlanInput
    {
        $wanted = $ways = [];
        foreach ($threes as $place => $three) {
            foreach (count($three) < 3 ? [] : [[0, 1], [1, 2], [2, 0]] as $side => $corners) {
                $id = self::id('o', $place * 3 + $side);
                $wanted[] = new OperationWanted($id);
                foreach ($corners as $corner) {
                    $ways[] = new Method($id, [self::id('t', $three[$corner])]);
                }
            }
        }

        return new KitPlanInput($wanted, $this->offers(static fn (): float => 10.0), $ways, []);
    }

    /**
     * @param  callable(): float  $price
     * @param  callable(): list<string>  $takes
     */
    private function kit(Randomizer $random, callable $price, callable $takes): KitPlanInput
    {
        $offers = $this->offers($price);
        $wanted = $ways = [];
        foreach (range(0, $this->operations - 1) as $operation) {
            $wanted[] = new OperationWanted(self::id('o', $operation));
        }
        foreach (range(0, $this->methods - 1) as $method) {
            $operation = $method < $this->operations ? $method : $random->getInt(0, $this->operations - 1);
            $ways[] = new Method(self::id('o', $operation), array_values(array_unique($takes())));
        }

        return new KitPlanInput($wanted, $offers, $ways, []);
    }

    /**
     * @param  callable(): float  $price
     * @return list<ToolOffer>
     */
    private function offers(callable $price): array
    {
        return array_map(
            static fn (int $tool): ToolOffer => new ToolOffer(self::id('t', $tool), $price()),
            range(0, $this->tools - 1),
        );
    }

    /** @param  callable(): float  $price */
    private static function priced(KitPlanInput $kit, callable $price): KitPlanInput
    {
        return new KitPlanInput(
            $kit->operations,
            array_map(
                static fn (ToolOffer $tool): ToolOffer => new ToolOffer($tool->id, $price(), $tool->needs),
                $kit->tools,
            ),
            $kit->methods,
            $kit->owned,
        );
    }

    private static function id(string $letter, int $number): string
    {
        return sprintf('%s%03d', $letter, $number);
    }
}
