<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Idle;

use JackRest\Core\Idle\Idleness;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class IdlenessTest extends TestCase
{
    /** Half a year where the works ask for it often, a year where they ask rarely; a newcomer is never idle. */
    #[TestWith([400, 100, 5, false])]
    #[TestWith([400, 200, 5, true])]
    #[TestWith([400, 200, 1, false])]
    #[TestWith([800, 400, 1, true])]
    #[TestWith([90, null, 0, false])]
    #[TestWith([400, null, 0, true])]
    #[TestWith([400, null, 4, false])]
    public function test_when_it_stands_idle(int $here, ?int $since, int $serves, bool $idle): void
    {
        self::assertSame($idle, (new Idleness($here, $since, 3, $serves))->isIdle());
    }

    public function test_what_is_said_of_it(): void
    {
        self::assertSame('Last used 7 months ago, 3 times in all.', (new Idleness(400, 213, 3, 5))->sentence());
        self::assertSame('Used today.', (new Idleness(400, 0, 1, 5))->sentence());
        self::assertSame('No use written down; here 13 months.', (new Idleness(400, null, 0, 5))->sentence());
    }

    public function test_why_it_may_stand_idle(): void
    {
        self::assertSame(
            'It was got for the shelf; no chosen work asks for it now.',
            (new Idleness(800, null, 0, 0, boughtFor: 'the shelf'))->why(),
        );
        self::assertSame('No chosen work asks for it.', (new Idleness(800, null, 0, 0))->why());
        self::assertSame('It takes 8 minutes to set up, every time.', (new Idleness(800, 500, 1, 3, 8.0))->why());
        self::assertSame('It wants a practised hand.', (new Idleness(800, 500, 1, 3, 1.0, 3))->why());
        self::assertNull((new Idleness(800, 10, 1, 3))->why());
    }
}
