<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Job;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Job\SquareOverBoard;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use PHPUnit\Framework\TestCase;

final class SquareOverBoardTest extends TestCase
{
    public function test_an_error_grows_with_the_board_whichever_way_it_leans(): void
    {
        foreach ([0.05, -0.05] as $error) {
            $tested = new Tested(0.0, $error, 0.03, Verdict::Within);
            self::assertEqualsWithDelta(0.12, (new SquareOverBoard($tested, 200.0, 300.0))->outMm, 1e-12);
            self::assertTrue((new SquareOverBoard($tested, 200.0, 375.0))->isTrusted(), 'a joint bears 0.15 mm');
            self::assertFalse((new SquareOverBoard($tested, 200.0, 380.0))->isTrusted());
        }
        $this->expectException(InvalidInput::class);
        new SquareOverBoard(new Tested(0.0, 0.0, 0.0, Verdict::Within), 0.0, 300.0);
    }
}
