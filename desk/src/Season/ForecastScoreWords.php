<?php

declare(strict_types=1);

namespace JackRest\Desk\Season;

use JackRest\Core\Season\ForecastScore;

/** How often the forecast was right, in a sentence: what it said first, then what it missed. */
final readonly class ForecastScoreWords
{
    public function __construct(private ForecastScore $score)
    {
    }

    public function sentence(): string
    {
        $said = $this->score->saidAndWas + $this->score->saidAndWasNot;

        return match (true) {
            $this->score->count() === 0 => 'No later test has scored it yet.',
            $said === 0 => "It was silent before {$this->tests()}: {$this->missed()}.",
            default => "Before {$this->tests()} it said “moved” ".
                ($said === 1
                    ? 'once, and was '.($this->score->saidAndWas === 1 ? 'right' : 'wrong')
                    : "$said times, and was {$this->right()}").
                ($said === $this->score->count() ? '.' : "; where it was silent, {$this->missed()}."),
        };
    }

    private function right(): string
    {
        $times = $this->score->saidAndWas;

        return match (true) {
            $times === 0 => 'never right',
            $this->score->saidAndWasNot > 0 => 'right '.($times === 1 ? 'once' : "$times times"),
            default => 'right each time',
        };
    }

    private function missed(): string
    {
        return match ($this->score->silentAndWas) {
            0 => 'none had moved past its tolerance',
            1 => 'one had moved past its tolerance all the same',
            default => "{$this->score->silentAndWas} had moved past their tolerance all the same",
        };
    }

    private function tests(): string
    {
        return $this->score->count() === 1 ? '1 test' : "{$this->score->count()} tests";
    }
}
