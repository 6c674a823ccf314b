<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Day;

use JackRest\Core\Day\Wait;
use JackRest\Desk\Day\WaitWords;
use PHPUnit\Framework\TestCase;

final class WaitWordsTest extends TestCase
{
    public function test_who_waits_for_which_stone_is_said(): void
    {
        self::assertSame(
            'After the 1000 stone: jack iron waits for the 4000 stone.',
            WaitWords::sentence(new Wait('1000 stone', ['jack iron'], '4000 stone')),
        );
        self::assertSame(
            'After the 1000 stone: jack iron, 12 mm chisel wait for the strop.',
            WaitWords::sentence(new Wait('1000 stone', ['jack iron', '12 mm chisel'], 'strop')),
        );
    }
}
