<?php

declare(strict_types=1);

namespace JackRest\Desk\Season;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Season\PredictedError;
use JackRest\Core\Season\SeasonForecast;
use JackRest\Core\Season\Silence;

/** What the season says of a reference, in words: its claim, or why it keeps silent. */
final readonly class SeasonForecastWords
{
    /** Less than this of moisture is told as no change, per cent. */
    private const NOTHING_PCT = 0.1;

    public function __construct(private SeasonForecast $forecast, private LengthFormatter $format)
    {
    }

    /**
     * What is said of it; of one that has probably not moved past its tolerance only that.
     *
     * @param  array{string, string}  $sides  what an error above nought means, and one below
     */
    public function says(array $sides): string
    {
        $predicted = $this->forecast->predicted;

        return match (true) {
            $predicted === null => $this->silence(),
            $predicted->isClaim() => 'Probably '.
                $this->format->small($predicted->sizeMm()).
                ' out'.
                $this->side($predicted, $sides).
                ', '.
                $this->format->small($predicted->beyondMm()).
                ' past your '.
                $this->format->small($predicted->toleranceMm).
                '.',
            default => 'Probably within your '.$this->format->small($predicted->toleranceMm).'.',
        };
    }

    /** From which reading, and by what. */
    public function why(): string
    {
        $predicted = $this->forecast->predicted;
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
            ? "its own tests have it move {$this->format->small(abs($predicted->mmPerPct))} for each per cent"
            : "its grain lets it move up to {$this->format->small($predicted->leverageMmPerPct)} for each per cent, to "
                .'either side';

        return 'From the test of '.
            gmdate('j F Y', (int) ($predicted->from->day * ClimateLine::SECONDS_PER_DAY)).
            ", {$this->format->small(abs($predicted->from->errorMm))} out: $moved; $by.";
    }

    private function silence(): string
    {
        return match ($this->forecast->silence) {
            Silence::Metal => 'Of metal: it does not follow the damp.',
            Silence::NoModel => 'How the damp moves it cannot be worked out.',
            Silence::WoodUnknown => 'Say which wood it is, and this is worked out.',
            Silence::NoLog => 'There is no log of your air yet.',
            Silence::NeverTested => 'It has never been tested.',
            Silence::Corrected => 'It was planed and not tested again.',
            Silence::Fell => 'It fell since its last test: no season tells what that did.',
            Silence::LogEnded => 'The log does not reach to today.',
            Silence::LogMissing => 'The log does not tell how moist it was at its last test.',
            null => '',
        };
    }

    /** @param  array{string, string}  $sides */
    private function side(PredictedError $predicted, array $sides): string
    {
        return abs($predicted->errorMm) < $predicted->deviationMm
            ? ', to which side cannot be told'
            : ', '.$sides[$predicted->errorMm > 0 ? 0 : 1];
    }
}
