<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Idle;

use Bench\Glpk;
use JackRest\Core\Idle\RedundantSet;
use JackRest\Core\Idle\RedundantTools;
use JackRest\Core\Idle\WithoutOne;
use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\Method;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\School\School;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Task;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The largest set of tools that loses nothing: proven, compared with GLPK and with trying every set. */
final class RedundantToolsTest extends TestCase
{
    /** @return array{list<Task>, list<ToolAtHand>, array<string, float>} a kit and works by chance */
    private static function chance(int $seed, int $tools, int $tasks): array
    {
        mt_srand($seed);
        $kinds = ToolKinds::all();
        $owned = $worth = [];
        for ($number = 0; $number < $tools; $number++) {
            $kind = $kinds[array_rand($kinds)];
            $sizes = array_map(
                static fn (float $usual): float => round(($usual * mt_rand(80, 125)) / 100, 2),
                $kind->usualSizes(),
            );
            $owned[] = new ToolAtHand("t$number", $kind->id, "{$kind->name} $number", $sizes);
            $worth["t$number"] = (float) mt_rand(5, 120);
        }
        $operations = Operations::all();
        $wanted = [];
        for ($number = 0; $number < $tasks; $number++) {
            $wanted[] = new Task($operations[array_rand($operations)], new Facts(), mt_rand(2, 4));
        }

        return [$wanted, $owned, $worth];
    }

    /**
     * @param  list<Task>  $tasks
     * @param  list<ToolAtHand>  $owned
     * @param  list<string>  $gone
     */
    private static function losesNothing(array $tasks, array $owned, array $gone): bool
    {
        $now = new Coverage(new ToolsAtHand($owned), new School());
        $then = new Coverage(
            new ToolsAtHand(
                array_values(
                    array_filter($owned, static fn (ToolAtHand $tool): bool => ! in_array($tool->id, $gone, true)),
                ),
            ),
            new School(),
        );
        foreach ($tasks as $task) {
            $before = $now->of($task);
            if (
                $before->isEnough() &&
                $before->best !== null &&
                ($then->of($task)->best->way->grade ?? 0) < $before->best->way->grade
            ) {
                return false;
            }
        }

        return true;
    }

    /** What goes loses nothing, by the coverage itself; its worth is what GLPK finds for the same kit. */
    #[TestWith([1, 40, 25])]
    #[TestWith([2, 60, 40])]
    #[TestWith([3, 90, 60])]
    #[TestWith([4, 140, 60])]
    public function test_the_largest_set_is_that_of_glpk(int $seed, int $tools, int $tasks): void
    {
        [$wanted, $owned, $worth] = self::chance($seed, $tools, $tasks);
        $search = new RedundantTools($wanted, $owned, $worth, [], new School());
        foreach ([[$search->byWorth(), $worth], [$search->byNumber(), $search->onePlusWorth()]] as [$set, $prices]) {
            self::assertTrue($set->isProven);
            self::assertTrue(self::losesNothing($wanted, $owned, $set->ids()));
            $goes = array_sum(array_map(static fn (string $id): float => $prices[$id], $set->ids()));
            self::assertEqualsWithDelta(array_sum($prices) - Glpk::objective($search->problem($prices)), $goes, 1e-6);
        }
    }

    /** Twelve tools, every set of them tried: none larger loses nothing. */
    #[TestWith([11])]
    #[TestWith([12])]
    #[TestWith([13])]
    #[TestWith([14])]
    public function test_no_set_at_all_is_larger(int $seed): void
    {
        [$wanted, $owned, $worth] = self::chance($seed, 12, 60);
        $best = 0.0;
        for ($bits = 0; $bits < 2 ** 12; $bits++) {
            $gone = array_values(
                array_filter(
                    array_keys($worth),
                    static fn (string $id): bool => ($bits >> (int) substr($id, 1)) % 2 === 1,
                ),
            );
            $sum = array_sum(array_map(static fn (string $id): float => $worth[$id], $gone));
            $best = $sum > $best && self::losesNothing($wanted, $owned, $gone) ? $sum : $best;
        }
        self::assertEqualsWithDelta(
            $best,
            (new RedundantTools($wanted, $owned, $worth, [], new School()))->byWorth()->worth,
            1e-9,
        );
    }

    public function test_what_is_kept_for_its_own_sake_stays(): void
    {
        [$wanted, $owned, $worth] = self::chance(5, 40, 20);
        $free = (new RedundantTools($wanted, $owned, $worth, [], new School()))->byWorth();
        $loved = $free->ids()[0];
        $kept = (new RedundantTools($wanted, $owned, $worth, [$loved => true], new School()))->byWorth();
        self::assertNotContains($loved, $kept->ids());
        self::assertGreaterThanOrEqual($free->worth - $worth[$loved], $kept->worth);
    }

    /** What can go together can also go alone; what would be lost alone cannot go. */
    public function test_each_alone_agrees_with_the_set(): void
    {
        [$wanted, $owned, $worth] = self::chance(6, 60, 40);
        $set = new RedundantSet([], 0.0, true);
        $set = (new RedundantTools($wanted, $owned, $worth, [], new School()))->byWorth();
        $alone = new WithoutOne($wanted, $owned, new School());
        foreach ($owned as $tool) {
            $going = $alone->of($tool);
            self::assertSame(self::losesNothing($wanted, $owned, [$tool->id]), $going->isLossless(), $tool->name);
            self::assertTrue($going->isLossless() || ! in_array($tool->id, $set->ids(), true));
        }
    }

    /**
     * What may go from some drawers, and how much is asked for it: a change to either shows here. Written anew by
     * JACKREST_WRITE_WORKED=1.
     */
    public function test_what_may_go_is_what_was_read(): void
    {
        $text = '';
        foreach ([new School(), new School(['angle' => 'guide'])] as $school) {
            foreach ([21, 22, 23] as $seed) {
                [$wanted, $owned, $worth] = self::chance($seed, 70, 30);
                $search = new RedundantTools($wanted, $owned, $worth, [$owned[3]->id => true], $school);
                $both = [[$search->byWorth(), $worth], [$search->byNumber(), $search->onePlusWorth()]];
                foreach ($both as [$set, $of]) {
                    $problem = $search->problem($of);
                    $takes = array_map(static fn (Method $one): int => count($one->tools), $problem->methods);
                    $text .= sprintf(
                        "%d: %d operations, %d methods of %d tools; worth %g: %s\n",
                        $seed,
                        count($problem->operations),
                        count($problem->methods),
                        array_sum($takes),
                        $set->worth,
                        implode(' ', $set->ids()),
                    );
                }
                $alone = new WithoutOne($wanted, $owned, $school);
                foreach (array_slice($owned, 0, 25) as $tool) {
                    $going = $alone->of($tool);
                    $text .= "  {$tool->kind} serves {$alone->serves($tool)}: ".json_encode($going)."\n";
                }
            }
        }
        $file = __DIR__.'/going.txt';
        if (getenv('JACKREST_WRITE_WORKED') === '1') {
            file_put_contents($file, $text);
        }
        self::assertSame((string) file_get_contents($file), $text);
    }
}
