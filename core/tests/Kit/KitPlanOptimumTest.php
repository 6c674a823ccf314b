<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use Bench\Glpk;
use Bench\KitFamilies;
use Bench\RandomKit;
use JackRest\Core\Kit\KitPlan;
use JackRest\Core\Kit\KitPlanInput;
use JackRest\Core\Kit\Method;
use JackRest\Core\Kit\OperationWanted;
use JackRest\Core\Kit\ToolOffer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The cheapest kit against GLPK, and its ties against every subset of the tools. */
final class KitPlanOptimumTest extends TestCase
{
    /** @return iterable<string, array{KitPlanInput, float|null}> */
    public static function instancesForGlpk(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "everything, seed $seed" => [RandomKit::of($seed, 30, 15, 50), null];
        }
        foreach (range(1, 6) as $seed) {
            yield "within 300, seed $seed" => [RandomKit::of($seed, 30, 15, 50, 300), 300.0];
        }
        foreach (range(1, 6) as $seed) {
            yield "graded 2 or better, seed $seed" => [self::floored(RandomKit::of(40 + $seed, 30, 15, 60)), null];
            yield "graded 2 or better within 200, seed $seed" => [
                self::floored(RandomKit::of(60 + $seed, 30, 15, 60, 200)),
                200.0,
            ];
        }
        foreach (range(1, 4) as $seed) {
            yield "many ties, seed $seed" => [RandomKit::of($seed, 25, 14, 45, null, 2), null];
        }
    }

    /** The same kit with a quality floor; operations that nothing serves so well are left out. */
    private static function floored(KitPlanInput $kit): KitPlanInput
    {
        $served = array_fill_keys(
            array_map(
                static fn (Method $method): string => $method->operation,
                array_filter($kit->methods, static fn (Method $method): bool => $method->grade >= 2.0),
            ),
            true,
        );
        $wanted = array_filter(
            $kit->operations,
            static fn (OperationWanted $operation): bool => isset($served[$operation->id]),
        );

        return new KitPlanInput(
            array_values(
                array_map(
                    static fn (OperationWanted $operation): OperationWanted => new OperationWanted(
                        $operation->id,
                        2.0,
                        $operation->weight,
                    ),
                    $wanted,
                ),
            ),
            $kit->tools,
            $kit->methods,
            $kit->owned,
            $kit->budget,
        );
    }

    /** GLPK (Debian package glpk-utils) solves the same kit as an integer program. */
    #[DataProvider('instancesForGlpk')]
    public function test_the_optimum_is_the_one_that_glpk_finds(KitPlanInput $kit, ?float $budget): void
    {
        $plan = (new KitPlan())($kit);
        $unserved = array_flip($plan->unserved ?? []);
        $served = array_sum(
            array_map(
                static fn (OperationWanted $operation): float => isset($unserved[$operation->id])
                    ? 0.0
                    : $operation->weight,
                $kit->operations,
            ),
        );

        self::assertTrue($plan->provenOptimal);
        self::assertEqualsWithDelta(Glpk::objective($kit), $budget === null ? $plan->cost : $served, 1e-6);
        self::assertTrue($budget === null || $plan->cost <= $budget);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 25) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /** The kinds of kits that are hard in a way of their own, small enough for GLPK. */
    #[DataProvider('families')]
    public function test_every_family_ends_proven_at_the_optimum_of_glpk(KitPlanInput $kit): void
    {
        $plan = (new KitPlan())($kit);
        self::assertTrue($plan->provenOptimal);
        self::assertSame($plan->cost, $plan->lowerBound);
        self::assertEqualsWithDelta(Glpk::objective($kit), $plan->cost, 1e-6);
    }

    /** @return iterable<string, array{KitPlanInput}> */
    public static function families(): iterable
    {
        foreach ((new KitFamilies(48, 30, 100))->all() as $family => $make) {
            foreach ([1, 2, 3] as $seed) {
                yield "$family, seed $seed" => [$make($seed)];
            }
        }
        // Twelve, thirty and a hundred triangles: each alone, or the proof grows without end.
        foreach ([36, 90, 300] as $tools) {
            yield "triangles of $tools tools" => [(new KitFamilies($tools))->all()['triangles apart'](7)];
        }
    }

    /** Cost, then count, then alphabet, against trying every subset of the tools. */
    #[DataProvider('seeds')]
    public function test_ties_are_broken_as_trying_every_subset_would(int $seed): void
    {
        $kit = RandomKit::of($seed, 11, 5, 14, null, 3);
        self::assertSame(self::bestOfAllSubsets($kit), (new KitPlan())($kit)->buy);
    }

    /** Many sets of the same cost and number: only the alphabet tells. */
    #[DataProvider('smallFamilies')]
    public function test_ties_of_every_family_are_broken_likewise(KitPlanInput $kit): void
    {
        self::assertSame(self::bestOfAllSubsets($kit), (new KitPlan())($kit)->buy);
    }

    /** @return iterable<string, array{KitPlanInput}> */
    public static function smallFamilies(): iterable
    {
        foreach ((new KitFamilies(9, 6, 15))->all() as $family => $make) {
            foreach (range(1, 5) as $seed) {
                yield "$family, seed $seed" => [$make($seed)];
            }
        }
    }

    /** Weight first, then cost, count and alphabet. */
    #[DataProvider('seeds')]
    public function test_ties_within_a_budget_are_broken_likewise(int $seed): void
    {
        $kit = RandomKit::of(200 + $seed, 11, 6, 15, (float) (($seed % 7) + 1), 3);
        self::assertSame(self::bestOfAllSubsets($kit), (new KitPlan())($kit)->buy);
    }

    /** @return list<string> */
    private static function bestOfAllSubsets(KitPlanInput $kit): array
    {
        $offers = array_values(
            array_filter($kit->tools, static fn (ToolOffer $tool): bool => ! in_array($tool->id, $kit->owned, true)),
        );
        $best = null;
        for ($subset = 0; $subset < 2 ** count($offers); $subset++) {
            $bought = array_values(
                array_filter(
                    $offers,
                    static fn (int $index): bool => (bool) (($subset >> $index) & 1),
                    ARRAY_FILTER_USE_KEY,
                ),
            );
            $ids = array_map(static fn (ToolOffer $tool): string => $tool->id, $bought);
            $cost = array_sum(array_map(static fn (ToolOffer $tool): float => $tool->cost, $bought));
            $served = self::weightServed($kit, [...$kit->owned, ...$ids]);
            $rank = [-$served, $cost, count($ids), $ids];
            if ($cost <= ($kit->budget ?? INF) && ($best === null || $rank < $best)) {
                $best = $rank;
            }
        }

        return $best[3] ?? [];
    }

    /** @param  list<string>  $ids */
    private static function weightServed(KitPlanInput $kit, array $ids): float
    {
        $needs = array_column(
            array_map(static fn (ToolOffer $tool): array => ['id' => $tool->id, 'needs' => $tool->needs], $kit->tools),
            'needs',
            'id',
        );
        do {
            $before = count($ids);
            $ids = array_values(
                array_filter($ids, static fn (string $id): bool => array_diff($needs[$id], $ids) === []),
            );
        } while (count($ids) < $before);
        $weight = 0.0;
        foreach ($kit->operations as $operation) {
            $ways = array_filter(
                $kit->methods,
                static fn (Method $method): bool => $method->operation === $operation->id &&
                    array_diff($method->tools, $ids) === [],
            );
            $weight += $ways === [] ? 0.0 : $operation->weight;
        }

        return $weight;
    }
}
