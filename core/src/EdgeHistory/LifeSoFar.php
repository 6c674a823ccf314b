<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

use JackRest\Core\Timber\Hardness;

/**
 * What an edge's diary says of its life whatever day it is asked: summed when an entry is written, so that years of
 * them need not be read to say how it stands today.
 *
 * @phpstan-type Row array{clock: string, spans: list<array{float|int, string|null, string}>, at: float|int,
 *     since: string|null, firstUse: string|null, lately: list<array{string, float|int}>, from: string}
 */
final readonly class LifeSoFar
{
    /** What is used a day is taken from so many days back; from memory. */
    public const LATELY_DAYS = 90;

    /** Where little is known the rate is taken over a week at least. */
    private const LEAST_DAYS = 7.0;

    /**
     * @param  list<Span>  $spans  ended ones, oldest first
     * @param  float  $at  minutes of use since the last sharpening, weighed by wood
     * @param  string|null  $since  when it was sharpened last, ISO 8601; null: never
     * @param  string|null  $firstUse  ISO 8601
     * @param  list<array{string, float}>  $lately  day (ISO) and minutes weighed by wood of each use after {@see $from}
     * @param  string  $from  ISO date
     */
    private function __construct(
        public Clock $clock,
        public array $spans,
        public float $at,
        public ?string $since,
        public ?string $firstUse,
        public array $lately,
        public string $from,
    ) {
    }

    /**
     * @param  list<EdgeEntry>  $events  oldest first
     * @param  string  $today  ISO date; it can be asked of that day and later ones
     */
    public static function of(array $events, string $today): self
    {
        $used = array_values(
            array_filter(
                $events,
                static fn (EdgeEntry $event): bool => $event->kind === EdgeEntryKind::Used && $event->minutes !== null,
            ),
        );
        $clock = count($used) >= 2 ? Clock::Minutes : Clock::Days;
        [$spans, $at, $since] = self::spans($events, $clock);
        $from = self::before($today);

        return new self($clock, $spans, $at, $since, $used[0]->at ?? null, self::after($used, $from), $from);
    }

    /** @param  string  $today  ISO date */
    public function on(string $today): Life
    {
        $now = match (true) {
            $this->clock === Clock::Minutes => $this->at,
            $this->since === null => 0.0,
            default => Life::days($this->since, $today),
        };

        return new Life($this->clock, $this->spans, $now, $this->perDay($today));
    }

    /** @return Row */
    public function toRow(): array
    {
        return [
            'clock' => $this->clock->value,
            'spans' => array_map(
                static fn (Span $span): array => [$span->length, $span->stone, $span->endedAt],
                $this->spans,
            ),
            'at' => $this->at,
            'since' => $this->since,
            'firstUse' => $this->firstUse,
            'lately' => $this->lately,
            'from' => $this->from,
        ];
    }

    /** @param  Row  $row */
    public static function fromRow(array $row): self
    {
        return new self(
            Clock::from($row['clock']),
            array_map(static fn (array $span): Span => new Span((float) $span[0], $span[1], $span[2]), $row['spans']),
            (float) $row['at'],
            $row['since'],
            $row['firstUse'],
            array_map(static fn (array $use): array => [$use[0], (float) $use[1]], $row['lately']),
            $row['from'],
        );
    }

    /**
     * @param  list<EdgeEntry>  $events
     * @return array{list<Span>, float, string|null} spans ended, minutes since, and since when
     */
    private static function spans(array $events, Clock $clock): array
    {
        $spans = [];
        $at = 0.0;
        $since = null;
        foreach ($events as $event) {
            $at += $clock === Clock::Minutes ? self::wear($event) : 0.0;
            if (! $event->kind->renews()) {
                continue;
            }
            $at = $clock === Clock::Days && $since !== null ? Life::days($since, $event->at) : $at;
            if ($at > 0.0 && $since !== null) {
                $spans[] = new Span($at, $event->stone, $event->at);
            }
            [$at, $since] = [0.0, $event->at];
        }

        return [$spans, $at, $since];
    }

    /**
     * @param  list<EdgeEntry>  $used
     * @return list<array{string, float}>
     */
    private static function after(array $used, string $from): array
    {
        $after = [];
        foreach ($used as $event) {
            // Days as they are written compare as days do, and there are thousands of them.
            if (substr($event->at, 0, 10) > $from) {
                $after[] = [substr($event->at, 0, 10), self::wear($event)];
            }
        }

        return $after;
    }

    private static function before(string $today): string
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', substr($today, 0, 10)));

        return gmdate('Y-m-d', (int) gmmktime(0, 0, 0, $month, $day - self::LATELY_DAYS, $year));
    }

    /** Minutes as they blunt: harder wood counts more. */
    private static function wear(EdgeEntry $event): float
    {
        return $event->kind !== EdgeEntryKind::Used
            ? 0.0
            : (float) $event->minutes * ($event->wood ?? Hardness::Medium)->blunting();
    }

    /** Over the last 90 days, or since the first use where that is later; a week at least. */
    private function perDay(string $today): ?float
    {
        $before = self::before($today);
        $lately = array_filter($this->lately, static fn (array $use): bool => $use[0] > $before);
        if ($lately === [] || $this->firstUse === null) {
            return null;
        }
        $days = max(self::LEAST_DAYS, min((float) self::LATELY_DAYS, Life::days($this->firstUse, $today)));

        return array_sum(array_column($lately, 1)) / $days;
    }
}
