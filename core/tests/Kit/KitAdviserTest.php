<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use JackRest\Core\Kit\KitAdviser;
use JackRest\Core\Kit\Operation;
use JackRest\Core\Kit\Operations;
use JackRest\Core\Kit\ToolKind;
use JackRest\Core\Kit\ToolKinds;
use JackRest\Core\Kit\Way;
use PHPUnit\Framework\TestCase;

final class KitAdviserTest extends TestCase
{
    private const OWNED = ['bench-chisel', 'marking-knife', 'clamps', 'mallet', 'sharpening-stones'];

    private const PRICES = ['rebate-plane' => 65.0, 'shoulder-plane' => 110.0, 'moving-fillister' => 160.0];

    public function test_it_names_the_cheapest_way_and_what_the_next_would_be(): void
    {
        $advice = (new KitAdviser(['rebate-along' => 3], self::OWNED, self::PRICES))->advise();

        self::assertSame(65.0, $advice->cost);
        self::assertSame('It opens “rebate along the grain”. Without it the cheapest way is a shoulder plane.', $advice->purchases[0]->why());
        self::assertSame(110.0, $advice->purchases[0]->insteadCost);
    }

    public function test_a_dearer_price_turns_the_plan(): void
    {
        $advice = (new KitAdviser(['rebate-along' => 3], self::OWNED, ['rebate-plane' => 120.0] + self::PRICES))->advise();
        self::assertSame('shoulder-plane', $advice->purchases[0]->kind->id);
    }

    public function test_nothing_is_missing_once_it_is_owned(): void
    {
        $advice = (new KitAdviser(['rebate-along' => 3], [...self::OWNED, 'rebate-plane'], self::PRICES))->advise();

        self::assertSame([], $advice->missing());
        self::assertSame([], $advice->purchases);
    }

    public function test_the_only_tool_that_does_it_is_said_to_be(): void
    {
        $advice = (new KitAdviser(['rebate-along' => 4], self::OWNED, ['rebate-plane' => 65.0]))->advise();
        self::assertStringEndsWith('No other tool on your list does it.', $advice->purchases[0]->why());
    }

    public function test_every_way_and_every_need_names_a_known_kind(): void
    {
        $known = array_keys(ToolKinds::all());
        $named = [
            ...array_merge(...array_map(static fn (Operation $operation): array => array_merge(...array_map(static fn (Way $way): array => $way->kinds, $operation->ways)), array_values(Operations::all()))),
            ...array_merge(...array_map(static fn (ToolKind $kind): array => $kind->needs, array_values(ToolKinds::all()))),
        ];

        self::assertSame([], array_values(array_diff($named, $known)));
    }
}
