<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Kit;

use JackRest\Core\Kit\KitPlanner;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\WantedTool;
use JackRest\Core\School\School;
use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Task;
use JackRest\Desk\Kit\PurchaseWords;
use PHPUnit\Framework\TestCase;

/** The real catalogue, planned. */
final class PlanInWordsTest extends TestCase
{
    private const BASIS = ['bench-chisel', 'marking-knife', 'clamps', 'mallet', 'waterstones', 'planing-stop'];

    /**
     * @param  list<Task>  $tasks
     * @param  list<string>  $owned  kinds
     * @param  array<string, float|null>  $wanted  price by kind
     */
    private static function planner(
        array $tasks,
        array $owned = self::BASIS,
        array $wanted = [],
        ?School $school = null,
        ?float $budget = null,
    ): KitPlanner {
        return new KitPlanner(
            [new PlannedWork('1', 'work', $tasks)],
            array_map(static fn (string $kind): ToolAtHand => new ToolAtHand("own-$kind", $kind, $kind), $owned),
            array_map(
                static fn (string $kind, ?float $price): WantedTool => new WantedTool(
                    "my-$kind",
                    $kind,
                    "my $kind",
                    [],
                    $price,
                ),
                array_keys($wanted),
                array_values($wanted),
            ),
            $school ?? new School(),
            $budget,
        );
    }

    public function test_it_names_what_a_tool_opens_and_the_next_best(): void
    {
        $planner = self::planner([Ask::for('rebate-along', Facts::of(width: 11))]);
        $purchase = $planner->purchase($planner->propose()->buy[0]);

        self::assertSame('The plan has it for “rebate along the grain”.', PurchaseWords::serves($purchase));
        self::assertSame(
            'Instead: a shoulder plane, 20 mm',
            preg_replace('/\d+ mm/', '20 mm', PurchaseWords::instead($purchase)),
        );
        self::assertSame(45.0, $purchase->extra);
    }
}
