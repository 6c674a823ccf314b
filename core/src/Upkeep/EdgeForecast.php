<?php

declare(strict_types=1);

namespace JackRest\Core\Upkeep;

use JackRest\Core\Basis;
use JackRest\Core\Explained;

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

    public function sentence(): string
    {
        $spans = count($this->life->spans);
        $days = $this->days(0.5);
        if ($days === null) {
            return $spans === 0
                ? 'Note its use and its honings, and a forecast grows here.'
                : 'Sharp for about '.self::minutes($this->blunt->quantileAfter(0.5, $this->life->now) - $this->life->now).' of use more ('.self::minutes($this->blunt->quantileAfter(0.1, $this->life->now) - $this->life->now).' to '.self::minutes($this->blunt->quantileAfter(0.9, $this->life->now) - $this->life->now).').';
        }
        $from = $spans === 0 ? 'no record of its own yet' : ($spans === 1 ? 'from one honing of its own' : "from $spans honings of its own");

        return 'Wants honing in about '.self::inWords($days).' ('.self::inWords((float) $this->days(0.1)).' to '.self::inWords((float) $this->days(0.9)).'), '.$from.'.';
    }

    public function explained(): Explained
    {
        $unit = $this->life->clock === Clock::Minutes ? 'minutes of use, hard wood counted more' : 'days';
        $spans = array_map(static fn (Span $span): string => (string) round($span->length), array_slice($this->life->spans, -6));

        return new Explained(
            'How is that forecast?',
            'The time between honings, counted in '.$unit.'. An edge with few honings leans on the others of the bench.',
            ($spans === [] ? 'no span of its own' : 'its last spans: '.implode(', ', $spans)).'; now at '.round($this->life->now).'; usual for it '.round($this->blunt->quantile(0.5)).', eight in ten between '.round($this->blunt->quantile(0.1)).' and '.round($this->blunt->quantile(0.9)),
            Basis::Model,
            'A hierarchical model of your own record; how widely it spreads where there is little of it is from memory.',
        );
    }

    public static function inWords(float $days): string
    {
        return match (true) {
            $days < 1.5 => 'a day',
            $days < 11 => round($days).' days',
            $days < 60 => round($days / 7).' weeks',
            $days < 700 => round($days / 30.44).' months',
            default => round($days / 365.25).' years',
        };
    }

    private static function minutes(float $minutes): string
    {
        return $minutes < 100 ? round($minutes).' min' : round($minutes / 60).' h';
    }

    /** @return list<float> */
    private static function lengths(Life $life): array
    {
        return array_map(static fn (Span $span): float => $span->length, $life->spans);
    }
}
