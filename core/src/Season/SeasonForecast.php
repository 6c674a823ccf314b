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
        public ?PredictedError $foretold,
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
        $foretelling = new DriftForecast($leverage->mmPerPct($wood, $lengthMm), $toleranceMm);
        $score = ForecastScore::of($foretelling, $known);
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
            default => new self($foretelling->on($known, $now), $score, ''),
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
        return $this->foretold !== null && $this->foretold->isClaim();
    }

    /**
     * What is said of it; of one that has probably not moved past its tolerance only that.
     *
     * @param  array{string, string}  $sides  what an error above nought means, and one below
     */
    public function says(array $sides, LengthFormatter $format): string
    {
        $foretold = $this->foretold;

        return match (true) {
            $foretold === null => $this->silence,
            $foretold->isClaim() => 'Probably '.
                $format->small($foretold->sizeMm()).
                ' out'.
                $this->side($foretold, $sides).
                ', '.
                $format->small($foretold->beyondMm()).
                ' past your '.
                $format->small($foretold->toleranceMm).
                '.',
            default => 'Probably within your '.$format->small($foretold->toleranceMm).'.',
        };
    }

    /** From which reading, and by what. */
    public function why(LengthFormatter $format): string
    {
        $foretold = $this->foretold;
        if ($foretold === null) {
            return '';
        }
        $pct = static fn (float $value): string => LengthFormatter::decimal($value, 1).' %';
        $change = $foretold->mcPct - $foretold->fromMcPct;
        $moved =
            abs($change) < self::NOTHING_PCT
                ? "its wood is at {$pct($foretold->mcPct)}, as it was then"
                : 'its wood has '.
                    ($change > 0 ? 'taken up' : 'given off').
                    " {$pct(abs($change))} since and is at {$pct($foretold->mcPct)}";
        $by = $foretold->isLearnt
            ? "its own tests have it move {$format->small(abs($foretold->mmPerPct))} for each per cent"
            : "its grain lets it move up to {$format->small($foretold->leverageMmPerPct)} for each per cent, to "
                .'either side';

        return 'From the test of '.
            gmdate('j F Y', (int) ($foretold->from->day * ClimateLine::SECONDS_PER_DAY)).
            ", {$format->small(abs($foretold->from->errorMm))} out: $moved; $by.";
    }

    /** @param  array{string, string}  $sides */
    private function side(PredictedError $foretold, array $sides): string
    {
        return abs($foretold->errorMm) < $foretold->deviationMm
            ? ', to which side cannot be told'
            : ', '.$sides[$foretold->errorMm > 0 ? 0 : 1];
    }
}
