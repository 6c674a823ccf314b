<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

use JackRest\Core\Truing\Verdict;

/**
 * How often the forecast was right: before each test it is asked what it would have said from the tests before that one
 * and the air until that day, and the test then says what was so. Tests that could not tell do not count.
 */
final readonly class ForecastScore
{
    public function __construct(
        public int $saidAndWas,
        public int $saidAndWasNot,
        public int $silentAndWasNot,
        public int $silentAndWas,
        private float $squares,
    ) {
    }

    public static function none(): self
    {
        return new self(0, 0, 0, 0, 0.0);
    }

    /** @param  list<TestedWood>  $tests  of one reference, in the order they were made */
    public static function of(DriftForecast $forecast, array $tests): self
    {
        $score = self::none();
        foreach ($tests as $index => $tested) {
            $predicted =
                $index === 0 || $tested->test->verdict === Verdict::CannotTell
                    ? null
                    : $forecast->on(array_slice($tests, 0, $index), $tested->mcPct);
            if ($predicted !== null) {
                $score = $score->with($predicted, $tested->test->verdict === Verdict::Outside);
            }
        }

        return $score;
    }

    public function and(self $other): self
    {
        return new self(
            $this->saidAndWas + $other->saidAndWas,
            $this->saidAndWasNot + $other->saidAndWasNot,
            $this->silentAndWasNot + $other->silentAndWasNot,
            $this->silentAndWas + $other->silentAndWas,
            $this->squares + $other->squares,
        );
    }

    public function count(): int
    {
        return $this->saidAndWas + $this->saidAndWasNot + $this->silentAndWasNot + $this->silentAndWas;
    }

    /**
     * Mean square of chance told less what was so: 0 is a seer, 0.25 a coin. Source: G. W. Brier, Monthly Weather
     * Review 78 (1950).
     */
    public function brier(): ?float
    {
        return $this->count() === 0 ? null : $this->squares / $this->count();
    }

    private function with(PredictedError $predicted, bool $wasOutside): self
    {
        $said = $predicted->isClaim();

        return $this->and(
            new self(
                (int) ($said && $wasOutside),
                (int) ($said && ! $wasOutside),
                (int) (! $said && ! $wasOutside),
                (int) (! $said && $wasOutside),
                ($predicted->chance() - (float) $wasOutside) ** 2,
            ),
        );
    }
}
