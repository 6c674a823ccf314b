<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use JackRest\Core\Kit\Makeable;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\School\School;
use JackRest\Core\Tool\ToolKinds;
use PHPUnit\Framework\TestCase;

/** Which tools can really be made with the others. */
final class MakeableTest extends TestCase
{
    /**
     * @param  list<string>  $owned
     * @param  list<string>  $made
     * @param  list<string>  $bought
     * @return list<string> kinds that can be made, in order
     */
    private static function among(array $owned, array $made, array $bought = []): array
    {
        $offer = static fn (string $kind, bool $make): Offer => new Offer(
            $kind,
            $kind,
            $kind,
            ToolKinds::named($kind)->usualSizes(),
            1.0,
            $make ? ToolKinds::named($kind)->making : null,
        );
        $planned = [
            ...array_map(static fn (string $kind): Offer => $offer($kind, true), $made),
            ...array_map(static fn (string $kind): Offer => $offer($kind, false), $bought),
        ];

        return array_map(
            static fn (Offer $made): string => $made->kind,
            Makeable::among(
                array_map(static fn (string $kind): ToolAtHand => new ToolAtHand("own-$kind", $kind, $kind), $owned),
                $planned,
                new School(),
            ),
        );
    }

    public function test_a_strop_takes_a_saw(): void
    {
        self::assertSame([], self::among([], ['strop']));
        self::assertSame(['strop'], self::among(['crosscut-handsaw'], ['strop']));
    }

    public function test_what_is_bought_with_it_counts(): void
    {
        self::assertSame(['strop'], self::among([], ['strop'], ['crosscut-handsaw']));
    }

    /** The stop first: the jack counts only against it; then the block, planed flat. */
    public function test_one_made_tool_helps_to_make_the_next(): void
    {
        self::assertSame(
            ['planing-stop', 'paring-block'],
            self::among(['crosscut-handsaw', 'jack-plane', 'waterstones'], ['paring-block', 'planing-stop']),
        );
    }

    public function test_two_that_each_need_the_other_first_are_left_over(): void
    {
        self::assertSame([], self::among([], ['mallet', 'winding-sticks']));
    }
}
