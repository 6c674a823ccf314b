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

    /** In a sentence; what it said first, then what it missed. */
    public function sentence(): string
    {
        $said = $this->saidAndWas + $this->saidAndWasNot;
        $right = match (true) {
            $this->saidAndWas === 0 => 'never right',
            $this->saidAndWasNot > 0 => 'right '.($this->saidAndWas === 1 ? 'once' : "{$this->saidAndWas} times"),
            default => 'right each time',
        };

        return match (true) {
            $this->count() === 0 => 'No later test has scored it yet.',
            $said === 0 => "It was silent before {$this->tests()}: {$this->missed()}.",
            default => "Before {$this->tests()} it said “moved” ".
                ($said === 1
                    ? 'once, and was '.($this->saidAndWas === 1 ? 'right' : 'wrong')
                    : "$said times, and was $right").
                ($said === $this->count() ? '.' : "; where it was silent, {$this->missed()}."),
        };
    }

    private function missed(): string
    {
        return match ($this->silentAndWas) {
            0 => 'none had moved past its tolerance',
            1 => 'one had moved past its tolerance all the same',
            default => "{$this->silentAndWas} had moved past their tolerance all the same",
        };
    }

    private function tests(): string
    {
        return $this->count() === 1 ? '1 test' : "{$this->count()} tests";
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
