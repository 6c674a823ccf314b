<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Eye;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Eye\SeenError;
use JackRest\Core\Eye\Staircase;
use JackRest\Core\Eye\Trial;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Against people whose sight is known, because they are made up. */
final class SeenErrorTest extends TestCase
{
    private const GUESSED = 0.5;

    private const PEOPLE = 300;

    public function test_nothing_answered_says_nothing(): void
    {
        self::assertNull(SeenError::of([], self::GUESSED));
    }

    public function test_an_error_of_no_size_cannot_be_shown(): void
    {
        $this->expectException(InvalidInput::class);
        new Trial(0.0, true);
    }

    public function test_what_is_guessed_as_often_as_seen_tells_nothing(): void
    {
        $this->expectException(InvalidInput::class);
        SeenError::of([new Trial(1.0, true)], 0.8);
    }

    /** The stated range holds the truth in about eight of ten, and narrows with the answers. */
    public function test_its_range_holds_the_truth_and_narrows(): void
    {
        $random = new Randomizer(new Mt19937(1971));
        $widths = [];
        foreach ([15, 40, 80] as $answers) {
            $held = 0;
            $width = 0.0;
            for ($one = 0; $one < self::PEOPLE; $one++) {
                $truth = exp(self::between($random, log(0.03), log(0.6)));
                $seen = SeenError::of(self::answered($random, $truth, $answers), self::GUESSED);
                self::assertNotNull($seen);
                self::assertSame($answers, $seen->answers);
                self::assertTrue($seen->low <= $seen->size && $seen->size <= $seen->high);
                $held += $seen->low <= $truth && $truth <= $seen->high ? 1 : 0;
                $width += log($seen->high / $seen->low) / self::PEOPLE;
            }
            self::assertGreaterThanOrEqual(0.7, $held / self::PEOPLE, "$answers answers");
            self::assertLessThanOrEqual(0.9, $held / self::PEOPLE, "$answers answers");
            $widths[] = $width;
        }
        self::assertGreaterThan($widths[1], $widths[0]);
        self::assertGreaterThan($widths[2], $widths[1]);
    }

    /** It hovers where Levitt says: 79.4 % right, whoever looks. */
    public function test_the_staircase_hovers_at_what_is_seen_reliably(): void
    {
        $random = new Randomizer(new Mt19937(49));
        $right = $all = 0;
        for ($one = 0; $one < 60; $one++) {
            $trials = array_slice(self::answered($random, exp(self::between($random, -3, -1)), 300), 40);
            $right += count(array_filter($trials, static fn (Trial $trial): bool => $trial->isRight));
            $all += count($trials);
        }
        self::assertEqualsWithDelta(Staircase::SEEN, $right / $all, 0.02);
    }

    public function test_it_goes_down_at_once_until_the_first_wrong_answer_and_stays_within_what_can_be_shown(): void
    {
        $stairs = new Staircase(1.0, 0.1, 2.0);
        $right = static fn (float $size): Trial => new Trial($size, true);
        $wrong = static fn (float $size): Trial => new Trial($size, false);
        self::assertSame(1.0, $stairs->next([]));
        self::assertSame(0.25, $stairs->next([$right(1.0), $right(0.5)]));
        self::assertSame(0.5, $stairs->next([$right(1.0), $right(0.5), $wrong(0.25)]));
        // Now three in a row are asked.
        $erred = [$right(1.0), $right(0.5), $wrong(0.25), $right(0.5), $right(0.5)];
        self::assertSame(0.5, $stairs->next($erred));
        self::assertEqualsWithDelta(0.5 / M_SQRT2, $stairs->next([...$erred, $right(0.5)]), 1e-12);
        self::assertSame(2.0, $stairs->next([$wrong(1.0), $wrong(2.0), $wrong(2.0)]));
        self::assertSame(0.1, $stairs->next(array_fill(0, 9, $right(1.0))));
    }

    /** @return list<Trial> of somebody who sees an error of this size reliably */
    private static function answered(Randomizer $random, float $truth, int $answers): array
    {
        $stairs = new Staircase(1.0, 0.005, 2.0);
        $spread = [0.15, 0.25, 0.4, 0.6][$random->getInt(0, 3)];
        // By the logistic curve: where it is 79.4 % right, with 2 % of slips.
        $share = (Staircase::SEEN - self::GUESSED) / (0.98 - self::GUESSED);
        $middle = log($truth) - $spread * log($share / (1 - $share));
        $trials = [];
        while (count($trials) < $answers) {
            $size = $stairs->next($trials);
            $chance = self::GUESSED + (0.98 - self::GUESSED) / (1 + exp(($middle - log($size)) / $spread));
            $trials[] = new Trial($size, self::between($random, 0, 1) < $chance);
        }

        return $trials;
    }

    private static function between(Randomizer $random, float $from, float $until): float
    {
        return $from + ($until - $from) * $random->getInt(0, 1_000_000) / 1_000_000;
    }
}
