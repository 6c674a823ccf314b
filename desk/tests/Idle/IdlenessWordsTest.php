<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Idle;

use JackRest\Core\Idle\Idleness;
use JackRest\Desk\Idle\IdlenessWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class IdlenessWordsTest extends TestCase
{
    #[TestWith([400, 213, 3, 'Last used 7 months ago, 3 times in all.'])]
    #[TestWith([400, 1, 1, 'Last used 1 day ago.'])]
    #[TestWith([400, 0, 1, 'Used today.'])]
    #[TestWith([400, null, 0, 'No use written down; here 13 months.'])]
    #[TestWith([1, null, 0, 'Hung up just now.'])]
    #[TestWith([1000, 800, 1, 'Last used 2 years ago.'])]
    public function test_what_is_said_of_it(int $here, ?int $since, int $uses, string $says): void
    {
        self::assertSame($says, (new IdlenessWords(new Idleness($here, $since, $uses, 5)))->sentence());
    }

    public function test_why_it_may_stand_idle(): void
    {
        $why = static fn (Idleness $one): ?string => (new IdlenessWords($one))->why();
        self::assertSame(
            'It was got for the shelf; no chosen work asks for it now.',
            $why(new Idleness(800, null, 0, 0, boughtFor: 'the shelf')),
        );
        self::assertSame('No chosen work asks for it.', $why(new Idleness(800, null, 0, 0)));
        self::assertSame('It takes 8 minutes to set up, every time.', $why(new Idleness(800, 500, 1, 3, 8.0)));
        self::assertSame('It wants a practised hand.', $why(new Idleness(800, 500, 1, 3, 1.0, 3)));
        self::assertSame('The chosen works ask for it rarely.', $why(new Idleness(800, 500, 1, 1)));
        self::assertNull($why(new Idleness(800, 10, 1, 3)));
    }
}
