<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\WindingSticks;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\TypedTest;
use JackRest\Desk\Reference\WindingSticks\WindingSticksForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WindingSticksFormTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function form(array $typed, float $resolution = 0.05): WindingSticksForm
    {
        $figures = [
            ...['length' => '450', 'boardWidth' => '150', 'shaving' => '0.05', 'tolerance' => '0.3'],
            ...$typed,
        ];
        // A sheet of paper is as thick as its user says.
        $format = new LengthFormatter(LengthUnit::Millimetre, paperMm: $resolution);

        return WindingSticksForm::of(
            new TypedTest($figures, instrument: Instrument::Paper),
            new ReferenceSizes([]),
            $format,
        );
    }

    /** A board of 1 mm, a far stick 0.5 high at its right, a near one 0.2: read 1.3, turned 0.3, both turned 0.7. */
    public function test_three_readings_part_both_sticks_from_the_board(): void
    {
        $form = self::form(['reading' => '1.3', 'turned' => '0.3', 'nearTurned' => '0.7']);
        self::assertEqualsWithDelta(
            [0.5, 0.2, 1.0],
            [$form->errorMm(), $form->nearErrorMm(), $form->boardMm()],
            1e-12,
        );
        self::assertSame(
            'Take 10 shavings off the right end of the far stick, as it lay first, running out to nothing at the '
                .'other. Then test again.',
            $form->next()->says,
        );
        self::assertSame('On a board 150 mm wide it would look like 0.17 mm of twist.', $form->next()->why);
    }

    public function test_the_worse_of_both_comes_off(): void
    {
        self::assertStringContainsString(
            'off the left end of the near stick',
            self::form(['reading' => '0', 'turned' => '0', 'nearTurned' => '-0.8'])->next()->says,
        );
    }

    /** @param  array<string, string>  $typed */
    #[TestWith([[], 'Lay one stick across each end'])]
    #[TestWith([['reading' => '1'], 'Turn the far stick end for end'])]
    #[TestWith([['reading' => '1', 'turned' => '0.9'], 'Use them: they are true enough'])]
    #[TestWith([['reading' => '1', 'turned' => '0.4'], 'Can’t tell yet.'])]
    #[TestWith([['reading' => '2', 'turned' => '0', 'shaving' => ''], 'Type how thick one shaving is.'])]
    #[TestWith([['reading' => '2', 'turned' => '0', 'tolerance' => ''], 'Type your tolerance.'])]
    #[TestWith([['reading' => 'much'], 'Correct the reading marked ✗'])]
    public function test_the_next_stroke(array $typed, string $says): void
    {
        self::assertStringContainsString($says, self::form($typed)->next()->says);
    }

    /** Half the difference of two readings, each to 0.05: 1.96 · 0.05/√24 = 0.0200. */
    public function test_its_uncertainty_by_hand(): void
    {
        self::assertEqualsWithDelta(0.0200038, self::form(['reading' => '1', 'turned' => '1'])->uncertaintyMm(), 1e-7);
        self::assertNull(self::form(['reading' => '1', 'turned' => '1'])->found());
    }

    /**
     * Sticks read with a rule of 0.05 on random boards, a thousand times: their error lies within ± U 90 to 98 times of
     * a hundred.
     */
    public function test_the_stated_uncertainty_holds(): void
    {
        mt_srand(7);
        $held = 0;
        for ($round = 0; $round < 1000; $round++) {
            [$error, $board] = [mt_rand() / mt_getrandmax(), (3 * mt_rand()) / mt_getrandmax()];
            $read = static fn (float $mm): string => (string) (round($mm / 0.05) * 0.05);
            $held +=
                abs(
                    (float) self::form([
                        'reading' => $read($board + $error),
                        'turned' => $read($board - $error),
                    ])->errorMm() - $error,
                ) <= sqrt(0.05 ** 2 / 6)
                    ? 1
                    : 0;
        }
        self::assertGreaterThan(900, $held);
        self::assertLessThanOrEqual(980, $held);
    }

    public function test_it_is_judged_and_explained(): void
    {
        $form = self::form(['reading' => '1.5', 'turned' => '0.5']);
        self::assertSame(Verdict::Outside, $form->verdict());
        self::assertSame('(1.50 mm − 0.50 mm) ÷ 2 = 0.50 mm', $form->explained()[0]->numbers);
        self::assertSame([], self::form([])->explained());
    }
}
