<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\History\Tested;

/** What the season says of one reference: a claim, or why it keeps silent. */
final readonly class SeasonForecast
{
    /** Less than this of moisture is told as no change, per cent. */
    private const NOTHING_PCT = 0.1;

    private function __construct(
        public ?PredictedError $predicted,
        public ForecastScore $score,
        private string $silence,
    ) {
    }

    /** Nothing can be reckoned, and why. */
    public static function silent(string $why): self
    {
        return new self(null, ForecastScore::none(), $why);
    }

    /**
     * @param  list<Tested>  $tests  of one edge, in the order they were made
     * @param  float  $lengthMm  of the blade, edge, stick or line that is tested
     * @param  float|null  $droppedDay  when it fell last: that moves it too, and no moisture explains it
     */
    public static function of(
        MoistureResponse $leverage,
        ReferenceWood $wood,
        float $lengthMm,
        array $tests,
        float $toleranceMm,
        PieceInShed $piece,
        float $today,
        ?float $droppedDay = null,
    ): self {
        $known = [];
        foreach (self::apart($tests, $droppedDay) as $test) {
            $moisture = $piece->on($test->day);
            if ($moisture !== null) {
                $known[] = new TestedWood($test, $moisture);
            }
        }
        $forecast = new DriftForecast($leverage->mmPerPct($wood, $lengthMm), $toleranceMm);
        $score = ForecastScore::of($forecast, $known);
        $last = $tests[count($tests) - 1] ?? null;
        $now = $piece->on($today);

        return match (true) {
            $last === null => new self(null, $score, 'It has never been tested.'),
            $last->corrected => new self(null, $score, 'It was planed and not tested again.'),
            $droppedDay !== null && $last->day < $droppedDay => new self(
                null,
                $score,
                'It fell since its last test: no season tells what that did.',
            ),
            $now === null => new self(null, $score, 'The log does not reach to today.'),
            $piece->on($last->day) === null => new self(
                null,
                $score,
                'The log does not tell how moist it was at its last test.',
            ),
            default => new self($forecast->on($known, $now), $score, ''),
        };
    }

    /**
     * The tests before a fall and those after it are two runs, as before and after a correction.
     *
     * @param  list<Tested>  $tests
     * @return list<Tested>
     */
    private static function apart(array $tests, ?float $droppedDay): array
    {
        return array_map(
            static function (Tested $test, int $index) use ($tests, $droppedDay): Tested {
                $next = $tests[$index + 1] ?? null;
                $fellBetween =
                    $droppedDay !== null && $next !== null && $test->day < $droppedDay && $next->day >= $droppedDay;

                return $fellBetween
                    ? new Tested($test->day, $test->errorMm, $test->uncertaintyMm, $test->verdict, true)
                    : $test;
            },
            $tests,
            array_keys($tests),
        );
    }

    public function isClaim(): bool
    {
        return $this->predicted !== null && $this->predicted->isClaim();
    }

    /**
     * What is said of it; of one that has probably not moved past its tolerance only that.
     *
     * @param  array{string, string}  $sides  what an error above nought means, and one below
     */
    public function says(array $sides, LengthFormatter $format): string
    {
        $predicted = $this->predicted;

        return match (true) {
            $predicted === null => $this->silence,
            $predicted->isClaim() => 'Probably '.
                $format->small($predicted->sizeMm()).
                ' out'.
                $this->side($predicted, $sides).
                ', '.
                $format->small($predicted->beyondMm()).
                ' past your '.
                $format->small($predicted->toleranceMm).
                '.',
            default => 'Probably within your '.$format->small($predicted->toleranceMm).'.',
        };
    }

    /** From which reading, and by what. */
    public function why(LengthFormatter $format): string
    {
        $predicted = $this->predicted;
        if ($predicted === null) {
            return '';
        }
        $pct = static fn (float $value): string => LengthFormatter::decimal($value, 1).' %';
        $change = $predicted->mcPct - $predicted->fromMcPct;
        $moved =
            abs($change) < self::NOTHING_PCT
                ? "its wood is at {$pct($predicted->mcPct)}, as it was then"
                : 'its wood has '.
                    ($change > 0 ? 'taken up' : 'given off').
                    " {$pct(abs($change))} since and is at {$pct($predicted->mcPct)}";
        $by = $predicted->isLearnt
            ? "its own tests have it move {$format->small(abs($predicted->mmPerPct))} for each per cent"
            : "its grain lets it move up to {$format->small($predicted->leverageMmPerPct)} for each per cent, to "
                .'either side';

        return 'From the test of '.
            gmdate('j F Y', (int) ($predicted->from->day * ClimateLine::SECONDS_PER_DAY)).
            ", {$format->small(abs($predicted->from->errorMm))} out: $moved; $by.";
    }

    /** @param  array{string, string}  $sides */
    private function side(PredictedError $predicted, array $sides): string
    {
        return abs($predicted->errorMm) < $predicted->deviationMm
            ? ', to which side cannot be told'
            : ', '.$sides[$predicted->errorMm > 0 ? 0 : 1];
    }
}
