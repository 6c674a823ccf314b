<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Idle;

use JackRest\Core\Idle\Idleness;
use JackRest\Core\Idle\IdleReason;
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

    #[TestWith([800, null, 0, 0.0, 1, IdleReason::NotAsked])]
    #[TestWith([800, 500, 3, 8.0, 1, IdleReason::SetUp])]
    #[TestWith([800, 500, 3, 1.0, 3, IdleReason::Practice])]
    #[TestWith([800, 500, 1, 1.0, 1, IdleReason::Rarely])]
    #[TestWith([800, 500, 3, 1.0, 1, null])]
    #[TestWith([800, 10, 3, 8.0, 3, null])]
    public function test_why_it_may_stand_idle(
        int $here,
        ?int $since,
        int $serves,
        float $setUp,
        int $skill,
        ?IdleReason $why,
    ): void {
        self::assertSame($why, (new Idleness($here, $since, 1, $serves, $setUp, $skill))->reason());
    }

    /** Half a year is 180 days and a year 360: on the day itself it is not idle yet, and two tasks are rare. */
    #[TestWith([180, 3, false])]
    #[TestWith([181, 3, true])]
    #[TestWith([360, 2, false])]
    #[TestWith([361, 2, true])]
    #[TestWith([181, 2, false])]
    public function test_the_day_on_which_it_begins_to_stand_idle(int $since, int $serves, bool $idle): void
    {
        self::assertSame($idle, (new Idleness(900, $since, 3, $serves))->isIdle());
    }

    public function test_five_minutes_of_setting_up_keep_it_on_the_wall(): void
    {
        self::assertSame(IdleReason::SetUp, (new Idleness(900, 500, 1, 3, 5.0))->reason());
        self::assertNull((new Idleness(900, 500, 1, 3, 4.9))->reason());
        self::assertNull((new Idleness(900, 500, 1, 3, 4.9, 2))->reason());
        self::assertSame([0.0, 1, null], [
            (new Idleness(1, 1, 1, 1))->setUp, (new Idleness(1, 1, 1, 1))->skill, (new Idleness(1, 1, 1, 1))->boughtFor,
        ]);
    }
}
