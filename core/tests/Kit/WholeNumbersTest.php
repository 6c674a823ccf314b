<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Kit\ToolBag;
use JackRest\Core\Kit\ToolOffer;
use JackRest\Core\Kit\WholeNumbers;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WholeNumbersTest extends TestCase
{
    /** @param  list<float>  $prices */
    #[TestWith([[1.0, 20.0], 1])]
    #[TestWith([[12.5, 3.0], 10])]
    #[TestWith([[0.1, 0.25], 100])]
    #[TestWith([[], 1])]
    public function test_the_scale_is_the_smallest_that_makes_prices_whole(array $prices, int $scale): void
    {
        self::assertSame($scale, WholeNumbers::scaleFor($prices));
    }

    public function test_a_third_takes_the_finest_scale(): void
    {
        self::assertSame(1_000_000_000, WholeNumbers::scaleFor([1 / 3]));
    }

    public function test_prices_beyond_counting_are_refused(): void
    {
        $this->expectException(InvalidInput::class);
        WholeNumbers::scaleFor([1e15]);
    }

    public function test_scaled_prices_add_up_exactly(): void
    {
        self::assertSame([10, 20, 30], WholeNumbers::scaled([0.1, 0.2, 0.3], 100));
    }

    public function test_needs_are_followed_to_the_last(): void
    {
        $bag = new ToolBag([
            new ToolOffer('plane', 1, ['stone']),
            new ToolOffer('stone', 1, ['trough']),
            new ToolOffer('trough', 1),
        ]);
        self::assertSame(['plane', 'stone', 'trough'], array_keys($bag->withNeeds(['plane'])));
    }
}
