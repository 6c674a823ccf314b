<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

/** When an edge will want honing again, as far as the record tells. */
final readonly class EdgeForecast
{
    /** How much a week's use may differ from the usual, as a logarithm; from memory. */
    private const USE_SPREAD = 0.4;

    public function __construct(public Life $life, public BluntForecast $blunt)
    {
    }

    /**
     * One forecast for each edge, learnt from all that count by the same clock.
     *
     * @param  array<int, Life>  $lives  by edge
     * @return array<int, self>
     */
    public static function all(array $lives): array
    {
        $forecasts = [];
        foreach (Clock::cases() as $clock) {
            $same = array_filter($lives, static fn (Life $life): bool => $life->clock === $clock);
            $model = BluntModel::from(array_values(array_map(self::lengths(...), $same)), $clock);
            foreach ($same as $edge => $life) {
                $forecasts[$edge] = new self($life, $model->predict(self::lengths($life)));
            }
        }

        return $forecasts;
    }

    /** Days from today within which it wants honing with this chance; null: nothing is known of how much it is used. */
    public function days(float $share): ?float
    {
        if ($this->life->clock === Clock::Days) {
            return $this->blunt->quantileAfter($share, $this->life->now) - $this->life->now;
        }
        if ($this->life->perDay === null || $this->life->perDay <= 0.0) {
            return null;
        }
        $wider = new BluntForecast($this->blunt->logMean, hypot($this->blunt->logSpread, self::USE_SPREAD));

        return ($wider->quantileAfter($share, $this->life->now) - $this->life->now) / $this->life->perDay;
    }

    /** Chance that it is blunt before so many minutes of work are done. */
    public function chanceDuring(float $minutes): float
    {
        if ($this->life->clock === Clock::Days) {
            return $this->blunt->chanceWithin(1.0, $this->life->now);
        }

        return $this->blunt->chanceWithin($minutes, $this->life->now);
    }

    /** @return list<float> */
    private static function lengths(Life $life): array
    {
        return array_map(static fn (Span $span): float => $span->length, $life->spans);
    }
}
