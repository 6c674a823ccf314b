<?php

declare(strict_types=1);

namespace Tests\Http;

use Database\Factories\EdgeFactory;
use Database\Factories\ToolFactory;

/** A bench kept for years. */
final class LongListTest extends HttpTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $bench = self::bench();
        foreach (range(1, 120) as $number) {
            $chisel = ToolFactory::at($bench)->ofKind('bench-chisel', ['length' => 260, 'width' => $number % 38 + 3]);
            $edge = EdgeFactory::at($bench)->of($chisel->named("chisel number $number")->createOne());
            ($number % 3 === 0 ? $edge->dull() : $edge)->named("edge number $number")->createOne();
        }
    }

    public function test_every_blunt_edge_is_a_line_on_the_bench_with_its_minutes(): void
    {
        $bench = $this->ask('GET', '/api/bench')->assertOk();
        $before = array_filter(
            $bench->json('chores'),
            static fn (array $chore): bool => $chore['kind'] !== 'go-on-with-job',
        );
        self::assertCount(46, $before);
        self::assertSame(array_sum(array_map(intval(...), array_column($before, 'minutes'))), $bench->json('minutes'));
    }

    public function test_all_edges_are_listed_worst_first(): void
    {
        $conditions = $this->ask('GET', '/api/edges')->json('edges.*.condition');
        self::assertCount(132, $conditions);
        self::assertSame(['dull', 'touch-up', 'sharp'], array_values(array_unique($conditions)));
    }

    public function test_many_of_a_kind_change_nothing_in_the_plan(): void
    {
        $this->ask('GET', '/api/kit')->assertJsonCount(174, 'board')->assertJsonPath('plan.cost', 317);
    }

    public function test_find_stops_at_what_can_be_read(): void
    {
        $this->ask('GET', '/api/search?q=number')->assertJsonCount(12, 'hits');
    }
}
