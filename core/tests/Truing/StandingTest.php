<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Truing\Standing;
use JackRest\Core\Truing\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class StandingTest extends TestCase
{
    #[TestWith([null, null, false, 'It has never been tested.'])]
    #[TestWith([Verdict::Within, '2026-03-02T00:00:00Z', false, 'It has not been tested since it fell.'])]
    #[TestWith([Verdict::Within, '2026-02-28T00:00:00Z', false, null])]
    #[TestWith([Verdict::Outside, null, true, 'It was planed and not tested again.'])]
    #[TestWith([Verdict::Outside, null, false, 'The last test found it outside your tolerance.'])]
    #[TestWith([Verdict::CannotTell, null, false, 'The last test could not tell.'])]
    #[TestWith([Verdict::Within, null, false, null])]
    public function test_why_a_reference_wants_testing(?Verdict $verdict, ?string $dropped, bool $planed, ?string $due): void
    {
        self::assertSame($due, Standing::due($verdict, '2026-03-01T00:00:00Z', $dropped, $planed));
    }
}
