<?php

declare(strict_types=1);

namespace JackRest\Desk\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\Judged;
use JackRest\Core\Shelf\Ranking;
use JackRest\Core\Shelf\RestVerdict;
use JackRest\Desk\Advice;

/** Which of the ranked blanks to take, in words. */
final readonly class BlankAdvice
{
    public function __construct(private Ranking $ranking, private LengthFormatter $format)
    {
    }

    public function next(): Advice
    {
        $best = $this->ranking->best();
        $by = $this->ranking->isLogged ? '' : ' Based on a usual year; a log of your own air would be surer.';

        return match (true) {
            $this->ranking->judged === [] => new Advice(
                'Write down the blanks on your shelf.',
                'Length, width, thickness, rings and run-out: they tell which blank moves least.',
            ),
            $best === null => new Advice(
                'None of these is for that piece.',
                $this->ranking->judged[0]->blank->name.
                    ' comes nearest: '.
                    lcfirst((new JudgedWords($this->ranking->judged[0], $this->format))->first()),
            ),
            default => new Advice($this->says($best), (new JudgedWords($best, $this->format))->moves().$by),
        };
    }

    private function says(Judged $best): string
    {
        $name = $best->blank->name;

        return match ($best->blank->rest->verdict) {
            RestVerdict::NotBegun => "Take the $name: prepare it, measure it, and leave it a week.",
            RestVerdict::Resting => "Wait for the $name: it is resting.",
            RestVerdict::Due => "Measure the $name again: its week is over.",
            default => "Take the $name.",
        };
    }
}
