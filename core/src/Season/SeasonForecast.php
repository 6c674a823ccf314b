<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

use JackRest\Core\Truing\History\Tested;

/** What the season says of one reference: a claim, or why it keeps silent. */
final readonly class SeasonForecast
{
    private function __construct(
        public ?PredictedError $predicted,
        public ForecastScore $score,
        public ?Silence $silence,
    ) {
    }

    /** Nothing can be computed, and why. */
    public static function silent(Silence $why): self
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
            $last === null => new self(null, $score, Silence::NeverTested),
            $last->corrected => new self(null, $score, Silence::Corrected),
            $droppedDay !== null && $last->day < $droppedDay => new self(null, $score, Silence::Fell),
            $now === null => new self(null, $score, Silence::LogEnded),
            $piece->on($last->day) === null => new self(null, $score, Silence::LogMissing),
            default => new self($forecast->on($known, $now), $score, null),
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
}
