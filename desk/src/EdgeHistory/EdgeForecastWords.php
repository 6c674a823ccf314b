<?php

declare(strict_types=1);

namespace JackRest\Desk\EdgeHistory;

use JackRest\Core\Basis;
use JackRest\Core\EdgeHistory\Clock;
use JackRest\Core\EdgeHistory\EdgeForecast;
use JackRest\Core\EdgeHistory\Span;
use JackRest\Desk\Explanation;

/** When an edge will want honing again, in words. */
final readonly class EdgeForecastWords
{
    public function __construct(private EdgeForecast $forecast)
    {
    }

    public function sentence(): string
    {
        $spans = count($this->forecast->life->spans);
        $days = $this->forecast->days(0.5);
        if ($days === null) {
            return $spans === 0
                ? 'Note its use and its honings, and a forecast grows here.'
                : 'Sharp for about '.
                        self::minutes(
                            $this->forecast->blunt->quantileAfter(0.5, $this->forecast->life->now) -
                                $this->forecast->life->now,
                        ).
                        ' of use more ('.
                        self::minutes(
                            $this->forecast->blunt->quantileAfter(0.1, $this->forecast->life->now) -
                                $this->forecast->life->now,
                        ).
                        ' to '.
                        self::minutes(
                            $this->forecast->blunt->quantileAfter(0.9, $this->forecast->life->now) -
                                $this->forecast->life->now,
                        ).
                        ').';
        }
        $from =
            $spans === 0
                ? 'no record of its own yet'
                : ($spans === 1
                    ? 'from one honing of its own'
                    : "from $spans honings of its own");

        return 'Wants honing in about '.
            DaysInWords::about($days).
            ' ('.
            DaysInWords::about((float) $this->forecast->days(0.1)).
            ' to '.
            DaysInWords::about((float) $this->forecast->days(0.9)).
            '), '.
            $from.
            '.';
    }

    public function explained(): Explanation
    {
        $unit =
            $this->forecast->life->clock === Clock::Minutes ? 'minutes of use, hard wood counted more' : 'days';
        $spans = array_map(
            static fn (Span $span): string => (string) round($span->length),
            array_slice($this->forecast->life->spans, -6),
        );

        return new Explanation(
            'How is that forecast?',
            'The time between honings, counted in '.
                $unit.
                '. An edge with few honings leans on the others of the bench.',
            ($spans === [] ? 'no span of its own' : 'its last spans: '.implode(', ', $spans)).
                '; now at '.
                round($this->forecast->life->now).
                '; usual for it '.
                round($this->forecast->blunt->quantile(0.5)).
                ', eight in ten between '.
                round($this->forecast->blunt->quantile(0.1)).
                ' and '.
                round($this->forecast->blunt->quantile(0.9)),
            Basis::Model,
            'A hierarchical model of your own record; '
                .'how widely it spreads where there is little of it is from memory.',
        );
    }

    private static function minutes(float $minutes): string
    {
        return $minutes < 100 ? round($minutes).' min' : round($minutes / 60).' h';
    }
}
